#include "core/circuit/line_net.h"

#include <algorithm>
#include <cmath>

#include "core/physics/copper.h"

namespace haybale::circuit {

namespace {

constexpr std::size_t kA = 0;
constexpr std::size_t kB = 1;
constexpr std::size_t kC = 2;

std::size_t index(WireId wire) {
  return static_cast<std::size_t>(wire);
}

bool isLeak(FaultKind kind) {
  return kind == FaultKind::wiresTouching || kind == FaultKind::leakToGround ||
         kind == FaultKind::leakToSupply;
}

}  // namespace

LineNet::Wires LineNet::fresh() {
  Wires out{kGround, kGround, kGround};
  for (std::size_t w = 0; w < wires_; ++w) {
    out[w] = net_.addNode();
    net_.addResistor(out[w], kGround, kInsulationOhm);
  }
  return out;
}

void LineNet::build(const Circuit& circuit, const ParameterPoint& parameters, const Test& test,
                    std::span<const LineFault> faults, const Drive& drive) {
  circuit_ = &circuit;
  p_ = &parameters;
  test_ = &test;
  faults_ = faults;
  drive_ = drive;
  wires_ = parameters.frontEnd.kind == FrontEndKind::threeWire ? 3 : 2;
  net_.clear();
  ends_.clear();
  taps_.clear();
  faultAt_.clear();
  for (const auto& f : faults) {
    faultAt_.push_back(circuit.indexOf(f.element).value_or(circuit.path.size()));
  }
  battery_ = net_.addNode();
  if (test.state.batteryConnected) {
    net_.addSource(battery_, kGround, parameters.batteryV, kBatteryOhm);
  } else {
    net_.addResistor(battery_, kGround, kLoadsOhm);
  }
  Wires at{};
  for (const auto& e : circuit.path) {
    ends_.push_back({at, at});
    at = addElement(e, at);
    ends_.back().after = at;
  }
  addJumper();
}

void LineNet::addJumper() {
  if (!test_->state.jumper) {
    return;
  }
  const auto a = node({*test_->state.jumper, WireId::a});
  const auto b = node({*test_->state.jumper, WireId::b});
  if (a && b) {
    net_.addResistor(*a, *b, kJumperOhm);
  }
}

std::optional<Node> LineNet::node(const Probe& probe) const {
  if (probe.place.kind == Place::Kind::ground) {
    return kGround;
  }
  if (probe.place.kind == Place::Kind::battery) {
    return battery_;
  }
  const auto at = circuit_->indexOf(probe.place.element);
  if (!at || !probe.wire || index(*probe.wire) >= wires_) {
    return std::nullopt;
  }
  const std::size_t wire = index(*probe.wire);
  const Ends& ends = ends_[*at];
  switch (probe.place.kind) {
    case Place::Kind::modulePins:
    case Place::Kind::moduleSide:
    case Place::Kind::sensor:
      return ends.before[wire];
    case Place::Kind::along:
      for (const auto& tap : taps_) {
        if (tap.element == &circuit_->path[*at] && tap.wire == wire &&
            tap.along == probe.place.along) {
          return tap.node;
        }
      }
      return probe.place.along < 0.5 ? ends.before[wire] : ends.after[wire];
    default:
      return ends.after[wire];
  }
}

bool LineNet::isOf(const Element& e, std::size_t fault) const {
  return circuit_->path.data() + faultAt_[fault] == &e;
}

double LineNet::series(const Element& e, std::size_t wire) const {
  double ohm = 0;
  for (std::size_t k = 0; k < faults_.size(); ++k) {
    const auto& f = faults_[k];
    if (f.kind == FaultKind::series && index(f.wire) == wire && isOf(e, k)) {
      ohm += f.ohm;
    }
  }
  return ohm;
}

const LineFault* LineNet::faultOf(const Element& e, FaultKind kind) const {
  for (std::size_t k = 0; k < faults_.size(); ++k) {
    if (faults_[k].kind == kind && isOf(e, k)) {
      return &faults_[k];
    }
  }
  return nullptr;
}

void LineNet::addLeakBranch(Node a, Node b, const LineFault& fault) {
  if (fault.thresholdV > 0) {
    const auto pieces = thresholdPieces(fault.ohm, fault.thresholdV);
    net_.addBent(a, b, pieces);
  } else {
    net_.addResistor(a, b, fault.ohm);
  }
}

void LineNet::addLeak(const LineFault& f, const Wires& at) {
  if (f.kind == FaultKind::wiresTouching) {
    addLeakBranch(at[kA], at[kB], f);
  } else if (index(f.wire) < wires_) {
    addLeakBranch(at[index(f.wire)], f.kind == FaultKind::leakToSupply ? battery_ : kGround, f);
  }
}

void LineNet::addLeaks(const Element& e, const Wires& before, const Wires& after) {
  for (std::size_t k = 0; k < faults_.size(); ++k) {
    if (isLeak(faults_[k].kind) && isOf(e, k)) {
      addLeak(faults_[k], faults_[k].along > 0.5 ? after : before);
    }
  }
}

LineNet::Wires LineNet::addElement(const Element& e, const Wires& before) {
  Wires after = before;
  switch (e.kind) {
    case ElementKind::module:
      after = addModule(e);
      break;
    case ElementKind::connector:
    case ElementKind::splice:
      after = addContact(e, before);
      break;
    case ElementKind::leg:
      after = addLeg(e, before);
      break;
    case ElementKind::sensor:
      addSensor(e, before);
      break;
    case ElementKind::ring:
      break;
  }
  if (faultOf(e, FaultKind::crossed)) {
    std::swap(after[kA], after[kB]);
  }
  return after;
}

void LineNet::addPins(const Wires& pins, bool fed) {
  const auto sources = pinsOf(p_->frontEnd, fed);
  for (std::size_t w = 0; w < wires_; ++w) {
    const Pin& pin = sources[w];
    if (std::isinf(pin.ohm)) {
      continue;
    }
    if (std::isinf(pin.limitA)) {
      net_.addSource(pins[w], kGround, pin.volts, pin.ohm);
    } else {
      const auto pieces = limitedSourcePieces(pin.volts, pin.ohm, pin.limitA);
      net_.addBent(pins[w], kGround, pieces);
    }
  }
}

LineNet::Wires LineNet::addModule(const Element& e) {
  const bool fed = test_->state.key == Key::on && test_->state.batteryConnected &&
                   !faultOf(e, FaultKind::noSupply);
  const Wires pins = fresh();
  ends_.back().before = pins;
  addPins(pins, fed);
  const Wires plug = fresh();
  join(e, pins, plug);
  addLeaks(e, pins, plug);
  return plug;
}

// A contact that may be apart.
void LineNet::join(const Element& e, const Wires& before, const Wires& after) {
  if (test_->state.isUnplugged(e.id)) {
    return;
  }
  for (std::size_t w = 0; w < wires_; ++w) {
    net_.addResistor(before[w], after[w], kContactOhm + series(e, w));
  }
}

LineNet::Wires LineNet::addContact(const Element& e, const Wires& before) {
  const Wires after = fresh();
  join(e, before, after);
  addLeaks(e, before, after);
  return after;
}

void LineNet::collectEvents(const Element& e) {
  events_.clear();
  const auto addProbe = [&](const Place& place, std::size_t wire) {
    if (place.kind == Place::Kind::along && place.element == e.id && wire < wires_) {
      events_.push_back({place.along, nullptr, wire});
    }
  };
  for (const auto* probe : {&test_->red, &test_->black}) {
    if (*probe && (*probe)->wire) {
      addProbe((*probe)->place, index(*(*probe)->wire));
    }
  }
  if (test_->state.jumper) {
    addProbe(*test_->state.jumper, kA);
    addProbe(*test_->state.jumper, kB);
  }
  for (std::size_t k = 0; k < faults_.size(); ++k) {
    const auto& f = faults_[k];
    if (isOf(e, k) && (isLeak(f.kind) || f.kind == FaultKind::series)) {
      events_.push_back({f.along, &f, index(f.wire)});
    }
  }
  // Probes stand on the module's side of a fault at the same place.
  std::stable_sort(events_.begin(), events_.end(),
                   [](const Event& a, const Event& b) { return a.along < b.along; });
}

// The wires from event to event: a node where something is, the copper between by its length.
LineNet::Wires LineNet::addLeg(const Element& e, const Wires& before) {
  const double whole =
      physics::wireOhm(e.lengthM.value_or(1.0), e.areaMm2.value_or(0.5), p_->celsius);
  collectEvents(e);
  Wires at = before;
  std::array<double, 3> done{};
  const auto goTo = [&](std::size_t wire, double along) {
    const Node next = net_.addNode();
    net_.addResistor(at[wire], next, whole * (along - done[wire]));
    at[wire] = next;
    done[wire] = along;
  };
  for (const auto& event : events_) {
    if (!event.fault) {
      goTo(event.wire, event.along);
      taps_.push_back({&e, event.wire, event.along, at[event.wire]});
    } else if (event.fault->kind == FaultKind::series) {
      goTo(event.wire, event.along);
      const Node next = net_.addNode();
      net_.addResistor(at[event.wire], next, event.fault->ohm);
      at[event.wire] = next;
    } else {
      for (std::size_t w = 0; w < 2; ++w) {
        goTo(w, event.along);
      }
      addLeak(*event.fault, at);
    }
  }
  for (std::size_t w = 0; w < wires_; ++w) {
    goTo(w, 1.0);
    net_.addResistor(at[w], kGround, kInsulationOhm);
  }
  return at;
}

void LineNet::addSensor(const Element& e, const Wires& at) {
  Wires to = at;
  for (std::size_t w = 0; w < wires_; ++w) {
    if (const double ohm = series(e, w); ohm > 0) {
      to[w] = net_.addNode();
      net_.addResistor(at[w], to[w], ohm);
    }
  }
  addLeaks(e, at, at);
  // Wires exchanged from the sensor on are the sensor's own.
  const bool reversed =
      faultOf(e, FaultKind::sensorReversed) != nullptr || faultOf(e, FaultKind::crossed) != nullptr;
  const Node plus = to[reversed ? kB : kA];
  const Node minus = to[reversed ? kA : kB];
  const SensorValues& s = p_->sensor;
  if (circuit_->sensor.kind == SensorKind::passive) {
    addCoil(e, plus, minus);
    return;
  }
  if (faultOf(e, FaultKind::sensorDead)) {
    // What an ohmmeter makes of its inside says nothing of whether it lives.
    net_.addResistor(plus, minus, s.ohmmeterOhm);
    return;
  }
  if (circuit_->sensor.kind == SensorKind::hall) {
    if (wires_ < 3) {
      return;
    }
    const auto pieces = regulatorPieces(s, s.hallSupplyA);
    net_.addBent(to[kC], minus, pieces);
    // Unfed it lets go: an ohmmeter never sees its transistor.
    net_.addSwitch(plus, minus, drive_.high ? s.ohmmeterOhm : s.hallOnOhm, s.ohmmeterOhm, to[kC],
                   s.leastV);
    return;
  }
  const auto pieces = regulatorPieces(s, drive_.pulse ? s.pulseA : drive_.high ? s.highA : s.lowA);
  net_.addBent(plus, minus, pieces);
}

// Fewer turns: R falls with their number, the flux linked likewise, L with its square.
void LineNet::addCoil(const Element& e, Node plus, Node minus) {
  const SensorValues& s = p_->sensor;
  double ohm = s.coilOhm;
  double turns = 1;
  if (const auto* f = faultOf(e, FaultKind::coil)) {
    turns = std::min(1.0, f->ohm / s.coilOhm);
    ohm = f->ohm;
  }
  if (faultOf(e, FaultKind::sensorDead)) {
    turns = 0;  // the magnet or the core is gone, the coil still measures right
  }
  net_.addCoil(plus, minus, physics::copperOhmAt(ohm, 20, p_->celsius), s.coilHenry * turns * turns,
               coilPeakVolts(s, drive_.hz) * turns);
}

}  // namespace haybale::circuit
