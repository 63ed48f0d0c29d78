// What holds of every network of resistors, whatever is wrong with the line: reciprocity, that a
// larger resistance nowhere makes a smaller reading (Rayleigh's monotonicity law; P. Doyle and
// L. Snell, "Random Walks and Electric Networks", 1984, from memory), and Kirchhoff's first law.
#include <random>

#include "support/line_fixture.h"

namespace haybale::circuit {
namespace {

class Laws : public PassiveLine {
 protected:
  double anyOf(double low, double high) {  // as likely in each decade
    return low * std::pow(high / low, std::uniform_real_distribution<double>(0, 1)(random));
  }
  std::size_t below(std::size_t count) {
    return std::uniform_int_distribution<std::size_t>(0, count - 1)(random);
  }
  WireId anyWire() { return below(2) == 0 ? WireId::a : WireId::b; }

  LineFault anyFault() {
    constexpr std::array kinds{FaultKind::series, FaultKind::wiresTouching,
                               FaultKind::leakToGround};
    LineFault fault;
    fault.element = std::array{"C1", "L1", "C2", "L2"}[below(4)];
    fault.kind = kinds[below(kinds.size())];
    fault.wire = anyWire();
    fault.ohm = anyOf(1, 1e6);
    fault.along = 0.1 + 0.8 * static_cast<double>(below(100)) / 100;
    return fault;
  }
  std::vector<LineFault> anyFaults() {
    std::vector<LineFault> out(1 + below(3));
    for (auto& fault : out) {
      fault = anyFault();
    }
    return out;
  }

  // Somewhere on the line; the last of the places is ground.
  static constexpr std::size_t kPlaces = 6;
  Probe anyProbe(std::size_t places) {
    switch (below(places)) {
      case 0:
        return {{Place::Kind::modulePlug, "module"}, anyWire()};
      case 1:
        return {{Place::Kind::moduleSide, "C1"}, anyWire()};
      case 2:
        return {{Place::Kind::wheelSide, "C1"}, anyWire()};
      case 3:
        return {{Place::Kind::along, "L2", 0.5}, anyWire()};
      case 4:
        return {{Place::Kind::sensor, "sensor"}, anyWire()};
      default:
        return {{Place::Kind::ground, ""}, std::nullopt};
    }
  }

  circuit::Test anyOhms() {
    const Probe red = anyProbe(kPlaces - 1);
    Probe black = red;
    while (black == red) {
      black = anyProbe(kPlaces);
    }
    return ohms(red, black);
  }
  [[nodiscard]] circuit::Test ohms(const Probe& red, const Probe& black) const {
    circuit::Test t;
    t.kind = TestKind::resistance;
    t.circuit = circuit.name;
    t.red = red;
    t.black = black;
    t.state.key = Key::off;
    t.state.unplugged = {"module"};
    return t;
  }
  [[nodiscard]] double of(const circuit::Test& t, const std::vector<LineFault>& faults) const {
    return predict(circuit, point, t, faults).value_or(NAN);
  }

  std::mt19937 random{20261130};
};

TEST_F(Laws, TheLeadsMayBeExchanged) {
  for (int i = 0; i < 300; ++i) {
    const auto faults = anyFaults();
    const auto test = anyOhms();
    const double one = of(test, faults);
    const double other = of(ohms(*test.black, *test.red), faults);
    if (std::isinf(one)) {
      EXPECT_TRUE(std::isinf(other)) << i;
    } else {
      EXPECT_NEAR(one, other, 1e-6 * std::abs(one) + 1e-6) << i;
    }
  }
}

TEST_F(Laws, MoreResistanceAnywhereNeverReadsLess) {
  for (int i = 0; i < 300; ++i) {
    auto faults = anyFaults();
    const auto test = anyOhms();
    const double before = of(test, faults);
    faults[below(faults.size())].ohm *= anyOf(1.01, 100);
    const double after = of(test, faults);
    EXPECT_TRUE(std::isinf(after) || after >= before - 1e-6 * std::abs(before) - 1e-6)
        << i << ": " << before << " to " << after;
  }
}

// In whichever wire and piece it lies, and in however many.
TEST_F(Laws, WhatLiesInTheWiresAdds) {
  const double sound = read("module pair");
  for (int i = 0; i < 100; ++i) {
    std::vector<LineFault> crust(1 + below(4));
    double sum = 0;
    for (auto& fault : crust) {
      fault = anyFault();
      fault.kind = FaultKind::series;
      fault.ohm = anyOf(1, 1e4);
      sum += fault.ohm;
    }
    EXPECT_NEAR(read("module pair", crust), sound + sum, 1e-3 * (sound + sum)) << i;
  }
}

// Wires that touch lie beside what is behind them; of the copper in front a tenth of an ohm or two.
TEST_F(Laws, WhatTouchesLiesBesideTheCoil) {
  for (const double ohm : {0.5, 20.0, 400.0, 3e3, 50e3}) {
    for (const char* at : {"L1", "C2", "L2"}) {
      const std::vector<LineFault> touching{{at, FaultKind::wiresTouching, WireId::a, ohm}};
      EXPECT_NEAR(read("module pair", touching), 1 / (1 / ohm + 1 / 1100.2), 0.4) << at << ohm;
    }
  }
}

// Both wires leak: the way through ground lies beside the coil too.
TEST_F(Laws, TwoLeaksAreOneWayBeside) {
  const std::vector<LineFault> wet{{"C2", FaultKind::leakToGround, WireId::a, 3e3},
                                   {"C2", FaultKind::leakToGround, WireId::b, 5e3}};
  EXPECT_NEAR(read("module pair", wet), 1 / (1 / 8e3 + 1 / 1100.0), 1);
  // One alone is no way round.
  EXPECT_NEAR(read("module pair", {wet[0]}), read("module pair"), 0.01);
}

TEST_F(Laws, NothingBehindAPlugThatIsApartIsRead) {
  for (int i = 0; i < 50; ++i) {
    auto fault = anyFault();
    fault.element = "sensor";
    fault.kind = below(2) == 0 ? FaultKind::series : FaultKind::leakToGround;
    for (const char* line : {"module a gnd unplugged C2", "C1.m a b unplugged C2 module"}) {
      const double sound = read(line), spoilt = read(line, {fault});
      EXPECT_TRUE(sound == spoilt || std::abs(sound - spoilt) < 1e-6 * sound) << line;
    }
  }
}

class ActiveLaws : public ActiveLine {};

// What goes in by the feed and does not come back by the return has leaked in between (Kirchhoff).
TEST_F(ActiveLaws, WhatDoesNotComeBackHasLeaked) {
  circuit::Test t = typed("C2.m a gnd dc key on plugged");
  const auto amperes = [&](WireId wire, const std::vector<LineFault>& faults) {
    circuit::Test clamped = t;
    clamped.red->wire = wire;
    return std::abs(clampAmperes(circuit, point, clamped, faults).value_or(NAN));
  };
  EXPECT_NEAR(amperes(WireId::a, {}), amperes(WireId::b, {}), 2e-6);
  for (const double ohm : {500.0, 2e3, 10e3}) {
    const std::vector<LineFault> wet{{"C2", FaultKind::leakToGround, WireId::a, ohm, 0, 0.0}};
    const double lost = amperes(WireId::a, wet) - amperes(WireId::b, wet);
    const double there = predict(circuit, point, t, wet).value_or(NAN);
    EXPECT_NEAR(lost, there / ohm, 0.01 * there / ohm) << ohm;
  }
}

}  // namespace
}  // namespace haybale::circuit
