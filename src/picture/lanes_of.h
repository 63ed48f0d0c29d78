// The lanes a case has: the suspect wheel and its good peer, with their latest captures.
#pragma once

#include "core/diagnosis/assessment.h"
#include "picture/trace_lanes.h"

namespace haybale::picture {

/// Peer first, then the suspect. Lanes point into `job` and `assessment`.
[[nodiscard]] std::vector<Lane> lanesOf(const job::Case& job,
                                        const diagnosis::Assessment& assessment);

}  // namespace haybale::picture
