#include "store/database.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlError>
#include <QUuid>

#include "core/base/say.h"
#include "store/migration.h"

namespace haybale::store {

namespace {

// One line, and not endless.
std::string plain(const QSqlError& error) {
  return error.databaseText().simplified().left(200).toStdString();
}

// PostgreSQL's class 08 (connection), 57P0x (shutting down).
bool connectionIsGone(const QSqlError& error) {
  const QString code = error.nativeErrorCode();
  return error.type() == QSqlError::ConnectionError || code.startsWith(QStringLiteral("08")) ||
         code.startsWith(QStringLiteral("57P0")) ||
         error.databaseText().contains(QStringLiteral("server closed the connection")) ||
         error.databaseText().contains(QStringLiteral("no connection to the server")) ||
         error.databaseText().contains(QStringLiteral("terminating connection"));
}

QString asValue(const QString& text) {
  QString out = text;
  out.replace(QChar(0), QChar(QChar::ReplacementCharacter));
  return out.isNull() ? QString(QLatin1String("")) : out;
}

}  // namespace

Database::~Database() {
  prepared_.clear();
  db_.close();
  db_ = {};
  if (!name_.isEmpty()) {
    QSqlDatabase::removeDatabase(name_);
  }
}

Error Database::problem(const QSqlError& error) {
  const std::string where = url_.shown().toStdString();
  refused_ = !isSqlite() && error.nativeErrorCode() == QStringLiteral("42501");
  if (!isSqlite()) {
    if (connectionIsGone(error)) {
      lost_ = true;
      return {where, std::nullopt, "does not answer (" + plain(error) + ")",
              "look whether the server runs and the network stands; nothing was changed there"};
    }
    if (refused_ && migrating_) {
      return {where, std::nullopt,
              say("is of an older version, and this user may not bring it forward"),
              say("let its owner open it once with this version, and run roles.sql again")};
    }
    if (refused_) {
      return {where, std::nullopt, "does not let this user do that",
              "ask whoever looks after the shop's logbook for the right"};
    }
    return {where, std::nullopt, "could not be written or read (" + plain(error) + ")",
            "run check on it"};
  }
  const bool full = error.nativeErrorCode() == QStringLiteral("13");
  return {where, std::nullopt,
          full ? "the disk is full" : "could not be written or read (" + plain(error) + ")",
          full ? "free some space; what was kept before is safe"
               : "look whether the disk is full or read-only, or the file is damaged"};
}

Result<Rows> Database::run(const QString& sql, const QVariantList& values) {
  // What changes tables or settings cannot be prepared by every engine, and holds no values.
  if (values.isEmpty()) {
    auto query = std::make_shared<QSqlQuery>(db_);
    query->setForwardOnly(true);
    return query->exec(sql) ? Result<Rows>(Rows(std::move(query)))
                            : Result<Rows>(problem(query->lastError()));
  }
  auto query = prepared_.value(sql);
  if (!query || query.use_count() > 2) {  // ours, the table's, and somebody's who still reads
    query = std::make_shared<QSqlQuery>(db_);
    query->setForwardOnly(true);
    if (!query->prepare(sql)) {
      return problem(query->lastError());
    }
    prepared_.insert(sql, query);
  }
  int at = 0;
  for (const auto& value : values) {
    query->bindValue(
        at++, value.typeId() == QMetaType::QString ? QVariant(asValue(value.toString())) : value);
  }
  if (!query->exec()) {
    prepared_.remove(sql);
    return problem(query->lastError());
  }
  return Rows(std::move(query));
}

Result<QStringList> Database::texts(const QString& sql, const QVariantList& values) {
  auto found = run(sql, values);
  if (!found) {
    return found.error();
  }
  QStringList out;
  while (found->next()) {
    out << found->value(0).toString();
  }
  return out;
}

Result<int> Database::once(const QString& sql) {
  if (!once_.contains(sql)) {
    auto found = run(sql);
    if (!found) {
      return found.error();
    }
    once_.insert(sql, found->next() ? found->value(0).toInt() : 0);
  }
  return once_.value(sql);
}

Status Database::begin() {
  if (isSqlite()) {
    auto begun = run(QStringLiteral("BEGIN IMMEDIATE"));
    return begun ? Status(Done{}) : begun.error();
  }
  return db_.transaction() ? Status(Done{}) : problem(db_.lastError());
}

Status Database::commit() {
  if (isSqlite()) {
    if (auto done = run(QStringLiteral("COMMIT")); !done) {
      rollback();
      return done.error();
    }
    return Done{};
  }
  if (!db_.commit()) {
    const Error error = problem(db_.lastError());
    db_.rollback();
    return error;
  }
  return Done{};
}

void Database::rollback() {
  if (isSqlite()) {
    (void)run(QStringLiteral("ROLLBACK"));
  } else {
    db_.rollback();
  }
}

Status Database::open(const StoreUrl& url) {
  url_ = url;
  lost_ = false;
  once_.clear();
  if (auto status = connectTo(); !status) {
    return status;
  }
  const auto from = version();
  if (!from) {
    return from.error();
  }
  if (*from > kSchemaVersion) {
    return Error{url_.shown().toStdString(), std::nullopt,
                 say("was written by a newer version of the program"),
                 say("open it with that version; nothing was changed")};
  }
  if (*from == kSchemaVersion) {
    return Done{};
  }
  migrating_ = true;
  const auto migrated = migrate();
  migrating_ = false;
  return migrated;
}

Status Database::connectTo() {
  name_ = QUuid::createUuid().toString();
  if (isSqlite()) {
    QDir().mkpath(QFileInfo(url_.path).absolutePath());
    db_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
    db_.setDatabaseName(url_.path);
  } else {
    db_ = QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), name_);
    db_.setHostName(url_.host);
    db_.setPort(url_.port);
    db_.setUserName(url_.user);
    db_.setPassword(url_.password);
    db_.setDatabaseName(url_.database);
    // TLS encrypts, and nothing else: looking for a Kerberos ticket first costs time at each start.
    db_.setConnectOptions(
        QStringLiteral("connect_timeout=5;gssencmode=disable;sslmode=%1").arg(url_.sslMode));
  }
  if (!db_.isValid()) {
    return Error{url_.shown().toStdString(), std::nullopt,
                 say("cannot be reached: the database driver is not installed"),
                 isSqlite() ? say("install libqt6sql6-sqlite") : say("install libqt6sql6-psql")};
  }
  if (!db_.open()) {
    if (!isSqlite()) {
      return Error{url_.shown().toStdString(), std::nullopt,
                   say("cannot be reached (") + plain(db_.lastError()) + ")",
                   say("a server that runs, a user and a password it knows")};
    }
    return Error{
        url_.shown().toStdString(), std::nullopt,
        say("cannot be opened as a logbook (") + plain(db_.lastError()) + ")",
        say("a logbook of this program, in a folder that can be written, with room on the disk")};
  }
  if (!isSqlite()) {
    // A network that hangs is an error after a while, not for ever.
    auto set = run(QStringLiteral("SET statement_timeout='60s'"));
    return set ? Status(Done{}) : set.error();
  }
  // FULL: a commit that was acknowledged survives the machine going down.
  for (const char* pragma :
       {"PRAGMA busy_timeout=10000", "PRAGMA journal_mode=WAL", "PRAGMA synchronous=FULL",
        "PRAGMA foreign_keys=ON", "PRAGMA cache_size=-32000"}) {
    if (auto done = run(QString::fromLatin1(pragma)); !done) {
      return done.error();
    }
  }
  return Done{};
}

