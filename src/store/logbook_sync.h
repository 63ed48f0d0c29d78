// Two logbooks brought together: each gets the revisions it does not know, and since a head follows
// from the revisions (revision.h), both then show the same.
#pragma once

#include "store/logbook.h"

namespace haybale::store {

struct Synced {
  int sent = 0;  ///< revisions brought there
  int got = 0;   ///< revisions brought here
  int beside =
      0;  ///< of these, jobs that were changed on both sides: the loser is kept as a revision
  int shared = 0;     ///< versions of things on the shelf, both ways
  int notErased = 0;  ///< jobs whose personal data this user may not erase there
};

/// Compares all of both, both ways. Nothing is lost when it breaks off: what was brought over
/// stays, and the next time goes on from there.
Result<Synced> syncAll(Logbook& here, Logbook& there);

/// Takes everything of another logbook into this one; nothing goes back. Where one of them was told
/// to erase somebody's data, the other does the same.
Result<Synced> mergeFrom(Logbook& other, Logbook& here);

/// The same for what is new since the last time, by positions kept here: for a bench that brings
/// its work over again and again. `there` is a PostgreSQL logbook. At most `most` revisions a way
/// and a call; call again while something was moved.
/// What was erased on one side is erased on the other first.
Result<Synced> syncNew(Logbook& here, Logbook& there, int most = 200);
/// Revisions here that were not brought over to `there` yet.
[[nodiscard]] qint64 waiting(Logbook& here, const StoreUrl& there);

}  // namespace haybale::store
