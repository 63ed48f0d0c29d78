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

// The desk's units, for as long as it lives.
struct Shown {
  Shown(bool miles, bool fahrenheit) { setShownUnits(miles, fahrenheit); }
  ~Shown() { setShownUnits(false, false); }
};

// NIST SP 811 (2008), appendix B.8: mile 1.609 344 km, degree Fahrenheit (f - 32) / 1.8. 98.6 and
// 37, -40 and -40 are the pairs everybody knows.
TEST(ShownUnits, MilesAndFahrenheitAreTypedAlwaysAndShownWhereWanted) {
  EXPECT_NEAR(parseEntry("50 mph", Unit::kmh)->value, 80.4672, 1e-9);
  EXPECT_NEAR(parseEntry("98.6F", Unit::celsius)->value, 37, 1e-9);
  EXPECT_NEAR(parseEntry("-40 \xC2\xB0"
                         "F",
                         Unit::celsius)
                  ->value,
              -40, 1e-9);
  EXPECT_EQ(parseEntry("50", Unit::kmh)->value, 50);
  EXPECT_EQ(format(80.4672, Unit::kmh), "80.5 km/h");
  const Shown american(true, true);
  EXPECT_NEAR(parseEntry("50", Unit::kmh)->value, 80.4672, 1e-9) << "the desk's own unit";
  EXPECT_EQ(parseEntry("80 km/h", Unit::kmh)->value, 80) << "a unit that was typed is taken";
  EXPECT_NEAR(parseEntry("98.6", Unit::celsius)->value, 37, 1e-9);
  EXPECT_EQ(format(80.4672, Unit::kmh), "50.0 mph");
  EXPECT_EQ(formatPlain(20, Unit::celsius), "68 \u00b0F");
  EXPECT_EQ(formatBand(90, 100, Unit::kmh, 2), "56 to 62 mph");
  EXPECT_EQ(formatPlainBand(8, 16, Unit::kmh, 1), "5.0 to 9.9 mph");
  EXPECT_EQ(shownSymbol(Unit::kmh), "mph");
  // What was typed is shown as it was typed, digit for digit.
  EXPECT_EQ(format(*parseEntry("12.5", Unit::kmh)), "12.5 mph");
  EXPECT_EQ(format(4.98, Unit::volt), "4.98 V") << "other units are the same everywhere";
}

TEST(ShownUnits, ANumberGoesThereAndBack) {
  for (const bool miles : {false, true}) {
    for (const bool fahrenheit : {false, true}) {
      const Shown desk(miles, fahrenheit);
      for (const double value : {-40.0, 0.0, 0.3, 25.0, 250.0}) {
        EXPECT_NEAR(fromShown(shown(value, Unit::kmh), Unit::kmh), value, 1e-9);
        EXPECT_NEAR(fromShown(shown(value, Unit::celsius), Unit::celsius), value, 1e-9);
        EXPECT_EQ(shown(value, Unit::ohm), value);
      }
    }
  }
}

}  // namespace
}  // namespace haybale::units
