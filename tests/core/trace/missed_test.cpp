// A switching sensor too far from its ring leaves out pulses here and there; a wire that lets go
// cuts them; a tooth that is not there comes round again. Common practice, no published source.
#include "core/trace/missed.h"

#include <cmath>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kMissedRate = 10'000;
constexpr int kMissedTeeth = 48;

// A wheel spun by hand that slows down; `heard` says of each tooth passed whether it gave a pulse,
// `held` whether the line is pulled to its lower level at a time.
template <class Heard, class Held>
capture::Record spun(const Heard& heard, const Held& held, double high = 1.4, double hz = 45) {
  capture::Record record;
  record.time.stepS = 1 / kMissedRate;
  capture::Channel channel;
  channel.name = "A";
  std::mt19937 random(3);
  std::normal_distribution<double> noise(0, 0.004);
  double tooth = 0.3;
  for (int i = 0; i < 5 * kMissedRate; ++i) {
    const double s = i / kMissedRate;
    tooth += hz * std::exp(-s / 6) / kMissedRate;
    const bool up = tooth - std::floor(tooth) < 0.5 && heard(static_cast<int>(tooth)) && !held(s);
    channel.samples.push_back(static_cast<float>((up ? high : high / 2) + noise(random)));
  }
  record.channels.push_back(std::move(channel));
  return record;
}

constexpr auto kNeverHeld = [](double) { return false; };

ChannelAnalysis asActive(const capture::Record& record) {
  Options options;
  options.sensor = circuit::SensorKind::active;
  options.teeth = kMissedTeeth;
  return analyse(record, 0, options);
}

bool tells(const ChannelAnalysis& a, Code code) {
  return std::any_of(a.findings.begin(), a.findings.end(), [&](const Finding& f) {
    return f.code == code && f.severity == Severity::fault;
  });
}

TEST(MissedPulses, HereAndThereAreTheGapsAndNoWires) {
  for (const double share : {0.2, 0.4, 0.6}) {
    std::mt19937 random(7);
    std::vector<bool> heard(400);
    for (std::size_t i = 0; i < heard.size(); ++i) {
      heard[i] = std::uniform_real_distribution<double>(0, 1)(random) > share;
    }
    const auto a = asActive(
        spun([&](int tooth) { return heard[static_cast<std::size_t>(tooth)]; }, kNeverHeld));
    EXPECT_TRUE(tells(a, Code::wideGap)) << share;
    EXPECT_FALSE(tells(a, Code::intermittentOpen) || tells(a, Code::intermittentShort)) << share;
    EXPECT_FALSE(tells(a, Code::missingTooth)) << share;
  }
}

// Less than two turns: the same tooth twice, a turn apart; once; or twice, but no turn apart.
TEST(MissedPulses, ThatHadNoTimeToComeAgainAreSuspected) {
  const auto suspected = [](int every, std::optional<int> told) {
    Options options;
    options.sensor = circuit::SensorKind::active;
    options.teeth = told;
    const auto a =
        analyse(spun([&](int tooth) { return tooth % every != 11; }, kNeverHeld), 0, options);
    for (const auto& f : a.findings) {
      if (f.code == Code::missingTooth) {
        EXPECT_EQ(f.severity, Severity::suspect);
        return f.text.find("twice,") != std::string::npos ? 2 : 1;
      }
    }
    return 0;
  };
  constexpr int kLongRing = 90, kLongerRing = 140;  // of 152 teeth that pass
  EXPECT_EQ(suspected(kLongRing, kLongRing), 2);
  EXPECT_EQ(suspected(kLongRing, std::nullopt), 2);
  EXPECT_EQ(suspected(kLongerRing, std::nullopt), 1);
  EXPECT_LT(suspected(kLongRing, 100), 2) << "no ring of 100 lacks both";
}

// Of 300 teeth, more than twice those of any ring, one pulse is left out: no tooth of a ring.
TEST(MissedPulses, OnceInALongRecordIsNotInLessThanTwoTurns) {
  constexpr double kFast = 90;
  Options options;
  options.sensor = circuit::SensorKind::active;
  const auto a =
      analyse(spun([](int tooth) { return tooth != 150; }, kNeverHeld, 1.4, kFast), 0, options);
  for (const auto& f : a.findings) {
    EXPECT_NE(f.code, Code::missingTooth) << f.text;
  }
}

TEST(MissedPulses, OncePerTurnTheyAreATooths) {
  const auto a = asActive(spun([](int tooth) { return tooth % kMissedTeeth != 11; }, kNeverHeld));
  EXPECT_TRUE(tells(a, Code::missingTooth));
  EXPECT_FALSE(tells(a, Code::wideGap));
}

TEST(MissedPulses, CutThroughTheyAreAWires) {
  const auto a = asActive(spun([](int) { return true; },
                               [](double s) {
                                 // A strand that lets go for some 40 ms, eight times, in step with
                                 // nothing.
                                 return std::fmod(s * 1.713, 1.0) < 0.07;
                               }));
  EXPECT_FALSE(tells(a, Code::wideGap));
  EXPECT_FALSE(a.dropouts.empty());
}

TEST(MissedPulses, OfASoundWheelNoneAre) {
  const auto a = asActive(spun([](int) { return true; }, kNeverHeld));
  EXPECT_EQ(a.missedPulses, 0U);
  EXPECT_FALSE(tells(a, Code::wideGap));
}

TEST(MissedPulses, OfAShortTrainNothingIsSaid) {
  std::vector<Pulse> pulses;
  for (int i = 0; i < 20; ++i) {
    const double at = 0.03 * (i + i / 2);
    pulses.push_back({at, at + 0.01, 0, i > 0});
  }
  EXPECT_FALSE(missedPulses(pulses, 1e-4));
}

// Two levels that lie within the noise: no edge of it is a wheel's, however it was asked for.
TEST(MissedPulses, LevelsWithinTheirNoiseAreNoSignal) {
  std::mt19937 random(11);
  std::normal_distribution<double> noise(8.74, 0.006);
  capture::Record record;
  record.time.stepS = 1e-4;
  capture::Channel channel;
  for (int i = 0; i < 40'000; ++i) {
    channel.samples.push_back(static_cast<float>(std::round(noise(random) / 0.002) * 0.002));
  }
  record.channels.push_back(std::move(channel));
  for (const auto kind : {circuit::SensorKind::active, circuit::SensorKind::hall}) {
    Options options;
    options.sensor = kind;
    const auto a = analyse(record, 0, options);
    ASSERT_FALSE(a.findings.empty());
    EXPECT_EQ(a.findings.front().code, Code::noSignal);
    EXPECT_FALSE(tells(a, Code::intermittentOpen) || tells(a, Code::intermittentShort));
  }
}

}  // namespace
}  // namespace haybale::trace
