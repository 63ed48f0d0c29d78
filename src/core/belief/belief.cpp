#include "core/belief/belief.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/belief/intake_priors.h"
#include "core/belief/ways_to_fail.h"
#include "core/evidence/void_setup.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using priors::Id;
using priors::of;

namespace {

constexpr std::size_t kValues = 72;      // sets of values where there is no severity
constexpr std::size_t kValuesEach = 32;  // and where there is
constexpr std::size_t kMostCells = 12000;
constexpr std::size_t kPiece = 512;  // cells a thread takes at once

bool isNumber(const job::Evidence& e) {
  return e.reading.value.has_value();
}

// What is seen falls into one of a few ways; what a scan tool shows of several circuits into many.
double slipAmong(TestKind kind) {
  return kind == TestKind::codes || kind == TestKind::liveSpeed ? 0.02
         : kind == TestKind::waveform                           ? 0.05
                                                                : 0.2;
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

}  // namespace

namespace {

struct Band {
  double low, high;
  double share;  // of the hypothesis
};

// The severities of a hypothesis in bands, for its `set`th set of values. Every set has its bands
// elsewhere: a severity that happens to lie at the edge of a band in one lies well within in
// another, and none is held against its hypothesis for where the edges are.
std::vector<Band> bandsOf(const Hypothesis& h, std::size_t set) {
  const auto& steps = h.steps;
  if (steps.size() < 2) {
    return {{steps[0], steps[0], 1}};
  }
  std::vector<Band> out;
  const std::size_t whole = steps.size() - 1 - (h.lastShare > 0 ? 1 : 0);  // intervals that move
  if (whole == 0) {
    return {{steps[0], steps[1], 1}};
  }
  const double rest = 1 - h.lastShare;
  const auto at = [&](double along) {
    const auto k = std::min(static_cast<std::size_t>(along), whole - 1);
    const double part = along - static_cast<double>(k);
    return part <= 0   ? steps[k]
           : part >= 1 ? steps[k + 1]
                       : steps[k] * std::pow(steps[k + 1] / steps[k], part);
  };
  constexpr double kGolden = 0.6180339887;
  constexpr double kLeast = 0.05;  // of an interval: a narrower band goes to its neighbour
  double from = 0;
  double to = 1 - std::fmod(kGolden * static_cast<double>(set), 1.0);
  const auto end = static_cast<double>(whole);
  while (from < end) {
    to = end - to < kLeast ? end : to < kLeast ? to + 1 : to;
    out.push_back({at(from), at(to), rest * (to - from) / end});
    from = to;
    to += 1;
  }
  if (h.lastShare > 0) {
    out.push_back({steps[whole], steps[whole + 1], h.lastShare});
  }
  return out;
}

}  // namespace

Belief::Belief(const job::Case& c, const WaveformSet& waveforms, const Knowledge& knowledge,
               LikelihoodMemory* memory)
    : vehicle_(c), model_(vehicle_), hypotheses_(allHypotheses(c, vehicle_.suspect())) {
  layOut(knowledge.find(vehicle_.suspect().name)->second);
  weighStoredCodes(memory);
  weigh(waveforms, memory);
}

void Belief::layOut(const circuit::LineParameters& known) {
  const std::size_t count = std::min(kValues, std::max<std::size_t>(1, known.draws.size()));
  for (std::size_t i = 0; i < count; ++i) {
    values_.push_back(known.draws.empty() ? known.central
                                          : known.draws[i * known.draws.size() / count]);
    // A few of them are what the wheel that taught may be wrong about.
    const std::size_t every =
        known.doubtful.empty()
            ? 0
            : std::max<std::size_t>(2, known.draws.size() / known.doubtful.size());
    if (every > 0 && i % every == every / 2) {
      values_.back() = known.doubtful[i / every % known.doubtful.size()];
    }
  }
  const auto intervalsOf = [&](std::size_t h) {
    const std::size_t steps = hypotheses_[h].steps.size();
    return steps > 2 ? steps : steps > 1 ? std::size_t{2} : std::size_t{1};
  };
  std::size_t total = 0;
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    total += intervalsOf(h);
  }
  // A long line has more hypotheses, each with fewer sets of values.
  const std::size_t setsEach =
      std::clamp<std::size_t>(kMostCells / std::max<std::size_t>(1, total), 1, kValuesEach);
  // All have the same sets: what speaks for a set speaks for none of them.
  const std::size_t sets = std::min(setsEach, values_.size());
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    const double each = hypotheses_[h].prior / static_cast<double>(sets);
    for (std::size_t v = 0; v < sets; ++v) {
      // Spread over all the sets, in order of the severity so that neighbours share an end.
      const std::size_t set = v * values_.size() / sets;
      for (const auto& band : bandsOf(hypotheses_[h], v)) {
        const double prior = each * band.share;
        cells_.push_back({h, set, band.low, band.high, prior, prior});
      }
    }
  }
  layout_.values = values_;
  layout_.circuits = vehicle_.job().circuits;
  layout_.suspect = vehicle_.suspect().name;
  layout_.meter = vehicle_.job().meter;
  layout_.lift = vehicle_.job().complaint.lift;
  for (const auto& h : hypotheses_) {
    layout_.ways.push_back({h.fault, h.element, h.wire, h.steps, h.along});
  }
  for (const auto& cell : cells_) {
    layout_.cells.push_back({cell.hypothesis, cell.values, cell.low, cell.high});
  }
}

