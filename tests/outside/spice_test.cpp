// The electrical core against ngspice, a general circuit simulator, on nets drawn at random over
// all front ends, sensors, faults, meters and states.
#include <fmt/format.h>

#include <cmath>
#include <random>

#include "core/base/json.h"
#include "outside/spice_netlist.h"
#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

struct Trial {
  Circuit circuit;
  ParameterPoint point;
  Test test;
  std::vector<LineFault> faults;
  Meter meter;
  std::string words;
};

class Dice {
 public:
  explicit Dice(unsigned seed) : random_(seed) {}
  double uniform(double low, double high) {
    return std::uniform_real_distribution<double>(low, high)(random_);
  }
  double log(double low, double high) { return std::exp(uniform(std::log(low), std::log(high))); }
  std::size_t pick(std::size_t count) {
    return std::uniform_int_distribution<std::size_t>(0, count - 1)(random_);
  }
  bool chance(double share) { return uniform(0, 1) < share; }

 private:
  std::mt19937 random_;
};

Element part(std::string id, ElementKind kind) {
  Element e;
  e.id = std::move(id);
  e.kind = kind;
  return e;
}

Circuit randomLine(Dice& dice, SensorKind sensor) {
  Circuit c;
  c.name = "S";
  c.sensor = {sensor, 48, {}};
  c.path.push_back(part("module", ElementKind::module));
  const std::size_t legs = 2 + dice.pick(4);
  for (std::size_t i = 0; i < legs; ++i) {
    Element leg = part(fmt::format("L{}", i), ElementKind::leg);
    leg.lengthM = dice.log(0.1, 6);
    leg.areaMm2 = dice.log(0.2, 1.5);
    c.path.push_back(leg);
    c.path.push_back(part(fmt::format("C{}", i),
                          dice.chance(0.8) ? ElementKind::connector : ElementKind::splice));
  }
  c.path.push_back(part("sensor", ElementKind::sensor));
  c.path.push_back(part("ring", ElementKind::ring));
  return c;
}

ParameterPoint randomValues(Dice& dice, FrontEndKind kind) {
  ParameterPoint p;
  p.frontEnd.kind = kind;
  const bool biased = kind == FrontEndKind::singleBias || kind == FrontEndKind::bothBiased;
  p.frontEnd.supplyV = biased ? dice.log(1.8, 6) : dice.uniform(8, 14);
  p.frontEnd.sourceOhm = biased                            ? dice.log(2e3, 30e3)
                         : kind == FrontEndKind::threeWire ? dice.log(500, 10e3)
                                                           : dice.log(60, 220);
  p.frontEnd.pullUpV = dice.uniform(4, 12);
  if (!biased && dice.chance(0.7)) {
    p.frontEnd.limitA = dice.uniform(0.03, 0.1);
  }
  p.sensor.coilOhm = dice.log(500, 3000);
  p.sensor.coilHenry = dice.log(0.3, 2);
  p.sensor.fluxSwingMwb = dice.log(0.3, 5);
  p.sensor.ohmmeterOhm = dice.log(1e5, 1e7);
  p.sensor.high = dice.chance(0.5);
  p.celsius = dice.uniform(-20, 110);
  p.batteryV = dice.uniform(11.5, 14.2);
  return p;
}

LineFault randomFault(Dice& dice, const Circuit& c, const ParameterPoint& p) {
  LineFault f;
  f.kind = static_cast<FaultKind>(dice.pick(9));
  f.wire = static_cast<WireId>(dice.pick(p.frontEnd.kind == FrontEndKind::threeWire ? 3 : 2));
  f.element = c.path[dice.pick(c.path.size() - 1)].id;
  f.along = std::round(dice.uniform(0.05, 0.95) * 100) / 100;
  f.ohm = dice.chance(0.2) ? 1e15 : dice.log(1e-3, 1e7);
  const bool leak = f.kind == FaultKind::wiresTouching || f.kind == FaultKind::leakToGround ||
                    f.kind == FaultKind::leakToSupply;
  if (leak) {
    f.ohm = dice.log(0.05, 2e7);
    f.thresholdV = dice.chance(0.3) ? dice.uniform(0.5, 4) : 0;
  }
  if (f.kind == FaultKind::coil || f.kind == FaultKind::sensorDead ||
      f.kind == FaultKind::sensorReversed) {
    f.element = "sensor";
    f.ohm = dice.log(20, 1e7);
  } else if (f.kind == FaultKind::noSupply) {
    f.element = "module";
  } else if (f.kind == FaultKind::crossed) {
    f.element = c.path[1 + dice.pick(c.path.size() - 3)].id;
  }
  return f;
}

