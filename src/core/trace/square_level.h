// Two levels that step or drift together: a ground that lifts, a wire that begins to leak while the
// sensor switches on, a capacitor that sags.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/capture/record.h"
#include "core/trace/level_blocks.h"
#include "core/trace/levels.h"

namespace haybale::trace {

/// Coded telegrams about a rest level that steps, drifts or sags by a sixth of their height and
/// more: told by telegrams of one height in nearly every block. Empty where the rest stays, and
/// where the line does something else. A drift has no steps.
[[nodiscard]] std::optional<SquareLevel> levelOfTelegrams(std::span<const float> samples,
                                                          const Distribution& d);

/// Lasting steps of both levels by as much, or a drift of both, a sixth of the swing and more. `d`
/// is the distribution of `samples`. Empty where there is none, and where what is left with them
/// taken out does not rest on two levels.
[[nodiscard]] std::optional<SquareLevel> levelOfSquare(std::span<const float> samples,
                                                       const capture::TimeBase& time,
                                                       const Distribution& d);

/// A switching sensor's record made even, where its levels do not stay what they are: telegrams on
/// a rest that moves, a wave behind a capacitor (coupling.h), two levels that move together.
[[nodiscard]] std::optional<SquareLevel> madeEven(std::span<const float> samples,
                                                  const capture::TimeBase& time,
                                                  const Distribution& d, double noiseRms);

}  // namespace haybale::trace
