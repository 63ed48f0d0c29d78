#include "app/model/job_model.h"

#include <QDir>
#include <QFileInfo>
#include <algorithm>

#include "app/model/preferences.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/demo/demo.h"
#include "core/job/case_json.h"

namespace haybale::app {

using circuit::Place;
using circuit::TestKind;

/// One edit as the case before and after: cases are small, and a whole copy cannot be half undone.
class SnapshotCommand : public QUndoCommand {
 public:
  SnapshotCommand(JobModel& model, job::Case before, job::Case after, const QString& what)
      : QUndoCommand(what), model_(model), before_(std::move(before)), after_(std::move(after)) {}
  void undo() override { model_.setJob(before_); }
  void redo() override { model_.setJob(after_); }

 private:
  JobModel& model_;
  job::Case before_;
  job::Case after_;
};

JobModel::JobModel(QObject* parent) : QObject(parent) {
  // Some 20 ms of reading; larger captures would hold the window up.
  shelf_.deferAbove(8U << 20);
  startNew();
}

void JobModel::adopt(job::Case job, const QString& path, const QString& folder) {
  trial_.reset();  // another job was chosen: the trial is over
  undo_.clear();
  job_ = std::move(job);
  path_ = path;
  folder_ = folder;
  job_.id = idOf(job_, path).toStdString();
  readOnly_ = !lock_.take(jobId());
  onDisk_.clear();
  drafts_.clear();
  untitled_ = false;
  selection_ = {};
  const auto* suspect = job_.suspectCircuit();
  selection_.circuit = suspect ? QString::fromStdString(suspect->name) : QString();
  if (suspect) {
    selection_.test = job::defaultTest(
        *suspect, {Place::Kind::modulePlug, suspect->path.front().id}, TestKind::resistance);
    // A job is taken up where it was left: at the last number measured on the line in question.
    for (const auto& e : job_.evidence) {
      if (e.test.circuit == suspect->name && e.test.red && !e.withdrawn &&
          (e.test.kind == TestKind::dcVoltage || e.test.kind == TestKind::resistance)) {
        selection_.test = e.test;
      }
    }
  }
  reassess();
}

void JobModel::startNew() {
  job::Case fresh = job::newCase();
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
  }
  noteRecent(absolute);
  tellOpened();
  return Done{};
}

