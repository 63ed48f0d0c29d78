// The made-up vehicle answers as a real one would: readings of the circuit with the fault in it,
// and what moves when it is moved, warmed or wetted.
#include "core/sim/sim_vehicle.h"

#include <cmath>
#include <map>

#include "core/belief/ways_to_fail.h"
#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::sim {
namespace {

using circuit::DisturbKind;
using circuit::Place;
using circuit::Probe;
using circuit::TestKind;
using circuit::WireId;

class SimulatedVehicle : public testing::Test {
 protected:
  SimulatedVehicle() : c(job::newCase()) {
    c.suspect = "RR";
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = circuit::SensorKind::passive;
      circuit.sensor.teeth = 48;
    }
  }

  [[nodiscard]] SimVehicle vehicle(const char* fault, const char* element, const char* wire,
                                   std::optional<double> severity = std::nullopt,
                                   std::uint32_t seed = 1) const {
    const auto hidden = chosenFault(diagnosis::waysToFail(c), fault, element, wire, severity);
    EXPECT_TRUE(hidden.ok()) << fault;
    SimOptions options;
    options.seed = seed;
    options.slip = 0;
    return {c, hidden->fault, hidden->severity, options};
  }

  [[nodiscard]] static circuit::Test make(TestKind kind) {
    circuit::Test t;
    t.kind = kind;
    t.circuit = "RR";
    t.state.key = circuit::defaultKey(kind);
    return t;
  }
  [[nodiscard]] static circuit::Test ohms(Place place, bool toGround) {
    auto t = make(TestKind::resistance);
    t.state.unplugged = {place.element};
    t.black = toGround ? Probe{{Place::Kind::ground, ""}, std::nullopt} : Probe{place, WireId::b};
    t.red = Probe{std::move(place), WireId::a};
    return t;
  }
  [[nodiscard]] static Place plug() { return {Place::Kind::modulePlug, "module"}; }
  [[nodiscard]] static Place sensorHalf() { return {Place::Kind::wheelSide, "C2"}; }

  // Of so many vehicles, the share whose reading moves.
  [[nodiscard]] double moving(const char* fault, const char* element, double severity,
                              DisturbKind kind, const char* disturbed) const {
    int moved = 0;
    constexpr int kVehicles = 200;
    for (std::uint32_t seed = 1; seed <= kVehicles; ++seed) {
      auto v = vehicle(fault, element, "a", severity, seed);
      auto t = ohms(plug(), true);
      t.kind = TestKind::wiggle;
      t.state.key = circuit::Key::off;
      t.state.disturb = circuit::Disturb{kind, disturbed};
      moved += v.answer(t)->reacts.value() ? 1 : 0;
    }
    return static_cast<double>(moved) / kVehicles;
  }

  job::Case c;
};

TEST_F(SimulatedVehicle, ABrokenWireIsOpenFromTheModuleAndWholeAtTheSensor) {
  auto v = vehicle("open", "L2", "a", 1e15);
  EXPECT_TRUE(v.answer(ohms(plug(), false))->value->overload);
  const auto sensor = v.answer(ohms(sensorHalf(), false))->value;
  EXPECT_FALSE(sensor->overload);
  // The ohms of the trade's coils, 800 to 2100: common practice, no source.
  EXPECT_GT(sensor->value, 800);
  EXPECT_LT(sensor->value, 2100);
}

TEST_F(SimulatedVehicle, AShortToGroundIsReadFromEitherEndUntilItsPlugIsOff) {
  auto v = vehicle("short-to-ground", "L1", "a", 3);
  EXPECT_LT(v.answer(ohms(plug(), true))->value->value, 10);
  const auto beyond = v.answer(ohms(sensorHalf(), true))->value;
  EXPECT_TRUE(beyond->overload || beyond->value > 1e6);
}

TEST_F(SimulatedVehicle, TheSameSeedIsTheSameVehicle) {
  auto a = vehicle("resistive", "C1", "b", 2000, 7);
  auto b = vehicle("resistive", "C1", "b", 2000, 7);
  auto other = vehicle("resistive", "C1", "b", 2000, 8);
  const double first = a.answer(ohms(plug(), false))->value->value;
  EXPECT_EQ(first, b.answer(ohms(plug(), false))->value->value);
  EXPECT_NE(first, other.answer(ohms(plug(), false))->value->value);
}

