// The lanes a case has: the suspect wheel, its good peer, and whatever other wheel has a capture.
#pragma once

#include "core/session/assessment.h"
#include "picture/trace_lanes.h"
#include "picture/turn_overlay.h"

namespace haybale::picture {

/// Peer first, then the others that have a capture, the suspect last; at most eight. Lanes point
/// into `job` and `assessment`.
[[nodiscard]] std::vector<Lane> lanesOf(const job::Case& job,
                                        const diagnosis::Assessment& assessment);

/// What to lay over each other: the same wheels, and the suspect's capture before the latest one,
/// to compare before with after. Wheels without a capture are left out.
[[nodiscard]] std::vector<OverlayWheel> overlayOf(const job::Case& job,
                                                  const diagnosis::Assessment& assessment);

}  // namespace haybale::picture
