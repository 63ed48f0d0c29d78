// What rides on a signal: white noise, and the steps of the converter that took it.
#pragma once

#include <span>

#include "core/trace/levels.h"

namespace haybale::trace {

/// Standard deviation of the white noise riding on a smooth signal: median |third difference| /
/// (0.6745 √20). The third difference of white noise of variance s² has variance 20 s²; a smooth
/// signal leaves next to nothing in it. 0 for fewer than 8 samples.
[[nodiscard]] double noiseRms(std::span<const float> samples);

/// The same where a wave of a few samples a cycle would be taken for noise: what is left of
/// x[n-2] + x[n+2] = p (x[n-1] + x[n+1]) + q x[n] + c, which any two sines obey (Prony's difference
/// equation), fitted over windows of 32 samples; of white noise of variance s^2 that is
/// (2 + 2 p^2 + q^2) s^2. Median over the windows; 0 for fewer than one.
[[nodiscard]] double noiseBesideWaveRms(std::span<const float> samples);

/// The step of the converter that took the samples: the smallest difference between two
/// neighbours that differ, in windows spread over the record; where they show few differences, what
/// all of these are whole multiples of. 0 when all are equal, and where two levels without noise
/// show no step.
[[nodiscard]] double converterStep(std::span<const float> samples);
/// Where their distribution is known: no second pass over all of them.
[[nodiscard]] double converterStep(std::span<const float> samples, const Distribution& d);
/// The same of the window where it is largest: an instrument may have changed its range meanwhile.
[[nodiscard]] double coarsestStep(std::span<const float> samples);

}  // namespace haybale::trace
