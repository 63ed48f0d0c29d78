// Damaged logbooks: what can be read is brought over, the damaged file is never overwritten, copies
// help.
#include "store/salvage.h"

#include <QDir>
#include <QFile>
#include <cstdlib>
#include <random>

#include "core/job/case_json.h"
#include "support/haybale_test.h"

namespace haybale::store {
namespace {

constexpr int kJobs = 40;

class Damaged : public testing::Test {
 protected:
  void SetUp() override {
    auto book = Logbook::open(file());
    ASSERT_HB_OK(book);
    for (int n = 0; n < kJobs; ++n) {
      JobRow row;
      row.id = QStringLiteral("job-%1").arg(n);
      row.changed = utcNow();
      job::Case c = job::newCase();
      c.title = "Job number" + std::to_string(n);
      ASSERT_HB_OK((*book)->keep(row, c));
    }
    // All of it in the file itself.
    ASSERT_TRUE((*book)->database().run(QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")).ok());
  }
  [[nodiscard]] QString file() const { return QString::fromStdString(folder.file("book.sqlite")); }
  [[nodiscard]] std::string bytes() const { return test::read(folder.file("book.sqlite")); }
  void damage(const std::string& with) {
    for (const char* part : {"-wal", "-shm"}) {
      QFile::remove(file() + QLatin1String(part));
    }
    test::write(folder.file("book.sqlite"), with);
  }
  test::Folder folder;
};

TEST_F(Damaged, WhatCanBeReadIsBroughtOverAndTheFileIsPutAside) {
  std::string broken = bytes();
  ASSERT_TRUE(isSound(file()));
  // Two pages somewhere in the middle.
  for (std::size_t at = broken.size() / 2; at < broken.size() / 2 + 8192; ++at) {
    broken[at] = '\x5A';
  }
  damage(broken);
  ASSERT_FALSE(isSound(file()));
  const auto saved = salvage(file());
  ASSERT_HB_OK(saved);
  EXPECT_EQ(test::read(saved->aside.toStdString()), broken) << "the damaged file stays as it was";
  auto book = Logbook::open(file());
  ASSERT_HB_OK(book);
  EXPECT_GT((*book)->count(), kJobs / 2) << saved->lost << " lost";
  EXPECT_TRUE(isSound(file()));
}

TEST_F(Damaged, TheDaysCopyGivesBackTheRest) {
  ASSERT_HB_OK(backUp(file()));
  damage("no database at all, but hay");
  const auto saved = salvage(file());
  ASSERT_HB_OK(saved);
  EXPECT_FALSE(saved->fromBackup.isEmpty());
  auto book = Logbook::open(file());
  ASSERT_HB_OK(book);
  EXPECT_EQ((*book)->count(), kJobs);
}

TEST_F(Damaged, OnlyTheLastCopiesAreKept) {
  for (int day = 10; day < 20; ++day) {
    test::write(folder.file("book.sqlite.2026-10-" + std::to_string(day) + ".bak"), "old");
  }
  ASSERT_HB_OK(backUp(file(), 3));
  const auto left =
      QDir(QString::fromStdString(folder.path())).entryList({QStringLiteral("*.bak")});
  EXPECT_EQ(left.size(), 3);
  EXPECT_TRUE(left.contains(QStringLiteral("book.sqlite.2026-10-19.bak")));
}

// A byte turned anywhere: it opens, or it is salvaged; what opens never crashes nor hangs.
TEST_F(Damaged, AnyByteTurnedLeavesALogbookThatOpens) {
  const char* asked = std::getenv("HAYBALE_FLIPS");
  const int flips = asked ? std::atoi(asked) : 60;
  const std::string sound = bytes();
  std::mt19937 random(5);
  int salvaged = 0;
  for (int n = 0; n < flips; ++n) {
    std::string broken = sound;
    broken[random() % (random() % 4 == 0 ? 200 : broken.size())] ^=
        static_cast<char>(1 + random() % 255);
    damage(broken);
    auto opened = Logbook::open(file());
    bool whole = opened.ok() && isSound(file());
    if (!whole) {
      ++salvaged;
      if (opened) {
        opened->reset();
      }
      const auto saved = salvage(file());
      ASSERT_TRUE(saved.ok()) << n << ": " << saved.error().sentence();
      opened = Logbook::open(file());
      ASSERT_TRUE(opened.ok()) << n << ": " << opened.error().sentence();
    }
    const auto rows = (*opened)->search({}, 1000);
    ASSERT_TRUE(rows.ok()) << n;
    for (const auto& row : *rows) {
      (void)(*opened)->load(row.id);  // may be an error, never a crash
    }
  }
  std::printf("%d of %d salvaged\n", salvaged, flips);
}

}  // namespace
}  // namespace haybale::store
