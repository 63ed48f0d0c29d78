#include <fmt/format.h>
#include <fmt/ranges.h>

#include <cmath>
#include <numeric>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using judging::Verdict;

TEST_F(Job, AMegohmCoilFailsAndSaysWhy) {
  reading("RR", "4M8");
  const auto a = assessed();
  EXPECT_EQ(a.views[0].verdict, Verdict::fail);
  EXPECT_NE(a.views[0].reason.find("above the limit 0.80 to 2.50 kΩ (common practice)"),
            std::string::npos)
      << a.views[0].reason;
}

TEST_F(Job, NearALimitTheMeterCannotTell) {
  reading("RR", "2.49k");
  const auto a = assessed();
  EXPECT_EQ(a.views[0].verdict, Verdict::cannotTell);
  EXPECT_NE(a.views[0].reason.find("cannot be told"), std::string::npos);
}

// IEC 60028: 2.6 kΩ at 90 °C is 2.6 / 1.2751 = 2.039 kΩ at 20 °C, which keeps the limit.
TEST_F(Job, AHotCoilIsBroughtToTheLimitsTemperature) {
  reading("RR", "2.60k at 90C");
  EXPECT_EQ(assessed().views[0].checks[0].verdict, Verdict::pass);
  EXPECT_NE(assessed().views[0].checks[0].reason.find("2.039 kΩ at 20 °C"), std::string::npos)
      << assessed().views[0].checks[0].reason;
}

TEST_F(Job, ServiceInformationOverridesCommonPractice) {
  judging::Limit own;
  own.quantity = judging::Quantity::coilResistance;
  own.min = 950;
  own.max = 1100;
  own.provenance = judging::Provenance::serviceInformation;
  c.limits.push_back(own);
  reading("RR", "1.30k");
  const auto view = assessed().views[0];
  EXPECT_EQ(view.verdict, Verdict::fail);
  EXPECT_NE(view.reason.find("service information"), std::string::npos);
}

TEST_F(Job, TheGoodWheelIsTheSpecification) {
  reading("RL", "module pair 1.12k");
  reading("RL", "C2 a gnd 2.60V unplugged");
  reading("RL", "module a gnd 0.26V plugged");
  const auto p = learnParameters(c, *c.find("RR"));
  EXPECT_NEAR(p.central.frontEnd.supplyV, 2.60, 0.02);
  EXPECT_NEAR(p.central.sensor.coilOhm, 1120, 60) << "as hot as it is, which nobody knows";
  EXPECT_NEAR(p.central.frontEnd.sourceOhm / 1120, 9, 0.3) << "the divider: coil (V / v - 1)";
  EXPECT_EQ(p.from, "learnt from RL");
  reading("RR", "C2 a gnd 2.58V unplugged");
  EXPECT_EQ(assessed().views[3].verdict, Verdict::pass)
      << "2.6 V is right where the good wheel shows it, whatever a chart says";
  reading("RR", "C2 a gnd 1.20V unplugged");
  const auto ghost = assessed().views[4];
  EXPECT_EQ(ghost.verdict, Verdict::fail);
  ASSERT_FALSE(ghost.traps.empty());
  EXPECT_NE(ghost.traps[0].text.find("ghost voltage"), std::string::npos);
}

TEST_F(Job, LeftAndRightAreCompared) {
  reading("RL", "module pair 1.00k");
  reading("RR", "module pair 1.90k");
  const auto view = assessed().views[1];
  EXPECT_EQ(view.checks[0].verdict, Verdict::pass) << "it keeps the general limit";
  EXPECT_EQ(view.verdict, Verdict::fail) << "but not the good wheel";
}

TEST_F(Job, TrapsAreSaidAtTheReading) {
  reading("RR", "C2 a gnd 4.98V unplugged");
  reading("RR", "module a gnd OL unplugged key off");
  reading("RR", "module pair ac 0.4V");
  const auto a = assessed();
  EXPECT_NE(a.views[0].traps.at(0).text.find("Proves little"), std::string::npos);
  EXPECT_NE(a.views[1].traps.at(0).text.find("highest range"), std::string::npos);
  EXPECT_NE(a.views[2].traps.at(0).text.find("read the hertz too"), std::string::npos);
}

TEST_F(Job, NothingMeasuredIsSaidSoAndTheFirstMoveIsAtTheModulePlug) {
  const auto a = assessed();
  EXPECT_EQ(a.conclusion.state, State::open);
  EXPECT_EQ(a.conclusion.headline, "Nothing measured on RR yet");
  ASSERT_FALSE(a.proposals.empty());
  for (const auto& p : a.proposals) {
    EXPECT_GT(p.minutes, 0);
    EXPECT_FALSE(p.caution.empty());
    double sum = 0;
    for (const auto& o : p.outcomes) {
      sum += o.probability;
    }
    EXPECT_LE(sum, 1 + 1e-9);
  }
}

TEST_F(Job, SharesSumToOneWhateverIsLeft) {
  reading("RR", "4M8");
  const auto& suspects = assessed().conclusion.suspects;
  EXPECT_NEAR(std::accumulate(suspects.begin(), suspects.end(), 0.0,
                              [](double s, const auto& x) { return s + x.share; }),
              1.0, 1e-9);
}

