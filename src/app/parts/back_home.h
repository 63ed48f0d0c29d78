// From a thread of the pool back to the window's.
#pragma once

#include <QCoreApplication>
#include <QPointer>
#include <utility>

namespace haybale::app {

/// Runs `then` on the window's thread, unless `self` is gone by then: whether it is, is only asked
/// there, where it cannot go at the same moment. The application outlives its pool.
template <class Object, class F>
void backHome(const QPointer<Object>& self, F then) {
  QMetaObject::invokeMethod(
      qApp,
      [self, then = std::move(then)] {
        if (self) {
          then();
        }
      },
      Qt::QueuedConnection);
}

}  // namespace haybale::app
