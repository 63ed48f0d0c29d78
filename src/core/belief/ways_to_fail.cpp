#include "core/belief/ways_to_fail.h"

#include <algorithm>

#include "core/belief/intake_priors.h"
#include "core/circuit/network.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::SensorKind;
using circuit::WireId;
using circuit::Zone;

namespace {

constexpr double kOpen = circuit::kOpenOhm;
// The last step is the wire that has parted: apart from it a meter sees what still creeps across.
const std::vector<double> kOpenSteps{1e6, 3e6, 10e6, 30e6, 1e9, kOpen};
// From where on it does harm: a coil bears more in series than a current loop does.
const std::vector<double> kResistiveSteps{80, 250, 1e3, 4e3, 15e3, 60e3, 250e3, 1e6};
const std::vector<double> kResistiveCoilSteps{500, 1e3, 4e3, 15e3, 60e3, 250e3, 1e6};
// Copper on copper, and water or crust between two wires.
const std::vector<double> kTouchingSteps{0.05, 20, 100, 400, 1500};
const std::vector<double> kCreepingSteps{1500, 6e3, 25e3, 100e3};
// Narrow enough that several readings of the same thing tell the severity they share: a wide step
// is held against its hypothesis at each of them.
const std::vector<double> kShortSteps{0.05, 1, 5, 16, 50};
const std::vector<double> kLeakSteps{50, 250, 1e3, 4e3, 15e3, 60e3, 250e3, 1e6, 4e6, 15e6};
const std::vector<double> kSupplySteps{0.05, 5, 20, 60, 180, 600, 3e3};
const std::vector<double> kOpenCoilSteps{10e3, 50e3, 300e3, 2e6, 15e6, 1e9, kOpen};
const std::vector<double> kShortedCoilSteps{1, 30, 120, 300, 500, 700};
const std::vector<double> kWrongCoilSteps{280, 420, 600, 2000, 2800, 4000};
const std::vector<double> kWeakSteps{0.05, 0.12, 0.25, 0.38, 0.5};
const std::vector<double> kCountSteps{0.6, 0.75, 0.92, 1.09, 1.3, 1.6};

double zoneWeight(Zone zone) {
  const auto& p = priors();
  switch (zone) {
    case Zone::flex:
      return p.flex;
    case Zone::wheelhouse:
      return p.wheelhouse;
    case Zone::underbody:
      return p.underbody;
    case Zone::engineBay:
      return p.engineBay;
    case Zone::unknown:
      return p.unknownZone;
    case Zone::cabin:
      return p.cabin;
  }
  return 1;
}

bool contains(const std::vector<std::string>& list, std::string_view what) {
  return std::find(list.begin(), list.end(), what) != list.end();
}

class Builder {
 public:
  Builder(const job::Case& c, const Circuit& circuit)
      : case_(c),
        complaint_(c.complaint),
        holes_(holesIn(c, circuit)),
        coil_(circuit.sensor.kind == SensorKind::passive ||
              circuit.sensor.kind == SensorKind::unknown),
        wires_(circuit.sensor.kind == SensorKind::hall
                   ? std::vector{WireId::a, WireId::b, WireId::c}
                   : std::vector{WireId::a, WireId::b}),
        comesAndGoes_(contains(complaint_.when, "sometimes") || contains(complaint_.when, "bump") ||
                      contains(complaint_.when, "steering") || contains(complaint_.when, "wet")),
        wet_(contains(complaint_.when, "wet")) {}

  std::vector<Hypothesis> build(const Circuit& circuit) {
    add(Fault::none, "", std::nullopt, comesAndGoes_ ? 1.5 * priors().none : priors().none, {0});
    for (const auto& e : circuit.path) {
      switch (e.kind) {
        case ElementKind::leg:
        case ElementKind::connector:
        case ElementKind::splice:
          addWiring(e);
          break;
        case ElementKind::module:
          addModule(e);
          break;
        case ElementKind::sensor:
          addSensor(e);
          break;
        case ElementKind::ring:
          addRing(e);
          break;
      }
    }
    weighByIntake(case_, circuit, out_);
    double total = 0;
    for (const auto& h : out_) {
      total += h.prior;
    }
    for (auto& h : out_) {
      h.prior /= total;
    }
    return std::move(out_);
  }

 private:
  void add(Fault fault, const std::string& element, std::optional<WireId> wire, double weight,
           const std::vector<double>& steps, double along = 0.5) {
    if (weight > 0) {
      out_.push_back({fault, element, wire, weight, steps, along});
    }
  }

  // The faults of wire or contact, once in each piece between two holes.
  void addWiring(const Element& e) {
    std::vector<double> ends{0, 1};
    if (const auto holes = holes_.find(e.id); holes != holes_.end()) {
      ends.insert(ends.begin() + 1, holes->second.begin(), holes->second.end());
    }
    for (std::size_t piece = 0; piece + 1 < ends.size(); ++piece) {
      addPiece(e, ends[piece + 1] - ends[piece], (ends[piece] + ends[piece + 1]) / 2);
    }
  }

