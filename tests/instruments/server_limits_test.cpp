// Clients that behave badly are cut off with a sentence, and the others are served on.
#include <arpa/inet.h>
#include <poll.h>
#include <sys/socket.h>
#include <unistd.h>

#include <mutex>
#include <thread>

#include "instruments/loopback_server.h"
#include "support/haybale_test.h"

namespace haybale::instruments {
namespace {

using namespace std::chrono_literals;

class BadClients : public testing::Test {
 protected:
  void serve(LoopbackServer::Limits limits, LoopbackServer::Stream stream = {}) {
    limits.log = [this](const std::string& sentence) {
      const std::lock_guard lock(mutex);
      told += sentence + "\n";
    };
    auto started = LoopbackServer::start(
        0,
        [](std::string_view line) {
          return line == "big?" ? std::string(1U << 20, 'x') + "\n" : std::string(line) + "\n";
        },
        std::move(stream), 5, std::move(limits));
    ASSERT_HB_OK(started);
    server = std::move(*started);
  }
  int client() {
    const int fd = ::socket(AF_INET, SOCK_STREAM | SOCK_CLOEXEC, 0);
    sockaddr_in at{};
    at.sin_family = AF_INET;
    at.sin_port = htons(static_cast<std::uint16_t>(server->port()));
    at.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    EXPECT_EQ(::connect(fd, reinterpret_cast<sockaddr*>(&at), sizeof at), 0);
    clients.push_back(fd);
    return fd;
  }
  static void say(int fd, const std::string& text) {
    (void)::send(fd, text.data(), text.size(), MSG_NOSIGNAL);
  }
  // What one line is answered with within two seconds.
  static std::string hear(int fd) {
    std::string out;
    char c = 0;
    pollfd watched{fd, POLLIN, 0};
    while (::poll(&watched, 1, 2000) > 0 && ::recv(fd, &c, 1, 0) == 1 && c != '\n') {
      out += c;
    }
    return out;
  }
  // Whether the other end closes within three seconds; reads nothing away.
  static bool cutOff(int fd) {
    for (int waited = 0; waited < 300; ++waited) {
      pollfd watched{fd, POLLRDHUP, 0};
      if (::poll(&watched, 1, 10) > 0 && (watched.revents & (POLLRDHUP | POLLHUP | POLLERR)) != 0) {
        return true;
      }
    }
    return false;
  }
  std::string log() {
    const std::lock_guard lock(mutex);
    return told;
  }
  bool tells(const std::string& sentence) {
    for (int waited = 0; waited < 300 && log().find(sentence) == std::string::npos; ++waited) {
      std::this_thread::sleep_for(10ms);
    }
    return log().find(sentence) != std::string::npos;
  }
  ~BadClients() override {
    for (const int fd : clients) {
      ::close(fd);
    }
  }

  std::mutex mutex;
  std::string told;
  std::vector<int> clients;
  std::unique_ptr<LoopbackServer> server;
};

TEST_F(BadClients, OneThatNeverEndsItsLineIsCutOff) {
  serve({});
  const int bad = client();
  const int good = client();
  say(bad, std::string(55000, 'a'));
  EXPECT_TRUE(cutOff(bad));
  EXPECT_NE(log().find("without an end of line: cut off"), std::string::npos) << log();
  say(good, "hello\n");
  EXPECT_EQ(hear(good), "hello");
}

TEST_F(BadClients, OneThatDripsIsCutOff) {
  LoopbackServer::Limits limits;
  limits.lineMs = 300;
  serve(limits);
  const int bad = client();
  for (int i = 0; i < 12; ++i) {
    say(bad, "a");
    std::this_thread::sleep_for(50ms);
  }
  EXPECT_TRUE(cutOff(bad));
  EXPECT_NE(log().find("does not end its line"), std::string::npos) << log();
  // Silence between lines is none of that.
  const int good = client();
  std::this_thread::sleep_for(500ms);
  say(good, "still here\n");
  EXPECT_EQ(hear(good), "still here");
}

TEST_F(BadClients, OneThatAsksAndNeverFetchesIsCutOff) {
  LoopbackServer::Limits limits;
  limits.unsent = 3U << 20;
  serve(limits);
  const int bad = client();
  const int good = client();
  for (int i = 0; i < 40; ++i) {
    say(bad, "big?\n");
  }
  // What lies unfetched between them keeps the end from being seen here.
  EXPECT_TRUE(tells("does not fetch its answers")) << log();
  say(good, "hello\n");
  EXPECT_EQ(hear(good), "hello");
}

TEST_F(BadClients, OneThatNeverReadsAStreamIsCutOff) {
  LoopbackServer::Limits limits;
  limits.unsent = 3U << 20;
  serve(limits, [] { return std::string(1U << 19, 'f') + "\n"; });
  client();
  EXPECT_TRUE(tells("does not fetch what it is sent")) << log();
}

TEST_F(BadClients, SixteenThatKeepSilentDoNotShutTheDoor) {
  serve({});
  for (int i = 0; i < 16; ++i) {
    client();
  }
  const int good = client();
  say(good, "hello\n");
  EXPECT_EQ(hear(good), "hello");
  EXPECT_NE(log().find("silent for longest"), std::string::npos) << log();
}

}  // namespace
}  // namespace haybale::instruments
