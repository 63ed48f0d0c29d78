// A square wave behind a coupling capacitor, and what only looks like one.
#include "core/trace/coupling.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

using Samples = std::vector<float>;

constexpr std::size_t kHalf = 50;  // samples of half a cycle

// `heights` one after the other, each for half a cycle, eighty of them.
Samples steps(const std::vector<float>& heights) {
  Samples out;
  for (std::size_t i = 0; i < 80; ++i) {
    out.insert(out.end(), kHalf, heights[i % heights.size()]);
  }
  return out;
}

// First order high pass of `x`, step by step as for any RC (y' = x' - w y): it loses the share
// 1 - exp(-lost) of a step within half a cycle.
Samples behindACapacitor(const Samples& x, double lost) {
  const double keep = std::exp(-lost / kHalf);
  Samples y(x.size());
  double at = 0;
  for (std::size_t i = 1; i < x.size(); ++i) {
    at = keep * (at + x[i] - x[i - 1]);
    y[i] = static_cast<float>(at);
  }
  return {y.begin() + 10 * kHalf, y.end()};  // once it swings about nothing
}

std::optional<Samples> before(const Samples& seen) {
  return beforeTheCapacitor(seen, Distribution(seen), 1e-3);
}

TEST(Coupling, ASquareWaveIsAsItWasBeforeTheCapacitor) {
  const auto wave = steps({1, -1});
  for (const double lost : {0.1, 0.3, 0.8, 1.4}) {
    const auto back = before(behindACapacitor(wave, lost));
    ASSERT_TRUE(back) << lost;
    std::size_t near = 0;
    for (const float v : *back) {
      near += std::abs(std::abs(v) - 1) < 0.15F ? 1 : 0;
    }
    EXPECT_GT(static_cast<double>(near), 0.95 * static_cast<double>(back->size())) << lost;
  }
}

// Of a telegram the line is high for a small part of the time: where little was lost it is restored
// as any other.
TEST(Coupling, NarrowPulsesAreRestoredWhereLittleWasLost) {
  Samples pulses;
  for (std::size_t i = 0; i < 80 * kHalf; ++i) {
    pulses.push_back(i % (2 * kHalf) < 15 ? 1.0F : 0.0F);
  }
  const auto back = before(behindACapacitor(pulses, 0.2));
  ASSERT_TRUE(back);
  const auto [low, high] = std::minmax_element(back->begin(), back->end());
  EXPECT_NEAR(*high - *low, 1, 0.1);
}

TEST(Coupling, OneThatEmptiesWithinHalfOfHalfACycleLeavesNothingToGoBy) {
  EXPECT_FALSE(before(behindACapacitor(steps({1, -1}), 4)));
}

TEST(Coupling, WavesThatDoNotSagAreLeftAsTheyAre) {
  EXPECT_FALSE(before(steps({1, -1}))) << "nothing lost";
  EXPECT_FALSE(before(steps({1.4F, 0.6F}))) << "not about nothing: no capacitor";
  Samples sine;
  for (int i = 0; i < 4000; ++i) {
    sine.push_back(static_cast<float>(std::sin(2 * std::numbers::pi * i / (2.0 * kHalf))));
  }
  EXPECT_FALSE(before(sine));
}

}  // namespace
}  // namespace haybale::trace
