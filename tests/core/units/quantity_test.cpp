#include "core/units/quantity.h"

#include <cmath>

#include "support/haybale_test.h"

namespace haybale::units {
namespace {

struct Typed {
  const char* text;
  Unit unit;
  double value;
  const char* shown;
};

class TypedEntry : public testing::TestWithParam<Typed> {};

TEST_P(TypedEntry, IsReadAndShownAsOnAMeter) {
  const auto& p = GetParam();
  const auto entry = parseEntry(p.text, p.unit);
  ASSERT_HB_OK(entry);
  EXPECT_NEAR(entry->value, p.value, std::abs(p.value) * 1e-12);
  EXPECT_EQ(format(*entry), p.shown);
}

INSTANTIATE_TEST_SUITE_P(
    AsATechnicianTypes, TypedEntry,
    testing::Values(
        Typed{"4.8M", Unit::ohm, 4.8e6, "4.8 MΩ"}, Typed{"4M8", Unit::ohm, 4.8e6, "4.8 MΩ"},
        Typed{"1k1", Unit::ohm, 1100, "1.1 kΩ"}, Typed{"63", Unit::ohm, 63, "63 Ω"},
        Typed{"0.5V", Unit::volt, 0.5, "500 mV"}, Typed{"500 mV", Unit::volt, 0.5, "500 mV"},
        Typed{"1,07k", Unit::ohm, 1070, "1.07 kΩ"}, Typed{"-10", Unit::volt, -10, "-10 V"},
        Typed{"2R2", Unit::ohm, 2.2, "2.2 Ω"}, Typed{"4.80 meg", Unit::ohm, 4.8e6, "4.80 MΩ"},
        Typed{" 12.60 ", Unit::volt, 12.6, "12.60 V"},
        Typed{"1.12 kohm", Unit::ohm, 1120, "1.12 kΩ"}, Typed{"7m", Unit::ampere, 0.007, "7 mA"},
        Typed{"4.8 mohm", Unit::ohm, 0.0048, "4.8 mΩ"}, Typed{"1.5e3", Unit::ohm, 1500, "1.5 kΩ"},
        Typed{"52Hz", Unit::none, 52, "52 Hz"}, Typed{"0.00", Unit::volt, 0, "0.00 V"}));

TEST(Quantity, OverloadIsReadInAllItsSpellings) {
  for (const char* text : {"OL", "0L", "ol", "O.L", "0.L", ".OL", "inf", "open"}) {
    const auto entry = parseEntry(text, Unit::ohm);
    ASSERT_HB_OK(entry);
    EXPECT_TRUE(entry->overload) << text;
    EXPECT_EQ(format(*entry), "OL");
  }
}

TEST(Quantity, TheLastDigitTypedIsTheResolution) {
  EXPECT_DOUBLE_EQ(parseEntry("1k1", Unit::ohm)->resolution, 100);
  EXPECT_DOUBLE_EQ(parseEntry("4.98", Unit::volt)->resolution, 0.01);
  EXPECT_DOUBLE_EQ(parseEntry("1100", Unit::ohm)->resolution, 1);
}

struct Bad {
  const char* text;
  Unit unit;
  const char* says;
};

class BadEntry : public testing::TestWithParam<Bad> {};

TEST_P(BadEntry, SaysWhatWouldBeRight) {
  const auto entry = parseEntry(GetParam().text, GetParam().unit);
  ASSERT_FALSE(entry.ok());
  EXPECT_NE(entry.error().sentence().find(GetParam().says), std::string::npos)
      << entry.error().sentence();
  EXPECT_FALSE(entry.error().wanted.empty());
}

INSTANTIATE_TEST_SUITE_P(Slips, BadEntry,
                         testing::Values(Bad{"", Unit::ohm, "empty"},
                                         Bad{"4.8m", Unit::ohm, "4.8M for megohm"},
                                         Bad{"1.1.1", Unit::ohm, "two decimal marks"},
                                         Bad{"5V", Unit::ohm, "is in V"},
                                         Bad{"meg", Unit::ohm, "not a number"},
                                         Bad{"12 furlongs", Unit::volt, "no unit"},
                                         Bad{"-10", Unit::ohm, "negative resistance"},
                                         Bad{"1e999", Unit::ohm, "a meter can show"}));

TEST(Quantity, EngineeringNotationRoundsIntoTheNextPrefix) {
  EXPECT_EQ(format(999.96, Unit::ohm, 4), "1.000 kΩ");
  EXPECT_EQ(format(0.0004, Unit::volt, 2), "400 µV");
  EXPECT_EQ(format(NAN, Unit::ohm), "–");
  EXPECT_EQ(format(INFINITY, Unit::ohm), "OL");
  EXPECT_EQ(formatBand(800, 2500, Unit::ohm), "0.80 to 2.50 kΩ");
}

}  // namespace
}  // namespace haybale::units
