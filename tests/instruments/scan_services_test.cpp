// Codes and numbers of the scan side against what the standards write; the foreign control unit is
// in tests/outside/scan_test.py.
#include <deque>

#include "scan/services.h"
#include "support/haybale_test.h"

namespace haybale::scan {
namespace {

// ISO 15031-6 / SAE J2012: the two highest bits are the letter. From memory.
TEST(Codes, AreWrittenAsTheStandardWritesThem) {
  EXPECT_EQ(codeText(0x012300), "P0123-00");
  EXPECT_EQ(codeText(0x403513), "C0035-13");
  EXPECT_EQ(codeText(0x9ABC2F), "B1ABC-2F");
  EXPECT_EQ(codeText(0xC10087), "U0100-87");
  EXPECT_EQ(codeText(0xFFFFFF), "U3FFF-FF");
}

TEST(Codes, EveryTypeHasAByteThatSaysIt) {
  for (const char* type : {"open", "short-ground", "short-supply", "open-or-short", "no-signal",
                           "erratic", "low-amplitude", "implausible"}) {
    EXPECT_EQ(codeType(failureType(type)), type);
  }
  EXPECT_EQ(codeType(0x13), "open");
  EXPECT_EQ(codeType(0x11), "short-ground");
  EXPECT_EQ(codeType(0x12), "short-supply");
  EXPECT_EQ(failureType("nothing"), 0);
  EXPECT_EQ(codeType(0x00), "") << "no failure type: nothing is invented";
}

// Answers what was put in, and keeps what it was asked.
class Scripted : public Channel {
 public:
  Status send(std::string_view message) override {
    asked.push_back(hexText(message));
    return Done{};
  }
  Result<std::optional<std::string>> receive(Milliseconds) override {
    if (answers.empty()) {
      return std::optional<std::string>();
    }
    std::string next = answers.front();
    answers.pop_front();
    return std::optional(std::move(next));
  }
  std::vector<std::string> asked;
  std::deque<std::string> answers;
};

ScanMap oneSpeed(std::size_t bytes, bool isSigned) {
  ScanMap map;
  SpeedPlace place;
  place.circuit = "FL";
  place.did = 0x4A01;
  place.bytes = bytes;
  place.isSigned = isSigned;
  place.scale = 1;
  map.speeds.push_back(place);
  return map;
}

TEST(Speeds, NumbersAreBigEndianAndSignedWhereTheMapSaysSo) {
  const std::pair<std::string, std::pair<double, double>> rows[] = {
      {std::string("\xFF", 1), {255, -1}},
      {std::string("\x80\x00", 2), {32768, -32768}},
      {std::string("\xFF\xFF\xFE", 3), {16777214, -2}},
      {std::string("\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFD", 8), {1.8446744073709552e19, -3}}};
  for (const auto& [bytes, wanted] : rows) {
    for (const bool isSigned : {false, true}) {
      Scripted channel;
      channel.answers = {std::string("\x62\x4A\x01", 3) + bytes};
      Client client(channel);
      const auto read = readSpeeds(client, oneSpeed(bytes.size(), isSigned));
      ASSERT_HB_OK(read);
      EXPECT_DOUBLE_EQ(read->at("FL"), isSigned ? wanted.second : wanted.first);
      EXPECT_EQ(channel.asked, std::vector<std::string>{"22 4A 01"});
    }
  }
}

TEST(Speeds, AnAnswerToAnotherQuestionIsNone) {
  Scripted channel;
  channel.answers = {std::string("\x59\x02\xFF", 3), std::string("\x7F\x19\x31", 3), std::string(),
                     std::string("\x62\x4A\x01\x05", 4)};
  Client client(channel);
  const auto read = readSpeeds(client, oneSpeed(1, false));
  ASSERT_HB_OK(read);
  EXPECT_EQ(read->at("FL"), 5);
}

TEST(Doip, AFrameIsReadBackWhateverItCarries) {
  for (const std::string& payload :
       {std::string(), std::string("\x0E\x00", 2), std::string(70000, 'x')}) {
    const auto bytes = doipBytes(DoipType::message, payload);
    EXPECT_EQ(*doipSize(bytes), bytes.size());
    EXPECT_EQ(*doipSize(bytes.substr(0, bytes.size() - 1)), 0U);
    EXPECT_EQ(doipFrame(bytes).payload, payload);
  }
  EXPECT_FALSE(doipSize("GET / HTTP/1.0"));
  EXPECT_FALSE(doipSize(std::string("\x02\xFD\x80\x01\xFF\xFF\xFF\xFF", 8)));
}

TEST(Map, IsWrittenAsItIsRead) {
  ScanMap map = oneSpeed(3, true);
  map.codes["C0035"] = "FL";
  map.doip.ecu = 0x1234;
  map.can.request = 0x18DA10F1;
  const auto again = parseScanMap(scanMapText(map), "map");
  ASSERT_HB_OK(again);
  EXPECT_EQ(scanMapText(*again), scanMapText(map));
  EXPECT_EQ(again->doip.ecu, 0x1234);
  EXPECT_EQ(again->can.request, 0x18DA10F1U);
}

}  // namespace
}  // namespace haybale::scan
