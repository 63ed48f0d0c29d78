// From the verdict to the end of the job: odds of the counter, repair steps, closing (the
// proof has its tests beside the plan).
#include "core/session/closing.h"

#include <algorithm>
#include <set>

#include "core/belief/intake_priors.h"
#include "core/belief/ways_to_fail.h"
#include "core/session/session.h"
#include "core/sim/sim_vehicle.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class CloseOut : public Job {
 protected:
  CloseOut() {
    c.toolbox = {"multimeter", "scan-tool", "scope", "jumper-leads"};
    c.allowed = {"unplug", "back-probe"};
  }
  void stored(const char* meaning, const char* status) {
    job::StoredCode code;
    code.circuit = "RR";
    code.meaning = meaning;
    code.status = status;
    c.intake.codes.push_back(code);
  }
  [[nodiscard]] std::string stepsOf(const Suspect& suspect) {
    std::string text;
    for (const auto& step : repairSteps(c, suspect)) {
      text += step.text + "\n" + step.caution + "\n";
    }
    return text;
  }
};

// A static code speaks of the wiring and the coil, one in motion of ring and gap: trade practice.
TEST_F(CloseOut, AStoredCodeMovesTheOddsAndAHistoryOneLess) {
  const double before = share("ring");
  stored("open", "active");
  const double active = share("ring");
  EXPECT_LT(active, 0.5 * before);
  c.intake.codes[0].status = "history";
  const double history = share("ring");
  EXPECT_GT(history, active);
  EXPECT_LT(history, before);
  EXPECT_NE(priorWords(c).front().find("open"), std::string::npos);
  // A reading moves it on from there as from any prior.
  reading("RR", "module pair OL");
  EXPECT_LT(share("ring"), 0.02);
}

TEST_F(CloseOut, ABadFuseMakesTheSupplySuspect) {
  c.circuits[3].sensor.kind = circuit::SensorKind::active;
  const double before = share("module");
  c.intake.basics["fuses-and-relay"] = "bad";
  EXPECT_GT(share("module"), 2 * before);
  c.intake.basics = {
      {"fuses-and-relay", "good"}, {"module-power", "good"}, {"module-ground", "good"}};
  EXPECT_LT(share("module"), before);
}

// A Dirichlet prior of weight 30: after 3 of 3 the share of a class of 0.1 is (3 + 3) / 33.
TEST_F(CloseOut, ThreeJobsDoNotRuleTheWorldThreeHundredDo) {
  EXPECT_NEAR(0.1 * learntFactor(0.1, 3, 3), 6.0 / 33, 1e-12);
  EXPECT_NEAR(0.1 * learntFactor(0.1, 150, 300), 153.0 / 330, 1e-12);
  EXPECT_EQ(learntFactor(0.1, 0, 0), 1);
  const double before = share("sensor");
  c.learnt.jobs = 300;
  c.learnt.counts["sensor"] = 270;
  EXPECT_GT(share("sensor"), std::max(0.8, before));
}

TEST_F(CloseOut, TheWaterRuleNamesBothSidesAndTheCutBack) {
  c.complaint.when = {"wet"};
  const std::string wet = stepsOf({"C1", circuit::WireId::a, Fault::leak, 1});
  for (const char* words :
       {"both sides", "an inch", "several inches more", "sealed crimp", "Stagger"}) {
    EXPECT_NE(wet.find(words), std::string::npos) << words << "\n" << wet;
  }
  c.repair.school = "solder";
  EXPECT_NE(stepsOf({"C1", circuit::WireId::a, Fault::leak, 1}).find("solder"), std::string::npos);
  c.complaint.when = {};
  EXPECT_EQ(stepsOf({"C1", circuit::WireId::a, Fault::open, 1}).find("inch"), std::string::npos)
      << "a dry loose contact needs no cutting";
}

TEST_F(CloseOut, EveryFaultOfEveryElementHasStepsAndUniqueIds) {
  for (const auto kind : {circuit::SensorKind::passive, circuit::SensorKind::active}) {
    c.circuits[3].sensor.kind = kind;
    for (const auto& h : allHypotheses(c, c.circuits[3])) {
      const auto steps = repairSteps(c, {h.element, h.wire, h.fault, 1});
      EXPECT_FALSE(steps.empty()) << h.element << nameOf(h.fault);
      std::set<std::string> ids;
      for (const auto& step : steps) {
        EXPECT_TRUE(ids.insert(step.id).second) << step.id;
      }
    }
  }
  // A new coil is measured, a ring is counted, a torque is written down.
  std::string notes;
  for (const auto& suspect :
       {Suspect{"sensor", {}, Fault::sensorOpen, 1}, Suspect{"ring", {}, Fault::ringTooth, 1}}) {
    c.circuits[3].sensor.kind = circuit::SensorKind::passive;
    for (const auto& step : repairSteps(c, suspect)) {
      notes += step.note + ";";
    }
  }
  for (const char* note : {"new coil", "torque", "teeth"}) {
    EXPECT_NE(notes.find(note), std::string::npos) << notes;
  }
}

TEST_F(CloseOut, APiercedHoleKeepsTheJobOpenUntilItIsSealed) {
  reading("RR", "L2@0.5 a gnd 4.9V");
  c.evidence.back().withdrawn = true;  // the hole is there all the same
  ASSERT_EQ(piercedHoles(c).size(), 1U);
  ASSERT_EQ(inTheWay(c).size(), 1U);
  c.repair.sealed = {piercedHoles(c)[0].key};
  EXPECT_TRUE(inTheWay(c).empty());
}

// Reverse polarity on an active sensor: no signal, and codes (trade practice); in the sensor itself
// as well as at a joint.
TEST_F(CloseOut, ASensorThatIsReversedGivesNoSignalWhereverTheWiresAreExchanged) {
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::active;
  }
  for (const char* element : {"L1", "L2", "sensor"}) {
    const auto hidden =
        sim::chosenFault(diagnosis::waysToFail(c), "reversed", element, "", std::nullopt);
    ASSERT_HB_OK(hidden);
    sim::SimOptions options;
    options.slip = 0;
    sim::SimVehicle vehicle(c, hidden->fault, hidden->severity, options);
    circuit::Test test;
    test.circuit = "RR";
    test.kind = circuit::TestKind::codes;
    test.state.wheel = circuit::WheelMotion::driven;
    const auto codes = vehicle.answer(test);
    ASSERT_TRUE(codes && codes->codes);
    EXPECT_FALSE(codes->codes->empty()) << element;
    test.kind = circuit::TestKind::liveSpeed;
    const auto speeds = vehicle.answer(test);
    ASSERT_TRUE(speeds);
    for (const auto& [name, kmh] : speeds->kmh) {
      EXPECT_EQ(kmh == 0, name == "RR") << element << " " << name;
    }
  }
}

TEST_F(CloseOut, TheClosingSaysWhatItWasAndWhetherItIsProved) {
  reading("RR", "module pair OL");
  const auto closing = closingOf(c, {"L2", circuit::WireId::b, Fault::open, 0.9}, {}, "2026-11-20");
  EXPECT_TRUE(closing.closed());
  EXPECT_EQ(closing.kind, "leg");
  EXPECT_EQ(closing.wire, "b");
  EXPECT_EQ(closing.zone,
            circuit::kZoneNames[static_cast<std::size_t>(c.find("RR")->find("L2")->zone)]);
  EXPECT_FALSE(closing.proved);
  EXPECT_GT(closing.minutes, 0);
}

}  // namespace
}  // namespace haybale::diagnosis
