#include "app/model/job_book.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QPointer>
#include <QTimer>

#include "app/parts/errands.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "core/evidence/good_value.h"
#include "core/job/case_json.h"
#include "core/session/closing.h"
#include "store/salvage.h"

namespace haybale::app {

namespace {

constexpr int kAgainMs = 5000;  // until a state that could not be kept is tried again

QString now() {
  return QDateTime::currentDateTime().toString(Qt::ISODate);
}

// Left beside a logbook that was found damaged while it was in use: the next start salvages it.
QString damageMark(const QString& file) {
  return file + QStringLiteral(".found-damaged");
}

}  // namespace

Error JobBook::notOpen() {
  return Error{"", std::nullopt, say("the logbook is not open"),
               say("see the message at the start")};
}

// A connection is of one thread: this one is opened and closed beside the window.
struct JobBook::Hand {
  std::unique_ptr<store::Logbook> book;
};

struct JobBook::Keeping {
  store::JobRow row;
  job::Case job;
  store::Keeping onto;
  Result<QString> revision{QString()};
  std::vector<store::Revision> others;  // kept elsewhere beside it
  bool taken = false;                   // another window works on the job now
};

JobBook::JobBook(JobModel& model, QObject* parent)
    : QObject(parent), model_(model), hand_(std::make_shared<Hand>()) {
  connect(&model_, &JobModel::changed, this, &JobBook::keep);
  connect(&model_, &JobModel::assessed, this, &JobBook::keep);
  connect(&model_, &JobModel::leaving, this, [this] {
    if (model_.isUnsaved() || !model_.path().isEmpty()) {
      settle();
    }
  });
  connect(&model_, &JobModel::reopened, this, [this] { followed_.clear(); });
  connect(&carrier_, &Carrier::standingChanged, this, &JobBook::tellOthers);
  connect(&carrier_, &Carrier::brought, this, [this] {
    tellOvertaken();
    emit changed();
  });
}

JobBook::~JobBook() {
  settle();
  desk_.put(
      QStringLiteral("end"), [hand = hand_] { hand->book.reset(); }, [] {});
  desk_.finish();
}

void JobBook::settle() {
  if (!book_ || model_.isReadOnly() || model_.isTrial()) {
    return;
  }
  model_.settle();
  keep();
  while (!desk_.idle()) {
    desk_.settle();
  }
}

Status JobBook::open() {
  const QString file = stateFolder() + QStringLiteral("/logbook.sqlite");
  auto opened = store::Logbook::open(file);
  // The whole file is looked through only where there is a reason: it does not open, or the last
  // look beside the window found damage.
  const bool doubted = QFile::remove(damageMark(file));
  if ((!opened || doubted) && !store::isSound(file)) {
    opened = notOpen();
    const auto saved = store::salvage(file);
    if (!saved) {
      return saved.error();
    }
    saved_ =
        tr("The logbook was damaged. %1 kept states were brought into a new one%2; the damaged "
           "file "
           "is %3.")
            .arg(saved->states)
            .arg(saved->fromBackup.isEmpty() ? QString()
                                             : tr(", some from the copy %1").arg(saved->fromBackup),
                 saved->aside);
    opened = store::Logbook::open(file);
  }
  if (!opened) {
    return opened.error();
  }
  book_ = std::move(*opened);
  carrier_.begin(book_->database().file());
  lookAfter(file);
  teach();
  emit changed();
  return Done{};
}

// Beside the window: whether the file is whole, and the day's copy of it.
void JobBook::lookAfter(const QString& file) {
  sendOut([file, self = QPointer<JobBook>(this)] {
    const bool sound = store::isSound(file);
    if (!sound) {
      (void)job::writeFileAtomically(damageMark(file).toStdString(), "damaged\n");
    }
    const auto kept = sound ? store::backUp(file) : Status(Done{});
    if (!sound || !kept) {
      const QString trouble = sound ? tr("The day's copy of the logbook could not be made: %1")
                                          .arg(q(kept.error().sentence()))
                                    : tr("Parts of the logbook are damaged. Close the program and "
                                         "start it again: what can be "
                                         "read is brought into a new one.");
      backHome(self, [self, trouble] { self->model_.setTrouble(QStringLiteral("book"), trouble); });
    }
  });
}

// Which kept state the shown job was built on.
void JobBook::follow() {
  if (followed_ == model_.jobId()) {
    return;
  }
  followed_ = model_.jobId();
  carrier_.setOpenJob(followed_);
  base_.reset();
  beside_ = 0;
  const auto row = book_->row(followed_);
  if (!row) {
    return;
  }
  const auto same = book_->sameState(followed_, model_.job());
  savedSince_ = true;  // what was kept before this sitting stays
  if (!same || same->isEmpty()) {
    // Unsaved work that came back goes on from the latest; a file that another program wrote stands
    // beside it.
    base_ = model_.isUnsaved() ? std::nullopt : std::optional(QString());
    return;
  }
  base_ = *same;
  kept_ = model_.job();
  keptId_ = followed_;
  keptPath_ = base_ == row->revision ? row->path : model_.path();
  if (base_ != row->revision) {
    emit said(tr("The logbook has a later state of this job, of %1. Go on here and both are kept; "
                 "Logbook opens the other.")
                  .arg(row->changed.left(16).replace(QLatin1Char('T'), QLatin1Char(' '))),
              false);
  }
}

// A job opened and never touched is not written; one with a file of its own is. What is believed of
// it goes in with it.
void JobBook::keep() {
  if (!book_ || keeping_ || model_.isReadOnly() || model_.isTrial() || model_.isThinking()) {
    return;
  }
  follow();
  if (model_.path().isEmpty() && !model_.isUnsaved()) {
    return;
  }
  const bool saved = !model_.path().isEmpty() && !model_.isUnsaved();
  if (keptId_ == model_.jobId() && keptPath_ == model_.path() && model_.job() == kept_) {
    savedSince_ = savedSince_ || saved;
    return;
  }
  auto keeping = std::make_shared<Keeping>();
  keeping->row.id = model_.jobId();
  keeping->row.path = model_.path();
  keeping->row.folder = model_.folder();
  keeping->row.headline = q(model_.assessment().conclusion.headline);
  keeping->row.changed = store::utcNow();
  keeping->job = model_.job();
  keeping->onto = {base_, !savedSince_};
  keeping_ = true;
  desk_.put(
      QStringLiteral("keep"),
      [keeping, hand = hand_, file = book_->database().file(), claim = model_.claim()] {
        if (!hand->book) {
          auto opened = store::Logbook::open(file);
          if (!opened) {
            keeping->revision = opened.error();
            return;
          }
          hand->book = std::move(*opened);
        }
        // A window that lost the job meanwhile puts no older state over the other's.
        keeping->taken = !claim.whileMine(JobLock::Claim::Place::logbook, [&] {
          keeping->revision = hand->book->keep(keeping->row, keeping->job, keeping->onto);
        });
        if (keeping->taken) {
          return;
        }
        if (auto others = keeping->revision ? hand->book->besideHead(keeping->row.id)
                                            : Result<std::vector<store::Revision>>(notOpen())) {
          keeping->others = std::move(*others);
        }
      },
      [this, keeping, saved] {
        keeping_ = false;
        if (keeping->taken) {
          return;
        }
        model_.setTrouble(QStringLiteral("logbook"),
                          keeping->revision ? QString()
                                            : tr("The logbook could not keep this: %1")
                                                  .arg(q(keeping->revision.error().sentence())));
        if (!keeping->revision) {
          QTimer::singleShot(kAgainMs, this, &JobBook::keep);
        } else {
          savedSince_ = saved;
          takeKept(*keeping);
          keep();  // what changed meanwhile
        }
      });
}

void JobBook::takeKept(const Keeping& kept) {
  if (followed_ == kept.row.id) {
    base_ = *kept.revision;
  }
  kept_ = kept.job;
  keptId_ = kept.row.id;
  keptPath_ = kept.row.path;
  // The same job was changed somewhere else too: said once, shown in the logbook.
  if (kept.others.size() > beside_) {
    const auto& other = kept.others.front();
    emit said(tr("This job was also changed on %1 at %2 (%3); both states are kept. Logbook "
                 "compares them.")
                  .arg(other.origin, other.changed.mid(11, 5), differs(other.revision)),
              false);
  }
  beside_ = kept.others.size();
  carrier_.nudge();
  emit changed();
}

void JobBook::teach() {
  if (const auto learnt = store::learnt(book_->database())) {
    model_.files().setLearnt(*learnt);
  }
}

Status JobBook::show(const QString& id) {
  if (!book_) {
    return notOpen();
  }
  const auto row = book_->row(id);
  if (!row) {
    return row.error();
  }
  // The file that is there now may be another job's.
  if (!row->path.isEmpty() && QFileInfo::exists(row->path)) {
    const auto file = job::loadCase(row->path.toStdString(), job::Damaged::kept);
    if (file && idOf(*file, row->path) == id) {
      return model_.files().open(row->path);
    }
  }
  model_.waitUntilKept();
  if (readAutosave(id)) {
    return model_.files().openKept(id);
  }
  auto c = book_->load(id);
  if (!c) {
    return c.error();
  }
  model_.files().openRecord(std::move(*c), id, {}, folderOf(*row));
  if (!row->path.isEmpty()) {
    emit said(
        tr("%1 is gone or another job's; this is the job as the logbook kept it.").arg(row->path),
        false);
  }
  return Done{};
}

Status JobBook::showState(const QString& id, const QString& revision) {
  if (!book_) {
    return notOpen();
  }
  const auto row = book_->row(id);
  auto c = book_->loadRevision(revision);
  if (!row || !c) {
    return row ? c.error() : row.error();
  }
  model_.files().openRecord(std::move(*c), id, {}, folderOf(*row));
  return Done{};
}

Status JobBook::close(bool comeback) {
  model_.settle(true);
  const auto obstacles = diagnosis::inTheWay(model_.job());
  if (!obstacles.empty()) {
    return Error{"", std::nullopt, obstacles.front(), say("tick every hole once it is sealed")};
  }
  const auto suspect = diagnosis::toRepair(model_.job(), model_.assessment().conclusion);
  auto closing = diagnosis::closingOf(model_.job(), suspect, *model_.proof(), now().toStdString());
  closing.comeback = comeback;
  model_.change(tr("close the job"), [&](job::Case& c) { c.closing = closing; });
  settle();
  if (book_) {
    teach();
  }
  return Done{};
}

void JobBook::reopenJob() {
  model_.change(tr("open the job again"), [](job::Case& c) { c.closing = {}; });
  settle();
  if (book_) {
    teach();
  }
}

// The trace itself is kept among the program's own files: the job may go.
Result<std::string> JobBook::copyOfTrace(const job::Evidence& e) {
  const QString from = q(diagnosis::capturePath(e.reading.file, model_.folder().toStdString()));
  const QString folder = stateFolder() + QStringLiteral("/good");
  QDir().mkpath(folder);
  const QString to =
      QStringLiteral("%1/%2-%3")
          .arg(folder, QDateTime::currentDateTime().toString(QStringLiteral("yyyyMMdd-HHmmss-zzz")),
               QFileInfo(from).fileName());
  if (!QFile::copy(from, to)) {
    return Error{from.toStdString(), std::nullopt, say("could not be copied among the good ones"),
                 say("look whether the file is there and the disk has room")};
  }
  return to.toStdString();
}

Status JobBook::keepGood(const QString& id) {
  if (!book_) {
    return notOpen();
  }
  const auto& c = model_.job();
  const auto* e = c.evidenceById(id.toStdString());
  const auto* circuit = e ? c.find(e->test.circuit) : nullptr;
  const auto good = e ? diagnosis::goodValueOf(c, model_.assessment().waveforms, *e) : std::nullopt;
  if (!good) {
    return Error{"", std::nullopt, say("only a number that a limit can be about is kept as good"),
                 say("a coil, a bias, an output, a trace of a passive sensor")};
  }
  judging::GoodSample sample;
  sample.quantity = good->quantity;
  sample.value = good->value;
  if (!e->reading.file.empty()) {
    auto copied = copyOfTrace(*e);
    if (!copied) {
      return copied.error();
    }
    sample.trace = std::move(*copied);
  }
  sample.celsius = e->reading.celsius;
  sample.vehicle = c.vehicle;
  sample.module = c.intake.module;
  sample.part = c.intake.sensorPart;
  sample.circuit = circuit->name;
  sample.place = e->test.red ? circuit::spoken(e->test.red->place) : std::string();
  sample.date = e->time.empty() ? now().toStdString() : e->time;
  const auto kept = store::GoodShelf(book_->database()).keep(sample);
  if (!kept) {
    return kept.error();
  }
  emit changed();
  return Done{};
}

Result<std::vector<store::KeptGood>> JobBook::goods(const store::GoodFor& wanted) {
  return book_ ? store::GoodShelf(book_->database()).find(wanted)
               : Result<std::vector<store::KeptGood>>(notOpen());
}

Status JobBook::removeGood(const QString& name) {
  if (!book_) {
    return notOpen();
  }
  const auto status = store::GoodShelf(book_->database()).remove(name);
  emit changed();
  return status;
}

}  // namespace haybale::app
