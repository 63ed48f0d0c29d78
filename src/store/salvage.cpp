#include "store/salvage.h"

#include <QDate>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlError>
#include <QSqlRecord>
#include <QUuid>

#include "core/base/say.h"
#include "store/shelf.h"

namespace haybale::store {

namespace {

constexpr qint64 kMostRows = 5'000'000;
constexpr int kMostErased = 100'000;
constexpr int kBadInARow = 2000;  // beyond this many the rest of the file is given up

QString freeName(const QString& wanted) {
  QString name;
  int n = 1;
  do {
    name = QStringLiteral("%1-%2").arg(wanted).arg(n++);
  } while (QFile::exists(name));
  return name;
}

// A connection of its own that changes nothing; closed with it.
class Reader {
 public:
  explicit Reader(const QString& file) : name_(QUuid::createUuid().toString()) {
    db_ = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
    db_.setDatabaseName(file);
    db_.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
    open_ = db_.open();
  }
  Reader(const Reader&) = delete;
  Reader& operator=(const Reader&) = delete;
  ~Reader() {
    db_.close();
    db_ = {};
    QSqlDatabase::removeDatabase(name_);
  }
  [[nodiscard]] bool open() const { return open_; }
  /// Whether what went wrong last is damage: a disk that is full, a folder without rights or
  /// another program that holds the file are none.
  [[nodiscard]] bool damaged() const { return isDamage(open_ ? failed_ : db_.lastError()); }
  // First value of one statement; null when it cannot be had.
  QVariant value(const QString& sql) {
    QSqlQuery query(db_);
    const bool there = query.exec(sql) && query.next();
    failed_ = query.lastError();
    return there ? query.value(0) : QVariant();
  }
  // The fields of one row by its number: 1 read, 0 there is none, -1 it cannot be read.
  int row(const QString& table, const QString& columns, qint64 number, QVariantList& out) {
    QSqlQuery query(db_);
    if (!query.exec(
            QStringLiteral("SELECT %1 FROM %2 WHERE row=%3").arg(columns, table).arg(number))) {
      return -1;
    }
    if (!query.next()) {
      return query.lastError().isValid() ? -1 : 0;
    }
    out.clear();
    for (int column = 0; column < query.record().count(); ++column) {
      out << query.value(column);
    }
    return 1;
  }

 private:
  // SQLite's SQLITE_CORRUPT and SQLITE_NOTADB, with what their extended forms add above.
  static bool isDamage(const QSqlError& error) {
    const int code = error.nativeErrorCode().toInt() & 0xFF;
    return code == 11 || code == 26;
  }

