// The half-split bound: an open among N equal, equally reachable segments cannot be found in fewer
// than log2 N yes-or-no tests on average (Shannon 1948); the planner must come close to it.
#include <fmt/format.h>

#include <cmath>

#include "core/circuit/predict.h"
#include "core/priors/priors.h"
#include "core/session/assessment.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {
namespace {

using circuit::ElementKind;
using circuit::TestKind;
using circuit::WireId;

// Legs with a plug behind each; all in one zone, all a minute away.
circuit::Circuit longLine(int legs) {
  circuit::Circuit c = circuit::typicalCircuit("RR", "rear right");
  c.sensor.kind = circuit::SensorKind::passive;
  c.path.clear();
  c.path.push_back({"module", ElementKind::module, circuit::Zone::unknown, 1, {}, {}, "", {}});
  for (int k = 1; k <= legs; ++k) {
    c.path.push_back(
        {fmt::format("L{}", k), ElementKind::leg, circuit::Zone::unknown, 1, 1.0, 0.5, "", {}});
    c.path.push_back(
        {fmt::format("C{}", k), ElementKind::connector, circuit::Zone::unknown, 1, {}, {}, "", {}});
  }
  c.path.push_back({"sensor", ElementKind::sensor, circuit::Zone::unknown, 1, {}, {}, "", {}});
  return c;
}

class HalfSplit : public testing::Test {
 protected:
  HalfSplit() {
    c = job::newCase();
    c.suspect = "RR";
    c.toolbox = {"multimeter"};
    c.allowed = {"unplug"};
    values.sensor.coilOhm = 1200;
  }

  // The truth: wire a has parted in one leg of a line of `legs`.
  void hide(int legs, int leg) {
    c.circuits = {longLine(legs)};
    faults = {{fmt::format("L{}", leg), circuit::FaultKind::series, WireId::a, circuit::kOpenOhm}};
    c.evidence.clear();
    const auto& line = c.circuits.front();
    circuit::Test test;
    test.circuit = "RR";
    test.kind = TestKind::resistance;
    test.state.key = circuit::Key::off;
    test.state.unplugged = {"module"};
    const circuit::Place plug{circuit::Place::Kind::modulePlug, "module"};
    test.red = circuit::Probe{plug, WireId::a};
    test.black = circuit::Probe{plug, WireId::b};
    take(test);
    const std::string last = line.sensorConnector()->id;
    const circuit::Place alone{circuit::Place::Kind::wheelSide, last};
    test.red = circuit::Probe{alone, WireId::a};
    test.black = circuit::Probe{alone, WireId::b};
    test.state.unplugged = {last};
    take(test);
  }

  void take(const circuit::Test& test) {
    const auto value = circuit::predict(c.circuits.front(), values, test, faults, c.meter);
    ASSERT_TRUE(value);
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test = test;
    e.reading.value = units::Entry{};
    e.reading.value->unit = circuit::unitOf(test.kind);
    e.reading.value->overload = std::isinf(*value);
    e.reading.value->value = *value;
    c.evidence.push_back(e);
  }

  [[nodiscard]] Assessment think() { return assessCase(c, "/", shelf, {}, &memory); }

  // Of the segment that has parted.
  static double entropy(const Conclusion& conclusion) {
    double bits = 0;
    for (const auto& [element, share] : conclusion.elementShares) {
      bits -= share > 0 ? share * std::log2(share) : 0;
    }
    return bits;
  }

  job::Case c;
  circuit::ParameterPoint values;
  std::vector<circuit::LineFault> faults;
  CaptureShelf shelf;
  LikelihoodMemory memory;
};

TEST_F(HalfSplit, TestsUsedAreNearTheBound) {
  // The bound is of measuring, not of doubting the meter or who holds it.
  const priors::Changed noSlips(priors::Id::slipNumber, 1e-3);
  const priors::Changed sureOhms(priors::Id::doubtOhms, 0);
  const priors::Changed sureVolts(priors::Id::doubtVolts, 0);
  const priors::Changed nothingElse(priors::Id::other, 1e-6);
  double tests = 0;
  double bound = 0;
  int lines = 0;
  for (int leg = 1; leg <= 8; leg += 2, ++lines) {
    hide(8, leg);
    auto a = think();
    const double before = entropy(a.conclusion);
    int used = 0;
    // Down to the leg and the plugs at its ends, which only eyes tell from it.
    while (entropy(a.conclusion) > 1.3 && used < 20) {
      const auto numeric = std::find_if(
          a.proposals.begin(), a.proposals.end(),
          [](const Proposal& p) { return circuit::unitOf(p.test.kind) != units::Unit::none; });
      ASSERT_NE(numeric, a.proposals.end());
      take(numeric->test);
      ++used;
      a = think();
    }
    tests += used;
    bound += before - entropy(a.conclusion);
    EXPECT_EQ(a.conclusion.suspects.front().fault, Fault::open);
    const int at = std::stoi(a.conclusion.suspects.front().element.substr(1));
    EXPECT_LE(std::abs(at - leg), 1) << a.conclusion.headline;
  }
  RecordProperty("tests", std::to_string(tests / lines));
  RecordProperty("bits", std::to_string(bound / lines));
  // N here is 2 to the power of the bits settled.
  EXPECT_LE(tests, 1.1 * bound) << tests / lines << " tests for " << bound / lines << " bits";
}

// de Kleer and Williams, "Diagnosing multiple faults" (1987), on sequential diagnosis: four parts
// in a cascade, equally likely to fail, the last output wrong: the best next measurement is the one
// in the middle (example from memory; there inverters, here legs of a line with an open in it).
TEST_F(HalfSplit, OfFourInACascadeTheMiddleIsMeasuredFirst) {
  hide(4, 3);
  const auto a = think();
  const auto best = std::find_if(a.proposals.begin(), a.proposals.end(), [](const Proposal& p) {
    return circuit::unitOf(p.test.kind) != units::Unit::none;
  });
  ASSERT_NE(best, a.proposals.end());
  // Between leg 2 and leg 4: the plugs C2 and C3 part the four legs and their plugs most evenly.
  const std::string at = best->test.red->place.element == "module"
                             ? best->test.state.unplugged.back()
                             : best->test.red->place.element;
  EXPECT_TRUE(at == "C2" || at == "C3") << best->title;
  EXPECT_GT(best->bits, 0.75) << "one bit, less slips and what else may be wrong";
}

}  // namespace
}  // namespace haybale::diagnosis
