// Fixed charts, as the trade works down them: the same order whatever is found, no model, compare
// with the good wheel.
#pragma once

#include <functional>
#include <optional>
#include <string>

#include "core/job/case.h"

namespace haybale::bench {

/// The vehicle: the reading of a test, empty when it cannot be made.
using Answers = std::function<std::optional<job::Reading>(const circuit::Test&)>;

struct ChartResult {
  std::string element;  ///< what it blames; empty: nothing found
  double minutes = 0;
  int tests = 0;
};

/// Which order is worked down.
enum class ChartOrder {
  /// The trade's whole order of work (common practice, no source): codes, live speeds, module and
  /// its plug, a look along the line without disturbing it, the whole circuit from the module plug
  /// (or the supply at the sensor), each wire to ground, the sensor alone, then from plug to plug
  /// towards the module until it changes; the trace; a good sensor on the suspect line; then every
  /// part flexed in turn.
  whole,
  /// The same by somebody in a hurry: no looking, no substituting.
  measuringOnly,
};

/// Works down a chart on a vehicle. `c` has the good wheel's readings as evidence.
[[nodiscard]] ChartResult workDownTheChart(job::Case c, Answers vehicle, ChartOrder order);

}  // namespace haybale::bench
