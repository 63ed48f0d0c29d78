// What a part may do besides being whole or dead, and what a second asking tells. Facts of the
// trade: common practice, no published source, unless a line says otherwise.
#include "core/vehicle/world.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class FurtherFaults : public Job {
 protected:
  static circuit::CarState driven() {
    circuit::CarState state;
    state.wheel = circuit::WheelMotion::driven;
    return state;
  }

  void moved(const char* element, circuit::DisturbKind kind) {
    reading("RR", "C2.w pair 1100 unplugged");
    auto& e = c.evidence.back();
    e.test.kind = circuit::TestKind::wiggle;
    e.test.state.disturb = circuit::Disturb{kind, element};
    e.test.red = circuit::Probe{{circuit::Place::Kind::wheelSide, "C2"}, circuit::WireId::a};
    e.test.black = circuit::Probe{{circuit::Place::Kind::wheelSide, "C2"}, circuit::WireId::b};
    e.reading = {};
    e.reading.reacts = true;
  }
};

// A module calls what it sees by one name: that it says so again is no news, but for what comes and
// goes.
TEST_F(FurtherFaults, TheSameCodeAgainIsNoNews) {
  reading("RR", "C2.w pair 1100 unplugged");
  reading("RR", "module a b 1101 unplugged module");
  codes({{"RR", job::CodeType::open, {}}});
  const double once = share("module", Fault::inputDead);
  const double letsGo = shareOf(Fault::intermittentOpen);
  for (int i = 0; i < 3; ++i) {
    codes({{"RR", job::CodeType::open, {}}});
  }
  EXPECT_GE(share("module", Fault::inputDead), once);
  EXPECT_LT(shareOf(Fault::intermittentOpen), letsGo / 2);
}

// SAE J2012-DA (from memory): a failure type of its own for an amplitude that is too small. What
// stands there is counted, and weak.
TEST_F(FurtherFaults, ATooSmallAmplitudeIsNoBrokenWire) {
  reading("RR", "C2.w pair 1100 unplugged");
  codes({{"RR", job::CodeType::lowAmplitude, {}}}, driven());
  const double weak = share("sensor");
  EXPECT_GT(weak, shareOf(Fault::open) * 3);
  EXPECT_GT(weak, 0.35);
}

TEST_F(FurtherFaults, ACoilThatIsCountedMayBeTooFaint) {
  const Vehicle vehicle(c);
  circuit::ParameterPoint values;
  values.frontEnd = circuit::usualFrontEnd(circuit::SensorKind::passive);
  World weak;
  double last = 1.1;
  for (const double output : {0.02, 0.1, 0.3, 1.0}) {
    weak.output = output;
    const auto m = vehicle.monitor("RR", driven(), weak, values);
    EXPECT_LT(m.faint, last) << output;
    last = m.faint;
  }
  EXPECT_LT(last, 0.05);
  // A good sensor in its place is not faint for it.
  auto swapped = driven();
  swapped.swap = circuit::Swap{"RL", "RR", false};
  weak.output = 0.1;
  EXPECT_NEAR(vehicle.monitor("RR", swapped, weak, values).faint, last, 1e-6);
}

// Warm air on the sensor, and the ohms of the sensor alone go: it is in the sensor or its lead.
TEST_F(FurtherFaults, TheSensorsOwnLeadLetsGo) {
  c.complaint.when = {"sometimes"};
  const double before = share("sensor", Fault::intermittentOpen);
  moved("sensor", circuit::DisturbKind::flex);
  EXPECT_GT(share("sensor", Fault::intermittentOpen), 3 * before);
  EXPECT_GT(share("sensor", Fault::intermittentOpen), share("C1") + share("L1"));
}

// VDA interface: 7 and 14 mA (from memory). One that steps up by half of that is weak itself, or
// starves behind a resistance; the levels of the line do not do it.
TEST_F(FurtherFaults, ACurrentThatStepsTooLittle) {
  kind(circuit::SensorKind::active);
  const Vehicle vehicle(c);
  const Hypothesis weak{Fault::sensorWeak, "sensor", std::nullopt, 1, {0.15, 0.8}};
  circuit::ParameterPoint values;
  values.frontEnd = circuit::usualFrontEnd(circuit::SensorKind::active);
  circuit::Test volts;
  volts.kind = circuit::TestKind::dcVoltage;
  volts.circuit = "RR";
  volts.state.key = circuit::Key::on;
  volts.red = circuit::Probe{{circuit::Place::Kind::modulePins, "module"}, circuit::WireId::a};
  const auto step = [&](const World& world) {
    values.sensor.high = false;
    const double low = *vehicle.electrical(volts, world, values);
    values.sensor.high = true;
    return low - *vehicle.electrical(volts, world, values);
  };
  const double whole = step(World{});
  EXPECT_NEAR(step(worldOf(weak, 0.5, values)), whole / 2, 0.01 * whole);
  EXPECT_NEAR(step(worldOf(weak, 0.8, values)), whole * 0.8, 0.01 * whole);
  // The lower current is as it was.
  values.sensor.high = false;
  EXPECT_NEAR(*vehicle.electrical(volts, World{}, values),
              *vehicle.electrical(volts, worldOf(weak, 0.5, values), values), 1e-6);
}

