// The place of a job among all others: a number that grows with the moment it was changed last. The
// words of a job are indexed under it, so that a search reads from the latest on and stops when it
// has enough, however many jobs hold the word.
#pragma once

#include <QString>

#include "core/base/result.h"
#include "store/database.h"

namespace haybale::store {

/// So many jobs of one millisecond have places of their own; more go on into the next one.
inline constexpr qint64 kPlacesPerMs = 4096;

/// The first place of a moment: milliseconds since 1970 times kPlacesPerMs; 0 for what is no date.
/// `changed` is ISO 8601; without a zone it is UTC.
[[nodiscard]] qint64 firstPlace(const QString& changed);

/// The next free place of that moment, in a SQLite logbook inside a transaction that writes.
[[nodiscard]] Result<qint64> freePlace(Database& db, const QString& changed);

}  // namespace haybale::store
