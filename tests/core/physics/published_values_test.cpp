// Values from outside the project. Each is from memory of the source named.
#include <cmath>

#include "core/physics/copper.h"
#include "core/physics/substitution.h"
#include "core/physics/tyre.h"
#include "support/haybale_test.h"

namespace haybale::physics {
namespace {

// ASTM B258, solid round wire, cross-section in mm² (from memory, to the three digits usually
// printed).
TEST(PublishedValues, GaugeSectionsAgreeWithAstmB258) {
  const std::pair<int, double> table[] = {{10, 5.26},  {12, 3.31},  {14, 2.08},  {16, 1.31},
                                          {18, 0.823}, {20, 0.518}, {22, 0.326}, {24, 0.205}};
  for (const auto& [awg, mm2] : table) {
    EXPECT_NEAR(awgAreaMm2(awg), mm2, 0.003 * mm2) << "AWG " << awg;
  }
}

// ASTM B258 / wire tables: annealed copper at 20 °C, ohm per kilometre: AWG 18 20.95, AWG 20 33.31,
// AWG 22 52.96.
TEST(PublishedValues, GaugeResistancesAgreeWithTheWireTable) {
  EXPECT_NEAR(wireOhm(1000, awgAreaMm2(18)), 20.95, 0.03);
  EXPECT_NEAR(wireOhm(1000, awgAreaMm2(20)), 33.31, 0.05);
  EXPECT_NEAR(wireOhm(1000, awgAreaMm2(22)), 52.96, 0.08);
}

// IEC 60228, class 1 conductor of 0.5 mm² plain copper: at most 36.0 ohm/km at 20 °C; of 1.5
// mm²: 12.1. The nominal section of pure copper must lie below these maxima, and not by more than 6
// %.
TEST(PublishedValues, MetricWiresKeepTheMaximaOfIec60228) {
  for (const auto& [mm2, most] : {std::pair{0.5, 36.0}, std::pair{1.5, 12.1}}) {
    const double ohm = wireOhm(1000, mm2);
    EXPECT_LT(ohm, most);
    EXPECT_GT(ohm, 0.94 * most);
  }
}

// IEC 60028: 1/58 Ω·mm²/m and 3.93e-3 per kelvin at 20 °C. Worked by hand: 1100 Ω at 20 °C is 1100
// · 1.2358 at 80 °C.
TEST(PublishedValues, CopperWarmsByIec60028) {
  EXPECT_NEAR(wireOhm(58, 1), 1.0, 1e-12);
  EXPECT_NEAR(copperOhmAt(1100, 20, 80), 1359.4, 0.1);
  EXPECT_NEAR(copperOhmAt(copperOhmAt(1100, 20, 80), 80, 20), 1100, 1e-9);
}

// ETRTO: overall diameter of 205/55R16 is 632 mm, of 195/65R15 635 mm; rolling circumference 3.05 ·
// diameter.
TEST(PublishedValues, TyresFollowTheEtrtoRule) {
  const auto a = parseTyre("205/55R16");
  const auto b = parseTyre("195/65 R 15 91H");
  ASSERT_HB_OK(a);
  EXPECT_NEAR(a->diameterM(), 0.632, 0.0005);
  EXPECT_NEAR(a->circumferenceM(), 1.927, 0.001);
  EXPECT_FALSE(b.ok() && b->diameterM() < 0.6);
  EXPECT_NEAR(parseTyre("195/65R15")->diameterM(), 0.635, 0.001);
  EXPECT_NEAR(parseTyre("315/80R22.5")->diameterM(), 1.076, 0.001);
}

TEST(PublishedValues, BadTyreSizesSayHowToTypeThem) {
  for (const char* text :
       {"", "205", "205/55", "two hundred", "205/55R99", "1e400/55R16", "-205/55R16"}) {
    const auto tyre = parseTyre(text);
    ASSERT_FALSE(tyre.ok()) << text;
    EXPECT_NE(tyre.error().wanted.find("205/55R16"), std::string::npos);
  }
}

// Worked by hand: 20 km/h = 5.5556 m/s; / 1.927 m = 2.8830 turns/s; x 48 teeth = 138.38 Hz.
TEST(PublishedValues, ToothFrequencyWorkedByHand) {
  EXPECT_NEAR(toothHz(20, 48, 1.927), 138.38, 0.01);
  EXPECT_NEAR(speedKmh(138.38, 48, 1.927), 20, 0.001);
}

// Common practice, no source: 12 V gives about 1.7 kΩ for 7 mA and 860 Ω for 14 mA; R = U / I.
TEST(PublishedValues, InjectionResistorsFollowOhm) {
  EXPECT_NEAR(injectionOhm(12, 0.007), 1714, 1);
  EXPECT_NEAR(injectionOhm(12, 0.014, 75), 857 - 75, 1);
}

// Worked by hand: 12 / (12 + 355) = 3.27 %; 5 % of the whole takes 355 · 5 / 95 = 18.68 g.
TEST(PublishedValues, TheSaltRecipeIsWeaker) {
  EXPECT_NEAR(saltPercent(12, 355), 3.27, 0.01);
  EXPECT_NEAR(saltGrams(355, 5), 18.68, 0.01);
}

}  // namespace
}  // namespace haybale::physics
