#include "core/evidence/capture_shelf.h"

#include <filesystem>

#include "core/capture/open.h"

namespace haybale::diagnosis {

namespace {

using Analysed = std::shared_ptr<const trace::ChannelAnalysis>;

bool same(const Wanted& a, const Wanted& b) {
  return a.channel == b.channel && a.options.sensor == b.options.sensor &&
         a.options.teeth == b.options.teeth &&
         a.options.circumferenceM == b.options.circumferenceM &&
         a.options.senseOhm == b.options.senseOhm;
}

Analysed analysed(LoadedCapture& capture, const Wanted& wanted) {
  for (const auto& [done, result] : capture.analyses) {
    if (same(done, wanted)) {
      return result;
    }
  }
  auto result = std::make_shared<const trace::ChannelAnalysis>(
      trace::analyse(*capture.record, wanted.channel, wanted.options));
  capture.analyses.emplace_back(wanted, result);
  return result;
}

std::shared_ptr<const capture::Pyramid> condensed(LoadedCapture& capture, std::size_t channel) {
  capture.pyramids.resize(capture.record->channels.size());
  auto& pyramid = capture.pyramids.at(channel);
  if (!pyramid) {
    pyramid = std::make_shared<const capture::Pyramid>(capture.record->channels[channel].samples);
  }
  return pyramid;
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
    condensed(out, c);
  }
  for (const auto& each : wanted(*out.record)) {
    if (progress && progress->cancelled()) {
      return capture::cancelledReading(path);
    }
    analysed(out, each);
  }
  return out;
}

bool CaptureShelf::wouldDefer(const std::string& path) const {
  std::error_code unknown;
  return !captures_.contains(path) && std::filesystem::is_regular_file(path, unknown) &&
         std::filesystem::file_size(path, unknown) > deferAbove_;
}

Result<std::shared_ptr<const capture::Record>> CaptureShelf::load(const std::string& path) {
  if (const auto it = captures_.find(path); it != captures_.end()) {
    return it->second.record;
  }
  if (const auto it = errors_.find(path); it != errors_.end()) {
    return it->second;
  }
  if (wouldDefer(path)) {
    deferred_.push_back(path);
    return Error{path, std::nullopt, "is being read", ""};
  }
  auto record = capture::openCapture(path);
  if (!record) {
    errors_.emplace(path, record.error());
    return record.error();
  }
  put(path, std::make_shared<const capture::Record>(std::move(*record)));
  return captures_.at(path).record;
}

Analysed CaptureShelf::analysis(const std::string& path, const Wanted& wanted) {
  return analysed(captures_.at(path), wanted);
}

std::shared_ptr<const capture::Pyramid> CaptureShelf::pyramid(const std::string& path,
                                                              std::size_t channel) {
  return condensed(captures_.at(path), channel);
}

void CaptureShelf::put(const std::string& path, std::shared_ptr<const capture::Record> record) {
  LoadedCapture loaded;
  loaded.record = std::move(record);
  put(path, std::move(loaded));
}

void CaptureShelf::put(const std::string& path, LoadedCapture loaded) {
  errors_.erase(path);
  captures_[path] = std::move(loaded);
}

void CaptureShelf::forget(const std::string& path) {
  captures_.erase(path);
  errors_.erase(path);
}

void CaptureShelf::refuse(const std::string& path, Error error) {
  errors_.insert_or_assign(path, std::move(error));
}

std::vector<std::string> CaptureShelf::takeDeferred() {
  return std::exchange(deferred_, {});
}

}  // namespace haybale::diagnosis
