// Sound wheels that were blamed, each of a kind that a generator with other code turned up: made
// here from what moves, so that what is true of them is known.
#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kTurn = 2 * std::numbers::pi;

class SoundWheel : public testing::Test {
 protected:
  // What `value` is at each time, with noise as of a converter; 0: none.
  template <class Value>
  static std::vector<float> sampled(double seconds, double rate, double noise, const Value& value) {
    std::mt19937 random(3);
    std::normal_distribution<double> normal(0, 1);
    std::vector<float> out;
    for (int i = 0; i < static_cast<int>(seconds * rate); ++i) {
      out.push_back(static_cast<float>(value(i / rate) + noise * normal(random)));
    }
    return out;
  }
  static std::string blame(const ChannelAnalysis& a) {
    std::string out;
    for (const auto& f : a.findings) {
      out += f.severity == Severity::fault ? f.text + " " : "";
    }
    return out;
  }
  static ChannelAnalysis analysed(std::vector<float> samples, double rate,
                                  circuit::SensorKind kind = circuit::SensorKind::unknown,
                                  std::optional<double> teeth = {}) {
    Options options;
    options.sensor = kind;
    options.teeth = teeth;
    return analyse(recordFrom(std::move(samples), rate), 0, options);
  }
};

// The ripple of the supply rides on both levels of a switching sensor that gave nine pulses and
// stood; the ripple was read as the wheel, and the pulses as cuts.
TEST_F(SoundWheel, RippleOnBothLevelsIsNoWheel) {
  constexpr double kRate = 20000;
  auto v = sampled(5.2, kRate, 0.003, [](double t) {
    const double phase = t < 1.7 ? 9 * t / 1.7 : 0;
    const double level = phase - std::floor(phase) > 0.6 ? 9.08 : 9.53;
    return level + 0.046 * std::sin(kTurn * 166 * t);
  });
  const auto a = analysed(std::move(v), kRate);
  EXPECT_EQ(blame(a), "");
  EXPECT_EQ(a.signal, Signal::active);
}

// A wave of six steps of the converter, one trough of which lies a step lower for two samples.
TEST_F(SoundWheel, OneStepOfTheConverterIsNoCut) {
  constexpr double kRate = 10000, kStep = 0.0886;
  auto v = sampled(4.8, kRate, 0, [](double t) {
    return std::round((4.348 + 0.16 * std::sin(kTurn * 34 * t)) / kStep) * kStep;
  });
  const auto trough = std::min_element(v.begin() + 30000, v.begin() + 30300);
  for (int k = 2; k < 5; ++k) {
    trough[k] -= static_cast<float>(kStep);
  }
  EXPECT_EQ(blame(analysed(std::move(v), kRate)), "");
}

// A coil whose wheel hardly turns gives a slow sine: no contact jumps like that.
TEST_F(SoundWheel, ASlowSineIsNoJumpOfTheBias) {
  constexpr double kRate = 10000;
  const auto sine = sampled(1.25, kRate, 0.002,
                            [](double t) { return 0.452 + 0.062 * std::sin(kTurn * 2.44 * t); });
  EXPECT_EQ(blame(analysed(sine, kRate)), "");
  EXPECT_EQ(blame(analysed(sine, kRate, circuit::SensorKind::passive)), "");
  // One that does jump is still found.
  const auto jumps = sampled(
      1.25, kRate, 0.002, [](double t) { return (t > 0.3 && t < 0.5) || t > 0.9 ? 0.1 : 0.452; });
  EXPECT_NE(blame(analysed(jumps, kRate, circuit::SensorKind::passive)), "");
}

// Pushed on at every 41st tooth: the gap there is the longest because the wheel is slowest there.
TEST_F(SoundWheel, APushAtTheSamePlaceEveryTimeIsNoCrack) {
  std::vector<double> periods{0.044, 0.035, 0.030, 0.030, 0.031, 0.032};
  for (int k = 0; k < 25; ++k) {
    periods.push_back(0.032 + 0.00068 * k);
  }
  for (const double p : {0.049, 0.050, 0.052, 0.055, 0.058, 0.060, 0.063, 0.064, 0.070, 0.071}) {
    periods.push_back(p);
  }
  ASSERT_EQ(periods.size(), 41U);
  constexpr double kRate = 1000;
  std::vector<float> v;
  double turned = 0;
  double at = 0;
  std::size_t tooth = 0;
  std::mt19937 random(6);
  std::normal_distribution<double> noise(0, 0.01);
  while (turned < 3.2 * 41) {
    const double t = static_cast<double>(v.size()) / kRate;
    while (t >= at + periods[tooth % 41]) {
      at += periods[tooth++ % 41];
    }
    const double share = (t - at) / periods[tooth % 41];
    turned = static_cast<double>(tooth) + share;
    v.push_back(static_cast<float>((share < 0.55 ? 10.33 : 9.63) + noise(random)));
  }
  EXPECT_EQ(blame(analysed(std::move(v), kRate)), "");
}

