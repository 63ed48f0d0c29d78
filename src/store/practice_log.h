// How practice went: every case that was played to its end, by trainee. On the shop's shelf: a
// class sees how each of its own did, on whatever machine.
#pragma once

#include <vector>

#include "core/base/json_fwd.h"
#include "store/database.h"

namespace haybale::store {

struct PracticeResult {
  QString trainee;  ///< may be empty
  QString caseId;
  qint64 seed = 1;
  QString skill;
  int level = 1;
  int points = 0;
  double minutes = 0;
  double bestMinutes = 0;
  bool right = false;
  int wrongParts = 0;
  int hints = 0;
  double brier = -1;  ///< of the odds that were stated; below 0: none were
  QString when;       ///< ISO 8601, UTC
};

class PracticeLog {
 public:
  explicit PracticeLog(Database& db) : db_(db) {}
  Status keep(const PracticeResult& result);
  /// Latest first; of everybody when `trainee` is not set.
  [[nodiscard]] Result<std::vector<PracticeResult>> all(const std::optional<QString>& trainee = {});

 private:
  Database& db_;
};

/// A result as it lies on the shelf.
[[nodiscard]] Json practiceJson(const PracticeResult& result);

/// The skill to practise next: the one whose last three cases had the fewest points on average, one
/// that was never practised before any other; empty when there are no skills.
[[nodiscard]] QString skillNext(const std::vector<PracticeResult>& results,
                                const QStringList& skills);

/// One row a result, with a header.
[[nodiscard]] QString practiceCsv(const std::vector<PracticeResult>& results);

}  // namespace haybale::store
