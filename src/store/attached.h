// Captures and photos of a job brought along into a shop's logbook, when somebody asks for it: by
// the hash of their bytes, so that the same file lies there once, in pieces of a megabyte. Rows,
// not large objects: rights, backups and deleting are those of every other table.
#pragma once

#include <vector>

#include "core/base/progress.h"
#include "store/database.h"

namespace haybale::store {

struct Attached {
  QString name;    ///< as the case writes it
  QString sha256;  ///< of the bytes, hexadecimal
  qint64 bytes = 0;
};

/// So large a file is taken at most.
inline constexpr qint64 kLargestAttached = qint64{4} << 30;

/// Brings a file along, in one transaction; one whose bytes are there already costs one row.
/// `progress` is advanced by bytes. Cancelled: an error that says so, and nothing is changed.
/// REQUIRES: PostgreSQL.
Status attachFile(Database& db, const QString& job, const QString& name, const QString& file,
                  Progress& progress);
/// What was brought along of a job, by name.
[[nodiscard]] Result<std::vector<Attached>> attachedTo(Database& db, const QString& job);
/// Writes one of them to `file`, atomically; bytes that are not what they should be are refused.
Status fetchAttached(Database& db, const Attached& which, const QString& file, Progress& progress);
/// Takes away what was brought along of a job, and the bytes nobody else has.
Status detachAll(Database& db, const QString& job);

}  // namespace haybale::store
