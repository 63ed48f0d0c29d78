// How one CSV file is written: separator, decimal mark, where the table starts, what its columns
// are.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/capture/csv_hints.h"
#include "core/capture/csv_text.h"
#include "core/units/quantity.h"

namespace haybale::capture::csv {

struct Column {
  std::string name;
  units::Unit unit = units::Unit::none;  ///< none when the file does not say
  double scale = 1;                      ///< to the base unit
  bool isTime = false;
};

/// The doubt of a time column that nothing names.
inline constexpr std::string_view kTimeGuessed =
    "no column is called time: the first one was taken, in seconds";

struct Dialect {
  char separator = ',';
  bool decimalComma = false;
  char lineEnd = '\n';        ///< last character of a line's end: \n, or \r where there is no \n
  std::size_t firstRow = 0;   ///< number of the first line of data, counted from 1
  std::size_t firstByte = 0;  ///< where that line starts
  std::vector<Column> columns;
  std::optional<double> stepS;  ///< from the preamble or the hints
  std::optional<std::size_t> timeColumn;
  /// What had to be taken for granted, one sentence each.
  std::vector<std::string> doubts;
  bool timeGuessed = false;  ///< no heading and no hint says which column is the time
};

/// Looks at the first few hundred lines of `text` and finds the table, as far as the hints do not
/// say where and how it is. A column is the time because a hint or its heading says so, or because
/// it is the first, no rate is known, and its first rows only rise.
Result<Dialect> recognise(std::string_view text, const std::string& name,
                          const CsvHints& hints = {});

/// Whether a column only counts the samples, by its name.
[[nodiscard]] bool isIndexName(const std::string& name);

}  // namespace haybale::capture::csv
