// What is done about a fault: no part where a rag, a fuse or two exchanged wires cure it, and the
// trade's order of work where one is fitted. Common practice, no published source, unless it says
// so.
#include "core/verdict/repair_plan.h"

#include <regex>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class RepairPlan : public Job {
 protected:
  [[nodiscard]] std::vector<RepairStep> plan(const std::string& element, Fault fault) const {
    return repairSteps(c, {element, circuit::WireId::a, fault, 1});
  }
  circuit::Element& at(const std::string& id) {
    for (auto& e : c.find(c.suspect)->path) {
      if (e.id == id) {
        return e;
      }
    }
    throw std::out_of_range(id);
  }
};

std::vector<std::string> ids(const std::vector<RepairStep>& steps) {
  std::vector<std::string> out;
  for (const auto& s : steps) {
    out.push_back(s.id);
  }
  return out;
}

bool has(const std::vector<RepairStep>& steps, const std::string& id) {
  const auto all = ids(steps);
  return std::find(all.begin(), all.end(), id) != all.end();
}

// Clearing cures a latched supply; a rag cures fuzz; two wires swapped back cure a reversed joint;
// seating cures a lifted sensor; a tyre cures a tyre; a fuse cures a fuse.
TEST_F(RepairPlan, WhatNeedsNoPartSellsNone) {
  const struct {
    const char* element;
    Fault fault;
    const char* cure;
  } cures[] = {{"module", Fault::latchedOff, "module.clear"},
               {"sensor", Fault::debris, "sensor.clean"},
               {"sensor", Fault::wideGap, "sensor.seat"},
               {"C2", Fault::reversed, "C2.uncross"},
               {"C1", Fault::circuitsExchanged, "C1.exchange"},
               {"module", Fault::circuitsExchanged, "module.exchange"},
               {"module", Fault::modulePower, "module.restore"},
               {"module", Fault::resistive, "module.plug"},
               {"", Fault::wrongTyre, "tyre"},
               {"", Fault::none, "stop"},
               {"", Fault::other, "measure-on"}};
  const std::regex part(
      "[Nn]ew sensor|Lay the new|[Cc]hange or repair the module|new ring|new coil");
  for (const auto& cure : cures) {
    const auto steps = plan(cure.element, cure.fault);
    EXPECT_TRUE(has(steps, cure.cure)) << nameOf(cure.fault) << " wants " << cure.cure;
    for (const auto& step : steps) {
      EXPECT_FALSE(std::regex_search(step.text + step.note, part))
          << nameOf(cure.fault) << ": " << step.text;
    }
  }
}

TEST_F(RepairPlan, ANewSensorIsComparedAndMeasuredBeforeItGoesIn) {
  for (const Fault fault : {Fault::sensorDead, Fault::sensorOpen, Fault::sensorWeak}) {
    const auto all = ids(plan("sensor", fault));
    EXPECT_EQ(all,
              (std::vector<std::string>{"sensor.compare", "sensor.measure-new", "sensor.remove",
                                        "sensor.seat", "sensor.torque", "sensor.route"}));
  }
  kind(circuit::SensorKind::active);  // an ohmmeter says nothing there
  EXPECT_FALSE(has(plan("sensor", Fault::sensorDead), "sensor.measure-new"));
}

TEST_F(RepairPlan, WaterSpoilsBothSidesOfAPlugAndTheWireBehindIt) {
  const auto wet = plan("C2", Fault::leak);
  ASSERT_TRUE(has(wet, "C2.both-sides"));
  EXPECT_NE(wet.front().text.find("L2"), std::string::npos);
  EXPECT_NE(wet.front().text.find("sensor"), std::string::npos) << "both neighbours are named";
  EXPECT_TRUE(has(wet, "C2.cut-back"));
  const auto dry = plan("C2", Fault::intermittentOpen);
  EXPECT_TRUE(has(dry, "C2.terminals"));
  EXPECT_FALSE(has(dry, "C2.cut-back"));
  c.complaint.when = {"wet"};
  EXPECT_TRUE(has(plan("C2", Fault::intermittentOpen), "C2.both-sides"));
}

// Makers' usual rule and the school of many independents; plain tape belongs to neither.
TEST_F(RepairPlan, EitherSchoolSplicesWithoutTapeAndStaggersTheJoints) {
  const auto textOf = [](const std::vector<RepairStep>& steps, const std::string& id) {
    for (const auto& s : steps) {
      if (s.id == id) {
        return s.text;
      }
    }
    return std::string();
  };
  EXPECT_NE(textOf(plan("L2", Fault::open), "L2.splice").find("crimp"), std::string::npos);
  c.repair.school = "solder";
  const auto solder = textOf(plan("L2", Fault::open), "L2.splice");
  EXPECT_NE(solder.find("solder"), std::string::npos);
  EXPECT_NE(solder.find("tape never"), std::string::npos);
  EXPECT_TRUE(has(plan("L2", Fault::open), "L2.stagger"));
  at("L2").zone = circuit::Zone::flex;
  EXPECT_NE(textOf(plan("L2", Fault::open), "L2.slack").find("lock to lock"), std::string::npos);
  at("L2").zone = circuit::Zone::underbody;
  EXPECT_EQ(textOf(plan("L2", Fault::open), "L2.slack").find("lock to lock"), std::string::npos);
}

