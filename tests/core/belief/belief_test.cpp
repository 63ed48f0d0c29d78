// The belief and its planner: shares, order, withdrawal, what each kind of evidence does.
#include <numeric>

#include "core/belief/ways_to_fail.h"
#include "core/circuit/front_end.h"
#include "core/plan/cautions.h"
#include "core/plan/test_list.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class BeliefOf : public Job {
 protected:
  void seen(circuit::TestKind kind, const std::function<void(job::Evidence&)>& fill) {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = kind;
    e.test.circuit = "RR";
    e.test.state.key = circuit::defaultKey(kind);
    fill(e);
    c.evidence.push_back(e);
  }
};

TEST_F(BeliefOf, TheSameCaseGivesTheSameBelief) {
  reading("RR", "module pair 4M8");
  const auto a = assessed();
  const auto b = assessed();
  ASSERT_EQ(a.conclusion.suspects.size(), b.conclusion.suspects.size());
  for (std::size_t i = 0; i < a.conclusion.suspects.size(); ++i) {
    EXPECT_EQ(a.conclusion.suspects[i].share, b.conclusion.suspects[i].share);
  }
  ASSERT_FALSE(a.proposals.empty());
  EXPECT_EQ(a.proposals.front().title, b.proposals.front().title);
}

TEST_F(BeliefOf, WhatIsRememberedIsWhatWouldBeWorkedOutAnew) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair 4M8");
  LikelihoodMemory memory;
  (void)assessCase(c, "/", shelf, {}, &memory);
  reading("RR", "C2.w pair 1.10k unplugged");
  const auto remembered = assessCase(c, "/", shelf, {}, &memory);
  const auto anew = assessed();
  ASSERT_EQ(remembered.conclusion.suspects.size(), anew.conclusion.suspects.size());
  for (std::size_t i = 0; i < anew.conclusion.suspects.size(); ++i) {
    EXPECT_DOUBLE_EQ(remembered.conclusion.suspects[i].share, anew.conclusion.suspects[i].share);
  }
}

TEST_F(BeliefOf, WithdrawingAReadingBringsBackWhatWasBelievedWithoutIt) {
  reading("RR", "module pair 4M8");
  const double before = share("L2");
  reading("RR", "C2.w pair OL unplugged");
  EXPECT_LT(share("L2"), before);
  c.evidence.back().withdrawn = true;
  EXPECT_DOUBLE_EQ(share("L2"), before);
}

TEST_F(BeliefOf, AnEarlierRepairAndWetWeatherWeighBeforeAnythingIsMeasured) {
  const double before = share("L2");
  c.complaint.earlierRepair = {"L2"};
  EXPECT_GT(share("L2"), before);
}

TEST_F(BeliefOf, ALookThatFindsRustSpeaksForThePlugAndOneThatFindsNoneAgainstIt) {
  reading("RR", "module pair 4M8");
  const double before = share("C2");
  const auto look = [&](job::Sight sight) {
    seen(circuit::TestKind::inspect, [&](job::Evidence& e) {
      e.test.looked = "C2";
      e.reading.sight = sight;
    });
  };
  look(job::Sight::ok);
  EXPECT_LT(share("C2"), before);
  c.evidence.pop_back();
  look(job::Sight::corroded);
  EXPECT_GT(share("C2"), 1.5 * before);
}

TEST_F(BeliefOf, ACodeAtKeyOnSpeaksForTheWiringAndOneAfterTurningForTheRing) {
  const auto codes = [&](job::CodeType type, circuit::WheelMotion motion) {
    seen(circuit::TestKind::codes, [&](job::Evidence& e) {
      e.test.state.wheel = motion;
      e.reading.codes = std::vector<job::Code>{{"RR", type, {}}};
    });
  };
  const double ring = share("ring");
  codes(job::CodeType::open, circuit::WheelMotion::still);
  EXPECT_LT(share("ring"), ring);
  c.evidence.clear();
  codes(job::CodeType::erratic, circuit::WheelMotion::driven);
  EXPECT_GT(share("ring"), 2 * ring);
}

TEST_F(BeliefOf, ALegThatReactsToFlexingIsSuspectAndOneThatDoesNotIsLessSo) {
  c.complaint.when = {"sometimes", "bump"};
  const double before = share("L2");
  const auto flex = [&](bool reacts) {
    seen(circuit::TestKind::wiggle, [&](job::Evidence& e) {
      e.test.state.key = circuit::Key::off;
      e.test.state.unplugged = {"module"};
      const circuit::Place plug{circuit::Place::Kind::modulePlug, "module"};
      e.test.red = circuit::Probe{plug, circuit::WireId::a};
      e.test.black = circuit::Probe{plug, circuit::WireId::b};
      e.test.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, "L2"};
      e.reading.reacts = reacts;
    });
  };
  flex(true);
  EXPECT_GT(share("L2"), 0.6) << "its neighbours move a little with it";
  c.evidence.clear();
  flex(false);
  EXPECT_LT(share("L2"), before);
}

