// A swell once a turn, by the Fourier sum: of a pure wave it explains all, of white noise of n
// values two parts in n (two free figures; any book on regression).
#include "core/trace/swell.h"

#include <cmath>
#include <numbers>
#include <random>

#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kRoundTrip = 2 * std::numbers::pi;

std::vector<double> wave(std::size_t count, double teeth, double half, double noise,
                         unsigned seed) {
  std::mt19937 random(seed);
  std::normal_distribution<double> normal(0, 1);
  std::vector<double> out(count);
  for (std::size_t i = 0; i < count; ++i) {
    out[i] = 1 + half * std::cos(kRoundTrip * static_cast<double>(i) / teeth + 0.7) +
             noise * normal(random);
  }
  return out;
}

TEST(Swell, OfAPureWaveIsThatWave) {
  for (const double teeth : {29.0, 43.5, 48.0}) {
    const auto whole = waveOver(wave(static_cast<std::size_t>(8 * teeth), teeth, 0.2, 0, 1), teeth);
    EXPECT_NEAR(whole.share, 1, 1e-6) << teeth;
    EXPECT_NEAR(whole.size, 0.2, 1e-6) << teeth;
    const auto part = waveOver(wave(400, teeth, 0.2, 0, 1), teeth);
    EXPECT_NEAR(part.share, 1, 0.03) << teeth;
    EXPECT_NEAR(part.size, 0.2, 0.03 * 0.2) << teeth;
  }
}

TEST(Swell, OfNoiseExplainsNextToNothing) {
  double sum = 0;
  for (unsigned seed = 1; seed <= 40; ++seed) {
    sum += waveOver(wave(400, 48, 0, 0.1, seed), 48).share;
  }
  EXPECT_NEAR(sum / 40, 2.0 / 400, 0.004);
}

TEST(Swell, WhatIsNotKnownIsLeftOut) {
  auto values = wave(300, 48, 0.2, 0, 1);
  for (std::size_t i = 0; i < values.size(); i += 3) {
    values[i] = std::nan("");
  }
  EXPECT_NEAR(waveOver(values, 48).size, 0.2, 0.03 * 0.2);
  EXPECT_EQ(waveOver(std::vector<double>(5, 1), 48).share, 0);
}

TEST(Swell, IsFoundWhereNobodyCountedTheTeeth) {
  for (const double teeth : {37.0, 43.6, 60.0}) {
    const auto found = clearestSwell(wave(420, teeth, 0.2, 0.03, 5), 20, 100);
    ASSERT_TRUE(found) << teeth;
    EXPECT_NEAR(found->teeth, teeth, 0.8);
    EXPECT_NEAR(found->turns, 420 / teeth, 0.3);
    EXPECT_NEAR(found->wave.size, 0.2, 0.02);
  }
}

TEST(Swell, OfNoiseAloneNoneStandsOut) {
  int found = 0;
  for (unsigned seed = 1; seed <= 20; ++seed) {
    const auto swell = clearestSwell(wave(420, 48, 0, 0.1, seed), 20, 100);
    found += swell && swell->wave.share > 0.3 ? 1 : 0;
  }
  EXPECT_EQ(found, 0);
  EXPECT_FALSE(clearestSwell(std::vector<double>(20, 1), 20, 100));
}

TEST(Swell, SmoothingTakesTheNoiseAndLeavesTheWave) {
  const auto noisy = wave(480, 48, 0.2, 0.05, 3);
  const auto clean = wave(480, 48, 0.2, 0, 3);
  const auto smooth = smoothed(noisy, 48);
  ASSERT_EQ(smooth.size(), noisy.size());
  double before = 0, after = 0;
  for (std::size_t i = 0; i < noisy.size(); ++i) {
    before += std::pow(noisy[i] - clean[i], 2);
    after += std::pow(smooth[i] - clean[i], 2);
  }
  EXPECT_LT(after, 0.7 * before);
  EXPECT_NEAR(waveOver(smooth, 48).size, 0.2, 0.02);
}

}  // namespace
}  // namespace haybale::trace
