// What a substitution will show, against the whole vehicle put together and solved anew; and the
// four substitutions of the trade as they are told.
#include "core/plan/swap_outlook.h"

#include <set>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::Circuit;
using circuit::SensorKind;
using CarTest = circuit::Test;
using circuit::TestKind;

class Substitution : public Job {
 protected:
  void SetUp() override {
    Job::SetUp();
    c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "signal-source"};
    c.allowed = {"unplug", "back-probe"};
  }
  [[nodiscard]] Belief belief() {
    waveforms_ = {};
    knowledge_ = learnAll(c);
    return Belief(c, waveforms_, knowledge_);
  }
  static CarTest swap(TestKind kind, const std::string& sensorOf, const std::string& into) {
    CarTest t;
    t.kind = kind;
    t.circuit = "RR";
    t.state.key = circuit::Key::on;
    t.state.wheel = circuit::WheelMotion::spun;
    t.state.swap = circuit::Swap{sensorOf, into, false};
    return t;
  }
  WaveformSet waveforms_;
  Knowledge knowledge_;
};

// The line that stands behind the module input `into` once the sensor of `from` hangs on it.
Circuit together(const Circuit& into, const Circuit& from) {
  Circuit out = into;
  const auto joint = *into.indexOf(into.sensorConnector()->id);
  const auto behind = *from.indexOf(from.sensorConnector()->id);
  out.path.resize(joint + 1);
  for (std::size_t i = behind + 1; i < from.path.size(); ++i) {
    auto e = from.path[i];
    e.id = "far." + e.id;
    out.path.push_back(e);
  }
  return out;
}

// What is wrong with the suspect's parts, where they now are.
std::vector<circuit::LineFault> faultsIn(const job::Case& c, const CarTest& test,
                                         const World& world) {
  const auto& into = *c.find(test.state.swap->into);
  const auto& from = *c.find(test.state.swap->sensorOf);
  const auto& suspect = *c.suspectCircuit();
  const auto joint = *suspect.indexOf(suspect.sensorConnector()->id);
  std::vector<circuit::LineFault> faults;
  for (auto f : world.line) {
    const auto at = suspect.indexOf(f.element);
    const bool behind = at && *at > joint;
    if (behind && from.name == suspect.name) {
      f.element = "far." + f.element;
      faults.push_back(f);
    } else if (!behind && into.name == suspect.name) {
      faults.push_back(f);
    }
  }
  return faults;
}

// Volts peak to peak at the pins of `into`, with what is wrong with the suspect's parts in place.
double swingOf(const job::Case& c, const CarTest& test, const World& world,
               const circuit::ParameterPoint& values) {
  const auto& from = *c.find(test.state.swap->sensorOf);
  const Circuit line = together(*c.find(test.state.swap->into), from);
  const auto faults = faultsIn(c, test, world);
  auto point = values;
  point.sensor.fluxSwingMwb *= from.name == c.suspect ? world.output : 1;
  CarTest scope;
  scope.kind = TestKind::waveform;
  scope.circuit = line.name;
  scope.state.key = circuit::Key::on;
  scope.state.wheel = circuit::WheelMotion::spun;
  const circuit::Place pins{circuit::Place::Kind::modulePins, line.path.front().id};
  const bool coil = line.sensor.kind == SensorKind::passive;
  const bool low = values.frontEnd.kind == circuit::FrontEndKind::lowSideSense;
  scope.red = circuit::Probe{pins, low && !coil ? circuit::WireId::b : circuit::WireId::a};
  if (coil) {
    scope.black = circuit::Probe{pins, circuit::WireId::b};
  }
  return circuit::predict(line, point, scope, faults).value_or(0);
}

// The heaviest cell of a suspect is what its row stands for.
const Cell* heaviestOf(const Belief& b, const Suspect& suspect) {
  const Cell* cell = nullptr;
  for (const auto& each : b.cells()) {
    const auto& h = b.hypotheses()[each.hypothesis];
    if (h.element == suspect.element && h.fault == suspect.fault && h.wire == suspect.wire &&
        (!cell || each.weight > cell->weight)) {
      cell = &each;
    }
  }
  return cell;
}

