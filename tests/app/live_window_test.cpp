// The scope's trace watched in the real window while it is recorded, at the simulated yard.
#include <QLabel>

#include "app/trace/live_page.h"
#include "app/trace/trace_view.h"
#include "yard_fixture.h"

namespace haybale::app {
namespace {

class Watching : public AtTheYard {
 protected:
  void watch() {
    window->showView(MainWindow::kTrace);
    clickPlace("module:a");
    window->showView(MainWindow::kTrace);
    click(find<QPushButton>("trace.watch"));
  }
  [[nodiscard]] bool waitForPulses(std::size_t count) {
    return QTest::qWaitFor([&] { return label("live.now").find("Hz") != std::string::npos; },
                           8000) &&
           QTest::qWaitFor(
               [&] { return std::atoi(label("live.tally").c_str()) >= static_cast<int>(count); },
               8000);
  }
};

TEST_F(Watching, TheTraceIsReadWhileItComesAndKeptWhenWanted) {
  openYard("wide-gap", "sensor");
  watch();
  EXPECT_TRUE(find<LivePage>("trace.live")->isVisible());
  ASSERT_TRUE(waitForPulses(20)) << label("live.now") << " / " << label("live.tally")
                                 << label("notice");
  EXPECT_NE(label("live.now").find("km/h"), std::string::npos);
  EXPECT_NE(label("live.tally").find("no dropout"), std::string::npos) << label("live.tally");
  EXPECT_FALSE(label("live.finding").empty());
  EXPECT_TRUE(job().evidence.empty()) << "nothing is entered by watching";
  click(find<QPushButton>("live.keep"));
  ASSERT_TRUE(waitForEvidence(1)) << label("notice");
  EXPECT_EQ(job().evidence[0].test.kind, circuit::TestKind::waveform);
  EXPECT_FALSE(find<LivePage>("trace.live")->isVisible());
  EXPECT_FALSE(window->instruments().watchingScope());
  window->model().undoStack()->undo();
  EXPECT_TRUE(job().evidence.empty());
}

TEST_F(Watching, StopsByItsButtonAndWhenTheScopeIsTakenAway) {
  openYard("wide-gap", "sensor");
  watch();
  ASSERT_TRUE(waitForPulses(1));
  click(find<QPushButton>("live.stop"));
  EXPECT_FALSE(window->instruments().watchingScope());
  EXPECT_FALSE(find<LivePage>("trace.live")->isVisible());
  EXPECT_TRUE(job().evidence.empty());
  click(find<QPushButton>("trace.watch"));
  ASSERT_TRUE(waitForPulses(1));
  window->instruments().closeYard();
  EXPECT_FALSE(find<LivePage>("trace.live")->isVisible());
  EXPECT_FALSE(find<QPushButton>("trace.watch")->isVisible());
}

}  // namespace
}  // namespace haybale::app
