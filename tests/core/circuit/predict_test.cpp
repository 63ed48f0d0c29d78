#include "core/circuit/predict.h"

#include <cmath>

#include "core/base/json.h"
#include "core/circuit/network.h"
#include "support/line_fixture.h"

namespace haybale::circuit {
namespace {

// Common practice, no source: 5 V of bias behind some 10 kΩ falls to about 0.5 V with a coil of 1.1
// kΩ.
TEST_F(PassiveLine, BiasFallsToHalfAVoltWhenPluggedIn) {
  EXPECT_NEAR(read("C2.m a gnd dc key on unplugged"), 5.0, 0.01);
  EXPECT_NEAR(read("module a gnd dc key on plugged"), 0.5, 0.01);
}

TEST_F(PassiveLine, ResistanceAtThePlugIsCoilAndWiresAndAtTheSensorCoilAlone) {
  // Worked by hand: 2 x (2.5 + 0.8) m of 0.5 mm² copper are 0.228 Ω, four contacts 0.02 Ω.
  EXPECT_NEAR(read("module pair"), 1100 + 0.228 + 0.02, 0.002);
  EXPECT_NEAR(read("sensor pair"), 1100, 0.001);
  EXPECT_TRUE(std::isinf(read("C2.m pair unplugged")) || read("C2.m pair unplugged") > 9e3)
      << "towards the module";
}

TEST_F(PassiveLine, UnpluggedSensorIsReadThroughTheSourceWhenTheModuleStaysPlugged) {
  EXPECT_NEAR(read("C2.m pair unplugged"), 10e3, 5) << "the module's own source resistance";
}

// 5 V through 100 kΩ of corrosion still reads 4.95 V on a 10 MΩ meter: 5 · 10 / 10.11 = 4.946.
TEST_F(PassiveLine, TenMegohmMeterDoesNotSeeCorrosionUnloaded) {
  const std::vector<LineFault> crust{{"C1", FaultKind::series, WireId::a, 100e3}};
  EXPECT_NEAR(read("C2.m a gnd dc key on unplugged", crust), 4.946, 0.001);
  // Loaded by the coil hardly anything is left beyond it: 5 · 1.1 / 111.1 = 0.0495 V.
  EXPECT_NEAR(read("C2.m a gnd dc key on plugged", crust), 0.0495, 0.0005);
}

TEST_F(PassiveLine, PartedWetWireShowsAGhostVoltageAndTheModuleSideStaysUp) {
  double before = 5;
  for (const double leak : {10e6, 2e6, 500e3}) {
    const std::vector<LineFault> parted{{"L2", FaultKind::series, WireId::a, 1e6},
                                        {"C2", FaultKind::leakToGround, WireId::a, leak}};
    const double ghost = read("C2.m a gnd dc key on unplugged", parted);
    EXPECT_LT(ghost, before);
    EXPECT_GT(ghost, 0.1);
    EXPECT_NEAR(read("module a gnd dc key on plugged", parted), 0.5, 0.2 + 5);
    before = ghost;
  }
}

TEST_F(PassiveLine, ScopeSeesOneSixthThroughFiveMegohms) {
  circuit::Test t =
      job::defaultTest(circuit, {Place::Kind::modulePlug, "module"}, TestKind::waveform);
  t.state.unplugged = {"module"};
  const std::vector<LineFault> crust{{"L2", FaultKind::series, WireId::b, 5e6}};
  const double healthy = *predict(circuit, point, t);
  const double through = *predict(circuit, point, t, crust);
  // 5 km/h, 48 teeth, 1.95 m: 34.19 Hz; 2 pi f psi = 0.4296 V peak, worked by hand.
  EXPECT_NEAR(healthy, 2 * 0.4296, 0.002);
  EXPECT_NEAR(through / healthy, 1.0 / 6, 0.001);
}

// Volts per hertz do not depend on the spin: Faraday.
TEST_F(PassiveLine, AcVoltsGrowWithSpeedAndTheMeterLosesTheHighOnes) {
  circuit::Test t = typed("module pair ac");
  t.state.speedKmh = 4;
  const double slow = *predict(circuit, point, t);
  t.state.speedKmh = 8;
  EXPECT_NEAR(*predict(circuit, point, t) / slow, 2, 0.01);
  t.state.speedKmh =
      400;  // 2735 Hz on a meter of 1 kHz: the coil's L and the meter take their part
  EXPECT_LT(*predict(circuit, point, t) / slow, 50);
  t.state.wheel = WheelMotion::still;
  EXPECT_NEAR(*predict(circuit, point, t), 0, 1e-9);
}

TEST_F(PassiveLine, LoopCheckClosesThroughTheJumper) {
  circuit::Test t = job::defaultTest(circuit, {Place::Kind::modulePlug, "module"}, TestKind::loop);
  t.state.unplugged = {"module", "C2"};
  t.state.jumper = Place{Place::Kind::moduleSide, "C2"};
  EXPECT_NEAR(*predict(circuit, point, t), 0.228 + 0.05 + 0.01, 0.01);
  t.state.jumper.reset();
  EXPECT_TRUE(std::isinf(*predict(circuit, point, t)));
}

TEST_F(PassiveLine, PiercedPlacesLieBetweenTheEnds) {
  const std::vector<LineFault> open{{"L2", FaultKind::series, WireId::a, 1e15}};
  circuit::Test t = job::defaultTest(circuit, {Place::Kind::along, "L2", 0.3}, TestKind::dcVoltage);
  EXPECT_NEAR(*predict(circuit, point, t, open), 5.0, 0.01);
  t.red->place.along = 0.8;
  EXPECT_NEAR(*predict(circuit, point, t, open), 0.0, 0.01);
}

// IEC 60028 (from memory): 0.393 % a kelvin; 1100 Ω at 20 °C are 1359 Ω at 80 °C.
TEST_F(PassiveLine, AHotCoilReadsHigher) {
  point.celsius = 80;
  EXPECT_NEAR(read("sensor pair"), 1359, 1);
}

TEST_F(PassiveLine, WiresCrossedAtAnOldJointPutTheBiasOnTheOtherWire) {
  const std::vector<LineFault> crossed{{"C1", FaultKind::crossed}};
  EXPECT_NEAR(read("C2.m a gnd dc key on unplugged", crossed), 0, 1e-3);
  EXPECT_NEAR(read("C2.m b gnd dc key on unplugged", crossed), 5, 0.01);
}

// A leak that needs two volts to conduct: the ohmmeter, with 1.2 V, reads OL; the module's 5 V
// drive a current through it.
TEST_F(PassiveLine, AThresholdLeakIsUnseenByTheOhmmeterButSeenByTheModule) {
  const std::vector<LineFault> leak{{"L2", FaultKind::leakToGround, WireId::a, 2e3, 2.0}};
  EXPECT_TRUE(std::isinf(read("C2.m a gnd unplugged", leak)) || read("module a gnd", leak) > 20e6);
  circuit::Test t = typed("C2.m a gnd dc key on unplugged");
  // (5 - 2) V through 10 kΩ + 2 kΩ: 2 + 3 * 2 / 12 = 2.5 V, worked by hand.
  EXPECT_NEAR(*predict(circuit, point, t, leak), 2.5, 0.01);
}

TEST_F(PassiveLine, OhmsOnALiveCircuitAreNonsense) {
  const double live = read("module a gnd key on plugged");
  EXPECT_GT(std::abs(live - 991), 300) << "10 kΩ and 1.1 kΩ in parallel would be 991 Ω";
}

// Common practice, no source: 7/14 mA; through 75 Ω 0.525 and 1.05 V; 11.5 V unplugged fall to
// about 10 V plugged behind 110 Ω.
TEST_F(ActiveLine, SevenAndFourteenMilliamperesThrough75OhmsAreHalfAVoltAndOne) {
  point.frontEnd.kind = FrontEndKind::lowSideSense;
  point.frontEnd.sourceOhm = 75;
  EXPECT_NEAR(read("module b gnd dc key on plugged"), 0.525, 0.001);
  point.sensor.high = true;
  EXPECT_NEAR(read("module b gnd dc key on plugged"), 1.05, 0.001);
}

// AK protocol (from memory): a speed pulse of 28 mA over a rest of 7 mA; 21 mA through 75 Ω.
TEST_F(ActiveLine, ADataWordSwingsToItsThirdLevel) {
  circuit.sensor.kind = SensorKind::activeAk;
  point.frontEnd.kind = FrontEndKind::lowSideSense;
  point.frontEnd.sourceOhm = 75;
  circuit::Test t =
      job::defaultTest(circuit, {Place::Kind::modulePlug, "module"}, TestKind::waveform);
  t.red->wire = WireId::b;
  t.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
  EXPECT_NEAR(*predict(circuit, point, t), 0.021 * 75, 0.005);
}

TEST_F(ActiveLine, TheFeedFallsFrom11V5ToAbout10VWhenPluggedIn) {
  point.sensor.high = true;
  EXPECT_NEAR(read("C2.m a gnd dc key on unplugged"), 11.5, 0.01);
  EXPECT_NEAR(read("module a gnd dc key on plugged"), 11.5 - 110 * 0.014, 0.01);
}

TEST_F(ActiveLine, AReversedOrDeadSensorLeavesTheFeedUp) {
  for (const auto kind : {FaultKind::sensorReversed, FaultKind::sensorDead}) {
    const std::vector<LineFault> fault{{"sensor", kind}};
    EXPECT_NEAR(read("module a gnd dc key on plugged", fault), 11.5, 0.01);
  }
}

TEST_F(ActiveLine, AStarvedSensorDrawsLess) {
  const std::vector<LineFault> crust{{"C1", FaultKind::series, WireId::a, 2e3}};
  // 7 mA would need 14.8 V over 2.1 kΩ: less flows, and less than 4.5 V are left for the sensor.
  EXPECT_LT(read("sensor pair dc key on plugged", crust), 4.5);
  EXPECT_GT(read("module a gnd dc key on plugged", crust), 11.5 - 0.7);
}

TEST_F(ActiveLine, AShortRunsIntoTheCurrentLimitAndLatches) {
  const std::vector<LineFault> shorted{{"L2", FaultKind::leakToGround, WireId::a, 0.05}};
  const circuit::Test t = typed("module a gnd dc key on plugged");
  EXPECT_TRUE(overloadsFeed(circuit, point, t, shorted));
  EXPECT_FALSE(overloadsFeed(circuit, point, t));
  const std::vector<LineFault> latched{{"module", FaultKind::noSupply}};
  EXPECT_NEAR(*predict(circuit, point, t, latched), 0, 0.01);
}

TEST_F(ActiveLine, AnAmmeterInLineShowsTheSensorsCurrent) {
  circuit::Test t = typed("C2.m a dc key on unplugged");
  t.kind = TestKind::current;
  t.black = Probe{{Place::Kind::wheelSide, "C2"}, WireId::a};
  // The return stays apart with the connector: a jumper lead closes it.
  EXPECT_NEAR(*predict(circuit, point, t), 0, 1e-5);
  t.state.unplugged.clear();
  t.red->place = {Place::Kind::modulePlug, "module"};
  EXPECT_LT(*predict(circuit, point, t), 0.007) << "in parallel with a sound wire it shows little";
}

// A bulb from battery plus to the return tests a ground; to the feed of an active line it draws the
// supply down to nothing.
// A clamp shows what an ammeter in line shows, without a wire being parted; the two currents are 7
// and 14 mA (VDA interface, from memory).
TEST_F(ActiveLine, AClampShowsBothCurrentsAndNothingOfAParkedCarsOrAPartedWire) {
  const auto clamp = [&](const char* line, bool high, const std::vector<LineFault>& faults = {}) {
    point.sensor.high = high;
    return clampAmperes(circuit, point, typed(line), faults).value_or(NAN);
  };
  for (const char* wire : {"C2.m a gnd dc key on plugged", "C2.m b gnd dc key on plugged"}) {
    EXPECT_NEAR(clamp(wire, false), 0.007, 1e-4) << wire;
    EXPECT_NEAR(clamp(wire, true), 0.014, 1e-4) << wire;
    EXPECT_NEAR(clamp(wire, true, {{"L2", FaultKind::series, WireId::b, kOpenOhm}}), 0, 1e-4);
    EXPECT_NEAR(clamp(wire, true, {{"module", FaultKind::noSupply}}), 0, 1e-4);
  }
  EXPECT_NEAR(clamp("C2.m a gnd dc key off plugged", true), 0, 1e-4);
  // 3 kohm to ground take 3 to 4 mA more through the feed, and nothing through the return.
  const std::vector<LineFault> leak{{"L2", FaultKind::leakToGround, WireId::a, 3000}};
  EXPECT_NEAR(clamp("C2.m a gnd dc key on plugged", false, leak), 0.0105, 6e-4);
  EXPECT_NEAR(clamp("C2.m b gnd dc key on plugged", false, leak), 0.007, 1e-4);
}

TEST_F(ActiveLine, LampsTellAGroundFromAWeakFeed) {
  circuit::Test t = typed("C2.m b dc key on unplugged");
  t.kind = TestKind::lamp;
  t.black = Probe{{Place::Kind::battery, ""}, std::nullopt};
  EXPECT_EQ(lampState(t.lamp, *predict(circuit, point, t)), LampState::lit);
  const std::vector<LineFault> crust{{"L1", FaultKind::series, WireId::b, 1000}};
  EXPECT_EQ(lampState(t.lamp, *predict(circuit, point, t, crust)), LampState::dark);
  t.red->wire = WireId::a;
  t.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
  EXPECT_EQ(lampState(t.lamp, *predict(circuit, point, t)), LampState::dark)
      << "the feed gives 50 mA at most";
  t.lamp = Lamp::led;
  EXPECT_EQ(lampState(t.lamp, *predict(circuit, point, t)), LampState::lit);
}

TEST(HallLine, PullsItsSignalDownAndLetsGo) {
  Circuit circuit = typicalCircuit("S", "propeller shaft");
  circuit.sensor.kind = SensorKind::hall;
  ParameterPoint point;
  point.frontEnd = usualFrontEnd(SensorKind::hall);
  circuit::Test t =
      job::defaultTest(circuit, {Place::Kind::modulePlug, "module"}, TestKind::dcVoltage);
  // 5 V over 2.2 kΩ into 25 Ω are 56 mV; 8.3 mA come back over 0.33 Ω of wire, contacts and module:
  // 3 mV more. Worked by hand.
  EXPECT_NEAR(*predict(circuit, point, t), 0.059, 0.001);
  point.sensor.high = true;
  EXPECT_NEAR(*predict(circuit, point, t), 5.0, 0.02);
  t.red->wire = WireId::c;
  EXPECT_NEAR(*predict(circuit, point, t), 11.5, 0.02);
}

// An open collector that is not fed is open: an ohmmeter never sees its transistor, and with the
// ground gone the signal stands at its pull-up. Common practice, no source.
TEST(HallLine, LetsGoWhileItIsNotFed) {
  Circuit circuit = typicalCircuit("S", "propeller shaft");
  circuit.sensor.kind = SensorKind::hall;
  ParameterPoint point;
  point.frontEnd = usualFrontEnd(SensorKind::hall);
  const Place plug{Place::Kind::modulePlug, "module"};
  circuit::Test t = job::defaultTest(circuit, plug, TestKind::resistance);
  t.state.unplugged = {"module"};
  t.state.key = Key::off;
  EXPECT_NEAR(*predict(circuit, point, t), point.sensor.ohmmeterOhm,
              0.01 * point.sensor.ohmmeterOhm);
  t = job::defaultTest(circuit, plug, TestKind::dcVoltage);
  const std::vector<LineFault> noGround{{"sensor", FaultKind::series, WireId::b, 1e12}};
  EXPECT_NEAR(*predict(circuit, point, t, noGround), 5.0, 0.05);
}

TEST_F(PassiveLine, BandsHoldNinetyFivePercentOfTheDraws) {
  LineParameters p;
  p.central = point;
  for (int i = 0; i <= 100; ++i) {
    p.draws.push_back(point);
    p.draws.back().sensor.coilOhm = 1000 + 2 * i;
  }
  const auto band = predictBand(circuit, p, typed("sensor pair"));
  ASSERT_TRUE(band);
  EXPECT_NEAR(band->low, 1005, 0.1);
  EXPECT_NEAR(band->high, 1195, 0.1);
}

TEST_F(PassiveLine, SaysNothingOfAnUnknownSensorOrWhatItDoesNotUnderstand) {
  circuit::Test t = typed("module a gnd dc key on plugged");
  t.stateRest = {R"({"swap":{}})"};
  EXPECT_FALSE(predict(circuit, point, t));
  circuit.sensor.kind = SensorKind::unknown;
  EXPECT_FALSE(predict(circuit, point, typed("module a gnd dc key on plugged")));
  EXPECT_TRUE(predict(circuit, point, typed("C2.m a gnd dc key on unplugged")));
}

}  // namespace
}  // namespace haybale::circuit