// A wheel rocked to and fro seen through a coupling capacitor, which hides how its pulses slow
// down: the last one before it turns back has sunk all the same.
TEST_F(SoundWheel, WhereARockedWheelTurnsBackNothingIsCut) {
  for (const double swings : {3.0, 3.3, 3.6, 4.1, 4.5}) {
    constexpr double kRate = 1000;
    std::mt19937 random(7);
    std::normal_distribution<double> noise(0, 0.008);
    std::vector<float> v;
    double slow = 0;
    for (int i = 0; i < static_cast<int>(3.9 * kRate); ++i) {
      const double angle = kTurn * 0.66 * i / kRate;
      const double speed = std::sin(angle);
      const double phase = swings * (1 - std::cos(angle)) + 0.15;
      const double wave = speed * (std::sin(kTurn * phase) + 0.35 * std::cos(2 * kTurn * phase));
      slow += (wave - slow) / (0.12 * kRate);
      v.push_back(static_cast<float>(0.35 * (wave - slow) + noise(random)));
    }
    EXPECT_EQ(blame(analysed(std::move(v), kRate, circuit::SensorKind::passive, 36)), "") << swings;
  }
}

// A wheel that is stopped within a tooth and goes on: the coil's wave dies out and begins gently,
// while its pulses were as high as ever. A wire that lets go leaves the wave at once.
TEST_F(SoundWheel, AWaveThatDiesOutWithinAToothIsNotCut) {
  constexpr double kRate = 5000, kHz = 11;
  const auto speed = [](double t) {  // of the full one
    const double from = std::abs(t - 2.03) - 0.09;
    return from < 0 ? 0.0 : from < 0.2 ? 0.5 - 0.5 * std::cos(kTurn / 2 * from / 0.2) : 1.0;
  };
  const auto wave = [&](bool cut) {
    double teeth = 0;
    return sampled(4, kRate, 0.002, [&, cut](double t) {
      const double v = cut ? 1 : speed(t);
      teeth += kHz * v / kRate;
      const bool open = cut && t > 2.0 && t < 2.25;
      return open ? 0.0 : 0.23 * v * std::sin(kTurn * teeth);
    });
  };
  EXPECT_EQ(blame(analysed(wave(false), kRate, circuit::SensorKind::passive)), "");
  EXPECT_NE(blame(analysed(wave(true), kRate, circuit::SensorKind::passive)), "");
}

// A switching sensor behind a capacitor that nearly empties within half a cycle of a slow wheel:
// read as a coil whose line jumps to a rail at each edge.
TEST_F(SoundWheel, ASquareWaveThatSagsToNothingIsStillOne) {
  constexpr double kRate = 1000, kEmptiesS = 0.05;
  double charge = 0.27;
  double teeth = 0;
  const auto sagging = sampled(4, kRate, 0.004, [&](double t) {
    teeth += (7 + 2 * std::sin(kTurn * 0.4 * t)) / kRate;
    const double level = teeth - std::floor(teeth) < 0.5 ? 0.54 : 0;
    const double out = level - charge;
    charge += out / (kEmptiesS * kRate);
    return out;
  });
  const auto a = analysed(sagging, kRate);
  EXPECT_EQ(blame(a), "");
  EXPECT_EQ(a.signal, Signal::active);
}

// Low for three tenths of each cycle, six or seven samples: as wide as a message of a coded sensor,
// if one cannot look closer.
TEST_F(SoundWheel, ASquareWaveOfFewSamplesIsNoMessage) {
  constexpr double kRate = 10000;
  double teeth = 0;
  const auto feed = sampled(1.7, kRate, 0, [&](double t) {
    teeth += (495 + 20 * std::sin(kTurn * 0.9 * t)) / kRate;
    return teeth - std::floor(teeth) < 0.3 ? 9.896 : 10.589;
  });
  const auto a = analysed(feed, kRate, circuit::SensorKind::active);
  EXPECT_EQ(blame(a), "");
  EXPECT_EQ(a.signal, Signal::active);
}

