#include "core/evidence/quantity_of.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Place;
using circuit::Test;
using circuit::TestKind;
using judging::Quantity;

namespace {

bool isResistance(TestKind kind) {
  return kind == TestKind::resistance || kind == TestKind::loop;
}

}  // namespace

bool acrossThePair(const Test& test) {
  return test.red && test.black && test.red->wire && test.black->wire &&
         *test.red->wire != *test.black->wire;
}

bool toGround(const Test& test) {
  return test.red && test.red->wire &&
         (!test.black || test.black->place.kind == Place::Kind::ground);
}

std::optional<Quantity> quantityOf(const Circuit& circuit, const Test& test) {
  if (!test.red || !test.red->place.onLine()) {
    return std::nullopt;
  }
  const auto reach = circuit::reachFrom(circuit, test.red->place, test.state);
  if (isResistance(test.kind)) {
    const bool sameWire = test.black && test.black->wire && test.red->wire == test.black->wire;
    if ((test.state.jumper && acrossThePair(test)) || sameWire) {
      return Quantity::wireContinuity;
    }
    if (acrossThePair(test) && reach.sensor && !reach.module &&
        circuit.sensor.kind == circuit::SensorKind::passive) {
      return Quantity::coilResistance;
    }
    if ((acrossThePair(test) && !reach.sensor && !reach.module) ||
        (toGround(test) && !reach.module)) {
      return Quantity::wireInsulation;
    }
    return std::nullopt;
  }
  if (test.kind == TestKind::acVoltage && circuit.sensor.kind == circuit::SensorKind::passive) {
    return Quantity::acOutput;
  }
  if (test.kind == TestKind::dcVoltage && reach.module && !reach.sensor &&
      test.state.key == circuit::Key::on) {
    return Quantity::biasUnplugged;
  }
  return std::nullopt;
}

}  // namespace haybale::diagnosis
