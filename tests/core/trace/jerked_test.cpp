// Wheels that are stopped hard, jerked and turned back, and currents through a clamp that shows
// changes only. What a hand can do: common practice, no source; the currents are those of the VDA
// interface, from memory.
#include <cmath>
#include <random>

#include "core/trace/analysis.h"
#include "core/trace/stands.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kJerkedRate = 20'000;

struct Switched {
  int teeth = 48;
  double low = 0.7;
  double high = 1.4;
  int absent = -1;  // tooth of the ring
  double noise = 0.004;
  units::Unit unit = units::Unit::volt;
};

// The line while the wheel, 2 m round, goes as fast as `speed` says, in m/s.
template <class Speed>
capture::Record turned(const Speed& speed, double seconds, const Switched& s) {
  std::mt19937 random(7);
  std::normal_distribution<double> rustle(0, s.noise * (s.high - s.low));
  std::vector<float> samples;
  double angle = 0.3;
  for (int i = 0; i < seconds * kJerkedRate; ++i) {
    angle += speed(i / kJerkedRate) / 2 * s.teeth / kJerkedRate;
    const double whole = std::floor(angle);
    const bool there = static_cast<int>(whole) % s.teeth != s.absent;
    const double level = angle - whole < 0.5 && there ? s.high : s.low;
    samples.push_back(static_cast<float>(level + rustle(random)));
  }
  auto record = recordFrom(std::move(samples), kJerkedRate);
  record.channels[0].unit = s.unit;
  return record;
}

Finding mainOf(const capture::Record& record, const Options& options = {}) {
  const auto a = analyse(record, 0, options);
  EXPECT_FALSE(a.findings.empty());
  return a.findings.empty() ? Finding{} : a.findings.front();
}

TEST(Jerked, AWheelThatIsStoppedHardLosesNothing) {
  for (const int teeth : {29, 48, 60, 96}) {
    for (const double v : {2.0, 3.2, 3.7}) {
      const auto stops = [&](double s) { return std::max(0.0, std::min(v, v - 24 * (s - 0.65))); };
      const auto starts = [&](double s) { return std::max(0.0, std::min(v, 24 * (s - 0.35))); };
      for (const auto& record :
           {turned(stops, 1.2, {.teeth = teeth}), turned(starts, 1.2, {.teeth = teeth})}) {
        const auto found = mainOf(record);
        EXPECT_EQ(found.code, Code::healthy) << teeth << " at " << v << ": " << found.text;
      }
    }
  }
}

TEST(Jerked, AWheelThatTurnsBackLosesNothing) {
  for (const int teeth : {48, 96}) {
    const auto rocks = [](double s) { return 7 * std::sin(3.1416 * s); };
    const auto found = mainOf(turned(rocks, 4, {.teeth = teeth}));
    EXPECT_EQ(found.code, Code::healthy) << teeth << ": " << found.text;
  }
}

TEST(Jerked, AToothThatIsAbsentIsTheRingsHoweverTheSpinBeganAndEnded) {
  const auto hand = [](double s) { return 6 * std::pow(std::sin(3.1416 * s / 3), 0.6) + 1e-3; };
  for (const int teeth : {43, 47, 60}) {
    const auto record = turned(hand, 3, {.teeth = teeth, .low = 0.2, .high = 11.8, .absent = 7});
    const auto a = analyse(record, 0, {});
    EXPECT_EQ(a.findings.at(0).code, Code::missingTooth) << teeth << ": " << a.findings[0].text;
    ASSERT_TRUE(a.ring) << teeth;
    EXPECT_EQ(a.ring->teeth, teeth);
    EXPECT_TRUE(a.dropouts.empty());
  }
}

TEST(Jerked, BesideAWholeGapOneThatIsHardlyLongerIsSlowHoweverFast) {
  // 100, 80, 64, 51 teeth a second: from 51 no hand stops a wheel within a tooth, and need not.
  std::vector<Tooth> teeth;
  double s = 0;
  for (const double period : {0.01, 0.01, 0.01, 0.0125, 0.0156, 0.0196, 0.0}) {
    Tooth t;
    t.riseS = s;
    t.periodS = period;
    t.pitch = 1;
    t.number = static_cast<long>(teeth.size());
    s += period;
    teeth.push_back(t);
  }
  teeth[5].pitch = 1.7F;
  teeth[5].lost = 1;
  EXPECT_LT(leavingHz(teeth, 5), 51);
  EXPECT_GT(leavingHz(teeth, 5), 25);
  auto absent = teeth;
  absent[5].periodS = 0.04;  // twice what the trend asks for
  const Spinning spinning{0, 0.04};
  markStands(teeth, spinning);
  EXPECT_EQ(teeth[5].lost, 0);
  markStands(absent, spinning);
  EXPECT_EQ(absent[5].lost, 1);
}

