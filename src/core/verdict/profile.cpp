#include "core/verdict/profile.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/evidence/quantity_of.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Place;
using circuit::Test;
using circuit::TestKind;

namespace {

// What makes two tests belong to one profile.
struct Class {
  TestKind kind;
  std::optional<circuit::WireId> red;
  bool pair;
  bool module;  // hangs on the leads
  bool sensor;
  circuit::Key key;
  bool operator==(const Class&) const = default;
};

std::optional<Class> classOf(const Circuit& circuit, const Test& t) {
  const bool alongAWire = t.kind == TestKind::dcVoltage || t.kind == TestKind::resistance;
  if (!alongAWire || !t.red || !t.red->place.onLine() || t.state.jumper ||
      !(acrossThePair(t) || toGround(t))) {
    return std::nullopt;
  }
  const auto reach = circuit::reachFrom(circuit, t.red->place, t.state);
  return Class{t.kind, t.red->wire, acrossThePair(t), reach.module, reach.sensor, t.state.key};
}

// The state in which every place of the profile has the same parts on the leads.
circuit::CarState stateFor(const Circuit& circuit, const Class& c) {
  circuit::CarState state;
  state.key = c.key;
  if (!c.module) {
    state.unplugged.push_back(circuit.path.front().id);
  }
  if (!c.sensor && circuit.sensorConnector()) {
    state.unplugged.push_back(circuit.sensorConnector()->id);
  }
  return state;
}

Test testAt(const Circuit& circuit, const Class& c, const Place& place) {
  Test t;
  t.kind = c.kind;
  t.circuit = circuit.name;
  t.red = circuit::Probe{place, c.red};
  const auto other = c.red == circuit::WireId::a ? circuit::WireId::b : circuit::WireId::a;
  t.black = c.pair ? circuit::Probe{place, other}
                   : circuit::Probe{{Place::Kind::ground, ""}, std::nullopt};
  t.state = stateFor(circuit, c);
  return t;
}

std::string profileTitle(const Class& c) {
  const std::string red(circuit::kWireNames[static_cast<std::size_t>(*c.red)]);
  const std::string leads = c.pair ? std::string(say("a to b")) : red + say(" to ground");
  const std::string load = c.module && c.sensor ? say("all plugged in")
                           : c.module           ? say("unloaded, from the module")
                           : c.sensor           ? say("towards the wheel")
                                                : say("the wire alone");
  return sayf("{} along the line, {}, {}", c.kind == TestKind::dcVoltage ? say("DC volts") : "Ohms",
              leads, load);
}

void addPoints(Profile& out, const job::Case& c, const Circuit& circuit, const Class& cls,
               const circuit::LineParameters& known) {
  for (const auto& place : circuit::reachablePlaces(circuit)) {
    const Test t = testAt(circuit, cls, place);
    if (classOf(circuit, t) != cls) {
      continue;
    }
    if (const auto band = circuit::predictBand(circuit, known, t, {}, c.meter)) {
      out.points.push_back({place, circuit::position(circuit, place), *band});
    }
  }
}

// A place of the good wheel's line as one of the suspect's, where both have an element of that
// name.
std::optional<Place> likePlace(const Circuit& circuit, const Place& place) {
  const auto* e = circuit.find(place.element);
  return e ? std::optional(place) : std::nullopt;
}

void addReadings(Profile& out, const job::Case& c, const Circuit& circuit, const Class& cls,
                 const std::vector<ReadingView>& views) {
  const Circuit* peer = circuit::peerOf(c.circuits, circuit);
  for (std::size_t i = 0; i < c.evidence.size() && i < views.size(); ++i) {
    const auto& e = c.evidence[i];
    const Circuit* on = e.test.circuit == circuit.name         ? &circuit
                        : peer && e.test.circuit == peer->name ? peer
                                                               : nullptr;
    if (!on || e.withdrawn || !e.reading.value || classOf(*on, e.test) != cls) {
      continue;
    }
    const auto place = likePlace(circuit, e.test.red->place);
    if (place) {
      out.readings.push_back({e.id, *place, circuit::position(circuit, *place),
                              e.reading.value->value, views[i].verdict, on != &circuit});
    }
  }
  // Of several readings at one place the last counts, so the order of time is kept.
  std::stable_sort(out.readings.begin(), out.readings.end(),
                   [](const auto& a, const auto& b) { return a.position < b.position; });
}

// Expected at a position: of the place itself, or between its neighbours.
std::optional<double> expectedAt(const Profile& p, double position) {
  if (p.points.empty()) {
    return std::nullopt;
  }
  const auto after = std::find_if(p.points.begin(), p.points.end(),
                                  [&](const auto& point) { return point.position >= position; });
  if (after == p.points.end()) {
    return onScale(p.unit, p.points.back().expected.nominal);
  }
  if (after == p.points.begin()) {
    return onScale(p.unit, after->expected.nominal);
  }
  const auto before = after - 1;
  const double part = (position - before->position) / (after->position - before->position);
  const double low = onScale(p.unit, before->expected.nominal);
  return low + part * (onScale(p.unit, after->expected.nominal) - low);
}

std::optional<double> lengthBetween(const Circuit& circuit, const ProfileReading& a,
                                    const ProfileReading& b) {
  double metres = 0;
  for (std::size_t i = 0; i < circuit.path.size(); ++i) {
    const auto& e = circuit.path[i];
    const double at = static_cast<double>(i);
    const double from = std::clamp(a.position - at, 0.0, 1.0);
    const double to = std::clamp(b.position - at, 0.0, 1.0);
    if (e.kind != circuit::ElementKind::leg || to <= from) {
      continue;
    }
    if (!e.lengthM) {
      return std::nullopt;
    }
    metres += *e.lengthM * (to - from);
  }
  return metres > 0 ? std::optional(metres) : std::nullopt;
}

// Smallest step that counts: a quarter of the largest expected voltage, half a decade of ohms.
double leastStep(const Profile& p) {
  if (p.unit == units::Unit::ohm) {
    return 0.5;
  }
  double top = 0;
  for (const auto& point : p.points) {
    top = std::max(top, std::abs(point.expected.nominal));
  }
  for (const auto& r : p.readings) {
    top = std::max(top, std::abs(r.value));
  }
  return std::max(0.25 * top, 0.05);
}

void findCliff(Profile& p, const Circuit& circuit) {
  std::vector<std::size_t> own;
  for (std::size_t i = 0; i < p.readings.size(); ++i) {
    const auto& r = p.readings[i];
    if (r.peer) {
      continue;
    }
    if (!own.empty() && p.readings[own.back()].position == r.position) {
      own.back() = i;
    } else {
      own.push_back(i);
    }
  }
  double steepest = leastStep(p);
  for (std::size_t k = 0; k + 1 < own.size(); ++k) {
    const auto& a = p.readings[own[k]];
    const auto& b = p.readings[own[k + 1]];
    const auto atA = expectedAt(p, a.position);
    const auto atB = expectedAt(p, b.position);
    if (!atA || !atB) {
      continue;
    }
    const double step =
        std::abs((onScale(p.unit, b.value) - *atB) - (onScale(p.unit, a.value) - *atA));
    if (step > steepest) {
      steepest = step;
      p.cliff = Cliff{own[k], own[k + 1], lengthBetween(circuit, a, b), ""};
    }
  }
  if (p.cliff) {
    const auto name = [](const Place& place) {
      return place.kind == Place::Kind::modulePlug ? std::string(say("the module plug"))
                                                   : circuit::spoken(place);
    };
    p.cliff->text =
        sayf("the cliff: between {} and {}{}", name(p.readings[p.cliff->from].place),
             name(p.readings[p.cliff->to].place),
             p.cliff->lengthM ? fmt::format(", {:.2g} m", *p.cliff->lengthM) : std::string());
  }
}

}  // namespace

double onScale(units::Unit unit, double value) {
  return unit == units::Unit::ohm ? std::log10(std::clamp(value, 0.1, 1e8)) : value;
}

std::optional<Profile> profileOf(const job::Case& c, const Test& test,
                                 const std::vector<ReadingView>& views,
                                 const Knowledge& knowledge) {
  const Circuit* circuit = c.find(test.circuit);
  const auto known = knowledge.find(test.circuit);
  if (!circuit || known == knowledge.end()) {
    return std::nullopt;
  }
  const auto cls = classOf(*circuit, test);
  if (!cls) {
    return std::nullopt;
  }
  Profile out;
  out.kind = cls->kind;
  out.unit = circuit::unitOf(cls->kind);
  out.title = profileTitle(*cls);
  addPoints(out, c, *circuit, *cls, known->second);
  addReadings(out, c, *circuit, *cls, views);
  findCliff(out, *circuit);
  return out;
}

}  // namespace haybale::diagnosis
