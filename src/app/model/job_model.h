// The one model every view talks to: the case, what the core says of it, the undo stack, what is
// selected.
//
// The window never waits: what follows from an edit is worked out on one thread beside it, the
// autosave is written on another. `changed` tells of the edit at once, `assessed` of what follows
// from it; until then `assessment` is that of the state before.
#pragma once

#include <QObject>
#include <QUndoStack>
#include <atomic>
#include <functional>
#include <memory>

#include "app/model/autosave.h"
#include "app/model/beside.h"
#include "app/model/job_lock.h"
#include "core/capture/csv_hints.h"
#include "core/job/reading_line.h"
#include "core/session/session.h"

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
  /// Waits until all is kept.
  ~JobModel() override;

  [[nodiscard]] const job::Case& job() const { return job_; }
  /// Of the job as it stands, or as it stood before while `isThinking`; of a job just opened one
  /// that says nothing yet.
  [[nodiscard]] const diagnosis::Assessment& assessment() const;
  [[nodiscard]] bool isThinking() const { return shown_ != session_; }
  /// Every edit and every key typed is on disk.
  [[nodiscard]] bool isKept() const { return keeper_.idle(); }
  /// Waits until that is so.
  void waitUntilKept() { keeper_.settle(); }
  /// Waits until what follows from the job is worked out and all is kept: for what must not be done
  /// on less, such as closing it. Some tenths of a second with the proof.
  void settle(bool withProof = false);
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
  [[nodiscard]] JobLock::Claim claim() const { return lock_.claim(); }
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
  /// The job that is open is the first of the recent ones, also when nothing was done in it yet.
  void keepForNextStart();
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

  // --- edits; each is one step of undo, and on disk once `isKept`
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
  void enterMeasured(const circuit::Test& test, double value, const job::Origin& origin);
  /// Adds what was seen at a proposed test.
  void enterSeen(const circuit::Test& test, const job::Reading& reading,
                 const std::optional<job::Origin>& origin = {});
  /// A file that an instrument's record was written to.
  void cameFrom(const QString& file, const job::Origin& origin) { origins_[file] = origin; }
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

  /// What a substitution would show, before it is made; nullptr while that is worked out,
  /// `workedOut` follows.
  [[nodiscard]] const diagnosis::SwapOutlook* outlook(const circuit::Test& test);
  // --- after the repair
  /// The same readings, kept as the proof.
  Status enterProof(const QString& text, const circuit::Test& test);
  void enterProofSeen(const circuit::Test& test, const job::Reading& reading);
  Status addProofCapture(const circuit::Test& test, const QString& file);
  /// What is left to doubt: of the job as it stands, or as it stood before until `workedOut`;
  /// nullptr while there is none yet.
  [[nodiscard]] const diagnosis::Proof* proof();
  [[nodiscard]] bool proofStands() const { return session_->knownProof() != nullptr; }

  /// What would be believed if a line were read so; the case stays as it is. `then` is called with
  /// it later, unless another line is supposed before. An error when it cannot be read.
  Status suppose(const QString& text, const circuit::Test& test,
                 std::function<void(const diagnosis::Assessment&)> then);
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
  /// Another job takes this one's place next.
  void leaving();
  /// The case changed.
  void changed();
  /// What follows from the case is worked out.
  void assessed();
  /// A proof or an outlook that was asked for is there.
  void workedOut();
  void selectionChanged();
  /// Another job is shown: boxes take their drafts anew.
  void reopened();
  /// Reading only, or what could not be kept, changed.
  void stateChanged();
  /// A capture of the job is to be read beside the window.
  void captureDeferred(const QString& file);
  /// A sentence for the user; `bad` when something did not work. Empty: the one before holds no
  /// more.
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
  bool mayEnter(const std::optional<job::Origin>& origin);
  Status proveBy(const circuit::Test& test, const job::Reading& reading);
  Result<job::TypedReading> typedFor(const QString& text, const circuit::Test& test) const;
  Result<std::string> relativeCapture(const QString& file);

  using Session = std::shared_ptr<const diagnosis::Session>;
  job::Case job_;
  std::shared_ptr<diagnosis::Workroom> room_;
  Session session_;  // of the job as it stands
  Session shown_;    // the latest that is worked out; null: none of this job
  std::shared_ptr<const diagnosis::Assessment> interim_;  // while another one is worked out
  Session proved_;  // the latest with a proof; null: none of this job
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
  QMap<QString, job::Origin> origins_;  // of files recorded here
  bool untitled_ = false;               // never saved, but worth keeping
  job::Learnt learnt_;
  std::atomic<bool> flush_{false};  // what is kept next waits for the disk
  Beside thinker_{Beside::Manner::givesWayToAll};
  Beside keeper_;
};

}  // namespace haybale::app
