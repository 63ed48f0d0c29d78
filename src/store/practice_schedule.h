// What to practise next, and how a class went: read from the results that were kept.
#pragma once

#include <QDateTime>
#include <QMap>

#include "store/practice_log.h"

namespace haybale::store {

/// A case that comes back after a while. Boxes as in Leitner's card file (S. Leitner, "So lernt man
/// lernen", 1972; from memory): right with kPassPoints or more, and the case moves a box on and
/// comes back later; else it goes to the first box.
struct Due {
  QString caseId;
  int box = 0;       ///< 0 to kBoxDays.size() - 1
  int daysOver = 0;  ///< since it was due; below 0: days to come
};
/// Common practice, no source.
inline constexpr int kPassPoints = 70;
/// Days until a case of each box comes back; common practice, no source.
inline constexpr std::array<int, 6> kBoxDays{1, 3, 7, 14, 30, 90};

/// Every case that was played, the longest overdue first. `results` latest first, of one trainee.
/// Mixed cases are never the same twice and do not come back.
[[nodiscard]] std::vector<Due> dueCases(const std::vector<PracticeResult>& results,
                                        const QDateTime& now);

/// One trainee of a class.
struct ClassRow {
  QString trainee;  ///< may be empty
  int played = 0;
  int right = 0;
  double meanPoints = 0;
  double meanBrier = -1;     ///< of stated odds; below 0: none were stated
  int wrongParts = 0;        ///< of all cases
  QMap<QString, int> best;   ///< points by case
  QMap<QString, int> tries;  ///< how often each was played
};

/// By name. Only results of `caseIds` count; none given: of all cases.
[[nodiscard]] std::vector<ClassRow> classRows(const std::vector<PracticeResult>& results,
                                              const QStringList& caseIds);
/// One row a trainee with a header: totals, then the best points of each of `caseIds`. Names as
/// they are, quoted (RFC 4180).
[[nodiscard]] QString classCsv(const std::vector<ClassRow>& rows, const QStringList& caseIds);

}  // namespace haybale::store
