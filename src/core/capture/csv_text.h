// The text of a CSV file: its encoding, its lines, its cells.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

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

}  // namespace haybale::capture::csv
