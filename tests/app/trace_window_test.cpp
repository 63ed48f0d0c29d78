// The trace desk worked in the real window: four captures, from a finding to the tooth, on the
// dial, compared, saved; a large capture with progress and cancel.
#include <fmt/format.h>

#include <QComboBox>
#include <QProgressBar>
#include <QSignalSpy>
#include <QTimer>
#include <chrono>
#include <numbers>

#include "app/trace/dial_panel.h"
#include "app/trace/finding_row.h"
#include "app/trace/lanes_widget.h"
#include "app/trace/trace_view.h"
#include "app/trace/turns_widget.h"
#include "core/capture/open.h"
#include "core/signal/substitute.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class TraceWindow : public Window {
 protected:
  // A made-up spin of one wheel.
  std::string spin(const std::string& wheel, double volts,
                   std::vector<signal::SignalFault> faults) {
    signal::Substitute wanted;
    wanted.kmh = [](double) { return 14.0; };
    wanted.topKmh = 14;
    wanted.durationS = 5;
    wanted.peakToPeakV = volts;
    wanted.faults = std::move(faults);
    std::string file = folder.file(wheel + ".csv");
    EXPECT_TRUE(capture::saveCapture(file, *signal::substitute(wanted)).ok());
    return file;
  }

  void dropFourCaptures() {
    window->model().files().startNew();
    window->model().change(QStringLiteral("set up"), [](job::Case& c) {
      c.suspect = "RR";
      c.circumferenceM = 1.95;
      c.circuits.insert(c.circuits.begin(), {circuit::typicalCircuit("LF", "left front"),
                                             circuit::typicalCircuit("RF", "right front")});
      for (auto& circuit : c.circuits) {
        circuit.sensor.kind = circuit::SensorKind::passive;
        circuit.sensor.teeth = 48;
      }
    });
    for (const auto& [wheel, volts] :
         {std::pair{"LF", 1.6}, std::pair{"RF", 1.5}, std::pair{"RL", 1.6}}) {
      dropFile(find<QWidget>((std::string("chip.") + wheel).c_str()),
               QString::fromStdString(spin(wheel, volts, {})));
    }
    dropFile(find<QWidget>("chip.RR"),
             QString::fromStdString(spin("RR", 0.6, {signal::MissingTooth{13}})));
  }
};

TEST_F(TraceWindow, FourCapturesFromTheFindingToTheToothAndOut) {
  dropFourCaptures();
  ASSERT_EQ(window->view(), MainWindow::kTrace);
  auto* lanes = find<LanesWidget>("lanes");
  for (const char* wheel : {"lane:LF", "lane:RF", "lane:RL", "lane:RR"}) {
    EXPECT_NE(lanes->scene().spot(wheel), nullptr) << wheel;
  }
  // The finding leads to the tooth.
  auto* row = find<FindingRow>("findingRow.missing-tooth");
  ASSERT_NE(row, nullptr);
  EXPECT_GT(lanes->toS() - lanes->fromS(), 4);
  click(row);
  const double at = 13.25 * 1.95 * 3.6 / (14 * 48);
  EXPECT_LT(lanes->toS() - lanes->fromS(), 0.2);
  EXPECT_LT(lanes->fromS(), at);
  EXPECT_GT(lanes->toS(), at);
  // It is read on the dial.
  EXPECT_NE(find<DialWidget>("dial")->scene().spot("tooth:13"), nullptr);
  // The wheels are compared by what does not depend on speed.
  EXPECT_NE(label("finding.weak-output").find("of the output of RL at equal speed"),
            std::string::npos);
  // What is shown goes out.
  nextSave = QString::fromStdString(folder.file("shown.csv"));
  click(find<QPushButton>("trace.export"));
  const auto saved = capture::openCapture(nextSave.toStdString());
  ASSERT_HB_OK(saved);
  ASSERT_EQ(saved->channels.size(), 4U);
  EXPECT_EQ(saved->channels.back().name, "RR");
  EXPECT_NEAR(saved->durationS(), lanes->toS() - lanes->fromS(), 3e-4);
  EXPECT_NEAR(saved->time.at(0), lanes->fromS(), 2e-4);
}

TEST_F(TraceWindow, AFlagOnTheLaneLeadsToTheSamePlace) {
  dropFourCaptures();
  auto* lanes = find<LanesWidget>("lanes");
  const picture::Spot* flag = nullptr;
  for (const auto& spot : lanes->scene().spots) {
    flag = spot.id.starts_with("flag:RR:") ? &spot : flag;
  }
  ASSERT_NE(flag, nullptr);
  click(lanes, QPoint(static_cast<int>(flag->rect.x + 8), static_cast<int>(flag->rect.y + 8)));
  EXPECT_LT(lanes->toS() - lanes->fromS(), 0.3);
}

