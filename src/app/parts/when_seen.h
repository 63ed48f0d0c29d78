// A view that is made anew only while somebody looks.
#pragma once

#include <QEvent>
#include <QWidget>
#include <functional>

namespace haybale::app {

/// Runs `refresh` when it is due and the view is seen; what falls due while it is hidden is made up
/// for when it is shown. A child of its view.
class WhenSeen : public QObject {
 public:
  WhenSeen(QWidget* view, std::function<void()> refresh)
      : QObject(view), view_(view), refresh_(std::move(refresh)) {
    view->installEventFilter(this);
  }

  void due() {
    if (view_->isVisible()) {
      refresh_();
    } else {
      late_ = true;
    }
  }

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override {
    if (watched == view_ && event->type() == QEvent::Show && late_) {
      late_ = false;
      refresh_();
    }
    return QObject::eventFilter(watched, event);
  }

 private:
  QWidget* view_;
  std::function<void()> refresh_;
  bool late_ = true;  // nothing was shown yet
};

}  // namespace haybale::app
