#include "core/evidence/capture_shelf.h"

#include <filesystem>

#include "core/base/say.h"
#include "core/capture/open.h"

namespace haybale::diagnosis {

namespace {

using Analysed = std::shared_ptr<const trace::ChannelAnalysis>;

bool same(const Wanted& a, const Wanted& b) {
  return a.channel == b.channel && a.options.sensor == b.options.sensor &&
         a.options.teeth == b.options.teeth &&
         a.options.circumferenceM == b.options.circumferenceM &&
         a.options.senseOhm == b.options.senseOhm && a.options.turnsAtHz == b.options.turnsAtHz;
}

// What was worked out already; null when nothing was.
Analysed doneOf(const LoadedCapture& capture, const Wanted& wanted) {
  for (const auto& [done, result] : capture.analyses) {
    if (same(done, wanted)) {
      return result;
    }
  }
  return nullptr;
}

Analysed analyse(const capture::Record& record, const Wanted& wanted) {
  return std::make_shared<const trace::ChannelAnalysis>(
      trace::analyse(record, wanted.channel, wanted.options));
}

std::shared_ptr<const capture::Pyramid> condense(const capture::Record& record,
                                                 std::size_t channel) {
  return std::make_shared<const capture::Pyramid>(record.channels.at(channel).samples);
}

}  // namespace

Result<LoadedCapture> loadCapture(
    const std::string& path,
    const std::function<std::vector<Wanted>(const capture::Record&)>& wanted, Progress* progress) {
  capture::OpenOptions options;
  options.progress = progress;
  auto record = capture::openCapture(path, options);
  if (!record) {
    return record.error();
  }
  LoadedCapture out;
  out.record = std::make_shared<const capture::Record>(std::move(*record));
  for (std::size_t c = 0; c < out.record->channels.size(); ++c) {
    out.pyramids.push_back(condense(*out.record, c));
  }
  for (const auto& each : wanted(*out.record)) {
    if (progress && progress->cancelled()) {
      return capture::cancelledReading(path);
    }
    if (!doneOf(out, each)) {
      out.analyses.emplace_back(each, analyse(*out.record, each));
    }
  }
  return out;
}

bool CaptureShelf::wouldDefer(const std::string& path) const {
  const std::lock_guard lock(mutex_);
  std::error_code unknown;
  return !captures_.contains(path) && std::filesystem::is_regular_file(path, unknown) &&
         std::filesystem::file_size(path, unknown) > deferAbove_;
}

Result<std::shared_ptr<const capture::Record>> CaptureShelf::load(const std::string& path) {
  {
    const std::lock_guard lock(mutex_);
    if (const auto it = captures_.find(path); it != captures_.end()) {
      return it->second.record;
    }
    if (const auto it = errors_.find(path); it != errors_.end()) {
      return it->second;
    }
  }
  if (wouldDefer(path)) {
    const std::lock_guard lock(mutex_);
    deferred_.push_back(path);
    return Error{path, std::nullopt, say("is being read"), ""};
  }
  auto record = capture::openCapture(path);
  if (!record) {
    refuse(path, record.error());
    return record.error();
  }
  LoadedCapture loaded;
  loaded.record = std::make_shared<const capture::Record>(std::move(*record));
  const std::lock_guard lock(mutex_);
  errors_.erase(path);
  return captures_.try_emplace(path, std::move(loaded)).first->second.record;
}

LoadedCapture* CaptureShelf::holding(const std::string& path, const Recorded& record) {
  const auto it = captures_.find(path);
  return it != captures_.end() && it->second.record == record ? &it->second : nullptr;
}

Analysed CaptureShelf::analysis(const std::string& path, const Recorded& record,
                                const Wanted& wanted) {
  {
    const std::lock_guard lock(mutex_);
    const auto* capture = holding(path, record);
    if (auto done = capture ? doneOf(*capture, wanted) : nullptr) {
      return done;
    }
  }
  auto made = analyse(*record, wanted);
  const std::lock_guard lock(mutex_);
  if (auto* capture = holding(path, record); capture && !doneOf(*capture, wanted)) {
    capture->analyses.emplace_back(wanted, made);
  }
  return made;
}

std::shared_ptr<const capture::Pyramid> CaptureShelf::pyramid(const std::string& path,
                                                              const Recorded& record,
                                                              std::size_t channel) {
  {
    const std::lock_guard lock(mutex_);
    const auto* capture = holding(path, record);
    if (capture && channel < capture->pyramids.size() && capture->pyramids[channel]) {
      return capture->pyramids[channel];
    }
  }
  auto made = condense(*record, channel);
  const std::lock_guard lock(mutex_);
  if (auto* capture = holding(path, record)) {
    capture->pyramids.resize(record->channels.size());
    capture->pyramids[channel] = made;
  }
  return made;
}

void CaptureShelf::put(const std::string& path, std::shared_ptr<const capture::Record> record) {
  LoadedCapture loaded;
  loaded.record = std::move(record);
  put(path, std::move(loaded));
}

void CaptureShelf::put(const std::string& path, LoadedCapture loaded) {
  const std::lock_guard lock(mutex_);
  errors_.erase(path);
  captures_[path] = std::move(loaded);
}

void CaptureShelf::forget(const std::string& path) {
  const std::lock_guard lock(mutex_);
  captures_.erase(path);
  errors_.erase(path);
}

void CaptureShelf::refuse(const std::string& path, Error error) {
  const std::lock_guard lock(mutex_);
  errors_.insert_or_assign(path, std::move(error));
}

std::vector<std::string> CaptureShelf::takeDeferred() {
  const std::lock_guard lock(mutex_);
  return std::exchange(deferred_, {});
}

}  // namespace haybale::diagnosis
