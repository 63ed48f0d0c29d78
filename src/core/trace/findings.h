// Findings of one channel: what the pulses, or their absence, mean.
#pragma once

#include "core/trace/analysis.h"

namespace haybale::trace {

/// Fills `analysis.findings` from its levels, pulses and cycles; there is always at least one.
/// In order of weight, the main one first; the first is `healthy` only when nothing is suspect.
void findFaults(ChannelAnalysis& analysis, const Options& options);

}  // namespace haybale::trace
