#include "core/circuit/place.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::circuit {

namespace {

Error noSuchPlace(std::string_view text, const Circuit& circuit) {
  std::string places;
  for (const auto& place : reachablePlaces(circuit)) {
    places += toText(place) + " ";
  }
  const std::string wanted =
      sayf("one of {}ground battery, or a leg with a fraction as L2@0.5", places);
  return {"", std::nullopt,
          sayf("there is no place \"{}\" on {}", text::shortened(text, 40), circuit.name), wanted};
}

const Element* findAnyCase(const Circuit& circuit, std::string_view id) {
  const std::string wanted = text::lower(id);
  for (const auto& e : circuit.path) {
    if (text::lower(e.id) == wanted) {
      return &e;
    }
  }
  return nullptr;
}

std::optional<Place> pierced(std::string_view text, std::size_t at, const Circuit& circuit) {
  const Element* e = findAnyCase(circuit, text.substr(0, at));
  const std::string_view number = text.substr(at + 1);
  double along = 0;
  const auto [end, status] =
      fast_float::from_chars(number.data(), number.data() + number.size(), along);
  const bool whole = status == std::errc() && end == number.data() + number.size();
  if (!e || (e->kind != ElementKind::leg && e->kind != ElementKind::splice) || !whole ||
      !(along >= 0 && along <= 1)) {
    return std::nullopt;
  }
  return Place{Place::Kind::along, e->id, along};
}

std::optional<Place> half(std::string_view text, std::size_t dot, const Circuit& circuit) {
  const Element* e = findAnyCase(circuit, text.substr(0, dot));
  const std::string side = text::lower(text.substr(dot + 1));
  if (!e) {
    return std::nullopt;
  }
  if (e->kind == ElementKind::module && side == "pins") {
    return Place{Place::Kind::modulePins, e->id};
  }
  if (e->kind != ElementKind::connector) {
    return std::nullopt;
  }
  if (side == "module-side" || side == "m" || side == "module") {
    return Place{Place::Kind::moduleSide, e->id};
  }
  if (side == "wheel-side" || side == "w" || side == "wheel") {
    return Place{Place::Kind::wheelSide, e->id};
  }
  return std::nullopt;
}

std::optional<Place> bare(std::string_view text, const Circuit& circuit) {
  const std::string word = text::lower(text);
  if (word == "ground" || word == "gnd" || word == "earth") {
    return Place{Place::Kind::ground, ""};
  }
  if (word == "battery" || word == "bat" || word == "battery+") {
    return Place{Place::Kind::battery, ""};
  }
  const Element* e = findAnyCase(circuit, text);
  if (!e && (word == "module" || word == "sensor")) {
    e = circuit.first(word == "module" ? ElementKind::module : ElementKind::sensor);
  }
  if (!e) {
    return std::nullopt;
  }
  switch (e->kind) {
    case ElementKind::module:
      return Place{Place::Kind::modulePlug, e->id};
    case ElementKind::connector:
      return Place{Place::Kind::moduleSide, e->id};
    case ElementKind::sensor:
      return Place{Place::Kind::sensor, e->id};
    case ElementKind::splice:
      return Place{Place::Kind::along, e->id, 0};
    case ElementKind::leg:
    case ElementKind::ring:
      return std::nullopt;
  }
  return std::nullopt;
}

}  // namespace

Result<Place> parsePlace(std::string_view typed, const Circuit& circuit) {
  const std::string_view text = text::trimmed(typed);
  std::optional<Place> place;
  if (const auto at = text.find('@'); at != std::string_view::npos) {
    place = pierced(text, at, circuit);
  } else if (const auto dot = text.find('.'); dot != std::string_view::npos) {
    place = half(text, dot, circuit);
  } else {
    place = bare(text, circuit);
  }
  if (!place) {
    return noSuchPlace(text, circuit);
  }
  return *place;
}

std::string toText(const Place& place) {
  switch (place.kind) {
    case Place::Kind::modulePlug:
    case Place::Kind::sensor:
      return place.element;
    case Place::Kind::modulePins:
      return place.element + ".pins";
    case Place::Kind::moduleSide:
      return place.element + ".module-side";
    case Place::Kind::wheelSide:
      return place.element + ".wheel-side";
    case Place::Kind::along:
      return fmt::format("{}@{}", place.element, place.along);
    case Place::Kind::ground:
      return "ground";
    case Place::Kind::battery:
      return "battery";
  }
  return "";
}

std::string spoken(const Place& place) {
  switch (place.kind) {
    case Place::Kind::modulePlug:
      return say("module plug");
    case Place::Kind::modulePins:
      return say("module pins");
    case Place::Kind::moduleSide:
      return place.element + say(", module half");
    case Place::Kind::wheelSide:
      return place.element + say(", wheel half");
    case Place::Kind::sensor:
      return say("sensor");
    case Place::Kind::along:
      return sayf("{}, {:.0f} % along", place.element, place.along * 100);
    case Place::Kind::ground:
      return say("a known good ground");
    case Place::Kind::battery:
      return say("battery plus");
  }
  return "";
}

std::vector<Place> reachablePlaces(const Circuit& circuit) {
  std::vector<Place> places;
  for (const auto& e : circuit.path) {
    switch (e.kind) {
      case ElementKind::module:
        places.push_back({Place::Kind::modulePlug, e.id});
        break;
      case ElementKind::connector:
        places.push_back({Place::Kind::moduleSide, e.id});
        places.push_back({Place::Kind::wheelSide, e.id});
        break;
      case ElementKind::sensor:
        places.push_back({Place::Kind::sensor, e.id});
        break;
      case ElementKind::leg:
      case ElementKind::splice:
      case ElementKind::ring:
        break;
    }
  }
  return places;
}

double position(const Circuit& circuit, const Place& place) {
  const auto index = circuit.indexOf(place.element);
  if (!place.onLine() || !index) {
    return -1;
  }
  const double base = static_cast<double>(*index);
  switch (place.kind) {
    case Place::Kind::modulePins:
      return base;
    case Place::Kind::modulePlug:
      return base + 0.9;
    case Place::Kind::moduleSide:
      return base + 0.1;
    case Place::Kind::wheelSide:
      return base + 0.9;
    case Place::Kind::sensor:
      return base + 0.1;
    case Place::Kind::along:
      return base + place.along;
    case Place::Kind::ground:
    case Place::Kind::battery:
      break;
  }
  return -1;
}

}  // namespace haybale::circuit
