// Where a smooth wave passes its centre, and how high its crests are, by least squares over many
// samples rather than from one or two.
#pragma once

#include <span>
#include <vector>

#include "core/capture/extent.h"
#include "core/trace/pulses.h"

namespace haybale::trace {

/// Where a straight line, fitted by least squares to the samples within a sixteenth of a cycle on
/// either side of the rise of pulse `i`, passes `centre`. Noise then moves a rise several times
/// less than between two samples. The rise as it is where a fit is not possible, or leaves its
/// window.
[[nodiscard]] double refinedRise(std::span<const float> samples, const capture::TimeBase& time,
                                 double centre, const std::vector<Pulse>& pulses, std::size_t i);

/// Crest, trough and mean of a cycle.
struct Extremes {
  double low = 0;
  double high = 0;
  double mean = 0;
};

/// Of the samples [from, to), whose extent is known: crest and trough as the peak of a parabola
/// fitted over a fifth of the cycle around the largest and the smallest sample.
[[nodiscard]] Extremes extremesOf(std::span<const float> samples, std::size_t from, std::size_t to,
                                  const capture::Extent& extent);

}  // namespace haybale::trace
