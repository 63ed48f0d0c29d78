#include "store/logbook_check.h"

#include "core/job/case_json.h"

namespace haybale::store {

namespace {

struct Rule {
  const char* select;  ///< ids of what breaks it
  const char* wrong;
};

// Asked of both engines.
constexpr Rule kRules[] = {
    {"SELECT j.id FROM jobs j LEFT JOIN revisions r ON r.revision=j.revision AND r.job=j.id WHERE "
     "r.row IS NULL",
     "the state it shows is not there"},
    {"SELECT j.id FROM jobs j JOIN revisions c ON c.job=j.id AND c.parent=j.revision",
     "an older state is shown than the one built on it"},
    {"SELECT DISTINCT r.job FROM revisions r LEFT JOIN jobs j ON j.id=r.job WHERE j.row IS NULL "
     "AND "
     "NOT EXISTS (SELECT 1 FROM revisions g WHERE g.job=r.job AND length(g.content)=0)",
     "has states but is not listed"},
    {"SELECT o.row FROM outcomes o LEFT JOIN jobs j ON j.row=o.row WHERE j.row IS NULL",
     "an outcome without its job"},
};

Status engineCheck(Logbook& book, Checked& out) {
  auto& db = book.database();
  if (!db.isSqlite()) {
    return Done{};
  }
  for (const char* pragma : {"PRAGMA integrity_check(20)", "PRAGMA foreign_key_check"}) {
    auto found = db.run(QLatin1String(pragma));
    if (!found) {
      return found.error();
    }
    while (found->next()) {
      if (const QString said = found->value(0).toString(); said != QStringLiteral("ok")) {
        out.wrong << QStringLiteral("the file: ") + said.simplified();
      }
    }
  }
  auto lost = db.run(
      QStringLiteral("SELECT id FROM jobs WHERE place NOT IN (SELECT rowid FROM job_words)"));
  while (lost && lost->next()) {
    out.wrong << lost->value(0).toString() + QStringLiteral(": cannot be found by its words");
  }
  return Done{};
}

}  // namespace

Result<Checked> check(Logbook& book) {
  Checked out;
  if (auto status = engineCheck(book, out); !status) {
    return status.error();
  }
  for (const auto& rule : kRules) {
    auto found = book.database().run(QLatin1String(rule.select));
    if (!found) {
      return found.error();
    }
    while (found->next()) {
      out.wrong << found->value(0).toString() + QStringLiteral(": ") + QLatin1String(rule.wrong);
    }
  }
  auto heads =
      book.database().run(QStringLiteral("SELECT j.id, r.content FROM jobs j JOIN revisions r ON "
                                         "r.revision=j.revision ORDER BY j.row"));
  if (!heads) {
    return heads.error();
  }
  while (heads->next()) {
    ++out.jobs;
    const auto c = job::parseCase(heads->value(1).toByteArray().toStdString(), "");
    if (!c) {
      out.wrong << heads->value(0).toString() + QStringLiteral(": ") +
                       QString::fromStdString(c.error().sentence());
    }
  }
  auto count = book.database().run(QStringLiteral("SELECT count(*) FROM revisions"));
  out.revisions = count && count->next() ? count->value(0).toLongLong() : 0;
  return out;
}

}  // namespace haybale::store
