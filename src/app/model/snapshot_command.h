// An edit as a step of undo.
#pragma once

#include <QUndoCommand>

#include "app/model/job_model.h"

namespace haybale::app {

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

}  // namespace haybale::app
