// What fools whoever measures: each trap where it lies, and where it does not. The traps are the
// trade's (common practice, no published source); the copper's 0.39 % a kelvin is IEC 60028 (from
// memory).
#include "core/verdict/traps.h"

#include <algorithm>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class TrapsOf : public Job {
 protected:
  /// Traps of the reading that was entered last.
  [[nodiscard]] std::vector<TrapKind> traps() {
    std::vector<TrapKind> out;
    const auto a = assessed();
    for (const auto& t : a.views.back().traps) {
      EXPECT_FALSE(t.text.empty());
      out.push_back(t.kind);
    }
    return out;
  }
  [[nodiscard]] bool trapped(TrapKind kind) {
    const auto all = traps();
    return std::find(all.begin(), all.end(), kind) != all.end();
  }
};

TEST_F(TrapsOf, OverloadOnAutoRangeIsNotYetAnOpenCoil) {
  reading("RR", "module a b OL unplugged module");
  EXPECT_TRUE(trapped(TrapKind::autoRangeOl));
  c.evidence.back().test.highestRange = true;
  EXPECT_FALSE(trapped(TrapKind::autoRangeOl));
  reading("RR", "module a b 1.1k unplugged module");
  EXPECT_FALSE(trapped(TrapKind::autoRangeOl));
}

