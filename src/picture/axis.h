// Steps and ticks of an axis.
#pragma once

#include <vector>

namespace haybale::picture {

/// A step of 1, 2 or 5 times a power of ten, about `wanted` long.
[[nodiscard]] double niceStep(double wanted);

/// The multiples of `step` within [low, high], at most 200 of them; zero is exactly 0.
[[nodiscard]] std::vector<double> ticks(double low, double high, double step);

}  // namespace haybale::picture
