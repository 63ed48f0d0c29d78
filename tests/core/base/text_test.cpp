// UTF-8 as the Unicode Standard has it (chapter 3, table 3-7, well-formed byte sequences, and the
// examples of RFC 3629 sections 3 and 7; from memory).
#include "core/base/text.h"

#include <random>

#include "support/haybale_test.h"

namespace haybale::text {
namespace {

TEST(Utf8, TakesEveryRowOfTheTable) {
  for (const char* good :
       {"", "A\xE2\x89\xA2\xCE\x91.", "\xED\x95\x9C\xEA\xB5\xAD\xEC\x96\xB4", "\xC2\x80",
        "\xDF\xBF", "\xE0\xA0\x80", "\xED\x9F\xBF", "\xEE\x80\x80", "\xEF\xBF\xBF",
        "\xF0\x90\x80\x80", "\xF1\x80\x80\x80", "\xF4\x8F\xBF\xBF"}) {
    EXPECT_TRUE(isUtf8(good));
    EXPECT_EQ(toUtf8(good), good);
  }
}

TEST(Utf8, RefusesOverlongSurrogatesAndWhatLiesBeyond) {
  for (const char* bad :
       {"\x80", "\xC0\x80", "\xC1\xBF", "\xE0\x80\x80", "\xE0\x9F\xBF", "\xED\xA0\x80",
        "\xED\xBF\xBF", "\xF0\x8F\xBF\xBF", "\xF4\x90\x80\x80", "\xF5\x80\x80\x80", "\xFF", "\xC2",
        "\xE2\x89", "\xF0\x90\x80", "\xC2\x41", "ab\xE2\x89"}) {
    EXPECT_FALSE(isUtf8(bad));
    EXPECT_TRUE(isUtf8(toUtf8(bad)));
    EXPECT_NE(toUtf8(bad).find("\xEF\xBF\xBD"), std::string::npos);
  }
}

// Whatever bytes come: the mended text is well-formed, is mended once for all, and keeps what was
// sound of it.
TEST(Utf8, MendsWhatIsThrownAtIt) {
  std::mt19937 random(7);
  for (int round = 0; round < 4000; ++round) {
    std::string bytes;
    for (auto i = random() % 12; i > 0; --i) {
      bytes += static_cast<char>(random() % 2 == 0 ? random() % 128 : 128 + random() % 128);
    }
    const std::string mended = toUtf8(bytes);
    ASSERT_TRUE(isUtf8(mended));
    ASSERT_EQ(toUtf8(mended), mended);
    ASSERT_EQ(isUtf8(bytes), mended == bytes);
  }
}

TEST(Shortened, EndsOnTheBorderOfACharacter) {
  const std::string text =
      "1100 \xCE\xA9 und 7 \xC2\xB5"
      "A \xF0\x9F\x94\xA7 locker";
  for (std::size_t most = 0; most <= text.size() + 2; ++most) {
    const std::string cut = shortened(text, most);
    EXPECT_LE(cut.size(), most + 3);
    EXPECT_TRUE(isUtf8(cut)) << most;
    EXPECT_EQ(cut == text, most >= text.size()) << most;
    if (cut != text) {
      ASSERT_TRUE(cut.ends_with("..."));
      EXPECT_TRUE(text.starts_with(cut.substr(0, cut.size() - 3)));
    }
  }
}

TEST(Trimmed, TakesBlanksOfEveryKindOffBothEnds) {
  EXPECT_EQ(trimmed(" \t\r\n 5 V \xC2\xA0 "), "5 V");
  EXPECT_EQ(trimmed("\xC2\xA0"), "");
  EXPECT_EQ(trimmed("\xC2\xB5"), "\xC2\xB5") << "half of a no-break space is none";
  EXPECT_EQ(trimmed("a\xC3\xA0"), "a\xC3\xA0") << "nor is the other half";
}

TEST(Words, AreParted) {
  EXPECT_EQ(words("  C2.w\tpair\n 1100 "), (std::vector<std::string>{"C2.w", "pair", "1100"}));
  EXPECT_TRUE(words(" \t").empty());
}

TEST(Lower, LeavesWhatIsNotAscii) {
  EXPECT_EQ(lower("OL 5 V\xC3\x84"), "ol 5 v\xC3\x84");
}

}  // namespace
}  // namespace haybale::text
