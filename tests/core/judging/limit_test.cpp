#include "core/judging/limit.h"

#include <cmath>

#include "support/haybale_test.h"

namespace haybale::judging {
namespace {

// JCGM 106:2012, the example of a Zener diode's breakdown voltage (from memory): estimate -5.47 V,
// standard uncertainty 0.05 V, upper limit -5.40 V gives a conformance probability of 92 %.
TEST(GuardBand, ConformanceProbabilityAgreesWithJcgm106) {
  const auto j = judge(-5.47, 0.05, std::nullopt, -5.40);
  EXPECT_NEAR(j.conformance, 0.92, 0.005);
  EXPECT_EQ(j.verdict, Verdict::cannotTell)
      << "0.07 V of distance lies within the guard band of 2u = 0.10 V";
}

// ISO 14253-1 / JCGM 106 clause 8.3: accept only when the limit is kept by the whole of U = 2u,
// reject only beyond it.
TEST(GuardBand, DecidesThreeWays) {
  const double u = 5;
  EXPECT_EQ(judge(811, u, 800, 2500).verdict, Verdict::pass);
  EXPECT_EQ(judge(810, u, 800, 2500).verdict, Verdict::pass);
  EXPECT_EQ(judge(809, u, 800, 2500).verdict, Verdict::cannotTell);
  EXPECT_EQ(judge(791, u, 800, 2500).verdict, Verdict::cannotTell);
  EXPECT_EQ(judge(789, u, 800, 2500).verdict, Verdict::fail);
  EXPECT_EQ(judge(2511, u, 800, 2500).verdict, Verdict::fail);
  EXPECT_NEAR(judge(800, u, 800, std::nullopt).conformance, 0.5, 1e-12);
}

TEST(GuardBand, OverloadBreaksAMaximumAndKeepsAMinimum) {
  EXPECT_EQ(judge(INFINITY, 0, 800, 2500).verdict, Verdict::fail);
  EXPECT_EQ(judge(INFINITY, 0, 20e6, std::nullopt).verdict, Verdict::pass);
}

TEST(GuardBand, NotANumberIsNeverJudged) {
  EXPECT_EQ(judge(NAN, 1, 0, 1).verdict, Verdict::cannotTell);
}

// JCGM 100 (GUM) 4.3.7: an even distribution of half width a has the standard uncertainty a/√3.
// A 0.8 % + 2 counts meter showing 1.100 kΩ: ± (8.8 + 2) Ω.
TEST(GuardBand, MeterAccuracyBecomesStandardUncertainty) {
  const Accuracy meter{0.8, 2};
  EXPECT_NEAR(meter.halfWidth(1100, 1), 10.8, 1e-9);
  EXPECT_NEAR(meter.halfWidth(-110.0, 0.1), 1.08, 1e-9) << "two counts of a tenth";
  EXPECT_NEAR(rectangularU(10.8), 6.235, 0.001);
  EXPECT_EQ(meter.halfWidth(INFINITY, 0), 0);
}

}  // namespace
}  // namespace haybale::judging
