// Mains hum riding on a trace.
#pragma once

#include <optional>
#include <span>

#include "core/capture/bounds.h"

namespace haybale::trace {

/// Amplitude (peak) of the sine of `hz` in evenly spaced samples: the discrete Fourier sum at that
/// frequency under a Hann window, over half the sum of the window (Harris, "On the use of windows
/// for harmonic analysis with the discrete Fourier transform", Proc. IEEE 66, 1978). The mean is
/// taken off first; lost samples count as the mean. In the unit of the samples; 0 for fewer than 8.
[[nodiscard]] double amplitudeAt(std::span<const float> samples, double rateHz, double hz);

struct Hum {
  double hz = 50;  ///< 50 or 60
  double amplitude = 0;
};

/// The stronger of 50 and 60 Hz, when it stands out: at least 4 times what lies 7.3 Hz to either
/// side of it. Empty for records shorter than half a second, or sampled below 250 Hz. At most the
/// first two seconds are looked at, at no more than some 8 kHz.
[[nodiscard]] std::optional<Hum> humOf(std::span<const float> samples, double rateHz);

/// The hum of the quietest 0.4 s of the record that `bounds` is of, when it is nearly all that
/// there is (twice its amplitude at least half of the extent there), lies at the mains' frequency
/// within half a hertz, is no more than 0.15 V, and keeps step with itself over the whole record: a
/// wheel does not turn so evenly. Empty otherwise; for records shorter than 0.6 s or sampled below
/// 250 Hz.
[[nodiscard]] std::optional<Hum> humAtRest(const capture::Bounds& bounds, double rateHz);

}  // namespace haybale::trace
