// What the coach says of a step, in the trade's words.
#pragma once

#include <string>

#include "core/job/case.h"
#include "core/practice/score.h"

namespace haybale::practice {

/// What one step was worth, against the best there was; what its kind of reading does not prove.
[[nodiscard]] std::string coachSays(const Step& step);
/// How much of what the best step could settle this one could, 0 to 1; 1 when nothing was left.
[[nodiscard]] double shareOfBest(const Step& step);

}  // namespace haybale::practice
