// One job, one identity: two windows at one job, a file another program changed, a file saved over
// another, a copy that is older than the logbook.
#include "core/job/case_json.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Identity : public Window {
 protected:
  QString saveAs(const char* name) {
    nextSave = QString::fromStdString(folder.file(name));
    EXPECT_TRUE(window->save(true));
    return nextSave;
  }
  std::unique_ptr<MainWindow> second(const QString& path) {
    auto out = std::make_unique<MainWindow>();
    out->show();
    out->openPath(path);
    return out;
  }
};

TEST_F(Identity, TheIdGoesIntoTheFileAndStays) {
  typeReading("C2.w pair 1100 unplugged");
  const QString file = saveAs("a.haybale.json");
  const auto c = job::loadCase(file.toStdString());
  ASSERT_HB_OK(c);
  EXPECT_EQ(QString::fromStdString(c->id), window->model().jobId());
  EXPECT_FALSE(c->id.empty());
  // Saved elsewhere it is the same job, one row.
  saveAs("b.haybale.json");
  EXPECT_EQ(job::loadCase(folder.file("b.haybale.json"))->id, c->id);
  EXPECT_EQ(book().logbook()->count(), 1);
}

// A second job under the name of the first one does not take the first one out of the logbook.
TEST_F(Identity, AFileSavedOverAnotherLosesNoJob) {
  typeReading("C2.w pair 1100 unplugged");
  const QString first = window->model().jobId();
  saveAs("job.haybale.json");
  window->model().files().startNew();
  typeReading("C2.w pair 900 unplugged");
  saveAs("job.haybale.json");
  EXPECT_NE(window->model().jobId(), first);
  EXPECT_EQ(book().logbook()->count(), 2);
  // Shown from the logbook the first one is itself, not what lies in its file now.
  ASSERT_HB_OK(book().show(first));
  ASSERT_EQ(job().evidence.size(), 1U);
  EXPECT_EQ(job().evidence[0].reading.value->value, 1100);
  EXPECT_NE(label("notice").find("another job"), std::string::npos) << label("notice");
}

TEST_F(Identity, ASecondWindowReadsUntilItTakesOver) {
  typeReading("C2.w pair 1100 unplugged");
  const QString file = saveAs("shared.haybale.json");
  auto other = second(file);
  ASSERT_TRUE(other->model().isReadOnly());
  // It stands in the strip for as long as it is so; the notice with the advice goes after a while.
  EXPECT_EQ(other->findChild<QLabel*>(QStringLiteral("strip.saved"))->text().toStdString(),
            "read only: open elsewhere");
  EXPECT_FALSE(other->model().entries().enter(QStringLiteral("C2.w pair 900 unplugged")).ok());
  EXPECT_EQ(other->model().job().evidence.size(), 1U);
  // The first goes on, and then the second takes over: it has what the first had.
  typeReading("C2.w pair 1101 unplugged");
  settle();
  auto* take = other->findChild<QPushButton*>(QStringLiteral("strip.takeOver"));
  ASSERT_TRUE(take && take->isVisible());
  click(take);
  EXPECT_FALSE(other->model().isReadOnly());
  EXPECT_EQ(other->model().job().evidence.size(), 2U);
  ASSERT_HB_OK(other->model().entries().enter(QStringLiteral("C2.w pair 1102 unplugged")));
  other->model().settle();
  // The first notices before it writes.
  typeReading("C2.w pair 1 unplugged");
  EXPECT_EQ(job().evidence.size(), 2U);
  EXPECT_TRUE(window->model().isReadOnly());
  EXPECT_NE(label("notice").find("another window"), std::string::npos) << label("notice");
  // When the second goes, the job is free again.
  other.reset();
  window->openPath(file);
  EXPECT_FALSE(window->model().isReadOnly());
  EXPECT_EQ(job().evidence.size(), 3U);
}

TEST_F(Identity, AFileAnotherProgramChangedIsKeptBeside) {
  typeReading("C2.w pair 1100 unplugged");
  const QString file = saveAs("ours.haybale.json");
  auto theirs = *job::loadCase(file.toStdString());
  theirs.evidence.clear();
  theirs.title = "Written elsewhere";
  test::write(file.toStdString(), job::caseText(theirs));
  typeReading("C2.w pair 1101 unplugged");
  ASSERT_TRUE(window->save());
  EXPECT_EQ(job::loadCase(file.toStdString())->evidence.size(), 2U);
  const auto beside = job::loadCase(folder.file("ours.haybale.other.json"));
  ASSERT_HB_OK(beside);
  EXPECT_EQ(beside->title, "Written elsewhere");
  EXPECT_NE(label("notice").find("kept in"), std::string::npos) << label("notice");
  // Saved again nothing lies in between.
  ASSERT_TRUE(window->save());
  EXPECT_FALSE(QFile::exists(QString::fromStdString(folder.file("ours.haybale.other-2.json"))));
}

