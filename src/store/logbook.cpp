#include "store/logbook.h"

#include <QDateTime>
#include <algorithm>
#include <set>

#include "core/base/uuid.h"
#include "core/job/case_json.h"
#include "store/erasing.h"
#include "store/shown_job.h"
#include "store/text.h"

namespace haybale::store {

namespace {

constexpr qint64 kSittingMs = 600'000;

}  // namespace

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
                  .arg(revisionColumns(Content::left)),
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
  made.changed = row.changed;
  const auto status = db_.isSqlite() ? db_.together([&] { return keepHere(made, c, how); })
                                     : keepInShop(made, c, how);
  return status ? Result<QString>(made.revision) : Result<QString>(status.error());
}

// The content of the state, what it is built on, and a moment after that.
Result<Revision> Logbook::buildOn(Revision& made, job::Case& c, const Keeping& how) {
  if (!how.fresh) {
    if (auto status = leaveOutErased(made.job, c); !status) {
      return status.error();
    }
  }
  made.content = contentOf(made.job, c);
  auto head = how.fresh ? Result<Revision>(Revision{}) : headOf(made.job);
  if (head) {
    made.parent = how.base.value_or(head->revision);
    made.changed = laterThan(head->changed, made.changed);
  }
  return head;
}

Status Logbook::keepHere(Revision& made, job::Case c, const Keeping& how) {
  const auto head = buildOn(made, c, how);
  if (!head) {
    return head.error();
  }
  // Nobody else has a state that this bench just made and has not brought over.
  const QDateTime then = QDateTime::fromString(head->changed, Qt::ISODateWithMs);
  if (how.squash && made.parent == head->revision && head->origin == made.origin && !head->gone() &&
      then.isValid() && then.msecsTo(QDateTime::currentDateTimeUtc()) < kSittingMs) {
    auto taken = db_.run(QStringLiteral("DELETE FROM revisions WHERE revision=? AND row > (SELECT "
                                        "coalesce(max(claimed), 0) FROM peers) AND parent<>''"),
                         {head->revision});
    if (!taken) {
      return taken.error();
    }
    if (taken->numRowsAffected() > 0) {
      made.parent = head->parent;
    }
  }
  if (auto done = insert(made); !done) {
    return done;
  }
  return store::show(db_, shownJob(made, c));  // it is the head: later than what was
}

// Two that change one job at once both build on what was: their states stand side by side.
Status Logbook::keepInShop(Revision& made, job::Case c, const Keeping& how) {
  const auto head = buildOn(made, c, how);
  return head ? keepAndShow(db_, shownJob(made, c)) : Status(head.error());
}

QByteArray Logbook::contentOf(const QString& id, job::Case c) {
  if (isPlainName(id.toStdString())) {
    c.id = id.toStdString();
  }
  return QByteArray::fromStdString(job::caseLine(c));
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
    const auto erased = erasedAmong(jobs);
    if (!erased) {
      return erased.error();
    }
    for (const auto& r : revisions) {
      if (auto done = insert(erased->contains(r.job) ? withoutPersonal(r) : r); !done) {
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
  return store::show(db_, shownJob(*head, c ? *c : job::Case{}));
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

}  // namespace haybale::store
