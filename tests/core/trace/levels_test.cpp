// Medians, quantiles and noise that a few wild samples cannot move.
#include "core/trace/levels.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

namespace haybale::trace {
namespace {

double bySorting(std::vector<double> values) {
  std::sort(values.begin(), values.end());
  const std::size_t n = values.size();
  return n % 2 == 1 ? values[n / 2] : (values[n / 2 - 1] + values[n / 2]) / 2;
}

TEST(Median, OfNoneIsUnknownAndOfFewIsTheMiddle) {
  std::vector<double> none;
  EXPECT_TRUE(std::isnan(median(none)));
  std::vector<double> one{4};
  EXPECT_EQ(median(one), 4);
  std::vector<double> even{9, 1, 3, 2};
  EXPECT_EQ(median(even), 2.5);
}

// Beyond some ten thousand the middle is narrowed down first: nothing may depend on that.
class MedianOfMany : public testing::TestWithParam<std::size_t> {};

TEST_P(MedianOfMany, IsThatOfTheSortedValues) {
  std::mt19937 random(3);
  std::vector<double> values(GetParam());
  std::normal_distribution<double> normal(0.004, 0.0003);
  std::generate(values.begin(), values.end(), [&] { return normal(random); });
  const double want = bySorting(values);
  EXPECT_EQ(median(values), want);
}

TEST_P(MedianOfMany, OfAWaveThatRepeats) {
  std::vector<double> values(GetParam());
  for (std::size_t i = 0; i < values.size(); ++i) {
    values[i] = std::sin(2 * std::numbers::pi * static_cast<double>(i % 48) / 48);
  }
  const double want = bySorting(values);
  EXPECT_EQ(median(values), want);
}

TEST_P(MedianOfMany, OfTwoValuesOnly) {
  std::vector<double> values(GetParam());
  for (std::size_t i = 0; i < values.size(); ++i) {
    values[i] = i % 2 == 0 ? 1 : 2;
  }
  const double want = bySorting(values);
  EXPECT_EQ(median(values), want);
}

TEST_P(MedianOfMany, OfValuesThatAreAllTheSame) {
  std::vector<double> values(GetParam(), 7);
  EXPECT_EQ(median(values), 7);
}

TEST_P(MedianOfMany, WithHalfOfThemFarAway) {
  std::vector<double> values(GetParam());
  for (std::size_t i = 0; i < values.size(); ++i) {
    values[i] = static_cast<double>(i) + (i < values.size() / 2 ? 0 : 1e9);
  }
  const double want = bySorting(values);
  EXPECT_EQ(median(values), want);
}

INSTANTIATE_TEST_SUITE_P(Sizes, MedianOfMany,
                         testing::Values(19999, 20000, 20001, 20002, 65536, 250001));

TEST(Quantiles, OfARampAreItsShares) {
  std::vector<float> ramp(100001);
  for (std::size_t i = 0; i < ramp.size(); ++i) {
    ramp[i] = static_cast<float>(i) / 10000;
  }
  const Distribution d(ramp);
  for (const double p : {0.01, 0.25, 0.5, 0.75, 0.99}) {
    EXPECT_NEAR(d.quantile(p), 10 * p, 10.0 / 4096);
  }
  EXPECT_NEAR(d.share(2, 5), 0.3, 0.001);
}

// sqrt(20) of white noise is left in the third difference: 1, 9, 9 and 1 times its variance.
TEST(Noise, IsThatOfTheSamplesOnASmoothSignal) {
  std::mt19937 random(5);
  std::normal_distribution<double> normal(0, 0.01);
  std::vector<float> v(40000);
  for (std::size_t i = 0; i < v.size(); ++i) {
    const double t = static_cast<double>(i) / 20000;
    v[i] = static_cast<float>(std::sin(2 * std::numbers::pi * 40 * t) + normal(random));
  }
  EXPECT_NEAR(noiseRms(v), 0.01, 0.0005);
}

}  // namespace
}  // namespace haybale::trace
