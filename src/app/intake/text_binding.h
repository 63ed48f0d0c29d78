// Ties a text box to one field of the case: a finished edit is one step of undo, a half-typed one
// is kept as a draft.
#pragma once

#include <QLineEdit>
#include <QPlainTextEdit>
#include <functional>

#include "app/model/job_model.h"

namespace haybale::app {

struct TextField {
  QString name;  ///< of the draft and of the widget
  QString what;  ///< the undo step
  std::function<std::string(const job::Case&)> read;
  /// Sets the field. An error leaves the text in the box, marked, with the sentence beside it.
  std::function<Status(job::Case&, const std::string&)> write;
};

/// `said` receives the error of a bad entry, or an empty text when all is well.
void bind(QLineEdit* edit, JobModel& model, const TextField& field,
          const std::function<void(const QString&)>& said = {});
/// A box of several lines; commits when it loses the focus.
void bind(QPlainTextEdit* edit, JobModel& model, const TextField& field);

}  // namespace haybale::app