TEST_F(Substitution, AgreesWithTheWholeVehiclePutTogetherAnewForEveryFaultAndDirection) {
  int compared = 0;
  for (const auto sensor : {SensorKind::passive, SensorKind::active}) {
    kind(sensor);
    const auto b = belief();
    for (const auto& test :
         {swap(TestKind::liveSpeed, "RL", "RR"), swap(TestKind::liveSpeed, "RR", "RL")}) {
      for (const auto& row : outlookOf(b, test).rows) {
        const Cell* cell = heaviestOf(b, row.suspect);
        ASSERT_NE(cell, nullptr);
        const auto& h = b.hypotheses()[cell->hypothesis];
        if (h.fault == Fault::inputDead || h.fault == Fault::circuitsExchanged) {
          // Of the module: on its own input nothing is followed, on another's everything.
          const bool own = test.state.swap->into == c.suspect;
          EXPECT_EQ(row.inputs.front().follows < 0.5, own) << nameOf(row.suspect.fault);
          ++compared;
          continue;
        }
        if (h.fault == Fault::latchedOff ||
            ((h.fault == Fault::wideGap || h.fault == Fault::debris) &&
             sensor != SensorKind::passive)) {
          continue;  // cured by clearing; a gap's edge is not in the current
        }
        const auto& values = b.values()[cell->values];
        const double severity = cell->severity();
        const double swing = swingOf(c, test, worldOf(h, severity, values), values);
        const double sound = swingOf(c, test, World{}, values);
        const double follows = row.inputs.front().follows;
        const bool coil = sensor == SensorKind::passive;
        if (follows > 0.25 && follows < 0.75) {
          continue;  // on the edge
        }
        const double edge = coil ? 0.2 : 0.5 * sound;
        if (follows >= 0.75) {
          EXPECT_GT(swing, edge) << h.element << " " << nameOf(row.suspect.fault);
        } else if (row.inputs.front().code.empty() || row.inputs.front().code == "no-signal") {
          EXPECT_LT(swing, edge) << h.element << " " << nameOf(row.suspect.fault);
        }
        ++compared;
      }
    }
  }
  EXPECT_GT(compared, 40);
}

// What a meter reads at the plug of the line that was put together: ohms of a coil's pair and of
// each wire to ground, or how far an active sensor's current pulls the pins down, as a share of a
// sound one's.
struct AtThePlug {
  double pair = 0, toGround = 0, pull = 0;
};
AtThePlug standing(const job::Case& c, const CarTest& test, const World& world,
                   const circuit::ParameterPoint& values, const AtThePlug* sound) {
  const auto& from = *c.find(test.state.swap->sensorOf);
  const Circuit line = together(*c.find(test.state.swap->into), from);
  const auto faults = faultsIn(c, test, world);
  const std::string module = line.path.front().id;
  const circuit::Place plug{circuit::Place::Kind::modulePlug, module};
  const circuit::Place pins{circuit::Place::Kind::modulePins, module};
  const circuit::Probe a{plug, circuit::WireId::a};
  const circuit::Probe b{plug, circuit::WireId::b};
  const circuit::Probe ground{{circuit::Place::Kind::ground, ""}, std::nullopt};
  CarTest ohms;
  ohms.kind = TestKind::resistance;
  ohms.circuit = line.name;
  ohms.state.key = circuit::Key::off;
  ohms.state.unplugged = {module};
  const auto read = [&](CarTest t, const circuit::Probe& red, const circuit::Probe& black) {
    t.red = red;
    t.black = black;
    return circuit::predict(line, values, t, faults).value_or(1e12);
  };
  AtThePlug out;
  out.pair = read(ohms, a, b);
  out.toGround = std::min(read(ohms, a, ground), read(ohms, b, ground));
  CarTest volts;
  volts.kind = TestKind::dcVoltage;
  volts.circuit = line.name;
  volts.state.key = circuit::Key::on;
  CarTest apart = volts;
  apart.state.unplugged = {module};
  const circuit::Probe pinA{pins, circuit::WireId::a};
  const circuit::Probe pinB{pins, circuit::WireId::b};
  const double drop = read(apart, pinA, pinB) - read(volts, pinA, pinB);
  out.pull = sound ? drop / sound->pull : drop;
  return out;
}

// Volts on the harness with the module's plug off: what is shorted to the supply is live.
double harnessVolts(const job::Case& c, const CarTest& test, const World& world,
                    const circuit::ParameterPoint& values) {
  const Circuit line = together(*c.find(test.state.swap->into), *c.find(test.state.swap->sensorOf));
  const auto faults = faultsIn(c, test, world);
  double most = 0;
  for (const auto wire : {circuit::WireId::a, circuit::WireId::b}) {
    CarTest volts;
    volts.kind = TestKind::dcVoltage;
    volts.circuit = line.name;
    volts.state.key = circuit::Key::on;
    volts.state.unplugged = {line.path.front().id};
    volts.red = circuit::Probe{{circuit::Place::Kind::modulePlug, line.path.front().id}, wire};
    volts.black = circuit::Probe{{circuit::Place::Kind::ground, ""}, std::nullopt};
    most = std::max(most, circuit::predict(line, values, volts, faults).value_or(0));
  }
  return most;
}

