// The window against a real PostgreSQL: set up, brought over, the server gone and back, the same
// job changed on two benches.
#include <QProcess>
#include <QTableWidget>

#include "app/book/revisions_dialog.h"
#include "core/job/case_json.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Shop : public Window {
 protected:
  void SetUp() override {
    Window::SetUp();
    server.start(QStringLiteral(HAYBALE_PYTHON),
                 {QStringLiteral(HAYBALE_SOURCE_DIR "/tests/outside/postgres.py")});
    url = answer(60000);
    ASSERT_TRUE(url.startsWith(QStringLiteral("postgresql://"))) << url.toStdString();
  }
  void TearDown() override {
    window.reset();
    server.closeWriteChannel();
    server.waitForFinished(20000);
  }
  QString answer(int ms) {
    while (!server.canReadLine() && server.waitForReadyRead(ms)) {
    }
    return QString::fromUtf8(server.readLine()).trimmed();
  }
  void tell(const char* what) {
    server.write(QByteArray(what) + "\n");
    server.waitForBytesWritten(1000);
    ASSERT_EQ(answer(60000).toStdString(), "done");
  }
  std::unique_ptr<store::Logbook> shop() {
    auto book = store::Logbook::open(*store::parseStoreUrl(url));
    EXPECT_TRUE(book.ok()) << (book ? "" : book.error().sentence());
    return book ? std::move(*book) : nullptr;
  }
  void use() {
    window->showView(MainWindow::kBook);
    click(find<QPushButton>("book.page.shop"));
    auto* edit = find<QLineEdit>("shop.url");
    edit->selectAll();
    QTest::keyClicks(edit, url);
    QTest::keyClick(edit, Qt::Key_Return);
  }
  bool standing(const char* word) {
    return QTest::qWaitFor([&] { return label("shop.standing").find(word) != std::string::npos; },
                           20000);
  }

  QProcess server;
  QString url;
};

TEST_F(Shop, JobsAreBroughtOverAndComeFromOtherBenches) {
  typeReading("C2.w pair 1100 unplugged");
  const QString id = window->model().jobId();
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.shop"));
  auto* edit = find<QLineEdit>("shop.url");
  QTest::keyClicks(edit, QStringLiteral("postgresql://nobody@127.0.0.1:1/none"));
  click(find<QPushButton>("shop.try"));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("shop.tried").find("cannot be reached") != std::string::npos; }, 10000))
      << label("shop.tried");
  use();
  ASSERT_TRUE(standing("All is brought over")) << label("shop.standing");
  // The password is nowhere on the disk.
  EXPECT_EQ(test::read(folder.file("state") + "/shop.json").find("hay@"), std::string::npos);
  EXPECT_EQ(test::read(folder.file("state") + "/shop.json").find(":hay"), std::string::npos);
  auto there = shop();
  ASSERT_TRUE(QTest::qWaitFor([&] { return there->row(id).ok(); }, 10000));
  // Another bench keeps a job there: it stands in this bench's list.
  job::Case other = job::newCase();
  other.title = "From the other bay";
  store::JobRow row;
  row.id = QStringLiteral("other-bay-job");
  row.changed = store::utcNow();
  ASSERT_HB_OK(there->keep(row, other));
  book().carrier().nudge();
  EXPECT_TRUE(QTest::qWaitFor([&] { return book().logbook()->row(row.id).ok(); }, 15000));
}

TEST_F(Shop, WithTheServerAwayWorkGoesOnAndIsBroughtOverLater) {
  use();
  ASSERT_TRUE(standing("All is brought over"));
  tell("stop");
  window->showView(MainWindow::kLine);
  for (int n = 0; n < 3; ++n) {
    typeReading("C2.w pair 1100 unplugged");
  }
  const QString id = window->model().jobId();
  EXPECT_EQ(book().logbook()->load(id)->evidence.size(), 3U);
  ASSERT_TRUE(standing("wait to be brought over")) << label("shop.standing");
  tell("start");
  book().carrier().nudge();
  ASSERT_TRUE(standing("All is brought over")) << label("shop.standing");
  EXPECT_EQ(shop()->load(id)->evidence.size(), 3U);
}

TEST_F(Shop, AJobChangedOnTwoBenchesKeepsBothAndComparesThem) {
  typeReading("C2.w pair 1100 unplugged");
  const QString id = window->model().jobId();
  use();
  ASSERT_TRUE(standing("All is brought over"));
  auto there = shop();
  ASSERT_TRUE(QTest::qWaitFor([&] { return there->row(id).ok(); }, 10000));
  // On the other bench, from what was brought over.
  qputenv("HAYBALE_BENCH", "bay 2");
  auto theirs = *there->load(id);
  theirs.title = "Changed in bay 2";
  store::JobRow row = *there->row(id);
  row.changed = store::utcNow();
  ASSERT_HB_OK(there->keep(row, theirs));
  qunsetenv("HAYBALE_BENCH");
  book().carrier().nudge();
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("changed on another bench") != std::string::npos; }, 15000))
      << label("notice");
  // Going on here makes a state beside it: the later one is shown, both are kept.
  window->showView(MainWindow::kLine);
  typeReading("C2.w pair 1101 unplugged");
  EXPECT_EQ(book().logbook()->besideHead(id)->size(), 1U);
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.jobs"));
  click(find<QPushButton>("book.states"));
  auto* dialog = window->findChild<RevisionsDialog*>();
  ASSERT_NE(dialog, nullptr);
  auto* states = dialog->findChild<QTableWidget*>(QStringLiteral("revisions.states"));
  int beside = -1;
  for (int at = 0; at < states->rowCount(); ++at) {
    beside = states->item(at, 3)->text() == QStringLiteral("made beside it") ? at : beside;
  }
  ASSERT_GE(beside, 0);
  EXPECT_EQ(states->item(beside, 1)->text(), QStringLiteral("bay 2"));
  states->setCurrentCell(beside, 0);
  EXPECT_NE(dialog->findChild<QLabel*>(QStringLiteral("revisions.differs"))
                ->text()
                .toStdString()
                .find("one reading"),
            std::string::npos);
  click(dialog->findChild<QPushButton*>(QStringLiteral("revisions.open")));
  EXPECT_EQ(job().title, "Changed in bay 2");
}

}  // namespace
}  // namespace haybale::app
