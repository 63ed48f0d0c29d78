#include "core/vehicle/vehicle_values.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace haybale::diagnosis {

using circuit::FrontEndKind;
using circuit::SensorFamily;
using circuit::SensorKind;

namespace {

// Common practice, no source; the ranges stand in docs/physics.md.
constexpr std::array kPassive{
    Unknown{"bias", 3.0, 0.5},
    Unknown{"source resistance", 8e3, 0.7},
    Unknown{"coil", 1300, 0.4},
    Unknown{"inductance", 0.8, 0.5},
    Unknown{"flux swing", 1.5, 0.6},
    Unknown{"battery", 12.5, 0.02},
    Unknown{"this coil", 1, 0.05, true},
    Unknown{"this flux", 1, 0.12, true},
    Unknown{"this bias", 1, 0.01, true},
    Unknown{"this source resistance", 1, 0.03, true},
    Unknown{"temperature", 20, 14, true, true},
};
constexpr std::array kActive{
    Unknown{"supply", 11, 0.2},
    Unknown{"sense resistor", 110, 0.45},
    Unknown{"low current", 0.007, 0.08},
    Unknown{"current ratio", 2, 0.03},
    Unknown{"ohmmeter reading", 2e6, 1.5},
    Unknown{"battery", 12.5, 0.02},
    Unknown{"supply limit", 0.05, 0.4},
    Unknown{"volts from which it draws", 1.8, 0.35},
    Unknown{"this low current", 1, 0.04, true},
    Unknown{"this ohmmeter reading", 1, 0.6, true},
    Unknown{"this supply", 1, 0.01, true},
    Unknown{"this sense resistor", 1, 0.02, true},
    Unknown{"this current ratio", 1, 0.03, true},
    Unknown{"temperature", 20, 6, true, true},
};
constexpr std::array kHall{
    Unknown{"supply", 9, 0.35},
    Unknown{"pull-up resistor", 2200, 0.7},
    Unknown{"pull-up voltage", 7, 0.45},
    Unknown{"on resistance", 25, 0.5},
    Unknown{"battery", 12.5, 0.02},
    Unknown{"ohmmeter reading", 3e7, 2.3},  // of an output that is open: OL as often as not
    Unknown{"supply limit", 0.1, 0.7},
    Unknown{"this on resistance", 1, 0.1, true},
    Unknown{"this ohmmeter reading", 1, 0.6, true},
    Unknown{"this supply", 1, 0.01, true},
    Unknown{"this pull-up", 1, 0.03, true},
    Unknown{"temperature", 20, 6, true, true},
};

constexpr std::array kPassiveEnds{FrontEndPrior{FrontEndKind::singleBias, 0.75},
                                  FrontEndPrior{FrontEndKind::bothBiased, 0.25}};
constexpr std::array kActiveEnds{FrontEndPrior{FrontEndKind::highSideSense, 0.65},
                                 FrontEndPrior{FrontEndKind::lowSideSense, 0.35}};
constexpr std::array kHallEnds{FrontEndPrior{FrontEndKind::threeWire, 1.0}};

double valueOf(const Unknown& u, double x) {
  return u.additive ? u.median + u.spread * x : u.median * std::exp(u.spread * x);
}

}  // namespace

std::span<const Unknown> unknownsOf(SensorKind kind) {
  switch (circuit::familyOf(kind)) {
    case SensorFamily::regulator:
      return kActive;
    case SensorFamily::hallSwitch:
      return kHall;
    case SensorFamily::coil:
      break;
  }
  return kPassive;
}

std::size_t sharedCount(std::span<const Unknown> unknowns) {
  return static_cast<std::size_t>(
      std::count_if(unknowns.begin(), unknowns.end(), [](const Unknown& u) { return !u.own; }));
}

std::span<const FrontEndPrior> frontEndsOf(SensorKind kind) {
  switch (circuit::familyOf(kind)) {
    case SensorFamily::regulator:
      return kActiveEnds;
    case SensorFamily::hallSwitch:
      return kHallEnds;
    case SensorFamily::coil:
      break;
  }
  return kPassiveEnds;
}

circuit::ParameterPoint valuesOf(SensorKind sensor, FrontEndKind frontEnd,
                                 std::span<const double> shared, std::span<const double> own,
                                 bool high, double circumferenceM) {
  const auto unknowns = unknownsOf(sensor);
  const auto common = [&](std::size_t i) { return valueOf(unknowns[i], shared[i]); };
  const auto mine = [&](std::size_t i) { return valueOf(unknowns[shared.size() + i], own[i]); };
  circuit::ParameterPoint p;
  p.frontEnd = circuit::usualFrontEnd(sensor);
  p.frontEnd.kind = frontEnd;
  p.frontEnd.supplyV = common(0);
  p.frontEnd.sourceOhm = common(1);
  p.circumferenceM = circumferenceM;
  switch (circuit::familyOf(sensor)) {
    case SensorFamily::coil:
      p.sensor.coilOhm = common(2) * mine(0);
      p.sensor.coilHenry = common(3);
      p.sensor.fluxSwingMwb = common(4) * mine(1);
      p.batteryV = common(5);
      p.frontEnd.supplyV *= mine(2);
      p.frontEnd.sourceOhm *= mine(3);
      p.celsius = mine(4);
      break;
    case SensorFamily::regulator:
      p.sensor.lowA = common(2) * mine(0);
      p.sensor.highA = p.sensor.lowA * common(3) * mine(4);
      p.sensor.ohmmeterOhm = common(4) * mine(1);
      p.batteryV = common(5);
      p.frontEnd.limitA = common(6);
      // No data sheet says what a starved regulator does; its own supply asks for much the same
      // more.
      p.sensor.leastV += common(7) - p.sensor.startV;
      p.sensor.startV = common(7);
      p.frontEnd.supplyV *= mine(2);
      p.frontEnd.sourceOhm *= mine(3);
      p.celsius = mine(5);
      break;
    case SensorFamily::hallSwitch:
      p.frontEnd.pullUpV = common(2);
      p.sensor.hallOnOhm = common(3) * mine(0);
      p.batteryV = common(4);
      p.sensor.ohmmeterOhm = common(5) * mine(1);
      p.frontEnd.limitA = common(6);
      p.frontEnd.supplyV *= mine(2);
      p.frontEnd.sourceOhm *= mine(3);
      p.celsius = mine(4);
      break;
  }
  p.sensor.high = high;
  return p;
}

}  // namespace haybale::diagnosis