// A spin that dies out leans to one side: the middle of its wave moves by a part of the swing, and
// no bias has changed. Below a fifth of the swing it is left in peace, above it is said.
TEST_F(SoundWheel, AWaveThatLeansIsNoNewBias) {
  constexpr double kRate = 5000;
  const auto spun = [&](double step) {
    return analysed(sampled(4, kRate, 0.003,
                            [&](double t) {
                              const double turned = 20 * t - 1.5 * t * t;
                              return 3.7 + 0.35 * std::sin(kTurn * turned) + (t > 2 ? step : 0);
                            }),
                    kRate, circuit::SensorKind::passive);
  };
  const auto shifted = [](const ChannelAnalysis& a) {
    return std::any_of(a.findings.begin(), a.findings.end(),
                       [](const Finding& f) { return f.code == Code::biasShift; });
  };
  EXPECT_FALSE(shifted(spun(0.125)));
  EXPECT_TRUE(shifted(spun(0.3)));
}

// Three seconds of rest about a second of a wheel that was flicked: it goes as far to one side as
// to the other, which a line that lets go does not.
TEST_F(SoundWheel, AFlickedWheelIsNoContact) {
  constexpr double kRate = 8000;
  auto v = sampled(5.8, kRate, 0.003, [](double t) {
    if (t < 0.35 || t > 1.7) {
      return 0.0;
    }
    const double fades = (1.7 - t) / 1.35;
    return 0.45 * fades * std::sin(kTurn * 14 * fades * (t - 0.35));
  });
  EXPECT_EQ(blame(analysed(std::move(v), kRate)), "");
}

// A wheel that is rocked to and fro: pulses between two levels that quicken and slow, each nearly
// as long as the one before; bursts of a contact at the same two levels keep no such time.
TEST_F(SoundWheel, ARockedWheelIsNoContactAndAContactNoRockedWheel) {
  constexpr double kRate = 5000;
  const auto rocked = analysed(sampled(4, kRate, 0.004,
                                       [](double t) {
                                         const double turned = 3 + 3.4 * std::sin(kTurn * 0.55 * t);
                                         return turned - std::floor(turned) > 0.5 ? 1.31 : 0.72;
                                       }),
                               kRate, circuit::SensorKind::active);
  EXPECT_EQ(blame(rocked), "");
  std::mt19937 random(11);
  std::exponential_distribution<double> length(1);
  std::vector<float> bursts;
  bool away = false;
  while (static_cast<double>(bursts.size()) < 4 * kRate) {
    const double seconds = 0.004 + (away ? 0.02 : 0.1) * length(random);
    const auto samples = static_cast<std::size_t>(seconds * kRate);
    bursts.insert(bursts.end(), samples, away ? 0.0F : 1.31F);
    away = !away;
  }
  std::normal_distribution<double> noise(0, 0.004);
  for (float& v : bursts) {
    v += static_cast<float>(noise(random));
  }
  EXPECT_NE(blame(analysed(std::move(bursts), kRate, circuit::SensorKind::active)), "");
}

// A ring of 41 that lacks a tooth, 1.3 turns of a spin that dies out: it passes as the seventh
// tooth and as the fifth from the end. The second counts too, though few follow it; with all its
// teeth the same spin is sound.
TEST_F(SoundWheel, ATurnApartAndNearTheEndATwiceAbsentPulseIsATooth) {
  constexpr double kRate = 5000;
  const auto spin = [](long absent) {
    return sampled(5, kRate, 0.004, [absent](double t) {
      const double teeth = 17.6 * 5.5 * (1 - std::exp(-t / 5.5));
      const bool there = static_cast<long>(teeth) % 41 != absent;
      return there && teeth - std::floor(teeth) < 0.5 ? 10.55 : 9.57;
    });
  };
  const auto says = [](const ChannelAnalysis& a, Code code) {
    return std::any_of(a.findings.begin(), a.findings.end(),
                       [&](const Finding& f) { return f.code == code; });
  };
  const auto sound = analysed(spin(-1), kRate, circuit::SensorKind::active, 41);
  EXPECT_FALSE(says(sound, Code::missingTooth));
  const auto last = static_cast<long>(17.6 * 5.5 * (1 - std::exp(-5 / 5.5)));
  const auto lacks = analysed(spin((last - 5) % 41), kRate, circuit::SensorKind::active, 41);
  EXPECT_TRUE(says(lacks, Code::missingTooth));
  EXPECT_FALSE(says(lacks, Code::healthy));
}

}  // namespace
}  // namespace haybale::trace
