// Ways for an element of the line to be wrong, as the circuit model takes them.
#pragma once

#include <string>

#include "core/circuit/line.h"

namespace haybale::circuit {

enum class FaultKind {
  series,         ///< resistance in one wire, milliohms to open
  wiresTouching,  ///< between wires a and b
  leakToGround,
  leakToSupply,    ///< to the vehicle's battery plus
  coil,            ///< the coil has `ohm` at 20 C instead; less than it should: shorted turns
  sensorDead,      ///< an active or Hall sensor that draws nothing
  sensorReversed,  ///< the sensor's two wires exchanged in itself
  crossed,         ///< wires a and b exchanged from this element on
  noSupply         ///< the module does not feed its pins: dead output, or latched off
};

/// One fault with its severity.
struct LineFault {
  std::string element;
  FaultKind kind = FaultKind::series;
  WireId wire = WireId::a;  ///< series and leaks only
  double ohm = 0;           ///< severity; without meaning for the last four kinds
  /// Leaks and touching wires: volts that have to stand across the place before it conducts at all
  /// (electrochemical). 0: an ordinary resistor.
  double thresholdV = 0;
  /// Where in the element: 0 its module end, 1 its wheel end.
  double along = 0.5;
};

}  // namespace haybale::circuit
