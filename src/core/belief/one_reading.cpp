// How probable one reading is in every cell.
#include <algorithm>
#include <cmath>
#include <tuple>

#include "core/base/parallel.h"
#include "core/belief/belief.h"
#include "core/evidence/quantity_of.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using priors::Id;
using priors::of;

namespace {

// What is seen falls into one of a few ways; what a scan tool shows of several circuits into many,
// and a speed into more.
double slipAmong(TestKind kind) {
  return kind == TestKind::liveSpeed  ? of(Id::slipAmongSpeeds)
         : kind == TestKind::codes    ? of(Id::slipAmongCodes)
         : kind == TestKind::waveform ? of(Id::slipAmongTraces)
                                      : of(Id::slipAmongFew);
}

// Scaled to the speed that was really turned, where the meter showed it.
double valueAtHz(const Test& test, const job::Reading& reading, const circuit::Circuit& circuit,
                 const circuit::ParameterPoint& values, double predicted) {
  if (test.kind != TestKind::acVoltage || !reading.hz || !(*reading.hz > 0)) {
    return predicted;
  }
  const double hz = circuit::toothHz(circuit, test.state, values.circumferenceM);
  return hz > 0 ? predicted * *reading.hz / hz : predicted;
}

// Whether it matters which of its two levels the sensor stands on.
bool minds(const circuit::Circuit& circuit, const Test& test) {
  return !circuit::isCoil(circuit.sensor.kind) && test.state.unplugged.empty() &&
         (test.kind == TestKind::dcVoltage || test.kind == TestKind::current);
}

// The same vehicle, its wheel moved on by half a tooth.
circuit::ParameterPoint movedOn(circuit::ParameterPoint values) {
  values.sensor.high = !values.sensor.high;
  return values;
}

// What is shown on the level the sensor is thought to stand on, and on the other one where that
// may be.
struct Shown {
  std::optional<double> here;
  std::optional<double> there;
};

Likelihoods::Ends endsOf(const std::optional<double>& low, const std::optional<double>& high) {
  return low && high ? Likelihoods::Ends{static_cast<float>(*low), static_cast<float>(*high)}
                     : Likelihoods::Ends{};
}

}  // namespace

Likelihoods Belief::numeric(const job::Evidence& e) const {
  Likelihoods all{std::vector<double>(cells_.size(), 1), {}, {}};
  auto& out = all.of;
  const Test& test = e.test;
  const Scale scale{test.kind, vehicle_.job().meter.topOhm()};
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const double x = scale.at(read);
  const Spread spread = spreadOf(e, scale);
  const auto near = [&](const std::optional<double>& low, const std::optional<double>& high) {
    return low && high ? scale.density(x, *low, *high, spread.at((*low + *high) / 2)) : 1.0;
  };
  const double slip = of(Id::slipNumber);
  const double mistaken = strayDensity(e);
  const double oddIfDead = throughActive(e) && isAgainstItsLike(e) ? of(Id::activeOhmDead) : 0;
  const auto* circuit = vehicle_.job().find(test.circuit);
  const auto onScale = [&](const World& world, circuit::ParameterPoint values) {
    values.celsius = e.reading.celsius.value_or(values.celsius);
    const auto v = vehicle_.electrical(test, world, values);
    return v ? std::optional(scale.at(valueAtHz(test, e.reading, *circuit, values, *v)))
             : std::nullopt;
  };
  const double moved = minds(*circuit, test) ? of(Id::wheelMoves) : 0;
  const auto shown = [&](const World& world, const circuit::ParameterPoint& values) {
    return Shown{onScale(world, values),
                 moved > 0 ? onScale(world, movedOn(values)) : std::nullopt};
  };
  const auto fits = [&](const Shown& low, const Shown& high) {
    const double here = near(low.here, high.here);
    return moved > 0 ? std::lerp(here, near(low.there, high.there), moved) : here;
  };
  std::vector<Shown> sound(values_.size());
  parallelFor(values_.size(), [&](std::size_t i) { sound[i] = shown(World{}, values_[i]); });
  if (isOfAnother(e.test)) {
    return fedOrNot(e, [&](const World& world, const circuit::ParameterPoint& values) {
      const auto at = shown(world, values);
      return (1 - slip) * fits(at, at) + mistaken;
    });
  }
  // All readings share a severity: by the level on which this one is likelier.
  const auto endsThere = [&](const Shown& low, const Shown& high) {
    return moved > 0 &&
           moved * near(low.there, high.there) > (1 - moved) * near(low.here, high.here);
  };
  all.ends.resize(cells_.size());
  parallelFor(piecesOf(cells_.size(), kCellsAtOnce), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kCellsAtOnce, piece);
    // Neighbouring steps of severity share an end.
    Shown lastHigh;
    for (std::size_t i = from; i < to; ++i) {
      const Cell& cell = cells_[i];
      const Hypothesis& h = hypotheses_[cell.hypothesis];
      const auto& values = values_[cell.values];
      if (!vehicle_.touches(test, h)) {
        const auto& rest = sound[cell.values];
        out[i] = (1 - slip) * fits(rest, rest) + mistaken;
        all.ends[i] = endsOf(rest.here, rest.here);
        continue;
      }
      const bool follows = i > from && cells_[i - 1].hypothesis == cell.hypothesis &&
                           cells_[i - 1].values == cell.values && cells_[i - 1].high == cell.low;
      const Shown low = follows ? lastHigh : shown(worldOf(h, cell.low, values), values);
      const Shown high = cell.high == cell.low ? low : shown(worldOf(h, cell.high, values), values);
      lastHigh = high;
      const double shows = showsIn(h, test.state, vehicle_.suspect());
      double p = fits(low, high);
      if (shows < 1) {
        const auto& rest = sound[cell.values];
        p = shows * p + (1 - shows) * fits(rest, rest);
      } else if (endsThere(low, high)) {
        all.ends[i] = endsOf(low.there, high.there);
      } else {
        all.ends[i] = endsOf(low.here, high.here);
      }
      if (h.fault == Fault::sensorDead) {
        p = std::lerp(p, scale.broad(x), oddIfDead);
      }
      out[i] = (1 - slip) * p + mistaken;
    }
  });
  return all;
}

