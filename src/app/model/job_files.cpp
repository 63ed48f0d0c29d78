// Opening and saving, and whose turn it is to write: files, autosaves, other windows, a trial.
#include <QDir>
#include <QFileInfo>

#include "app/model/added_files.h"
#include "app/model/desktop_recent.h"
#include "app/model/job_model.h"
#include "app/model/preferences.h"
#include "app/model/snapshot_command.h"
#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "core/demo/demo.h"
#include "core/job/case_json.h"

namespace haybale::app {

void JobModel::startNew() {
  job::Case fresh = job::newCase();
  // Nobody has said yet what they are.
  for (auto& circuit : fresh.circuits) {
    circuit.sensor.kind = circuit::SensorKind::unknown;
  }
  applyTo(fresh, preferences());
  fresh.learnt = learnt_;
  adopt(std::move(fresh), {}, QDir::currentPath());
  tellOpened();
}

Status JobModel::openDemo() {
  // The demo's files live where they can be read and are made again at every opening: the copy is
  // the user's to change.
  const QString folder = stateFolder() + QStringLiteral("/demo");
  QDir().mkpath(folder);
  job::Case demo;
  for (const auto& file : job::demoFiles()) {
    const std::string path = (folder + QLatin1Char('/')).toStdString() + file.name;
    if (auto status = job::writeFileAtomically(path, file.bytes, false); !status) {
      return status;
    }
    if (file.name == job::kDemoCaseName) {
      auto parsed = job::parseCase(file.bytes, file.name);
      if (!parsed) {
        return parsed.error();
      }
      demo = std::move(*parsed);
    }
  }
  adopt(std::move(demo), {}, folder);
  tellOpened();
  return Done{};
}

Status JobModel::open(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  const auto text = job::readFile(absolute.toStdString());
  auto saved = text ? job::parseCase(*text, absolute.toStdString(), job::Damaged::kept)
                    : Result<job::Case>(text.error());
  if (!saved) {
    return saved.error();
  }
  adopt(std::move(*saved), absolute, QFileInfo(absolute).absolutePath());
  waitUntilKept();
  onDisk_ = *text;
  auto kept = readAutosave(jobId());
  if (!kept) {
    kept = readAutosave(formerAutosaveId(absolute));
  }
  if (kept && kept->path == absolute) {
    drafts_ = kept->drafts;
    kept->job.id = job_.id;
    if (kept->unsaved && kept->job != job_) {
      undo_.push(new SnapshotCommand(*this, job_, kept->job, tr("changes brought back")));
      emit said(tr("Changes that were not saved are back. Undo shows the file as it was saved."),
                false);
    }
  } else if (kept && kept->unsaved && kept->job != job_) {
    emit said(
        tr("What was not saved of this job was done in another file (%1); it is in the logbook.")
            .arg(kept->path.isEmpty() ? tr("none yet") : kept->path),
        true);
  } else if (const auto other = unsavedOfAnother(absolute, jobId())) {
    emit said(tr("This file is another job than it was: its id is not the same. What was not saved "
                 "of it then (%1) is in the logbook.")
                  .arg(QString::fromStdString(other->job.title.empty() ? other->id.toStdString()
                                                                       : other->job.title)),
              true);
  }
  noteRecent(absolute);
  noteForDesktop(absolute);
  tellOpened();
  return Done{};
}

Status JobModel::openKept(const QString& keptId) {
  waitUntilKept();
  auto kept = readAutosave(keptId);
  if (!kept) {
    return Error{keptId.toStdString(), std::nullopt, say("is not kept any more"),
                 say("choose another job")};
  }
  kept->job.id = keptId.toStdString();
  adopt(std::move(kept->job), kept->path, kept->folder);
  drafts_ = kept->drafts;
  untitled_ = true;
  tellOpened();
  return Done{};
}

void JobModel::openRecord(job::Case job, const QString& recordId, const QString& path,
                          const QString& folder) {
  job.id = recordId.toStdString();
  adopt(std::move(job), path, folder);
  untitled_ = path.isEmpty();
  tellOpened();
}

void JobModel::tellOpened() {
  if (readOnly_) {
    emit said(
        tr("Another window works on this job. Here it can be read; \"Take over\" goes on with "
           "it in this one."),
        true);
  } else if (const auto n = job_.unreadable.size(); n > 0) {
    emit said(tr("%1 of the readings cannot be read: %2. Kept as written, not counted.")
                  .arg(n)
                  .arg(QString::fromStdString(job_.unreadable.front().why)),
              true);
  }
  emit stateChanged();
  emit reopened();
  emit changed();
  emit selectionChanged();
}

void JobModel::takeOver() {
  lock_.seize();
  readOnly_ = false;
  // What the other window kept last is what is gone on with; what it saved leaves no autosave.
  auto kept = readAutosave(jobId());
  if (const auto text = kept || path_.isEmpty() ? Result<std::string>(Error{})
                                                : job::readFile(path_.toStdString())) {
    if (auto saved = job::parseCase(*text, path_.toStdString(), job::Damaged::kept)) {
      onDisk_ = *text;
      saved->id = job_.id;
      kept = Kept{jobId(), path_, folder_, std::move(*saved), {}, false};
    }
  }
  if (kept && kept->job != job_) {
    drafts_ = kept->drafts;
    undo_.push(new SnapshotCommand(*this, job_, kept->job, tr("what the other window had")));
  }
  emit stateChanged();
  emit reopened();
  emit changed();
}

struct JobModel::Real {
  job::Case job;
  QString path;
  QString folder;
  QMap<QString, QString> drafts;
  bool untitled = false;
  bool clean = true;
};

void JobModel::beginTrial() {
  const Selection chosen = selection_;
  auto real =
      std::make_shared<Real>(Real{job_, path_, folder_, drafts_, untitled_, undo_.isClean()});
  job::Case copy = job_;
  copy.id.clear();
  copy.title = tr("Trial: %1").arg(QString::fromStdString(job_.title)).toStdString();
  adopt(std::move(copy), {}, folder_);
  trial_ = std::move(real);
  selection_ = chosen;
  tellOpened();
  emit said(tr("A made-up vehicle answers now. What it gives goes into this copy, which is kept "
               "nowhere; your job comes back when the yard is left."),
            false);
}

void JobModel::endTrial() {
  const auto real = *trial_;
  trial_.reset();
  adopt(real->job, real->path, real->folder);
  drafts_ = real->drafts;
  untitled_ = real->untitled;
  if (!real->clean) {
    undo_.resetClean();  // what was not saved still is not
  }
  emit said({}, false);  // what was said of the made-up vehicle holds no more
  tellOpened();
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

// A file that another program wrote since it was read here is kept beside, under a name that is
// free; empty when it was not.
QString JobModel::putAsideIfChanged(const QString& path) {
  const auto now = job::readFile(path.toStdString());
  if (path != path_ || !now || *now == onDisk_ || onDisk_.empty()) {
    return {};
  }
  const QString stem = path.left(path.lastIndexOf(QStringLiteral(".json")));
  QString beside = stem + QStringLiteral(".other.json");
  for (int n = 2; QFileInfo::exists(beside); ++n) {
    beside = QStringLiteral("%1.other-%2.json").arg(stem).arg(n);
  }
  if (!job::writeFileAtomically(beside.toStdString(), *now)) {
    return {};
  }
  const auto theirs = job::parseCase(*now, path.toStdString(), job::Damaged::kept);
  const auto found = theirs ? job::differences(job_, *theirs) : std::vector<std::string>{};
  return tr("Another program wrote %1 meanwhile; what it wrote is kept in %2. Different is %3.")
      .arg(QFileInfo(path).fileName(), QFileInfo(beside).fileName(),
           found.empty() ? tr("how it is written") : QString::fromStdString(found.front()));
}

namespace {

// What lay in the job's folder stays the job's own when the job moves out of it.
void noteFilesOf(const job::Case& c, const QString& folder) {
  for (const auto* list : {&c.evidence, &c.proof}) {
    for (const auto& e : *list) {
      for (const auto& file : e.attachments) {
        if (!QFileInfo(QString::fromStdString(file)).isAbsolute()) {
          noteAdded(folder + QLatin1Char('/') + QString::fromStdString(file));
        }
      }
      const QString capture = QString::fromStdString(e.reading.file);
      if (!capture.isEmpty() && !QFileInfo(capture).isAbsolute()) {
        noteAdded(folder + QLatin1Char('/') + capture);
      }
    }
  }
}

}  // namespace

Status JobModel::save(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  if (!stillMine() && absolute == path_) {
    return Error{absolute.toStdString(), std::nullopt, say("is worked on in another window"),
                 say("take the job over, or save under another name")};
  }
  waitUntilKept();
  const QString newFolder = QFileInfo(absolute).absolutePath();
  aside_ = putAsideIfChanged(absolute);
  job::Case moved = diagnosis::withFilesFrom(job_, folder_.toStdString(), newFolder.toStdString());
  if (newFolder != folder_) {
    noteFilesOf(job_, folder_);
  }
  std::string text = job::caseText(moved);
  Status written = Error{absolute.toStdString(), std::nullopt,
                         say("was taken over by another window"), say("save under another name")};
  const auto write = [&] {
    written = job::writeFileAtomically(absolute.toStdString(), text);
    if (written && drafts_.isEmpty()) {
      removeAutosave(jobId());
      removeAutosave(formerAutosaveId(absolute));
    }
  };
  if (absolute == path_) {
    (void)lock_.claim().whileMine(JobLock::Claim::Place::file, write);
  } else {
    write();
  }
  if (!written) {
    return written;
  }
  const bool moves = absolute != path_;
  job_ = std::move(moved);
  path_ = absolute;
  folder_ = newFolder;
  onDisk_ = std::move(text);
  untitled_ = false;
  if (moves) {
    // Steps before the move would bring back paths relative to the old folder.
    undo_.clear();
    forgetRecent(QStringLiteral("unsaved:") + jobId());
    reassess();
  }
  undo_.setClean();
  if (!drafts_.isEmpty()) {
    autosave(true);
  }
  noteRecent(absolute);
  noteForDesktop(absolute);
  emit changed();
  return Done{};
}

}  // namespace haybale::app
