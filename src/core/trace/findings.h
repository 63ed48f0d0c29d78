// Findings of one channel: what the pulses, or their absence, mean.
#pragma once

#include "core/trace/analysis.h"

namespace haybale::trace {

/// Fills `analysis.findings` from its levels, pulses and cycles; there is always at least one.
/// First cut: no signal, gaps between pulses that recur at one tooth or do not, healthy.
void findFaults(ChannelAnalysis& analysis, const Options& options);

}  // namespace haybale::trace
