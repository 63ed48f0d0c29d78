#include "core/diagnosis/belief.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr std::size_t kValues = 36;      // sets of values where there is no severity
constexpr std::size_t kValuesEach = 12;  // and where there is
constexpr double kClash = 0.7;           // of a mistake, from which on a reading clashes

bool isNumber(const job::Evidence& e) {
  return e.reading.value.has_value();
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

Belief::Belief(const job::Case& c, const WaveformSet& waveforms, const Knowledge& knowledge)
    : vehicle_(c),
      model_(vehicle_),
      known_(knowledge.find(vehicle_.suspect().name)->second),
      hypotheses_(allHypotheses(c, vehicle_.suspect())) {
  layOut(known_);
  weigh(waveforms);
}

void Belief::layOut(const circuit::LineParameters& known) {
  const std::size_t count = std::min(kValues, std::max<std::size_t>(1, known.draws.size()));
  for (std::size_t i = 0; i < count; ++i) {
    values_.push_back(known.draws.empty() ? known.central
                                          : known.draws[i * known.draws.size() / count]);
  }
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    const auto& steps = hypotheses_[h].steps;
    const std::size_t intervals = std::max<std::size_t>(1, steps.size() - 1);
    const std::size_t sets = intervals > 1 ? std::min(kValuesEach, values_.size()) : values_.size();
    const double prior = hypotheses_[h].prior / static_cast<double>(sets * intervals);
    for (std::size_t v = 0; v < sets; ++v) {
      // Spread over all the sets, in order of the severity so that neighbours share an end.
      const std::size_t set = v * values_.size() / sets;
      for (std::size_t i = 0; i < intervals; ++i) {
        const double high = steps.size() > 1 ? steps[i + 1] : steps[0];
        cells_.push_back({h, set, steps[i], high, prior, prior});
      }
    }
  }
}

double Belief::unsure(const Test& test, const Scale& scale) const {
  double n = 0;
  double sum = 0;
  double squares = 0;
  for (const auto& values : values_) {
    if (const auto v = vehicle_.electrical(test, World{}, values)) {
      const double x = scale.at(*v);
      n += 1;
      sum += x;
      squares += x * x;
    }
  }
  return n > 1 ? std::sqrt(std::max(0.0, squares / n - sum / n * sum / n)) : 0;
}

std::vector<double> Belief::numeric(const job::Evidence& e) const {
  std::vector<double> out(cells_.size(), 1);
  const Test& test = e.test;
  const Scale scale{test.kind, vehicle_.job().meter.topOhm()};
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const double x = scale.at(read);
  const double spread = scale.spread(read, unsure(test, scale)) *
                        (test.kind == TestKind::acVoltage && !e.reading.hz ? 3.5 : 1);
  const double mistaken = kMistake * scale.mistaken(read);
  const auto* circuit = vehicle_.job().find(test.circuit);
  eachInParallel(cells_.size(), [&](std::size_t i) {
    const Cell& cell = cells_[i];
    const Hypothesis& h = hypotheses_[cell.hypothesis];
    const auto& values = values_[cell.values];
    const auto at = [&](double severity, bool shows) -> std::optional<double> {
      const auto v =
          vehicle_.electrical(test, shows ? worldOf(h, severity, values) : World{}, values);
      return v ? std::optional(scale.at(valueAtHz(test, e.reading, *circuit, values, *v)))
               : std::nullopt;
    };
    const auto density = [&](bool shows) {
      const auto low = at(cell.low, shows);
      const auto high = cell.high == cell.low || !shows ? low : at(cell.high, shows);
      return low && high ? intervalDensity(x, *low, *high, spread) : 1.0;
    };
    const double shows = showsIn(h, test.state, vehicle_.suspect());
    double p = shows * density(true);
    if (shows < 1) {
      p += (1 - shows) * density(false);
    }
    out[i] = (1 - kMistake) * p + mistaken;
  });
  return out;
}

