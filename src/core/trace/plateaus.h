// The two levels a square wave rests on.
#pragma once

#include <span>
#include <vector>

#include "core/capture/record.h"
#include "core/trace/levels.h"
#include "core/trace/pulses.h"

namespace haybale::trace {

struct Plateaus {
  double low;
  double high;
  bool square;       ///< whether the samples rest there, rather than pass
  double share = 1;  ///< of the samples that lie near the two, 0..1: of a sine a third
};

/// The two levels between which the line changes most often: a stretch at a third level, beyond
/// them, is no plateau of the signal.
[[nodiscard]] Plateaus plateausOf(std::span<const float> samples, const capture::TimeBase& time,
                                  const Distribution& d);

/// Whether nearly all samples lie near two levels, by their distribution alone.
[[nodiscard]] bool restsOnTwo(const Distribution& d);

/// Pulses of a record, or of stretches spread evenly over a long one: enough to compare two
/// guesses of the threshold.
[[nodiscard]] std::size_t changesOf(std::span<const float> samples, const capture::TimeBase& time,
                                    const Threshold& threshold);

}  // namespace haybale::trace
