// Reads captures from CSV as oscilloscopes and loggers write it, without being told the dialect.
//
// Recognised: comma, semicolon, tab; decimal point or comma; quoted fields; UTF-8 with or without
// BOM, UTF-16 with BOM; LF, CRLF, CR; preamble lines; a units row or units in the header; time in
// s, ms, µs, ns; values in V, mV, A, mA; a rate or interval in the preamble instead of a time
// column; over-range markers as gaps.
#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/capture/csv_hints.h"
#include "core/capture/record.h"

namespace haybale::capture {

struct CsvOptions {
  /// Rate of a file without a time column, in Hz; overrides what the preamble says.
  std::optional<double> sampleRateHz;
  /// Unit of channels that name none.
  units::Unit unit = units::Unit::volt;
  /// What is known of how the file is written; the rest is recognised.
  CsvHints hints = {};
  /// Told how far the reading is; cancels it. May be null.
  Progress* progress = nullptr;
};

/// Reads the text of a CSV file. `name` is only used in messages.
/// Rows broken in part become gaps and are named in `Record::remarks`. An error when no table of
/// numbers is found, when the time runs backwards or stands still (with its line), when there is no
/// time and no rate, or nothing sound is left.
Result<Record> readCsv(std::string_view bytes, const std::string& name,
                       const CsvOptions& options = {});

/// Reads a file from disk, mapped and on all cores; memory beside the samples does not grow with
/// the file unless it is in UTF-16 or its time steps are not uniform.
Result<Record> readCsvFile(const std::string& path, const CsvOptions& options = {});

/// The record as CSV: header "Time [s],NAME [V],...", point and comma, seven significant digits;
/// gaps as empty cells.
[[nodiscard]] std::string writeCsv(const Record& record);

}  // namespace haybale::capture
