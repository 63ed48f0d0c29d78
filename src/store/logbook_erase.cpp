// Personal data taken out of every kept state of a job.
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/job/personal.h"
#include "store/erasing.h"
#include "store/logbook.h"
#include "store/shown_job.h"

namespace haybale::store {

namespace {

std::vector<std::string> wordsOf(const std::vector<Revision>& states) {
  std::vector<std::string> out;
  for (const auto& r : states) {
    const auto json = parseJson(r.content.toStdString(), "state");
    for (auto& word : json ? job::personalWords(*json) : std::vector<std::string>{}) {
      out.push_back(std::move(word));
    }
  }
  return out;
}

QString without(const QString& text, const std::vector<std::string>& words) {
  return QString::fromStdString(job::withoutWords(text.toStdString(), words));
}

}  // namespace

Revision withoutPersonal(Revision r, const std::vector<std::string>& known) {
  const auto json = parseJson(r.content.toStdString(), "state");
  auto words = json ? job::personalWords(*json) : std::vector<std::string>{};
  words.insert(words.end(), known.begin(), known.end());
  if (json) {
    const Json left = job::withoutPersonal(*json, words);
    if (left != *json) {
      // As it would be written: what one bench erased and what another did are the same bytes.
      const auto c = job::fromJson(left, "state", job::Damaged::kept);
      r.content = QByteArray::fromStdString(c ? job::caseLine(*c) : left.dump());
    }
  }
  r.headline = without(r.headline, words);
  for (QString* place : {&r.path, &r.folder}) {
    *place = without(*place, words) == *place ? *place : QString();
  }
  return r;
}

Status eraseInFile(const QString& file, const QString& id) {
  const std::string path = file.toStdString();
  const auto c = job::loadCase(path, job::Damaged::kept);
  if (!c || c->id != id.toStdString()) {
    return Done{};
  }
  const Json json = job::toJson(*c);
  const auto left =
      job::fromJson(job::withoutPersonal(json, job::personalWords(json)), path, job::Damaged::kept);
  return left ? job::writeFileAtomically(path, job::caseText(*left)) : Status(left.error());
}

Result<QStringList> Logbook::erased() {
  return db_.texts(QStringLiteral("SELECT job FROM erasures ORDER BY job"));
}

Result<std::set<QString>> Logbook::erasedAmong(const std::set<QString>& jobs) {
  const auto all = erased();
  if (!all) {
    return all.error();
  }
  std::set<QString> out;
  for (const auto& job : *all) {
    if (jobs.contains(job)) {
      out.insert(job);
    }
  }
  return out;
}

Status Logbook::leaveOutErased(const QString& id, job::Case& c) {
  auto found = db_.run(QStringLiteral("SELECT 1 FROM erasures WHERE job=?"), {id});
  if (!found) {
    return found.error();
  }
  if (found->next()) {
    const Json json = job::toJson(c);
    auto left = job::fromJson(job::withoutPersonal(json, job::personalWords(json)), "state",
                              job::Damaged::kept);
    if (!left) {
      return left.error();
    }
    c = std::move(*left);
  }
  return Done{};
}

Status Logbook::eraseStates(const QString& id, int& changed) {
  const auto all = states(id);
  if (!all) {
    return all.error();
  }
  const auto words = wordsOf(*all);
  for (const auto& r : *all) {
    const Revision left = withoutPersonal(r, words);
    if (left.content == r.content && left.headline == r.headline && left.path == r.path &&
        left.folder == r.folder) {
      continue;
    }
    ++changed;
    const QVariant content =
        db_.isSqlite() ? QVariant(left.content) : QVariant(QString::fromUtf8(left.content));
    auto done = db_.run(QStringLiteral("UPDATE revisions SET content=?, headline=?, path=?, "
                                       "folder=? WHERE revision=?"),
                        {content, left.headline, left.path, left.folder, left.revision});
    if (!done) {
      return done.error();
    }
  }
  const auto head = headOf(id);
  if (!head || head->gone()) {
    return head ? Status(Done{}) : head.error();
  }
  const auto c = loadRevision(head->revision);
  return c ? store::show(db_, shownJob(*head, *c)) : Status(c.error());
}

Status Logbook::eraseOne(const QString& id, int& changed) {
  return db_.together([&]() -> Status {
    if (auto held = hold(id); !held) {
      return held;
    }
    auto noted = db_.run(QStringLiteral("INSERT INTO erasures (job, erased, origin) VALUES (?,?,?) "
                                        "ON CONFLICT (job) DO NOTHING"),
                         {id, utcNow(), benchName()});
    return noted ? eraseStates(id, changed) : Status(noted.error());
  });
}

Result<int> Logbook::erasePersonal(const QString& id) {
  int changed = 0;
  if (auto done = eraseOne(id, changed); !done) {
    return done.error();
  }
  if (auto tidied = changed > 0 ? tidyUp() : Status(Done{}); !tidied) {
    return tidied.error();
  }
  return changed;
}

Status Logbook::takeErased(const QStringList& jobs) {
  int changed = 0;
  for (const auto& id : jobs) {
    if (auto done = eraseOne(id, changed); !done) {
      return done;
    }
  }
  return changed > 0 ? tidyUp() : Status(Done{});
}

// What was overwritten lies on in pages that are free, in parts of the index that were replaced, in
// what was written ahead. PostgreSQL sees to that itself, by vacuum.
Status Logbook::tidyUp() {
  if (!db_.isSqlite()) {
    return Done{};
  }
  for (const char* sql : {"INSERT INTO job_words (job_words) VALUES ('optimize')", "VACUUM",
                          "PRAGMA wal_checkpoint(TRUNCATE)"}) {
    if (auto done = db_.run(QLatin1String(sql)); !done) {
      return done.error();
    }
  }
  return Done{};
}

}  // namespace haybale::store