Place randomPlace(Dice& dice, const Circuit& c) {
  auto places = reachablePlaces(c);
  const auto& leg = c.path[1];
  places.push_back({Place::Kind::along, leg.id, std::round(dice.uniform(0.01, 0.99) * 100) / 100});
  places.push_back({Place::Kind::modulePins, "module"});
  return places[dice.pick(places.size())];
}

Test randomTest(Dice& dice, const Circuit& c, const ParameterPoint& p) {
  constexpr TestKind kKinds[] = {TestKind::resistance, TestKind::dcVoltage, TestKind::dcVoltage,
                                 TestKind::acVoltage,  TestKind::lamp,      TestKind::current,
                                 TestKind::loop,       TestKind::waveform};
  const std::size_t wires = p.frontEnd.kind == FrontEndKind::threeWire ? 3 : 2;
  Test t;
  t.kind = kKinds[dice.pick(8)];
  t.circuit = c.name;
  t.red = Probe{randomPlace(dice, c), static_cast<WireId>(dice.pick(wires))};
  const double where = dice.uniform(0, 1);
  if (where < 0.5) {
    t.black = Probe{t.red->place,
                    static_cast<WireId>((static_cast<std::size_t>(*t.red->wire) + 1) % wires)};
  } else if (where < 0.8) {
    t.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
  } else if (where < 0.9) {
    t.black = Probe{{Place::Kind::battery, ""}, std::nullopt};
  } else {
    t.black = Probe{randomPlace(dice, c), static_cast<WireId>(dice.pick(wires))};
  }
  const bool ohms = t.kind == TestKind::resistance || t.kind == TestKind::loop;
  t.state.key = dice.chance(ohms ? 0.1 : 0.85) ? Key::on : Key::off;
  t.state.batteryConnected = dice.chance(0.9);
  if (dice.chance(0.5)) {
    t.state.unplugged.push_back(dice.chance(0.4) ? "module" : "C0");
  }
  if (dice.chance(0.15)) {
    t.state.jumper = randomPlace(dice, c);
  }
  t.state.wheel = t.kind == TestKind::acVoltage || t.kind == TestKind::waveform
                      ? WheelMotion::spun
                      : WheelMotion::still;
  t.state.speedKmh = dice.uniform(2, 40);
  if (dice.chance(0.4)) {
    t.inputOhm = dice.chance(0.5) ? 3e5 : 1e7;  // a low-impedance range, a 10:1 probe
  }
  t.lamp = static_cast<Lamp>(dice.pick(3));
  t.highestRange = true;
  return t;
}

Trial randomTrial(unsigned seed) {
  Dice dice(seed);
  Trial trial;
  const auto kind = static_cast<FrontEndKind>(seed % 5);
  const SensorKind sensor = kind == FrontEndKind::threeWire       ? SensorKind::hall
                            : kind == FrontEndKind::highSideSense ? SensorKind::active
                            : kind == FrontEndKind::lowSideSense  ? SensorKind::activePwm
                                                                  : SensorKind::passive;
  trial.circuit = randomLine(dice, sensor);
  trial.point = randomValues(dice, kind);
  for (std::size_t i = dice.pick(4); i > 0; --i) {
    trial.faults.push_back(randomFault(dice, trial.circuit, trial.point));
  }
  trial.test = randomTest(dice, trial.circuit, trial.point);
  trial.meter = genericMeters().front();
  trial.meter.zeroed = false;
  const double full = std::pow(10.0, 3 + static_cast<double>(dice.pick(6)));
  trial.meter.ohmRanges = {{full, dice.uniform(0.3, 3), full}};
  trial.words = fmt::format("seed {}, {}: {}", seed, kFrontEndNames[seed % 5], spoken(trial.test));
  for (const auto& f : trial.faults) {
    trial.words += fmt::format("; {} kind {} wire {} {:.4g} ohm over {:.2g} V at {}", f.element,
                               static_cast<int>(f.kind), static_cast<int>(f.wire), f.ohm,
                               f.thresholdV, f.along);
  }
  return trial;
}

