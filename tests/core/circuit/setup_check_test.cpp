#include "core/circuit/setup_check.h"

#include <algorithm>

#include "support/line_fixture.h"

namespace haybale::circuit {
namespace {

class Setup : public PassiveLine {
 protected:
  [[nodiscard]] bool says(const circuit::Test& t, SetupFault fault, bool harmful) const {
    const auto issues = checkSetup(circuit, t);
    return std::any_of(issues.begin(), issues.end(), [&](const auto& i) {
      return i.fault == fault && i.harmful == harmful && !i.text.empty();
    });
  }
};

// The cautions of the trade: ohms only on a dead circuit, no bulb on a module pin.
TEST_F(Setup, OhmsOnALiveCircuitAreHarmful) {
  EXPECT_TRUE(says(typed("module pair key on plugged"), SetupFault::poweredOhms, true));
  EXPECT_TRUE(says(typed("module pair key off plugged"), SetupFault::throughModule, false));
  EXPECT_TRUE(checkSetup(circuit, typed("module pair key off unplugged")).empty());
}

TEST_F(Setup, ABulbOnAModulePinIsHarmfulAndAnLedIsNot) {
  circuit::Test t = typed("C2.m a gnd dc key on unplugged");
  t.kind = TestKind::lamp;
  EXPECT_TRUE(says(t, SetupFault::lampOnPin, true));
  t.lamp = Lamp::led;
  EXPECT_TRUE(checkSetup(circuit, t).empty());
}

TEST_F(Setup, AJumperOnALiveInputAStandingWheelAndTwoLeadsOnOneJointAreSaid) {
  circuit::Test t = typed("module a gnd dc key on plugged");
  t.state.jumper = Place{Place::Kind::moduleSide, "C1"};
  EXPECT_TRUE(says(t, SetupFault::shortedInput, true));
  t.state.unplugged = {"module"};
  t.red->place = {Place::Kind::wheelSide, "C1"};
  EXPECT_FALSE(says(t, SetupFault::shortedInput, true));
  EXPECT_TRUE(says(typed("module pair ac still"), SetupFault::stillWheel, false));
  t = typed("module pair");
  t.black = t.red;
  EXPECT_TRUE(says(t, SetupFault::sameJoint, false));
}

TEST_F(Setup, AnAmmeterAcrossASupplyIsAShort) {
  circuit::Test t = typed("module a gnd dc key on plugged");
  t.kind = TestKind::current;
  EXPECT_TRUE(says(t, SetupFault::currentAcross, true));
  t.black = Probe{{Place::Kind::battery, ""}, std::nullopt};
  EXPECT_TRUE(says(t, SetupFault::currentAcross, true));
}

}  // namespace
}  // namespace haybale::circuit
