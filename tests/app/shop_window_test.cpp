// The window against a real PostgreSQL: set up, brought over, the server gone and back, the same
// job changed on two benches.
#include <QCheckBox>
#include <QProcess>
#include <QTableWidget>
#include <filesystem>

#include "app/book/revisions_dialog.h"
#include "core/job/case_json.h"
#include "store/at_work.h"
#include "store/attached.h"
#include "store/shared_files.h"
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
  // The password stands on the screen no longer, and the address as it is shown can be tried again.
  EXPECT_EQ(edit->text().toStdString().find("hay@"), std::string::npos)
      << edit->text().toStdString();
  click(find<QPushButton>("shop.try"));
  EXPECT_TRUE(QTest::qWaitFor(
      [&] { return label("shop.tried").find("It answers") != std::string::npos; }, 10000))
      << label("shop.tried");
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

// The strip on top and a sentence say who else has the job; it is gone when they go.
TEST_F(Shop, WhoElseHasTheJobOpenIsShown) {
  typeReading("C2.w pair 1100 unplugged");
  const QString id = window->model().jobId();
  use();
  ASSERT_TRUE(standing("All is brought over"));
  auto there = shop();
  EXPECT_EQ(label("strip.saved").find("also open"), std::string::npos);
  qputenv("HAYBALE_BENCH", "bay 2");
  ASSERT_HB_OK(store::tellAtWork(there->database(), QStringLiteral("seat-2"), id));
  qunsetenv("HAYBALE_BENCH");
  const auto own = store::othersAtWork(there->database(), QStringLiteral("seat-2"), id);
  ASSERT_HB_OK(own);
  ASSERT_EQ(own->size(), 1U) << "this window told the shop";
  book().carrier().nudge();
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("strip.saved").find("also open on bay 2") != std::string::npos; }, 15000))
      << label("strip.saved");
  EXPECT_NE(label("notice").find("open on bay 2 too"), std::string::npos) << label("notice");
  ASSERT_HB_OK(store::tellAtWork(there->database(), QStringLiteral("seat-2"), {}));
  book().carrier().nudge();
  EXPECT_TRUE(QTest::qWaitFor(
      [&] { return label("strip.saved").find("also open") == std::string::npos; }, 15000));
  // A new job: nobody else's.
  window->model().files().startNew();
  typeReading("C2.w pair 1100 unplugged");
  ASSERT_TRUE(QTest::qWaitFor(
      [&] {
        const auto left = store::othersAtWork(there->database(), QStringLiteral("seat-2"), id);
        return left && left->empty();
      },
      15000));
}

// Owner and plate, typed at Intake, erased from the logbook: here, in the shop, in the file.
TEST_F(Shop, OwnerAndPlateAreErasedEverywhere) {
  window->showView(MainWindow::kIntake);
  for (const auto& [name, text] : {std::pair{"intake.owner", "Xanthippe Quillfeather"},
                                   std::pair{"intake.plate", "QX 7788"}}) {
    auto* edit = find<QLineEdit>(name);
    edit->setFocus();
    QTest::keyClicks(edit, QString::fromLatin1(text));
    QTest::keyClick(edit, Qt::Key_Return);
  }
  window->showView(MainWindow::kLine);
  typeReading("C2.w pair 1100 unplugged");
  const QString file = QString::fromStdString(folder.file("xq.haybale.json"));
  ASSERT_HB_OK(window->model().files().save(file));
  const QString id = window->model().jobId();
  use();
  ASSERT_TRUE(standing("All is brought over"));
  auto there = shop();
  ASSERT_TRUE(QTest::qWaitFor([&] { return there->row(id).ok(); }, 10000));
  ASSERT_EQ(there->load(id)->owner, "Xanthippe Quillfeather");
  click(find<QPushButton>("book.page.jobs"));
  auto* search = find<QLineEdit>("book.search");
  QTest::keyClicks(search, QStringLiteral("7788"));
  ASSERT_EQ(find<QTableWidget>("book.jobs")->rowCount(), 1);
  click(find<QPushButton>("book.erase"));
  auto* dialog = window->findChild<QDialog*>(QStringLiteral("erase"));
  ASSERT_NE(dialog, nullptr);
  click(dialog->findChild<QPushButton*>(QStringLiteral("erase.yes")));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("are erased") != std::string::npos; }, 20000))
      << label("notice");
  EXPECT_EQ(job().owner, "");
  EXPECT_EQ(job().plate, "");
  EXPECT_EQ(job().evidence.size(), 1U);
  for (auto* logbook : {there.get(), book().logbook()}) {
    const auto states = logbook->states(id);
    ASSERT_HB_OK(states);
    for (const auto& state : *states) {
      EXPECT_FALSE(state.content.contains("Quillfeather"));
    }
  }
  EXPECT_EQ(test::read(file.toStdString()).find("Quillfeather"), std::string::npos);
  EXPECT_EQ(find<QTableWidget>("book.jobs")->rowCount(), 0) << "found no more";
}

