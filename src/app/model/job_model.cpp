#include "app/model/job_model.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>

#include "core/job/atomic_file.h"
#include "core/job/case_json.h"
#include "core/job/demo.h"

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
  undo_.clear();
  job_ = std::move(job);
  path_ = path;
  folder_ = folder;
  autosaveId_ = autosaveId(path);
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
  adopt(job::newCase(), {}, QDir::currentPath());
  emit reopened();
  emit changed();
  emit selectionChanged();
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
  emit reopened();
  emit changed();
  emit selectionChanged();
  return Done{};
}

Status JobModel::open(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  auto saved = job::loadCase(absolute.toStdString());
  if (!saved) {
    return saved.error();
  }
  const auto kept = readAutosave(autosaveId(absolute));
  adopt(std::move(*saved), absolute, QFileInfo(absolute).absolutePath());
  if (kept) {
    drafts_ = kept->drafts;
    if (kept->unsaved && job::toJson(kept->job) != job::toJson(job_)) {
      undo_.push(new SnapshotCommand(*this, job_, kept->job, tr("changes brought back")));
      emit said(tr("Changes that were not saved are back. Undo shows the file as it was saved."),
                false);
    }
  }
  noteRecent(absolute);
  emit reopened();
  emit changed();
  emit selectionChanged();
  return Done{};
}

Status JobModel::openKept(const QString& id) {
  auto kept = readAutosave(id);
  if (!kept) {
    return Error{id.toStdString(), std::nullopt, "is not kept any more", "choose another job"};
  }
  adopt(std::move(kept->job), kept->path, kept->folder);
  autosaveId_ = id;
  drafts_ = kept->drafts;
  untitled_ = true;
  emit reopened();
  emit changed();
  emit selectionChanged();
  return Done{};
}

Status JobModel::save(const QString& path) {
  const QString absolute = QFileInfo(path).absoluteFilePath();
  const QString newFolder = QFileInfo(absolute).absolutePath();
  job::Case moved = job_;
  if (newFolder != folder_) {
    // Captures named relative to the old folder keep pointing at the same files.
    for (auto& e : moved.evidence) {
      if (!e.reading.file.empty()) {
        e.reading.file = diagnosis::capturePath(e.reading.file, folder_.toStdString());
      }
    }
  }
  if (auto status = job::writeFileAtomically(absolute.toStdString(), job::caseText(moved));
      !status) {
    return status;
  }
  const QString oldId = autosaveId_;
  const bool moves = absolute != path_;
  job_ = std::move(moved);
  path_ = absolute;
  folder_ = newFolder;
  autosaveId_ = autosaveId(absolute);
  untitled_ = false;
  if (moves) {
    // Steps before the move would bring back paths relative to the old folder.
    undo_.clear();
    removeAutosave(oldId);
    forgetRecent(QStringLiteral("unsaved:") + oldId);
    reassess();
  }
  undo_.setClean();
  if (drafts_.isEmpty()) {
    removeAutosave(autosaveId_);
  } else {
    autosave(true);
  }
  noteRecent(absolute);
  emit changed();
  return Done{};
}

void JobModel::change(const QString& what, const std::function<void(job::Case&)>& edit) {
  job::Case after = job_;
  edit(after);
  if (job::toJson(after) == job::toJson(job_)) {
    return;
  }
  undo_.push(new SnapshotCommand(*this, job_, std::move(after), what));
}

void JobModel::setJob(const job::Case& job) {
  job_ = job;
  if (path_.isEmpty() && !untitled_) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + autosaveId_);
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
  Kept kept;
  kept.id = autosaveId_;
  kept.path = path_;
  kept.folder = folder_;
  kept.job = job_;
  kept.drafts = drafts_;
  kept.unsaved = true;
  if (const auto status = writeAutosave(kept, flush); !status) {
    emit said(tr("This change could not be kept on disk: %1")
                  .arg(QString::fromStdString(status.error().sentence())),
              true);
  }
}

Status JobModel::enterReading(const QString& text) {
  return enterReading(text, selection_.test);
}

Status JobModel::enterReading(const QString& text, const circuit::Test& test) {
  const auto* circuit = job_.find(test.circuit);
  if (!circuit) {
    return Error{"", std::nullopt, "no circuit is chosen", "click a place on the line first"};
  }
  auto typed = job::parseReadingLine(text.toStdString(), *circuit, test);
  if (!typed) {
    return typed.error();
  }
  job::Evidence e;
  e.id = job_.nextEvidenceId();
  e.test = typed->test;
  e.reading = typed->reading;
  e.test.meterName = job_.meter.name;
  e.time = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
  selection_.test = typed->test;
  selection_.evidence = QString::fromStdString(e.id);
  const std::string shown =
      e.reading.value ? units::format(*e.reading.value) : std::string("of a lamp");
  change(tr("reading %1").arg(QString::fromStdString(shown)),
         [&](job::Case& c) { c.evidence.push_back(e); });
  emit selectionChanged();
  return Done{};
}

