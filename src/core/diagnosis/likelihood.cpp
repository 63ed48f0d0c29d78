#include "core/diagnosis/likelihood.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using job::CodeType;
using job::Sight;

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

double ReadingModel::waveform(const Test& test, const TraceFacts& facts, const World& world,
                              const circuit::ParameterPoint& values) const {
  const bool spins = test.state.wheel != WheelMotion::still;
  const bool suspect = test.circuit == vehicle_.suspect().name;
  // Where a sound wheel shows next to nothing (the feed of a loop that is sensed in its return),
  // nothing can be read.
  constexpr double kLeastSwing = 0.05;
  if (spins && vehicle_.electrical(test, World{}, values).value_or(1) < kLeastSwing) {
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
  const auto now = vehicle_.electrical(test, world, values);
  const auto sound = vehicle_.electrical(test, World{}, values);
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
CodeChances chancesOf(const Vehicle::Monitor& m, const World& world, const CarState& state,
                      bool suspect) {
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
  (void)suspect;
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
                           const circuit::ParameterPoint& values) const {
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
    const auto monitor = vehicle_.monitor(circuit.name, state, world, values);
    const auto chances = chancesOf(monitor, world, state, circuit.name == vehicle_.suspect().name);
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
                               const circuit::ParameterPoint& values) const {
  double expected = circuit::wheelKmh(test.state);
  const std::string& name = vehicle_.suspect().name;
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
    const bool turned = test.state.wheel == WheelMotion::driven || swapped ||
                        (test.state.wheel == WheelMotion::spun && circuit == test.circuit);
    if (!turned || expected <= 0) {
      continue;
    }
    CarState state = test.state;
    state.speedKmh = expected;
    const auto m = vehicle_.monitor(circuit, state, world, values);
    double follows = m.signal;
    if (circuit == name && world.exchanged && test.state.wheel == WheelMotion::spun) {
      follows = 0.02;
    }
    const bool odd = circuit == name && world.fault == Fault::ringWrongCount;
    const double ratio = kmh / expected;
    const double right = odd ? world.countRatio : 1;
    const double spread = test.state.wheel == WheelMotion::driven ? 0.03 : 0.08;
    const double zero = ratio < 0.1 ? 1 : 0.02;
    const double seen = ratio < 0.1 ? 0.01 : 0.05 * normal(ratio - right, spread) + 0.01;
    p *= std::min(1.0, (1 - follows) * zero + follows * seen);
  }
  return p;
}

// --- hands and eyes

double showsIn(const Hypothesis& h, const CarState& state, const circuit::Circuit& circuit) {
  if (!isIntermittent(h.fault)) {
    return 1;
  }
  if (state.disturb) {
    if (state.disturb->element.empty()) {
      return 0.75;
    }
    if (state.disturb->element == h.element) {
      return 0.85;
    }
    const auto a = circuit.indexOf(state.disturb->element);
    const auto b = circuit.indexOf(h.element);
    const bool beside = a && b && (*a > *b ? *a - *b : *b - *a) == 1;
    return beside ? 0.25 : 0.05;
  }
  return state.wheel == WheelMotion::driven ? 0.45 : state.wheel == WheelMotion::spun ? 0.12 : 0.06;
}

double ReadingModel::wiggle(const Test& test, const job::Reading& reading, const Hypothesis& h,
                            const circuit::ParameterPoint& values) const {
  double reacts = 0.03;
  if (isIntermittent(h.fault)) {
    // Only a fault that the watched reading can see.
    bool seen = true;
    if (test.red) {
      Test watched = test;
      watched.kind =
          test.state.key == circuit::Key::on ? TestKind::dcVoltage : TestKind::resistance;
      const auto now = vehicle_.electrical(watched, worldOf(h, h.steps.front(), values), values);
      const auto rest = vehicle_.electrical(watched, World{}, values);
      seen = !now || !rest || std::abs(*now - *rest) > 0.1 * std::abs(*rest) + 0.05;
    }
    reacts = seen ? showsIn(h, test.state, vehicle_.suspect()) : 0.03;
  } else if (h.fault == Fault::resistive || h.fault == Fault::open) {
    reacts =
        showsIn({Fault::intermittentOpen, h.element, h.wire}, test.state, vehicle_.suspect()) > 0.6
            ? 0.2
            : 0.03;
  }
  return *reading.reacts ? reacts : 1 - reacts;
}

namespace {

// What is seen of an element whose fault is `fault`: {sight, probability}; the rest is "ok" or
// "hidden".
double sightChance(Sight seen, Fault fault, circuit::ElementKind kind) {
  using circuit::ElementKind;
  const bool wiring = kind == ElementKind::leg || kind == ElementKind::splice;
  const auto pick = [&](std::initializer_list<std::pair<Sight, double>> chances, double ok) {
    double left = 1 - ok;
    for (const auto& [sight, p] : chances) {
      if (sight == seen) {
        return p;
      }
      left -= p;
    }
    return seen == Sight::ok ? ok : std::max(0.004, left / 4);
  };
  if (fault == Fault::none) {
    return wiring
               ? pick({{Sight::hidden, 0.3}, {Sight::chafed, 0.02}, {Sight::repaired, 0.04}}, 0.62)
               : pick({{Sight::corroded, 0.04}, {Sight::loose, 0.02}}, 0.9);
  }
  switch (fault) {
    case Fault::ringTooth:
      return pick({{Sight::missingTooth, 0.75}, {Sight::debris, 0.05}, {Sight::hidden, 0.05}},
                  0.12);
    case Fault::ringCracked:
      return pick({{Sight::cracked, 0.75}, {Sight::hidden, 0.05}}, 0.17);
    case Fault::ringRunout:
      return pick({{Sight::loose, 0.2}, {Sight::hidden, 0.05}}, 0.7);
    case Fault::wideGap:
      return pick({{Sight::debris, 0.35}, {Sight::notSeated, 0.35}, {Sight::corroded, 0.1}}, 0.15);
    case Fault::leak:
    case Fault::resistive:
    case Fault::open:
    case Fault::intermittentOpen:
    case Fault::intermittentShort:
    case Fault::wiresTouching:
    case Fault::shortToGround:
    case Fault::shortToSupply:
      return wiring ? pick({{Sight::chafed, 0.2},
                            {Sight::broken, 0.2},
                            {Sight::corroded, 0.08},
                            {Sight::repaired, 0.08},
                            {Sight::hidden, 0.22}},
                           0.2)
                    : pick({{Sight::corroded, 0.6}, {Sight::loose, 0.12}, {Sight::broken, 0.06}},
                           0.17);
    default:
      return pick({{Sight::broken, 0.05}}, 0.9);
  }
}

}  // namespace

double ReadingModel::inspect(const Test& test, const job::Reading& reading, const Hypothesis& h,
                             double severity) const {
  (void)severity;
  const std::string& id = !test.looked.empty()      ? test.looked
                          : !reading.looked.empty() ? reading.looked
                          : test.state.disturb      ? test.state.disturb->element
                                                    : test.looked;
  const auto* element = vehicle_.suspect().find(id);
  if (!element || !reading.sight || test.circuit != vehicle_.suspect().name) {
    return 1;
  }
  // A gap is seen at the sensor and at the ring.
  const bool here = h.element == id;
  return sightChance(*reading.sight, here ? h.fault : Fault::none, element->kind);
}

double ReadingModel::benchSensor(const job::Reading& reading, const Hypothesis& h,
                                 double severity) const {
  double swings = 0.97;
  switch (h.fault) {
    case Fault::sensorOpen:
    case Fault::sensorDead:
      swings = 0.03;
      break;
    case Fault::sensorShorted:
      swings = severity < 200 ? 0.2 : 0.6;
      break;
    case Fault::sensorWeak:
      swings = 0.35;
      break;
    default:
      break;
  }
  return *reading.swings ? swings : 1 - swings;
}

// --- what may come of a test

namespace {

// What is worth telling apart when an element is looked at.
std::vector<Sight> sightsOf(circuit::ElementKind kind) {
  using circuit::ElementKind;
  switch (kind) {
    case ElementKind::leg:
    case ElementKind::splice:
      return {Sight::ok,       Sight::chafed,   Sight::broken,
              Sight::repaired, Sight::corroded, Sight::hidden};
    case ElementKind::ring:
      return {Sight::ok,     Sight::missingTooth, Sight::cracked,
              Sight::debris, Sight::loose,        Sight::hidden};
    case ElementKind::sensor:
      return {Sight::ok,       Sight::debris, Sight::notSeated,
              Sight::corroded, Sight::broken, Sight::hidden};
    case ElementKind::module:
    case ElementKind::connector:
      break;
  }
  return {Sight::ok, Sight::corroded, Sight::loose, Sight::broken, Sight::repaired, Sight::hidden};
}

}  // namespace

std::vector<Category> categoriesOf(const Vehicle& vehicle, const Test& test) {
  std::vector<Category> out;
  const std::string& name = vehicle.suspect().name;
  const auto add = [&](const std::string& words, const std::function<void(Category&)>& fill) {
    Category c;
    c.words = words;
    fill(c);
    out.push_back(std::move(c));
  };
  const auto codes = [&](const std::string& words, std::vector<job::Code> list) {
    add(words, [&](Category& c) { c.reading.codes = std::move(list); });
  };
  switch (test.kind) {
    case TestKind::codes: {
      codes("no code returns", {});
      std::vector<std::string> names{name};
      if (test.state.swap) {
        names = {test.state.swap->into, test.state.swap->sensorOf};
      }
      for (const auto& n : names) {
        codes(n + " open", {{n, CodeType::open, {}}});
        codes(n + " short to ground", {{n, CodeType::shortGround, {}}});
        codes(n + " short to supply", {{n, CodeType::shortSupply, {}}});
        if (test.state.wheel != WheelMotion::still) {
          codes(n + " no signal", {{n, CodeType::noSignal, {}}});
          codes(n + " erratic or implausible", {{n, CodeType::erratic, {}}});
        }
      }
      break;
    }
    case TestKind::liveSpeed: {
      const std::string shown = test.state.swap ? test.state.swap->into : name;
      const double kmh = circuit::wheelKmh(test.state);
      const auto speed = [&](const std::string& words, double value) {
        add(words, [&](Category& c) {
          c.reading.kmh.emplace_back(shown, value);
          for (const auto& other : vehicle.job().circuits) {
            if (other.name != shown && test.state.wheel == WheelMotion::driven) {
              c.reading.kmh.emplace_back(other.name, kmh);
            }
          }
        });
      };
      speed(shown + " follows", kmh);
      speed(shown + " stays at 0", 0);
      speed(shown + " reads low", 0.8 * kmh);
      speed(shown + " reads high", 1.25 * kmh);
      break;
    }
    case TestKind::wiggle:
      for (const bool reacts : {true, false}) {
        add(reacts ? "the reading jumps" : "the reading stays",
            [&](Category& c) { c.reading.reacts = reacts; });
      }
      break;
    case TestKind::benchSensor:
      for (const bool swings : {true, false}) {
        add(swings ? "swings wide" : "barely moves",
            [&](Category& c) { c.reading.swings = swings; });
      }
      break;
    case TestKind::inspect: {
      const auto* element = vehicle.suspect().find(test.looked);
      for (const Sight sight :
           sightsOf(element ? element->kind : circuit::ElementKind::connector)) {
        add(std::string(job::kSightNames[static_cast<std::size_t>(sight)]),
            [&](Category& c) { c.reading.sight = sight; });
      }
      break;
    }
    case TestKind::waveform:
      add("flat", [](Category& c) { c.facts.flat = true; });
      for (const auto& [words, ratio] :
           {std::pair{"as strong as the good wheel", 1.0}, std::pair{"a little weak", 0.6},
            std::pair{"weak", 0.35}, std::pair{"very weak", 0.15}}) {
        add(words, [&, r = ratio](Category& c) { c.facts.outputRatio = r; });
      }
      for (const Fault f : {Fault::ringTooth, Fault::ringCracked, Fault::ringRunout}) {
        add(f == Fault::ringTooth     ? "a tooth is missing"
            : f == Fault::ringCracked ? "one gap is wider"
                                      : "it swells once a turn",
            [&](Category& c) {
              c.facts.ring = f;
              c.facts.outputRatio = 1;
            });
      }
      add("drops out to the open level", [](Category& c) { c.facts.opens = true; });
      add("drops out to ground", [](Category& c) { c.facts.shorts = true; });
      break;
    default:
      break;
  }
  return out;
}

}  // namespace haybale::diagnosis
