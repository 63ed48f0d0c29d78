#include "app/live/instrument_worker.h"

namespace haybale::app {

InstrumentWorker::InstrumentWorker(const instruments::Address& address)
    : bench_(address), thread_([this] { run(); }) {}

InstrumentWorker::~InstrumentWorker() {
  {
    const std::lock_guard lock(mutex_);
    over_ = true;
    queue_.clear();
  }
  bench_.link.cancel();
  news_.notify_all();
  thread_.join();
}

void InstrumentWorker::post(Work work) {
  {
    const std::lock_guard lock(mutex_);
    queue_.push_back(std::move(work));
  }
  news_.notify_all();
}

void InstrumentWorker::setLastWord(Work work) {
  const std::lock_guard lock(mutex_);
  last_ = std::move(work);
}

std::size_t InstrumentWorker::waiting() const {
  const std::lock_guard lock(mutex_);
  return queue_.size();
}

void InstrumentWorker::run() {
  while (true) {
    Work work;
    {
      std::unique_lock lock(mutex_);
      news_.wait(lock, [this] { return over_ || !queue_.empty(); });
      if (over_) {
        work = std::move(last_);
        lock.unlock();
        if (work) {
          work(bench_);
        }
        return;
      }
      work = std::move(queue_.front());
      queue_.pop_front();
    }
    work(bench_);
  }
}

BusReader::BusReader(const instruments::Address& address, Line line,
                     std::function<void(Error)> lost) {
  thread_ = std::thread([this, address, line = std::move(line), lost = std::move(lost)] {
    auto opened = instruments::open(address, instruments::Milliseconds(2000));
    if (!opened) {
      lost(opened.error());
      return;
    }
    std::string heard;
    while (!over_) {
      const auto loss = (*opened)->read(heard, instruments::Milliseconds(50));
      if (loss == instruments::Loss::closed) {
        lost({instruments::nameOf(address), std::nullopt, "closed the line", "connect it again"});
        return;
      }
      for (auto end = heard.find('\n'); end != std::string::npos; end = heard.find('\n')) {
        line(heard.substr(0, end));
        heard.erase(0, end + 1);
      }
      if (heard.size() > (1U << 20)) {
        heard.clear();  // no line at all: whatever that is, it is no log
      }
    }
  });
}

BusReader::~BusReader() {
  over_ = true;
  thread_.join();
}

}  // namespace haybale::app
