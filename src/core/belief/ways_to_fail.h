// What may be wrong with a circuit: every element and way to fail, with its prior.
#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/job/case.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::diagnosis {

/// Where a leg was pierced, by its id: a fault in it may lie before or behind each hole.
using Holes = std::map<std::string, std::vector<double>, std::less<>>;
[[nodiscard]] Holes holesIn(const job::Case& c, const circuit::Circuit& circuit);

/// All hypotheses on `circuit`, `none` first and `other` last; priors sum to 1, from the table of
/// priors, the zones, the complaint, the history, the counter and closed jobs. A pierced leg has
/// its faults once in each piece between two holes, by the piece's length.
[[nodiscard]] std::vector<Hypothesis> allHypotheses(const job::Case& c,
                                                    const circuit::Circuit& circuit);

/// The same for the circuit in question. REQUIRES: there is one.
[[nodiscard]] std::vector<Hypothesis> waysToFail(const job::Case& c);

}  // namespace haybale::diagnosis
