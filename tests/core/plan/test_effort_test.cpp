// What a test asks for: minutes, tools, permission, how the car stands.
#include "core/plan/test_effort.h"

#include "core/plan/test_list.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::Place;
using circuit::Probe;
using circuit::TestKind;
using circuit::WheelMotion;
using circuit::WireId;

class EffortOf : public Job {
 protected:
  [[nodiscard]] static circuit::Test make(TestKind kind) {
    circuit::Test t;
    t.kind = kind;
    t.circuit = "RR";
    return t;
  }
  [[nodiscard]] const circuit::Circuit& line() const { return *c.find("RR"); }
  [[nodiscard]] double access(const std::string& id) const {
    return line().find(id)->accessMinutes;
  }
};

// Common practice, no source: minutes of the test alone, before the way to any place.
struct Bare {
  TestKind kind;
  double minutes;
};
class MinutesAlone : public EffortOf, public testing::WithParamInterface<Bare> {};
TEST_P(MinutesAlone, AreThoseOfTheKind) {
  EXPECT_DOUBLE_EQ(minutesOf(c, make(GetParam().kind)), GetParam().minutes);
}
INSTANTIATE_TEST_SUITE_P(Kinds, MinutesAlone,
                         testing::Values(Bare{TestKind::codes, 2}, Bare{TestKind::liveSpeed, 1.5},
                                         Bare{TestKind::resistance, 1},
                                         Bare{TestKind::dcVoltage, 1}, Bare{TestKind::lamp, 1},
                                         Bare{TestKind::loop, 1.5}, Bare{TestKind::waveform, 3},
                                         Bare{TestKind::wiggle, 2}, Bare{TestKind::inspect, 0.5}));

// Common practice, no source.
TEST_F(EffortOf, SpinningDrivingSwappingPiercingAndWettingCostExtra) {
  auto t = make(TestKind::liveSpeed);
  t.state.wheel = WheelMotion::spun;
  EXPECT_DOUBLE_EQ(minutesOf(c, t), 1.5 + 1);
  t.state.wheel = WheelMotion::driven;
  EXPECT_DOUBLE_EQ(minutesOf(c, t), 1.5 + 6);

  auto hole = make(TestKind::dcVoltage);
  hole.red = Probe{{Place::Kind::along, "L1", 0.5}, WireId::a};
  EXPECT_DOUBLE_EQ(minutesOf(c, hole), 1 + access("L1") + 2);

  auto wet = make(TestKind::wiggle);
  wet.state.disturb = circuit::Disturb{circuit::DisturbKind::wet, "C2"};
  EXPECT_DOUBLE_EQ(minutesOf(c, wet), 2 + access("C2") + 2);
  wet.state.disturb->kind = circuit::DisturbKind::flex;
  EXPECT_DOUBLE_EQ(minutesOf(c, wet), 2 + access("C2"));

  auto swap = make(TestKind::liveSpeed);
  swap.state.swap = circuit::Swap{"RL", "RR", false};
  const auto& good = *c.find("RL");
  EXPECT_DOUBLE_EQ(minutesOf(c, swap), 1.5 + 5 + good.sensorConnector()->accessMinutes +
                                           line().sensorConnector()->accessMinutes);
}

// Minutes: codes 2, a reading 1 and the access minutes of the place, 1 once it lies bare.
TEST_F(EffortOf, MinutesCountTheWayToThePlaceOnce) {
  circuit::Test codes;
  codes.kind = circuit::TestKind::codes;
  codes.circuit = "RR";
  EXPECT_DOUBLE_EQ(minutesOf(c, codes), 2);
  circuit::Test ohms;
  ohms.kind = circuit::TestKind::resistance;
  ohms.circuit = "RR";
  const circuit::Place far{circuit::Place::Kind::wheelSide, "C2"};
  ohms.red = circuit::Probe{far, circuit::WireId::a};
  ohms.black = circuit::Probe{far, circuit::WireId::b};
  ohms.state.unplugged = {"C2"};
  const double access = c.find("RR")->find("C2")->accessMinutes;
  EXPECT_DOUBLE_EQ(minutesOf(c, ohms), 1 + access);
  reading("RR", "C2.w pair 1.10k unplugged");
  EXPECT_DOUBLE_EQ(minutesOf(c, ohms), 2);
}

