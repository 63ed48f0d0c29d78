#include "core/belief/belief.h"

#include <algorithm>
#include <cmath>
#include <tuple>

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

Belief::Belief(const job::Case& c, const WaveformSet& waveforms, const Knowledge& knowledge,
               LikelihoodMemory* memory)
    : vehicle_(c), model_(vehicle_), hypotheses_(allHypotheses(c, vehicle_.suspect())) {
  layOut(knowledge.find(vehicle_.suspect().name)->second);
  auto* known = memory ? &memory->enter(layout_) : nullptr;
  weighStoredCodes(known);
  weigh(waveforms, known);
}

// What was stored at the counter counts as a prior: half believed, as if read after a drive. What
// came up on a lift is believed less still.
void Belief::weighStoredCodes(LikelihoodMemory::Room* memory) {
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
    const auto known = remembered(e, std::nullopt, memory);
    const auto& likelihood = known->of;
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

namespace {

// Numbers of other circuits have told what there is to tell through the vehicle's values; whether
// the module feeds them at all is told by their volts.
bool speaksOf(const job::Case& c, const job::Evidence& e) {
  const auto* circuit = c.find(e.test.circuit);
  if (e.withdrawn || !circuit || isVoid(*circuit, e)) {
    return false;
  }
  const bool feeds = e.test.kind == TestKind::dcVoltage && !e.test.state.swap &&
                     circuit::groupOf(*circuit) == circuit::groupOf(*c.suspectCircuit());
  return e.test.circuit == c.suspect || e.test.state.swap || feeds ||
         e.test.kind == TestKind::codes || e.test.kind == TestKind::liveSpeed;
}

// What its trace says; empty for what is none.
std::optional<TraceFacts> traceOf(const job::Evidence& e, const WaveformSet& waveforms) {
  const auto analysis = waveforms.analyses.find(e.id);
  if (analysis == waveforms.analyses.end()) {
    return std::nullopt;
  }
  const auto comparison = waveforms.comparisons.find(e.id);
  return factsOf(*analysis->second, comparison == waveforms.comparisons.end()
                                        ? std::nullopt
                                        : std::optional(comparison->second));
}

}  // namespace

std::shared_ptr<const Likelihoods> Belief::remembered(const job::Evidence& e,
                                                      const std::optional<TraceFacts>& facts,
                                                      LikelihoodMemory::Room* memory) const {
  const TraceFacts* known = facts ? &*facts : nullptr;
  if (!memory) {
    return std::make_shared<Likelihoods>(likelihoods(e, known));
  }
  const LikelihoodMemory::Room::Read read{e.test, e.reading, facts,
                                          e.reading.value && isAgainstItsLike(e)};
  if (auto kept = memory->find(read)) {
    return kept;
  }
  return memory->keep(read, likelihoods(e, known));
}

double Belief::byPrior(const std::vector<double>& likelihood) const {
  double average = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    average += cells_[i].prior * likelihood[i];
  }
  return average;
}

// How probable a reading is whatever is wrong, and be it nothing the model knows: half by the
// prior, half by all that can be read.
double Belief::anything(const job::Evidence& e, const std::vector<double>& likelihood) const {
  const double average = byPrior(likelihood);
  if (!e.reading.value) {
    return average;
  }
  const Scale scale{e.test.kind, vehicle_.job().meter.topOhm()};
  return 0.5 * average + 0.5 * scale.broad(scale.at(e.reading.value->value));
}

// Whether the same codes came back from the same doing before.
bool Belief::wasSaidBefore(std::size_t k) const {
  const auto& c = vehicle_.job();
  const auto& e = c.evidence[k];
  const auto sorted = [](std::vector<job::Code> codes) {
    std::sort(codes.begin(), codes.end(), [](const job::Code& a, const job::Code& b) {
      return std::tie(a.circuit, a.type) < std::tie(b.circuit, b.type);
    });
    return codes;
  };
  const auto same = [&](const job::Evidence& before) {
    return speaksOf(c, before) && before.reading.codes && circuit::sameTest(before.test, e.test) &&
           sorted(*before.reading.codes) == sorted(*e.reading.codes);
  };
  const auto now = c.evidence.begin() + static_cast<std::ptrdiff_t>(k);
  return e.test.kind == TestKind::codes && e.reading.codes &&
         std::any_of(c.evidence.begin(), now, same);
}

