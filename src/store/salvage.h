// A logbook that was damaged, and the copies that are kept against the day.
#pragma once

#include "store/logbook.h"

namespace haybale::store {

struct Salvaged {
  qint64 states = 0;   ///< kept states brought into the new file
  qint64 lost = 0;     ///< that could not be read, as far as they could be counted
  QString aside;       ///< where the damaged file was put, untouched
  QString fromBackup;  ///< the copy that helped; empty: none was needed or there
};

/// Puts a damaged SQLite logbook aside (FILE.damaged-1, ...) and begins a new one with every row of
/// it that can still be read, one by one; what is missing is taken from the latest copy that opens.
Result<Salvaged> salvage(const QString& file);

/// Whether a logbook opens and its pages hold together; the engine's own check, which takes some
/// seconds for a large one.
[[nodiscard]] bool isSound(const QString& file);

/// Writes a whole copy FILE.YYYY-MM-DD.bak unless one of this day is there, and removes all but the
/// last `keep`. Safe while others use the logbook.
Status backUp(const QString& file, int keep = 5);

/// Takes all earlier copies of a logbook away and makes today's anew: what was erased is in none.
Status renewBackups(const QString& file);

}  // namespace haybale::store