TEST_F(TraceWindow, CursorsSayWhatLiesBetween) {
  dropFourCaptures();
  auto* lanes = find<LanesWidget>("lanes");
  lanes->showSpan(1.0, 2.0);
  const auto span = picture::plotSpan(lanes->width());
  const auto pointAt = [&](double share) {
    return QPoint(static_cast<int>(span.left + share * (span.right - span.left)), 60);
  };
  QTest::mouseMove(lanes, pointAt(0.25));
  QTest::keyClick(lanes, Qt::Key_A);
  QTest::mouseMove(lanes, pointAt(0.75));
  QTest::keyClick(lanes, Qt::Key_B);
  const std::string said = label("trace.readout");
  // Half a second at 14 km/h, 48 teeth and 1.95 m: 47.9 teeth, by v = f C / N.
  EXPECT_NE(said.find("A to B: 50"), std::string::npos) << said;
  EXPECT_NE(said.find("LF: "), std::string::npos) << said;
  EXPECT_NE(said.find("47.9 teeth"), std::string::npos) << said;
  EXPECT_NE(said.find("km/h"), std::string::npos) << said;
  QTest::keyClick(lanes, Qt::Key_Escape);
  EXPECT_FALSE(find<QLabel>("trace.readout")->isVisible());
}

TEST_F(TraceWindow, AFindingSaysWhyOneClickAway) {
  dropFourCaptures();
  settle();
  QTest::qWait(50);  // rows added to a window that is seen are shown by its next events
  auto* row = find<FindingRow>("findingRow.missing-tooth");
  auto* why = row->findChild<QPushButton*>(QStringLiteral("finding.why"));
  ASSERT_NE(why, nullptr);
  const auto* words = row->findChild<QLabel*>(QStringLiteral("finding.for"));
  ASSERT_NE(words, nullptr);
  EXPECT_FALSE(words->isVisible());
  click(why);
  QTest::qWait(50);
  EXPECT_TRUE(words->isVisible());
  EXPECT_GE(words->height(), words->heightForWidth(words->width())) << "squeezed";
  EXPECT_FALSE(row->visibleRegion().isEmpty());
  EXPECT_EQ(row->visibleRegion().boundingRect().height(), row->height()) << "all of it is seen";
  // 14 km/h for 5 s on 1.95 m: ten turns, the tooth absent in each.
  EXPECT_NE(words->text().toStdString().find("Tooth 13 showed it in"), std::string::npos)
      << words->text().toStdString();
  click(why);
  EXPECT_FALSE(words->isVisible());
}

TEST_F(TraceWindow, WhatTheLineDoesIsShownUnderEachTrace) {
  dropFourCaptures();
  auto* lanes = find<LanesWidget>("lanes");
  EXPECT_EQ(lanes->scene().spot("state:RR"), nullptr);
  click(find<QPushButton>("trace.states"));
  QTest::qWait(50);
  const auto* band = lanes->scene().spot("state:RR");
  ASSERT_NE(band, nullptr);
  EXPECT_NE(band->tip.find("turning"), std::string::npos) << band->tip;
  click(find<QPushButton>("trace.states"));
  EXPECT_EQ(lanes->scene().spot("state:RR"), nullptr);
}

TEST_F(TraceWindow, TurnsLieOverEachOther) {
  dropFourCaptures();
  click(find<QPushButton>("trace.turns"));
  auto* turns = find<TurnsWidget>("turns");
  ASSERT_TRUE(turns->isVisible());
  EXPECT_NE(turns->scene().spot("tooth:RR:13"), nullptr);
  EXPECT_EQ(turns->scene().spot("tooth:RR, earlier:13"), nullptr);
  // After the repair: the trace before it stays beside the new one.
  const std::string repaired = spin("RR mended", 1.5, {});
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(repaired));
  settle();
  EXPECT_NE(turns->scene().spot("tooth:RR, earlier:13"), nullptr);
  EXPECT_EQ(turns->scene().spot("tooth:RR:13"), nullptr) << "the mended ring has no gap";
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  click(find<FindingRow>("findingRow.missing-tooth"));
  EXPECT_TRUE(find<LanesWidget>("lanes")->isVisible()) << "a finding is shown over time";
}

// A ripple of 1 V on a feed of 12 V: about its rest level the scale is that of the ripple.
TEST_F(TraceWindow, AboutItsRestLevelASmallWaveFillsTheLane) {
  const std::string file = spin("RR", 1.0, {});
  auto record = *capture::openCapture(file);
  for (auto& v : record.channels[0].samples) {
    v += 12;
  }
  ASSERT_HB_OK(capture::saveCapture(file, record));
  window->openDemo();
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(file));
  auto* lanes = find<LanesWidget>("lanes");
  const auto says = [&](const char* words) {
    return std::any_of(lanes->scene().items.begin(), lanes->scene().items.end(), [&](auto& item) {
      const auto* text = std::get_if<picture::Text>(&item);
      return text != nullptr && text->text == words;
    });
  };
  EXPECT_TRUE(says("10 V"));
  click(find<QPushButton>("trace.rest"));
  EXPECT_FALSE(says("10 V"));
  EXPECT_TRUE(says("0 V"));
}

