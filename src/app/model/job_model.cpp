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
  startNew();
}

JobModel::~JobModel() {
  keeper_.finish();
}

const diagnosis::Assessment& JobModel::assessment() const {
  return interim_ ? *interim_ : shown_ ? *shown_->knownAssessment() : nothingYet();
}

void JobModel::adopt(job::Case job, const QString& path, const QString& folder) {
  emit leaving();
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
  shown_.reset();
  proved_.reset();
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

void JobModel::keepForNextStart() {
  if (path_.isEmpty() && !untitled_ && !trial_) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + jobId());
    autosave(true);
  }
}

void JobModel::setJob(const job::Case& job) {
  job_ = job;
  if (path_.isEmpty() && !untitled_ && !trial_) {
    untitled_ = true;
    noteRecent(QStringLiteral("unsaved:") + jobId());
  }
  reassess();
  autosave(true);
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

bool JobModel::readsBeside(const QString& file) const {
  return room_->shelf.wouldDefer(QFileInfo(file).absoluteFilePath().toStdString());
}

void JobModel::takeCapture(const QString& file, Result<diagnosis::LoadedCapture> loaded) {
  const std::string path = QFileInfo(file).absoluteFilePath().toStdString();
  if (loaded) {
    room_->shelf.put(path, std::move(loaded.value()));
  } else {
    room_->shelf.refuse(path, loaded.error());
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
