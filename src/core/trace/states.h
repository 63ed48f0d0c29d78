// What the line does from one moment to the next, as it was read: turning, at rest, open, pulled
// somewhere, mere noise.
#pragma once

#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

/// Follow each other without a gap from the first sample to the last. A dropout is what it was
/// found to be; between dropouts the line turns where a pulse follows the other and rests
/// elsewhere.
[[nodiscard]] std::vector<Segment> segmentsOf(const ChannelAnalysis& analysis);

}  // namespace haybale::trace
