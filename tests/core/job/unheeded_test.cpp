#include "core/job/unheeded.h"

#include "support/haybale_test.h"

namespace haybale::job {
namespace {

TEST(Unheeded, ASoundCaseHasNothingThatIsNotHeeded) {
  auto c = newCase();
  EXPECT_TRUE(unheeded(c).empty());
  c.complaint.when.assign(kWhenNames.begin(), kWhenNames.end());
  c.toolbox.assign(kToolNames.begin(), kToolNames.end());
  c.allowed.assign(kAllowedNames.begin(), kAllowedNames.end());
  for (const auto& e : c.suspectCircuit()->path) {
    c.complaint.earlierRepair.push_back(e.id);
  }
  EXPECT_TRUE(unheeded(c).empty());
}

TEST(Unheeded, EachStrangeWordIsNamedWithWhereAndWhatIsKnown) {
  auto c = newCase();
  c.complaint.when = {"bumps", "wet"};
  c.toolbox = {"multimeter", "oscilloscope"};
  c.allowed = {"drill"};
  c.complaint.earlierRepair = {"L2", "L77"};
  const auto said = unheeded(c);
  ASSERT_EQ(said.size(), 4U);
  const auto names = [](const std::string& sentence, std::initializer_list<const char*> all) {
    return std::all_of(all.begin(), all.end(),
                       [&](const char* word) { return sentence.find(word) != std::string::npos; });
  };
  EXPECT_TRUE(names(said[0], {"complaint.when", "\"bumps\"", "bump, steering"})) << said[0];
  EXPECT_TRUE(names(said[1], {"toolbox", "\"oscilloscope\"", "scope"})) << said[1];
  EXPECT_TRUE(names(said[2], {"allowed", "\"drill\"", "pierce"})) << said[2];
  EXPECT_TRUE(names(said[3], {"complaint.earlier_repair", "\"L77\"", "L2"})) << said[3];
}

}  // namespace
}  // namespace haybale::job
