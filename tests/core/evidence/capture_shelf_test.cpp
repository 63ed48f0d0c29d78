// The shelf of captures: each read once, large ones left to another thread, broken ones named.
#include "core/evidence/capture_shelf.h"

#include "core/capture/mapped_file.h"
#include "core/capture/open.h"
#include "core/signal/substitute.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {
namespace {

class Shelf : public testing::Test {
 protected:
  std::string spin(const std::string& name, double volts) {
    signal::Substitute wanted;
    wanted.kmh = [](double) { return 12.0; };
    wanted.topKmh = 12;
    wanted.peakToPeakV = volts;
    std::string file = folder.file(name);
    EXPECT_TRUE(capture::saveCapture(file, *signal::substitute(wanted)).ok());
    return file;
  }
  test::Folder folder;
  CaptureShelf shelf;
};

TEST_F(Shelf, ReadsAFileOnceAndAnalysesItOnce) {
  const auto file = spin("a.csv", 1);
  const auto first = shelf.load(file);
  ASSERT_HB_OK(first);
  test::write(file, "gone");
  const auto again = shelf.load(file);
  ASSERT_HB_OK(again);
  EXPECT_EQ(first->get(), again->get());
  const Wanted wanted{0, {}};
  EXPECT_EQ(shelf.analysis(file, *first, wanted).get(), shelf.analysis(file, *first, wanted).get());
  Wanted other = wanted;
  other.options.teeth = 43;
  EXPECT_NE(shelf.analysis(file, *first, wanted).get(), shelf.analysis(file, *first, other).get());
  EXPECT_EQ(shelf.pyramid(file, *first, 0).get(), shelf.pyramid(file, *first, 0).get());
}

TEST_F(Shelf, LeavesLargeFilesToAnotherThread) {
  const auto file = spin("large.csv", 1);
  shelf.deferAbove(1000);
  EXPECT_TRUE(shelf.wouldDefer(file));
  const auto waiting = shelf.load(file);
  ASSERT_FALSE(waiting);
  EXPECT_NE(waiting.error().what.find("is being read"), std::string::npos);
  EXPECT_EQ(shelf.takeDeferred(), std::vector<std::string>{file});
  EXPECT_TRUE(shelf.takeDeferred().empty()) << "named once";
  auto loaded = loadCapture(
      file,
      [](const capture::Record&) {
        return std::vector<Wanted>{{0, {}}};
      },
      nullptr);
  ASSERT_HB_OK(loaded);
  EXPECT_EQ(loaded->pyramids.size(), 1U);
  EXPECT_EQ(loaded->analyses.size(), 1U);
  shelf.put(file, std::move(*loaded));
  EXPECT_FALSE(shelf.wouldDefer(file));
  EXPECT_TRUE(shelf.load(file).ok());
}

TEST_F(Shelf, SaysWhyAFileIsNotThereUntilItIs) {
  const auto file = folder.file("none.csv");
  EXPECT_FALSE(shelf.load(file));
  shelf.refuse(file, Error{file, std::nullopt, "reading was cancelled", ""});
  EXPECT_NE(shelf.load(file).error().what.find("cancelled"), std::string::npos);
  auto record = std::make_shared<capture::Record>();
  record->channels.push_back({"x", units::Unit::volt, {1, 2, 3}});
  shelf.put(file, record);
  EXPECT_TRUE(shelf.load(file).ok());
}

TEST_F(Shelf, ACancelledReadingGivesNothing) {
  const auto file = spin("b.csv", 1);
  Progress progress;
  progress.cancel();
  const auto loaded = loadCapture(
      file, [](const capture::Record&) { return std::vector<Wanted>{}; }, &progress);
  ASSERT_FALSE(loaded);
  EXPECT_NE(loaded.error().what.find("cancelled"), std::string::npos);
}

TEST_F(Shelf, MapsAFileAndNamesWhatIsNone) {
  test::write(folder.file("t"), "twelve bytes");
  const auto file = capture::MappedFile::open(folder.file("t"));
  ASSERT_HB_OK(file);
  EXPECT_EQ(file->bytes(), "twelve bytes");
  file->forget(0, 12);
  EXPECT_EQ(file->bytes(), "twelve bytes") << "forgotten pages come back";
  test::write(folder.file("empty"), "");
  const auto empty = capture::MappedFile::open(folder.file("empty"));
  ASSERT_HB_OK(empty);
  EXPECT_TRUE(empty->bytes().empty());
  EXPECT_FALSE(capture::MappedFile::open(folder.path()));
  EXPECT_FALSE(capture::MappedFile::open(folder.file("missing")));
}

}  // namespace
}  // namespace haybale::diagnosis
