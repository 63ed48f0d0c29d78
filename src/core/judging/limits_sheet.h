// A sheet of limits for one vehicle: what its service information says, with page and date. JSON
// (docs/formats/limits.schema.json) or CSV, told apart by their first sign.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/judging/limit.h"

namespace haybale::judging {

struct LimitsSheet {
  std::string vehicle;
  std::string source;  ///< of the whole sheet; a limit's own goes before it
  std::string date;    ///< ISO 8601
  std::vector<Limit> limits;
  Rest rest;
};

/// Reads either form. The CSV has a header row with any of quantity, min, max, left_right_ratio,
/// at_celsius, provenance, source, in any order, separated by comma, semicolon or tab; `#
/// vehicle:`,
/// `# source:` and `# date:` lines may stand before it. Numbers are in V, Ω, or as typed ("20M").
/// Errors name the line or the member.
Result<LimitsSheet> parseLimitsSheet(std::string_view text, const std::string& name);

[[nodiscard]] std::string limitsSheetJson(const LimitsSheet& sheet);
[[nodiscard]] std::string limitsSheetCsv(const LimitsSheet& sheet);

/// Sheets that come with the program: generic, each value marked published or common practice.
[[nodiscard]] const std::vector<LimitsSheet>& genericSheets();

/// Puts the sheet's limits over those there are: one of the same quantity is replaced. The sheet's
/// source and date go into a limit without its own.
void applySheet(const LimitsSheet& sheet, std::vector<Limit>& limits);

}  // namespace haybale::judging
