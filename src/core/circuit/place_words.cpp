#include "core/circuit/place_words.h"

#include <fmt/format.h>

#include "core/base/say.h"

namespace haybale::circuit {

namespace {

// Where a plug, a joint or wires run.
std::string_view whereabouts(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return say(" in the cabin");
    case Zone::engineBay:
      return say(" in the engine bay");
    case Zone::underbody:
      return say(" under the body");
    case Zone::wheelhouse:
      return say(" in the wheelhouse");
    case Zone::flex:
      return say(" at the bend by the wheel");
    case Zone::unknown:
      break;
  }
  return "";
}

std::string_view zoneBefore(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return say("cabin ");
    case Zone::engineBay:
      return say("engine bay ");
    case Zone::underbody:
      return say("underbody ");
    case Zone::wheelhouse:
      return say("wheelhouse ");
    case Zone::flex:
      return say("wheel bend ");
    case Zone::unknown:
      break;
  }
  return "";
}

bool isOneOfAKind(ElementKind kind) {
  return kind == ElementKind::module || kind == ElementKind::sensor || kind == ElementKind::ring;
}

std::string_view half(const Place& place) {
  return place.kind == Place::Kind::moduleSide  ? say(", module half")
         : place.kind == Place::Kind::wheelSide ? say(", wheel half")
                                                : "";
}

// Along a leg or a joint: which end, or how far from the module.
std::string along(const Place& place) {
  return place.along <= 0   ? say("the module end of ")
         : place.along >= 1 ? say("the wheel end of ")
                            : sayf("{:.0f} % along ", 100 * place.along);
}

}  // namespace

std::string plainName(const Element& e) {
  if (!e.label.empty()) {
    return e.label;
  }
  const std::string where(whereabouts(e.zone));
  switch (e.kind) {
    case ElementKind::module:
      return say("the module");
    case ElementKind::leg:
      return say("the wires") + where;
    case ElementKind::connector:
      return say("the plug") + where;
    case ElementKind::splice:
      return say("the joint") + where;
    case ElementKind::sensor:
      return say("the sensor");
    case ElementKind::ring:
      break;
  }
  return say("the ring");
}

std::string partInWords(const Circuit& circuit, const std::string& id) {
  const auto* e = circuit.find(id);
  return !e ? id : isOneOfAKind(e->kind) ? plainName(*e) : plainName(*e) + " (" + e->id + ")";
}

std::string placeInWords(const Circuit& circuit, const Place& place) {
  switch (place.kind) {
    case Place::Kind::modulePlug:
      return say("the module's plug");
    case Place::Kind::modulePins:
      return say("the module's own pins");
    case Place::Kind::moduleSide:
    case Place::Kind::wheelSide:
      return partInWords(circuit, place.element) + std::string(half(place));
    case Place::Kind::sensor:
      return say("the sensor");
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
    return sayf("the wires {} at the bend", e->id);
  }
  const char* const kind = e->kind == ElementKind::connector ? say("plug ")
                           : e->kind == ElementKind::splice  ? say("joint ")
                                                             : say("wires ");
  return sayf("the {}{}{}", zoneBefore(e->zone), kind, e->id);
}

std::string placeForTitle(const Circuit& circuit, const Place& place) {
  switch (place.kind) {
    case Place::Kind::moduleSide:
    case Place::Kind::wheelSide:
      return partForTitle(circuit, place.element) + std::string(half(place));
    case Place::Kind::along:
      return along(place) + partForTitle(circuit, place.element);
    case Place::Kind::modulePlug:
      return say("the module's plug");
    case Place::Kind::sensor:
      return say("the sensor");
    case Place::Kind::modulePins:
    case Place::Kind::ground:
    case Place::Kind::battery:
      break;
  }
  return spoken(place);
}

}  // namespace haybale::circuit
