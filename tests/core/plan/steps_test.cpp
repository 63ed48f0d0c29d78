// No kind of test is without its own caution where it can harm. Common practice, no source.
#include "core/plan/steps.h"

#include <map>
#include <set>

#include "core/plan/cautions.h"
#include "core/plan/test_list.h"
#include "core/verdict/move_words.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class StepByStep : public Job {
 protected:
  StepByStep() {
    c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp", "signal-source"};
    c.allowed = {"unplug", "back-probe", "pierce", "cut"};
    c.ownSupplyPlug = true;
  }
  [[nodiscard]] static std::string all(const std::vector<std::string>& lines) {
    std::string text;
    for (const auto& line : lines) {
      text += line + "\n";
    }
    return text;
  }
};

TEST_F(StepByStep, EveryTestSaysWhatToDoInOrderAndEndsWithWhatToLookAt) {
  for (const auto kind :
       {circuit::SensorKind::passive, circuit::SensorKind::active, circuit::SensorKind::hall}) {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = kind;
    }
    for (const auto& test : possibleTests(c)) {
      const auto steps = stepsOf(*c.find("RR"), test);
      ASSERT_GE(steps.size(), 2U) << circuit::spoken(test);
      for (const auto& step : steps) {
        EXPECT_TRUE(step.ends_with('.')) << step;
        EXPECT_LT(step.size(), 125U) << step;
      }
      for (const auto& id : test.state.unplugged) {
        if (id != "module") {
          EXPECT_NE(all(steps).find("Unplug " + id), std::string::npos) << all(steps);
        }
      }
    }
  }
}

TEST_F(StepByStep, WhateverMayHarmHasItsOwnCaution) {
  std::set<std::string> seen;
  for (const auto& test : possibleTests(c)) {
    const std::string cautions = all(cautionsOf(*c.find("RR"), test));
    const auto needs = [&](bool applies, const char* name, const char* words) {
      if (applies) {
        seen.insert(name);
        EXPECT_NE(cautions.find(words), std::string::npos) << circuit::spoken(test) << cautions;
      }
    };
    const auto& s = test.state;
    const auto pierced = [](const std::optional<circuit::Probe>& p) {
      return p && p->place.kind == circuit::Place::Kind::along && p->place.along > 0 &&
             p->place.along < 1;
    };
    needs(s.wheel == circuit::WheelMotion::spun, "spun", "stands");
    needs(s.wheel == circuit::WheelMotion::driven, "driven", "drive accordingly");
    needs(s.jumper && test.kind == circuit::TestKind::codes, "short", "maker allows");
    needs(test.kind == circuit::TestKind::lamp, "lamp", "LED");
    needs(pierced(test.red) || pierced(test.black), "pierced", "seal");
    needs(s.inject.has_value(), "injected", "isolated source");
    needs(s.disturb && s.disturb->kind == circuit::DisturbKind::wet, "wet", "orange");
    needs(s.disturb && s.disturb->kind == circuit::DisturbKind::heat, "heat", "no flame");
    needs(s.isUnplugged("module"), "module", "wait");
    needs(s.swap.has_value(), "swap", "Long leads");
    EXPECT_NE(cautions.find("local rules"), std::string::npos);
  }
  EXPECT_EQ(seen.size(), 10U) << "each of them was looked at";
}

// No plug is parted, no jumper set and no sensor exchanged with the key on; and nobody drives with
// the engine off.
TEST_F(StepByStep, TheKeyIsOffBeforeAnythingIsPartedAndOnAfterIt) {
  int parted = 0;
  int driven = 0;
  for (const auto sensor :
       {circuit::SensorKind::passive, circuit::SensorKind::active, circuit::SensorKind::hall}) {
    kind(sensor);
    auto tests = possibleTests(c);
    circuit::Test current = tests.front();
    current.kind = circuit::TestKind::current;
    current.state.key = circuit::Key::on;
    current.state.unplugged = {"C2"};
    tests.push_back(current);
    for (const auto& test : tests) {
      const std::string steps = all(stepsOf(*c.find("RR"), test));
      const auto off = steps.find("Key off");
      const auto on = steps.find("Key on");
      for (const char* opening : {"Unplug", "plug off", "jumper", "Substitute"}) {
        const auto at = steps.find(opening);
        if (at == std::string::npos) {
          continue;
        }
        ++parted;
        EXPECT_LT(off, at) << circuit::spoken(test) << "\n" << steps;
        EXPECT_TRUE(on == std::string::npos || on > at) << circuit::spoken(test) << "\n" << steps;
      }
      const bool fed = test.state.key == circuit::Key::on && !test.state.unplugged.empty();
      EXPECT_TRUE(!fed || on != std::string::npos) << circuit::spoken(test) << "\n" << steps;
      if (test.state.wheel == circuit::WheelMotion::driven) {
        ++driven;
        EXPECT_EQ(steps.find("engine off"), std::string::npos) << steps;
      }
    }
  }
  EXPECT_GT(parted, 100);
  EXPECT_GT(driven, 10);
}

