// What a record looks like, and its pulses by that.
#pragma once

#include "core/trace/pulse_finders.h"
#include "core/trace/reading.h"

namespace haybale::trace {

/// The kind of signal by the samples alone: three plateaus of a data word, two of a square wave,
/// none of a coil. Sets the levels of a data word and of telegrams in the reading.
[[nodiscard]] Signal recognise(Reading& r, const ChannelAnalysis& out);

/// Its pulses: edges between two levels, or swings about a middle; `noiseRms` in the unit of the
/// samples. Sets `r.least`. Spikes far beyond two levels are none.
[[nodiscard]] Train trainOf(Reading& r, double noiseRms);

/// Whether the pulses' heights are told: of a coil's.
[[nodiscard]] Heights heightsOf(const Reading& r);

}  // namespace haybale::trace
