// A pause that the wheel made is no dropout: a coil's wave dies out with the speed and begins again
// as gently; what lets go of a full wave leaves it at once. Output is proportional to speed
// (Faraday).
#include "core/trace/stops.h"

#include <cmath>
#include <numbers>

#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

// A coil's wave at 60 teeth a second whose height follows `speed` (0..1), and its teeth.
class Stops : public testing::Test {
 protected:
  static constexpr double kStep = 1e-4;
  static constexpr double kHz = 60;

  template <class Speed>
  void wave(const Speed& speed, double fromS, double toS) {
    time.stepS = kStep;
    samples.resize(30000);
    for (std::size_t i = 0; i < samples.size(); ++i) {
      const double s = static_cast<double>(i) * kStep;
      samples[i] = static_cast<float>(speed(s) * std::sin(2 * std::numbers::pi * kHz * s));
    }
    for (double s = 0; s < 3; s += 1 / kHz) {
      if (s > fromS && s < toS) {
        continue;
      }
      Tooth t;
      t.riseS = s;
      t.periodS = 1 / kHz;
      t.pitch = 1;
      t.halfSwing = static_cast<float>(speed(s + 0.25 / kHz));
      t.number = static_cast<long>(teeth.size());
      teeth.push_back(t);
    }
    found = {{fromS, toS, DropoutKind::flat, 0, 0, false}};
  }
  std::size_t left() {
    const std::optional<Ring> none;
    const DropoutInput in{samples, time, pulses, teeth, none, levels, false, {}, 0, {0.02, 0.022}};
    dropStops(in, {1 / kHz, 0.1}, found);
    return found.size();
  }

  std::vector<float> samples;
  capture::TimeBase time;
  std::vector<Pulse> pulses;
  std::vector<Tooth> teeth;
  Levels levels;
  std::vector<Dropout> found;
};

TEST_F(Stops, AWaveThatSinksOnBothSidesCameToRest) {
  wave([](double s) { return std::min(1.0, std::abs(s - 1.5) / 1.0); }, 1.45, 1.55);
  EXPECT_EQ(left(), 0U);
}

TEST_F(Stops, AFullWaveThatIsGoneAtOnceWasLetGo) {
  wave([](double s) { return s > 1.4 && s < 1.6 ? 0.0 : 1.0; }, 1.4, 1.6);
  EXPECT_EQ(left(), 1U);
}

TEST_F(Stops, WhatIsPulledToALevelWasLetGoHoweverSlowTheWheel) {
  wave([](double s) { return std::min(1.0, std::abs(s - 1.5) / 1.0); }, 1.45, 1.55);
  found[0].pulled = true;
  EXPECT_EQ(left(), 1U);
}

TEST_F(Stops, BehindTheFirstPulseTheWheelMayJustHaveBegun) {
  wave([](double s) { return s > 0.01 && s < 0.5 ? 0.0 : 1.0; }, 0.01, 0.5);
  EXPECT_EQ(left(), 0U);
}

TEST_F(Stops, AWheelIsRockedThatTurnsBackTwice) {
  wave([](double) { return 1.0; }, 5, 6);
  EXPECT_FALSE(isRocked(teeth));
  teeth[20].turnedBack = true;
  EXPECT_FALSE(isRocked(teeth)) << "once may be anything";
  teeth[60].turnedBack = true;
  EXPECT_TRUE(isRocked(teeth));
  EXPECT_FALSE(rocksToAStop(teeth)) << "at one pace to the end";
  teeth[teeth.size() - 2].periodS *= 1.5;
  EXPECT_TRUE(rocksToAStop(teeth));
}

}  // namespace
}  // namespace haybale::trace
