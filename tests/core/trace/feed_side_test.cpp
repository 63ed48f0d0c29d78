// Coded pulses seen on the feed of a current loop, upside down. Widths: makers' datasheets of
// pulse-width sensors, from memory (90 us one direction, 1440 us standstill).
#include <cmath>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kFeedRate = 100e3;
constexpr double kSupply = 9.7;
constexpr double kSenseOhm = 70;

// 7 and 14 mA through a resistor in the feed, `hz` pulses of `widthS` a second; out of `gone`, in
// seconds, the loop draws nothing.
capture::Record feed(double hz, double widthS, double seconds,
                     std::pair<double, double> gone = {}) {
  std::mt19937 random{11};
  std::normal_distribution<double> noise(0, 0.004);
  capture::Record out;
  out.time.stepS = 1 / kFeedRate;
  capture::Channel channel;
  channel.name = "feed";
  for (int i = 0; i < seconds * kFeedRate; ++i) {
    const double s = i / kFeedRate;
    const double phase = std::fmod(s * hz, 1.0);
    const bool on = phase < widthS * hz;
    const double ampere = s >= gone.first && s < gone.second ? 0 : on ? 0.014 : 0.007;
    channel.samples.push_back(static_cast<float>(kSupply - kSenseOhm * ampere + noise(random)));
  }
  out.channels.push_back(std::move(channel));
  return out;
}

TEST(FeedSide, TelegramsUpsideDownAreTelegramsAndNoChafedWire) {
  for (const double hz : {9.0, 23.0, 140.0}) {
    const auto a = analyse(feed(hz, 90e-6, 2), 0, {});
    EXPECT_EQ(a.signal, Signal::activePwm) << hz;
    EXPECT_EQ(a.findings.front().code, Code::healthy) << a.findings.front().text;
    EXPECT_NEAR(static_cast<double>(a.pulseCount), 2 * hz, 1.5);
    EXPECT_NEAR(a.levels.bias, kSupply - 0.007 * kSenseOhm, 0.01) << "the rest, as it was measured";
    EXPECT_NEAR(a.levels.low, kSupply - 0.014 * kSenseOhm, 0.03);
    EXPECT_NEAR(a.levels.peakToPeak, 0.007 * kSenseOhm, 0.07 * kSenseOhm * 0.007);
    EXPECT_LT(a.levels.min, a.levels.max);
  }
}

TEST(FeedSide, WhereTheLoopOpensItGoesToTheSupply) {
  const auto a = analyse(feed(40, 90e-6, 2, {0.8, 0.95}), 0, {});
  EXPECT_EQ(a.signal, Signal::activePwm);
  ASSERT_FALSE(a.dropouts.empty());
  EXPECT_NEAR(a.dropouts.front().level, kSupply, 0.05);
  EXPECT_NEAR(a.dropouts.front().startS, 0.8, 0.002);
  EXPECT_NEAR(a.dropouts.front().endS, 0.95, 0.002);
  EXPECT_EQ(a.findings.front().code, Code::intermittentOpen) << a.findings.front().text;
}

}  // namespace
}  // namespace haybale::trace
