// A record that makes no sense as the kind it was asked for, and good sense as another.
#pragma once

#include <optional>

#include "core/trace/analysis.h"

namespace haybale::trace {

/// The record read as what it looks like, with `wrong-protocol` as its main finding: where it was
/// asked for as a kind (`options.sensor`) as which `asked` found it at fault, and as another kind
/// nothing lets go, no level is off and there are pulses enough to say so. Empty otherwise.
/// Analyses the channel a second time, and only then.
[[nodiscard]] std::optional<ChannelAnalysis> asAnotherKind(const capture::Record& record,
                                                           std::size_t index,
                                                           const Options& options,
                                                           const ChannelAnalysis& asked);

}  // namespace haybale::trace
