// What a memory spares: whatever is done to a case, and in whatever order, what is believed with it
// is what would be believed without.
#include <functional>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class CourseOf : public Job {
 protected:
  // The same case with the memory and without: all that the belief says of it.
  void same(const std::string& after) {
    const auto kept = assessCase(c, "/", shelf, {}, &memory);
    const auto fresh = assessed();
    ASSERT_EQ(kept.conclusion.suspects.size(), fresh.conclusion.suspects.size()) << after;
    for (std::size_t i = 0; i < fresh.conclusion.suspects.size(); ++i) {
      EXPECT_EQ(kept.conclusion.suspects[i].element, fresh.conclusion.suspects[i].element) << after;
      EXPECT_DOUBLE_EQ(kept.conclusion.suspects[i].share, fresh.conclusion.suspects[i].share)
          << after;
    }
    const Belief& a = kept.beliefs->leading();
    const Belief& b = fresh.beliefs->leading();
    ASSERT_EQ(a.weighings().size(), b.weighings().size()) << after;
    EXPECT_DOUBLE_EQ(a.logEvidence(), b.logEvidence()) << after;
    EXPECT_EQ(a.history(), b.history()) << after;
    for (std::size_t k = 0; k < b.weighings().size(); ++k) {
      EXPECT_EQ(a.weighings()[k].evidence, b.weighings()[k].evidence) << after;
      EXPECT_DOUBLE_EQ(a.weighings()[k].bits, b.weighings()[k].bits) << after;
      EXPECT_DOUBLE_EQ(a.weighings()[k].mistake, b.weighings()[k].mistake) << after;
    }
  }

  LikelihoodMemory memory;
};

TEST_F(CourseOf, ACaseIsTheSameHoweverItCameToIt) {
  using Step = std::pair<const char*, std::function<void()>>;
  const std::vector<Step> steps{
      {"nothing read", [] {}},
      {"the first reading", [&] { reading("RR", "module pair 4M8"); }},
      {"one more", [&] { reading("RR", "C2.w pair 1.10k unplugged"); }},
      {"codes",
       [&] {
         codes({{"RR", job::CodeType::open, {}}});
       }},
      {"the good wheel", [&] { reading("RL", "module pair 1.12k"); }},
      {"one behind it", [&] { reading("RR", "C1.w pair 4M7 unplugged"); }},
      {"the last one changed", [&] { c.evidence.back().reading.value->value = 1.2e3; }},
      {"one in the middle withdrawn", [&] { c.evidence[1].withdrawn = true; }},
      {"and counted again", [&] { c.evidence[1].withdrawn = false; }},
      {"the last one taken away", [&] { c.evidence.pop_back(); }},
      {"the first one taken away", [&] { c.evidence.erase(c.evidence.begin()); }},
      {"the complaint", [&] { c.complaint.earlierRepair = {"L2"}; }},
      {"another meter", [&] { c.meter.inputOhm = 1e6; }},
  };
  for (const auto& [after, step] : steps) {
    step();
    same(after);
  }
}

// Ohms through an active sensor say little alone; once those of its like are typed in, however
// late, they say more (trade facts: an ohmmeter on an active sensor means something only against an
// identical good one).
TEST_F(CourseOf, WhatAReadingSaysAloneIsForgottenOnceItsLikeIsRead) {
  kind(circuit::SensorKind::active);
  reading("RR", "sensor pair 3.4M");
  reading("RR", "C2 a gnd 11.4V dc key on unplugged");
  same("alone");
  const double alone = share("sensor");
  for (const auto* like : {"sensor pair 650k", "sensor pair OL"}) {
    reading("RL", like);
    same(like);
    EXPECT_NE(share("sensor"), alone) << like;
    c.evidence.back().withdrawn = true;
    same("and without it again");
    EXPECT_DOUBLE_EQ(share("sensor"), alone);
    c.evidence.pop_back();
  }
}

}  // namespace
}  // namespace haybale::diagnosis
