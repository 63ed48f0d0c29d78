#include "core/trace/analysis.h"

#include <cmath>
#include <numbers>

#include "core/signal/synth.h"
#include "core/trace/levels.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kPi = std::numbers::pi;

// Signals written down here, not by the program's own signal code.
capture::Record recordOf(double rateHz, double seconds, double (*value)(double)) {
  capture::Record record;
  record.time.stepS = 1 / rateHz;
  record.channels.push_back({"X", units::Unit::volt, {}});
  for (std::size_t i = 0; i < static_cast<std::size_t>(rateHz * seconds); ++i) {
    record.channels[0].samples.push_back(
        static_cast<float>(value(static_cast<double>(i) / rateHz)));
  }
  return record;
}

TEST(Analysis, ASineIsMeasuredToItsFigures) {
  const auto record =
      recordOf(10000, 1, [](double t) { return 2.5 + 0.6 * std::sin(2 * kPi * 52 * t); });
  Options options;
  options.teeth = 48;
  options.circumferenceM = 1.927;
  const auto a = analyse(record, 0, options);
  EXPECT_EQ(a.signal, Signal::passive);
  EXPECT_EQ(a.pulseCount, 52U);
  EXPECT_NEAR(a.frequencyHz->median, 52, 0.01);
  EXPECT_NEAR(a.levels.peakToPeak, 1.2, 0.003);
  EXPECT_NEAR(a.levels.bias, 2.5, 0.003);
  EXPECT_NEAR(*a.duty, 0.5, 0.01);
  // 52 Hz / 48 teeth x 1.927 m x 3.6 = 7.515 km/h, worked by hand.
  EXPECT_NEAR(a.speedKmh->median, 7.515, 0.005);
  // 0.6 V / (2 pi 52 Hz) = 1.836 mWb, worked by hand.
  EXPECT_NEAR(*a.fluxSwingMwb, 1.836, 0.01);
  EXPECT_EQ(a.findings.front().code, Code::healthy);
}

// Peak to peak is maximum minus minimum: 0.163 + 0.161 = 0.324 V (common practice, no source).
TEST(Analysis, PeakToPeakOfALopsidedWave) {
  const auto record = recordOf(20000, 1, [](double t) {
    const double s = std::sin(2 * kPi * 30 * t);
    return s > 0 ? 0.163 * s : 0.161 * s;
  });
  EXPECT_NEAR(analyse(record, 0, {}).levels.peakToPeak, 0.324, 0.002);
}

TEST(Analysis, SquareWavesRestOnTheirTwoLevels) {
  const auto record =
      recordOf(20000, 0.5, [](double t) { return std::fmod(t * 100, 1.0) < 0.5 ? 1.05 : 0.525; });
  const auto a = analyse(record, 0, {});
  EXPECT_EQ(a.signal, Signal::active);
  EXPECT_NEAR(a.levels.low, 0.525, 0.002);
  EXPECT_NEAR(a.levels.high, 1.05, 0.002);
  EXPECT_NEAR(a.frequencyHz->median, 100, 0.1);
  Options shunt;
  shunt.senseOhm = 75;
  const auto current = analyse(record, 0, shunt);
  EXPECT_EQ(current.unit, units::Unit::ampere);
  EXPECT_NEAR(current.levels.low, 0.007, 0.0001);
  EXPECT_NEAR(current.levels.high, 0.014, 0.0001);
}

TEST(Analysis, AFiveVoltOpenCollectorIsHall) {
  const auto record =
      recordOf(20000, 0.5, [](double t) { return std::fmod(t * 80, 1.0) < 0.4 ? 5.0 : 0.2; });
  EXPECT_EQ(analyse(record, 0, {}).signal, Signal::hall);
}

TEST(Analysis, AFlatLineIsNoSignal) {
  const auto record =
      recordOf(5000, 1, [](double t) { return 4.98 + 0.001 * std::sin(2 * kPi * 50 * t); });
  const auto a = analyse(record, 0, {});
  EXPECT_EQ(a.signal, Signal::flat);
  EXPECT_EQ(a.pulseCount, 0U);
  EXPECT_EQ(a.findings.front().code, Code::noSignal);
  EXPECT_FALSE(a.fluxSwingMwb);
  EXPECT_FALSE(a.frequencyHz);
}

