#include "core/plan/test_effort.h"

#include <algorithm>
#include <set>

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::ElementKind;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;

namespace {

bool has(const std::vector<std::string>& list, std::string_view what) {
  return std::find(list.begin(), list.end(), what) != list.end();
}

// A place that lies bare once the connector it belongs to is apart.
bool bareWhenApart(const Circuit& circuit, const Test& test, const Place& place) {
  if (place.kind == Place::Kind::sensor) {
    const auto* joint = circuit.sensorConnector();
    return joint && test.state.isUnplugged(joint->id);
  }
  return test.state.isUnplugged(place.element);
}

Intrusion touch(const Circuit& circuit, const Test& test, const std::optional<Probe>& probe) {
  if (!probe || !probe->place.onLine() || bareWhenApart(circuit, test, probe->place)) {
    return Intrusion::none;
  }
  const bool within =
      probe->place.kind == Place::Kind::along && probe->place.along > 0 && probe->place.along < 1;
  return within ? Intrusion::pierce : Intrusion::backProbe;
}

std::set<std::string> reached(const job::Case& c, const Test& test) {
  std::set<std::string> out;
  const Circuit* circuit = c.find(test.circuit);
  const auto add = [&](const std::string& name, const std::string& id) {
    if (!id.empty()) {
      out.insert(name + "/" + id);
    }
  };
  for (const auto* probe : {&test.red, &test.black}) {
    if (*probe && (*probe)->place.onLine()) {
      add(test.circuit, (*probe)->place.element);
    }
  }
  for (const auto& id : test.state.unplugged) {
    add(test.circuit, id);
  }
  if (test.state.jumper) {
    add(test.circuit, test.state.jumper->element);
  }
  if (test.state.inject) {
    add(test.circuit, test.state.inject->place.element);
  }
  if (test.state.disturb) {
    add(test.circuit, test.state.disturb->element);
  }
  add(test.circuit, test.looked);
  if (test.kind == TestKind::benchSensor && circuit) {
    if (const auto* sensor = circuit->first(ElementKind::sensor)) {
      add(test.circuit, sensor->id);
    }
  }
  if (test.state.swap) {
    for (const auto& name : {test.state.swap->sensorOf, test.state.swap->into}) {
      const Circuit* other = c.find(name);
      const auto* joint = other ? other->sensorConnector() : nullptr;
      add(name, joint ? joint->id : "");
    }
  }
  return out;
}

constexpr double kBareMinutes = 1;
constexpr double kUnknownMinutes = 5;

std::set<std::string> laidBare(const job::Case& c) {
  std::set<std::string> out;
  for (const auto& e : c.evidence) {
    out.merge(reached(c, e.test));
  }
  return out;
}

double accessMinutes(const job::Case& c, const std::string& place) {
  const std::size_t slash = place.find('/');
  const Circuit* circuit = c.find(place.substr(0, slash));
  const auto* e = circuit ? circuit->find(place.substr(slash + 1)) : nullptr;
  return e ? e->accessMinutes : kUnknownMinutes;
}

}  // namespace

std::map<std::string, double> laysBare(const job::Case& c, const Test& test) {
  const auto bare = laidBare(c);
  std::map<std::string, double> out;
  for (const auto& place : reached(c, test)) {
    const double spared = accessMinutes(c, place) - kBareMinutes;
    if (!bare.contains(place) && spared > 0) {
      out.emplace(place, spared);
    }
  }
  return out;
}

Intrusion intrusionOf(const Circuit& circuit, const Test& test) {
  Intrusion most = std::max(touch(circuit, test, test.red), touch(circuit, test, test.black));
  const bool apart = !test.state.unplugged.empty() || test.state.swap || test.state.jumper ||
                     test.kind == TestKind::benchSensor;
  return std::max(most, apart ? Intrusion::unplug : Intrusion::none);
}

