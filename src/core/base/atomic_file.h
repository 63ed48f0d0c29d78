// Files that are whole or not there: written beside, flushed to the disk, then renamed over the old
// one.
#pragma once

#include <functional>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace haybale::job {

/// Replaces `path` by what `write` puts into the file it is given: a fresh one beside it, of the
/// same mode. After success the new content survives a crash of the program and of the machine;
/// after an error, or a kill at any moment, the old content is untouched. Refused: folders,
/// devices, pipes, links to another folder.
Status replaceFile(const std::string& path, const std::function<Status(const std::string&)>& write,
                   bool flush = true);

/// Replaces `path` by `bytes`. As `replaceFile`. `flush` false skips waiting for the disk: such a
/// file still survives a killed program, but perhaps not a power cut.
Status writeFileAtomically(const std::string& path, std::string_view bytes, bool flush = true);

/// The whole content of a file. An error for a folder, a missing file, or one above 64 MB.
Result<std::string> readFile(const std::string& path);

}  // namespace haybale::job
