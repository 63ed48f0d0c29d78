#include "instruments/transport.h"

#include <fcntl.h>
#include <netdb.h>
#include <netinet/tcp.h>
#include <poll.h>
#include <sys/socket.h>
#include <termios.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <charconv>
#include <cstring>
#include <filesystem>
#include <map>

#include "core/base/say.h"

namespace haybale::instruments {

namespace {

using Clock = std::chrono::steady_clock;

constexpr int kScpiPort = 5025;  // registered for raw SCPI
constexpr int kUsualBaud = 9600;

// Time left until `end`, at least nothing.
int leftMs(Clock::time_point end) {
  const auto left = std::chrono::duration_cast<Milliseconds>(end - Clock::now()).count();
  return static_cast<int>(std::max<long long>(0, left));
}

bool ready(int fd, short events, Clock::time_point end) {
  pollfd watched{fd, events, 0};
  int answer = 0;
  do {
    answer = ::poll(&watched, 1, leftMs(end));
  } while (answer < 0 && errno == EINTR);
  return answer > 0;
}

// An open descriptor, closed with it.
class Descriptor : public Transport {
 public:
  Descriptor(int fd, std::string name, bool socket)
      : fd_(fd), name_(std::move(name)), socket_(socket) {}
  ~Descriptor() override { ::close(fd_); }
  Descriptor(const Descriptor&) = delete;
  Descriptor& operator=(const Descriptor&) = delete;

  Status write(std::string_view bytes, Milliseconds within) override {
    const auto end = Clock::now() + within;
    while (!bytes.empty()) {
      if (!ready(fd_, POLLOUT, end)) {
        return Error{name_, std::nullopt, say("takes no more bytes"), say("is it switched on?")};
      }
      // A socket that is gone must answer, not end the program.
      const auto sent = socket_ ? ::send(fd_, bytes.data(), bytes.size(), MSG_NOSIGNAL)
                                : ::write(fd_, bytes.data(), bytes.size());
      if (sent < 0 && errno != EAGAIN && errno != EINTR) {
        return Error{name_, std::nullopt, std::strerror(errno), say("connect it again")};
      }
      bytes.remove_prefix(static_cast<std::size_t>(std::max<ssize_t>(0, sent)));
    }
    return Done{};
  }

  std::optional<Loss> read(std::string& into, Milliseconds within) override {
    const auto end = Clock::now() + within;
    std::array<char, 65536> buffer{};
    while (true) {
      if (!ready(fd_, POLLIN, end)) {
        return Loss::timeout;
      }
      const auto got = socket_ ? ::recv(fd_, buffer.data(), buffer.size(), 0)
                               : ::read(fd_, buffer.data(), buffer.size());
      if (got > 0) {
        into.append(buffer.data(), static_cast<std::size_t>(got));
        return std::nullopt;
      }
      if (got == 0 || (errno != EAGAIN && errno != EINTR)) {
        return Loss::closed;
      }
    }
  }

