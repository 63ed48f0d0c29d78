// Practice in the real window: by keys alone, apart from the real job, with nothing told early.
#include <QAccessible>
#include <QComboBox>
#include <QDirIterator>
#include <QListWidget>
#include <QTableWidget>

#include "app/practice/practice_view.h"
#include "core/job/case_json.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Practice : public Window {
 protected:
  void ready() {
    ASSERT_TRUE(QTest::qWaitFor([&] { return !window->practice().desk().busy(); }, 60000));
    QApplication::processEvents();
  }
  // The focus is where the next key belongs.
  void key(Qt::Key k, Qt::KeyboardModifiers with = {}) {
    QWidget* focus = QApplication::focusWidget();
    QTest::keyClick(focus ? focus : window.get(), k, with);
    QApplication::processEvents();
  }
  void goTo(const char* name) {
    find<QWidget>(name)->setFocus(Qt::TabFocusReason);
    QApplication::processEvents();
  }
  int page() { return window->practice().page(); }
  // All text there is on the accessibility bus and in the kept files.
  std::string everythingTold() {
    QString out;
    const std::function<void(QAccessibleInterface*)> walk = [&](QAccessibleInterface* i) {
      if (!i || !i->isValid()) {
        return;
      }
      for (const auto text : {QAccessible::Name, QAccessible::Value, QAccessible::Description}) {
        out += i->text(text) + QLatin1Char('\n');
      }
      for (int n = 0; n < i->childCount(); ++n) {
        walk(i->child(n));
      }
    };
    walk(QAccessible::queryAccessibleInterface(&window->practice()));
    QDirIterator files(QString::fromStdString(folder.file("state")), QDir::Files,
                       QDirIterator::Subdirectories);
    while (files.hasNext()) {
      QFile file(files.next());
      if (file.open(QIODevice::ReadOnly) && !file.fileName().endsWith(QStringLiteral(".csv"))) {
        out += QString::fromLatin1(file.readAll());
      }
    }
    return out.toStdString();
  }
};

// From the start of the program to the first reading: the view, the vehicle, the move.
TEST_F(Practice, ANewcomerHasAReadingAfterThreeKeys) {
  QTest::keyClick(window.get(), Qt::Key_7, Qt::ControlModifier);
  ASSERT_EQ(window->view(), MainWindow::kPractice);
  key(Qt::Key_Return);
  ASSERT_EQ(page(), PracticeView::kBench);
  key(Qt::Key_Return);
  ready();
  ASSERT_EQ(window->practice().desk().deeds().size(), 1);
  EXPECT_FALSE(window->practice().desk().deeds()[0].gave.isEmpty());
  EXPECT_GT(window->practice().desk().play()->minutes(), 0);
}

// One case of each level to a right verdict, by hints and keys.
TEST_F(Practice, ACaseOfEveryLevelIsSolvedByKeysAlone) {
  for (const char* id : {"loader-red", "grain-lorry", "potato-lorry", "hay-wagon-old",
                         "old-tipper-with-three-channels"}) {
    window->showView(MainWindow::kPractice);
    ASSERT_EQ(page(), PracticeView::kShelf);
    const auto& cases = practice::shelf();
    const auto at =
        std::find_if(cases.begin(), cases.end(), [&](const auto& p) { return p.id == id; });
    ASSERT_NE(at, cases.end());
    auto* table = find<QTableWidget>("practice.cases");
    key(Qt::Key_Home, Qt::ControlModifier);
    while (table->currentRow() < at - cases.begin()) {
      key(Qt::Key_Down);
    }
    key(Qt::Key_Return);
    ASSERT_EQ(page(), PracticeView::kBench) << id;
    for (int n = 0; n < 60 && page() == PracticeView::kBench; ++n) {
      goTo("practice.hint");
      key(Qt::Key_Space);
      ready();
      const bool say = label("practice.coachSays").starts_with("Say");
      if (n == 2) {
        // In the middle of it nothing says what it is. (The list of faults to choose from does not
        // count: it has all of them.)
        const std::string told = everythingTold();
        EXPECT_EQ(told.find(at->lesson), std::string::npos);
        EXPECT_EQ(told.find(at->debrief), std::string::npos);
        EXPECT_EQ(told.find("\"truth\""), std::string::npos);
      }
      goTo(say ? "practice.say" : "practice.do");
      key(Qt::Key_Space);
      ready();
    }
    ASSERT_EQ(page(), PracticeView::kDebrief) << id;
    EXPECT_TRUE(window->practice().desk().score().right) << id;
    EXPECT_NE(label("debrief.verdict").find("Right"), std::string::npos);
    EXPECT_NE(label("debrief.lesson").find(at->debrief), std::string::npos);
    EXPECT_GT(find<QTableWidget>("debrief.way")->rowCount(), 0);
    auto* steps = find<QTableWidget>("debrief.steps");
    ASSERT_GT(steps->rowCount(), 0);
    EXPECT_TRUE(steps->item(0, 2)->text().contains(QLatin1Char('%'))) << "where suspicion stood";
    goTo("debrief.another");
    key(Qt::Key_Space);
  }
  const auto results = window->practice().desk().results();
  ASSERT_EQ(results.size(), 5U);
  EXPECT_TRUE(std::all_of(results.begin(), results.end(), [](const auto& r) { return r.right; }));
  nextSave = QString::fromStdString(folder.file("went.csv"));
  click(find<QPushButton>("practice.csv"));
  EXPECT_NE(test::read(folder.file("went.csv")).find("loader-red"), std::string::npos);
}

