// What a car has been and the model had not: sensors at the edge of hearing, supplies that bear
// more or less, water that dries, looms that are long. Facts of the trade: common practice, no
// published source, unless a line says otherwise.
#include <algorithm>

#include "core/belief/ways_to_fail.h"
#include "core/plan/test_list.h"
#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::DisturbKind;
using circuit::WheelMotion;

class WiderCar : public Job {
 protected:
  // Live speeds of all four while a wheel is spun by hand.
  void spun(std::vector<std::pair<std::string, double>> kmh, const char* wheel = "RR") {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = circuit::TestKind::liveSpeed;
    e.test.circuit = wheel;
    e.test.state.wheel = WheelMotion::spun;
    e.reading.kmh = std::move(kmh);
    c.evidence.push_back(e);
  }

  static circuit::CarState moving(WheelMotion wheel, std::optional<DisturbKind> disturb = {}) {
    circuit::CarState state;
    state.wheel = wheel;
    if (disturb) {
      state.disturb = circuit::Disturb{*disturb, ""};
    }
    return state;
  }
};

// Spin one wheel and another one's value moves: circuits exchanged (handbooks of the trade). If
// none moves they are not.
TEST_F(WiderCar, ExchangedCircuitsShowTheSpunWheelElsewhere) {
  kind(circuit::SensorKind::active);
  const double before = shareOf(Fault::circuitsExchanged);
  spun({{"FL", 0}, {"FR", 0}, {"RL", 0}, {"RR", 0}});
  EXPECT_LT(shareOf(Fault::circuitsExchanged), before / 2);
  c.evidence.clear();
  spun({{"FL", 0}, {"FR", 0}, {"RL", 5}, {"RR", 0}});
  EXPECT_GT(shareOf(Fault::circuitsExchanged), 0.5);
}

// A plug that is wet throughout reads to ground from either half: one thing wrong, not two.
TEST_F(WiderCar, APlugWetInBothHalvesIsOneFault) {
  kind(circuit::SensorKind::passive);
  reading("RR", "module a gnd 5.1k unplugged");
  reading("RR", "C2.w a gnd 10.2k unplugged key off");
  reading("RR", "C1.w a gnd 5.1k unplugged key off");
  const auto conclusion = assessed().conclusion;
  EXPECT_NE(conclusion.state, State::contradictory);
  EXPECT_EQ(conclusion.suspects.front().element, "C2");
  EXPECT_EQ(conclusion.suspects.front().fault, Fault::leak);
  EXPECT_GT(share("C2"), 0.7);
  const priors::Changed inOneHalfOnly(priors::Id::plugBothHalves, 0);
  EXPECT_LT(share("C2"), 0.7);
}

// A good wheel that shows itself when it is spun is not the one that was exchanged.
TEST_F(WiderCar, AGoodWheelThatShowsItselfIsNoSignOfAnExchange) {
  kind(circuit::SensorKind::active);
  const double before = shareOf(Fault::circuitsExchanged);
  spun({{"FL", 0}, {"FR", 0}, {"RL", 5}, {"RR", 0}}, "RL");
  EXPECT_LT(shareOf(Fault::circuitsExchanged), before);
}

// A sensor that its ring just reaches gives no signal on one day and all pulses on the next.
TEST_F(WiderCar, ASensorAtTheEdgeOfHearingDoesNowThisNowThat) {
  kind(circuit::SensorKind::active);
  codes({{"RR", job::CodeType::noSignal, {}}}, moving(WheelMotion::spun));
  spun({{"FL", 0}, {"FR", 0}, {"RL", 0}, {"RR", 4.5}});
  codes({}, moving(WheelMotion::driven));
  codes({{"RR", job::CodeType::noSignal, {}}}, moving(WheelMotion::driven));
  EXPECT_GT(shareOf(Fault::wideGap), shareOf(Fault::none));
  EXPECT_GT(shareOf(Fault::wideGap), shareOf(Fault::encoderReversed));
}