bool Belief::isOfAnother(const Test& test) const {
  return test.circuit != vehicle_.suspect().name && !test.state.swap;
}

// A number of another wheel has taught the values it has to teach. Here it tells whether the module
// feeds that wheel, and which sets of values are not this car's: all hypotheses have the same sets.
// A set that alone happens to fit does not take it all, for the reading may have been taken on a
// tooth or be a slip.
Likelihoods Belief::fedOrNot(
    const job::Evidence& e,
    const std::function<double(const World&, const circuit::ParameterPoint&)>& density) const {
  const double anyway = of(Id::setHoldsAnyway);
  const Hypothesis starved{Fault::modulePower, e.test.circuit, std::nullopt, 0, {0}};
  std::vector<double> fed(values_.size());
  double all = 0;
  double none = 0;
  for (std::size_t v = 0; v < values_.size(); ++v) {
    const double share = shares_[v] / static_cast<double>(values_.size());
    fed[v] = density(World{}, values_[v]);
    all += share * fed[v];
    none += share * density(worldOf(starved, 0, values_[v]), values_[v]);
  }
  Likelihoods out{std::vector<double>(cells_.size()), {}, {}};
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const bool power =
        hypotheses_[cells_[i].hypothesis].fault == Fault::modulePower && cells_[i].high <= 0;
    const double fits =
        anyway + (1 - anyway) * std::min(of(Id::setGainsMost), fed[cells_[i].values] / all);
    out.of[i] = power ? none : all * fits;
  }
  return out;
}

double Belief::mistakenDensity(const job::Evidence& e) const {
  if (!e.reading.value) {
    return slipOf(e.test.kind) * slipAmong(e.test.kind);
  }
  const double top = vehicle_.job().meter.topOhm();
  const Scale scale{e.test.kind, top};
  return of(Id::slipNumber) *
         scale.slipped(scale.at(e.reading.value->overload ? top : e.reading.value->value));
}

// Of ohms that go through an active sensor; below `kBeyondWiring` the wiring speaks, not the
// sensor.
bool Belief::throughActive(const job::Evidence& e) const {
  constexpr double kBeyondWiring = 5e4;
  const auto* circuit = vehicle_.job().find(e.test.circuit);
  const auto& entry = *e.reading.value;
  return circuit::unitOf(e.test.kind) == units::Unit::ohm && circuit &&
         !circuit::isCoil(circuit->sensor.kind) && e.test.red && e.test.red->place.onLine() &&
         (entry.overload || entry.value > kBeyondWiring) &&
         circuit::reachFrom(*circuit, e.test.red->place, e.test.state).sensor;
}

