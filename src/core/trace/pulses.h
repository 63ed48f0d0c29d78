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

/// All pulses in order of time. A pulse that is under way when the record or a gap begins is not
/// counted.
[[nodiscard]] std::vector<Pulse> findPulses(std::span<const float> samples,
                                            const capture::TimeBase& time,
                                            const Threshold& threshold);

/// Pulses of a wave whose height follows the speed: the dead band is a fifth of the height the
/// pulses before had, at least `least`, and shrinks while none comes. A tooth that gives less than
/// that, or a stretch without signal, is no pulse.
[[nodiscard]] std::vector<Pulse> findSwings(std::span<const float> samples,
                                            const capture::TimeBase& time, double centre,
                                            double least);

/// Replaces the rise of each pulse by where a straight line, fitted by least squares to the samples
/// within a sixteenth of a cycle on either side, passes `centre`. For waves that rise smoothly
/// through it; noise then moves a rise several times less than between two samples. A fit that
/// leaves its window is not used.
void refineRises(std::span<const float> samples, const capture::TimeBase& time, double centre,
                 std::vector<Pulse>& pulses);

/// One cycle: from the rise of a pulse to the rise of the next, with nothing lost between.
struct Cycle {
  double startS = 0;
  double periodS = 0;
  double high = 0;  ///< crest: peak of a parabola fitted over a fifth of the cycle around it
  double low = 0;
  double mean = 0;
  double duty = 0;  ///< share of the period above the centre, 0..1
};

/// The cycles between consecutive pulses. Fitting the crest keeps noise from inflating it.
[[nodiscard]] std::vector<Cycle> findCycles(std::span<const float> samples,
                                            const std::vector<Pulse>& pulses);

}  // namespace haybale::trace
