// A car of which no good wheel was read yet: what is rare is not faulty, and what the module does
// not look at it does not acquit. Facts of the trade: common practice, no published source, unless
// a line says otherwise.
#include <cmath>
#include <numeric>

#include "core/belief/anchored_values.h"
#include "core/belief/kinds.h"
#include "core/plan/good_wheel.h"
#include "core/plan/next_move.h"
#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Unmeasured : public Job {
 protected:
  // A deliberate short there, and what came back.
  void shortSeen(const std::string& plug, std::vector<job::Code> list) {
    circuit::CarState state;
    state.unplugged = {plug};
    state.jumper = circuit::Place{circuit::Place::Kind::moduleSide, plug};
    codes(std::move(list), state);
  }
};

// Coils lie between 500 and 3000 ohm: one of 2540 read three times over is one reading of a rare
// coil, and no proof of a wrong one.
TEST_F(Unmeasured, ACoilThatIsRareIsNotAWrongPart) {
  kind(circuit::SensorKind::passive);
  reading("RR", "C2.w pair 2.54k key off unplugged");
  reading("RR", "C1.w pair 2.54k key off unplugged");
  reading("RR", "C2.w pair 2.55k key off unplugged");
  EXPECT_LT(share("sensor", Fault::wrongSensor), 0.5);
}

TEST_F(Unmeasured, SetsThatAreMovedWeighAsMuchAsThoseThatWereNot) {
  kind(circuit::SensorKind::passive);
  reading("RR", "C2.w pair 2.54k key off unplugged");
  reading("RR", "C2 a gnd 2.1V dc key on unplugged");
  auto learnt = learnParameters(c, *c.suspectCircuit(), {});
  ASSERT_TRUE(learnt.usual);
  auto values = learnt.draws;
  const auto weights = anchorValues(c, *c.suspectCircuit(), values);
  ASSERT_EQ(weights.size(), values.size());
  const double mean =
      std::accumulate(weights.begin(), weights.end(), 0.0) / static_cast<double>(weights.size());
  EXPECT_NEAR(mean, 1, 1e-9);
  // The same common practice as before: median and spread of the coil are kept (2540 ohm is worth
  // little, though most sets lie there).
  const auto share = [&](const std::vector<circuit::ParameterPoint>& sets, auto weightOf) {
    double below = 0, all = 0;
    for (std::size_t i = 0; i < sets.size(); ++i) {
      below += sets[i].sensor.coilOhm < 1900 ? weightOf(i) : 0;
      all += weightOf(i);
    }
    return below / all;
  };
  EXPECT_NEAR(share(values, [&](std::size_t i) { return weights[i]; }),
              share(learnt.draws, [](std::size_t) { return 1.0; }), 0.12);
  std::size_t near = 0;
  for (const auto& p : values) {
    near += std::abs(p.sensor.coilOhm * (1 + 0.00393 * (p.celsius - 20)) / 2540 - 1) < 0.06 ? 1 : 0;
  }
  EXPECT_GT(near, values.size() / 2);
  // A coil that a good wheel has taught is moved no more; the bias that it did not tell is.
  reading("RL", "C2.w pair 1.2k key off unplugged");
  learnt = learnParameters(c, *c.suspectCircuit(), {});
  values = learnt.draws;
  anchorValues(c, *c.suspectCircuit(), values);
  std::size_t coils = 0, biases = 0;
  for (std::size_t i = 0; i < values.size(); ++i) {
    coils += values[i].sensor.coilOhm != learnt.draws[i].sensor.coilOhm ? 1 : 0;
    biases += values[i].frontEnd.supplyV != learnt.draws[i].frontEnd.supplyV ? 1 : 0;
  }
  EXPECT_EQ(coils, 0U);
  EXPECT_GT(biases, values.size() / 2);
}

// Some modules bias both wires alike (trade notes, front ends). A bias nobody measured on another
// wheel is then 0.93 V on either wire and nothing between them, and that is no broken return.
TEST_F(Unmeasured, ABiasOnBothWiresIsNoBrokenReturn) {
  kind(circuit::SensorKind::passive);
  reading("RL", "module pair 1.22k key off unplugged");  // tells coils, and nothing of the bias
  reading("RR", "C2.w pair 1.30k key off unplugged");
  for (const char* place : {"C1.m", "C1.w", "module"}) {
    reading("RR", std::string(place) + " a gnd 0.93V dc key on");
    reading("RR", std::string(place) + " b gnd 0.93V dc key on");
    reading("RR", std::string(place) + " pair 0.000V dc key on");
  }
  const auto a = assessed();
  EXPECT_NE(a.conclusion.state, State::contradictory);
  EXPECT_LT(share("module", Fault::open) + share("module", Fault::resistive), 0.3);
}

