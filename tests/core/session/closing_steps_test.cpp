// What is left to the end of a job, in the order of the trade. Common practice, no source.
#include "core/session/closing.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {
namespace {

const ClosingStep* step(const std::vector<ClosingStep>& steps, ClosingKind kind) {
  for (const auto& s : steps) {
    if (s.kind == kind) {
      return &s;
    }
  }
  return nullptr;
}

class ClosingSteps : public testing::Test {
 protected:
  ClosingSteps() {
    found.state = State::isolated;
    found.headline = "Isolated: L2 wire b open";
    found.suspects = {{"L2", circuit::WireId::b, Fault::open, 0.98}};
  }
  [[nodiscard]] std::vector<ClosingStep> steps(const Proof* proof = nullptr) const {
    return closingSteps(c, found, proof);
  }
  job::Case c = job::newCase();
  Conclusion found;
};

TEST_F(ClosingSteps, NothingIsDoneAtFirstButTheFinding) {
  const auto all = steps();
  ASSERT_EQ(all.size(), 5U) << "nothing was pierced";
  EXPECT_TRUE(all[0].done);
  for (std::size_t i = 1; i < all.size(); ++i) {
    EXPECT_FALSE(all[i].done) << all[i].what;
    EXPECT_FALSE(all[i].how.empty());
  }
  found.state = State::open;
  EXPECT_FALSE(steps()[0].done);
  c.repair.decision = "fit a sensor on suspicion";
  EXPECT_TRUE(steps()[0].done) << "the owner went ahead";
}

TEST_F(ClosingSteps, TheWorkIsDoneWhenEveryStepIsTicked) {
  const auto work = repairSteps(c, found.suspects.front());
  ASSERT_GT(work.size(), 2U);
  for (std::size_t i = 0; i < work.size(); ++i) {
    EXPECT_FALSE(step(steps(), ClosingKind::repair)->done);
    c.repair.done.push_back(work[i].id);
  }
  EXPECT_TRUE(step(steps(), ClosingKind::repair)->done);
}

TEST_F(ClosingSteps, APiercedHoleIsAStepOfItsOwn) {
  job::Evidence e;
  e.id = "e1";
  e.test.kind = circuit::TestKind::dcVoltage;
  e.test.circuit = c.suspect;
  e.test.red = circuit::Probe{{circuit::Place::Kind::along, "L2", 0.5}, circuit::WireId::b};
  c.evidence.push_back(e);
  ASSERT_NE(step(steps(), ClosingKind::seal), nullptr);
  EXPECT_FALSE(step(steps(), ClosingKind::seal)->done);
  c.repair.sealed = {piercedHoles(c).at(0).key};
  EXPECT_TRUE(step(steps(), ClosingKind::seal)->done);
}

TEST_F(ClosingSteps, ProofIsThePlanMadeAndSound) {
  Proof proof;
  proof.plan.resize(3);
  proof.made = 2;
  proof.wrong = 0.05;
  EXPECT_FALSE(step(steps(&proof), ClosingKind::prove)->done);
  EXPECT_EQ(step(steps(&proof), ClosingKind::prove)->how, "2 of 3 tests made");
  proof.made = 3;
  EXPECT_TRUE(step(steps(&proof), ClosingKind::prove)->done);
  proof.results = {{"p1", false, 0.9}};
  proof.wrong = 0.9;
  EXPECT_FALSE(step(steps(&proof), ClosingKind::prove)->done) << "it showed that it is still wrong";
}

TEST_F(ClosingSteps, AClosedJobSaysWhen) {
  c.closing.date = "2026-11-27";
  EXPECT_TRUE(steps().back().done);
  EXPECT_NE(steps().back().how.find("2026-11-27"), std::string::npos);
}

}  // namespace
}  // namespace haybale::diagnosis
