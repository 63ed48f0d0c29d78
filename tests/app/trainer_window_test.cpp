// Practice for trainers in the real window: a case is written, tried, printed and given to a class;
// a module on the bench is driven; an hour of practice leaves the real job alone.
#include <QCheckBox>
#include <QComboBox>
#include <QElapsedTimer>
#include <QPlainTextEdit>
#include <QTableWidget>

#include "app/practice/editor_page.h"
#include "app/practice/practice_view.h"
#include "core/practice/practice_case.h"
#include "instruments/yard.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Trainer : public Window {
 protected:
  void SetUp() override {
    Window::SetUp();
    window->showView(MainWindow::kPractice);
  }
  int page() { return window->practice().page(); }
  void ready() {
    ASSERT_TRUE(QTest::qWaitFor([&] { return !window->practice().desk().busy(); }, 60000));
    QApplication::processEvents();
  }
  void choose(const char* name, const QString& data) {
    auto* box = find<QComboBox>(name);
    const int at = box->findData(data);
    ASSERT_GE(at, 0) << name << " " << data.toStdString();
    box->setCurrentIndex(at);
    emit box->activated(at);
  }
  void write(const char* name, const char* text) {
    auto* edit = find<QLineEdit>(name);
    edit->clear();
    QTest::keyClicks(edit, QString::fromUtf8(text));
  }
  // A case with a chafed wire, from nothing.
  void writeOne() {
    click(find<QPushButton>("practice.write"));
    ASSERT_EQ(page(), PracticeView::kEditor);
    QTest::keyClicks(find<QPlainTextEdit>("editor.complaint"),
                     QStringLiteral("The lamp stays on since the ditch."));
    choose("editor.suspect", QStringLiteral("RL"));
    choose("editor.first.element", QStringLiteral("L2"));
    choose("editor.first.fault", QStringLiteral("open"));
    choose("editor.first.wire", QStringLiteral("b"));
    write("editor.title", "Ditch wagon");
    write("editor.lesson", "Stones cut");
    write("editor.debrief", "Look where the stones fly.");
  }
};

TEST_F(Trainer, ACaseIsWrittenTriedAndSavedAndCanBePlayed) {
  writeOne();
  EXPECT_NE(label("editor.state").find("Can be played. Hidden: L2, wire b: broken"),
            std::string::npos)
      << label("editor.state");
  nextSave = QString::fromStdString(folder.file("ditch.json"));
  click(find<QPushButton>("editor.save"));
  const auto p = practice::parsePractice(test::read(nextSave.toStdString()), "ditch");
  ASSERT_HB_OK(p);
  EXPECT_EQ(p->title, "Ditch wagon");
  EXPECT_EQ(p->shown.complaint.text, "The lamp stays on since the ditch.");
  EXPECT_EQ(p->shown.suspectCircuit()->name, "RL");
  ASSERT_EQ(p->truth.size(), 1U);
  EXPECT_EQ(p->truth[0].element, "L2");
  EXPECT_EQ(p->truth[0].wire, "b");
  EXPECT_TRUE(p->shown.evidence.empty());
  // Tried, it comes back to the page it was written on.
  click(find<QPushButton>("editor.try"));
  EXPECT_EQ(page(), PracticeView::kBench);
  click(find<QPushButton>("practice.leave"));
  EXPECT_EQ(page(), PracticeView::kEditor);
  EXPECT_EQ(find<QLineEdit>("editor.title")->text(), QStringLiteral("Ditch wagon"));
  click(find<QPushButton>("editor.back"));
  EXPECT_EQ(page(), PracticeView::kShelf);
}

