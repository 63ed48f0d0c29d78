#include "core/circuit/predict.h"

#include <cmath>

#include "core/circuit/network.h"
#include "core/job/reading_line.h"
#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

TEST(Network, SolvesADividerAndABridgeWorkedByHand) {
  Network divider;
  const auto top = divider.addNode();
  const auto middle = divider.addNode();
  divider.addSource(top, Network::kGround, 12, 1e-3);
  divider.addResistor(top, middle, 2000);
  divider.addResistor(middle, Network::kGround, 1000);
  EXPECT_NEAR(divider.solve()[static_cast<std::size_t>(middle)], 4.0, 1e-5);

  // Five resistors of 1 ohm each, balanced: seen from the ends the bridge is 1 ohm.
  Network bridge;
  const auto a = bridge.addNode();
  const auto l = bridge.addNode();
  const auto r = bridge.addNode();
  bridge.addResistor(a, l, 1);
  bridge.addResistor(a, r, 1);
  bridge.addResistor(l, r, 1);
  bridge.addResistor(l, Network::kGround, 1);
  bridge.addResistor(r, Network::kGround, 1);
  bridge.addCurrent(Network::kGround, a, 1);
  EXPECT_NEAR(bridge.solve()[static_cast<std::size_t>(a)], 1.0, 1e-9);
}

class PassiveLine : public testing::Test {
 protected:
  PassiveLine() { circuit.sensor.kind = SensorKind::passive; }

  [[nodiscard]] circuit::Test typed(const char* line) const {
    const auto start =
        job::defaultTest(circuit, {Place::Kind::modulePlug, "module"}, TestKind::resistance);
    return job::parseReadingLine(std::string(line) + " 1", circuit, start).value().test;
  }
  [[nodiscard]] double read(const char* line, const std::vector<LineFault>& faults = {}) const {
    return predict(circuit, point, typed(line), faults).value_or(NAN);
  }

  Circuit circuit = typicalCircuit("RR", "rear right");
  ParameterPoint point{5.0, 10e3, 1100, 20};
};

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
  const double healthy = *predict(circuit, point, t);
  const double through = *predict(circuit, point, t, {{"L2", FaultKind::series, WireId::b, 5e6}});
  EXPECT_NEAR(healthy, 1.0, 0.002);
  EXPECT_NEAR(through, 1.0 / 6, 0.001);
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

TEST_F(PassiveLine, BandsCoverEveryCornerOfTheParameters) {
  LineParameters p;
  const auto band = predictBand(circuit, p, typed("module a gnd dc key on plugged"));
  ASSERT_TRUE(band);
  EXPECT_NEAR(band->low, 2.3 * 800 / 20800, 0.001);
  EXPECT_NEAR(band->high, 5.5 * 2500 / 5500, 0.001);
}

TEST_F(PassiveLine, SaysNothingOfWhatIsNotModelled) {
  circuit.sensor.kind = SensorKind::active;
  EXPECT_FALSE(predict(circuit, point, typed("module a gnd dc key on plugged")));
  EXPECT_FALSE(predict(circuit, point, typed("module pair ac")));
}

}  // namespace
}  // namespace haybale::circuit
