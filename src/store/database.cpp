#include "store/database.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlError>
#include <QUuid>

namespace haybale::store {

namespace {

// Step n brings schema n to n + 1.
const QStringList kSteps[] = {
    {QStringLiteral(
         "CREATE TABLE jobs (row INTEGER PRIMARY KEY, id TEXT NOT NULL UNIQUE, path TEXT "
         "NOT NULL, folder TEXT NOT NULL, title TEXT NOT NULL, vehicle TEXT NOT NULL, "
         "suspect TEXT NOT NULL, headline TEXT NOT NULL, changed TEXT NOT NULL, content "
         "BLOB NOT NULL)"),
     QStringLiteral("CREATE INDEX jobs_changed ON jobs (changed)"),
     QStringLiteral("CREATE VIRTUAL TABLE job_text USING fts5(title, vehicle, body, tags, "
                    "prefix='2 3 4', detail=column, tokenize='unicode61 remove_diacritics 2')"),
     QStringLiteral("CREATE TABLE outcomes (row INTEGER PRIMARY KEY, vehicle TEXT NOT NULL, class "
                    "TEXT NOT NULL, fault TEXT NOT NULL, closed TEXT NOT NULL, minutes REAL NOT "
                    "NULL, proved INTEGER NOT NULL, comeback INTEGER NOT NULL)"),
     QStringLiteral("CREATE INDEX outcomes_class ON outcomes (class, proved, minutes, comeback)")},
    {QStringLiteral(
         "CREATE TABLE goods (row INTEGER PRIMARY KEY, quantity TEXT NOT NULL, value REAL "
         "NOT NULL, celsius REAL, vehicle TEXT NOT NULL, module TEXT NOT NULL, part TEXT "
         "NOT NULL, circuit TEXT NOT NULL, place TEXT NOT NULL, taken TEXT NOT NULL, "
         "trace TEXT NOT NULL)"),
     QStringLiteral("CREATE INDEX goods_quantity ON goods (quantity)")},
    // What hangs on a job goes with it, whoever deletes it: an outcome left behind would teach for
    // ever.
    {QStringLiteral("DELETE FROM outcomes WHERE row NOT IN (SELECT row FROM jobs)"),
     QStringLiteral("DELETE FROM job_text WHERE rowid NOT IN (SELECT row FROM jobs)"),
     QStringLiteral("CREATE TRIGGER IF NOT EXISTS jobs_gone AFTER DELETE ON jobs BEGIN "
                    "DELETE FROM outcomes WHERE row=old.row; "
                    "DELETE FROM job_text WHERE rowid=old.row; END")},
};

}  // namespace

Database::~Database() {
  db_.close();
  db_ = {};
  if (!name_.isEmpty()) {
    QSqlDatabase::removeDatabase(name_);
  }
}

Error Database::problem(const QString& doing) const {
  const auto error = db_.lastError();
  const bool full = error.nativeErrorCode() == QStringLiteral("13");
  return Error{file_.toStdString(), std::nullopt,
               full ? "the disk is full"
                    : "could not be written or read (" + doing.toStdString() + ": " +
                          error.text().toStdString() + ")",
               full ? "free some space; what was kept before is safe"
                    : "look whether the disk is full or read-only"};
}

Result<QSqlQuery> Database::run(const QString& sql, const QVariantList& values) {
  QSqlQuery query(db_);
  query.setForwardOnly(true);
  bool ok = query.prepare(sql);
  for (const auto& value : values) {
    // A text that was never set is empty here, not missing.
    const bool unset = value.typeId() == QMetaType::QString && value.toString().isNull();
    query.addBindValue(unset ? QVariant(QString(QLatin1String(""))) : value);
  }
  ok = ok && query.exec();
  if (!ok) {
    const auto error = query.lastError();
    const bool full = error.nativeErrorCode() == QStringLiteral("13");
    return Error{file_.toStdString(), std::nullopt,
                 full ? "the disk is full"
                      : "could not be written or read (" + error.text().toStdString() + ")",
                 full ? "free some space; what was kept before is safe"
                      : "look whether the disk is full or the file is damaged"};
  }
  return query;
}

Status Database::open(const QString& file) {
  file_ = file;
  QDir().mkpath(QFileInfo(file).absolutePath());
  name_ = QUuid::createUuid().toString();
  db_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
  db_.setDatabaseName(file);
  if (!db_.open()) {
    return Error{file.toStdString(), std::nullopt, "is no logbook that can be opened",
                 "move it aside; a new one is begun"};
  }
  // FULL: a commit that was acknowledged survives the machine going down.
  for (const char* pragma : {"PRAGMA journal_mode=WAL", "PRAGMA synchronous=FULL",
                             "PRAGMA busy_timeout=3000", "PRAGMA cache_size=-32000"}) {
    if (auto done = run(QString::fromLatin1(pragma)); !done) {
      return done.error();
    }
  }
  auto version = run(QStringLiteral("PRAGMA user_version"));
  if (!version) {
    return version.error();
  }
  const int from = version->next() ? version->value(0).toInt() : 0;
  version->finish();
  if (from > kSchemaVersion) {
    return Error{file.toStdString(), std::nullopt, "was written by a newer version of the program",
                 "open it with that version; nothing was changed"};
  }
  return from < kSchemaVersion ? migrate(from) : Status(Done{});
}

Status Database::migrate(int from) {
  if (from > 0) {
    // A whole copy, WAL and all, whatever happens next.
    const QString backup = file_ + QStringLiteral(".v%1.bak").arg(from);
    QFile::remove(backup);
    if (auto copied = run(QStringLiteral("VACUUM INTO ?"), {backup}); !copied) {
      return copied.error();
    }
  }
  return together([&]() -> Status {
    for (int step = from; step < kSchemaVersion; ++step) {
      for (const auto& sql : kSteps[step]) {
        if (auto done = run(sql); !done) {
          return done.error();
        }
      }
    }
    if (auto done = run(QStringLiteral("PRAGMA user_version=%1").arg(kSchemaVersion)); !done) {
      return done.error();
    }
    return Done{};
  });
}

}  // namespace haybale::store