// One letter of the id damaged, and the unsaved reading hangs on a job that no file is of.
TEST_F(Identity, AFileWhoseIdChangedSaysWhereItsUnsavedChangesAre) {
  const std::string path = folder.file("ford.haybale.json");
  window->model().files().startNew();
  window->model().change(QStringLiteral("x"), [](job::Case& c) { c.title = "The ford"; });
  typeReading("C2.w pair 1100 unplugged");
  nextSave = QString::fromStdString(path);
  ASSERT_TRUE(window->save());
  typeReading("C2.w pair 1101 unplugged");
  settle();
  const QString was = window->model().jobId();
  window->close();
  window.reset();
  std::string text = test::read(path);
  const auto at = text.find(was.toStdString());
  ASSERT_NE(at, std::string::npos);
  text[at] = text[at] == 'a' ? 'b' : 'a';
  test::write(path, text);
  reopen();
  window->openLast();
  EXPECT_EQ(job().evidence.size(), 1U);
  EXPECT_NE(label("notice").find("What was not saved of it then (The ford) is in the logbook"),
            std::string::npos)
      << label("notice");
  const auto kept = book().logbook()->load(was);
  ASSERT_HB_OK(kept);
  EXPECT_EQ(kept->evidence.size(), 2U);
}

TEST_F(Identity, AnOlderCopyIsNotTakenForTheLatest) {
  typeReading("C2.w pair 1100 unplugged");
  const QString file = saveAs("job.haybale.json");
  const std::string old = test::read(file.toStdString());
  const QString id = window->model().jobId();
  typeReading("C2.w pair 1101 unplugged");
  ASSERT_TRUE(window->save());
  window->model().files().startNew();
  test::write(folder.file("copy.haybale.json"), old);
  window->openPath(QString::fromStdString(folder.file("copy.haybale.json")));
  EXPECT_EQ(window->model().jobId(), id);
  EXPECT_NE(label("notice").find("later state"), std::string::npos) << label("notice");
  typeReading("C2.w pair 1200 unplugged");
  // Both are there: the one built on the old copy, and the one it did not know.
  EXPECT_EQ(book().logbook()->besideHead(id)->size(), 1U);
}

TEST_F(Identity, ADamagedAutosaveIsPutAsideAndTheFileOpens) {
  typeReading("C2.w pair 1100 unplugged");
  const QString file = saveAs("a.haybale.json");
  typeReading("C2.w pair 1101 unplugged");
  settle();
  const std::string kept =
      folder.file("state") + "/autosave/" + window->model().jobId().toStdString() + ".json";
  ASSERT_FALSE(test::read(kept).empty());
  window->model().files().startNew();
  test::write(kept, "{ \"format\": \"haybale-auto");
  window->openPath(file);
  EXPECT_EQ(job().evidence.size(), 1U);
  EXPECT_EQ(test::read(kept + ".damaged"), "{ \"format\": \"haybale-auto");
}

// A page in the middle is spoilt: the window opens and says so, and the next start salvages the
// rest.
TEST_F(Identity, ADamagedLogbookIsSaidAndSalvagedAtTheNextStart) {
  for (int n = 0; n < 12; ++n) {
    window->model().files().startNew();
    typeReading("C2.w pair 1100 unplugged");
  }
  const auto before = book().logbook()->count();
  ASSERT_TRUE(
      book().logbook()->database().run(QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")).ok());
  window.reset();
  const std::string file = folder.file("state") + "/logbook.sqlite";
  std::string bytes = test::read(file);
  ASSERT_GT(bytes.size(), 60000U);
  for (std::size_t at = bytes.size() - 9000; at < bytes.size() - 4000; ++at) {
    bytes[at] = '\x5A';
  }
  test::write(file, bytes);
  for (const auto& entry : std::filesystem::directory_iterator(folder.file("state"))) {
    if (entry.path().extension() == ".bak") {
      std::filesystem::remove(entry.path());
    }
  }
  reopen();
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return !window->model().trouble().isEmpty() || !book().saved().isEmpty(); }, 20000));
  if (book().saved().isEmpty()) {
    reopen();
  }
  EXPECT_NE(book().saved().toStdString().find("was damaged"), std::string::npos);
  EXPECT_GE(book().logbook()->count(), before / 2);
  reopen();
  EXPECT_TRUE(book().saved().isEmpty()) << "once";
}

TEST_F(Identity, WhatCouldNotBeOpenedAgainIsRefusedAndSaid) {
  typeReading("C2.w pair 1100 unplugged");
  for (const char* line : {"C2.w pair 9.91E37 unplugged", "C2.w pair -500 unplugged",
                           "C2.w pair 1100 at 300C", "C2.w pair 5555555555555555"}) {
    typeReading(line);
    EXPECT_EQ(job().evidence.size(), 1U) << line;
  }
  window->model().change(QStringLiteral("x"), [](job::Case& c) {
    c.limits[0].min = 5;
    c.limits[0].max = 1;
  });
  EXPECT_NE(label("notice").find("Not taken"), std::string::npos) << label("notice");
  EXPECT_NE(job().limits[0].min, 5);
}

}  // namespace
}  // namespace haybale::app
