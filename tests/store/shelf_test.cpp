// What a shop shares, and what it erases: in two files, brought together.
#include "store/shelf.h"

#include <QFile>
#include <fstream>

#include "core/job/case_json.h"
#include "store/good_shelf.h"
#include "store/logbook.h"
#include "store/logbook_sync.h"
#include "store/practice_log.h"
#include "store/salvage.h"
#include "store/shared_files.h"
#include "support/haybale_test.h"

namespace haybale::store {
namespace {

class ShelfOf : public testing::Test {
 protected:
  void SetUp() override {
    here = open("here.sqlite");
    there = open("there.sqlite");
  }
  std::unique_ptr<Logbook> open(const char* name) {
    auto opened = Logbook::open(path(name));
    EXPECT_TRUE(opened.ok());
    return opened ? std::move(*opened) : nullptr;
  }
  [[nodiscard]] QString path(const char* name) const {
    return QString::fromStdString(folder.file(name));
  }
  Shelf shelf(std::unique_ptr<Logbook>& book) { return Shelf(book->database()); }

  test::Folder folder;
  std::unique_ptr<Logbook> here;
  std::unique_ptr<Logbook> there;
};

const QString kKind = QStringLiteral("limits");

TEST_F(ShelfOf, TheLatestVersionOfANameIsThere) {
  ASSERT_HB_OK(shelf(here).put(kKind, QStringLiteral("a"), "one"));
  ASSERT_HB_OK(shelf(here).put(kKind, QStringLiteral("b"), "other"));
  ASSERT_HB_OK(shelf(here).put(kKind, QStringLiteral("a"), "two"));
  const auto all = shelf(here).all(kKind);
  ASSERT_HB_OK(all);
  ASSERT_EQ(all->size(), 2U);
  EXPECT_EQ(all->at(0).content, "other");
  EXPECT_EQ(all->at(1).content, "two") << "changed last, so last";
  EXPECT_TRUE(shelf(here).all(QStringLiteral("good"))->empty());
  ASSERT_HB_OK(shelf(here).remove(kKind, QStringLiteral("a")));
  ASSERT_HB_OK(shelf(here).remove(kKind, QStringLiteral("never there")));
  EXPECT_EQ(shelf(here).all(kKind)->size(), 1U);
  const auto gone = shelf(here).one(kKind, QStringLiteral("a"));
  ASSERT_FALSE(gone.ok());
  EXPECT_NE(gone.error().sentence().find("not on the shop's shelf"), std::string::npos);
  ASSERT_HB_OK(shelf(here).put(kKind, QStringLiteral("a"), "three"));
  EXPECT_EQ(shelf(here).one(kKind, QStringLiteral("a"))->content, "three");
}

TEST_F(ShelfOf, TwoBenchesShareWhatEitherPutThere) {
  ASSERT_HB_OK(shelf(here).put(kKind, QStringLiteral("ours"), "1"));
  ASSERT_HB_OK(shelf(there).put(kKind, QStringLiteral("theirs"), "2"));
  judging::GoodSample good;
  good.vehicle = "Hay wagon";
  good.value = 1100;
  ASSERT_HB_OK(GoodShelf(there->database()).keep(good));
  PracticeResult played;
  played.trainee = QStringLiteral("Mo");
  played.caseId = QStringLiteral("first");
  played.points = 88;
  played.brier = 0.04;
  played.when = QStringLiteral("2026-11-02T09:00:00Z");
  ASSERT_HB_OK(PracticeLog(there->database()).keep(played));
  const auto synced = syncAll(*here, *there);
  ASSERT_HB_OK(synced);
  EXPECT_EQ(synced->shared, 4);
  for (auto* book : {&here, &there}) {
    EXPECT_EQ(shelf(*book).all(kKind)->size(), 2U);
    EXPECT_EQ(GoodShelf((*book)->database()).find({})->size(), 1U);
    const auto results = PracticeLog((*book)->database()).all(QStringLiteral("Mo"));
    ASSERT_EQ(results->size(), 1U);
    EXPECT_EQ(results->front().points, 88);
    EXPECT_DOUBLE_EQ(results->front().brier, 0.04);
  }
  EXPECT_EQ(syncAll(*here, *there)->shared, 0) << "once is enough";
  // Taken off on one side, it is gone on both.
  ASSERT_HB_OK(shelf(there).remove(kKind, QStringLiteral("ours")));
  ASSERT_HB_OK(syncAll(*here, *there));
  EXPECT_EQ(shelf(here).all(kKind)->size(), 1U);
}

TEST_F(ShelfOf, SheetsAndMapsAreKnownByWhatIsInThem) {
  auto& db = here->database();
  test::write(folder.file("sheet.csv"), "quantity,min,max\ncoil-resistance,900,1300\n");
  test::write(folder.file("map.json"), R"({"format": "haybale-scan-map", "version": 1})");
  test::write(folder.file("poem.txt"), "hay is for horses\n");
  EXPECT_EQ(shareFile(db, path("sheet.csv")).value(), QStringLiteral("limits"));
  EXPECT_EQ(shareFile(db, path("map.json")).value(), QStringLiteral("scan-map"));
  const auto refused = shareFile(db, path("poem.txt"));
  ASSERT_FALSE(refused.ok());
  EXPECT_EQ(refused.error().sentence().find('\n'), std::string::npos);
  EXPECT_FALSE(shareFile(db, path("nothing.csv")).ok());
  const auto all = sharedFiles(db);
  ASSERT_HB_OK(all);
  ASSERT_EQ(all->size(), 2U);
  EXPECT_EQ(all->at(0).name, QStringLiteral("map.json"));
  EXPECT_EQ(sharedFile(db, QStringLiteral("sheet.csv"))->content.toStdString(),
            test::read(folder.file("sheet.csv")));
  // The same name, now a map: one thing, not two.
  test::write(folder.file("sheet.csv"), R"({"format": "haybale-scan-map", "version": 1})");
  ASSERT_HB_OK(shareFile(db, path("sheet.csv")));
  EXPECT_EQ(sharedFiles(db)->size(), 2U);
  EXPECT_EQ(sharedFile(db, QStringLiteral("sheet.csv"))->kind, QStringLiteral("scan-map"));
}

job::Case annas(int n) {
  job::Case c = job::newCase();
  c.title = "Job " + std::to_string(n) + " for Xanthippe Quillfeather";
  c.owner = "Xanthippe Quillfeather";
  c.plate = "QX 7788";
  c.complaint.text = "Quillfeather says: lamp after the ford";
  return c;
}

JobRow rowOf(const char* id) {
  JobRow row;
  row.id = QString::fromLatin1(id);
  row.changed = utcNow();
  row.headline = QStringLiteral("Still open");
  return row;
}

bool anywhereIn(const std::string& file, const char* word) {
  for (const char* part : {"", "-wal"}) {
    std::ifstream in(file + part, std::ios::binary);
    const std::string bytes((std::istreambuf_iterator<char>(in)), {});
    std::string lower;
    for (const char c : bytes) {
      lower += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    }
    if (lower.find(word) != std::string::npos) {
      return true;
    }
  }
  return false;
}

TEST_F(ShelfOf, WhatIsPersonalIsErasedFromEveryStateAndFromTheFile) {
  for (int n = 0; n < 3; ++n) {
    ASSERT_HB_OK(here->keep(rowOf("anna"), annas(n)));
  }
  job::Case other = job::newCase();
  other.title = "Somebody else's";
  ASSERT_HB_OK(here->keep(rowOf("other"), other));
  EXPECT_EQ(here->search({QStringLiteral("quillf"), {}, {}, {}, {}, {}})->size(), 1U);
  ASSERT_TRUE(anywhereIn(folder.file("here.sqlite"), "quillfeather"));
  EXPECT_EQ(here->erasePersonal(QStringLiteral("anna")).value(), 3);
  EXPECT_EQ(here->erasePersonal(QStringLiteral("anna")).value(), 0) << "nothing is left";
  const auto states = here->states(QStringLiteral("anna"));
  ASSERT_HB_OK(states);
  for (const auto& state : *states) {
    EXPECT_FALSE(state.content.toLower().contains("quillfeather"));
    EXPECT_FALSE(state.content.contains("7788"));
    EXPECT_TRUE(state.content.contains("lamp after the ford"));
  }
  EXPECT_EQ(here->row(QStringLiteral("anna"))->title, QStringLiteral("Job 2 for ..."));
  EXPECT_TRUE(here->search({QStringLiteral("quillf"), {}, {}, {}, {}, {}})->empty());
  EXPECT_EQ(here->search({QStringLiteral("ford"), {}, {}, {}, {}, {}})->size(), 1U);
  here.reset();
  EXPECT_FALSE(anywhereIn(folder.file("here.sqlite"), "quillfeather"))
      << "neither in free pages nor in the index";
}

TEST_F(ShelfOf, WhatWasErasedDoesNotComeBack) {
  ASSERT_HB_OK(here->keep(rowOf("anna"), annas(1)));
  ASSERT_HB_OK(syncAll(*here, *there));
  ASSERT_HB_OK(there->keep(rowOf("anna"), annas(2)));  // not brought over yet
  ASSERT_HB_OK(here->erasePersonal(QStringLiteral("anna")));
  const auto clean = [](Logbook& book) {
    const auto states = book.states(QStringLiteral("anna"));
    for (const auto& state : *states) {
      if (state.content.contains("Quillfeather") || state.content.contains("QX")) {
        return false;
      }
    }
    return true;
  };
  // A window that still has it open keeps it once more.
  ASSERT_HB_OK(here->keep(rowOf("anna"), annas(3)));
  EXPECT_TRUE(clean(*here));
  EXPECT_FALSE(clean(*there));
  ASSERT_HB_OK(syncAll(*here, *there));
  EXPECT_TRUE(clean(*here));
  EXPECT_TRUE(clean(*there)) << "the other bench erased it too";
  EXPECT_EQ(here->states(QStringLiteral("anna"))->size(),
            there->states(QStringLiteral("anna"))->size());
  // An old copy of the logbook comes in: without it.
  auto old = open("old.sqlite");
  ASSERT_HB_OK(old->keep(rowOf("anna"), annas(4)));
  ASSERT_HB_OK(mergeFrom(*old, *here));
  EXPECT_TRUE(clean(*here));
}

TEST_F(ShelfOf, TwoLogbooksAreMergedIntoOne) {
  ASSERT_HB_OK(there->keep(rowOf("a"), annas(1)));
  ASSERT_HB_OK(there->keep(rowOf("a"), annas(2)));
  ASSERT_HB_OK(shelf(there).put(kKind, QStringLiteral("theirs"), "2"));
  ASSERT_HB_OK(here->keep(rowOf("b"), annas(3)));
  const auto merged = mergeFrom(*there, *here);
  ASSERT_HB_OK(merged);
  EXPECT_EQ(merged->got, 2);
  EXPECT_EQ(merged->shared, 1);
  EXPECT_EQ(here->count(), 2);
  EXPECT_EQ(there->count(), 1) << "nothing goes back";
  EXPECT_EQ(here->states(QStringLiteral("a"))->size(), 2U);
}

// A file that was damaged gives back its shelf too, and what was erased stays so.
TEST_F(ShelfOf, IsSalvagedWithTheJobs) {
  ASSERT_HB_OK(here->keep(rowOf("anna"), annas(1)));
  ASSERT_HB_OK(here->erasePersonal(QStringLiteral("anna")));
  ASSERT_HB_OK(shelf(here).put(kKind, QStringLiteral("ours"), "1"));
  here.reset();
  const auto saved = salvage(path("here.sqlite"));
  ASSERT_HB_OK(saved);
  EXPECT_EQ(saved->states, 1);
  EXPECT_EQ(saved->lost, 0);
  here = open("here.sqlite");
  EXPECT_EQ(shelf(here).all(kKind)->size(), 1U);
  EXPECT_EQ(here->erased().value(), QStringList{QStringLiteral("anna")});
  ASSERT_HB_OK(here->keep(rowOf("anna"), annas(2)));
  EXPECT_FALSE(here->states(QStringLiteral("anna"))->back().content.contains("Quillfeather"));
}

}  // namespace
}  // namespace haybale::store