Result<int> Database::version() {
  if (isSqlite()) {
    auto version = run(QStringLiteral("PRAGMA user_version"));
    return version ? Result<int>(version->next() ? version->value(0).toInt() : 0)
                   : Result<int>(version.error());
  }
  auto there = run(QStringLiteral("SELECT to_regclass('schema_version') IS NOT NULL"));
  if (!there) {
    return there.error();
  }
  if (!there->next() || !there->value(0).toBool()) {
    return 0;
  }
  auto version = run(QStringLiteral("SELECT max(version) FROM schema_version"));
  return version ? Result<int>(version->next() ? version->value(0).toInt() : 0)
                 : Result<int>(version.error());
}

// A whole copy, whatever happens next.
Status Database::copyBefore(int from) {
  if (isSqlite()) {
    const QString backup = url_.path + QStringLiteral(".v%1.bak").arg(from);
    if (QFile::exists(backup)) {
      return Done{};  // by whoever came first; it is never overwritten
    }
    auto copied = run(QStringLiteral("VACUUM INTO ?"), {backup});
    return copied || QFile::exists(backup) ? Status(Done{}) : copied.error();
  }
  const QString aside = QStringLiteral("haybale_before_v%1").arg(from + 1);
  if (auto made = run(QStringLiteral("CREATE SCHEMA IF NOT EXISTS %1").arg(aside)); !made) {
    return made.error();
  }
  for (const char* table :
       {"jobs", "revisions", "outcomes", "goods", "practice", "peers", "schema_version"}) {
    if (auto copied = run(QStringLiteral("CREATE TABLE IF NOT EXISTS %1.%2 AS TABLE %2")
                              .arg(aside, QLatin1String(table)));
        !copied) {
      return copied.error();
    }
  }
  return Done{};
}

// Two programs may start at once: the second waits, and finds the work done.
Status Database::migrate() {
  if (isSqlite()) {
    const auto from = version();
    if (!from || (*from > 0 && *from < kSchemaVersion)) {
      if (auto copied = from ? copyBefore(*from) : Status(from.error()); !copied) {
        return copied;
      }
    }
  }
  return together([&]() -> Status {
    if (!isSqlite()) {
      if (auto locked = run(QStringLiteral("SELECT pg_advisory_xact_lock(72290123)")); !locked) {
        return locked.error();
      }
    }
    const auto from = version();
    if (!from) {
      return from.error();
    }
    if (!isSqlite() && *from > 0 && *from < kSchemaVersion) {
      if (auto copied = copyBefore(*from); !copied) {
        return copied;
      }
    }
    for (int step = *from; step < kSchemaVersion; ++step) {
      for (const auto& sql : schemaStep(engine(), step)) {
        if (auto done = run(sql); !done) {
          return done.error();
        }
      }
    }
    if (auto moved = carryOver(*this, *from); !moved) {
      return moved;
    }
    const QString number = QString::number(kSchemaVersion);
    for (const QString& sql :
         isSqlite() ? QStringList{QStringLiteral("PRAGMA user_version=") + number}
                    : QStringList{QStringLiteral("CREATE TABLE IF NOT EXISTS schema_version "
                                                 "(version INTEGER PRIMARY KEY)"),
                                  QStringLiteral("INSERT INTO schema_version VALUES (%1) ON "
                                                 "CONFLICT DO NOTHING")
                                      .arg(number)}) {
      if (auto done = run(sql); !done) {
        return done.error();
      }
    }
    return Done{};
  });
}

}  // namespace haybale::store
