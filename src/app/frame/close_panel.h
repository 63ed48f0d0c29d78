// Beside the close-out: what is left between a verdict and a closed job, and what is next of it.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "core/session/closing.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace haybale::app {

class ClosePanel : public QWidget {
  Q_OBJECT

 public:
  explicit ClosePanel(JobModel& model, QWidget* parent = nullptr);

 signals:
  /// The user wants to be where this is done.
  void wanted(haybale::diagnosis::ClosingKind step);

 private:
  void refresh();

  JobModel& model_;
  QLabel* title_;
  QLabel* how_;
  QPushButton* go_;
  QVBoxLayout* list_;
  diagnosis::ClosingKind next_ = diagnosis::ClosingKind::find;
};

}  // namespace haybale::app
