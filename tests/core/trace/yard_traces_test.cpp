// Wheels as a yard has them: edges that ring, a wheel rocked to and fro, a square wave behind a
// coupling capacitor, a crack seen from slot to slot, the wrong kind asked for. Signals are made
// here from a wheel's angle; what is true of them is known by how they are made.
#include <cmath>
#include <functional>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "core/trace/baseline.h"
#include "core/trace/coupling.h"
#include "core/trace/levels.h"
#include "core/trace/noise.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kYardRate = 20'000;
constexpr int kYardTeeth = 48;
constexpr double kTau = 2 * std::numbers::pi;

capture::Record yardRecord(std::vector<float> samples, units::Unit unit = units::Unit::volt) {
  capture::Record record;
  record.time.stepS = 1 / kYardRate;
  capture::Channel channel;
  channel.name = "A";
  channel.unit = unit;
  channel.samples = std::move(samples);
  record.channels.push_back(std::move(channel));
  return record;
}

// Samples over `seconds` of a value at a time, with a little noise.
std::vector<float> sampled(double seconds, double noise,
                           const std::function<double(double)>& value) {
  std::mt19937 random(5);
  std::normal_distribution<double> normal(0, noise);
  std::vector<float> out;
  for (int i = 0; i < static_cast<int>(seconds * kYardRate); ++i) {
    out.push_back(static_cast<float>(value(i / kYardRate) + normal(random)));
  }
  return out;
}

double squareAt(double s, double hz) {
  return s * hz - std::floor(s * hz) < 0.4 ? 1.0 : 0.5;
}

bool says(const ChannelAnalysis& a, Code code) {
  return std::any_of(a.findings.begin(), a.findings.end(), [&](const Finding& f) {
    return f.code == code && f.severity != Severity::note;
  });
}

bool blames(const ChannelAnalysis& a) {
  return std::any_of(a.findings.begin(), a.findings.end(),
                     [](const Finding& f) { return f.severity == Severity::fault; });
}

// A second order step response behind every edge: of a damping ratio of 0.33 it overshoots by a
// third, of one of 0.15 by five eighths.
std::vector<float> ringing(double hz, double ringsAtHz = 3000, double damping = 0.33) {
  const double w = kTau * ringsAtHz / kYardRate;
  const double r = std::exp(-damping * w);
  const double a1 = -2 * r * std::cos(w * std::sqrt(1 - damping * damping)), a2 = r * r;
  double before = 0.5, beforeThat = 0.5;
  return sampled(2, 0.002, [&](double s) {
    const double v = (1 + a1 + a2) * squareAt(s, hz) - a1 * before - a2 * beforeThat;
    beforeThat = before;
    before = v;
    return v;
  });
}

TEST(Edges, ThatRingLetNothingGo) {
  for (const double hz : {40.0, 150.0, 400.0}) {
    const auto a = analyse(yardRecord(ringing(hz)), 0, {});
    EXPECT_FALSE(blames(a)) << hz << ": " << a.findings.front().text;
    EXPECT_NEAR(static_cast<double>(a.pulseCount), 2 * hz, 2) << hz;
  }
}

// Each pulse goes beyond its own plateau for a few samples: that is no line pulled to a rail,
// though it is further than any plateau, and came 21 times as dropouts of up to a quarter of a
// second.
TEST(Edges, ThatOvershootFarPullTheLineNowhere) {
  struct Rings {
    double hz, ringsAtHz, damping;
  };
  for (const auto& [hz, ringsAtHz, damping] :
       {Rings{668, 1400, 0.15}, {300, 1500, 0.13}, {150, 800, 0.15}, {400, 2000, 0.1}}) {
    auto current = ringing(hz, ringsAtHz, damping);
    for (float& v : current) {
      v = 0.0073F + 0.0104F * (v - 0.5F);  // 7.3 and 12.5 mA
    }
    const auto a = analyse(yardRecord(std::move(current), units::Unit::ampere), 0, {});
    EXPECT_FALSE(blames(a)) << hz << ": " << a.findings.front().text;
    EXPECT_TRUE(a.dropouts.empty()) << hz;
    EXPECT_NEAR(static_cast<double>(a.pulseCount), 2 * hz, 2) << hz;
  }
}

