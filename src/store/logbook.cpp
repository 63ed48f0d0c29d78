#include "store/logbook.h"

#include <QDateTime>
#include <algorithm>
#include <set>

#include "core/base/say.h"
#include "core/base/uuid.h"
#include "core/belief/intake_priors.h"
#include "core/job/case_json.h"
#include "store/text.h"

namespace haybale::store {

namespace {

constexpr qint64 kSittingMs = 600'000;

JobRow rowOf(const Rows& query) {
  JobRow row;
  int column = 0;
  for (QString* text : {&row.id, &row.path, &row.folder, &row.title, &row.vehicle, &row.suspect,
                        &row.headline, &row.changed, &row.state, &row.revision}) {
    *text = query.value(column++).toString();
  }
  return row;
}

const QString kColumns = QStringLiteral(
    "j.id, j.path, j.folder, j.title, j.vehicle, j.suspect, j.headline, j.changed, j.state, "
    "j.revision");

Error notThere(const QString& id) {
  return Error{id.left(80).toStdString(), std::nullopt, say("is not in the logbook"),
               say("look for it by a word of it")};
}

// The columns of a revision without the content: a letter where there is any.
const QString kWithoutContent = QStringLiteral(
    "job, revision, parent, changed, origin, path, folder, headline, CASE WHEN length(content) > 0 "
    "THEN 'x' ELSE '' END");

}  // namespace

const QString& revisionColumns() {
  static const QString columns =
      QStringLiteral("job, revision, parent, changed, origin, path, folder, headline, content");
  return columns;
}

Revision revisionOf(const Rows& query) {
  Revision r;
  int column = 0;
  for (QString* text :
       {&r.job, &r.revision, &r.parent, &r.changed, &r.origin, &r.path, &r.folder, &r.headline}) {
    *text = query.value(column++).toString();
  }
  r.content = query.value(column).toByteArray();
  return r;
}

Result<std::unique_ptr<Logbook>> Logbook::open(const StoreUrl& url) {
  std::unique_ptr<Logbook> book(new Logbook);
  if (auto status = book->db_.open(url); !status) {
    return status.error();
  }
  return book;
}

Result<std::unique_ptr<Logbook>> Logbook::open(const QString& file) {
  StoreUrl url;
  url.path = file;
  return open(url);
}

Result<Revision> Logbook::headOf(const QString& id) {
  auto head =
      db_.run(QStringLiteral("SELECT %1 FROM revisions r WHERE job=? AND NOT EXISTS (SELECT "
                             "1 FROM revisions c WHERE c.job=r.job AND "
                             "c.parent=r.revision) ORDER BY changed DESC, revision DESC "
                             "LIMIT 1")
                  .arg(kWithoutContent),
              {id});
  if (!head) {
    return head.error();
  }
  return head->next() ? revisionOf(*head) : Revision{};
}

Status Logbook::insert(const Revision& r) {
  // Text in PostgreSQL, bytes in SQLite: JSON is both.
  const QByteArray bytes = r.gone() ? QByteArray("") : r.content;  // empty, which is not unset
  const QVariant content = db_.isSqlite() ? QVariant(bytes) : QVariant(QString::fromUtf8(bytes));
  auto done = db_.run(
      QStringLiteral("INSERT INTO revisions (%1) VALUES (?,?,?,?,?,?,?,?,?) ON CONFLICT (revision) "
                     "DO NOTHING")
          .arg(revisionColumns()),
      {r.job, r.revision, r.parent, r.changed, r.origin, r.path, r.folder, r.headline, content});
  return done ? Status(Done{}) : done.error();
}

Result<QString> Logbook::keep(const JobRow& row, const job::Case& c, const Keeping& how) {
  Revision made;
  made.job = row.id;
  made.revision = q(newUuid());
  made.origin = benchName();
  made.path = row.path;
  made.folder = row.folder;
  made.headline = row.headline;
  made.content = contentOf(row.id, c);
  const auto status = db_.together([&]() -> Status {
    if (auto held = hold(row.id); !held) {
      return held;
    }
    auto head = headOf(row.id);
    if (!head) {
      return head.error();
    }
    const QString base = how.base.value_or(head->revision);
    made.parent = base;
    made.changed = laterThan(head->changed, row.changed);
    // Nobody else has a state that this bench just made and has not brought over.
    const QDateTime then = QDateTime::fromString(head->changed, Qt::ISODateWithMs);
    if (how.squash && base == head->revision && head->origin == made.origin && !head->gone() &&
        then.isValid() && then.msecsTo(QDateTime::currentDateTimeUtc()) < kSittingMs) {
      made.parent = head->parent;
      auto taken =
          db_.run(QStringLiteral("DELETE FROM revisions WHERE revision=? AND row > (SELECT "
                                 "coalesce(max(claimed), 0) FROM peers) AND parent<>''"),
                  {head->revision});
      if (!taken) {
        return taken.error();
      }
      if (taken->numRowsAffected() < 1) {
        made.parent = base;
      }
    }
    if (auto done = insert(made); !done) {
      return done;
    }
    return showHead(made, c);  // it is: later than what was
  });
  return status ? Result<QString>(made.revision) : Result<QString>(status.error());
}

QByteArray Logbook::contentOf(const QString& id, job::Case c) {
  if (isPlainName(id.toStdString())) {
    c.id = id.toStdString();
  }
  return QByteArray::fromStdString(job::caseText(c));
}

Result<QString> Logbook::sameState(const QString& id, const job::Case& c) {
  const QByteArray content = contentOf(id, c);
  auto found =
      db_.run(QStringLiteral("SELECT revision FROM revisions WHERE job=? AND content=? ORDER "
                             "BY changed DESC LIMIT 1"),
              {id, db_.isSqlite() ? QVariant(content) : QVariant(QString::fromUtf8(content))});
  if (!found) {
    return found.error();
  }
  return found->next() ? found->value(0).toString() : QString();
}

Status Logbook::take(const std::vector<Revision>& revisions) {
  // In one order, so that two programs never wait for each other.
  std::set<QString> jobs;
  for (const auto& r : revisions) {
    jobs.insert(r.job);
  }
  return db_.together([&]() -> Status {
    for (const auto& id : jobs) {
      if (auto held = hold(id); !held) {
        return held;
      }
    }
    for (const auto& r : revisions) {
      if (auto done = insert(r); !done) {
        return done;
      }
    }
    for (const auto& id : jobs) {
      if (auto done = settle(id); !done) {
        return done;
      }
    }
    return Done{};
  });
}

// Two programs that change one job at once come one after the other; in SQLite the transaction
// itself sees to that.
Status Logbook::hold(const QString& id) {
  if (db_.isSqlite()) {
    return Done{};
  }
  auto held = db_.run(QStringLiteral("SELECT pg_advisory_xact_lock(hashtextextended(?, 0))"), {id});
  return held ? Status(Done{}) : held.error();
}

// Makes the row of a job show its head.
Status Logbook::settle(const QString& id) {
  const auto head = headOf(id);
  if (!head) {
    return head.error();
  }
  if (head->gone()) {
    auto done = db_.run(QStringLiteral("DELETE FROM jobs WHERE id=?"), {id});
    return done ? Status(Done{}) : done.error();
  }
  auto shown =
      db_.run(QStringLiteral("SELECT 1 FROM jobs WHERE id=? AND revision=?"), {id, head->revision});
  if (!shown) {
    return shown.error();
  }
  if (shown->next()) {
    return Done{};
  }
  // A state of a newer version that cannot be read is kept all the same, under what is known of it.
  const auto c = loadRevision(head->revision);
  return showHead(*head, c ? *c : job::Case{});
}

Status Logbook::showHead(const Revision& head, const job::Case& c) {
  const SearchEntry entry = searchEntry(c, head.headline, head.changed);
  const bool closed = c.closing.closed();
  QVariantList values{
      head.job,      head.path,    head.folder,
      q(c.title),    q(c.vehicle), q(c.suspect),
      head.headline, head.changed, closed ? QStringLiteral("closed") : QStringLiteral("open"),
      head.revision};
  if (!db_.isSqlite()) {
    values << lexemes(entry);
  }
  const QString more = db_.isSqlite() ? QString() : QStringLiteral(", words");
  auto written = db_.run(
      QStringLiteral(
          "INSERT INTO jobs (id, path, folder, title, vehicle, suspect, headline, "
          "changed, state, revision%1) VALUES (?,?,?,?,?,?,?,?,?,?%2) ON CONFLICT (id) DO "
          "UPDATE SET path=excluded.path, folder=excluded.folder, title=excluded.title, "
          "vehicle=excluded.vehicle, suspect=excluded.suspect, "
          "headline=excluded.headline, changed=excluded.changed, state=excluded.state, "
          "revision=excluded.revision%3 RETURNING row")
          .arg(more,
               db_.isSqlite() ? QString()
                              : QStringLiteral(", array_to_tsvector(string_to_array(?, ' '))"),
               db_.isSqlite() ? QString() : QStringLiteral(", words=excluded.words")),
      values);
  if (!written) {
    return written.error();
  }
  if (!written->next()) {
    return notThere(head.job);
  }
  const QVariant number = written->value(0);
  written->finish();
  std::vector<std::pair<QString, QVariantList>> rest;
  if (db_.isSqlite()) {
    rest.emplace_back(QStringLiteral("DELETE FROM job_text WHERE rowid=?"), QVariantList{number});
    rest.emplace_back(
        QStringLiteral(
            "INSERT INTO job_text (rowid, title, vehicle, body, tags) VALUES (?,?,?,?,?)"),
        QVariantList{number, entry.title, entry.vehicle, entry.body, entry.tags});
  }
  rest.emplace_back(QStringLiteral("DELETE FROM outcomes WHERE row=?"), QVariantList{number});
  if (closed) {
    const auto* circuit = c.find(c.closing.circuit);
    const auto* failed = circuit ? circuit->find(c.closing.element) : nullptr;
    rest.emplace_back(
        QStringLiteral("INSERT INTO outcomes (row, vehicle, class, fault, closed, minutes, proved, "
                       "comeback) VALUES (?,?,?,?,?,?,?,?)"),
        QVariantList{number, q(c.vehicle),
                     c.closing.element.empty()
                         ? QString()
                         : q(diagnosis::countedAs(failed ? *failed : circuit::Element{})),
                     q(c.closing.fault), q(c.closing.date), c.closing.minutes,
                     c.closing.proved ? 1 : 0, c.closing.comeback ? 1 : 0});
  }
  for (const auto& [sql, bound] : rest) {
    if (auto done = db_.run(sql, bound); !done) {
      return done.error();
    }
  }
  return Done{};
}

Status Logbook::forget(const QString& id) {
  return db_.together([&]() -> Status {
    if (auto held = hold(id); !held) {
      return held;
    }
    const auto head = headOf(id);
    if (!head) {
      return head.error();
    }
    Revision gone;
    gone.job = id;
    gone.revision = q(newUuid());
    gone.parent = head->revision;
    gone.changed = laterThan(head->changed, utcNow());
    gone.origin = benchName();
    if (auto done = db_.run(QStringLiteral("DELETE FROM revisions WHERE job=?"), {id}); !done) {
      return done.error();
    }
    if (auto done = insert(gone); !done) {
      return done;
    }
    return settle(id);
  });
}

Result<std::vector<JobRow>> Logbook::search(const Filter& filter, int most) {
  const QString match = db_.isSqlite() ? ftsMatch(filter) : tsQuery(filter);
  if (match == QStringLiteral("-")) {
    return std::vector<JobRow>{};
  }
  const QString latest = QStringLiteral(" ORDER BY j.changed DESC, j.row DESC LIMIT ?");
  const QString all = QStringLiteral("SELECT %1 FROM jobs j").arg(kColumns);
  auto found =
      match.isEmpty() ? db_.run(all + latest, {most})
      : db_.isSqlite()
          ? db_.run(all +
                        QStringLiteral(" WHERE j.row IN (SELECT rowid FROM job_text WHERE job_text "
                                       "MATCH ?)") +
                        latest,
                    {match, most})
          : db_.run(all + QStringLiteral(" WHERE j.words @@ ?::tsquery") + latest, {match, most});
  if (!found) {
    return found.error();
  }
  std::vector<JobRow> out;
  while (found->next()) {
    out.push_back(rowOf(*found));
  }
  return out;
}

Result<job::Case> Logbook::load(const QString& id) {
  auto found = db_.run(QStringLiteral("SELECT r.content FROM jobs j JOIN revisions r ON "
                                      "r.revision=j.revision WHERE j.id=?"),
                       {id});
  if (!found) {
    return found.error();
  }
  if (!found->next()) {
    return notThere(id);
  }
  auto c = job::parseCase(found->value(0).toByteArray().toStdString(), id.toStdString(),
                          job::Damaged::kept);
  if (c && isPlainName(id.toStdString())) {
    c->id = id.toStdString();
  }
  return c;
}

Result<JobRow> Logbook::row(const QString& id) {
  auto found = db_.run(QStringLiteral("SELECT %1 FROM jobs j WHERE j.id=?").arg(kColumns), {id});
  if (!found) {
    return found.error();
  }
  if (!found->next()) {
    return notThere(id);
  }
  return rowOf(*found);
}

Result<std::vector<Revision>> Logbook::listed(const QString& columns, const QString& id,
                                              const QString& order) {
  auto found = db_.run(
      QStringLiteral("SELECT %1 FROM revisions WHERE job=? ORDER BY %2").arg(columns, order), {id});
  if (!found) {
    return found.error();
  }
  std::vector<Revision> out;
  while (found->next()) {
    out.push_back(revisionOf(*found));
  }
  return out;
}

Result<std::vector<Revision>> Logbook::revisions(const QString& id) {
  return listed(kWithoutContent, id, QStringLiteral("changed DESC, row DESC"));
}

Result<std::vector<Revision>> Logbook::states(const QString& id) {
  return listed(revisionColumns(), id, QStringLiteral("row"));
}

Result<job::Case> Logbook::loadRevision(const QString& revision) {
  auto found =
      db_.run(QStringLiteral("SELECT content FROM revisions WHERE revision=?"), {revision});
  if (!found) {
    return found.error();
  }
  if (!found->next()) {
    return notThere(revision);
  }
  return job::parseCase(found->value(0).toByteArray().toStdString(), revision.toStdString(),
                        job::Damaged::kept);
}

Result<std::vector<Revision>> Logbook::besideHead(const QString& id) {
  const auto all = revisions(id);
  const auto head = row(id);
  if (!all || !head) {
    return all ? head.error() : all.error();
  }
  std::vector<Revision> out;
  for (const auto& r : *all) {
    const bool builtOn = std::any_of(all->begin(), all->end(),
                                     [&](const Revision& c) { return c.parent == r.revision; });
    if (!builtOn && r.revision != head->revision) {
      out.push_back(r);
    }
  }
  return out;
}

qint64 Logbook::count() {
  auto found = db_.run(QStringLiteral("SELECT count(*) FROM jobs"));
  return found && found->next() ? found->value(0).toLongLong() : 0;
}

}  // namespace haybale::store
