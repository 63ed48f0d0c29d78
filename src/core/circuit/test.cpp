#include "core/circuit/test.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>
#include <string_view>

#include "core/base/say.h"

namespace haybale::circuit {

units::Unit unitOf(TestKind kind) {
  switch (kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return units::Unit::ohm;
    case TestKind::dcVoltage:
    case TestKind::acVoltage:
      return units::Unit::volt;
    case TestKind::current:
      return units::Unit::ampere;
    default:
      return units::Unit::none;
  }
}

bool CarState::isUnplugged(std::string_view id) const {
  return std::find(unplugged.begin(), unplugged.end(), id) != unplugged.end();
}

Key defaultKey(TestKind kind) {
  return kind == TestKind::resistance || kind == TestKind::loop ? Key::off : Key::on;
}

Reach reachFrom(const Circuit& circuit, const Place& place, const CarState& state) {
  Reach reach;
  const auto here = circuit.indexOf(place.element);
  if (!place.onLine() || !here) {
    return reach;
  }
  const bool onModuleSide =
      place.kind == Place::Kind::moduleSide || place.kind == Place::Kind::modulePins;
  const bool onWheelSide =
      place.kind == Place::Kind::wheelSide || place.kind == Place::Kind::modulePlug;
  const bool apartHere = state.isUnplugged(place.element);
  reach.module = !(apartHere && onWheelSide);
  reach.sensor = !(apartHere && onModuleSide);
  for (std::size_t i = 0; i < circuit.path.size(); ++i) {
    if (!state.isUnplugged(circuit.path[i].id)) {
      continue;
    }
    if (i < *here) {
      reach.module = false;
    } else if (i > *here) {
      reach.sensor = false;
    }
  }
  return reach;
}

std::string leadsText(const Test& test) {
  const auto end = [](const std::optional<Probe>& probe) -> std::string {
    if (!probe) {
      return say("ground");
    }
    if (!probe->place.onLine()) {
      return probe->place.kind == Place::Kind::ground ? say("ground") : say("battery plus");
    }
    return probe->wire
               ? say("wire ") + std::string(kWireNames[static_cast<std::size_t>(*probe->wire)])
               : say("wire");
  };
  if (!test.red) {
    return "";
  }
  std::string black = end(test.black);
  if (test.black && test.black->place.onLine() && !(test.black->place == test.red->place)) {
    black += say(" at ") + spoken(test.black->place);
  } else if (black.starts_with("wire ")) {
    black = black.substr(5);
  }
  return end(test.red) + say(" to ") + black;
}

std::string stateText(const CarState& state) {
  std::string text = state.key == Key::on ? say("key on") : say("key off");
  for (const auto& id : state.unplugged) {
    text += sayf(", {} unplugged", id);
  }
  if (state.unplugged.empty()) {
    text += say(", all plugged in");
  }
  if (!state.batteryConnected) {
    text += say(", battery off");
  }
  if (state.jumper) {
    text += say(", jumper at ") + spoken(*state.jumper);
  }
  if (state.inject) {
    text += sayf(", {:.4g} Hz fed in at {}", state.inject->hz, spoken(state.inject->place));
  }
  if (state.wheel != WheelMotion::still) {
    text += sayf(", wheel {}", sayName(kWheelMotionNames[static_cast<std::size_t>(state.wheel)]));
    if (state.speedKmh) {
      text += sayf(" at {}", units::format(*state.speedKmh, units::Unit::kmh, 2));
    }
  }
  return text;
}

std::string spoken(const Test& test) {
  const std::string kind = test.kind == TestKind::other
                               ? test.kindText
                               : std::string(kTestKindNames[static_cast<std::size_t>(test.kind)]);
  std::string text = sayName(kind);
  if (test.red) {
    text += ", " + leadsText(test);
    if (test.red->place.onLine()) {
      text += ", " + spoken(test.red->place);
    }
  }
  return text + "; " + stateText(test.state);
}

namespace {

bool electrical(TestKind kind) {
  return unitOf(kind) != units::Unit::none || kind == TestKind::lamp || kind == TestKind::waveform;
}

// At another frequency it is the same test.
std::optional<Place> injectedAt(const Test& t) {
  return t.state.inject ? std::optional(t.state.inject->place) : std::nullopt;
}

}  // namespace

namespace {

// In any order, and however often one is named: asked of thousands of pairs of tests, nearly all of
// which have none, or one, apart.
bool sameApart(const std::vector<std::string>& a, const std::vector<std::string>& b) {
  if (a.size() < 2 && b.size() < 2) {
    return a == b;
  }
  return std::set<std::string_view>(a.begin(), a.end()) ==
         std::set<std::string_view>(b.begin(), b.end());
}

}  // namespace

bool sameTest(const Test& a, const Test& b) {
  if (a.kind != b.kind || a.circuit != b.circuit) {
    return false;
  }
  // A lead left away means ground for volts.
  const auto lead = [](const std::optional<Probe>& p) {
    return p.value_or(Probe{{Place::Kind::ground, ""}, std::nullopt});
  };
  const bool leads = electrical(a.kind) || a.kind == TestKind::wiggle
                         ? lead(a.red) == lead(b.red) && lead(a.black) == lead(b.black)
                         : true;
  return leads && a.looked == b.looked && a.state.key == b.state.key &&
         a.state.wheel == b.state.wheel && sameApart(a.state.unplugged, b.state.unplugged) &&
         a.state.jumper == b.state.jumper && a.state.swap == b.state.swap &&
         injectedAt(a) == injectedAt(b) && a.state.disturb == b.state.disturb;
}

}  // namespace haybale::circuit
