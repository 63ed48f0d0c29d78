// A state of a job is worked out once, whoever asks and from how many threads; what can be said of
// the next one before it is worked out.
#include "core/session/session.h"

#include <thread>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class SessionOf : public Job {};

TEST_F(SessionOf, AJobIsWorkedOutOnceWhicheverThreadAsks) {
  reading("RL", "module pair 1.12k");
  reading("RR", "module pair OL");
  const Session session(c, "/");
  EXPECT_EQ(session.knownAssessment(), nullptr);
  EXPECT_EQ(session.knownProof(), nullptr);
  const Assessment* seen[4] = {};
  const Proof* proofs[4] = {};
  {
    std::vector<std::jthread> askers;
    for (std::size_t i = 0; i < 4; ++i) {
      askers.emplace_back([&, i] {
        seen[i] = &session.assessment();
        proofs[i] = &session.proof();
      });
    }
  }
  for (std::size_t i = 0; i < 4; ++i) {
    EXPECT_EQ(seen[i], session.knownAssessment());
    EXPECT_EQ(proofs[i], session.knownProof());
  }
  EXPECT_EQ(session.assessment().conclusion.headline, assessed().conclusion.headline);
  EXPECT_FALSE(session.proof().plan.empty());
}

TEST_F(SessionOf, StatesThatShareARoomSayWhatTheySayAlone) {
  const auto room = std::make_shared<Workroom>();
  reading("RL", "module pair 1.12k");
  const Session before(c, "/", room);
  (void)before.assessment();
  reading("RR", "module pair OL");
  const Session after(c, "/", room);
  EXPECT_EQ(after.assessment().conclusion.suspects.front().share,
            Session(c, "/").assessment().conclusion.suspects.front().share);
  const auto supposed = before.supposing(c.evidence.back());
  EXPECT_EQ(supposed->assessment().conclusion.suspects.front().share,
            after.assessment().conclusion.suspects.front().share);
  EXPECT_EQ(before.job().evidence.size() + 1, supposed->job().evidence.size());
}

TEST_F(SessionOf, AnOutlookIsKeptByItsTest) {
  c.toolbox = {"multimeter", "scan-tool", "jumper-leads"};
  const Session session(c, "/");
  const auto tests = substitutions(c);
  ASSERT_GE(tests.size(), 2U);
  EXPECT_EQ(session.knownOutlook(tests[0]), nullptr);
  const auto* first = &session.outlook(tests[0]);
  (void)session.outlook(tests[1]);
  EXPECT_EQ(session.knownOutlook(tests[0]), first);
  EXPECT_FALSE(first->rows.empty());
}

TEST_F(SessionOf, ANewReadingIsJudgedByWhatIsKnownBeforeItIsWeighed) {
  reading("RL", "module pair 1.12k");
  const Session before(c, "/");
  const auto was = c;
  reading("RR", "module pair OL");
  const auto carried = carriedOver(before.assessment(), was, c);
  ASSERT_EQ(carried.views.size(), 2U);
  EXPECT_EQ(carried.views[1].verdict, judging::Verdict::fail);
  EXPECT_EQ(carried.views[1].reason, Session(c, "/").assessment().views[1].reason);
  EXPECT_EQ(carried.conclusion.headline, before.assessment().conclusion.headline);
  // On a line that was changed meanwhile nothing is judged by what was learnt of the old one.
  c.circuits.front().path.pop_back();
  const auto other = carriedOver(before.assessment(), was, c);
  ASSERT_EQ(other.views.size(), 2U);
  EXPECT_FALSE(other.views[1].verdict);
}

TEST_F(SessionOf, AJobWithoutACircuitHasNothingToSay) {
  const Session session(job::Case{}, "/");
  EXPECT_TRUE(session.assessment().proposals.empty());
  EXPECT_TRUE(session.proof().plan.empty());
  EXPECT_TRUE(session.outlook({}).rows.empty());
}

}  // namespace
}  // namespace haybale::diagnosis
