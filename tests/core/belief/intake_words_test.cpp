// What the counter says in words: one sentence for each thing that moves the odds.
#include <cstdio>

#include "core/belief/intake_priors.h"
#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using priors::Id;
using priors::of;

class IntakeWords : public Job {
 protected:
  // The sentence that has this in it; empty where there is none.
  [[nodiscard]] std::string sentence(const std::string& part) const {
    for (const auto& words : priorWords(c)) {
      if (words.find(part) != std::string::npos) {
        return words;
      }
    }
    return "";
  }
  void stored(const char* circuit, const char* meaning, const char* status) {
    job::StoredCode code;
    code.circuit = circuit;
    code.meaning = meaning;
    code.status = status;
    c.intake.codes.push_back(code);
  }
};

TEST_F(IntakeWords, OfAJobNobodyHasToldAnythingOfAskForTheBasics) {
  const auto words = priorWords(c);
  ASSERT_EQ(words.size(), 1U);
  EXPECT_EQ(words[0].find("Not looked at yet: "), 0U) << words[0];
}

TEST_F(IntakeWords, OfTheComplaintAreOneForEachCircumstance) {
  c.complaint.when = {"wet", "bump"};
  EXPECT_FALSE(sentence("In the wet").empty());
  EXPECT_FALSE(sentence("Over bumps").empty());
  EXPECT_TRUE(sentence("When steering").empty());
  c.complaint.when = {"always"};
  EXPECT_EQ(priorWords(c).size(), 1U) << "that it is always there tells nothing";
}

TEST_F(IntakeWords, OfAStoredCodeAreOfTheSuspectsAndSayHowFarItIsBelieved) {
  stored("RR", "open", "active");
  stored("RL", "short-ground", "active");
  stored("RR", "", "active");
  const auto words = sentence("Stored");
  EXPECT_NE(words.find("\"open\" of RR"), std::string::npos) << words;
  char percent[40];
  std::snprintf(percent, sizeof percent, "believed to %.0f %%", 100 * of(Id::trustActiveCode));
  EXPECT_NE(words.find(percent), std::string::npos) << words;
  EXPECT_TRUE(sentence("of RL").empty()) << "another wheel's";
  EXPECT_EQ(priorWords(c).size(), 2U) << "and none of a code that says nothing";
  c.intake.codes[0].status = "history";
  EXPECT_GT(of(Id::trustActiveCode), of(Id::trustHistoryCode));
  EXPECT_EQ(sentence(percent), "");
}

TEST_F(IntakeWords, OfTheModulesSupplyAreThreeThings) {
  c.intake.basics["fuses-and-relay"] = "bad";
  EXPECT_FALSE(sentence("mend that first").empty());
  EXPECT_TRUE(sentence("Not looked at yet").empty());
  c.intake.basics = {
      {"fuses-and-relay", "good"}, {"module-power", "good"}, {"module-ground", "good"}};
  EXPECT_FALSE(sentence("less than half").empty());
  EXPECT_LT(of(Id::basicsGood), 0.5);
  c.intake.basics.erase("module-ground");
  const auto left = sentence("Not looked at yet");
  EXPECT_FALSE(left.empty());
  EXPECT_TRUE(sentence("less than half").empty());
}

TEST_F(IntakeWords, OfALiftARepairAndWhatWasDoneSayWhatTheyWeigh) {
  EXPECT_TRUE(sentence("lift").empty());
  c.complaint.lift = true;
  EXPECT_FALSE(sentence("Seen only on a lift").empty());
  c.complaint.earlierRepair = {"L2", "C1"};
  EXPECT_FALSE(sentence("Repaired before (L2, C1)").empty());
  job::History h;
  h.element = "sensor";
  h.what = job::Work::replaced;
  h.cured = false;
  c.history = {h};
  EXPECT_FALSE(sentence("did not cure it").empty());
  c.history[0].cured = true;
  EXPECT_FALSE(sentence("and that cured it").empty());
  EXPECT_TRUE(sentence("did not cure it").empty());
  c.history[0].before = true;
  EXPECT_FALSE(sentence("sits at the repair").empty());
}

TEST_F(IntakeWords, OfClosedJobsNameWhatWasWrongMostly) {
  c.learnt.jobs = 12;
  EXPECT_FALSE(sentence("12 closed jobs weigh in.").empty());
  c.learnt.counts = {{"sensor", 3}, {"connector/wheelhouse", 7}, {"ring", 2}};
  EXPECT_FALSE(sentence("most were connector/wheelhouse (7)").empty());
}

}  // namespace
}  // namespace haybale::diagnosis
