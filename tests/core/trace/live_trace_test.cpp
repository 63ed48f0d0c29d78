// A trace read while it is still recorded, against the same read at once.
#include "core/trace/live_trace.h"

#include <cmath>
#include <numbers>

#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kLiveRate = 10000;

// 80 teeth a second on a bias of 2.5 V; silent from `silentS` on for `forS`.
struct Wave {
  double silentS = 1e9;
  double forS = 0;

  [[nodiscard]] std::vector<float> between(double fromS, double toS) const {
    std::vector<float> out;
    for (auto i = std::lround(fromS * kLiveRate); i < std::lround(toS * kLiveRate); ++i) {
      const double t = static_cast<double>(i) / kLiveRate;
      const bool silent = t >= silentS && t < silentS + forS;
      out.push_back(
          static_cast<float>(2.5 + (silent ? 0 : 0.6 * std::sin(2 * std::numbers::pi * 80 * t))));
    }
    return out;
  }
};

Options fortyEight() {
  Options options;
  options.teeth = 48;
  options.circumferenceM = 1.92;
  return options;
}

LiveTrace live() {
  return {1 / kLiveRate, units::Unit::volt, fortyEight()};
}

// Blocks that follow each other, from the start on.
void feed(LiveTrace& trace, const Wave& wave, int blocks, double lengthS) {
  for (int k = 0; k < blocks; ++k) {
    trace.take(wave.between(lengthS * k, lengthS * (k + 1)), lengthS * k);
  }
}

TEST(LiveTrace, SaysNothingBeforeTheFirstBlock) {
  const auto trace = live();
  EXPECT_FALSE(trace.analysis());
  EXPECT_EQ(trace.tally().pulses, 0U);
  EXPECT_EQ(trace.hzNow(), 0);
}

TEST(LiveTrace, OfBlocksThatFollowEachOtherIsThatOfTheWhole) {
  auto trace = live();
  feed(trace, {}, 12, 0.5);
  capture::Record whole;
  whole.time.stepS = 1 / kLiveRate;
  whole.channels.push_back({"", units::Unit::volt, Wave{}.between(0, 6)});
  const auto at_once = analyse(whole, 0, fortyEight());
  ASSERT_TRUE(trace.analysis());
  EXPECT_EQ(trace.analysis()->pulseCount, at_once.pulseCount);
  EXPECT_DOUBLE_EQ(trace.analysis()->frequencyHz->median, at_once.frequencyHz->median);
  EXPECT_EQ(trace.analysis()->gaps, 0U);
  // 80 Hz over 48 teeth, 1.92 m, 3.6: 11.52 km/h, worked by hand.
  EXPECT_NEAR(trace.analysis()->speedKmh->median, 11.52, 0.01);
  EXPECT_NEAR(trace.hzNow(), 80, 0.1);
  ASSERT_TRUE(trace.kmhNow());
  EXPECT_NEAR(*trace.kmhNow(), 11.52, 0.03);
  EXPECT_FALSE(trace.sinceDropoutS());
}

TEST(LiveTrace, TalliesEveryPulseOnceThoughOnlyTheLastSecondsAreKept) {
  auto trace = live();
  feed(trace, {}, 50, 0.4);
  EXPECT_NEAR(trace.tally().seconds, 20, 1e-6);
  EXPECT_NEAR(static_cast<double>(trace.tally().pulses), 1600, 1);
  EXPECT_NEAR(trace.window().durationS(), LiveTrace::kWindowS, 0.01);
  EXPECT_NEAR(trace.window().time.at(trace.window().size()), 20, 1e-3);
  EXPECT_EQ(trace.tally().dropouts, 0U);
}

TEST(LiveTrace, WhatWasNotSeenBetweenBlocksIsLostAndNoDropout) {
  auto trace = live();
  const Wave wave;
  for (int k = 0; k < 6; ++k) {
    trace.take(wave.between(1.0 * k, 1.0 * k + 0.7), 1.0 * k);
  }
  EXPECT_EQ(trace.analysis()->gaps, 5U);
  EXPECT_EQ(trace.tally().dropouts, 0U);
  EXPECT_NEAR(trace.tally().seconds, 6 * 0.7, 1e-6);
  // A pulse under way where a block ends is not counted.
  EXPECT_NEAR(static_cast<double>(trace.tally().pulses), 6 * 56, 6);
}

TEST(LiveTrace, ADropoutOverTwoBlocksIsOne) {
  auto trace = live();
  feed(trace, {2.9, 0.35}, 12, 0.5);
  EXPECT_EQ(trace.tally().dropouts, 1U);
  ASSERT_TRUE(trace.tally().lastDropoutS);
  EXPECT_NEAR(*trace.tally().lastDropoutS, 2.9, 0.03);
  EXPECT_NEAR(*trace.sinceDropoutS(), 3.1, 0.03);
}

// The wheel is brought to a stand: the signal does not come back, and nothing is wrong.
TEST(LiveTrace, AWheelThatStandsIsNoDropout) {
  auto trace = live();
  feed(trace, {3, 100}, 10, 0.5);
  EXPECT_EQ(trace.tally().dropouts, 0U);
  EXPECT_EQ(trace.hzNow(), 0);
  EXPECT_FALSE(trace.kmhNow());
}

TEST(LiveTrace, AfterALongPauseItBeginsAnew) {
  auto trace = live();
  const Wave wave;
  trace.take(wave.between(0, 1), 0);
  trace.take(wave.between(100, 101), 100);
  EXPECT_NEAR(trace.window().time.startS, 100, 1e-9);
  EXPECT_EQ(trace.analysis()->gaps, 0U);
  EXPECT_NEAR(static_cast<double>(trace.tally().pulses), 160, 2);
}

}  // namespace
}  // namespace haybale::trace
