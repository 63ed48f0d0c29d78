#include "core/vehicle/vehicle.h"

#include <algorithm>
#include <numbers>

#include "core/vehicle/crossing.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::FaultKind;
using circuit::LineFault;
using circuit::ParameterPoint;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WireId;

Vehicle::Vehicle(const job::Case& c) : case_(c), suspect_(*c.suspectCircuit()) {
  const auto* sensor = suspect_.first(circuit::ElementKind::sensor);
  const auto end = sensor ? *suspect_.indexOf(sensor->id) : 0;
  for (std::size_t i = 0; i < end; ++i) {
    Circuit cut = suspect_;
    const auto first = cut.path.begin();
    cut.path.erase(first + static_cast<std::ptrdiff_t>(i) + 1,
                   first + static_cast<std::ptrdiff_t>(end));
    cuts_.push_back(std::move(cut));
  }
}

const Circuit& Vehicle::cutAt(const Place& place) const {
  const auto at = suspect_.indexOf(place.element);
  return at && *at < cuts_.size() ? cuts_[*at] : suspect_;
}

namespace {

// What conducts where it should not lies in one half of a plug, and stays with that half when the
// plug is taken apart.
bool isInHalf(const LineFault& f, bool wheelHalf) {
  const bool conducts = f.kind == FaultKind::leakToGround || f.kind == FaultKind::leakToSupply ||
                        f.kind == FaultKind::wiresTouching;
  return conducts && (f.along > 0.5) == wheelHalf;
}

}  // namespace

// A substitute in place of the sensor: as good as new, and what lies behind it is out of the way.
Vehicle::Scene Vehicle::injectedScene(const circuit::CarState& state, const World& world,
                                      const ParameterPoint& values) const {
  const auto& inject = *state.inject;
  Scene scene{&cutAt(inject.place), {}, values, false};
  const auto end = suspect_.indexOf(inject.place.element).value_or(suspect_.path.size()) +
                   (inject.place.kind == Place::Kind::wheelSide ? 1 : 0);
  for (const auto& f : world.line) {
    const auto at = suspect_.indexOf(f.element);
    // At the pins only the module itself is left; on the module half a plug's own contact is
    // behind.
    const bool there =
        inject.place.kind == Place::Kind::moduleSide && at && *at == end && isInHalf(f, false);
    if (at && (*at < end || there || f.kind == FaultKind::noSupply)) {
      scene.faults.push_back(f);
    }
  }
  if (circuit::isCoil(suspect_.sensor.kind) && inject.hz > 0) {
    // Fed through a resistor like the coil's, so that the standing check finds what it expects.
    scene.values.sensor.coilHenry = 1e-6;
    scene.values.sensor.fluxSwingMwb =
        1e3 * inject.peakToPeakV / 2 / (2 * std::numbers::pi * inject.hz);
  }
  return scene;
}

namespace {

// A coil gives less, a regulator steps less far.
void weaken(circuit::SensorValues& sensor, const World& world) {
  sensor.fluxSwingMwb *= world.output;
  sensor.highA = sensor.lowA + world.step * (sensor.highA - sensor.lowA);
}

}  // namespace

// The line that a module input sees: its own harness up to the sensor connector, and behind it the
// sensor that is plugged in there.
Vehicle::Scene Vehicle::sceneOf(const std::string& name, const circuit::CarState& state,
                                const World& world, const ParameterPoint& values) const {
  const Circuit* circuit = case_.find(name);
  Scene scene{circuit ? circuit : &suspect_, {}, values, false};
  if (state.inject && name == suspect_.name) {
    return injectedScene(state, world, values);
  }
  const bool own = scene.circuit->name == suspect_.name;
  const auto& swap = state.swap;
  const bool foreign = swap && swap->into == scene.circuit->name;
  const bool away = swap && swap->sensorOf == scene.circuit->name;
  const auto* joint = suspect_.sensorConnector();
  const auto jointAt = joint ? *suspect_.indexOf(joint->id) : suspect_.path.size();
  const auto behind = [&](const LineFault& f) {
    const auto at = suspect_.indexOf(f.element);
    return at && (*at > jointAt || (*at == jointAt && isInHalf(f, true)));
  };
  if (own) {
    for (const auto& f : world.line) {
      if (!foreign || !behind(f)) {
        scene.faults.push_back(f);
      }
    }
    weaken(scene.values.sensor, foreign ? World{} : world);
  } else if (foreign && swap->sensorOf == suspect_.name) {
    const auto* sensor = scene.circuit->first(circuit::ElementKind::sensor);
    for (auto f : world.line) {
      if (behind(f) && sensor) {
        f.element = sensor->id;
        scene.faults.push_back(f);
      }
    }
    weaken(scene.values.sensor, world);
  }
  if (foreign && swap->reversed) {
    if (const auto* sensor = scene.circuit->first(circuit::ElementKind::sensor)) {
      scene.faults.push_back({sensor->id, FaultKind::sensorReversed});
    }
  }
  if (world.modulePower && !world.feedsStill && !own) {
    scene.faults.push_back({scene.circuit->path.front().id, FaultKind::noSupply});
  }
  scene.hanging = away;
  return scene;
}

bool Vehicle::turnsFreely(const circuit::CarState& state) const {
  return job().complaint.lift && state.wheel == circuit::WheelMotion::driven;
}

