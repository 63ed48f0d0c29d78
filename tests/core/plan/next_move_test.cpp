// What comes first, and what not yet. Common practice, no published source: what is free before
// anything is touched, water before a plug is opened, nothing twice.
#include "core/plan/next_move.h"

#include "core/plan/test_list.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::TestKind;

class NextMove : public Job {
 protected:
  NextMove() {
    c.toolbox = {"multimeter", "scan-tool", "scope", "jumper-leads"};
    c.allowed = {"unplug", "back-probe"};
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = circuit::SensorKind::passive;
    }
  }
  [[nodiscard]] std::vector<Proposal> proposals() { return assessed().proposals; }
  [[nodiscard]] static bool isWet(const Proposal& p) {
    return p.test.state.disturb && p.test.state.disturb->kind == circuit::DisturbKind::wet;
  }
  // Where the first of a sort stands in the list; its length where there is none.
  template <class Is>
  [[nodiscard]] static std::size_t firstOf(const std::vector<Proposal>& all, const Is& is) {
    return static_cast<std::size_t>(std::find_if(all.begin(), all.end(), is) - all.begin());
  }
  [[nodiscard]] static bool unplugs(const Proposal& p) { return !p.test.state.unplugged.empty(); }
};

TEST_F(NextMove, ComesInOrderOfItsRank) {
  reading("RR", "module pair OL");
  const auto all = proposals();
  ASSERT_GT(all.size(), 5U);
  EXPECT_TRUE(std::is_sorted(all.begin(), all.end(),
                             [](const Proposal& a, const Proposal& b) { return a.rank > b.rank; }));
}

TEST_F(NextMove, WhatIsFreeComesBeforeAnythingIsOpenedAndThenWaitsItsTurn) {
  const auto fresh = proposals();
  ASSERT_FALSE(fresh.empty());
  const auto opened = firstOf(fresh, unplugs);
  for (std::size_t i = 0; i < fresh.size(); ++i) {
    const auto k = fresh[i].test.kind;
    const bool look = k == TestKind::codes || k == TestKind::inspect;
    EXPECT_TRUE(!look || unplugs(fresh[i]) || fresh[i].test.state.swap ||
                fresh[i].test.state.jumper || fresh[i].test.state.inject || i < opened)
        << fresh[i].title;
  }
  reading("RR", "module pair OL");
  const auto later = proposals();
  EXPECT_NE(later.front().test.kind, TestKind::codes) << later.front().title;
  EXPECT_NE(later.front().test.kind, TestKind::inspect) << later.front().title;
}

TEST_F(NextMove, AWetComplaintIsReproducedBeforeAPlugIsOpened) {
  c.complaint.when = {"wet"};
  const auto dry = proposals();
  EXPECT_LT(firstOf(dry, isWet), firstOf(dry, unplugs));
  // What is pushed in beside a wire dries the plug as well.
  for (const auto& p : dry) {
    EXPECT_EQ(p.intrusion != Intrusion::none,
              p.cautions.front().starts_with("Unplugging may cure it"))
        << p.title;
  }
  // A plug that was opened is opened: nothing waits any more.
  reading("RR", "module pair 1.1k");
  const auto opened = proposals();
  ASSERT_FALSE(opened.empty());
  for (const auto& p : opened) {
    EXPECT_FALSE(p.cautions.front().starts_with("Unplugging may cure it")) << p.title;
  }
}

// Four readings that left the line alone, and nothing seen of it: then what tells most in the time
// comes first again, though what may dry a contact still counts for less.
TEST_F(NextMove, AWetComplaintIsNotWaitedForForEver) {
  c.complaint.when = {"wet"};
  const auto touches = [](const Proposal& p) { return p.intrusion != Intrusion::none; };
  const auto waits = [&] {
    const auto all = proposals();
    const auto first = firstOf(all, touches);
    EXPECT_LT(first, all.size());
    return std::none_of(all.begin() + static_cast<std::ptrdiff_t>(first), all.end(),
                        [&](const Proposal& p) { return !touches(p); });
  };
  const auto look = [&](const char* element) {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = TestKind::inspect;
    e.test.circuit = "RR";
    e.test.looked = element;
    e.reading.looked = element;
    e.reading.sight = job::Sight::ok;
    c.evidence.push_back(e);
  };
  for (const char* element : {"C1", "C2", "L2", "L3"}) {
    EXPECT_TRUE(waits()) << "before the look at " << element;
    look(element);
  }
  EXPECT_FALSE(waits());
}

