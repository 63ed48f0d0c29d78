// A file is whole or not there. What rename, fsync and file modes do: POSIX.1-2017 (from memory).
#include "core/base/atomic_file.h"

#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <thread>
#include <vector>

#include "support/haybale_test.h"

namespace haybale::job {
namespace {

namespace fs = std::filesystem;

std::size_t filesIn(const std::string& folder) {
  return static_cast<std::size_t>(
      std::distance(fs::directory_iterator(folder), fs::directory_iterator()));
}

TEST(AtomicFile, HoldsWhatWasWrittenLast) {
  const test::Folder folder;
  const auto path = folder.file("job");
  ASSERT_HB_OK(writeFileAtomically(path, "first"));
  ASSERT_HB_OK(writeFileAtomically(path, std::string("a\0b\xFF", 4)));
  EXPECT_EQ(test::read(path), std::string("a\0b\xFF", 4));
  const auto back = readFile(path);
  ASSERT_HB_OK(back);
  EXPECT_EQ(*back, std::string("a\0b\xFF", 4));
  EXPECT_EQ(filesIn(folder.path()), 1U) << "nothing is left beside it";
}

TEST(AtomicFile, KeepsTheModeOfTheOldOne) {
  const test::Folder folder;
  const auto path = folder.file("job");
  test::write(path, "old");
  ASSERT_EQ(::chmod(path.c_str(), 0640), 0);
  ASSERT_HB_OK(writeFileAtomically(path, "new"));
  struct stat info {};
  ASSERT_EQ(::stat(path.c_str(), &info), 0);
  EXPECT_EQ(info.st_mode & 0777U, 0640U);
}

TEST(AtomicFile, AWriterThatFailsLeavesTheOldOneAlone) {
  const test::Folder folder;
  const auto path = folder.file("job");
  test::write(path, "old");
  const auto status = replaceFile(path, [](const std::string& beside) -> Status {
    test::write(beside, "half of it");
    return Error{beside, std::nullopt, "did not end", ""};
  });
  ASSERT_FALSE(status.ok());
  EXPECT_EQ(status.error().what, "did not end");
  EXPECT_EQ(test::read(path), "old");
  EXPECT_EQ(filesIn(folder.path()), 1U);
}

// At any moment of the writer's life there is the old content or the new, never a part.
TEST(AtomicFile, AReaderNeverSeesHalfOfIt) {
  const test::Folder folder;
  const auto path = folder.file("job");
  const std::string a(200000, 'a'), b(150000, 'b');
  test::write(path, a);
  std::thread writer([&] {
    for (int i = 0; i < 60; ++i) {
      EXPECT_TRUE(writeFileAtomically(path, i % 2 == 0 ? b : a, false).ok());
    }
  });
  for (int i = 0; i < 300; ++i) {
    const auto seen = readFile(path);
    ASSERT_HB_OK(seen);
    ASSERT_TRUE(*seen == a || *seen == b) << seen->size();
  }
  writer.join();
}

// Two programs that save at once: one of the two is there in the end, and nothing beside it.
TEST(AtomicFile, TwoWritersDoNotMixTheirBytes) {
  const test::Folder folder;
  const auto path = folder.file("job");
  std::vector<std::thread> writers;
  for (const char letter : {'x', 'y', 'z'}) {
    writers.emplace_back([&path, letter] {
      for (int i = 0; i < 30; ++i) {
        EXPECT_TRUE(writeFileAtomically(path, std::string(5000, letter), false).ok());
      }
    });
  }
  for (auto& w : writers) {
    w.join();
  }
  const std::string last = test::read(path);
  ASSERT_EQ(last.size(), 5000U);
  EXPECT_EQ(last, std::string(5000, last.front()));
  EXPECT_EQ(filesIn(folder.path()), 1U);
}

TEST(AtomicFile, RefusesWhatIsNoFileOfThisFolder) {
  const test::Folder folder, elsewhere;
  fs::create_directory(folder.file("folder"));
  ASSERT_EQ(::mkfifo(folder.file("pipe").c_str(), 0600), 0);
  test::write(elsewhere.file("theirs"), "theirs");
  fs::create_symlink(elsewhere.file("theirs"), folder.file("link"));
  for (const std::string name : {"folder", "pipe", "link", "no/such/folder"}) {
    const auto status = writeFileAtomically(folder.file(name), "mine");
    ASSERT_FALSE(status.ok()) << name;
    EXPECT_NE(status.error().sentence().find(name), std::string::npos);
  }
  EXPECT_FALSE(writeFileAtomically("/dev/null", "mine").ok());
  EXPECT_EQ(test::read(elsewhere.file("theirs")), "theirs");
  EXPECT_TRUE(fs::is_fifo(folder.file("pipe")));
}

TEST(AtomicFile, ReadsNoFolderAndNothingThatIsMissing) {
  const test::Folder folder;
  for (const auto& path : {folder.path(), folder.file("missing")}) {
    const auto read = readFile(path);
    ASSERT_FALSE(read.ok());
    EXPECT_NE(read.error().sentence().find(path), std::string::npos);
  }
  EXPECT_EQ(readFile(folder.path()).ok(), false);
}

TEST(AtomicFile, ReadsUpTo64Megabytes) {
  const test::Folder folder;
  const auto path = folder.file("large");
  test::write(path, "");
  fs::resize_file(path, 64U << 20U);
  EXPECT_TRUE(readFile(path).ok());
  fs::resize_file(path, (64U << 20U) + 1);
  EXPECT_FALSE(readFile(path).ok());
}

}  // namespace
}  // namespace haybale::job