TEST_F(EffortOf, AWithdrawnReadingLeavesThePlaceBareAllTheSame) {
  reading("RR", "C2.w pair 1.10k unplugged");
  auto t = make(TestKind::inspect);
  t.looked = "C2";
  EXPECT_DOUBLE_EQ(minutesOf(c, t), 0.5 + 1);
  c.evidence.back().withdrawn = true;
  EXPECT_DOUBLE_EQ(minutesOf(c, t), 0.5 + 1);
}

TEST_F(EffortOf, NothingIsProposedThatTheToolBoxOrTheOwnerForbids) {
  c.toolbox = {"multimeter", "scan-tool"};
  c.allowed = {"unplug"};
  for (const auto& test : possibleTests(c)) {
    EXPECT_NE(test.kind, circuit::TestKind::waveform);
    EXPECT_NE(test.kind, circuit::TestKind::loop);
    EXPECT_FALSE(test.state.jumper);
    EXPECT_FALSE(test.state.swap);
    EXPECT_LE(intrusionOf(*c.find("RR"), test), Intrusion::unplug);
  }
  c.allowed = {"unplug", "back-probe", "pierce"};
  const auto more = possibleTests(c);
  EXPECT_TRUE(std::any_of(more.begin(), more.end(), [&](const auto& t) {
    return intrusionOf(*c.find("RR"), t) == Intrusion::pierce;
  }));
}

// A second fault may hide behind the first: an open leg, and behind it a coil with shorted turns.
TEST_F(EffortOf, ALeadOnAPlugThatIsApartTouchesNothingThatIsNotBare) {
  auto t = make(TestKind::dcVoltage);
  t.red = Probe{{Place::Kind::moduleSide, "C2"}, WireId::a};
  EXPECT_EQ(intrusionOf(line(), t), Intrusion::backProbe);
  t.state.unplugged = {"C2"};
  EXPECT_EQ(intrusionOf(line(), t), Intrusion::unplug);
  t.red = Probe{{Place::Kind::along, "L1", 0.25}, WireId::a};
  EXPECT_EQ(intrusionOf(line(), t), Intrusion::pierce);
  EXPECT_EQ(intrusionOf(line(), make(TestKind::codes)), Intrusion::none);
}

TEST_F(EffortOf, EveryWayOfTouchingHasToBeAllowedNotOnlyTheDeepest) {
  auto t = make(TestKind::dcVoltage);
  t.red = Probe{{Place::Kind::along, "L1", 0.25}, WireId::a};
  t.black = Probe{{Place::Kind::moduleSide, "C1"}, WireId::b};
  c.toolbox = {"multimeter"};
  c.allowed = {"pierce"};
  EXPECT_FALSE(permitted(c, line(), t));
  c.allowed = {"pierce", "back-probe"};
  EXPECT_TRUE(permitted(c, line(), t));
  c.toolbox.clear();
  EXPECT_FALSE(permitted(c, line(), t));
}

TEST_F(EffortOf, TheCarStandsOnWheelsInTheCabinAndOnStandsAtTheWheel) {
  EXPECT_EQ(stanceOf(line(), make(TestKind::codes)), Stance::atModule);
  auto t = make(TestKind::codes);
  t.state.wheel = WheelMotion::driven;
  EXPECT_EQ(stanceOf(line(), t), Stance::driving);
  auto look = make(TestKind::inspect);
  look.looked = "ring";
  EXPECT_EQ(stanceOf(line(), look), Stance::atWheel);
  look.looked = "module";
  EXPECT_EQ(stanceOf(line(), look), Stance::atModule);
}

}  // namespace
}  // namespace haybale::diagnosis