// 60 MB: large enough to be read beside the window.
std::string largeCapture(test::Folder& folder) {
  const std::string path = folder.file("long.csv");
  std::string text = "Time (s),V (V)\n";
  for (int i = 0; i < 2'500'000; ++i) {
    text += fmt::format("{:.5f},{:.5f}\n", i * 1e-5, 0.8 * std::sin(i * 0.005));
  }
  test::write(path, text);
  return path;
}

TEST_F(TraceWindow, ALargeCaptureShowsItsProgressAndIsAddedWhenRead) {
  window->model().files().startNew();
  const std::string file = largeCapture(folder);
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(file));
  EXPECT_TRUE(find<QWidget>("progress")->isVisible());
  EXPECT_TRUE(job().evidence.empty()) << "nothing is added before it is read";
  ASSERT_TRUE(QTest::qWaitFor([&] { return !job().evidence.empty(); }, 20000));
  EXPECT_FALSE(find<QWidget>("progress")->isVisible());
  EXPECT_EQ(window->view(), MainWindow::kTrace);
  EXPECT_NEAR(find<LanesWidget>("lanes")->toS(), 25, 0.1);
}

TEST_F(TraceWindow, ALargeCaptureIsGivenUpAtOnce) {
  window->model().files().startNew();
  const std::string file = largeCapture(folder);
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(file));
  click(find<QPushButton>("progress.cancel"));
  ASSERT_TRUE(QTest::qWaitFor([&] { return !find<QWidget>("progress")->isVisible(); }, 5000));
  EXPECT_TRUE(job().evidence.empty());
  EXPECT_NE(label("notice").find("cancelled"), std::string::npos);
  // And may be read after all.
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(file));
  EXPECT_TRUE(QTest::qWaitFor([&] { return !job().evidence.empty(); }, 20000));
}

// A logger's file that names neither time nor rate: the program asks, shows what it sees, and reads
// it as it is told; undone, it is unread again.
TEST_F(TraceWindow, AFileThatLeavesItsRateOpenIsAskedAbout) {
  window->model().files().startNew();
  const std::string path = folder.file("logger.csv");
  std::string text = "yard logger\nRR;RL\n";
  for (int i = 0; i < 400; ++i) {
    const auto cell = fmt::format("{:.3f}", 800 * std::sin(i * 0.2));
    text += cell + ";" + cell + "\n";
  }
  std::replace(text.begin(), text.end(), '.', ',');
  test::write(path, text);
  bool asked = false;
  QTimer::singleShot(0, window.get(), [&] {
    auto* dialog = QApplication::activeModalWidget();
    ASSERT_NE(dialog, nullptr);
    asked = true;
    const auto* told = dialog->findChild<QLabel*>(QStringLiteral("csvReading.told"));
    auto* use = dialog->findChild<QPushButton*>(QStringLiteral("csvReading.use"));
    EXPECT_TRUE(told->text().contains(QStringLiteral("decimal comma")))
        << told->text().toStdString();
    EXPECT_FALSE(use->isEnabled()) << "nothing says when the samples were taken";
    EXPECT_TRUE(told->text().contains(QStringLiteral("could not be read")));
    QTest::keyClicks(dialog->findChild<QLineEdit*>(QStringLiteral("csvReading.rate")),
                     QStringLiteral("2000"));
    dialog->findChild<QComboBox*>(QStringLiteral("csvReading.unit"))->setFocus();
    QTest::keyClicks(dialog->findChild<QComboBox*>(QStringLiteral("csvReading.unit")),
                     QStringLiteral("mV"));
    emit dialog->findChild<QComboBox*>(QStringLiteral("csvReading.unit"))->activated(2);
    ASSERT_TRUE(use->isEnabled());
    EXPECT_FALSE(told->text().contains(QStringLiteral("could not be read"))) << "it was answered";
    QTest::mouseClick(use, Qt::LeftButton);
  });
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(path));
  ASSERT_TRUE(asked);
  ASSERT_EQ(job().evidence.size(), 1U);
  const auto analysis = [&]() -> const trace::ChannelAnalysis& {
    return *assessment().waveforms.analyses.at(job().evidence.front().id);
  };
  EXPECT_NEAR(analysis().frequencyHz->median, 2000 * 0.2 / (2 * std::numbers::pi), 0.5);
  EXPECT_NEAR(analysis().levels.peakToPeak, 1.6, 0.02) << "thousandths, read as millivolts";

  // In another unit, by the button; and back.
  QTimer::singleShot(0, window.get(), [&] {
    auto* dialog = QApplication::activeModalWidget();
    ASSERT_NE(dialog, nullptr);
    auto* unit = dialog->findChild<QComboBox*>(QStringLiteral("csvReading.unit"));
    EXPECT_EQ(unit->currentText(), QStringLiteral("mV"));
    unit->setCurrentIndex(1);
    emit unit->activated(1);
    QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("csvReading.use")),
                      Qt::LeftButton);
  });
  click(find<QPushButton>("trace.read"));
  EXPECT_NEAR(analysis().levels.peakToPeak, 1600, 20);
  window->model().undoStack()->undo();
  EXPECT_NEAR(analysis().levels.peakToPeak, 1.6, 0.02);
}

}  // namespace
}  // namespace haybale::app
