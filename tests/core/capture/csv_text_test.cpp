// The text of a CSV file: encodings and lines.
#include "core/capture/csv_text.h"

#include "support/haybale_test.h"

namespace haybale::capture {
namespace {

std::string decoded(std::string_view bytes) {
  std::string storage;
  const auto text = csv::decode(bytes, "t.csv", storage);
  return text ? std::string(*text) : "refused: " + text.error().sentence();
}

using namespace std::string_view_literals;

// The Unicode Standard, table 3-6 (bits of UTF-8) and D91 (surrogate pairs), from memory: U+0041,
// U+00B5, U+2126, U+1F69C.
TEST(CsvText, Utf16IsReadInBothByteOrders) {
  const std::string wanted = "A\xC2\xB5\xE2\x84\xA6\xF0\x9F\x9A\x9C";
  EXPECT_EQ(decoded("\xFF\xFE"
                    "A\0\xB5\0\x26\x21\x3D\xD8\x9C\xDE"sv),
            wanted);
  EXPECT_EQ(decoded("\xFE\xFF\0A\0\xB5\x21\x26\xD8\x3D\xDE\x9C"sv), wanted);
}

// Half a pair is no character: what follows it is read as itself (U+FFFD, ibid., 3.9).
TEST(CsvText, HalfASurrogatePairIsReplacedAndNothingBehindItLost) {
  const std::string odd = "\xEF\xBF\xBD";
  EXPECT_EQ(decoded("\xFF\xFE\x3D\xD8"
                    "A\0"sv),
            odd + "A");
  EXPECT_EQ(decoded("\xFF\xFE\x9C\xDE"
                    "A\0"sv),
            odd + "A");
  EXPECT_EQ(decoded("\xFF\xFE\x3D\xD8"sv), odd);
  EXPECT_EQ(decoded("\xFF\xFE\x3D\xD8\x00\xE0"sv), odd + "\xEE\x80\x80") << "just above them";
}

TEST(CsvText, LinesEndAsEverySystemWritesThem) {
  for (const auto end : {"\n"sv, "\r\n"sv, "\r"sv}) {
    const std::string text = "one" + std::string(end) + "two";
    const auto line = csv::takeLine(text);
    EXPECT_EQ(line.text, "one");
    EXPECT_EQ(line.after, "two");
  }
  EXPECT_EQ(csv::takeLine("last").text, "last");
  EXPECT_TRUE(csv::takeLine("last").after.empty());
  EXPECT_EQ(csv::takeLine("last\r").text, "last");
}

// RFC 4180, 2.5 to 2.7: quotes, and quotes within quotes.
TEST(CsvText, FieldsMayBeQuoted) {
  EXPECT_EQ(csv::split("a;\"b;c\";\"say \"\"hay\"\"\"; d ", ';'),
            (std::vector<std::string>{"a", "b;c", "say \"hay\"", "d"}));
}

}  // namespace
}  // namespace haybale::capture
