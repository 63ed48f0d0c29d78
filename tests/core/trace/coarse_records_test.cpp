// Records with few samples a cycle or few steps a level: a wave that is taken for noise hides what
// is cut out of it, and levels a step apart hide beside a short to ground. Signals are made here.
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "core/trace/levels.h"
#include "core/trace/noise.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kCoarseRate = 4000;

// A coil at `hz`, six to nine samples a cycle, with an overtone of a tenth.
std::vector<float> coil(double hz, double noiseV, double seconds = 3) {
  std::mt19937 random(11);
  std::normal_distribution<double> noise(0, noiseV);
  std::vector<float> v;
  for (int i = 0; i < static_cast<int>(kCoarseRate * seconds); ++i) {
    const double x = 2 * std::numbers::pi * hz * i / kCoarseRate;
    v.push_back(static_cast<float>(3 * std::sin(x) + 0.3 * std::sin(2 * x) + noise(random)));
  }
  return v;
}

// Each tooth the slope of a bell of flux, a wheel that pulls away to three times its speed, read by
// a converter of so many steps from crest to crest at the end.
std::vector<float> pulledAway(unsigned seed, double steps) {
  constexpr double kRate = 5000, kSeconds = 4.7, kWidths = 7;
  std::minstd_rand random(seed);
  std::normal_distribution<double> noise(0, 0.1);
  std::vector<float> out;
  double phase = 0.01 * seed;
  for (int i = 0; i < static_cast<int>(kRate * kSeconds); ++i) {
    const double hz = 160 + 80 * i / kRate;
    phase += hz / kRate;
    const double x = kWidths * (phase - std::floor(phase) - 0.5);
    const double wave = -x * std::exp(0.5 - x * x / 2) * hz / 536;
    const double step = 2 / steps;
    out.push_back(static_cast<float>(step * std::round((2.3 / 7 + wave) / step + noise(random))));
  }
  return out;
}

TEST(CoarseBells, OfAWheelThatPullsAwayHaveNoDropouts) {
  for (unsigned seed = 1; seed <= 12; ++seed) {
    for (const double steps : {7.0, 8.0, 9.0}) {
      const auto a = analyse(recordFrom(pulledAway(seed, steps), 5000), 0, {});
      EXPECT_TRUE(a.dropouts.empty()) << seed << ", " << steps << " steps: " << a.dropouts.size();
      EXPECT_TRUE(a.frequencyHz && a.frequencyHz->median > 300) << seed;
    }
  }
}

class CoarseWave : public testing::TestWithParam<double> {};

// Prony's difference equation leaves of a wave its noise alone; a third difference cannot.
TEST_P(CoarseWave, IsNoNoise) {
  const auto v = coil(GetParam(), 0.03);
  EXPECT_NEAR(noiseBesideWaveRms(v), 0.03, 0.006);
}

TEST_P(CoarseWave, OfASoundWheelIsCountedWhole) {
  const auto a = analyse(recordFrom(coil(GetParam(), 0.02), kCoarseRate), 0, {});
  ASSERT_TRUE(a.frequencyHz);
  EXPECT_NEAR(a.frequencyHz->median, GetParam(), 0.01 * GetParam());
  EXPECT_EQ(a.findings.front().code, Code::healthy);
}

TEST_P(CoarseWave, ShowsWhereItIsCutOut) {
  auto v = coil(GetParam(), 0.02);
  for (const int at : {2200, 4100, 7003}) {
    for (int i = at; i < at + 240; ++i) {  // 60 ms
      v[static_cast<std::size_t>(i)] = 0.002F * static_cast<float>(i % 3);
    }
  }
  const auto a = analyse(recordFrom(std::move(v), kCoarseRate), 0, {});
  ASSERT_EQ(a.dropouts.size(), 3);
  EXPECT_NEAR(a.dropouts[0].startS, 2200 / kCoarseRate, 2e-3);
  EXPECT_NEAR(a.dropouts[0].endS, 2440 / kCoarseRate, 2e-3);
  EXPECT_EQ(a.findings.front().code, Code::intermittentOpen);
}

INSTANTIATE_TEST_SUITE_P(FewSamplesACycle, CoarseWave, testing::Values(455.0, 513.0, 610.0, 670.0));

TEST(CoarseNoise, OfNoSignalIsTheNoise) {
  std::mt19937 random(3);
  std::normal_distribution<float> noise(0, 0.05F);
  std::vector<float> v(20000);
  for (float& x : v) {
    x = noise(random);
  }
  // Two terms fitted to 28 take a little of the noise with them.
  EXPECT_NEAR(noiseBesideWaveRms(v), 0.05, 0.15 * 0.05);
  EXPECT_EQ(noiseBesideWaveRms(std::span(v).first(10)), 0);
}

