// The captures of a case: each read, condensed and analysed once.
#pragma once

#include <functional>
#include <map>
#include <memory>
#include <mutex>
#include <string>
#include <vector>

#include "core/base/progress.h"
#include "core/capture/pyramid.h"
#include "core/capture/record.h"
#include "core/trace/analysis.h"

namespace haybale::diagnosis {

/// A record that may be shared by threads: nobody changes it.
using Recorded = std::shared_ptr<const capture::Record>;

/// What is to be worked out of a channel of a capture.
struct Wanted {
  std::size_t channel = 0;
  trace::Options options;
};

/// A record with what was worked out of it; made by one thread, handed over whole.
struct LoadedCapture {
  Recorded record;
  std::vector<std::shared_ptr<const capture::Pyramid>> pyramids;  ///< one a channel
  std::vector<std::pair<Wanted, std::shared_ptr<const trace::ChannelAnalysis>>> analyses;
};

/// Reads a file and works out all there is to show of it. `wanted` is asked once the channels are
/// known. Safe to call from any thread; `progress` may be null.
Result<LoadedCapture> loadCapture(
    const std::string& path,
    const std::function<std::vector<Wanted>(const capture::Record&)>& wanted, Progress* progress);

/// Captures by path. Safe from any thread: none waits while another reads or analyses, so that two
/// that want the same at once may both work it out; the first one stays.
class CaptureShelf {
 public:
  /// The record of `path`, read on the first call; or why not.
  Result<Recorded> load(const std::string& path);
  /// The analysis of a channel of a record that `load` gave, worked out on the first call. A record
  /// that was taken off the shelf meanwhile is analysed all the same, and not kept.
  [[nodiscard]] std::shared_ptr<const trace::ChannelAnalysis> analysis(const std::string& path,
                                                                       const Recorded& record,
                                                                       const Wanted& wanted);
  /// The ranges of a channel of a record, likewise.
  [[nodiscard]] std::shared_ptr<const capture::Pyramid> pyramid(const std::string& path,
                                                                const Recorded& record,
                                                                std::size_t channel);

  /// Puts a record in place of a file, e.g. one read elsewhere.
  void put(const std::string& path, Recorded record);
  /// The same with what was worked out of it already.
  void put(const std::string& path, LoadedCapture loaded);
  /// Takes a record off the shelf; it is read anew when it is wanted again.
  void forget(const std::string& path);
  /// Makes `load` answer with this error until something is put in its place.
  void refuse(const std::string& path, Error error);

  /// Files larger than this are not read by `load`, which answers "is being read" and notes them
  /// in `deferred`, for another thread to read. Without it every file is read at once.
  void deferAbove(std::size_t bytes) { deferAbove_ = bytes; }
  /// Paths noted since the last call.
  [[nodiscard]] std::vector<std::string> takeDeferred();
  /// Whether `load` would put this file off.
  [[nodiscard]] bool wouldDefer(const std::string& path) const;

 private:
  LoadedCapture* holding(const std::string& path, const Recorded& record);

  mutable std::mutex mutex_;  // of all below; never held while something is worked out
  std::map<std::string, LoadedCapture> captures_;
  std::map<std::string, Error> errors_;
  std::vector<std::string> deferred_;
  std::size_t deferAbove_ = static_cast<std::size_t>(-1);
};

}  // namespace haybale::diagnosis
