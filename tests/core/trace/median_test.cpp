// The middle of many values, found without sorting them, is the one that sorting finds.
#include "core/trace/median.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <random>

#include "support/haybale_test.h"

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

TEST(Median, OfAStretchLeavesLostSamplesOut) {
  std::vector<float> ramp;
  for (int i = 0; i <= 10'000; ++i) {
    ramp.push_back(i % 3 == 0 ? std::nanf("") : static_cast<float>(i));
  }
  EXPECT_NEAR(medianOf(ramp, 500), 5000, 40);
  EXPECT_NEAR(medianOf(ramp, 100'000), 5000, 1);
  EXPECT_TRUE(std::isnan(medianOf(std::vector<float>(50, std::nanf("")), 10)));
  EXPECT_TRUE(std::isnan(medianOf({}, 10)));
}

TEST(Median, OfAHandfulSortsThem) {
  std::mt19937 random(5);
  for (std::size_t n = 1; n <= 12; ++n) {
    std::array<double, 12> few{};
    for (std::size_t i = 0; i < n; ++i) {
      few[i] = static_cast<double>(random() % 7);
    }
    const double want = bySorting({few.begin(), few.begin() + static_cast<std::ptrdiff_t>(n)});
    EXPECT_EQ(medianOfFew(few.data(), n), want);
    EXPECT_TRUE(std::is_sorted(few.begin(), few.begin() + static_cast<std::ptrdiff_t>(n)));
  }
}

}  // namespace
}  // namespace haybale::trace
