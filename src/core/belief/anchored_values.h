// Values of a vehicle that no good wheel has told, some of them put where the suspect's own
// readings would have them if it were sound.
//
// A belief knows a vehicle's values by some dozens of sets. Where a value is known by no more than
// common practice the sets lie wide apart, and a coil of 2500 ohm, which is rare but sound, lies
// near none of them: every further reading of it would be held against all that leaves the coil
// alone, and a fault with a severity of its own, which moves with the readings, would win by that
// alone. Most of the sets are therefore drawn where the readings are, and each set carries the
// weight that makes up for where it was drawn (importance sampling: usual density over density of
// drawing), so that nothing becomes likelier by it.
#pragma once

#include <vector>

#include "core/circuit/predict.h"
#include "core/job/case.h"

namespace haybale::diagnosis {

/// Moves some of `values`, drawn for `circuit`, and returns a weight for each, 1 on average. Coil,
/// bias or supply, and source, sense or pull-up are moved, each unless a good wheel told it within
/// a fifth; only by numbers that are neither withdrawn nor void.
std::vector<double> anchorValues(const job::Case& c, const circuit::Circuit& circuit,
                                 std::vector<circuit::ParameterPoint>& values);

}  // namespace haybale::diagnosis
