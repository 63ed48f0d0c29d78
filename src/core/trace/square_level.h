// Two levels that step together: a ground that lifts, a wire that begins to leak while the sensor
// switches on.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/capture/record.h"
#include "core/trace/baseline.h"
#include "core/trace/levels.h"

namespace haybale::trace {

/// A record of two levels with their steps taken out.
struct SquareLevel {
  std::vector<float> samples;    ///< as if both levels had stayed what they were for longest
  std::vector<LevelStep> steps;  ///< in order of time; from and to: the middle of the two levels
};

/// Lasting steps of both levels by as much, a sixth of the swing and more. `d` is the distribution
/// of `samples`. Empty where there is none, and where what is left with them taken out does not
/// rest on two levels.
[[nodiscard]] std::optional<SquareLevel> levelOfSquare(std::span<const float> samples,
                                                       const capture::TimeBase& time,
                                                       const Distribution& d);

}  // namespace haybale::trace
