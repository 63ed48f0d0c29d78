// Case files: JSON, schema in docs/formats/case.schema.json.
#pragma once

#include <string>
#include <string_view>

#include "core/base/json_fwd.h"
#include "core/job/case.h"

namespace haybale::job {

/// Reads a case. Whatever is left out gets its default; members this version does not know are kept
/// and saved again. An error names the member ("circuits[0].path[2].zone") or the line. A file of a
/// higher version is read as far as it is understood.
Result<Case> fromJson(const Json& json, const std::string& name);
Result<Case> parseCase(std::string_view text, const std::string& name);

[[nodiscard]] Json toJson(const Case& c);
/// Indented text with a final newline: what is written to disk.
[[nodiscard]] std::string caseText(const Case& c);

/// Reads a case file from disk.
Result<Case> loadCase(const std::string& path);

}  // namespace haybale::job
