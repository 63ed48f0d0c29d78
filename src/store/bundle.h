// One job as one open file: a zip with the case (JSON), its captures (CSV, WAV, VCD) and its
// photos, for a colleague or another machine. Layout in docs/formats/README.md.
#pragma once

#include <functional>
#include <string>

#include "core/job/case.h"

namespace haybale::store {

/// Packs a case and every file it names. `folder` is where its relative paths start. A file that is
/// missing is an error that names it; so is one outside `folder` unless `added` says that somebody
/// here added it, for a case from elsewhere may name any file. The bundle replaces `path` only once
/// it is whole.
using WasAdded = std::function<bool(const std::string& absolutePath)>;
Status writeBundle(const job::Case& c, const std::string& folder, const std::string& path,
                   const WasAdded& added = {});

/// Most a bundle may hold: files, and bytes once unpacked.
inline constexpr std::size_t kMostFiles = 10000;
inline constexpr unsigned long long kMostBytes = 16ULL << 30;

/// Unpacks a bundle into `folder`, which must not exist yet, and gives back the path of its case
/// file there. Nothing is written outside `folder`, and nothing stays when the bundle is refused:
/// names with a path in them, more than a bundle may hold, bytes that do not match what the bundle
/// promises, a case that cannot be read.
Result<std::string> unpackBundle(const std::string& path, const std::string& folder);

}  // namespace haybale::store