TEST_F(RepairPlan, AShortIsClearedOfWhatItRubbedOnAndABreakHasNothingToRubOn) {
  EXPECT_TRUE(has(plan("L1", Fault::shortToGround), "L1.chafe"));
  EXPECT_TRUE(has(plan("L1", Fault::intermittentShort), "L1.chafe"));
  EXPECT_FALSE(has(plan("L1", Fault::open), "L1.chafe"));
}

TEST_F(RepairPlan, ARingIsCountedAnEncoderGoesInTheRightWayRound) {
  EXPECT_TRUE(has(plan("ring", Fault::ringTooth), "ring.count"));
  EXPECT_FALSE(has(plan("ring", Fault::ringTooth), "ring.way-round"));
  kind(circuit::SensorKind::active);
  EXPECT_TRUE(has(plan("ring", Fault::encoderReversed), "ring.way-round"));
  EXPECT_FALSE(has(plan("ring", Fault::encoderReversed), "ring.count"));
}

// Stands where a wheel comes off, key off where a plug comes apart.
TEST_F(RepairPlan, TheCautionStandsAtTheStepItIsFor) {
  const auto dirty = plan("sensor", Fault::debris);
  ASSERT_EQ(dirty.front().id, "sensor.clean");
  EXPECT_NE(dirty.front().caution.find("stands"), std::string::npos);
  EXPECT_NE(plan("C2", Fault::leak).front().caution.find("Airbag"), std::string::npos);
  EXPECT_NE(plan("module", Fault::modulePower).front().caution.find("Key off"), std::string::npos);
}

TEST_F(RepairPlan, StepsOfOneWorkAreNamedOnceEach) {
  for (std::size_t f = 0; f < kFaultNames.size(); ++f) {
    for (const auto& e : c.suspectCircuit()->path) {
      auto all = ids(plan(e.id, static_cast<Fault>(f)));
      ASSERT_FALSE(all.empty());
      std::sort(all.begin(), all.end());
      EXPECT_EQ(std::adjacent_find(all.begin(), all.end()), all.end()) << kFaultNames[f];
    }
  }
}

// Every hole is written down and sealed, or it becomes the next green crust: also where the reading
// was taken back, and once however often it was measured.
TEST_F(RepairPlan, HolesAreWrittenDownOnceWhateverBecameOfTheReading) {
  reading("RR", "L2@0.5 a gnd 4.9V dc key on");
  reading("RR", "L2@0.5 a gnd 4.8V dc key on");
  reading("RR", "L2@0.25 b gnd 0.1V dc key on");
  reading("RR", "C2 a gnd 4.9V dc key on unplugged");
  ASSERT_EQ(c.evidence.size(), 4U);
  c.evidence.front().withdrawn = true;
  c.evidence[1].withdrawn = true;
  const auto holes = piercedHoles(c);
  ASSERT_EQ(holes.size(), 2U);
  EXPECT_EQ(holes[0].key, "RR L2@0.50 a");
  EXPECT_EQ(holes[1].key, "RR L2@0.25 b");
  EXPECT_NE(holes[0].text, holes[1].text);
}

TEST_F(RepairPlan, WorkIsForTheElementDecidedOnElseForTheLikeliest) {
  Conclusion now;
  EXPECT_EQ(toRepair(c, now).fault, Fault::none);
  now.suspects = {{"sensor", std::nullopt, Fault::sensorDead, 0.6},
                  {"C2", std::nullopt, Fault::leak, 0.3},
                  {"C2", std::nullopt, Fault::resistive, 0.1}};
  EXPECT_EQ(toRepair(c, now).element, "sensor");
  c.repair.element = "C2";
  EXPECT_EQ(toRepair(c, now).fault, Fault::leak);
  c.repair.fault = "resistive";  // the very work that was chosen
  EXPECT_EQ(toRepair(c, now).fault, Fault::resistive);
  c.repair.fault = "open";  // nobody believes that any more
  EXPECT_EQ(toRepair(c, now).fault, Fault::leak);
  c.repair.element = "L9";  // not among them
  EXPECT_EQ(toRepair(c, now).element, "sensor");
}

// Who decided on cleaning is not told how to fit a new sensor, though that is the likelier cure.
TEST_F(RepairPlan, CleaningASensorIsNotFittingOne) {
  Conclusion now;
  now.suspects = {{"sensor", std::nullopt, Fault::sensorDead, 0.5},
                  {"sensor", std::nullopt, Fault::debris, 0.3},
                  {"", std::nullopt, Fault::wrongTyre, 0.2}};
  c.repair.element = "sensor";
  c.repair.fault = "debris";
  const auto steps = repairSteps(c, toRepair(c, now));
  EXPECT_TRUE(has(steps, "sensor.clean"));
  EXPECT_FALSE(has(steps, "sensor.compare"));
  c.repair.element.clear();
  c.repair.fault = "wrong-tyre";
  EXPECT_TRUE(has(repairSteps(c, toRepair(c, now)), "tyre"));
}

}  // namespace
}  // namespace haybale::diagnosis