// A contact that crackles leaves noise as high as the wave, many pulses in little time.
TEST(Rustling, IsFoundHoweverManyPulsesTheNoiseMakes) {
  constexpr double kFast = 8000;
  std::mt19937 random(9);
  std::normal_distribution<double> noise(0, 1);
  std::vector<float> v;
  for (int i = 0; i < static_cast<int>(4 * kFast); ++i) {
    const double t = i / kFast;
    const bool crackles = (t > 0.8 && t < 0.9) || (t > 2.1 && t < 2.25);
    v.push_back(static_cast<float>(crackles ? 0.9 * noise(random)
                                            : 1.6 * std::sin(2 * std::numbers::pi * 129 * t) +
                                                  0.01 * noise(random)));
  }
  const auto a = analyse(recordFrom(std::move(v), kFast), 0, {});
  EXPECT_EQ(a.findings.front().code, Code::noisy);
  EXPECT_NE(a.findings.front().severity, Severity::note);
}

// Three teeth a jerk: periods change by a third all along.
TEST(Rustling, IsNotWhatAHandThatJerksMakes) {
  std::vector<float> v;
  double passed = 0;
  for (int i = 0; i < static_cast<int>(6 * kCoarseRate); ++i) {
    const double t = i / kCoarseRate;
    passed += 6 * (1 + 0.4 * std::sin(2 * std::numbers::pi * 1.8 * t)) / kCoarseRate;
    v.push_back(static_cast<float>(std::sin(2 * std::numbers::pi * passed)));
  }
  const auto a = analyse(recordFrom(std::move(v), kCoarseRate), 0, {});
  for (const auto& d : a.dropouts) {
    EXPECT_NE(d.kind, DropoutKind::noise);
  }
}

class FeedShorted : public testing::TestWithParam<double> {};

// Two currents of a feed three steps of the converter apart, and a third level far away. Currents
// of 7 and 14 mA (VDA interface, from memory).
TEST_P(FeedShorted, ItsTwoLevelsAreFoundBesideGround) {
  constexpr double kFast = 100000;
  const double step = GetParam();
  std::mt19937 random(5);
  std::normal_distribution<double> noise(0, 0.03);
  std::vector<float> v;
  for (int i = 0; i < 300000; ++i) {
    const double t = i / kFast;
    const bool high = std::fmod(t * 90, 1) < 0.5;
    const bool shorted = (t > 0.3 && t < 0.55) || (t > 1.1 && t < 1.4) || (t > 2.2 && t < 2.5);
    const double volts = (shorted ? 0 : high ? 12.2 : 12.65) + noise(random);
    v.push_back(static_cast<float>(std::round(volts / step) * step));
  }
  Options active;
  active.sensor = circuit::SensorKind::active;
  const auto a = analyse(recordFrom(std::move(v), kFast), 0, active);
  ASSERT_EQ(a.dropouts.size(), 3);
  EXPECT_NEAR(a.dropouts[1].startS, 1.1, 2e-3);
  EXPECT_NEAR(a.dropouts[1].level, 0, 0.1);
  EXPECT_EQ(a.findings.front().code, Code::intermittentShort);
  EXPECT_NEAR(a.frequencyHz->median, 90, 1);
}

INSTANTIATE_TEST_SUITE_P(OfItsSteps, FeedShorted, testing::Values(0.005, 0.02, 0.15));

// Nine samples a cycle of a current sensor: the edges take so many of them that neither level holds
// two fifths.
TEST(CoarseSquare, IsNoNoise) {
  std::mt19937 random(5);
  std::normal_distribution<double> noise(0, 0.02);
  constexpr double kHz = 545.07, kSquareRate = 5000;
  std::vector<float> v;
  for (int i = 0; i < 15862; ++i) {
    // Edges of an eighth of a cycle, as a filter leaves them.
    const double at = std::fmod(kHz * i / kSquareRate, 1.0);
    const double rising = std::clamp((at - 0.2) / 0.12, 0.0, 1.0);
    const double falling = std::clamp((at - 0.7) / 0.12, 0.0, 1.0);
    v.push_back(static_cast<float>(0.7 + 0.9 * (rising - falling) + noise(random)));
  }
  const auto two = Distribution(v).noiseOfTwo();
  ASSERT_TRUE(two.has_value());
  EXPECT_GT(*two, 0.019);
  EXPECT_LT(*two, 0.04);
  Options options;
  options.sensor = circuit::SensorKind::active;
  const auto a = analyse(recordFrom(v, kSquareRate), 0, options);
  ASSERT_TRUE(a.frequencyHz);
  EXPECT_NEAR(a.frequencyHz->median, kHz, 0.01 * kHz);
  EXPECT_EQ(a.findings.front().code, Code::healthy) << a.findings.front().text;
  // One level and noise are no two.
  std::vector<float> flat;
  for (int i = 0; i < 20000; ++i) {
    flat.push_back(static_cast<float>(1 + noise(random)));
  }
  EXPECT_FALSE(Distribution(flat).noiseOfTwo().has_value());
}

}  // namespace
}  // namespace haybale::trace
