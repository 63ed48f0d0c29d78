// Turns of the wheels laid over each other by the angle.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "picture/turn_overlay.h"

namespace haybale::app {

class TurnsWidget : public QWidget {
  Q_OBJECT

 public:
  explicit TurnsWidget(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] const picture::Scene& scene() const { return scene_; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;

 private:
  void rebuild();

  JobModel& model_;
  picture::Scene scene_;
};

}  // namespace haybale::app