// An encoder does not turn round by itself.
TEST_F(WiderCar, WithoutABearingJobADeafSensorIsTooFarAway) {
  kind(circuit::SensorKind::active);
  codes({{"RR", job::CodeType::noSignal, {}}}, moving(WheelMotion::driven));
  reading("RR", "C2.w pair 8.4V dc key on");
  const double far = shareOf(Fault::wideGap) + shareOf(Fault::debris);
  const double turned = shareOf(Fault::encoderReversed);
  EXPECT_GT(far, 3 * turned);
  job::History bearing;
  bearing.element = "ring";
  bearing.what = job::Work::replaced;
  bearing.part = "bearing";
  bearing.before = true;
  c.history = {bearing};
  EXPECT_GT(shareOf(Fault::encoderReversed), 3 * turned);
}

// A good wheel's slip makes nobody think of what nobody has thought of on the suspect.
TEST_F(WiderCar, AGoodWheelsOddReadingIsNoSignOfSomethingElse) {
  kind(circuit::SensorKind::passive);
  reading("RL", "C2 a gnd 5.12V dc key on unplugged");
  reading("RL", "C2 b gnd 5.15V dc key on unplugged");
  const double before = share("");
  reading("RL", "C2 a gnd 11.26V dc key on");
  reading("RL", "C2 b gnd 5.14V dc key on");
  EXPECT_LT(shareOf(Fault::other), 0.1) << "before: " << before;
}

// Supplies of modules bear 25 to 100 mA before they give way: with the wires touching both then
// stand high, and no wire lies on battery plus.
TEST_F(WiderCar, TouchingWiresOnAStrongSupplyAreNoShortToSupply) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 pair 0.02V dc key on");
  reading("RR", "C1 pair 11.5V dc key on unplugged");
  reading("RR", "C1 a gnd 10.41V dc key on");
  reading("RR", "C1 b gnd 10.35V dc key on");
  EXPECT_GT(shareOf(Fault::wiresTouching), 3 * shareOf(Fault::shortToSupply));
}

// Leads and old contacts are worth an ohm or two, and a loom is as long as it is.
TEST_F(WiderCar, TwoOhmsOfLeadsAndLoomAreNoContradiction) {
  kind(circuit::SensorKind::active);
  for (int i = 0; i < 2; ++i) {
    reading("RR", "loop to C2 2.3R key off");
  }
  EXPECT_NE(assessed().conclusion.state, State::contradictory);
}

// Ohms through an active sensor tell next to nothing: many a meter reads OL there.
TEST_F(WiderCar, AnOhmmetersOLThroughAnActiveSensorTellsLittle) {
  kind(circuit::SensorKind::active);
  codes({{"RR", job::CodeType::noSignal, {}}}, moving(WheelMotion::driven));
  const auto odds = [this] { return shareOf(Fault::open) / share("sensor", Fault::sensorDead); };
  const double before = odds();
  reading("RR", "C2.w pair OL key off unplugged");
  EXPECT_LT(odds(), 3.5 * before);
}

// The complaint is reproduced as it was told before a plug is opened: sprayed, then driven.
TEST_F(WiderCar, WhatShowsInTheWetIsReproducedWet) {
  kind(circuit::SensorKind::active);
  c.toolbox = {"multimeter", "scan-tool"};
  c.complaint.when = {"wet"};
  codes({}, moving(WheelMotion::spun));
  const auto a = assessed();
  const auto firstWith = [&](DisturbKind kind) {
    return std::find_if(a.proposals.begin(), a.proposals.end(), [&](const Proposal& p) {
      return p.test.kind == circuit::TestKind::codes && p.test.state.disturb &&
             p.test.state.disturb->kind == kind;
    });
  };
  ASSERT_NE(firstWith(DisturbKind::wet), a.proposals.end());
  EXPECT_LT(firstWith(DisturbKind::wet), firstWith(DisturbKind::flex));
}

// A leak that has dried reads OL, and is still there when it rains.
TEST_F(WiderCar, ALeakThatDriedIsNotAcquittedByTheOhmmeter) {
  kind(circuit::SensorKind::active);
  c.complaint.when = {"wet"};
  codes({}, moving(WheelMotion::driven));
  codes({{"RR", job::CodeType::shortGround, {}}}, moving(WheelMotion::driven, DisturbKind::wet));
  for (const char* wire : {"a", "b"}) {
    reading("RR", (std::string("module ") + wire + " gnd OL key off unplugged").c_str());
    reading("RR", (std::string("C2.w ") + wire + " gnd OL key off unplugged").c_str());
  }
  EXPECT_GT(shareOf(Fault::leak), 0.5);
}

