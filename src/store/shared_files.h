// Files of the whole shop on its shelf: limits sheets and maps of control units, known by what is
// in them and called by their own names.
#pragma once

#include "store/shelf.h"

namespace haybale::store {

/// Puts a limits sheet (limits.schema.json or CSV) or a scan map (scan-map.schema.json) on the
/// shelf, under the name of its file; one of that name there gets a new version. Gives its kind.
/// Any other file is refused.
Result<QString> shareFile(Database& db, const QString& file);

/// All of them, by name; what was taken off is not there.
[[nodiscard]] Result<std::vector<Shelved>> sharedFiles(Database& db);

/// The one of that name.
[[nodiscard]] Result<Shelved> sharedFile(Database& db, const QString& name);

}  // namespace haybale::store
