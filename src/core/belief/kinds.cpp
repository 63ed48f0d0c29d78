#include "core/belief/kinds.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::SensorFamily;
using circuit::SensorKind;
using priors::Id;
using priors::of;

namespace {

double priorOf(SensorKind kind) {
  switch (circuit::familyOf(kind)) {
    case SensorFamily::coil:
      return of(Id::kindPassive);
    case SensorFamily::regulator:
      return of(Id::kindActive);
    case SensorFamily::hallSwitch:
      break;
  }
  return of(Id::kindHall);
}

// How probable the kind of signal that a trace shows is for a sensor of this kind.
double signalChance(trace::Signal signal, SensorKind kind) {
  const bool coil = circuit::isCoil(kind);
  switch (signal) {
    case trace::Signal::passive:
      return coil ? of(Id::signalWaveCoil) : of(Id::signalOdd);
    case trace::Signal::active:
      return coil                       ? of(Id::signalOdd)
             : kind == SensorKind::hall ? of(Id::signalActiveHall)
                                        : of(Id::signalActiveActive);
    case trace::Signal::activePwm:
    case trace::Signal::activeAk:
      return circuit::familyOf(kind) == SensorFamily::regulator ? of(Id::signalCoded)
                                                                : of(Id::signalOdd);
    case trace::Signal::hall:
      return coil                       ? of(Id::signalOdd)
             : kind == SensorKind::hall ? of(Id::signalHallHall)
                                        : of(Id::signalHallActive);
    case trace::Signal::flat:
    case trace::Signal::unknown:
      break;
  }
  return 1;
}

// Whether anybody held a lead on a third wire.
bool probesAThird(const job::Case& c) {
  const auto third = [](const std::optional<circuit::Probe>& probe) {
    return probe && probe->wire == circuit::WireId::c;
  };
  return std::any_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
    return !e.withdrawn && (third(e.test.red) || third(e.test.black));
  });
}

// Whether a wheel was shown that hardly turned: a coil gives next to nothing then.
bool showsACrawl(const job::Evidence& e) {
  return !e.withdrawn && e.test.kind == circuit::TestKind::liveSpeed &&
         std::any_of(e.reading.kmh.begin(), e.reading.kmh.end(), [](const auto& kmh) {
           return kmh.second > of(Id::crawlLeastKmh) && kmh.second <= of(Id::crawlKmh);
         });
}

double logSigns(const job::Case& c, const WaveformSet& waveforms, SensorKind kind) {
  double log = 0;
  if (circuit::isCoil(kind) && std::any_of(c.evidence.begin(), c.evidence.end(), showsACrawl)) {
    log += std::log(of(Id::crawlCoil));
  }
  for (const auto& e : c.evidence) {
    const auto* circuit = c.find(e.test.circuit);
    const auto analysis = waveforms.analyses.find(e.id);
    if (!e.withdrawn && circuit && circuit->sensor.kind == SensorKind::unknown &&
        analysis != waveforms.analyses.end()) {
      log += std::log(signalChance(analysis->second->signal, kind));
    }
  }
  // A third wire is a Hall sensor's supply; what is read on it the others do not have at all.
  if (probesAThird(c)) {
    return log + (kind == SensorKind::hall ? 0 : std::log(of(Id::thirdProbedOther)));
  }
  const auto* suspect = c.suspectCircuit();
  const bool third = !suspect->wire(circuit::WireId::c).colour.empty() ||
                     !suspect->wire(circuit::WireId::c).role.empty();
  return log + (third == (kind == SensorKind::hall)
                    ? 0
                    : std::log(of(third ? Id::thirdNamedOther : Id::thirdUnnamedHall)));
}

std::vector<SensorKind> possible(const job::Case& c) {
  const SensorKind said = c.suspectCircuit()->sensor.kind;
  return said != SensorKind::unknown
             ? std::vector{said}
             : std::vector{SensorKind::passive, SensorKind::active, SensorKind::hall};
}

}  // namespace

job::Case withKind(const job::Case& c, SensorKind kind) {
  job::Case out = c;
  for (auto& circuit : out.circuits) {
    if (circuit.sensor.kind == SensorKind::unknown) {
      circuit.sensor.kind = kind;
    }
  }
  return out;
}

Beliefs::Beliefs(const job::Case& c, const WaveformSet& waveforms, LikelihoodMemory* memory) {
  std::vector<double> logs;
  const auto kinds = possible(c);
  for (const SensorKind kind : kinds) {
    Part part;
    part.kind = kind;
    part.job = std::make_unique<const job::Case>(withKind(c, kind));
    part.knowledge = learnAll(*part.job, waveforms);
    part.belief = std::make_unique<const Belief>(*part.job, waveforms, part.knowledge, memory);
    const double learnt = part.knowledge.find(c.suspect)->second.logEvidence;
    logs.push_back(kinds.size() == 1
                       ? 0
                       : std::log(priorOf(kind)) + learnt + part.belief->logEvidence() +
                             logSigns(c, waveforms, kind));
    parts_.push_back(std::move(part));
  }
  const double top = *std::max_element(logs.begin(), logs.end());
  double total = 0;
  for (const double log : logs) {
    total += std::exp(log - top);
  }
  double kept = 0;
  for (std::size_t i = 0; i < parts_.size(); ++i) {
    parts_[i].share = std::exp(logs[i] - top) / total;
    kinds_.push_back({parts_[i].kind, parts_[i].share});
    kept += parts_[i].share >= of(Id::kindLeast) ? parts_[i].share : 0;
  }
  std::erase_if(parts_, [](const Part& part) { return part.share < of(Id::kindLeast); });
  for (auto& part : parts_) {
    part.share /= kept;
  }
  const auto likelier = [](const auto& a, const auto& b) { return a.share > b.share; };
  std::stable_sort(parts_.begin(), parts_.end(), likelier);
  std::stable_sort(kinds_.begin(), kinds_.end(), likelier);
}

std::string spoken(const std::vector<KindShare>& kinds, bool said) {
  if (kinds.empty()) {
    return say("not known");
  }
  const std::string name =
      sayName(circuit::kSensorKindNames[static_cast<std::size_t>(kinds.front().kind)]);
  if (said) {
    return name;
  }
  const int inTen = std::clamp(static_cast<int>(std::lround(10 * kinds.front().share)), 1, 10);
  return inTen == 10 ? sayf("looks {}, nearly sure", name)
                     : sayf("looks {}, {} in 10", name, inTen);
}

}  // namespace haybale::diagnosis