TEST_F(Trainer, WhatIsMissingIsSaidAndNothingHalfDoneIsLost) {
  click(find<QPushButton>("practice.write"));
  EXPECT_NE(label("editor.state").find("Not yet: title"), std::string::npos)
      << label("editor.state");
  EXPECT_FALSE(find<QPushButton>("editor.save")->isEnabled());
  click(find<QPushButton>("editor.back"));
  writeOne();
  write("editor.first.severity", "much");
  QTest::keyClick(find<QLineEdit>("editor.first.severity"), Qt::Key_Return);
  QTest::qWait(600);  // the draft is kept
  reopen();
  window->showView(MainWindow::kPractice);
  click(find<QPushButton>("practice.write"));
  EXPECT_EQ(find<QLineEdit>("editor.title")->text(), QStringLiteral("Ditch wagon"));
  EXPECT_EQ(find<QComboBox>("editor.first.element")->currentData().toString(),
            QStringLiteral("L2"));
  // One step back at a time, and forth by hand.
  click(find<QPushButton>("editor.new"));
  EXPECT_TRUE(find<QLineEdit>("editor.title")->text().isEmpty());
  click(find<QPushButton>("editor.undo"));
  EXPECT_EQ(find<QLineEdit>("editor.title")->text(), QStringLiteral("Ditch wagon"));
}

TEST_F(Trainer, ADegreeOfAFaultIsANumber) {
  writeOne();
  choose("editor.first.fault", QStringLiteral("resistive"));
  auto* degree = find<QLineEdit>("editor.first.severity");
  ASSERT_TRUE(degree->isEnabled());
  QTest::keyClicks(degree, QStringLiteral("much"));
  QTest::keyClick(degree, Qt::Key_Return);
  EXPECT_NE(label("editor.state").find("\"much\" is no degree"), std::string::npos)
      << label("editor.state");
  EXPECT_FALSE(find<QPushButton>("editor.save")->isEnabled());
  degree->clear();
  QTest::keyClicks(degree, QStringLiteral("4k7"));
  QTest::keyClick(degree, Qt::Key_Return);
  EXPECT_TRUE(find<QPushButton>("editor.save")->isEnabled());
  ASSERT_EQ(window->practice().editor().draft().truth.size(), 1U);
  EXPECT_EQ(window->practice().editor().draft().truth[0].severity, 4700);
}

TEST_F(Trainer, TheOpenJobsVehicleIsTakenWithoutItsReadings) {
  window->openDemo();
  window->showView(MainWindow::kPractice);
  click(find<QPushButton>("practice.write"));
  auto* vehicle = find<QComboBox>("editor.vehicle");
  vehicle->setCurrentIndex(2);
  emit vehicle->activated(2);
  const auto& c = window->practice().editor().draft().shown;
  ASSERT_EQ(c.circuits.size(), job().circuits.size());
  EXPECT_EQ(c.circuits[0].path.size(), job().circuits[0].path.size());
  EXPECT_TRUE(c.evidence.empty());
  EXPECT_TRUE(c.history.empty());
}

TEST_F(Trainer, AFolderOfCasesIsAClassAndItsListIsSaved) {
  std::filesystem::create_directories(folder.file("class"));
  for (const char* name : {"hay-wagon-blue", "loader-red"}) {
    const std::string text =
        test::read(std::string(HAYBALE_SOURCE_DIR "/data/practice/") + name + ".json");
    test::write(folder.file(std::string("class/") + name + ".json"), text);
  }
  test::write(folder.file("class/broken.json"), R"({"format": "haybale-practice", "case": 5})");
  test::write(folder.file("class/other.json"), R"({"format": "haybale-case"})");
  nextOpen = QString::fromStdString(folder.file("class"));
  click(find<QPushButton>("practice.folder"));
  auto* table = find<QTableWidget>("practice.cases");
  ASSERT_EQ(table->rowCount(), 2);
  EXPECT_NE(label("notice").find("Of these cases 1 cannot be read"), std::string::npos)
      << label("notice");
  // Two trainees, one of them guesses.
  const auto play = [&](const char* who, const char* element) {
    auto* name = find<QLineEdit>("practice.trainee");
    name->clear();
    QTest::keyClicks(name, QString::fromLatin1(who));
    QTest::keyClick(name, Qt::Key_Return);
    table->setCurrentCell(0, 0);
    click(find<QPushButton>("practice.start"));
    choose("practice.element", QString::fromLatin1(element));
    choose("practice.fault", QStringLiteral("open"));
    click(find<QPushButton>("practice.say"));
    ready();
    ASSERT_EQ(page(), PracticeView::kDebrief);
    click(find<QPushButton>("debrief.another"));
  };
  ASSERT_EQ(window->practice().page(), PracticeView::kShelf);
  play("Wanda, of the lower yard", "L3");
  play("=SUM(1)", "sensor");
  EXPECT_NE(label("practice.next").find("Practise next"), std::string::npos);
  click(find<QPushButton>("practice.class"));
  ASSERT_EQ(page(), PracticeView::kClass);
  auto* list = find<QTableWidget>("class.table");
  ASSERT_EQ(list->rowCount(), 2);
  EXPECT_EQ(list->columnCount(), 7) << "only the case that was played has a column";
  nextSave = QString::fromStdString(folder.file("class.csv"));
  click(find<QPushButton>("class.csv"));
  const std::string csv = test::read(nextSave.toStdString());
  EXPECT_NE(csv.find("\"Wanda, of the lower yard\",1,1,"), std::string::npos) << csv;
  EXPECT_NE(csv.find("\"'=SUM(1)\",1,0,"), std::string::npos) << csv;
  click(find<QPushButton>("class.back"));
  click(find<QPushButton>("practice.folder"));
  EXPECT_GT(table->rowCount(), 40) << "the yard's own again";
}

