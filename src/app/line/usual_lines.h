// Beginning with a line as vehicles have it, chosen by its picture.
#pragma once

#include <QDialog>

#include "app/model/job_model.h"

namespace haybale::app {

class UsualLines : public QDialog {
  Q_OBJECT

 public:
  explicit UsualLines(JobModel& model, QWidget* parent = nullptr);

 private:
  void take(std::size_t line);

  JobModel& model_;
};

/// Opens the choice for the circuit that is shown.
void chooseUsual(JobModel& model, QWidget* parent);

}  // namespace haybale::app
