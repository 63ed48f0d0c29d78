// Twelve stories of the trade as cases (tests/stories/stories.json; facts of the trade: trade
// practice, no source, readings worked out by hand for a 5 V bias through 10 kohm, or 11.4 V
// through 110 ohm): each must end on the element a technician would name, and say so with reasons.
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/session/assessment.h"
#include "core/session/diagnosis_json.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {
namespace {

Json stories() {
  return Json::parse(test::read(std::string(HAYBALE_SOURCE_DIR) + "/tests/stories/stories.json"));
}

Json caseOf(const Json& story) {
  const auto circuit = [&](const char* name, const char* where) {
    return Json{
        {"name", name},
        {"location", where},
        {"sensor", {{"kind", story["sensor"]}, {"teeth", 48}}},
        {"path",
         {{{"id", "module"}, {"kind", "module"}, {"zone", "engine-bay"}, {"access_min", 4}},
          {{"id", "L1"}, {"kind", "leg"}, {"length_m", 2.5}, {"zone", "cabin"}, {"access_min", 6}},
          {{"id", "C1"}, {"kind", "connector"}, {"zone", "underbody"}, {"access_min", 6}},
          {{"id", "L2"}, {"kind", "leg"}, {"length_m", 0.8}, {"zone", "flex"}, {"access_min", 3}},
          {{"id", "C2"}, {"kind", "connector"}, {"zone", "wheelhouse"}, {"access_min", 3}},
          {{"id", "sensor"}, {"kind", "sensor"}, {"zone", "wheelhouse"}, {"access_min", 8}},
          {{"id", "ring"}, {"kind", "ring"}, {"access_min", 5}}}}};
  };
  return {{"format", "haybale-case"},
          {"version", 1},
          {"job", {{"title", story["name"]}, {"circumference_m", 1.95}}},
          {"circuits", {circuit("RL", "rear left"), circuit("RR", "rear right")}},
          {"suspect", "RR"},
          {"complaint", story["complaint"]},
          {"toolbox", {"multimeter", "scope", "scan-tool", "jumper-leads"}},
          {"allowed", {"unplug", "back-probe"}},
          {"evidence", story["evidence"]}};
}

class Story : public testing::TestWithParam<Json> {};

TEST_P(Story, EndsOnTheRightElement) {
  const auto& story = GetParam();
  const auto c = job::fromJson(caseOf(story), "story");
  ASSERT_HB_OK(c);
  CaptureShelf shelf;
  const auto a = assessCase(*c, "/", shelf);
  const auto verdict = verdictJson(*c, a.conclusion);
  const auto& expect = story["expect"];
  EXPECT_EQ(verdict["element"], expect["element"]) << verdict.dump(1) << story["why"];
  bool named = false;
  for (const auto& fault : expect["faults"]) {
    named = named || verdict["fault"] == fault;
  }
  EXPECT_TRUE(named) << verdict.dump(1);
  if (!expect["wire"].is_null()) {
    EXPECT_EQ(verdict["wire"], expect["wire"]);
  }
  EXPECT_GT(verdict["confidence"].get<double>(), 0.6) << verdict.dump(1);
  EXPECT_NE(verdict["state"], "contradictory") << verdict.dump(1);
  // One reason for every reading of the suspect.
  EXPECT_GE(a.conclusion.reasons.size(), 2U);
}

INSTANTIATE_TEST_SUITE_P(OfTheTrade, Story, testing::ValuesIn([] {
                           std::vector<Json> out;
                           for (const auto& story : stories()) {
                             out.push_back(story);
                           }
                           return out;
                         }()),
                         [](const auto& each) {
                           return each.param["name"].template get<std::string>();
                         });

}  // namespace
}  // namespace haybale::diagnosis