 private:
  int fd_;
  std::string name_;
  bool socket_;
};

Error cannotOpen(const Address& address, const std::string& why) {
  return {nameOf(address), std::nullopt, "cannot be opened: " + why,
          "check the cable, the address and that it is switched on"};
}

// Connects without waiting longer than told.
Result<std::unique_ptr<Transport>> openTcp(const Address& address, Milliseconds within) {
  addrinfo wanted{};
  wanted.ai_family = AF_UNSPEC;
  wanted.ai_socktype = SOCK_STREAM;
  addrinfo* found = nullptr;
  if (const int failed = ::getaddrinfo(address.host.c_str(), std::to_string(address.number).c_str(),
                                       &wanted, &found)) {
    return cannotOpen(address, ::gai_strerror(failed));
  }
  const std::unique_ptr<addrinfo, void (*)(addrinfo*)> list(found, ::freeaddrinfo);
  const auto end = Clock::now() + within;
  std::string why = "no answer in time";
  for (const addrinfo* a = found; a != nullptr; a = a->ai_next) {
    const int fd = ::socket(a->ai_family, a->ai_socktype | SOCK_NONBLOCK | SOCK_CLOEXEC, 0);
    if (fd < 0) {
      continue;
    }
    int failed = ::connect(fd, a->ai_addr, a->ai_addrlen) == 0 ? 0 : errno;
    if (failed == EINPROGRESS) {
      socklen_t size = sizeof failed;
      failed = ETIMEDOUT;
      if (ready(fd, POLLOUT, end)) {
        ::getsockopt(fd, SOL_SOCKET, SO_ERROR, &failed, &size);
      }
    }
    if (failed == 0) {
      const int on = 1;
      ::setsockopt(fd, IPPROTO_TCP, TCP_NODELAY, &on, sizeof on);
      return std::unique_ptr<Transport>(new Descriptor(fd, nameOf(address), true));
    }
    why = std::strerror(failed);
    ::close(fd);
  }
  return cannotOpen(address, why);
}

std::optional<speed_t> speedOf(int baud) {
  static const std::map<int, speed_t> known{{1200, B1200},   {2400, B2400},     {4800, B4800},
                                            {9600, B9600},   {19200, B19200},   {38400, B38400},
                                            {57600, B57600}, {115200, B115200}, {230400, B230400}};
  const auto it = known.find(baud);
  return it == known.end() ? std::nullopt : std::optional(it->second);
}

Result<std::unique_ptr<Transport>> openFile(const Address& address) {
  const int fd = ::open(address.host.c_str(), O_RDWR | O_NOCTTY | O_NONBLOCK | O_CLOEXEC);
  if (fd < 0) {
    return cannotOpen(address, std::strerror(errno));
  }
  auto out = std::unique_ptr<Transport>(new Descriptor(fd, nameOf(address), false));
  if (address.kind == Address::Kind::serial) {
    termios line{};
    const auto speed = speedOf(address.number);
    if (!speed) {
      return cannotOpen(address, "no such baud rate; 1200 to 230400");
    }
    if (::tcgetattr(fd, &line) != 0) {
      return cannotOpen(address, std::strerror(errno));
    }
    ::cfmakeraw(&line);  // eight bits, no parity, nothing translated
    line.c_cflag |= CLOCAL | CREAD;
    ::cfsetispeed(&line, *speed);
    ::cfsetospeed(&line, *speed);
    if (::tcsetattr(fd, TCSANOW, &line) != 0) {
      return cannotOpen(address, std::strerror(errno));
    }
  }
  return out;
}

// Splits "rest:number" where the end is a number; `fallback` else.
int takeNumber(std::string& rest, int fallback) {
  const auto colon = rest.rfind(':');
  if (colon == std::string::npos) {
    return fallback;
  }
  int number = 0;
  const char* end = rest.data() + rest.size();
  const auto [stop, bad] = std::from_chars(rest.data() + colon + 1, end, number);
  if (bad != std::errc{} || stop != end) {
    return -1;
  }
  rest.resize(colon);
  return number;
}

}  // namespace

Result<Address> parseAddress(std::string_view text) {
  const auto wrong = [&](const char* what) {
    return Error{std::string(text), std::nullopt, what,
                 say("tcp:HOST:PORT, serial:/dev/ttyUSB0:9600 or usbtmc:/dev/usbtmc0")};
  };
  const auto colon = text.find(':');
  if (colon == std::string_view::npos) {
    return wrong("is no address of an instrument");
  }
  Address out;
  out.host = std::string(text.substr(colon + 1));
  const auto kind = text.substr(0, colon);
  if (kind == "tcp") {
    out.kind = Address::Kind::tcp;
    out.number = takeNumber(out.host, kScpiPort);
  } else if (kind == "serial") {
    out.kind = Address::Kind::serial;
    out.number = takeNumber(out.host, kUsualBaud);
  } else if (kind == "usbtmc") {
    out.kind = Address::Kind::usbtmc;
  } else {
    return wrong("names no kind of line");
  }
  const int most = out.kind == Address::Kind::tcp ? 65535 : 10'000'000;
  const bool numbered = out.kind == Address::Kind::usbtmc || (out.number > 0 && out.number <= most);
  if (out.host.empty() || !numbered) {
    return wrong("is incomplete");
  }
  return out;
}

std::string nameOf(const Address& a) {
  switch (a.kind) {
    case Address::Kind::tcp:
      return "tcp:" + a.host + ":" + std::to_string(a.number);
    case Address::Kind::serial:
      return "serial:" + a.host + ":" + std::to_string(a.number);
    case Address::Kind::usbtmc:
      break;
  }
  return "usbtmc:" + a.host;
}

Result<std::unique_ptr<Transport>> open(const Address& address, Milliseconds within) {
  return address.kind == Address::Kind::tcp ? openTcp(address, within) : openFile(address);
}

std::vector<Address> pluggedIn(const std::string& devFolder) {
  std::vector<Address> out;
  std::error_code none;
  for (const auto& entry : std::filesystem::directory_iterator(devFolder, none)) {
    const std::string name = entry.path().filename().string();
    if (name.rfind("usbtmc", 0) == 0) {
      out.push_back({Address::Kind::usbtmc, entry.path().string(), 0});
    } else if (name.rfind("ttyUSB", 0) == 0 || name.rfind("ttyACM", 0) == 0) {
      out.push_back({Address::Kind::serial, entry.path().string(), kUsualBaud});
    }
  }
  std::sort(out.begin(), out.end(),
            [](const Address& a, const Address& b) { return a.host < b.host; });
  return out;
}

}  // namespace haybale::instruments
