// What the line does as a whole: its rest, the wheel's stands, held levels, a level that wanders.
// Samples are made here by hand; deceleration by s = v^2 / 2a.
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "core/trace/baseline.h"
#include "core/trace/held.h"
#include "core/trace/hum.h"
#include "core/trace/levels.h"
#include "core/trace/noise.h"
#include "core/trace/pulled.h"
#include "core/trace/resting.h"
#include "core/trace/stands.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kLineRate = 5000;

class Line : public testing::Test {
 protected:
  std::vector<float> flat(double level, double seconds, double noise = 0.005) {
    std::normal_distribution<double> bell(0, noise);
    std::vector<float> out;
    for (int i = 0; i < seconds * kLineRate; ++i) {
      out.push_back(static_cast<float>(level + bell(random)));
    }
    return out;
  }
  std::vector<float> wave(double hz, double amplitude, double seconds, double level = 0) {
    auto out = flat(level, seconds);
    for (std::size_t i = 0; i < out.size(); ++i) {
      out[i] += static_cast<float>(
          amplitude * std::sin(2 * std::numbers::pi * hz * static_cast<double>(i) / kLineRate));
    }
    return out;
  }
  void hold(std::vector<float>& samples, double fromS, double toS, double level) {
    const auto held = flat(level, toS - fromS);
    std::copy(held.begin(), held.end(),
              samples.begin() + static_cast<std::ptrdiff_t>(fromS * kLineRate));
  }
  static capture::TimeBase time() {
    capture::TimeBase out;
    out.stepS = 1 / kLineRate;
    return out;
  }
  std::mt19937 random{7};
};

TEST_F(Line, TheRestIsWhereItIsLeftAloneHoweverOftenItIsMoved) {
  auto samples = flat(2.5, 4);
  for (const auto& [from, to] :
       {std::pair{0.4, 0.9}, {1.2, 1.21}, {1.5, 2.1}, {2.6, 2.603}, {3, 3.6}}) {
    hold(samples, from, to, 3.4);
  }
  const Distribution d(samples);
  const auto line = restingLine(samples, d, 0.005, {});
  ASSERT_TRUE(line.has_value());
  EXPECT_NEAR(line->rest, 2.5, 0.01) << "not the middle of the two";
  ASSERT_EQ(line->off.size(), 5U);
  EXPECT_NEAR(line->off[2].level, 3.4, 0.01);
  EXPECT_NEAR(static_cast<double>(line->off[2].from) / kLineRate, 1.5, 0.001);
  EXPECT_EQ(whatMoves(*line, samples.size(), time()), Moves::line);
}

TEST_F(Line, AnEvenSquareWaveIsTeethAndAWaveDoesNotRest) {
  auto samples = flat(0.5, 2);
  for (double s = 0.03; s < 1.9; s += 0.05) {
    hold(samples, s, s + 0.02, 1.0);
  }
  const Distribution d(samples);
  const auto line = restingLine(samples, d, 0.005, {});
  ASSERT_TRUE(line.has_value());
  EXPECT_EQ(whatMoves(*line, samples.size(), time()), Moves::teeth);
  const auto sine = wave(20, 0.5, 2);
  EXPECT_FALSE(restingLine(sine, Distribution(sine), 0.005, {}).has_value());
}

std::vector<Tooth> spin(const std::vector<double>& periods) {
  std::vector<Tooth> out(1);
  for (const double p : periods) {
    out.back().periodS = p;
    Tooth next;
    next.riseS = out.back().riseS + p;
    next.number = out.back().number + 1;
    out.push_back(next);
  }
  return out;
}

TEST(Stands, AWheelThatSlowsDownStoodAndOneThatDoesNotWasLost) {
  // At 20 teeth a second, brought to rest evenly and started again: periods stretch and shrink.
  auto stood = spin({0.05, 0.052, 0.06, 0.08, 0.14, 0.6, 0.13, 0.08, 0.06, 0.052});
  stood[5].lost = 6;
  markStands(stood, {});
  EXPECT_TRUE(stood[5].stood);
  EXPECT_EQ(stood[5].lost, 0);
  // Even on both sides.
  auto lost = spin({0.05, 0.05, 0.05, 0.05, 0.05, 0.6, 0.05, 0.05, 0.05, 0.05});
  lost[5].lost = 11;
  markStands(lost, {});
  EXPECT_FALSE(lost[5].stood);
  EXPECT_EQ(lost[5].lost, 11);
}