// What was stored at the counter counts as a prior: half believed, as if read after a drive. What
// came up on a lift is believed less still.
void Belief::weighStoredCodes(LikelihoodMemory* memory) {
  job::Evidence e;
  e.test.kind = TestKind::codes;
  e.test.circuit = vehicle_.suspect().name;
  e.test.state.wheel = circuit::WheelMotion::driven;
  e.reading.codes.emplace();
  double trust = 0;
  for (const auto& code : vehicle_.job().intake.codes) {
    const auto type =
        std::find(job::kCodeTypeNames.begin(), job::kCodeTypeNames.end(), code.meaning);
    if (!code.circuit.empty() && type != job::kCodeTypeNames.end()) {
      e.reading.codes->push_back(
          {code.circuit, static_cast<job::CodeType>(type - job::kCodeTypeNames.begin()), {}});
      trust = std::max(trust, trustIn(code));
    }
  }
  if (trust > 0) {
    constexpr double kOnTheLift = 0.4;
    trust *= vehicle_.job().complaint.lift ? kOnTheLift : 1;
    const auto likelihood = remembered(e, std::nullopt, memory).of;
    const double most = *std::max_element(likelihood.begin(), likelihood.end());
    double total = 0;
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      cells_[i].prior *= 1 - trust + trust * likelihood[i] / most;
      total += cells_[i].prior;
    }
    for (auto& cell : cells_) {
      cell.prior /= total;
      cell.weight = cell.prior;
    }
  }
  // From here on the hypotheses' own priors are those of their cells.
  std::vector<double> sums(hypotheses_.size());
  for (const auto& cell : cells_) {
    sums[cell.hypothesis] += cell.prior;
  }
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    hypotheses_[h].prior = sums[h];
  }
}

// By the middle half of the sets, so that the few that are doubtful do not blur every reading.
double Belief::unsure(const Test& test, const Scale& scale) const {
  constexpr double kNormalMiddleHalf = 1.349;  // quartile to quartile, in standard deviations
  std::vector<double> at;
  // Two dozen sets tell a spread.
  const std::size_t step = std::max<std::size_t>(1, values_.size() / 24);
  for (std::size_t i = 0; i < values_.size(); i += step) {
    if (const auto v = vehicle_.electrical(test, World{}, values_[i])) {
      at.push_back(scale.at(*v));
    }
  }
  if (at.size() < 2) {
    return 0;
  }
  std::sort(at.begin(), at.end());
  return (at[at.size() * 3 / 4] - at[at.size() / 4]) / kNormalMiddleHalf;
}

namespace {

Likelihoods::Ends endsOf(const std::optional<double>& low, const std::optional<double>& high) {
  return low && high ? Likelihoods::Ends{static_cast<float>(*low), static_cast<float>(*high)}
                     : Likelihoods::Ends{};
}

}  // namespace

