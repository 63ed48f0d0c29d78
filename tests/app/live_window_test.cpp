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

// Every reading of an instrument says which one gave it, to what question and when.
TEST_F(Watching, AReadingSaysWhereItIsFrom) {
  openYard("wide-gap", "sensor");
  window->instruments().readMeter(window->model().selection().test, window->model().jobId());
  ASSERT_TRUE(waitForEvidence(1));
  const auto origin = job().evidence[0].origin;
  ASSERT_TRUE(origin);
  EXPECT_NE(origin->instrument.find("Yard meter"), std::string::npos) << origin->instrument;
  EXPECT_NE(origin->instrument.find("serial"), std::string::npos) << origin->instrument;
  EXPECT_EQ(origin->question, "resistance");
  EXPECT_FALSE(origin->asked.empty());
  EXPECT_TRUE(origin->simulated);
  // Corrected by hand it is no instrument's any more.
  ASSERT_HB_OK(window->model().entries().retype(QString::fromStdString(job().evidence[0].id),
                                                QStringLiteral("1200")));
  EXPECT_FALSE(job().evidence[0].origin);
}

TEST_F(Watching, ATrialSaysThatItIsOneAndOnlyWhileItIs) {
  openYard("wide-gap", "sensor");
  EXPECT_NE(label("notice").find("made-up vehicle"), std::string::npos);
  EXPECT_EQ(label("strip.saved"), "a trial: kept nowhere");
  window->instruments().closeYard();
  EXPECT_FALSE(window->model().isTrial());
  EXPECT_FALSE(find<QLabel>("notice")->isVisible()) << "it is the real job again";
  EXPECT_EQ(label("strip.saved").find("trial"), std::string::npos);
}

// A simulated meter connected by hand, as to try an address: nothing of it gets into a real job.
TEST_F(Watching, ASimulatedReadingNeverEntersARealJob) {
  const auto c = job();
  const auto fault = sim::chosenFault(diagnosis::waysToFail(c), "wide-gap", "sensor", "", {});
  ASSERT_HB_OK(fault);
  const auto yard = instruments::Yard::open(c, fault->fault, fault->severity, {});
  ASSERT_HB_OK(yard);
  auto& hub = window->instruments();
  hub.connectTo(Instrument::multimeter,
                QStringLiteral("tcp:127.0.0.1:%1").arg((*yard)->ports().multimeter));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return hub.state(Instrument::multimeter).contains(QStringLiteral("Yard meter")); },
      5000));
  ASSERT_FALSE(window->model().isTrial());
  bool came = false;
  QObject::connect(&hub, &InstrumentHub::meterRead, window.get(), [&] { came = true; });
  hub.readMeter(window->model().selection().test, window->model().jobId());
  ASSERT_TRUE(QTest::qWaitFor([&] { return came; }, 5000));
  EXPECT_TRUE(job().evidence.empty());
  EXPECT_NE(label("notice").find("is simulated"), std::string::npos) << label("notice");
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
