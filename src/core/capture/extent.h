// Fast passes over samples: the innermost loops of reading a trace.
#pragma once

#include <cstddef>
#include <span>

namespace haybale::capture {

/// First index in [from, to) whose sample is not within [low, high], or is lost (NaN); `to` when
/// there is none. REQUIRES: to <= samples.size().
[[nodiscard]] std::size_t firstBeyond(std::span<const float> samples, std::size_t from,
                                      std::size_t to, float low, float high);

/// Smallest, largest and sum of the samples that are not lost.
struct Extent {
  float min = 0;  ///< +infinity when all are lost
  float max = 0;  ///< -infinity when all are lost
  double sum = 0;
  std::size_t count = 0;  ///< not lost
};
[[nodiscard]] Extent extentOf(std::span<const float> samples);

/// First place of the smallest and of the largest sample; {0, 0} when all are lost.
struct Peaks {
  std::size_t lowAt = 0;
  std::size_t highAt = 0;
};
[[nodiscard]] Peaks peaksOf(std::span<const float> samples, const Extent& extent);

/// Sums over samples y at x = 0, 1, 2, ...: y, x y and x² y. NaN when one is lost.
struct Moments {
  double y = 0;
  double xy = 0;
  double xxy = 0;
};
[[nodiscard]] Moments momentsOf(std::span<const float> samples);

/// Runs of lost samples.
[[nodiscard]] std::size_t runsOfLost(std::span<const float> samples);

}  // namespace haybale::capture
