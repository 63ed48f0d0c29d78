#include "core/session/assessment.h"

#include <algorithm>

namespace haybale::diagnosis {

const ReadingView* Assessment::view(std::string_view evidenceId) const {
  const auto it = std::find_if(views.begin(), views.end(),
                               [&](const auto& v) { return v.evidenceId == evidenceId; });
  return it == views.end() ? nullptr : &*it;
}

Assessment assessCase(const job::Case& c, const std::string& folder, CaptureShelf& shelf,
                      const std::vector<circuit::Test>& refused, LikelihoodMemory* memory) {
  Assessment out;
  out.waveforms = analyseWaveforms(c, folder, shelf);
  if (!c.suspectCircuit()) {
    out.conclusion.headline = "No circuit is described";
    return out;
  }
  out.beliefs = std::make_shared<const Beliefs>(c, out.waveforms, memory);
  out.knowledge = out.beliefs->knowledge();
  for (const auto& e : out.beliefs->job().evidence) {
    out.views.push_back(assess(out.beliefs->job(), e, out.waveforms, out.knowledge));
  }
  out.conclusion = conclude(*out.beliefs, out.views);
  out.proposals = proposeTests(*out.beliefs, out.conclusion, refused);
  out.options = optionsOf(out.beliefs->job(), out.conclusion, out.proposals);
  return out;
}

SwapOutlook outlookFor(const job::Case& c, const std::string& folder, CaptureShelf& shelf,
                       const circuit::Test& test, LikelihoodMemory* memory) {
  if (!c.suspectCircuit()) {
    return {};
  }
  const auto waveforms = analyseWaveforms(c, folder, shelf);
  return outlookOf(Beliefs(c, waveforms, memory).leading(), test);
}

Proof proveCase(const job::Case& c, const std::string& folder, CaptureShelf& shelf,
                LikelihoodMemory* memory) {
  if (!c.suspectCircuit()) {
    return {};
  }
  const auto waveforms = analyseWaveforms(c, folder, shelf);
  const Beliefs beliefs(c, waveforms, memory);
  return proofOf(beliefs.job(), beliefs.leading(), folder, shelf, memory);
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
