// Writes a circuit, its state, its faults and the meter as a netlist for a general circuit
// simulator. Written from the description of the model (src/core/circuit/*.h), not from its code:
// nodes are named by their place, and nothing of the solver is used.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/predict.h"

namespace haybale::test {

struct SpiceRun {
  std::string netlist;
  bool ac = false;
};

/// One operating point, or one frequency. `high` is what an active or Hall sensor does. `range` is
/// the ohmmeter's.
[[nodiscard]] SpiceRun spiceNetlist(const circuit::Circuit& circuit,
                                    const circuit::ParameterPoint& p, const circuit::Test& test,
                                    const std::vector<circuit::LineFault>& faults, bool high,
                                    const circuit::Meter& meter);

/// Voltage of red over black in volts (its amount for ac runs), as ngspice finds it; NaN when it
/// gave none.
[[nodiscard]] std::vector<double> runSpice(const std::vector<SpiceRun>& runs,
                                           const std::string& folder);

}  // namespace haybale::test
