// Every test that the tool box, the places in reach and the allowed intrusion permit.
#pragma once

#include <vector>

#include "core/job/case.h"

namespace haybale::diagnosis {

/// Tests of the suspect circuit worth thinking about, all permitted.
[[nodiscard]] std::vector<circuit::Test> possibleTests(const job::Case& c);

}  // namespace haybale::diagnosis