Likelihoods Belief::numeric(const job::Evidence& e) const {
  Likelihoods all{std::vector<double>(cells_.size(), 1), {}};
  auto& out = all.of;
  const Test& test = e.test;
  const Scale scale{test.kind, vehicle_.job().meter.topOhm()};
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const double x = scale.at(read);
  const double spread = spreadOf(e, scale);
  const double slip = of(Id::slipNumber);
  const double mistaken = slip * scale.slipped(x);
  const auto* circuit = vehicle_.job().find(test.circuit);
  const auto onScale = [&](const World& world, circuit::ParameterPoint values) {
    values.celsius = e.reading.celsius.value_or(values.celsius);
    const auto v = vehicle_.electrical(test, world, values);
    return v ? std::optional(scale.at(valueAtHz(test, e.reading, *circuit, values, *v)))
             : std::nullopt;
  };
  std::vector<std::optional<double>> sound(values_.size());
  parallelFor(values_.size(), [&](std::size_t i) { sound[i] = onScale(World{}, values_[i]); });
  if (isOfAnother(e.test)) {
    return fedOrNot(e, [&](const World& world, const circuit::ParameterPoint& values) {
      const auto at = onScale(world, values);
      return (1 - slip) * (at ? intervalDensity(x, *at, *at, spread) : 1.0) + mistaken;
    });
  }
  all.ends.resize(cells_.size());
  parallelFor(piecesOf(cells_.size(), kPiece), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kPiece, piece);
    // Neighbouring steps of severity share an end.
    std::optional<double> lastHigh;
    for (std::size_t i = from; i < to; ++i) {
      const Cell& cell = cells_[i];
      const Hypothesis& h = hypotheses_[cell.hypothesis];
      const auto& values = values_[cell.values];
      if (!vehicle_.touches(test, h)) {
        const auto& rest = sound[cell.values];
        out[i] = (1 - slip) * (rest ? intervalDensity(x, *rest, *rest, spread) : 1.0) + mistaken;
        all.ends[i] = endsOf(rest, rest);
        continue;
      }
      const bool follows = i > from && cells_[i - 1].hypothesis == cell.hypothesis &&
                           cells_[i - 1].values == cell.values && cells_[i - 1].high == cell.low;
      const auto low = follows ? lastHigh : onScale(worldOf(h, cell.low, values), values);
      const auto high =
          cell.high == cell.low ? low : onScale(worldOf(h, cell.high, values), values);
      lastHigh = high;
      const double shows = showsIn(h, test.state, vehicle_.suspect());
      double p = low && high ? intervalDensity(x, *low, *high, spread) : 1.0;
      if (shows < 1) {
        const auto& rest = sound[cell.values];
        p = shows * p + (1 - shows) * (rest ? intervalDensity(x, *rest, *rest, spread) : 1.0);
      } else {
        all.ends[i] = endsOf(low, high);
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
  constexpr double kAnyway = 0.3;
  constexpr double kMost = 1.3;
  const Hypothesis starved{Fault::modulePower, e.test.circuit, std::nullopt, 0, {0}};
  std::vector<double> fed(values_.size());
  double all = 0;
  double none = 0;
  for (std::size_t v = 0; v < values_.size(); ++v) {
    fed[v] = density(World{}, values_[v]);
    all += fed[v] / static_cast<double>(values_.size());
    none +=
        density(worldOf(starved, 0, values_[v]), values_[v]) / static_cast<double>(values_.size());
  }
  Likelihoods out{std::vector<double>(cells_.size()), {}};
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const bool power = hypotheses_[cells_[i].hypothesis].fault == Fault::modulePower;
    const double fits = kAnyway + (1 - kAnyway) * std::min(kMost, fed[cells_[i].values] / all);
    out.of[i] = power ? none : all * fits;
  }
  return out;
}

double Belief::mistakenDensity(const job::Evidence& e) const {
  if (!e.reading.value) {
    return of(Id::slipSeen) * slipAmong(e.test.kind);
  }
  const double top = vehicle_.job().meter.topOhm();
  const Scale scale{e.test.kind, top};
  return of(Id::slipNumber) *
         scale.slipped(scale.at(e.reading.value->overload ? top : e.reading.value->value));
}

// Through an active sensor an ohmmeter tells next to nothing: its spread there is wide.
double Belief::spreadOf(const job::Evidence& e, const Scale& scale) const {
  if (const auto known = spreads_.find(&e); known != spreads_.end()) {
    return known->second;
  }
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  double spread = scale.spread(read, unsure(e.test, scale));
  if (e.test.kind == TestKind::acVoltage && !e.reading.hz) {
    spread *= of(Id::spreadNoHertz);
  }
  const auto* circuit = vehicle_.job().find(e.test.circuit);
  constexpr double kBeyondWiring = 5e4;  // below it the wiring speaks, not the sensor
  const bool throughActive = circuit::unitOf(e.test.kind) == units::Unit::ohm && circuit &&
                             !circuit::isCoil(circuit->sensor.kind) && e.test.red &&
                             e.test.red->place.onLine() && read > kBeyondWiring &&
                             circuit::reachFrom(*circuit, e.test.red->place, e.test.state).sensor;
  return throughActive ? std::hypot(spread, of(Id::spreadActiveOhm)) : spread;
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
  circuit::ParameterPoint then = values;
  then.celsius = e.reading.celsius.value_or(values.celsius);
  const auto value = isNumber(e) ? vehicle_.electrical(e.test, world, then) : std::nullopt;
  if (!value) {
    return 1;
  }
  const Scale scale{e.test.kind, vehicle_.job().meter.topOhm()};
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const double spread = spreadOf(e, scale);
  const auto* circuit = vehicle_.job().find(e.test.circuit);
  const double at = scale.at(valueAtHz(e.test, e.reading, *circuit, values, *value));
  return intervalDensity(scale.at(read), at, at, spread);
}

double Belief::cellLikelihood(const Cell& cell, const job::Evidence& e,
                              const TraceFacts* facts) const {
  const Hypothesis& h = hypotheses_[cell.hypothesis];
  const auto& values = values_[cell.values];
  const double severity = cell.middle();
  const auto inWorld = [&](const auto& likelihood) {
    if (h.fault == Fault::ringWrongCount || h.fault == Fault::wrongTyre) {
      // A speed tells a ratio more finely than the steps are.
      constexpr int kPoints = 7;
      double sum = 0;
      for (int i = 0; i < kPoints; ++i) {
        const double along = (i + 0.5) / kPoints;
        sum += likelihood(worldOf(h, cell.low + along * (cell.high - cell.low), values));
      }
      return sum / kPoints;
    }
    const double shows = showsIn(h, e.test.state, vehicle_.suspect());
    double p = shows * likelihood(worldOf(h, severity, values));
    if (shows < 1) {
      p += (1 - shows) * likelihood(World{});
    }
    return p;
  };
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
    case TestKind::codes:
    case TestKind::liveSpeed:
    case TestKind::lamp:
      p = inWorld([&](const World& w) { return likelihoodIn(e, facts, w, values); });
      break;
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
  const double slip = of(Id::slipSeen);
  return (1 - slip) * p + slip * slipAmong(e.test.kind);
}

Likelihoods Belief::likelihoods(const job::Evidence& e, const TraceFacts* facts) const {
  const bool known = vehicle_.job().find(e.test.circuit) != nullptr;
  if (!known) {
    return {std::vector<double>(cells_.size(), 1), {}};
  }
  if (isNumber(e)) {
    return numeric(e);
  }
  Likelihoods all{std::vector<double>(cells_.size()), {}};
  auto& out = all.of;
  parallelFor(piecesOf(cells_.size(), kPiece), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kPiece, piece);
    for (std::size_t i = from; i < to; ++i) {
      out[i] = cellLikelihood(cells_[i], e, facts);
    }
  });
  return all;
}

