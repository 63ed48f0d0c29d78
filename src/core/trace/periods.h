// Which periods a sequence may hold, by its spectrum: where to look for the one that explains most.
#pragma once

#include <vector>

namespace haybale::trace {

/// Periods between `least` and `most` steps at which the spectrum of `values` peaks, the strongest
/// first, at most `count`. Unknown values (NaN) count as the mean. Each is within a quarter of the
/// resolution 1 / size of the true frequency. Fast Fourier transform of Eigen, padded four times.
/// REQUIRES: 0 < least <= most.
[[nodiscard]] std::vector<double> likelyPeriods(const std::vector<double>& values, double least,
                                                double most, std::size_t count);

}  // namespace haybale::trace
