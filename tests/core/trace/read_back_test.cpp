// What the substitute signal carries the analysis finds again: every kind, every fault, with no
// noise at all, as a program writes it. That it must is the published contract of both commands.
#include <array>
#include <cmath>

#include "core/signal/substitute.h"
#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

using circuit::SensorKind;

constexpr std::array kWritten{SensorKind::passive, SensorKind::active, SensorKind::hall,
                              SensorKind::activePwm};

signal::Substitute wanted(SensorKind kind, double kmh, int teeth) {
  signal::Substitute out;
  out.kind = kind;
  out.kmh = [kmh](double) { return kmh; };
  out.topKmh = kmh;
  out.teeth = teeth;
  out.peakToPeakV = kind == SensorKind::hall ? 5 : 1.2;
  out.rateHz = kind == SensorKind::activePwm ? 1e6 : 20'000;
  out.durationS = 3;
  if (kind == SensorKind::active) {
    out.senseOhm = 100;
  }
  return out;
}

std::string shown(const ChannelAnalysis& a) {
  std::string out;
  for (const auto& f : a.findings) {
    out += std::string(nameOf(f.code)) + ": " + f.text + "\n";
  }
  return out;
}

// The first finding that is more than a note.
Code blamed(const ChannelAnalysis& a) {
  for (const auto& f : a.findings) {
    if (f.severity != Severity::note) {
      return f.code;
    }
  }
  return Code::healthy;
}

TEST(ReadBack, AStretchWithoutSignalIsFoundWhereItIs) {
  for (const auto kind : kWritten) {
    for (const int teeth : {48, 96}) {
      for (const auto level :
           {signal::DropLevel::flat, signal::DropLevel::rail, signal::DropLevel::ground}) {
        auto w = wanted(kind, 60, teeth);
        w.faults.emplace_back(signal::Drop{0.8, 0.05, level});
        const auto a = analyse(*signal::substitute(w), 0, {});
        SCOPED_TRACE(shown(a));
        EXPECT_TRUE(blamed(a) == Code::intermittentOpen || blamed(a) == Code::intermittentShort)
            << static_cast<int>(kind) << " " << teeth << " " << static_cast<int>(level);
        ASSERT_EQ(a.dropouts.size(), 1U);
        // Between two telegrams nobody sees that it began.
        const double pitch = (kind == SensorKind::activePwm ? 2 : 1) * 1.95 / (60 / 3.6) / teeth;
        EXPECT_NEAR(a.dropouts[0].startS, 0.8, pitch);
        EXPECT_NEAR(a.dropouts[0].endS, 0.85, pitch);
      }
    }
  }
}

TEST(ReadBack, AWiderGapIsTheRingsWhateverTheSensor) {
  for (const auto kind : kWritten) {
    for (const int teeth : {29, 48}) {
      for (const bool told : {false, true}) {
        auto w = wanted(kind, 20, teeth);
        w.faults.emplace_back(signal::WideGap{13, 30});
        Options options;
        options.teeth = told ? std::optional<double>(teeth) : std::nullopt;
        const auto a = analyse(*signal::substitute(w), 0, options);
        EXPECT_EQ(blamed(a), Code::crackedRing) << static_cast<int>(kind) << "\n" << shown(a);
      }
    }
  }
}

TEST(ReadBack, ALevelThatStepsIsSaidAndNoPulseIsLost) {
  for (const auto kind : kWritten) {
    auto w = wanted(kind, 20, 48);
    const double swing = kind == SensorKind::activePwm ? 0.007
                         : kind == SensorKind::active  ? 0.7
                                                       : w.peakToPeakV;
    w.faults.emplace_back(signal::LevelStep{1.3, 0.5 * swing});
    const auto a = analyse(*signal::substitute(w), 0, {});
    SCOPED_TRACE(shown(a));
    EXPECT_EQ(blamed(a), Code::biasShift) << static_cast<int>(kind);
    EXPECT_NEAR(static_cast<double>(a.pulseCount), 20 / 3.6 / 1.95 * 48 * 3, 2);
  }
}

TEST(ReadBack, ASoundOneHasNothing) {
  for (const auto kind : kWritten) {
    for (const double kmh : {8.0, 60.0}) {
      const auto a = analyse(*signal::substitute(wanted(kind, kmh, 48)), 0, {});
      EXPECT_TRUE(blamed(a) == Code::healthy || blamed(a) == Code::wideGap)  // 1.2 V at 60 km/h
          << shown(a);
      EXPECT_NEAR(a.frequencyHz->median, kmh / 3.6 / 1.95 * 48, 0.01 * kmh);
    }
  }
}

}  // namespace
}  // namespace haybale::trace
