// A coil's wave that dies out, and a line that comes to rest at another level than the wave swung
// about: the bias has stepped on the way, and few turns of the wave are left to show it.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/capture/bounds.h"
#include "core/trace/baseline.h"

namespace haybale::trace {

/// The record as if the level had stayed what it was, and the step.
struct SteppedRest {
  std::vector<float> samples;
  LevelStep step;
};

/// One jump within a few samples, of a fifth of the wave's swing and more, that lasts to the end of
/// the record: behind it the line comes to rest at the new level, before it a wave rose or died out
/// as a coil's does and no square wave. `noise` is the standard deviation, `step` that of the
/// converter, both in the unit of the samples. Empty where there is no such jump; where the wave
/// goes with the jump (a wire that parts takes the signal with it); where the jump stands within
/// 15 % of either end. A record that does not end at rest costs a look at its last part.
[[nodiscard]] std::optional<SteppedRest> steppedRest(const capture::Bounds& bounds, double noise,
                                                     double step);

}  // namespace haybale::trace
