// Findings of one channel: what the pulses, or their absence, mean.
#pragma once

#include "core/trace/analysis.h"

namespace haybale::trace {

/// From and to, in seconds, of the first pass of a tooth, or of the gap where it should be, with
/// four teeth to either side; empty without a ring or when it never passes.
[[nodiscard]] std::optional<std::pair<double, double>> firstPass(const ChannelAnalysis& analysis,
                                                                 int position);

/// Fills `analysis.findings` from its levels, pulses and cycles; there is always at least one.
/// In order of weight, the main one first; the first is `healthy` only when nothing is suspect.
void findFaults(ChannelAnalysis& analysis, const Options& options);

}  // namespace haybale::trace
