// From the counter to the report in the real window, by keyboard.
#include <QCheckBox>
#include <QComboBox>
#include <QPlainTextEdit>
#include <QTableWidget>

#include "app/close/close_view.h"
#include "core/capture/open.h"
#include "core/signal/synth.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class CloseWindow : public Window {
 protected:
  void keys(Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier) {
    QWidget* target = QApplication::focusWidget() ? QApplication::focusWidget() : window.get();
    QTest::keyClick(target, key, with);
    QApplication::processEvents();
  }
  // Into a box, and out of it with Tab.
  void type(const char* box, const char* text) {
    auto* edit = find<QLineEdit>(box);
    ASSERT_NE(edit, nullptr);
    edit->setFocus();
    edit->selectAll();
    QTest::keyClicks(edit, QString::fromUtf8(text));
    QTest::keyClick(edit, Qt::Key_Tab);
  }
  void space(const char* button) {
    auto* target = find<QWidget>(button);
    ASSERT_NE(target, nullptr) << button;
    target->setFocus();
    QTest::keyClick(target, Qt::Key_Space);
    QApplication::processEvents();
  }
  // Answers every step of the proof as a sound vehicle does.
  void proveAll() {
    for (int n = 0; n < 20; ++n) {
      auto* entry = find<QLineEdit>("proof.entry");
      QApplication::processEvents();  // what was made just now is shown
      auto* answer = window->findChild<QPushButton*>(QStringLiteral("proof.answer0"));
      const auto made = job().proof.size();
      if (entry->isVisible()) {
        entry->setFocus();
        QTest::keyClicks(entry, QString::fromStdString(soundReading()));
        QTest::keyClick(entry, Qt::Key_Return);
      } else if (find<QPushButton>("proof.file")->isVisible()) {
        nextOpen = goodCapture();
        space("proof.file");
      } else if (answer && answer->isVisible()) {
        space(sound().c_str());
      } else {
        EXPECT_EQ(made, proof().plan.size()) << label("proof.title");
        return;
      }
      QApplication::processEvents();
      QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
      ASSERT_EQ(job().proof.size(), made + 1) << label("proof.title");
    }
  }
  // The mended wheel, spun by hand.
  QString goodCapture() {
    signal::PassiveWheel wheel;
    wheel.fluxSwingMwb = 2;
    wheel.noiseRmsV = 0.003;
    capture::Record record;
    record.time.stepS = 1 / 4000.0;
    record.channels.push_back(signal::passiveSignal(wheel, signal::handSpin(7, 2.6), 4000, 2.4));
    record.channels.back().name = "RR";
    const std::string path = folder.file("mended.csv");
    EXPECT_TRUE(capture::saveCapture(path, record).ok());
    return QString::fromStdString(path);
  }
  // What the good coil of the story shows, by what the step measures.
  std::string soundReading() {
    const std::string title = label("proof.title");
    const bool pair =
        title.find("pair") != std::string::npos || title.find("whole") != std::string::npos;
    const bool through = title.find(" from ") != std::string::npos;  // one wire, end to end
    if (title.find("Ohms") != std::string::npos) {
      return pair ? "1.12k" : through ? "0.4" : "OL";
    }
    return "2.5";
  }
  std::string sound() {
    for (int i = 0; i < 8; ++i) {
      auto* button = window->findChild<QPushButton*>(QStringLiteral("proof.answer%1").arg(i));
      if (button && (button->text().contains(QStringLiteral("no code")) ||
                     button->text().contains(QStringLiteral("follows")) ||
                     button->text().contains(QStringLiteral("stays")))) {
        return "proof.answer" + std::to_string(i);
      }
    }
    return "proof.answer0";
  }
};

