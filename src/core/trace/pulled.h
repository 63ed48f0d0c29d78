// What a level at which no signal stands says of the line: open, or pulled to something.
#pragma once

#include "core/trace/analysis.h"

namespace haybale::trace {

/// What was measured, as far as it decides what a level means.
struct LineAt {
  double rest = 0;       ///< with the line whole, in the channel's unit
  double slack = 0;      ///< so near to it a level says nothing
  bool current = false;  ///< amperes, or volts over a resistor in the return
  bool coil = false;     ///< a coil about its bias
};

/// Whether the line at `level` is pulled to ground or supply, or shorted, rather than open. A
/// current falls to nothing when the line opens and grows when it is shorted. The volts of a coil
/// or of a feed rise to their unloaded level when it opens, and fall to ground or go beyond any
/// bias to the supply when they touch it.
[[nodiscard]] bool isPulled(double level, const LineAt& line);

}  // namespace haybale::trace
