#include "core/evidence/waveforms.h"

#include <algorithm>
#include <filesystem>

#include "core/base/text.h"
#include "core/trace/at_mains.h"
#include "core/trace/common_mode.h"

namespace haybale::diagnosis {

std::string capturePath(const std::string& file, const std::string& folder) {
  const std::filesystem::path path(file);
  const std::string there =
      path.is_absolute() ? file
                         : (std::filesystem::path(folder) / path).lexically_normal().string();
  std::error_code error;
  if (std::filesystem::exists(there, error)) {
    return there;
  }
  const auto beside = std::filesystem::path(folder) / path.filename();
  return std::filesystem::is_regular_file(beside, error) ? beside.string() : there;
}

job::Case withFilesFrom(job::Case c, const std::string& from, const std::string& to) {
  if (from == to) {
    return c;
  }
  const auto pin = [&](std::string& file) { file = file.empty() ? file : capturePath(file, from); };
  for (auto* list : {&c.evidence, &c.proof}) {
    for (auto& e : *list) {
      pin(e.reading.file);
      std::for_each(e.attachments.begin(), e.attachments.end(), pin);
    }
  }
  return c;
}

std::size_t channelFor(const capture::Record& record, const job::Evidence& evidence) {
  for (const std::string& wanted : {evidence.reading.channel, evidence.test.circuit}) {
    for (std::size_t i = 0; i < record.channels.size(); ++i) {
      if (!wanted.empty() && text::lower(record.channels[i].name) == text::lower(wanted)) {
        return i;
      }
    }
  }
  return 0;
}

trace::Options traceOptions(const job::Case& c, const circuit::Circuit& circuit) {
  trace::Options options;
  options.sensor = circuit.sensor.kind;
  if (circuit.sensor.teeth) {
    options.teeth = *circuit.sensor.teeth;
  }
  options.circumferenceM = c.rollingCircumferenceM();
  return options;
}

namespace {

// All that was read, before the repair and after it.
std::vector<const job::Evidence*> readings(const job::Case& c) {
  std::vector<const job::Evidence*> out;
  for (const auto* list : {&c.evidence, &c.proof}) {
    for (const auto& e : *list) {
      out.push_back(&e);
    }
  }
  return out;
}

const job::Evidence* latestWaveform(const std::vector<job::Evidence>& list, const WaveformSet& set,
                                    const std::string& circuit) {
  const job::Evidence* latest = nullptr;
  for (const auto& e : list) {
    if (!e.withdrawn && e.test.circuit == circuit && set.analyses.contains(e.id)) {
      latest = &e;
    }
  }
  return latest;
}

using Analysed = std::shared_ptr<const trace::ChannelAnalysis>;

// The analysis under the circuit's name; the same one where it bears it already.
Analysed named(Analysed analysis, const std::string& name) {
  if (analysis->name == name) {
    return analysis;
  }
  auto copy = std::make_shared<trace::ChannelAnalysis>(*analysis);
  copy->name = name;
  return copy;
}

// One wheel's latest trace against its peer's: what is weaker says so.
void compareWith(WaveformSet& out, const job::Evidence& own, const job::Evidence& other) {
  auto& a = out.analyses.at(own.id);
  auto& b = out.analyses.at(other.id);
  const auto comparison = trace::compare(*a, *b);
  if (!comparison) {
    return;
  }
  if (comparison->ratio < 1) {
    auto weak = std::make_shared<trace::ChannelAnalysis>(*a);
    auto strong = std::make_shared<trace::ChannelAnalysis>(*b);
    trace::applyComparison(*comparison, *weak, *strong);
    a = std::move(weak);
    b = std::move(strong);
  }
  out.comparisons.insert_or_assign(own.id, *comparison);
}

// Wheels that were recorded together: what disturbs them together is of none of their lines.
void tellCommonOf(WaveformSet& out) {
  std::map<const capture::Record*, std::map<std::size_t, std::string>> together;  // ids by channel
  for (const auto& [id, waveform] : out.waveforms) {
    if (waveform.record && out.analyses.contains(id)) {
      together[waveform.record.get()].emplace(waveform.channel, id);
    }
  }
  for (const auto& [record, ids] : together) {
    const auto lost = std::count_if(ids.begin(), ids.end(), [&](const auto& entry) {
      const auto& a = *out.analyses.at(entry.second);
      return !a.dropouts.empty() || a.levelSteps > 0;
    });
    if (lost < 2) {
      continue;
    }
    std::vector<std::shared_ptr<trace::ChannelAnalysis>> copies;
    std::vector<trace::ChannelAnalysis*> channels;
    for (const auto& [channel, id] : ids) {
      copies.push_back(std::make_shared<trace::ChannelAnalysis>(*out.analyses.at(id)));
      channels.push_back(copies.back().get());
    }
    trace::tellCommon(channels);
    std::size_t at = 0;
    for (const auto& [channel, id] : ids) {
      out.analyses.at(id) = copies[at++];
    }
  }
}

// A weak wheel that turns at the mains' frequency, as another of the same car does, is no hum.
void tellFromHum(WaveformSet& out, const job::Case& c, const std::string& folder,
                 CaptureShelf& shelf) {
  std::map<std::string, Analysed> turning;
  const auto all = readings(c);
  for (const auto* e : all) {
    const auto own = out.analyses.find(e->id);
    if (own == out.analyses.end() || own->second->signal != trace::Signal::flat) {
      continue;
    }
    std::vector<const trace::ChannelAnalysis*> others;
    for (const auto* other : all) {
      const auto it = out.analyses.find(other->id);
      if (!other->withdrawn && other->test.circuit != e->test.circuit && it != out.analyses.end()) {
        others.push_back(it->second.get());
      }
    }
    if (const auto hz = trace::turnsAtMains(*own->second, others)) {
      const auto* circuit = c.find(e->test.circuit);
      const auto& waveform = out.waveforms.at(e->id);
      Wanted wanted{waveform.channel, traceOptions(c, *circuit)};
      wanted.options.turnsAtHz = hz;
      const std::string path = capturePath(e->reading.file, folder);
      turning.emplace(e->id, named(shelf.analysis(path, waveform.record, wanted), circuit->name));
    }
  }
  for (auto& [id, analysis] : turning) {
    out.analyses.at(id) = std::move(analysis);
  }
}

}  // namespace

std::vector<Wanted> wantedOf(const job::Case& c, const std::string& folder, const std::string& path,
                             const capture::Record& record) {
  std::vector<Wanted> out;
  for (const auto* e : readings(c)) {
    const circuit::Circuit* circuit = c.find(e->test.circuit);
    if (circuit && !e->reading.file.empty() && capturePath(e->reading.file, folder) == path) {
      out.push_back({channelFor(record, *e), traceOptions(c, *circuit)});
    }
  }
  return out;
}

WaveformSet analyseWaveforms(const job::Case& c, const std::string& folder, CaptureShelf& shelf) {
  WaveformSet out;
  for (const auto* reading : readings(c)) {
    const auto& e = *reading;
    const circuit::Circuit* circuit = c.find(e.test.circuit);
    if (e.test.kind != circuit::TestKind::waveform || !circuit || e.reading.file.empty()) {
      continue;
    }
    Waveform& waveform = out.waveforms[e.id];
    const std::string path = capturePath(e.reading.file, folder);
    const auto record = shelf.load(path);
    if (!record) {
      waveform.error = record.error().sentence();
      continue;
    }
    waveform.record = *record;
    waveform.channel = channelFor(**record, e);
    waveform.pyramid = shelf.pyramid(path, *record, waveform.channel);
    out.analyses.emplace(
        e.id, named(shelf.analysis(path, *record, {waveform.channel, traceOptions(c, *circuit)}),
                    circuit->name));
  }
  tellFromHum(out, c, folder, shelf);
  tellCommonOf(out);
  for (const auto& circuit : c.circuits) {
    const circuit::Circuit* peer = circuit::peerOf(c.circuits, circuit);
    if (!peer) {
      continue;
    }
    const auto* after = latestWaveform(c.proof, out, peer->name);
    const auto* before = latestWaveform(c.evidence, out, peer->name);
    // What was recorded before the repair and after it, each against the peer as it was last seen.
    for (const auto* list : {&c.evidence, &c.proof}) {
      const auto* own = latestWaveform(*list, out, circuit.name);
      const auto* other = list == &c.proof && after ? after : before ? before : after;
      if (own && other) {
        compareWith(out, *own, *other);
      }
    }
  }
  return out;
}

}  // namespace haybale::diagnosis
