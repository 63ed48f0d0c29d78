// Turns of the wheels laid over each other by the angle.
#pragma once

#include "app/model/job_model.h"
#include "app/style/scene_widget.h"

namespace haybale::app {

class TurnsWidget : public SceneWidget {
  Q_OBJECT

 public:
  explicit TurnsWidget(JobModel& model, QWidget* parent = nullptr);
};

}  // namespace haybale::app
