// Two wheels or more in one record: what disturbs them at the same moments is of what they share
// (supply, ground, module, the scope's own lead), and none of their lines is to blame.
#pragma once

#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

/// Share of a channel's losses that another channel must have at the same moments, and how near in
/// time the moments have to be: common practice, no source.
inline constexpr double kSharedLosses = 0.8;
inline constexpr double kSameMomentS = 2e-3;

/// Channels of one record, over one time. Where losses or steps of the level are shared, the
/// findings that blame a line for them become notes, and each of these channels says what it is
/// (`Code::common`, suspect).
void tellCommon(const std::vector<ChannelAnalysis*>& channels);

}  // namespace haybale::trace
