// The key Alt, pressed and let go by itself, as it opens a menu.
#pragma once

#include <QApplication>
#include <QKeyEvent>
#include <functional>

namespace haybale::app {

/// Watches the keys of the whole application while `window` is the active one.
class AltKey : public QObject {
 public:
  AltKey(QWidget* window, std::function<void()> pressed)
      : QObject(window), window_(window), pressed_(std::move(pressed)) {
    qApp->installEventFilter(this);
  }

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override {
    if (event->type() == QEvent::KeyPress || event->type() == QEvent::ShortcutOverride) {
      const auto* key = static_cast<QKeyEvent*>(event);
      alone_ = key->key() == Qt::Key_Alt;
    } else if (event->type() == QEvent::MouseButtonPress || event->type() == QEvent::Wheel) {
      alone_ = false;
    } else if (event->type() == QEvent::KeyRelease && alone_ &&
               static_cast<QKeyEvent*>(event)->key() == Qt::Key_Alt && window_->isActiveWindow() &&
               !QApplication::activePopupWidget() && !QApplication::activeModalWidget()) {
      alone_ = false;
      pressed_();
      return true;
    }
    return QObject::eventFilter(watched, event);
  }

 private:
  QWidget* window_;
  std::function<void()> pressed_;
  bool alone_ = false;
};

}  // namespace haybale::app
