#include "core/judging/limits_sheet.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/judging/limit_json.h"

namespace haybale::judging {

namespace {

constexpr std::size_t kMostLimits = 10000;
constexpr std::array<std::string_view, 7> kColumns{
    "quantity", "min", "max", "left_right_ratio", "at_celsius", "provenance", "source"};

Result<LimitsSheet> fromJson(std::string_view text, const std::string& name) {
  const auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  const auto within = [&](Error error) {
    error.where = error.where.empty() ? name : name + ": " + error.where;
    return error;
  };
  ObjectReader in(*json, "");
  if (in.text("format") != "haybale-limits" && !in.error()) {
    in.fail("format", say("is not a limits sheet"), "\"format\": \"haybale-limits\"");
  }
  LimitsSheet sheet;
  in.number("version", 1, 1e6);
  sheet.vehicle = in.text("vehicle");
  sheet.source = in.text("source");
  sheet.date = in.text("date");
  const Json* limits = in.array("limits");
  if (!limits && !in.error()) {
    in.fail("limits", say("is missing"), say("list the limits"));
  }
  if (in.error()) {
    return within(*in.error());
  }
  for (std::size_t i = 0; i < limits->size() && i < kMostLimits; ++i) {
    auto one = readLimit((*limits)[i], fmt::format("limits[{}]", i));
    if (!one) {
      return within(one.error());
    }
    sheet.limits.push_back(std::move(*one));
  }
  sheet.rest = in.rest();
  return sheet;
}

// One row; quotes as RFC 4180 has them.
std::vector<std::string> fields(std::string_view line, char separator) {
  std::vector<std::string> out(1);
  bool quoted = false;
  for (std::size_t i = 0; i < line.size(); ++i) {
    const char c = line[i];
    if (c == '"') {
      const bool doubled = quoted && i + 1 < line.size() && line[i + 1] == '"';
      if (doubled) {
        out.back() += c;
        ++i;
      } else {
        quoted = !quoted;
      }
    } else if (c == separator && !quoted) {
      out.emplace_back();
    } else {
      out.back() += c;
    }
  }
  for (auto& field : out) {
    field = std::string(text::trimmed(field));
  }
  return out;
}

char separatorOf(std::string_view header) {
  return header.find(';') != std::string_view::npos    ? ';'
         : header.find('\t') != std::string_view::npos ? '\t'
                                                       : ',';
}

// "# vehicle: ..." before the header.
void readRemark(LimitsSheet& sheet, std::string_view line) {
  line.remove_prefix(1);
  const auto colon = line.find(':');
  if (colon == std::string_view::npos) {
    return;
  }
  const std::string key = text::lower(text::trimmed(line.substr(0, colon)));
  const std::string value(text::trimmed(line.substr(colon + 1)));
  if (key == "vehicle") {
    sheet.vehicle = value;
  } else if (key == "source") {
    sheet.source = value;
  } else if (key == "date") {
    sheet.date = value;
  }
}

class CsvReader {
 public:
  CsvReader(std::string_view text, const std::string& name) : left_(text), name_(name) {}

  Result<LimitsSheet> read() {
    LimitsSheet sheet;
    while (const auto line = next()) {
      if (line->empty()) {
        continue;
      }
      if (line->front() == '#') {
        readRemark(sheet, *line);
      } else if (columns_.empty()) {
        if (const auto status = header(*line); !status) {
          return status.error();
        }
      } else if (const auto status = row(sheet, *line); !status) {
        return status.error();
      }
      if (sheet.limits.size() > kMostLimits) {
        return wrong(say("holds more than 10000 limits"), say("a sheet is for one vehicle"));
      }
    }
    if (columns_.empty()) {
      return Error{name_, std::nullopt, say("holds no limits"),
                   say("a header row with quantity, min, max and source")};
    }
    return sheet;
  }

 private:
  std::optional<std::string_view> next() {
    if (left_.empty()) {
      return std::nullopt;
    }
    const auto end = left_.find('\n');
    const auto line = left_.substr(0, end);
    left_.remove_prefix(end == std::string_view::npos ? left_.size() : end + 1);
    ++number_;
    return text::trimmed(line);
  }

