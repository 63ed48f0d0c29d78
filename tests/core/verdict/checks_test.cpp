// A reading against its limit, against what the model expects, against the good wheel. Copper:
// 0.393 % a kelvin at 20 degrees (IEC 60028). Guard bands: JCGM 106:2012 clause 8.3 (from memory).
#include "core/verdict/checks.h"

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using judging::Limit;
using judging::Provenance;
using judging::Quantity;
using judging::Verdict;

class Checks : public Job {
 protected:
  Checks() { kind(circuit::SensorKind::passive); }

  const job::Evidence& typed(const char* line, const char* circuit = "RR") {
    reading(circuit, line);
    return c.evidence.back();
  }
  std::vector<Check> limits(const char* line) {
    const auto& e = typed(line);
    return checkLimits(c, e, *c.find("RR"));
  }
  static Limit ratio(Quantity quantity, double most) {
    Limit l;
    l.quantity = quantity;
    l.leftRightRatio = most;
    return l;
  }
  static Limit coil(double min, double max, Provenance p, std::optional<double> celsius = {}) {
    Limit l;
    l.quantity = Quantity::coilResistance;
    l.min = min;
    l.max = max;
    l.provenance = p;
    l.atCelsius = celsius;
    return l;
  }
};

TEST_F(Checks, ALimitIsKeptBrokenOrTooNearToTell) {
  c.limits = {coil(1000, 1200, Provenance::serviceInformation)};
  for (const auto& [line, verdict] : {std::pair{"C2.w pair 1100 unplugged", Verdict::pass},
                                      {"C2.w pair 900 unplugged", Verdict::fail},
                                      {"C2.w pair 1400 unplugged", Verdict::fail},
                                      {"C2.w pair 1201 unplugged", Verdict::cannotTell},
                                      {"C2.w pair OL unplugged", Verdict::fail}}) {
    const auto checks = limits(line);
    ASSERT_EQ(checks.size(), 1U) << line;
    EXPECT_EQ(checks.front().verdict, verdict) << checks.front().reason;
  }
}

TEST_F(Checks, WhatABrokenLimitMeansIsSaid) {
  c.limits = {coil(1000, 1200, Provenance::serviceInformation)};
  EXPECT_NE(limits("C2.w pair OL unplugged")[0].reason.find("open"), std::string::npos);
  EXPECT_NE(limits("C2.w pair 2000 unplugged")[0].reason.find("wrong part"), std::string::npos);
  EXPECT_NE(limits("C2.w pair 300 unplugged")[0].reason.find("shorted turns"), std::string::npos);
}

// 1180 ohms at 70 degrees are 986 at 20: 1180 / (1 + 0.00393 * 50).
TEST_F(Checks, ALimitAtATemperatureIsComparedThere) {
  c.limits = {coil(1000, 1200, Provenance::serviceInformation, 20)};
  const auto hot = limits("C2.w pair 1180 unplugged at 70C");
  ASSERT_EQ(hot.size(), 1U);
  EXPECT_EQ(hot[0].verdict, Verdict::fail);
  EXPECT_NE(hot[0].reason.find("986"), std::string::npos) << hot[0].reason;
  EXPECT_EQ(limits("C2.w pair 1180 unplugged")[0].verdict, Verdict::pass);
}

TEST_F(Checks, TheStrongestGroundCountsAndTheCircuitsOwnBeforeIt) {
  c.limits = {coil(100, 9000, Provenance::commonPractice), coil(1000, 1200, Provenance::goodPart)};
  auto checks = limits("C2.w pair 2000 unplugged");
  ASSERT_EQ(checks.size(), 1U);
  EXPECT_EQ(checks[0].verdict, Verdict::fail);
  c.find("RR")->limits = {coil(1800, 2200, Provenance::commonPractice)};
  checks = limits("C2.w pair 2000 unplugged");
  ASSERT_EQ(checks.size(), 1U);
  EXPECT_EQ(checks[0].verdict, Verdict::pass);
}

