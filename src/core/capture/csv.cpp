#include "core/capture/csv.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <limits>

#include "core/base/text.h"
#include "core/capture/csv_dialect.h"

namespace haybale::capture {

namespace {

constexpr double kLost = std::numeric_limits<double>::quiet_NaN();

// Broken places, named up to a few and counted.
class Complaints {
 public:
  void add(std::size_t line, const std::string& what) {
    if (++count_ <= 3) {
      first_.push_back(fmt::format("line {}: {}", line, what));
    }
  }
  void into(std::vector<std::string>& remarks) const {
    remarks.insert(remarks.end(), first_.begin(), first_.end());
    if (count_ > first_.size()) {
      remarks.push_back(
          fmt::format("and {} more broken places, kept as gaps", count_ - first_.size()));
    }
  }

 private:
  std::size_t count_ = 0;
  std::vector<std::string> first_;
};

struct Table {
  std::vector<std::vector<float>> columns;
  std::vector<double> time;           // empty without a time column
  std::vector<std::size_t> timeLine;  // line of each row, for messages
};

// Splits without copying where nothing is quoted.
class RowReader {
 public:
  explicit RowReader(const csv::Dialect& dialect)
      : dialect_(dialect), values_(dialect.columns.size()), sound_(dialect.columns.size()) {}

  // Values of one line; a cell that is no number is NaN and unsound. Returns the number of cells
  // that are numbers or markers.
  std::size_t read(std::string_view line) {
    std::fill(values_.begin(), values_.end(), kLost);
    std::fill(sound_.begin(), sound_.end(), false);
    surplus_ = false;
    std::size_t column = 0;
    std::size_t good = 0;
    const auto take = [&](std::string_view cell) {
      if (column >= values_.size()) {
        surplus_ = surplus_ || !text::trimmed(cell).empty();
      } else if (const auto number = csv::cellNumber(cell, dialect_.decimalComma)) {
        values_[column] = *number;
        sound_[column] = true;
        good += std::isfinite(*number) ? 1 : 0;
      }
      ++column;
    };
    if (line.find('"') != std::string_view::npos) {
      for (const auto& field : csv::split(line, dialect_.separator)) {
        take(field);
      }
    } else {
      std::size_t from = 0;
      for (std::size_t end = line.find(dialect_.separator); end != std::string_view::npos;
           end = line.find(dialect_.separator, from)) {
        take(line.substr(from, end - from));
        from = end + 1;
      }
      take(line.substr(from));
    }
    return good;
  }

  [[nodiscard]] double value(std::size_t column) const { return values_[column]; }
  [[nodiscard]] bool sound(std::size_t column) const { return sound_[column]; }
  [[nodiscard]] bool allSound() const {
    return !surplus_ && std::all_of(sound_.begin(), sound_.end(), [](bool s) { return s; });
  }

