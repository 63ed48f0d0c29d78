#include "core/circuit/meter.h"

#include <algorithm>

#include "core/base/json.h"
#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

TEST(Meter, IsKeptAsJsonWithWhatItDoesNotKnow) {
  for (const auto& meter : genericMeters()) {
    const auto again = readMeterJson(toJson(meter), "meter");
    ASSERT_HB_OK(again);
    EXPECT_EQ(toJson(*again), toJson(meter));
  }
  const auto odd = readMeterJson(Json{{"name", "yard meter"}, {"colour", "straw"}}, "meter");
  ASSERT_HB_OK(odd);
  EXPECT_EQ(toJson(*odd)["colour"], "straw");
}

TEST(Meter, BrokenRangesAreRefusedWithTheirPlace) {
  const Json falling =
      Json::parse(R"({"ohm_ranges": [{"full_scale_ohm": 6000}, {"full_scale_ohm": 600}]})");
  EXPECT_EQ(readMeterJson(falling, "meter").error().sentence(),
            "meter.ohm_ranges[1].full_scale_ohm: is not above the range before; list the ranges "
            "lowest first");
}

// The straight pieces of a lamp meet, and rise from end to end.
TEST(Meter, LampCharacteristicsAreUnbroken) {
  for (const auto lamp : {Lamp::bulb250mA, Lamp::bulb21W, Lamp::led}) {
    const auto pieces = lampPieces(lamp);
    ASSERT_LE(pieces.size(), Network::kMostPieces);
    for (std::size_t i = 0; i + 1 < pieces.size(); ++i) {
      const double v = pieces[i].toVolts;
      EXPECT_NEAR(pieces[i].siemens * v + pieces[i].amperes,
                  pieces[i + 1].siemens * v + pieces[i + 1].amperes, 1e-9);
      EXPECT_LT(v, pieces[i + 1].toVolts);
    }
  }
  EXPECT_EQ(lampState(Lamp::bulb250mA, 1.0), LampState::lit);
  EXPECT_EQ(lampState(Lamp::bulb250mA, 0.6), LampState::dim);
  EXPECT_EQ(lampState(Lamp::bulb250mA, 0.1), LampState::dark);
}

// A tungsten filament takes its rated current at its rated volts and V^0.5 to V^0.6 of it
// elsewhere: at half the volts about two thirds, either way round (common practice, no source).
TEST(Meter, ABulbTakesItsRatedCurrentAtTwelveVolts) {
  for (const auto lamp : {Lamp::bulb250mA, Lamp::bulb21W}) {
    const auto pieces = lampPieces(lamp);
    const auto ampere = [&](double v) {
      const auto piece = std::find_if(pieces.begin(), pieces.end(),
                                      [&](const Piece& p) { return v <= p.toVolts; });
      return piece->siemens * v + piece->amperes;
    };
    EXPECT_NEAR(ampere(12) / ratedAmpere(lamp), 1, 0.02);
    EXPECT_NEAR(ampere(6) / ratedAmpere(lamp), 0.68, 0.03);
    EXPECT_NEAR(ampere(0), 0, 1e-9);
    EXPECT_NEAR(ampere(-6), -ampere(6), 1e-9);
  }
}

}  // namespace
}  // namespace haybale::circuit