TEST(Probe, AClampThatShowsChangesOnlyIsJudgedByTheStep) {
  const auto even = [](double) { return 4.0; };
  const auto steps = [&](double half) {
    return mainOf(turned(even, 2, {.low = -half, .high = half, .unit = units::Unit::ampere}));
  };
  EXPECT_EQ(steps(0.0035).code, Code::healthy);
  EXPECT_NE(steps(0.0035).text.find("changes only"), std::string::npos) << steps(0.0035).text;
  EXPECT_EQ(steps(0.0012).code, Code::lowCurrentLevel);
  EXPECT_EQ(steps(0.0012).severity, Severity::suspect);
  EXPECT_EQ(steps(0.008).code, Code::highCurrentLevel);
}

TEST(Probe, AClampTheWrongWayRoundIsSaidAndItsLevelsAreJudged) {
  const auto even = [](double) { return 4.0; };
  const auto levels = [&](double low, double high) {
    return mainOf(turned(even, 2, {.low = -high, .high = -low, .unit = units::Unit::ampere}));
  };
  EXPECT_EQ(levels(0.007, 0.014).code, Code::healthy);
  EXPECT_NE(levels(0.007, 0.014).text.find("the other way"), std::string::npos);
  EXPECT_EQ(levels(0.007, 0.010).code, Code::lowCurrentLevel);
  EXPECT_EQ(levels(0.010, 0.014).code, Code::highCurrentLevel);
}

TEST(Probe, ACurrentThatDoublesAndHalvesUnevenlyIsTheSensors) {
  // Jerked along by a tooth or two at a time.
  const auto pulls = [](double s) { return 1.3 * std::max(0.0, std::sin(3 * 6.2832 * s)); };
  const auto record =
      turned(pulls, 1, {.teeth = 29, .low = 0.007, .high = 0.014, .unit = units::Unit::ampere});
  for (const auto& f : analyse(record, 0, {}).findings) {
    EXPECT_EQ(f.severity, Severity::note) << f.text;
  }
}

TEST(Dropouts, OfThreeLevelsWithoutNoiseTheThirdIsTheDropouts) {
  for (const double share : {0.05, 0.15, 0.28, 0.4}) {
    for (const double level : {0.0, 2.1}) {
      auto record = turned([](double) { return 2.0; }, 2, {.noise = 0});
      auto& v = record.channels[0].samples;
      const auto from = static_cast<std::size_t>(0.6 * kJerkedRate);
      const auto to = from + static_cast<std::size_t>(share * 2 * kJerkedRate);
      std::fill(v.begin() + static_cast<std::ptrdiff_t>(from),
                v.begin() + static_cast<std::ptrdiff_t>(to), static_cast<float>(level));
      const auto a = analyse(record, 0, {});
      ASSERT_EQ(a.dropouts.size(), 1U) << share << " at " << level;
      EXPECT_NEAR(a.dropouts[0].level, level, 0.01);
      EXPECT_EQ(a.signal, Signal::active);
    }
  }
}

TEST(Dropouts, GroundBesideASwitchThatIsOnIsToldToTheSample) {
  for (const double at : {0.500, 0.503, 0.507, 0.511}) {
    auto record = turned([](double) { return 3.0; }, 2, {.low = 5, .high = 0.2, .noise = 0.002});
    auto& v = record.channels[0].samples;
    const double until = at + 0.11;
    for (auto i = static_cast<std::size_t>(at * kJerkedRate);
         i < static_cast<std::size_t>(until * kJerkedRate); ++i) {
      v[i] = 0.0F;
    }
    const auto a = analyse(record, 0, {});
    ASSERT_EQ(a.dropouts.size(), 1U) << at;
    EXPECT_NEAR(a.dropouts[0].startS, at, 0.002);
    EXPECT_NEAR(a.dropouts[0].endS, until, 0.002);
  }
}

}  // namespace
}  // namespace haybale::trace
