#include "core/capture/csv.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>

#include "core/base/say.h"
#include "core/base/text.h"
#include "core/capture/csv_row.h"
#include "core/capture/csv_table.h"
#include "core/capture/mapped_file.h"

namespace haybale::capture {

namespace {

Error noTime(const std::string& name) {
  return {name, std::nullopt, say("has no time column and names no sample rate"),
          say("give the rate, as --sample-rate 10000")};
}

// Beyond these nothing is recorded, and counts of samples in a second would not fit a number.
constexpr double kShortestS = 1e-15;
constexpr double kLongestS = 1e9;

Status checkStep(const Record& record) {
  const double step = record.time.stepS;
  return step >= kShortestS && step <= kLongestS
             ? Status(Done{})
             : Error{record.file, std::nullopt, sayf("has a sample every {:g} s", step),
                     say("steps between 1 fs and some years; look at the unit of the time")};
}

Status fillTime(Record& record, csv::Table& table, const csv::Dialect& dialect) {
  if (table.time) {
    record.time = std::move(*table.time);
    return checkStep(record);
  }
  const auto step = dialect.stepS;
  if (!step || !std::isfinite(*step) || *step <= 0) {
    return noTime(record.file);
  }
  record.time.stepS = *step;
  return checkStep(record);
}

bool allLost(const std::vector<float>& samples) {
  return std::all_of(samples.begin(), samples.end(), [](float v) { return std::isnan(v); });
}

void fillChannels(Record& record, csv::Table& table, const csv::Dialect& dialect,
                  const CsvOptions& options) {
  for (std::size_t c = 0; c < table.columns.size(); ++c) {
    const csv::Column& column = dialect.columns[c];
    if (column.isTime || csv::isIndexName(column.name) ||
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

namespace {

using Forget = std::function<void(std::size_t, std::size_t)>;

Result<Record> read(std::string_view text, const std::string& name, const CsvOptions& options,
                    const Forget& forget) {
  CsvHints hints = options.hints;
  if (options.sampleRateHz) {
    hints.sampleRateHz = options.sampleRateHz;
  }
  const auto dialect = csv::recognise(text, name, hints);
  if (!dialect) {
    return dialect.error();
  }
  const std::string_view data = text.substr(dialect->firstByte);
  Record record;
  record.file = name;
  if (dialect->timeGuessed) {
    record.remarks.emplace_back(csv::kTimeGuessed);
  }
  csv::TableInput input{*dialect, data, name, dialect->timeColumn, options.progress, {}};
  if (forget) {
    input.forget = [&](std::size_t from, std::size_t to) {
      forget(dialect->firstByte + from, dialect->firstByte + to);
    };
  }
  auto table = csv::readTable(input);
  if (!table) {
    return table.error();
  }
  if (auto status = fillTime(record, *table, *dialect); !status) {
    return status.error();
  }
  fillChannels(record, *table, *dialect, options);
  record.remarks.insert(record.remarks.end(), table->remarks.begin(), table->remarks.end());
  if (record.channels.empty() || std::all_of(record.channels.begin(), record.channels.end(),
                                             [](const Channel& c) { return allLost(c.samples); })) {
    return Error{name, std::nullopt, say("has no sound sample in any channel"),
                 say("a column of voltages or currents beside the time")};
  }
  return record;
}

}  // namespace

Result<Record> readCsv(std::string_view bytes, const std::string& name, const CsvOptions& options) {
  std::string decoded;
  const auto text = csv::decode(bytes, name, decoded);
  return text ? read(*text, name, options, nullptr) : text.error();
}

Result<Record> readCsvFile(const std::string& path, const CsvOptions& options) {
  const auto file = MappedFile::open(path);
  if (!file) {
    return file.error();
  }
  std::string decoded;
  const auto text = csv::decode(file->bytes(), path, decoded);
  if (!text) {
    return text.error();
  }
  // Letting go of pages costs time; below this size they may stay until the file is closed.
  constexpr std::size_t kLarge = 256U << 20;
  const bool direct = decoded.empty() && file->bytes().size() > kLarge;
  const auto offset = direct ? static_cast<std::size_t>(text->data() - file->bytes().data()) : 0;
  auto record = read(*text, path, options,
                     direct ? Forget([&](std::size_t from, std::size_t to) {
                       file->forget(offset + from, offset + to);
                     })
                            : Forget());
  const auto shrunk = file->shrunk(path);
  return shrunk ? Result<Record>(*shrunk) : std::move(record);
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