Result<diagnosis::Assessment> JobModel::suppose(const QString& text, const circuit::Test& test) {
  const auto* circuit = job_.find(test.circuit);
  if (!circuit) {
    return Error{"", std::nullopt, "no circuit is chosen", "click a place on the line first"};
  }
  const auto typed = job::parseReadingLine(text.toStdString(), *circuit, test);
  if (!typed) {
    return typed.error();
  }
  job::Case supposed = job_;
  job::Evidence e;
  e.id = supposed.nextEvidenceId();
  e.test = typed->test;
  e.reading = typed->reading;
  supposed.evidence.push_back(e);
  return diagnosis::assessCase(supposed, folder_.toStdString(), shelf_, {}, &memory_);
}

QString JobModel::folderOrHome() const {
  return folder_.isEmpty() ? stateFolder() : folder_;
}

void JobModel::enterMeasured(const circuit::Test& test, double value) {
  job::Reading reading;
  reading.value = units::Entry{};
  reading.value->unit = circuit::unitOf(test.kind);
  reading.value->overload = std::isinf(value);
  reading.value->value = value;
  circuit::Test made = test;
  made.meterName = job_.meter.name;
  enterSeen(made, reading);
}

void JobModel::enterSeen(const circuit::Test& test, const job::Reading& reading) {
  job::Evidence e;
  e.id = job_.nextEvidenceId();
  e.test = test;
  e.reading = reading;
  e.time = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
  selection_.evidence = QString::fromStdString(e.id);
  change(tr("what was seen"), [&](job::Case& c) { c.evidence.push_back(e); });
  emit selectionChanged();
}

Status JobModel::addCapture(const QString& circuitName, const QString& file) {
  const auto* circuit = job_.find(circuitName.toStdString());
  if (!circuit) {
    return Error{circuitName.toStdString(), std::nullopt, "is not a circuit of this job",
                 "drop the capture on one of its wheels"};
  }
  const QString absolute = QFileInfo(file).absoluteFilePath();
  if (const auto record = shelf_.load(absolute.toStdString()); !record) {
    return record.error();
  }
  job::Evidence e;
  e.id = job_.nextEvidenceId();
  e.test = job::defaultTest(*circuit, {Place::Kind::modulePlug, circuit->path.front().id},
                            TestKind::waveform);
  e.test.state.key = circuit::Key::off;
  e.test.state.unplugged = {circuit->path.front().id};
  const QString relative = QDir(folder_).relativeFilePath(absolute);
  e.reading.file = (relative.startsWith(QStringLiteral("..")) ? absolute : relative).toStdString();
  e.time = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
  selection_.evidence = QString::fromStdString(e.id);
  change(tr("trace of %1").arg(circuitName), [&](job::Case& c) { c.evidence.push_back(e); });
  emit selectionChanged();
  return Done{};
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

Status JobModel::retype(const QString& id, const QString& text) {
  const auto* e = job_.evidenceById(id.toStdString());
  const auto* circuit = e ? job_.find(e->test.circuit) : nullptr;
  if (!circuit) {
    return Error{id.toStdString(), std::nullopt, "is not among the readings", "choose one of them"};
  }
  auto typed = job::parseReadingLine(text.toStdString(), *circuit, e->test);
  if (!typed) {
    return typed.error();
  }
  change(tr("correct a reading"), [&](job::Case& c) {
    for (auto& each : c.evidence) {
      if (each.id == id.toStdString()) {
        each.test = typed->test;
        each.reading = typed->reading;
      }
    }
  });
  return Done{};
}

void JobModel::attach(const QString& id, const QString& file) {
  if (file.isEmpty()) {
    return;
  }
  const QString absolute = QFileInfo(file).absoluteFilePath();
  const QString relative = QDir(folder_).relativeFilePath(absolute);
  change(tr("attach a file"), [&](job::Case& c) {
    for (auto& e : c.evidence) {
      if (e.id == id.toStdString()) {
        e.attachments.push_back(
            (relative.startsWith(QStringLiteral("..")) ? absolute : relative).toStdString());
      }
    }
  });
}

void JobModel::setWithdrawn(const QString& id, bool withdrawn) {
  change(withdrawn ? tr("withdraw a reading") : tr("count a reading again"), [&](job::Case& c) {
    for (auto& e : c.evidence) {
      e.withdrawn = e.id == id.toStdString() ? withdrawn : e.withdrawn;
    }
  });
}

void JobModel::removeEvidence(const QString& id) {
  change(tr("remove a reading"), [&](job::Case& c) {
    std::erase_if(c.evidence, [&](const auto& e) { return e.id == id.toStdString(); });
  });
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
  if (path_.isEmpty() && !untitled_) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + autosaveId_);
  }
  autosave(false);
}

}  // namespace haybale::app
