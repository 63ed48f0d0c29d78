#include "store/migration.h"

#include "core/base/json.h"
#include "core/base/uuid.h"
#include "store/good_shelf.h"
#include "store/practice_log.h"
#include "store/revision.h"
#include "store/shelf.h"
#include "store/text.h"

namespace haybale::store {

namespace {

// What was kept before there were revisions is named by what it is: the same job brought forward on
// two machines stays one.
Status nameFirstRevisions(Database& db) {
  auto first = db.run(QStringLiteral(
      "SELECT row, job, changed, content FROM revisions WHERE revision LIKE 'first-%'"));
  std::vector<std::pair<qint64, QString>> names;
  while (first && first->next()) {
    names.emplace_back(first->value(0).toLongLong(),
                       firstRevision(first->value(1).toString(), first->value(2).toString(),
                                     first->value(3).toByteArray()));
  }
  if (!first) {
    return first.error();
  }
  first->finish();
  for (const auto& [row, name] : names) {
    for (const char* sql :
         {"UPDATE jobs SET revision=? WHERE id=(SELECT job FROM revisions WHERE row=?)",
          "UPDATE revisions SET revision=? WHERE row=?"}) {
      if (auto done = db.run(QLatin1String(sql), {name, row}); !done) {
        return done.error();
      }
    }
  }
  return Done{};
}

// Named by what it is, for the same reason.
Shelved asShelved(const char* kind, const QString& when, const Json& json, qint64 row) {
  const std::string content = json.dump();
  const std::string base =
      std::string(kind) + '\n' + when.toStdString() + '\n' + std::to_string(row) + '\n' + content;
  return {QString::fromLatin1(kind),         q(uuidOf(base)), q(uuidOf(base + "\nfirst")), when, {},
          QByteArray::fromStdString(content)};
}

Result<std::vector<Shelved>> oldGoods(Database& db) {
  auto found = db.run(QStringLiteral(
      "SELECT quantity, value, celsius, vehicle, module, part, circuit, place, taken, "
      "trace, row FROM goods ORDER BY row"));
  if (!found) {
    return found.error();
  }
  std::vector<Shelved> out;
  while (found->next()) {
    const auto text = [&](int column) { return found->value(column).toString().toStdString(); };
    Json json{{"quantity", text(0)}, {"value", found->value(1).toDouble()}};
    if (!found->value(2).isNull()) {
      json["celsius"] = found->value(2).toDouble();
    }
    int column = 3;
    for (const char* name : {"vehicle", "module", "part", "circuit", "place", "taken", "trace"}) {
      setIf(json, name, text(column++));
    }
    out.push_back(asShelved(shelf_kind::good, found->value(8).toString(), json,
                            found->value(10).toLongLong()));
  }
  return out;
}

Result<std::vector<Shelved>> oldPractice(Database& db) {
  auto found = db.run(
      QStringLiteral("SELECT trainee, case_id, seed, skill, level, points, minutes, best_minutes, "
                     "correct, wrong_parts, hints, brier, played, row FROM practice ORDER BY row"));
  if (!found) {
    return found.error();
  }
  std::vector<Shelved> out;
  while (found->next()) {
    PracticeResult r;
    r.trainee = found->value(0).toString();
    r.caseId = found->value(1).toString();
    r.seed = found->value(2).toLongLong();
    r.skill = found->value(3).toString();
    r.level = found->value(4).toInt();
    r.points = found->value(5).toInt();
    r.minutes = found->value(6).toDouble();
    r.bestMinutes = found->value(7).toDouble();
    r.right = found->value(8).toInt() != 0;
    r.wrongParts = found->value(9).toInt();
    r.hints = found->value(10).toInt();
    r.brier = found->value(11).toDouble();
    r.when = found->value(12).toString();
    out.push_back(
        asShelved(shelf_kind::practice, r.when, practiceJson(r), found->value(13).toLongLong()));
  }
  return out;
}

Status fillShelf(Database& db) {
  for (const auto& old : {oldGoods(db), oldPractice(db)}) {
    if (!old) {
      return old.error();
    }
    for (const auto& thing : *old) {
      if (auto done = Shelf(db).insert(thing); !done) {
        return done;
      }
    }
  }
  for (const char* table : {"goods", "practice"}) {
    if (auto done = db.run(QStringLiteral("DROP TABLE ") + QLatin1String(table)); !done) {
      return done.error();
    }
  }
  return Done{};
}

}  // namespace

Status carryOver(Database& db, int from) {
  if (from > 0 && from < 4) {
    if (auto named = nameFirstRevisions(db); !named) {
      return named;
    }
  }
  return from < 5 ? fillShelf(db) : Status(Done{});
}

}  // namespace haybale::store
