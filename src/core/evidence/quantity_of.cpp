#include "core/evidence/quantity_of.h"

#include <algorithm>

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Place;
using circuit::Test;
using circuit::TestKind;
using judging::Quantity;

bool acrossThePair(const Test& test) {
  return test.red && test.black && test.red->wire && test.black->wire &&
         *test.red->wire != *test.black->wire;
}

bool toGround(const Test& test) {
  return test.red && test.red->wire &&
         (!test.black || test.black->place.kind == Place::Kind::ground);
}

namespace {

bool isResistance(TestKind kind) {
  return kind == TestKind::resistance || kind == TestKind::loop;
}

// Whether a connector is apart between two places of the line.
bool apartBetween(const Circuit& circuit, const Test& test, const Place& one, const Place& other) {
  const auto [from, to] =
      std::minmax({circuit::position(circuit, one), circuit::position(circuit, other)});
  for (std::size_t i = 0; i < circuit.path.size(); ++i) {
    const double plug = static_cast<double>(i) + 0.5;
    if (test.state.isUnplugged(circuit.path[i].id) && from < plug && plug < to) {
      return true;
    }
  }
  return false;
}

// A wire by itself, or both of them with a jumper at the far end: nothing may be apart on the way.
bool alongTheWires(const Circuit& circuit, const Test& test) {
  const bool there = test.red->wire && test.black && test.black->place.onLine();
  if (!there || apartBetween(circuit, test, test.red->place, test.black->place)) {
    return false;
  }
  if (test.red->wire == test.black->wire) {
    return true;
  }
  return test.state.jumper && acrossThePair(test) &&
         !apartBetween(circuit, test, test.red->place, *test.state.jumper);
}

std::optional<Quantity> ofOhms(const Circuit& circuit, const Test& test) {
  if (alongTheWires(circuit, test)) {
    return Quantity::wireContinuity;
  }
  const auto reach = circuit::reachFrom(circuit, test.red->place, test.state);
  if (reach.module) {
    return std::nullopt;
  }
  if (toGround(test)) {
    return Quantity::wireInsulation;
  }
  const bool pair = acrossThePair(test) && !test.state.jumper &&
                    !apartBetween(circuit, test, test.red->place, test.black->place);
  if (pair && !reach.sensor) {
    return Quantity::wireInsulation;
  }
  return pair && circuit.sensor.kind == circuit::SensorKind::passive
             ? std::optional(Quantity::coilResistance)
             : std::nullopt;
}

// The feed against ground or the return. The return against ground stands at zero where its pin is
// a ground and at a bias of its own where it is not: a limit of the feed says nothing of it.
bool atTheFeed(const Test& test) {
  return test.red->wire != circuit::WireId::b && (acrossThePair(test) || toGround(test));
}

}  // namespace

std::optional<Quantity> quantityOf(const Circuit& circuit, const Test& test) {
  if (!test.red || !test.red->place.onLine()) {
    return std::nullopt;
  }
  if (isResistance(test.kind)) {
    return ofOhms(circuit, test);
  }
  const auto reach = circuit::reachFrom(circuit, test.red->place, test.state);
  if (test.kind == TestKind::acVoltage) {
    const bool itsOwn = reach.sensor && !test.state.swap && !test.state.inject;
    return circuit.sensor.kind == circuit::SensorKind::passive && acrossThePair(test) && itsOwn
               ? std::optional(Quantity::acOutput)
               : std::nullopt;
  }
  const bool unplugged = test.kind == TestKind::dcVoltage && reach.module && !reach.sensor &&
                         test.state.key == circuit::Key::on;
  return unplugged && atTheFeed(test) ? std::optional(Quantity::biasUnplugged) : std::nullopt;
}

}  // namespace haybale::diagnosis