bool Vehicle::hearsAnother(const Test& test, const World& world) const {
  if (!world.exchanged || test.circuit != suspect_.name || !test.red ||
      test.state.wheel != circuit::WheelMotion::spun) {
    return false;
  }
  return test.red->place.onLine() && !isBehind(suspect_, world.exchangedAt, test.red->place);
}

// What hangs on a lead where the suspect's wires cross with another's. Between the two sides
// nothing conducts.
Test Vehicle::asCrossed(const Test& test, const World& world, Scene& scene) const {
  const bool behind = isBehind(suspect_, world.exchangedAt, test.red->place);
  if (test.black && test.black->place.onLine() &&
      isBehind(suspect_, world.exchangedAt, test.black->place) != behind) {
    // Behind the module's plug the first wire is parted, not its contact.
    const auto at = std::max<std::size_t>(1, suspect_.indexOf(world.exchangedAt).value_or(0));
    for (const WireId wire : {WireId::a, WireId::b, WireId::c}) {
      scene.faults.push_back({suspect_.path[std::min(at, suspect_.path.size() - 1)].id,
                              FaultKind::series, wire, circuit::kOpenOhm});
    }
  }
  if (hearsAnother(test, world)) {
    scene.values.sensor.fluxSwingMwb = 0;  // it is the other wheel's signal that comes by
  }
  Test out = test;
  out.state = seenFromSide(suspect_, world.exchangedAt, behind, test.state);
  return out;
}

std::optional<double> Vehicle::electrical(const Test& test, const World& world,
                                          const ParameterPoint& values) const {
  Scene scene = sceneOf(test.circuit, test.state, world, values);
  if (world.exchanged && test.circuit == suspect_.name && test.red && test.red->place.onLine() &&
      !test.state.swap && !test.state.inject) {
    const Test seen = asCrossed(test, world, scene);
    return circuit::predict(*scene.circuit, scene.values, seen, scene.faults, case_.meter);
  }
  return scene.hanging
             ? circuit::predict(*scene.circuit, scene.values, withoutSensor(test, scene),
                                scene.faults, case_.meter)
             : circuit::predict(*scene.circuit, scene.values, test, scene.faults, case_.meter);
}

std::optional<double> Vehicle::clampAmperes(const Test& test, const World& world,
                                            const ParameterPoint& values) const {
  if (world.exchanged || test.state.swap || test.state.inject) {
    return std::nullopt;
  }
  const Scene scene = sceneOf(test.circuit, test.state, world, values);
  return circuit::clampAmperes(*scene.circuit, scene.values,
                               scene.hanging ? withoutSensor(test, scene) : test, scene.faults);
}

// A sensor that was taken away leaves its plug apart.
Test Vehicle::withoutSensor(const Test& test, const Scene& scene) {
  Test out = test;
  const auto* joint = scene.circuit->sensorConnector();
  if (joint && !test.state.isUnplugged(joint->id)) {
    out.state.unplugged.push_back(joint->id);
  }
  return out;
}

namespace {

// Where a lead stands along the path: at an element, or beside a plug that is apart. Negative when
// it is not on the line.
double leadAt(const Circuit& c, const std::optional<Probe>& probe, const circuit::CarState& state) {
  const auto at = probe && probe->place.onLine() ? c.indexOf(probe->place.element) : std::nullopt;
  if (!at) {
    return -2;
  }
  const auto index = static_cast<double>(*at);
  if (!state.isUnplugged(probe->place.element)) {
    return index;
  }
  const auto kind = probe->place.kind;
  const bool before = kind == Place::Kind::moduleSide || kind == Place::Kind::modulePins;
  return before ? index - 0.5 : index + 0.5;
}

}  // namespace

bool Vehicle::touches(const Test& test, const Hypothesis& h) const {
  if (h.fault == Fault::circuitsExchanged) {
    return test.state.wheel == circuit::WheelMotion::spun ||
           (test.circuit == suspect_.name && readsAcross(suspect_, h.element, test));
  }
  if (h.fault == Fault::none || isOfTheRing(h.fault) || h.fault == Fault::inputDead ||
      h.fault == Fault::wrongTyre || h.fault == Fault::encoderReversed || h.fault == Fault::other) {
    return h.fault == Fault::encoderReversed &&
           (test.kind == TestKind::acVoltage || test.kind == TestKind::waveform);
  }
  if (test.state.swap || test.state.inject || test.circuit != suspect_.name) {
    return true;
  }
  const auto at = suspect_.indexOf(h.element);
  if (!at) {
    return true;
  }
  const auto element = static_cast<double>(*at);
  bool any = false;
  for (const auto* probe : {&test.red, &test.black}) {
    const double lead = leadAt(suspect_, *probe, test.state);
    if (lead < -1) {
      continue;
    }
    const bool parted =
        std::any_of(test.state.unplugged.begin(), test.state.unplugged.end(), [&](const auto& id) {
          const auto plug = suspect_.indexOf(id);
          const auto x = plug ? static_cast<double>(*plug) : -2;
          return x > std::min(lead, element) && x < std::max(lead, element);
        });
    any = any || !parted;
  }
  return any;
}

}  // namespace haybale::diagnosis
