#include "instruments/loopback_server.h"

#include <netinet/in.h>
#include <poll.h>
#include <sys/eventfd.h>
#include <sys/socket.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <chrono>
#include <cstring>
#include <memory>
#include <vector>

namespace haybale::instruments {

namespace {

constexpr std::size_t kMostClients = 16;
constexpr std::size_t kMostLine = 1U << 20;

struct Client {
  int fd = -1;
  std::string heard;
  std::string unsent;
  bool gone = false;
};

void hear(Client& client, const LoopbackServer::Answer& answer) {
  std::array<char, 4096> buffer{};
  const auto got = ::recv(client.fd, buffer.data(), buffer.size(), 0);
  if (got <= 0) {
    client.gone = got == 0 || (errno != EAGAIN && errno != EINTR);
    return;
  }
  client.heard.append(buffer.data(), static_cast<std::size_t>(got));
  for (auto end = client.heard.find('\n'); end != std::string::npos;
       end = client.heard.find('\n')) {
    std::string line = client.heard.substr(0, end);
    client.heard.erase(0, end + 1);
    if (!line.empty() && line.back() == '\r') {
      line.pop_back();
    }
    client.unsent += answer(line);
  }
  client.gone = client.heard.size() > kMostLine;
}

void speak(Client& client) {
  const auto sent =
      ::send(client.fd, client.unsent.data(), client.unsent.size(), MSG_NOSIGNAL | MSG_DONTWAIT);
  if (sent > 0) {
    client.unsent.erase(0, static_cast<std::size_t>(sent));
  } else if (sent < 0 && errno != EAGAIN && errno != EINTR) {
    client.gone = true;
  }
}

}  // namespace

Result<std::unique_ptr<LoopbackServer>> LoopbackServer::start(int port, Answer answer,
                                                              Stream stream, int everyMs) {
  const auto failed = [&](const char* what) {
    return Error{"127.0.0.1:" + std::to_string(port), std::nullopt,
                 std::string(what) + ": " + std::strerror(errno), "another port, or 0 for any"};
  };
  std::unique_ptr<LoopbackServer> out(new LoopbackServer);
  out->listener_ = ::socket(AF_INET, SOCK_STREAM | SOCK_NONBLOCK | SOCK_CLOEXEC, 0);
  const int on = 1;
  ::setsockopt(out->listener_, SOL_SOCKET, SO_REUSEADDR, &on, sizeof on);
  sockaddr_in at{};
  at.sin_family = AF_INET;
  at.sin_port = htons(static_cast<std::uint16_t>(port));
  at.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
  socklen_t size = sizeof at;
  auto* plain = reinterpret_cast<sockaddr*>(&at);
  if (::bind(out->listener_, plain, size) != 0 || ::listen(out->listener_, 8) != 0 ||
      ::getsockname(out->listener_, plain, &size) != 0) {
    return failed("cannot listen");
  }
  out->port_ = ntohs(at.sin_port);
  out->wake_ = ::eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK);
  out->answer_ = std::move(answer);
  out->stream_ = std::move(stream);
  out->everyMs_ = everyMs;
  out->thread_ = std::thread([server = out.get()] { server->serve(); });
  return out;
}

LoopbackServer::~LoopbackServer() {
  over_ = true;
  if (thread_.joinable()) {
    const std::uint64_t one = 1;
    [[maybe_unused]] const auto woken = ::write(wake_, &one, sizeof one);
    thread_.join();
  }
  for (const int fd : {listener_, wake_}) {
    if (fd >= 0) {
      ::close(fd);
    }
  }
}

void LoopbackServer::serve() {
  using Clock = std::chrono::steady_clock;
  std::vector<Client> clients;
  auto next = Clock::now();
  while (!over_) {
    std::vector<pollfd> watched{{wake_, POLLIN, 0}, {listener_, POLLIN, 0}};
    for (const auto& c : clients) {
      watched.push_back({c.fd, static_cast<short>(POLLIN | (c.unsent.empty() ? 0 : POLLOUT)), 0});
    }
    ::poll(watched.data(), watched.size(), stream_ ? everyMs_ / 2 + 1 : 1000);
    for (std::size_t i = 0; i < clients.size(); ++i) {
      if ((watched[i + 2].revents & (POLLIN | POLLHUP | POLLERR)) != 0) {
        hear(clients[i], answer_);
      }
    }
    if ((watched[1].revents & POLLIN) != 0) {
      const int fd = ::accept4(listener_, nullptr, nullptr, SOCK_NONBLOCK | SOCK_CLOEXEC);
      if (fd >= 0 && clients.size() < kMostClients) {
        clients.push_back({fd, "", "", false});
      } else if (fd >= 0) {
        ::close(fd);
      }
    }
    if (stream_ && Clock::now() >= next) {
      next = std::max(next + std::chrono::milliseconds(everyMs_), Clock::now());
      const std::string news = stream_();
      for (auto& c : clients) {
        c.unsent += news;
        c.gone = c.gone || c.unsent.size() > kMostLine;  // nobody reads there
      }
    }
    for (auto& c : clients) {
      if (!c.unsent.empty() && !c.gone) {
        speak(c);
      }
    }
    std::erase_if(clients, [](const Client& c) {
      if (c.gone) {
        ::close(c.fd);
      }
      return c.gone;
    });
  }
  for (const auto& c : clients) {
    ::close(c.fd);
  }
}

}  // namespace haybale::instruments
