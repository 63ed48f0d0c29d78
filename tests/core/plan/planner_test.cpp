// What a test is worth, by the laws that mutual information keeps: it is never negative, never more
// than what is still open, and more finely asked it is never less (Cover and Thomas, Elements of
// Information Theory, 2nd ed., theorems 2.6.5 and 2.8.1; from memory).
#include "core/plan/planner.h"

#include "core/plan/test_list.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Worth : public Job {
 protected:
  void work() {
    assessment = assessed();
    planner.emplace(*assessment.beliefs, assessment.conclusion);
  }
  // Bits that are open about the elements, or about the ways to fail.
  [[nodiscard]] double open(bool ways) const {
    const auto& at = planner->standpoint();
    std::vector<double> share(ways ? at.ways.size() : at.elements);
    for (std::size_t i = 0; i < at.ways.size(); ++i) {
      share[ways ? i : at.elementOf[i]] += at.ways[i];
    }
    double bits = 0;
    for (const double p : share) {
      bits -= p > 0 ? p * std::log2(p) : 0;
    }
    return bits;
  }
  // Of every possible test.
  template <class F>
  void each(const F& look) const {
    int seen = 0;
    for (const auto& test : possibleTests(assessment.beliefs->job())) {
      if (const auto proposal = planner->propose(test)) {
        look(*proposal);
        ++seen;
      }
    }
    EXPECT_GT(seen, 20);
  }

  Assessment assessment;
  std::optional<Planner> planner;
};

TEST_F(Worth, KeepsTheLawsOfInformation) {
  for (const auto k :
       {circuit::SensorKind::passive, circuit::SensorKind::active, circuit::SensorKind::hall}) {
    kind(k);
    work();
    ASSERT_TRUE(assessment.beliefs->kindKnown());
    const double elements = open(false);
    const double ways = open(true);
    each([&](const Proposal& p) {
      EXPECT_GE(p.bits, 0);
      EXPECT_LE(p.bits, elements + 1e-6);
      EXPECT_LE(p.ways, ways + 1e-6);
      EXPECT_GE(p.ways, p.bits - 1e-6) << "a way to fail names its element";
    });
  }
}

TEST_F(Worth, OutcomesAreSharesTheLikeliestFirst) {
  kind(circuit::SensorKind::passive);
  reading("RR", "C2.w pair 1100 unplugged");
  work();
  each([](const Proposal& p) {
    double sum = 0;
    double last = 1;
    ASSERT_FALSE(p.outcomes.empty());
    for (const auto& o : p.outcomes) {
      EXPECT_FALSE(o.reading.empty());
      EXPECT_FALSE(o.pointsTo.empty());
      EXPECT_LE(o.probability, last + 1e-9);
      last = o.probability;
      sum += o.probability;
    }
    EXPECT_LE(sum, 1 + 1e-6);
  });
}

// What was just read tells little a second time.
TEST_F(Worth, AReadingThatWasMadeTellsLessThanBefore) {
  kind(circuit::SensorKind::passive);
  work();
  reading("RR", "module pair OL unplugged");
  const auto ohms = c.evidence.back().test;
  const auto before = planner->propose(ohms);
  work();
  const auto after = planner->propose(ohms);
  ASSERT_TRUE(before && after);
  EXPECT_LT(after->bits, before->bits / 2);
}

// A minute counts: of two tests that tell the same the shorter is worth more; and the car that has
// to come down again, or a wire that is pierced, costs.
TEST_F(Worth, ScoreIsBitsByMinutes) {
  kind(circuit::SensorKind::passive);
  work();
  ASSERT_TRUE(planner->looksFurther());
  each([](const Proposal& p) {
    EXPECT_GT(p.minutes, 0);
    EXPECT_LE(p.score, p.bits / p.minutes + 1e-9);
    EXPECT_GE(p.score, 0);
  });
}

TEST_F(Worth, WhatMeansNothingCannotBeSimulated) {
  kind(circuit::SensorKind::passive);
  work();
  circuit::Test test;
  test.kind = circuit::TestKind::resistance;
  test.circuit = "nowhere";
  EXPECT_FALSE(planner->propose(test));
}

}  // namespace
}  // namespace haybale::diagnosis