TEST_F(Substitution, StandingCodesAreThoseOfTheOhmsAndVoltsOfTheLinePutTogether) {
  int compared = 0;
  for (const auto sensor : {SensorKind::passive, SensorKind::active}) {
    kind(sensor);
    const bool coil = sensor == SensorKind::passive;
    const auto b = belief();
    for (auto test : {swap(TestKind::codes, "RL", "RR"), swap(TestKind::codes, "RR", "RL")}) {
      test.state.wheel = circuit::WheelMotion::still;
      for (const auto& row : outlookOf(b, test).rows) {
        const Cell* cell = heaviestOf(b, row.suspect);
        ASSERT_NE(cell, nullptr);
        const auto& h = b.hypotheses()[cell->hypothesis];
        const auto& input = row.inputs.front();
        const bool standing_code = input.code == "open" || input.code.starts_with("short");
        if (h.fault == Fault::inputDead || h.fault == Fault::circuitsExchanged ||
            h.fault == Fault::noSupply || h.fault == Fault::latchedOff ||
            (standing_code && input.codeShare < 0.7)) {
          continue;  // of the module, or on the edge
        }
        const auto& values = b.values()[cell->values];
        if (h.fault == Fault::shortToSupply) {
          const double live = harnessVolts(c, test, worldOf(h, cell->severity(), values), values);
          EXPECT_TRUE(input.code != "short-supply" || live > 3) << h.element << live;
          EXPECT_TRUE(input.code == "short-supply" || input.code == "open" || live < 3 ||
                      cell->severity() > 100)
              << h.element << " " << input.code << " " << live;
          ++compared;
          continue;
        }
        const auto sound = standing(c, test, World{}, values, nullptr);
        const auto now = standing(c, test, worldOf(h, cell->severity(), values), values, &sound);
        const std::string what =
            h.element + " " + std::string(nameOf(row.suspect.fault)) + " " + input.code;
        if (coil && input.code == "open") {
          EXPECT_GT(now.pair, 3e3) << what;
        } else if (coil && input.code == "short-ground") {
          EXPECT_TRUE(now.toGround < 1e3 || now.pair < 0.45 * 1200) << what << " " << now.pair;
        } else if (coil && !standing_code) {
          EXPECT_LT(now.pair, 50e3) << what;
          EXPECT_GT(now.pair, 30) << what;
        } else if (!coil && input.code == "open") {
          EXPECT_LT(now.pull, 0.6) << what;
        } else if (!coil && !standing_code) {
          EXPECT_GT(now.pull, 0.4) << what;
        }
        ++compared;
      }
    }
  }
  EXPECT_GT(compared, 40);
}

TEST_F(Substitution, AGoodSensorThatIsFollowedLeavesSensorAndRing) {
  kind(SensorKind::passive);
  const auto outlook = outlookOf(belief(), swap(TestKind::liveSpeed, "RL", "RR"));
  const auto follows = std::find_if(outlook.meanings.begin(), outlook.meanings.end(),
                                    [](const auto& m) { return m.first == "RR follows"; });
  ASSERT_NE(follows, outlook.meanings.end());
  EXPECT_EQ(follows->second.rfind("the sensor or its ring", 0), 0U) << follows->second;
  const auto stays = std::find_if(outlook.meanings.begin(), outlook.meanings.end(),
                                  [](const auto& m) { return m.first == "RR stays at 0"; });
  ASSERT_NE(stays, outlook.meanings.end());
  EXPECT_EQ(stays->second.rfind("the line", 0), 0U) << stays->second;
}

TEST_F(Substitution, ASuspectSensorFollowedOnAGoodLineClearsSensorAndRing) {
  kind(SensorKind::passive);
  auto e = job::Evidence{};
  e.id = "e1";
  e.test = swap(TestKind::liveSpeed, "RR", "RL");
  e.reading.kmh = {{"RL", 5.0}};
  c.evidence.push_back(e);
  const auto a = assessed();
  double beyond = 0;
  for (const auto& [id, share] : a.conclusion.elementShares) {
    beyond += id == "sensor" || id == "ring" ? share : 0;
  }
  EXPECT_LT(beyond, 0.25);
}

