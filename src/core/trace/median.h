// The middle of a set of values, of many and of few.
#pragma once

#include <cstddef>
#include <vector>

namespace haybale::trace {

/// Median; NaN of an empty set. Reorders `values`.
[[nodiscard]] double median(std::vector<double>& values);

/// The same of a handful of values, which it sorts where they lie. REQUIRES: count > 0.
[[nodiscard]] double medianOfFew(double* values, std::size_t count);

}  // namespace haybale::trace
