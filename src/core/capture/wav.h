// Captures as WAV: PCM of 16, 24, 32 bit and float, by libsndfile.
#pragma once

#include <optional>
#include <string>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/capture/record.h"

namespace haybale::capture {

struct WavOptions {
  /// Value of a full-scale sample, in the channel's unit. Without it the side file FILE.json is
  /// asked ({"full_scale": 10, "unit": "V"}); without that too, 1 is taken and a remark says so.
  std::optional<double> fullScale;
  std::optional<units::Unit> unit;
  /// Told how far the reading is, in samples; cancels it. May be null.
  Progress* progress = nullptr;
};

/// Reads a file. An error when it is no WAV, holds no sample, is cut off before its data, or the
/// reading was cancelled.
Result<Record> readWavFile(const std::string& path, const WavOptions& options = {});

/// Writes 24-bit PCM and its side file; full scale is a little above the largest value. Lost
/// samples become 0, for WAV knows none. Errors: the record's time is not uniform, the rate is no
/// whole number of hertz below 2^31, or the file cannot be written.
Status writeWavFile(const std::string& path, const Record& record);

}  // namespace haybale::capture
