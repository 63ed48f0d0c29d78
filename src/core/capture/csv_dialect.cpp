#include "core/capture/csv_dialect.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::capture::csv {

namespace {

constexpr std::size_t kLookAhead = 400;  // lines of preamble at most

// "(ms)", "[V]" or "mV" standing alone: a cell of a units row.
std::optional<UnitScale> unitCell(std::string_view cell) {
  cell = text::trimmed(cell);
  if (cell.size() > 2 && ((cell.front() == '(' && cell.back() == ')') ||
                          (cell.front() == '[' && cell.back() == ']'))) {
    cell = cell.substr(1, cell.size() - 2);
  }
  return unitNamed(cell);
}

bool saysTime(std::string_view name) {
  const std::string word = text::lower(name);
  return word.starts_with("time") || word == "t" || word.starts_with("zeit") ||
         word.starts_with("x-axis") || word == "x" || word.starts_with("second") ||
         word.starts_with("timestamp") || word.starts_with("temps") || word.starts_with("tiempo");
}

// "CH1 (V)", "Time [s]", "CH1/mV", "wheel RR"
Column columnFrom(std::string_view cell) {
  Column column;
  std::string_view name = text::trimmed(cell);
  std::optional<UnitScale> unit;
  const char close = name.empty() ? ' ' : name.back();
  if (close == ')' || close == ']') {
    const std::size_t open = name.rfind(close == ')' ? '(' : '[');
    unit = open == std::string_view::npos
               ? std::nullopt
               : unitNamed(name.substr(open + 1, name.size() - open - 2));
    name = unit ? text::trimmed(name.substr(0, open)) : name;
  } else if (const std::size_t slash = name.find_last_of("/_");
             slash != std::string_view::npos && slash > 0) {
    unit = unitNamed(name.substr(slash + 1));
    name = unit ? text::trimmed(name.substr(0, slash)) : name;
  }
  column.name = text::shortened(name, 80);
  column.isTime = saysTime(name);
  if (unit) {
    column.unit = unit->unit;
    column.scale = unit->scale;
    column.isTime = column.isTime || unit->unit == units::Unit::second;
  }
  return column;
}

struct Row {
  std::string_view text;
  std::size_t number = 0;
  std::size_t byte = 0;
};

std::vector<Row> firstLines(std::string_view text) {
  std::vector<Row> rows;
  std::string_view rest = text;
  for (std::size_t number = 1; number <= kLookAhead && !rest.empty(); ++number) {
    const Line line = takeLine(rest);
    if (!text::trimmed(line.text).empty()) {
      rows.push_back({line.text, number, static_cast<std::size_t>(rest.data() - text.data())});
    }
    rest = line.after;
  }
  return rows;
}

// Number of columns when every field is a number or a lost sample and at least one is a number; 0
// otherwise.
std::size_t numericColumns(std::string_view line, char separator, bool decimalComma) {
  const auto fields = split(line, separator);
  bool any = false;
  for (const auto& field : fields) {
    const auto number = cellNumber(field, decimalComma);
    if (!number) {
      return 0;
    }
    any = any || std::isfinite(*number);
  }
  return any ? fields.size() : 0;
}

struct Candidate {
  char separator = ',';
  bool decimalComma = false;
  std::size_t start = 0;  // index into the looked-at lines
  std::size_t columns = 0;
  std::size_t rows = 0;  // of the looked-at lines that have so many columns
  double score = 0;
};

// The first of two rows of the same width, or the one the hints name.
std::size_t startOf(const std::vector<Row>& rows, const std::vector<std::size_t>& width,
                    const CsvHints& hints) {
  for (std::size_t i = 0; i < rows.size(); ++i) {
    const bool wanted = hints.firstRow
                            ? rows[i].number >= *hints.firstRow
                            : width[i] > 0 && (i + 1 == rows.size() || width[i + 1] == width[i]);
    if (wanted) {
      return width[i] > 0 ? i : rows.size();
    }
  }
  return rows.size();
}

std::optional<Candidate> tryDialect(const std::vector<Row>& rows, char separator, bool decimalComma,
                                    const CsvHints& hints) {
  std::vector<std::size_t> width(rows.size());
  for (std::size_t i = 0; i < rows.size(); ++i) {
    width[i] = numericColumns(rows[i].text, separator, decimalComma);
  }
  Candidate best{separator, decimalComma, startOf(rows, width, hints)};
  if (best.start == rows.size()) {
    return std::nullopt;
  }
  best.columns = width[best.start];
  best.rows = static_cast<std::size_t>(std::count(
      width.begin() + static_cast<std::ptrdiff_t>(best.start), width.end(), best.columns));
  best.score = 0.01 * static_cast<double>(std::min<std::size_t>(best.columns, 9));
  if (best.start > 0) {
    // A heading that has as many fields as the rows speaks for this separator.
    const auto fields = split(rows[best.start - 1].text, separator);
    best.score += fields.size() == best.columns ? 0.5 : 0;
  }
  return best;
}

// Every way the table can be read, the likeliest first.
std::vector<Candidate> dialectsOf(const std::vector<Row>& rows, const CsvHints& hints) {
  std::vector<Candidate> out;
  for (const char separator : {'\t', ';', ','}) {
    for (const bool decimalComma : {false, true}) {
      if ((hints.separator && separator != *hints.separator) ||
          (hints.decimal && decimalComma != (*hints.decimal == ','))) {
        continue;
      }
      if (const auto candidate = tryDialect(rows, separator, decimalComma, hints)) {
        out.push_back(*candidate);
      }
    }
  }
  // A way that cannot read the first rows is none, however well it reads the others: all are
  // counted from where the first of them begins.
  std::size_t first = rows.size();
  for (const auto& c : out) {
    first = std::min(first, c.start);
  }
  for (auto& c : out) {
    c.score += static_cast<double>(c.rows) / static_cast<double>(rows.size() - first);
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Candidate& a, const Candidate& b) { return a.score > b.score + 1e-9; });
  return out;
}

