#include "picture/lanes_of.h"

#include <fmt/format.h>

#include "picture/line_board.h"

namespace haybale::picture {

namespace {

const job::Evidence* latestTrace(const job::Case& job, const std::string& circuit) {
  const job::Evidence* latest = nullptr;
  for (const auto& e : job.evidence) {
    if (!e.withdrawn && e.test.circuit == circuit && e.test.kind == circuit::TestKind::waveform) {
      latest = &e;
    }
  }
  return latest;
}

std::string subtitleOf(const trace::ChannelAnalysis& a) {
  std::string text = a.signal == trace::Signal::flat
                         ? "flat at " + units::format(a.levels.bias, a.unit)
                         : units::format(a.levels.peakToPeak, a.unit) + " p-p";
  if (a.frequencyHz) {
    text += " \xC2\xB7 " + units::format(a.frequencyHz->median, units::Unit::hertz);
  }
  if (a.speedKmh) {
    text += fmt::format(" \xC2\xB7 {:.1f} to {:.1f} km/h", a.speedKmh->min, a.speedKmh->max);
  }
  if (a.fluxSwingMwb) {
    text += fmt::format(" \xC2\xB7 {:.3g} mWb", *a.fluxSwingMwb);
  }
  return text;
}

Lane laneOf(const job::Case& job, const diagnosis::Assessment& assessment,
            const circuit::Circuit& circuit, bool suspect) {
  Lane lane;
  lane.title = circuit.name;
  lane.id = circuit.name;
  lane.colour = wheelRole(job, circuit.name);
  lane.dash = wheelDash(job, circuit.name);
  lane.subtitle = suspect ? "suspect" : "to compare with";
  lane.prompt = fmt::format("Drop a scope capture of {} here (CSV), or press O to choose a file.",
                            circuit.location.empty() ? circuit.name : circuit.location);
  const job::Evidence* e = latestTrace(job, circuit.name);
  if (!e) {
    return lane;
  }
  const auto waveform = assessment.waveforms.waveforms.find(e->id);
  const auto analysis = assessment.waveforms.analyses.find(e->id);
  if (waveform == assessment.waveforms.waveforms.end() ||
      analysis == assessment.waveforms.analyses.end()) {
    lane.prompt =
        waveform == assessment.waveforms.waveforms.end() ? lane.prompt : waveform->second.error;
    return lane;
  }
  lane.record = waveform->second.record.get();
  lane.channel = waveform->second.channel;
  lane.analysis = &analysis->second;
  lane.subtitle += " \xC2\xB7 " + subtitleOf(analysis->second);
  if (const auto c = assessment.waveforms.comparisons.find(e->id);
      suspect && c != assessment.waveforms.comparisons.end()) {
    lane.subtitle +=
        fmt::format(" \xC2\xB7 {:.0f} % of {} at equal speed", 100 * c->second.ratio, c->second.b);
  }
  return lane;
}

}  // namespace

std::vector<Lane> lanesOf(const job::Case& job, const diagnosis::Assessment& assessment) {
  std::vector<Lane> lanes;
  const circuit::Circuit* suspect = job.suspectCircuit();
  if (!suspect) {
    return lanes;
  }
  if (const circuit::Circuit* peer = circuit::peerOf(job.circuits, *suspect)) {
    lanes.push_back(laneOf(job, assessment, *peer, false));
  }
  lanes.push_back(laneOf(job, assessment, *suspect, true));
  return lanes;
}

}  // namespace haybale::picture
