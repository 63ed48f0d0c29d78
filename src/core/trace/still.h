// A line on which nothing moves, or nothing that could be told from the converter's steps.
#pragma once

#include "core/trace/reading.h"

namespace haybale::trace {

/// A few steps of a converter whose range is far wider are no picture of a signal: the record
/// reaches over fewer than `steps` of them, and one is less than a fiftieth of what it reaches to.
[[nodiscard]] bool isOfSteps(const Distribution& d, double step, double steps);

/// Whether nothing moves (below 10 mV or 0.5 mA in all, or below eight times the noise: common
/// practice, no source), or nothing but steps. Then what there is to measure of it is in `out`,
/// with `unresolved` where the steps are so coarse that a wheel may hide in them. `scale`: from the
/// samples' unit to `out`'s.
[[nodiscard]] bool isStill(const Reading& reading, ChannelAnalysis& out, double scale);

}  // namespace haybale::trace
