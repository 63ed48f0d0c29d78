// What statements alone cannot do when an older logbook is brought forward.
#pragma once

#include "store/database.h"

namespace haybale::store {

/// After the statements of every step from schema `from` on, in the same transaction: names the
/// first revisions by what they are, and brings what was kept as good and how practice went onto
/// the shelf.
Status carryOver(Database& db, int from);

}  // namespace haybale::store
