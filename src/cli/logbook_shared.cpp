#include "cli/logbook_shared.h"

#include <QDir>
#include <QFileInfo>
#include <ostream>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "store/attached.h"
#include "store/shared_files.h"
#include "store/text.h"

namespace haybale::cli {

using store::q;

namespace {

Error notAShop() {
  return {"", std::nullopt, say("files are brought along in a shop's logbook only"),
          "postgresql://user@host:5432/database"};
}

}  // namespace

int share(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  int exit = kDone;
  for (const auto& file : o.words) {
    const auto kind = store::shareFile(book.database(), q(file));
    if (!kind) {
      exit = fail(streams, kind.error(), kMalformed);
      continue;
    }
    streams.out << kind->toStdString() << "\n" << std::flush;
  }
  return exit;
}

int shared(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto all = store::sharedFiles(book.database());
  if (!all) {
    return fail(streams, all.error(), kCannot);
  }
  Json out = Json::array();
  for (const auto& s : *all) {
    out.push_back({{"kind", s.kind.toStdString()},
                   {"name", s.name.toStdString()},
                   {"changed", s.changed.toStdString()},
                   {"origin", s.origin.toStdString()}});
    if (!o.json) {
      streams.out << s.kind.toStdString() << "  " << s.changed.left(16).toStdString() << "  "
                  << s.name.toStdString() << "\n";
    }
  }
  if (o.json) {
    streams.out << out.dump(2, ' ', false, Json::error_handler_t::replace) << "\n";
  }
  return kDone;
}

int takeShared(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto found = store::sharedFile(book.database(), q(o.id));
  if (!found) {
    return fail(streams, found.error(), kCannot);
  }
  const auto written = job::writeFileAtomically(o.file, found->content.toStdString());
  return written ? kDone : fail(streams, written.error(), kCannot);
}

int erase(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  if (const auto row = book.row(q(o.id)); !row) {
    return fail(streams, row.error(), kCannot);
  }
  const auto done = book.erasePersonal(q(o.id));
  if (!done) {
    return fail(streams, done.error(), kCannot);
  }
  if (!book.database().isSqlite()) {
    if (const auto gone = store::detachAll(book.database(), q(o.id)); !gone) {
      return fail(streams, gone.error(), kCannot);
    }
  }
  streams.out << *done << "\n";
  return kDone;
}

int attach(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  if (book.database().isSqlite()) {
    return fail(streams, notAShop(), kUsage);
  }
  if (const auto row = book.row(q(o.id)); !row) {
    return fail(streams, row.error(), kCannot);
  }
  for (const auto& file : o.words) {
    Progress progress;
    const auto done = store::attachFile(book.database(), q(o.id), QFileInfo(q(file)).fileName(),
                                        q(file), progress);
    if (!done) {
      return fail(streams, done.error(), kCannot);
    }
  }
  return kDone;
}

int fetch(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  if (book.database().isSqlite()) {
    return fail(streams, notAShop(), kUsage);
  }
  const auto all = store::attachedTo(book.database(), q(o.id));
  if (!all) {
    return fail(streams, all.error(), kCannot);
  }
  for (const auto& which : *all) {
    Progress progress;
    // Its own name only: what came from elsewhere never names another folder.
    const QString to = QDir(q(o.file)).filePath(QFileInfo(which.name).fileName());
    if (const auto done = store::fetchAttached(book.database(), which, to, progress); !done) {
      return fail(streams, done.error(), kCannot);
    }
    streams.out << to.toStdString() << "\n" << std::flush;
  }
  return kDone;
}

}  // namespace haybale::cli
