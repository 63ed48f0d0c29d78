#include "app/parts/drag_out.h"

#include <QApplication>
#include <QDrag>
#include <QMimeData>
#include <QMouseEvent>
#include <QUrl>

namespace haybale::app {

DragOut::DragOut(QAbstractButton* button, Maker make)
    : QObject(button), button_(button), make_(std::move(make)) {
  button->installEventFilter(this);
}

bool DragOut::eventFilter(QObject* watched, QEvent* event) {
  const auto* mouse = dynamic_cast<QMouseEvent*>(event);
  if (!mouse) {
    return QObject::eventFilter(watched, event);
  }
  if (event->type() == QEvent::MouseButtonPress && mouse->button() == Qt::LeftButton) {
    pressed_ = mouse->pos();
    down_ = true;
  } else if (event->type() == QEvent::MouseButtonRelease) {
    down_ = false;
  } else if (event->type() == QEvent::MouseMove && down_ &&
             (mouse->pos() - pressed_).manhattanLength() >= QApplication::startDragDistance()) {
    down_ = false;
    button_->setDown(false);  // it was a drag, no press
    drag();
    return true;
  }
  return QObject::eventFilter(watched, event);
}

void DragOut::drag() {
  const QString file = folder_.isValid() ? make_(folder_.path()) : QString();
  if (file.isEmpty()) {
    return;
  }
  if (instead) {
    instead(file);
    return;
  }
  auto* data = new QMimeData;
  data->setUrls({QUrl::fromLocalFile(file)});
  auto* drag = new QDrag(button_);
  drag->setMimeData(data);
  drag->exec(Qt::CopyAction);
}

}  // namespace haybale::app