// An identical sensor of the same car was measured with the same leads at the same place.
bool Belief::isAgainstItsLike(const job::Evidence& e) const {
  const auto& c = vehicle_.job();
  const auto* own = c.find(e.test.circuit);
  return own && std::any_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& other) {
           const auto* circuit = c.find(other.test.circuit);
           Test there = e.test;
           there.circuit = other.test.circuit;
           return circuit && circuit != own && !other.withdrawn && other.reading.value &&
                  circuit::groupOf(*circuit) == circuit::groupOf(*own) &&
                  circuit::sameTest(other.test, there);
         });
}

// What a number is though the circuit would have given another: a slip, or an ohmmeter's OL on a
// sound active sensor, for which its few tenths of a volt are nothing on one car in three.
double Belief::strayDensity(const job::Evidence& e) const {
  const double mistaken = mistakenDensity(e);
  if (!e.reading.value->overload || !throughActive(e)) {
    return mistaken;
  }
  return std::max(mistaken, of(Id::activeOhmOpen) * normalDensity(0, of(Id::spreadOhm)));
}

// A coil alone, at a known temperature, whose maker says what it may have.
bool Belief::isByMakersLimits(const job::Evidence& e) const {
  const auto* circuit = vehicle_.job().find(e.test.circuit);
  return circuit && e.reading.celsius &&
         quantityOf(*circuit, e.test) == judging::Quantity::coilResistance &&
         std::any_of(circuit->limits.begin(), circuit->limits.end(), [](const auto& limit) {
           return limit.quantity == judging::Quantity::coilResistance && limit.min && limit.max;
         });
}

// Through an active sensor an ohmmeter tells next to nothing: its spread there is wide.
Spread Belief::spreadOf(const job::Evidence& e, const Scale& scale) const {
  if (const auto known = spreads_.find(&e); known != spreads_.end()) {
    return known->second;
  }
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const auto [middle, apart] = drawnAt(e.test, scale);
  double times = 1;
  if (e.test.kind == TestKind::acVoltage && !e.reading.hz) {
    times *= of(Id::spreadNoHertz);
  }
  if (isByMakersLimits(e)) {
    times *= of(Id::spreadMakersLimits);
  }
  Spread out{times * scale.spread(read, 0), times * of(Id::spreadUnknown) * apart, 0};
  if (throughActive(e)) {
    out.own = std::hypot(out.own,
                         of(isAgainstItsLike(e) ? Id::spreadActiveOhmAlike : Id::spreadActiveOhm));
  }
  if (e.test.kind == TestKind::dcVoltage) {
    out.usual = std::abs(middle);
  }
  return out;
}

double Belief::likelihoodIn(const job::Evidence& e, const TraceFacts* facts, const World& world,
                            const circuit::ParameterPoint& values) const {
  switch (e.test.kind) {
    case TestKind::codes:
      return model_.codes(e.test, e.reading, world, values);
    case TestKind::liveSpeed:
      return model_.liveSpeed(e.test, e.reading, world, values);
    case TestKind::waveform:
      return facts ? model_.waveform(e.test, *facts, world, values) : 1;
    case TestKind::lamp:
      return e.reading.lamp ? lampChance(e.test.lamp, vehicle_.electrical(e.test, world, values),
                                         *e.reading.lamp)
                            : 1;
    default:
      break;
  }
  return e.reading.value ? numberIn(e, world, values) : 1;
}

double Belief::numberIn(const job::Evidence& e, const World& world,
                        const circuit::ParameterPoint& values) const {
  const Scale scale{e.test.kind, vehicle_.job().meter.topOhm()};
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const Spread spread = spreadOf(e, scale);
  const auto* circuit = vehicle_.job().find(e.test.circuit);
  const auto density = [&](circuit::ParameterPoint then) {
    then.celsius = e.reading.celsius.value_or(then.celsius);
    const auto value = vehicle_.electrical(e.test, world, then);
    if (!value) {
      return 1.0;
    }
    const double at = scale.at(valueAtHz(e.test, e.reading, *circuit, then, *value));
    return scale.density(scale.at(read), at, at, spread.at(at));
  };
  const double here = density(values);
  return minds(*circuit, e.test) ? std::lerp(here, density(movedOn(values)), of(Id::wheelMoves))
                                 : here;
}

