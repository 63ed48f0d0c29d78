// Two faults at once, for when one will not explain every reading.
//
// Only the hypotheses that explain a good part of the evidence are paired, each at its best
// severity and values; a pair is weighed by the same likelihoods as a single fault, in a vehicle
// that has both. Minimal candidates of more than one fault as in de Kleer and Williams, "Diagnosing
// multiple faults", Artificial Intelligence 32 (1987), from memory.
#pragma once

#include <vector>

#include "core/belief/belief.h"

namespace haybale::diagnosis {

/// Two ways to fail that together explain what was read.
struct PairSuspect {
  std::size_t first = 0;   ///< index of a hypothesis of the belief
  std::size_t second = 0;  ///< another, after it
  double share = 0;        ///< probability, against all single faults and all other pairs
};

/// Pairs with a share of at least one in a hundred, the likeliest first.
[[nodiscard]] std::vector<PairSuspect> pairsOf(const Belief& belief);

}  // namespace haybale::diagnosis
