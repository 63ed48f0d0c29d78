// What must hold of the belief whatever was read: order does not matter, more of the same never
// turns it round, the two wires are alike where the vehicle does not tell them apart, shares are
// shares. Common practice, no source: it is logic rather than trade.
#include <algorithm>
#include <numeric>
#include <random>

#include "core/belief/ways_to_fail.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Holds : public Job {
 protected:
  void usual() {
    reading("RL", "module pair 1.12k");
    reading("RR", "module pair 4M8");
    reading("RR", "C2.w pair 1.10k unplugged");
    reading("RR", "module a gnd OL");
    reading("RR", "C2 a gnd 4.98V key on unplugged");
  }
  [[nodiscard]] std::map<std::string, double> shares() {
    std::map<std::string, double> out;
    for (const auto& s : assessed().conclusion.suspects) {
      out[s.element + " " + std::string(nameOf(s.fault)) + " " +
          (s.wire ? (*s.wire == circuit::WireId::a ? "a" : "b") : "")] += s.share;
    }
    return out;
  }
};

TEST_F(Holds, SharesAreProbabilities) {
  usual();
  double sum = 0;
  for (const auto& s : assessed().conclusion.suspects) {
    EXPECT_GE(s.share, 0);
    EXPECT_LE(s.share, 1);
    sum += s.share;
  }
  EXPECT_NEAR(sum, 1, 1e-6);
}

TEST_F(Holds, PriorsOfEveryKindSumToOneAndNoneIsNegative) {
  for (const auto k :
       {circuit::SensorKind::passive, circuit::SensorKind::active, circuit::SensorKind::activePwm,
        circuit::SensorKind::activeAk, circuit::SensorKind::hall}) {
    kind(k);
    double sum = 0;
    for (const auto& h : waysToFail(c)) {
      EXPECT_GE(h.prior, 0) << nameOf(h.fault);
      EXPECT_TRUE(std::is_sorted(h.steps.begin(), h.steps.end()) ||
                  std::is_sorted(h.steps.rbegin(), h.steps.rend()))
          << nameOf(h.fault);
      sum += h.prior;
    }
    EXPECT_NEAR(sum, 1, 1e-9);
  }
}

// Numbers of one state of the car may be taken in any order.
TEST_F(Holds, TheOrderInWhichNumbersWereReadDoesNotMatter) {
  usual();
  const auto before = shares();
  std::mt19937 random(5);
  for (int n = 0; n < 3; ++n) {
    std::shuffle(c.evidence.begin(), c.evidence.end(), random);
    const auto after = shares();
    for (const auto& [name, share] : before) {
      const auto found = after.find(name);
      const double now = found == after.end() ? 0 : found->second;
      EXPECT_NEAR(now, share, 0.02) << name;
    }
  }
}

TEST_F(Holds, AWithdrawnReadingIsAsIfItHadNotBeenTaken) {
  usual();
  const auto before = shares();
  reading("RR", "C1 pair 12.3k unplugged");
  c.evidence.back().withdrawn = true;
  for (const auto& [name, share] : shares()) {
    const auto found = before.find(name);
    ASSERT_NE(found, before.end()) << name;
    EXPECT_DOUBLE_EQ(share, found->second) << name;
  }
}

// Ohms of the pair do not tell wire a from wire b.
TEST_F(Holds, APairOfWiresIsSymmetric) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair OL");
  const auto now = shares();
  int looked = 0;
  for (const auto& [name, share] : now) {
    if (!name.ends_with(" a") || share < 0.01) {
      continue;
    }
    const auto other = now.find(name.substr(0, name.size() - 1) + "b");
    ASSERT_NE(other, now.end()) << name;
    EXPECT_NEAR(share, other->second, 0.25 * std::max(share, other->second)) << name;
    ++looked;
  }
  EXPECT_GE(looked, 2);
}

// A reading that is repeated speaks no other way than it did, and never as a second witness.
TEST_F(Holds, TheSameReadingAgainTurnsNothingRound) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair 4M8");
  const auto once = assessed().conclusion.suspects.front();
  const double before = once.share;
  for (int n = 0; n < 3; ++n) {
    reading("RR", "module pair 4M8");
  }
  const auto often = assessed().conclusion.suspects.front();
  EXPECT_EQ(often.element, once.element);
  // One slip less is thinkable, no second witness more.
  EXPECT_NEAR(often.share, before, 0.1);
}

// The further the coil's ohms are from the good wheel's, the less is "nothing wrong" believed.
TEST_F(Holds, TheOdderTheOhmsTheLessIsTheLineSound) {
  reading("RL", "module pair 1.10k");
  double last = 1;
  for (const char* ohms : {"1.10k", "1.6k", "2.6k", "8k", "60k", "OL"}) {
    reading("RR", std::string("module pair ") + ohms);
    double sound = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      sound += s.fault == Fault::none ? s.share : 0;
    }
    c.evidence.pop_back();
    EXPECT_LE(sound, last + 0.02) << ohms;
    last = sound;
  }
  EXPECT_LT(last, 0.05);
}

// Halving: with both ends of a leg measured the break is on the side that is open.
TEST_F(Holds, TheBreakIsWhereTheOhmsEnd) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair OL");
  const double open = share("L1") + share("C1");
  reading("RR", "C1.w pair 1.12k unplugged");
  EXPECT_GT(share("L1") + share("C1"), std::max(0.7, open));
  c.evidence.pop_back();
  reading("RR", "C1.w pair OL unplugged");
  EXPECT_LT(share("L1"), 0.1);
}

}  // namespace
}  // namespace haybale::diagnosis
