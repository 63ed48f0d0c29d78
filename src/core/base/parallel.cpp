#include "core/base/parallel.h"

#include <algorithm>
#include <atomic>
#include <condition_variable>
#include <memory>
#include <mutex>
#include <thread>
#include <vector>

namespace haybale {

namespace {

// One call of parallelFor: taken piece by piece by whoever is free.
struct Round {
  const std::function<void(std::size_t)>& work;
  std::size_t count;
  std::atomic<std::size_t> next{0};
  std::size_t helpers = 0;  // under the pool's mutex

  void run() {
    for (std::size_t i = next++; i < count; i = next++) {
      work(i);
    }
  }
};

// Threads that wait for work, made once. Whoever calls does its own share, so that calls from
// several threads, and calls within calls, never wait for one another.
class Pool {
 public:
  Pool() {
    const std::size_t cores = std::max(1U, std::thread::hardware_concurrency());
    for (std::size_t t = 1; t < cores; ++t) {
      threads_.emplace_back([this] { serve(); });
    }
  }
  Pool(const Pool&) = delete;
  Pool& operator=(const Pool&) = delete;
  ~Pool() {
    {
      const std::lock_guard lock(mutex_);
      ending_ = true;
    }
    wake_.notify_all();
    for (auto& thread : threads_) {
      thread.join();
    }
  }

  void run(Round& round) {
    if (threads_.empty() || round.count < 2) {
      round.run();
      return;
    }
    {
      const std::lock_guard lock(mutex_);
      rounds_.push_back(&round);
    }
    wake_.notify_all();
    round.run();
    std::unique_lock lock(mutex_);
    std::erase(rounds_, &round);
    done_.wait(lock, [&] { return round.helpers == 0; });
  }

 private:
  void serve() {
    std::unique_lock lock(mutex_);
    while (true) {
      wake_.wait(lock, [this] { return ending_ || !rounds_.empty(); });
      if (ending_) {
        return;
      }
      Round& round = *rounds_.back();
      ++round.helpers;
      lock.unlock();
      round.run();
      lock.lock();
      std::erase(rounds_, &round);
      --round.helpers;
      done_.notify_all();
    }
  }

  std::mutex mutex_;
  std::condition_variable wake_;
  std::condition_variable done_;
  std::vector<Round*> rounds_;
  bool ending_ = false;
  std::vector<std::thread> threads_;
};

}  // namespace

void parallelFor(std::size_t count, const std::function<void(std::size_t)>& work) {
  static Pool pool;
  Round round{work, count};
  pool.run(round);
}

std::size_t piecesOf(std::size_t size, std::size_t piece) {
  return (size + piece - 1) / piece;
}

std::pair<std::size_t, std::size_t> pieceOf(std::size_t size, std::size_t piece, std::size_t i) {
  return {i * piece, std::min(size, (i + 1) * piece)};
}

}  // namespace haybale
