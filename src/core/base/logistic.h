// The logistic function: a threshold that is not sharp, as a probability.
#pragma once

#include <cmath>

namespace haybale {

/// Between 0 and 1; 1/2 at 0.
[[nodiscard]] inline double logistic(double x) {
  return 1 / (1 + std::exp(-x));
}

}  // namespace haybale
