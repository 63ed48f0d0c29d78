// All words of a job, for finding it again.
#pragma once

#include <string>

#include "core/job/case.h"

namespace haybale::job {

/// Complaint, codes, readings with their notes, elements and their labels, repair and closing, one
/// after the other. Title and vehicle are not in it.
[[nodiscard]] std::string searchText(const Case& c);

}  // namespace haybale::job
