// Swap, inject and the wiggle watch in the real window, at the instruments of the simulated yard.
#include <QBuffer>
#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QTableWidget>
#include <QTimer>
#include <cstring>
#include <filesystem>

#include "app/swap/sound_out.h"
#include "app/swap/swap_view.h"
#include "yard_fixture.h"

namespace haybale::app {
namespace {

TEST_F(AtTheYard, ADeadCoilIsFoundWithLiveInstrumentsFromTheFirstReadingToTheVerdict) {
  openYard("sensor-open", "sensor");
  // Three places on the line, read from the connected meter.
  window->showView(MainWindow::kLine);
  const char* const places[] = {"module", "C1.wheel-side", "C2.wheel-side"};
  for (std::size_t i = 0; i < 3; ++i) {
    clickPlace((std::string(places[i]) + ":a").c_str());
    if (i == 1) {
      click(find<QPushButton>("line.read"));
    } else {
      QTest::keyClick(window.get(), Qt::Key_M, Qt::ControlModifier);
    }
    ASSERT_TRUE(waitForEvidence(i + 1)) << places[i] << label("notice");
    const auto& e = job().evidence[i];
    ASSERT_TRUE(e.reading.value);
    EXPECT_TRUE(e.reading.value->overload || e.reading.value->value > 9e3);
    EXPECT_EQ(circuit::toText(e.test.red->place), places[i]);
  }
  // A record of the scope lands on its wheel.
  window->showView(MainWindow::kTrace);
  auto* record = find<QPushButton>("trace.record");
  ASSERT_TRUE(record->isVisible());
  click(record);
  ASSERT_TRUE(waitForEvidence(4)) << label("notice");
  EXPECT_EQ(job().evidence[3].test.circuit, "RR");
  // A job that was never saved keeps its records with the program's own files.
  EXPECT_TRUE(job().evidence[3].reading.file.starts_with(folder.file("state")))
      << job().evidence[3].reading.file;
  // The loom is moved while the meter is watched; nothing reacts.
  window->showView(MainWindow::kSwap);
  click(find<QPushButton>("swap.page.wiggle"));
  auto* wiggle = window->findChild<WigglePage*>();
  ASSERT_NE(wiggle, nullptr);
  click(find<QPushButton>("wiggle.start"));
  for (const int key : {Qt::Key_2, Qt::Key_4}) {
    QTest::keyClick(wiggle, static_cast<Qt::Key>(key));
    QTest::qWait(2400);
  }
  EXPECT_GE(wiggle->watch().marks().size(), 2U);
  click(find<QPushButton>("wiggle.keep"));
  ASSERT_TRUE(waitForEvidence(6)) << label("notice");
  EXPECT_EQ(job().evidence[4].test.kind, circuit::TestKind::wiggle);
  EXPECT_FALSE(*job().evidence[4].reading.reacts);
  // A signal in place of the sensor is followed: module and line are good.
  click(find<QPushButton>("swap.page.inject"));
  click(find<QPushButton>("inject.start"));
  auto* seen = find<QDoubleSpinBox>("inject.seen");
  ASSERT_TRUE(QTest::qWaitFor([&] { return std::abs(seen->value() - 20) < 1.5; }, 6000))
      << seen->value() << label("inject.observed");
  click(find<QPushButton>("inject.keep"));
  ASSERT_TRUE(waitForEvidence(7));
  ASSERT_TRUE(job().evidence[6].test.state.inject);
  click(find<QPushButton>("inject.start"));
  EXPECT_TRUE(QTest::qWaitFor(
      [&] { return window->instruments().speeds().value(QStringLiteral("RR")) == 0; }, 4000));
  const auto& conclusion = assessment().conclusion;
  EXPECT_EQ(conclusion.suspects.front().element, "sensor") << conclusion.headline;
  EXPECT_NE(conclusion.state, diagnosis::State::contradictory) << conclusion.headline;
  EXPECT_GT(diagnosis::leadingShare(conclusion), 0.9) << conclusion.headline;
}

TEST_F(AtTheYard, TheLegThatReactsIsNamed) {
  openYard("intermittent-open", "L2", "a");
  window->showView(MainWindow::kSwap);
  click(find<QPushButton>("swap.page.wiggle"));
  auto* wiggle = window->findChild<WigglePage*>();
  click(find<QPushButton>("wiggle.start"));
  for (const char* leg : {"wiggle.leg1", "wiggle.leg2", "wiggle.leg3", "wiggle.leg4"}) {
    click(find<QPushButton>(leg));
    QTest::qWait(2500);
  }
  // The strand opens once or twice a second, by chance: what reacted is moved again until it is
  // sure.
  click(find<QPushButton>("wiggle.leg3"));
  for (int more = 0; more < 120; ++more) {
    const auto now = wiggle->watch().rank();
    if (!now.empty() && now.front().claimed()) {
      break;
    }
    QTest::qWait(250);
  }
  const auto ranks = wiggle->watch().rank();
  ASSERT_FALSE(ranks.empty());
  EXPECT_EQ(ranks.front().element, "L2") << label("wiggle.ranking");
  EXPECT_TRUE(ranks.front().claimed()) << label("wiggle.ranking");
  click(find<QPushButton>("wiggle.keep"));
  EXPECT_EQ(assessment().conclusion.suspects.front().element, "L2")
      << assessment().conclusion.headline;
  EXPECT_NE(label("notice").find("reacts at L2"), std::string::npos);
}

TEST_F(AtTheYard, TheSwapDeskSaysWhatWouldComeAndKeepsWhatDid) {
  window->showView(MainWindow::kSwap);
  click(find<QPushButton>("swap.page.swap"));
  auto* table = find<QTableWidget>("swap.table");
  ASSERT_GT(table->rowCount(), 3);
  EXPECT_EQ(table->columnCount(), 6);
  EXPECT_NE(label("swap.meanings").find("RR follows:  the sensor or its ring"), std::string::npos)
      << label("swap.meanings");
  EXPECT_NE(label("swap.steps").find("wire a to wire a"), std::string::npos);
  click(find<QPushButton>("swap.crossed"));
  EXPECT_NE(label("swap.steps").find("wire a to wire b"), std::string::npos);
  click(find<QPushButton>("swap.crossed"));
  const auto beyondNow = [&] {
    double sum = 0;
    for (const auto& [id, share] : assessment().conclusion.elementShares) {
      sum += id == "sensor" || id == "ring" ? share : 0;
    }
    return sum;
  };
  const double before = beyondNow();
  click(find<QPushButton>("swap.answer0"));
  ASSERT_EQ(job().evidence.size(), 1U);
  ASSERT_TRUE(job().evidence[0].test.state.swap);
  EXPECT_EQ(job().evidence[0].test.state.swap->into, "RR");
  const double beyond = beyondNow();
  EXPECT_GT(beyond, 1.2 * before);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(job().evidence.empty());
  auto* way = find<QComboBox>("swap.way");
  way->setFocus();
  QTest::keyClick(way, Qt::Key_Down);
  QTest::keyClick(way, Qt::Key_Down);
  EXPECT_NE(label("swap.steps").find("Join wires a and b"), std::string::npos);
  EXPECT_FALSE(find<QComboBox>("swap.other")->isVisible());
}

TEST_F(AtTheYard, AnInstrumentThatGoesAwayIsSaidAndHoldsNothingUp) {
  openYard("open", "L1", "a");
  window->showView(MainWindow::kLine);
  clickPlace("module:a");
  // The vehicle drives off: its instruments close their lines, the window stays connected.
  const auto address = window->instruments().address(Instrument::multimeter);
  window->instruments().closeYard();
  window->instruments().connectTo(Instrument::multimeter, address);
  EXPECT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("Connection refused") != std::string::npos; }, 5000))
      << label("notice");
  EXPECT_FALSE(find<QPushButton>("line.read")->isVisible());
  EXPECT_TRUE(job().evidence.empty());
  window->instruments().connectTo(Instrument::scope, QStringLiteral("telegraph"));
  EXPECT_NE(label("notice").find("is no address of an instrument"), std::string::npos);
}

