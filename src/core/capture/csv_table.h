// The table of a CSV file, read in pieces on all cores straight into its columns.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/capture/csv_dialect.h"
#include "core/capture/record.h"

namespace haybale::capture::csv {

struct TableInput {
  const Dialect& dialect;
  std::string_view data;    ///< from the first row on
  const std::string& name;  ///< for messages
  std::optional<std::size_t> timeColumn;
  Progress* progress = nullptr;  ///< in bytes; may be null
  /// Told of stretches of `data` (first byte, behind the last) that are no longer needed.
  std::function<void(std::size_t, std::size_t)> forget = {};
};

struct Table {
  /// One vector a column of the dialect, scaled to base units; NaN is a lost sample. That of the
  /// time column is empty.
  std::vector<std::vector<float>> columns;
  std::optional<TimeBase> time;      ///< with a time column
  std::vector<std::string> remarks;  ///< broken rows, by line
};

/// Reads the rows twice: once to count them, once to fill the columns. Memory beside the columns:
/// none that grows with the file, unless the time steps are not uniform.
/// Rows without a number in them are lost samples; those behind the last number are left out.
/// Errors: time that runs backwards or stands still (with its line), fewer than two rows with a
/// time, cancelled.
Result<Table> readTable(const TableInput& input);

}  // namespace haybale::capture::csv
