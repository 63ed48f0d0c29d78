#include "core/belief/belief.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <cstring>

#include "core/base/json.h"
#include "core/base/parallel.h"
#include "core/belief/intake_priors.h"
#include "core/job/test_json.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr std::size_t kValues = 72;      // sets of values where there is no severity
constexpr std::size_t kValuesEach = 32;  // and where there is
constexpr std::size_t kMostCells = 12000;
constexpr double kClash = 0.7;  // of a mistake, from which on a reading clashes

std::string oneLine(const Json& json) {
  return json.dump(-1, ' ', false, Json::error_handler_t::replace);
}

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

double Cell::severity() const {
  constexpr double kOpenEnd = 1e14;
  return high > kOpenEnd ? high : std::sqrt(std::max(0.0, low * high));
}

Belief::Belief(const job::Case& c, const WaveformSet& waveforms, const Knowledge& knowledge,
               LikelihoodMemory* memory)
    : vehicle_(c),
      model_(vehicle_),
      known_(knowledge.find(vehicle_.suspect().name)->second),
      hypotheses_(allHypotheses(c, vehicle_.suspect())) {
  layOut(known_);
  weighStoredCodes(memory);
  weigh(waveforms, memory);
}

void Belief::layOut(const circuit::LineParameters& known) {
  const std::size_t count = std::min(kValues, std::max<std::size_t>(1, known.draws.size()));
  for (std::size_t i = 0; i < count; ++i) {
    values_.push_back(known.draws.empty() ? known.central
                                          : known.draws[i * known.draws.size() / count]);
  }
  const auto intervalsOf = [&](std::size_t h) {
    return std::max<std::size_t>(1, hypotheses_[h].steps.size() - 1);
  };
  std::size_t total = 0;
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    total += intervalsOf(h);
  }
  // A long line has more hypotheses, each with fewer sets of values.
  const std::size_t each =
      std::clamp<std::size_t>(kMostCells / std::max<std::size_t>(1, total), 1, kValuesEach);
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    const auto& steps = hypotheses_[h].steps;
    const std::size_t intervals = intervalsOf(h);
    const std::size_t sets = std::min(
        intervals > 1 ? each : std::max(each, values_.size() * each / kValuesEach), values_.size());
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

// What was stored at the counter counts as a prior: half believed, as if read after a drive.
void Belief::weighStoredCodes(LikelihoodMemory* memory) {
  for (const auto& code : vehicle_.job().intake.codes) {
    const auto type =
        std::find(job::kCodeTypeNames.begin(), job::kCodeTypeNames.end(), code.meaning);
    if (code.circuit != vehicle_.suspect().name || type == job::kCodeTypeNames.end()) {
      continue;
    }
    job::Evidence e;
    e.test.kind = TestKind::codes;
    e.test.circuit = code.circuit;
    e.test.state.wheel = circuit::WheelMotion::driven;
    e.reading.codes = std::vector{job::Code{
        code.circuit, static_cast<job::CodeType>(type - job::kCodeTypeNames.begin()), {}}};
    const auto likelihood = remembered(e, nullptr, memory);
    const double most = *std::max_element(likelihood.begin(), likelihood.end());
    const double trust = trustIn(code);
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

double Belief::unsure(const Test& test, const Scale& scale) const {
  double n = 0;
  double sum = 0;
  double squares = 0;
  // Two dozen sets tell a spread.
  const std::size_t step = std::max<std::size_t>(1, values_.size() / 24);
  for (std::size_t i = 0; i < values_.size(); i += step) {
    if (const auto v = vehicle_.electrical(test, World{}, values_[i])) {
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
  const auto onScale = [&](const World& world, const circuit::ParameterPoint& values) {
    const auto v = vehicle_.electrical(test, world, values);
    return v ? std::optional(scale.at(valueAtHz(test, e.reading, *circuit, values, *v)))
             : std::nullopt;
  };
  std::vector<std::optional<double>> sound(values_.size());
  eachInParallel(values_.size(), [&](std::size_t i) { sound[i] = onScale(World{}, values_[i]); });
  constexpr std::size_t kPiece = 512;
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
        out[i] =
            (1 - kMistake) * (rest ? intervalDensity(x, *rest, *rest, spread) : 1.0) + mistaken;
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
      }
      out[i] = (1 - kMistake) * p + mistaken;
    }
  });
  return out;
}