TEST_F(AtTheYard, WhyShowsHowSuspicionMovedAndWhatASupposedReadingWouldDo) {
  typeReading("module pair 4M8");
  const auto before = job().evidence.size();
  bool looked = false;
  QTimer::singleShot(300, window.get(), [&] {
    auto* dialog = window->findChild<QDialog*>(QStringLiteral("reasons"));
    ASSERT_NE(dialog, nullptr);
    auto* timeline = dialog->findChild<QWidget*>(QStringLiteral("reasons.timeline"));
    EXPECT_GT(timeline->height(), 100);
    auto* supposed = dialog->findChild<QLineEdit*>(QStringLiteral("reasons.suppose"));
    QTest::keyClicks(supposed, QStringLiteral("OL"));
    settle();
    auto* outcome = dialog->findChild<QLabel*>(QStringLiteral("reasons.outcome"));
    EXPECT_TRUE(outcome->text().startsWith(QStringLiteral("Then: ")))
        << outcome->text().toStdString();
    looked = true;
    dialog->accept();
  });
  click(find<QPushButton>("side.why"));
  EXPECT_TRUE(looked);
  EXPECT_EQ(job().evidence.size(), before);
}

// A card that writes down what it is given stands in for the machine's.
TEST_F(AtTheYard, ThePassiveSignalGoesToTheSoundCardWithinItsLimit) {
  QByteArray heard;
  const SoundCard real = soundCard();
  soundCard() = {[] { return true; },
                 [&heard](int, QObject* parent) -> QIODevice* {
                   auto* buffer = new QBuffer(&heard, parent);
                   buffer->open(QIODevice::WriteOnly);
                   return buffer;
                 }};
  window->showView(MainWindow::kSwap);
  click(find<QPushButton>("swap.page.inject"));
  auto* sound = find<QPushButton>("inject.sound");
  find<QDoubleSpinBox>("inject.volts")->setValue(5);
  click(sound);
  EXPECT_FALSE(sound->isChecked());
  EXPECT_NE(label("notice").find("at most 2.80 V"), std::string::npos) << label("notice");
  find<QDoubleSpinBox>("inject.volts")->setValue(1.4);
  click(sound);
  ASSERT_TRUE(sound->isChecked());
  QTest::qWait(900);
  click(sound);
  soundCard() = real;
  ASSERT_GT(heard.size(), signal::AudioWave::kRate);
  std::vector<std::int16_t> samples(static_cast<std::size_t>(heard.size()) / 2);
  std::memcpy(samples.data(), heard.constData(), samples.size() * 2);
  int top = 0;
  int rising = 0;
  const std::size_t from = samples.size() / 3;
  for (std::size_t i = from + 1; i < samples.size(); ++i) {
    top = std::max(top, std::abs(int{samples[i]}));
    rising += samples[i - 1] < 0 && samples[i] >= 0;
  }
  EXPECT_NEAR(top, 16384, 60) << "half of what the output gives";
  const double seconds =
      static_cast<double>(samples.size() - from) / double{signal::AudioWave::kRate};
  const auto fed = window->findChild<InjectPage*>()->test().state.inject;
  EXPECT_NEAR(rising / seconds, fed->hz, 0.03 * fed->hz);
}

TEST_F(AtTheYard, TheSpeedSeenComesFromALogToo) {
  window->showView(MainWindow::kSwap);
  click(find<QPushButton>("swap.page.inject"));
  nextOpen = QString::fromStdString(folder.file("drive.csv"));
  test::write(folder.file("drive.csv"), "s,RL,RR\n0,20,19.8\n1,20,20\n2,20,20.1\n");
  click(find<QPushButton>("inject.log"));
  EXPECT_NEAR(find<QDoubleSpinBox>("inject.seen")->value(), 20, 0.2);
  EXPECT_NE(label("inject.observed").find("RR in the log"), std::string::npos);
  test::write(folder.file("drive.csv"), "s,RL\n0,20\n");
  click(find<QPushButton>("inject.log"));
  EXPECT_NE(label("notice").find("no speed of RR"), std::string::npos);
}

}  // namespace
}  // namespace haybale::app
