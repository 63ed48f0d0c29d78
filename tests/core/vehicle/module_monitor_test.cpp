// What the module makes of a circuit with one thing wrong: its standing check and its pulses. Facts
// of the trade (common practice, no source): a biased input at 0 V is a short to ground, at the
// unloaded bias an open line, above it a short to supply; an input that is pulled by nothing wrong
// sets no code.
#include "core/belief/learn.h"
#include "core/belief/ways_to_fail.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Module : public Job {
 protected:
  using Monitor = Vehicle::Monitor;

  [[nodiscard]] circuit::ParameterPoint values() const {
    return learnParameters(c, *c.find("RR")).central;
  }
  [[nodiscard]] Monitor standing(const World& world, circuit::CarState state = {}) const {
    state.key = circuit::Key::on;
    return Vehicle(c).monitor("RR", state, world, values());
  }
  [[nodiscard]] Monitor turning(const World& world) const {
    circuit::CarState state;
    state.key = circuit::Key::on;
    state.wheel = circuit::WheelMotion::driven;
    return Vehicle(c).monitor("RR", state, world, values());
  }
  [[nodiscard]] World wrong(Fault fault, const std::string& element, double severity,
                            std::optional<circuit::WireId> wire = circuit::WireId::a) const {
    return worldOf({fault, element, wire, 1, {severity}}, severity, values());
  }
};

TEST_F(Module, FindsNothingOnASoundCircuit) {
  for (const auto k : {circuit::SensorKind::passive, circuit::SensorKind::active}) {
    kind(k);
    const auto m = standing({});
    EXPECT_LT(m.open, 0.05);
    EXPECT_LT(m.shortGround, 0.05);
    EXPECT_LT(m.shortSupply, 0.05);
    EXPECT_GT(turning({}).signal, 0.95);
    EXPECT_NEAR(turning({}).swing, 1, 1e-9);
  }
}

TEST_F(Module, SeesABrokenWireWhereverItIs) {
  for (const auto k : {circuit::SensorKind::passive, circuit::SensorKind::active}) {
    kind(k);
    for (const char* element : {"L1", "C1", "L2", "C2"}) {
      for (const auto wire : {circuit::WireId::a, circuit::WireId::b}) {
        const auto m = standing(wrong(Fault::open, element, 1e9, wire));
        EXPECT_GT(m.open, 0.5) << element;
        EXPECT_LT(m.shortSupply, 0.5) << element;
        EXPECT_LT(turning(wrong(Fault::open, element, 1e9, wire)).signal, 0.2) << element;
      }
    }
  }
}

TEST_F(Module, SeesASensorThatIsUnplugged) {
  circuit::CarState apart;
  apart.unplugged = {"C2"};
  for (const auto k : {circuit::SensorKind::passive, circuit::SensorKind::active}) {
    kind(k);
    EXPECT_GT(standing({}, apart).open, 0.5);
  }
}

TEST_F(Module, TellsAShortToGroundFromOneToSupply) {
  for (const auto k : {circuit::SensorKind::passive, circuit::SensorKind::active}) {
    kind(k);
    const auto ground = standing(wrong(Fault::shortToGround, "L2", 0.2));
    EXPECT_GT(ground.shortGround, 0.5);
    EXPECT_LT(ground.shortSupply, 0.2);
  }
  kind(circuit::SensorKind::passive);
  const auto supply = standing(wrong(Fault::shortToSupply, "L2", 0.2));
  EXPECT_GT(supply.shortSupply, 0.5);
  EXPECT_LT(supply.shortGround, 0.2);
}

TEST_F(Module, CodesAreProbabilitiesOfWhichOneIsTrue) {
  for (const auto k : {circuit::SensorKind::passive, circuit::SensorKind::active,
                       circuit::SensorKind::activePwm}) {
    kind(k);
    for (const auto& h : waysToFail(c)) {
      for (const double severity : h.steps) {
        const auto m = standing(worldOf(h, severity, values()));
        for (const double p : {m.open, m.shortGround, m.shortSupply}) {
          EXPECT_GE(p, 0) << nameOf(h.fault) << " " << h.element;
          EXPECT_LE(p, 1) << nameOf(h.fault) << " " << h.element;
        }
        EXPECT_LE(m.open + m.shortGround + m.shortSupply, 1 + 1e-9)
            << nameOf(h.fault) << " " << h.element;
        const auto t = turning(worldOf(h, severity, values()));
        EXPECT_GE(t.signal, 0);
        EXPECT_LE(t.signal, 1);
        EXPECT_GE(t.swing, 0);
      }
    }
  }
}

// The weaker the signal, the less often it counts; the harder the leak, the surer the code.
TEST_F(Module, IsSurerTheWorseItIs) {
  double last = 1;
  for (const double left : {1.0, 0.6, 0.3, 0.15, 0.07, 0.02}) {
    const double signal = turning(wrong(Fault::wideGap, "sensor", left, std::nullopt)).signal;
    EXPECT_LE(signal, last + 1e-9) << left;
    last = signal;
  }
  EXPECT_LT(last, 0.3);
  last = 0;
  for (const double ohm : {1e6, 1e5, 1e4, 1e3, 100.0, 10.0, 1.0}) {
    const double code = standing(wrong(Fault::shortToGround, "L1", ohm)).shortGround;
    EXPECT_GE(code, last - 1e-9) << ohm;
    last = code;
  }
  last = 0;
  for (const double ohm : {1.0, 100.0, 1e3, 1e4, 1e5, 1e6}) {
    const double code = standing(wrong(Fault::resistive, "L1", ohm)).open;
    EXPECT_GE(code, last - 1e-9) << ohm;
    last = code;
  }
}