// A module names what it sees as it named it before, whatever it is: only what comes and goes may
// be there once and not again.
std::vector<double> Belief::saidAgain(const job::Evidence& e) const {
  const bool listed =
      std::any_of(e.reading.codes->begin(), e.reading.codes->end(),
                  [&](const job::Code& code) { return code.circuit == vehicle_.suspect().name; });
  const double slip = slipOf(e.test.kind);
  std::vector<double> out(cells_.size());
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const double shows =
        showsIn(hypotheses_[cells_[i].hypothesis], e.test.state, vehicle_.suspect());
    const double p = shows >= 1 ? 1 : listed ? shows : 1 - shows;
    out[i] = (1 - slip) * p + slip;
  }
  return out;
}

void Belief::takeIn(std::size_t k, const std::optional<TraceFacts>& facts,
                    LikelihoodMemory::Room* memory) {
  const auto& e = vehicle_.job().evidence[k];
  if (e.reading.value) {
    spreads_.emplace(&e, spreadOf(e, {e.test.kind, vehicle_.job().meter.topOhm()}));
  }
  const auto known = remembered(e, facts, memory);
  auto likelihood = known->of;
  auto unchecked = known->unchecked;
  if (wasSaidBefore(k)) {
    likelihood = unchecked = saidAgain(e);
  }
  const double any = anything(e, likelihood);
  // What nobody has thought of is wrong with the suspect; a good wheel's odd reading is no sign of
  // it.
  const double unthought = isOfAnother(e.test) ? byPrior(likelihood) : of(Id::otherFits) * any;
  std::vector<std::size_t> sound(values_.size());  // the cell with nothing wrong, by its values
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const Fault fault = hypotheses_[cells_[i].hypothesis].fault;
    if (fault == Fault::none) {
      sound[cells_[i].values] = i;
    }
    for (auto* list : {&likelihood, &unchecked}) {
      if (list->empty()) {
        continue;
      }
      if (fault == Fault::other) {
        (*list)[i] = unthought;
      } else if (course_.cleared && fault == Fault::latchedOff) {
        (*list)[i] = (*list)[sound[cells_[i].values]];  // from here on a latch-off is nothing wrong
      }
    }
  }
  course_.cleared = course_.cleared || e.test.kind == TestKind::codes;
  Weighing weighing;
  weighing.evidence = k;
  weighing.family = familyOf(e.test);
  auto& told = course_.told[static_cast<std::size_t>(weighing.family)];
  if (told.empty()) {
    told.assign(cells_.size(), 1);
  }
  auto& toldUnchecked = course_.toldUnchecked[static_cast<std::size_t>(weighing.family)];
  if (toldUnchecked.empty() && !unchecked.empty()) {
    toldUnchecked = told;
  }
  multiply(told, likelihood, any);
  if (!toldUnchecked.empty()) {
    multiply(toldUnchecked, unchecked.empty() ? likelihood : unchecked, any);
  }
  hear(weighing.family);
  course_.logAnything += std::log(any);
  if (!known->ends.empty()) {
    const double top = vehicle_.job().meter.topOhm();
    const Scale scale{e.test.kind, top};
    course_.numbers.push_back({known, weighing.family,
                               scale.at(e.reading.value->overload ? top : e.reading.value->value),
                               spreadOf(e, scale), strayDensity(e), scale});
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
  course_.weighings.push_back(weighing);
  if (!unchecked.empty()) {
    const double share = of(Id::monitorUnchecked);
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      likelihood[i] += share * (unchecked[i] - likelihood[i]);
    }
  }
  course_.weighed.push_back(std::make_shared<const std::vector<double>>(std::move(likelihood)));
  course_.facts.push_back(facts);
  course_.history.push_back(sumsByHypothesis());
}

