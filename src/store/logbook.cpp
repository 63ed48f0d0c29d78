#include "store/logbook.h"

#include <QDateTime>

#include "core/belief/intake_priors.h"
#include "core/job/case_json.h"
#include "core/job/search_text.h"

namespace haybale::store {

namespace {

QString q(const std::string& text) {
  return QString::fromStdString(text);
}

// One word the tokenizer leaves whole: "fault", "sensor-open" -> "tfaultsensoropen".
QString tag(const char* kind, const QString& value) {
  QString out = QLatin1Char('t') + QString::fromLatin1(kind);
  for (const QChar c : value.toLower()) {
    if (c.isLetterOrNumber()) {
      out += c;
    }
  }
  return out;
}

QString tagsOf(const JobRow& row, const job::Case& c) {
  QStringList tags{tag("circuit", q(c.suspect)), tag("month", row.changed.left(4)),
                   tag("month", row.changed.left(7))};
  if (!c.closing.fault.empty()) {
    tags << tag("fault", q(c.closing.fault)) << tag("zone", q(c.closing.zone));
  }
  return tags.join(QLatin1Char(' '));
}

// Words of letters and digits; each may be the beginning of one.
QString wordsMatch(const QString& text, const QString& column) {
  QStringList out;
  QString word;
  for (const QChar c : text + QLatin1Char(' ')) {
    if (c.isLetterOrNumber()) {
      word += c;
    } else if (!word.isEmpty()) {
      out << column + QStringLiteral("\"%1\"*").arg(word);
      word.clear();
    }
  }
  return out.join(QStringLiteral(" AND "));
}

QString matchOf(const Filter& f) {
  QStringList parts;
  for (const auto& part : {wordsMatch(f.text, QStringLiteral("{title vehicle body} : ")),
                           wordsMatch(f.vehicle, QStringLiteral("vehicle : "))}) {
    if (!part.isEmpty()) {
      parts << part;
    }
  }
  for (const auto& [kind, value] : {std::pair{"circuit", f.circuit}, std::pair{"fault", f.fault},
                                    std::pair{"zone", f.zone}, std::pair{"month", f.month}}) {
    if (!value.isEmpty()) {
      parts << QStringLiteral("tags : \"%1\"").arg(tag(kind, value));
    }
  }
  return parts.join(QStringLiteral(" AND "));
}

JobRow rowOf(const QSqlQuery& query) {
  JobRow row;
  row.id = query.value(0).toString();
  row.path = query.value(1).toString();
  row.folder = query.value(2).toString();
  row.title = query.value(3).toString();
  row.vehicle = query.value(4).toString();
  row.suspect = query.value(5).toString();
  row.headline = query.value(6).toString();
  row.changed = query.value(7).toString();
  return row;
}

const QString kColumns =
    QStringLiteral("j.id, j.path, j.folder, j.title, j.vehicle, j.suspect, j.headline, j.changed");

Error notThere(const QString& id) {
  return Error{id.toStdString(), std::nullopt, "is not in the logbook",
               "look for it by a word of it"};
}

}  // namespace

Result<std::unique_ptr<Logbook>> Logbook::open(const QString& file) {
  std::unique_ptr<Logbook> book(new Logbook);
  if (auto status = book->db_.open(file); !status) {
    return status.error();
  }
  return book;
}

Status Logbook::keep(const JobRow& row, const job::Case& c) {
  return db_.together([&] { return write(row, c); });
}

Status Logbook::keepAll(const std::vector<std::pair<JobRow, job::Case>>& jobs) {
  return db_.together([&]() -> Status {
    for (const auto& [row, c] : jobs) {
      if (auto status = write(row, c); !status) {
        return status;
      }
    }
    return Done{};
  });
}

Status Logbook::write(const JobRow& row, const job::Case& c) {
  auto written = db_.run(
      QStringLiteral("INSERT INTO jobs (id, path, folder, title, vehicle, suspect, headline, "
                     "changed, content) VALUES (?,?,?,?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE SET "
                     "path=excluded.path, folder=excluded.folder, title=excluded.title, "
                     "vehicle=excluded.vehicle, suspect=excluded.suspect, "
                     "headline=excluded.headline, changed=excluded.changed, "
                     "content=excluded.content RETURNING row"),
      {row.id, row.path, row.folder, q(c.title), q(c.vehicle), q(c.suspect), row.headline,
       row.changed, QByteArray::fromStdString(job::caseText(c))});
  if (!written) {
    return written.error();
  }
  if (!written->next()) {
    return notThere(row.id);
  }
  const QVariant number = written->value(0);
  written->finish();
  const auto closed = c.closing.closed();
  circuit::Element failed;
  const auto* circuit = c.find(c.closing.circuit);
  if (const auto* e = circuit ? circuit->find(c.closing.element) : nullptr) {
    failed = *e;
  }
  const std::pair<QString, QVariantList> rest[] = {
      {QStringLiteral("DELETE FROM job_text WHERE rowid=?"), {number}},
      {QStringLiteral(
           "INSERT INTO job_text (rowid, title, vehicle, body, tags) VALUES (?,?,?,?,?)"),
       {number, q(c.title), q(c.vehicle), q(job::searchText(c)) + QLatin1Char(' ') + row.headline,
        tagsOf(row, c)}},
      {QStringLiteral("DELETE FROM outcomes WHERE row=?"), {number}},
      {QStringLiteral("INSERT INTO outcomes SELECT ?,?,?,?,?,?,?,? WHERE ?"),
       {number, q(c.vehicle),
        c.closing.element.empty() ? QString(QLatin1String("")) : q(diagnosis::countedAs(failed)),
        q(c.closing.fault), q(c.closing.date), c.closing.minutes, c.closing.proved,
        c.closing.comeback, closed}},
  };
  for (const auto& [sql, values] : rest) {
    if (auto done = db_.run(sql, values); !done) {
      return done.error();
    }
  }
  return Done{};
}

Status Logbook::rename(const QString& from, const QString& to) {
  if (from == to) {
    return Done{};
  }
  return db_.together([&]() -> Status {
    for (const auto& [sql, values] :
         {std::pair{
              QStringLiteral("DELETE FROM job_text WHERE rowid IN (SELECT row FROM jobs WHERE "
                             "id=? AND EXISTS (SELECT 1 FROM jobs WHERE id=?))"),
              QVariantList{to, from}},
          std::pair{
              QStringLiteral("DELETE FROM jobs WHERE id=? AND EXISTS (SELECT 1 FROM jobs WHERE "
                             "id=?)"),
              QVariantList{to, from}},
          std::pair{QStringLiteral("UPDATE jobs SET id=? WHERE id=?"), QVariantList{to, from}}}) {
      if (auto done = db_.run(sql, values); !done) {
        return done.error();
      }
    }
    return Done{};
  });
}

Status Logbook::forget(const QString& id) {
  return db_.together([&]() -> Status {
    for (const char* sql : {"DELETE FROM job_text WHERE rowid IN (SELECT row FROM jobs WHERE id=?)",
                            "DELETE FROM outcomes WHERE row IN (SELECT row FROM jobs WHERE id=?)",
                            "DELETE FROM jobs WHERE id=?"}) {
      if (auto done = db_.run(QString::fromLatin1(sql), {id}); !done) {
        return done.error();
      }
    }
    return Done{};
  });
}

Result<std::vector<JobRow>> Logbook::search(const Filter& filter, int most) {
  const QString match = matchOf(filter);
  auto found = match.isEmpty()
                   ? db_.run(QStringLiteral("SELECT %1 FROM jobs j ORDER BY j.changed DESC LIMIT ?")
                                 .arg(kColumns),
                             {most})
                   : db_.run(QStringLiteral(
                                 "SELECT %1 FROM jobs j WHERE j.row IN (SELECT rowid FROM job_text "
                                 "WHERE job_text MATCH ?) ORDER BY j.changed DESC LIMIT ?")
                                 .arg(kColumns),
                             {match, most});
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
  auto found = db_.run(QStringLiteral("SELECT content FROM jobs WHERE id=?"), {id});
  if (!found) {
    return found.error();
  }
  if (!found->next()) {
    return notThere(id);
  }
  return job::parseCase(found->value(0).toByteArray().toStdString(), id.toStdString());
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

qint64 Logbook::count() {
  auto found = db_.run(QStringLiteral("SELECT count(*) FROM jobs"));
  return found && found->next() ? found->value(0).toLongLong() : 0;
}

}  // namespace haybale::store
