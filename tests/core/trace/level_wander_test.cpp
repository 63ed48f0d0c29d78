// A level that wanders, and one that a capacitor took away. A first-order high pass of time
// constant RC lets a step decay as exp(-t / RC) (any book on circuits); a drift that is added is
// the drift that has to be found.
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/baseline.h"
#include "core/trace/coupling.h"
#include "core/trace/levels.h"
#include "core/trace/noise.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

using capture::Bounds;

constexpr double kWhole = 2 * std::numbers::pi;

class Wander : public testing::Test {
 protected:
  static constexpr std::size_t kCount = 40000;
  template <class Level>
  static std::vector<float> wave(const Level& level) {
    std::mt19937 random(6);
    std::normal_distribution<double> noise(0, 0.004);
    std::vector<float> out(kCount);
    for (std::size_t i = 0; i < kCount; ++i) {
      const double s = static_cast<double>(i) * 1e-4;
      out[i] = static_cast<float>(level(i) + 0.5 * std::sin(kWhole * 50 * s) + noise(random));
    }
    return out;
  }
};

TEST_F(Wander, OfALevelThatStaysIsNearlyNone) {
  const auto b = baselineOf(Bounds(wave([](std::size_t) { return 2.5; })), 0.3);
  ASSERT_TRUE(b);
  EXPECT_NEAR(b->middle, 2.5, 0.01);
  EXPECT_LT(b->wander, 0.03);
  EXPECT_NEAR(b->swing, 1.0, 0.05);
  EXPECT_NEAR(b->period, 200, 4);
  EXPECT_TRUE(b->steps.empty());
}

TEST_F(Wander, OfASlowDriftIsThatDrift) {
  const auto drift = [](std::size_t i) {
    return 2.5 + 0.8 * static_cast<double>(i) / static_cast<double>(kCount);
  };
  const auto samples = wave(drift);
  const auto b = baselineOf(Bounds(samples), 0.3);
  ASSERT_TRUE(b);
  EXPECT_NEAR(b->wander, 0.8, 0.05);
  EXPECT_TRUE(b->steps.empty());
  const auto flat = levelled(samples, *b);
  ASSERT_EQ(flat.size(), samples.size());
  for (std::size_t i = 400; i + 400 < kCount; i += 97) {
    const double s = static_cast<double>(i) * 1e-4;
    EXPECT_NEAR(flat[i], b->middle + 0.5 * std::sin(kWhole * 50 * s), 0.05) << i;
  }
}

TEST_F(Wander, AStepIsFoundWhereItIs) {
  for (const double height : {-0.9, 0.6}) {
    const auto b = baselineOf(
        Bounds(wave([&](std::size_t i) { return i < 17000 ? 2.0 : 2.0 + height; })), 0.3);
    ASSERT_TRUE(b);
    ASSERT_EQ(b->steps.size(), 1U);
    EXPECT_NEAR(static_cast<double>(b->steps[0].at), 17000, 400);
    EXPECT_NEAR(b->steps[0].to - b->steps[0].from, height, 0.1);
  }
}

TEST_F(Wander, OfTooFewCyclesIsNotKnown) {
  const auto samples = wave([](std::size_t) { return 2.5; });
  EXPECT_FALSE(baselineOf(Bounds(std::span(samples).first(500)), 0.3));
  EXPECT_FALSE(baselineOf(Bounds(std::vector<float>(5000, 1.0F)), 0.3));
}

class CapacitorTaken : public testing::Test {
 protected:
  static constexpr double kStep = 1e-5;
  // A square wave of 0.7 and 1.4 that is high for `duty` of 20 ms, behind RC seconds (0: none).
  static std::vector<float> square(double duty, double rc) {
    std::vector<float> out(60000);
    double low = 0.98;  // what the capacitor holds
    for (std::size_t i = 0; i < out.size(); ++i) {
      const double x = std::fmod(static_cast<double>(i) * kStep / 0.02, 1) < duty ? 1.4 : 0.7;
      if (rc > 0) {
        low += (x - low) * (1 - std::exp(-kStep / rc));
        out[i] = static_cast<float>(x - low);
      } else {
        out[i] = static_cast<float>(x);
      }
    }
    return out;
  }
  static std::optional<std::vector<float>> before(const std::vector<float>& samples) {
    return beforeTheCapacitor(samples, Distribution(samples), noiseRms(samples));
  }
};

TEST_F(CapacitorTaken, WhatItTookIsGivenBack) {
  for (const double duty : {0.3, 0.5, 0.7}) {
    for (const double rc : {0.02, 0.05}) {
      const auto whole = before(square(duty, rc));
      ASSERT_TRUE(whole) << duty << " " << rc;
      const Distribution d(*whole);
      const double low = d.quantile(0.1), high = d.quantile(0.9);
      EXPECT_NEAR(high - low, 0.7, 0.03 * 0.7);
      EXPECT_GT(d.share(low - 0.05, low + 0.05) + d.share(high - 0.05, high + 0.05), 0.95);
    }
  }
}

TEST_F(CapacitorTaken, WhereThereWasNoneNothingIsGivenBack) {
  EXPECT_FALSE(before(square(0.5, 0)));
  std::vector<float> sine(60000);
  for (std::size_t i = 0; i < sine.size(); ++i) {
    sine[i] = static_cast<float>(std::sin(kWhole * 50 * static_cast<double>(i) * kStep));
  }
  EXPECT_FALSE(before(sine));
  EXPECT_FALSE(before(std::vector<float>(5000, 0.7F)));
}

}  // namespace
}  // namespace haybale::trace
