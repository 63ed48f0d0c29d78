// A hand spin that dies out while the bias steps: the last of the wave and the rest behind it lie
// at another level. What is none of that: a square wave that stops, a wire that parts, a line that
// comes back. The wave is a coil's: its swing follows the speed (Faraday), written out here.
#include "core/trace/rest_step.h"

#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "core/trace/levels.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kSpinRate = 10'000;
constexpr double kSpinSeconds = 5;

// Teeth a second of a wheel that is flicked and comes to rest after three seconds.
double coastingHz(double s) {
  return s < 0.3 ? 0 : s < 0.5 ? 400 * (s - 0.3) : std::max(0.0, 80 * (1 - (s - 0.5) / 2.5));
}

// The line by its level and the share of the wave that is left, both over time.
template <class Level, class Share>
capture::Record dyingWave(const Level& level, const Share& share, double noise = 0.004) {
  std::vector<float> volts;
  std::mt19937 random(7);
  std::normal_distribution<double> rustle(0, noise);
  double passed = 0;
  for (int i = 0; i < kSpinSeconds * kSpinRate; ++i) {
    const double s = i / kSpinRate;
    passed += coastingHz(s) / kSpinRate;
    const double wave = 0.5 * coastingHz(s) / 80 * std::sin(2 * std::numbers::pi * passed);
    volts.push_back(static_cast<float>(level(s) + share(s) * wave + rustle(random)));
  }
  return recordFrom(std::move(volts), kSpinRate);
}

std::optional<SteppedRest> restStepIn(const capture::Record& record, double noise = 0.004) {
  const Distribution d(record.channels[0].samples);
  return steppedRest(d.bounds(), noise, 0);
}

constexpr auto kWholeWave = [](double) { return 1.0; };
auto levelTo(double level, double at) {
  return [=](double s) { return s < at ? 2.5 : level; };
}

TEST(RestStep, IsFoundWhereItIsWhetherTheWaveStillRunsOrNot) {
  for (const double to : {2.2, 2.9, 3.9, 0.4}) {
    for (const double at : {2.0, 2.6, 3.4}) {
      const auto record = dyingWave(levelTo(to, at), kWholeWave);
      const auto found = restStepIn(record);
      ASSERT_TRUE(found) << to << " at " << at;
      EXPECT_NEAR(found->step.from, 2.5, 0.03);
      EXPECT_NEAR(found->step.to, to, 0.03);
      EXPECT_NEAR(static_cast<double>(found->step.at) / kSpinRate, at, 0.002);
      EXPECT_NEAR(found->samples.back(), 2.5, 0.03);
    }
  }
}

TEST(RestStep, IsSaidAsAChangeOfTheBias) {
  const auto record = dyingWave(levelTo(2.0, 2.4), kWholeWave);
  for (const auto kind : {circuit::SensorKind::unknown, circuit::SensorKind::passive}) {
    Options options;
    options.sensor = kind;
    const auto a = analyse(record, 0, options);
    EXPECT_EQ(a.signal, Signal::passive);
    ASSERT_FALSE(a.findings.empty());
    EXPECT_EQ(a.findings.front().code, Code::biasShift);
    EXPECT_NEAR(a.levelTo - a.levelFrom, -0.5, 0.03);
    EXPECT_TRUE(a.dropouts.empty());
  }
}

TEST(RestStep, IsNoneWhereTheLevelStays) {
  EXPECT_FALSE(restStepIn(dyingWave(levelTo(2.5, 2), kWholeWave)));
  EXPECT_EQ(analyse(dyingWave(levelTo(2.5, 2), kWholeWave), 0, {}).findings.front().code,
            Code::healthy);
}

// The signal goes with the wire: that is an open line, and what finds those shall have it.
TEST(RestStep, IsNoneWhereTheWaveGoesWithIt) {
  const auto until = [](double end) { return [=](double s) { return s < end ? 1.0 : 0.0; }; };
  for (const double at : {1.2, 2.0, 2.2}) {
    EXPECT_FALSE(restStepIn(dyingWave(levelTo(4.8, at), until(at)))) << at;
    EXPECT_TRUE(at < 2 || restStepIn(dyingWave(levelTo(4.8, at), kWholeWave))) << at;
  }
}

TEST(RestStep, IsNoneWhereTheLineComesBack) {
  EXPECT_FALSE(
      restStepIn(dyingWave([](double s) { return s > 2.2 && s < 2.5 ? 3.5 : 2.5; }, kWholeWave)));
}

// A wheel that turns until `end` and stands on 0.7 V, and is nudged on to `last` after 3.2 s;
// `shape` is of the time and of the sine of its angle.
template <class Shape>
capture::Record nudgedOn(double end, double last, const Shape& shape) {
  auto record = dyingWave(levelTo(last, 3.2), [](double) { return 0.0; });
  auto& samples = record.channels[0].samples;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    const double s = static_cast<double>(i) / kSpinRate;
    const double turned = shape(s, std::sin(2 * std::numbers::pi * 40 * s));
    samples[i] = static_cast<float>(s > 3.2 ? last : s > end ? 0.7 : turned);
  }
  return record;
}

// A switching sensor stands on its lower level and is nudged on to the upper one: the two currents
// are no step of the bias. Behind a coil's wave that sank it is one.
TEST(RestStep, IsNoneOfASquareWaveThatIsNudgedOn) {
  const auto square = [](double, double wave) { return wave > 0 ? 1.4 : 0.7; };
  const auto coil = [](double s, double wave) { return 0.7 + 0.7 * (1 - s / 1.8) * wave; };
  EXPECT_FALSE(restStepIn(nudgedOn(1.8, 1.45, square)));
  EXPECT_TRUE(restStepIn(nudgedOn(1.8, 1.45, coil)));
}

// Shortly behind edges half as high as itself a jump is one of them; a second later it is not.
TEST(RestStep, IsNoneAmongEdgesOfItsKind) {
  const auto edges = [](double s, double wave) {
    const double height = s < 1.5 ? 1 - s / 2.1 : 0.3;
    return 0.7 + height * (wave > 0 ? 1 : -1);
  };
  EXPECT_FALSE(restStepIn(nudgedOn(2.85, 2.1, edges)));
  EXPECT_TRUE(restStepIn(nudgedOn(2.1, 2.1, edges)));
}

// Nothing is told within 15 % of either end, nor of a record that ends on the move.
TEST(RestStep, IsNotToldAtTheEnds) {
  EXPECT_FALSE(restStepIn(dyingWave(levelTo(3.1, 4.6), kWholeWave)));
  EXPECT_FALSE(restStepIn(dyingWave(levelTo(3.1, 0.4), kWholeWave)));
  auto cut = dyingWave(levelTo(3.1, 1.4), kWholeWave);
  cut.channels[0].samples.resize(20'000);
  EXPECT_FALSE(restStepIn(cut)) << "the wheel still turns";
}

}  // namespace
}  // namespace haybale::trace