TEST_F(Trainer, ACaseIsPrintedWithTheSolutionOnASheetOfItsOwn) {
  nextSave = QString::fromStdString(folder.file("sheet.html"));
  click(find<QPushButton>("practice.paper"));
  const std::string solution = folder.file("sheet-for-the-trainer.html");
  ASSERT_TRUE(QTest::qWaitFor([&] { return std::filesystem::exists(solution); }, 60000));
  const auto& chosen = practice::shelf().front();
  const std::string sheet = test::read(nextSave.toStdString());
  EXPECT_NE(sheet.find(chosen.shown.complaint.text), std::string::npos);
  EXPECT_EQ(sheet.find(chosen.debrief), std::string::npos);
  EXPECT_EQ(sheet.find(chosen.lesson), std::string::npos);
  EXPECT_NE(test::read(solution).find(chosen.debrief), std::string::npos);
}

TEST_F(Trainer, ATraceIsShownAsItWasTakenAndNotExplained) {
  click(find<QPushButton>("practice.start"));
  EXPECT_FALSE(find<QWidget>("practice.trace")->isVisible());
  write("practice.search", "scope module");
  click(find<QPushButton>("practice.do"));
  ready();
  QTest::qWait(50);
  auto* trace = find<QWidget>("practice.trace");
  ASSERT_TRUE(trace->isVisible());
  EXPECT_GE(trace->height(), 150);
}

// The simulated source answers as a real one does; a module would see what it gives.
TEST_F(Trainer, AModuleOnTheBenchIsDrivenAndTheSourceGoesOffWithTheCase) {
  auto& hub = window->instruments();
  auto c = job::newCase();
  ASSERT_HB_OK(hub.openYard(c, 3));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return hub.state(Instrument::generator).contains(QStringLiteral("Yard")); }, 8000));
  nextOpen = QStringLiteral(HAYBALE_SOURCE_DIR "/data/practice/hay-wagon-blue.json");
  click(find<QPushButton>("practice.file"));
  ASSERT_EQ(page(), PracticeView::kBench);
  QTest::qWait(50);
  auto* drive = find<QCheckBox>("practice.drive");
  ASSERT_TRUE(drive->isVisible());
  // Wire a of L3 is broken: a trickle at most comes through.
  drive->setChecked(true);
  QTest::qWait(500);  // whether something comes through or nothing
  const double broken = hub.running() ? hub.running()->peakToPeakV : 0;
  choose("practice.element", QStringLiteral("L3"));
  click(find<QPushButton>("practice.mend"));
  ready();
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return hub.running() && hub.running()->peakToPeakV > 10 * broken; }, 5000));
  // 20 km/h, 48 teeth, 205/55R16: 3.05 diameters of 0.6319 m a turn (the notes' rule).
  EXPECT_NEAR(hub.running()->hz, 20 / 3.6 / (3.05 * 0.6319) * 48, 1.0);
  EXPECT_GT(hub.running()->peakToPeakV, 0.1);
  EXPECT_FALSE(hub.running()->square);
  EXPECT_NE(label("practice.drive.tells").find("never into a vehicle"), std::string::npos);
  // Switched off by hand it stays off, whatever is done to the vehicle.
  hub.stopGenerator();
  ASSERT_TRUE(QTest::qWaitFor([&] { return !hub.running(); }, 5000));
  EXPECT_FALSE(drive->isChecked());
  click(find<QPushButton>("practice.mend"));
  ready();
  QTest::qWait(300);
  EXPECT_FALSE(hub.running());
  drive->setChecked(true);
  ASSERT_TRUE(QTest::qWaitFor([&] { return hub.running().has_value(); }, 5000));
  click(find<QPushButton>("practice.leave"));
  EXPECT_TRUE(QTest::qWaitFor([&] { return !hub.running(); }, 5000));
}