namespace {

// Numbers of other circuits have told what there is to tell through the vehicle's values; whether
// the module feeds them at all is told by their volts.
bool speaksOf(const job::Case& c, const job::Evidence& e) {
  const auto* circuit = c.find(e.test.circuit);
  if (e.withdrawn || !circuit || isVoid(*circuit, e.test)) {
    return false;
  }
  const bool feeds = e.test.kind == TestKind::dcVoltage && !e.test.state.swap &&
                     circuit::groupOf(*circuit) == circuit::groupOf(*c.suspectCircuit());
  return e.test.circuit == c.suspect || e.test.state.swap || feeds ||
         e.test.kind == TestKind::codes || e.test.kind == TestKind::liveSpeed;
}

}  // namespace

Likelihoods Belief::remembered(const job::Evidence& e, const std::optional<TraceFacts>& facts,
                               LikelihoodMemory* memory) const {
  const TraceFacts* known = facts ? &*facts : nullptr;
  if (!memory) {
    return likelihoods(e, known);
  }
  if (const auto* kept = memory->find(layout_, e.test, e.reading, facts)) {
    return *kept;
  }
  return memory->keep(layout_, e.test, e.reading, facts, likelihoods(e, known));
}

// How probable a reading is whatever is wrong, and be it nothing the model knows: half by the
// prior, half by all that can be read.
double Belief::anything(const job::Evidence& e, const std::vector<double>& likelihood) const {
  double average = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    average += cells_[i].prior * likelihood[i];
  }
  if (!isNumber(e)) {
    return average;
  }
  const Scale scale{e.test.kind, vehicle_.job().meter.topOhm()};
  return 0.5 * average + 0.5 * scale.broad(scale.at(e.reading.value->value));
}