// A leak in a plug and one in the leg before it read alike; warm air tells them apart.
TEST_F(BeliefOf, AReadingThatMovesAsThePlugIsWarmedIsWaterInThatPlug) {
  reading("RR", "module pair 1.12k");
  reading("RR", "module a gnd 300k");
  reading("RR", "C1.w a gnd 300k unplugged");
  const double leg = share("L2");
  const double joint = share("C2");
  ASSERT_GT(leg, 0.1);
  ASSERT_GT(joint, 0.1);
  const auto warm = [&](bool reacts) {
    seen(circuit::TestKind::wiggle, [&](job::Evidence& e) {
      e.test.state.key = circuit::Key::off;
      e.test.state.unplugged = {"module"};
      const circuit::Place plug{circuit::Place::Kind::modulePlug, "module"};
      e.test.red = circuit::Probe{plug, circuit::WireId::a};
      e.test.black = circuit::Probe{{circuit::Place::Kind::ground, ""}, std::nullopt};
      e.test.state.disturb = circuit::Disturb{circuit::DisturbKind::heat, "C2"};
      e.reading.reacts = reacts;
    });
  };
  warm(true);
  EXPECT_GT(share("C2"), 2 * share("L2"));
  c.evidence.back().withdrawn = true;
  warm(false);
  EXPECT_LT(share("C2"), joint);
  EXPECT_GT(share("L2"), leg);
}

// A coil's return that touches the body: the ohms of the pair stay what they are while it does,
// those to ground do not.
TEST_F(BeliefOf, AReturnThatTouchesTheBodyShowsInOhmsToGround) {
  c.complaint.when = {"sometimes", "bump"};
  const auto flex = [&](std::optional<circuit::WireId> against, bool reacts) {
    seen(circuit::TestKind::wiggle, [&](job::Evidence& e) {
      e.test.state.key = circuit::Key::off;
      e.test.state.unplugged = {"module", "C2"};
      const circuit::Place plug{circuit::Place::Kind::modulePlug, "module"};
      const circuit::Place ground{circuit::Place::Kind::ground, ""};
      e.test.red = circuit::Probe{plug, circuit::WireId::b};
      e.test.black = circuit::Probe{against ? plug : ground, against};
      e.test.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, "L2"};
      e.reading.reacts = reacts;
    });
  };
  const auto shorts = [&] {
    double sum = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      sum +=
          s.fault == Fault::intermittentShort && s.element == "L2" && s.wire == circuit::WireId::b
              ? s.share
              : 0;
    }
    return sum;
  };
  flex(circuit::WireId::a, false);
  const double unseen = shorts();
  flex(std::nullopt, true);
  EXPECT_GT(shorts(), 5 * unseen);
  EXPECT_EQ(assessed().conclusion.suspects.front().fault, Fault::intermittentShort);
  EXPECT_EQ(assessed().conclusion.suspects.front().wire, circuit::WireId::b);
}

TEST_F(BeliefOf, WhateverMayDoHarmHasItsCautionAtTheStep) {
  circuit::Test t;
  t.kind = circuit::TestKind::wiggle;
  t.circuit = "RR";
  const auto of = [&](circuit::DisturbKind kind) {
    t.state.disturb = circuit::Disturb{kind, "C2"};
    std::string all;
    for (const auto& caution : cautionsOf(*c.find("RR"), t)) {
      all += caution + " ";
    }
    return all;
  };
  EXPECT_NE(of(circuit::DisturbKind::heat).find("no flame"), std::string::npos);
  EXPECT_NE(of(circuit::DisturbKind::wet).find("never into a module"), std::string::npos);
  t.state.wheel = circuit::WheelMotion::driven;
  EXPECT_NE(of(circuit::DisturbKind::wet).find("drive accordingly"), std::string::npos);
  t.state.wheel = circuit::WheelMotion::spun;
  EXPECT_NE(of(circuit::DisturbKind::flex).find("stands"), std::string::npos);
}

