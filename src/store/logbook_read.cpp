#include <algorithm>

#include "core/base/say.h"
#include "core/base/uuid.h"
#include "core/job/case_json.h"
#include "store/logbook.h"
#include "store/text.h"

namespace haybale::store {

namespace {

JobRow rowOf(const Rows& query) {
  JobRow row;
  int column = 0;
  for (QString* text : {&row.id, &row.path, &row.folder, &row.title, &row.vehicle, &row.suspect,
                        &row.headline, &row.changed, &row.state, &row.revision}) {
    *text = query.value(column++).toString();
  }
  return row;
}

Error isNotThere(const QString& id) {
  return Error{id.left(80).toStdString(), std::nullopt, say("is not in the logbook"),
               say("look for it by a word of it")};
}

}  // namespace

const QString& jobColumns() {
  static const QString columns = QStringLiteral(
      "j.id, j.path, j.folder, j.title, j.vehicle, j.suspect, j.headline, j.changed, j.state, "
      "j.revision");
  return columns;
}

QString revisionColumns(Content content) {
  return QStringLiteral("job, revision, parent, changed, origin, path, folder, headline, ") +
         (content == Content::whole ? QStringLiteral("content")
                                    : QStringLiteral("CASE WHEN length(content) > 0 THEN 'x' ELSE "
                                                     "'' END"));
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

Result<QString> Logbook::sameState(const QString& id, const job::Case& c) {
  // Older versions kept the case as its file has it, over many lines.
  const QByteArray line = contentOf(id, c);
  const auto asCase = job::parseCase(line.toStdString(), "", job::Damaged::kept);
  const QByteArray lines = asCase ? QByteArray::fromStdString(job::caseText(*asCase)) : line;
  const auto bound = [&](const QByteArray& text) {
    return db_.isSqlite() ? QVariant(text) : QVariant(QString::fromUtf8(text));
  };
  auto found = db_.run(QStringLiteral("SELECT revision FROM revisions WHERE job=? AND content IN "
                                      "(?, ?) ORDER BY changed DESC LIMIT 1"),
                       {id, bound(line), bound(lines)});
  if (!found) {
    return found.error();
  }
  return found->next() ? found->value(0).toString() : QString();
}

// What a search found, as rows of jobs.
Result<std::vector<JobRow>> Logbook::rowsOf(Result<Rows> found) {
  if (!found) {
    return found.error();
  }
  std::vector<JobRow> out;
  while (found->next()) {
    out.push_back(rowOf(*found));
  }
  return out;
}

Result<std::vector<JobRow>> Logbook::search(const Filter& filter, int most) {
  if (!db_.isSqlite()) {
    return searchInShop(filter, most);
  }
  const QString match = ftsMatch(filter);
  if (match == QStringLiteral("-")) {
    return std::vector<JobRow>{};
  }
  const QString latest = QStringLiteral(" ORDER BY j.changed DESC, j.row DESC");
  if (match.isEmpty()) {
    return rowsOf(db_.run(QStringLiteral("SELECT %1 FROM jobs j").arg(jobColumns()) + latest +
                              QStringLiteral(" LIMIT ?"),
                          {most}));
  }
  return rowsOf(db_.run(
      QStringLiteral("SELECT %1 FROM (SELECT rowid AS place FROM job_words WHERE job_words MATCH ? "
                     "ORDER BY rowid DESC LIMIT ?) f CROSS JOIN jobs j ON j.place=f.place")
              .arg(jobColumns()) +
          latest,
      {match, most}));
}

Result<job::Case> Logbook::load(const QString& id) {
  auto found = db_.run(QStringLiteral("SELECT r.content FROM jobs j JOIN revisions r ON "
                                      "r.revision=j.revision WHERE j.id=?"),
                       {id});
  if (!found) {
    return found.error();
  }
  if (!found->next()) {
    return isNotThere(id);
  }
  auto c = job::parseCase(found->value(0).toByteArray().toStdString(), id.toStdString(),
                          job::Damaged::kept);
  if (c && isPlainName(id.toStdString())) {
    c->id = id.toStdString();
  }
  return c;
}

Result<JobRow> Logbook::row(const QString& id) {
  auto found =
      db_.run(QStringLiteral("SELECT %1 FROM jobs j WHERE j.id=?").arg(jobColumns()), {id});
  if (!found) {
    return found.error();
  }
  if (!found->next()) {
    return isNotThere(id);
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
  return listed(revisionColumns(Content::left), id, QStringLiteral("changed DESC, row DESC"));
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
    return isNotThere(revision);
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
