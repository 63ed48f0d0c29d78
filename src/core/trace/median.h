// The middle of a set of values, of many and of few.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

namespace haybale::trace {

/// Median; NaN of an empty set. Reorders `values`.
[[nodiscard]] double median(std::vector<double>& values);

/// The same of some `most` to twice as many samples spread evenly over a stretch, all of a shorter
/// one; lost ones (NaN) are left out.
[[nodiscard]] double medianOf(std::span<const float> samples, std::size_t most);

/// The same of a handful of values, which it sorts where they lie. REQUIRES: count > 0.
[[nodiscard]] double medianOfFew(double* values, std::size_t count);

}  // namespace haybale::trace
