#include "core/verdict/repair_plan.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/vehicle/hypothesis.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::SensorKind;

namespace {

constexpr const char* kStands =
    "Rated stands on sound points, chocked; nothing of you under it on a jack alone.";
constexpr const char* kKeyOff =
    "Key off and wait before unplugging. Airbag and orange high-voltage circuits: out of bounds.";

bool isWiring(ElementKind kind) {
  return kind == ElementKind::leg || kind == ElementKind::connector || kind == ElementKind::splice;
}

// The pieces on both sides of an element.
std::string neighbours(const Circuit& circuit, const Element& e) {
  const auto at = circuit.indexOf(e.id);
  std::vector<std::string> names;
  if (at && *at > 0) {
    names.push_back(circuit.path[*at - 1].id);
  }
  if (at && *at + 1 < circuit.path.size()) {
    names.push_back(circuit.path[*at + 1].id);
  }
  return fmt::format("{}", fmt::join(names, " and "));
}

class Steps {
 public:
  Steps(const job::Case& c, const Circuit& circuit, const Suspect& suspect)
      : case_(c), circuit_(circuit), suspect_(suspect), element_(circuit.find(suspect.element)) {}

  std::vector<RepairStep> list() {
    if (suspect_.fault == Fault::latchedOff) {
      add("clear", "Clear the codes and cycle the ignition: the module feeds its sensors again.");
      add("why-latched", "Find what made it switch off: read the codes after the first turn.");
      return std::move(out_);
    }
    if (!element_ || suspect_.fault == Fault::none) {
      add("stop", "Nothing to repair: say so, with what was tested and what was not.");
      return std::move(out_);
    }
    if (suspect_.fault == Fault::reversed && isWiring(element_->kind)) {
      add("uncross",
          fmt::format("At {}: exchange the two wires back, by their colours at both ends.",
                      element_->id),
          kKeyOff);
      splice();
    } else if (suspect_.fault == Fault::circuitsExchanged) {
      add("exchange", "Put the two circuits back on their own pins, by the maker's pin list.",
          kKeyOff);
    } else if (isWiring(element_->kind)) {
      wiring();
    } else if (element_->kind == ElementKind::sensor) {
      sensor();
    } else if (element_->kind == ElementKind::ring) {
      ring();
    } else {
      module();
    }
    return std::move(out_);
  }

 private:
  void add(const std::string& id, const std::string& text, const std::string& caution = {},
           const std::string& note = {}) {
    out_.push_back({element_ ? element_->id + "." + id : id, text, caution, note});
  }

  [[nodiscard]] bool wet() const {
    const auto& when = case_.complaint.when;
    return suspect_.fault == Fault::leak || suspect_.fault == Fault::resistive ||
           suspect_.fault == Fault::wiresTouching ||
           std::find(when.begin(), when.end(), "wet") != when.end();
  }

  void wiring() {
    const bool plug = element_->kind == ElementKind::connector;
    if (plug && wet()) {
      add("both-sides",
          fmt::format("Water got into {}: both halves are spoilt, and so are their "
                      "neighbours {}. Renew both sides of the plug.",
                      element_->id, neighbours(circuit_, *element_)),
          kKeyOff, "new part, each side");
    } else if (plug) {
      add("terminals",
          fmt::format("Clean the terminals of {} with a fine tool that does not spread "
                      "them, and tighten spread ones; renew what stays loose.",
                      element_->id),
          kKeyOff);
    }
    if (!plug || wet()) {
      add("cut-back",
          "Cut the wire back an inch (25 mm) at a time until the copper is bright, then "
          "several inches more: water creeps along the strands, uphill as well as down.",
          "No cutting or piercing of shielded or safety-critical wires where the maker forbids "
          "it.");
      splice();
    }
    if (suspect_.fault == Fault::shortToGround || suspect_.fault == Fault::shortToSupply ||
        suspect_.fault == Fault::intermittentShort) {
      add("chafe", "Find what it rubbed on, clear it, and clip the loom away from it.");
    }
  }

  void splice() {
    add("splice",
        case_.repair.school == "solder"
            ? "Splice: twist, solder, adhesive-lined heat shrink. Plain tape never here."
            : "Splice: sealed crimp with adhesive heat shrink. Plain tape never here.",
        "Some makers allow one way only: their rule comes first.");
    add("stagger",
        "Stagger the two joints, keep the twist of the pair, put the joint inside the "
        "body or out of the wheelhouse.");
    add("slack", element_->zone == circuit::Zone::flex
                     ? "Give slack where it flexes, hold it on both sides of the joint, and steer "
                       "from lock to lock: nothing may pull."
                     : "Hold the loom on both sides of the joint; no strain on it.");
  }

