// The job book and the other benches: what they have open and change, and what is erased
// everywhere.
#include <QDateTime>
#include <QFileInfo>

#include "app/model/autosave.h"
#include "app/model/job_book.h"
#include "app/style/words.h"
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/job/personal.h"
#include "store/attached.h"
#include "store/erasing.h"
#include "store/salvage.h"

namespace haybale::app {

// Said once for each bench that comes to it; shown as long as it is there.
void JobBook::tellOthers() {
  const auto& now = carrier_.standing();
  QStringList who;
  if (now.job == model_.jobId()) {
    for (const auto& other : now.others) {
      who << other.bench;
    }
  }
  who.removeDuplicates();
  const QString names = who.join(QStringLiteral(", "));
  const QString since = who.isEmpty() ? QString()
                                      : QDateTime::fromString(now.others.front().since, Qt::ISODate)
                                            .toLocalTime()
                                            .toString(QStringLiteral("HH:mm"));
  if (!names.isEmpty() && names != others_) {
    emit said(
        tr("This job is open on %1 too, since %2. Both may go on: every state is kept, and the "
           "later one is shown.")
            .arg(names, since),
        false);
  }
  others_ = names;
  emit othersChanged(names, since);
}

// What another kept state of the open job has that this one has not, and the other way round.
QString JobBook::differs(const QString& revision) const {
  const auto theirs = book_->loadRevision(revision);
  QStringList lines;
  for (const auto& line :
       theirs ? job::differences(model_.job(), *theirs) : std::vector<std::string>{}) {
    lines << q(line);
  }
  return lines.isEmpty() ? tr("the same in substance") : lines.join(QStringLiteral("; "));
}

// The job that is open here was changed on another bench.
void JobBook::tellOvertaken() {
  const auto row = book_ ? book_->row(model_.jobId()) : Result<store::JobRow>(notOpen());
  if (row && base_ && row->revision != *base_ && followed_ == model_.jobId()) {
    emit said(tr("This job was changed on another bench (%1). Go on here and both states are kept; "
                 "Logbook, Kept states compares them.")
                  .arg(differs(row->revision)),
              false);
  }
}

QString JobBook::luggageFolder(const QString& id) {
  return stateFolder() + QStringLiteral("/captures/") + id;
}

// A job that came from another bench has its files where they were fetched to.
QString JobBook::folderOf(const store::JobRow& row) const {
  const QString fetched = luggageFolder(row.id);
  return !QFileInfo(row.folder).isDir() && QFileInfo(fetched).isDir() ? fetched : row.folder;
}

// What stands in the window, without; a file that was saved stays saved.
void JobBook::eraseInModel() {
  const bool saved = !model_.path().isEmpty() && !model_.isUnsaved();
  model_.change(tr("erase owner and plate"), [](job::Case& c) {
    const Json json = job::toJson(c);
    if (auto left = job::fromJson(job::withoutPersonal(json, job::personalWords(json)), "job",
                                  job::Damaged::kept)) {
      c = std::move(*left);
    }
  });
  if (saved) {
    if (const auto status = model_.files().save(model_.path()); !status) {
      emit said(q(status.error().sentence()), true);
    }
  }
  settle();
}

namespace {

// First where others look, so that nothing is half done when the network is away.
Status eraseEverywhere(const QString& id, store::Logbook& here, const QString& path,
                       const Carrier::Door& door) {
  if (door) {
    auto shop = door();
    if (!shop) {
      return shop.error();
    }
    if (auto done = (*shop)->erasePersonal(id); !done) {
      return done.error();
    }
    if (auto done = store::detachAll((*shop)->database(), id); !done) {
      return done;
    }
  }
  if (auto done = here.erasePersonal(id); !done) {
    return done.error();
  }
  if (auto done = path.isEmpty() ? Status(Done{}) : store::eraseInFile(path, id); !done) {
    return done;
  }
  return store::renewBackups(here.database().file());
}

}  // namespace

void JobBook::erasePersonal(const QString& id) {
  if (!book_) {
    emit said(q(notOpen().sentence()), true);
    return;
  }
  const auto row = book_->row(id);
  if (model_.jobId() == id) {
    eraseInModel();
  }
  auto done = std::make_shared<Status>(Done{});
  desk_.put(
      QStringLiteral("erase ") + id,
      [id, done, path = row ? row->path : QString(), door = carrier_.door(),
       file = book_->database().file()] {
        const auto here = store::Logbook::open(file);
        *done = here ? eraseEverywhere(id, **here, path, door) : Status(here.error());
      },
      [this, done] {
        emit said(*done ? tr("Owner and plate are erased from all kept states of this job.")
                        : tr("Not everything was erased: %1").arg(q(done->error().sentence())),
                  !*done);
        carrier_.nudge();
        emit changed();
      });
}

}  // namespace haybale::app
