// What is shown can be typed again, in any unit, size and number of digits.
#include <cmath>
#include <random>

#include "core/units/quantity.h"
#include "support/haybale_test.h"

namespace haybale::units {
namespace {

TEST(RoundTrip, WhatIsShownIsReadBackToItsLastDigit) {
  std::mt19937 random(31);
  std::uniform_real_distribution<double> decade(-3.9, 8.9), sign(0, 1);
  for (const Unit unit : {Unit::ohm, Unit::volt, Unit::ampere, Unit::hertz}) {
    for (int i = 0; i < 500; ++i) {
      const double value = std::pow(10, decade(random));
      const int digits = 2 + i % 5;
      const bool minus = unit == Unit::volt && sign(random) < 0.3;
      const std::string shown = format(minus ? -value : value, unit, digits);
      const auto back = parseEntry(shown, unit);
      ASSERT_TRUE(back.ok()) << shown << ": " << back.error().sentence();
      EXPECT_NEAR(back->value, minus ? -value : value, 0.51 * std::pow(10, 1 - digits) * value)
          << shown;
      EXPECT_EQ(back->unit, unit) << shown;
      // Typed again it is the same, digit for digit: just the digits that were shown.
      const auto again = parseEntry(format(*back), unit);
      ASSERT_TRUE(again.ok()) << format(*back);
      EXPECT_DOUBLE_EQ(again->value, back->value) << shown;
      EXPECT_DOUBLE_EQ(again->resolution, back->resolution) << shown;
    }
  }
}

TEST(RoundTrip, APrefixIsAThousandAndNothingElse) {
  const std::pair<const char*, double> prefixes[] = {
      {"p", 1e-12}, {"n", 1e-9}, {"u", 1e-6}, {"m", 1e-3}, {"k", 1e3}, {"M", 1e6}, {"G", 1e9}};
  for (const auto& [prefix, times] : prefixes) {
    const auto volts = parseEntry(std::string("2.5") + prefix + "V", Unit::volt);
    ASSERT_TRUE(volts.ok()) << prefix;
    EXPECT_NEAR(volts->value, 2.5 * times, 1e-12 * times) << prefix;
    EXPECT_NEAR(volts->resolution, 0.1 * times, 1e-12 * times) << prefix;
    EXPECT_TRUE(volts->unitTyped);
  }
}

// NIST SP 811 (2008), appendix B.8: a mile is 1.609344 km, a degree Fahrenheit 5/9 of a degree.
TEST(RoundTrip, MilesAndFahrenheitComeBackAsTheyWere) {
  setShownUnits(true, true);
  for (const double value : {-40.0, 0.0, 20.0, 80.47, 100.0}) {
    for (const Unit unit : {Unit::kmh, Unit::celsius}) {
      EXPECT_NEAR(fromShown(shown(value, unit), unit), value, 1e-9);
    }
  }
  EXPECT_NEAR(shown(100, Unit::celsius), 212, 1e-9);
  EXPECT_NEAR(shown(-40, Unit::celsius), -40, 1e-9) << "where both scales meet";
  EXPECT_NEAR(shown(1.609344, Unit::kmh), 1, 1e-12);
  EXPECT_DOUBLE_EQ(shown(5, Unit::volt), 5);
  setShownUnits(false, false);
  EXPECT_DOUBLE_EQ(shown(100, Unit::celsius), 100);
}

TEST(RoundTrip, OneRuleSaysWhatCanBeAReading) {
  EXPECT_TRUE(notReadable(Unit::ohm, 0).empty());
  EXPECT_TRUE(notReadable(Unit::ohm, kLeastOhm).empty()) << "leads nulled a little too well";
  EXPECT_FALSE(notReadable(Unit::ohm, 2 * kLeastOhm).empty());
  EXPECT_TRUE(notReadable(Unit::volt, -12).empty());
  EXPECT_FALSE(notReadable(Unit::hertz, -1).empty());
  for (const Unit unit : {Unit::ohm, Unit::volt, Unit::hertz}) {
    EXPECT_FALSE(notReadable(unit, 2 * kMostReadable).empty());
    EXPECT_FALSE(notReadable(unit, std::nan("")).empty());
  }
}

}  // namespace
}  // namespace haybale::units
