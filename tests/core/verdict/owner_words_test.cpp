// What the owner is told: no ids, no units of the trade, and something for every fault there is.
#include "core/verdict/owner_words.h"

#include <regex>

#include "core/verdict/repair_plan.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {
namespace {

// Words an owner cannot be expected to know. Common practice, no source.
const std::regex kJargon("[CLS][0-9]|%|\\bbits?\\b|\\bohm|\\bmodule\\b|-open|-short|Ω|\\bring-");

std::vector<circuit::Element> parts() {
  std::vector<circuit::Element> out = job::newCase().circuits.front().path;
  circuit::Element splice;
  splice.id = "S1";
  splice.kind = circuit::ElementKind::splice;
  splice.zone = circuit::Zone::underbody;
  out.push_back(splice);
  return out;
}

TEST(OwnerWords, EveryFaultAtEveryPartIsSaidWithoutJargon) {
  for (std::size_t f = 0; f < kFaultNames.size(); ++f) {
    for (const auto& part : parts()) {
      const auto words = plainFault(static_cast<Fault>(f), &part);
      EXPECT_FALSE(words.empty());
      EXPECT_FALSE(std::regex_search(words, kJargon)) << words;
      EXPECT_EQ(words.find("  "), std::string::npos) << words;
      EXPECT_EQ(words.find("in in "), std::string::npos) << words;
    }
    EXPECT_FALSE(plainFault(static_cast<Fault>(f), nullptr).empty());
  }
}

TEST(OwnerWords, APartWithItsOwnLabelIsCalledByIt) {
  auto part = parts()[2];
  part.label = "the grey plug behind the tank";
  EXPECT_NE(plainFault(Fault::resistive, &part).find("the grey plug behind the tank"),
            std::string::npos);
}

TEST(OwnerWords, PossibilitiesAddUpToAHundredTheLikeliestFirst) {
  const auto c = job::newCase();
  Conclusion now;
  now.state = State::open;
  now.suspects = {{"sensor", std::nullopt, Fault::sensorDead, 0.30},
                  {"L2", circuit::WireId::a, Fault::open, 0.25},
                  {"L2", circuit::WireId::b, Fault::open, 0.20},
                  {"sensor", std::nullopt, Fault::sensorOpen, 0.10},
                  {"C2", std::nullopt, Fault::leak, 0.15}};
  const auto told = plainVerdict(c, now);
  ASSERT_EQ(told.possible.size(), 3U) << "two wires of a leg are one thing to an owner";
  EXPECT_EQ(told.possible[0].substr(0, 5), "in 45");
  EXPECT_EQ(told.possible[1].substr(0, 5), "in 40");
  EXPECT_EQ(told.possible[2].substr(0, 5), "in 15");
  now.state = State::isolated;
  EXPECT_TRUE(plainVerdict(c, now).possible.empty());
  EXPECT_NE(plainVerdict(c, now).sentence.find("broken"), std::string::npos);
  now.state = State::contradictory;
  EXPECT_NE(plainVerdict(c, now).sentence.find("repeated"), std::string::npos);
}

TEST(OwnerWords, WorkThatWasTickedIsTold) {
  const auto c = job::newCase();
  for (const Fault fault : {Fault::open, Fault::leak, Fault::latchedOff, Fault::sensorDead,
                            Fault::wideGap, Fault::ringTooth, Fault::inputDead}) {
    for (const auto& part : c.circuits.front().path) {
      std::size_t told = 0;
      for (const auto& step : repairSteps(c, {part.id, std::nullopt, fault, 1})) {
        const auto words = plainWork(step.id, &part);
        EXPECT_FALSE(std::regex_search(words, kJargon)) << words;
        told += words.empty() ? 0 : 1;
      }
      EXPECT_GT(told, 0U) << nameOf(fault) << " at " << part.id;
    }
  }
}

}  // namespace
}  // namespace haybale::diagnosis
