#include "app/trace/turns_widget.h"

#include <QPainter>

#include "app/style/theme.h"
#include "picture/lanes_of.h"
#include "print/scene_painter.h"

namespace haybale::app {

TurnsWidget::TurnsWidget(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("turns"));
  setMinimumHeight(300);
  connect(&model_, &JobModel::changed, this, &TurnsWidget::rebuild);
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, [this] { update(); });
}

void TurnsWidget::rebuild() {
  if (!isVisible()) {
    return;  // made anew when shown
  }
  picture::OverlayInput input;
  input.wheels = picture::overlayOf(model_.job(), model_.assessment());
  input.width = width();
  input.height = height();
  scene_ = picture::turnOverlay(input, print::measure());
  update();
}

void TurnsWidget::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  print::paint(painter, scene_, ThemeHub::instance().theme());
}

void TurnsWidget::resizeEvent(QResizeEvent*) {
  rebuild();
}

void TurnsWidget::showEvent(QShowEvent*) {
  rebuild();
}

}  // namespace haybale::app