// A wire that is live with the module's plug off touches another; one that is not does not.
TEST_F(NextMove, VoltsAreLookedForWhereNothingFeedsTheLine) {
  const auto tests = possibleTests(c);
  for (const auto wire : {circuit::WireId::a, circuit::WireId::b}) {
    EXPECT_TRUE(std::any_of(tests.begin(), tests.end(), [&](const circuit::Test& t) {
      return t.kind == TestKind::dcVoltage && t.state.key == circuit::Key::on &&
             t.state.isUnplugged("module") && t.red->wire == wire &&
             t.red->place.kind == circuit::Place::Kind::modulePlug &&
             t.black->place.kind == circuit::Place::Kind::ground;
    }));
  }
  const auto supplied = [&] {
    double share = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      share += s.fault == Fault::shortToSupply ? s.share : 0;
    }
    return share;
  };
  const double before = supplied();
  reading("RR", "module b 12.3 V unplugged");
  EXPECT_GT(supplied(), 0.8);
  c.evidence.back().reading.value->value = 0.002;
  EXPECT_LT(supplied(), 0.3 * before);
}

TEST_F(NextMove, NothingIsAskedTwiceNorWhatWasRefused) {
  reading("RR", "module pair OL");
  reading("RL", "module pair 1.1k");
  const auto all = proposals();
  const auto asked = all.front().test;
  for (const auto& p : all) {
    for (const auto& e : c.evidence) {
      EXPECT_TRUE(p.again || !sameTest(p.test, e.test)) << p.title;
    }
  }
  const auto waveforms = analyseWaveforms(c, "/", shelf);
  const Beliefs beliefs(c, waveforms);
  const auto now = assessed().conclusion;
  const auto others = proposeTests(beliefs, now, {asked});
  ASSERT_FALSE(others.empty());
  for (const auto& p : others) {
    EXPECT_FALSE(sameTest(p.test, asked));
  }
}

// A second trace of the same wheel tells mostly what the first told: it is worth less than it was.
TEST_F(NextMove, AnotherTraceOfTheSameWheelIsWorthLess) {
  reading("RR", "module pair 1.1k");
  const auto turning = [](const Proposal& p) {
    return p.test.kind == TestKind::waveform && p.test.circuit == "RR" &&
           p.test.state.wheel == circuit::WheelMotion::spun && !p.test.state.swap &&
           !p.test.state.disturb;
  };
  const auto before = proposals();
  const auto was = firstOf(before, turning);
  ASSERT_LT(was, before.size());
  trace("RR", 2.4, 5);
  double most = 0;  // not worth asking at all is less, too
  for (const auto& p : proposals()) {
    most = turning(p) ? std::max(most, p.score) : most;
  }
  EXPECT_LT(most, before[was].score);
}

// 2.5 kohm is sound where such coils are fitted: the other wheel tells.
TEST_F(NextMove, TheGoodWheelIsSaidToBeIt) {
  reading("RR", "C2.w pair 2.5k unplugged");
  int good = 0;
  for (const auto& p : proposals()) {
    const bool other = p.test.circuit != "RR";
    good += other ? 1 : 0;
    EXPECT_EQ(other, p.title.starts_with("Good wheel")) << p.title;
    EXPECT_FALSE(p.steps.empty()) << p.title;
    EXPECT_FALSE(p.caution.empty()) << p.title;
    double sum = 0;
    for (const auto& o : p.outcomes) {
      sum += o.probability;
    }
    EXPECT_LE(sum, 1 + 1e-9) << p.title;
  }
  EXPECT_GT(good, 0);
}

}  // namespace
}  // namespace haybale::diagnosis