// A converter of eight bits over 36 V writes a feed's square wave and the alternator's ripple as
// four levels: too coarse to call it flat.
TEST(Coarse, AFeedOfThreeStepsIsNotCalledDead) {
  constexpr double kStep = 36.0 / 256;
  std::vector<float> feed;
  for (int i = 0; i < 80'000; ++i) {
    const double s = i / kYardRate;
    const double ripple = 0.09 * std::sin(kTau * 1130 * s);
    const double v = (std::fmod(27 * s, 1.0) < 0.4 ? 11.85 : 11.42) + ripple;
    feed.push_back(static_cast<float>(kStep * std::round(v / kStep)));
  }
  const auto a = analyse(yardRecord(feed), 0, {});
  EXPECT_FALSE(blames(a)) << a.findings.front().text;
}

// The same edges where the line does let go: to nothing, for 30 ms.
TEST(Edges, ThatRingHideNoWireThatLetsGo) {
  auto v = ringing(150);
  for (int i = 20'000; i < 20'600; ++i) {
    v[static_cast<std::size_t>(i)] = 0.001F * static_cast<float>(i % 2);
  }
  Options options;
  options.sensor = circuit::SensorKind::active;
  const auto a = analyse(yardRecord(std::move(v)), 0, options);
  ASSERT_TRUE(says(a, Code::intermittentOpen));
  ASSERT_EQ(a.dropouts.size(), 1);
  EXPECT_NEAR(a.dropouts[0].startS, 1.0, 2e-3);
}

// A first order high pass, from its difference equation.
std::vector<float> behindACapacitor(const std::vector<float>& v, double cornerHz) {
  const double w = kTau * cornerHz / kYardRate;
  std::vector<float> out;
  double y = 0;
  double last = 0.7;
  for (const float x : v) {
    y = (y + x - last) / (1 + w);
    last = x;
    out.push_back(static_cast<float>(y));
  }
  return out;
}

TEST(Capacitor, GivesTheSquareWaveBack) {
  for (const double corner : {0.5, 2.0, 5.0}) {
    const auto before = sampled(2, 0.002, [](double s) { return squareAt(s, 60); });
    const auto sagging = behindACapacitor(before, corner);
    const Distribution d(sagging);
    const auto whole = beforeTheCapacitor(sagging, d, noiseRms(sagging));
    ASSERT_TRUE(whole) << corner;
    // But for its mean, which no capacitor lets through.
    double off = 0;
    for (std::size_t i = 0; i < before.size(); ++i) {
      off = std::max(off, static_cast<double>(
                              std::abs(((*whole)[i] - (*whole)[0]) - (before[i] - before[0]))));
    }
    EXPECT_LT(off, 0.06) << corner;
    const auto a = analyse(yardRecord(sagging), 0, {});
    EXPECT_FALSE(blames(a)) << corner << ": " << a.findings.front().text;
    EXPECT_NEAR(a.levels.peakToPeak, 0.5, 0.02) << corner;
  }
}

TEST(Capacitor, IsSoughtBehindNoCoil) {
  const auto coil = sampled(2, 0.01, [](double s) { return std::sin(kTau * 60 * s); });
  EXPECT_FALSE(beforeTheCapacitor(coil, Distribution(coil), 0.01));
  const auto square = sampled(2, 0.002, [](double s) { return squareAt(s, 60); });
  EXPECT_FALSE(beforeTheCapacitor(square, Distribution(square), 0.002));
}

// Flux of a bell over each tooth; a slot `wider` by a part of the pitch behind the tenth.
double slotted(double tooth, double wider) {
  double angle = std::fmod(tooth, kYardTeeth + wider);
  double nearest = 1e9;
  for (int k = -1; k <= kYardTeeth; ++k) {
    const double place = k + (k > 10 ? wider : 0) + (k < 0 ? wider : 0);
    nearest = std::abs(angle - place) < std::abs(nearest) ? angle - place : nearest;
  }
  return nearest * std::exp(-0.5 * nearest * nearest / 0.04);
}

// Which way the leads are put decides whether the wave rises over a tooth or over a slot.
TEST(Crack, IsOneFromToothToToothAndFromSlotToSlot) {
  for (const double sign : {1.0, -1.0}) {
    const auto v = sampled(3, 0.002, [&](double s) { return sign * slotted(150 * s, 0.4); });
    Options options;
    options.teeth = kYardTeeth;
    const auto a = analyse(yardRecord(v), 0, options);
    EXPECT_EQ(a.findings.front().code, Code::crackedRing) << sign << a.findings.front().text;
    const auto none = sampled(3, 0.002, [&](double s) { return sign * slotted(150 * s, 0); });
    EXPECT_FALSE(blames(analyse(yardRecord(none), 0, options))) << sign;
  }
}

