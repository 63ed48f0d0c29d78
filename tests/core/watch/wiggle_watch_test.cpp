// The watched reading while legs are moved: sessions made here, not by the program.
#include "core/watch/wiggle_watch.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

namespace {

using namespace haybale::diagnosis;

// The binomial tail of SciPy: scipy.stats.binom.sf(k - 1, n, p), values worked out with SciPy 1.10.
TEST(BinomialTail, AgreesWithScipy) {
  EXPECT_NEAR(binomialTail(10, 3, 0.2), 0.32220047359999987, 1e-9);
  EXPECT_NEAR(binomialTail(20, 12, 0.25), 0.0009353916, 1e-7);
  EXPECT_NEAR(binomialTail(5, 5, 0.5), 0.03125, 1e-12);
  EXPECT_EQ(binomialTail(5, 0, 0.5), 1);
  EXPECT_EQ(binomialTail(0, 1, 0.5), 0);
}

struct Session {
  WiggleWatch watch;
  std::string culprit;  // empty: nothing is wrong
};

// Twenty readings a second of 1100 ohm with noise; six legs are moved for some eight seconds each,
// twice round. The culprit drops out in bursts while it is moved, now and then when a neighbour
// is; now and then a probe slips.
Session session(unsigned seed, bool faulty) {
  std::mt19937 random(seed);
  std::uniform_real_distribution<double> uniform(0, 1);
  std::normal_distribution<double> normal(0, 1);
  Session out;
  const int legs = 6;
  const int culprit = static_cast<int>(random() % legs);
  out.culprit = faulty ? "L" + std::to_string(culprit) : "";
  const double rate = 0.25 + 0.5 * uniform(random);  // bursts a second at the culprit
  double s = 0;
  double until = -1;
  for (int round = 0; round < 2; ++round) {
    for (int leg = 0; leg < legs; ++leg) {
      out.watch.mark(s, "L" + std::to_string(leg));
      const double end = s + 6 + 4 * uniform(random);
      for (; s < end; s += 0.05) {
        const double here = !faulty                        ? 0
                            : leg == culprit               ? rate
                            : std::abs(leg - culprit) == 1 ? 0.06 * rate
                                                           : 0.0;
        if (uniform(random) < 0.05 * (here + 0.015)) {
          until = s + 0.05 + 0.3 * uniform(random);
        }
        const bool off = s < until;
        out.watch.add(s, off ? (uniform(random) < 0.5 ? INFINITY : 4000 + 2000 * uniform(random))
                             : 1100 + 3 * normal(random));
      }
    }
  }
  return out;
}

TEST(WiggleWatch, TheRightLegIsFirstInNineteenOfTwenty) {
  int right = 0;
  int claimed = 0;
  for (unsigned seed = 1; seed <= 500; ++seed) {
    const auto s = session(seed, true);
    const auto ranks = s.watch.rank();
    ASSERT_EQ(ranks.size(), 6U);
    right += ranks.front().element == s.culprit ? 1 : 0;
    claimed += ranks.front().claimed() && ranks.front().element == s.culprit ? 1 : 0;
  }
  EXPECT_GE(right, 475);
  EXPECT_GE(claimed, 350);  // in a short session two bursts may still be chance
}

TEST(WiggleWatch, ASoundLoomClaimsNoLegInNineteenOfTwenty) {
  int none = 0;
  for (unsigned seed = 1; seed <= 500; ++seed) {
    const auto ranks = session(seed, false).watch.rank();
    none += !ranks.front().claimed() ? 1 : 0;
  }
  EXPECT_GE(none, 475);
}

TEST(WiggleWatch, DropoutsHaveTheirTimesAndLevels) {
  WiggleWatch w;
  w.mark(0, "C2");
  int begun = 0;
  for (int i = 0; i < 100; ++i) {
    const double s = 0.05 * i;
    begun += w.add(s, i >= 60 && i < 64 ? 4.9 : 0.5) ? 1 : 0;
  }
  EXPECT_EQ(begun, 1);
  ASSERT_EQ(w.dropouts().size(), 1U);
  EXPECT_NEAR(w.dropouts()[0].startS, 3.0, 1e-9);
  EXPECT_NEAR(w.dropouts()[0].endS, 3.15, 1e-9);
  EXPECT_DOUBLE_EQ(w.dropouts()[0].level, 4.9);
  EXPECT_DOUBLE_EQ(*w.steady(), 0.5);
  EXPECT_FALSE(w.inDropout());
}

TEST(WiggleWatch, AReadingThatStaysIsTheNewOne) {
  WiggleWatch w;
  for (int i = 0; i < 200; ++i) {
    w.add(0.05 * i, i < 60 ? 1100 : INFINITY);
  }
  EXPECT_EQ(w.dropouts().size(), 1U);
  EXPECT_TRUE(std::isinf(*w.steady()));
  EXPECT_TRUE(w.add(10.1, 1100));  // and coming back is seen
}

TEST(WiggleWatch, NothingIsJudgedBeforeItIsKnownWhatIsSteady) {
  WiggleWatch w;
  EXPECT_FALSE(w.add(0, 5));
  EXPECT_FALSE(w.add(0.1, 500));
  EXPECT_FALSE(w.steady());
  EXPECT_TRUE(w.rank().empty());
}

}  // namespace
