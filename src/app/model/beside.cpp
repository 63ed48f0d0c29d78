#include "app/model/beside.h"

#include <sys/resource.h>
#include <unistd.h>

#include <algorithm>

#include "app/parts/errands.h"

namespace haybale::app {

namespace {
constexpr int kPolite = 5;  // niceness
}

Beside::Beside(Manner manner, QObject* parent)
    : QObject(parent),
      thread_([this, manner, self = QPointer<Beside>(this)] { run(manner, self); }) {}

Beside::~Beside() {
  {
    const std::lock_guard lock(mutex_);
    over_ = true;
    waiting_.clear();
  }
  news_.notify_all();
  thread_.join();
}

void Beside::put(const QString& name, std::function<void()> work, std::function<void()> then) {
  {
    const std::lock_guard lock(mutex_);
    open_ -=
        static_cast<int>(std::erase_if(waiting_, [&](const Job& j) { return j.name == name; }));
    waiting_.push_back({name, std::move(work), std::move(then)});
    ++open_;
  }
  news_.notify_all();
}

void Beside::run(Manner manner, const QPointer<Beside>& self) {
  if (manner == Manner::givesWayToAll) {
    // Of this thread alone, on Linux; threads begun by it inherit it.
    ::setpriority(PRIO_PROCESS, static_cast<id_t>(::gettid()), kPolite);
  }
  std::unique_lock lock(mutex_);
  for (;;) {
    news_.wait(lock, [this] { return over_ || !waiting_.empty(); });
    if (over_) {
      return;
    }
    Job job = std::move(waiting_.front());
    waiting_.pop_front();
    working_ = true;
    lock.unlock();
    job.work();
    lock.lock();
    working_ = false;
    done_.push_back(std::move(job));
    news_.notify_all();
    backHome(self, [this] { deliver(); });
  }
}

void Beside::deliver() {
  for (;;) {
    Job job;
    {
      const std::lock_guard lock(mutex_);
      if (done_.empty() || closed_) {
        return;
      }
      job = std::move(done_.front());
      done_.pop_front();
      --open_;
    }
    job.then();
  }
}

void Beside::settle() {
  while (!idle() && !closed_) {
    {
      std::unique_lock lock(mutex_);
      news_.wait(lock, [this] { return !done_.empty() || (waiting_.empty() && !working_); });
    }
    deliver();
  }
}

void Beside::finish() {
  closed_ = true;
  std::unique_lock lock(mutex_);
  news_.wait(lock, [this] { return waiting_.empty() && !working_; });
}

}  // namespace haybale::app