// The code a deliberate short brings, against the ohms that a meter reads at the module's plug of
// the bridged line.
TEST_F(Substitution, ADeliberateShortAgreesWithTheOhmsOfTheBridgedLineForEveryFault) {
  int compared = 0;
  for (const auto sensor : {SensorKind::passive, SensorKind::active}) {
    kind(sensor);
    const auto b = belief();
    CarTest t;
    t.kind = TestKind::codes;
    t.circuit = "RR";
    t.state.key = circuit::Key::on;
    t.state.unplugged = {"C2"};
    t.state.jumper = circuit::Place{circuit::Place::Kind::moduleSide, "C2"};
    for (const auto& row : outlookOf(b, t).rows) {
      const Cell* cell = heaviestOf(b, row.suspect);
      ASSERT_NE(cell, nullptr);
      const auto& h = b.hypotheses()[cell->hypothesis];
      const auto& input = row.inputs.front();
      const bool standing_code = input.code == "open" || input.code.starts_with("short");
      if (h.element == "module" || h.fault == Fault::shortToSupply || !standing_code ||
          input.codeShare < 0.7) {
        continue;
      }
      const auto& values = b.values()[cell->values];
      const auto faults = worldOf(h, cell->severity(), values).line;
      CarTest ohms;
      ohms.kind = TestKind::loop;
      ohms.circuit = "RR";
      ohms.state.key = circuit::Key::off;
      ohms.state.unplugged = {"module", "C2"};
      ohms.state.jumper = t.state.jumper;
      const circuit::Place plug{circuit::Place::Kind::modulePlug, "module"};
      ohms.red = circuit::Probe{plug, circuit::WireId::a};
      ohms.black = circuit::Probe{plug, circuit::WireId::b};
      const double loop = circuit::predict(*c.find("RR"), values, ohms, faults).value_or(1e12);
      const std::string what =
          h.element + " " + std::string(nameOf(row.suspect.fault)) + " " + input.code;
      if (input.code == "open") {
        EXPECT_GT(loop, 500) << what;
      } else if (h.fault != Fault::shortToGround && h.fault != Fault::leak) {
        EXPECT_LT(loop, 3e3) << what;
      }
      ++compared;
    }
  }
  EXPECT_GT(compared, 40);
}

// Three channels: one sensor on the differential; a shaft sensor beside the wheels. Circuits are
// named, not hard-wired to four corners.
TEST_F(Substitution, ASensorOnADifferentialOrAShaftIsSwappedLikeAnyOther) {
  c.circuits.resize(2);
  c.circuits.push_back(circuit::typicalCircuit("DIFF", "differential"));
  c.circuits.push_back(circuit::typicalCircuit("SHAFT", "propeller shaft"));
  c.suspect = "DIFF";
  kind(SensorKind::passive);
  std::set<std::string> partners;
  for (const auto& t : substitutions(c)) {
    if (t.state.swap) {
      EXPECT_TRUE(t.state.swap->into == "DIFF" || t.state.swap->sensorOf == "DIFF");
      partners.insert(t.state.swap->into == "DIFF" ? t.state.swap->sensorOf : t.state.swap->into);
    }
  }
  EXPECT_FALSE(partners.empty());
  const auto b = belief();
  for (const char* other : {"FL", "SHAFT"}) {
    CarTest t = swap(TestKind::liveSpeed, other, "DIFF");
    t.circuit = "DIFF";
    const auto outlook = outlookOf(b, t);
    const auto follows = std::find_if(outlook.meanings.begin(), outlook.meanings.end(),
                                      [](const auto& m) { return m.first == "DIFF follows"; });
    ASSERT_NE(follows, outlook.meanings.end()) << other;
    EXPECT_EQ(follows->second.rfind("the sensor or its ring", 0), 0U) << follows->second;
  }
}

TEST_F(Substitution, ADeliberateShortTurnsAnOpenCodeWhereTheLineIsWhole) {
  kind(SensorKind::passive);
  CarTest t;
  t.kind = TestKind::codes;
  t.circuit = "RR";
  t.state.key = circuit::Key::on;
  t.state.unplugged = {"C2"};
  t.state.jumper = circuit::Place{circuit::Place::Kind::moduleSide, "C2"};
  for (const auto& row : outlookOf(belief(), t).rows) {
    const auto& input = row.inputs.front();
    if (row.suspect.element == "sensor" && row.suspect.fault == Fault::sensorOpen) {
      EXPECT_EQ(input.code.rfind("short", 0), 0U) << input.code;
    }
    if (row.suspect.element == "L1" && row.suspect.fault == Fault::open) {
      EXPECT_EQ(input.code, "open");
    }
  }
}

