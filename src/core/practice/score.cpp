#include "core/practice/score.h"

#include <algorithm>
#include <cmath>

namespace haybale::practice {

int pointsOf(const Score& s) {
  const double over =
      std::max(0.0, s.minutes - 1.25 * s.bestMinutes) / std::max(5.0, s.bestMinutes);
  double points = 100;
  points -= 35 * (1 - std::exp(-over / 1.5));
  points -= 25 * s.guessedParts + 15 * s.wrongParts;
  points -= 15 * (1 - std::exp(-s.wasted / 200));
  points -= 4 * s.holes;
  points -= std::min(40, 4 * s.hints);
  const int rounded = static_cast<int>(std::lround(std::max(0.0, points)));
  return s.right ? std::clamp(rounded, 31, 100) : std::min(30, static_cast<int>(0.3 * rounded));
}

double brier(double sure, bool right) {
  const double off = (right ? 1.0 : 0.0) - sure;
  return off * off;
}

}  // namespace haybale::practice
