#include "core/verdict/repair_plan.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::SensorKind;

namespace {

const char* stands() {
  return say("Rated stands on sound points, chocked; nothing of you under it on a jack alone.");
}

const char* keyOff() {
  return say(
      "Key off and wait before unplugging. Airbag and orange high-voltage circuits: out of "
      "bounds.");
}

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
  return fmt::format("{}", fmt::join(names, say(" and ")));
}

class Steps {
 public:
  Steps(const job::Case& c, const Circuit& circuit, const Suspect& suspect)
      : case_(c), circuit_(circuit), suspect_(suspect), element_(circuit.find(suspect.element)) {}

  std::vector<RepairStep> list() {
    if (suspect_.fault == Fault::latchedOff) {
      add("clear",
          say("Clear the codes and cycle the ignition: the module feeds its sensors again."));
      add("why-latched", say("Find what made it switch off: read the codes after the first turn."));
      return std::move(out_);
    }
    if (suspect_.fault == Fault::wrongTyre) {
      tyre();
      return std::move(out_);
    }
    if (suspect_.fault == Fault::other) {
      add("measure-on",
          say("These readings name no part: measure on before anything is repaired or bought."));
      return std::move(out_);
    }
    if (!element_ || suspect_.fault == Fault::none) {
      add("stop", say("Nothing to repair: say so, with what was tested and what was not."));
      return std::move(out_);
    }
    if (suspect_.fault == Fault::reversed && isWiring(element_->kind)) {
      add("uncross",
          sayf("At {}: exchange the two wires back, by their colours at both ends.", element_->id),
          keyOff());
      splice();
    } else if (suspect_.fault == Fault::circuitsExchanged) {
      add("exchange", say("Put the two circuits back on their own pins, by the maker's pin list."),
          keyOff());
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
          sayf("Water got into {}: both halves are spoilt, and so are their "
               "neighbours {}. Renew both sides of the plug.",
               element_->id, neighbours(circuit_, *element_)),
          keyOff(), say("new part, each side"));
    } else if (plug) {
      add("terminals",
          sayf("Clean the terminals of {} with a fine tool that does not spread "
               "them, and tighten spread ones; renew what stays loose.",
               element_->id),
          keyOff());
    }
    if (!plug || wet()) {
      add("cut-back",
          say("Cut the wire back an inch (25 mm) at a time until the copper is bright, then "
              "several inches more: water creeps along the strands, uphill as well as down."),
          say("No cutting or piercing of shielded or safety-critical wires where the maker forbids "
              "it."));
      splice();
    }
    if (suspect_.fault == Fault::shortToGround || suspect_.fault == Fault::shortToSupply ||
        suspect_.fault == Fault::intermittentShort) {
      add("chafe", say("Find what it rubbed on, clear it, and clip the loom away from it."));
    }
  }

  void splice() {
    add("splice",
        case_.repair.school == "solder"
            ? say("Splice: twist, solder, adhesive-lined heat shrink. Plain tape never here.")
            : say("Splice: sealed crimp with adhesive heat shrink. Plain tape never here."),
        say("Some makers allow one way only: their rule comes first."));
    add("stagger",
        say("Stagger the two joints, keep the twist of the pair, put the joint inside the "
            "body or out of the wheelhouse."));
    add("slack",
        element_->zone == circuit::Zone::flex
            ? say("Give slack where it flexes, hold it on both sides of the joint, and steer "
                  "from lock to lock: nothing may pull.")
            : say("Hold the loom on both sides of the joint; no strain on it."));
  }

  void tyre() {
    add("compare-tyres",
        say("Compare the sizes on the sidewalls and the pressures of all wheels; a spare may be 3 "
            "to 6 % off."));
    add("tyre",
        say("Put the right tyre on, at the maker's pressure, then drive straight on and "
            "compare the live speeds."),
        stands(), say("tyre size, pressure"));
  }

  void sensor() {
    // What a rag or a clean seat cures needs no part.
    const bool gap = suspect_.fault == Fault::wideGap || suspect_.fault == Fault::debris;
    const bool coil =
        circuit_.sensor.kind == SensorKind::passive || circuit_.sensor.kind == SensorKind::unknown;
    if (gap) {
      add("clean",
          say("Wipe metal fuzz off the tip with a rag or soft brush, never a wire brush; much "
              "of it on a differential means gear trouble."),
          stands());
    } else {
      add("compare",
          say("Lay the new sensor beside the old: same length, same plug, same tip, right wheel."));
      if (coil) {
        add("measure-new", say("Measure the new coil before it goes in."), "", say("new coil, Ω"));
      }
      add("remove", say("Seized in its bore: soak, turn, then drive the stub out."),
          sayf("{} Eye protection; brake parts do not hang on the hose; mind brake dust.",
               stands()));
    }
    add("seat",
        say("Clean rust from bore and seat so that it goes home; push it fully home before the "
            "bolt: a cocked flange cracks."));
    add("torque", say("Small screw, low torque: the maker's figure."), "", say("torque, Nm"));
    add("route",
        say("Lead in its clips, slack at the strut, nothing near the tyre or the brake hose."));
  }

  void ring() {
    if (circuit_.sensor.kind == SensorKind::passive) {
      add("count", say("Count the teeth of the new ring against the old one."), "",
          say("teeth, new ring"));
    } else {
      add("way-round",
          say("Encoder in the bearing seal: the right way round, away from magnets; a bad one "
              "means a new bearing."),
          "", say("part fitted"));
    }
    add("clean", say("Clean the ring and its window; look for rust under the ring that lifts it."),
        stands());
    add("torque", say("Hub bolts and axle nut: the maker's torque, new where the maker says so."),
        "", say("torque, Nm"));
  }

  void module() {
    add("supply",
        say("Before a module is changed: fuses, protection relay, power and ground of the "
            "module under load."),
        keyOff());
    add("plug", say("Look into its plug: green pins, spread terminals, water from the loom."),
        keyOff());
    if (suspect_.fault == Fault::modulePower) {
      add("restore",
          say("Renew the fuse, relay or ground strap that fails under load; no module for that. "
              "Then clear the codes of every circuit."),
          keyOff(), say("part fitted"));
    } else if (suspect_.fault != Fault::open && suspect_.fault != Fault::resistive) {
      add("change", say("Change or repair the module, then set it up as the maker says."),
          say("Brake hydraulics, where it sits on the unit: the maker's procedure and bleeding."),
          say("part fitted"));
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
      hole.text = sayf("{}, {}, wire {}", e.test.circuit, circuit::spoken((*probe)->place), wire);
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
  const auto decided =
      std::find_if(conclusion.suspects.begin(), conclusion.suspects.end(), [&](const Suspect& s) {
        return s.element == c.repair.element && nameOf(s.fault) == c.repair.fault;
      });
  if (decided != conclusion.suspects.end()) {
    return *decided;
  }
  const auto chosen = std::find_if(conclusion.suspects.begin(), conclusion.suspects.end(),
                                   [&](const Suspect& s) { return s.element == c.repair.element; });
  return conclusion.suspects.empty() ? none
         : c.repair.element.empty() || chosen == conclusion.suspects.end()
             ? conclusion.suspects.front()
             : *chosen;
}

}  // namespace haybale::diagnosis
