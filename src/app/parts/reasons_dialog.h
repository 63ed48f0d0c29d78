// Why it stands as it does: what each reading did to the belief, how suspicion moved, what a
// supposed reading would do, and what may be done now.
#pragma once

#include <QDialog>

#include "app/model/job_model.h"
#include "app/style/scene_widget.h"

class QLabel;
class QLineEdit;

namespace haybale::app {

class ReasonsDialog : public QDialog {
  Q_OBJECT

 public:
  /// `test` is the one a supposed reading is of.
  ReasonsDialog(JobModel& model, circuit::Test test, QWidget* parent = nullptr);

 private:
  void suppose();
  void drawTimeline();

  JobModel& model_;
  circuit::Test test_;
  SceneWidget* timeline_;
  QLineEdit* supposed_;
  QLabel* outcome_;
};

}  // namespace haybale::app
