// Readings of the other wheel of the axle: the specification, where nobody has taken them yet.
#pragma once

#include <vector>

#include "core/job/case.h"

namespace haybale::diagnosis {

/// What is worth reading on the circuit that carries the same part as the suspect, and may be read
/// with the tools at hand; empty where no other circuit is of its group. Common practice: at its
/// own sensor plug, or from behind the module's.
[[nodiscard]] std::vector<circuit::Test> testsOnGoodWheel(const job::Case& c);

}  // namespace haybale::diagnosis
