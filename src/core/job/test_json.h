// Tests and their readings as JSON; shared by case files and by everything that asks for a test.
#pragma once

#include <string>

#include "core/base/json_fwd.h"
#include "core/job/case.h"

namespace haybale::job {

/// Reads one entry of `evidence`. `c` must have its circuits already. Kinds and members this
/// version does not know are kept as they stand.
Result<Evidence> readEvidence(const Json& json, const std::string& path, const Case& c);

/// Reads a test alone.
Result<circuit::Test> readTestJson(const Json& json, const std::string& path, const Case& c);

/// Reads the reading of a test of this kind.
Result<Reading> readReadingJson(const Json& json, const std::string& path, circuit::TestKind kind);

[[nodiscard]] Json testJson(const circuit::Test& test);
[[nodiscard]] Json readingJson(const Reading& reading, circuit::TestKind kind);
[[nodiscard]] Json evidenceJson(const Evidence& evidence);

}  // namespace haybale::job