// The story: megohms at the module, a good coil beyond C2, and the pair dead at C2 towards the
// module: the break lies between, and the loaded return tells which wire.
TEST_F(Job, HalfSplitEndsOnTheLegWithTheBreak) {
  reading("RL", "module pair 1.12k");
  reading("RL", "C2 a gnd 4.98V unplugged");
  reading("RR", "module pair 4M8");
  reading("RR", "C2.w pair 1.10k unplugged");
  reading("RR", "C2 a gnd 4.97V unplugged");
  reading("RR", "C2 a b 3.36V dc key on unplugged");
  reading("RR", "C1 a b 4.98V dc key on unplugged");
  reading("RR", "C1.w pair 4M8 unplugged");
  const auto a = assessed();
  EXPECT_EQ(a.conclusion.state, State::isolated) << a.conclusion.headline;
  EXPECT_EQ(a.conclusion.suspects.front().element, "L2");
  EXPECT_EQ(a.conclusion.suspects.front().wire, circuit::WireId::b);
  EXPECT_GE(a.conclusion.reasons.size(), 6U);
}

TEST_F(Job, ADeadCoilIsFoundAtTheSensor) {
  reading("RR", "module pair OL");
  reading("RR", "sensor pair OL");
  auto a = assessed();
  EXPECT_EQ(a.conclusion.suspects.front().element, "sensor");
  EXPECT_EQ(a.conclusion.suspects.front().fault, Fault::sensorOpen);
  // Two ohm readings are one witness; a part is bought on two (common practice, no source).
  EXPECT_EQ(a.conclusion.state, State::narrowed);
  EXPECT_TRUE(a.conclusion.wantsWitness);
  job::Evidence steel;
  steel.id = c.nextEvidenceId();
  steel.test.kind = circuit::TestKind::benchSensor;
  steel.test.circuit = "RR";
  steel.reading.swings = false;
  c.evidence.push_back(steel);
  a = assessed();
  EXPECT_EQ(a.conclusion.state, State::isolated);
  EXPECT_EQ(a.conclusion.witnesses.size(), 2U);
}

TEST_F(Job, AMissingToothIsTheRingsAndNotTheWires) {
  trace("RL", 1.0, 14);
  trace("RR", 1.0, 9, {13});
  auto a = assessed();
  EXPECT_EQ(a.conclusion.state, State::narrowed) << "seen by one witness";
  EXPECT_EQ(a.conclusion.suspects.front().element, "ring");
  job::Evidence look;
  look.id = c.nextEvidenceId();
  look.test.kind = circuit::TestKind::inspect;
  look.test.circuit = "RR";
  look.test.looked = "ring";
  look.reading.sight = job::Sight::missingTooth;
  c.evidence.push_back(look);
  a = assessed();
  EXPECT_EQ(a.conclusion.state, State::isolated);
  EXPECT_EQ(a.conclusion.suspects.front().element, "ring");
}

TEST_F(Job, AWeakTraceWithAGoodCoilPointsAtTheGap) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair 1.13k");
  trace("RL", 1.0, 9);
  trace("RR", 0.3, 14);
  const auto a = assessed();
  EXPECT_EQ(a.views[3].verdict, Verdict::fail);
  EXPECT_EQ(a.conclusion.suspects.front().element, "sensor");
  EXPECT_EQ(a.conclusion.suspects.front().fault, Fault::wideGap);
}

TEST_F(Job, AllGoodReadingsLeaveNothingWrongInTheLead) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair 1.11k");
  trace("RL", 1.0, 9);
  trace("RR", 0.98, 14);
  reading("RR", "module a gnd OL unplugged");
  reading("RR", "module b gnd OL unplugged");
  EXPECT_EQ(assessed().conclusion.suspects.front().element, "module")
      << "the wheel is sound up to its plug: what is left is the module, or nothing";
  job::Evidence e;
  e.id = "live";
  e.test.kind = circuit::TestKind::liveSpeed;
  e.test.circuit = "RR";
  e.test.state.wheel = circuit::WheelMotion::driven;
  e.reading.kmh = {{"LF", 30.0}, {"RF", 30.1}, {"RL", 30.0}, {"RR", 29.9}};
  c.evidence.push_back(e);
  EXPECT_EQ(assessed().conclusion.suspects.front().fault, Fault::none);
}

TEST_F(Job, ContradictionIsCalledSoAndTheClashingReadingNamed) {
  reading("RR", "module pair 1.12k");
  reading("RR", "C2.w pair OL unplugged");
  auto a = assessed();
  EXPECT_TRUE(a.conclusion.clash) << "a slip is ruled out by a repeat before more is said";
  EXPECT_NE(a.conclusion.state, State::contradictory);
  c.evidence.push_back(c.evidence[*a.conclusion.clash]);
  c.evidence.back().id = c.nextEvidenceId();
  a = assessed();
  EXPECT_EQ(a.conclusion.state, State::contradictory);
  const auto& reasons = a.conclusion.reasons;
  EXPECT_TRUE(std::any_of(reasons.begin(), reasons.end(), [](const std::string& r) {
    return r.find("the rest agrees") != std::string::npos;
  }));
  c.evidence[1].withdrawn = true;
  c.evidence.pop_back();
  a = assessed();
  EXPECT_NE(a.conclusion.state, State::contradictory)
      << "withdrawing the wrong reading brings the belief back";
}