TEST_F(Module, ADeadInputCountsNothingOnAGoodLine) {
  World dead;
  dead.inputDead = true;
  EXPECT_LT(turning(dead).signal, 0.1);
}

// What the ring does wrong shows in the pulses and never at key-on.
TEST_F(Module, TheRingIsJudgedWhileItTurns) {
  for (const auto fault : {Fault::ringTooth, Fault::ringCracked}) {
    const auto world = wrong(fault, "ring", 0, std::nullopt);
    EXPECT_TRUE(turning(world).ringShows);
    const auto m = standing(world);
    EXPECT_LT(m.open + m.shortGround + m.shortSupply, 0.05);
  }
}

// Of a vehicle fed too little all circuits are dead; of one with its own fault the others are well.
TEST_F(Module, AFaultOfThisCircuitLeavesTheOthersAlone) {
  circuit::CarState state;
  state.key = circuit::Key::on;
  const auto other = [&](const World& w) { return Vehicle(c).monitor("RL", state, w, values()); };
  EXPECT_LT(other(wrong(Fault::open, "L2", 1e9)).open, 0.05);
  EXPECT_LT(other(wrong(Fault::shortToGround, "L2", 0.1)).shortGround, 0.05);
}

// A plug that is apart between the leads and the fault hides it; the same plug put together does
// not.
TEST_F(Module, WhatIsParted) {
  const Vehicle vehicle(c);
  circuit::Test pair;
  pair.kind = circuit::TestKind::resistance;
  pair.circuit = "RR";
  pair.state.key = circuit::Key::off;
  pair.state.unplugged = {"C1"};
  pair.red = circuit::Probe{{circuit::Place::Kind::wheelSide, "C1"}, circuit::WireId::a};
  pair.black = circuit::Probe{{circuit::Place::Kind::wheelSide, "C1"}, circuit::WireId::b};
  const auto open = [](const char* element) {
    return Hypothesis{Fault::open, element, circuit::WireId::a, 1, {1e9}};
  };
  EXPECT_FALSE(vehicle.touches(pair, open("L1"))) << "before the plug";
  EXPECT_TRUE(vehicle.touches(pair, open("L2"))) << "behind it";
  EXPECT_TRUE(vehicle.touches(pair, {Fault::sensorOpen, "sensor", std::nullopt, 1, {1e9}}));
  EXPECT_FALSE(vehicle.touches(pair, {Fault::ringTooth, "ring", std::nullopt, 1, {0}}));
  EXPECT_FALSE(vehicle.touches(pair, Hypothesis{}));
}

// Long leads from the good wheel's sensor into the harness half of the plug: what leaks in the
// wheel half stays behind with the old sensor, what leaks in the harness half does not. The same of
// a substitute signal there.
TEST_F(Module, AHalfOfAPlugStaysWithItsSide) {
  circuit::CarState driven;
  driven.key = circuit::Key::on;
  driven.wheel = circuit::WheelMotion::spun;
  auto good = driven, bad = driven, fed = driven;
  good.swap = circuit::Swap{"RL", "RR", false};
  bad.swap = circuit::Swap{"RR", "RL", false};
  fed.unplugged = {"C2"};
  fed.inject = circuit::Inject{{circuit::Place::Kind::moduleSide, "C2"}, 100, 2};
  const auto inHalf = [&](double along) {
    return worldOf({Fault::shortToGround, "C2", circuit::WireId::a, 1, {0.1}, along}, 0.1,
                   values());
  };
  const auto short_ = [&](const char* circuit, const circuit::CarState& state, double along) {
    return Vehicle(c).monitor(circuit, state, inHalf(along), values()).shortGround;
  };
  EXPECT_GT(short_("RR", good, 0.25), 0.5);
  EXPECT_LT(short_("RR", good, 0.75), 0.1);
  EXPECT_LT(short_("RL", bad, 0.25), 0.1);
  EXPECT_GT(short_("RL", bad, 0.75), 0.5);
  EXPECT_GT(short_("RR", fed, 0.25), 0.5);
  EXPECT_LT(short_("RR", fed, 0.75), 0.1);
}

// Two things wrong at once do what each of them does.
TEST_F(Module, TwoFaultsTogether) {
  const auto weak = wrong(Fault::wideGap, "sensor", 0.5, std::nullopt);
  const auto debris = wrong(Fault::debris, "sensor", 0.4, std::nullopt);
  EXPECT_DOUBLE_EQ(together(weak, debris).output, 0.2);
  const auto tooth = wrong(Fault::ringTooth, "ring", 0, std::nullopt);
  EXPECT_EQ(together(weak, tooth).fault, Fault::ringTooth)
      << "what marks the signal gives the name";
  const auto open = wrong(Fault::open, "L1", 1e9);
  EXPECT_EQ(together(open, weak).line.size(), open.line.size());
  EXPECT_GT(standing(together(open, weak)).open, 0.5);
}

}  // namespace
}  // namespace haybale::diagnosis
