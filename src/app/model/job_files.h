// Opening and saving, whose turn it is to write, and trials. An error leaves the job as it was.
#pragma once

#include <QString>
#include <memory>
#include <optional>

#include "core/base/result.h"
#include "core/job/case.h"

namespace haybale::app {

class JobModel;

class JobFiles {
 public:
  explicit JobFiles(JobModel& model) : model_(model) {}

  /// What closed jobs taught; given to every new job.
  void setLearnt(const job::Learnt& learnt) { learnt_ = learnt; }
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
  /// Goes on here with the job that another window works on.
  void takeOver();
  /// Goes on with a copy that is kept nowhere, for what a made-up vehicle gives; `endTrial` brings
  /// the job itself back as it was.
  void beginTrial();
  void endTrial();
  [[nodiscard]] bool isTrial() const { return trial_ != nullptr; }

 private:
  void adopt(job::Case job, const QString& path, const QString& folder);
  void tellOpened();
  QString putAsideIfChanged(const QString& path);

  struct Real;  // the job that waits while another is tried
  JobModel& model_;
  std::shared_ptr<Real> trial_;
  QString aside_;       // what the last save found and put aside
  std::string onDisk_;  // the file as it was last read or written here
  job::Learnt learnt_;
};

}  // namespace haybale::app