// Rocked to and fro it may turn back a tooth before the longest gap: that tooth's period is no
// longer than the one before it, and the one further off tells that the wheel was slowing down.
TEST(Stands, AWheelThatTurnedBackOneToothBeforeMissesNone) {
  auto rocked = spin({0.0222, 0.0252, 0.0278, 0.0336, 0.0536, 0.053, 0.083, 0.0366, 0.0292, 0.026});
  rocked[6].lost = 1;
  markStands(rocked, {});
  EXPECT_TRUE(rocked[6].stood);
  // One that runs on as fast has lost a pulse.
  auto lost = spin({0.0332, 0.033, 0.0331, 0.0333, 0.0336, 0.033, 0.066, 0.033, 0.0332, 0.033});
  lost[6].lost = 1;
  markStands(lost, {});
  EXPECT_FALSE(lost[6].stood);
}

TEST(Stands, NoWheelStopsWithinAToothFromSpeed) {
  // 0.04 m at 100 teeth a second is 4 m/s: 200 m/s^2 within the next 0.04 m.
  EXPECT_FALSE(canStopFrom(100, {}));
  EXPECT_TRUE(canStopFrom(15, {}));
  EXPECT_TRUE(canStopFrom(60, {0, 0.01})) << "of a ring with many teeth each is a short way";
}

// A contact that lets go within the low half and comes back as the tooth rises: the tooth stays,
// and what was open ends there.
TEST_F(Line, ASpikeThatEndsAsAToothRisesLeavesTheTooth) {
  constexpr double kPeriodS = 0.025;
  auto samples = flat(0.27, 4, 0.002);
  for (int k = 0; k < 158; ++k) {
    hold(samples, 0.02 + k * kPeriodS, 0.02 + (k + 0.5) * kPeriodS, 0.53);
  }
  const double riseS = 0.02 + 60 * kPeriodS;
  hold(samples, riseS - 0.0016, riseS, 0);
  Options options;
  options.sensor = circuit::SensorKind::active;
  const auto a = analyse(recordFrom(samples, kLineRate), 0, options);
  ASSERT_EQ(a.dropouts.size(), 1U);
  EXPECT_NEAR(a.dropouts[0].startS, riseS - 0.0016, 0.0005);
  EXPECT_NEAR(a.dropouts[0].endS, riseS, 0.0005);
  EXPECT_EQ(a.pulseCount, 158U);
}

// Two and a half slow teeth keep time as a hand at the loom does not.
TEST_F(Line, SlowTeethKeepTimeAndAMovedLoomDoesNot) {
  RestingLine line;
  line.rest = 9;
  line.noise = 0.01;
  line.tolerance = 0.05;
  const auto moves = [&](std::vector<std::pair<std::size_t, std::size_t>> off) {
    line.off.clear();
    for (const auto& [from, to] : off) {
      line.off.push_back({from, to, 10, true});
    }
    return whatMoves(line, 5260, time());
  };
  EXPECT_EQ(moves({{0, 633}, {1888, 2828}, {3999, 4947}}), Moves::teeth);
  EXPECT_EQ(moves({{300, 1240}, {2400, 3340}, {4510, 5260}}), Moves::teeth);
  EXPECT_EQ(moves({{0, 1633}, {2888, 3828}, {4999, 5247}}), Moves::line) << "one is brief";
  EXPECT_EQ(moves({{0, 633}, {1200, 2140}, {3999, 4947}}), Moves::line) << "one comes early";
}

TEST_F(Line, AStretchHeldAtALevelIsFoundAndACrestIsNot) {
  auto samples = wave(30, 0.5, 2, 2.5);
  EXPECT_TRUE(heldStretches(samples, Distribution(samples), 0.005, kLineRate / 30).empty());
  hold(samples, 0.71, 0.84, 4.2);
  hold(samples, 1.3, 1.302, 0.0);
  const auto held = heldStretches(samples, Distribution(samples), 0.005, kLineRate / 30);
  ASSERT_EQ(held.size(), 2U);
  EXPECT_NEAR(held[0].level, 4.2, 0.01);
  EXPECT_NEAR(static_cast<double>(held[0].to) / kLineRate, 0.84, 0.0005);
  EXPECT_NEAR(held[1].level, 0, 0.01);
  EXPECT_EQ(heldStretches(samples, Distribution(samples), 0.005, kLineRate / 30, 1).size(), 1U)
      << "no more than asked for";
}