  [[nodiscard]] Error wrong(const std::string& what, const std::string& wanted) const {
    return Error{name_, number_, what, wanted};
  }

  Status header(std::string_view line) {
    separator_ = separatorOf(line);
    bool named = false;
    for (const auto& field : fields(line, separator_)) {
      const auto it = std::find(kColumns.begin(), kColumns.end(), text::lower(field));
      columns_.push_back(static_cast<std::size_t>(it - kColumns.begin()));
      named = named || it == kColumns.begin();
    }
    return named ? Status(Done{})
                 : wrong(say("has no column \"quantity\""), "quantity, min, max, source");
  }

  Status row(LimitsSheet& sheet, std::string_view line) {
    const auto cells = fields(line, separator_);
    std::array<std::string, kColumns.size()> by;
    for (std::size_t i = 0; i < cells.size() && i < columns_.size(); ++i) {
      if (columns_[i] < by.size()) {
        by[columns_[i]] = cells[i];
      }
    }
    const auto it = std::find(kQuantityNames.begin(), kQuantityNames.end(), by[0]);
    if (it == kQuantityNames.end()) {
      return wrong("\"" + text::shortened(by[0], 40) + say("\" is no quantity of a limit"),
                   sayf("one of {}", fmt::join(kQuantityNames, ", ")));
    }
    Limit limit;
    limit.quantity = static_cast<Quantity>(it - kQuantityNames.begin());
    const auto unit = unitOf(limit.quantity);
    for (const auto& [cell, field, in] :
         {std::tuple{&by[1], &limit.min, unit}, std::tuple{&by[2], &limit.max, unit},
          std::tuple{&by[3], &limit.leftRightRatio, units::Unit::none},
          std::tuple{&by[4], &limit.atCelsius, units::Unit::none}}) {
      if (cell->empty()) {
        continue;
      }
      // No meter shows negative ohms, but a limit may lie below zero.
      const bool negative = cell->front() == '-';
      const auto entry = units::parseEntry(cell->substr(negative ? 1 : 0), in);
      if (!entry || entry->overload) {
        return wrong("\"" + text::shortened(*cell, 40) + say("\" is not a number"),
                     say("as 800 or 20M"));
      }
      *field = negative ? -entry->value : entry->value;
    }
    const auto from = std::find(kProvenanceNames.begin(), kProvenanceNames.end(), by[5]);
    if (from == kProvenanceNames.end() && !by[5].empty()) {
      return wrong("\"" + text::shortened(by[5], 40) + say("\" is no provenance"),
                   sayf("one of {}", fmt::join(kProvenanceNames, ", ")));
    }
    limit.provenance = by[5].empty() ? Provenance::serviceInformation
                                     : static_cast<Provenance>(from - kProvenanceNames.begin());
    limit.source = by[6];
    // One rule for both forms: what JSON would refuse is refused here.
    if (const auto read = readLimit(limitJson(limit), ""); !read) {
      return wrong(read.error().where + " " + read.error().what, read.error().wanted);
    }
    sheet.limits.push_back(std::move(limit));
    return Done{};
  }

