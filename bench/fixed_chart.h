// A fixed chart, as the trade works down one: the same order whatever is found, no model, compare
// with the good wheel.
#pragma once

#include <string>

#include "core/sim/sim_vehicle.h"

namespace haybale::bench {

struct ChartResult {
  std::string element;  ///< what it blames; empty: nothing found
  double minutes = 0;
  int tests = 0;
};

/// Works down the chart on a vehicle. `c` has the good wheel's readings as evidence. Order: codes,
/// live speeds, the whole circuit from the module plug (or the supply at the sensor), each wire to
/// ground, the sensor alone, then from plug to plug towards the module until it changes; the trace;
/// then every part flexed in turn (order of work of the trade: common practice, no source).
[[nodiscard]] ChartResult workDownTheChart(job::Case c, sim::SimVehicle& vehicle);

}  // namespace haybale::bench
