// A coil's wave made whole before its pulses are sought: stretches that are cut off left out, a
// level that wanders taken out.
#pragma once

#include <optional>
#include <vector>

#include "core/trace/pulled.h"
#include "core/trace/reading.h"

namespace haybale::trace {

/// A coil's wave that is cut off at times is read with those stretches left out, as if their
/// samples were lost. Keeps what the reading then looks at; only where the kind asked for allows a
/// coil and what is left is a wave.
class Cut {
 public:
  Cut(Reading& r, const ChannelAnalysis& out);
  [[nodiscard]] bool any() const { return !held_.empty(); }
  /// Of the reading as it is now.
  [[nodiscard]] Plateaus plateaus(const Reading& r) const {
    return plateaus_ ? *plateaus_ : plateausOf(r.samples, r.time, *r.d);
  }
  /// The stretches as dropouts, among those found already, in order of time.
  void add(const Reading& r, const LineAt& line, ChannelAnalysis& out) const;

 private:
  std::vector<Excursion> held_;
  std::optional<Plateaus> plateaus_;
  std::vector<float> samples_;
  std::optional<Distribution> distribution_;
};

/// A coil's wave about a level that wanders by a tenth of its swing and more is read with the
/// wander taken out; lasting steps of it are kept in the analysis. Keeps what the reading then
/// looks at.
class Level {
 public:
  Level(Reading& r, ChannelAnalysis& out);
  /// What is found where the level itself was not known is no dropout.
  void forget(ChannelAnalysis& out) const;

 private:
  std::vector<float> samples_;
  std::optional<Distribution> distribution_;
  std::vector<double> unsure_;  // seconds
  double knownFromS_ = 0;
};

}  // namespace haybale::trace
