// Fewer samples of a fast stream: what is short in it stays, whatever blocks it comes in.
#include "core/trace/thinned.h"

#include <cmath>
#include <numbers>

#include "core/trace/live_trace.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

std::vector<float> thinned(const std::vector<float>& samples, std::size_t of, std::size_t block) {
  Thinned thinner(of);
  std::vector<float> out;
  for (std::size_t i = 0; i < samples.size(); i += block) {
    const auto n = std::min(block, samples.size() - i);
    thinner.take(std::span(samples).subspan(i, n), out);
  }
  EXPECT_EQ(thinner.waiting(), samples.size() % of);
  return out;
}

TEST(Thinned, ASpikeOfOneSampleStaysWhereverItLies) {
  // But for the very first, which the others are held against.
  for (std::size_t at = 1; at < 10; ++at) {
    std::vector<float> samples(20, 1.0F);
    samples[at] = -3;
    const auto out = thinned(samples, 5, 20);
    ASSERT_EQ(out.size(), 4U);
    EXPECT_EQ(out[at / 5], -3) << at;
    EXPECT_EQ(std::count(out.begin(), out.end(), -3.0F), 1) << at;
  }
}

TEST(Thinned, BlocksMakeNoDifference) {
  std::vector<float> samples;
  for (int i = 0; i < 1000; ++i) {
    samples.push_back(static_cast<float>(std::sin(0.1 * i) + 0.1 * std::sin(17.0 * i * i)));
  }
  const auto whole = thinned(samples, 5, 1000);
  for (const std::size_t block : {1U, 3U, 5U, 7U, 64U}) {
    EXPECT_EQ(thinned(samples, 5, block), whole) << block;
  }
  EXPECT_EQ(thinned(samples, 1, 7), samples) << "nothing to thin";
}

TEST(Thinned, WhatIsLostIsKeptAsLostOnlyWhereAGroupIs) {
  const float lost = std::nanf("");
  const auto out =
      thinned({1, 1, lost, 2, 1, lost, lost, lost, lost, lost, lost, 4, 1, 1, 1}, 5, 15);
  ASSERT_EQ(out.size(), 3U);
  EXPECT_EQ(out[0], 2);
  EXPECT_TRUE(std::isnan(out[1]));
  EXPECT_EQ(out[2], 4);
}

// A million samples a second: a coil whose line lets go for 60 us, and pulses of 45 us, the
// shortest that coded sensors send (makers' datasheets of PWM protocols, from memory).
class FastTrace : public testing::Test {
 protected:
  template <class F>
  LiveTrace watched(double seconds, const F& volts) {
    constexpr double kStep = 1e-6;
    Options options;
    options.teeth = 48;
    options.circumferenceM = 1.92;
    LiveTrace trace(kStep, units::Unit::volt, options);
    // Blocks that are no multiple of what is thinned.
    constexpr std::size_t kBlock = 250'003;
    const auto all = static_cast<std::size_t>(seconds / kStep);
    for (std::size_t from = 0; from < all; from += kBlock) {
      std::vector<float> block;
      for (std::size_t i = from; i < std::min(all, from + kBlock); ++i) {
        block.push_back(static_cast<float>(volts(kStep * static_cast<double>(i))));
      }
      trace.take(block, kStep * static_cast<double>(from));
    }
    return trace;
  }
};

TEST_F(FastTrace, FindsAContactThatLetsGoForMicroseconds) {
  const auto trace = watched(4, [](double t) {
    const bool open = t >= 2.3 && t < 2.3 + 60e-6;
    return open ? 5.0 : 2.5 + 0.6 * std::sin(2 * std::numbers::pi * 80 * t);
  });
  EXPECT_LE(trace.window().time.rateHz(), LiveTrace::kFastestHz * 1.001);
  ASSERT_TRUE(trace.analysis());
  EXPECT_NEAR(trace.analysis()->frequencyHz->median, 80, 0.05);
  EXPECT_NEAR(trace.tally().seconds, 4, 1e-6);
  EXPECT_NEAR(static_cast<double>(trace.tally().pulses), 320, 1);
  ASSERT_EQ(trace.analysis()->dropouts.size(), 1U);
  EXPECT_NEAR(trace.analysis()->dropouts[0].startS, 2.3, 20e-6);
  EXPECT_NEAR(trace.analysis()->dropouts[0].endS, 2.3 + 60e-6, 20e-6);
  EXPECT_EQ(trace.analysis()->gaps, 0U) << "what waits for its group is not lost";
}

TEST_F(FastTrace, ReadsTheShortestMessages) {
  const auto trace = watched(3, [](double t) {
    const double beat = std::fmod(t, 0.01);
    return beat < 45e-6 ? 1.05 : 0.525;
  });
  ASSERT_TRUE(trace.analysis());
  EXPECT_EQ(trace.analysis()->seen, Signal::activePwm);
  EXPECT_GT(trace.analysis()->gapLimitShare, 0.95) << "45 us says that the gap is at its limit";
}

}  // namespace
}  // namespace haybale::trace
