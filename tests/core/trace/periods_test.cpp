// Where a spectrum peaks, against the waves that were put in.
#include "core/trace/periods.h"

#include <cmath>
#include <numbers>
#include <random>

#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

std::vector<double> wave(std::size_t size, double period, double noise, unsigned seed) {
  std::mt19937 random(seed);
  std::normal_distribution<double> scatter(0, noise);
  std::vector<double> out(size);
  for (std::size_t i = 0; i < size; ++i) {
    out[i] = 3 + std::cos(2 * std::numbers::pi * static_cast<double>(i) / period) + scatter(random);
  }
  return out;
}

// The frequency of a lone wave stands within a fraction of 1 / size of the peak of its spectrum
// (common practice of signal processing; Rife and Boorstyn 1974, from memory).
TEST(LikelyPeriods, TheStrongestIsTheWaveThatWasPutIn) {
  for (const double period : {8.3, 24.0, 43.7, 100.0, 239.0}) {
    for (const std::size_t size : {720U, 6000U, 30001U}) {
      const auto found = likelyPeriods(wave(size, period, 0.5, 7), 8, 240, 3);
      ASSERT_FALSE(found.empty());
      EXPECT_NEAR(1 / found[0], 1 / period, 0.25 / static_cast<double>(size))
          << period << " in " << size;
    }
  }
}

TEST(LikelyPeriods, UnknownValuesCountAsTheMeanAndTheStrongerComesFirst) {
  auto values = wave(4800, 48, 0.1, 3);
  const auto weaker = wave(4800, 20, 0, 3);
  for (std::size_t i = 0; i < values.size(); ++i) {
    values[i] += 0.4 * weaker[i];
    if (i % 7 == 0) {
      values[i] = std::nan("");
    }
  }
  const auto found = likelyPeriods(values, 8, 240, 2);
  ASSERT_EQ(found.size(), 2U);
  EXPECT_NEAR(found[0], 48, 0.2);
  EXPECT_NEAR(found[1], 20, 0.1);
}

TEST(LikelyPeriods, NothingIsFoundInNothing) {
  EXPECT_TRUE(likelyPeriods({}, 8, 240, 3).empty());
  EXPECT_TRUE(likelyPeriods(std::vector<double>(500, 2.5), 8, 240, 3).empty());
  EXPECT_TRUE(likelyPeriods(std::vector<double>(500, std::nan("")), 8, 240, 3).empty());
}

}  // namespace
}  // namespace haybale::trace
