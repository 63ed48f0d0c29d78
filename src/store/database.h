// The SQLite file behind the logbook: opened in WAL mode, brought to the newest schema, backed up
// before it is changed.
#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QString>
#include <QVariantList>

#include "core/base/result.h"

namespace haybale::store {

/// Schema this version writes.
inline constexpr int kSchemaVersion = 3;

class Database {
 public:
  Database() = default;
  ~Database();
  Database(const Database&) = delete;
  Database& operator=(const Database&) = delete;

  /// Opens or makes `file`. An older schema is migrated forward after a copy of the file was kept
  /// as FILE.v1.bak; a newer one is refused, untouched.
  Status open(const QString& file);
  /// Runs one statement with its values.
  Result<QSqlQuery> run(const QString& sql, const QVariantList& values = {});
  /// Runs `work` in one transaction: all of it stays, or nothing.
  template <class Work>
  Status together(const Work& work) {
    if (!db_.transaction()) {
      return problem(QStringLiteral("begin"));
    }
    Status done = work();
    if (!done) {
      db_.rollback();
      return done;
    }
    if (!db_.commit()) {
      Error error = problem(QStringLiteral("commit"));
      db_.rollback();
      return error;
    }
    return Done{};
  }
  [[nodiscard]] const QString& file() const { return file_; }

 private:
  [[nodiscard]] Error problem(const QString& doing) const;
  Status migrate(int from);

  QSqlDatabase db_;
  QString file_;
  QString name_;
};

}  // namespace haybale::store
