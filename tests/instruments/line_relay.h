// A serial line (the two ends of a pseudo terminal) that leads to a peer on a socket.
#pragma once

#include <arpa/inet.h>
#include <poll.h>
#include <pty.h>
#include <sys/socket.h>
#include <termios.h>
#include <unistd.h>

#include <array>
#include <atomic>
#include <string>
#include <thread>

namespace haybale::test {

class LineRelay {
 public:
  explicit LineRelay(int port) {
    termios raw{};
    ::cfmakeraw(&raw);
    std::array<char, 128> name{};
    if (::openpty(&master_, &slave_, name.data(), &raw, nullptr) != 0) {
      return;
    }
    device_ = name.data();
    socket_ = ::socket(AF_INET, SOCK_STREAM, 0);
    sockaddr_in to{};
    to.sin_family = AF_INET;
    to.sin_port = htons(static_cast<std::uint16_t>(port));
    to.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    if (::connect(socket_, reinterpret_cast<const sockaddr*>(&to), sizeof to) == 0) {
      carrier_ = std::thread([this] { carry(); });
    }
  }
  ~LineRelay() {
    over_ = true;
    if (carrier_.joinable()) {
      carrier_.join();
    }
    for (const int fd : {master_, slave_, socket_}) {
      ::close(fd);
    }
  }
  LineRelay(const LineRelay&) = delete;
  LineRelay& operator=(const LineRelay&) = delete;
  [[nodiscard]] const std::string& device() const { return device_; }

 private:
  void carry() {
    std::array<pollfd, 2> ends{pollfd{master_, POLLIN, 0}, pollfd{socket_, POLLIN, 0}};
    std::array<char, 512> bytes{};
    while (!over_) {
      if (::poll(ends.data(), ends.size(), 20) <= 0) {
        continue;
      }
      for (std::size_t i = 0; i < 2; ++i) {
        if ((ends[i].revents & POLLIN) != 0) {
          const auto n = ::read(ends[i].fd, bytes.data(), bytes.size());
          if (n > 0 && ::write(ends[1 - i].fd, bytes.data(), static_cast<std::size_t>(n)) != n) {
            return;
          }
        }
      }
    }
  }

  int master_ = -1;
  int slave_ = -1;
  int socket_ = -1;
  std::string device_;
  std::atomic<bool> over_ = false;
  std::thread carrier_;
};

}  // namespace haybale::test
