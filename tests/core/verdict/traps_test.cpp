// What fools whoever measures: each trap where it lies, and where it does not. The traps are the
// trade's (common practice, no published source); the copper's 0.39 % a kelvin is IEC 60028 (from
// memory).
#include "core/verdict/traps.h"

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

}  // namespace
}  // namespace haybale::diagnosis
