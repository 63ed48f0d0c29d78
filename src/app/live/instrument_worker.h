// One instrument's thread: carries out what it is given, one after the other.
#pragma once

#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <thread>

#include "instruments/drivers.h"

namespace haybale::app {

class InstrumentWorker {
 public:
  /// The link and the drivers on it, for the work on the thread.
  struct Bench {
    explicit Bench(const instruments::Address& address)
        : link(address), meter(link), scope(link), generator(link) {}
    instruments::ScpiLink link;
    instruments::Multimeter meter;
    instruments::Scope scope;
    instruments::Generator generator;
  };
  using Work = std::function<void(Bench&)>;

  explicit InstrumentWorker(const instruments::Address& address);
  /// Gives up what is under way, and waits for the thread.
  ~InstrumentWorker();
  InstrumentWorker(const InstrumentWorker&) = delete;
  InstrumentWorker& operator=(const InstrumentWorker&) = delete;

  void post(Work work);
  /// Done on the thread before it ends, whatever else was waiting.
  void setLastWord(Work work);
  [[nodiscard]] std::size_t waiting() const;

 private:
  void run();

  Bench bench_;
  mutable std::mutex mutex_;
  std::condition_variable news_;
  std::deque<Work> queue_;
  Work last_;
  bool over_ = false;
  std::thread thread_;
};

/// Reads lines from a stream until it is taken apart.
class BusReader {
 public:
  using Line = std::function<void(std::string)>;
  /// Both are called on the reader's thread.
  BusReader(const instruments::Address& address, Line line, std::function<void(Error)> lost);
  ~BusReader();
  BusReader(const BusReader&) = delete;
  BusReader& operator=(const BusReader&) = delete;

 private:
  std::atomic<bool> over_{false};
  std::thread thread_;
};

}  // namespace haybale::app
