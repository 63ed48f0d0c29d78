// Lines counted fast against lines counted one by one.
#include "core/capture/line_count.h"

#include <random>
#include <string>

namespace haybale::capture {
namespace {

struct Slow {
  std::size_t lines = 0;
  bool anyBlank = false;
};

Slow slowly(const std::string& text, char end) {
  Slow out;
  for (std::size_t at = 0; at < text.size(); ++out.lines) {
    out.anyBlank = out.anyBlank || static_cast<unsigned char>(text[at]) <= ' ';
    const auto stop = text.find(end, at);
    at = stop == std::string::npos ? text.size() : stop + 1;
  }
  return out;
}

TEST(LineCount, ALastLineNeedNotEnd) {
  EXPECT_EQ(countLines("", '\n').lines, 0U);
  EXPECT_EQ(countLines("1,2", '\n').lines, 1U);
  EXPECT_EQ(countLines("1,2\n", '\n').lines, 1U);
  EXPECT_EQ(countLines("1,2\n3,4", '\n').lines, 2U);
  EXPECT_EQ(countLines("1,2\r3,4\r", '\r').lines, 2U);
}

TEST(LineCount, BlankLinesAreSeenWhereverTheyStand) {
  for (std::size_t before = 1; before < 80; ++before) {
    const std::string sound = std::string(before, '7') + "\n12\n" + std::string(40, '3');
    EXPECT_FALSE(countLines(sound, '\n').anyBlank) << before;
    for (const char* blank : {"\n", " \n", "\t1\n", "\r\n"}) {
      const std::string text = std::string(before, '7') + "\n" + blank + std::string(40, '3');
      EXPECT_TRUE(countLines(text, '\n').anyBlank) << before << " before " << int(blank[0]);
    }
  }
}

TEST(LineCount, CarriageReturnsBeforeTheEndAreNotBlank) {
  std::string text;
  for (int i = 0; i < 50; ++i) {
    text += "0.001,2.5\r\n";
  }
  const auto counted = countLines(text, '\n');
  EXPECT_EQ(counted.lines, 50U);
  EXPECT_FALSE(counted.anyBlank);
}

TEST(LineCount, AgreesWithCountingOneByOneOnRandomTexts) {
  std::minstd_rand random(11);
  for (int round = 0; round < 400; ++round) {
    std::string text(random() % 20000, '5');
    const auto often = 1 + random() % 200;
    for (auto& c : text) {
      c = random() % often == 0 ? '\n' : random() % 900 == 0 ? ' ' : c;
    }
    const auto fast = countLines(text, '\n');
    const auto slow = slowly(text, '\n');
    ASSERT_EQ(fast.lines, slow.lines) << "round " << round;
    ASSERT_EQ(fast.anyBlank, slow.anyBlank) << "round " << round;
  }
}

}  // namespace
}  // namespace haybale::capture
