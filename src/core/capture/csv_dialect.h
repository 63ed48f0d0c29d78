// How one CSV file is written: separator, decimal mark, where the table starts, what its columns
// are.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/units/quantity.h"

namespace haybale::capture::csv {

/// UTF-8 text of a file in UTF-8 or UTF-16 (with byte order mark), the mark taken off: a part of
/// `bytes`, or of `storage` when it had to be converted.
Result<std::string_view> decode(std::string_view bytes, const std::string& name,
                                std::string& storage);

/// A line without its end, and what follows it.
struct Line {
  std::string_view text;
  std::string_view after;
};
[[nodiscard]] Line takeLine(std::string_view text);

/// The fields of one line; quotes taken off, doubled quotes made single, blanks trimmed.
[[nodiscard]] std::vector<std::string> split(std::string_view line, char separator);

/// Reads a cell: a number, or NaN for an over-range marker or an empty cell. Empty for anything
/// else.
[[nodiscard]] std::optional<double> cellNumber(std::string_view cell, bool decimalComma);

struct Column {
  std::string name;
  units::Unit unit = units::Unit::none;  ///< none when the file does not say
  double scale = 1;                      ///< to the base unit
  bool isTime = false;
};

struct Dialect {
  char separator = ',';
  bool decimalComma = false;
  char lineEnd = '\n';        ///< last character of a line's end: \n, or \r where there is no \n
  std::size_t firstRow = 0;   ///< number of the first line of data, counted from 1
  std::size_t firstByte = 0;  ///< where that line starts
  std::vector<Column> columns;
  std::optional<double> stepS;  ///< from the preamble
};

/// Looks at the first few hundred lines of `text` and finds the table.
Result<Dialect> recognise(std::string_view text, const std::string& name);

}  // namespace haybale::capture::csv
