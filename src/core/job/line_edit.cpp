#include "core/job/line_edit.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/base/text.h"
#include "core/physics/copper.h"

namespace haybale::job {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::Place;
using circuit::Zone;

namespace {

constexpr double kShortLegM = 0.3;

Error noCircuit(const std::string& name) {
  return {name, std::nullopt, say("is not a circuit of this job"), say("name one of its circuits")};
}

std::string freeId(const Circuit& c, std::string_view prefix) {
  for (int n = 1;; ++n) {
    std::string id = fmt::format("{}{}", prefix, n);
    if (!c.find(id)) {
      return id;
    }
  }
}

bool isEnd(ElementKind kind) {
  return kind == ElementKind::module || kind == ElementKind::sensor || kind == ElementKind::ring;
}

Element legLike(const Circuit& c, const Element& like, double lengthM) {
  Element leg;
  leg.id = freeId(c, "L");
  leg.kind = ElementKind::leg;
  leg.zone = like.zone;
  leg.accessMinutes = like.accessMinutes;
  leg.lengthM = lengthM;
  leg.areaMm2 = like.areaMm2.value_or(0.5);
  return leg;
}

template <class F>
void eachPlace(circuit::Test& test, const F& f) {
  for (auto* probe : {&test.red, &test.black}) {
    if (*probe) {
      f((*probe)->place.element);
    }
  }
  if (test.state.jumper) {
    f(test.state.jumper->element);
  }
  for (auto& id : test.state.unplugged) {
    f(id);
  }
  if (test.state.inject) {
    f(test.state.inject->place.element);
  }
  if (test.state.disturb) {
    f(test.state.disturb->element);
  }
  f(test.looked);
}

// Every test of a job that is about one circuit.
template <class F>
void eachTest(Case& c, const std::string& circuit, const F& f) {
  for (auto* list : {&c.evidence, &c.proof}) {
    for (auto& e : *list) {
      if (e.test.circuit == circuit) {
        f(e.test, e.reading);
      }
    }
  }
}

}  // namespace

std::size_t readingsOn(const Case& c, const std::string& circuit, std::string_view element) {
  std::size_t count = 0;
  Case copy;
  copy.evidence = c.evidence;
  copy.proof = c.proof;
  eachTest(copy, circuit, [&](circuit::Test& test, const Reading& reading) {
    bool touches = reading.looked == element;
    eachPlace(test, [&](const std::string& id) { touches = touches || id == element; });
    count += touches ? 1 : 0;
  });
  return count;
}

Result<std::string> insertInLine(Case& c, const std::string& name, std::size_t after,
                                 ElementKind kind) {
  Circuit* circuit = c.find(name);
  if (!circuit) {
    return noCircuit(name);
  }
  if (kind != ElementKind::connector && kind != ElementKind::splice) {
    return Error{"line", std::nullopt, say("only connectors and splices are put in"),
                 say("legs come with them")};
  }
  if (after >= circuit->path.size() || circuit->path[after].kind == ElementKind::sensor ||
      circuit->path[after].kind == ElementKind::ring) {
    return Error{"line", std::nullopt, say("nothing stands between sensor and ring"),
                 say("choose a part before the sensor")};
  }
  Element& at = circuit->path[after];
  Element joint;
  joint.id = freeId(*circuit, kind == ElementKind::connector ? "C" : "S");
  joint.kind = kind;
  joint.zone = at.kind == ElementKind::module ? Zone::cabin : at.zone;
  joint.accessMinutes = at.accessMinutes;
  double legM = kShortLegM;
  if (at.kind == ElementKind::leg) {
    legM = at.lengthM.value_or(1.0) / 2;
    at.lengthM = legM;
  }
  const Element leg = legLike(*circuit, at, legM);
  const auto here = circuit->path.begin() + static_cast<std::ptrdiff_t>(after) + 1;
  circuit->path.insert(here, {joint, leg});
  return joint.id;
}

Status removeFromLine(Case& c, const std::string& name, std::size_t index) {
  Circuit* circuit = c.find(name);
  if (!circuit || index >= circuit->path.size()) {
    return noCircuit(name);
  }
  const Element e = circuit->path[index];
  if (isEnd(e.kind)) {
    return Error{e.id, std::nullopt, say("stays: every line has its module, sensor and ring"),
                 say("take out a connector, a splice or a leg")};
  }
  if (const auto count = readingsOn(c, name, e.id); count > 0) {
    return Error{e.id, std::nullopt,
                 count == 1 ? say("a reading hangs on it") : sayf("{} readings hang on it", count),
                 say("remove those first, they would have no place")};
  }
  auto& path = circuit->path;
  path.erase(path.begin() + static_cast<std::ptrdiff_t>(index));
  if (name == c.suspect) {
    std::erase(c.complaint.earlierRepair, e.id);
  }
  const bool meet = index > 0 && index < path.size() && path[index].kind == ElementKind::leg &&
                    path[index - 1].kind == ElementKind::leg;
  if (meet && readingsOn(c, name, path[index].id) == 0) {
    path[index - 1].lengthM =
        path[index - 1].lengthM.value_or(1.0) + path[index].lengthM.value_or(1.0);
    path.erase(path.begin() + static_cast<std::ptrdiff_t>(index));
  }
  return Done{};
}

Status moveInLine(Case& c, const std::string& name, std::size_t index, int step) {
  Circuit* circuit = c.find(name);
  const auto to = static_cast<std::ptrdiff_t>(index) + step;
  if (!circuit || index >= circuit->path.size() || to < 0 ||
      to >= static_cast<std::ptrdiff_t>(circuit->path.size())) {
    return noCircuit(name);
  }
  auto& path = circuit->path;
  if (isEnd(path[index].kind) || isEnd(path[static_cast<std::size_t>(to)].kind)) {
    return Error{path[index].id, std::nullopt, say("cannot go further"),
                 say("module first, sensor and ring last")};
  }
  std::swap(path[index], path[static_cast<std::size_t>(to)]);
  return Done{};
}

Status renameInLine(Case& c, const std::string& name, std::size_t index, const std::string& id) {
  Circuit* circuit = c.find(name);
  if (!circuit || index >= circuit->path.size()) {
    return noCircuit(name);
  }
  Circuit renamed = *circuit;
  const std::string old = renamed.path[index].id;
  renamed.path[index].id = id;
  if (auto status = circuit::checkPath(renamed, "line"); !status) {
    return status;
  }
  *circuit = std::move(renamed);
  const auto follow = [&](std::string& element) {
    if (element == old) {
      element = id;
    }
  };
  eachTest(c, name, [&](circuit::Test& test, Reading& reading) {
    eachPlace(test, follow);
    follow(reading.looked);
  });
  for (auto& h : c.history) {
    if (h.circuit == name || (h.circuit.empty() && name == c.suspect)) {
      follow(h.element);
    }
  }
  if (c.closing.circuit == name) {
    follow(c.closing.element);
  }
  if (name == c.suspect) {
    follow(c.repair.element);
    std::for_each(c.complaint.earlierRepair.begin(), c.complaint.earlierRepair.end(), follow);
  }
  return Done{};
}

Result<double> parseSection(std::string_view typed) {
  std::string text = text::lower(text::trimmed(typed));
  const auto at = text.find("awg");
  const bool gauge = at != std::string::npos;
  if (gauge) {
    text.erase(at, 3);
  }
  for (const std::string_view unit : {"mm2", "mm²", "mm"}) {
    if (const auto u = text.find(unit); u != std::string::npos) {
      text.erase(u, unit.size());
      break;
    }
  }
  const Error wrong{"section", std::nullopt,
                    sayf("\"{}\" is no wire section", text::shortened(std::string(typed), 30)),
                    say("square millimetres as 0.5, or a gauge as AWG 20")};
  const auto number = units::parseEntry(text, units::Unit::none);
  if (!number || number->overload) {
    return wrong;
  }
  if (gauge) {
    const double awg = number->value;
    if (awg < 0 || awg > 40 || awg != static_cast<int>(awg)) {
      return wrong;
    }
    return physics::awgAreaMm2(static_cast<int>(awg));
  }
  if (number->value < 0.01 || number->value > 100) {
    return wrong;
  }
  return number->value;
}

namespace {

Element part(std::string id, ElementKind kind, Zone zone, double minutes, double lengthM = 0) {
  Element e;
  e.id = std::move(id);
  e.kind = kind;
  e.zone = zone;
  e.accessMinutes = minutes;
  if (lengthM > 0) {
    e.lengthM = lengthM;
    e.areaMm2 = 0.5;
  }
  return e;
}

}  // namespace

const std::vector<TypicalLine>& typicalLines() {
  using K = ElementKind;
  using Z = Zone;
  static const std::vector<TypicalLine> lines{
      {later("front wheel, module under the bonnet"),
       {part("module", K::module, Z::engineBay, 4), part("L1", K::leg, Z::engineBay, 4, 1.2),
        part("C1", K::connector, Z::wheelhouse, 3), part("L2", K::leg, Z::flex, 3, 0.6),
        part("sensor", K::sensor, Z::wheelhouse, 8), part("ring", K::ring, Z::wheelhouse, 5)}},
      {later("rear wheel through the cabin"), circuit::typicalCircuit("", "").path},
      {later("rear wheel under the floor, three connectors"),
       {part("module", K::module, Z::engineBay, 4), part("L1", K::leg, Z::engineBay, 6, 0.8),
        part("C1", K::connector, Z::engineBay, 8), part("L2", K::leg, Z::underbody, 6, 2.6),
        part("C2", K::connector, Z::underbody, 6), part("L3", K::leg, Z::flex, 3, 0.7),
        part("C3", K::connector, Z::wheelhouse, 3), part("sensor", K::sensor, Z::wheelhouse, 8),
        part("ring", K::ring, Z::wheelhouse, 5)}},
      {later("trailer axle, long run with a joint"),
       {part("module", K::module, Z::underbody, 5), part("L1", K::leg, Z::underbody, 4, 3.0),
        part("S1", K::splice, Z::underbody, 5), part("L2", K::leg, Z::underbody, 4, 2.0),
        part("C1", K::connector, Z::wheelhouse, 4), part("L3", K::leg, Z::flex, 3, 0.4),
        part("sensor", K::sensor, Z::wheelhouse, 12), part("ring", K::ring, Z::wheelhouse, 15)}},
  };
  return lines;
}

bool isUntouched(const Case& c, const std::string& circuit) {
  const auto* own = c.find(circuit);
  return own && std::none_of(own->path.begin(), own->path.end(),
                             [&](const Element& e) { return readingsOn(c, circuit, e.id) > 0; });
}

Status startFromUsual(Case& c, const std::string& circuit, std::size_t line) {
  const auto* chosen = c.find(circuit);
  if (!chosen || line >= typicalLines().size()) {
    return Error{circuit, std::nullopt, say("is no circuit that could have this line"),
                 say("choose a circuit of the job")};
  }
  if (!isUntouched(c, circuit)) {
    return Error{circuit, std::nullopt, say("has readings on its line"),
                 say("a line that was measured is edited part by part")};
  }
  const std::string group = circuit::groupOf(*chosen);
  for (auto& other : c.circuits) {
    const bool same = other.name == circuit || circuit::groupOf(other) == group;
    if (same && isUntouched(c, other.name)) {
      other.path = typicalLines()[line].path;
      if (other.name == c.suspect) {
        c.complaint.earlierRepair.clear();
      }
    }
  }
  return Done{};
}

}  // namespace haybale::job
