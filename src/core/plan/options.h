// What may be done now, with its odds, its price and its time: acting on what is suspected,
// measuring first, or stopping. The owner decides.
#pragma once

#include <string>
#include <vector>

#include "core/plan/next_move.h"

namespace haybale::diagnosis {

struct Option {
  std::string element;  ///< what would be repaired; empty: measuring or stopping
  double odds = 0;      ///< probability that it cures
  double price = 0;     ///< parts and work, in the currency of the case's costs
  double hours = 0;
  double expected = 0;  ///< price, and what a miss costs beside it: the same work once more
  std::string text;     ///< one sentence
};

/// The likeliest repairs (from 10 % on, at most three), then measuring first when a test is left,
/// then stopping. Hours of a repair: common practice, no source: a sensor 0.5, a ring or
/// bearing 1.5, wiring or a plug 1, a module 1, each with the access minutes of the element.
[[nodiscard]] std::vector<Option> optionsOf(const job::Case& c, const Conclusion& conclusion,
                                            const std::vector<Proposal>& proposals);

}  // namespace haybale::diagnosis
