#include "core/belief/likelihood.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using job::CodeType;

namespace {

double normal(double x, double spread) {
  return std::exp(-0.5 * (x / spread) * (x / spread)) / (spread * std::sqrt(2 * std::numbers::pi));
}

double cumulative(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

constexpr double kOhmFloor = 3;  // below this ohms are contact and leads

}  // namespace

// --- numbers

bool Scale::logarithmic() const {
  return circuit::unitOf(kind) == units::Unit::ohm || kind == TestKind::acVoltage ||
         kind == TestKind::waveform;
}

double Scale::at(double value) const {
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    const double most = std::max(topOhm, 1e6);
    return std::log10(std::clamp(std::abs(value), 0.0, most) + kOhmFloor);
  }
  if (logarithmic()) {
    return std::log10(std::clamp(std::abs(value), 0.0, 1e6) + 0.02);
  }
  return kind == TestKind::current ? 1e3 * value : value;
}

double Scale::spread(double value, double unsure) const {
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    return std::hypot(0.02, 0.3 * unsure);
  }
  if (logarithmic()) {
    return std::hypot(0.05, 0.3 * unsure);
  }
  return std::hypot(std::hypot(0.03, 0.025 * std::abs(value)), 0.3 * unsure);
}

double Scale::mistaken(double value) const {
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    return 1.0 / 8;  // a bad contact reads OL, a wrong pin anything
  }
  if (logarithmic()) {
    return 0.3;
  }
  return std::abs(value) < 0.1 ? 1.0 : 0.05;
}

double intervalDensity(double x, double low, double high, double spread) {
  if (low > high) {
    std::swap(low, high);
  }
  if (high - low < 0.2 * spread) {
    return normal(x - (low + high) / 2, spread);
  }
  return (cumulative((x - low) / spread) - cumulative((x - high) / spread)) / (high - low);
}

// --- traces

TraceFacts factsOf(const trace::ChannelAnalysis& a, const std::optional<trace::Comparison>& c) {
  TraceFacts out;
  out.flat = a.signal == trace::Signal::flat || a.pulseCount < 3;
  out.fluxMwb = a.fluxSwingMwb;
  out.swing = a.levels.peakToPeak;
  if (c && (c->quantity == "flux-swing" || c->quantity == "swing")) {
    out.outputRatio = c->ratio;
  }
  for (const auto& f : a.findings) {
    if (f.severity == trace::Severity::note) {
      continue;
    }
    if (out.ring == Fault::none) {
      out.ring = f.code == "missing-tooth" || f.code == "damaged-tooth" ? Fault::ringTooth
                 : f.code == "cracked-ring"                             ? Fault::ringCracked
                 : f.code == "ring-runout"                              ? Fault::ringRunout
                                                                        : Fault::none;
    }
    out.opens = out.opens || f.code == "intermittent-open" || f.code == "bias-shift";
    out.shorts = out.shorts || f.code == "intermittent-short";
  }
  return out;
}

double lampChance(circuit::Lamp lamp, const std::optional<double>& share, circuit::LampState seen) {
  return !share ? 1.0 : circuit::lampState(lamp, *share) == seen ? 0.94 : 0.03;
}

Vehicle::Monitor ReadingModel::monitor(const std::string& circuit, const CarState& state,
                                       const World& world, const circuit::ParameterPoint& values,
                                       Worked* worked) const {
  if (!worked) {
    return vehicle_.monitor(circuit, state, world, values);
  }
  const auto known = worked->monitors.find(circuit);
  return known != worked->monitors.end()
             ? known->second
             : worked->monitors.emplace(circuit, vehicle_.monitor(circuit, state, world, values))
                   .first->second;
}