TEST_F(CloseWindow, TheWholeWayFromTheCounterToTheReportByKeyboard) {
  keys(Qt::Key_N, Qt::ControlModifier);
  ASSERT_EQ(window->view(), MainWindow::kIntake);
  type("intake.title", "Hay rake 12, no speed");
  type("intake.vehicle", "Hay rake 12");
  space("intake.page.counter");
  // Before anything is cleared: the code, its meaning, how often.
  space("intake.addCode");
  type("intake.code0.code", "C0050-13");
  auto* means = find<QComboBox>("intake.code0.means");
  means->setFocus();
  QTest::keyClicks(means, QStringLiteral("open"));
  type("intake.code0.count", "4");
  type("intake.code0.freeze", "0 km/h, key on");
  space("intake.basic.battery.good");
  space("intake.lamp.abs");
  type("intake.price.sensor", "72.5");
  ASSERT_EQ(job().intake.codes.size(), 1U);
  EXPECT_EQ(job().intake.codes[0].meaning, "open");
  EXPECT_EQ(job().intake.codes[0].count, 4);
  EXPECT_EQ(job().costs.sensor, 72.5);
  EXPECT_NE(label("intake.odds").find("Stored active code"), std::string::npos)
      << label("intake.odds");
  // Tools of the shop, then the line.
  space("intake.page.vehicle");
  space("intake.tool.scan-tool");
  keys(Qt::Key_L, Qt::ControlModifier);
  for (const char* reading : {"RL module pair 1.12k", "module pair OL", "C1.w pair OL unplugged",
                              "C2.w pair OL unplugged"}) {
    const bool other = std::string(reading).starts_with("RL");
    window->model().choose().circuit(other ? QStringLiteral("RL") : QStringLiteral("RR"));
    typeReading(other ? reading + 3 : reading);
  }
  ASSERT_EQ(job().evidence.size(), 4U);
  EXPECT_EQ(assessment().conclusion.suspects.front().element, "sensor");
  // The repair.
  keys(Qt::Key_5, Qt::ControlModifier);
  ASSERT_EQ(window->view(), MainWindow::kClose);
  EXPECT_NE(label("repair.headline").find("sensor"), std::string::npos) << label("repair.headline");
  // Cheapest first; the owner takes the one that fits a part.
  const auto& options = assessment().options;
  const auto fit = std::find_if(options.begin(), options.end(), [](const auto& o) {
    return o.deed == diagnosis::Deed::fit && o.element == "sensor";
  });
  ASSERT_NE(fit, options.end());
  space(("repair.option" + std::to_string(fit - options.begin())).c_str());
  EXPECT_NE(job().repair.decision.find("Fit a new sensor"), std::string::npos)
      << job().repair.decision;
  for (const char* step : {"compare", "measure-new", "seat", "torque"}) {
    space((std::string("repair.done.sensor.") + step).c_str());
  }
  type("repair.note.sensor.measure-new", "1.10k");
  type("repair.note.sensor.torque", "8");
  EXPECT_EQ(job().repair.done.size(), 4U);
  EXPECT_EQ(job().repair.notes.at("sensor.torque"), "8");
  // The proof: the test that found it comes first.
  space("close.page.proof");
  auto* table = find<QTableWidget>("proof.table");
  ASSERT_GE(table->rowCount(), 3);
  proveAll();
  EXPECT_TRUE(proof().complete()) << label("proof.sentence");
  space("proof.close");
  EXPECT_TRUE(job().closing.closed());
  EXPECT_TRUE(job().closing.proved);
  EXPECT_EQ(job().closing.element, "sensor");
  EXPECT_EQ(find<QPushButton>("proof.close")->text().toStdString(), "Open the job again");
  // The report, both kinds.
  space("close.page.report");
  EXPECT_NE(find<QLabel>("report.page1"), nullptr);
  nextSave = QString::fromStdString(folder.file("file.html"));
  space("report.html");
  const std::string whole = test::read(folder.file("file.html"));
  for (const char* words :
       {"C0050-13", "0 km/h, key on", "Fit a new sensor", "Proof", "Nothing was measured on FL"}) {
    EXPECT_NE(whole.find(words), std::string::npos) << words;
  }
  space("report.owner");
  nextSave = QString::fromStdString(folder.file("owner.pdf"));
  space("report.pdf");
  EXPECT_EQ(test::read(folder.file("owner.pdf")).substr(0, 4), "%PDF");
  // One undo opens it again.
  keys(Qt::Key_Z, Qt::ControlModifier);
  EXPECT_FALSE(job().closing.closed());
}

