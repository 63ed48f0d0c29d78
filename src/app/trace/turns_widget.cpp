#include "app/trace/turns_widget.h"

#include "picture/lanes_of.h"
#include "picture/turn_overlay.h"
#include "render/scene_painter.h"

namespace haybale::app {

TurnsWidget::TurnsWidget(JobModel& model, QWidget* parent) : SceneWidget(parent) {
  setObjectName(QStringLiteral("turns"));
  setMinimumHeight(300);
  setMaker([&model](double width, double height) {
    picture::OverlayInput input;
    input.wheels = picture::overlayOf(model.job(), model.assessment());
    input.width = width;
    input.height = height;
    return picture::turnOverlay(input, render::measure());
  });
  connect(&model, &JobModel::changed, this, &SceneWidget::rebuild);
  connect(&model, &JobModel::assessed, this, &SceneWidget::rebuild);
}

}  // namespace haybale::app
