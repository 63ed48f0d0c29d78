// A capture: one or more channels of samples over a common time.
#pragma once

#include <algorithm>
#include <cstddef>
#include <limits>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/units/quantity.h"

namespace haybale::capture {

/// A value as a sample: beyond a million million (1e12) it is over-range, and lost.
[[nodiscard]] inline float sampleOf(double value) {
  constexpr double kMost = 1e12;
  return value > -kMost && value < kMost ? static_cast<float>(value)
                                         : std::numeric_limits<float>::quiet_NaN();
}

/// Samples of one input. A lost or over-range sample is NaN, never 0.
struct Channel {
  std::string name;
  units::Unit unit = units::Unit::volt;  ///< volt or ampere, scaled to the base unit; none when the
                                         ///< file says nothing
  std::vector<float> samples;
};

/// When sample i was taken: `startS + i * stepS`, or `timesS[i]` when the steps are not uniform.
struct TimeBase {
  double startS = 0;
  double stepS = 0;            ///< mean step in seconds; > 0
  std::vector<double> timesS;  ///< empty when uniform

  /// Whether every step is `stepS`.
  [[nodiscard]] bool uniform() const { return timesS.empty(); }
  /// Time of sample `i` in seconds. REQUIRES: `i` below the number of samples, unless uniform.
  [[nodiscard]] double at(std::size_t i) const {
    return uniform() ? startS + stepS * static_cast<double>(i) : timesS[i];
  }
  /// Index of the last sample taken at or before `s`; 0 before the first. May lie behind the last
  /// sample of a uniform record.
  [[nodiscard]] std::size_t indexAt(double s) const {
    if (uniform()) {
      return stepS > 0 && s > startS ? static_cast<std::size_t>((s - startS) / stepS + 1e-6) : 0;
    }
    const auto next = std::upper_bound(timesS.begin(), timesS.end(), s);
    return next == timesS.begin() ? 0 : static_cast<std::size_t>(next - timesS.begin()) - 1;
  }
  /// Samples a second, by the mean step.
  [[nodiscard]] double rateHz() const { return stepS > 0 ? 1 / stepS : 0; }
};

/// All channels have the same number of samples.
struct Record {
  std::string file;  ///< it was read from; for messages
  TimeBase time;
  std::vector<Channel> channels;
  std::vector<std::string> remarks;  ///< what was not sound or had to be assumed, one sentence each

  /// Samples a channel.
  [[nodiscard]] std::size_t size() const {
    return channels.empty() ? 0 : channels.front().samples.size();
  }
  /// From the first sample to the last.
  [[nodiscard]] double durationS() const {
    return size() < 2 ? 0 : time.at(size() - 1) - time.at(0);
  }
};

/// What a reader answers when it was told to stop.
[[nodiscard]] inline Error cancelledReading(const std::string& file) {
  return {file, std::nullopt, "reading was cancelled", ""};
}

}  // namespace haybale::capture
