// Opens a capture whatever its format: WAV, value change dump or CSV, told by its first bytes.
#pragma once

#include "core/capture/csv.h"
#include "core/capture/wav.h"

namespace haybale::capture {

struct OpenOptions {
  CsvOptions csv;
  WavOptions wav;
};

/// Errors as those of the reader chosen.
Result<Record> openCapture(const std::string& path, const OpenOptions& options = {});

/// Writes by the ending of the name: .wav, else CSV.
Status saveCapture(const std::string& path, const Record& record);

}  // namespace haybale::capture
