// Runs strict_peer.py in one of its modes for the length of a test.
#pragma once

#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <array>
#include <cstdio>
#include <cstdlib>
#include <string>

#include "instruments/transport.h"

namespace haybale::test {

class StrictPeer {
 public:
  explicit StrictPeer(const char* mode) {
    std::array<int, 2> pipe{};
    if (::pipe(pipe.data()) != 0) {
      return;
    }
    child_ = ::fork();
    if (child_ == 0) {
      ::dup2(pipe[1], 1);
      ::close(pipe[0]);
      const std::string script =
          std::string(HAYBALE_SOURCE_DIR) + "/tests/instruments/strict_peer.py";
      ::execl(HAYBALE_PYTHON, HAYBALE_PYTHON, script.c_str(), mode, static_cast<char*>(nullptr));
      ::_exit(1);
    }
    ::close(pipe[1]);
    std::string said;
    char c = 0;
    while (::read(pipe[0], &c, 1) == 1 && c != '\n') {
      said += c;
    }
    ::close(pipe[0]);
    port_ = std::atoi(said.c_str());
  }
  ~StrictPeer() {
    if (child_ > 0) {
      ::kill(child_, SIGKILL);
      ::waitpid(child_, nullptr, 0);
    }
  }
  StrictPeer(const StrictPeer&) = delete;
  StrictPeer& operator=(const StrictPeer&) = delete;

  [[nodiscard]] instruments::Address address() const {
    return {instruments::Address::Kind::tcp, "127.0.0.1", port_};
  }

 private:
  pid_t child_ = -1;
  int port_ = 0;
};

}  // namespace haybale::test
