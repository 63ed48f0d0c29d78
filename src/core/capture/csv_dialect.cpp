#include "core/capture/csv_dialect.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/base/text.h"

namespace haybale::capture::csv {

namespace {

constexpr std::size_t kLookAhead = 400;  // lines of preamble at most

void appendUtf8(std::string& out, char32_t c) {
  if (c < 0x80) {
    out += static_cast<char>(c);
  } else if (c < 0x800) {
    out += static_cast<char>(0xC0 | (c >> 6));
    out += static_cast<char>(0x80 | (c & 0x3F));
  } else if (c < 0x10000) {
    out += static_cast<char>(0xE0 | (c >> 12));
    out += static_cast<char>(0x80 | ((c >> 6) & 0x3F));
    out += static_cast<char>(0x80 | (c & 0x3F));
  } else {
    out += static_cast<char>(0xF0 | (c >> 18));
    out += static_cast<char>(0x80 | ((c >> 12) & 0x3F));
    out += static_cast<char>(0x80 | ((c >> 6) & 0x3F));
    out += static_cast<char>(0x80 | (c & 0x3F));
  }
}

std::string fromUtf16(std::string_view bytes, bool bigEndian) {
  const auto unit = [&](std::size_t i) {
    const auto first = static_cast<unsigned char>(bytes[i]);
    const auto second = static_cast<unsigned char>(bytes[i + 1]);
    return static_cast<char32_t>(bigEndian ? first << 8 | second : second << 8 | first);
  };
  std::string out;
  out.reserve(bytes.size() / 2);
  for (std::size_t i = 0; i + 1 < bytes.size(); i += 2) {
    char32_t c = unit(i);
    if (c >= 0xD800 && c < 0xDC00 && i + 3 < bytes.size()) {
      const char32_t low = unit(i + 2);
      if (low >= 0xDC00 && low < 0xE000) {
        c = 0x10000 + ((c - 0xD800) << 10) + (low - 0xDC00);
        i += 2;
      }
    }
    appendUtf8(out, c >= 0xD800 && c < 0xE000 ? 0xFFFD : c);
  }
  return out;
}

}  // namespace

Result<std::string_view> decode(std::string_view bytes, const std::string& name,
                                std::string& storage) {
  if (bytes.starts_with("\xFF\xFE") || bytes.starts_with("\xFE\xFF")) {
    storage = fromUtf16(bytes.substr(2), bytes.front() == '\xFE');
    return std::string_view(storage);
  }
  if (bytes.starts_with("\xEF\xBB\xBF")) {
    bytes.remove_prefix(3);
  }
  const std::string_view head = bytes.substr(0, 4096);
  if (head.find('\0') != std::string_view::npos) {
    return Error{name, std::nullopt, "is not a text file",
                 "a capture as CSV in UTF-8, or in UTF-16 with its byte order mark"};
  }
  return bytes;
}

Line takeLine(std::string_view text) {
  const std::size_t end = text.find_first_of("\r\n");
  if (end == std::string_view::npos) {
    return {text, {}};
  }
  const bool crlf = text[end] == '\r' && end + 1 < text.size() && text[end + 1] == '\n';
  return {text.substr(0, end), text.substr(end + (crlf ? 2 : 1))};
}

std::vector<std::string> split(std::string_view line, char separator) {
  std::vector<std::string> fields;
  std::string field;
  bool quoted = false;
  for (std::size_t i = 0; i < line.size(); ++i) {
    const char c = line[i];
    if (quoted) {
      if (c != '"') {
        field += c;
      } else if (i + 1 < line.size() && line[i + 1] == '"') {
        field += '"';
        ++i;
      } else {
        quoted = false;
      }
    } else if (c == '"') {
      quoted = true;
    } else if (c == separator) {
      fields.emplace_back(text::trimmed(field));
      field.clear();
    } else {
      field += c;
    }
  }
  fields.emplace_back(text::trimmed(field));
  return fields;
}

std::optional<double> cellNumber(std::string_view cell, bool decimalComma) {
  constexpr double kLost = std::numeric_limits<double>::quiet_NaN();
  cell = text::trimmed(cell);
  if (cell.empty()) {
    return kLost;
  }
  std::array<char, 64> buffer;
  std::string_view number = cell;
  if (decimalComma && cell.size() <= buffer.size() && cell.find(',') != std::string_view::npos) {
    std::replace_copy(cell.begin(), cell.end(), buffer.begin(), ',', '.');
    number = {buffer.data(), cell.size()};
  }
  if (number.front() == '+') {
    number.remove_prefix(1);
  }
  double value = 0;
  const auto [end, status] =
      fast_float::from_chars(number.data(), number.data() + number.size(), value);
  if (status == std::errc() && end == number.data() + number.size()) {
    return std::isfinite(value) ? value : kLost;
  }
  std::string word = text::lower(cell);
  if (!word.empty() && (word[0] == '-' || word[0] == '+') && word != "---" && word != "--" &&
      word != "-") {
    word.erase(0, 1);
  }
  for (const std::string_view marker :
       {"inf", "infinity", "ol", "0l", "o.l", "overload", "overrange", "over", "over-range", "---",
        "--", "-", "nan", "n/a", "#n/a", "*", "***", "\xE2\x88\x9E", "\xE2\x88\x92\xE2\x88\x9E"}) {
    if (word == marker) {
      return kLost;
    }
  }
  return std::nullopt;
}

namespace {

struct UnitScale {
  std::string_view text;
  units::Unit unit;
  double scale;
};

constexpr std::array kUnits{
    UnitScale{"s", units::Unit::second, 1},
    UnitScale{"sec", units::Unit::second, 1},
    UnitScale{"second", units::Unit::second, 1},
    UnitScale{"seconds", units::Unit::second, 1},
    UnitScale{"ms", units::Unit::second, 1e-3},
    UnitScale{"us", units::Unit::second, 1e-6},
    UnitScale{"\xC2\xB5s", units::Unit::second, 1e-6},
    UnitScale{"\xCE\xBCs", units::Unit::second, 1e-6},
    UnitScale{"ns", units::Unit::second, 1e-9},
    UnitScale{"v", units::Unit::volt, 1},
    UnitScale{"volt", units::Unit::volt, 1},
    UnitScale{"volts", units::Unit::volt, 1},
    UnitScale{"mv", units::Unit::volt, 1e-3},
    UnitScale{"uv", units::Unit::volt, 1e-6},
    UnitScale{"kv", units::Unit::volt, 1e3},
    UnitScale{"a", units::Unit::ampere, 1},
    UnitScale{"amp", units::Unit::ampere, 1},
    UnitScale{"ma", units::Unit::ampere, 1e-3},
    UnitScale{"ua", units::Unit::ampere, 1e-6},
};

const UnitScale* unitOf(std::string_view text) {
  const std::string word = text::lower(text::trimmed(text));
  const auto it = std::find_if(kUnits.begin(), kUnits.end(),
                               [&](const UnitScale& u) { return u.text == word; });
  return it == kUnits.end() ? nullptr : &*it;
}

// "(ms)", "[V]" or "mV" standing alone: a cell of a units row.
const UnitScale* unitCell(std::string_view cell) {
  cell = text::trimmed(cell);
  if (cell.size() > 2 && ((cell.front() == '(' && cell.back() == ')') ||
                          (cell.front() == '[' && cell.back() == ']'))) {
    cell = cell.substr(1, cell.size() - 2);
  }
  return unitOf(cell);
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
  const UnitScale* unit = nullptr;
  const char close = name.empty() ? ' ' : name.back();
  if (close == ')' || close == ']') {
    const std::size_t open = name.rfind(close == ')' ? '(' : '[');
    unit = open == std::string_view::npos ? nullptr
                                          : unitOf(name.substr(open + 1, name.size() - open - 2));
    name = unit ? text::trimmed(name.substr(0, open)) : name;
  } else if (const std::size_t slash = name.find_last_of("/_");
             slash != std::string_view::npos && slash > 0) {
    unit = unitOf(name.substr(slash + 1));
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
  double score = 0;
};

std::optional<Candidate> tryDialect(const std::vector<Row>& rows, char separator,
                                    bool decimalComma) {
  std::vector<std::size_t> width(rows.size());
  for (std::size_t i = 0; i < rows.size(); ++i) {
    width[i] = numericColumns(rows[i].text, separator, decimalComma);
  }
  Candidate best{separator, decimalComma, rows.size(), 0, 0};
  for (std::size_t i = 0; i < rows.size(); ++i) {
    const bool runs = width[i] > 0 && (i + 1 == rows.size() || width[i + 1] == width[i]);
    if (runs) {
      best.start = i;
      best.columns = width[i];
      break;
    }
  }
  if (best.start == rows.size()) {
    return std::nullopt;
  }
  const auto matching = static_cast<std::size_t>(std::count(
      width.begin() + static_cast<std::ptrdiff_t>(best.start), width.end(), best.columns));
  best.score = static_cast<double>(matching) / static_cast<double>(rows.size() - best.start) +
               0.01 * static_cast<double>(std::min<std::size_t>(best.columns, 9));
  if (best.start > 0) {
    // A heading that has as many fields as the rows speaks for this separator.
    const auto fields = split(rows[best.start - 1].text, separator);
    best.score += fields.size() == best.columns ? 0.5 : 0;
  }
  return best;
}

std::optional<Candidate> bestDialect(const std::vector<Row>& rows) {
  std::optional<Candidate> best;
  for (const char separator : {'\t', ';', ','}) {
    for (const bool decimalComma : {false, true}) {
      const auto candidate = tryDialect(rows, separator, decimalComma);
      if (candidate && (!best || candidate->score > best->score + 1e-9)) {
        best = candidate;
      }
    }
  }
  return best;
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
    if (const UnitScale* unit = unitCell(unitsRow[i])) {
      dialect.columns[i].unit = unit->unit;
      dialect.columns[i].scale = unit->scale;
      dialect.columns[i].isTime = dialect.columns[i].isTime || unit->unit == units::Unit::second;
    }
  }
}

}  // namespace

Result<Dialect> recognise(std::string_view text, const std::string& name) {
  const auto rows = firstLines(text);
  const auto best = bestDialect(rows);
  if (!best) {
    return Error{name, std::nullopt,
                 rows.empty() ? "is empty" : "has no table of numbers in its first 400 lines",
                 "rows of numbers with a time column, separated by comma, semicolon or tab"};
  }
  Dialect dialect;
  dialect.separator = best->separator;
  dialect.decimalComma = best->decimalComma;
  dialect.firstRow = rows[best->start].number;
  dialect.firstByte = rows[best->start].byte;
  constexpr std::size_t kHead = 1U << 20;
  dialect.lineEnd = text.substr(0, kHead).find('\n') == std::string_view::npos ? '\r' : '\n';
  readHeading(dialect, rows, best->start, best->columns);
  for (std::size_t i = 0; i < best->start && !dialect.stepS; ++i) {
    dialect.stepS = stepFrom(rows[i].text, dialect.decimalComma, dialect.separator);
  }
  return dialect;
}

}  // namespace haybale::capture::csv
