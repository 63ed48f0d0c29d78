// A ring out of numbered teeth, without a trace: where it is irregular, and how often that showed.
// And the wheel that may have stood: s = v^2 / 2a (any book on mechanics).
#include <cmath>
#include <random>

#include "core/trace/stands.h"
#include "core/trace/teeth.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

// Teeth of a wheel at one pace; positions that are absent leave a longer period before them.
std::vector<Tooth> turned(int ring, int count, std::vector<int> absent, double noise = 0) {
  std::mt19937 random(2);
  std::normal_distribution<double> normal(0, noise);
  const auto isAbsent = [&](long n) {
    return std::find(absent.begin(), absent.end(), static_cast<int>(n % ring)) != absent.end();
  };
  std::vector<Tooth> out;
  for (long n = 0; n < count; ++n) {
    if (isAbsent(n)) {
      continue;
    }
    Tooth t;
    t.number = n;
    t.riseS = 0.002 * static_cast<double>(n);
    while (isAbsent(n + 1 + t.lost)) {
      ++t.lost;
    }
    t.periodS = 0.002 * (1 + t.lost);
    t.pitch = static_cast<float>((1 + t.lost) * (1 + normal(random)));
    t.halfSwing = 0.5F;
    t.strength = static_cast<float>(1 + normal(random));
    out.push_back(t);
  }
  out.back().periodS = 0;
  out.back().pitch = 0;
  out.back().lost = 0;
  return out;
}

TEST(RingOf, AnAbsentToothIsNamedWhetherTheTeethWereCountedOrNot) {
  for (const auto given : {std::optional(48), std::optional<int>()}) {
    const auto ring = ringOf(turned(48, 48 * 6, {17}, 0.01), given);
    ASSERT_TRUE(ring);
    EXPECT_EQ(ring->teeth, 48);
    EXPECT_EQ(ring->estimated, !given);
    EXPECT_NEAR(ring->turns, 6, 0.1);
    ASSERT_EQ(ring->irregular.size(), 1U);
    EXPECT_EQ(ring->irregular[0].kind, ToothKind::missing);
    EXPECT_EQ(ring->irregular[0].position, 17);
    EXPECT_GE(ring->irregular[0].seen, 5);
    EXPECT_GE(ring->irregular[0].of, ring->irregular[0].seen);
  }
}

TEST(RingOf, AnEvenRingHasNothingToName) {
  const auto ring = ringOf(turned(48, 48 * 6, {}, 0.01), 48);
  ASSERT_TRUE(ring);
  EXPECT_TRUE(ring->irregular.empty());
  EXPECT_LT(ring->scatterPercent, 5);
  EXPECT_FALSE(ringOf(turned(48, 48 * 6, {}, 0.01), std::nullopt)) << "nothing repeats";
}

TEST(RingOf, AGapThatIsWideTurnAfterTurnIsNamedWithItsShare) {
  auto teeth = turned(44, 44 * 7, {});
  for (auto& t : teeth) {
    if (t.number % 44 == 9 && t.pitch > 0) {
      t.pitch = 1.25F;
      t.periodS *= 1.25;
    }
  }
  const auto ring = ringOf(teeth, 44);
  ASSERT_TRUE(ring);
  ASSERT_EQ(ring->irregular.size(), 1U);
  EXPECT_EQ(ring->irregular[0].kind, ToothKind::wide);
  EXPECT_EQ(ring->irregular[0].position, 9);
  EXPECT_NEAR(ring->irregular[0].amountPercent, 25, 3);
}

// With a pitch of 22 mm and 30 m/s^2 at most: f = sqrt(2 a / p) = 52.2 teeth a second.
TEST(MayHaveStood, AWheelComesToRestWithinAToothOnlyWhenItIsSlow) {
  const Spinning spinning{0.02, 0.022};
  EXPECT_TRUE(canStopFrom(20, spinning));
  EXPECT_FALSE(canStopFrom(120, spinning));
  bool could = true;
  for (double hz = 5; hz < 300; hz += 1) {
    const bool can = canStopFrom(hz, spinning);
    EXPECT_TRUE(could || !can) << "once it cannot it never can at more";
    could = can;
  }
  const Spinning coarse{0.02, 0.2};
  EXPECT_FALSE(canStopFrom(30, coarse)) << "a longer pitch takes a harder stop";
}

TEST(MayHaveStood, EvenTeethOnBothSidesOfAPauseMeanThatTheSignalWasLost) {
  auto teeth = turned(48, 200, {});
  teeth[100].lost = 12;
  teeth[100].periodS = 0.002 * 13;
  for (std::size_t i = 101; i < teeth.size(); ++i) {
    teeth[i].riseS += 0.024;
    teeth[i].number += 12;
  }
  markStands(teeth, {0.02, 0.022});
  EXPECT_FALSE(teeth[100].stood);
  EXPECT_EQ(teeth[100].lost, 12);
}

// It slows down to a stop and starts again, as a hand turns a wheel.
TEST(MayHaveStood, AWheelThatStopsBetraysItselfBeforeThePause) {
  std::vector<Tooth> teeth;
  double at = 0;
  const auto add = [&](double period) {
    Tooth t;
    t.number = static_cast<long>(teeth.size());
    t.riseS = at;
    t.periodS = period;
    t.pitch = 1;
    teeth.push_back(t);
    at += period;
  };
  for (const double p : {0.05, 0.055, 0.06, 0.07, 0.09, 0.13, 0.22}) {
    add(p);
  }
  add(1.5);
  teeth.back().lost = 9;
  for (const double p : {0.22, 0.13, 0.09, 0.07, 0.06, 0.055, 0.05}) {
    add(p);
  }
  markStands(teeth, {0.02, 0.022});
  EXPECT_TRUE(teeth[7].stood);
}

}  // namespace
}  // namespace haybale::trace