// Ohms of one wire from plug to plug part the leg from its contacts.
TEST_F(WiderCar, BetweenTwoOpenedPlugsEachWireIsMeasuredAlone) {
  kind(circuit::SensorKind::passive);
  const auto between = [this] {
    const auto tests = possibleTests(c);
    return std::count_if(tests.begin(), tests.end(), [](const circuit::Test& t) {
      return t.kind == circuit::TestKind::resistance && t.red && t.black &&
             t.red->place == circuit::Place{circuit::Place::Kind::wheelSide, "C1"} &&
             t.black->place == circuit::Place{circuit::Place::Kind::moduleSide, "C2"};
    });
  };
  EXPECT_EQ(between(), 0);
  reading("RR", "C1.w pair 1.2k key off unplugged");
  reading("RR", "C2.w pair 1.2k key off unplugged");
  EXPECT_EQ(between(), 2);
}

// A winding may part when it is warm and meet again when it is cold: common practice.
TEST_F(WiderCar, AWarmCoilIsFoundByWarmAir) {
  kind(circuit::SensorKind::passive);
  c.complaint.when = {"warm"};
  reading("RR", "C2.w pair 1.12k unplugged");
  const double cold = share("sensor", Fault::sensorOpen);
  EXPECT_GT(cold, 0.02) << "sound while it is cold: not ruled out";
  job::Evidence e;
  e.id = c.nextEvidenceId();
  e.test.kind = circuit::TestKind::wiggle;
  e.test.circuit = "RR";
  e.test.red = circuit::Probe{{circuit::Place::Kind::wheelSide, "C2"}, circuit::WireId::a};
  e.test.black = circuit::Probe{{circuit::Place::Kind::wheelSide, "C2"}, circuit::WireId::b};
  e.test.state.key = circuit::Key::off;
  e.test.state.unplugged = {"C2"};
  e.test.state.disturb = circuit::Disturb{DisturbKind::heat, "sensor"};
  e.reading.reacts = true;
  c.evidence.push_back(e);
  EXPECT_GT(share("sensor", Fault::sensorOpen), 5 * cold);
}

// What parts and meets again while it turns looks to a module like pulses gone astray.
TEST_F(WiderCar, AnErraticCodeOnADriveMayBeAStrand) {
  kind(circuit::SensorKind::active);
  c.complaint.when = {"bump"};
  const double before = shareOf(Fault::intermittentOpen);
  codes({{"RR", job::CodeType::erratic, {}}}, moving(WheelMotion::driven));
  EXPECT_GT(shareOf(Fault::intermittentOpen), 0.7 * before);
  EXPECT_GT(shareOf(Fault::intermittentOpen), shareOf(Fault::ringTooth));
}

// The same bearing job at both wheels: both may have the wrong one.
TEST_F(WiderCar, TheSameWorkGoesWrongAtBothWheels) {
  kind(circuit::SensorKind::active);
  const auto both = [this](bool sameWork) {
    c.history.clear();
    c.evidence.clear();
    for (const char* wheel : {"RR", "RL"}) {
      job::History h;
      h.circuit = wheel;
      h.element = "ring";
      h.part = "bearing";
      h.what = job::Work::replaced;
      h.before = true;
      if (sameWork || h.circuit == "RR") {
        c.history.push_back(h);
      }
    }
    codes({{"RR", job::CodeType::noSignal, {}}, {"RL", job::CodeType::noSignal, {}}},
          moving(WheelMotion::driven));
    return shareOf(Fault::encoderReversed);
  };
  const double one = both(false);
  EXPECT_GT(both(true), 2 * one);
}

// The wheel that was taken for good may be the faulty one: 420 ohm there, 1.5 k here, which is what
// most coils have. No sensor is bought on such a comparison.
TEST_F(WiderCar, AnOddGoodWheelIsDoubtedBeforeAUsualCoilIs) {
  kind(circuit::SensorKind::passive);
  reading("RL", "C2.w pair 421.7R key off unplugged");
  reading("RL", "C2 a gnd 2.553V dc key on unplugged");
  reading("RL", "C2 a gnd 0.0838V dc key on plugged");
  reading("RL", "C2 b gnd 0V dc key on plugged");
  const auto learnt = learnParameters(c, *c.find("RR"));
  EXPECT_GT(learnt.doubt, 0.3);
  reading("RR", "module pair 1.483k");
  reading("RR", "C1.w pair 1.491k unplugged");
  reading("RR", "C2 pair 0.2742V dc key on plugged");
  reading("RR", "C2.w pair 1.498k unplugged");
  EXPECT_LT(share("sensor", Fault::wrongSensor), 0.5);
  EXPECT_LT(share("C2", Fault::resistive), 0.2);
  EXPECT_NE(assessed().conclusion.state, State::isolated);
}

