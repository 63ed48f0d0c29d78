// What readings share: one severity, one set of values, one sensor. Facts of the trade: common
// practice, no published source, unless a line says otherwise.
#include <cmath>

#include "core/belief/learn.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using Shared = Job;

// The same coil measured from one plug after the other is one finding, not three.
TEST_F(Shared, TheSameOhmsFromOnePlugAfterTheOtherTellWhereAndNotMoreOften) {
  reading("RL", "C2.w pair 1.12k key off unplugged");
  reading("RR", "C2.w pair 410 key off unplugged");
  const double before = share("sensor") / share("C2");
  EXPECT_GT(before, 1) << "shorted turns are commoner than two pins that touch";
  for (const char* again : {"C2.w pair 412 key off unplugged", "C2.w pair 408 key off unplugged",
                            "C2.w pair 411 key off unplugged"}) {
    reading("RR", again);
  }
  const double after = share("sensor") / share("C2");
  EXPECT_LT(std::abs(std::log(after / before)), std::log(2.0));
}

// Wherever a severity happens to lie against the steps it is worked out in, the odds go smoothly.
TEST_F(Shared, OddsDoNotHangOnTheEdgesOfTheSteps) {
  reading("RL", "C2.w pair 1.12k key off unplugged");
  double last = 0;
  for (int ohm = 90; ohm <= 420; ohm += 30) {
    reading("RR", "C2.w pair " + std::to_string(ohm) + " key off unplugged");
    reading("RR", "module pair " + std::to_string(ohm + 1) + " key off unplugged");
    const double odds = std::log(share("sensor") / share("C2"));
    if (last != 0) {
      EXPECT_LT(std::abs(odds - last), std::log(2.5)) << ohm;
    }
    last = odds;
    c.evidence.resize(c.evidence.size() - 2);
  }
}

// A wheel that is not in question says whether the module feeds it, and nothing of what is wrong
// within this circuit: however odd its reading (a current sensor may stand on a tooth).
TEST_F(Shared, AnOddReadingOfTheGoodWheelCondemnsNothingHere) {
  kind(circuit::SensorKind::active);
  reading("RL", "C2 a gnd 11.4V dc key on unplugged");
  const double sensor = share("sensor", Fault::sensorDead);
  const double open = share("L2", Fault::open);
  reading("RL", "C2 b gnd 0.46V dc key on");
  reading("RL", "C2 b gnd 0.92V dc key on");
  reading("RL", "C2 b gnd 3.10V dc key on");
  EXPECT_NEAR(share("sensor", Fault::sensorDead) / share("L2", Fault::open), sensor / open,
              0.15 * sensor / open);
}

// Turns that are left give what they give: 4 in 10 of them 4 in 10 of the output, not 16 in 100.
TEST_F(Shared, ACoilWithShortedTurnsLosesOutputOnce) {
  const Hypothesis shorted{Fault::sensorShorted, "sensor", std::nullopt, 1, {1, 700}};
  const Vehicle vehicle(c);
  const auto known = learnParameters(c, *c.find("RR"));
  circuit::Test trace;
  trace.kind = circuit::TestKind::acVoltage;
  trace.circuit = "RR";
  trace.state.wheel = circuit::WheelMotion::spun;
  trace.state.unplugged = {"C2"};
  const circuit::Place far{circuit::Place::Kind::wheelSide, "C2"};
  trace.red = circuit::Probe{far, circuit::WireId::a};
  trace.black = circuit::Probe{far, circuit::WireId::b};
  const auto& values = known.central;
  const double whole = *vehicle.electrical(trace, World{}, values);
  const double left =
      *vehicle.electrical(trace, worldOf(shorted, 0.4 * values.sensor.coilOhm, values), values);
  EXPECT_NEAR(left / whole, 0.4, 0.03);
}

// "Any value from hundreds of kilo-ohms to OL may be a good part."
TEST_F(Shared, AnOhmmeterOnAnActiveSensorNeitherCondemnsNorAcquitsIt) {
  kind(circuit::SensorKind::active);
  reading("RL", "C2 a gnd 11.4V dc key on unplugged");
  reading("RR", "C2.w pair 11.4V dc key on");
  const double before = share("sensor");
  for (const char* ohms : {"C2.w pair 380k key off unplugged", "C2.w pair 1.4M key off unplugged",
                           "module pair 900k key off unplugged"}) {
    reading("RR", ohms);
  }
  EXPECT_NEAR(share("sensor"), before, 0.12);
}

// "Clear the code and cycle the ignition before condemning a missing supply."
TEST_F(Shared, AModuleIsNotBlamedForASupplyBeforeTheCodesWereCleared) {
  kind(circuit::SensorKind::active);
  c.toolbox = {"multimeter", "scan-tool"};
  reading("RL", "C2 a gnd 11.4V dc key on unplugged");
  for (const char* none : {"module a gnd 0.00V dc key on", "module pair 0.00V dc key on",
                           "C1 pair 0.00V dc key on", "C1 a gnd 0.00V dc key on unplugged"}) {
    reading("RR", none);
  }
  const auto a = assessed();
  ASSERT_EQ(a.conclusion.suspects.front().element, "module") << a.conclusion.headline;
  const auto& first = a.conclusion.suspects.front();
  if (first.fault == Fault::noSupply) {
    EXPECT_TRUE(a.conclusion.clearFirst);
    EXPECT_NE(a.conclusion.state, State::isolated);
  } else {
    EXPECT_EQ(first.fault, Fault::latchedOff);
  }
  EXPECT_NE(a.conclusion.action.find("Clear the codes"), std::string::npos) << a.conclusion.action;
}

}  // namespace
}  // namespace haybale::diagnosis