 private:
  const csv::Dialect& dialect_;
  std::vector<double> values_;
  std::vector<bool> sound_;
  bool surplus_ = false;
};

std::optional<std::size_t> namedTimeColumn(const csv::Dialect& dialect) {
  for (std::size_t i = 0; i < dialect.columns.size(); ++i) {
    if (dialect.columns[i].isTime) {
      return i;
    }
  }
  return std::nullopt;
}

bool isIndexName(const std::string& name) {
  const std::string word = text::lower(name);
  return word == "#" || word == "n" || word == "no" || word == "no." || word == "index" ||
         word == "sample" || word == "samples" || word == "point";
}

// Without a heading that says so: a first column whose first rows only rise is taken as the time.
bool firstColumnRises(const csv::Dialect& dialect, std::string_view data) {
  RowReader row(dialect);
  double last = -std::numeric_limits<double>::infinity();
  for (int seen = 0; seen < 200 && !data.empty();) {
    const csv::Line line = csv::takeLine(data);
    data = line.after;
    if (text::trimmed(line.text).empty()) {
      continue;
    }
    row.read(line.text);
    if (std::isfinite(row.value(0))) {
      if (row.value(0) <= last) {
        return false;
      }
      last = row.value(0);
    }
    ++seen;
  }
  return true;
}

Table readTable(const csv::Dialect& dialect, std::string_view data,
                std::optional<std::size_t> timeColumn, Complaints& complaints) {
  Table table;
  table.columns.resize(dialect.columns.size());
  RowReader row(dialect);
  std::size_t number = dialect.firstRow;
  std::vector<std::size_t> emptyTail;  // lines without any number: kept only when rows follow
  for (; !data.empty(); ++number) {
    const csv::Line line = csv::takeLine(data);
    data = line.after;
    if (text::trimmed(line.text).empty()) {
      continue;
    }
    const std::size_t good = row.read(line.text);
    if (good == 0 && !row.allSound()) {
      emptyTail.push_back(number);
      continue;
    }
    const auto append = [&](std::size_t at, bool lost) {
      for (std::size_t c = 0; c < table.columns.size(); ++c) {
        table.columns[c].push_back(lost ? kLost
                                        : sampleOf(row.value(c) * dialect.columns[c].scale));
      }
      if (timeColumn) {
        table.time.push_back(lost ? kLost
                                  : row.value(*timeColumn) * dialect.columns[*timeColumn].scale);
        table.timeLine.push_back(at);
      }
    };
    for (const std::size_t broken : emptyTail) {
      complaints.add(broken, "is not a row of numbers");
      append(broken, true);
    }
    emptyTail.clear();
    if (!row.allSound()) {
      complaints.add(number, fmt::format("a cell is missing or not a number: \"{}\"",
                                         text::shortened(line.text, 40)));
    }
    append(number, false);
  }
  if (!emptyTail.empty()) {
    complaints.add(emptyTail.front(), "text after the last row of numbers was left out");
  }
  return table;
}

// Fills lost times between their neighbours, then insists that time goes on.
Status settleTimes(Table& table, const std::string& name) {
  std::vector<double>& t = table.time;
  std::size_t known = 0;
  double last = kLost;
  std::size_t lastAt = 0;
  for (std::size_t i = 0; i < t.size(); ++i) {
    if (!std::isfinite(t[i])) {
      continue;
    }
    if (known > 0) {
      if (t[i] <= last) {
        return Error{name, table.timeLine[i],
                     fmt::format("time {} at {:.9g} s after {:.9g} s",
                                 t[i] < last ? "runs backwards" : "stands still", t[i], last),
                     "each row must be later than the one before"};
      }
      for (std::size_t j = lastAt + 1; j < i; ++j) {
        t[j] = last +
               (t[i] - last) * static_cast<double>(j - lastAt) / static_cast<double>(i - lastAt);
      }
    }
    last = t[i];
    lastAt = i;
    ++known;
  }
  if (known < 2) {
    return Error{name, std::nullopt, "has fewer than two rows with a time",
                 "a capture needs at least two samples"};
  }
  // Rows before the first or after the last known time have no place in time.
  const auto first = static_cast<std::size_t>(
      std::find_if(t.begin(), t.end(), [](double v) { return std::isfinite(v); }) - t.begin());
  t.resize(lastAt + 1);
  t.erase(t.begin(), t.begin() + static_cast<std::ptrdiff_t>(first));
  for (auto& column : table.columns) {
    column.resize(lastAt + 1);
    column.erase(column.begin(), column.begin() + static_cast<std::ptrdiff_t>(first));
  }
  return Done{};
}

// Uniform when every sample lies within a tenth of a step of a straight line.
TimeBase timeBaseOf(std::vector<double> times, std::vector<std::string>& remarks) {
  TimeBase base;
  base.startS = times.front();
  base.stepS = (times.back() - times.front()) / static_cast<double>(times.size() - 1);
  double worst = 0;
  double shortest = std::numeric_limits<double>::infinity();
  double longest = 0;
  for (std::size_t i = 0; i < times.size(); ++i) {
    worst = std::max(worst, std::abs(times[i] - base.at(i)));
    if (i > 0) {
      shortest = std::min(shortest, times[i] - times[i - 1]);
      longest = std::max(longest, times[i] - times[i - 1]);
    }
  }
  if (worst > 0.1 * base.stepS) {
    remarks.push_back(fmt::format(
        "time steps are not uniform ({} to {}): samples are handled at the times recorded",
        units::format(shortest, units::Unit::second), units::format(longest, units::Unit::second)));
    base.timesS = std::move(times);
  }
  return base;
}

Error noTime(const std::string& name) {
  return {name, std::nullopt, "has no time column and names no sample rate",
          "give the rate, as --sample-rate 10000"};
}

Status fillTime(Record& record, Table& table, const csv::Dialect& dialect,
                const CsvOptions& options) {
  if (!table.time.empty()) {
    if (auto status = settleTimes(table, record.file); !status) {
      return status;
    }
    record.time = timeBaseOf(std::move(table.time), record.remarks);
    return Done{};
  }
  const auto step = options.sampleRateHz ? std::optional(1 / *options.sampleRateHz) : dialect.stepS;
  if (!step || !std::isfinite(*step) || *step <= 0) {
    return noTime(record.file);
  }
  record.time.stepS = *step;
  return Done{};
}

bool allLost(const std::vector<float>& samples) {
  return std::all_of(samples.begin(), samples.end(), [](float v) { return std::isnan(v); });
}

void fillChannels(Record& record, Table& table, const csv::Dialect& dialect,
                  std::optional<std::size_t> timeColumn, const CsvOptions& options) {
  for (std::size_t c = 0; c < table.columns.size(); ++c) {
    const csv::Column& column = dialect.columns[c];
    if (c == timeColumn || isIndexName(column.name) ||
        (column.name.empty() && allLost(table.columns[c]))) {
      continue;
    }
    Channel channel;
    channel.name =
        column.name.empty() ? fmt::format("channel {}", record.channels.size() + 1) : column.name;
    channel.unit = column.unit == units::Unit::none || column.unit == units::Unit::second
                       ? options.unit
                       : column.unit;
    channel.samples = std::move(table.columns[c]);
    record.channels.push_back(std::move(channel));
  }
}

}  // namespace

Result<Record> readCsv(std::string_view bytes, const std::string& name, const CsvOptions& options) {
  const auto text = csv::decode(bytes, name);
  if (!text) {
    return text.error();
  }
  const auto dialect = csv::recognise(*text, name);
  if (!dialect) {
    return dialect.error();
  }
  const std::string_view data = std::string_view(*text).substr(dialect->firstByte);
  std::optional<std::size_t> timeColumn = namedTimeColumn(*dialect);
  const bool rateKnown = dialect->stepS || options.sampleRateHz;
  Record record;
  record.file = name;
  const bool mayBeTime = dialect->columns.size() > 1 && !isIndexName(dialect->columns[0].name) &&
                         dialect->columns[0].unit == units::Unit::none;
  if (!timeColumn && !rateKnown && mayBeTime && firstColumnRises(*dialect, data)) {
    timeColumn = 0;
    record.remarks.emplace_back("no column is called time: the first one was taken, in seconds");
  }
  Complaints complaints;
  Table table = readTable(*dialect, data, timeColumn, complaints);
  if (auto status = fillTime(record, table, *dialect, options); !status) {
    return status.error();
  }
  fillChannels(record, table, *dialect, timeColumn, options);
  complaints.into(record.remarks);
  if (record.channels.empty() || std::all_of(record.channels.begin(), record.channels.end(),
                                             [](const Channel& c) { return allLost(c.samples); })) {
    return Error{name, std::nullopt, "has no sound sample in any channel",
                 "a column of voltages or currents beside the time"};
  }
  return record;
}

Result<Record> readCsvFile(const std::string& path, const CsvOptions& options) {
  std::error_code unknown;
  if (std::filesystem::exists(path, unknown) && !std::filesystem::is_regular_file(path, unknown)) {
    return Error{path, std::nullopt, "is not a file", "a capture, not a folder or a device"};
  }
  std::ifstream file(path, std::ios::binary);
  if (!file) {
    return Error{path, std::nullopt, "cannot be opened",
                 "the path of a file that exists and may be read"};
  }
  const std::string bytes((std::istreambuf_iterator<char>(file)), std::istreambuf_iterator<char>());
  if (file.bad()) {
    return Error{path, std::nullopt, "cannot be read", "a file, not a folder or a device"};
  }
  return readCsv(bytes, path, options);
}

namespace {

// A heading cell, quoted where it must be.
std::string headingCell(const std::string& text) {
  if (text.find_first_of(",\"\r\n") == std::string::npos) {
    return text;
  }
  std::string out = "\"";
  for (const char c : text) {
    out += c;
    if (c == '"') {
      out += '"';
    }
  }
  return out + "\"";
}

}  // namespace

std::string writeCsv(const Record& record) {
  fmt::memory_buffer out;
  auto to = fmt::appender(out);
  fmt::format_to(to, "Time [s]");
  for (const auto& channel : record.channels) {
    fmt::format_to(to, ",{}",
                   headingCell(fmt::format("{} [{}]", channel.name, units::symbol(channel.unit))));
  }
  fmt::format_to(to, "\n");
  for (std::size_t i = 0; i < record.size(); ++i) {
    fmt::format_to(to, "{:.10g}", record.time.at(i));
    for (const auto& channel : record.channels) {
      if (std::isnan(channel.samples[i])) {
        fmt::format_to(to, ",");
      } else {
        fmt::format_to(to, ",{:.7g}", channel.samples[i]);
      }
    }
    fmt::format_to(to, "\n");
  }
  return fmt::to_string(out);
}

}  // namespace haybale::capture
