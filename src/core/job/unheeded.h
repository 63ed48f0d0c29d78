// Words of a case that mean nothing here and so count for nothing.
#pragma once

#include <string>
#include <vector>

#include "core/job/case.h"

namespace haybale::job {

/// Circumstances, tools and ways of touching that are not known, and earlier repairs at an element
/// that the line in question does not have: one sentence each, what is written where and what would
/// be right. A case with such words is read; whoever reads it says them.
[[nodiscard]] std::vector<std::string> unheeded(const Case& c);

}  // namespace haybale::job
