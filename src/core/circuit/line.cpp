#include "core/circuit/line.h"

#include <algorithm>
#include <set>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::circuit {

const Element* Circuit::find(std::string_view id) const {
  const auto index = indexOf(id);
  return index ? &path[*index] : nullptr;
}

const Element* Circuit::first(ElementKind kind) const {
  const auto it =
      std::find_if(path.begin(), path.end(), [&](const Element& e) { return e.kind == kind; });
  return it == path.end() ? nullptr : &*it;
}

std::optional<std::size_t> Circuit::indexOf(std::string_view id) const {
  const auto it =
      std::find_if(path.begin(), path.end(), [&](const Element& e) { return e.id == id; });
  if (it == path.end()) {
    return std::nullopt;
  }
  return static_cast<std::size_t>(it - path.begin());
}

const Element* Circuit::sensorConnector() const {
  const auto it = std::find_if(path.rbegin(), path.rend(),
                               [](const Element& e) { return e.kind == ElementKind::connector; });
  return it == path.rend() ? nullptr : &*it;
}

namespace {

Element element(std::string id, ElementKind kind, Zone zone, double minutes, double length = 0) {
  Element e;
  e.id = std::move(id);
  e.kind = kind;
  e.zone = zone;
  e.accessMinutes = minutes;
  if (length > 0) {
    e.lengthM = length;
    e.areaMm2 = 0.5;
  }
  return e;
}

}  // namespace

Circuit typicalCircuit(std::string name, std::string location) {
  Circuit c;
  c.name = std::move(name);
  c.location = std::move(location);
  c.wires[0].role = "signal";
  c.wires[1].role = "return";
  c.path = {element("module", ElementKind::module, Zone::engineBay, 4),
            element("L1", ElementKind::leg, Zone::cabin, 6, 2.5),
            element("C1", ElementKind::connector, Zone::underbody, 6),
            element("L2", ElementKind::leg, Zone::flex, 3, 0.8),
            element("C2", ElementKind::connector, Zone::wheelhouse, 3),
            element("sensor", ElementKind::sensor, Zone::wheelhouse, 8),
            element("ring", ElementKind::ring, Zone::wheelhouse, 5)};
  return c;
}

Status checkPath(const Circuit& circuit, const std::string& where) {
  const auto fail = [&](std::string what, std::string wanted) {
    return Error{where, std::nullopt, std::move(what), std::move(wanted)};
  };
  if (circuit.path.empty() || circuit.path.front().kind != ElementKind::module) {
    return fail(say("the path of ") + circuit.name + say(" does not start at a module"),
                say("begin with an element of kind module"));
  }
  constexpr std::size_t kMostElements = 200;
  if (circuit.path.size() > kMostElements) {
    return fail(say("the path of ") + circuit.name + say(" has ") +
                    std::to_string(circuit.path.size()) + " elements",
                say("describe it with 200 at most"));
  }
  std::set<std::string> seen;
  int sensors = 0;
  for (std::size_t i = 0; i < circuit.path.size(); ++i) {
    const Element& e = circuit.path[i];
    const std::string here = where + "[" + std::to_string(i) + "]";
    if (e.id.empty() || e.id == "ground" || e.id == "battery" ||
        e.id.find_first_of(".@ \t\n") != std::string::npos) {
      return Error{here + ".id", std::nullopt, "\"" + e.id + say("\" cannot name an element"),
                   say("a word without blanks, dots or @, and neither ground nor battery")};
    }
    if (!seen.insert(e.id).second) {
      return Error{here + ".id", std::nullopt, "\"" + e.id + say("\" stands in the path twice"),
                   say("give each element its own id")};
    }
    if (e.kind == ElementKind::module && i > 0) {
      return Error{here, std::nullopt, say("a second module in one path"),
                   say("describe it as a circuit of its own")};
    }
    if (e.kind == ElementKind::ring && i + 1 != circuit.path.size()) {
      return Error{here, std::nullopt, say("the ring is not at the end of the path"),
                   say("put it last")};
    }
    sensors += e.kind == ElementKind::sensor ? 1 : 0;
  }
  if (sensors != 1) {
    return fail(
        say("the path of ") + circuit.name + say(" has ") + std::to_string(sensors) + " sensors",
        say("it needs exactly one"));
  }
  return Done{};
}

std::optional<Corner> cornerOf(const Circuit& circuit) {
  const std::string words = text::lower(circuit.location + " " + circuit.name);
  const auto has = [&](std::string_view word) { return words.find(word) != std::string::npos; };
  std::optional<int> row;
  std::optional<int> column;
  if (has("front")) {
    row = 0;
  } else if (has("rear") || has("back")) {
    row = 1;
  }
  if (has("left")) {
    column = 0;
  } else if (has("right")) {
    column = 1;
  } else if (has("prop") || has("shaft") || has("diff")) {
    row = row.value_or(1);
    column = 2;
  }
  const std::string name = text::lower(circuit.name);
  if (!row && name.size() == 2) {
    row = name.find('f') != std::string::npos   ? std::optional(0)
          : name.find('r') != std::string::npos ? std::optional(1)
                                                : row;
  }
  if (!column && name.size() == 2) {
    const bool left = name.find('l') != std::string::npos;
    const bool right = name == "rr" || name == "fr" || name == "rf";
    column = left ? std::optional(0) : right ? std::optional(1) : column;
  }
  if (!row || !column) {
    return std::nullopt;
  }
  return Corner{*row, *column};
}

std::string groupOf(const Circuit& circuit) {
  if (!circuit.group.empty()) {
    return circuit.group;
  }
  const auto corner = cornerOf(circuit);
  constexpr int kMiddle = 2;
  return !corner || corner->column == kMiddle ? "only " + circuit.name
         : corner->row == 0                   ? "front"
                                              : "rear";
}

const Circuit* peerOf(const std::vector<Circuit>& circuits, const Circuit& circuit) {
  const std::string group = groupOf(circuit);
  const auto it = std::find_if(circuits.begin(), circuits.end(), [&](const Circuit& other) {
    return other.name != circuit.name && groupOf(other) == group;
  });
  return it == circuits.end() ? nullptr : &*it;
}

}  // namespace haybale::circuit