// Where two circuits are exchanged another wheel is turned than the one the module looks at.
TEST_F(Substitution, OfExchangedCircuitsTheTurnedWheelIsNotFollowed) {
  kind(SensorKind::passive);
  job::Evidence e;
  e.id = "e1";
  e.test.kind = TestKind::liveSpeed;
  e.test.circuit = "RR";
  e.test.state.wheel = circuit::WheelMotion::spun;
  e.reading.kmh = {{"RR", 0.0}, {"RL", 5.0}};  // one is spun, another shows
  c.evidence.push_back(e);
  bool seen = false;
  for (const auto& row : outlookOf(belief(), swap(TestKind::liveSpeed, "RL", "RR")).rows) {
    if (row.suspect.fault == Fault::circuitsExchanged) {
      seen = true;
      EXPECT_EQ(row.inputs.front().follows, 0);
    }
  }
  EXPECT_TRUE(seen);
}

// A code and a speed are as likely as something can be, whatever is wrong; a short sets its own
// code.
TEST_F(Substitution, SharesAreSharesAndAShortSetsItsOwnCode) {
  int shorts = 0;
  for (const auto sensor : {SensorKind::passive, SensorKind::active}) {
    kind(sensor);
    for (const auto& row : outlookOf(belief(), swap(TestKind::codes, "RL", "RR")).rows) {
      for (const auto& input : row.inputs) {
        EXPECT_LE(input.codeShare, 1 + 1e-9) << row.suspect.element << " " << input.code;
        EXPECT_LE(input.follows, 1 + 1e-9) << row.suspect.element;
        EXPECT_GE(input.follows, 0) << row.suspect.element;
      }
      shorts += row.inputs.front().code.starts_with("short") ? 1 : 0;
    }
  }
  EXPECT_GT(shorts, 0);
}

TEST_F(Substitution, AnInjectedSignalIsFollowedUnlessTheLineBeforeItIsBroken) {
  for (const auto sensor : {SensorKind::passive, SensorKind::active}) {
    kind(sensor);
    const auto b = belief();
    for (const auto& t : substitutions(c)) {
      if (!t.state.inject) {
        continue;
      }
      for (const auto& row : outlookOf(b, t).rows) {
        const double follows = row.inputs.front().follows;
        if (row.suspect.element == "sensor" || row.suspect.element == "ring") {
          EXPECT_GT(follows, 0.8) << nameOf(row.suspect.fault);
        }
        const bool far = t.state.inject->place.kind == circuit::Place::Kind::moduleSide;
        if (row.suspect.element == "L1" && row.suspect.fault == Fault::open && far) {
          EXPECT_LT(follows, 0.2);
        }
        if (row.suspect.element == "L1" && row.suspect.fault == Fault::open && !far) {
          EXPECT_GT(follows, 0.8);
        }
        if (row.suspect.fault == Fault::inputDead) {
          EXPECT_LT(follows, 0.2);
        }
      }
    }
  }
}

TEST_F(Substitution, StepsAndCautionsComeWithIt) {
  const auto outlook = outlookOf(belief(), swap(TestKind::codes, "RL", "RR"));
  ASSERT_GE(outlook.steps.size(), 3U);
  EXPECT_NE(outlook.steps[1].find("wire a to wire a"), std::string::npos);
  EXPECT_FALSE(outlook.cautions.empty());
  const auto all = substitutions(c);
  EXPECT_GE(all.size(), 10U);
  c.toolbox = {"multimeter"};
  EXPECT_TRUE(substitutions(c).empty());
}

// 48 teeth counted as 44, or a tyre of another size, show as a ratio; hand and meter are out by
// less than a twentieth.
TEST_F(Substitution, WhatItMeansThatTheModuleShowsAnotherSpeed) {
  EXPECT_NE(followWords(20, 20.4).find("follows"), std::string::npos);
  EXPECT_NE(followWords(20, 20 * 48 / 44.0).find("1.09 times"), std::string::npos);
  EXPECT_NE(followWords(20, 15).find("0.75 times"), std::string::npos);
  EXPECT_NE(followWords(20, 15).find("set wrongly"), std::string::npos);
}

}  // namespace
}  // namespace haybale::diagnosis
