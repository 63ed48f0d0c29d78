// What kind of sensor the readings look like, under the table of circuits, with a button that says
// so.
#pragma once

#include "app/model/job_model.h"

class QLabel;
class QPushButton;

namespace haybale::app {

class KindLine : public QWidget {
  Q_OBJECT

 public:
  explicit KindLine(JobModel& model, QWidget* parent = nullptr);

 private:
  void refresh();
  void take();

  JobModel& model_;
  QLabel* text_;
  QPushButton* take_;
};

}  // namespace haybale::app