TEST_F(BeliefOf, OutcomesAreSaidBeforeTheTestAndSumToOne) {
  reading("RR", "module pair 4M8");
  for (const auto& p : assessed().proposals) {
    const double sum = std::accumulate(p.outcomes.begin(), p.outcomes.end(), 0.0,
                                       [](double s, const auto& o) { return s + o.probability; });
    EXPECT_LE(sum, 1 + 1e-9) << p.title;
    EXPECT_GT(sum, 0.5) << p.title;
    EXPECT_FALSE(p.outcomes.front().pointsTo.empty()) << p.title;
    EXPECT_GE(p.bits, 0);
  }
}

TEST_F(BeliefOf, TwoFaultsAreFoundWhereOneWillNotDo) {
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::passive;
  }
  reading("RL", "module pair 1.12k unplugged");
  reading("RR", "C2.w pair 190 unplugged");
  reading("RR", "module pair OL unplugged");
  reading("RR", "C1.w pair OL unplugged");
  // Each of them again, with the same answer: no slip.
  reading("RR", "C2.w pair 190 unplugged");
  reading("RR", "module pair OL unplugged");
  reading("RR", "C1.w pair OL unplugged");
  const auto a = assessed();
  EXPECT_EQ(a.conclusion.state, State::contradictory);
  EXPECT_GT(a.conclusion.pairShare, 0.5);
  ASSERT_FALSE(a.conclusion.pairs.empty());
  const auto& [first, second] = a.conclusion.pairs.front();
  const bool coil = first.fault == Fault::sensorShorted || second.fault == Fault::sensorShorted ||
                    first.fault == Fault::wrongSensor || second.fault == Fault::wrongSensor;
  EXPECT_TRUE(coil) << nameOf(first.fault) << " " << nameOf(second.fault);
  EXPECT_TRUE(first.fault == Fault::open || second.fault == Fault::open)
      << nameOf(first.fault) << nameOf(second.fault);
  EXPECT_NE(a.conclusion.headline.find("together explain it"), std::string::npos);
}

TEST_F(BeliefOf, OneFaultThatExplainsAllNeedsNoSecond) {
  reading("RL", "module pair 1.12k unplugged");
  reading("RR", "module pair OL unplugged");
  const auto a = assessed();
  EXPECT_TRUE(a.conclusion.pairs.empty());
  EXPECT_NE(a.conclusion.state, State::contradictory);
}

TEST_F(BeliefOf, TheTimelineEndsWhereTheBeliefStands) {
  reading("RL", "module pair 1.12k unplugged");
  reading("RR", "module pair 4M8 unplugged");
  reading("RR", "C2.w pair 1.10k unplugged");
  const auto a = assessed();
  ASSERT_EQ(a.conclusion.timeline.size(), 2U);  // the good wheel's reading is no step of its own
  const auto& last = a.conclusion.timeline.back();
  EXPECT_EQ(last.evidence, 2U);
  double sum = 0;
  for (std::size_t i = 0; i < a.conclusion.elementShares.size(); ++i) {
    EXPECT_NEAR(last.shares[i], a.conclusion.elementShares[i].second, 1e-9);
  }
  for (const double share : last.shares) {
    sum += share;
  }
  EXPECT_NEAR(sum, 1, 1e-9);
}

// What is said to be out of a test's reach must not change what it reads: every fault, severity and
// permitted test of a line, solved with the fault and without.
TEST_F(BeliefOf, AFaultOutOfReachOfATestDoesNotChangeItsReading) {
  c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp", "signal-source"};
  c.allowed = {"unplug", "back-probe", "pierce"};
  int outOfReach = 0;
  for (const auto kind : {circuit::SensorKind::passive, circuit::SensorKind::active}) {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = kind;
    }
    const Vehicle vehicle(c);
    circuit::ParameterPoint values;
    values.frontEnd = circuit::usualFrontEnd(kind);
    const auto hypotheses = allHypotheses(c, vehicle.suspect());
    for (const auto& test : possibleTests(c)) {
      const auto sound = vehicle.electrical(test, World{}, values);
      for (const auto& h : hypotheses) {
        if (!sound || vehicle.touches(test, h)) {
          continue;
        }
        ++outOfReach;
        const auto with = vehicle.electrical(test, worldOf(h, h.steps.front(), values), values);
        ASSERT_TRUE(with);
        if (std::isinf(*sound)) {
          EXPECT_TRUE(std::isinf(*with)) << h.element << nameOf(h.fault) << circuit::spoken(test);
        } else {
          EXPECT_NEAR(*with, *sound, 1e-6 * std::abs(*sound) + 1e-9)
              << h.element << " " << nameOf(h.fault) << " " << circuit::spoken(test);
        }
      }
    }
  }
  EXPECT_GT(outOfReach, 500);
}

}  // namespace
}  // namespace haybale::diagnosis
