// The one model every view talks to: the case, what the core says of it, the undo stack, what is
// selected.
#pragma once

#include <QObject>
#include <QUndoStack>
#include <functional>
#include <memory>

#include "app/model/autosave.h"
#include "app/model/job_lock.h"
#include "core/capture/csv_hints.h"
#include "core/job/reading_line.h"
#include "core/session/assessment.h"

namespace haybale::app {

/// What the next reading will be, and what is looked at. Not part of the case, not undone.
struct Selection {
  QString circuit;
  circuit::Test test;    ///< the test a bare value will be entered for
  QString evidence;      ///< id of the reading whose reason is shown; may be empty
  bool editing = false;  ///< the line itself is edited instead of measured
  QString part;          ///< id of the element chosen while it is
};

class JobModel : public QObject {
  Q_OBJECT

 public:
  explicit JobModel(QObject* parent = nullptr);

  [[nodiscard]] const job::Case& job() const { return job_; }
  [[nodiscard]] const diagnosis::Assessment& assessment() const { return assessment_; }
  [[nodiscard]] const Selection& selection() const { return selection_; }
  [[nodiscard]] const circuit::Circuit* selectedCircuit() const {
    return job_.find(selection_.circuit.toStdString());
  }
  [[nodiscard]] QUndoStack* undoStack() { return &undo_; }
  /// The case file; empty for a job never saved.
  [[nodiscard]] const QString& path() const { return path_; }
  [[nodiscard]] bool isUnsaved() const { return !undo_.isClean() || untitled_; }
  /// Id of the job: of its autosave, in the logbook, in its file.
  [[nodiscard]] QString jobId() const { return QString::fromStdString(job_.id); }
  /// Another window works on this job: here it can be read, until `takeOver`.
  [[nodiscard]] bool isReadOnly() const { return readOnly_; }
  void takeOver();
  /// Goes on with a copy that is kept nowhere, for what a made-up vehicle gives; `endTrial` brings
  /// the job itself back as it was.
  void beginTrial();
  void endTrial();
  [[nodiscard]] bool isTrial() const { return trial_.has_value(); }
  /// What could not be kept, and is not resolved yet; empty when all is well. `what` tells the
  /// keepers apart ("autosave", "logbook").
  void setTrouble(const QString& what, const QString& sentence);
  [[nodiscard]] QString trouble() const;
  [[nodiscard]] QString folder() const { return folder_; }
  /// What closed jobs taught; given to every new job.
  void setLearnt(const job::Learnt& learnt) { learnt_ = learnt; }

  // --- opening and saving; an error leaves the job as it was
  void startNew();
  Status openDemo();
  /// Opens a job kept elsewhere (the logbook) under the id it has there.
  void openRecord(job::Case job, const QString& recordId, const QString& path,
                  const QString& folder);
  /// Opens a case. Changes kept by autosave come back as one undoable step; text in boxes comes
  /// back too.
  Status open(const QString& path);
  /// Opens a job that was never saved, by its autosave id.
  Status openKept(const QString& keptId);
  /// Writes the job into a file. A state of the same file that another program wrote meanwhile is
  /// put beside it first; `putAside` then says so.
  Status save(const QString& path);
  [[nodiscard]] const QString& putAside() const { return aside_; }

  // --- edits; each is one step of undo and is on disk before it is shown
  /// Applies `edit` to the case under the name `what`. Nothing happens when it changes nothing.
  /// What could not be opened again is refused: said, and given back as the error.
  Status tryChange(const QString& what, const std::function<void(job::Case&)>& edit);
  /// The same where nobody waits for an answer: a refusal is said.
  void change(const QString& what, const std::function<void(job::Case&)>& edit) {
    (void)tryChange(what, edit);
  }
  /// Reads a typed line on top of the selected test and adds it as evidence.
  Status enterReading(const QString& text);
  /// The same for a test that was proposed.
  Status enterReading(const QString& text, const circuit::Test& test);
  /// Adds what an instrument measured; infinity is OL.
  void enterMeasured(const circuit::Test& test, double value);
  /// Adds what was seen at a proposed test.
  void enterSeen(const circuit::Test& test, const job::Reading& reading);
  /// Adds a capture file as a trace of `circuit`. The file is read first; an unreadable one is not
  /// added.
  Status addCapture(const QString& circuit, const QString& file);
  /// Says how a CSV capture is written, next to it, and reads it anew; undone like any edit. An
  /// error when that cannot be kept.
  Status readAs(const QString& file, const capture::CsvHints& hints);
  /// The capture of a circuit that is looked at: the last one; empty when there is none.
  [[nodiscard]] QString captureOf(const QString& circuit) const;
  /// Keeps what is said of a capture and reads it anew; `readAs` without the undo.
  void reread(const QString& file, const capture::CsvHints& hints);
  /// Whether a capture is so large that it is to be read beside the window first.
  [[nodiscard]] bool readsBeside(const QString& file) const;
  /// Takes what was read beside the window, or why it could not be; `changed` follows.
  void takeCapture(const QString& file, Result<diagnosis::LoadedCapture> loaded);
  /// What the job, or a reading of `circuit` still to be added, wants of a capture. Owns what it
  /// looks at, for another thread.
  [[nodiscard]] std::function<std::vector<diagnosis::Wanted>(const capture::Record&)> wantedOf(
      const QString& file, const QString& circuit) const;
  /// Applies an edit that may be refused; then nothing changes, and the sentence is said.
  bool attempt(const QString& what, const std::function<Status(job::Case&)>& edit);
  /// Reads a typed line on top of a reading already there and puts it in its place, keeping its id.
  Status retype(const QString& evidence, const QString& text);
  /// Keeps a photo or file with a reading.
  void attach(const QString& evidence, const QString& file);
  void setWithdrawn(const QString& evidence, bool withdrawn);
  void removeEvidence(const QString& evidence);