  std::string_view left_;
  std::string name_;
  std::size_t number_ = 0;
  char separator_ = ',';
  std::vector<std::size_t> columns_;
};

std::string quoted(const std::string& field) {
  if (field.find_first_of(",\"\n") == std::string::npos) {
    return field;
  }
  std::string out = "\"";
  for (const char c : field) {
    out += c;
    if (c == '"') {
      out += c;
    }
  }
  return out + "\"";
}

std::string oneLine(std::string text) {
  std::replace(text.begin(), text.end(), '\n', ' ');
  return text;
}

}  // namespace

Result<LimitsSheet> parseLimitsSheet(std::string_view text, const std::string& name) {
  if (text.starts_with("\xEF\xBB\xBF")) {
    text.remove_prefix(3);
  }
  if (!text::isUtf8(text)) {
    return Error{name, std::nullopt, say("is not UTF-8 text"), say("save the sheet as UTF-8")};
  }
  return text::trimmed(text).starts_with('{') ? fromJson(text, name) : CsvReader(text, name).read();
}

std::string limitsSheetJson(const LimitsSheet& sheet) {
  Json out{{"format", "haybale-limits"},
           {"version", 1},
           {"vehicle", sheet.vehicle},
           {"source", sheet.source},
           {"date", sheet.date}};
  out["limits"] = Json::array();
  for (const auto& limit : sheet.limits) {
    out["limits"].push_back(limitJson(limit));
  }
  appendRest(out, sheet.rest);
  return out.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

std::string limitsSheetCsv(const LimitsSheet& sheet) {
  std::string out =
      fmt::format("# vehicle: {}\n# source: {}\n# date: {}\n{}\n", oneLine(sheet.vehicle),
                  oneLine(sheet.source), oneLine(sheet.date), fmt::join(kColumns, ","));
  const auto number = [](const std::optional<double>& v) {
    return v ? fmt::format("{}", *v) : std::string();
  };
  for (const auto& l : sheet.limits) {
    out += fmt::format(
        "{},{},{},{},{},{},{}\n", kQuantityNames[static_cast<std::size_t>(l.quantity)],
        number(l.min), number(l.max), number(l.leftRightRatio), number(l.atCelsius),
        kProvenanceNames[static_cast<std::size_t>(l.provenance)], quoted(oneLine(l.source)));
  }
  return out;
}

const std::vector<LimitsSheet>& genericSheets() {
  static const std::vector<LimitsSheet> sheets = [] {
    const auto limit = [](Quantity q, std::optional<double> min, std::optional<double> max,
                          const char* source) {
      Limit l;
      l.quantity = q;
      l.min = min;
      l.max = max;
      l.source = source;
      return l;
    };
    const char* const practice = "common practice, no published source";
    LimitsSheet cars{"passive sensors, cars and vans", practice, "", {}, {}};
    cars.limits = {limit(Quantity::coilResistance, 800, 2500, practice),
                   limit(Quantity::wireInsulation, 20e6, std::nullopt, practice),
                   limit(Quantity::wireContinuity, std::nullopt, 5, practice),
                   limit(Quantity::acOutput, 0.1, 1.5, "common practice: a brisk spin by hand")};
    cars.limits.front().atCelsius = 20;
    cars.limits.front().leftRightRatio = 1.15;
    LimitsSheet trailers{"passive sensors, heavy trailers", practice, "", {}, {}};
    // 0.5 V peak to peak at 1 m/s is 0.177 V of a sine.
    trailers.limits = {limit(Quantity::coilResistance, 1000, 2500, practice),
                       limit(Quantity::wireInsulation, 20e6, std::nullopt, practice),
                       limit(Quantity::wireContinuity, std::nullopt, 5, practice),
                       limit(Quantity::acOutput, 0.177, std::nullopt,
                             "common practice: 0.5 V peak to peak at 1 m/s; a good one gives 2 V")};
    LimitsSheet active{"active sensors, two wires", practice, "", {}, {}};
    active.limits = {
        limit(Quantity::wireInsulation, 20e6, std::nullopt, practice),
        limit(Quantity::wireContinuity, std::nullopt, 5, practice),
        limit(Quantity::biasUnplugged, 8, 14,
              "common practice; the good wheel on the same vehicle is the better one")};
    active.limits.back().leftRightRatio = 1.1;
    return std::vector{cars, trailers, active};
  }();
  return sheets;
}

void applySheet(const LimitsSheet& sheet, std::vector<Limit>& limits) {
  for (Limit limit : sheet.limits) {
    if (limit.source.empty()) {
      limit.source = sheet.source + (sheet.date.empty() ? "" : ", " + sheet.date);
    }
    const auto same = std::find_if(limits.begin(), limits.end(),
                                   [&](const Limit& l) { return l.quantity == limit.quantity; });
    if (same == limits.end()) {
      limits.push_back(std::move(limit));
    } else {
      *same = std::move(limit);
    }
  }
}

}  // namespace haybale::judging