Status JobModel::openKept(const QString& keptId) {
  auto kept = readAutosave(keptId);
  if (!kept) {
    return Error{keptId.toStdString(), std::nullopt, "is not kept any more", "choose another job"};
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
  // What the other window kept last is what is gone on with.
  if (const auto kept = readAutosave(jobId()); kept && kept->job != job_) {
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

Status JobModel::save(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  if (!stillMine() && absolute == path_) {
    return Error{absolute.toStdString(), std::nullopt, "is worked on in another window",
                 "take the job over, or save under another name"};
  }
  const QString newFolder = QFileInfo(absolute).absolutePath();
  aside_ = putAsideIfChanged(absolute);
  job::Case moved = diagnosis::withFilesFrom(job_, folder_.toStdString(), newFolder.toStdString());
  std::string text = job::caseText(moved);
  if (auto status = job::writeFileAtomically(absolute.toStdString(), text); !status) {
    return status;
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
  if (drafts_.isEmpty()) {
    removeAutosave(jobId());
    removeAutosave(formerAutosaveId(absolute));
  } else {
    autosave(true);
  }
  noteRecent(absolute);
  emit changed();
  return Done{};
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

void JobModel::setJob(const job::Case& job) {
  job_ = job;
  if (path_.isEmpty() && !untitled_ && !trial_) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + jobId());
  }
  autosave(true);
  reassess();
  if (!selectedCircuit()) {
    const auto* suspect = job_.suspectCircuit();
    selection_.circuit = suspect ? QString::fromStdString(suspect->name) : QString();
  }
  if (!job_.evidenceById(selection_.evidence.toStdString())) {
    selection_.evidence.clear();
  }
  keepSelectionOnTheLine();
  emit changed();
}

// An edit of the line may have taken away what was chosen on it.
void JobModel::keepSelectionOnTheLine() {
  const auto* circuit = selectedCircuit();
  if (!circuit) {
    return;
  }
  const auto gone = [&](const std::string& id) { return !id.empty() && !circuit->find(id); };
  const auto& test = selection_.test;
  bool lost = test.circuit != circuit->name || !test.red;
  for (const auto* probe : {&test.red, &test.black}) {
    lost = lost || (*probe && gone((*probe)->place.element));
  }
  for (const auto& id : test.state.unplugged) {
    lost = lost || gone(id);
  }
  if (lost) {
    selection_.test = job::defaultTest(
        *circuit, {Place::Kind::modulePlug, circuit->path.front().id}, TestKind::resistance);
  }
  if (gone(selection_.part.toStdString())) {
    selection_.part = QString::fromStdString(circuit->path.front().id);
  }
}

void JobModel::reassess() {
  proof_.reset();
  assessment_ = diagnosis::assessCase(job_, folder_.toStdString(), shelf_, {}, &memory_);
  for (const auto& file : shelf_.takeDeferred()) {
    emit captureDeferred(QString::fromStdString(file));
  }
}

bool JobModel::readsBeside(const QString& file) const {
  return shelf_.wouldDefer(QFileInfo(file).absoluteFilePath().toStdString());
}

void JobModel::takeCapture(const QString& file, Result<diagnosis::LoadedCapture> loaded) {
  const std::string path = QFileInfo(file).absoluteFilePath().toStdString();
  if (loaded) {
    shelf_.put(path, std::move(loaded.value()));
  } else {
    shelf_.refuse(path, loaded.error());
  }
  reassess();
  emit changed();
}

std::function<std::vector<diagnosis::Wanted>(const capture::Record&)> JobModel::wantedOf(
    const QString& file, const QString& circuit) const {
  return [job = job_, folder = folder_.toStdString(),
          path = QFileInfo(file).absoluteFilePath().toStdString(),
          name = circuit.toStdString()](const capture::Record& record) {
    auto wanted = diagnosis::wantedOf(job, folder, path, record);
    if (const auto* c = job.find(name)) {
      job::Evidence e;
      e.test.circuit = name;
      wanted.push_back({diagnosis::channelFor(record, e), diagnosis::traceOptions(job, *c)});
    }
    return wanted;
  };
}

void JobModel::autosave(bool flush) {
  if (trial_ || !stillMine()) {
    return;
  }
  Kept kept;
  kept.id = jobId();
  kept.path = path_;
  kept.folder = folder_;
  kept.job = job_;
  kept.drafts = drafts_;
  kept.unsaved = true;
  const auto status = writeAutosave(kept, flush);
  setTrouble(QStringLiteral("autosave"),
             status ? QString()
                    : tr("This change could not be kept on disk: %1")
                          .arg(QString::fromStdString(status.error().sentence())));
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

void JobModel::selectCircuit(const QString& name) {
  const auto* circuit = job_.find(name.toStdString());
  if (!circuit || name == selection_.circuit) {
    return;
  }
  selection_.circuit = name;
  selection_.evidence.clear();
  selection_.test = job::defaultTest(*circuit, {Place::Kind::modulePlug, circuit->path.front().id},
                                     TestKind::resistance);
  keepSelectionOnTheLine();
  emit selectionChanged();
}

void JobModel::selectPlace(const Place& place, circuit::WireId wire) {
  const auto* circuit = selectedCircuit();
  if (!circuit) {
    return;
  }
  const TestKind kind = selection_.test.kind;
  selection_.test = job::defaultTest(*circuit, place, kind);
  if (wire != circuit::WireId::a && kind == TestKind::dcVoltage) {
    selection_.test.red->wire = wire;
  }
  selection_.evidence.clear();
  emit selectionChanged();
}

void JobModel::setEditing(bool editing) {
  const auto* circuit = selectedCircuit();
  if (editing == selection_.editing || !circuit) {
    return;
  }
  selection_.editing = editing;
  if (!circuit->find(selection_.part.toStdString())) {
    selection_.part = QString::fromStdString(circuit->path.front().id);
  }
  emit selectionChanged();
}

void JobModel::selectPart(const QString& id) {
  selection_.part = id;
  emit selectionChanged();
}

void JobModel::selectTest(const circuit::Test& test) {
  selection_.circuit = QString::fromStdString(test.circuit);
  selection_.test = test;
  selection_.evidence.clear();
  emit selectionChanged();
}

void JobModel::selectKind(TestKind kind) {
  const auto* circuit = selectedCircuit();
  if (!circuit || !selection_.test.red) {
    return;
  }
  selectTest(job::defaultTest(*circuit, selection_.test.red->place, kind));
}

void JobModel::selectEvidence(const QString& id) {
  if (const auto* e = job_.evidenceById(id.toStdString())) {
    selection_.circuit = QString::fromStdString(e->test.circuit);
    selection_.evidence = id;
    if (circuit::unitOf(e->test.kind) != units::Unit::none) {
      selection_.test = e->test;  // a bare value typed now repeats that test
    }
    emit selectionChanged();
  }
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
  if (path_.isEmpty() && !untitled_ && !trial_) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + jobId());
  }
  autosave(false);
}

}  // namespace haybale::app
