#include "core/capture/csv_preview.h"

#include <algorithm>

#include "core/base/text.h"
#include "core/capture/mapped_file.h"

namespace haybale::capture {

namespace {

constexpr std::size_t kPreviewed = 1U << 18;  // bytes
constexpr std::size_t kRows = 9;
constexpr std::size_t kAbove = 4;
constexpr std::size_t kMostCells = 16;

std::vector<std::string> cellsOf(std::string_view line, std::optional<char> separator) {
  auto cells = separator ? csv::split(line, *separator) : std::vector{std::string(line)};
  cells.resize(std::min(cells.size(), kMostCells));
  for (auto& cell : cells) {
    cell = text::toUtf8(text::shortened(cell, 40));
  }
  return cells;
}

bool mostHoldDigits(const std::vector<CsvPreview::Row>& rows) {
  const auto holds = std::count_if(rows.begin(), rows.end(), [](const CsvPreview::Row& row) {
    return std::any_of(row.cells.begin(), row.cells.end(), [](const std::string& cell) {
      return cell.find_first_of("0123456789") != std::string::npos;
    });
  });
  return holds > 1 && 2 * static_cast<std::size_t>(holds) > rows.size();
}

}  // namespace

Result<CsvPreview> previewCsv(const std::string& path, const CsvHints& hints) {
  const auto file = MappedFile::open(path);
  if (!file) {
    return file.error();
  }
  std::string storage;
  const auto text = csv::decode(file->bytes().substr(0, kPreviewed), path, storage);
  if (!text) {
    return text.error();
  }
  CsvPreview out{{}, csv::recognise(*text, path, hints), false, false};
  const bool found = out.dialect.ok();
  if (found) {
    out.needsRate = !out.dialect->timeColumn && !out.dialect->stepS;
  }
  const std::size_t first = found ? out.dialect->firstRow : hints.firstRow.value_or(1);
  const auto separator = found ? std::optional(out.dialect->separator) : hints.separator;
  std::string_view rest = *text;
  for (std::size_t number = 1; !rest.empty() && out.rows.size() < kRows; ++number) {
    const csv::Line line = csv::takeLine(rest);
    rest = line.after;
    if (number + kAbove >= first && !text::trimmed(line.text).empty()) {
      out.rows.push_back({number, cellsOf(line.text, separator)});
    }
  }
  out.worthAsking = found ? out.needsRate : mostHoldDigits(out.rows);
  return out;
}

}  // namespace haybale::capture
