// What the closed jobs add up to: which element failed how often, how long it took, how many came
// back.
#pragma once

#include <vector>

#include "core/job/course.h"
#include "store/database.h"

namespace haybale::store {

/// One class of element ("connector/wheelhouse") among the closed jobs.
struct Tally {
  QString name;
  qint64 jobs = 0;
  double share = 0;    ///< of all closed jobs that found something, 0..1
  double minutes = 0;  ///< mean, to isolate
  qint64 comebacks = 0;
};

/// Most frequent first. Only vehicles whose name begins with `vehicle`; empty: all.
[[nodiscard]] Result<std::vector<Tally>> tallies(Database& db, const QString& vehicle = {});

/// Counts of proved jobs for the priors of the next one.
[[nodiscard]] Result<job::Learnt> learnt(Database& db);

}  // namespace haybale::store
