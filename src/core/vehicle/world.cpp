#include "core/vehicle/world.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/physics/tyre.h"
#include "core/priors/priors.h"
#include "core/vehicle/crossing.h"

namespace haybale::diagnosis {

using priors::of;

using circuit::Circuit;
using circuit::FaultKind;
using circuit::FrontEndKind;
using circuit::LineFault;
using circuit::ParameterPoint;
using circuit::Place;
using circuit::Probe;
using circuit::SensorKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WireId;
using priors::Id;

namespace {

bool isCoil(const Circuit& c) {
  return circuit::isCoil(c.sensor.kind);
}

double logistic(double x) {
  return 1 / (1 + std::exp(-x));
}

}  // namespace

World worldOf(const Hypothesis& h, double severity, const ParameterPoint& values) {
  World w;
  w.fault = h.fault;
  const auto put = [&](FaultKind kind, double ohm) {
    w.line.push_back({h.element, kind, h.wire.value_or(WireId::a), ohm, 0, h.along});
  };
  switch (h.fault) {
    case Fault::open:
    case Fault::resistive:
    case Fault::intermittentOpen:
      put(FaultKind::series, severity);
      break;
    case Fault::wiresTouching:
      put(FaultKind::wiresTouching, severity);
      break;
    case Fault::shortToGround:
    case Fault::leak:
    case Fault::intermittentShort:
      put(FaultKind::leakToGround, severity);
      break;
    case Fault::shortToSupply:
      put(FaultKind::leakToSupply, severity);
      break;
    case Fault::sensorOpen:
      put(FaultKind::coil, severity);
      w.output = 0;
      break;
    case Fault::sensorShorted:
      put(FaultKind::coil, severity);  // the turns that are left give what they give
      break;
    case Fault::wrongSensor:
      // Made for another ring; a coil of fewer ohms is not one of fewer turns.
      put(FaultKind::coil, severity);
      w.output = 0.5 / std::min(1.0, severity / values.sensor.coilOhm);
      break;
    case Fault::sensorDead:
      w.output = 0;
      w.stuck = severity > 0;
      if (!w.stuck) {
        put(FaultKind::sensorDead, 0);
      }
      break;
    case Fault::sensorWeak:
      w.output = w.step = severity;
      break;
    case Fault::wideGap:
    case Fault::debris:
      w.output = severity;
      break;
    case Fault::reversed:
      put(FaultKind::crossed, 0);
      break;
    case Fault::ringWrongCount:
      w.countRatio = severity;
      break;
    case Fault::noSupply:
      put(FaultKind::noSupply, 0);
      break;
    case Fault::latchedOff:
      put(FaultKind::noSupply, 0);
      w.latched = true;
      break;
    case Fault::inputDead:
      w.inputDead = true;
      break;
    case Fault::circuitsExchanged:
      w.exchanged = true;
      w.exchangedAt = h.element;
      break;
    case Fault::modulePower:
      w.modulePower = true;
      w.feedsStill = severity > 0;
      if (!w.feedsStill) {
        put(FaultKind::noSupply, 0);
      }
      break;
    case Fault::encoderReversed:
      w.output = 0;
      break;
    case Fault::wrongTyre:
      w.tyreRatio = severity;
      break;
    case Fault::other:
    case Fault::none:
    case Fault::ringTooth:
    case Fault::ringCracked:
    case Fault::ringRunout:
      break;
  }
  return w;
}

World together(const World& a, const World& b) {
  World out = a;
  out.line.insert(out.line.end(), b.line.begin(), b.line.end());
  out.output *= b.output;
  out.step *= b.step;
  out.stuck = a.stuck || b.stuck;
  out.countRatio *= b.countRatio;
  out.inputDead = a.inputDead || b.inputDead;
  out.exchanged = a.exchanged || b.exchanged;
  out.exchangedAt = a.exchanged ? a.exchangedAt : b.exchangedAt;
  out.latched = a.latched || b.latched;
  out.modulePower = a.modulePower || b.modulePower;
  out.feedsStill = a.feedsStill || b.feedsStill;
  out.tyreRatio *= b.tyreRatio;
  if (isOfTheRing(b.fault) || a.fault == Fault::none) {
    out.fault = b.fault;
  }
  return out;
}

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

// A substitute in place of the sensor: as good as new, and what lies behind it is out of the way.
Vehicle::Scene Vehicle::injectedScene(const circuit::CarState& state, const World& world,
                                      const ParameterPoint& values) const {
  const auto& inject = *state.inject;
  Scene scene{&cutAt(inject.place), {}, values, false};
  const auto end = suspect_.indexOf(inject.place.element).value_or(suspect_.path.size()) +
                   (inject.place.kind == Place::Kind::wheelSide ? 1 : 0);
  for (const auto& f : world.line) {
    const auto at = suspect_.indexOf(f.element);
    // At the pins only the module itself is left; on the module half a plug's own fault is behind.
    if (at && (*at < end || f.kind == FaultKind::noSupply)) {
      scene.faults.push_back(f);
    }
  }
  if (isCoil(suspect_) && inject.hz > 0) {
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
    return at && *at > jointAt;
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

// The check with the car standing: the pins' volts for a biased or current input, and for a pair of
// biased wires the loop they should be (a module that biases both wires alike tests it by a current
// of its own).
void Vehicle::checkStanding(const Scene& scene, const circuit::CarState& state,
                            Monitor& out) const {
  const Circuit& c = *scene.circuit;
  if (c.sensor.kind == SensorKind::hall) {
    return;  // nothing flows that would tell
  }
  Test test;
  test.kind = TestKind::dcVoltage;
  test.circuit = c.name;
  test.state.key = circuit::Key::on;
  if (!state.inject) {
    test.state.unplugged = state.unplugged;
    test.state.jumper = state.jumper;
  }
  if (const auto* joint = c.sensorConnector(); scene.hanging && joint) {
    test.state.unplugged.push_back(joint->id);
  }
  const std::string module = c.path.front().id;
  const auto volts = [&](WireId wire, std::span<const LineFault> faults, bool sound) {
    test.red = Probe{{Place::Kind::modulePins, module}, wire};
    Test asked = test;
    if (sound) {
      asked.state.unplugged.clear();
      asked.state.jumper.reset();
    }
    return circuit::predict(c, scene.values, asked, faults).value_or(0);
  };
  const double a = volts(WireId::a, scene.faults, false);
  const double b = volts(WireId::b, scene.faults, false);
  const double soundA = volts(WireId::a, {}, true);
  const double soundB = volts(WireId::b, {}, true);
  const auto& f = scene.values.frontEnd;
  double openness = 0;  // beyond 0: open
  double shortness = 0;
  double supplied = (std::max(a - f.supplyV, b - f.supplyV) - 0.8) / 0.15;
  if (isCoil(c)) {
    Test ohms = test;
    ohms.kind = TestKind::resistance;
    ohms.state.key = circuit::Key::off;
    ohms.state.unplugged.push_back(module);
    ohms.red = Probe{{Place::Kind::modulePlug, module}, WireId::a};
    ohms.black = Probe{{Place::Kind::modulePlug, module}, WireId::b};
    const double loop = circuit::predict(c, scene.values, ohms, scene.faults).value_or(1e9);
    openness = std::log10(std::max(1.0, std::min(loop, 1e9)) / (1e3 * of(Id::monitorOpenKohm))) /
               of(Id::monitorOpenSpread);
    const double low = f.kind == FrontEndKind::bothBiased
                           ? std::min(a / std::max(0.1, soundA), b / std::max(0.1, soundB))
                           : a / std::max(0.02, soundA);
    const double pair =
        std::log10(of(Id::monitorShortOhm) / std::max(1.0, loop)) / of(Id::monitorOpenSpread);
    shortness = std::max((0.45 - low) / 0.06, pair);
  } else {
    const bool highSide = f.kind == FrontEndKind::highSideSense;
    const double sound = highSide ? f.supplyV - soundA : soundB;
    const double now = highSide ? f.supplyV - a : b;
    const double ratio = now / std::max(0.05, sound);
    openness = (of(Id::monitorLowShare) - ratio) / of(Id::monitorShareSpread);
    // The current is that of a tooth or of a gap; a short draws far more.
    shortness = (ratio - of(Id::monitorHighShare)) / (3 * of(Id::monitorShareSpread));
    // It switches its supply off for a moment: what stands on a wire then comes from elsewhere.
    if (std::any_of(scene.faults.begin(), scene.faults.end(),
                    [](const auto& x) { return x.kind == FaultKind::leakToSupply; })) {
      auto unfed = scene.faults;
      unfed.push_back({module, FaultKind::noSupply});
      const double left = std::max(volts(WireId::a, unfed, false), volts(WireId::b, unfed, false));
      supplied = std::max(supplied, (left - of(Id::monitorStrayVolt)) / of(Id::monitorStraySpread));
    }
    if (!highSide) {
      // Sensed in the return, a feed pulled to ground is seen by its own volts.
      shortness = std::max(shortness, (0.5 - a / std::max(1.0, soundA)) / 0.06);
    }
  }
  out.shortSupply = logistic(supplied);
  out.shortGround = (1 - out.shortSupply) * logistic(shortness);
  out.open = (1 - out.shortSupply - out.shortGround) * logistic(openness);
  const bool fed = std::none_of(scene.faults.begin(), scene.faults.end(),
                                [](auto& x) { return x.kind == FaultKind::noSupply; });
  if (!fed) {
    out.open = 0.75;  // no current flows
    out.shortGround = 0.15;
    out.shortSupply = 0;
  }
}

double kmhOf(const circuit::Inject& inject, const Circuit& circuit, double circumferenceM) {
  return physics::speedKmh(inject.hz, circuit.sensor.teeth.value_or(circuit::kUsualTeeth),
                           circumferenceM);
}

Vehicle::Monitor Vehicle::monitor(const std::string& name, const circuit::CarState& asked,
                                  const World& world, const ParameterPoint& values) const {
  const circuit::CarState state = world.exchanged && name == suspect_.name && !asked.inject
                                      ? seenFromSide(suspect_, world.exchangedAt, false, asked)
                                      : asked;
  Monitor out;
  World cleared = world;
  if (cleared.latched) {
    cleared.line.clear();  // clearing the codes brings the supply back
    cleared.latched = false;
  }
  const Scene scene = sceneOf(name, state, cleared, values);
  const bool own = scene.circuit->name == suspect_.name;
  const bool foreign = state.swap && state.swap->into == scene.circuit->name;
  const bool injected = own && state.inject;
  const bool suspectsSensor =
      (own && !foreign && !injected) || (foreign && state.swap->sensorOf == suspect_.name);
  checkStanding(scene, state, out);
  if (world.modulePower) {
    // A module that is fed too little: what it says of its circuits is open, missing or nothing.
    out.open = 0.45;
    out.shortGround = 0.1;
    out.shortSupply = 0;
    out.signal = world.feedsStill ? 0.5 : 0.02;
    return out;
  }
  if (own && world.inputDead) {
    out.open = 0.3;
    out.shortGround = out.shortSupply = 0;
    out.signal = 0;
    return out;
  }
  const double still = out.open + out.shortGround + out.shortSupply;
  Test trace;
  trace.kind = TestKind::waveform;
  trace.circuit = scene.circuit->name;
  trace.state = state;
  trace.state.swap.reset();
  trace.state.inject.reset();
  if (injected) {
    trace.state.unplugged.clear();
    trace.state.jumper.reset();
    if (state.inject->hz > 0) {
      trace.state.wheel = circuit::WheelMotion::spun;
      trace.state.speedKmh = kmhOf(*state.inject, *scene.circuit, values.circumferenceM);
    }
  }
  trace.state.key = circuit::Key::on;
  if (trace.state.wheel == circuit::WheelMotion::still) {
    trace.state.wheel = circuit::WheelMotion::spun;
  }
  const std::string module = scene.circuit->path.front().id;
  const bool coil = isCoil(*scene.circuit);
  const bool lowSide = values.frontEnd.kind == FrontEndKind::lowSideSense;
  trace.red = Probe{{Place::Kind::modulePins, module}, lowSide && !coil ? WireId::b : WireId::a};
  if (coil) {
    trace.black = Probe{{Place::Kind::modulePins, module}, WireId::b};
  }
  if (scene.hanging) {
    out.signal = 0;
    return out;
  }
  const double swing =
      circuit::predict(*scene.circuit, scene.values, trace, scene.faults).value_or(0);
  if (coil) {
    out.signal = logistic(std::log(std::max(swing, 1e-6) / of(Id::monitorLossVolt)) /
                          of(Id::monitorLossSpread));
    // Another sensor in its place, or a signal fed in, is whole whatever is wrong with its own.
    const double given = suspectsSensor ? std::max(world.output, 1e-6) : 1;
    const double arrives =
        scene.faults.empty()
            ? swing
            : circuit::predict(*scene.circuit, scene.values, trace).value_or(swing);
    const double whole = arrives / given;
    const double left = std::max(swing, 1e-9) / std::max(whole, 1e-9);
    out.faint = logistic(std::log(of(Id::monitorFaintShare) / left) / of(Id::monitorFaintSpread));
  } else {
    const double sound = circuit::predict(*scene.circuit, values, trace).value_or(1);
    const bool gap = isGap(world.fault);
    const double weak =
        !suspectsSensor                         ? 1
        : world.stuck                           ? of(Id::monitorDeafCounts)
        : world.fault == Fault::encoderReversed ? of(Id::monitorBlindShare)
        : gap ? std::lerp(of(Id::monitorDeafCounts), of(Id::monitorGapCounts), world.output)
              : 1;
    out.signal =
        weak * logistic((swing / std::max(1e-6, sound) - 0.5) / of(Id::monitorShareSpread));
    out.misses = gap && suspectsSensor ? world.output : 0;
  }
  out.signal *= 1 - std::min(1.0, still) * (coil ? 0.3 : 0.8);
  out.ringShows = suspectsSensor && isOfTheRing(world.fault);
  return out;
}

}  // namespace haybale::diagnosis