// What a cell may be while a test is made, with the share of each.
std::vector<std::pair<World, double>> Belief::worldsOf(const Cell& cell, const Test& test) const {
  const Hypothesis& h = hypotheses_[cell.hypothesis];
  const auto& values = values_[cell.values];
  std::vector<std::pair<World, double>> out;
  if (h.fault == Fault::ringWrongCount || h.fault == Fault::wrongTyre) {
    // A speed tells a ratio more finely than the steps are.
    constexpr int kPoints = 7;
    for (int i = 0; i < kPoints; ++i) {
      const double along = (i + 0.5) / kPoints;
      out.emplace_back(worldOf(h, cell.low + along * (cell.high - cell.low), values),
                       1.0 / kPoints);
    }
    return out;
  }
  const double shows = showsIn(h, test.state, vehicle_.suspect());
  out.emplace_back(worldOf(h, cell.middle(), values), shows);
  if (shows < 1) {
    out.emplace_back(World{}, 1 - shows);
  }
  return out;
}

std::pair<double, double> Belief::codesLikelihood(const Cell& cell, const job::Evidence& e) const {
  double checked = 0;
  double unchecked = 0;
  for (const auto& [world, share] : worldsOf(cell, e.test)) {
    ReadingModel::Worked worked;  // what the pins show is the same for both
    const auto& values = values_[cell.values];
    checked += share * model_.codes(e.test, e.reading, world, values, &worked);
    unchecked += share * model_.codes(e.test, e.reading, world, values, &worked, false);
  }
  const double slip = slipOf(e.test.kind);
  const double mistaken = slip * slipAmong(e.test.kind);
  return {(1 - slip) * checked + mistaken, (1 - slip) * unchecked + mistaken};
}

double Belief::cellLikelihood(const Cell& cell, const job::Evidence& e,
                              const TraceFacts* facts) const {
  const Hypothesis& h = hypotheses_[cell.hypothesis];
  const auto& values = values_[cell.values];
  const double severity = cell.middle();
  double p = 1;
  switch (e.test.kind) {
    case TestKind::waveform:
      // Between the two ends of its severity.
      if (facts && cell.low != cell.high) {
        const World other = worldOf(h, cell.high, values);
        p = model_.waveform(e.test, *facts, worldOf(h, cell.low, values), values, nullptr, &other);
        break;
      }
      [[fallthrough]];
    case TestKind::liveSpeed:
    case TestKind::lamp:
      p = 0;
      for (const auto& [world, share] : worldsOf(cell, e.test)) {
        p += share * likelihoodIn(e, facts, world, values);
      }
      break;
    case TestKind::codes:
      return codesLikelihood(cell, e).first;
    case TestKind::wiggle:
      p = e.reading.reacts ? model_.wiggle(e.test, e.reading, h, severity, values) : 1;
      break;
    case TestKind::inspect:
      p = model_.inspect(e.test, e.reading, h);
      break;
    case TestKind::benchSensor:
      p = e.reading.swings ? model_.benchSensor(e.reading, h, severity) : 1;
      break;
    default:
      return 1;
  }
  const double slip = slipOf(e.test.kind);
  return (1 - slip) * p + slip * slipAmong(e.test.kind);
}

Likelihoods Belief::likelihoods(const job::Evidence& e, const TraceFacts* facts) const {
  const bool known = vehicle_.job().find(e.test.circuit) != nullptr;
  if (!known) {
    return {std::vector<double>(cells_.size(), 1), {}, {}};
  }
  if (e.reading.value) {
    return numeric(e);
  }
  Likelihoods all{std::vector<double>(cells_.size()), {}, {}};
  auto& out = all.of;
  if (e.test.kind == TestKind::codes) {
    all.unchecked.resize(cells_.size());
  }
  parallelFor(piecesOf(cells_.size(), kCellsAtOnce), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kCellsAtOnce, piece);
    for (std::size_t i = from; i < to; ++i) {
      if (all.unchecked.empty()) {
        out[i] = cellLikelihood(cells_[i], e, facts);
      } else {
        std::tie(out[i], all.unchecked[i]) = codesLikelihood(cells_[i], e);
      }
    }
  });
  return all;
}

}  // namespace haybale::diagnosis
