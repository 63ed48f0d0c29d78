// WAV and value change dumps.
#include <fmt/format.h>
#include <sndfile.h>

#include <cmath>
#include <fstream>

#include "core/capture/open.h"
#include "core/capture/vcd.h"
#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::capture {
namespace {

Record ramp() {
  Record r;
  r.time.stepS = 1.0 / 8000;
  r.channels.push_back({"A", units::Unit::ampere, {}});
  for (int i = 0; i < 1000; ++i) {
    r.channels[0].samples.push_back(0.014F * static_cast<float>(std::sin(i * 0.05)));
  }
  return r;
}

TEST(Wav, ComesBackWithItsScaleAndUnit) {
  const test::Folder folder;
  ASSERT_HB_OK(saveCapture(folder.file("s.wav"), ramp()));
  const auto back = openCapture(folder.file("s.wav"));
  ASSERT_HB_OK(back);
  EXPECT_EQ(back->channels[0].unit, units::Unit::ampere);
  EXPECT_DOUBLE_EQ(back->time.rateHz(), 8000);
  ASSERT_EQ(back->size(), 1000U);
  for (std::size_t i = 0; i < 1000; ++i) {
    ASSERT_NEAR(back->channels[0].samples[i], ramp().channels[0].samples[i], 1e-8);
  }
  EXPECT_TRUE(back->remarks.empty());
}

// Files as other programs write them, by libsndfile in every form the reader promises.
TEST(Wav, EveryWidthIsReadAndFullScaleCounts) {
  const test::Folder folder;
  for (const int form : {SF_FORMAT_PCM_16, SF_FORMAT_PCM_24, SF_FORMAT_PCM_32, SF_FORMAT_FLOAT}) {
    const std::string path = folder.file("f.wav");
    SF_INFO info{};
    info.samplerate = 44100;
    info.channels = 2;
    info.format = SF_FORMAT_WAV | form;
    SNDFILE* file = sf_open(path.c_str(), SFM_WRITE, &info);
    const float frames[] = {0.5F, -0.25F, 0.0F, 0.125F};
    sf_writef_float(file, frames, 2);
    sf_close(file);
    OpenOptions options;
    options.wav.fullScale = 20;
    const auto record = openCapture(path, options);
    ASSERT_HB_OK(record);
    ASSERT_EQ(record->channels.size(), 2U);
    EXPECT_NEAR(record->channels[0].samples[0], 10, 1e-3);
    EXPECT_NEAR(record->channels[1].samples[1], 2.5, 1e-3);
    EXPECT_FALSE(openCapture(path)->remarks.empty()) << "an unknown full scale is said";
  }
}

TEST(Wav, BrokenFilesAreRefused) {
  const test::Folder folder;
  test::write(folder.file("a.wav"), "RIFF\x10\0\0\0WAVEjunk and nothing else");
  EXPECT_FALSE(openCapture(folder.file("a.wav")).ok());
  ASSERT_HB_OK(saveCapture(folder.file("b.wav"), ramp()));
  const std::string whole = test::read(folder.file("b.wav"));
  test::write(folder.file("cut.wav"), whole.substr(0, whole.size() / 2));
  const auto cut = openCapture(folder.file("cut.wav"));
  if (cut.ok()) {  // what is sound is read
    EXPECT_LT(cut->size(), 1000U);
  }
}

// A header and no samples: by libsndfile, as a recorder that was stopped at once leaves it.
TEST(Wav, OneWithoutSamplesIsRefused) {
  const test::Folder folder;
  SF_INFO info{};
  info.samplerate = 44100;
  info.channels = 1;
  info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_16;
  sf_close(sf_open(folder.file("none.wav").c_str(), SFM_WRITE, &info));
  const auto record = openCapture(folder.file("none.wav"));
  ASSERT_FALSE(record.ok());
  EXPECT_NE(record.error().sentence().find("holds no samples"), std::string::npos)
      << record.error().sentence();
}

const char* const kDump =
    "$date today $end\n$timescale 10 us $end\n$scope module yard $end\n"
    "$var wire 1 ! RR $end\n$var real 64 \" volts $end\n$upscope $end\n$enddefinitions $end\n"
    "#0\n$dumpvars\n0!\nr0.5 \"\n$end\n#100\n1!\n#150\n0!\nr1.05 "
    "\"\n#200\n1!\n#250\nx!\n#300\n0!\n";

// IEEE 1364 value change dump (from memory).
TEST(Vcd, ChangesBecomeUprightEdges) {
  const auto record = readVcd(kDump, "d.vcd");
  ASSERT_HB_OK(record);
  ASSERT_EQ(record->channels.size(), 2U);
  EXPECT_EQ(record->channels[0].name, "RR");
  EXPECT_FALSE(record->time.uniform());
  EXPECT_NEAR(record->durationS(), 3e-3, 1e-12);
  trace::Options options;
  const auto a = trace::analyse(*record, 0, options);
  EXPECT_EQ(a.gaps, 1U) << "x is lost";
  EXPECT_EQ(a.pulseCount, 2U);
  EXPECT_FLOAT_EQ(record->channels[1].samples.back(), 1.05F);
}

TEST(Vcd, WhatIsWrongIsSaidWithItsLine) {
  const std::pair<const char*, const char*> cases[] = {
      {"$timescale 3 us $end\n", "d:1: \"3us\" is no timescale"},
      {"$timescale 1 us $end\n$var wire 1 ! A $end\n$enddefinitions $end\n#5\n1!\n#4\n0!\n",
       "d:6: time runs backwards"},
      {"$timescale 1 us $end\n$enddefinitions $end\n#5\n1!\n", "d:4: \"!\" was not declared"},
      {"$var wire 1 ! A $end\n$enddefinitions $end\n#1\n", "has no $timescale"},
      {"$timescale 1 us $end\n$var wire 1 ! A $end\n#1\n1!\n", "before its definitions end"},
      {"$timescale 1 us $end\n$var wire 1 ! A $end\n$enddefinitions $end\n#1\n1!\n"
       "$var wire 1 ? B $end\n#2\n1?\n",
       "declared behind $enddefinitions"},
      {"$timescale 1 us $end\n$var wire 1 ! A $end\n$enddefinitions $end\n#99999999999999999999\n",
       "is no time"},
      {"$comment never ends", "ends within a declaration"},
  };
  for (const auto& [text, wanted] : cases) {
    const auto record = readVcd(text, "d");
    ASSERT_FALSE(record.ok()) << text;
    EXPECT_NE(record.error().sentence().find(wanted), std::string::npos)
        << record.error().sentence();
  }
}

TEST(Vcd, SignalsBeyondThoseKeptAreSaid) {
  std::string text = "$timescale 1 us $end\n";
  for (int i = 0; i < 70; ++i) {
    text += fmt::format("$var wire 1 c{} S{} $end\n", i, i);
  }
  text += "$enddefinitions $end\n#0\n1c0\n0c69\n#1\n0c0\n";
  const auto record = readVcd(text, "many");
  ASSERT_TRUE(record.ok()) << record.error().sentence();
  EXPECT_EQ(record->channels.size(), 64U);
  ASSERT_EQ(record->remarks.size(), 1U);
  EXPECT_NE(record->remarks[0].find("70 signals"), std::string::npos);
}

TEST(Wav, OddSampleSizesAreRefused) {
  const test::Folder folder;
  Record record;
  record.time.stepS = 1e-3;
  record.channels.push_back({"A", units::Unit::volt, {0, 1, 0, -1, 0, 1}});
  const std::string path = folder.file("odd.wav");
  ASSERT_TRUE(writeWavFile(path, record));
  std::string bytes = test::read(path);
  const auto at = bytes.find("fmt ");
  ASSERT_NE(at, std::string::npos);
  bytes[at + 22] = 13;
  std::ofstream(path, std::ios::binary) << bytes;
  const auto back = readWavFile(path, {});
  ASSERT_FALSE(back.ok());
  EXPECT_NE(back.error().sentence().find("13 bits"), std::string::npos);
}

TEST(Vcd, SurvivesMutations) {
  const std::string sound(kDump);
  unsigned seed = 5;
  const auto next = [&seed] { return (seed = seed * 1664525U + 1013904223U) >> 8; };
  for (int round = 0; round < 3000; ++round) {
    std::string text = sound;
    for (unsigned k = 0; k < 1 + next() % 4; ++k) {
      const std::size_t at = next() % text.size();
      next() % 2 == 0 ? void(text.erase(at, 1 + next() % 9))
                      : void(text[at] = static_cast<char>(next() % 256));
    }
    const auto record = readVcd(text, "m");
    if (record.ok()) {
      (void)trace::analyse(*record, 0, {});
    } else {
      ASSERT_TRUE(record.error().sentence().starts_with("m"));
    }
  }
}

// Found by the fuzzer: values no float holds became infinite and broke the levels.
TEST(Capture, ValuesBeyondAllRangeAreLost) {
  const auto record =
      readCsv("Time (s),A (V)\n0,1\n0.1,1e300\n0.2,-1e39\n0.3,2\n0.4,1\n0.5,2\n", "f");
  ASSERT_HB_OK(record);
  EXPECT_TRUE(std::isnan(record->channels[0].samples[1]));
  EXPECT_TRUE(std::isnan(record->channels[0].samples[2]));
  const auto a = trace::analyse(*record, 0, {});
  EXPECT_EQ(a.gaps, 1U);
  EXPECT_DOUBLE_EQ(a.levels.max, 2);
}

}  // namespace
}  // namespace haybale::capture