// The first number after a key word of the preamble, scaled by the unit behind it.
std::optional<double> valueAfter(std::string_view line, std::size_t from, bool decimalComma,
                                 char separator) {
  std::string rest(line.substr(from));
  const std::size_t first = rest.find_first_of("0123456789.");
  if (first == std::string::npos) {
    return std::nullopt;
  }
  rest.erase(0, first);
  if (decimalComma && separator != ',') {
    std::replace(rest.begin(), rest.end(), ',', '.');
  }
  double value = 0;
  const auto [end, status] = fast_float::from_chars(rest.data(), rest.data() + rest.size(), value);
  if (status != std::errc() || !(value > 0)) {
    return std::nullopt;
  }
  std::string_view unit(end, static_cast<std::size_t>(rest.data() + rest.size() - end));
  while (!unit.empty() && (unit.front() == ' ' || unit.front() == separator ||
                           unit.front() == '"' || unit.front() == '(' || unit.front() == '[')) {
    unit.remove_prefix(1);
  }
  const bool kilo = unit.starts_with('k') || unit.starts_with('K');
  const bool mega = unit.starts_with('M');
  const bool milli = unit.starts_with("ms");
  const bool micro =
      unit.starts_with("us") || unit.starts_with("\xC2\xB5s") || unit.starts_with("\xCE\xBCs");
  const bool nano = unit.starts_with("ns");
  return value * (kilo ? 1e3 : mega ? 1e6 : milli ? 1e-3 : micro ? 1e-6 : nano ? 1e-9 : 1);
}

std::optional<double> stepFrom(std::string_view line, bool decimalComma, char separator) {
  const std::string low = text::lower(line);
  for (const std::string_view key :
       {"sample interval", "sampling interval", "sample period", "sampling period",
        "sampling_interval", "sample_interval", "time step", "timestep", "time interval",
        "increment", "delta t", "xincr", "tinterval", "dt"}) {
    const std::size_t at = low.find(key);
    if (at != std::string::npos &&
        (key != "dt" || at == 0 || low[at - 1] == '#' || low[at - 1] == ' ')) {
      return valueAfter(line, at + key.size(), decimalComma, separator);
    }
  }
  for (const std::string_view key :
       {"sample rate", "sampling rate", "samplerate", "sample_rate", "sampling_rate",
        "samplingrate", "sampling frequency", "sample frequency", "samples per second"}) {
    const std::size_t at = low.find(key);
    if (at != std::string::npos) {
      const auto rate = valueAfter(line, at + key.size(), decimalComma, separator);
      return rate ? std::optional(1 / *rate) : std::nullopt;
    }
  }
  return std::nullopt;
}

bool isUnitsRow(const std::vector<std::string>& fields) {
  bool any = false;
  for (const auto& field : fields) {
    if (field.empty()) {
      continue;
    }
    if (!unitCell(field)) {
      return false;
    }
    any = true;
  }
  return any;
}

void readHeading(Dialect& dialect, const std::vector<Row>& rows, std::size_t start,
                 std::size_t columns) {
  dialect.columns.resize(columns);
  std::size_t above = start;
  std::vector<std::string> unitsRow;
  if (above > 0) {
    auto fields = split(rows[above - 1].text, dialect.separator);
    if (fields.size() == columns && isUnitsRow(fields)) {
      unitsRow = std::move(fields);
      --above;
    }
  }
  if (above > 0) {
    const auto fields = split(rows[above - 1].text, dialect.separator);
    if (fields.size() == columns) {
      for (std::size_t i = 0; i < columns; ++i) {
        dialect.columns[i] = columnFrom(fields[i]);
      }
    }
  }
  for (std::size_t i = 0; i < unitsRow.size(); ++i) {
    if (const auto unit = unitCell(unitsRow[i])) {
      dialect.columns[i].unit = unit->unit;
      dialect.columns[i].scale = unit->scale;
      dialect.columns[i].isTime = dialect.columns[i].isTime || unit->unit == units::Unit::second;
    }
  }
}

std::string separatorName(char separator) {
  return separator == '\t' ? "tabs" : separator == ';' ? "semicolons" : "commas";
}

