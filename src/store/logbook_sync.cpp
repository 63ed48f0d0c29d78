#include "store/logbook_sync.h"

#include <QSet>

namespace haybale::store {

namespace {

constexpr int kBatch = 100;

// Names of revisions in the order they were stored, so that a parent comes before its children.
Result<QStringList> namesOf(Logbook& book) {
  auto found = book.database().run(QStringLiteral("SELECT revision FROM revisions ORDER BY row"));
  if (!found) {
    return found.error();
  }
  QStringList out;
  while (found->next()) {
    out << found->value(0).toString();
  }
  return out;
}

Result<std::vector<Revision>> fetch(Logbook& book, const QStringList& names) {
  std::vector<Revision> out;
  for (const auto& name : names) {
    auto found = book.database().run(
        QStringLiteral("SELECT %1 FROM revisions WHERE revision=?").arg(revisionColumns()), {name});
    if (!found) {
      return found.error();
    }
    // One that was squashed since is no loss: what replaced it comes after.
    if (found->next()) {
      out.push_back(revisionOf(*found));
    }
  }
  return out;
}

// Jobs that, with these revisions, have a leaf beside the head.
Result<int> besides(Logbook& book, const std::vector<Revision>& taken) {
  QSet<QString> jobs;
  for (const auto& r : taken) {
    jobs.insert(r.job);
  }
  int count = 0;
  for (const auto& id : jobs) {
    const auto beside = book.besideHead(id);
    count += beside && !beside->empty() ? 1 : 0;
  }
  return count;
}

Status bring(Logbook& from, Logbook& to, const QStringList& names, int& count, int& beside) {
  for (qsizetype at = 0; at < names.size(); at += kBatch) {
    auto batch = fetch(from, names.mid(at, kBatch));
    if (!batch) {
      return batch.error();
    }
    if (auto taken = to.take(*batch); !taken) {
      return taken;
    }
    count += static_cast<int>(batch->size());
    if (auto both = besides(to, *batch)) {
      beside += *both;
    }
  }
  return Done{};
}

QStringList unknownTo(const QStringList& known, const QStringList& names) {
  const QSet<QString> there(known.begin(), known.end());
  QStringList out;
  for (const auto& name : names) {
    if (!there.contains(name)) {
      out << name;
    }
  }
  return out;
}

struct Position {
  qint64 claimed = 0;  // on their way: no state up to here is squashed any more
  qint64 sent = 0;     // acknowledged there
  QString got = QStringLiteral("0");
};

Result<Position> positionOf(Logbook& here, const QString& peer) {
  auto found = here.database().run(
      QStringLiteral("SELECT claimed, sent, got FROM peers WHERE url=?"), {peer});
  if (!found) {
    return found.error();
  }
  Position out;
  if (found->next()) {
    out.claimed = found->value(0).toLongLong();
    out.sent = found->value(1).toLongLong();
    out.got = found->value(2).toString();
  }
  return out;
}

Status setPosition(Logbook& here, const QString& peer, const Position& at) {
  auto done = here.database().run(
      QStringLiteral(
          "INSERT INTO peers (url, claimed, sent, got) VALUES (?,?,?,?) ON CONFLICT (url) "
          "DO UPDATE SET claimed=excluded.claimed, sent=excluded.sent, "
          "got=excluded.got"),
      {peer, at.claimed, at.sent, at.got});
  return done ? Status(Done{}) : done.error();
}

// Names after a position, and the position after them.
struct News {
  QStringList names;
  qint64 last = 0;
};

Result<News> newsHere(Logbook& here, qint64 after, int most) {
  auto found = here.database().run(
      QStringLiteral("SELECT row, revision FROM revisions WHERE row > ? ORDER BY row LIMIT ?"),
      {after, most});
  if (!found) {
    return found.error();
  }
  News out;
  out.last = after;
  while (found->next()) {
    out.last = found->value(0).toLongLong();
    out.names << found->value(1).toString();
  }
  return out;
}

// What was committed before everything that still runs there, after `got`.
Status bringNewHere(Logbook& here, Logbook& there, Position& at, int most, Synced& done) {
  auto horizon =
      there.database().run(QStringLiteral("SELECT pg_snapshot_xmin(pg_current_snapshot())::text"));
  if (!horizon) {
    return horizon.error();
  }
  const QString until = horizon->next() ? horizon->value(0).toString() : at.got;
  auto found = there.database().run(
      QStringLiteral("SELECT revision, xid::text FROM revisions WHERE xid >= ?::xid8 AND xid < "
                     "?::xid8 ORDER BY xid, row"),
      {at.got, until});
  if (!found) {
    return found.error();
  }
  QStringList names;
  QString reached = until;
  while (found->next()) {
    const QString name = found->value(0).toString();
    auto known =
        here.database().run(QStringLiteral("SELECT 1 FROM revisions WHERE revision=?"), {name});
    if (!known) {
      return known.error();
    }
    if (!known->next()) {
      if (names.size() >= most) {
        reached = found->value(1).toString();  // this transaction again next time
        break;
      }
      names << name;
    }
  }
  found->finish();
  if (auto status = bring(there, here, names, done.got, done.beside); !status) {
    return status;
  }
  at.got = reached;
  return Done{};
}

}  // namespace

Result<Synced> syncAll(Logbook& here, Logbook& there) {
  Synced done;
  const auto ours = namesOf(here);
  const auto theirs = namesOf(there);
  if (!ours || !theirs) {
    return ours ? theirs.error() : ours.error();
  }
  int twice = 0;
  for (const auto& status : {bring(here, there, unknownTo(*theirs, *ours), done.sent, done.beside),
                             bring(there, here, unknownTo(*ours, *theirs), done.got, twice)}) {
    if (!status) {
      return status.error();
    }
  }
  return done;
}

Result<Synced> syncNew(Logbook& here, Logbook& there, int most) {
  Synced done;
  const QString peer = there.database().url().shown();
  auto at = positionOf(here, peer);
  if (!at) {
    return at.error();
  }
  const auto news = newsHere(here, at->sent, most);
  if (!news) {
    return news.error();
  }
  at->claimed = news->last;
  if (auto status = setPosition(here, peer, *at); !status) {
    return status.error();
  }
  if (auto status = bring(here, there, news->names, done.sent, done.beside); !status) {
    return status.error();
  }
  // Acknowledged there, and only now counted as sent.
  at->sent = news->last;
  if (auto status = setPosition(here, peer, *at); !status) {
    return status.error();
  }
  if (auto status = bringNewHere(here, there, *at, most, done); !status) {
    return status.error();
  }
  // What came from there need not go back.
  if (auto status = setPosition(here, peer, *at); !status) {
    return status.error();
  }
  return done;
}

qint64 waiting(Logbook& here, const StoreUrl& there) {
  const auto at = positionOf(here, there.shown());
  auto found = here.database().run(QStringLiteral("SELECT count(*) FROM revisions WHERE row > ?"),
                                   {at ? at->sent : 0});
  return found && found->next() ? found->value(0).toLongLong() : 0;
}

}  // namespace haybale::store
