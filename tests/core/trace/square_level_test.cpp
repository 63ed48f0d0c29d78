// Two levels that step together, and what is none: a wheel that stands, bursts, a wave. The levels
// are those of the VDA interface for active wheel speed sensors, 7 and 14 mA through 100 ohm (from
// memory).
#include "core/trace/square_level.h"

#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kSquareRate = 10'000;

// A switching sensor's line while the wheel turns as `hz` says; `lift` is added to both levels.
template <class Hz, class Lift>
capture::Record square(const Hz& hz, const Lift& lift, double noise = 0.005, double seconds = 4) {
  std::vector<float> volts;
  std::mt19937 random(5);
  std::normal_distribution<double> rustle(0, noise);
  double passed = 0.4;
  for (int i = 0; i < seconds * kSquareRate; ++i) {
    const double s = i / kSquareRate;
    passed += hz(s) / kSquareRate;
    const double level = passed - std::floor(passed) < 0.5 ? 1.4 : 0.7;
    volts.push_back(static_cast<float>(level + lift(s) + rustle(random)));
  }
  return recordFrom(std::move(volts), kSquareRate);
}

constexpr auto kEven = [](double) { return 90.0; };
constexpr auto kDiesOut = [](double s) { return std::max(0.0, 120 * (1 - s / 3)); };

std::size_t stepsIn(const capture::Record& record) {
  const auto& samples = record.channels[0].samples;
  const auto found = levelOfSquare(samples, record.time, Distribution(samples));
  return found ? found->steps.size() : 0;
}

TEST(SquareLevel, AStepOfBothLevelsIsTakenOutWhereItIs) {
  for (const double step : {0.5, -0.4, 0.2, 0.9}) {
    for (const double at : {0.9, 2.0, 2.6}) {
      const auto lift = [&](double s) { return s > at ? step : 0.0; };
      for (const auto& record : {square(kEven, lift), square(kDiesOut, lift)}) {
        const auto& samples = record.channels[0].samples;
        const auto found = levelOfSquare(samples, record.time, Distribution(samples));
        ASSERT_TRUE(found) << step << " at " << at;
        ASSERT_EQ(found->steps.size(), 1U) << step << " at " << at;
        EXPECT_NEAR(found->steps[0].to - found->steps[0].from, step, 0.02);
        EXPECT_NEAR(static_cast<double>(found->steps[0].at) / kSquareRate, at, 0.02);
      }
    }
  }
}

TEST(SquareLevel, TheWheelIsReadOnAndTheBiasIsSaid) {
  for (const auto asked : {circuit::SensorKind::unknown, circuit::SensorKind::active}) {
    Options options;
    options.sensor = asked;
    const auto a = analyse(square(kEven, [](double s) { return s > 1.5 ? 0.5 : 0.0; }), 0, options);
    EXPECT_EQ(a.signal, Signal::active);
    EXPECT_NEAR(static_cast<double>(a.pulseCount), 360, 2);
    EXPECT_NEAR(a.levels.low, 1.2, 0.01) << "what it was for longest";
    EXPECT_NEAR(a.levels.high, 1.9, 0.01);
    EXPECT_TRUE(a.dropouts.empty());
    ASSERT_FALSE(a.findings.empty());
    EXPECT_EQ(a.findings[0].code, Code::biasShift);
    EXPECT_NEAR(a.levelStepS, 1.5, 0.02);
  }
}

TEST(SquareLevel, ItMayGoBackAgain) {
  EXPECT_EQ(stepsIn(square(kEven, [](double s) { return s > 1.2 && s < 2.6 ? 0.5 : 0.0; })), 2U);
}

TEST(SquareLevel, ADriftIsTakenOutAndIsNoStep) {
  const auto drift = [](double s) { return 0.1 * s; };
  for (const auto& record : {square(kEven, drift), square(kDiesOut, drift)}) {
    const auto a = analyse(record, 0, {});
    EXPECT_EQ(a.signal, Signal::active);
    EXPECT_EQ(a.levelSteps, 0U);
    EXPECT_NEAR(a.levels.high - a.levels.low, 0.7, 0.01);
    EXPECT_EQ(a.findings[0].code, Code::healthy) << a.findings[0].text;
  }
}

// A wheel spun again and again stands now on one level and now on the other.
TEST(SquareLevel, AWheelThatStandsIsNoStep) {
  const auto never = [](double) { return 0.0; };
  EXPECT_EQ(stepsIn(square(kEven, never)), 0U);
  EXPECT_EQ(stepsIn(square(kDiesOut, never)), 0U);
  const auto pushed = [](double s) { return std::fmod(s, 2.0) < 0.3 ? 61.3 : 0.0; };
  for (const double noise : {0.002, 0.03}) {
    EXPECT_EQ(stepsIn(square(pushed, never, noise)), 0U) << noise;
  }
}

TEST(SquareLevel, BurstsAndWavesAreNone) {
  EXPECT_EQ(stepsIn(square(kEven, [](double s) { return std::fmod(s, 1.0) < 0.04 ? 6.0 : 0.0; })),
            0U);
  auto record = square(kEven, [](double) { return 0.0; });
  auto& samples = record.channels[0].samples;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    const double s = static_cast<double>(i) / kSquareRate;
    samples[i] = static_cast<float>(std::sin(2 * std::numbers::pi * 60 * s) + (s > 2 ? 0.8 : 0));
  }
  EXPECT_EQ(stepsIn(record), 0U) << "a coil's level is taken out elsewhere";
}

}  // namespace
}  // namespace haybale::trace
