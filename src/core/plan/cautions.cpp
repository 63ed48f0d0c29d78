#include "core/plan/cautions.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/circuit/predict.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::DisturbKind;
using circuit::ElementKind;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;

namespace {

// A test as the car stands for it.
struct Setup {
  const Test& test;
  const circuit::CarState& state;
  bool moduleApart;  ///< the module's own plug is off
  bool modulePins;   ///< a lead stands at its pins or in its plug
};

bool pierces(const std::optional<Probe>& probe) {
  return probe && probe->place.kind == Place::Kind::along && probe->place.along > 0 &&
         probe->place.along < 1;
}

bool atModule(const std::optional<Probe>& probe) {
  return probe && (probe->place.kind == Place::Kind::modulePins ||
                   probe->place.kind == Place::Kind::modulePlug);
}

bool isApart(const Circuit& circuit, const std::string& id, ElementKind kind) {
  const auto* e = circuit.find(id);
  return e && e->kind == kind;
}

Setup setupOf(const Circuit& circuit, const Test& test) {
  const auto& apart = test.state.unplugged;
  const bool module = std::any_of(apart.begin(), apart.end(), [&](const std::string& id) {
    return isApart(circuit, id, ElementKind::module);
  });
  return {test, test.state, module,
          !circuit.path.empty() && (atModule(test.red) || atModule(test.black))};
}

bool disturbs(const Setup& s, DisturbKind kind) {
  return s.state.disturb && s.state.disturb->kind == kind;
}

// One caution and the tests it belongs to.
struct Caution {
  bool (*belongs)(const Setup&);
  const char* words;
};

// The gravest first.
constexpr Caution kCautions[] = {
    {[](const Setup& s) { return s.state.inject.has_value(); },
     later(
         "Substitute signal: sensor apart, an isolated source, never into a supply pin beyond its "
         "limit, never on a vehicle that is driven; off before anything is changed.")},
    {[](const Setup& s) { return s.state.jumper && s.test.kind == TestKind::codes; },
     later("Deliberate short: only on an input whose maker allows it to be shorted, and off again "
           "at once.")},
    {[](const Setup& s) { return s.test.kind == TestKind::current; },
     later("An ammeter across a supply is a short: in line only, across the two halves of an open "
           "connector; back on volts before the next test.")},
    {[](const Setup& s) { return s.test.kind == TestKind::lamp; },
     later("Test lamp: a sensor pin gives milliamperes, a filament bulb draws a hundred times "
           "that. An LED tester, a 1 k\xCE\xA9 resistor or a meter only; a small bulb just where "
           "the pin is a chassis ground.")},
    {[](const Setup& s) { return pierces(s.test.red) || pierces(s.test.black); },
     later("Piercing: none of shielded or safety-critical wires where the maker forbids it; write "
           "the hole down and seal it, or it is the next green crust.")},
    {[](const Setup& s) { return s.state.wheel == WheelMotion::spun; },
     later("Wheel up: rated stands on sound points, the others chocked, never on a jack alone. "
           "Hands, sleeves and leads clear of the turning wheel; turned by the engine, clear of "
           "the driveline.")},
    {[](const Setup& s) { return s.state.wheel == WheelMotion::driven; },
     later("ABS and ESC may be off during tests: drive accordingly, where it is lawful; a second "
           "person watches the instrument.")},
    {[](const Setup& s) { return disturbs(s, DisturbKind::wet); },
     later("Salt water only on loom and plugs, never into a module or on anything orange; rinse "
           "it off afterwards.")},
    {[](const Setup& s) { return disturbs(s, DisturbKind::heat); },
     later("Warm air that a hand can bear, no flame: keep it off fuel and brake lines, batteries "
           "and anything of an airbag.")},
    {[](const Setup& s) { return isPull(s.test); },
     later("Pull by hand and gently; leave alone what the maker forbids to be touched, and "
           "anything shielded, orange or of an airbag.")},
    {[](const Setup& s) {
       return !isPull(s.test) &&
              (disturbs(s, DisturbKind::flex) || disturbs(s, DisturbKind::shake));
     },
     later("Move the loom by hand only, engine off or clear of belts and fans; nothing of an "
           "airbag and nothing orange.")},
    {[](const Setup& s) { return s.moduleApart; },
     later("Key off and wait before the module's plug comes off; do not spread or bridge its "
           "pins. Airbag and orange high-voltage circuits are out of bounds.")},
    {[](const Setup& s) { return s.modulePins && !s.moduleApart; },
     later("From behind the plug, with a thin probe: do not spread or bridge the module's pins. "
           "Airbag and orange high-voltage circuits are out of bounds.")},
    {[](const Setup& s) { return s.state.swap.has_value(); },
     later("Long leads: clear of wheels and hot parts, no bare clip that touches the body; both "
           "circuits set codes while they are apart.")},
    {[](const Setup& s) { return circuit::unitOf(s.test.kind) == units::Unit::ohm; },
     later("Ohms only with the key off; battery off where the maker asks for it.")},
    {[](const Setup& s) { return !s.state.unplugged.empty() && !s.moduleApart; },
     later("Key off before a plug is taken apart or put together.")},
    {[](const Setup& s) {
       return s.test.kind == TestKind::inspect || s.test.kind == TestKind::benchSensor;
     },
     later("Under a car only on rated stands; hot brakes, brake dust; no part of the brake hangs "
           "on its hose.")},
    {[](const Setup&) { return true; },
     later("The maker's procedure, local rules and licensed practice come first.")},
};

}  // namespace

std::vector<std::string> cautionsOf(const Circuit& circuit, const Test& test) {
  const Setup setup = setupOf(circuit, test);
  std::vector<std::string> out;
  for (const auto& caution : kCautions) {
    if (caution.belongs(setup)) {
      out.emplace_back(say(caution.words));
    }
  }
  return out;
}

std::string cautionText(const Circuit& circuit, const Test& test) {
  return fmt::format("{}", fmt::join(cautionsOf(circuit, test), " "));
}

}  // namespace haybale::diagnosis
