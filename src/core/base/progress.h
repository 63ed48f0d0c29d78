// How far a piece of long work is, and the wish to stop it: written by one thread, read by another.
#pragma once

#include <atomic>
#include <cstddef>

namespace haybale {

/// Shared between the thread that works and the one that watches. Work looks at `cancelled` at
/// least every 20 ms or so and gives up when it is set.
class Progress {
 public:
  /// Sets the amount of work; resets what was done.
  void begin(std::size_t total) {
    done_ = 0;
    total_ = total;
  }
  /// As new: nothing done, not cancelled.
  void reset() {
    begin(0);
    cancelled_ = false;
  }
  /// So much more is done.
  void advance(std::size_t amount) { done_ += amount; }
  /// The wish to stop; the work notices it at its next look.
  void cancel() { cancelled_ = true; }

  [[nodiscard]] bool cancelled() const { return cancelled_; }
  /// 0..1; 0 before the amount of work is known.
  [[nodiscard]] double share() const {
    const auto total = static_cast<double>(total_.load());
    return total > 0 ? static_cast<double>(done_.load()) / total : 0;
  }

 private:
  std::atomic<std::size_t> done_{0};
  std::atomic<std::size_t> total_{0};
  std::atomic<bool> cancelled_{false};
};

}  // namespace haybale
