#include "store/attached.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>

#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "store/text.h"

namespace haybale::store {

namespace {

constexpr qint64 kPiece = 1 << 20;

Error cannotRead(const QString& file) {
  return {file.toStdString(), std::nullopt, say("cannot be read"),
          say("a file that is there and may be read")};
}

Error stopped(const QString& file) {
  return {file.toStdString(), std::nullopt, say("was not brought over: stopped"),
          say("begin again when there is time")};
}

Result<QString> hashOf(const QString& path, Progress& progress) {
  QFile file(path);
  if (!QFileInfo(path).isFile() || !file.open(QIODevice::ReadOnly)) {
    return cannotRead(path);
  }
  if (file.size() > kLargestAttached) {
    return Error{path.toStdString(), std::nullopt, say("is too large to be brought along"),
                 say("at most 4 GB")};
  }
  QCryptographicHash hash(QCryptographicHash::Sha256);
  while (!file.atEnd()) {
    const QByteArray piece = file.read(kPiece);
    if (piece.isEmpty()) {
      return cannotRead(path);
    }
    hash.addData(piece);
    if (progress.cancelled()) {
      return stopped(path);
    }
  }
  return QString::fromLatin1(hash.result().toHex());
}

Result<bool> isThere(Database& db, const QString& sha256) {
  auto found = db.run(QStringLiteral("SELECT 1 FROM pieces WHERE sha256=? LIMIT 1"), {sha256});
  if (!found) {
    return found.error();
  }
  return found->next();
}

// All pieces of a file; it may have changed since it was hashed.
Status sendPieces(Database& db, const QString& path, const QString& sha256, Progress& progress) {
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly)) {
    return cannotRead(path);
  }
  QCryptographicHash hash(QCryptographicHash::Sha256);
  // An empty file is one empty piece.
  for (int part = 0; part == 0 || !file.atEnd(); ++part) {
    const QByteArray piece = file.read(kPiece);
    hash.addData(piece);
    auto sent = db.run(QStringLiteral("INSERT INTO pieces (sha256, part, data) VALUES (?,?,?) ON "
                                      "CONFLICT (sha256, part) DO NOTHING"),
                       {sha256, part, piece.isNull() ? QByteArray("") : piece});
    if (!sent) {
      return sent.error();
    }
    progress.advance(static_cast<std::size_t>(piece.size()));
    if (progress.cancelled()) {
      return stopped(path);
    }
  }
  if (QString::fromLatin1(hash.result().toHex()) != sha256) {
    return Error{path.toStdString(), std::nullopt, say("changed while it was brought along"),
                 say("bring it along again")};
  }
  return Done{};
}

// The bytes as they lie there, into a file that nobody else sees yet.
Status writePieces(Database& db, const Attached& which, const QString& path, Progress& progress) {
  QFile file(path);
  if (!file.open(QIODevice::WriteOnly)) {
    return Error{path.toStdString(), std::nullopt, say("cannot be written"),
                 say("look whether the folder can be written and the disk has room")};
  }
  QCryptographicHash hash(QCryptographicHash::Sha256);
  for (int part = 0;; ++part) {
    auto found = db.run(QStringLiteral("SELECT data FROM pieces WHERE sha256=? AND part=?"),
                        {which.sha256, part});
    if (!found) {
      return found.error();
    }
    if (!found->next()) {
      break;
    }
    const QByteArray piece = found->value(0).toByteArray();
    hash.addData(piece);
    if (file.write(piece) != piece.size()) {
      return Error{path.toStdString(), std::nullopt, say("could not be written"),
                   say("look whether the disk is full")};
    }
    progress.advance(static_cast<std::size_t>(piece.size()));
    if (progress.cancelled()) {
      return stopped(which.name);
    }
  }
  if (!file.flush() || QString::fromLatin1(hash.result().toHex()) != which.sha256) {
    return Error{which.name.toStdString(), std::nullopt, say("is damaged in the shop's logbook"),
                 say("bring it along again from the bench that has it")};
  }
  return Done{};
}

}  // namespace

Status attachFile(Database& db, const QString& job, const QString& name, const QString& path,
                  Progress& progress) {
  const auto sha256 = hashOf(path, progress);
  if (!sha256) {
    return sha256.error();
  }
  return db.together([&]() -> Status {
    const auto there = isThere(db, *sha256);
    if (!there) {
      return there.error();
    }
    if (!*there) {
      if (auto sent = sendPieces(db, path, *sha256, progress); !sent) {
        return sent;
      }
    }
    auto noted = db.run(QStringLiteral("INSERT INTO attached (job, name, sha256, bytes) VALUES "
                                       "(?,?,?,?) ON CONFLICT (job, name) DO UPDATE SET "
                                       "sha256=excluded.sha256, bytes=excluded.bytes"),
                        {job, name, *sha256, QFileInfo(path).size()});
    return noted ? Status(Done{}) : noted.error();
  });
}

Result<std::vector<Attached>> attachedTo(Database& db, const QString& job) {
  auto found = db.run(
      QStringLiteral("SELECT name, sha256, bytes FROM attached WHERE job=? ORDER BY name"), {job});
  if (!found) {
    return found.error();
  }
  std::vector<Attached> out;
  while (found->next()) {
    out.push_back(
        {found->value(0).toString(), found->value(1).toString(), found->value(2).toLongLong()});
  }
  return out;
}

Status fetchAttached(Database& db, const Attached& which, const QString& path, Progress& progress) {
  QDir().mkpath(QFileInfo(path).absolutePath());
  return job::replaceFile(path.toStdString(), [&](const std::string& beside) {
    return writePieces(db, which, q(beside), progress);
  });
}

Status detachAll(Database& db, const QString& job) {
  return db.together([&]() -> Status {
    for (const auto& [sql, values] :
         {std::pair{QStringLiteral("DELETE FROM attached WHERE job=?"), QVariantList{job}},
          std::pair{
              QStringLiteral("DELETE FROM pieces p WHERE NOT EXISTS (SELECT 1 FROM attached a "
                             "WHERE a.sha256=p.sha256)"),
              QVariantList{}}}) {
      if (auto done = db.run(sql, values); !done) {
        return done.error();
      }
    }
    return Done{};
  });
}

}  // namespace haybale::store
