#include "core/capture/csv.h"

#include <cmath>

#include "support/haybale_test.h"

namespace haybale::capture {
namespace {

struct Variant {
  const char* name;
  std::string text;
  std::size_t rows = 4;
  double stepS = 1e-3;
  double second = 0.5;  // second sample of the first channel, in its base unit
  units::Unit unit = units::Unit::volt;
};

class CsvVariant : public testing::TestWithParam<Variant> {};

TEST_P(CsvVariant, IsRecognisedWithoutBeingTold) {
  const auto& v = GetParam();
  const auto record = readCsv(v.text, "x.csv");
  ASSERT_HB_OK(record);
  EXPECT_EQ(record->size(), v.rows);
  EXPECT_NEAR(record->time.stepS, v.stepS, 1e-9);
  EXPECT_NEAR(record->channels.at(0).samples.at(1), v.second, 1e-6);
  EXPECT_EQ(record->channels.at(0).unit, v.unit);
}

std::string utf16(const std::string& ascii) {
  std::string out = "\xFF\xFE";
  for (const char c : ascii) {
    out += c;
    out += '\0';
  }
  return out;
}

const std::string kPlain = "Time [s],CH1 [V]\n0,0\n0.001,0.5\n0.002,1\n0.003,0.5\n";

INSTANTIATE_TEST_SUITE_P(
    AsScopesWriteThem, CsvVariant,
    testing::Values(
        Variant{"plain", kPlain},
        Variant{"crlf", "Time [s],CH1 [V]\r\n0,0\r\n0.001,0.5\r\n0.002,1\r\n0.003,0.5\r\n"},
        Variant{"bom", "\xEF\xBB\xBF" + kPlain}, Variant{"utf16", utf16(kPlain)},
        Variant{"semicolon decimal comma",
                "Time;Channel A\n(ms);(mV)\n\n0,0;0\n1,0;500,0\n2,0;1000\n3,0;500\n"},
        Variant{"tab", "t (us)\tA (V)\n0\t0\n1000\t0.5\n2000\t1\n3000\t0.5\n"},
        Variant{
            "quoted decimal comma",
            "\"Time (s)\",\"RR "
            "(V)\"\n\"0,000\",\"0\"\n\"0,001\",\"0,5\"\n\"0,002\",\"1,0\"\n\"0,003\",\"0,5\"\n"},
        Variant{"preamble rate",
                "Recorder 7\nSample rate: 1000 Hz\nOperator,Nan\nCH1 (V)\n0\n0.5\n1\n0.5\n"},
        Variant{"preamble interval",
                "Sample Interval,1.0E-3,s\nRecord Length,4\n\nCH1,CH2\n0,1\n0.5,2\n1,3\n0.5,4\n"},
        Variant{"preamble kilo samples", "#rate\nSampling Rate = 1 kS/s\nCH1\n0\n0.5\n1.0\n0.5\n"},
        Variant{"nanoseconds and amperes",
                "time (ns),I (mA)\n0,7\n1000000,14\n2000000,7\n3000000,14\n", 4, 1e-3, 0.014,
                units::Unit::ampere},
        Variant{"no heading", "0,0\n0.001,0.5\n0.002,1\n0.003,0.5\n"},
        Variant{"units alone", "x-axis,1\nsecond,Volt\n0,0\n0.001,0.5\n0.002,1\n0.003,0.5\n"},
        Variant{"scientific", "Time,V\n0.0E+00,0\n1.0E-03,+5.0e-1\n2.0E-03,1\n3.0E-03,.5\n"},
        Variant{"trailing separators", "Time (s),A (V),\n0,0,\n0.001,0.5,\n0.002,1,\n0.003,0.5,\n"},
        Variant{"carriage returns only", "Time [s],CH1 [V]\r0,0\r0.001,0.5\r0.002,1\r0.003,0.5\r"},
        Variant{"negative start", "Time (ms),CH1 (V)\n-1,0\n0,0.5\n1,1\n2,0.5\n"}),
    [](const auto& p) {
      std::string name = p.param.name;
      std::replace(name.begin(), name.end(), ' ', '_');
      return name;
    });

// Millivolts to five digits: where a switch is off they have no decimals, and read either way.
TEST(Csv, RowsThatReadEitherWayDoNotSettleTheDecimalSign) {
  std::string text = "\"Time\"\t\"FL\"\n\"(us)\"\t\"(mV)\"\n";
  for (int i = 0; i < 900; ++i) {
    text += std::to_string(20 * i) + (i < 7 ? "\t211,26\n" : "\t11805\n");
  }
  const auto record = readCsv(text, "x.csv");
  ASSERT_HB_OK(record);
  EXPECT_EQ(record->size(), 900U);
  EXPECT_NEAR(record->time.stepS, 20e-6, 1e-12);
  EXPECT_NEAR(record->channels.at(0).samples.at(1), 0.21126, 1e-6);
  EXPECT_NEAR(record->channels.at(0).samples.at(800), 11.805, 1e-6);
}

TEST(Csv, OverRangeMarkersAndEmptyCellsAreGapsNeverZero) {
  const auto record = readCsv(
      "Time (s),V "
      "(V)\n0,1\n0.001,OL\n0.002,---\n0.003,\n0.004,inf\n0.005,\xE2\x88\x9E\n0.006,-inf\n0.007,2\n",
      "x");
  ASSERT_HB_OK(record);
  ASSERT_EQ(record->size(), 8U);
  for (std::size_t i = 1; i < 7; ++i) {
    EXPECT_TRUE(std::isnan(record->channels[0].samples[i])) << i;
  }
  EXPECT_TRUE(record->remarks.empty()) << "a marker is not a broken cell";
}

TEST(Csv, BrokenRowsAreKeptAsGapsAndNamed) {
  const auto record =
      readCsv("Time (s),V\n0,1\n0.001,1\n0.002,abc\ngarbage here\n0.004,1\n0.005,1\n", "x");
  ASSERT_HB_OK(record);
  EXPECT_EQ(record->size(), 6U);
  ASSERT_EQ(record->remarks.size(), 2U);
  EXPECT_NE(record->remarks[0].find("line 4"), std::string::npos);
  EXPECT_NE(record->remarks[1].find("line 5"), std::string::npos);
  EXPECT_NEAR(record->time.at(3), 0.003, 1e-9) << "a lost row lies between its neighbours";
}

TEST(Csv, TimeThatDoesNotGoOnIsAnErrorWithItsLine) {
  const auto still = readCsv("Time (s),V\n0,1\n0.001,1\n0.001,1\n0.003,1\n", "x.csv");
  ASSERT_FALSE(still.ok());
  EXPECT_EQ(still.error().line, 4U);
  EXPECT_NE(still.error().what.find("stands still"), std::string::npos);
  const auto back = readCsv("Time (s),V\n0,1\n0.002,1\n0.001,1\n", "x.csv");
  ASSERT_FALSE(back.ok());
  EXPECT_NE(back.error().what.find("runs backwards"), std::string::npos);
}

TEST(Csv, UnevenStepsAreKeptAsRecordedAndSaid) {
  const auto record = readCsv("Time (s),V\n0,1\n0.001,2\n0.004,3\n0.0045,4\n", "x");
  ASSERT_HB_OK(record);
  EXPECT_FALSE(record->time.uniform());
  EXPECT_DOUBLE_EQ(record->time.at(2), 0.004);
  ASSERT_EQ(record->remarks.size(), 1U);
  EXPECT_NE(record->remarks[0].find("not uniform"), std::string::npos);
}

TEST(Csv, WithoutTimeOrRateTheRateIsAskedFor) {
  const std::string text = "CH1 (V)\n1\n2\n1\n";
  ASSERT_FALSE(readCsv(text, "x").ok());
  EXPECT_NE(readCsv(text, "x").error().wanted.find("--sample-rate"), std::string::npos);
  CsvOptions options;
  options.sampleRateHz = 500;
  const auto record = readCsv(text, "x", options);
  ASSERT_HB_OK(record);
  EXPECT_DOUBLE_EQ(record->time.stepS, 0.002);
}

// A rate of 1e40 a second overflowed what counts its samples.
TEST(Csv, StepsThatNothingRecordsAreRefused) {
  for (const char* text :
       {"Time (s),V\n0,1\n1e-40,2\n2e-40,1\n", "Time (s),V\n0,1\n1e12,2\n2e12,1\n"}) {
    const auto record = readCsv(text, "x.csv");
    ASSERT_FALSE(record.ok()) << text;
    EXPECT_NE(record.error().what.find("has a sample every"), std::string::npos)
        << record.error().sentence();
  }
  CsvOptions options;
  options.sampleRateHz = 1e300;
  EXPECT_FALSE(readCsv("CH1 (V)\n1\n2\n1\n", "x", options).ok());
  EXPECT_TRUE(readCsv("Time (s),V\n0,1\n1e-12,2\n2e-12,1\n", "x").ok()) << "a picosecond";
}

TEST(Csv, NothingSoundIsAnError) {
  for (const std::string& text :
       {std::string(), std::string("hello\nworld\n"), std::string("\x00\x01\x02\x03", 4),
        std::string("Time,V\n0,OL\n1,OL\n"), std::string("\n\n\n"), std::string("Time,V\n"),
        std::string("{\"a\": 1}")}) {
    const auto record = readCsv(text, "x.csv");
    ASSERT_FALSE(record.ok()) << text;
    EXPECT_NE(record.error().sentence().find("x.csv"), std::string::npos);
  }
  EXPECT_FALSE(readCsvFile("/no/such/file.csv").ok());
  EXPECT_FALSE(readCsvFile("/tmp").ok());
}

TEST(Csv, WhatIsWrittenIsReadBack) {
  Record record;
  record.time.stepS = 1.0 / 4000;
  record.channels.push_back({"wheel, \"RR\"", units::Unit::volt, {0.125F, NAN, -0.5F, 1e-3F}});
  record.channels.push_back({"I", units::Unit::ampere, {0.007F, 0.014F, 0.007F, 0.014F}});
  const auto back = readCsv(writeCsv(record), "x");
  ASSERT_HB_OK(back);
  ASSERT_EQ(back->channels.size(), 2U);
  EXPECT_EQ(back->channels[0].name, "wheel, \"RR\"");
  EXPECT_EQ(back->channels[1].unit, units::Unit::ampere);
  EXPECT_TRUE(std::isnan(back->channels[0].samples[1]));
  EXPECT_FLOAT_EQ(back->channels[0].samples[2], -0.5F);
  EXPECT_NEAR(back->time.stepS, 1.0 / 4000, 1e-12);
}

// A parser must survive anything: cut and flip bytes of a sound file, with a fixed seed.
TEST(Csv, SurvivesMutations) {
  const std::string sound =
      "Recorder\nTime (ms);A (V);B (mV)\n0,0;1,5;OL\n0,1;1,6;20\n0,2;1,7;30\n";
  unsigned seed = 7;
  const auto next = [&seed] { return seed = seed * 1664525U + 1013904223U; };
  for (int round = 0; round < 3000; ++round) {
    std::string text = sound;
    for (unsigned k = 0; k < 1 + next() % 4; ++k) {
      const std::size_t at = next() % text.size();
      next() % 3 == 0 ? text.resize(at + 1) : void(text[at] = static_cast<char>(next() >> 24));
    }
    const auto record = readCsv(text, "m.csv");
    if (record.ok()) {
      for (const auto& channel : record->channels) {
        ASSERT_EQ(channel.samples.size(), record->size());
      }
    } else {
      ASSERT_FALSE(record.error().what.empty());
    }
  }
}

}  // namespace
}  // namespace haybale::capture
