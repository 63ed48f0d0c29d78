#include "app/parts/errands.h"

#include <QCoreApplication>
#include <QEvent>
#include <QThreadPool>
#include <deque>
#include <mutex>

namespace haybale::app {

namespace {

class Errands {
 public:
  void put(std::function<void()> errand) {
    const std::lock_guard lock(mutex_);
    waiting_.push_back(std::move(errand));
  }

  void doOne() {
    std::function<void()> errand;
    {
      const std::lock_guard lock(mutex_);
      errand = std::move(waiting_.front());
      waiting_.pop_front();
    }
    errand();
  }

 private:
  std::mutex mutex_;
  std::deque<std::function<void()>> waiting_;
};

// Lives on the window's thread, whoever needs it first; never taken apart, like the pool's threads.
class Home : public QObject {
 public:
  Home() { moveToThread(QCoreApplication::instance()->thread()); }
  Errands errands;

 protected:
  void customEvent(QEvent* /*event*/) override { errands.doOne(); }
};

}  // namespace

void sendOut(std::function<void()> work) {
  static Errands& out = *new Errands;
  out.put(std::move(work));
  QThreadPool::globalInstance()->start([] { out.doOne(); });
}

void sendHome(std::function<void()> then) {
  static Home& home = *new Home;
  home.errands.put(std::move(then));
  QCoreApplication::postEvent(&home, new QEvent(QEvent::User));
}

}  // namespace haybale::app
