#include "core/circuit/predict.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/physics/tyre.h"

namespace haybale::circuit {

namespace {

constexpr double kInfinite = std::numeric_limits<double>::infinity();

// The two leads of a test in a network.
struct Leads {
  Node red;
  Node black;
};

// Everything one prediction needs at hand.
struct Setup {
  const Circuit& circuit;
  const ParameterPoint& parameters;
  const Test& test;
  std::span<const LineFault> faults;
  const Meter& meter;
};

// Building and solving reuse the memory of the prediction before.
LineNet& workspace() {
  thread_local LineNet net;
  return net;
}

std::optional<Leads> build(LineNet& line, const Setup& s, const LineNet::Drive& drive) {
  static const Probe ground{{Place::Kind::ground, ""}, std::nullopt};
  line.build(s.circuit, s.parameters, s.test, s.faults, drive);
  const auto red = line.node(*s.test.red);
  const auto black = line.node(s.test.black ? *s.test.black : ground);
  if (!red || !black || *red == *black) {
    return std::nullopt;
  }
  return Leads{*red, *black};
}

double inputOhm(const Setup& s) {
  return s.test.inputOhm.value_or(s.test.kind == TestKind::waveform ? kScopeOhm : s.meter.inputOhm);
}

LineNet::Drive standing(const Setup& s) {
  return {s.parameters.sensor.high, false, 0};
}

// --- ohms

// Of the line in the workspace, as it was marked there.
std::optional<double> shownOhm(const Setup& s, const Leads& leads, const OhmRange& range) {
  auto& net = workspace().net();
  net.rewind();
  net.addSource(leads.red, leads.black, range.sourceV, range.sourceOhm + s.meter.leadOhm);
  if (!net.solve()) {
    return std::nullopt;
  }
  const double atPoint = net.at(leads.red) - net.at(leads.black);
  // The meter sees its own terminals: the leads are part of what it measures.
  const double amperes = (range.sourceV - atPoint) / (range.sourceOhm + s.meter.leadOhm);
  const double volts = atPoint + amperes * s.meter.leadOhm;
  const double ohm = range.sourceOhm * volts / (range.sourceV - volts);
  if (!(volts < range.sourceV * (1 - 1e-12)) || ohm > range.fullScaleOhm) {
    return kInfinite;
  }
  return s.meter.zeroed ? ohm - s.meter.leadOhm : ohm;
}

// Nothing on the line drives current, and nothing on it bends: every range shows the same.
bool isDead(const Setup& s) {
  const bool fed = s.test.state.key == Key::on && s.test.state.batteryConnected;
  const bool battery = s.test.black && s.test.black->place.kind == Place::Kind::battery;
  const bool leak = std::any_of(s.faults.begin(), s.faults.end(), [](const LineFault& f) {
    return f.kind == FaultKind::leakToSupply;
  });
  return !fed && !battery && !leak && !workspace().net().isBent();
}

// A meter on auto range settles on the lowest range that is not exceeded.
std::optional<double> predictOhm(const Setup& s) {
  const auto& ranges = s.meter.ohmRanges;
  auto& line = workspace();
  const auto leads = build(line, s, standing(s));
  if (ranges.empty() || !leads) {
    return std::nullopt;
  }
  line.net().mark();
  const auto top = shownOhm(s, *leads, ranges.back());
  if (s.test.highestRange || !top || isDead(s)) {
    return top;
  }
  // Begin where the highest range says; a bent or live circuit may push the meter up from there.
  const double guess = std::isinf(*top) ? ranges.back().fullScaleOhm : std::abs(*top);
  for (const auto& range : ranges) {
    if (&range == &ranges.back()) {
      return top;
    }
    if (range.fullScaleOhm < guess * 0.999) {
      continue;
    }
    const auto shown = shownOhm(s, *leads, range);
    if (!shown || std::isfinite(*shown)) {
      return shown;
    }
  }
  return top;
}

// --- volts, lamps, current: something hangs on the leads, and its voltage tells

template <class Hang>
std::optional<double> leadVolts(const Setup& s, const LineNet::Drive& drive, const Hang& hang) {
  auto& line = workspace();
  const auto leads = build(line, s, drive);
  if (!leads) {
    return std::nullopt;
  }
  hang(line.net(), *leads);
  if (!line.net().solve()) {
    return std::nullopt;
  }
  return line.net().at(leads->red) - line.net().at(leads->black);
}

std::optional<double> resistiveVolts(const Setup& s, const LineNet::Drive& drive, double ohm) {
  return leadVolts(s, drive, [&](Network& net, const Leads& leads) {
    net.addResistor(leads.red, leads.black, ohm);
  });
}

std::optional<double> predictLamp(const Setup& s) {
  const auto pieces = lampPieces(s.test.lamp);
  const auto volts = leadVolts(s, standing(s), [&](Network& net, const Leads& leads) {
    net.addBent(leads.red, leads.black, pieces);
  });
  if (!volts) {
    return std::nullopt;
  }
  const auto piece = std::find_if(pieces.begin(), pieces.end(),
                                  [&](const Piece& p) { return *volts <= p.toVolts; });
  return std::abs(piece->siemens * *volts + piece->amperes) / ratedAmpere(s.test.lamp);
}

std::optional<double> predictCurrent(const Setup& s) {
  const double ohm = s.meter.shuntOhm + s.meter.leadOhm;
  const auto volts = resistiveVolts(s, standing(s), ohm);
  return volts ? std::optional(*volts / ohm) : std::nullopt;
}

// --- a turning wheel

// Peak volts at the leads of a coil turning at `hz`, through `ohm` of instrument.
std::optional<double> coilPeak(const Setup& s, double hz, double ohm) {
  auto& line = workspace();
  const auto leads = build(line, s, {false, false, hz});
  if (!leads) {
    return std::nullopt;
  }
  line.net().addResistor(leads->red, leads->black, ohm);
  if (!line.net().solve()) {
    return std::nullopt;
  }
  thread_local LinearNetwork<std::complex<double>> small;
  line.net().smallSignal(hz, small);
  small.solve();
  return std::abs(small.at(leads->red) - small.at(leads->black));
}

// Volts between on a tooth and off it; for a data word between its highest level and its lowest.
std::optional<double> squareSwing(const Setup& s, double ohm) {
  const bool word = s.circuit.sensor.kind == SensorKind::activeAk;
  const auto high = resistiveVolts(s, {true, word, 0}, ohm);
  const auto low = resistiveVolts(s, {false, false, 0}, ohm);
  return high && low ? std::optional(std::abs(*high - *low)) : std::nullopt;
}

// Share of an even square wave's RMS that a first-order bandwidth leaves: its odd harmonics carry
// 8 / (pi n)^2 of the square each (Fourier).
double squareShare(double hz, double bandwidthHz) {
  double power = 0;
  for (int n = 1; n < 60; n += 2) {
    const double x = n * hz / bandwidthHz;
    power += 0.810569 / (n * n) / (1 + x * x);
  }
  return std::sqrt(power);
}

std::optional<double> predictAc(const Setup& s) {
  const double hz = toothHz(s.circuit, s.test.state, s.parameters.circumferenceM);
  const double band = s.meter.acBandwidthHz;
  if (s.circuit.sensor.kind == SensorKind::passive) {
    const auto peak = coilPeak(s, hz, inputOhm(s));
    return peak ? std::optional(*peak / std::sqrt(2.0) / std::hypot(1.0, hz / band)) : std::nullopt;
  }
  if (hz == 0) {
    return 0.0;
  }
  const auto swing = squareSwing(s, inputOhm(s));
  return swing ? std::optional(*swing / 2 * squareShare(hz, band)) : std::nullopt;
}

std::optional<double> predictWaveform(const Setup& s) {
  const double hz = toothHz(s.circuit, s.test.state, s.parameters.circumferenceM);
  if (s.circuit.sensor.kind == SensorKind::passive) {
    const auto peak = coilPeak(s, hz, inputOhm(s));
    return peak ? std::optional(2 * *peak) : std::nullopt;
  }
  return hz > 0 ? squareSwing(s, inputOhm(s)) : std::optional(0.0);
}

bool sensorOn(const Circuit& circuit, const std::optional<Probe>& probe, const CarState& state) {
  return probe && probe->place.onLine() && reachFrom(circuit, probe->place, state).sensor;
}

// An unknown sensor can be measured around, not through. What this version does not understand of
// a test is not guessed at.
bool covered(const Circuit& circuit, const Test& test) {
  if (!test.red || !test.rest.empty() || !test.stateRest.empty()) {
    return false;
  }
  return circuit.sensor.kind != SensorKind::unknown ||
         (!sensorOn(circuit, test.red, test.state) && !sensorOn(circuit, test.black, test.state));
}

}  // namespace

double wheelKmh(const CarState& state) {
  switch (state.wheel) {
    case WheelMotion::spun:
      return state.speedKmh.value_or(kSpunKmh);
    case WheelMotion::driven:
      return state.speedKmh.value_or(kDrivenKmh);
    case WheelMotion::still:
      break;
  }
  return 0;
}

double toothHz(const Circuit& circuit, const CarState& state, double circumferenceM) {
  return physics::toothHz(wheelKmh(state), circuit.sensor.teeth.value_or(kUsualTeeth),
                          circumferenceM);
}

std::optional<double> predict(const Circuit& circuit, const ParameterPoint& parameters,
                              const Test& test, std::span<const LineFault> faults,
                              const Meter& meter) {
  if (!covered(circuit, test)) {
    return std::nullopt;
  }
  const Setup s{circuit, parameters, test, faults, meter};
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return predictOhm(s);
    case TestKind::dcVoltage:
      return resistiveVolts(s, standing(s), inputOhm(s));
    case TestKind::acVoltage:
      return predictAc(s);
    case TestKind::waveform:
      return predictWaveform(s);
    case TestKind::lamp:
      return predictLamp(s);
    case TestKind::current:
      return predictCurrent(s);
    default:
      return std::nullopt;
  }
}