// A Hall switch may have failed closed: a line that is pulled down does not acquit it.
TEST_F(FurtherFaults, ADeadSwitchMayStayClosed) {
  kind(circuit::SensorKind::hall);
  codes({{"RR", job::CodeType::noSignal, {}}}, driven());
  reading("RR", "C2 c gnd 8.1V dc key on plugged");
  reading("RR", "C2 b gnd 0.02V dc key on plugged");
  const double before = share("sensor", Fault::sensorDead);
  reading("RR", "C2 a gnd 0.2V dc key on plugged");
  const double low = share("sensor", Fault::sensorDead);
  EXPECT_GT(low, before / 6);
  reading("RR", "C2 a gnd 4.9V dc key on unplugged");
  EXPECT_GT(share("sensor", Fault::sensorDead), low);
}

// Trouble since work on the wires may be two of them put back the wrong way round, however the work
// was written down.
TEST_F(FurtherFaults, WiresAreExchangedWhereTheyWereMended) {
  kind(circuit::SensorKind::active);
  reading("RR", "C2 a gnd 0.00V dc key on unplugged");
  reading("RR", "C2 b gnd 11.3V dc key on unplugged");
  const double before = share("L2", Fault::reversed);
  c.history.push_back({"RR", "L2", job::Work::repaired, "", std::nullopt, true, {}});
  EXPECT_GT(share("L2", Fault::reversed), 4 * before);
  EXPECT_GT(share("L2", Fault::reversed), 0.5);
}

// A split ring that was seen, and no signal: it has slipped on its seat.
TEST_F(FurtherFaults, ASplitRingMaySlip) {
  codes({{"RR", job::CodeType::noSignal, {}}}, driven());
  reading("RR", "C2.w pair 1100 unplugged");
  reading("RR", "C2.w pair 1100 unplugged");
  auto& look = c.evidence.back();
  look.test = {};
  look.test.kind = circuit::TestKind::inspect;
  look.test.circuit = "RR";
  look.test.looked = "ring";
  look.reading = {};
  look.reading.sight = job::Sight::cracked;
  EXPECT_GT(share("ring", Fault::ringCracked), 0.4);
}

// An overload that was taken twice more, and was none, is not asked for a fourth time.
TEST_F(FurtherFaults, WhatWasRuledOutIsNotAskedForAgain) {
  reading("RR", "C2.w pair OL unplugged");
  reading("RR", "C2.w pair 1100 unplugged");
  reading("RR", "C2.w pair 1102 unplugged");
  reading("RR", "module a b 1104 unplugged module");
  const auto conclusion = assessed().conclusion;
  EXPECT_NE(conclusion.state, State::contradictory);
  EXPECT_EQ(conclusion.action.find("OL"), std::string::npos) << conclusion.action;
}

// What both lines of an axle run through spoils both: the plug under the body, not the wheel's own.
TEST_F(FurtherFaults, WhatBothWheelsRunThroughIsThoughtOfFirst) {
  codes({{"RR", job::CodeType::open, {}}});
  const double alone = share("C1");
  const double own = share("C2");
  c.evidence.clear();
  codes({{"RR", job::CodeType::open, {}}, {"RL", job::CodeType::open, {}}});
  EXPECT_GT(share("C1"), 2 * alone);
  EXPECT_LT(share("C2"), own);
  c.evidence.clear();
  codes({{"RR", job::CodeType::open, {}}, {"FL", job::CodeType::open, {}}});
  EXPECT_LT(share("C1"), 1.3 * alone) << "a front wheel and a rear one have no plug of their own";
}

// A finite reading from a wire to ground with all apart is evidence (trade notes: common practice);
// on the wheel's side of the last plug it is the sensor's own lead or the plug's half.
TEST_F(FurtherFaults, TheSensorsOwnLeadLiesOnTheBody) {
  reading("RR", "C2.w pair 1100 unplugged");
  reading("RR", "C2.w a ground 12 unplugged");
  EXPECT_GT(share("sensor", Fault::shortToGround), 0.35);
  EXPECT_GT(share("sensor", Fault::shortToGround) + share("C2", Fault::shortToGround), 0.5);
  EXPECT_LT(share("L2", Fault::shortToGround), 0.02) << "beyond the plug that is apart";
}

TEST_F(FurtherFaults, WaterInTheSensorIsMegohmsToGround) {
  reading("RR", "C2.w a ground 3.1M unplugged");
  const double sensor = share("sensor", Fault::leak);
  EXPECT_GT(sensor, 0.08);
  EXPECT_LT(share("L1", Fault::leak) + share("C1", Fault::leak), sensor / 2);
}

}  // namespace
}  // namespace haybale::diagnosis