// Nothing of it reaches the job that is open, its file, or its row in the logbook.
TEST_F(Practice, TheRealJobIsTheSameByteForByte) {
  window->openDemo();
  nextSave = QString::fromStdString(folder.file("real.haybale.json"));
  ASSERT_TRUE(window->save());
  const std::string before = test::read(nextSave.toStdString());
  const QString id = window->model().jobId();
  const auto kept = book().logbook()->revisions(id);
  window->showView(MainWindow::kPractice);
  key(Qt::Key_Return);
  for (int n = 0; n < 4; ++n) {
    goTo("practice.hint");
    key(Qt::Key_Space);
    ready();
    goTo("practice.do");
    key(Qt::Key_Space);
    ready();
  }
  find<QComboBox>("practice.element")->setCurrentIndex(4);
  click(find<QPushButton>("practice.fit"));
  ready();
  EXPECT_FALSE(find<QWidget>("strip")->isVisible()) << "no real job beside a made-up vehicle";
  click(find<QPushButton>("practice.leave"));
  EXPECT_EQ(page(), PracticeView::kShelf);
  window->showView(MainWindow::kLine);
  EXPECT_TRUE(find<QWidget>("strip")->isVisible());
  EXPECT_TRUE(window->save());
  EXPECT_EQ(test::read(nextSave.toStdString()), before);
  EXPECT_EQ(book().logbook()->revisions(id)->size(), kept->size());
  EXPECT_EQ(book().logbook()->count(), 1);
}

TEST_F(Practice, ACaseOpensByItsFileAndABrokenOneIsSaid) {
  window->openPath(QStringLiteral(HAYBALE_SOURCE_DIR "/data/practice/hay-wagon-blue.json"));
  EXPECT_EQ(window->view(), MainWindow::kPractice);
  EXPECT_EQ(page(), PracticeView::kBench);
  click(find<QPushButton>("practice.leave"));
  test::write(folder.file("bad.json"), R"({"format": "haybale-practice", "case": 5})");
  window->openPath(QString::fromStdString(folder.file("bad.json")));
  EXPECT_EQ(page(), PracticeView::kShelf);
  EXPECT_NE(label("notice").find("truth"), std::string::npos) << label("notice");
}

TEST_F(Practice, LeavingWhileItWorksDropsWhatComesLate) {
  window->showView(MainWindow::kPractice);
  key(Qt::Key_Return);
  key(Qt::Key_Return);  // a move is on its way
  EXPECT_TRUE(window->practice().desk().busy());
  click(find<QPushButton>("practice.leave"));
  EXPECT_EQ(page(), PracticeView::kShelf);
  QTest::qWait(1500);
  EXPECT_EQ(window->practice().desk().deeds().size(), 0);
  EXPECT_FALSE(window->practice().desk().busy());
}

}  // namespace
}  // namespace haybale::app
