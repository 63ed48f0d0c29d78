#include "core/circuit/place_words.h"

#include <fmt/format.h>

namespace haybale::circuit {

namespace {

// Where a plug, a joint or wires run.
std::string_view whereabouts(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return " in the cabin";
    case Zone::engineBay:
      return " in the engine bay";
    case Zone::underbody:
      return " under the body";
    case Zone::wheelhouse:
      return " in the wheelhouse";
    case Zone::flex:
      return " at the bend by the wheel";
    case Zone::unknown:
      break;
  }
  return "";
}

std::string_view zoneBefore(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return "cabin ";
    case Zone::engineBay:
      return "engine bay ";
    case Zone::underbody:
      return "underbody ";
    case Zone::wheelhouse:
      return "wheelhouse ";
    case Zone::flex:
      return "wheel bend ";
    case Zone::unknown:
      break;
  }
  return "";
}

bool isOneOfAKind(ElementKind kind) {
  return kind == ElementKind::module || kind == ElementKind::sensor || kind == ElementKind::ring;
}

std::string_view half(const Place& place) {
  return place.kind == Place::Kind::moduleSide  ? ", module half"
         : place.kind == Place::Kind::wheelSide ? ", wheel half"
                                                : "";
}

// Along a leg or a joint: which end, or how far from the module.
std::string along(const Place& place) {
  return place.along <= 0   ? "the module end of "
         : place.along >= 1 ? "the wheel end of "
                            : fmt::format("{:.0f} % along ", 100 * place.along);
}

}  // namespace

std::string plainName(const Element& e) {
  if (!e.label.empty()) {
    return e.label;
  }
  const std::string where(whereabouts(e.zone));
  switch (e.kind) {
    case ElementKind::module:
      return "the module";
    case ElementKind::leg:
      return "the wires" + where;
    case ElementKind::connector:
      return "the plug" + where;
    case ElementKind::splice:
      return "the joint" + where;
    case ElementKind::sensor:
      return "the sensor";
    case ElementKind::ring:
      break;
  }
  return "the ring";
}

std::string partInWords(const Circuit& circuit, const std::string& id) {
  const auto* e = circuit.find(id);
  return !e ? id : isOneOfAKind(e->kind) ? plainName(*e) : plainName(*e) + " (" + e->id + ")";
}

std::string placeInWords(const Circuit& circuit, const Place& place) {
  switch (place.kind) {
    case Place::Kind::modulePlug:
      return "the module's plug";
    case Place::Kind::modulePins:
      return "the module's own pins";
    case Place::Kind::moduleSide:
    case Place::Kind::wheelSide:
      return partInWords(circuit, place.element) + std::string(half(place));
    case Place::Kind::sensor:
      return "the sensor";
    case Place::Kind::along:
      return along(place) + partInWords(circuit, place.element);
    case Place::Kind::ground:
    case Place::Kind::battery:
      break;
  }
  return spoken(place);
}

std::string partForTitle(const Circuit& circuit, const std::string& id) {
  const auto* e = circuit.find(id);
  if (!e || isOneOfAKind(e->kind)) {
    return e ? plainName(*e) : id;
  }
  if (e->zone == Zone::flex && e->kind == ElementKind::leg) {
    return "the wires " + e->id + " at the bend";
  }
  const std::string kind = e->kind == ElementKind::connector ? "plug "
                           : e->kind == ElementKind::splice  ? "joint "
                                                             : "wires ";
  return "the " + std::string(zoneBefore(e->zone)) + kind + e->id;
}

std::string placeForTitle(const Circuit& circuit, const Place& place) {
  switch (place.kind) {
    case Place::Kind::moduleSide:
    case Place::Kind::wheelSide:
      return partForTitle(circuit, place.element) + std::string(half(place));
    case Place::Kind::along:
      return along(place) + partForTitle(circuit, place.element);
    case Place::Kind::modulePlug:
      return "the module's plug";
    case Place::Kind::sensor:
      return "the sensor";
    case Place::Kind::modulePins:
    case Place::Kind::ground:
    case Place::Kind::battery:
      break;
  }
  return spoken(place);
}

}  // namespace haybale::circuit
