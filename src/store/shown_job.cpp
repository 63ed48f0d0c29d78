#include "store/shown_job.h"

#include "core/belief/intake_priors.h"
#include "store/job_place.h"
#include "store/text.h"

namespace haybale::store {

namespace {

QString stateOf(const ShownJob& job) {
  return job.closed ? QStringLiteral("closed") : QStringLiteral("open");
}

// PostgreSQL, from `source` with the columns job, path, folder, headline, changed, revision: the
// row of the job and its outcome. Values: title, vehicle, suspect, state, words, then the
// outcome's.
QString showing(const QString& source, bool onlyLater) {
  return QStringLiteral(
             "shown AS (INSERT INTO jobs (id, path, folder, headline, changed, revision, title, "
             "vehicle, suspect, state, words) SELECT k.job, k.path, k.folder, k.headline, "
             "k.changed, "
             "k.revision, ?, ?, ?, ?, array_to_tsvector(string_to_array(?, ' ')) FROM %1 k ON "
             "CONFLICT (id) DO UPDATE SET path=excluded.path, folder=excluded.folder, "
             "headline=excluded.headline, changed=excluded.changed, revision=excluded.revision, "
             "title=excluded.title, vehicle=excluded.vehicle, suspect=excluded.suspect, "
             "state=excluded.state, words=excluded.words%2 RETURNING row, title, vehicle, state), "
             "opened AS (DELETE FROM outcomes o USING shown s WHERE o.row=s.row AND "
             "s.state<>'closed') INSERT INTO outcomes (row, vehicle, class, fault, closed, "
             "minutes, "
             "proved, comeback) SELECT s.row, s.vehicle, ?, ?, ?, ?::float8, ?::int, ?::int FROM "
             "shown s WHERE s.state='closed' ON CONFLICT (row) DO UPDATE SET "
             "vehicle=excluded.vehicle, class=excluded.class, fault=excluded.fault, "
             "closed=excluded.closed, minutes=excluded.minutes, proved=excluded.proved, "
             "comeback=excluded.comeback")
      .arg(source, onlyLater ? QStringLiteral(" WHERE (excluded.changed, excluded.revision) > "
                                              "(jobs.changed, jobs.revision)")
                             : QString());
}

QVariantList valuesOf(const ShownJob& job) {
  return {job.title, job.vehicle, job.suspect, stateOf(job),       lexemes(job.words),  job.found,
          job.fault, job.date,    job.minutes, job.proved ? 1 : 0, job.comeback ? 1 : 0};
}

Status showInPostgres(Database& db, const ShownJob& job) {
  static const QString sql =
      QStringLiteral(
          "WITH kept AS (SELECT ?::text AS job, ?::text AS path, ?::text AS folder, "
          "?::text AS headline, ?::text AS changed, ?::text AS revision), ") +
      showing(QStringLiteral("kept"), false);
  const Revision& r = job.head;
  auto done = db.run(sql, QVariantList{r.job, r.path, r.folder, r.headline, r.changed, r.revision} +
                              valuesOf(job));
  return done ? Status(Done{}) : done.error();
}

// The row itself, under the place of its moment; its number.
Result<qint64> writeRow(Database& db, const ShownJob& job, qint64 place) {
  const Revision& r = job.head;
  auto written = db.run(
      QStringLiteral(
          "INSERT INTO jobs (id, path, folder, title, vehicle, suspect, headline, changed, state, "
          "revision, place) VALUES (?,?,?,?,?,?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE SET "
          "path=excluded.path, folder=excluded.folder, title=excluded.title, "
          "vehicle=excluded.vehicle, suspect=excluded.suspect, headline=excluded.headline, "
          "changed=excluded.changed, state=excluded.state, revision=excluded.revision, "
          "place=excluded.place RETURNING row"),
      {r.job, r.path, r.folder, job.title, job.vehicle, job.suspect, r.headline, r.changed,
       stateOf(job), r.revision, place});
  if (!written) {
    return written.error();
  }
  return written->next() ? written->value(0).toLongLong() : 0;
}

Status showInSqlite(Database& db, const ShownJob& job) {
  const auto place = freePlace(db, job.head.changed);
  if (!place) {
    return place.error();
  }
  auto gone =
      db.run(QStringLiteral("DELETE FROM job_words WHERE rowid=(SELECT place FROM jobs WHERE "
                            "id=?)"),
             {job.head.job});
  if (!gone) {
    return gone.error();
  }
  const auto row = writeRow(db, job, *place);
  if (!row) {
    return row.error();
  }
  std::vector<std::pair<QString, QVariantList>> rest;
  rest.emplace_back(
      QStringLiteral(
          "INSERT INTO job_words (rowid, title, vehicle, body, tags) VALUES (?,?,?,?,?)"),
      QVariantList{*place, job.words.title, job.words.vehicle, job.words.body, job.words.tags});
  rest.emplace_back(QStringLiteral("DELETE FROM outcomes WHERE row=?"), QVariantList{*row});
  if (job.closed) {
    rest.emplace_back(
        QStringLiteral("INSERT INTO outcomes (row, vehicle, class, fault, closed, minutes, proved, "
                       "comeback) VALUES (?,?,?,?,?,?,?,?)"),
        QVariantList{*row, job.vehicle, job.found, job.fault, job.date, job.minutes,
                     job.proved ? 1 : 0, job.comeback ? 1 : 0});
  }
  for (const auto& [sql, bound] : rest) {
    if (auto done = db.run(sql, bound); !done) {
      return done.error();
    }
  }
  return Done{};
}

}  // namespace

ShownJob shownJob(const Revision& head, const job::Case& c) {
  ShownJob out;
  out.head = head;
  out.words = searchEntry(c, head.headline, head.changed);
  out.title = q(c.title);
  out.vehicle = q(c.vehicle);
  out.suspect = q(c.suspect);
  out.closed = c.closing.closed();
  if (out.closed) {
    const auto* circuit = c.find(c.closing.circuit);
    const auto* failed = circuit ? circuit->find(c.closing.element) : nullptr;
    out.found = c.closing.element.empty()
                    ? QString()
                    : q(diagnosis::countedAs(failed ? *failed : circuit::Element{}));
    out.fault = q(c.closing.fault);
    out.date = q(c.closing.date);
    out.minutes = c.closing.minutes;
    out.proved = c.closing.proved;
    out.comeback = c.closing.comeback;
  }
  return out;
}

Status show(Database& db, const ShownJob& job) {
  return db.isSqlite() ? showInSqlite(db, job) : showInPostgres(db, job);
}

namespace {

// With all of a shop's benches at it at once the server gives each a slice in turn, and all end
// late. So they stand in line and each is done before the next begins: in two lines, or as many as
// the database's setting haybale.lines says (packaging/shop-server.md). Who came one after the
// other stands in different lines: told by the numbers of their processes, for when others came is
// not shown to every user.
Result<int> lineOf(Database& db) {
  return db.once(QStringLiteral(
      "SELECT (SELECT count(*) FROM pg_stat_activity WHERE datname=current_database() AND "
      "usesysid IS NOT NULL AND pid < pg_backend_pid()) % "
      "CASE WHEN current_setting('haybale.lines', true) ~ '^[1-9][0-9]?$' THEN "
      "current_setting('haybale.lines')::int ELSE 2 END"));
}

// A lock's first key; its second is the line.
constexpr int kLines = 72290124;

}  // namespace

// The job's lock is taken before anything is written: whoever settles the same job holds it while
// it looks for the head, and so sees this state or is seen by it. Only then a line is joined: who
// waits for a job keeps nobody else waiting.
Status keepAndShow(Database& db, const ShownJob& job) {
  static const QString sql =
      QStringLiteral(
          "WITH held AS MATERIALIZED (SELECT pg_advisory_xact_lock(hashtextextended(?, 0))), line "
          "AS MATERIALIZED (SELECT pg_advisory_xact_lock(?, ?) FROM held), kept AS (INSERT INTO "
          "revisions (job, revision, parent, changed, origin, path, folder, headline, content) "
          "SELECT ?, ?, ?, ?, ?, ?, ?, ?, ? FROM line RETURNING job, path, folder, headline, "
          "changed, revision), ") +
      showing(QStringLiteral("kept"), true);
  const auto line = lineOf(db);
  if (!line) {
    return line.error();
  }
  const Revision& r = job.head;
  auto done = db.run(
      sql, QVariantList{r.job, kLines, *line, r.job, r.revision, r.parent, r.changed, r.origin,
                        r.path, r.folder, r.headline, QString::fromUtf8(r.content)} +
               valuesOf(job));
  return done ? Status(Done{}) : done.error();
}

}  // namespace haybale::store
