// What a module's check with the car standing makes of one of its lines. It looks at the volts of
// its own pins and, for a pair of biased wires, at the loop they should be (a module that biases
// both wires alike tests it by a current of its own). Common practice, no source; its thresholds
// are the priors `monitor-*`.
#pragma once

#include <span>

#include "core/circuit/predict.h"

namespace haybale::diagnosis {

/// Probabilities of the codes that are set within seconds of key-on; together at most 1.
struct ModuleCheck {
  double open = 0;         ///< open circuit
  double shortGround = 0;  ///< short to ground, or the wires to each other
  double shortSupply = 0;  ///< short to supply
};

/// A line as it is at the moment of the check.
struct CheckedLine {
  const circuit::Circuit& circuit;
  const circuit::ParameterPoint& values;
  std::span<const circuit::LineFault> faults;
  /// Plugs that are apart and jumpers that stand in; key and wheel do not matter.
  circuit::CarState state = {};
};

/// Nothing is checked on a line with a Hall sensor: no current flows that would tell.
[[nodiscard]] ModuleCheck moduleCheck(const CheckedLine& line);

}  // namespace haybale::diagnosis
