// Levels of a trace that a few wild samples cannot move.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/capture/bounds.h"

namespace haybale::trace {

/// Cumulative distribution of the samples of one channel; lost samples (NaN) are left out.
/// Two passes of 4096 bins, the second over the range that holds all but 0.1 % at either end, so
/// that a spike does not coarsen it. Resolution: 1/4096 of that range. Least, greatest and mean are
/// those of all samples; of a record beyond some million, quantiles and shares are those of
/// stretches of 2048 samples spread evenly over it. The samples must outlive it.
class Distribution {
 public:
  explicit Distribution(std::span<const float> samples);

  /// The samples, and the bands of their blocks.
  [[nodiscard]] const capture::Bounds& bounds() const { return bounds_; }
  [[nodiscard]] std::size_t count() const { return count_; }
  [[nodiscard]] double min() const { return min_; }
  [[nodiscard]] double max() const { return max_; }
  [[nodiscard]] double mean() const { return mean_; }
  /// Value below which the share `p` (0..1) of the samples lies.
  [[nodiscard]] double quantile(double p) const;
  /// The narrowest band that holds two fifths of the samples. Of a normal distribution it is 1.05
  /// standard deviations wide.
  struct Band {
    double middle = 0;
    double width = 0;
  };
  [[nodiscard]] Band densest() const;
  /// Noise about two plateaus that stand apart, at most, where neither holds as much as `densest`
  /// asks for: the densest quarter of the samples below the middle, and above it. Empty: there are
  /// no two.
  [[nodiscard]] std::optional<double> noiseOfTwo() const;
  /// Share of the samples within [low, high].
  [[nodiscard]] double share(double low, double high) const;

 private:
  void fill(std::span<const float> samples, double low, double high);
  [[nodiscard]] double below(double value) const;

  capture::Bounds bounds_;
  std::size_t count_ = 0;
  double min_ = 0;
  double max_ = 0;
  double mean_ = 0;
  double low_ = 0;
  double high_ = 0;
  std::vector<double> cumulative_;  // cumulative_[i]: samples below the upper edge of bin i
  double under_ = 0;
  double counted_ = 0;
};

}  // namespace haybale::trace
