#include "app/model/job_model.h"

#include <QDir>
#include <QFileInfo>
#include <algorithm>

#include "app/model/preferences.h"
#include "app/model/snapshot_command.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/demo/demo.h"
#include "core/job/case_json.h"

namespace haybale::app {

using circuit::Place;
using circuit::TestKind;

namespace {

// Of a job nothing is known of yet.
const diagnosis::Assessment& nothingYet() {
  static const auto made = [] {
    diagnosis::Assessment a;
    a.conclusion.headline = JobModel::tr("Working it out ...").toStdString();
    return a;
  }();
  return made;
}

}  // namespace

JobModel::JobModel(QObject* parent)
    : QObject(parent), room_(std::make_shared<diagnosis::Workroom>()) {
  // Some 20 ms of reading; larger captures would hold the window up.
  room_->shelf.deferAbove(8U << 20);
  files_.startNew();
}

JobModel::~JobModel() {
  keeper_.finish();
}

const diagnosis::Assessment& JobModel::assessment() const {
  return interim_ ? *interim_ : shown_ ? *shown_->knownAssessment() : nothingYet();
}

void JobModel::setTrouble(const QString& what, const QString& sentence) {
  if (troubles_.value(what) == sentence) {
    return;
  }
  if (sentence.isEmpty()) {
    troubles_.remove(what);
  } else {
    troubles_.insert(what, sentence);
    emit said(sentence, true);
  }
  emit stateChanged();
}

QString JobModel::trouble() const {
  return troubles_.isEmpty() ? QString() : troubles_.first();
}

Status JobModel::tryChange(const QString& what, const std::function<void(job::Case&)>& edit) {
  job::Case after = job_;
  edit(after);
  if (after == job_) {
    return Done{};
  }
  const bool knew = readOnly_;
  if (!stillMine()) {
    const Error error{"", std::nullopt, "another window works on this job",
                      "press Take over to go on with it here"};
    if (knew) {
      emit said(QString::fromStdString(error.sentence()), true);
    }
    return error;
  }
  auto kept = job::asReopened(after);
  if (!kept) {
    emit said(tr("Not taken, it could not be opened again: %1")
                  .arg(QString::fromStdString(kept.error().sentence())),
              true);
    return kept.error();
  }
  if (*kept != job_) {
    undo_.push(new SnapshotCommand(*this, job_, std::move(*kept), what));
  }
  return Done{};
}

// A job that is kept nowhere else is the first of the recent ones once something was done in it.
void JobModel::noteUntitled() {
  if (path_.isEmpty() && !untitled_ && !isTrial()) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + jobId());
  }
}

void JobModel::setJob(const job::Case& job) {
  job_ = job;
  noteUntitled();
  reassess();
  autosave(true);
  choosing_.afterAnEdit();
  emit changed();
}

void JobModel::reassess() {
  session_ = std::make_shared<const diagnosis::Session>(job_, folder_.toStdString(), room_);
  interim_ = !shown_ ? nullptr
                     : std::make_shared<const diagnosis::Assessment>(
                           diagnosis::carriedOver(*shown_->knownAssessment(), shown_->job(), job_));
  thinker_.put(
      QStringLiteral("assessment"), [s = session_] { (void)s->assessment(); },
      [this, s = session_] {
        for (const auto& file : room_->shelf.takeDeferred()) {
          emit captureDeferred(QString::fromStdString(file));
        }
        if (s == session_) {
          shown_ = s;
          interim_.reset();
          emit assessed();
        }
      });
}

void JobModel::settle(bool withProof) {
  if (withProof) {
    (void)proof();
  }
  thinker_.settle();
  keeper_.settle();
}

void JobModel::autosave(bool flush) {
  if (isTrial() || !stillMine()) {
    return;
  }
  Kept kept;
  kept.id = jobId();
  kept.path = path_;
  kept.folder = folder_;
  kept.drafts = drafts_;
  kept.unsaved = true;
  if (flush) {
    flush_ = true;
  }
  auto status = std::make_shared<Status>(Done{});
  // Under its own name: of another job nothing is dropped.
  keeper_.put(
      kept.id,
      [this, kept, status, s = session_, claim = lock_.claim()] {
        const bool mine = claim.whileMine(JobLock::Claim::Place::file, [&] {
          *status = writeAutosave(kept, s->job(), flush_.exchange(false));
        });
        if (!mine) {
          *status = Error{"", std::nullopt, say("another window took this job over"), ""};
        }
      },
      [this, status] {
        (void)stillMine();
        setTrouble(QStringLiteral("autosave"),
                   *status ? QString()
                           : tr("This change could not be kept on disk: %1")
                                 .arg(QString::fromStdString(status->error().sentence())));
        if (isKept()) {
          emit stateChanged();
        }
      });
  if (flush) {
    emit stateChanged();
  }
}

bool JobModel::attempt(const QString& what, const std::function<Status(job::Case&)>& edit) {
  job::Case after = job_;
  if (const auto status = edit(after); !status) {
    emit said(QString::fromStdString(status.error().sentence()), true);
    return false;
  }
  change(what, [&](job::Case& c) { c = after; });
  return true;
}

void JobModel::setDraft(const QString& box, const QString& text) {
  if (drafts_.value(box) == text) {
    return;
  }
  if (text.isEmpty()) {
    drafts_.remove(box);
  } else {
    drafts_.insert(box, text);
  }
  noteUntitled();
  autosave(false);
}

const diagnosis::Proof* JobModel::proof() {
  if (proofStands()) {
    proved_ = session_;
  } else {
    thinker_.put(
        QStringLiteral("proof"), [s = session_] { (void)s->proof(); },
        [this, s = session_] {
          if (s == session_) {
            proved_ = s;
            emit workedOut();
          }
        });
  }
  return proved_ ? proved_->knownProof() : nullptr;
}

const diagnosis::SwapOutlook* JobModel::outlook(const circuit::Test& test) {
  const auto* known = session_->knownOutlook(test);
  if (!known) {
    thinker_.put(
        QStringLiteral("outlook"), [s = session_, test] { (void)s->outlook(test); },
        [this, s = session_] {
          if (s == session_) {
            emit workedOut();
          }
        });
  }
  return known;
}

// Whether this window may write; when another one took the job over it becomes a reader.
bool JobModel::stillMine() {
  if (!readOnly_ && !lock_.mine()) {
    readOnly_ = true;
    undo_.clear();
    emit said(tr("Another window took this job over. Here it can only be read now."), true);
    emit stateChanged();
  }
  return !readOnly_;
}

}  // namespace haybale::app
