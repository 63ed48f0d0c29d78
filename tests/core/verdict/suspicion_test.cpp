// What a belief is called, and what is advised: nothing that costs money where nothing has to be
// bought. Common practice, no published source, unless it says so.
#include "core/verdict/suspicion.h"

#include <regex>

#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Suspicion : public Job {
 protected:
  [[nodiscard]] const circuit::Circuit& circuit() const { return *c.suspectCircuit(); }
};

// What cures what: a rag, a clean seat, two wires put back, a tyre, a fuse, cleared codes.
TEST_F(Suspicion, NothingIsAdvisedToBeBoughtThatCuresNothing) {
  const std::pair<const char*, Fault> free[] = {{"sensor", Fault::debris},
                                                {"sensor", Fault::wideGap},
                                                {"C1", Fault::reversed},
                                                {"C1", Fault::circuitsExchanged},
                                                {"module", Fault::latchedOff},
                                                {"module", Fault::modulePower},
                                                {"module", Fault::circuitsExchanged},
                                                {"", Fault::wrongTyre},
                                                {"", Fault::none},
                                                {"L1", Fault::open},
                                                {"C2", Fault::leak}};
  const std::regex sells("[Nn]ew (sensor|bearing|ring|module)|needs a new");
  for (const auto& [element, fault] : free) {
    const Suspect s{element, std::nullopt, fault, 1};
    EXPECT_FALSE(buysPart(s, circuit())) << element << ' ' << nameOf(fault);
    EXPECT_FALSE(std::regex_search(actionFor(s, circuit()), sells)) << actionFor(s, circuit());
    EXPECT_FALSE(actionFor(s, circuit()).empty());
  }
  const std::pair<const char*, Fault> bought[] = {
      {"sensor", Fault::sensorDead},    {"sensor", Fault::sensorOpen},
      {"sensor", Fault::wrongSensor},   {"ring", Fault::ringCracked},
      {"ring", Fault::encoderReversed}, {"module", Fault::inputDead},
      {"module", Fault::noSupply}};
  for (const auto& [element, fault] : bought) {
    EXPECT_TRUE(buysPart({element, std::nullopt, fault, 1}, circuit())) << nameOf(fault);
  }
}

// Ohms of an active sensor say nothing (trade practice); a wrong part is compared, a ring counted.
TEST_F(Suspicion, AdviceFitsTheKindOfSensorAndOfFault) {
  const Suspect dead{"sensor", std::nullopt, Fault::sensorDead, 1};
  EXPECT_NE(actionFor(dead, circuit()).find("Measure a new sensor"), std::string::npos);
  for (const auto k : {circuit::SensorKind::active, circuit::SensorKind::hall}) {
    kind(k);
    EXPECT_EQ(actionFor(dead, circuit()).find("Measure"), std::string::npos);
  }
  EXPECT_NE(actionFor({"sensor", {}, Fault::wrongSensor, 1}, circuit()).find("part number"),
            std::string::npos);
  EXPECT_NE(actionFor({"ring", {}, Fault::ringWrongCount, 1}, circuit()).find("Count"),
            std::string::npos);
}

TEST_F(Suspicion, WhatIsNoPartOfTheLineIsCountedUnderItsFault) {
  EXPECT_EQ(groupOf({"C2", std::nullopt, Fault::leak, 0.1}), "C2");
  EXPECT_EQ(groupOf({"", std::nullopt, Fault::wrongTyre, 0.1}), "wrong-tyre");
  EXPECT_EQ(groupOf({"", std::nullopt, Fault::none, 0.1}), "none");
}

TEST_F(Suspicion, TheLeadingShareIsThatOfTheElementWhicheverWayItFails) {
  Conclusion now;
  EXPECT_EQ(leadingShare(now), 0);
  now.suspects = {{"C2", circuit::WireId::a, Fault::leak, 0.4},
                  {"module", std::nullopt, Fault::latchedOff, 0.3},
                  {"C2", circuit::WireId::b, Fault::resistive, 0.2},
                  {"", std::nullopt, Fault::none, 0.1}};
  EXPECT_NEAR(leadingShare(now), 0.6, 1e-12);
  // A latch-off that clearing has ended and nothing wrong are one and the same by then.
  std::swap(now.suspects[0], now.suspects[1]);
  EXPECT_NEAR(leadingShare(now), 0.3, 1e-12);
  now.codesCleared = true;
  EXPECT_NEAR(leadingShare(now), 0.4, 1e-12);
}