  /// What a substitution would show, before it is made.
  [[nodiscard]] diagnosis::SwapOutlook outlook(const circuit::Test& test) {
    return diagnosis::outlookFor(job_, folder_.toStdString(), shelf_, test, &memory_);
  }
  // --- after the repair
  /// The same readings, kept as the proof.
  Status enterProof(const QString& text, const circuit::Test& test);
  void enterProofSeen(const circuit::Test& test, const job::Reading& reading);
  Status addProofCapture(const circuit::Test& test, const QString& file);
  /// What is left to doubt; some tenths of a second of work, remembered until the case changes.
  [[nodiscard]] const diagnosis::Proof& proof();

  /// What would be believed if a line were read so; the case stays as it is.
  [[nodiscard]] Result<diagnosis::Assessment> suppose(const QString& text,
                                                      const circuit::Test& test);
  /// Where captures taken live are kept: beside the case, or with the program's own files while the
  /// job has none.
  [[nodiscard]] QString captureFolder() const;

  // --- selection
  void selectCircuit(const QString& name);
  void selectPlace(const circuit::Place& place, circuit::WireId wire);
  /// Chooses the whole test: from a proposal, or from the function keys.
  void selectTest(const circuit::Test& test);
  void selectKind(circuit::TestKind kind);
  void selectEvidence(const QString& id);
  void setEditing(bool editing);
  void selectPart(const QString& id);

  // --- text in boxes
  [[nodiscard]] QString draft(const QString& box) const { return drafts_.value(box); }
  void setDraft(const QString& box, const QString& text);

 signals:
  /// The case or what follows from it changed.
  void changed();
  void selectionChanged();
  /// Another job is shown: boxes take their drafts anew.
  void reopened();
  /// Reading only, or what could not be kept, changed.
  void stateChanged();
  /// A capture of the job is to be read beside the window.
  void captureDeferred(const QString& file);
  /// A sentence for the user; `bad` when something did not work.
  void said(const QString& sentence, bool bad);

 private:
  friend class SnapshotCommand;
  void adopt(job::Case job, const QString& path, const QString& folder);
  void tellOpened();
  bool stillMine();
  QString putAsideIfChanged(const QString& path);
  void setJob(const job::Case& job);
  void reassess();
  void keepSelectionOnTheLine();
  void autosave(bool flush);
  [[nodiscard]] job::Evidence evidenceOf(const circuit::Test& test, const job::Reading& reading,
                                         const std::string& id) const;
  Status proveBy(const circuit::Test& test, const job::Reading& reading);
  Result<job::TypedReading> typedFor(const QString& text, const circuit::Test& test) const;
  Result<std::string> relativeCapture(const QString& file);

  job::Case job_;
  diagnosis::Assessment assessment_;
  diagnosis::CaptureShelf shelf_;
  diagnosis::LikelihoodMemory memory_;
  Selection selection_;
  QUndoStack undo_;
  QString path_;
  QString folder_;
  JobLock lock_;
  bool readOnly_ = false;
  QString aside_;       // what the last save found and put aside
  std::string onDisk_;  // the file as it was last read or written here
  QMap<QString, QString> troubles_;
  struct Real;  // the job that waits while another is tried
  std::optional<std::shared_ptr<Real>> trial_;
  QMap<QString, QString> drafts_;
  bool untitled_ = false;  // never saved, but worth keeping
  job::Learnt learnt_;
  std::optional<diagnosis::Proof> proof_;  // of the case as it stands
};

}  // namespace haybale::app