// Another way of reading the table that is nearly as good.
void doubtTheTable(Dialect& dialect, const std::vector<Candidate>& candidates) {
  constexpr double kNear = 0.1;
  const auto other = std::find_if(candidates.begin(), candidates.end(), [&](const Candidate& c) {
    return c.columns != candidates.front().columns && c.score > candidates.front().score - kNear;
  });
  if (other != candidates.end()) {
    dialect.doubts.push_back(sayf("the rows could also be {} columns between {}, with a decimal {}",
                                  other->columns, separatorName(other->separator),
                                  other->decimalComma ? "comma" : "point"));
  }
}

// The first rows of the first column only rise.
bool firstColumnRises(const Dialect& dialect, std::string_view data) {
  double last = -std::numeric_limits<double>::infinity();
  for (int seen = 0; seen < 200 && !data.empty();) {
    const Line line = takeLine(data);
    data = line.after;
    if (text::trimmed(line.text).empty()) {
      continue;
    }
    const auto value =
        cellNumber(split(line.text, dialect.separator).front(), dialect.decimalComma);
    if (value && std::isfinite(*value)) {
      if (*value <= last) {
        return false;
      }
      last = *value;
    }
    ++seen;
  }
  return true;
}

void findTime(Dialect& dialect, std::string_view data, const CsvHints& hints) {
  const auto& columns = dialect.columns;
  if (hints.timeColumn) {
    if (*hints.timeColumn > 0 && *hints.timeColumn <= columns.size()) {
      dialect.timeColumn = *hints.timeColumn - 1;
    }
  } else {
    const auto named =
        std::find_if(columns.begin(), columns.end(), [](const Column& c) { return c.isTime; });
    if (named != columns.end()) {
      dialect.timeColumn = static_cast<std::size_t>(named - columns.begin());
    } else if (!dialect.stepS && columns.size() > 1 && !isIndexName(columns[0].name) &&
               columns[0].unit == units::Unit::none && firstColumnRises(dialect, data)) {
      dialect.timeColumn = 0;
      dialect.timeGuessed = true;
      dialect.doubts.emplace_back(kTimeGuessed);
    }
  }
  for (std::size_t i = 0; i < columns.size(); ++i) {
    dialect.columns[i].isTime = dialect.timeColumn == i;
  }
}

void nameUnits(Dialect& dialect, const CsvHints& hints) {
  std::string unnamed;
  for (auto& column : dialect.columns) {
    const auto& said = column.isTime ? hints.timeUnit : hints.channelUnit;
    if (const auto unit = said ? unitNamed(*said) : std::nullopt) {
      column.unit = unit->unit;
      column.scale = unit->scale;
    } else if (column.isTime && column.unit != units::Unit::second && !dialect.timeGuessed) {
      dialect.doubts.emplace_back(say("the time names no unit: seconds were taken"));
    } else if (!column.isTime && column.unit == units::Unit::none && !isIndexName(column.name)) {
      unnamed += (unnamed.empty() ? "" : ", ") + (column.name.empty() ? "a column" : column.name);
    }
  }
  if (!unnamed.empty()) {
    dialect.doubts.push_back(unnamed + say(" without a unit: volts were taken"));
  }
}

}  // namespace

bool isIndexName(const std::string& name) {
  const std::string word = text::lower(name);
  return word == "#" || word == "n" || word == "no" || word == "no." || word == "index" ||
         word == "sample" || word == "samples" || word == "point";
}

Result<Dialect> recognise(std::string_view text, const std::string& name, const CsvHints& hints) {
  const auto rows = firstLines(text);
  const auto candidates = dialectsOf(rows, hints);
  if (candidates.empty()) {
    if (hints.firstRow) {
      return Error{name, *hints.firstRow, say("is no row of numbers, as it was said to be"),
                   say("another first row or separator")};
    }
    return Error{
        name, std::nullopt,
        rows.empty() ? say("is empty") : say("has no table of numbers in its first 400 lines"),
        say("rows of numbers with a time column, separated by comma, semicolon or tab")};
  }
  const Candidate& best = candidates.front();
  Dialect dialect;
  dialect.separator = best.separator;
  dialect.decimalComma = best.decimalComma;
  dialect.firstRow = rows[best.start].number;
  dialect.firstByte = rows[best.start].byte;
  constexpr std::size_t kHead = 1U << 20;
  dialect.lineEnd = text.substr(0, kHead).find('\n') == std::string_view::npos ? '\r' : '\n';
  readHeading(dialect, rows, best.start, best.columns);
  for (std::size_t i = 0; i < best.start && !dialect.stepS; ++i) {
    dialect.stepS = stepFrom(rows[i].text, dialect.decimalComma, dialect.separator);
  }
  if (hints.sampleRateHz) {
    dialect.stepS = 1 / *hints.sampleRateHz;
  }
  doubtTheTable(dialect, candidates);
  findTime(dialect, text.substr(dialect.firstByte), hints);
  nameUnits(dialect, hints);
  return dialect;
}

}  // namespace haybale::capture::csv