  void sensor() {
    const bool gap = suspect_.fault == Fault::wideGap;
    const bool coil =
        circuit_.sensor.kind == SensorKind::passive || circuit_.sensor.kind == SensorKind::unknown;
    if (gap) {
      add("clean",
          "Wipe metal fuzz off the tip with a rag or soft brush, never a wire brush; much "
          "of it on a differential means gear trouble.",
          kStands);
    } else {
      add("compare",
          "Lay the new sensor beside the old: same length, same plug, same tip, right wheel.");
      if (coil) {
        add("measure-new", "Measure the new coil before it goes in.", "", "new coil, Ω");
      }
      add("remove", "Seized in its bore: soak, turn, then drive the stub out.",
          fmt::format("{} Eye protection; brake parts do not hang on the hose; mind brake dust.",
                      kStands));
    }
    add("seat",
        "Clean rust from bore and seat so that it goes home; push it fully home before the "
        "bolt: a cocked flange cracks.");
    add("torque", "Small screw, low torque: the maker's figure.", "", "torque, Nm");
    add("route", "Lead in its clips, slack at the strut, nothing near the tyre or the brake hose.");
  }

  void ring() {
    if (circuit_.sensor.kind == SensorKind::passive) {
      add("count", "Count the teeth of the new ring against the old one.", "", "teeth, new ring");
    } else {
      add("way-round",
          "Encoder in the bearing seal: the right way round, away from magnets; a bad one "
          "means a new bearing.",
          "", "part fitted");
    }
    add("clean", "Clean the ring and its window; look for rust under the ring that lifts it.",
        kStands);
    add("torque", "Hub bolts and axle nut: the maker's torque, new where the maker says so.", "",
        "torque, Nm");
  }

  void module() {
    add("supply",
        "Before a module is changed: fuses, protection relay, power and ground of the "
        "module under load.",
        kKeyOff);
    add("plug", "Look into its plug: green pins, spread terminals, water from the loom.", kKeyOff);
    if (suspect_.fault != Fault::open && suspect_.fault != Fault::resistive) {
      add("change", "Change or repair the module, then set it up as the maker says.",
          "Brake hydraulics, where it sits on the unit: the maker's procedure and bleeding.",
          "part fitted");
    }
  }

  const job::Case& case_;
  const Circuit& circuit_;
  const Suspect& suspect_;
  const Element* element_;
  std::vector<RepairStep> out_;
};

}  // namespace

std::vector<RepairStep> repairSteps(const job::Case& c, const Suspect& suspect) {
  const auto* circuit = c.suspectCircuit();
  return circuit ? Steps(c, *circuit, suspect).list() : std::vector<RepairStep>{};
}

std::vector<PiercedHole> piercedHoles(const job::Case& c) {
  std::vector<PiercedHole> out;
  for (const auto& e : c.evidence) {
    for (const auto* probe : {&e.test.red, &e.test.black}) {
      if (!*probe || (*probe)->place.kind != circuit::Place::Kind::along ||
          (*probe)->place.along <= 0 || (*probe)->place.along >= 1) {
        continue;
      }
      const std::string wire((*probe)->wire
                                 ? circuit::kWireNames[static_cast<std::size_t>(*(*probe)->wire)]
                                 : std::string_view("?"));
      PiercedHole hole;
      hole.key = fmt::format("{} {}@{:.2f} {}", e.test.circuit, (*probe)->place.element,
                             (*probe)->place.along, wire);
      hole.text =
          fmt::format("{}, {}, wire {}", e.test.circuit, circuit::spoken((*probe)->place), wire);
      if (std::none_of(out.begin(), out.end(), [&](const auto& h) { return h.key == hole.key; })) {
        out.push_back(std::move(hole));
      }
    }
  }
  return out;
}

Suspect toRepair(const job::Case& c, const Conclusion& conclusion) {
  Suspect none;
  none.fault = Fault::none;
  const auto chosen = std::find_if(conclusion.suspects.begin(), conclusion.suspects.end(),
                                   [&](const Suspect& s) { return s.element == c.repair.element; });
  return conclusion.suspects.empty() ? none
         : c.repair.element.empty() || chosen == conclusion.suspects.end()
             ? conclusion.suspects.front()
             : *chosen;
}

}  // namespace haybale::diagnosis
