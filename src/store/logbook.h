// The logbook: every job of the shop in one SQLite file, found again by any word in it.
//
// One row a job, written at every change in one transaction with its search text; what `keep`
// acknowledged survives a killed program and a power cut. Belongs to one thread.
#pragma once

#include <QString>
#include <memory>
#include <vector>

#include "core/job/case.h"
#include "store/database.h"

namespace haybale::store {

struct JobRow {
  QString id;
  QString path;    ///< case file; empty for a job without one
  QString folder;  ///< where relative captures start
  QString title;
  QString vehicle;
  QString suspect;
  QString headline;  ///< what was believed last
  QString changed;   ///< ISO 8601
};

/// What to look for; empty members do not matter. `text`: words or beginnings of words, all of
/// which occur somewhere in the job.
struct Filter {
  QString text;
  QString circuit;
  QString fault;
  QString zone;
  QString vehicle;
  QString month;  ///< "2026" or "2026-11"
};

class Logbook {
 public:
  static Result<std::unique_ptr<Logbook>> open(const QString& file);

  /// Writes a job, new or changed. `changed` is ISO 8601.
  Status keep(const JobRow& row, const job::Case& c);
  /// Many in one transaction: for an import.
  Status keepAll(const std::vector<std::pair<JobRow, job::Case>>& jobs);
  /// A job that got a file, or another one.
  Status rename(const QString& from, const QString& to);
  Status forget(const QString& id);
  /// Latest first.
  [[nodiscard]] Result<std::vector<JobRow>> search(const Filter& filter, int most = 60);
  [[nodiscard]] Result<job::Case> load(const QString& id);
  [[nodiscard]] Result<JobRow> row(const QString& id);
  [[nodiscard]] qint64 count();
  [[nodiscard]] Database& database() { return db_; }

 private:
  Logbook() = default;
  Status write(const JobRow& row, const job::Case& c);

  Database db_;
};

}  // namespace haybale::store
