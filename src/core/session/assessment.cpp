#include "core/session/assessment.h"

#include <algorithm>

#include "core/base/parallel.h"
#include "core/base/say.h"

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
    out.conclusion.headline = say("No circuit is described");
    return out;
  }
  out.beliefs = std::make_shared<const Beliefs>(c, out.waveforms, memory);
  out.knowledge = out.beliefs->knowledge();
  const auto& job = out.beliefs->job();
  out.views.resize(job.evidence.size());
  parallelFor(job.evidence.size(), [&](std::size_t k) {
    out.views[k] = assess(job, job.evidence[k], out.waveforms, out.knowledge,
                          memory ? &memory->bands() : nullptr);
  });
  out.conclusion = conclude(*out.beliefs, out.views);
  out.proposals = proposeTests(*out.beliefs, out.conclusion, refused);
  out.options = optionsOf(out.beliefs->job(), out.conclusion, out.proposals);
  return out;
}

Assessment carriedOver(const Assessment& before, const job::Case& was, const job::Case& now) {
  Assessment out = before;
  // What was learnt is of the lines as they were.
  const Knowledge none;
  const bool same = was.circuits == now.circuits;
  const Knowledge& known = same ? before.knowledge : none;
  out.views.clear();
  for (std::size_t i = 0; i < now.evidence.size(); ++i) {
    const auto& e = now.evidence[i];
    const bool judged = same && i < was.evidence.size() && i < before.views.size() &&
                        was.evidence[i] == e && was.meter == now.meter;
    out.views.push_back(judged ? before.views[i] : assess(now, e, before.waveforms, known));
  }
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
