// Limits sheets: both forms in and out, and what is wrong with a bad one.
#include "core/judging/limits_sheet.h"

#include "support/haybale_test.h"

namespace haybale::judging {
namespace {

LimitsSheet sheet() {
  LimitsSheet out;
  out.vehicle = "Bale wagon 7";
  out.source = "workshop folder, page 12";
  out.date = "2026-11-02";
  Limit coil;
  coil.min = 950;
  coil.max = 1100;
  coil.atCelsius = 20;
  coil.provenance = Provenance::serviceInformation;
  coil.source = "said \"cold\", measured";
  Limit insulation;
  insulation.quantity = Quantity::wireInsulation;
  insulation.min = 20e6;
  out.limits = {coil, insulation};
  return out;
}

void expectSame(const LimitsSheet& a, const LimitsSheet& b) {
  EXPECT_EQ(a.vehicle, b.vehicle);
  EXPECT_EQ(a.source, b.source);
  EXPECT_EQ(a.date, b.date);
  ASSERT_EQ(a.limits.size(), b.limits.size());
  for (std::size_t i = 0; i < a.limits.size(); ++i) {
    EXPECT_EQ(a.limits[i].quantity, b.limits[i].quantity);
    EXPECT_EQ(a.limits[i].min, b.limits[i].min);
    EXPECT_EQ(a.limits[i].max, b.limits[i].max);
    EXPECT_EQ(a.limits[i].atCelsius, b.limits[i].atCelsius);
    EXPECT_EQ(a.limits[i].provenance, b.limits[i].provenance);
    EXPECT_EQ(a.limits[i].source, b.limits[i].source);
  }
}

TEST(LimitsSheet, BothFormsComeBackAsTheyWent) {
  const auto json = parseLimitsSheet(limitsSheetJson(sheet()), "s.json");
  ASSERT_HB_OK(json);
  expectSame(*json, sheet());
  const auto csv = parseLimitsSheet(limitsSheetCsv(sheet()), "s.csv");
  ASSERT_HB_OK(csv);
  expectSame(*csv, sheet());
}

TEST(LimitsSheet, ASpreadsheetsOwnCsvIsRead) {
  const auto read = parseLimitsSheet(
      "\xEF\xBB\xBFsource;quantity;max;min\r\npage 4;coil-resistance;1k1;950\r\n\r\n", "s.csv");
  ASSERT_HB_OK(read);
  ASSERT_EQ(read->limits.size(), 1U);
  EXPECT_EQ(*read->limits[0].max, 1100);
  EXPECT_EQ(read->limits[0].provenance, Provenance::serviceInformation);
}

struct Bad {
  const char* text;
  const char* says;
};

TEST(LimitsSheet, WhatIsWrongIsSaidWithItsLine) {
  const Bad all[] = {
      {"", "holds no limits"},
      {"min,max\n1,2\n", "s:1: has no column \"quantity\""},
      {"quantity,min\ncoil,1\n", "s:2: \"coil\" is no quantity"},
      {"quantity,min,max\ncoil-resistance,9,1\n", "s:2: min is above max"},
      {"quantity,min\ncoil-resistance,lots\n", "s:2: \"lots\" is not a number"},
      {"quantity,provenance\ncoil-resistance,rumour\n", "s:2: \"rumour\" is no provenance"},
      {"{\"format\": \"other\"}", "is not a limits sheet"},
      {"{\"format\": \"haybale-limits\", \"limits\": [{\"quantity\": 3}]}", "limits[0].quantity"},
      {"quantity\n\xff\xfe", "is not UTF-8"},
  };
  for (const auto& bad : all) {
    const auto read = parseLimitsSheet(bad.text, "s");
    ASSERT_FALSE(read.ok()) << bad.text;
    EXPECT_NE(read.error().sentence().find(bad.says), std::string::npos) << read.error().sentence();
  }
}

// What JSON takes the CSV must take back: a number beyond what a meter shows was written as one
// that nobody could read.
TEST(LimitsSheet, ANumberNoMeterShowsIsRefusedInBothForms) {
  const auto json = parseLimitsSheet(
      R"({"format": "haybale-limits", "version": 1, "limits": [{"quantity": "coil-resistance", "min": 4.4e122}]})",
      "s");
  ASSERT_FALSE(json.ok());
  EXPECT_NE(json.error().sentence().find("min"), std::string::npos) << json.error().sentence();
  EXPECT_FALSE(parseLimitsSheet("quantity,min\ncoil-resistance,4.4e122\n", "s").ok());
}

// Both forms have one rule; found by a fuzzer: JSON took a minimum below zero that the CSV written
// from it could not be read with, and CSV took ratios that JSON refuses.
TEST(LimitsSheet, WhatOneFormTakesTheOtherTakes) {
  const auto below = parseLimitsSheet(
      R"({"format":"haybale-limits","limits":[{"quantity":"coil-resistance","min":-800}]})", "s");
  ASSERT_HB_OK(below);
  const auto again = parseLimitsSheet(limitsSheetCsv(*below), "csv");
  ASSERT_HB_OK(again);
  EXPECT_EQ(again->limits.at(0).min, -800);
  for (const char* row : {"coil-resistance,800,2500,0.5,20", "coil-resistance,800,2500,1.1,900",
                          "coil-resistance,2500,800,1.1,20"}) {
    const auto sheet = parseLimitsSheet(
        std::string("quantity,min,max,left_right_ratio,at_celsius\n") + row + "\n", "s");
    ASSERT_FALSE(sheet.ok()) << row;
    EXPECT_EQ(sheet.error().line, 2U);
    EXPECT_FALSE(sheet.error().wanted.empty());
  }
}

TEST(LimitsSheet, ASheetReplacesItsOwnQuantitiesOnly) {
  std::vector<Limit> limits(2);
  limits[1].quantity = Quantity::acOutput;
  limits[1].min = 0.1;
  auto s = sheet();
  s.limits[0].source.clear();
  applySheet(s, limits);
  ASSERT_EQ(limits.size(), 3U);
  EXPECT_EQ(limits[0].source, "workshop folder, page 12, 2026-11-02");
  EXPECT_EQ(limits[1].min, 0.1);
}

TEST(LimitsSheet, EveryGenericValueSaysWhereItIsFrom) {
  ASSERT_GE(genericSheets().size(), 3U);
  for (const auto& generic : genericSheets()) {
    EXPECT_FALSE(generic.limits.empty()) << generic.vehicle;
    for (const auto& limit : generic.limits) {
      EXPECT_NE(limit.source.find("common practice"), std::string::npos) << generic.vehicle;
    }
  }
}

}  // namespace
}  // namespace haybale::judging
