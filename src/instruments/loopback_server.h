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

  /// Listens on `port` of 127.0.0.1; 0 takes any free one.
  [[nodiscard]] static Result<std::unique_ptr<LoopbackServer>> start(int port, Answer answer,
                                                                     Stream stream = {},
                                                                     int everyMs = 50);
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
  std::atomic<bool> over_{false};
  std::thread thread_;
};

}  // namespace haybale::instruments