double ReadingModel::waveform(const Test& test, const TraceFacts& facts, const World& world,
                              const circuit::ParameterPoint& values, Worked* worked) const {
  const bool spins = test.state.wheel != WheelMotion::still;
  const bool suspect = test.circuit == vehicle_.suspect().name;
  // Where a sound wheel shows next to nothing (the feed of a loop that is sensed in its return),
  // nothing can be read.
  constexpr double kLeastSwing = 0.05;
  Worked own;
  auto& swings = worked ? worked->swings : own.swings;
  if (spins && !swings) {
    swings = {vehicle_.electrical(test, world, values), vehicle_.electrical(test, World{}, values)};
  }
  if (spins && swings->second.value_or(1) < kLeastSwing) {
    return 0.2;
  }
  // The ring's own mark.
  double p = 1;
  const bool hasRingFault =
      suspect && isOfTheRing(world.fault) && world.fault != Fault::ringWrongCount;
  if (!facts.flat && spins) {
    const bool right = hasRingFault && facts.ring == world.fault;
    // A square wave keeps its height whatever the ring does: run-out hardly shows.
    const bool coil = vehicle_.suspect().sensor.kind == circuit::SensorKind::passive;
    const double seen = world.fault == Fault::ringRunout && !coil ? 0.1 : 0.93;
    p *= hasRingFault ? (right                       ? seen
                         : facts.ring == Fault::none ? 0.98 - seen
                                                     : 0.02)
                      : (facts.ring == Fault::none ? 0.985 : 0.005);
  }
  const bool opens = suspect && world.fault == Fault::intermittentOpen;
  const bool shorts = suspect && world.fault == Fault::intermittentShort;
  p *= facts.opens ? (opens ? 0.9 : shorts ? 0.2 : 0.01) : (opens ? 0.1 : 0.99);
  p *= facts.shorts ? (shorts ? 0.8 : 0.01) : (shorts ? 0.2 : 0.99);
  if (opens || shorts) {
    return p;  // in between the signal is whole
  }
  if (!spins) {
    return p;
  }
  const auto& [now, sound] = *swings;
  if (!now || !sound || !(*sound > 0)) {
    return p;
  }
  const double ratio = *now / *sound;
  if (facts.flat) {
    return p * (ratio < 0.08 ? 0.95 : ratio < 0.2 ? 0.4 : 0.01);
  }
  if (ratio < 0.03) {
    return p * 0.02;
  }
  const double x = std::log10(std::max(ratio, 1e-3));
  if (facts.outputRatio && *facts.outputRatio > 0) {
    // Wheels of one car differ by a tenth or so in output with nothing wrong.
    return p * normal(std::log10(*facts.outputRatio) - x, 0.07);
  }
  if (facts.fluxMwb && *facts.fluxMwb > 0) {
    const double absolute = std::log10(values.sensor.fluxSwingMwb * ratio);
    return p * normal(std::log10(*facts.fluxMwb) - absolute, 0.12);
  }
  return p * normal(x, 0.25);
}

// --- codes and live speeds

namespace {

// Probabilities of the code types for one circuit, none last.
using CodeChances = std::array<double, job::kCodeTypeNames.size() + 1>;

std::size_t index(CodeType type) {
  return static_cast<std::size_t>(type);
}

// How a module names what it sees differs: the share of each name for an open, a short, ...
CodeChances chancesOf(const Vehicle::Monitor& m, const World& world, const CarState& state) {
  CodeChances out{};
  const auto spread = [&](double weight, std::initializer_list<std::pair<CodeType, double>> names) {
    for (const auto& [type, share] : names) {
      out[index(type)] += weight * share;
    }
  };
  spread(m.open,
         {{CodeType::open, 0.72}, {CodeType::openOrShort, 0.2}, {CodeType::noSignal, 0.05}});
  spread(m.shortGround,
         {{CodeType::shortGround, 0.72}, {CodeType::openOrShort, 0.2}, {CodeType::noSignal, 0.05}});
  spread(m.shortSupply, {{CodeType::shortSupply, 0.75}, {CodeType::openOrShort, 0.2}});
  double left = std::max(0.0, 1 - m.open - m.shortGround - m.shortSupply);
  if (state.wheel != WheelMotion::still) {
    const double kmh = circuit::wheelKmh(state);
    const double sets = kmh >= 12 ? 0.95 : 0.55;  // slower than that most modules wait
    const double silent = left * (1 - m.signal) * sets;
    const bool weak = m.signal > 0.02;
    spread(silent, {{CodeType::noSignal, weak ? 0.5 : 0.75},
                    {CodeType::lowAmplitude, weak ? 0.3 : 0.05},
                    {CodeType::erratic, 0.1},
                    {CodeType::implausible, 0.08}});
    left -= silent;
    if (m.ringShows) {
      const bool count = world.fault == Fault::ringWrongCount;
      const double odd = left * (kmh >= 12 ? 0.8 : 0.35);
      spread(odd, {{CodeType::erratic, count ? 0.1 : 0.65},
                   {CodeType::implausible, count ? 0.85 : 0.3}});
      left -= odd;
    }
  }
  out.back() = left;
  double total = 0;
  for (auto& p : out) {
    p = std::max(p, 0.004);
    total += p;
  }
  for (auto& p : out) {
    p /= total;
  }
  return out;
}

}  // namespace