void Belief::takeIn(std::size_t k, const std::optional<TraceFacts>& facts,
                    LikelihoodMemory* memory) {
  const auto& e = vehicle_.job().evidence[k];
  if (isNumber(e)) {
    spreads_.emplace(&e, spreadOf(e, {e.test.kind, vehicle_.job().meter.topOhm()}));
  }
  auto [likelihood, ends] = remembered(e, facts, memory);
  const double any = anything(e, likelihood);
  std::size_t sound = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const Fault fault = hypotheses_[cells_[i].hypothesis].fault;
    sound = fault == Fault::none ? i : sound;
    if (fault == Fault::other) {
      likelihood[i] = of(Id::otherFits) * any;
    } else if (cleared_ && fault == Fault::latchedOff) {
      likelihood[i] = likelihood[sound];  // from here on a latch-off is nothing wrong
    }
  }
  cleared_ = cleared_ || e.test.kind == TestKind::codes;
  Weighing weighing;
  weighing.evidence = k;
  weighing.family = familyOf(e.test);
  auto& told = told_[static_cast<std::size_t>(weighing.family)];
  if (told.empty()) {
    told.assign(cells_.size(), 1);
  }
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    told[i] *= likelihood[i] / any;
  }
  logAnything_ += std::log(any);
  if (!ends.empty()) {
    const double top = vehicle_.job().meter.topOhm();
    const Scale scale{e.test.kind, top};
    numbers_.push_back({std::move(ends), weighing.family,
                        scale.at(e.reading.value->overload ? top : e.reading.value->value),
                        spreadOf(e, scale), mistakenDensity(e)});
  }
  std::vector<double> before(cells_.size());
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    before[i] = cells_[i].weight;
  }
  reweigh(false);
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    if (cells_[i].weight > 1e-12 && before[i] > 0) {
      weighing.bits += cells_[i].weight * std::log2(cells_[i].weight / before[i]);
    }
  }
  weighings_.push_back(weighing);
  weighed_.push_back(std::move(likelihood));
  facts_.push_back(facts);
  history_.push_back(sumsByHypothesis());
}

// Every family either means what the model says, or tells a story of its own, which holds together
// and is false: then all of it is as probable as it is over all that may be wrong.
void Belief::reweigh(bool last) {
  logEvidence_ = logAnything_;
  for (std::size_t f = 0; f < kFamilies; ++f) {
    whole_[f] = 1;
    if (!told_[f].empty()) {
      double sum = 0;
      for (std::size_t i = 0; i < cells_.size(); ++i) {
        sum += cells_[i].prior * told_[f][i];
      }
      whole_[f] = sum;
      logEvidence_ += std::log(sum);
    }
  }
  double total = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    double weight = cells_[i].prior;
    for (std::size_t f = 0; f < kFamilies; ++f) {
      if (!told_[f].empty()) {
        const double doubt = doubtOf(static_cast<Family>(f));
        weight *= (1 - doubt) * told_[f][i] / whole_[f] + doubt;
      }
    }
    cells_[i].weight = weight;
    total += weight;
  }
  total = holdTogether(total, last);
  for (auto& cell : cells_) {
    cell.weight /= total;
  }
  logEvidence_ += std::log(total);
}

// Each reading was weighed as if the severity lay anywhere in the cell, anew for every one of them.
// But it is one severity that all of them share: readings that agree on it must not be held against
// a cell for its width, once a reading. For cells that count, the product of averages gives way to
// the average of the product, over the severity; a family that is doubted there stays out of it.
// On the way there only the cells that weigh most are looked at: the course is told by them.
double Belief::holdTogether(double total, bool last) {
  const double counts = (last ? 1e-6 : 1e-3) * total;
  if (numbers_.empty()) {
    return total;
  }
  parallelFor(piecesOf(cells_.size(), kPiece), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kPiece, piece);
    for (std::size_t i = from; i < to; ++i) {
      if (cells_[i].low != cells_[i].high && cells_[i].weight >= counts) {
        holdTogether(i);
      }
    }
  });
  double changed = 0;
  for (const Cell& cell : cells_) {
    changed += cell.weight;
  }
  return changed;
}

