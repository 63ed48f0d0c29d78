#include "core/belief/anchored_values.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <numeric>
#include <random>

#include "core/belief/likelihood.h"
#include "core/evidence/void_setup.h"
#include "core/physics/copper.h"

namespace haybale::diagnosis {

using circuit::FrontEndKind;
using circuit::ParameterPoint;
using circuit::SensorFamily;
using circuit::TestKind;
using circuit::WireId;

namespace {

constexpr unsigned kAnchorSeed = 20261128;
constexpr double kMoved = 0.7;       // share of the sets, value by value
constexpr double kNearness = 0.015;  // of a moved value to its reading, natural logarithm
constexpr double kAlike = 0.04;      // readings nearer than this are one
constexpr double kLearnt = 0.2;      // a value that is known better needs no moving
constexpr std::size_t kMostAnchors = 4;

/// One value that a reading may tell of.
struct Told {
  double least, most;  ///< beyond it a reading is of something else
  std::function<double&(ParameterPoint&)> value;
  /// What the value would be by this reading if the circuit were sound; none if it does not tell.
  std::function<std::optional<double>(const ParameterPoint&, const job::Evidence&)> by;
};

bool leadsOn(const job::Evidence& e, WireId red, std::optional<WireId> black) {
  const auto& t = e.test;
  const bool blackOnLine = t.black && t.black->place.onLine();
  return t.red && t.red->place.onLine() && t.red->wire == red &&
         (black ? blackOnLine && t.black->wire == *black : !blackOnLine);
}

// Volts with the sensor off, or on it.
bool isVolts(const job::Evidence& e, bool loaded) {
  return e.test.kind == TestKind::dcVoltage && e.test.state.unplugged.empty() == loaded;
}

std::optional<double> coilBy(const ParameterPoint& p, const job::Evidence& e) {
  if (e.test.kind != TestKind::resistance || !leadsOn(e, WireId::a, WireId::b)) {
    return std::nullopt;
  }
  return physics::copperOhmAt(e.reading.value->value, e.reading.celsius.value_or(p.celsius), 20);
}

// With both wires biased alike no current flows in the coil: each shows the bias, loaded or not.
std::optional<double> feedBy(const ParameterPoint& p, const job::Evidence& e) {
  const bool both = p.frontEnd.kind == FrontEndKind::bothBiased;
  const bool onA = leadsOn(e, WireId::a, std::nullopt);
  const bool shown = both ? onA || leadsOn(e, WireId::b, std::nullopt)
                          : isVolts(e, false) && (onA || leadsOn(e, WireId::a, WireId::b));
  return e.test.kind == TestKind::dcVoltage && shown ? std::optional(e.reading.value->value)
                                                     : std::nullopt;
}

std::optional<double> coilSourceBy(const ParameterPoint& p, const job::Evidence& e) {
  const double v = e.reading.value->value;
  if (p.frontEnd.kind != FrontEndKind::singleBias || !isVolts(e, true) || v <= 0 ||
      !(leadsOn(e, WireId::a, std::nullopt) || leadsOn(e, WireId::a, WireId::b))) {
    return std::nullopt;
  }
  return p.sensor.coilOhm * (p.frontEnd.supplyV / v - 1);
}

std::optional<double> senseBy(const ParameterPoint& p, const job::Evidence& e) {
  const double amps = p.sensor.high ? p.sensor.highA : p.sensor.lowA;
  const bool highSide = p.frontEnd.kind == FrontEndKind::highSideSense;
  if (!isVolts(e, true) || !leadsOn(e, highSide ? WireId::a : WireId::b, std::nullopt)) {
    return std::nullopt;
  }
  const double v = e.reading.value->value;
  return (highSide ? p.frontEnd.supplyV - v : v) / amps;
}

std::vector<Told> toldOf(SensorFamily family) {
  const auto supply = [](ParameterPoint& p) -> double& { return p.frontEnd.supplyV; };
  const auto source = [](ParameterPoint& p) -> double& { return p.frontEnd.sourceOhm; };
  switch (family) {
    case SensorFamily::coil:
      return {{0.3, 9, supply, feedBy},
              {300, 4500, [](ParameterPoint& p) -> double& { return p.sensor.coilOhm; }, coilBy},
              {500, 100e3, source, coilSourceBy}};
    case SensorFamily::regulator:
      return {{4, 16, supply, feedBy}, {25, 500, source, senseBy}};
    case SensorFamily::hallSwitch:
      break;
  }
  return {{2, 16, [](ParameterPoint& p) -> double& { return p.frontEnd.pullUpV; }, feedBy},
          {3, 16, supply, [](const ParameterPoint&, const job::Evidence& e) {
             return e.test.kind == TestKind::dcVoltage && leadsOn(e, WireId::c, std::nullopt)
                        ? std::optional(e.reading.value->value)
                        : std::nullopt;
           }}};
}

struct Common {
  double median, spread;  ///< of a value, the latter as a natural logarithm
};

// What is known of a value before the suspect's own readings, over the sets of one front end. By
// their middle half, so that the few that doubt the good wheel do not blur what it taught.
std::map<FrontEndKind, Common> commonOf(const Told& told, std::vector<ParameterPoint>& values) {
  constexpr double kNormalMiddleHalf = 1.349;  // quartile to quartile, in standard deviations
  std::map<FrontEndKind, std::vector<double>> logs;
  for (auto& p : values) {
    logs[p.frontEnd.kind].push_back(std::log(told.value(p)));
  }
  std::map<FrontEndKind, Common> out;
  for (auto& [kind, at] : logs) {
    std::sort(at.begin(), at.end());
    const std::size_t n = at.size();
    out[kind] = {std::exp(at[n / 2]), (at[n * 3 / 4] - at[n / 4]) / kNormalMiddleHalf};
  }
  return out;
}

std::vector<const job::Evidence*> numbersOf(const job::Case& c, const circuit::Circuit& circuit) {
  std::vector<const job::Evidence*> out;
  for (const auto& e : c.evidence) {
    const auto& s = e.test.state;
    const bool plain =
        !s.swap && !s.jumper && !s.inject && !s.disturb && s.wheel == circuit::WheelMotion::still;
    if (e.test.circuit == circuit.name && !e.withdrawn && plain && e.reading.value &&
        !e.reading.value->overload && !isVoid(circuit, e)) {
      out.push_back(&e);
    }
  }
  return out;
}

// Logarithms of what the readings would have the value be, like ones once. The first count: a
// further reading of the same thing must not move the sets, or all would be worked out anew.
std::vector<double> anchorsOf(const Told& told, const ParameterPoint& p,
                              const std::vector<const job::Evidence*>& numbers) {
  std::vector<double> out;
  for (auto it = numbers.begin(); it != numbers.end() && out.size() < kMostAnchors; ++it) {
    const auto value = told.by(p, **it);
    if (value && *value > told.least && *value < told.most &&
        std::none_of(out.begin(), out.end(),
                     [&](double x) { return std::abs(x - std::log(*value)) < kAlike; })) {
      out.push_back(std::log(*value));
    }
  }
  return out;
}

}  // namespace

std::vector<double> anchorValues(const job::Case& c, const circuit::Circuit& circuit,
                                 std::vector<ParameterPoint>& values) {
  const auto numbers = numbersOf(c, circuit);
  std::vector<double> weights(values.size(), 1);
  if (numbers.empty()) {
    return weights;
  }
  std::mt19937 random(kAnchorSeed);
  std::normal_distribution<double> normal;
  std::uniform_real_distribution<double> uniform;
  for (const Told& told : toldOf(circuit::familyOf(circuit.sensor.kind))) {
    const auto common = commonOf(told, values);
    for (std::size_t i = 0; i < values.size(); ++i) {
      const double lot = uniform(random);
      const double off = kNearness * normal(random);
      const auto [median, spread] = common.at(values[i].frontEnd.kind);
      const auto anchors = anchorsOf(told, values[i], numbers);
      if (anchors.empty() || spread < kLearnt) {
        continue;
      }
      double& value = told.value(values[i]);
      if (lot < kMoved) {
        const auto which =
            static_cast<std::size_t>(lot / kMoved * static_cast<double>(anchors.size()));
        value = std::exp(anchors[which] + off);
      }
      const double x = std::log(value);
      double near = 0;
      for (const double anchor : anchors) {
        near += normalDensity(x - anchor, kNearness) / static_cast<double>(anchors.size());
      }
      const double usual = normalDensity(x - std::log(median), spread);
      weights[i] *= usual / ((1 - kMoved) * usual + kMoved * near);
    }
  }
  const double mean =
      std::accumulate(weights.begin(), weights.end(), 0.0) / static_cast<double>(weights.size());
  for (double& w : weights) {
    w /= mean;
  }
  return weights;
}

}  // namespace haybale::diagnosis