// A spike of the engine among the last samples ends no stretch: the wheel merely stands.
TEST_F(Line, WhetherAStretchBesideTheRecordsEndIsEndedIsNotKnown) {
  auto stopped = wave(30, 0.5, 2, 2.5);
  hold(stopped, 1.4, 2.1, 2.5);
  const auto end = stopped.size();
  for (const std::size_t spike : {1U, 2U, 3U}) {
    auto samples = stopped;
    samples[end - spike] += 0.6F;
    EXPECT_TRUE(heldStretches(samples, Distribution(samples), 0.005, kLineRate / 30).empty())
        << spike;
  }
  // Ten samples that are back in the wave end it.
  auto back = stopped;
  for (std::size_t i = end - 10; i < end; ++i) {
    back[i] += 0.4F;
  }
  EXPECT_EQ(heldStretches(back, Distribution(back), 0.005, kLineRate / 30).size(), 1U);
}

TEST_F(Line, AStepOfTheLevelIsLastingAndADropoutIsNone) {
  auto stepped = wave(30, 0.5, 4, 2.5);
  for (std::size_t i = stepped.size() / 2; i < stepped.size(); ++i) {
    stepped[i] += 0.7F;
  }
  const auto baseline = baselineOf(capture::Bounds(stepped), 0.2);
  ASSERT_TRUE(baseline.has_value());
  ASSERT_EQ(baseline->steps.size(), 1U);
  EXPECT_NEAR(static_cast<double>(baseline->steps[0].at) / kLineRate, 2, 0.1);
  EXPECT_NEAR(baseline->steps[0].to - baseline->steps[0].from, 0.7, 0.05);
  const auto even = levelled(stepped, *baseline);
  EXPECT_NEAR(Distribution(even).quantile(0.999) - Distribution(even).quantile(0.001), 1.0, 0.35);
  auto dropped = wave(30, 0.5, 4, 2.5);
  hold(dropped, 1.5, 1.9, 3.4);
  const auto other = baselineOf(capture::Bounds(dropped), 0.2);
  ASSERT_TRUE(other.has_value());
  EXPECT_TRUE(other->steps.empty());
}

TEST(Pulled, WhatALevelMeansHangsOnWhatIsMeasured) {
  const LineAt coil{2.5, 0.05, false, true};
  EXPECT_FALSE(isPulled(3.4, coil)) << "the unloaded bias";
  EXPECT_TRUE(isPulled(0.0, coil)) << "ground";
  EXPECT_TRUE(isPulled(12.4, coil)) << "supply";
  const LineAt feed{11.3, 0.05, false, false};
  EXPECT_FALSE(isPulled(12.1, feed));
  EXPECT_TRUE(isPulled(0.1, feed));
  const LineAt current{0.007, 0.0005, true, false};
  EXPECT_FALSE(isPulled(0.0, current)) << "no current flows through an open wire";
  EXPECT_TRUE(isPulled(0.04, current));
}

TEST_F(Line, HumKeepsStepWithTheMainsAndAWheelDoesNot) {
  EXPECT_TRUE(humAtRest(capture::Bounds(wave(50, 0.1, 2)), kLineRate).has_value());
  EXPECT_FALSE(humAtRest(capture::Bounds(wave(54.7, 0.1, 2)), kLineRate).has_value());
  EXPECT_FALSE(humAtRest(capture::Bounds(wave(50, 0.6, 2)), kLineRate).has_value())
      << "a wheel that happens to turn so";
}

