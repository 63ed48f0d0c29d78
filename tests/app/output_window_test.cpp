// The signal source goes off in every way to leave, and the window says in every view that it is
// on. Thirteen ways: five within the window, a refusal, a new set-up, and six ends of the program.
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <atomic>
#include <cstdio>
#include <cstdlib>
#include <mutex>

#include "app/live/output_guard.h"
#include "instruments/loopback_server.h"
#include "output_child.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

// A source that only remembers how its output stands.
class FakeSource {
 public:
  FakeSource() {
    auto started = instruments::LoopbackServer::start(
        0, [this](std::string_view line) { return answer(std::string(line)); });
    server_ = std::move(*started);
  }
  [[nodiscard]] QString address() const {
    return QStringLiteral("tcp:127.0.0.1:%1").arg(server_->port());
  }
  [[nodiscard]] bool on() const { return on_; }
  [[nodiscard]] std::string heard() {
    const std::lock_guard lock(mutex_);
    return heard_;
  }
  std::atomic<bool> refuses{false};
  std::atomic<bool> wasSetWhileOn{false};

 private:
  std::string answer(const std::string& line) {
    {
      const std::lock_guard lock(mutex_);
      heard_ += line + "\n";
    }
    if (line.find("*IDN?") != std::string::npos) {
      return "Hedge Works,Fake source,1,1\n";
    }
    const auto off = line.find("OUTP OFF");
    const auto on = line.find("OUTP ON");
    const auto set = line.find("SOUR:VOLT");
    wasSetWhileOn = wasSetWhileOn || (on_ && set != std::string::npos && off == std::string::npos);
    on_ = off != std::string::npos ? false : on_.load();
    on_ = on != std::string::npos ? true : on_.load();
    if (line.find("SYST:ERR?") != std::string::npos) {
      return refuses ? "-222,\"Data out of range\"\n" : "0,\"No error\"\n";
    }
    return {};
  }

  std::unique_ptr<instruments::LoopbackServer> server_;
  std::atomic<bool> on_{false};
  std::mutex mutex_;
  std::string heard_;
};

}  // namespace

int sourceHolder(const QString& address, const QString& way) {
  MainWindow window;
  window.show();
  auto& hub = window.instruments();
  hub.connectTo(Instrument::generator, address);
  if (!QTest::qWaitFor([&] { return hub.connected(Instrument::generator); }, 8000)) {
    return 3;
  }
  hub.startGenerator({false, 120, 1.5, 0});
  if (!QTest::qWaitFor([&] { return hub.running().has_value(); }, 8000)) {
    return 4;
  }
  std::puts("on");
  std::fflush(stdout);
  if (way == QLatin1String("exit")) {
    std::_Exit(0);  // nothing is cleared up
  }
  if (way == QLatin1String("quit")) {
    return 0;
  }
  return QApplication::exec();
}