// A module that sees neither of two deliberate shorts may be dead; or it looks at its pins only
// while wheels turn. No module is condemned on that.
TEST_F(Unmeasured, AModuleThatSetsNoCodeStandingIsNotDead) {
  kind(circuit::SensorKind::passive);
  shortSeen("C2", {});
  shortSeen("C1", {});
  const auto a = assessed();
  EXPECT_NE(a.conclusion.state, State::isolated);
  EXPECT_LT(share("module", Fault::inputDead), 0.6);
}

// What lies beyond the range reads OL through whatever sensor: it tells no kind from another.
TEST_F(Unmeasured, AnOpenReadingToGroundTellsNoKind) {
  kind(circuit::SensorKind::unknown);
  const auto active = [&] {
    for (const auto& k : assessed().conclusion.kinds) {
      if (k.kind == circuit::SensorKind::active) {
        return k.share;
      }
    }
    return 0.0;
  };
  reading("RR", "C2.m a gnd 11.4V dc key on unplugged");
  const double before = active();
  for (const char* wire : {"a", "b"}) {
    reading("RR", std::string("C2.w ") + wire + " gnd OL key off unplugged");
    reading("RR", std::string("C1.w ") + wire + " gnd OL key off unplugged");
  }
  EXPECT_GT(active(), 0.9 * before);
}

TEST_F(Unmeasured, OnTheScaleOlIsAProbabilityHoweverWideTheSpread) {
  const Scale scale{circuit::TestKind::resistance, 60e6};
  const double top = scale.at(INFINITY);
  for (const double spread : {0.03, 0.3, 1.2}) {
    EXPECT_NEAR(scale.density(top, top, top, spread),
                normalDensity(0, priors::of(priors::Id::spreadOhm)), 1e-9);
    // Half a spread below the range some three in ten read OL: 1 - Phi(0.5) = 0.3085 (tables of the
    // normal distribution).
    EXPECT_NEAR(scale.density(top, top - 0.5 * spread, top - 0.5 * spread, spread),
                0.3085 * normalDensity(0, priors::of(priors::Id::spreadOhm)), 0.01);
  }
}

// Where nobody read the good wheel it is among what is proposed, and the words say whose plug.
TEST_F(Unmeasured, TheGoodWheelIsProposed) {
  kind(circuit::SensorKind::passive);
  reading("RR", "C2.w pair 2.54k key off unplugged");
  const auto a = assessed();
  const auto on = std::find_if(a.proposals.begin(), a.proposals.end(),
                               [](const Proposal& p) { return p.test.circuit == "RL"; });
  ASSERT_NE(on, a.proposals.end());
  EXPECT_NE(on->title.find("RL"), std::string::npos) << on->title;
  EXPECT_NE(on->instructions.find("RL"), std::string::npos) << on->instructions;
  EXPECT_NE(on->steps.front().find("RL"), std::string::npos);
  double sum = 0;
  for (const auto& o : on->outcomes) {
    sum += o.probability;
  }
  EXPECT_LE(sum, 1 + 1e-6);
}

TEST_F(Unmeasured, ACircuitThatStandsAloneHasNoGoodWheel) {
  kind(circuit::SensorKind::passive);
  std::erase_if(c.circuits, [](const auto& circuit) { return circuit.name != "RR"; });
  EXPECT_TRUE(testsOnGoodWheel(c).empty());
}

// A wheel spun by hand is silent on the module's side of where two circuits are exchanged.
TEST_F(Unmeasured, BeforeTheCrossingAnotherWheelIsHeard) {
  kind(circuit::SensorKind::passive);
  const Vehicle vehicle(c);
  Hypothesis h;
  h.fault = Fault::circuitsExchanged;
  h.element = "C2";
  const World crossed = worldOf(h, 0, {});
  circuit::Test t;
  t.kind = circuit::TestKind::acVoltage;
  t.circuit = "RR";
  t.state.wheel = circuit::WheelMotion::spun;
  t.red = circuit::Probe{{circuit::Place::Kind::moduleSide, "C2"}, circuit::WireId::a};
  EXPECT_TRUE(vehicle.hearsAnother(t, crossed));
  t.red->place.kind = circuit::Place::Kind::wheelSide;
  EXPECT_FALSE(vehicle.hearsAnother(t, crossed));
  t.red->place = {circuit::Place::Kind::wheelSide, "C1"};
  EXPECT_TRUE(vehicle.hearsAnother(t, crossed));
  t.state.wheel = circuit::WheelMotion::driven;  // then both turn
  EXPECT_FALSE(vehicle.hearsAnother(t, crossed));
}

}  // namespace
}  // namespace haybale::diagnosis
