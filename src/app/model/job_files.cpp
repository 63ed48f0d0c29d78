#include "app/model/job_files.h"

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

void JobFiles::adopt(job::Case job, const QString& path, const QString& folder) {
  emit model_.leaving();
  trial_.reset();  // another job was chosen: the trial is over
  model_.undo_.clear();
  model_.job_ = std::move(job);
  model_.path_ = path;
  model_.folder_ = folder;
  model_.job_.id = idOf(model_.job_, path).toStdString();
  model_.readOnly_ = !model_.lock_.take(model_.jobId());
  onDisk_.clear();
  model_.drafts_.clear();
  model_.untitled_ = false;
  model_.shown_.reset();
  model_.proved_.reset();
  model_.choosing_.takeUp();
  model_.reassess();
}

void JobFiles::startNew() {
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

Status JobFiles::openDemo() {
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

Status JobFiles::open(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  const auto text = job::readFile(absolute.toStdString());
  auto saved = text ? job::parseCase(*text, absolute.toStdString(), job::Damaged::kept)
                    : Result<job::Case>(text.error());
  if (!saved) {
    return saved.error();
  }
  adopt(std::move(*saved), absolute, QFileInfo(absolute).absolutePath());
  model_.waitUntilKept();
  onDisk_ = *text;
  auto kept = readAutosave(model_.jobId());
  if (!kept) {
    kept = readAutosave(formerAutosaveId(absolute));
  }
  if (kept && kept->path == absolute) {
    model_.drafts_ = kept->drafts;
    kept->job.id = model_.job_.id;
    if (kept->unsaved && kept->job != model_.job_) {
      model_.undo_.push(new SnapshotCommand(model_, model_.job_, kept->job,
                                            JobModel::tr("changes brought back")));
      emit model_.said(
          JobModel::tr(
              "Changes that were not saved are back. Undo shows the file as it was saved."),
          false);
    }
  } else if (kept && kept->unsaved && kept->job != model_.job_) {
    emit model_.said(
        JobModel::tr(
            "What was not saved of this job was done in another file (%1); it is in the logbook.")
            .arg(kept->path.isEmpty() ? JobModel::tr("none yet") : kept->path),
        true);
  } else if (const auto other = unsavedOfAnother(absolute, model_.jobId())) {
    emit model_.said(
        JobModel::tr(
            "This file is another job than it was: its id is not the same. What was not saved "
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

Status JobFiles::openKept(const QString& keptId) {
  model_.waitUntilKept();
  auto kept = readAutosave(keptId);
  if (!kept) {
    return Error{keptId.toStdString(), std::nullopt, say("is not kept any more"),
                 say("choose another job")};
  }
  kept->job.id = keptId.toStdString();
  adopt(std::move(kept->job), kept->path, kept->folder);
  model_.drafts_ = kept->drafts;
  model_.untitled_ = true;
  tellOpened();
  return Done{};
}

void JobFiles::openRecord(job::Case job, const QString& recordId, const QString& path,
                          const QString& folder) {
  job.id = recordId.toStdString();
  adopt(std::move(job), path, folder);
  model_.untitled_ = path.isEmpty();
  tellOpened();
}

struct JobFiles::Real {
  job::Case job;
  QString path;
  QString folder;
  QMap<QString, QString> drafts;
  bool untitled = false;
  bool clean = true;
};

void JobFiles::beginTrial() {
  const Selection chosen = model_.selection_;
  auto real = std::make_shared<Real>(Real{model_.job_, model_.path_, model_.folder_, model_.drafts_,
                                          model_.untitled_, model_.undo_.isClean()});
  job::Case copy = model_.job_;
  copy.id.clear();
  copy.title =
      JobModel::tr("Trial: %1").arg(QString::fromStdString(model_.job_.title)).toStdString();
  adopt(std::move(copy), {}, model_.folder_);
  trial_ = std::move(real);
  model_.selection_ = chosen;
  tellOpened();
  emit model_.said(
      JobModel::tr(
          "A made-up vehicle answers now. What it gives goes into this copy, which is kept "
          "nowhere; your job comes back when the yard is left."),
      false);
}

void JobFiles::endTrial() {
  const auto real = std::move(trial_);
  trial_.reset();
  adopt(real->job, real->path, real->folder);
  model_.drafts_ = real->drafts;
  model_.untitled_ = real->untitled;
  if (!real->clean) {
    model_.undo_.resetClean();  // what was not saved still is not
  }
  emit model_.said({}, false);  // what was said of the made-up vehicle holds no more
  tellOpened();
}

// A file that another program wrote since it was read here is kept beside, under a name that is
// free; empty when it was not.
QString JobFiles::putAsideIfChanged(const QString& path) {
  const auto now = job::readFile(path.toStdString());
  if (path != model_.path_ || !now || *now == onDisk_ || onDisk_.empty()) {
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
  const auto found = theirs ? job::differences(model_.job_, *theirs) : std::vector<std::string>{};
  return JobModel::tr(
             "Another program wrote %1 meanwhile; what it wrote is kept in %2. Different is %3.")
      .arg(QFileInfo(path).fileName(), QFileInfo(beside).fileName(),
           found.empty() ? JobModel::tr("how it is written")
                         : QString::fromStdString(found.front()));
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

Status JobFiles::save(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  if (!model_.stillMine() && absolute == model_.path_) {
    return Error{absolute.toStdString(), std::nullopt, say("is worked on in another window"),
                 say("take the job over, or save under another name")};
  }
  model_.waitUntilKept();
  const QString newFolder = QFileInfo(absolute).absolutePath();
  aside_ = putAsideIfChanged(absolute);
  job::Case moved =
      diagnosis::withFilesFrom(model_.job_, model_.folder_.toStdString(), newFolder.toStdString());
  if (newFolder != model_.folder_) {
    noteFilesOf(model_.job_, model_.folder_);
  }
  std::string text = job::caseText(moved);
  Status written = Error{absolute.toStdString(), std::nullopt,
                         say("was taken over by another window"), say("save under another name")};
  const auto write = [&] {
    written = job::writeFileAtomically(absolute.toStdString(), text);
    if (written && model_.drafts_.isEmpty()) {
      removeAutosave(model_.jobId());
      removeAutosave(formerAutosaveId(absolute));
    }
  };
  if (absolute == model_.path_) {
    (void)model_.lock_.claim().whileMine(JobLock::Claim::Place::file, write);
  } else {
    write();
  }
  if (!written) {
    return written;
  }
  const bool moves = absolute != model_.path_;
  model_.job_ = std::move(moved);
  model_.path_ = absolute;
  model_.folder_ = newFolder;
  onDisk_ = std::move(text);
  model_.untitled_ = false;
  if (moves) {
    // Steps before the move would bring back paths relative to the old folder.
    model_.undo_.clear();
    forgetRecent(QStringLiteral("unsaved:") + model_.jobId());
    model_.reassess();
  }
  model_.undo_.setClean();
  if (!model_.drafts_.isEmpty()) {
    model_.autosave(true);
  }
  noteRecent(absolute);
  noteForDesktop(absolute);
  emit model_.changed();
  return Done{};
}

void JobFiles::takeOver() {
  model_.lock_.seize();
  model_.readOnly_ = false;
  // What the other window kept last is what is gone on with; what it saved leaves no autosave.
  auto kept = readAutosave(model_.jobId());
  if (const auto text = kept || model_.path_.isEmpty()
                            ? Result<std::string>(Error{})
                            : job::readFile(model_.path_.toStdString())) {
    if (auto saved = job::parseCase(*text, model_.path_.toStdString(), job::Damaged::kept)) {
      onDisk_ = *text;
      saved->id = model_.job_.id;
      kept = Kept{model_.jobId(), model_.path_, model_.folder_, std::move(*saved), {}, false};
    }
  }
  if (kept && kept->job != model_.job_) {
    model_.drafts_ = kept->drafts;
    model_.undo_.push(new SnapshotCommand(model_, model_.job_, kept->job,
                                          JobModel::tr("what the other window had")));
  }
  emit model_.stateChanged();
  emit model_.reopened();
  emit model_.changed();
}

void JobFiles::tellOpened() {
  if (model_.readOnly_) {
    emit model_.said(
        JobModel::tr(
            "Another window works on this job. Here it can be read; \"Take over\" goes on with "
            "it in this one."),
        true);
  } else if (const auto n = model_.job_.unreadable.size(); n > 0) {
    emit model_.said(
        JobModel::tr("%1 of the readings cannot be read: %2. Kept as written, not counted.")
            .arg(n)
            .arg(QString::fromStdString(model_.job_.unreadable.front().why)),
        true);
  }
  emit model_.stateChanged();
  emit model_.reopened();
  emit model_.changed();
  emit model_.selectionChanged();
}

void JobFiles::keepForNextStart() {
  if (model_.path_.isEmpty() && !model_.untitled_ && !isTrial()) {
    model_.noteUntitled();
    model_.autosave(true);
  }
}

}  // namespace haybale::app
