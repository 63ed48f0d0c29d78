// Wheel speeds from a bus log and from a table.
#include "core/capture/candump.h"

#include <random>

#include "support/haybale_test.h"

namespace {

using namespace haybale::capture;

const std::vector<BusSignal> kMap{{"RL", 0x1F0, 4, 2, true, false, 0.01, 0},
                                  {"RR", 0x1F0, 6, 2, true, false, 0.01, 0},
                                  {"PROP", 0x18FE, 0, 2, false, true, 0.1, -1}};

// The line of candump's own manual page (can-utils; from memory).
TEST(Candump, ReadsItsLogLine) {
  const auto frame = parseFrame("(1436509052.249713) vcan0 044#2A366C2BBA");
  ASSERT_TRUE(frame);
  EXPECT_NEAR(frame->s, 1436509052.249713, 1e-6);
  EXPECT_EQ(frame->id, 0x44U);
  EXPECT_EQ(frame->data, (std::vector<std::uint8_t>{0x2A, 0x36, 0x6C, 0x2B, 0xBA}));
  EXPECT_TRUE(parseFrame("(1.0) can0 123#R"));
  EXPECT_EQ(parseFrame("(1.0) can0 123##1AABB")->data.size(), 2U);
  for (const char* wrong :
       {"", "(1.0)", "(x) can0 1#00", "(1.0) can0 1#0", "(1.0) can0 G#00", "#"}) {
    EXPECT_FALSE(parseFrame(wrong)) << wrong;
  }
}

TEST(Candump, BytesInEitherOrderSignedAndScaled) {
  const auto log = parseCandump(
      "(10.0) can0 1F0#0000000001F401C2\n(10.1) can0 18FE#9CFF\nnot a frame\n", kMap, "log");
  ASSERT_TRUE(log);
  EXPECT_DOUBLE_EQ(log->wheels.at("RL")[0].kmh, 5.0);
  EXPECT_DOUBLE_EQ(log->wheels.at("RR")[0].kmh, 4.5);
  EXPECT_DOUBLE_EQ(log->wheels.at("PROP")[0].kmh, -100 * 0.1 - 1);
  EXPECT_EQ(log->skipped, 1U);
  EXPECT_EQ(log->firstSkipped, "line 3: no frame");
}

TEST(Candump, SaysWhatIsMissing) {
  EXPECT_EQ(parseCandump("hello\n", kMap, "a.log").error().sentence(),
            "a.log: holds no frame of a bus; lines such as (1436509052.249713) can0 1F0#01F401F4");
  EXPECT_EQ(parseCandump("(1.0) can0 777#00\n", kMap, "a.log").error().sentence(),
            "a.log: holds no frame that the signal map names; identifiers that occur in the log");
}

TEST(SignalMap, OutAndInAgain) {
  const auto read = parseSignalMap(signalMapText(kMap), "map");
  ASSERT_TRUE(read) << read.error().sentence();
  ASSERT_EQ(read->size(), 3U);
  EXPECT_EQ((*read)[2].id, 0x18FEU);
  EXPECT_FALSE((*read)[2].bigEndian);
  EXPECT_TRUE((*read)[2].isSigned);
  EXPECT_DOUBLE_EQ((*read)[2].offset, -1);
}

TEST(SignalMap, RefusesWhatIsNone) {
  for (
      const char* wrong :
      {"", "[]", "{}", R"({"format":"haybale-signal-map","version":1,"signals":[]})",
       R"({"format":"haybale-signal-map","version":1,"signals":[{"circuit":"RR","id":"zz"}]})",
       R"({"format":"haybale-signal-map","version":1,"signals":[{"id":"0x1"}]})",
       R"({"format":"haybale-signal-map","version":1,"signals":[{"circuit":"RR","id":"1","bytes":9}]})"}) {
    EXPECT_FALSE(parseSignalMap(wrong, "map")) << wrong;
  }
}

TEST(SpeedTable, CommaOrSemicolonAndEmptyCells) {
  const auto log = parseSpeedTable("time_s;RL;RR\n0,0;5,0;4,9\n0,1;5,1;\n", "t.csv");
  ASSERT_TRUE(log);
  EXPECT_EQ(log->wheels.at("RL").size(), 2U);
  EXPECT_EQ(log->wheels.at("RR").size(), 1U);
  EXPECT_DOUBLE_EQ(log->wheels.at("RR")[0].kmh, 4.9);
  EXPECT_FALSE(parseSpeedTable("1,2,3\n", "t.csv"));
  EXPECT_FALSE(parseSpeedTable("", "t.csv"));
}

TEST(SpeedLog, DropoutsAreFallsToNothingWhileOthersTurn) {
  SpeedLog log;
  for (int i = 0; i < 200; ++i) {
    const double s = 0.05 * i;
    const bool off = (i >= 60 && i < 66) || (i >= 120 && i < 125);
    log.wheels["RL"].push_back({s, 20});
    log.wheels["RR"].push_back({s, off ? 0.0 : 20.2});
  }
  const auto sum = summarise(log);
  EXPECT_EQ(sum.at("RR").dropouts, 2);
  EXPECT_EQ(sum.at("RL").dropouts, 0);
  EXPECT_NEAR(sum.at("RR").medianKmh, 20.2, 1e-9);
  EXPECT_NEAR(sum.at("RR").shareZero, 11.0 / 200, 0.01);
}

TEST(Candump, RandomBytesNeverCrash) {
  std::mt19937 random(5);
  const std::string seed = "(10.0) can0 1F0#0000000001F401C2\n";
  for (int i = 0; i < 3000; ++i) {
    std::string text = seed + seed;
    for (int k = 0; k < 4; ++k) {
      text[random() % text.size()] = static_cast<char>(random() % 256);
    }
    (void)parseCandump(text, kMap, "x");
    (void)parseSpeedTable(text, "x");
  }
}

TEST(SpeedLogFile, ABusLogNeedsItsMapBesideItAndATableDoesNot) {
  const haybale::test::Folder folder;
  const std::string log = folder.file("drive.log");
  haybale::test::write(log, "(1.00) can0 1F0#07D007D0\n(1.10) can0 1F0#07D007D0\n");
  const auto without = openSpeedLog(log);
  ASSERT_FALSE(without.ok());
  EXPECT_NE(without.error().sentence().find("drive.log.map.json"), std::string::npos);
  BusSignal own;
  own.circuit = "RR";
  own.id = 0x1F0;
  haybale::test::write(log + ".map.json", signalMapText({own}));
  const auto with = openSpeedLog(log);
  ASSERT_HB_OK(with);
  EXPECT_NEAR(with->wheels.at("RR").front().kmh, 20, 1e-9);
  haybale::test::write(folder.file("table.csv"), "s,RR\n0,20\n1,20.5\n");
  const auto table = openSpeedLog(folder.file("table.csv"));
  ASSERT_HB_OK(table);
  EXPECT_EQ(table->wheels.at("RR").size(), 2U);
  EXPECT_FALSE(openSpeedLog(folder.file("none.csv")).ok());
}

}  // namespace
