#include "core/session/assessment.h"

#include <algorithm>

namespace haybale::diagnosis {

const ReadingView* Assessment::view(std::string_view evidenceId) const {
  const auto it = std::find_if(views.begin(), views.end(),
                               [&](const auto& v) { return v.evidenceId == evidenceId; });
  return it == views.end() ? nullptr : &*it;
}

namespace {

// A sensor nobody named: like that of another circuit, else active where the pins show more than
// any bias, else a coil.
circuit::SensorKind likelyKind(const job::Case& c) {
  for (const auto& circuit : c.circuits) {
    if (circuit.sensor.kind != circuit::SensorKind::unknown) {
      return circuit.sensor.kind;
    }
  }
  const bool fed = std::any_of(c.evidence.begin(), c.evidence.end(), [](const job::Evidence& e) {
    return !e.withdrawn && e.test.kind == circuit::TestKind::dcVoltage && e.reading.value &&
           !e.reading.value->overload && e.reading.value->value > 6.5;
  });
  return fed ? circuit::SensorKind::active : circuit::SensorKind::passive;
}

job::Case withKinds(const job::Case& c) {
  job::Case out = c;
  for (auto& circuit : out.circuits) {
    if (circuit.sensor.kind == circuit::SensorKind::unknown) {
      circuit.sensor.kind = likelyKind(c);
    }
  }
  return out;
}

}  // namespace

Assessment assessCase(const job::Case& asGiven, const std::string& folder, CaptureShelf& shelf,
                      const std::vector<circuit::Test>& refused, LikelihoodMemory* memory) {
  Assessment out;
  const job::Case c = withKinds(asGiven);
  out.waveforms = analyseWaveforms(c, folder, shelf);
  out.knowledge = learnAll(c);
  for (const auto& e : c.evidence) {
    out.views.push_back(assess(c, e, out.waveforms, out.knowledge));
  }
  if (!c.suspectCircuit()) {
    out.conclusion.headline = "No circuit is described";
    return out;
  }
  const Belief belief(c, out.waveforms, out.knowledge, memory);
  out.conclusion = conclude(belief, out.views);
  out.proposals = proposeTests(belief, out.conclusion, refused);
  out.options = optionsOf(c, out.conclusion, out.proposals);
  return out;
}

SwapOutlook outlookFor(const job::Case& asGiven, const std::string& folder, CaptureShelf& shelf,
                       const circuit::Test& test, LikelihoodMemory* memory) {
  const job::Case c = withKinds(asGiven);
  if (!c.suspectCircuit()) {
    return {};
  }
  const auto waveforms = analyseWaveforms(c, folder, shelf);
  const auto knowledge = learnAll(c);
  return outlookOf(Belief(c, waveforms, knowledge, memory), test);
}

Proof proveCase(const job::Case& asGiven, const std::string& folder, CaptureShelf& shelf,
                LikelihoodMemory* memory) {
  const job::Case c = withKinds(asGiven);
  if (!c.suspectCircuit()) {
    return {};
  }
  const auto waveforms = analyseWaveforms(c, folder, shelf);
  const auto knowledge = learnAll(c);
  return proofOf(c, Belief(c, waveforms, knowledge, memory), folder, shelf, memory);
}

CircuitState stateOf(const job::Case& c, const Assessment& assessment,
                     const circuit::Circuit& circuit) {
  bool judged = false;
  bool failed = false;
  bool doubt = circuit.name == c.suspect;
  for (const auto& view : assessment.views) {
    if (view.circuit != circuit.name || view.withdrawn || !view.verdict) {
      continue;
    }
    judged = true;
    failed = failed || *view.verdict == judging::Verdict::fail;
    doubt = doubt || *view.verdict == judging::Verdict::cannotTell;
  }
  return failed   ? CircuitState::faulty
         : doubt  ? CircuitState::doubtful
         : judged ? CircuitState::good
                  : CircuitState::notMeasured;
}

}  // namespace haybale::diagnosis
