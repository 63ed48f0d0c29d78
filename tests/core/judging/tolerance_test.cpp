// Tolerance factors against SciPy and against published tables, and the limits made of good parts.
#include "core/judging/tolerance.h"

#include <cmath>
#include <cstdlib>

#include "core/base/json.h"
#include "core/judging/known_good.h"
#include "support/haybale_test.h"

namespace haybale::judging {
namespace {

TEST(Tolerance, FactorsAreThoseOfSciPy) {
  const test::Folder folder;
  const std::string out = folder.file("factors.json");
  const std::string command =
      std::string(HAYBALE_PYTHON) + " " + HAYBALE_SOURCE_DIR + "/tests/outside/tolerance.py " + out;
  ASSERT_EQ(std::system(command.c_str()), 0);
  const auto rows = Json::parse(test::read(out));
  ASSERT_EQ(rows.size(), 6U);
  for (const auto& row : rows) {
    const auto n = row["n"].get<std::size_t>();
    const double p = row["p"].get<double>();
    const double g = row["g"].get<double>();
    const double one = row["one"].get<double>();
    const double two = row["two"].get<double>();
    EXPECT_NEAR(oneSidedToleranceFactor(n, p, g), one, 1e-4 * one) << n;
    EXPECT_NEAR(twoSidedToleranceFactor(n, p, g), two, 1e-4 * two) << n;
  }
}

// ISO 16269-6, tables of one-sided factors for unknown mean and deviation, coverage and confidence
// 0.95: n = 5 4.203, n = 10 2.911, n = 20 2.396 (from memory; the same figures stand in the common
// quality handbooks).
TEST(Tolerance, OneSidedFactorsOfThePublishedTable) {
  EXPECT_NEAR(oneSidedToleranceFactor(5, 0.95, 0.95), 4.203, 0.001);
  EXPECT_NEAR(oneSidedToleranceFactor(10, 0.95, 0.95), 2.911, 0.001);
  EXPECT_NEAR(oneSidedToleranceFactor(20, 0.95, 0.95), 2.396, 0.001);
}

TEST(Tolerance, FewPartsMakeAWideIntervalAndOneMakesNone) {
  const double one[] = {1100};
  EXPECT_FALSE(spreadOf(std::span<const double>(one)).low);
  const double two[] = {1100, 1120};
  const auto spread = spreadOf(std::span<const double>(two));
  EXPECT_GT(spread.factor, 30);
  EXPECT_LT(*spread.low, 700);
  EXPECT_TRUE(std::isnan(twoSidedToleranceFactor(1, 0.95, 0.95)));
  EXPECT_TRUE(std::isnan(oneSidedToleranceFactor(5, 1.0, 0.95)));
}

std::vector<GoodSample> coils(const std::vector<std::pair<double, double>>& ohmsAtCelsius) {
  std::vector<GoodSample> out;
  for (const auto& [ohm, celsius] : ohmsAtCelsius) {
    GoodSample s;
    s.value = ohm;
    s.celsius = celsius;
    s.date = "2026-11-0" + std::to_string(out.size() + 1);
    out.push_back(s);
  }
  return out;
}

// 0.393 %/K (IEC 60028): 1100 ohm at 20 °C is 1359 at 80 °C, from memory.
TEST(KnownGood, WarmCoilsAreBroughtToTwentyDegrees) {
  const auto spread = spreadOf(coils({{1100, 20}, {1359.4, 80}, {1100, 20}}));
  EXPECT_NEAR(spread.median, 1100, 0.1);
  EXPECT_LT(spread.deviation, 0.2);
}

TEST(KnownGood, ALimitSaysHowManyAndWhen) {
  EXPECT_FALSE(limitFrom(coils({{1100, 20}, {1120, 20}})));
  const auto limit = limitFrom(coils({{1090, 20}, {1110, 20}, {1100, 20}, {1105, 20}}));
  ASSERT_TRUE(limit);
  EXPECT_EQ(limit->provenance, Provenance::goodPart);
  EXPECT_LT(*limit->min, 1090);
  EXPECT_GT(*limit->max, 1110);
  EXPECT_EQ(limit->atCelsius, 20);
  EXPECT_NE(limit->source.find("4 good readings, 2026-11-01 to 2026-11-04"), std::string::npos)
      << limit->source;
  // Nothing varies: no interval can be told.
  EXPECT_FALSE(limitFrom(coils({{1100, 20}, {1100, 20}, {1100, 20}})));
}

}  // namespace
}  // namespace haybale::judging
