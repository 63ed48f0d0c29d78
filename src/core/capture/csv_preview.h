// The first lines of a CSV file as they are taken apart, for whoever wants to see how it is read.
#pragma once

#include "core/capture/csv_dialect.h"

namespace haybale::capture {

struct CsvPreview {
  struct Row {
    std::size_t number = 0;  ///< line of the file, from 1
    std::vector<std::string> cells;
  };
  std::vector<Row> rows;  ///< the last few lines above the table, and its first rows
  /// How the table is read; or why it cannot be.
  Result<csv::Dialect> dialect;
  /// No time column and no rate: samples cannot be set in time.
  bool needsRate = false;
  /// Whether saying more may help: a table without times, or lines most of which hold digits.
  bool worthAsking = false;
};

/// Looks at the beginning of a file with what the hints say of it. Where no table is found the
/// lines are cut at the separator of the hints, or left whole. Errors: the file cannot be read, or
/// is no text.
Result<CsvPreview> previewCsv(const std::string& path, const CsvHints& hints);

}  // namespace haybale::capture
