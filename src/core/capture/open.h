// Opens a capture whatever its format: WAV, value change dump or CSV, told by its first bytes.
#pragma once

#include "core/capture/csv.h"
#include "core/capture/wav.h"

namespace haybale::capture {

struct OpenOptions {
  CsvOptions csv;
  WavOptions wav;
  /// Told how far the reading is; cancels it. May be null.
  Progress* progress = nullptr;
};

/// Errors as those of the reader chosen. How a CSV file is written is also asked of its side file
/// (csv_hints.h); what the options say comes before it, and a side file that is not sound is named
/// in the remarks and left aside.
Result<Record> openCapture(const std::string& path, const OpenOptions& options = {});

/// Writes by the ending of the name: .wav, else CSV.
Status saveCapture(const std::string& path, const Record& record);

}  // namespace haybale::capture
