// What the user says about a CSV file against what is recognised; and how large files of other
// kinds are told of and cancelled.
#include "core/capture/csv_hints.h"

#include <filesystem>
#include <fstream>
#include <thread>

#include "core/capture/csv_preview.h"
#include "core/capture/open.h"
#include "support/haybale_test.h"

namespace haybale::capture {
namespace {

class CsvHint : public testing::Test {
 protected:
  std::string write(const std::string& name, const std::string& text) {
    const auto path = folder_.file(name);
    test::write(path, text);
    return path;
  }
  test::Folder folder_;
};

// Two ways to read it that are both right: one column of numbers with a decimal comma, or two.
TEST_F(CsvHint, SettlesWhatTheFileLeavesOpen) {
  const std::string text = "0,5\n1,5\n2,5\n3,5\n";
  CsvOptions options;
  options.sampleRateHz = 1000;
  const auto guessed = readCsv(text, "x.csv", options);
  ASSERT_HB_OK(guessed);
  EXPECT_EQ(guessed->channels.size(), 2U);
  options.hints.decimal = ',';
  options.hints.separator = ';';
  const auto told = readCsv(text, "x.csv", options);
  ASSERT_HB_OK(told);
  ASSERT_EQ(told->channels.size(), 1U);
  EXPECT_FLOAT_EQ(told->channels[0].samples[1], 1.5F);
}

TEST_F(CsvHint, NamesTimeColumnUnitsAndRate) {
  const std::string text = "reading,when\n10,0\n20,2\n30,4\n40,6\n";
  CsvOptions options;
  options.hints.timeColumn = 2;
  options.hints.timeUnit = "ms";
  options.hints.channelUnit = "mA";
  const auto record = readCsv(text, "x.csv", options);
  ASSERT_HB_OK(record);
  EXPECT_NEAR(record->time.stepS, 2e-3, 1e-12);
  ASSERT_EQ(record->channels.size(), 1U);
  EXPECT_EQ(record->channels[0].unit, units::Unit::ampere);
  EXPECT_FLOAT_EQ(record->channels[0].samples[3], 0.04F);

  options.hints.timeColumn = 0;
  options.hints.sampleRateHz = 500;
  const auto even = readCsv(text, "x.csv", options);
  ASSERT_HB_OK(even);
  EXPECT_EQ(even->channels.size(), 2U) << "no column is the time";
  EXPECT_NEAR(even->time.stepS, 2e-3, 1e-12);
}

TEST_F(CsvHint, SkipsLinesThatLookLikeData) {
  const std::string text = "7,7\n8,8\nTime [s],V\n0,1\n0.1,2\n0.2,3\n";
  CsvOptions options;
  options.hints.firstRow = 4;
  const auto record = readCsv(text, "x.csv", options);
  ASSERT_HB_OK(record);
  EXPECT_EQ(record->size(), 3U);
  EXPECT_NEAR(record->time.stepS, 0.1, 1e-12);
  options.hints.firstRow = 3;
  const auto words = readCsv(text, "x.csv", options);
  ASSERT_FALSE(words);
  EXPECT_EQ(words.error().line, 3U);
}

TEST_F(CsvHint, AreKeptNextToTheCaptureAndRead) {
  const auto path = write("logger.csv", "a,b\n1,2\n3,4\n5,6\n2,7\n");
  ASSERT_FALSE(openCapture(path)) << "no time and no rate";
  CsvHints hints;
  hints.sampleRateHz = 250;
  hints.separator = ',';
  hints.channelUnit = "mV";
  ASSERT_HB_OK(writeHints(path, hints));
  const auto back = readHints(path);
  ASSERT_HB_OK(back);
  EXPECT_EQ(*back, hints);
  const auto record = openCapture(path);
  ASSERT_HB_OK(record);
  EXPECT_NEAR(record->time.stepS, 4e-3, 1e-12);
  EXPECT_FLOAT_EQ(record->channels[1].samples[3], 7e-3F);
  ASSERT_HB_OK(writeHints(path, {}));
  EXPECT_FALSE(std::filesystem::exists(sideFileOf(path)));
}

TEST_F(CsvHint, OfASideFileThatIsNotSoundAreLeftAside) {
  const auto path = write("x.csv", "Time [s],V\n0,1\n0.1,2\n0.2,3\n");
  for (const char* text : {"{", "[]", R"({"separator": "x"})", R"({"time_unit": "V"})",
                           R"({"first_row": -2})", R"({"unit": "ms"})", R"({"decimal": 3})"}) {
    write("x.csv.json", text);
    EXPECT_FALSE(readHints(path)) << text;
    const auto record = openCapture(path);
    ASSERT_HB_OK(record);
    EXPECT_EQ(record->size(), 3U);
    ASSERT_FALSE(record->remarks.empty()) << text;
    EXPECT_NE(record->remarks.back().find("x.csv.json"), std::string::npos) << text;
  }
  // Another program's side file says nothing of ours.
  write("x.csv.json", R"({"operator": "Nan"})");
  const auto record = openCapture(path);
  ASSERT_HB_OK(record);
  EXPECT_TRUE(record->remarks.empty());
}

TEST_F(CsvHint, LeaveWhatAnotherProgramKeepsThere) {
  const auto path = write("x.csv", "Time [s],V\n0,1\n0.1,2\n0.2,3\n");
  write("x.csv.json", R"({"operator": "Nan"})");
  CsvHints hints;
  hints.channelUnit = "mV";
  ASSERT_HB_OK(writeHints(path, hints));
  EXPECT_EQ(*readHints(path), hints);
  ASSERT_HB_OK(writeHints(path, {}));
  std::ifstream left(sideFileOf(path));
  const std::string text((std::istreambuf_iterator<char>(left)), {});
  EXPECT_NE(text.find("Nan"), std::string::npos) << text;
  EXPECT_EQ(text.find("unit"), std::string::npos) << text;
  write("x.csv.json", "their notes");
  EXPECT_FALSE(writeHints(path, hints));
  EXPECT_FALSE(writeHints(path, {}));
  EXPECT_TRUE(std::filesystem::exists(sideFileOf(path)));
}

TEST_F(CsvHint, PreviewShowsRowsAndDoubts) {
  const auto path = write("x.csv", "Yard 3\nt,CH1\n0,0.1\n1,0.2\n2,0.3\n");
  const auto preview = previewCsv(path, {});
  ASSERT_HB_OK(preview);
  ASSERT_HB_OK(preview->dialect);
  EXPECT_EQ(preview->dialect->firstRow, 3U);
  EXPECT_EQ(preview->dialect->timeColumn, 0U);
  EXPECT_FALSE(preview->needsRate);
  ASSERT_EQ(preview->rows.size(), 5U);
  EXPECT_EQ(preview->rows[2].number, 3U);
  EXPECT_EQ(preview->rows[2].cells, (std::vector<std::string>{"0", "0.1"}));
  ASSERT_EQ(preview->dialect->doubts.size(), 2U);
  EXPECT_NE(preview->dialect->doubts[0].find("seconds"), std::string::npos);
  EXPECT_NE(preview->dialect->doubts[1].find("volts"), std::string::npos);
  CsvHints said;
  said.timeUnit = "ms";
  said.channelUnit = "V";
  EXPECT_TRUE(previewCsv(path, said)->dialect->doubts.empty()) << "nothing is left to doubt";
}

TEST_F(CsvHint, PreviewOfNoTableShowsTheLinesAsTheyAre) {
  const auto path = write("x.csv", "one;two\nthree;four\n");
  const auto preview = previewCsv(path, {});
  ASSERT_HB_OK(preview);
  EXPECT_FALSE(preview->dialect);
  EXPECT_FALSE(preview->worthAsking) << "nobody can make a capture of it";
  EXPECT_TRUE(previewCsv(write("y.csv", "1 2 3\n4 5 6\n7 8 9\n"), {})->worthAsking);
  ASSERT_EQ(preview->rows.size(), 2U);
  EXPECT_EQ(preview->rows[0].cells.size(), 1U);
  CsvHints semicolon;
  semicolon.separator = ';';
  EXPECT_EQ(previewCsv(path, semicolon)->rows[0].cells.size(), 2U);
  EXPECT_FALSE(previewCsv(folder_.file("none.csv"), {}));
}

// Cancelled as soon as the first progress is seen, and read whole when it is not.
void expectToldAndCancelled(const std::string& path) {
  Progress progress;
  OpenOptions options;
  options.progress = &progress;
  const auto whole = openCapture(path, options);
  ASSERT_HB_OK(whole);
  EXPECT_GT(progress.share(), 0.9);
  progress.reset();
  progress.cancel();
  const auto stopped = openCapture(path, options);
  ASSERT_FALSE(stopped);
  EXPECT_EQ(stopped.error().what, "reading was cancelled");
}

TEST_F(CsvHint, WavAndDumpTellHowFarTheyAreAndStop) {
  Record record;
  record.time.stepS = 1e-4;
  record.channels.push_back({"RR", units::Unit::volt, std::vector<float>(300'000, 0.25F)});
  const auto wav = folder_.file("x.wav");
  ASSERT_HB_OK(saveCapture(wav, record));
  expectToldAndCancelled(wav);

  std::string dump = "$timescale 1 us $end\n$var wire 1 ! RR $end\n$enddefinitions $end\n";
  for (int i = 0; i < 100'000; ++i) {
    dump += "#" + std::to_string(10 * i) + "\n" + (i % 2 == 0 ? "1!\n" : "0!\n");
  }
  expectToldAndCancelled(write("x.vcd", dump));
}

}  // namespace
}  // namespace haybale::capture
