#include "store/logbook_sync.h"

#include <QSet>

#include "store/shelf.h"

namespace haybale::store {

namespace {

constexpr int kBatch = 100;

// What is brought over: kept states of jobs, and versions of what lies on the shelf. Each has a
// name of its own and a number in the order it was stored.
struct Stock {
  const char* table;
  const char* name;  // column
  const char* sent;  // columns of the positions kept among the peers
  const char* got;
  Status (*bring)(Logbook& from, Logbook& to, const QStringList& names, Synced& done);

  [[nodiscard]] QString sql(const char* text) const {
    return QString::fromLatin1(text)
        .replace(QLatin1String("TABLE"), QLatin1String(table))
        .replace(QLatin1String("NAME"), QLatin1String(name));
  }
};

Result<QStringList> namesOf(Logbook& book, const Stock& stock) {
  // In the order they were stored, so that a parent comes before its children.
  return book.database().texts(stock.sql("SELECT NAME FROM TABLE ORDER BY row"));
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

Status bringStates(Logbook& from, Logbook& to, const QStringList& names, Synced& done) {
  auto batch = fetch(from, names);
  if (!batch) {
    return batch.error();
  }
  if (auto taken = to.take(*batch); !taken) {
    return taken;
  }
  done.sent += static_cast<int>(batch->size());
  if (auto both = besides(to, *batch)) {
    done.beside += *both;
  }
  return Done{};
}

Status bringThings(Logbook& from, Logbook& to, const QStringList& names, Synced& done) {
  const auto things = Shelf(from.database()).versions(names);
  if (!things) {
    return things.error();
  }
  auto taken = Shelf(to.database()).take(*things);
  done.shared += taken ? static_cast<int>(things->size()) : 0;
  return taken;
}

constexpr Stock kStocks[] = {{"shelf", "version", "shelf_sent", "shelf_got", bringThings},
                             {"revisions", "revision", "sent", "got", bringStates}};

Status bring(const Stock& stock, Logbook& from, Logbook& to, const QStringList& names,
             Synced& done) {
  for (qsizetype at = 0; at < names.size(); at += kBatch) {
    if (auto status = stock.bring(from, to, names.mid(at, kBatch), done); !status) {
      return status;
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

// What was erased on one side is erased on the other, before anything is brought over. Where this
// user may not erase it waits for one who may; the rest goes on.
Status shareErasures(Logbook& here, Logbook& there, Synced& done) {
  const auto ours = here.erased();
  const auto theirs = there.erased();
  if (!ours || !theirs) {
    return ours ? theirs.error() : ours.error();
  }
  if (auto taken = here.takeErased(unknownTo(*ours, *theirs)); !taken) {
    return taken;
  }
  const QStringList wanted = unknownTo(*theirs, *ours);
  const auto taken = there.takeErased(wanted);
  if (!taken && there.database().refused()) {
    done.notErased = static_cast<int>(wanted.size());
    return Done{};
  }
  return taken;
}

struct Position {
  qint64 claimed = 0;  // on their way: no state up to here is squashed any more
  qint64 sent = 0;     // acknowledged there
  QString got = QStringLiteral("0");
};

Result<Position> positionOf(Logbook& here, const QString& peer, const Stock& stock) {
  auto found = here.database().run(QStringLiteral("SELECT claimed, %1, %2 FROM peers WHERE url=?")
                                       .arg(QLatin1String(stock.sent), QLatin1String(stock.got)),
                                   {peer});
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

Status setPosition(Logbook& here, const QString& peer, const Stock& stock, const Position& at) {
  auto begun = here.database().run(
      QStringLiteral("INSERT INTO peers (url, claimed, sent, got) VALUES (?,0,0,'0') ON CONFLICT "
                     "(url) DO NOTHING"),
      {peer});
  if (!begun) {
    return begun.error();
  }
  auto done =
      here.database().run(QStringLiteral("UPDATE peers SET claimed=?, %1=?, %2=? WHERE url=?")
                              .arg(QLatin1String(stock.sent), QLatin1String(stock.got)),
                          {at.claimed, at.sent, at.got, peer});
  return done ? Status(Done{}) : done.error();
}

// Names after a position, and the position after them.
struct News {
  QStringList names;
  qint64 last = 0;
};

Result<News> newsHere(Logbook& here, const Stock& stock, qint64 after, int most) {
  auto found = here.database().run(
      stock.sql("SELECT row, NAME FROM TABLE WHERE row > ? ORDER BY row LIMIT ?"), {after, most});
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
Status bringNewHere(const Stock& stock, Logbook& here, Logbook& there, Position& at, int most,
                    Synced& done) {
  auto horizon =
      there.database().run(QStringLiteral("SELECT pg_snapshot_xmin(pg_current_snapshot())::text"));
  if (!horizon) {
    return horizon.error();
  }
  const QString until = horizon->next() ? horizon->value(0).toString() : at.got;
  auto found = there.database().run(
      stock.sql("SELECT NAME, xid::text FROM TABLE WHERE xid >= ?::xid8 AND xid < ?::xid8 ORDER BY "
                "xid, row"),
      {at.got, until});
  if (!found) {
    return found.error();
  }
  QStringList names;
  QString reached = until;
  while (found->next()) {
    const QString name = found->value(0).toString();
    auto known = here.database().run(stock.sql("SELECT 1 FROM TABLE WHERE NAME=?"), {name});
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
  if (auto status = bring(stock, there, here, names, done); !status) {
    return status;
  }
  at.got = reached;
  return Done{};
}

// One stock both ways, counted each on its own.
Status syncStock(const Stock& stock, Logbook& here, Logbook& there, int most, Synced& sent,
                 Synced& back) {
  const QString peer = there.database().url().shown();
  auto at = positionOf(here, peer, stock);
  if (!at) {
    return at.error();
  }
  const auto news = newsHere(here, stock, at->sent, most);
  if (!news) {
    return news.error();
  }
  at->claimed = std::max(at->claimed, stock.bring == bringStates ? news->last : 0);
  if (auto status = setPosition(here, peer, stock, *at); !status) {
    return status;
  }
  if (auto status = bring(stock, here, there, news->names, sent); !status) {
    return status;
  }
  // Acknowledged there, and only now counted as sent.
  at->sent = news->last;
  if (auto status = setPosition(here, peer, stock, *at); !status) {
    return status;
  }
  if (auto status = bringNewHere(stock, here, there, *at, most, back); !status) {
    return status;
  }
  // What came from there need not go back.
  return setPosition(here, peer, stock, *at);
}

Synced both(const Synced& sent, const Synced& back) {
  return {sent.sent, back.sent, sent.beside + back.beside, sent.shared + back.shared,
          sent.notErased};
}

}  // namespace

Result<Synced> syncAll(Logbook& here, Logbook& there) {
  Synced sent;
  Synced back;
  if (auto erased = shareErasures(here, there, sent); !erased) {
    return erased.error();
  }
  for (const auto& stock : kStocks) {
    const auto ours = namesOf(here, stock);
    const auto theirs = namesOf(there, stock);
    if (!ours || !theirs) {
      return ours ? theirs.error() : ours.error();
    }
    for (const auto& status : {bring(stock, here, there, unknownTo(*theirs, *ours), sent),
                               bring(stock, there, here, unknownTo(*ours, *theirs), back)}) {
      if (!status) {
        return status.error();
      }
    }
  }
  back.beside = 0;  // the same jobs once more
  return both(sent, back);
}

Result<Synced> mergeFrom(Logbook& other, Logbook& here) {
  Synced back;
  if (auto erased = shareErasures(here, other, back); !erased) {
    return erased.error();
  }
  for (const auto& stock : kStocks) {
    const auto ours = namesOf(here, stock);
    const auto theirs = namesOf(other, stock);
    if (!ours || !theirs) {
      return ours ? theirs.error() : ours.error();
    }
    if (auto status = bring(stock, other, here, unknownTo(*ours, *theirs), back); !status) {
      return status.error();
    }
  }
  return both({}, back);
}

Result<Synced> syncNew(Logbook& here, Logbook& there, int most) {
  Synced sent;
  Synced back;
  if (auto erased = shareErasures(here, there, sent); !erased) {
    return erased.error();
  }
  for (const auto& stock : kStocks) {
    if (auto status = syncStock(stock, here, there, most, sent, back); !status) {
      return status.error();
    }
  }
  return both(sent, back);
}

qint64 waiting(Logbook& here, const StoreUrl& there) {
  const auto at = positionOf(here, there.shown(), kStocks[1]);
  auto found = here.database().run(QStringLiteral("SELECT count(*) FROM revisions WHERE row > ?"),
                                   {at ? at->sent : 0});
  return found && found->next() ? found->value(0).toLongLong() : 0;
}

}  // namespace haybale::store
