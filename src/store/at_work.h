// Who has which job open, in a shop's logbook: each window tells every few seconds, and one that
// was killed or lost its network is forgotten after a minute. By the server's clock.
#pragma once

#include <vector>

#include "store/database.h"

namespace haybale::store {

struct AtWork {
  QString bench;
  QString since;  ///< ISO 8601, UTC
};

/// Tells that `seat` (an id of the window) has `job` open on this bench, and nothing else any more;
/// an empty job: nothing at all. REQUIRES: PostgreSQL.
Status tellAtWork(Database& db, const QString& seat, const QString& job);

/// Who else has it open, longest first.
[[nodiscard]] Result<std::vector<AtWork>> othersAtWork(Database& db, const QString& seat,
                                                       const QString& job);

/// So long after its last word a window counts as gone.
inline constexpr int kGoneAfterS = 60;

}  // namespace haybale::store