TEST(Analysis, LostSamplesBreakPulsesButAreCounted) {
  auto record = recordOf(10000, 1, [](double t) { return std::sin(2 * kPi * 40 * t); });
  for (std::size_t i = 3000; i < 3500; ++i) {
    record.channels[0].samples[i] = NAN;
  }
  const auto a = analyse(record, 0, {});
  EXPECT_EQ(a.gaps, 1U);
  EXPECT_EQ(a.samples, 10000U);
  EXPECT_NEAR(static_cast<double>(a.pulseCount), 38, 1);
  EXPECT_NEAR(a.frequencyHz->min, 40, 0.2) << "no period is measured across a gap";
}

// What nobody looked at speaks neither for nor against the wheel.
TEST(Analysis, LostSamplesAreNoDropout) {
  for (const double length : {0.02, 0.3, 0.9}) {
    for (const bool square : {false, true}) {
      auto record =
          square
              ? recordOf(10000, 3,
                         [](double t) { return std::fmod(t * 80, 1.0) < 0.5 ? 1.05 : 0.525; })
              : recordOf(10000, 3, [](double t) { return 2.5 + 0.6 * std::sin(2 * kPi * 80 * t); });
      const auto lost = static_cast<std::size_t>(10000 * length);
      std::fill_n(record.channels[0].samples.begin() + 12000, lost, NAN);
      const auto a = analyse(record, 0, {});
      EXPECT_EQ(a.gaps, 1U);
      EXPECT_TRUE(a.dropouts.empty()) << length << " square " << square;
      EXPECT_EQ(a.findings.front().code, Code::healthy) << length << " square " << square;
    }
  }
}

// Two pulses with lost samples between them, and no other: what a tooth takes is not known.
TEST(Analysis, LostSamplesBetweenTheOnlyTwoPulsesAreNoDropout) {
  auto record = recordOf(10000, 1, [](double t) {
    return (t > 0.2 && t < 0.21) || (t > 0.7 && t < 0.71) ? 1.05 : 0.525;
  });
  std::fill_n(record.channels[0].samples.begin() + 4000, 500, NAN);
  EXPECT_TRUE(analyse(record, 0, {}).dropouts.empty());
}

