// The time column on its own: filled in, in order, even or not. Interpolation held against the
// straight line it stands for.
#include "core/capture/csv_time.h"

#include <cmath>
#include <random>

#include "support/haybale_test.h"

namespace haybale::capture::csv {
namespace {

constexpr double kLost = std::numeric_limits<double>::quiet_NaN();

std::size_t rowTen(std::size_t row) {
  return row + 10;
}

Result<SettledTimes> settled(std::vector<double> times) {
  return settleTimes(std::move(times), "t.csv", rowTen);
}

TEST(CsvTime, EvenStepsAreAStraightLine) {
  const auto out = settled({5, 5.5, 6, 6.5});
  ASSERT_HB_OK(out);
  EXPECT_TRUE(out->base.timesS.empty());
  EXPECT_DOUBLE_EQ(out->base.startS, 5);
  EXPECT_DOUBLE_EQ(out->base.stepS, 0.5);
  EXPECT_EQ(out->first, 0U);
  EXPECT_EQ(out->last, 3U);
  EXPECT_TRUE(out->remarks.empty());
}

TEST(CsvTime, LostTimesLieBetweenTheirNeighbours) {
  const auto out = settled({0, kLost, kLost, 3, 10, kLost, 14});
  ASSERT_HB_OK(out);
  const std::vector<double> expected = {0, 1, 2, 3, 10, 12, 14};
  EXPECT_EQ(out->base.timesS, expected);
  ASSERT_EQ(out->remarks.size(), 1U);
  EXPECT_NE(out->remarks[0].find("not uniform"), std::string::npos);
}

TEST(CsvTime, WhatLiesBeforeTheFirstAndBehindTheLastHasNoPlace) {
  const auto out = settled({kLost, kLost, 1, 2, 3, kLost});
  ASSERT_HB_OK(out);
  EXPECT_EQ(out->first, 2U);
  EXPECT_EQ(out->last, 4U);
  EXPECT_DOUBLE_EQ(out->base.startS, 1);
}

TEST(CsvTime, TimeThatDoesNotGoOnIsNamedWithItsLine) {
  const auto back = settled({0, 1, 0.5, 2});
  ASSERT_FALSE(back.ok());
  EXPECT_EQ(back.error().line, 12U);
  EXPECT_NE(back.error().sentence().find("runs backwards"), std::string::npos);
  const auto still = settled({0, 1, kLost, 1});
  ASSERT_FALSE(still.ok());
  EXPECT_EQ(still.error().line, 13U);
  EXPECT_NE(still.error().sentence().find("stands still"), std::string::npos);
}

TEST(CsvTime, TwoTimesAreTheLeast) {
  EXPECT_FALSE(settled({}).ok());
  EXPECT_FALSE(settled({kLost, 1, kLost}).ok());
  EXPECT_TRUE(settled({1, 2}).ok());
}

// A tenth of a step either way is a clock's jitter; the times recorded are kept beyond it.
TEST(CsvTime, JitterIsEvenAndAJumpIsNot) {
  std::mt19937 random(2);
  std::uniform_real_distribution<double> jitter(-0.04, 0.04);
  std::vector<double> times;
  for (int i = 0; i < 200; ++i) {
    times.push_back(i + jitter(random));
  }
  const auto even = settled(times);
  ASSERT_HB_OK(even);
  EXPECT_TRUE(even->base.timesS.empty());
  times[100] += 0.5;
  const auto odd = settled(times);
  ASSERT_HB_OK(odd);
  EXPECT_EQ(odd->base.timesS, times);
}

}  // namespace
}  // namespace haybale::capture::csv
