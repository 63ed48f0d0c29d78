#include "core/priors/priors.h"

#include <cmath>
#include <set>

#include "core/base/json.h"
#include "support/haybale_test.h"

namespace haybale::priors {
namespace {

std::string file(const char* path) {
  return test::read(std::string(HAYBALE_SOURCE_DIR) + "/" + path);
}

TEST(Priors, EveryValueHasANameAMeaningAndASource) {
  const Json table = Json::parse(file("data/priors.json"));
  std::set<std::string> names;
  for (const auto& value : table["values"]) {
    EXPECT_TRUE(names.insert(value["name"]).second) << value["name"];
    EXPECT_GT(value["meaning"].get<std::string>().size(), 9U) << value["name"];
    EXPECT_FALSE(value["source"].get<std::string>().empty()) << value["name"];
    EXPECT_NE(idOf(value["name"].get<std::string>()), Id::count);
  }
  EXPECT_EQ(names.size(), kCount) << "what is compiled in is what the file says";
}

TEST(Priors, TheFileReadAsAShopsOwnChangesNothing) {
  const auto table = read(file("data/priors.json"), "priors.json");
  ASSERT_HB_OK(table);
  EXPECT_EQ(*table, shipped());
}

TEST(Priors, AShopChangesSomeAndTheRestStays) {
  const auto table =
      read(R"({"format":"haybale-priors","version":1,"values":[{"name":"sensor-open","value":9}]})",
           "shop.json");
  ASSERT_HB_OK(table);
  EXPECT_EQ((*table)[static_cast<std::size_t>(Id::sensorOpen)], 9);
  EXPECT_EQ((*table)[static_cast<std::size_t>(Id::wiringOpen)], of(Id::wiringOpen));
}

TEST(Priors, WhatIsWrongIsRefusedInOneSentence) {
  const auto refused = [](const std::string& values, const char* words) {
    const auto table =
        read(R"({"format":"haybale-priors","version":1,"values":[)" + values + "]}", "shop.json");
    ASSERT_FALSE(table.ok()) << values;
    const std::string sentence = table.error().sentence();
    EXPECT_NE(sentence.find(words), std::string::npos) << sentence;
    EXPECT_NE(sentence.find("shop.json"), std::string::npos) << sentence;
    EXPECT_EQ(sentence.find('\n'), std::string::npos);
  };
  refused(R"({"name":"sensor-opne","value":1})", "not a name here");
  refused(R"({"name":"doubt-ohms","value":1.5})", "no probability");
  refused(R"({"name":"sensor-open","value":-1})", "shop.json");
  refused(R"({"name":"sensor-open"})", "no value");
  EXPECT_FALSE(read("[]", "shop.json").ok());
  EXPECT_FALSE(read(R"({"format":"other"})", "shop.json").ok());
}

TEST(Priors, AChangeLastsAsLongAsItLives) {
  const double before = of(Id::settled);
  {
    const Changed now(Id::settled, 0.5);
    EXPECT_EQ(of(Id::settled), 0.5);
  }
  EXPECT_EQ(of(Id::settled), before);
}

// docs/physics.md quotes values as `name` = value; what it says is what the table holds.
TEST(Priors, ThePageOfFormulasQuotesThemRightly) {
  const std::string page = file("docs/physics.md");
  int quoted = 0;
  for (std::size_t i = 0; i < kCount; ++i) {
    const auto id = static_cast<Id>(i);
    const std::string mark = "`" + std::string(nameOf(id)) + "` = ";
    const auto at = page.find(mark);
    if (at != std::string::npos) {
      ++quoted;
      EXPECT_NEAR(std::stod(page.substr(at + mark.size())), of(id), 1e-9) << nameOf(id);
    }
  }
  EXPECT_GE(quoted, 10);
}

}  // namespace
}  // namespace haybale::priors