// A wheel that stands for hours between two spins must not be counted as millions of absent teeth.
TEST(Analysis, AStandOfHoursBetweenTwoSpinsIsNoRing) {
  capture::Record record;
  record.channels.push_back({"X", units::Unit::volt, {}});
  for (int spin = 0; spin < 2; ++spin) {
    for (int i = 0; i < 2000; ++i) {
      const double t = i * 1e-4;
      record.time.timesS.push_back(spin * 2e7 + t);
      record.channels[0].samples.push_back(static_cast<float>(std::sin(2 * kPi * 100 * t)));
    }
  }
  record.time.stepS = 1e4;
  const auto a = analyse(record, 0, {});
  EXPECT_NEAR(static_cast<double>(a.pulseCount), 39, 2);
  EXPECT_LT(a.teeth.back().number, 30'000);
}

// How many teeth went by unseen is a guess; it must not look like absent teeth of the ring.
TEST(Analysis, NoPeriodIsTakenAcrossLostSamples) {
  auto record = recordOf(10000, 2, [](double t) { return std::sin(2 * kPi * 50 * t); });
  std::fill_n(record.channels[0].samples.begin() + 9000, 800, NAN);
  const auto a = analyse(record, 0, {});
  int before = 0;
  for (std::size_t i = 0; i + 1 < a.teeth.size(); ++i) {
    before += a.teeth[i].periodS == 0 ? 1 : 0;
    EXPECT_LT(a.teeth[i].periodS, 0.03);
  }
  EXPECT_EQ(before, 1);
  EXPECT_NEAR(static_cast<double>(a.teeth.back().number), 99, 1);
}

TEST(Analysis, ADropoutBesideLostSamplesIsStillSeen) {
  auto record = recordOf(10000, 3, [](double t) {
    return t > 1 && t < 1.4 ? 2.5 : 2.5 + 0.6 * std::sin(2 * kPi * 80 * t);
  });
  std::fill_n(record.channels[0].samples.begin() + 14000, 2000, NAN);
  const auto a = analyse(record, 0, {});
  ASSERT_EQ(a.dropouts.size(), 1U);
  EXPECT_NEAR(a.dropouts[0].startS, 1.0, 0.02);
  EXPECT_NEAR(a.dropouts[0].endS, 1.4, 0.02);
}

// Behind a coupling capacitor that had settled the first pulse rises by the whole swing, and sags.
// Pulled there by a contact the line would come back by an edge.
TEST(Analysis, TheFirstPulseOfACoupledRecordIsNotPulledAnywhere) {
  const auto wave = [](double t) { return std::fmod(t * 30, 1.0) < 0.5 ? 0.27 : -0.51; };
  const auto first = [](double t, double level) { return t < 0.002 ? 0.0 : level; };
  auto sags = recordOf(2500, 3, wave);
  auto held = sags;
  for (std::size_t i = 0; i < 41; ++i) {
    const double t = static_cast<double>(i) / 2500;
    const double sagged = 0.27 + 0.5 * std::exp(-t / 0.012);
    sags.channels[0].samples[i] = static_cast<float>(first(t, sagged));
    held.channels[0].samples[i] = static_cast<float>(first(t, t < 0.009 ? 0.77 : 0.27));
  }
  Options active;
  active.sensor = circuit::SensorKind::active;
  EXPECT_EQ(analyse(sags, 0, active).findings.front().code, Code::healthy);
  EXPECT_EQ(analyse(held, 0, active).findings.front().code, Code::intermittentShort);
}

TEST(Analysis, AMissingToothIsToldFromALooseWire) {
  signal::PassiveWheel wheel;
  wheel.teeth = 30;
  wheel.missingTeeth = {13};
  capture::Record ring;
  ring.time.stepS = 1e-4;
  ring.channels.push_back(signal::passiveSignal(
      wheel, [](double) { return 12.0; }, 1e4, 3));
  const auto a = analyse(ring, 0, {});
  ASSERT_FALSE(a.findings.empty());
  EXPECT_EQ(a.findings.front().code, Code::missingTooth);
  EXPECT_NE(a.findings.front().text.find("of 30, in"), std::string::npos);

  const auto loose = recordOf(10000, 3, [](double t) {
    const bool open = (t > 0.71 && t < 0.76) || (t > 1.5 && t < 1.57) || (t > 2.2 && t < 2.33);
    return open ? 0.0 : std::sin(2 * kPi * 50 * t);
  });
  EXPECT_EQ(analyse(loose, 0, {}).findings.front().code, Code::intermittentOpen);
}

TEST(Analysis, ASpinThatSlowsDownIsHealthy) {
  signal::PassiveWheel wheel;
  wheel.noiseRmsV = 0.005;
  capture::Record spin;
  spin.time.stepS = 1.0 / 8000;
  spin.channels.push_back(signal::passiveSignal(wheel, signal::handSpin(9, 2), 8000, 4));
  EXPECT_EQ(analyse(spin, 0, {}).findings.front().code, Code::healthy);
}

TEST(Comparison, IsFairToAWheelSpunMoreSlowly) {
  const auto make = [](double flux, double kmh) {
    signal::PassiveWheel wheel;
    wheel.fluxSwingMwb = flux;
    capture::Record r;
    r.time.stepS = 1e-4;
    r.channels.push_back(signal::passiveSignal(wheel, signal::handSpin(kmh, 3), 1e4, 2));
    return analyse(r, 0, {});
  };
  auto fast = make(1.0, 12);
  auto slow = make(1.0, 5);
  EXPECT_GT(fast.levels.peakToPeak, 2 * slow.levels.peakToPeak);
  EXPECT_NEAR(compare(fast, slow)->ratio, 1.0, 0.02);
  auto weak = make(0.3, 12);
  const auto comparison = compare(weak, slow);
  EXPECT_NEAR(comparison->ratio, 0.3, 0.01);
  applyComparison(*comparison, weak, slow);
  EXPECT_EQ(weak.findings.front().code, Code::weakOutput);
  EXPECT_EQ(slow.findings.front().code, Code::healthy);
}

TEST(Distribution, QuantilesHoldAgainstASpike) {
  std::vector<float> v(10000);
  for (std::size_t i = 0; i < v.size(); ++i) {
    v[i] = static_cast<float>(i) / 10000.0F;
  }
  v[5000] = 1e6F;
  const Distribution d(v);
  EXPECT_NEAR(d.quantile(0.5), 0.5, 0.002);
  EXPECT_NEAR(d.quantile(0.9), 0.9, 0.002);
  EXPECT_FLOAT_EQ(static_cast<float>(d.max()), 1e6F);
  EXPECT_EQ(Distribution({}).count(), 0U);
}

}  // namespace
}  // namespace haybale::trace
