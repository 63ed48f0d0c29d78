#include "core/diagnosis/waveforms.h"

#include <filesystem>

#include "core/base/text.h"
#include "core/capture/open.h"

namespace haybale::diagnosis {

Result<std::shared_ptr<const capture::Record>> CaptureShelf::load(const std::string& path) {
  if (const auto it = records_.find(path); it != records_.end()) {
    return it->second;
  }
  if (const auto it = errors_.find(path); it != errors_.end()) {
    return it->second;
  }
  auto record = capture::openCapture(path);
  if (!record) {
    errors_.emplace(path, record.error());
    return record.error();
  }
  auto shared = std::make_shared<const capture::Record>(std::move(*record));
  records_.emplace(path, shared);
  return shared;
}

void CaptureShelf::put(const std::string& path, std::shared_ptr<const capture::Record> record) {
  errors_.erase(path);
  records_[path] = std::move(record);
}

std::string capturePath(const std::string& file, const std::string& folder) {
  const std::filesystem::path path(file);
  return path.is_absolute() ? file
                            : (std::filesystem::path(folder) / path).lexically_normal().string();
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

const job::Evidence* latestWaveform(const job::Case& c, const WaveformSet& set,
                                    const std::string& circuit) {
  const job::Evidence* latest = nullptr;
  for (const auto& e : c.evidence) {
    if (!e.withdrawn && e.test.circuit == circuit && set.analyses.contains(e.id)) {
      latest = &e;
    }
  }
  return latest;
}

}  // namespace

WaveformSet analyseWaveforms(const job::Case& c, const std::string& folder, CaptureShelf& shelf) {
  WaveformSet out;
  for (const auto& e : c.evidence) {
    const circuit::Circuit* circuit = c.find(e.test.circuit);
    if (e.test.kind != circuit::TestKind::waveform || !circuit || e.reading.file.empty()) {
      continue;
    }
    Waveform& waveform = out.waveforms[e.id];
    const auto record = shelf.load(capturePath(e.reading.file, folder));
    if (!record) {
      waveform.error = record.error().sentence();
      continue;
    }
    waveform.record = *record;
    waveform.channel = channelFor(**record, e);
    trace::ChannelAnalysis analysis =
        trace::analyse(**record, waveform.channel, traceOptions(c, *circuit));
    analysis.name = circuit->name;
    out.analyses.emplace(e.id, std::move(analysis));
  }
  for (const auto& circuit : c.circuits) {
    const circuit::Circuit* peer = circuit::peerOf(c.circuits, circuit);
    const job::Evidence* own = latestWaveform(c, out, circuit.name);
    const job::Evidence* other = peer ? latestWaveform(c, out, peer->name) : nullptr;
    if (!own || !other) {
      continue;
    }
    auto& a = out.analyses.at(own->id);
    auto& b = out.analyses.at(other->id);
    if (const auto comparison = trace::compare(a, b)) {
      if (comparison->ratio < 1) {
        trace::applyComparison(*comparison, a, b);
      }
      out.comparisons.emplace(own->id, *comparison);
    }
  }
  return out;
}

}  // namespace haybale::diagnosis