bool permitted(const job::Case& c, const Circuit& circuit, const Test& test) {
  const auto tool = [&](std::string_view name) { return has(c.toolbox, name); };
  bool tools = true;
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::dcVoltage:
    case TestKind::acVoltage:
    case TestKind::current:
    case TestKind::benchSensor:
      tools = tool("multimeter");
      break;
    case TestKind::loop:
      tools = tool("multimeter") && tool("jumper-leads");
      break;
    case TestKind::lamp:
      tools = tool("test-lamp");
      break;
    case TestKind::waveform:
      tools = tool("scope");
      break;
    case TestKind::codes:
    case TestKind::liveSpeed:
      tools = tool("scan-tool");
      break;
    case TestKind::wiggle:
      tools = test.red ? tool("multimeter") || tool("scope") : tool("scan-tool");
      break;
    case TestKind::inspect:
    case TestKind::other:
      break;
  }
  if ((test.state.swap || test.state.jumper) && !tool("jumper-leads")) {
    return false;
  }
  if (test.state.inject && !tool("signal-source")) {
    return false;
  }
  if (!tools) {
    return false;
  }
  // Each way of touching that is needed must be allowed, not only the most invasive.
  const bool apart = !test.state.unplugged.empty() || test.state.swap || test.state.jumper ||
                     test.kind == TestKind::benchSensor;
  if (apart && !has(c.allowed, "unplug")) {
    return false;
  }
  for (const auto* probe : {&test.red, &test.black}) {
    const Intrusion need = touch(circuit, test, *probe);
    if (need != Intrusion::none &&
        !has(c.allowed, kIntrusionNames[static_cast<std::size_t>(need)])) {
      return false;
    }
  }
  return true;
}

Stance stanceOf(const Circuit& circuit, const Test& test) {
  if (test.state.wheel == WheelMotion::driven) {
    return Stance::driving;
  }
  const auto below = [&](const std::string& id) {
    const auto* e = circuit.find(id);
    return e && e->kind != ElementKind::module && e->zone != circuit::Zone::cabin &&
           e->zone != circuit::Zone::engineBay && e->zone != circuit::Zone::unknown;
  };
  // Where a lead is held one stands, whoever turns the wheel.
  const bool turnedOnly = test.state.wheel == WheelMotion::spun && !test.red;
  bool under = turnedOnly || test.state.swap || below(test.looked) ||
               test.kind == TestKind::benchSensor ||
               (test.state.disturb && below(test.state.disturb->element)) ||
               (test.state.jumper && below(test.state.jumper->element)) ||
               (test.state.inject && below(test.state.inject->place.element));
  for (const auto* probe : {&test.red, &test.black}) {
    under = under || (*probe && below((*probe)->place.element));
  }
  for (const auto& id : test.state.unplugged) {
    under = under || below(id);
  }
  return under ? Stance::atWheel : Stance::atModule;
}

double minutesOf(const job::Case& c, const Test& test) {
  double minutes = 1;
  switch (test.kind) {
    case TestKind::codes:
    case TestKind::wiggle:
    case TestKind::benchSensor:
      minutes = 2;
      break;
    case TestKind::liveSpeed:
    case TestKind::loop:
      minutes = 1.5;
      break;
    case TestKind::waveform:
      minutes = 3;
      break;
    case TestKind::inspect:
      minutes = isPull(test) ? 1 : 0.5;
      break;
    default:
      break;
  }
  const auto bare = laidBare(c);
  for (const auto& place : reached(c, test)) {
    minutes += bare.contains(place) ? kBareMinutes : accessMinutes(c, place);
  }
  minutes += test.state.wheel == WheelMotion::spun     ? 1
             : test.state.wheel == WheelMotion::driven ? 6
                                                       : 0;
  minutes += test.state.swap || test.state.inject ? 5 : 0;
  const auto hole = [](const std::optional<Probe>& p) {
    return p && p->place.kind == Place::Kind::along && p->place.along > 0 && p->place.along < 1;
  };
  minutes += (hole(test.red) ? 2 : 0) + (hole(test.black) ? 2 : 0);
  const bool wetOrHot =
      test.state.disturb && (test.state.disturb->kind == circuit::DisturbKind::wet ||
                             test.state.disturb->kind == circuit::DisturbKind::heat);
  return minutes + (wetOrHot ? 2 : 0);
}

}  // namespace haybale::diagnosis
