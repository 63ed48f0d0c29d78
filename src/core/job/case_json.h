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
/// `damaged` says what becomes of evidence that cannot be read: an error, or kept aside in
/// `Case::unreadable` for a user who wants the rest of the job.
enum class Damaged { refused, kept };
Result<Case> fromJson(const Json& json, const std::string& name,
                      Damaged damaged = Damaged::refused);
Result<Case> parseCase(std::string_view text, const std::string& name,
                       Damaged damaged = Damaged::refused);

[[nodiscard]] Json toJson(const Case& c);
/// Indented text with a final newline: what is written to disk.
[[nodiscard]] std::string caseText(const Case& c);
/// The same in one line, for stores.
[[nodiscard]] std::string caseLine(const Case& c);

/// Reads a case file from disk.
Result<Case> loadCase(const std::string& path, Damaged damaged = Damaged::refused);

/// The case as it will be when it is opened again: written and read. The one rule of what may be
/// entered or edited is what the reader takes; an error is its sentence.
Result<Case> asReopened(const Case& c);

/// What two states of one job differ in, as short sentences; empty when in nothing.
[[nodiscard]] std::vector<std::string> differences(const Case& ours, const Case& theirs);

}  // namespace haybale::job
