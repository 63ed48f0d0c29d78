// Whether a logbook is whole.
#pragma once

#include "store/logbook.h"

namespace haybale::store {

struct Checked {
  qint64 jobs = 0;
  qint64 revisions = 0;
  QStringList wrong;  ///< one sentence each; empty: all is sound
};

/// The engine's own check, then every job: that its head is there and the latest leaf, that what it
/// holds can be read, that it can be found. Changes nothing.
Result<Checked> check(Logbook& book);

}  // namespace haybale::store
