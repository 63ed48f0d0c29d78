// What the module makes of a circuit: the check with the car standing, and whether it counts pulses
// while the wheel turns. Shares that are numbers here: common practice, no source.
#include <algorithm>
#include <cmath>

#include "core/base/logistic.h"
#include "core/physics/tyre.h"
#include "core/priors/priors.h"
#include "core/vehicle/crossing.h"
#include "core/vehicle/module_check.h"
#include "core/vehicle/vehicle.h"

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Circuit;
using circuit::FrontEndKind;
using circuit::ParameterPoint;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WireId;
using priors::Id;
using priors::of;

double kmhOf(const circuit::Inject& inject, const Circuit& circuit, double circumferenceM) {
  return physics::speedKmh(inject.hz, circuit.sensor.teeth.value_or(circuit::kUsualTeeth),
                           circumferenceM);
}

// Whose line the module looks at, and whose sensor hangs on it.
struct Vehicle::Looked {
  Scene scene;
  CarState state;
  bool own = false;             ///< the suspect's line
  bool injected = false;        ///< a substitute signal in place of its sensor
  bool suspectsSensor = false;  ///< the suspect's sensor hangs on it
};

Vehicle::Looked Vehicle::lookedAt(const std::string& name, const CarState& asked,
                                  const World& world, const ParameterPoint& values) const {
  Looked out;
  out.state = world.exchanged && name == suspect_.name && !asked.inject
                  ? seenFromSide(suspect_, world.exchangedAt, false, asked)
                  : asked;
  World cleared = world;
  if (cleared.latched) {
    cleared.line.clear();  // clearing the codes brings the supply back
    cleared.latched = false;
  }
  out.scene = sceneOf(name, out.state, cleared, values);
  const auto& swap = out.state.swap;
  out.own = out.scene.circuit->name == suspect_.name;
  out.injected = out.own && out.state.inject;
  const bool foreign = swap && swap->into == out.scene.circuit->name;
  out.suspectsSensor = foreign ? swap->sensorOf == suspect_.name : out.own && !out.injected;
  return out;
}

namespace {

// The check of a line that a substitute stands in for finds nothing apart.
CarState standing(const Circuit& circuit, const CarState& state, bool hanging) {
  CarState out;
  if (!state.inject) {
    out.unplugged = state.unplugged;
    out.jumper = state.jumper;
  }
  if (const auto* joint = circuit.sensorConnector(); hanging && joint) {
    out.unplugged.push_back(joint->id);
  }
  return out;
}

// What the module's input hears while the wheel turns.
Test heard(const Circuit& circuit, const ParameterPoint& values, const CarState& state,
           bool injected) {
  Test trace;
  trace.kind = TestKind::waveform;
  trace.circuit = circuit.name;
  trace.state = state;
  trace.state.swap.reset();
  trace.state.inject.reset();
  if (injected) {
    trace.state.unplugged.clear();
    trace.state.jumper.reset();
    if (state.inject->hz > 0) {
      trace.state.wheel = circuit::WheelMotion::spun;
      trace.state.speedKmh = kmhOf(*state.inject, circuit, values.circumferenceM);
    }
  }
  trace.state.key = circuit::Key::on;
  if (trace.state.wheel == circuit::WheelMotion::still) {
    trace.state.wheel = circuit::WheelMotion::spun;
  }
  const std::string& module = circuit.path.front().id;
  const bool coil = circuit::isCoil(circuit.sensor.kind);
  const bool lowSide = values.frontEnd.kind == FrontEndKind::lowSideSense;
  trace.red = Probe{{Place::Kind::modulePins, module}, lowSide && !coil ? WireId::b : WireId::a};
  if (coil) {
    trace.black = Probe{{Place::Kind::modulePins, module}, WireId::b};
  }
  return trace;
}

}  // namespace

void Vehicle::hearCoil(const Looked& at, const World& world, Monitor& out) const {
  const Circuit& circuit = *at.scene.circuit;
  const Test trace = heard(circuit, at.scene.values, at.state, at.injected);
  const double swing =
      circuit::predict(circuit, at.scene.values, trace, at.scene.faults).value_or(0);
  out.signal = logistic(std::log(std::max(swing, 1e-6) / of(Id::monitorLossVolt)) /
                        of(Id::monitorLossSpread));
  // Another sensor in its place, or a signal fed in, is whole whatever is wrong with its own.
  const double given = at.suspectsSensor ? std::max(world.output, 1e-6) : 1;
  const double arrives = at.scene.faults.empty()
                             ? swing
                             : circuit::predict(circuit, at.scene.values, trace).value_or(swing);
  const double whole = arrives / given;
  const double left = std::max(swing, 1e-9) / std::max(whole, 1e-9);
  out.faint = logistic(std::log(of(Id::monitorFaintShare) / left) / of(Id::monitorFaintSpread));
}

namespace {

// Share of its targets that a switching sensor with this fault hears.
double hears(const World& world) {
  if (world.stuck) {
    return of(Id::monitorDeafCounts);
  }
  if (world.fault == Fault::encoderReversed) {
    return of(Id::monitorBlindShare);
  }
  return isGap(world.fault)
             ? std::lerp(of(Id::monitorDeafCounts), of(Id::monitorGapCounts), world.output)
             : 1;
}

}  // namespace

void Vehicle::hearSwitching(const Looked& at, const World& world, const ParameterPoint& values,
                            Monitor& out) const {
  const Circuit& circuit = *at.scene.circuit;
  const Test trace = heard(circuit, values, at.state, at.injected);
  const double swing =
      circuit::predict(circuit, at.scene.values, trace, at.scene.faults).value_or(0);
  const double sound = circuit::predict(circuit, values, trace).value_or(1);
  const double share = (swing / std::max(1e-6, sound) - 0.5) / of(Id::monitorShareSpread);
  out.signal = (at.suspectsSensor ? hears(world) : 1) * logistic(share);
  out.misses = isGap(world.fault) && at.suspectsSensor ? world.output : 0;
}

Vehicle::Monitor Vehicle::monitor(const std::string& name, const CarState& asked,
                                  const World& world, const ParameterPoint& values) const {
  Monitor out;
  if (world.modulePower) {
    // A module that is fed too little: what it says of its circuits is open, missing or nothing.
    out.open = of(Id::monitorStarvedOpen);
    out.shortGround = of(Id::monitorStarvedShort);
    out.signal = of(world.feedsStill ? Id::monitorStarvedHears : Id::monitorStarvedDeaf);
    return out;
  }
  const Looked at = lookedAt(name, asked, world, values);
  if (at.own && world.inputDead) {
    out.open = of(Id::monitorInputOpen);
    out.signal = 0;
    return out;
  }
  const auto& scene = at.scene;
  const auto check = moduleCheck({*scene.circuit, scene.values, scene.faults,
                                  standing(*scene.circuit, at.state, scene.hanging)});
  out.open = check.open;
  out.shortGround = check.shortGround;
  out.shortSupply = check.shortSupply;
  if (scene.hanging) {
    out.signal = 0;
    return out;
  }
  const bool coil = circuit::isCoil(scene.circuit->sensor.kind);
  if (coil) {
    hearCoil(at, world, out);
  } else {
    hearSwitching(at, world, values, out);
  }
  const double still = out.open + out.shortGround + out.shortSupply;
  out.signal *= 1 - std::min(1.0, still) * of(coil ? Id::monitorCoilUnheard : Id::monitorUnheard);
  out.ringShows = at.suspectsSensor && isOfTheRing(world.fault);
  return out;
}

}  // namespace haybale::diagnosis