  void addPiece(const Element& e, double length, double along) {
    const auto& p = priors();
    const bool repaired = contains(complaint_.earlierRepair, e.id);
    const double kind = e.kind == ElementKind::connector ? p.connectorFactor
                        : e.kind == ElementKind::splice  ? p.spliceFactor
                                                         : 1.0;
    const double w = zoneWeight(e.zone) * kind * length * (repaired ? p.repairedFactor : 1);
    const double wet = wet_ ? p.wetFactor : 1;
    const bool plug = e.kind == ElementKind::connector;
    const double leaks = plug ? p.plugLeak : e.kind == ElementKind::leg ? p.legLeak : 1;
    const double grounded = plug ? p.plugShortToGround : 1;
    const double supplied = plug ? p.plugShortToSupply : 1;
    const double sometimes = comesAndGoes_ ? p.intermittentComplained : p.intermittent;
    for (const WireId wire : wires_) {
      add(Fault::open, e.id, wire, w * p.open, kOpenSteps, along);
      add(Fault::resistive, e.id, wire, w * p.resistive * wet,
          coil_ ? kResistiveCoilSteps : kResistiveSteps, along);
      add(Fault::leak, e.id, wire, w * p.leak * leaks * wet, kLeakSteps, along);
      add(Fault::shortToGround, e.id, wire, w * p.shortToGround * grounded, kShortSteps, along);
      add(Fault::shortToSupply, e.id, wire, w * p.shortToSupply * supplied, kSupplySteps, along);
      add(Fault::intermittentOpen, e.id, wire, w * sometimes, {kOpen}, along);
    }
    add(Fault::intermittentShort, e.id, WireId::a, w * sometimes * p.intermittentShort, {0.5},
        along);
    const double touching = w * p.wiresTouching * wet;
    const double creeping = plug ? p.plugCreeping : p.legCreeping;
    add(Fault::wiresTouching, e.id, std::nullopt, touching * (1 - creeping), kTouchingSteps, along);
    add(Fault::wiresTouching, e.id, std::nullopt, touching * creeping, kCreepingSteps, along);
    if (!coil_) {
      add(Fault::reversed, e.id, std::nullopt,
          length * (repaired ? p.reversedRepaired : p.reversed), {0}, along);
    }
  }

  void addModule(const Element& e) {
    const auto& p = priors();
    for (const WireId wire : wires_) {
      add(Fault::open, e.id, wire, 0.25, kOpenSteps);
      add(Fault::resistive, e.id, wire, 0.15, coil_ ? kResistiveCoilSteps : kResistiveSteps);
    }
    add(Fault::noSupply, e.id, std::nullopt, coil_ ? 0.4 * p.noSupply : p.noSupply, {0});
    add(Fault::latchedOff, e.id, std::nullopt, coil_ ? 0 : p.latchedOff, {0});
    add(Fault::inputDead, e.id, std::nullopt, p.inputDead, {0});
    add(Fault::circuitsExchanged, e.id, std::nullopt, p.exchanged, {0});
  }

  void addSensor(const Element& e) {
    const auto& p = priors();
    if (coil_) {
      add(Fault::sensorOpen, e.id, std::nullopt, p.sensorOpen, kOpenCoilSteps);
      add(Fault::sensorShorted, e.id, std::nullopt, p.sensorShorted, kShortedCoilSteps);
      add(Fault::sensorDead, e.id, std::nullopt, p.sensorDead, {0});
      add(Fault::sensorWeak, e.id, std::nullopt, p.sensorWeak, kWeakSteps);
      add(Fault::wrongSensor, e.id, std::nullopt, p.wrongSensor, kWrongCoilSteps);
      add(Fault::wideGap, e.id, std::nullopt, p.wideGap, kWeakSteps);
    } else {
      add(Fault::sensorDead, e.id, std::nullopt, p.sensorDeadActive, {0});
      add(Fault::reversed, e.id, std::nullopt, p.sensorReversed, {0});
      add(Fault::wideGap, e.id, std::nullopt, p.wideGap, {0});
    }
  }

  void addRing(const Element& e) {
    const auto& p = priors();
    add(Fault::ringTooth, e.id, std::nullopt, p.ringTooth, {0});
    add(Fault::ringCracked, e.id, std::nullopt, p.ringCracked, {0});
    // A square wave keeps its height: run-out seldom stops an active sensor.
    add(Fault::ringRunout, e.id, std::nullopt, coil_ ? p.ringRunout : 0.2 * p.ringRunout, {0});
    add(Fault::ringWrongCount, e.id, std::nullopt, p.ringWrongCount, kCountSteps);
  }

  const job::Case& case_;
  const job::Complaint& complaint_;
  Holes holes_;
  bool coil_;
  std::vector<WireId> wires_;
  bool comesAndGoes_;
  bool wet_;
  std::vector<Hypothesis> out_;
};

}  // namespace

const PriorTable& priors() {
  static const PriorTable table;
  return table;
}

Holes holesIn(const job::Case& c, const Circuit& circuit) {
  Holes out;
  for (const auto& e : c.evidence) {
    for (const auto* probe : {&e.test.red, &e.test.black}) {
      const bool pierced = e.test.circuit == circuit.name && !e.withdrawn && *probe &&
                           (*probe)->place.kind == circuit::Place::Kind::along &&
                           (*probe)->place.along > 0 && (*probe)->place.along < 1;
      if (pierced) {
        out[(*probe)->place.element].push_back((*probe)->place.along);
      }
    }
  }
  for (auto& [id, along] : out) {
    std::sort(along.begin(), along.end());
    along.erase(std::unique(along.begin(), along.end()), along.end());
  }
  return out;
}

std::vector<Hypothesis> waysToFail(const job::Case& c) {
  return allHypotheses(c, *c.suspectCircuit());
}

std::vector<Hypothesis> allHypotheses(const job::Case& c, const Circuit& circuit) {
  return Builder(c, circuit).build(circuit);
}

}  // namespace haybale::diagnosis
