// The one model every view talks to: the case, what the core says of it, the undo stack, what is
// selected. What it can do with files, readings, captures and the selection lies in parts of it.
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
#include "app/model/choosing.h"
#include "app/model/job_captures.h"
#include "app/model/job_entries.h"
#include "app/model/job_files.h"
#include "app/model/job_lock.h"
#include "core/session/session.h"

namespace haybale::app {

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
  /// Another window works on this job: here it can be read, until it is taken over.
  [[nodiscard]] bool isReadOnly() const { return readOnly_; }
  [[nodiscard]] JobLock::Claim claim() const { return lock_.claim(); }
  [[nodiscard]] bool isTrial() const { return files_.isTrial(); }
  /// What could not be kept, and is not resolved yet; empty when all is well. `what` tells the
  /// keepers apart ("autosave", "logbook").
  void setTrouble(const QString& what, const QString& sentence);
  [[nodiscard]] QString trouble() const;
  [[nodiscard]] QString folder() const { return folder_; }

  // --- its parts
  [[nodiscard]] JobFiles& files() { return files_; }
  [[nodiscard]] JobEntries& entries() { return entries_; }
  [[nodiscard]] JobCaptures& captures() { return captures_; }
  [[nodiscard]] Choosing& choose() { return choosing_; }

  // --- edits; each is one step of undo, and on disk once `isKept`
  /// Applies `edit` to the case under the name `what`. Nothing happens when it changes nothing.
  /// What could not be opened again is refused: said, and given back as the error.
  Status tryChange(const QString& what, const std::function<void(job::Case&)>& edit);
  /// The same where nobody waits for an answer: a refusal is said.
  void change(const QString& what, const std::function<void(job::Case&)>& edit) {
    (void)tryChange(what, edit);
  }
  /// Applies an edit that may be refused; then nothing changes, and the sentence is said.
  bool attempt(const QString& what, const std::function<Status(job::Case&)>& edit);

  // --- what follows, worked out when it is asked for
  /// What a substitution would show, before it is made; nullptr while that is worked out,
  /// `workedOut` follows.
  [[nodiscard]] const diagnosis::SwapOutlook* outlook(const circuit::Test& test);
  /// What is left to doubt: of the job as it stands, or as it stood before until `workedOut`;
  /// nullptr while there is none yet.
  [[nodiscard]] const diagnosis::Proof* proof();
  [[nodiscard]] bool proofStands() const { return session_->knownProof() != nullptr; }

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
  friend class JobFiles;
  friend class JobEntries;
  friend class JobCaptures;
  friend class Choosing;
  bool stillMine();
  void setJob(const job::Case& job);
  void noteUntitled();
  void reassess();
  void autosave(bool flush);

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
  QMap<QString, QString> troubles_;
  QMap<QString, QString> drafts_;
  bool untitled_ = false;  // never saved, but worth keeping
  JobFiles files_{*this};
  JobEntries entries_{*this};
  JobCaptures captures_{*this};
  Choosing choosing_{*this};
  std::atomic<bool> flush_{false};  // what is kept next waits for the disk
  Beside thinker_{Beside::Manner::givesWayToAll};
  Beside keeper_;
};

}  // namespace haybale::app
