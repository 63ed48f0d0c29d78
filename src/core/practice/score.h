// Points of a practice case.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/test.h"
#include "core/practice/shortest_way.h"

namespace haybale::practice {

/// One step and what it was worth when it was made.
struct Step {
  circuit::Test test;
  double worthBits = 0;
  double bestBits = 0;  ///< of the step that would have told most for its minutes
  std::string better;   ///< that step in words; empty when this one was as good
  std::string shown;    ///< what it gave
  /// Where suspicion stood behind it: elements and shares, the likeliest first, three at most.
  std::vector<std::pair<std::string, double>> suspects;
  std::vector<std::string> traps;  ///< what this reading does not prove, and was met
};

struct Score {
  bool right = false;
  int points = 0;  ///< 0 to 100
  double minutes = 0;
  double bestMinutes = 0;  ///< of the shortest sensible way
  double spent = 0;        ///< on parts and work
  double wasted = 0;       ///< of that, on what was not wrong
  int wrongParts = 0;
  int guessedParts = 0;  ///< fitted before the readings spoke for it, right or wrong
  int holes = 0;
  int hints = 0;
  std::vector<Step> steps;
  Way best;  ///< the shortest sensible way, step by step
};

/// 100 for the shortest sensible way; up to 35 fewer for minutes beyond a quarter more than that,
/// 25 for each part fitted before the readings spoke for it and 15 more for each that was not
/// wrong, up to 15 for money wasted, 4 for a hole, 4 for a hint. A right verdict has at least 31, a
/// wrong one at most 30.
[[nodiscard]] int pointsOf(const Score& score);

/// Penalty of a stated probability `sure` that came true or not: Brier's score, 0 (sure and right)
/// to 1 (sure and wrong). G. W. Brier, "Verification of forecasts expressed in terms of
/// probability", Monthly Weather Review 78 (1950); from memory.
[[nodiscard]] double brier(double sure, bool right);

}  // namespace haybale::practice
