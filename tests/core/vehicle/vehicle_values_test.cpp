// The unknowns of a vehicle: medians at the middle of what is drawn, lognormal around it, shared by
// its wheels or not. And the pins that a module shows, by Ohm's law.
#include "core/vehicle/vehicle_values.h"

#include <cmath>

#include "core/circuit/front_end.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {
namespace {

using circuit::FrontEndKind;
using circuit::SensorKind;

constexpr SensorKind kKinds[] = {SensorKind::passive, SensorKind::active, SensorKind::hall};

TEST(VehicleValues, SharedUnknownsComeFirst) {
  for (const auto k : kKinds) {
    const auto all = unknownsOf(k);
    const std::size_t shared = sharedCount(all);
    ASSERT_GT(shared, 0U);
    for (std::size_t i = 0; i < all.size(); ++i) {
      EXPECT_EQ(all[i].own, i >= shared) << all[i].name;
      EXPECT_GT(all[i].spread, 0) << all[i].name;
    }
  }
}

TEST(VehicleValues, FrontEndsAreAllThatThereAre) {
  for (const auto k : kKinds) {
    double sum = 0;
    for (const auto& f : frontEndsOf(k)) {
      EXPECT_GT(f.weight, 0);
      sum += f.weight;
    }
    EXPECT_NEAR(sum, 1, 1e-9);
  }
}

circuit::ParameterPoint pointOf(SensorKind k, double shift) {
  const auto all = unknownsOf(k);
  const std::size_t shared = sharedCount(all);
  const std::vector<double> s(shared, shift), own(all.size() - shared, 0);
  return valuesOf(k, frontEndsOf(k).front().kind, s, own, true, 1.9);
}

TEST(VehicleValues, AtTheMiddleAreTheMedians) {
  const auto coil = pointOf(SensorKind::passive, 0);
  EXPECT_NEAR(coil.sensor.coilOhm, 1300, 1);
  EXPECT_NEAR(coil.frontEnd.supplyV, 3.0, 1e-6);
  EXPECT_NEAR(coil.frontEnd.sourceOhm, 8e3, 1);
  EXPECT_NEAR(coil.celsius, 20, 1e-9);
  const auto active = pointOf(SensorKind::active, 0);
  EXPECT_NEAR(active.sensor.lowA, 0.007, 1e-6);
  EXPECT_NEAR(active.sensor.highA, 0.014, 1e-6);
}

// One spread of a lognormal up is the median times e^spread.
TEST(VehicleValues, OneSpreadUpIsAFactor) {
  const auto middle = pointOf(SensorKind::passive, 0);
  const auto up = pointOf(SensorKind::passive, 1);
  EXPECT_NEAR(up.sensor.coilOhm / middle.sensor.coilOhm, std::exp(0.4), 1e-3);
  EXPECT_NEAR(up.frontEnd.sourceOhm / middle.frontEnd.sourceOhm, std::exp(0.7), 1e-3);
}

// Data sheets give each level of a current sensor a band of its own (VDA interface, 7 and 14 mA
// +-20 %, from memory): two wheels differ in the one without differing in the other.
TEST(VehicleValues, TheLevelsOfACurrentSensorDifferApart) {
  const auto all = unknownsOf(SensorKind::active);
  const std::size_t shared = sharedCount(all);
  const std::vector<double> s(shared, 0);
  const auto with = [&](std::string_view name) {
    std::vector<double> own(all.size() - shared, 0);
    for (std::size_t i = shared; i < all.size(); ++i) {
      own[i - shared] = all[i].name == name ? 1 : 0;
    }
    return valuesOf(SensorKind::active, FrontEndKind::highSideSense, s, own, false, 1.9);
  };
  const auto usual = with("");
  const auto ratio = with("this current ratio");
  EXPECT_EQ(ratio.sensor.lowA, usual.sensor.lowA);
  EXPECT_NEAR(ratio.sensor.highA / usual.sensor.highA, std::exp(0.03), 1e-9);
  EXPECT_EQ(ratio.celsius, usual.celsius);
  EXPECT_NEAR(with("temperature").celsius, usual.celsius + 6, 1e-9);
  EXPECT_EQ(with("temperature").sensor.highA, usual.sensor.highA);
}

TEST(Pins, OfABiasedInputAreBiasAndGround) {
  const auto f = circuit::usualFrontEnd(SensorKind::passive);
  const auto pins = circuit::pinsOf(f, true);
  EXPECT_EQ(pins[0].volts, f.supplyV);
  EXPECT_EQ(pins[0].ohm, f.sourceOhm);
  EXPECT_EQ(pins[1].volts, 0);
  EXPECT_LT(pins[1].ohm, 1);
  EXPECT_TRUE(std::isinf(pins[2].ohm)) << "two wires";
  EXPECT_FALSE(circuit::senseOhm(f));
}

TEST(Pins, WithTheKeyOffNothingIsFed) {
  for (const auto k : kKinds) {
    for (const auto& pin : circuit::pinsOf(circuit::usualFrontEnd(k), false)) {
      EXPECT_EQ(pin.volts, 0);
    }
  }
}

TEST(Pins, AnActiveSensorIsFedThroughItsSenseResistorOrReturnsThroughIt) {
  auto f = circuit::usualFrontEnd(SensorKind::active);
  ASSERT_TRUE(circuit::senseOhm(f));
  EXPECT_EQ(circuit::pinsOf(f, true)[0].ohm, *circuit::senseOhm(f));
  f.kind = FrontEndKind::lowSideSense;
  EXPECT_EQ(circuit::pinsOf(f, true)[1].ohm, *circuit::senseOhm(f));
  EXPECT_LT(circuit::pinsOf(f, true)[0].ohm, *circuit::senseOhm(f));
  EXPECT_EQ(circuit::pinsOf(f, true)[0].limitA, f.limitA);
}

}  // namespace
}  // namespace haybale::diagnosis
