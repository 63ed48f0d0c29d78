// Files of several pieces: read on all cores, they say the same as line by line.
#include <fmt/format.h>
#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "core/capture/csv.h"
#include "core/capture/csv_dialect.h"
#include "core/capture/csv_table.h"
#include "support/haybale_test.h"

namespace haybale::capture {
namespace {

// About 9 MB, two pieces and a bit; every 1000th cell is written in another way.
struct Large {
  std::string text;
  std::vector<float> values;
};

Large largeFile(const char* lineEnd, char separator, char point) {
  Large out;
  std::mt19937 random(7);
  out.text = fmt::format("Time (s){}CH1 (V){}", separator, lineEnd);
  constexpr std::size_t kRows = 520000;
  for (std::size_t i = 0; i < kRows; ++i) {
    const double v = (static_cast<double>(random() % 4000001) - 2e6) * 1e-5;
    std::string cell = i % 1000 == 17   ? fmt::format("{:.9e}", v)
                       : i % 1000 == 18 ? fmt::format(" {:.5f} ", v)
                       : i % 1000 == 19 ? fmt::format("\"{:.5f}\"", v)
                       : i % 1000 == 20 ? std::string("OL")
                       : i % 1000 == 21 ? fmt::format("+{:.0f}", std::abs(v))
                                        : fmt::format("{:.5f}", v);
    std::string time = fmt::format("{:.5f}", static_cast<double>(i) * 1e-4);
    if (point != '.') {
      std::replace(cell.begin(), cell.end(), '.', point);
      std::replace(time.begin(), time.end(), '.', point);
    }
    out.text += fmt::format("{}{}{}{}", time, separator, cell, lineEnd);
    out.values.push_back(i % 1000 == 20 ? std::nanf("")
                         : i % 1000 == 21
                             ? static_cast<float>(std::stod(fmt::format("{:.0f}", std::abs(v))))
                             : static_cast<float>(v));
  }
  return out;
}

void expectSame(const Result<Record>& record, const std::vector<float>& values) {
  ASSERT_TRUE(record) << record.error().sentence();
  ASSERT_EQ(record->size(), values.size());
  EXPECT_TRUE(record->time.uniform());
  EXPECT_NEAR(record->time.stepS, 1e-4, 1e-12);
  const auto& samples = record->channels.at(0).samples;
  for (std::size_t i = 0; i < values.size(); ++i) {
    if (std::isnan(values[i])) {
      ASSERT_TRUE(std::isnan(samples[i])) << "row " << i;
    } else {
      ASSERT_NEAR(samples[i], values[i], 2e-6) << "row " << i;
    }
  }
}

TEST(LargeCsv, ReadsEveryRowWhateverItsLayout) {
  const Large file = largeFile("\n", ',', '.');
  ASSERT_GT(file.text.size(), 8U << 20);
  expectSame(readCsv(file.text, "large.csv"), file.values);
}

TEST(LargeCsv, ReadsCarriageReturnsAndDecimalCommas) {
  const Large file = largeFile("\r\n", ';', ',');
  expectSame(readCsv(file.text, "large.csv"), file.values);
}

TEST(LargeCsv, NamesBrokenRowsOfAnyPieceByTheirLine) {
  Large file = largeFile("\n", ',', '.');
  const std::size_t at = file.text.find("\n41.00000,");
  file.text.replace(at + 1, 9, "4x");
  const auto record = readCsv(file.text, "large.csv");
  ASSERT_TRUE(record);
  ASSERT_EQ(record->remarks.size(), 1U);
  EXPECT_NE(record->remarks[0].find("line 410002:"), std::string::npos) << record->remarks[0];
  EXPECT_EQ(record->size(), file.values.size());
}

TEST(LargeCsv, NamesTheLineAtWhichTimeTurnsBack) {
  Large file = largeFile("\n", ',', '.');
  const std::size_t at = file.text.find("\n41.00000,");
  file.text.replace(at + 1, 8, "40.00000");
  const auto record = readCsv(file.text, "large.csv");
  ASSERT_FALSE(record);
  EXPECT_EQ(record.error().line, std::optional<std::size_t>(410002));
  EXPECT_NE(record.error().what.find("backwards"), std::string::npos);
}

TEST(LargeCsv, LeavesOutTextBehindTheTableAndBlankLines) {
  Large file = largeFile("\n", ',', '.');
  file.text.insert(file.text.find("\n41.00000,"), "\n\n  ");
  file.text += "end of record\n";
  const auto record = readCsv(file.text, "large.csv");
  expectSame(record, file.values);
  ASSERT_EQ(record->remarks.size(), 1U);
  EXPECT_NE(record->remarks[0].find("text after the last row"), std::string::npos);
}

TEST(LargeCsv, StopsWhenToldTo) {
  const Large file = largeFile("\n", ',', '.');
  Progress progress;
  progress.cancel();
  CsvOptions options;
  options.progress = &progress;
  const auto record = readCsv(file.text, "large.csv", options);
  ASSERT_FALSE(record);
  EXPECT_NE(record.error().what.find("cancelled"), std::string::npos);
}

TEST(LargeCsv, SaysHowFarItIs) {
  const Large file = largeFile("\n", ',', '.');
  Progress progress;
  CsvOptions options;
  options.progress = &progress;
  ASSERT_TRUE(readCsv(file.text, "large.csv", options));
  EXPECT_DOUBLE_EQ(progress.share(), 1);
}

// A file that another program writes to between the counting of its rows and the reading of them:
// what it says by then does not fit the room that was made. (The heap was written beyond its end.)
TEST(CsvChanged, MoreOrFewerRowsThanWereCountedAreAnErrorAndNothingElse) {
  const std::string name = "growing.csv";
  for (const auto& [before, after] :
       {std::pair{std::string("0.001,1.25\n"), std::string("0,1\n1,2\n2,3")},
        std::pair{std::string("0,1\n1,2\n2,3"), std::string("0.001,1.25\n")}}) {
    std::string data;
    for (int i = 0; i < 200000; ++i) {
      data += before;
      data += before.ends_with('\n') ? "" : "\n";
    }
    const auto dialect = csv::recognise(data, name, {});
    ASSERT_HB_OK(dialect);
    int passes = 0;
    csv::TableInput input{*dialect, data, name, std::nullopt, nullptr, {}};
    input.forget = [&, &replaced = after](std::size_t, std::size_t) {
      if (passes++ == 0) {
        for (std::size_t at = 0; at + replaced.size() < data.size(); at += replaced.size()) {
          std::copy(replaced.begin(), replaced.end(),
                    data.begin() + static_cast<std::ptrdiff_t>(at));
        }
      }
    };
    const auto table = csv::readTable(input);
    ASSERT_FALSE(table);
    EXPECT_NE(table.error().sentence().find("while it was read"), std::string::npos);
  }
}

}  // namespace
}  // namespace haybale::capture
