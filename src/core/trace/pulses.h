// Pulses of a trace: where the signal rises through its centre, and comes down again.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

#include "core/capture/record.h"

namespace haybale::trace {

/// A rise through the centre level that went on to `centre + hysteresis`, and the fall that
/// followed.
struct Pulse {
  double riseS = 0;  ///< time of the rise, interpolated between samples, in seconds
  double fallS = 0;  ///< time of the fall; NaN when the record or a gap ended first
  std::size_t firstSample = 0;
  /// False when a gap of lost samples lies between the pulse before and this one.
  bool follows = false;
};

struct Threshold {
  double centre = 0;
  double hysteresis = 0;  ///< half width of the dead band, > 0
};

/// One cycle: from the rise of a pulse to the rise of the next, with nothing lost between.
struct Cycle {
  double startS = 0;
  double periodS = 0;
  float high = 0;  ///< crest: peak of a parabola fitted over a fifth of the cycle around it
  float low = 0;
  float mean = 0;
  float duty = 0;  ///< share of the period above the centre, 0..1
};

/// Whether every cycle is measured for its height: a square wave has its plateaus instead.
enum class Heights { measured, left };

/// Pulses in order of time, and the cycles between those that follow each other.
struct Train {
  std::vector<Pulse> pulses;
  std::vector<Cycle> cycles;
};

/// Pulses of a square wave. One that is under way when the record or a gap begins is not counted.
/// With heights left, `high`, `low` and `mean` of the cycles stay 0. Read block by block, in
/// stretches on all cores.
[[nodiscard]] Train readEdges(std::span<const float> samples, const capture::TimeBase& time,
                              const Threshold& threshold, Heights heights);

/// Pulses of a wave whose height follows the speed: the dead band is a fifth of the height the
/// pulses before had, at least `least`, and shrinks while none comes. A tooth that gives less than
/// that, or a stretch without signal, is no pulse. Rises are refined by a straight line through the
/// samples around them, crests and troughs fitted by parabolas, so that noise neither moves the one
/// nor inflates the other.
[[nodiscard]] Train readSwings(std::span<const float> samples, const capture::TimeBase& time,
                               double centre, double least);

/// The cycles of pulses some of which were taken away since they were read.
[[nodiscard]] std::vector<Cycle> findCycles(std::span<const float> samples,
                                            const std::vector<Pulse>& pulses, Heights heights);

}  // namespace haybale::trace
