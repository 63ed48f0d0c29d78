// Work on the threads of the application's pool, and the way home to the window's. What goes from
// one thread to another lies under a lock of the standard library's on its way: the toolkit's own
// queues would do, but a thread sanitizer sees only the locks it knows.
#pragma once

#include <QPointer>
#include <functional>
#include <utility>

namespace haybale::app {

/// Runs `work` on a thread of the pool.
void sendOut(std::function<void()> work);

/// Runs `then` on the window's thread, in the order in which they were sent; never at once, also
/// when it is sent from there.
void sendHome(std::function<void()> then);

/// Runs `then` on the window's thread, unless `self` is gone by then: whether it is, is only asked
/// there, where it cannot go at the same moment. The application outlives its pool.
template <class Object, class F>
void backHome(const QPointer<Object>& self, F then) {
  sendHome([self, then = std::move(then)] {
    if (self) {
      then();
    }
  });
}

}  // namespace haybale::app
