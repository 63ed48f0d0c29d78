// Statistical tolerance intervals of a normal distribution: limits from a few good parts that are
// honest about how few they are.
#pragma once

#include <cstddef>
#include <optional>
#include <span>

namespace haybale::judging {

/// Factor k of the two-sided interval mean ± k s that holds at least the share `coverage` of the
/// population with probability `confidence`, mean and standard deviation both estimated from n
/// values (ISO 16269-6:2014, clause 6.2; the exact integral over the sample mean, not Howe's
/// approximation). n at least 2, shares within (0, 1); else NaN.
[[nodiscard]] double twoSidedToleranceFactor(std::size_t n, double coverage, double confidence);

/// Factor k of the one-sided bound mean - k s or mean + k s (ISO 16269-6:2014, clause 6.1: quantile
/// of the noncentral t distribution over the root of n).
[[nodiscard]] double oneSidedToleranceFactor(std::size_t n, double coverage, double confidence);

/// Mean, spread and the two-sided interval of some values.
struct Spread {
  std::size_t n = 0;
  double median = 0;
  double mean = 0;
  double deviation = 0;       ///< sample standard deviation, n - 1; 0 for a single value
  std::optional<double> low;  ///< of the tolerance interval; empty below two values
  std::optional<double> high;
  double factor = 0;  ///< k that was used; 0 below two values
};

/// Shares used for limits from good parts: 95 % of parts, 95 % sure.
inline constexpr double kGoodCoverage = 0.95;
inline constexpr double kGoodConfidence = 0.95;

/// Non-finite values are left out.
[[nodiscard]] Spread spreadOf(std::span<const double> values, double coverage = kGoodCoverage,
                              double confidence = kGoodConfidence);

}  // namespace haybale::judging