TEST_F(Trainer, UndoAndRedoBelongToPracticeHereAndNeverToTheRealJob) {
  window->openDemo();
  window->model().change(QStringLiteral("x"), [](job::Case& c) { c.title = "The real one"; });
  window->showView(MainWindow::kPractice);
  find<QWidget>("practice.cases")->setFocus();
  QTest::keyClick(window->focusWidget(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(job().title, "The real one");
  writeOne();
  choose("editor.first.element", QStringLiteral("L1"));
  find<QPushButton>("editor.save")->setFocus();
  QTest::keyClick(window->focusWidget(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(find<QComboBox>("editor.first.element")->currentData().toString(),
            QStringLiteral("L2"));
  QTest::keyClick(window->focusWidget(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
  EXPECT_EQ(job().title, "The real one");
}

TEST_F(Trainer, ADraftThatCannotBeReadIsPutAsideAndSaid) {
  test::write(folder.file("state/practice-draft.json"), "{ half of");
  click(find<QPushButton>("practice.write"));
  ASSERT_EQ(page(), PracticeView::kEditor);
  EXPECT_NE(label("notice").find("practice-draft.json.damaged"), std::string::npos)
      << label("notice");
  EXPECT_EQ(test::read(folder.file("state/practice-draft.json.damaged")), "{ half of");
}

// A quarter of an hour on the vehicles' own clocks; with HAYBALE_PRACTICE_S, so many seconds by the
// wall, a move every two seconds, as somebody at the desk.
TEST_F(Trainer, AnHourOfPracticeLeavesTheRealJobAsItWas) {
  window->openDemo();
  nextSave = QString::fromStdString(folder.file("real.haybale.json"));
  ASSERT_TRUE(window->save());
  const std::string before = test::read(nextSave.toStdString());
  const QString id = window->model().jobId();
  const auto row = [&] {
    auto kept = book().logbook()->revisions(id);
    std::string all;
    for (const auto& r : *kept) {
      all += r.revision.toStdString() + " " + r.changed.toStdString() + r.content.toStdString();
    }
    return all;
  };
  const std::string kept = row();
  ASSERT_FALSE(kept.empty());
  const char* asked = std::getenv("HAYBALE_PRACTICE_S");
  QElapsedTimer clock;
  clock.start();
  double minutes = 0;
  int cases = 0;
  const auto enough = [&] {
    return asked ? static_cast<double>(clock.elapsed()) > 1000 * std::atof(asked) : minutes >= 15;
  };
  window->showView(MainWindow::kPractice);
  auto* table = find<QTableWidget>("practice.cases");
  for (int n = 0; !enough(); ++n) {
    table->setCurrentCell(n % table->rowCount(), 0);
    click(find<QPushButton>("practice.start"));
    for (int moves = 0; moves < 60 && page() == PracticeView::kBench && !enough(); ++moves) {
      click(find<QPushButton>("practice.hint"));
      ready();
      const bool say = label("practice.coachSays").starts_with("Say");
      minutes += say ? window->practice().desk().play()->minutes() : 0;
      click(find<QPushButton>(say ? "practice.say" : "practice.do"));
      ready();
      QTest::qWait(asked ? 2000 : 0);
    }
    const bool through = page() == PracticeView::kDebrief;
    cases += through ? 1 : 0;
    click(find<QPushButton>(through ? "debrief.another" : "practice.leave"));
  }
  EXPECT_GE(cases, 1);
  window->showView(MainWindow::kLine);
  EXPECT_EQ(row(), kept) << "the row in the logbook";
  EXPECT_TRUE(window->save());
  EXPECT_EQ(test::read(nextSave.toStdString()), before) << "the file";
  EXPECT_EQ(row(), kept);
}

}  // namespace
}  // namespace haybale::app