// A sheet one bench puts on the shelf judges a job on another; a capture goes along when asked.
TEST_F(Shop, SheetsAndCapturesAreShared) {
  test::write(folder.file("wagon.csv"), "quantity,min,max\ncoil-resistance,900,1300\n");
  use();
  ASSERT_TRUE(standing("All is brought over"));
  click(find<QPushButton>("book.page.shared"));
  EXPECT_FALSE(find<QPushButton>("shelf.use")->isEnabled());
  nextOpen = QString::fromStdString(folder.file("wagon.csv"));
  click(find<QPushButton>("shelf.put"));
  ASSERT_EQ(find<QTableWidget>("shelf.things")->rowCount(), 1);
  auto there = shop();
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return store::sharedFile(there->database(), QStringLiteral("wagon.csv")).ok(); },
      15000));
  click(find<QPushButton>("shelf.use"));
  ASSERT_FALSE(job().limits.empty());
  // A map put there by another bench comes here.
  test::write(folder.file("map.json"), R"({"format": "haybale-scan-map", "version": 1})");
  ASSERT_HB_OK(
      store::shareFile(there->database(), QString::fromStdString(folder.file("map.json"))));
  book().carrier().nudge();
  ASSERT_TRUE(
      QTest::qWaitFor([&] { return find<QTableWidget>("shelf.things")->rowCount() == 2; }, 15000));
  // The files of a job.
  const std::string moved = folder.file("spin.csv");
  test::write(moved, "time,RR\n0,0\n0.001,0.4\n0.002,0\n0.003,-0.4\n0.004,0\n");
  window->model().change(QStringLiteral("a photo"), [&](job::Case& c) {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = circuit::TestKind::inspect;
    e.test.circuit = c.suspect;
    e.reading.sight = job::Sight::ok;
    e.reading.looked = "sensor";
    e.attachments = {moved};
    c.evidence.push_back(std::move(e));
  });
  book().settle();
  const QString id = window->model().jobId();
  ASSERT_TRUE(QTest::qWaitFor([&] { return there->row(id).ok(); }, 15000));
  click(find<QPushButton>("shelf.bring"));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("are in the shop's logbook") != std::string::npos; },
      15000))
      << label("notice");
  EXPECT_EQ(store::attachedTo(there->database(), id)->size(), 1U);
  const std::string bytes = test::read(moved);
  std::filesystem::remove(moved);
  click(find<QPushButton>("shelf.fetch"));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("were fetched") != std::string::npos; }, 15000))
      << label("notice");
  EXPECT_EQ(test::read((JobBook::luggageFolder(id) + QStringLiteral("/spin.csv")).toStdString()),
            bytes);
}

// The password typed once stands in the keyring, and nowhere else.
TEST_F(Shop, ThePasswordIsKeptInTheKeyringWhenThatIsAskedFor) {
  qputenv("SECRET_BACKEND", "file");
  qputenv("SECRET_FILE_TEST_PATH", QByteArray::fromStdString(folder.file("keyring")));
  qputenv("SECRET_FILE_TEST_PASSWORD", "opens the ring");
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.shop"));
  find<QCheckBox>("shop.keyring")->setChecked(true);
  use();
  ASSERT_TRUE(standing("All is brought over")) << label("shop.standing");
  EXPECT_TRUE(std::filesystem::exists(folder.file("keyring")));
  const std::string settings = test::read(folder.file("state") + "/shop.json");
  EXPECT_EQ(settings.find(":hay"), std::string::npos) << settings;
  // The next start finds it there.
  reopen();
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.shop"));
  EXPECT_TRUE(standing("All is brought over")) << label("shop.standing");
}

TEST_F(Window, AnotherBenchsLogbookIsTakenIn) {
  {
    auto other = store::Logbook::open(QString::fromStdString(folder.file("bay2.sqlite")));
    ASSERT_HB_OK(other);
    job::Case c = job::newCase();
    c.title = "From the other bay";
    store::JobRow row;
    row.id = QStringLiteral("other-bay-job");
    row.changed = store::utcNow();
    ASSERT_HB_OK((*other)->keep(row, c));
  }
  nextOpen = QString::fromStdString(folder.file("bay2.sqlite"));
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.in"));
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("1 kept states") != std::string::npos; }, 15000))
      << label("notice");
  EXPECT_TRUE(book().logbook()->row(QStringLiteral("other-bay-job")).ok());
  // A file that is none is refused in one sentence.
  test::write(folder.file("bad.sqlite"), "SQLite format 3" + std::string(5000, 'h'));
  nextOpen = QString::fromStdString(folder.file("bad.sqlite"));
  click(find<QPushButton>("book.in"));
  EXPECT_TRUE(QTest::qWaitFor(
      [&] { return label("notice").find("other.sqlite") != std::string::npos; }, 15000))
      << label("notice");
}

}  // namespace
}  // namespace haybale::app
