// Edges and swings of waves whose every edge is known. What lies between two samples is found on
// the straight line between them: a rise of a sine lies where its phase is a whole number.
#include "core/trace/pulses.h"

#include <cmath>
#include <limits>
#include <numbers>
#include <random>

#include "core/trace/heights.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kTwoPi = 2 * std::numbers::pi;

capture::TimeBase every(double stepS) {
  capture::TimeBase t;
  t.stepS = stepS;
  return t;
}

template <class F>
std::vector<float> sampled(std::size_t n, double stepS, const F& f) {
  std::vector<float> out(n);
  for (std::size_t i = 0; i < n; ++i) {
    out[i] = static_cast<float>(f(static_cast<double>(i) * stepS));
  }
  return out;
}

TEST(SquareEdges, OfASquareWaveAreWhereTheyAre) {
  const auto square = [](double s) { return std::fmod(s * 100 + 0.75, 1) < 0.3 ? 1.4 : 0.7; };
  const auto samples = sampled(20000, 1e-5, square);
  const auto train = readEdges(samples, every(1e-5), {1.05, 0.1}, Heights::left);
  ASSERT_EQ(train.pulses.size(), 20U);
  for (std::size_t i = 0; i < train.pulses.size(); ++i) {
    EXPECT_NEAR(train.pulses[i].riseS, 0.0025 + 0.01 * static_cast<double>(i), 1e-5);
    EXPECT_NEAR(train.pulses[i].fallS - train.pulses[i].riseS, 0.003, 2e-5);
  }
  ASSERT_EQ(train.cycles.size(), 19U);
  for (const auto& c : train.cycles) {
    EXPECT_NEAR(c.periodS, 0.01, 2e-5);
    EXPECT_NEAR(c.duty, 0.3, 0.003);
  }
}

// A record is read in stretches on all cores: where one ends may not be seen.
TEST(SquareEdges, OfALongRecordAreThoseOfItsParts) {
  std::mt19937 random(9);
  std::vector<float> samples(900000);
  bool high = false;
  std::size_t rises = 0;
  for (std::size_t i = 0; i < samples.size();) {
    const std::size_t run = 20 + random() % 400;
    for (std::size_t k = 0; k < run && i < samples.size(); ++k, ++i) {
      samples[i] = high ? 1.4F : 0.7F;
    }
    high = !high;
    rises += high && i < samples.size() ? 1 : 0;
  }
  const auto train = readEdges(samples, every(1e-5), {1.05, 0.1}, Heights::left);
  EXPECT_EQ(train.pulses.size(), rises);
  for (std::size_t i = 1; i < train.pulses.size(); ++i) {
    ASSERT_LT(train.pulses[i - 1].riseS, train.pulses[i].riseS);
    ASSERT_TRUE(train.pulses[i].follows);
  }
}

TEST(SquareEdges, NoiseWithinTheDeadBandIsNone) {
  std::mt19937 random(1);
  std::normal_distribution<double> noise(0, 0.02);
  const auto samples = sampled(20000, 1e-5, [&](double s) {
    return 1.05 + 0.35 * std::sin(kTwoPi * 50 * s) + noise(random);
  });
  const auto train = readEdges(samples, every(1e-5), {1.05, 0.12}, Heights::left);
  EXPECT_EQ(train.pulses.size(), 10U);
}

// What was lost between two pulses leaves no cycle from one to the other.
TEST(SquareEdges, NothingIsMeasuredAcrossLostSamples) {
  auto samples =
      sampled(10000, 1e-5, [](double s) { return std::fmod(s * 200, 1) < 0.5 ? 0.7 : 1.4; });
  for (std::size_t i = 5000; i < 5100; ++i) {
    samples[i] = std::numeric_limits<float>::quiet_NaN();
  }
  const auto train = readEdges(samples, every(1e-5), {1.05, 0.1}, Heights::left);
  std::size_t broken = 0;
  for (std::size_t i = 1; i < train.pulses.size(); ++i) {
    broken += train.pulses[i].follows ? 0 : 1;
  }
  EXPECT_EQ(broken, 1U);
  for (const auto& c : train.cycles) {
    EXPECT_NEAR(c.periodS, 0.005, 2e-5);
  }
}

// Rise k of sin(2 pi 40 s + 0.3) lies at (k - 0.3 / 2 pi) / 40.
TEST(Swings, OfASineRiseWhereItsPhaseIsWhole) {
  const auto samples =
      sampled(50000, 1e-4, [](double s) { return 0.2 + 1.5 * std::sin(kTwoPi * 40 * s + 0.3); });
  const auto train = readSwings(samples, every(1e-4), 0.2, 0.02);
  ASSERT_NEAR(static_cast<double>(train.pulses.size()), 200, 2);
  for (const auto& p : train.pulses) {
    const double phase = p.riseS * 40 + 0.3 / kTwoPi;
    EXPECT_NEAR(phase, std::round(phase), 1e-3);
  }
  for (const auto& c : train.cycles) {
    EXPECT_NEAR(c.high, 1.7, 0.003);
    EXPECT_NEAR(c.low, -1.3, 0.003);
    EXPECT_NEAR(c.mean, 0.2, 0.01);
    EXPECT_NEAR(c.duty, 0.5, 0.005);
  }
}

// A coil that is spun up: height and frequency grow together, and no tooth is missed on the way.
TEST(Swings, AreFoundWhileTheyGrowTwentyfold) {
  const auto phase = [](double s) { return 5 * s + 25 * s * s; };  // 5 to 105 Hz in 2 s
  const auto samples = sampled(
      40000, 5e-5, [&](double s) { return 0.02 * (5 + 50 * s) * std::sin(kTwoPi * phase(s)); });
  const auto train = readSwings(samples, every(5e-5), 0, 0.02);
  EXPECT_NEAR(static_cast<double>(train.pulses.size()), phase(2.0), 2);
  for (std::size_t i = 1; i < train.pulses.size(); ++i) {
    EXPECT_NEAR(phase(train.pulses[i].riseS) - phase(train.pulses[i - 1].riseS), 1, 0.01);
  }
}

TEST(Swings, AStretchWithoutSignalHasNone) {
  const auto samples = sampled(
      40000, 1e-4, [](double s) { return s > 1 && s < 2 ? 0.0 : 0.5 * std::sin(kTwoPi * 60 * s); });
  const auto train = readSwings(samples, every(1e-4), 0, 0.02);
  for (const auto& p : train.pulses) {
    EXPECT_FALSE(p.riseS > 1.02 && p.riseS < 1.98) << p.riseS;
  }
  EXPECT_NEAR(static_cast<double>(train.pulses.size()), 180, 3);
}

}  // namespace
}  // namespace haybale::trace