TEST_F(SimulatedVehicle, WhatIsMendedReadsAsItsCoilAlone) {
  auto v = vehicle("open", "L2", "a", 1e15);
  v.repair("L1");
  EXPECT_TRUE(v.answer(ohms(plug(), false))->value->overload) << "something else was mended";
  v.repair("L2");
  const double whole = v.answer(ohms(plug(), false))->value->value;
  const double coil = v.answer(ohms(sensorHalf(), false))->value->value;
  EXPECT_NEAR(whole, coil, 0.03 * coil);
}

// Warm air dries water; copper on copper minds neither: common practice, no source.
TEST_F(SimulatedVehicle, WaterMovesWhenItIsWarmedWhereItLies) {
  EXPECT_GT(moving("leak", "C2", 200e3, DisturbKind::heat, "C2"), 0.6);
  EXPECT_LT(moving("leak", "C2", 200e3, DisturbKind::heat, "L1"), 0.15);
  EXPECT_LT(moving("leak", "C2", 200e3, DisturbKind::flex, "C2"), 0.1);
  EXPECT_LT(moving("leak", "C2", 100, DisturbKind::heat, "C2"), 0.1);
  EXPECT_LT(moving("short-to-ground", "L2", 1, DisturbKind::wet, "L2"), 0.1);
}

TEST_F(SimulatedVehicle, AScopeRecordHasThePulsesOfItsSpin) {
  auto v = vehicle("ring-tooth", "ring", "");
  auto t = make(TestKind::waveform);
  t.red = Probe{plug(), WireId::a};
  t.black = Probe{plug(), WireId::b};
  t.state.unplugged = {"module"};
  t.state.key = circuit::Key::off;
  t.state.wheel = circuit::WheelMotion::spun;
  const auto record = v.record(t, 6, 5000);
  ASSERT_TRUE(record);
  trace::Options options;
  options.teeth = 48;
  EXPECT_EQ(trace::analyse(*record, 0, options).findings.front().code, trace::Code::missingTooth);
  EXPECT_FALSE(v.record(make(TestKind::codes), 1, 5000)) << "no leads, no record";
}

TEST_F(SimulatedVehicle, TheGoodWheelIsMeasuredWithoutItsNeighboursFault) {
  auto v = vehicle("sensor-open", "sensor", "");
  const auto good = v.goodWheel();
  ASSERT_FALSE(good.empty());
  for (const auto& e : good) {
    EXPECT_NE(e.test.circuit, "RR");
    if (e.test.kind == TestKind::resistance) {
      EXPECT_FALSE(e.reading.value->overload);
    }
  }
}

TEST_F(SimulatedVehicle, FaultsAreDrawnAsOftenAsTheyAreExpected) {
  std::map<std::string, double> want;
  double some = 0;
  for (const auto& h : diagnosis::allHypotheses(c, *c.suspectCircuit())) {
    if (h.fault != diagnosis::Fault::none) {
      want[h.element] += h.prior;
      some += h.prior;
    }
  }
  std::mt19937 random(4);
  constexpr int kDraws = 20000;
  std::map<std::string, int> got;
  for (int i = 0; i < kDraws; ++i) {
    const auto hidden = drawFault(diagnosis::waysToFail(c), random);
    ++got[hidden.fault.element];
    EXPECT_GE(hidden.severity, hidden.fault.steps.front());
    EXPECT_LE(hidden.severity, hidden.fault.steps.back());
  }
  for (const auto& [element, prior] : want) {
    const double p = prior / some;
    // Five standard deviations of a count.
    EXPECT_NEAR(got[element], kDraws * p, 5 * std::sqrt(kDraws * p)) << element;
  }
}

TEST_F(SimulatedVehicle, AFaultThatCannotBeThereIsRefusedWithWhatCan) {
  const auto none = chosenFault(diagnosis::waysToFail(c), "latched-off", "", "", std::nullopt);
  ASSERT_FALSE(none.ok()) << "a coil has nothing to be latched off";
  EXPECT_NE(none.error().sentence().find("sensor-open"), std::string::npos)
      << none.error().sentence();
  EXPECT_FALSE(chosenFault(diagnosis::waysToFail(c), "open", "L9", "", std::nullopt).ok());
  EXPECT_TRUE(chosenFault(diagnosis::waysToFail(c), "open", "L2", "b", std::nullopt).ok());
}

}  // namespace
}  // namespace haybale::sim
