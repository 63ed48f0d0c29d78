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

#include "core/base/say.h"

namespace haybale::instruments {

namespace {

using Clock = std::chrono::steady_clock;

struct Client {
  int fd = -1;
  std::string heard;
  std::string unsent;
  std::string gone;  // why it is cut off, or that it left; empty while it stays
  Clock::time_point last = Clock::now();       // when it was heard last
  Clock::time_point lineBegun = Clock::now();  // when the line began that is not ended
};

std::size_t messageSize(std::string_view heard, const LoopbackServer::Limits& limits) {
  if (limits.cut) {
    return limits.cut(heard);
  }
  const auto end = heard.find('\n');
  return end == std::string_view::npos ? 0 : end + 1;
}

// Without its end.
std::string_view lineOf(std::string_view line) {
  line.remove_suffix(1);
  if (!line.empty() && line.back() == '\r') {
    line.remove_suffix(1);
  }
  return line;
}

void hear(Client& client, const LoopbackServer::Answer& answer,
          const LoopbackServer::Limits& limits) {
  std::array<char, 4096> buffer{};
  const auto got = ::recv(client.fd, buffer.data(), buffer.size(), 0);
  if (got <= 0) {
    if (got == 0 || (errno != EAGAIN && errno != EINTR)) {
      client.gone = "left";
    }
    return;
  }
  client.last = Clock::now();
  if (client.heard.empty()) {
    client.lineBegun = client.last;
  }
  client.heard.append(buffer.data(), static_cast<std::size_t>(got));
  std::size_t from = 0;
  while (const auto size = messageSize(std::string_view(client.heard).substr(from), limits)) {
    std::string_view message = std::string_view(client.heard).substr(from, size);
    from += size;
    client.lineBegun = client.last;
    client.unsent += answer(limits.cut ? message : lineOf(message));
    if (client.unsent.size() > limits.unsent) {
      client.gone = "asks and does not fetch its answers";
      return;
    }
  }
  client.heard.erase(0, from);
  if (client.heard.size() > limits.line) {
    client.gone = "sends " + std::to_string(client.heard.size()) + " bytes without an end of line";
  }
}

void speak(Client& client) {
  const auto sent =
      ::send(client.fd, client.unsent.data(), client.unsent.size(), MSG_NOSIGNAL | MSG_DONTWAIT);
  if (sent > 0) {
    client.unsent.erase(0, static_cast<std::size_t>(sent));
  } else if (sent < 0 && errno != EAGAIN && errno != EINTR) {
    client.gone = "left";
  }
}

void takeClient(std::vector<Client>& clients, int fd, const LoopbackServer::Limits& limits) {
  if (clients.size() >= limits.clients) {
    const auto silent =
        std::min_element(clients.begin(), clients.end(),
                         [](const Client& a, const Client& b) { return a.last < b.last; });
    silent->gone = "was silent for longest, and another one wants its place";
  }
  Client fresh;
  fresh.fd = fd;
  clients.push_back(std::move(fresh));
}

}  // namespace

Result<std::unique_ptr<LoopbackServer>> LoopbackServer::start(int port, Answer answer,
                                                              Stream stream, int everyMs,
                                                              Limits limits) {
  const auto failed = [&](const char* what) {
    return Error{"127.0.0.1:" + std::to_string(port), std::nullopt,
                 std::string(what) + ": " + std::strerror(errno),
                 say("another port, or 0 for any")};
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
  out->limits_ = std::move(limits);
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
  std::vector<Client> clients;
  auto next = Clock::now();
  while (!over_) {
    std::vector<pollfd> watched{{wake_, POLLIN, 0}, {listener_, POLLIN, 0}};
    for (const auto& c : clients) {
      watched.push_back({c.fd, static_cast<short>(POLLIN | (c.unsent.empty() ? 0 : POLLOUT)), 0});
    }
    const int pause = std::min(1000, limits_.lineMs / 4 + 1);
    ::poll(watched.data(), watched.size(), stream_ ? everyMs_ / 2 + 1 : pause);
    for (std::size_t i = 0; i < clients.size(); ++i) {
      if ((watched[i + 2].revents & (POLLIN | POLLHUP | POLLERR)) != 0) {
        hear(clients[i], answer_, limits_);
      }
      if (!clients[i].heard.empty() &&
          Clock::now() - clients[i].lineBegun > std::chrono::milliseconds(limits_.lineMs)) {
        clients[i].gone = "does not end its line";
      }
    }
    if ((watched[1].revents & POLLIN) != 0) {
      const int fd = ::accept4(listener_, nullptr, nullptr, SOCK_NONBLOCK | SOCK_CLOEXEC);
      if (fd >= 0) {
        takeClient(clients, fd, limits_);
      }
    }
    if (stream_ && Clock::now() >= next) {
      next = std::max(next + std::chrono::milliseconds(everyMs_), Clock::now());
      const std::string news = stream_();
      for (auto& c : clients) {
        c.unsent += news;
        if (c.unsent.size() > limits_.unsent) {
          c.gone = "does not fetch what it is sent";
        }
      }
    }
    for (auto& c : clients) {
      if (!c.unsent.empty() && c.gone.empty()) {
        speak(c);
      }
    }
    std::erase_if(clients, [this](const Client& c) {
      if (!c.gone.empty()) {
        if (limits_.log && c.gone != "left") {
          limits_.log("port " + std::to_string(port_) + ": a client " + c.gone + ": cut off");
        }
        ::close(c.fd);
      }
      return !c.gone.empty();
    });
  }
  for (const auto& c : clients) {
    ::close(c.fd);
  }
}

}  // namespace haybale::instruments
