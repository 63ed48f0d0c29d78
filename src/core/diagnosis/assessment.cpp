#include "core/diagnosis/assessment.h"

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
  return out;
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