namespace {

class Output : public Window {
 protected:
  void start(FakeSource& source) {
    auto& hub = window->instruments();
    hub.connectTo(Instrument::generator, source.address());
    ASSERT_TRUE(QTest::qWaitFor([&] { return hub.connected(Instrument::generator); }, 5000));
    hub.startGenerator({false, 120, 1.5, 0});
    ASSERT_TRUE(QTest::qWaitFor([&] { return source.on() && hub.running(); }, 5000));
  }
  bool goesOff(FakeSource& source) {
    return QTest::qWaitFor([&] { return !source.on(); }, 8000);
  }
};

TEST_F(Output, EveryViewSaysThatTheSignalIsOnAndEndsIt) {
  FakeSource source;
  auto* band = find<QWidget>("signalBand");
  EXPECT_FALSE(band->isVisible());
  start(source);
  for (int view = 0; view < MainWindow::kViews; ++view) {
    window->showView(static_cast<MainWindow::View>(view));
    EXPECT_TRUE(band->isVisible()) << view;
  }
  EXPECT_NE(label("signalBand.text").find("120.0 Hz"), std::string::npos);
  click(find<QPushButton>("signalBand.stop"));
  EXPECT_TRUE(goesOff(source));
  EXPECT_TRUE(QTest::qWaitFor([&] { return !band->isVisible(); }, 3000));
}

TEST_F(Output, GoesOffInEveryWayToLeave) {
  const std::pair<const char*, std::function<void()>> ways[] = {
      {"stop", [&] { window->instruments().stopGenerator(); }},
      {"disconnect", [&] { window->instruments().disconnectFrom(Instrument::generator); }},
      {"another instrument there",
       [&] {
         window->instruments().connectTo(Instrument::generator, QStringLiteral("tcp:127.0.0.1:9"));
       }},
      {"the yard opened", [&] { (void)window->instruments().openYard(job(), 3); }},
      {"the window closed", [&] { window.reset(); }},
  };
  for (const auto& [name, leave] : ways) {
    if (!window) {
      reopen();
    }
    FakeSource source;
    start(source);
    if (HasFatalFailure()) {
      return;
    }
    leave();
    EXPECT_TRUE(goesOff(source)) << name;
  }
  reopen();
}

TEST_F(Output, IsOffBeforeItIsSetUpAnewAndAfterARefusal) {
  FakeSource source;
  start(source);
  window->instruments().startGenerator({true, 60, 3, 0});
  ASSERT_TRUE(QTest::qWaitFor([&] { return window->instruments().running()->hz == 60; }, 5000));
  EXPECT_FALSE(source.wasSetWhileOn);
  source.refuses = true;
  window->instruments().startGenerator({true, 60, 300, 0});
  EXPECT_TRUE(goesOff(source));
  EXPECT_TRUE(QTest::qWaitFor([&] { return !window->instruments().running(); }, 5000));
}

// The program dies at once, with the source on: the guard, a process of its own, switches it off.
TEST_F(Output, TheGuardSwitchesItOffWhenTheProgramDies) {
  FakeSource source;
  int ends[2];
  ASSERT_EQ(::pipe(ends), 0);
  const std::string address = source.address().toStdString();
  const pid_t guard = ::fork();
  if (guard == 0) {
    ::dup2(ends[0], STDIN_FILENO);
    ::close(ends[0]);
    ::close(ends[1]);
    ::execl("/proc/self/exe", "guard", "--guard", address.c_str(), static_cast<char*>(nullptr));
    ::_exit(127);
  }
  ::close(ends[0]);
  ASSERT_EQ(::write(ends[1], "on\n", 3), 3);
  ::close(ends[1]);  // as when its owner is killed
  int status = 0;
  ::waitpid(guard, &status, 0);
  EXPECT_EQ(WEXITSTATUS(status), 0);
  EXPECT_NE(source.heard().find("OUTP OFF"), std::string::npos);
}

// The whole program with the source on, ended in every way a program ends.
TEST_F(Output, GoesOffHoweverTheProgramEnds) {
  const std::pair<const char*, int> ways[] = {{"quit", 0},          {"exit", 0},
                                              {"killed", SIGKILL},  {"ended", SIGTERM},
                                              {"crashed", SIGSEGV}, {"hung up", SIGHUP}};
  for (const auto& [way, signal] : ways) {
    FakeSource source;
    int ends[2];
    ASSERT_EQ(::pipe(ends), 0);
    const std::string address = source.address().toStdString();
    const pid_t child = ::fork();
    if (child == 0) {
      ::dup2(ends[1], STDOUT_FILENO);
      ::close(ends[0]);
      ::close(ends[1]);
      ::execl("/proc/self/exe", "holder", "--source", address.c_str(), way,
              static_cast<char*>(nullptr));
      ::_exit(127);
    }
    ::close(ends[1]);
    char said[3] = {};
    ASSERT_EQ(::read(ends[0], said, 3), 3) << way;
    EXPECT_EQ(std::string(said, 2), "on");
    if (signal != 0) {
      ::kill(child, signal);
    }
    int status = 0;
    ::waitpid(child, &status, 0);
    ::close(ends[0]);
    EXPECT_TRUE(goesOff(source)) << way << ", status " << status;
  }
}

TEST_F(Output, TheGuardLeavesAloneWhatIsOff) {
  FakeSource source;
  {
    OutputGuard guard;
    guard.watch(source.address());
    guard.done();
  }
  EXPECT_EQ(source.heard().find("OUTP"), std::string::npos);
}

}  // namespace
}  // namespace haybale::app