double Belief::cellLikelihood(const Cell& cell, const job::Evidence& e,
                              const TraceFacts* facts) const {
  const Hypothesis& h = hypotheses_[cell.hypothesis];
  const auto& values = values_[cell.values];
  const double severity =
      cell.high > 1e14 ? cell.high : std::sqrt(std::max(0.0, cell.low * cell.high));
  const auto inWorld = [&](const auto& likelihood) {
    const double shows = showsIn(h, e.test.state, vehicle_.suspect());
    double p = shows * likelihood(worldOf(h, severity, values));
    if (shows < 1) {
      p += (1 - shows) * likelihood(World{});
    }
    return p;
  };
  double p = 1;
  switch (e.test.kind) {
    case TestKind::codes:
      p = inWorld([&](const World& w) { return model_.codes(e.test, e.reading, w, values); });
      break;
    case TestKind::liveSpeed:
      p = inWorld([&](const World& w) { return model_.liveSpeed(e.test, e.reading, w, values); });
      break;
    case TestKind::waveform:
      p = facts
              ? inWorld([&](const World& w) { return model_.waveform(e.test, *facts, w, values); })
              : 1;
      break;
    case TestKind::lamp:
      if (e.reading.lamp) {
        p = inWorld([&](const World& w) {
          const auto share = vehicle_.electrical(e.test, w, values);
          return !share                                                       ? 1.0
                 : circuit::lampState(e.test.lamp, *share) == *e.reading.lamp ? 0.94
                                                                              : 0.03;
        });
      }
      break;
    case TestKind::wiggle:
      p = e.reading.reacts ? model_.wiggle(e.test, e.reading, h, values) : 1;
      break;
    case TestKind::inspect:
      p = model_.inspect(e.test, e.reading, h, severity);
      break;
    case TestKind::benchSensor:
      p = e.reading.swings ? model_.benchSensor(e.reading, h, severity) : 1;
      break;
    default:
      return 1;
  }
  return (1 - kMistake) * p + kMistake * 0.15;
}

std::vector<double> Belief::likelihoods(const job::Evidence& e, const TraceFacts* facts) const {
  const bool known = vehicle_.job().find(e.test.circuit) != nullptr;
  if (!known) {
    return std::vector<double>(cells_.size(), 1);
  }
  if (isNumber(e)) {
    return numeric(e);
  }
  std::vector<double> out(cells_.size());
  eachInParallel(cells_.size(),
                 [&](std::size_t i) { out[i] = cellLikelihood(cells_[i], e, facts); });
  return out;
}

namespace {

double mistakeDensity(const job::Evidence& e, double topOhm) {
  if (!e.reading.value) {
    return kMistake * 0.15;
  }
  const Scale scale{e.test.kind, topOhm};
  return kMistake * scale.mistaken(e.reading.value->overload ? topOhm : e.reading.value->value);
}

// Numbers of other circuits have told what there is to tell through the vehicle's values.
bool speaksOf(const job::Evidence& e, const std::string& suspect) {
  if (e.withdrawn) {
    return false;
  }
  return e.test.circuit == suspect || e.test.state.swap || e.test.kind == TestKind::codes ||
         e.test.kind == TestKind::liveSpeed;
}

}  // namespace

void Belief::weigh(const WaveformSet& waveforms) {
  const auto& evidence = vehicle_.job().evidence;
  std::vector<std::vector<double>> all;
  bool cleared = false;  // codes were cleared: a latched supply is back
  for (std::size_t k = 0; k < evidence.size(); ++k) {
    const auto& e = evidence[k];
    if (!speaksOf(e, vehicle_.suspect().name)) {
      continue;
    }
    const auto analysis = waveforms.analyses.find(e.id);
    std::optional<TraceFacts> facts;
    if (analysis != waveforms.analyses.end()) {
      const auto comparison = waveforms.comparisons.find(e.id);
      facts = factsOf(analysis->second, comparison == waveforms.comparisons.end()
                                            ? std::nullopt
                                            : std::optional(comparison->second));
    }
    auto likelihood = likelihoods(e, facts ? &*facts : nullptr);
    if (cleared) {
      // From here on a latch-off is nothing wrong.
      std::size_t sound = 0;
      for (std::size_t i = 0; i < cells_.size(); ++i) {
        if (hypotheses_[cells_[i].hypothesis].fault == Fault::none) {
          sound = i;
        } else if (hypotheses_[cells_[i].hypothesis].fault == Fault::latchedOff) {
          likelihood[i] = likelihood[sound];
        }
      }
    }
    cleared = cleared || e.test.kind == TestKind::codes;
    double total = 0;
    std::vector<double> before(cells_.size());
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      before[i] = cells_[i].weight;
      cells_[i].weight *= likelihood[i];
      total += cells_[i].weight;
    }
    Weighing weighing;
    weighing.evidence = k;
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      cells_[i].weight /= total;
      if (cells_[i].weight > 1e-12 && before[i] > 0) {
        weighing.bits += cells_[i].weight * std::log2(cells_[i].weight / before[i]);
      }
    }
    weighings_.push_back(weighing);
    all.push_back(std::move(likelihood));
  }
  for (std::size_t k = 0; k < weighings_.size(); ++k) {
    const double mistake =
        mistakeDensity(evidence[weighings_[k].evidence], vehicle_.job().meter.topOhm());
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      weighings_[k].mistake += cells_[i].weight * std::min(1.0, mistake / all[k][i]);
    }
  }
  probabilities_.assign(hypotheses_.size(), 0);
  for (const auto& cell : cells_) {
    probabilities_[cell.hypothesis] += cell.weight;
  }
}

bool Belief::contradictory() const {
  return std::any_of(weighings_.begin(), weighings_.end(),
                     [](const Weighing& w) { return w.mistake > kClash; });
}

}  // namespace haybale::diagnosis