// An instrument of few bits leaves no noise on a line that rests: the swing is no step of its.
TEST_F(Line, ALoomMovedUnderAnInstrumentWithoutNoiseIsMovedAllTheSame) {
  capture::Record record;
  record.time = time();
  record.channels.push_back({"feed", units::Unit::volt, flat(8.75, 3, 0)});
  auto& samples = record.channels[0].samples;
  EXPECT_EQ(converterStep(samples), 0) << "nothing tells it";
  for (const auto& [from, to] : {std::pair{0.16, 0.19}, {1.13, 1.28}, {1.3, 1.32}, {1.9, 1.98}}) {
    std::fill(samples.begin() + static_cast<std::ptrdiff_t>(from * kLineRate),
              samples.begin() + static_cast<std::ptrdiff_t>(to * kLineRate), 10.56F);
  }
  const auto a = analyse(record, 0, {});
  EXPECT_EQ(a.dropouts.size(), 4U);
  EXPECT_EQ(a.findings.front().code, Code::intermittentOpen) << a.findings.front().text;
}

// Values that change with every other sample are noise, however few they are.
TEST_F(Line, AFewValuesThatFlickerAreNoDigitalRecord) {
  std::vector<float> flicker, edges;
  for (int i = 0; i < 5000; ++i) {
    flicker.push_back(static_cast<float>(11.7 + 0.1 * static_cast<double>(random() % 5)));
    edges.push_back(i / 500 % 2 == 0 ? 0.5F : 1.0F);
  }
  EXPECT_GT(noiseRms(flicker), 0.03);
  EXPECT_EQ(noiseRms(edges), 0);
}

// v = 0 for a while: the wave sinks, stays away and comes again as it went.
TEST_F(Line, AWheelThatStopsAndStartsAgainLostNothing) {
  capture::Record record;
  record.time = time();
  record.channels.push_back({"RR", units::Unit::volt, flat(0, 4, 0.003)});
  double phase = 0;
  for (std::size_t i = 0; i < record.channels[0].samples.size(); ++i) {
    const double s = static_cast<double>(i) / kLineRate;
    const double share = std::clamp(std::max(1.4 - s, s - 2.6) / 0.5, 0.0, 1.0);
    phase += 120 * share / kLineRate;
    record.channels[0].samples[i] +=
        static_cast<float>(0.75 * share * std::sin(2 * std::numbers::pi * phase));
  }
  const auto a = analyse(record, 0, {});
  EXPECT_TRUE(a.dropouts.empty());
  EXPECT_EQ(a.findings.front().code, Code::healthy) << a.findings.front().text;
}

// A contact that crackles: noise as high as the wave, for a dozen teeth.
TEST_F(Line, AStretchOfMereNoiseIsCalledSo) {
  capture::Record record;
  record.time = time();
  record.channels.push_back({"RR", units::Unit::volt, wave(100, 1, 3)});
  const auto noise = flat(0, 0.15, 0.6);
  std::copy(noise.begin(), noise.end(),
            record.channels[0].samples.begin() + static_cast<std::ptrdiff_t>(1.2 * kLineRate));
  const auto a = analyse(record, 0, {});
  ASSERT_FALSE(a.dropouts.empty());
  EXPECT_NEAR(a.dropouts.front().startS, 1.2, 0.03);
  EXPECT_NE(a.findings.front().code, Code::healthy);
}

// A coil that is moved to and fro goes to one side and the other in turn, about as far; a contact
// goes to one side, or to both for long.
TEST(RestingLine, SwingsBothWaysByTurnsNotByCountAlone) {
  const auto of = [](const std::vector<double>& levels) {
    RestingLine line;
    line.rest = 2.5;
    for (const double v : levels) {
      line.off.push_back({0, 1, line.rest + v, false});
    }
    return line;
  };
  EXPECT_TRUE(swingsBothWays(of({1, -1, 1, -1, 1, -1})));
  EXPECT_TRUE(swingsBothWays(of({1, 1, -1, -1, 1, -1, 1})));
  EXPECT_FALSE(swingsBothWays(of({1, 1, 1, 1, -1, -1, -1, -1}))) << "one turn of eight";
  EXPECT_FALSE(swingsBothWays(of({1, -1, 1, -1, 1}))) << "too few to tell";
  EXPECT_FALSE(swingsBothWays(of({1, 1, 1, 1, 1, 1}))) << "to one side";
  EXPECT_FALSE(swingsBothWays(of({1, -3, 1, -3, 1, -3}))) << "further to one side";
}

}  // namespace
}  // namespace haybale::trace