bool overloadsFeed(const Circuit& circuit, const ParameterPoint& p, const Test& test,
                   std::span<const LineFault> faults) {
  if (std::isinf(p.frontEnd.limitA)) {
    return false;
  }
  auto& line = workspace();
  line.build(circuit, p, test, faults, {p.sensor.high, false, 0});
  if (!line.net().solve()) {
    return false;
  }
  const WireId feed = p.frontEnd.kind == FrontEndKind::threeWire ? WireId::c : WireId::a;
  const auto pin = line.node({{Place::Kind::modulePins, circuit.path.front().id}, feed});
  const auto sources = pinsOf(p.frontEnd, test.state.key == Key::on && test.state.batteryConnected);
  const Pin& source = sources[static_cast<std::size_t>(feed)];
  return pin && (source.volts - line.net().at(*pin)) / source.ohm > 1.001 * source.limitA;
}

std::optional<double> clampAmperes(const Circuit& circuit, const ParameterPoint& p,
                                   const Test& test, std::span<const LineFault> faults) {
  if (!test.red || !test.red->wire || circuit.sensor.kind == SensorKind::unknown) {
    return std::nullopt;
  }
  auto& line = workspace();
  line.build(circuit, p, test, faults, {p.sensor.high, false, 0});
  const auto pin = line.node({{Place::Kind::modulePins, circuit.path.front().id}, *test.red->wire});
  if (!pin || !line.net().solve()) {
    return std::nullopt;
  }
  const bool fed = test.state.key == Key::on && test.state.batteryConnected &&
                   std::none_of(faults.begin(), faults.end(),
                                [](const LineFault& f) { return f.kind == FaultKind::noSupply; });
  const Pin source = pinsOf(p.frontEnd, fed)[static_cast<std::size_t>(*test.red->wire)];
  return std::abs(source.volts - line.net().at(*pin)) / source.ohm;
}

std::optional<Band> predictBand(const Circuit& circuit, const LineParameters& p, const Test& test,
                                std::span<const LineFault> faults, const Meter& meter) {
  const auto middle = predict(circuit, p.central, test, faults, meter);
  if (!middle) {
    return std::nullopt;
  }
  std::vector<double> values;
  values.reserve(p.draws.size());
  for (const auto& draw : p.draws) {
    if (const auto value = predict(circuit, draw, test, faults, meter)) {
      values.push_back(*value);
    }
  }
  if (values.empty()) {
    return Band{*middle, *middle, *middle};
  }
  std::sort(values.begin(), values.end());
  const auto quantile = [&](double share) {
    const double at = share * static_cast<double>(values.size() - 1);
    const auto below = static_cast<std::size_t>(at);
    const auto above = std::min(below + 1, values.size() - 1);
    const double part = at - static_cast<double>(below);
    return std::isinf(values[above]) ? (part > 0.5 ? values[above] : values[below])
                                     : values[below] + part * (values[above] - values[below]);
  };
  return Band{std::min(quantile(0.025), *middle), *middle, std::max(quantile(0.975), *middle)};
}

}  // namespace haybale::circuit