TEST_F(Checks, AHandsLimitOfVoltsIsNotHeldAgainstADrive) {
  Limit volts;
  volts.quantity = Quantity::acOutput;
  volts.min = 0.2;
  volts.max = 2;
  c.limits = {volts};
  auto e = typed("C2.w pair ac 6.00V unplugged spun");
  EXPECT_EQ(checkLimits(c, e, *c.find("RR")).at(0).verdict, Verdict::fail);
  e.test.state.wheel = circuit::WheelMotion::driven;
  EXPECT_EQ(checkLimits(c, e, *c.find("RR")).at(0).verdict, Verdict::pass);
  e.reading.hz = 5;  // a tenth of a turn a second: too slow for the minimum too
  e.reading.value->value = 0.050;
  e.test.state.wheel = circuit::WheelMotion::spun;
  EXPECT_EQ(checkLimits(c, e, *c.find("RR")).at(0).verdict, Verdict::pass);
}

TEST_F(Checks, TheModelsBandIsNoSpecification) {
  const Expectation expected{{1000, 1100, 1200}, "expected 1.0 to 1.2 k\xCE\xA9", "the chart"};
  const auto verdict = [&](const char* line) {
    return checkExpected(expected, typed(line), c.meter)->verdict;
  };
  EXPECT_EQ(verdict("C2.w pair 1150 unplugged"), Verdict::pass);
  EXPECT_EQ(verdict("C2.w pair 1300 unplugged"), Verdict::fail);
  EXPECT_EQ(verdict("C2.w pair 1203 unplugged"), Verdict::cannotTell);
}

TEST_F(Checks, AnOpenCircuitThatWasExpected) {
  constexpr double kInf = std::numeric_limits<double>::infinity();
  const Expectation open{{kInf, kInf, kInf}, "expected OL", "the chart"};
  EXPECT_EQ(checkExpected(open, typed("C2.w pair OL unplugged"), c.meter)->verdict, Verdict::pass);
  EXPECT_FALSE(checkExpected(open, typed("C2.w pair 2M unplugged"), c.meter))
      << "a number is the limit's to judge";
}

// Volts of a coil are proportional to speed: compared per hertz, or not at all.
TEST_F(Checks, TheGoodWheelIsComparedPerHertz) {
  c.limits = {ratio(Quantity::acOutput, 1.5)};
  reading("RL", "C2.w pair ac 1.000V 100.0Hz unplugged spun");
  const auto same = typed("C2.w pair ac 0.500V 50.0Hz unplugged spun");
  ASSERT_TRUE(checkPeer(c, same, *c.find("RR")));
  EXPECT_EQ(checkPeer(c, same, *c.find("RR"))->verdict, Verdict::pass);
  const auto weak = typed("C2.w pair ac 0.200V 50.0Hz unplugged spun");
  EXPECT_EQ(checkPeer(c, weak, *c.find("RR"))->verdict, Verdict::fail);
  const auto unknown = typed("C2.w pair ac 0.500V unplugged spun");
  EXPECT_FALSE(checkPeer(c, unknown, *c.find("RR"))) << "two unknown spins do not compare";
}

TEST_F(Checks, AReadingOfOneSideOnlyMakesTheDifference) {
  c.limits = {ratio(Quantity::coilResistance, 1.2)};
  reading("RL", "C2.w pair 1100 unplugged");
  const auto open = typed("C2.w pair OL unplugged");
  EXPECT_EQ(checkPeer(c, open, *c.find("RR"))->verdict, Verdict::fail);
  const auto alike = typed("C2.w pair 1120 unplugged");
  EXPECT_EQ(checkPeer(c, alike, *c.find("RR"))->verdict, Verdict::pass);
}

TEST_F(Checks, TheWorstOfThemDecides) {
  const auto of = [](std::vector<Verdict> all) {
    std::vector<Check> checks;
    for (const auto v : all) {
      checks.push_back({v, "", ""});
    }
    return worst(checks);
  };
  EXPECT_EQ(of({}), Verdict::pass);
  EXPECT_EQ(of({Verdict::pass, Verdict::cannotTell}), Verdict::cannotTell);
  EXPECT_EQ(of({Verdict::cannotTell, Verdict::fail, Verdict::pass}), Verdict::fail);
}

}  // namespace
}  // namespace haybale::diagnosis
