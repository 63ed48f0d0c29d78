// What the user says about how a CSV file is written, where recognising it went wrong or had to
// guess. Kept in a side file next to the capture, FILE.json, so that whoever opens the capture
// reads it the same way:
//   { "separator": ";", "decimal": ",", "first_row": 4, "time_column": 1, "time_unit": "ms",
//     "sample_rate_hz": 10000, "unit": "mV" }
// Every member may be left out; `time_column` 0 means that there is none.
#pragma once

#include <cstddef>
#include <optional>
#include <string>

#include "core/base/result.h"
#include "core/units/quantity.h"

namespace haybale::capture {

/// A unit as a capture names it.
struct UnitScale {
  units::Unit unit = units::Unit::none;
  double scale = 1;  ///< to the base unit
};
/// "ms", "µs", "mV", "A", whatever the case. Empty for anything that is no unit of time, voltage or
/// current.
[[nodiscard]] std::optional<UnitScale> unitNamed(std::string_view text);

/// Empty members are recognised from the file.
struct CsvHints {
  std::optional<char> separator;           ///< comma, semicolon or tab
  std::optional<char> decimal;             ///< point or comma
  std::optional<std::size_t> firstRow;     ///< number of the first line of data, from 1
  std::optional<std::size_t> timeColumn;   ///< from 1; 0: no column is the time
  std::optional<std::string> timeUnit;     ///< of the time column: "s", "ms", "us", "ns"
  std::optional<double> sampleRateHz;      ///< of a file without a time column
  std::optional<std::string> channelUnit;  ///< of every other column: "V", "mV", "A", "mA"

  bool operator==(const CsvHints&) const = default;
  [[nodiscard]] bool empty() const { return *this == CsvHints{}; }
};

/// Name of the side file of a capture.
[[nodiscard]] std::string sideFileOf(const std::string& path);

/// Reads the text of a side file. Errors: it is no JSON object, or a member cannot be what it says.
Result<CsvHints> parseHints(std::string_view text, const std::string& name);

/// Reads the side file of a capture. Nothing said when there is none. Errors: as `parseHints`, or
/// it cannot be read.
Result<CsvHints> readHints(const std::string& path);

/// Writes the side file, or takes it away when nothing is said; members of other programs stay. A
/// side file that is no JSON object is left as it is: an error.
Status writeHints(const std::string& path, const CsvHints& hints);

}  // namespace haybale::capture