double ReadingModel::codes(const Test& test, const job::Reading& reading, const World& world,
                           const circuit::ParameterPoint& values, Worked* worked) const {
  if (!reading.codes) {
    return 1;
  }
  double p = 1;
  for (const auto& circuit : vehicle_.job().circuits) {
    const bool swapped = test.state.swap && (test.state.swap->into == circuit.name ||
                                             test.state.swap->sensorOf == circuit.name);
    if (circuit.name != vehicle_.suspect().name && !swapped) {
      continue;  // other wheels' codes say nothing of this one
    }
    CarState state = test.state;
    if (circuit.name != test.circuit) {
      state.unplugged.clear();
      state.jumper.reset();
    }
    const auto chances =
        chancesOf(monitor(circuit.name, state, world, values, worked), world, state);
    double best = 0;
    bool any = false;
    for (const auto& code : *reading.codes) {
      if (code.circuit == circuit.name) {
        best = std::max(best, chances[index(code.type)]);
        any = true;
      }
    }
    p *= any ? best : chances.back();
  }
  return p;
}

double ReadingModel::liveSpeed(const Test& test, const job::Reading& reading, const World& world,
                               const circuit::ParameterPoint& values, Worked* worked) const {
  const std::string& name = vehicle_.suspect().name;
  const auto& inject = test.state.inject;
  double expected = inject ? kmhOf(*inject, vehicle_.suspect(), values.circumferenceM)
                           : circuit::wheelKmh(test.state);
  if (test.state.wheel == WheelMotion::driven) {
    // The other wheels tell how fast it went.
    std::vector<double> others;
    for (const auto& [circuit, kmh] : reading.kmh) {
      if (circuit != name && kmh > 1) {
        others.push_back(kmh);
      }
    }
    if (!others.empty()) {
      std::sort(others.begin(), others.end());
      expected = others[others.size() / 2];
    }
  }
  double p = 1;
  for (const auto& [circuit, kmh] : reading.kmh) {
    const bool swapped = test.state.swap &&
                         (test.state.swap->into == circuit || test.state.swap->sensorOf == circuit);
    if (circuit != name && !swapped) {
      continue;
    }
    const bool turned = test.state.wheel == WheelMotion::driven || swapped || inject ||
                        (test.state.wheel == WheelMotion::spun && circuit == test.circuit);
    if (!turned || expected <= 0) {
      continue;
    }
    CarState state = test.state;
    if (!inject) {
      state.speedKmh = expected;
    }
    const auto m = monitor(circuit, state, world, values, worked);
    double follows = m.signal;
    if (circuit == name && world.exchanged && (inject || test.state.wheel == WheelMotion::spun)) {
      follows = 0.02;
    }
    const bool odd = circuit == name && !inject && world.fault == Fault::ringWrongCount;
    const double ratio = kmh / expected;
    const double right = odd ? world.countRatio : 1;
    const double spread = test.state.wheel == WheelMotion::driven || inject ? 0.03 : 0.08;
    const double zero = ratio < 0.1 ? 1 : 0.02;
    const double seen = ratio < 0.1 ? 0.01 : 0.05 * normal(ratio - right, spread) + 0.01;
    p *= std::min(1.0, (1 - follows) * zero + follows * seen);
  }
  return p;
}

}  // namespace haybale::diagnosis