// What the display makes of the voltage the simulator found on the leads.
double fromVolts(const Trial& t, double first, double second) {
  const double volts = first;
  switch (t.test.kind) {
    case TestKind::resistance:
    case TestKind::loop: {
      const auto& r = t.meter.ohmRanges.front();
      const double amperes = (r.sourceV - volts) / (r.sourceOhm + t.meter.leadOhm);
      const double atMeter = r.sourceV - amperes * r.sourceOhm;
      const double ohm = atMeter / amperes;
      return amperes <= 0 || ohm > r.fullScaleOhm ? INFINITY : ohm;
    }
    case TestKind::lamp: {
      if (t.test.lamp == Lamp::led) {
        const double over = std::max(0.0, std::abs(volts) - 1.8);
        return over * 1e-3 / 0.0102;
      }
      // Between the corners the lamp's current runs straight.
      const double v[] = {0, 0.2, 0.8, 2, 4, 8, 15};
      const double x = std::abs(volts);
      for (int i = 1; i < 7; ++i) {
        const auto current = [&](int k) { return k == 0 ? 0 : std::pow(v[k] / 12, 0.55); };
        if (x <= v[i] || i == 6) {
          return current(i - 1) +
                 (x - v[i - 1]) / (v[i] - v[i - 1]) * (current(i) - current(i - 1));
        }
      }
      return 0;
    }
    case TestKind::current:
      return volts / (t.meter.shuntOhm + t.meter.leadOhm);
    case TestKind::waveform:
      return t.circuit.sensor.kind == SensorKind::passive ? 2 * volts : std::abs(second - first);
    case TestKind::acVoltage: {
      const double hz = toothHz(t.circuit, t.test.state, t.point.circumferenceM);
      if (t.circuit.sensor.kind == SensorKind::passive) {
        return volts / std::sqrt(2.0) / std::hypot(1.0, hz / t.meter.acBandwidthHz);
      }
      // An even square wave through a first-order low pass, harmonic by harmonic (Fourier).
      double square = 0;
      for (int n = 1; n < 2001; n += 2) {
        const double amplitude = 4 / (M_PI * n) * std::abs(second - first) / 2;
        square += amplitude * amplitude / 2 / (1 + std::pow(n * hz / t.meter.acBandwidthHz, 2));
      }
      return std::sqrt(square);
    }
    default:
      return volts;
  }
}

bool needsBoth(const Trial& t) {
  return (t.test.kind == TestKind::acVoltage || t.test.kind == TestKind::waveform) &&
         t.circuit.sensor.kind != SensorKind::passive;
}

// ngspice-39, Debian: node voltages agree within 0.1 % or 1 uV.
class AgainstNgspice : public testing::TestWithParam<int> {};

TEST_P(AgainstNgspice, AgreesWithinATenthOfAPercent) {
  test::Folder folder;
  std::vector<Trial> trials;
  std::vector<test::SpiceRun> runs;
  std::vector<std::optional<double>> ours;
  for (unsigned seed = static_cast<unsigned>(GetParam()) * 1000; trials.size() < 50; ++seed) {
    Trial t = randomTrial(seed);
    const auto value = predict(t.circuit, t.point, t.test, t.faults, t.meter);
    if (!value) {
      continue;  // both leads on one joint
    }
    const bool both = needsBoth(t);
    for (const bool high : both ? std::vector{false, true} : std::vector{t.point.sensor.high}) {
      runs.push_back(test::spiceNetlist(t.circuit, t.point, t.test, t.faults, high, t.meter));
    }
    trials.push_back(std::move(t));
    ours.push_back(value);
  }
  const auto volts = test::runSpice(runs, folder.file(""));
  std::size_t at = 0;
  int compared = 0;
  for (std::size_t i = 0; i < trials.size(); ++i) {
    const double first = volts[at++];
    const double second = needsBoth(trials[i]) ? volts[at++] : first;
    ASSERT_FALSE(std::isnan(first)) << trials[i].words << "\n" << runs[at - 1].netlist;
    const double expected = fromVolts(trials[i], first, second);
    if (std::isinf(expected) || std::isinf(*ours[i])) {
      EXPECT_TRUE(std::isinf(expected) && std::isinf(*ours[i]))
          << *ours[i] << " against " << expected << ", " << trials[i].words;
      continue;
    }
    // A share of the rated current and amperes are compared as the voltages they stand for.
    // Against battery plus the simulator's own difference of two voltages ends at a part in 10^6.
    const bool battery = trials[i].test.black->place.kind == Place::Kind::battery;
    const double least = battery ? 1e-6 * trials[i].point.batteryV + 1e-6 : 1e-6;
    EXPECT_NEAR(*ours[i], expected, std::max(least, 1e-3 * std::abs(expected)))
        << trials[i].words << "\n"
        << runs[at - 1].netlist;
    ++compared;
  }
  EXPECT_GT(compared, 35);
}

INSTANTIATE_TEST_SUITE_P(Nets, AgainstNgspice, testing::Range(0, 6));

}  // namespace
}  // namespace haybale::circuit
