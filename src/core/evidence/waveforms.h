// The captures of a case, loaded and analysed once.
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>

#include "core/evidence/capture_shelf.h"
#include "core/job/case.h"

namespace haybale::diagnosis {

/// What became of the file behind one waveform reading.
struct Waveform {
  std::shared_ptr<const capture::Record> record;  ///< null when the file could not be read
  std::shared_ptr<const capture::Pyramid> pyramid;
  std::size_t channel = 0;
  std::string error;  ///< why not, when `record` is null
};

/// Absolute form of a capture named in a case that lies in `folder`. One that is not where it was,
/// because the job came from another machine, is looked for in the folder itself under its own
/// name.
[[nodiscard]] std::string capturePath(const std::string& file, const std::string& folder);

/// A case that moves from one folder to another: the files it names stay the same ones, by absolute
/// paths. The same folder: as it is.
[[nodiscard]] job::Case withFilesFrom(job::Case c, const std::string& from, const std::string& to);

/// The channel a reading means: the one it names, else the one called like the circuit, else the
/// first.
[[nodiscard]] std::size_t channelFor(const capture::Record& record, const job::Evidence& evidence);

/// Analysis settings that the case knows for a circuit: sensor kind, teeth, circumference.
[[nodiscard]] trace::Options traceOptions(const job::Case& c, const circuit::Circuit& circuit);

/// What the case will want of a capture: one entry a reading that refers to it.
[[nodiscard]] std::vector<Wanted> wantedOf(const job::Case& c, const std::string& folder,
                                           const std::string& path, const capture::Record& record);

/// Analyses by evidence id of every waveform that could be read, each renamed to its circuit,
/// compared with the peer's latest capture, before the repair and after it (weak-output is said on
/// the weaker one). Analyses are shared and never changed. `waveforms` says why one could not be
/// read.
struct WaveformSet {
  std::map<std::string, Waveform> waveforms;
  std::map<std::string, std::shared_ptr<const trace::ChannelAnalysis>> analyses;
  /// By evidence id of the first: against the peer's latest capture.
  std::map<std::string, trace::Comparison> comparisons;
};
[[nodiscard]] WaveformSet analyseWaveforms(const job::Case& c, const std::string& folder,
                                           CaptureShelf& shelf);

}  // namespace haybale::diagnosis
