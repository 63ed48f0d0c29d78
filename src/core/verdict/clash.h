// A reading that does not agree with the rest. Within this room only.
#pragma once

#include <vector>

#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

/// Names the reading of a contradictory belief that is most probably a slip: its index, what to
/// repeat, and a reason. Of two taken alike that differ it is the earlier one. True when it was
/// repeated already and stands: then the conclusion is contradictory, and says so.
[[nodiscard]] bool sayClash(Conclusion& out, const Belief& belief,
                            const std::vector<ReadingView>& views);

/// Where a reading was taken, in a word or two: a place of the line, or its kind.
[[nodiscard]] std::string whereTaken(const circuit::Test& test);

}  // namespace haybale::diagnosis
