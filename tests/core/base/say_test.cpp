// The one layer through which the core speaks.
#include "core/base/say.h"

#include <map>
#include <string>

#include "core/units/quantity.h"
#include "support/haybale_test.h"

namespace haybale {
namespace {

const char* backwards(const char* pattern) {
  static const std::map<std::string, const char*> known{
      {"{} of {}", "of {1}: {0}"}, {"{:.1f} %", "{:.1f} Prozent"},
      {"spoilt {}", "{:d} {} {}"}, {"short to ground", "Masseschluss"},
      {"plain", "schlicht"},       {"{:.{}f} mWb", "{:.{}f} mWb"}};
  const auto found = known.find(pattern);
  return found == known.end() ? nullptr : found->second;
}

class Say : public testing::Test {
 protected:
  ~Say() override {
    setTranslator(nullptr);
    setDecimalComma(false);
  }
};

TEST_F(Say, EnglishIsWhatIsWritten) {
  EXPECT_STREQ(say("plain"), "plain");
  EXPECT_EQ(sayf("{} of {}", 2, 7), "2 of 7");
  EXPECT_EQ(sayName("short-to-ground"), "short to ground");
}

TEST_F(Say, AnotherLanguageMayPutFiguresInAnotherOrder) {
  setTranslator(backwards);
  EXPECT_STREQ(say("plain"), "schlicht");
  EXPECT_EQ(sayf("{} of {}", 2, 7), "of 7: 2");
  EXPECT_EQ(sayName("short-to-ground"), "Masseschluss");
  EXPECT_STREQ(say("not known"), "not known");
}

TEST_F(Say, ATranslationThatDoesNotFitIsNotUsed) {
  setTranslator(backwards);
  EXPECT_EQ(sayf("spoilt {}", "x"), "spoilt x");
}

TEST_F(Say, FiguresHaveTheDecimalMarkOfTheLanguage) {
  EXPECT_EQ(sayf("{:.1f} %", 1234.56), "1234.6 %");
  setTranslator(backwards);
  setDecimalComma(true);
  EXPECT_EQ(sayf("{:.1f} %", 1234.56), "1234,6 Prozent");
  EXPECT_EQ(sayf("{:.{}f} mWb", 0.348, 3), "0,348 mWb");
  EXPECT_EQ(sayf("{} plates, version {}", 3, "0.2.0"), "3 plates, version 0.2.0");
  EXPECT_EQ(units::format(4.97, units::Unit::volt), "4,97 V");
  EXPECT_EQ(units::formatBand(4.9, 5.1, units::Unit::volt), "4,90 to 5,10 V");
  // What is typed may have either.
  EXPECT_EQ(units::parseEntry("4,97", units::Unit::volt)->value, 4.97);
}

}  // namespace
}  // namespace haybale
