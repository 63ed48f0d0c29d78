#include "app/style/scene_widget.h"

#include <QPainter>

#include "app/style/theme.h"
#include "render/scene_painter.h"

namespace haybale::app {

SceneWidget::SceneWidget(QWidget* parent) : QWidget(parent) {
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, [this] { update(); });
}

void SceneWidget::setMaker(Maker maker) {
  maker_ = std::move(maker);
  rebuild();
}

void SceneWidget::rebuild() {
  if (!isVisible() || !maker_) {
    return;  // made anew when shown
  }
  scene_ = maker_(width(), height());
  update();
}

void SceneWidget::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  render::paint(painter, scene_, ThemeHub::instance().theme());
}

void SceneWidget::resizeEvent(QResizeEvent*) {
  rebuild();
}

void SceneWidget::showEvent(QShowEvent*) {
  rebuild();
}

}  // namespace haybale::app
