// Twelve stories of the trade as cases (tests/stories/stories.json; facts of the trade: trade
// practice, no source, readings worked out by hand for a 5 V bias through 10 kohm, or 11.4 V
// through 110 ohm): each must end on the element a technician would name, and say so with reasons.
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/priors/priors.h"
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

// The numbers of data/priors.json are rules of thumb: no verdict may hang on one of them. Each is
// moved by 30 % up and down (a probability no further than 1): here a few of them in
// each story; HAYBALE_ALL_PRIORS in the environment moves all of them in every story, which takes a
// quarter of an hour.
TEST_P(Story, HangsOnNoSingleNumber) {
  const auto c = job::fromJson(caseOf(GetParam()), "story");
  ASSERT_HB_OK(c);
  const WaveformSet none;
  const auto element = [&] {
    const Beliefs beliefs(*c, none);
    std::vector<ReadingView> views;
    for (const auto& e : beliefs.job().evidence) {
      views.push_back(assess(beliefs.job(), e, none, beliefs.knowledge()));
    }
    const auto conclusion = conclude(beliefs, views);
    return std::pair{verdictJson(*c, conclusion)["element"].dump(), leadingShare(conclusion)};
  };
  const auto before = element();
  int moved = 0;
  const auto all = stories();
  const auto own =
      static_cast<std::size_t>(std::find(all.begin(), all.end(), GetParam()) - all.begin());
  const bool every = std::getenv("HAYBALE_ALL_PRIORS") != nullptr;
  for (std::size_t i = every ? 0 : own; i < priors::kCount; i += every ? 1 : 8 * all.size()) {
    const auto id = static_cast<priors::Id>(i);
    for (const double times : {0.7, 1.3}) {
      const double value = priors::of(id) * times;
      const priors::Changed changed(id, priors::of(id) <= 1 ? std::min(1.0, value) : value);
      const auto after = element();
      EXPECT_EQ(after.first, before.first) << priors::nameOf(id) << " times " << times;
      moved += after.second != before.second ? 1 : 0;
    }
  }
  // Of all of them many are read by every story.
  EXPECT_GT(moved, every ? 20 : -1);
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