// To and fro: nobody knows which tooth comes next, and none is absent. A coil, whose output follows
// the speed, and a switch, whose output does not.
TEST(Rocked, AWheelMissesNoTooth) {
  for (const double metres : {0.2, 0.3, 0.35, 0.45, 0.55}) {
    for (const double hz : {0.35, 0.5, 0.6}) {
      const auto tooth = [&](double s) {
        return metres / 1.94 * kYardTeeth * std::sin(kTau * hz * s);
      };
      const auto coil = analyse(
          yardRecord(sampled(
              5, 0.003,
              [&](double s) { return std::cos(kTau * hz * s) * std::sin(kTau * tooth(s)); })),
          0, {});
      EXPECT_FALSE(blames(coil)) << metres << " m, " << hz << " Hz: " << coil.findings.front().text;
      const auto square = analyse(
          yardRecord(sampled(5, 0.003, [&](double s) { return squareAt(tooth(s), 1); })), 0, {});
      EXPECT_FALSE(blames(square))
          << metres << " m, " << hz << " Hz: " << square.findings.front().text;
    }
  }
}

TEST(AnotherKind, IsSaidFirstAndReadAsWhatItIs) {
  Options options;
  options.sensor = circuit::SensorKind::active;
  const auto coil = analyse(yardRecord(sampled(2, 0.01,
                                               [](double s) {
                                                 return 2 * std::sin(kTau * 150 * s) *
                                                        std::sin(kTau * 150 * s) *
                                                        std::sin(kTau * 150 * s);
                                               })),
                            0, options);
  EXPECT_EQ(coil.findings.front().code, Code::wrongProtocol);
  EXPECT_FALSE(says(coil, Code::intermittentOpen));
  options.sensor = circuit::SensorKind::passive;
  const auto square =
      analyse(yardRecord(sampled(2, 0.002, [](double s) { return squareAt(s, 150); })), 0, options);
  EXPECT_EQ(square.findings.front().code, Code::wrongProtocol);
  EXPECT_FALSE(says(square, Code::intermittentShort));
}

TEST(Bias, ThatLeansOverForSomeCyclesHasShifted) {
  const auto v = sampled(3, 0.01, [](double s) {
    return std::sin(kTau * 300 * s) + 2 + std::clamp((s - 1.5) / 0.05, 0.0, 1.0);
  });
  const auto a = analyse(yardRecord(v), 0, {});
  EXPECT_EQ(a.findings.front().code, Code::biasShift);
  EXPECT_NEAR(a.levelStepS, 1.525, 0.03);
  // A drift as high that takes all the record is none.
  const auto drift =
      sampled(3, 0.01, [](double s) { return std::sin(kTau * 300 * s) + 2 + s / 3; });
  EXPECT_FALSE(blames(analyse(yardRecord(drift), 0, {})));
}

// Levels of 15, 28 and 125 steps without noise: their least distance is none of the converter's.
TEST(ConverterStep, IsWhatAllDifferencesAreMultiplesOf) {
  const double step = 0.5e-3;
  const auto v = sampled(2, 0, [&](double s) {
    const bool pulled = s > 0.7 && s < 0.9;
    return step * (pulled ? 125 : squareAt(s, 90) > 0.7 ? 28 : 15);
  });
  EXPECT_NEAR(converterStep(v), step, 1e-6);
  const auto a = analyse(yardRecord(v, units::Unit::ampere), 0, {});
  EXPECT_EQ(a.findings.front().code, Code::intermittentShort);
  ASSERT_EQ(a.dropouts.size(), 1);
  EXPECT_NEAR(a.dropouts[0].level, 125 * step, 1e-4);
}

// A hundredth of what the weakest sensor gives is no wheel.
TEST(Faint, NoiseIsNoWheelTooFarFromItsSensor) {
  double held = 0;
  std::mt19937 random(3);
  std::normal_distribution<double> normal(0, 0.02);
  const auto v =
      sampled(2, 0.001, [&](double) { return 2.5 + (held += 0.02 * (normal(random) - held)); });
  EXPECT_EQ(analyse(yardRecord(v), 0, {}).findings.front().code, Code::noSignal);
}

}  // namespace
}  // namespace haybale::trace