// Cleaning a sensor is another work than fitting one, though both are done at it: the steps are
// those of what was chosen, and the choice stands when a reading moves the odds.
TEST_F(CloseWindow, TheStepsAreThoseOfTheWorkThatWasChosen) {
  window->openDemo();
  window->model().change(QStringLiteral("x"), [](job::Case& c) { c.repair = {}; });
  keys(Qt::Key_5, Qt::ControlModifier);
  space("close.page.repair");
  const auto chosen = [&](diagnosis::Deed deed) {
    const auto options = assessment().options;
    const auto it = std::find_if(options.begin(), options.end(), [&](const auto& o) {
      return o.deed == deed && o.element == "sensor";
    });
    return it == options.end() ? std::string()
                               : "repair.option" + std::to_string(it - options.begin());
  };
  const auto step = [&](const char* id) {
    QApplication::processEvents();
    QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    return window->findChild<QCheckBox*>(QStringLiteral("repair.done.sensor.") +
                                         QLatin1String(id)) != nullptr;
  };
  ASSERT_FALSE(chosen(diagnosis::Deed::clean).empty());
  ASSERT_FALSE(chosen(diagnosis::Deed::fit).empty());
  space(chosen(diagnosis::Deed::clean).c_str());
  EXPECT_TRUE(step("clean"));
  EXPECT_FALSE(step("compare"));
  space(chosen(diagnosis::Deed::fit).c_str());
  EXPECT_TRUE(step("compare"));
  EXPECT_FALSE(step("clean"));
  keys(Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(step("clean"));
  const auto before = job().repair.decision;
  window->model().change(QStringLiteral("x"), [](job::Case& c) { c.costs.hour += 10; });
  EXPECT_EQ(job().repair.decision, before);
  EXPECT_TRUE(find<QPushButton>(chosen(diagnosis::Deed::clean).c_str())->isChecked())
      << "the same work at another price";
}

TEST_F(CloseWindow, CodesAreWrittenDownBeforeTheyAreCleared) {
  window->model().change(QStringLiteral("x"), [](job::Case& c) {
    c.toolbox = {"scan-tool"};
    c.allowed = {};
  });
  // What comes before the codes is put off.
  const auto codes = [&] {
    return window->findChild<QPushButton*>(QStringLiteral("side.writeCodes")) != nullptr;
  };
  for (int others = 0; others < 20 && !codes(); ++others) {
    click(find<QPushButton>("side.later"));
    QApplication::processEvents();
    QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  }
  ASSERT_TRUE(codes());
  EXPECT_EQ(window->findChild<QPushButton*>(QStringLiteral("side.answer0")), nullptr);
  EXPECT_NE(label("side.caution").find("wipes"), std::string::npos);
  click(find<QPushButton>("side.writeCodes"));
  EXPECT_EQ(window->view(), MainWindow::kIntake);
  EXPECT_TRUE(find<QWidget>("intake.addCode")->isVisible());
  click(find<QPushButton>("side.noCodes"));
  QApplication::processEvents();
  EXPECT_TRUE(job().intake.noCodes);
  EXPECT_NE(find<QPushButton>("side.answer0"), nullptr);
}

TEST_F(CloseWindow, ASwapThatClearsCodesInsistsOnThemToo) {
  window->showView(MainWindow::kSwap);
  click(find<QPushButton>("swap.page.swap"));
  find<QComboBox>("swap.read")->setCurrentIndex(1);
  QApplication::processEvents();
  QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  click(find<QPushButton>("swap.answer0"));
  EXPECT_TRUE(job().evidence.empty());
  EXPECT_NE(label("notice").find("stored codes"), std::string::npos);
  window->model().change(QStringLiteral("x"), [](job::Case& c) { c.intake.noCodes = true; });
  QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  click(find<QPushButton>("swap.answer0"));
  EXPECT_EQ(job().evidence.size(), 1U);
}

TEST_F(CloseWindow, ARenamedCircuitTakesItsWholeCourseAlong) {
  window->model().change(QStringLiteral("x"), [](job::Case& c) {
    job::StoredCode code;
    code.circuit = "RR";
    c.intake.codes = {code};
    job::Evidence e;
    e.id = "p1";
    e.test.kind = circuit::TestKind::liveSpeed;
    e.test.circuit = "RR";
    e.reading.kmh = {{"RR", 20.0}};
    c.proof = {e};
    c.closing.circuit = "RR";
  });
  window->showView(MainWindow::kIntake);
  click(find<QPushButton>("intake.page.vehicle"));
  type("intake.circuit3.name", "HR");
  EXPECT_EQ(job().suspect, "HR");
  EXPECT_EQ(job().intake.codes[0].circuit, "HR");
  EXPECT_EQ(job().proof[0].test.circuit, "HR");
  EXPECT_EQ(job().proof[0].reading.kmh[0].first, "HR");
  EXPECT_EQ(job().closing.circuit, "HR");
}

TEST_F(CloseWindow, AHoleThatIsNotSealedKeepsTheJobOpen) {
  window->model().change(QStringLiteral("x"), [](job::Case& c) {
    c.allowed = {"unplug", "back-probe", "pierce"};
  });
  window->showView(MainWindow::kLine);
  typeReading("L2@0.5 a gnd 4.9V");
  ASSERT_EQ(job().evidence.size(), 1U);
  window->showView(MainWindow::kClose);
  click(find<QPushButton>("close.page.proof"));
  EXPECT_NE(label("proof.obstacles").find("Not sealed"), std::string::npos);
  click(find<QPushButton>("proof.close"));
  EXPECT_FALSE(job().closing.closed());
  EXPECT_NE(label("notice").find("Not sealed"), std::string::npos);
  click(find<QPushButton>("close.page.repair"));
  click(find<QCheckBox>("repair.sealed.RR L2@0.50 a"), QPoint(8, 12));
  ASSERT_EQ(job().repair.sealed.size(), 1U);
  click(find<QPushButton>("close.page.proof"));
  click(find<QPushButton>("proof.close"));
  EXPECT_TRUE(job().closing.closed());
  EXPECT_FALSE(job().closing.proved) << "nothing was proved";
}

}  // namespace
}  // namespace haybale::app
