// What speaks for a finding, and what against it or leaves it open: for whoever has to trust it.
#pragma once

#include <string>
#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

struct Grounds {
  std::vector<std::string> speaksFor;      ///< sentences with figures; never empty
  std::vector<std::string> speaksAgainst;  ///< what else looks so, and what the record cannot show
};

/// From the figures of the analysis the finding belongs to; nothing is judged anew.
[[nodiscard]] Grounds groundsOf(const ChannelAnalysis& analysis, const Finding& finding);

}  // namespace haybale::trace