void Belief::holdTogether(std::size_t i) {
  constexpr int kPoints = 32;
  Cell& cell = cells_[i];
  std::array<double, kPoints> product;
  product.fill(1);
  double apart = 1;
  int shared = 0;
  for (const auto& n : numbers_) {
    const auto [low, high] = n.ends[i];
    if (std::isnan(low) || low == high || doubted(cell, n.family) > 0.5) {
      continue;
    }
    ++shared;
    double sum = 0;
    for (std::size_t k = 0; k < kPoints; ++k) {
      const double along = (static_cast<double>(k) + 0.5) / kPoints;
      const double at = low + along * (high - low);
      const double p = (1 - of(Id::slipNumber)) * normalDensity(n.read - at, n.spread) + n.mistaken;
      product[k] *= p;
      sum += p;
    }
    apart *= sum / kPoints;
  }
  if (shared == 0 || !(apart > 0)) {
    return;
  }
  double joint = 0;
  double along = 0;
  for (std::size_t k = 0; k < kPoints; ++k) {
    joint += product[k];
    along += product[k] * (static_cast<double>(k) + 0.5) / kPoints;
  }
  cell.weight *= joint / kPoints / apart;
  cell.along = joint > 0 ? along / joint : 0.5;
}

void Belief::weigh(const WaveformSet& waveforms, LikelihoodMemory* memory) {
  const auto& evidence = vehicle_.job().evidence;
  for (std::size_t k = 0; k < evidence.size(); ++k) {
    const auto& e = evidence[k];
    if (!speaksOf(vehicle_.job(), e)) {
      continue;
    }
    const auto analysis = waveforms.analyses.find(e.id);
    std::optional<TraceFacts> facts;
    if (analysis != waveforms.analyses.end()) {
      const auto comparison = waveforms.comparisons.find(e.id);
      facts = factsOf(*analysis->second, comparison == waveforms.comparisons.end()
                                             ? std::nullopt
                                             : std::optional(comparison->second));
    }
    takeIn(k, facts, memory);
  }
  if (!weighings_.empty()) {
    reweigh(true);
    history_.back() = sumsByHypothesis();
  }
  for (std::size_t k = 0; k < weighings_.size(); ++k) {
    const double mistake = mistakenDensity(evidence[weighings_[k].evidence]);
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      weighings_[k].mistake += cells_[i].weight * std::min(1.0, mistake / weighed_[k][i]);
    }
  }
  probabilities_ = sumsByHypothesis();
}

double Belief::doubted(const Cell& cell, Family family) const {
  const auto& told = told_[static_cast<std::size_t>(family)];
  const double doubt = doubtOf(family);
  if (told.empty()) {
    return doubt;
  }
  const auto index = static_cast<std::size_t>(&cell - cells_.data());
  return doubt / ((1 - doubt) * told[index] / whole_[static_cast<std::size_t>(family)] + doubt);
}

double Belief::testimony(Family family, const std::string& element) const {
  const auto& told = told_[static_cast<std::size_t>(family)];
  if (told.empty()) {
    return 1;
  }
  // The best that the element has to say for itself, against the best of the others.
  double own = 0, ownPrior = 0, others = 0, othersPrior = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const auto& h = hypotheses_[cells_[i].hypothesis];
    const bool here = h.element == element && h.fault != Fault::other;
    (here ? own : others) += cells_[i].prior * told[i];
    (here ? ownPrior : othersPrior) += cells_[i].prior;
  }
  return ownPrior > 0 && others > 0 ? own / ownPrior / (others / othersPrior) : 1;
}

World Belief::worldNow(const Cell& cell) const {
  const auto& h = hypotheses_[cell.hypothesis];
  return cleared_ && h.fault == Fault::latchedOff
             ? World{}
             : worldOf(h, cell.severity(), values_[cell.values]);
}

std::vector<double> Belief::sumsByHypothesis() const {
  std::vector<double> out(hypotheses_.size());
  for (const auto& cell : cells_) {
    out[cell.hypothesis] += cell.weight;
  }
  return out;
}

bool Belief::isOwn(const Weighing& weighing) const {
  const auto& e = vehicle_.job().evidence[weighing.evidence];
  return e.test.circuit == vehicle_.suspect().name || weighing.family == Family::module ||
         weighing.family == Family::swap;
}

bool Belief::contradictory() const {
  return std::any_of(weighings_.begin(), weighings_.end(),
                     [this](const Weighing& w) { return w.mistake > of(Id::clash) && isOwn(w); });
}

}  // namespace haybale::diagnosis
