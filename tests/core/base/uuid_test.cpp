// The form of a UUID: RFC 4122 section 4.1 (version and variant), RFC 9562 section 5.8 (version 8);
// from memory.
#include "core/base/uuid.h"

#include <regex>
#include <set>

#include "support/haybale_test.h"

namespace haybale {
namespace {

TEST(Uuid, HasTheFormOfTheStandardAndIsItsOwn) {
  const std::regex form("[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}");
  std::set<std::string> seen;
  for (int i = 0; i < 5000; ++i) {
    const auto id = newUuid();
    ASSERT_TRUE(std::regex_match(id, form)) << id;
    ASSERT_TRUE(isPlainName(id));
    seen.insert(id);
  }
  EXPECT_EQ(seen.size(), 5000U);
}

TEST(Uuid, OfATextIsThatText) {
  const std::regex form("[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}");
  std::set<std::string> seen;
  for (int i = 0; i < 5000; ++i) {
    const auto text = "job " + std::to_string(i);
    const auto id = uuidOf(text);
    ASSERT_TRUE(std::regex_match(id, form)) << id;
    ASSERT_EQ(id, uuidOf(text));
    seen.insert(id);
  }
  EXPECT_EQ(seen.size(), 5000U);
}

TEST(PlainName, NeverNamesAnotherFolder) {
  for (const char* good :
       {"a", "0a-b_c", "A", "0123456789012345678901234567890123456789012345678901234567890123"}) {
    EXPECT_TRUE(isPlainName(good)) << good;
  }
  for (const char* bad : {"", ".", "..", "a/b", "a\\b", "-rf", "a b", "a.b", "\xC3\xA4", "a\n",
                          "01234567890123456789012345678901234567890123456789012345678901234"}) {
    EXPECT_FALSE(isPlainName(bad)) << bad;
  }
  EXPECT_FALSE(isPlainName(std::string("a\0b", 3)));
}

}  // namespace
}  // namespace haybale