  QSqlDatabase db_;
  QSqlError failed_;
  QString name_;
  bool open_ = false;
};

Revision stateOf(const QVariantList& fields) {
  Revision out;
  int column = 0;
  for (QString* text : {&out.job, &out.revision, &out.parent, &out.changed, &out.origin, &out.path,
                        &out.folder, &out.headline}) {
    *text = fields[column++].toString();
  }
  out.content = fields[column].toByteArray();
  return out;
}

Shelved thingOf(const QVariantList& fields) {
  return {fields[0].toString(), fields[1].toString(), fields[2].toString(),
          fields[3].toString(), fields[4].toString(), fields[5].toByteArray()};
}

// Every row of one table that can be read, by its number; how many could not be.
template <class Take>
qint64 eachRow(Reader& from, const QString& table, const QString& columns, const Take& take) {
  if (from.value(QStringLiteral("SELECT 1 FROM sqlite_master WHERE name='%1'").arg(table))
          .isNull()) {
    return 0;  // of an older version
  }
  const QVariant last =
      from.value(QStringLiteral("SELECT seq FROM sqlite_sequence WHERE name='%1'").arg(table));
  const qint64 end = last.isNull() ? kMostRows : std::min(last.toLongLong(), kMostRows);
  qint64 lost = 0;
  int bad = 0;
  QVariantList fields;
  for (qint64 n = 1; n <= end && bad < kBadInARow; ++n) {
    const int read = from.row(table, columns, n, fields);
    bad = read == 1 ? 0 : bad + 1;
    lost += read < 0 ? 1 : 0;
    if (read == 1) {
      take(fields);
    }
  }
  return lost;
}

// All of one file that can be read, into `to`: what was erased first, so that it does not come
// back.
void bringRows(const QString& file, Logbook& to, qint64& states, qint64& lost) {
  Reader from(file);
  if (!from.open()) {
    return;
  }
  QStringList erased;
  for (int n = 0; n < kMostErased; ++n) {
    const QVariant job = from.value(
        QStringLiteral("SELECT job FROM erasures ORDER BY job LIMIT 1 OFFSET %1").arg(n));
    if (job.isNull()) {
      break;
    }
    erased << job.toString();
  }
  (void)to.takeErased(erased);
  std::vector<Revision> batch;
  const auto flush = [&] {
    if (!batch.empty() && to.take(batch)) {
      states += static_cast<qint64>(batch.size());
    }
    batch.clear();
  };
  lost += eachRow(from, QStringLiteral("revisions"), revisionColumns(),
                  [&](const QVariantList& fields) {
                    Revision r = stateOf(fields);
                    if (!r.job.isEmpty() && !r.revision.isEmpty()) {
                      batch.push_back(std::move(r));
                    }
                    if (batch.size() >= 100) {
                      flush();
                    }
                  });
  flush();
  lost += eachRow(
      from, QStringLiteral("shelf"),
      QStringLiteral("kind, name, version, changed, origin, content"),
      [&](const QVariantList& fields) { (void)Shelf(to.database()).take({thingOf(fields)}); });
}

QStringList backupsOf(const QString& file) {
  const QFileInfo about(file);
  QStringList out = QDir(about.absolutePath())
                        .entryList({about.fileName() + QStringLiteral(".20*-*-*.bak")}, QDir::Files,
                                   QDir::Name | QDir::Reversed);
  for (auto& name : out) {
    name = about.absolutePath() + QLatin1Char('/') + name;
  }
  return out;
}

}  // namespace

bool isSound(const QString& file) {
  if (!QFile::exists(file)) {
    return true;  // a new one is begun
  }
  Reader reader(file);
  const QVariant found =
      reader.open() ? reader.value(QStringLiteral("PRAGMA quick_check(1)")) : QVariant();
  return found.isNull() ? !reader.damaged() : found.toString() == QStringLiteral("ok");
}

namespace {

// A logbook with what was written and not yet taken into the file; all of it or nothing.
bool moveBook(const QString& from, const QString& to) {
  QStringList moved;
  for (const char* part : {"", "-wal", "-shm"}) {
    const QString name = from + QLatin1String(part);
    if (QFile::exists(name) && !QFile::rename(name, to + QLatin1String(part))) {
      for (const auto& back : moved) {
        QFile::rename(to + back, from + back);
      }
      return false;
    }
    moved << QString::fromLatin1(part);
  }
  return true;
}

}  // namespace

Result<Salvaged> salvage(const QString& file) {
  Salvaged out;
  out.aside = freeName(file + QStringLiteral(".damaged"));
  if (!moveBook(file, out.aside)) {
    return Error{file.toStdString(), std::nullopt, say("is damaged and cannot be put aside"),
                 say("look whether the folder can be written")};
  }
  auto fresh = Logbook::open(file);
  if (!fresh) {
    // Where no new one can be begun the old one stays what it was.
    for (const char* part : {"", "-wal", "-shm"}) {
      QFile::remove(file + QLatin1String(part));
    }
    moveBook(out.aside, file);
    return fresh.error();
  }
  bringRows(out.aside, **fresh, out.states, out.lost);
  for (const auto& backup : backupsOf(file)) {
    if (!isSound(backup)) {
      continue;
    }
    qint64 before = (*fresh)->count();
    qint64 ignored = 0;
    qint64 brought = 0;
    bringRows(backup, **fresh, brought, ignored);
    if ((*fresh)->count() > before) {
      out.fromBackup = backup;
    }
    break;  // older ones hold nothing that this one does not
  }
  return out;
}

Status renewBackups(const QString& file) {
  const QFileInfo about(file);
  for (const auto& name :
       QDir(about.absolutePath())
           .entryList({about.fileName() + QStringLiteral(".*.bak")}, QDir::Files)) {
    QFile::remove(about.absolutePath() + QLatin1Char('/') + name);
  }
  return backUp(file);
}

Status backUp(const QString& file, int keep) {
  const QString today =
      file + QLatin1Char('.') + QDate::currentDate().toString(Qt::ISODate) + QStringLiteral(".bak");
  if (!QFile::exists(today)) {
    Database db;
    StoreUrl url;
    url.path = file;
    if (auto opened = db.open(url); !opened) {
      return opened;
    }
    // Whole under another name first: a copy that was cut off is no copy.
    const QString part = today + QStringLiteral(".part");
    QFile::remove(part);
    if (auto copied = db.run(QStringLiteral("VACUUM INTO ?"), {part}); !copied) {
      QFile::remove(part);
      return copied.error();
    }
    if (!QFile::rename(part, today)) {
      QFile::remove(part);
    }
  }
  QStringList all = backupsOf(file);
  while (all.size() > keep) {
    QFile::remove(all.takeLast());
  }
  return Done{};
}

}  // namespace haybale::store