void Belief::weigh(const WaveformSet& waveforms, LikelihoodMemory::Room* memory) {
  const auto& evidence = vehicle_.job().evidence;
  std::vector<std::optional<TraceFacts>> facts;
  for (const auto& e : evidence) {
    facts.push_back(traceOf(e, waveforms));
  }
  const std::size_t resumed = resume(facts, memory);
  for (std::size_t k = resumed; k < evidence.size(); ++k) {
    // A course that was just taken up here is kept already.
    if (k + 1 == evidence.size() && (k == 0 || k > resumed)) {
      keep(k, facts, memory);
    }
    if (speaksOf(vehicle_.job(), evidence[k])) {
      takeIn(k, facts[k], memory);
    }
  }
  if (!course_.weighings.empty()) {
    reweigh(true);
    course_.history.back() = sumsByHypothesis();
  }
  steps_ = {};
  course_.numbers = {};
  parallelFor(course_.weighings.size(), [&](std::size_t k) {
    const double mistake = mistakenDensity(evidence[course_.weighings[k].evidence]);
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      course_.weighings[k].mistake += cells_[i].weight * std::min(1.0, mistake / weighed(k)[i]);
    }
  });
  probabilities_ = sumsByHypothesis();
}

void Belief::multiply(std::vector<double>& told, const std::vector<double>& likelihood,
                      double any) const {
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    told[i] *= likelihood[i] / any;
  }
}

// Whether the module checks at all is one thing for all its codes together.
double Belief::toldBy(std::size_t family, std::size_t cell) const {
  const auto& unchecked = course_.toldUnchecked[family];
  const double told = course_.told[family][cell];
  return unchecked.empty() ? told : told + of(Id::monitorUnchecked) * (unchecked[cell] - told);
}

double Belief::unchecked(const Cell& cell, Family family) const {
  const double share = of(Id::monitorUnchecked);
  const auto f = static_cast<std::size_t>(family);
  const auto index = static_cast<std::size_t>(&cell - cells_.data());
  return course_.toldUnchecked[f].empty()
             ? share
             : share * course_.toldUnchecked[f][index] / toldBy(f, index);
}

double Belief::doubted(const Cell& cell, Family family) const {
  const auto f = static_cast<std::size_t>(family);
  const double doubt = doubtOf(family);
  return course_.heard[f].empty()
             ? doubt
             : doubt / course_.heard[f][static_cast<std::size_t>(&cell - cells_.data())];
}

double Belief::testimony(Family family, const std::string& element) const {
  const auto& told = course_.told[static_cast<std::size_t>(family)];
  if (told.empty()) {
    return 1;
  }
  // The best that the element has to say for itself, against the best of the others.
  double own = 0, ownPrior = 0, others = 0, othersPrior = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    const auto& h = hypotheses_[cells_[i].hypothesis];
    const bool here = h.element == element && h.fault != Fault::other;
    (here ? own : others) += cells_[i].prior * toldBy(static_cast<std::size_t>(family), i);
    (here ? ownPrior : othersPrior) += cells_[i].prior;
  }
  return ownPrior > 0 && others > 0 ? own / ownPrior / (others / othersPrior) : 1;
}

World Belief::worldNow(const Cell& cell) const {
  const auto& h = hypotheses_[cell.hypothesis];
  return course_.cleared && h.fault == Fault::latchedOff
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
  return oneIsASlip() > of(Id::clashTogether) ||
         std::any_of(course_.weighings.begin(), course_.weighings.end(),
                     [this](const Weighing& w) { return w.mistake > of(Id::clash) && isOwn(w); });
}

// Of two readings that cannot both be right each may be the slip, as likely as not.
double Belief::oneIsASlip() const {
  std::vector<double> none(cells_.size(), 1);
  for (std::size_t k = 0; k < course_.weighings.size(); ++k) {
    const auto& e = vehicle_.job().evidence[course_.weighings[k].evidence];
    if (!isOwn(course_.weighings[k]) || !e.reading.value) {
      continue;
    }
    const double mistake = mistakenDensity(e);
    for (std::size_t i = 0; i < cells_.size(); ++i) {
      none[i] *= 1 - std::min(1.0, mistake / weighed(k)[i]);
    }
  }
  double sum = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    sum += cells_[i].weight * none[i];
  }
  return 1 - sum;
}

}  // namespace haybale::diagnosis
