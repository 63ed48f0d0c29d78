#include "core/belief/ways_to_fail.h"

#include <algorithm>
#include <utility>

#include "core/belief/circumstance.h"
#include "core/belief/intake_priors.h"
#include "core/circuit/network.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::SensorKind;
using circuit::WireId;
using circuit::Zone;
using priors::Id;
using priors::of;

namespace {

constexpr double kOpen = circuit::kOpenOhm;
// The last step is the wire that has parted: apart from it a meter sees what still creeps across.
const std::vector<double> kOpenSteps{1e6, 3e6, 10e6, 30e6, 1e9, kOpen};
// From where on it does harm: a coil bears more in series than a current loop does.
const std::vector<double> kResistiveSteps{80, 250, 1e3, 4e3, 15e3, 60e3, 250e3, 1e6};
const std::vector<double> kResistiveCoilSteps{500, 1e3, 4e3, 15e3, 60e3, 250e3, 1e6};
// Copper on copper, and water or crust between two wires.
const std::vector<double> kTouchingSteps{0.05, 20, 100, 400, 1500};
const std::vector<double> kCreepingSteps{1500, 4e3, 12e3, 40e3};
// Narrow enough that several readings of the same thing tell the severity they share: a wide step
// is held against its hypothesis at each of them.
const std::vector<double> kShortSteps{0.05, 1, 5, 16, 50};
// The last step is water that harms nothing while it is dry, and is a witness all the same. A
// coil's bias bears less than a current loop.
const std::vector<double> kLeakCoilSteps{50, 200, 800, 3e3, 12e3, 50e3, 15e6};
const std::vector<double> kLeakSteps{50, 200, 800, 3e3, 12e3, 15e6};
const std::vector<double> kShortLeadSteps{0.5, 16};
const std::vector<double> kLeakSensorSteps{200, 3e3, 5e6};
const std::vector<double> kWettedSteps{100, 4e3};  // while it is wet; nothing in the dry
const std::vector<double> kSupplySteps{0.05, 5, 20, 60, 180, 600, 3e3};
const std::vector<double> kOpenCoilSteps{10e3, 50e3, 300e3, 2e6, 15e6, 1e9, kOpen};
// Some of its turns; all of it, which two wires that touch before it look like.
const std::vector<double> kShortedCoilSteps{40, 100, 220, 400, 700};
const std::vector<double> kShortedWholeSteps{0.5, 4, 40};
const std::vector<double> kWrongCoilSteps{280, 450, 700, 1100, 1700, 2700, 4200, 6600};
const std::vector<double> kWeakStepSteps{0.15, 0.35, 0.5, 0.65, 0.8};
const std::vector<double> kWeakSteps{0.05, 0.12, 0.25, 0.38, 0.5};
// Continuous over the counts that are fitted: 29 to 100 against one another, without the ratios
// that only a tyre makes.
const std::vector<double> kCountSteps{0.46, 0.55, 0.65, 0.72, 0.78, 0.85, 0.9, 0.96,
                                      1.04, 1.1,  1.18, 1.28, 1.4,  1.8,  2.2};
const std::vector<double> kTyreSteps{0.9, 0.93, 0.96, 0.98, 1.02, 1.04, 1.07, 1.1};

double zoneWeight(Zone zone) {
  switch (zone) {
    case Zone::flex:
      return of(Id::zoneFlex);
    case Zone::wheelhouse:
      return of(Id::zoneWheelhouse);
    case Zone::underbody:
      return of(Id::zoneUnderbody);
    case Zone::engineBay:
      return of(Id::zoneEngineBay);
    case Zone::unknown:
      return of(Id::zoneUnknown);
    case Zone::cabin:
      return of(Id::zoneCabin);
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
        circuit_(circuit.name),
        holes_(holesIn(c, circuit)),
        coil_(circuit::isCoil(circuit.sensor.kind)),
        wires_(circuit.sensor.kind == SensorKind::hall
                   ? std::vector{WireId::a, WireId::b, WireId::c}
                   : std::vector{WireId::a, WireId::b}),
        comesAndGoes_(complaint_.comesAndGoes()),
        wet_(complaint_.shows(job::When::wet)) {}

  std::vector<Hypothesis> build(const Circuit& circuit) {
    add(Fault::none, "", std::nullopt,
        of(Id::sound) * (comesAndGoes_ ? of(Id::soundIntermittent) : 1), {0});
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
    addShared(circuit);
    for (auto& h : out_) {
      h.prior *= circumstanceFactor(complaint_, h.fault) *
                 historyFactor(case_, circuit, circuit.find(h.element), h.fault);
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
      const bool parts = steps.size() > 1 && steps.back() == kOpen;
      const double last = fault == Fault::leak ? of(wet_ ? Id::leakFaintWet : Id::leakFaint)
                          : parts              ? of(Id::openWhole)
                                               : 0.0;
      out_.push_back({fault, element, wire, weight, steps, along, last});
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
    const bool repaired = contains(complaint_.earlierRepair, e.id);
    const double kind = e.kind == ElementKind::connector ? of(Id::pieceConnector)
                        : e.kind == ElementKind::splice  ? of(Id::pieceSplice)
                                                         : 1.0;
    const double w = zoneWeight(e.zone) * kind * length * (repaired ? of(Id::pieceRepaired) : 1);
    // How much likelier trouble is where work was done is told by the history; how it may be wrong
    // by there having been any.
    const bool worked = repaired || wasWorkedOn(e);
    const bool plug = e.kind == ElementKind::connector;
    const double leaks = plug ? of(Id::plugLeak) : e.kind == ElementKind::leg ? of(Id::legLeak) : 1;
    const double grounded = plug ? of(Id::plugShortGround) : 1;
    const double supplied = plug ? of(Id::plugShortSupply) : 1;
    const double sometimes = comesAndGoes_ ? of(Id::intermittentComplained) : of(Id::intermittent);
    // What conducts where it should not lies in one half of a plug or the other, water in both.
    const std::vector<double> halves =
        plug ? std::vector{kModuleHalf, kWheelHalf} : std::vector{along};
    const double half = 1.0 / static_cast<double>(halves.size());
    const double both = plug ? of(Id::plugBothHalves) : 0;
    for (const WireId wire : wires_) {
      add(Fault::open, e.id, wire, w * of(Id::wiringOpen), kOpenSteps, along);
      add(Fault::resistive, e.id, wire, w * of(Id::wiringResistive),
          coil_ ? kResistiveCoilSteps : kResistiveSteps, along);
      add(Fault::intermittentOpen, e.id, wire, w * sometimes, {kOpen}, along);
      add(Fault::intermittentShort, e.id, wire, 0.5 * w * sometimes * of(Id::intermittentShort),
          {0.5}, along);
      const double leak = w * of(Id::wiringLeak) * leaks;
      addInBoth(both * leak, [&](double weight) { addLeak(e, wire, weight, along); });
      for (const double at : halves) {
        addLeak(e, wire, half * (1 - both) * leak, at);
        add(Fault::shortToGround, e.id, wire, half * w * of(Id::wiringShortGround) * grounded,
            kShortSteps, at);
        add(Fault::shortToSupply, e.id, wire, half * w * of(Id::wiringShortSupply) * supplied,
            kSupplySteps, at);
      }
    }
    const double touching = w * of(Id::wiringTouching);
    const double creeping = touching * (plug ? of(Id::plugCreeping) : of(Id::legCreeping));
    addInBoth(both * creeping, [&](double weight) {
      add(Fault::wiresTouching, e.id, std::nullopt, weight, kCreepingSteps, along);
    });
    for (const double at : halves) {
      add(Fault::wiresTouching, e.id, std::nullopt, half * (touching - creeping), kTouchingSteps,
          at);
      add(Fault::wiresTouching, e.id, std::nullopt, half * (1 - both) * creeping, kCreepingSteps,
          at);
    }
    if (!coil_) {
      add(Fault::reversed, e.id, std::nullopt,
          length * (worked ? of(Id::wiringReversedRepaired) : of(Id::wiringReversed)), {0}, along);
    }
    if (worked || (plug && case_.circuits.size() > 1)) {
      add(Fault::circuitsExchanged, e.id, std::nullopt,
          length * of(Id::exchanged) * (worked ? of(Id::exchangedRepaired) : 0.3), {0}, along);
    }
  }

  // Ways of this weight that `put` adds, for water in both halves of a plug.
  template <typename Put>
  void addInBoth(double weight, const Put& put) {
    const auto first = out_.size();
    if (weight > 0) {
      put(weight);
    }
    std::for_each(out_.begin() + static_cast<std::ptrdiff_t>(first), out_.end(),
                  [](Hypothesis& h) { h.bothHalves = true; });
  }

  [[nodiscard]] bool wasWorkedOn(const Element& e) const {
    return std::any_of(case_.history.begin(), case_.history.end(), [&](const job::History& h) {
      const bool here = h.circuit.empty() ? circuit_ == case_.suspect : h.circuit == circuit_;
      return here && h.before && h.element == e.id &&
             (h.what == job::Work::repaired || h.what == job::Work::replaced);
    });
  }

  void addLeak(const Element& e, WireId wire, double weight, double at) {
    const double onlyWet = wet_ ? of(Id::leakOnlyWet) : 0;
    add(Fault::leak, e.id, wire, weight * (1 - onlyWet), coil_ ? kLeakCoilSteps : kLeakSteps, at);
    if (onlyWet > 0) {
      add(Fault::leak, e.id, wire, weight * onlyWet, kWettedSteps, at);
      out_.back().needs = Hypothesis::Needs::water;
      out_.back().lastShare = 0;
    }
  }

  void addModule(const Element& e) {
    for (const WireId wire : wires_) {
      add(Fault::open, e.id, wire, 0.6 * of(Id::moduleContact), kOpenSteps);
      add(Fault::resistive, e.id, wire, 0.4 * of(Id::moduleContact),
          coil_ ? kResistiveCoilSteps : kResistiveSteps);
    }
    add(Fault::noSupply, e.id, std::nullopt,
        coil_ ? of(Id::noSupplyCoil) * of(Id::noSupply) : of(Id::noSupply), {0});
    add(Fault::latchedOff, e.id, std::nullopt, coil_ ? 0 : of(Id::latchedOff), {0});
    add(Fault::inputDead, e.id, std::nullopt, of(Id::inputDead), {0});
    add(Fault::circuitsExchanged, e.id, std::nullopt,
        case_.circuits.size() > 1 ? of(Id::exchanged) : 0, {0});
    // Nothing reaches the sensors, or too little: of a coil's bias nobody knows what is too little.
    const double little = coil_ || wires_.size() > 2 ? 0 : of(Id::modulePowerLittle);
    add(Fault::modulePower, e.id, std::nullopt, (1 - little) * of(Id::modulePower), {0});
    add(Fault::modulePower, e.id, std::nullopt, little * of(Id::modulePower), {1});
  }

  void addSensor(const Element& e) {
    // Its own lead, where it is bent with the wheel.
    const double sometimes = comesAndGoes_ ? of(Id::intermittentComplained) : of(Id::intermittent);
    for (const WireId wire : wires_) {
      add(Fault::intermittentOpen, e.id, wire, of(Id::sensorLead) * sometimes, {kOpen});
      // Its lead rubbed through, water in its winding (in a sensor with electronics that is its
      // end): on either wire.
      const double oneWire = 1.0 / static_cast<double>(wires_.size());
      add(Fault::shortToGround, e.id, wire, oneWire * of(Id::sensorGround), kShortLeadSteps);
      add(Fault::leak, e.id, wire, coil_ ? oneWire * of(Id::sensorLeak) : 0, kLeakSensorSteps);
    }
    if (coil_) {
      // A winding that parts only when it is warm.
      const double warm =
          of(complaint_.shows(job::When::warm) ? Id::coilOnlyWarmComplained : Id::coilOnlyWarm);
      add(Fault::sensorOpen, e.id, std::nullopt, (1 - warm) * of(Id::sensorOpen), kOpenCoilSteps);
      if (warm > 0) {
        add(Fault::sensorOpen, e.id, std::nullopt, warm * of(Id::sensorOpen), {kOpen});
        out_.back().needs = Hypothesis::Needs::warmth;
      }
      const double whole = of(Id::sensorShortedWhole);
      add(Fault::sensorShorted, e.id, std::nullopt, whole * of(Id::sensorShorted),
          kShortedWholeSteps);
      add(Fault::sensorShorted, e.id, std::nullopt, (1 - whole) * of(Id::sensorShorted),
          kShortedCoilSteps);
      add(Fault::sensorDead, e.id, std::nullopt, of(Id::sensorDead), {0});
      add(Fault::sensorWeak, e.id, std::nullopt, of(Id::sensorWeak), kWeakSteps);
      add(Fault::wrongSensor, e.id, std::nullopt, of(Id::wrongSensor), kWrongCoilSteps);
      add(Fault::wideGap, e.id, std::nullopt, of(Id::wideGap), kWeakSteps);
      add(Fault::debris, e.id, std::nullopt, of(Id::debris), kWeakSteps);
    } else {
      // A current sensor that draws its current lives; a switch may have failed closed.
      const double stuck = wires_.size() == 2 ? 0 : of(Id::hallDeadClosed);
      add(Fault::sensorDead, e.id, std::nullopt, (1 - stuck) * of(Id::sensorDeadActive), {0});
      add(Fault::sensorDead, e.id, std::nullopt, stuck * of(Id::sensorDeadActive), {1});
      if (wires_.size() == 2) {
        add(Fault::sensorWeak, e.id, std::nullopt, of(Id::sensorWeakActive), kWeakStepSteps);
      }
      add(Fault::reversed, e.id, std::nullopt, of(Id::sensorReversed), {0});
      // A switching sensor too far from its ring hears nothing, or leaves out pulses; or it stands
      // at the edge and does now this, now that.
      const double never = of(Id::gapHearsNever);
      const double atTimes = of(Id::gapHearsAtTimes);
      for (const auto& [hears, share] :
           {std::pair{0.0, never}, {0.5, atTimes}, {1.0, 1 - never - atTimes}}) {
        add(Fault::wideGap, e.id, std::nullopt, share * of(Id::wideGap), {hears});
        add(Fault::debris, e.id, std::nullopt, share / 2 * of(Id::debris), {hears});
      }
    }
  }

  void addRing(const Element& e) {
    add(Fault::ringTooth, e.id, std::nullopt, of(Id::ringTooth), {0});
    add(Fault::ringCracked, e.id, std::nullopt, of(Id::ringCracked), {0});
    // A square wave keeps its height: run-out seldom stops an active sensor.
    add(Fault::ringRunout, e.id, std::nullopt,
        coil_ ? of(Id::ringRunout) : of(Id::activeRunout) * of(Id::ringRunout), {0});
    add(Fault::ringWrongCount, e.id, std::nullopt, of(Id::ringWrongCount), kCountSteps);
    add(Fault::encoderReversed, e.id, std::nullopt, coil_ ? 0 : of(Id::encoderReversed), {0});
  }

  // What is no part of the line.
  void addShared(const Circuit&) {
    add(Fault::wrongTyre, "", std::nullopt, of(Id::wrongTyre), kTyreSteps);
    add(Fault::other, "", std::nullopt, of(Id::other), {0});
  }

  const job::Case& case_;
  const job::Complaint& complaint_;
  std::string circuit_;
  Holes holes_;
  bool coil_;
  std::vector<WireId> wires_;
  bool comesAndGoes_;
  bool wet_;
  std::vector<Hypothesis> out_;
};

}  // namespace

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