TEST_F(Job, ProposalsKeepToTheToolBoxAndSkipWhatIsDone) {
  const auto has = [](const Assessment& a, circuit::TestKind kind) {
    return std::any_of(a.proposals.begin(), a.proposals.end(),
                       [&](const auto& p) { return p.test.kind == kind; });
  };
  c.toolbox = {"multimeter"};
  EXPECT_FALSE(has(assessed(), circuit::TestKind::waveform));
  EXPECT_FALSE(has(assessed(), circuit::TestKind::loop));
  c.toolbox = {"scope"};
  EXPECT_TRUE(has(assessed(), circuit::TestKind::waveform));
  EXPECT_FALSE(has(assessed(), circuit::TestKind::resistance));
  c.toolbox = {"multimeter", "jumper-leads"};
  reading("RR", "module pair 1.12k");
  const auto first = c.evidence.back().test;
  const auto next = assessed().proposals;
  for (const auto& p : next) {
    EXPECT_FALSE(p.test.kind == first.kind && p.test.red == first.red &&
                 p.test.black == first.black && p.test.state == first.state);
  }
}

// Odds, price and time of acting: 100 an hour, a sensor of 58 behind eight minutes of access.
TEST_F(Job, ActingMeasuringAndStoppingArePriced) {
  c.costs.hour = 100;
  c.costs.sensor = 58;
  reading("RR", "module pair OL");
  reading("RR", "sensor pair OL");
  const auto a = assessed();
  ASSERT_GE(a.options.size(), 2U);
  const auto fit = std::find_if(a.options.begin(), a.options.end(),
                                [](const Option& o) { return o.deed == Deed::fit; });
  ASSERT_NE(fit, a.options.end());
  EXPECT_EQ(fit->element, "sensor");
  EXPECT_GT(fit->cures, 0.8);
  const double minutes = 30 + c.find("RR")->find("sensor")->accessMinutes;
  EXPECT_NEAR(fit->minutes, minutes, 1e-9);
  EXPECT_NEAR(fit->cost, 58 + 100 * minutes / 60, 1e-9);
  EXPECT_GT(fit->expectedCost, fit->cost) << "with what is spent in vain";
  EXPECT_TRUE(std::any_of(a.options.begin(), a.options.end(), [](const Option& o) {
    return o.text.find("Stop here") != std::string::npos;
  }));
  EXPECT_TRUE(std::is_sorted(
      a.options.begin(), a.options.end(),
      [](const Option& x, const Option& y) { return x.expectedCost < y.expectedCost; }));
}

TEST_F(Job, AMissingCaptureIsSaidAndNothingElseBreaks) {
  trace("RL", 1.0, 9);
  c.evidence[0].reading.file = "/no/such.csv";
  const auto a = assessed();
  EXPECT_EQ(a.views[0].shown, "capture missing");
  EXPECT_NE(a.views[0].reason.find("/no/such.csv"), std::string::npos);
}

// Leads and tips are worth tenths of an ohm, one ground against another hundredths of a volt.
TEST_F(Job, WhatTheHandAddsIsNotHeldAgainstTheCircuit) {
  reading("RR", "module a C2 a 0.3");
  reading("RR", "C2.w b gnd 0.02V dc key on plugged");
  const auto a = assessed();
  for (const auto& view : a.views) {
    EXPECT_EQ(view.verdict, Verdict::pass) << view.reason;
  }
  reading("RR", "module a C2 a 9.3");
  EXPECT_EQ(assessed().views.back().verdict, Verdict::fail);
}

// A reason says what was looked at, and of which wheel where it is another's.
TEST_F(Job, ReasonsSayWhatWasLookedAtAndWhose) {
  reading("RL", "C2 a gnd 2.60V dc key on unplugged");
  reading("RR", "module pair 1.11k");
  job::Evidence e;
  e.id = c.nextEvidenceId();
  e.test.kind = circuit::TestKind::inspect;
  e.test.circuit = "RR";
  e.test.looked = "C2";
  e.reading.sight = job::Sight::corroded;
  c.evidence.push_back(e);
  const auto reasons = assessed().conclusion.reasons;
  const auto says = [&](const char* start) {
    return std::any_of(reasons.begin(), reasons.end(),
                       [&](const auto& r) { return r.starts_with(start); });
  };
  EXPECT_TRUE(says("Look at C2: ")) << fmt::format("{}", fmt::join(reasons, "\n"));
  EXPECT_TRUE(says("RL, C2, module half: ")) << fmt::format("{}", fmt::join(reasons, "\n"));
}

}  // namespace
}  // namespace haybale::diagnosis