// All four fed with five volts: it is the module's own power, not one of its lines (common
// practice: 8 to 14 V on an active sensor's feed).
TEST_F(WiderCar, TooLittleOnAllFourIsTheModulesPower) {
  kind(circuit::SensorKind::active);
  const double before = shareOf(Fault::modulePower);
  for (const char* wheel : {"RR", "RL"}) {
    reading(wheel, "C2 a gnd 11.2V dc key on unplugged C2");
  }
  const double fed = shareOf(Fault::modulePower);
  EXPECT_LT(fed, before);
  c.evidence.clear();
  for (const char* wheel : {"RR", "RL"}) {
    reading(wheel, "C2 a gnd 5.1V dc key on unplugged C2");
  }
  EXPECT_GT(shareOf(Fault::modulePower), 10 * fed);
  EXPECT_GT(shareOf(Fault::modulePower), 0.2);
}

// Of a coil's bias nobody knows what is too little: half a volt and five are both usual.
TEST_F(WiderCar, ACoilsBiasIsNeverTooLittle) {
  for (const auto& h : waysToFail(c)) {
    EXPECT_FALSE(h.fault == Fault::modulePower && h.steps.front() > 0 && h.prior > 0);
  }
}

// A weak signal fades at walking pace, and the module calls it erratic; a damaged ring shows at
// speed (facts of the trade).
TEST_F(WiderCar, ErraticAtWalkingPaceIsAWeakSignalAndAtSpeedTheRing) {
  const auto weak = [&](double kmh) {
    c.evidence.clear();
    reading("RR", "C2.wheel a b 1.20k unplugged C2");
    reading("RL", "C2.wheel a b 1.20k unplugged C2");
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = circuit::TestKind::codes;
    e.test.circuit = "RR";
    e.test.state.wheel = WheelMotion::driven;
    e.test.state.speedKmh = kmh;
    e.reading.codes.emplace();
    e.reading.codes->push_back({"RR", job::CodeType::erratic, {}});
    c.evidence.push_back(e);
    return shareOf(Fault::wideGap) + shareOf(Fault::debris) + shareOf(Fault::sensorWeak);
  };
  EXPECT_GT(weak(5), 2 * weak(60));
}

// Trouble that began after a plug was worked on sits there: two circuits were put together wrongly.
TEST_F(WiderCar, CircuitsAreExchangedWhereTheyWereMended) {
  spun({{"FL", 0}, {"FR", 0}, {"RL", 5}, {"RR", 0}});
  const auto at = [&](const char* element) {
    double sum = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      sum += s.fault == Fault::circuitsExchanged && s.element == element ? s.share : 0;
    }
    return sum;
  };
  EXPECT_LT(at("C1"), at("module"));
  job::History h;
  h.element = "C1";
  h.what = job::Work::repaired;
  h.before = true;
  c.history.push_back(h);
  EXPECT_GT(at("C1"), 2 * at("module"));
}

// The maker's own limits beat the good wheel, where the temperature is known.
TEST_F(WiderCar, TheMakersLimitsBeatTheGoodWheel) {
  reading("RR", "C2.wheel a b 1.24k unplugged C2");
  reading("RL", "C2.wheel a b 1.235k unplugged C2");
  for (auto& e : c.evidence) {
    e.reading.celsius = 20;
  }
  EXPECT_LT(shareOf(Fault::wrongSensor), 0.05);
  judging::Limit own;
  own.quantity = judging::Quantity::coilResistance;
  own.min = 950;
  own.max = 1100;
  c.find("RR")->limits.push_back(own);
  EXPECT_GT(shareOf(Fault::wrongSensor), 0.4);
  c.find("RR")->limits.front().max = 1300;
  EXPECT_LT(shareOf(Fault::wrongSensor), 0.05);
}

}  // namespace
}  // namespace haybale::diagnosis
