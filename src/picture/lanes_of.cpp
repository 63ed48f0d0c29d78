#include "picture/lanes_of.h"

#include <fmt/format.h>

#include "core/base/say.h"
#include "picture/line_board.h"

namespace haybale::picture {

namespace {

constexpr std::size_t kMostLanes = 8;

// The latest capture of a wheel, or the latest before another one.
const job::Evidence* latestTrace(const job::Case& job, const std::string& circuit,
                                 const job::Evidence* before = nullptr) {
  const job::Evidence* latest = nullptr;
  for (const auto* list : {&job.evidence, &job.proof}) {
    for (const auto& e : *list) {
      if (before && &e == before) {
        return latest;
      }
      if (!e.withdrawn && e.test.circuit == circuit && e.test.kind == circuit::TestKind::waveform) {
        latest = &e;
      }
    }
  }
  return latest;
}

std::string subtitleOf(const trace::ChannelAnalysis& a) {
  std::string text = a.signal == trace::Signal::flat
                         ? say("flat at ") + units::format(a.levels.bias, a.unit)
                         : units::format(a.levels.peakToPeak, a.unit) + " p-p";
  if (a.frequencyHz) {
    text += " \xC2\xB7 " + units::format(a.frequencyHz->median, units::Unit::hertz);
  }
  if (a.speedKmh) {
    text += " \xC2\xB7 " +
            units::formatPlainBand(a.speedKmh->min, a.speedKmh->max, units::Unit::kmh, 1);
  }
  if (a.fluxSwingMwb) {
    text += sayf(" \xC2\xB7 {:.{}f} mWb", *a.fluxSwingMwb, *a.fluxSwingMwb < 10 ? 3 : 0);
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
  lane.subtitle = suspect ? say("suspect") : say("to compare with");
  lane.prompt =
      sayf("Drop a scope capture of {} here (CSV, WAV, VCD), or press O to choose a file.",
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
  lane.pyramid = waveform->second.pyramid.get();
  lane.analysis = analysis->second.get();
  lane.subtitle += " \xC2\xB7 " + subtitleOf(*analysis->second);
  if (const auto c = assessment.waveforms.comparisons.find(e->id);
      suspect && c != assessment.waveforms.comparisons.end()) {
    lane.subtitle +=
        sayf(" \xC2\xB7 {:.0f} % of {} at equal speed", 100 * c->second.ratio, c->second.b);
  }
  return lane;
}

constexpr std::size_t kPerTooth = 12;  // points of an overlaid turn
constexpr std::size_t kTurns = 12;

OverlayWheel overlaid(const std::string& title, Role colour, const capture::Record& record,
                      std::size_t channel, const trace::ChannelAnalysis& analysis) {
  OverlayWheel wheel;
  wheel.title = title;
  wheel.colour = colour;
  wheel.unit = analysis.unit;
  wheel.turns = trace::turnsOf(record, channel, analysis, kPerTooth, kTurns);
  if (analysis.ring) {
    wheel.teeth = analysis.ring->teeth;
    wheel.odd = analysis.ring->irregular;
  }
  return wheel;
}

}  // namespace

std::vector<OverlayWheel> overlayOf(const job::Case& job, const diagnosis::Assessment& assessment) {
  std::vector<OverlayWheel> wheels;
  for (const auto& lane : lanesOf(job, assessment)) {
    if (!lane.record || !lane.analysis) {
      continue;
    }
    const auto* before =
        lane.id == job.suspect ? latestTrace(job, lane.id, latestTrace(job, lane.id)) : nullptr;
    const auto earlier = before ? assessment.waveforms.waveforms.find(before->id)
                                : assessment.waveforms.waveforms.end();
    if (earlier != assessment.waveforms.waveforms.end() && earlier->second.record) {
      wheels.push_back(overlaid(lane.title + say(", earlier"), lane.colour, *earlier->second.record,
                                earlier->second.channel,
                                *assessment.waveforms.analyses.at(before->id)));
    }
    wheels.push_back(overlaid(lane.title, lane.colour, *lane.record, lane.channel, *lane.analysis));
  }
  return wheels;
}

std::vector<Lane> lanesOf(const job::Case& job, const diagnosis::Assessment& assessment) {
  std::vector<Lane> lanes;
  const circuit::Circuit* suspect = job.suspectCircuit();
  if (!suspect) {
    return lanes;
  }
  const circuit::Circuit* peer = circuit::peerOf(job.circuits, *suspect);
  if (peer) {
    lanes.push_back(laneOf(job, assessment, *peer, false));
  }
  for (const auto& circuit : job.circuits) {
    if (&circuit != suspect && &circuit != peer && lanes.size() + 1 < kMostLanes &&
        latestTrace(job, circuit.name)) {
      lanes.push_back(laneOf(job, assessment, circuit, false));
    }
  }
  lanes.push_back(laneOf(job, assessment, *suspect, true));
  return lanes;
}

}  // namespace haybale::picture