// With no load a bad wire reads like a good one; with the sensor across it the drop shows.
TEST_F(TrapsOf, AVoltageWithoutLoadProvesLittle) {
  reading("RR", "C2 a gnd 4.98V dc key on unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::unloaded));
  const auto text = assessed().views.back().traps.front().text;
  EXPECT_NE(text.find("10 kΩ"), std::string::npos) << text;
}

TEST_F(TrapsOf, AVoltageBetweenNothingAndSupplyIsAGhostOfAnOpenWithALeak) {
  reading("RL", "C2 a gnd 4.98V dc key on unplugged C2");
  reading("RR", "C2 a gnd 1.4V dc key on unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::ghost));
  reading("RR", "C2 a gnd 0.01V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::ghost)) << "nothing is nothing";
}

TEST_F(TrapsOf, AHotCoilReadsHigherUnlessItsTemperatureIsGiven) {
  reading("RL", "module a b 1.10k unplugged module");
  reading("RR", "module a b 1.12k unplugged module");
  EXPECT_FALSE(trapped(TrapKind::hotCoil)) << "as its peer";
  reading("RR", "module a b 1.35k unplugged module");
  EXPECT_TRUE(trapped(TrapKind::hotCoil));
  c.evidence.back().reading.celsius = 80;
  EXPECT_FALSE(trapped(TrapKind::hotCoil));
}

// From frost to a hot brake copper changes by half (IEC 60028, from memory): twice as much or a
// fortieth is another coil, whatever its temperature.
TEST_F(TrapsOf, NoTemperatureMakesAnotherCoilOfIt) {
  reading("RL", "module a b 1.34k unplugged module");
  for (const char* other : {"680", "38", "2.6k"}) {
    reading("RR", "module a b " + std::string(other) + " unplugged module");
    EXPECT_FALSE(trapped(TrapKind::hotCoil)) << other;
  }
  reading("RR", "module a b 1.7k unplugged module");
  EXPECT_TRUE(trapped(TrapKind::hotCoil));
  reading("RL", "module a b OL unplugged module");
  reading("RR", "module a b 1.34k unplugged module");
  EXPECT_FALSE(trapped(TrapKind::hotCoil)) << "as the other one was before it was open";
}

TEST_F(TrapsOf, NorOfOneFarBeyondItsLimits) {
  judging::Limit limit;
  limit.quantity = judging::Quantity::coilResistance;
  limit.min = 1700;
  limit.max = 2000;
  for (auto& circuit : c.circuits) {
    circuit.limits = {limit};
  }
  for (const auto& [ohm, may] : {std::pair{"1.16k", false}, std::pair{"1.55k", true},
                                 std::pair{"2.4k", true}, std::pair{"3.2k", false}}) {
    reading("RR", std::string("module a b ") + ohm + " unplugged module");
    EXPECT_EQ(trapped(TrapKind::hotCoil), may) << ohm;
    c.evidence.pop_back();
  }
}

TEST_F(TrapsOf, AProbeMissedNothingWhereTheCodesWereClearedBetween) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 0.00V dc key on unplugged C2");
  reading("RR", "C2 a gnd 12.2V dc key on unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::contact));
  c.evidence.pop_back();
  reading("RR", "C2 a gnd 0.02V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::contact)) << "nothing and nothing";
  c.evidence.pop_back();
  codes({});
  reading("RR", "C2 a gnd 12.2V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::contact)) << "the supply had been latched off";
}

TEST_F(TrapsOf, AlternatingVoltsWantTheirHertz) {
  reading("RR", "module a b 0.4V ac spun unplugged module");
  EXPECT_TRUE(trapped(TrapKind::spin));
  c.evidence.back().reading.hz = 40;
  EXPECT_FALSE(trapped(TrapKind::spin));
  auto peer = c.evidence.back();
  peer.id = c.nextEvidenceId();
  peer.test.circuit = "RL";
  peer.reading.hz = 80;
  c.evidence.insert(c.evidence.begin(), peer);
  EXPECT_TRUE(trapped(TrapKind::spin)) << "spun twice as fast";
  c.evidence.front().reading.hz = 42;
  EXPECT_FALSE(trapped(TrapKind::spin));
}

TEST_F(TrapsOf, LeadsAreMostOfAFewOhms) {
  c.meter.zeroed = false;
  reading("RR", "module a C2 a 0.6 unplugged module C2");
  ASSERT_EQ(c.evidence.size(), 1U);
  EXPECT_TRUE(trapped(TrapKind::leads));
  c.meter.zeroed = true;
  EXPECT_FALSE(trapped(TrapKind::leads)) << "touched together and subtracted";
}

TEST_F(TrapsOf, TheSameTestReadOtherwiseBeforeIsAContactOrAMissedProbe) {
  reading("RR", "module a b 1.12k unplugged module");
  reading("RR", "module a b 1.13k unplugged module");
  EXPECT_FALSE(trapped(TrapKind::contact)) << "within what the meter may do";
  reading("RR", "module a b 2.4k unplugged module");
  EXPECT_TRUE(trapped(TrapKind::contact));
  c.evidence[0].withdrawn = true;
  c.evidence[1].withdrawn = true;
  EXPECT_FALSE(trapped(TrapKind::contact)) << "what was taken back says nothing";
}

TEST_F(TrapsOf, AnOhmmeterThroughAnActiveSensorSaysNextToNothing) {
  kind(circuit::SensorKind::active);
  reading("RR", "module a b OL unplugged module");
  EXPECT_TRUE(trapped(TrapKind::activeOhms));
  reading("RR", "module a b 3 unplugged module");
  EXPECT_FALSE(trapped(TrapKind::activeOhms)) << "three ohms are copper";
  kind(circuit::SensorKind::passive);
  reading("RR", "module a b OL unplugged module");
  EXPECT_FALSE(trapped(TrapKind::activeOhms));
}

TEST_F(TrapsOf, AMissingSupplyMayOnlyBeLatchedOff) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 0.02V dc key on unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::latched));
  reading("RR", "C2 a gnd 12.1V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::latched));
  kind(circuit::SensorKind::passive);
  reading("RR", "C2 a gnd 0.02V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::latched));
}

// A trace of a plugged active sensor with the key off is flat and means nothing.
TEST_F(TrapsOf, ASetUpThatMeansNothingIsTheOnlyTrapSaid) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 0.0V dc key off");
  EXPECT_EQ(traps(), std::vector<TrapKind>{TrapKind::setup});
}

// The good wheel on the same car is the specification, until the maker himself says otherwise.
TEST_F(TrapsOf, AgainstTheChartButAsTheGoodWheelHasIt) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 2.60V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::chart)) << "nothing to compare it with";
  reading("RL", "C2 a gnd 2.62V dc key on unplugged C2");
  reading("RR", "C2 a gnd 2.61V dc key on unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::chart));
  EXPECT_FALSE(trapped(TrapKind::ghost)) << "both read it";
  reading("RR", "C2 a gnd 2.10V dc key on unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::chart)) << "not what the good wheel has";
}

TEST_F(TrapsOf, ACoilIsUnusualOnlyBesideWhatCoilsMostlyHave) {
  reading("RL", "C2.wheel a b 1.20k unplugged C2");
  reading("RR", "C2.wheel a b 1.21k unplugged C2");
  EXPECT_FALSE(trapped(TrapKind::chart));
  reading("RL", "C2.wheel a b 3.40k unplugged C2");
  reading("RR", "C2.wheel a b 3.42k unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::chart));
  judging::Limit own;
  own.quantity = judging::Quantity::coilResistance;
  own.min = 950;
  own.max = 1100;
  c.find("RR")->limits.push_back(own);
  EXPECT_FALSE(trapped(TrapKind::chart)) << "the maker's own limits beat the good wheel";
}

TEST_F(TrapsOf, TheFeedOnTheReturnsWireIsAJointPutTogetherWrongly) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 0.01V dc key on unplugged C2");
  reading("RR", "C2 b gnd 11.8V dc key on unplugged C2");
  EXPECT_TRUE(trapped(TrapKind::polarity));
  c.evidence.front().reading.value->value = 11.7;
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "a short to supply, if anything";
}

TEST_F(TrapsOf, WhatDrawsNothingAfterWorkMayBeTheWrongWayRound) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 11.1V dc key on plugged");
  reading("RR", "C2 b gnd 11.1V dc key on plugged");
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "nobody has worked there";
  job::History h;
  h.element = "sensor";
  h.what = job::Work::replaced;
  c.history.push_back(h);
  EXPECT_TRUE(trapped(TrapKind::polarity));
  c.evidence.front().reading.value->value = 0;
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "nothing on the feed is another story";
  c.evidence.front().reading.value->value = 11.1;
  c.evidence.back().reading.value->value = 0.6;
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "it draws its current";
}

// A good sensor on leads the wrong way round: no signal, and codes (common practice).
TEST_F(TrapsOf, LeadsOfASwapAreExchangedOnceBeforeTheLineIsBlamed) {
  const auto swapped = [&](bool reversed, bool coded) {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = circuit::TestKind::codes;
    e.test.circuit = "RR";
    e.test.state.key = circuit::Key::on;
    e.test.state.swap = circuit::Swap{"RL", "RR", reversed};
    e.reading.codes.emplace();
    e.reading.codes->push_back({"RL", job::CodeType::open, {}});
    if (coded) {
      e.reading.codes->push_back({"RR", job::CodeType::open, {}});
    }
    c.evidence.push_back(e);
  };
  swapped(false, true);
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "a coil does not mind";
  kind(circuit::SensorKind::active);
  EXPECT_TRUE(trapped(TrapKind::polarity));
  c.toolbox = {"multimeter", "scan-tool", "jumper-leads"};
  c.allowed = {"unplug", "back-probe"};
  const auto proposed = assessed().proposals;
  EXPECT_TRUE(std::any_of(proposed.begin(), proposed.end(), [](const auto& p) {
    return p.test.state.swap && p.test.state.swap->reversed;
  }));
  swapped(false, false);
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "it works";
  c.evidence.pop_back();
  swapped(true, true);
  EXPECT_FALSE(trapped(TrapKind::polarity)) << "swapped back already: it is the line";
}

// Ohms with the key on weigh nothing, wherever the leads are.
TEST_F(TrapsOf, OhmsWithTheKeyOnAreVoidOnAnUnpluggedCoilToo) {
  reading("RR", "C2.wheel a b 130 unplugged C2 key on");
  EXPECT_TRUE(trapped(TrapKind::setup));
  c.evidence.back().test.state.key = circuit::Key::off;
  EXPECT_FALSE(trapped(TrapKind::setup));
}

}  // namespace
}  // namespace haybale::diagnosis
