// SCPI against a peer written independently in Python, and against the simulated instruments.
#include <gtest/gtest.h>
#include <sys/stat.h>

#include <chrono>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <thread>

#include "instruments/drivers.h"
#include "line_relay.h"
#include "strict_peer.h"
#include "support/haybale_test.h"

namespace {

using namespace haybale;
using namespace haybale::instruments;
using test::StrictPeer;

constexpr LinkTimes kShort{Milliseconds(1000), Milliseconds(1500)};

// --- text; the forms are those of IEEE 488.2-1992 chapter 8 and SCPI-1999 volume 1 (from memory)

TEST(ScpiText, ReadsEveryLegalFormOfANumber) {
  const std::pair<const char*, double> forms[] = {
      {"12", 12},    {"+12", 12},    {"-12.50", -12.5}, {"1.25E+01", 12.5},
      {".5", 0.5},   {"12.", 12},    {" 1.2e1 ", 12},   {"+1.2345678E-03", 1.2345678e-3},
      {"#HFF", 255}, {"#B1011", 11}, {"#Q17", 15},      {"0", 0}};
  for (const auto& [text, value] : forms) {
    const auto read = parseNumber(text);
    ASSERT_TRUE(read) << text;
    EXPECT_DOUBLE_EQ(*read, value) << text;
  }
  EXPECT_TRUE(std::isinf(*parseNumber("9.90E+37")));
  EXPECT_TRUE(std::isinf(*parseNumber("INF")));
  EXPECT_LT(*parseNumber("-9.9E37"), 0);
  EXPECT_TRUE(std::isnan(*parseNumber("9.91E+37")));
}

TEST(ScpiText, RefusesWhatIsNoNumber) {
  for (const char* text : {"", "twelve", "1.2.3", "12 V", "#H", "#HXY", "1e", "--1"}) {
    EXPECT_FALSE(parseNumber(text)) << text;
  }
}

TEST(ScpiText, KnowsShortAndLongFormsOfAHeader) {
  EXPECT_TRUE(isCommand("MEAS:VOLT:DC?", "MEASure:VOLTage[:DC]?"));
  EXPECT_TRUE(isCommand("measure:voltage?", "MEASure:VOLTage[:DC]?"));
  EXPECT_TRUE(isCommand(":SENS:VOLT2:RANG", "[SENSe]:VOLTage#[:DC]:RANGe[:UPPer]"));
  EXPECT_TRUE(isCommand("VOLT:RANG:UPP", "[SENSe]:VOLTage#[:DC]:RANGe[:UPPer]"));
  EXPECT_FALSE(isCommand("MEASU:VOLT?", "MEASure:VOLTage[:DC]?"));
  EXPECT_FALSE(isCommand("MEAS:VOLT", "MEASure:VOLTage[:DC]?"));
  EXPECT_FALSE(isCommand("MEAS:VOLT:AC?", "MEASure:VOLTage[:DC]?"));
}

TEST(ScpiText, ABlockMayHoldLineFeeds) {
  const std::string block = definiteBlock("a\nb\n");
  EXPECT_EQ(block, "#14a\nb\n");
  for (std::size_t cut = 0; cut < block.size(); ++cut) {
    EXPECT_FALSE(*answerEnd(std::string_view(block).substr(0, cut))) << cut;
  }
  EXPECT_EQ(**answerEnd(block + "\nrest"), block.size() + 1);
  EXPECT_EQ(*blockContent(block), "a\nb\n");
  EXPECT_EQ(*blockContent("#0xyz\n"), "xyz");
  EXPECT_FALSE(blockContent("#3100short"));
  EXPECT_FALSE(answerEnd("#2a5xxxxx"));
}

TEST(ScpiText, AddressesAreReadAndWritten) {
  EXPECT_EQ(nameOf(*parseAddress("tcp:192.0.2.7")), "tcp:192.0.2.7:5025");
  EXPECT_EQ(nameOf(*parseAddress("serial:/dev/ttyUSB0:115200")), "serial:/dev/ttyUSB0:115200");
  EXPECT_EQ(nameOf(*parseAddress("usbtmc:/dev/usbtmc1")), "usbtmc:/dev/usbtmc1");
  for (const char* wrong :
       {"", "tcp", "tcp:", "tcp:host:0", "tcp:host:99999", "gpib:4", "serial:"}) {
    EXPECT_FALSE(parseAddress(wrong)) << wrong;
  }
}

TEST(ScpiText, FindsWhatIsPluggedIn) {
  const test::Folder folder;
  for (const char* name : {"ttyUSB0", "usbtmc0", "tty1", "null"}) {
    test::write(folder.file(name), "");
  }
  const auto found = pluggedIn(folder.path());
  ASSERT_EQ(found.size(), 2U);
  EXPECT_EQ(found[0].kind, Address::Kind::serial);
  EXPECT_EQ(found[1].kind, Address::Kind::usbtmc);
}

// --- the strict peer

class AnswersOf : public testing::TestWithParam<const char*> {};

// Reading k answers k: none may be missing, doubled or out of turn.
TEST_P(AnswersOf, NoReadingIsLost) {
  StrictPeer peer(GetParam());
  ScpiLink link(peer.address(), kShort);
  const auto who = link.connect();
  ASSERT_TRUE(who) << who.error().sentence();
  EXPECT_EQ(who->spoken(), "Strict One (Hedge Works), serial SN 4");
  Multimeter meter(link);
  for (int k = 1; k <= 30; ++k) {
    const auto value = meter.read(Quantity::dcVolts);
    ASSERT_TRUE(value) << k << ": " << value.error().sentence();
    EXPECT_NEAR(*value, k, 1e-9);
  }
}
INSTANTIATE_TEST_SUITE_P(StrictPeer, AnswersOf,
                         testing::Values("plain", "formats", "fragments", "slow", "drop"));

// The same peer at the end of a serial line, and as a device file: a pseudo terminal carries the
// bytes.
TEST(StrictPeer, SpeaksOverASerialLineAndADeviceFileToo) {
  for (const auto kind : {Address::Kind::serial, Address::Kind::usbtmc}) {
    for (const char* mode : {"plain", "fragments", "formats"}) {
      StrictPeer peer(mode);
      const test::LineRelay line(peer.address().number);
      ASSERT_FALSE(line.device().empty());
      ScpiLink link({kind, line.device(), 9600}, kShort);
      const auto who = link.connect();
      ASSERT_TRUE(who) << mode << ": " << who.error().sentence();
      EXPECT_EQ(who->spoken(), "Strict One (Hedge Works), serial SN 4");
      Multimeter meter(link);
      for (int k = 1; k <= 10; ++k) {
        const auto value = meter.read(Quantity::dcVolts);
        ASSERT_TRUE(value) << mode << k << ": " << value.error().sentence();
        EXPECT_NEAR(*value, k, 1e-9) << mode;
      }
    }
  }
}

TEST(StrictPeer, HalfAnAnswerIsAnErrorNotAReading) {
  StrictPeer peer("half");
  ScpiLink link(peer.address(), kShort);
  ASSERT_TRUE(link.connect());
  Multimeter meter(link);
  double expected = 1;
  int errors = 0;
  for (int k = 0; k < 30; ++k) {
    const auto value = meter.read(Quantity::ohms);
    if (value) {
      EXPECT_DOUBLE_EQ(*value, expected);
      expected += 1;
    } else {
      EXPECT_NE(value.error().sentence().find("closed the line"), std::string::npos);
      ++errors;
    }
  }
  EXPECT_GT(errors, 1);
  EXPECT_EQ(link.reconnections(), errors);
}

// An answer that takes longer than the patience for silence, but keeps coming, is waited for.
TEST(StrictPeer, ASlowAnswerThatKeepsComingIsWaitedFor) {
  StrictPeer peer("fragments");
  ScpiLink link(peer.address(), {Milliseconds(1000), Milliseconds(300)});
  ASSERT_TRUE(link.connect());
  ScopeSettings settings;
  settings.points = 3000;
  const auto start = std::chrono::steady_clock::now();
  const auto record = Scope(link).record(settings);
  ASSERT_TRUE(record) << record.error().sentence();
  EXPECT_EQ(record->size(), 3000U);
  EXPECT_GT(std::chrono::steady_clock::now() - start, Milliseconds(300));
}

TEST(StrictPeer, SilenceEndsInTime) {
  StrictPeer peer("mute");
  ScpiLink link(peer.address(), {Milliseconds(500), Milliseconds(300)});
  const auto start = std::chrono::steady_clock::now();
  const auto who = link.connect();
  ASSERT_FALSE(who);
  EXPECT_NE(who.error().sentence().find("no whole answer in time"), std::string::npos);
  EXPECT_LT(std::chrono::steady_clock::now() - start, std::chrono::seconds(3));
}

TEST(StrictPeer, WaitingCanBeCancelled) {
  StrictPeer peer("mute");
  ScpiLink link(peer.address(), {Milliseconds(500), Milliseconds(20000)});
  std::thread other([&] {
    std::this_thread::sleep_for(Milliseconds(200));
    link.cancel();
  });
  const auto start = std::chrono::steady_clock::now();
  EXPECT_FALSE(link.connect());
  other.join();
  EXPECT_LT(std::chrono::steady_clock::now() - start, std::chrono::seconds(3));
}

TEST(StrictPeer, NonsenseIsNamed) {
  StrictPeer peer("rubbish");
  ScpiLink link(peer.address(), kShort);
  ASSERT_TRUE(link.connect());
  const auto value = Multimeter(link).read(Quantity::dcVolts);
  ASSERT_FALSE(value);
  EXPECT_NE(value.error().sentence().find("is no number"), std::string::npos);
}

TEST(StrictPeer, RefusedCommandsAreShownAsTheInstrumentPutsThem) {
  StrictPeer peer("plain");
  ScpiLink link(peer.address(), kShort);
  ASSERT_TRUE(link.connect());
  const auto done = link.command("APPLy:NOTHING 4");
  ASSERT_FALSE(done);
  EXPECT_NE(done.error().sentence().find("-113"), std::string::npos);
  EXPECT_TRUE(link.command("CONF:RES"));
}

TEST(StrictPeer, AScopeRecordComesOverWhole) {
  for (const char* mode : {"plain", "fragments", "formats", "drop"}) {
    StrictPeer peer(mode);
    ScpiLink link(peer.address(), kShort);
    ASSERT_TRUE(link.connect());
    ScopeSettings settings;
    settings.points = 3000;
    settings.durationS = 1.5;
    const auto record = Scope(link).record(settings);
    ASSERT_TRUE(record) << mode << ": " << record.error().sentence();
    ASSERT_EQ(record->size(), 3000U);
    EXPECT_NEAR(record->time.stepS, 0.0005, 1e-9);
    for (std::size_t i = 0; i < record->size(); ++i) {
      ASSERT_EQ(record->channels[0].samples[i], static_cast<float>(i) * 0.25F);
    }
  }
}

TEST(StrictPeer, TheGeneratorsCommandsAreLegal) {
  StrictPeer peer("plain");
  ScpiLink link(peer.address(), kShort);
  ASSERT_TRUE(link.connect());
  Generator generator(link);
  EXPECT_TRUE(generator.start({true, 123.4567, 2.5, 0.1}));
  EXPECT_TRUE(generator.setHz(99.5));
  EXPECT_TRUE(generator.stop());
}

TEST(Link, NobodyThereIsOneClearSentence) {
  // A port that was free a moment ago.
  int port = 0;
  {
    StrictPeer gone("plain");
    port = gone.address().number;
  }
  ScpiLink link(Address{Address::Kind::tcp, "127.0.0.1", port}, kShort);
  const auto who = link.connect();
  ASSERT_FALSE(who);
  EXPECT_EQ(who.error().sentence(),
            "tcp:127.0.0.1:" + std::to_string(port) +
                ": cannot be opened: Connection refused; check the cable, the address and that it "
                "is switched on");
  ScpiLink file(Address{Address::Kind::usbtmc, "/dev/usbtmc-none", 0}, kShort);
  EXPECT_FALSE(file.connect());
}

}  // namespace
