// A small server on 127.0.0.1 that answers lines with bytes. It listens nowhere else.
#pragma once

#include <atomic>
#include <functional>
#include <string>
#include <string_view>
#include <thread>

#include "core/base/result.h"

namespace haybale::instruments {

class LoopbackServer {
 public:
  /// What one line (without its line feed) is answered with, line feed and all; empty for nothing.
  /// Called on the server's thread, one line at a time, of whichever client sent it.
  using Answer = std::function<std::string(std::string_view line)>;
  /// What is sent to every client without being asked, every `everyMs`; may be empty.
  using Stream = std::function<std::string()>;

  /// What no client may go beyond; who does is cut off, and `log` is told why, a sentence.
  struct Limits {
    std::size_t clients = 16;                     ///< beyond that the one silent for longest goes
    std::size_t line = 16U << 10;                 ///< bytes without an end of line
    std::size_t unsent = 32U << 20;               ///< bytes of answers that were not fetched
    int lineMs = 10000;                           ///< from the first byte of a line to its end
    std::function<void(const std::string&)> log;  ///< on the server's thread; may be empty
    /// How many of the bytes heard are one message, 0 while it is not whole; such a server answers
    /// messages instead of lines. Empty: lines.
    std::function<std::size_t(std::string_view)> cut;
  };

  /// Listens on `port` of 127.0.0.1; 0 takes any free one.
  [[nodiscard]] static Result<std::unique_ptr<LoopbackServer>> start(int port, Answer answer,
                                                                     Stream stream = {},
                                                                     int everyMs = 50) {
    return start(port, std::move(answer), std::move(stream), everyMs, Limits());
  }
  [[nodiscard]] static Result<std::unique_ptr<LoopbackServer>> start(int port, Answer answer,
                                                                     Stream stream, int everyMs,
                                                                     Limits limits);
  ~LoopbackServer();
  LoopbackServer(const LoopbackServer&) = delete;
  LoopbackServer& operator=(const LoopbackServer&) = delete;

  [[nodiscard]] int port() const { return port_; }

 private:
  LoopbackServer() = default;
  void serve();

  int listener_ = -1;
  int wake_ = -1;
  int port_ = 0;
  Answer answer_;
  Stream stream_;
  int everyMs_ = 50;
  Limits limits_;
  std::atomic<bool> over_{false};
  std::thread thread_;
};

}  // namespace haybale::instruments