// What a sensor gives is what stands in for it (trade-wide practice: a sine for a coil, 7 and 14 mA
// for an active one; a 3-wire Hall is an open collector and gives no voltage of its own).
TEST_F(StepByStep, ASubstituteSignalIsOfTheSensorsOwnKind) {
  const std::pair<circuit::SensorKind, const char*> words[] = {
      {circuit::SensorKind::passive, "Sine"},
      {circuit::SensorKind::activePwm, "7 and 14 mA"},
      {circuit::SensorKind::hall, "transistor"}};
  for (const auto& [sensor, word] : words) {
    kind(sensor);
    int seen = 0;
    for (const auto& test : possibleTests(c)) {
      if (test.state.inject) {
        ++seen;
        EXPECT_NE(all(stepsOf(*c.find("RR"), test)).find(word), std::string::npos);
      }
    }
    EXPECT_GT(seen, 0);
  }
}

TEST_F(StepByStep, AnAmmeterAcrossASupplyIsWarnedOf) {
  auto test = possibleTests(c).front();
  test.kind = circuit::TestKind::current;
  EXPECT_NE(all(cautionsOf(*c.find("RR"), test)).find("is a short"), std::string::npos);
}

// Two rows with the same words in a list of tests are one too many.
TEST_F(StepByStep, NoTwoTestsHaveOneTitle) {
  for (const auto kind :
       {circuit::SensorKind::passive, circuit::SensorKind::active, circuit::SensorKind::hall}) {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = kind;
    }
    std::map<std::string, circuit::Test> titles;
    for (const auto& test : possibleTests(c)) {
      const auto [it, fresh] = titles.emplace(titleFor(*c.find("RR"), test), test);
      EXPECT_TRUE(fresh) << it->first << "\n  " << circuit::spoken(it->second) << "\n  "
                         << circuit::spoken(test);
    }
  }
}

// A bump, a warm drive and water on the loom are not lock to lock.
TEST_F(StepByStep, WhatIsDoneToTheCarIsInTheTitle) {
  std::set<std::string> titles;
  for (const auto kind : {circuit::DisturbKind::flex, circuit::DisturbKind::shake,
                          circuit::DisturbKind::wet, circuit::DisturbKind::heat}) {
    circuit::Test t;
    t.kind = circuit::TestKind::codes;
    t.circuit = "RR";
    t.state.wheel = circuit::WheelMotion::driven;
    t.state.disturb = circuit::Disturb{kind, ""};
    titles.insert(titleFor(*c.find("RR"), t));
  }
  EXPECT_EQ(titles.size(), 4U);
}

TEST_F(StepByStep, AWiggleSaysWhatToMoveAndWhatToWatch) {
  for (const auto& test : possibleTests(c)) {
    if (test.kind == circuit::TestKind::wiggle && !test.state.disturb->element.empty()) {
      const std::string steps = all(stepsOf(*c.find("RR"), test));
      EXPECT_NE(steps.find(test.state.disturb->element), std::string::npos) << steps;
      EXPECT_NE(steps.find("Watch"), std::string::npos) << steps;
    }
  }
}

// Leads named without what they belong to leave the range to luck.
TEST_F(StepByStep, WhereLeadsAreNamedSoIsTheInstrument) {
  for (const auto& test : possibleTests(c)) {
    const std::string words = instructionsFor(*c.find("RR"), test);
    if (words.find("Red on") != std::string::npos) {
      const bool named = words.starts_with("Meter on ") || words.starts_with("Scope. ") ||
                         words.starts_with("Test lamp. ");
      EXPECT_TRUE(named) << words;
      const bool ohms = circuit::unitOf(test.kind) == units::Unit::ohm;
      EXPECT_EQ(ohms, ohms && words.starts_with("Meter on ohms. ")) << words;
    }
  }
}

// A live input is not shorted while a voltmeter would tell as much.
TEST_F(StepByStep, AShortOnALiveInputWaitsForTheVoltmeter) {
  kind(circuit::SensorKind::active);
  const auto rankOfShort = [this] {
    double best = 0;
    for (const auto& p : assessed().proposals) {
      best = std::max(best, p.test.state.jumper && p.test.kind == circuit::TestKind::codes
                                ? p.rank / p.score
                                : 0.0);
    }
    return best;
  };
  reading("RL", "C2 pair 11.5V dc key on");
  codes({{"RR", job::CodeType::open, {}}});
  const double before = rankOfShort();
  ASSERT_GT(before, 0);
  EXPECT_LT(before, 0.9);
  reading("RR", "C1 pair 11.5V dc key on");
  EXPECT_NEAR(rankOfShort(), 1, 1e-9);
}

}  // namespace
}  // namespace haybale::diagnosis
