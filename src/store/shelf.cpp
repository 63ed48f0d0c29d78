#include "store/shelf.h"

#include "core/base/say.h"
#include "core/base/uuid.h"
#include "store/revision.h"
#include "store/text.h"

namespace haybale::store {

namespace {

const QString kFields = QStringLiteral("kind, name, version, changed, origin, content");
// No later version of the same thing.
const QString kLatest = QStringLiteral(
    "NOT EXISTS (SELECT 1 FROM shelf t WHERE t.kind=s.kind AND t.name=s.name AND (t.changed > "
    "s.changed OR (t.changed=s.changed AND t.version > s.version))) AND length(s.content) > 0");

}  // namespace

Status Shelf::insert(const Shelved& s) {
  // Text in PostgreSQL, bytes in SQLite.
  const QByteArray bytes = s.gone() ? QByteArray("") : s.content;  // empty, which is not unset
  auto done = db_.run(QStringLiteral("INSERT INTO shelf (%1) VALUES (?,?,?,?,?,?) ON CONFLICT "
                                     "(version) DO NOTHING")
                          .arg(kFields),
                      {s.kind, s.name, s.version, s.changed, s.origin,
                       db_.isSqlite() ? QVariant(bytes) : QVariant(QString::fromUtf8(bytes))});
  return done ? Status(Done{}) : done.error();
}

Result<QString> Shelf::latest(const QString& kind, const QString& name) {
  auto found = db_.run(QStringLiteral("SELECT max(changed) FROM shelf WHERE kind=? AND name=?"),
                       {kind, name});
  if (!found) {
    return found.error();
  }
  return found->next() ? found->value(0).toString() : QString();
}

Status Shelf::put(const QString& kind, const QString& name, const QByteArray& content) {
  return db_.together([&]() -> Status {
    const auto before = latest(kind, name);
    if (!before) {
      return before.error();
    }
    return insert({kind, name, q(newUuid()), laterThan(*before, utcNow()), benchName(), content});
  });
}

Status Shelf::remove(const QString& kind, const QString& name) {
  const auto before = latest(kind, name);
  if (!before || before->isEmpty()) {
    return before ? Status(Done{}) : before.error();
  }
  return put(kind, name, {});
}

Result<std::vector<Shelved>> Shelf::select(const QString& rest, const QVariantList& values) {
  auto found = db_.run(QStringLiteral("SELECT %1 FROM shelf s WHERE ").arg(kFields) + rest, values);
  if (!found) {
    return found.error();
  }
  std::vector<Shelved> out;
  while (found->next()) {
    Shelved s;
    int column = 0;
    for (QString* text : {&s.kind, &s.name, &s.version, &s.changed, &s.origin}) {
      *text = found->value(column++).toString();
    }
    s.content = found->value(column).toByteArray();
    out.push_back(std::move(s));
  }
  return out;
}

Result<std::vector<Shelved>> Shelf::all(const QString& kind) {
  return select(
      QStringLiteral("s.kind=? AND ") + kLatest + QStringLiteral(" ORDER BY s.changed, s.row"),
      {kind});
}

Result<Shelved> Shelf::one(const QString& kind, const QString& name) {
  auto found = select(QStringLiteral("s.kind=? AND s.name=? AND ") + kLatest, {kind, name});
  if (!found) {
    return found.error();
  }
  if (found->empty()) {
    return Error{name.left(80).toStdString(), std::nullopt, say("is not on the shop's shelf"),
                 say("look at the list of what is there")};
  }
  return std::move(found->front());
}

Status Shelf::take(const std::vector<Shelved>& versions) {
  return db_.together([&]() -> Status {
    for (const auto& s : versions) {
      if (auto done = insert(s); !done) {
        return done;
      }
    }
    return Done{};
  });
}

Result<std::vector<Shelved>> Shelf::versions(const QStringList& ids) {
  std::vector<Shelved> out;
  for (const auto& id : ids) {
    auto found = select(QStringLiteral("s.version=?"), {id});
    if (!found) {
      return found.error();
    }
    for (auto& s : *found) {
      out.push_back(std::move(s));
    }
  }
  return out;
}

}  // namespace haybale::store