double Belief::mistakenDensity(const job::Evidence& e) const {
  if (!e.reading.value) {
    return kMistake * 0.15;
  }
  const double top = vehicle_.job().meter.topOhm();
  const Scale scale{e.test.kind, top};
  return kMistake * scale.mistaken(e.reading.value->overload ? top : e.reading.value->value);
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
  const auto value = isNumber(e) ? vehicle_.electrical(e.test, world, values) : std::nullopt;
  if (!value) {
    return 1;
  }
  const Scale scale{e.test.kind, vehicle_.job().meter.topOhm()};
  const auto& entry = *e.reading.value;
  const double read = entry.overload ? scale.topOhm : entry.value;
  const double spread = scale.spread(read, unsure(e.test, scale)) *
                        (e.test.kind == TestKind::acVoltage && !e.reading.hz ? 3.5 : 1);
  const auto* circuit = vehicle_.job().find(e.test.circuit);
  const double at = scale.at(valueAtHz(e.test, e.reading, *circuit, values, *value));
  return intervalDensity(scale.at(read), at, at, spread);
}

double Belief::cellLikelihood(const Cell& cell, const job::Evidence& e,
                              const TraceFacts* facts) const {
  const Hypothesis& h = hypotheses_[cell.hypothesis];
  const auto& values = values_[cell.values];
  const double severity = cell.severity();
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
    case TestKind::liveSpeed:
    case TestKind::waveform:
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

// Numbers of other circuits have told what there is to tell through the vehicle's values.
bool speaksOf(const job::Evidence& e, const std::string& suspect) {
  if (e.withdrawn) {
    return false;
  }
  return e.test.circuit == suspect || e.test.state.swap || e.test.kind == TestKind::codes ||
         e.test.kind == TestKind::liveSpeed;
}

}  // namespace

// Whatever the likelihoods hang on beside the reading itself.
std::string Belief::layoutKey() const {
  std::string key;
  const auto put = [&](double v) {
    std::array<char, sizeof v> bytes{};
    std::memcpy(bytes.data(), &v, sizeof v);
    key.append(bytes.data(), bytes.size());
  };
  for (const auto& h : hypotheses_) {
    key += h.element;
    put(static_cast<double>(h.fault) +
        0.01 * static_cast<double>(h.wire.value_or(circuit::WireId::c)));
    put(h.along);
  }
  for (const auto& v : values_) {
    put(v.frontEnd.supplyV);
    put(v.frontEnd.sourceOhm + static_cast<double>(v.frontEnd.kind));
    put(v.sensor.coilOhm + v.sensor.fluxSwingMwb);
    put(v.sensor.lowA);
    put(v.circumferenceM);
  }
  for (const auto& c : vehicle_.job().circuits) {
    key += c.name + std::to_string(static_cast<int>(c.sensor.kind)) +
           std::to_string(c.sensor.teeth.value_or(0));
    for (const auto& e : c.path) {
      key += e.id;
      put(static_cast<double>(e.kind) + e.lengthM.value_or(0) + e.areaMm2.value_or(0));
    }
  }
  key += vehicle_.job().meter.name;
  put(vehicle_.job().meter.topOhm());
  return std::to_string(std::hash<std::string>{}(key));
}

std::vector<double> Belief::remembered(const job::Evidence& e, const TraceFacts* facts,
                                       LikelihoodMemory* memory) const {
  if (!memory) {
    return likelihoods(e, facts);
  }
  std::string key = layoutKey() + oneLine(job::testJson(e.test)) +
                    oneLine(job::readingJson(e.reading, e.test.kind));
  if (facts) {
    key += fmt::format("{} {} {} {} {} {}", facts->flat, facts->outputRatio.value_or(-1),
                       facts->fluxMwb.value_or(-1), static_cast<int>(facts->ring), facts->opens,
                       facts->shorts);
  }
  if (const auto* known = memory->find(key)) {
    return *known;
  }
  return memory->keep(key, likelihoods(e, facts));
}

void Belief::weigh(const WaveformSet& waveforms, LikelihoodMemory* memory) {
  const auto& evidence = vehicle_.job().evidence;
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
    auto likelihood = remembered(e, facts ? &*facts : nullptr, memory);
    if (cleared_) {
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
    cleared_ = cleared_ || e.test.kind == TestKind::codes;
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
    logEvidence_ += std::log(total);
    weighings_.push_back(weighing);
    weighed_.push_back(std::move(likelihood));
    facts_.push_back(facts);
    history_.push_back(sumsByHypothesis());
  }
  for (std::size_t k = 0; k < weighings_.size(); ++k) {
    const double mistake = mistakenDensity(evidence[weighings_[k].evidence]);
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      weighings_[k].mistake += cells_[i].weight * std::min(1.0, mistake / weighed_[k][i]);
    }
  }
  probabilities_ = sumsByHypothesis();
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

bool Belief::contradictory() const {
  return std::any_of(weighings_.begin(), weighings_.end(),
                     [](const Weighing& w) { return w.mistake > kClash; });
}

}  // namespace haybale::diagnosis
