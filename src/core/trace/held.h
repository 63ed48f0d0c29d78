// Stretches in which a coil's wave is cut off and the line held at a level: it jumps there, lies
// flat, and jumps back into the wave.
#pragma once

#include <limits>
#include <span>
#include <vector>

#include "core/trace/resting.h"

namespace haybale::trace {

/// A jump is a step from one sample to the next of twice what the wave itself makes (all but one in
/// two hundred of the differences) and eight times the noise. A stretch is flat within five times
/// the noise or the converter's step. It counts with a jump at both of its ends, or with one and a
/// third of `period` (samples of a typical cycle; 0: not known). In order of time. `d` is the
/// distribution of `samples`. With `most` found no more are looked for.
[[nodiscard]] std::vector<Excursion> heldStretches(
    std::span<const float> samples, const Distribution& d, double noiseRms, double period,
    std::size_t most = std::numeric_limits<std::size_t>::max());

}  // namespace haybale::trace
