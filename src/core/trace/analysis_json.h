// The analysis as JSON, in the form that scripts rely on ("haybale-analysis", version 1).
#pragma once

#include <string>
#include <vector>

#include "core/base/json_fwd.h"
#include "core/trace/analysis.h"

namespace haybale::trace {

/// What cannot be known, or is not computed yet, is null.
[[nodiscard]] Json toJson(const std::string& file, const std::vector<ChannelAnalysis>& channels,
                          const std::vector<Comparison>& comparisons);

}  // namespace haybale::trace