TEST_F(Suspicion, ASuspectIsSpokenWithItsWireAndColour) {
  const Suspect leak{"L2", circuit::WireId::b, Fault::leak, 1};
  EXPECT_EQ(spoken(leak, circuit()).substr(0, 10), "L2, wire b");
  auto painted = circuit();
  painted.wires[1].colour = "brown";
  EXPECT_NE(spoken(leak, painted).find("(brown)"), std::string::npos);
  EXPECT_EQ(spoken({"", std::nullopt, Fault::none, 1}, circuit()), "nothing wrong");
  EXPECT_EQ(spoken({"", std::nullopt, Fault::wrongTyre, 1}, circuit()),
            "a tyre of another size or pressure");
}

TEST_F(Suspicion, BeforeAnythingIsMeasuredNothingIsClaimed) {
  const auto now = assessed().conclusion;
  EXPECT_EQ(now.state, State::open);
  EXPECT_FALSE(now.wantsWitness);
  EXPECT_FALSE(now.clash);
  EXPECT_EQ(now.action.find("codes"), std::string::npos) << "there is no scan tool in the box";
  EXPECT_NE(now.action.find("a look"), std::string::npos);
  c.toolbox.emplace_back("scan-tool");
  const auto able = assessed().conclusion;
  EXPECT_NE(able.action.find("codes and live speeds"), std::string::npos) << "what is free first";
}

TEST_F(Suspicion, SharesAddUpToOneAndElementsToWhatIsOfThem) {
  reading("RR", "C2 a b OL unplugged");
  const auto now = assessed().conclusion;
  double all = 0;
  for (const auto& s : now.suspects) {
    all += s.share;
  }
  EXPECT_NEAR(all, 1, 1e-9);
  for (const auto& [element, of] : now.elementShares) {
    EXPECT_NEAR(of, share(element), 1e-9) << element;
  }
  EXPECT_TRUE(std::is_sorted(now.suspects.begin() + 1, now.suspects.end(),
                             [](auto& a, auto& b) { return a.share > b.share; }));
}

// An earlier reading is the suspect when its repeat differs; contradictory is said only of what
// stood a repeat.
TEST_F(Suspicion, TheEarlierOfTwoThatDifferIsTheOneToDoubt) {
  reading("RR", "module a b 1.15k unplugged module");
  reading("RR", "C2 a b OL unplugged");
  reading("RR", "C2 a b 1.15k unplugged");
  const auto now = assessed().conclusion;
  EXPECT_NE(now.state, State::contradictory);
  EXPECT_EQ(now.clash.value_or(1U), 1U) << "never the repeat";
  EXPECT_LT(share("sensor", Fault::sensorOpen), 0.2) << "the OL was a slip";
}

// One reading of nothing may be a probe that missed its terminal (common practice, no source): what
// rests on it alone says so, and asks for it once more.
TEST_F(Suspicion, AVerdictThatHangsOnOneNumberAsksForItTwice) {
  kind(circuit::SensorKind::active);
  const priors::Changed sooner(priors::Id::settled, 0.88);
  reading("RR", "C2 a b 10.4V dc key on plugged");
  reading("RR", "C2.w a b 0.0V dc key on plugged");
  const auto once = assessed();
  ASSERT_TRUE(once.conclusion.hinge) << leadingShare(once.conclusion);
  EXPECT_EQ(*once.conclusion.hinge, 1U);
  ASSERT_FALSE(once.proposals.empty());
  EXPECT_TRUE(once.proposals.front().again);
  EXPECT_TRUE(circuit::sameTest(once.proposals.front().test, c.evidence[1].test));
  const auto says = [](const std::string& reason) {
    return reason.find("hangs on") != std::string::npos;
  };
  EXPECT_TRUE(std::any_of(once.conclusion.reasons.begin(), once.conclusion.reasons.end(), says));
  c.evidence.push_back(c.evidence[1]);
  c.evidence.back().id = c.nextEvidenceId();
  const auto twice = assessed().conclusion;
  EXPECT_NE(twice.hinge.value_or(0U), 1U) << "it was taken twice";
  EXPECT_GT(leadingShare(twice), leadingShare(once.conclusion));
}

TEST(Leading, AWireIsNamedOnlyWhereItIsKnown) {
  const Suspect a{"L2", circuit::WireId::a, Fault::open, 0.5};
  const Suspect b{"L2", circuit::WireId::b, Fault::open, 0.4};
  EXPECT_FALSE(leading({a, b}).wire.has_value()) << "as likely the one as the other";
  EXPECT_EQ(leading({a, {"L2", circuit::WireId::b, Fault::open, 0.2}}).wire, circuit::WireId::a);
  EXPECT_EQ(leading({a, {"L2", circuit::WireId::b, Fault::leak, 0.4}}).wire, circuit::WireId::a)
      << "another fault says nothing of this one's wire";
  EXPECT_EQ(leading({a, {"C2", circuit::WireId::b, Fault::open, 0.4}}).wire, circuit::WireId::a);
  EXPECT_EQ(leading({a}).share, 0.5);
}

}  // namespace
}  // namespace haybale::diagnosis
