#include "core/capture/csv_hints.h"

#include <algorithm>
#include <array>
#include <filesystem>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::capture {

namespace {

struct Named {
  std::string_view text;
  UnitScale unit;
};

constexpr std::array kUnits{
    Named{"s", {units::Unit::second, 1}},
    Named{"sec", {units::Unit::second, 1}},
    Named{"second", {units::Unit::second, 1}},
    Named{"seconds", {units::Unit::second, 1}},
    Named{"ms", {units::Unit::second, 1e-3}},
    Named{"us", {units::Unit::second, 1e-6}},
    Named{"\xC2\xB5s", {units::Unit::second, 1e-6}},
    Named{"\xCE\xBCs", {units::Unit::second, 1e-6}},
    Named{"ns", {units::Unit::second, 1e-9}},
    Named{"v", {units::Unit::volt, 1}},
    Named{"volt", {units::Unit::volt, 1}},
    Named{"volts", {units::Unit::volt, 1}},
    Named{"mv", {units::Unit::volt, 1e-3}},
    Named{"uv", {units::Unit::volt, 1e-6}},
    Named{"kv", {units::Unit::volt, 1e3}},
    Named{"a", {units::Unit::ampere, 1}},
    Named{"amp", {units::Unit::ampere, 1}},
    Named{"ma", {units::Unit::ampere, 1e-3}},
    Named{"ua", {units::Unit::ampere, 1e-6}},
};

constexpr double kMostRows = 1e9;

std::optional<char> oneOfThese(ObjectReader& in, std::string_view key, std::string_view choices,
                               const char* wanted) {
  const std::string word = in.text(key);
  if (word.empty()) {
    return std::nullopt;
  }
  if (word.size() != 1 || choices.find(word.front()) == std::string_view::npos) {
    in.fail(key, "\"" + text::shortened(word, 20) + say("\" is not known here"), wanted);
    return std::nullopt;
  }
  return word.front();
}

std::optional<std::string> unitOf(ObjectReader& in, std::string_view key, bool ofTime) {
  const std::string word = in.text(key);
  if (word.empty()) {
    return std::nullopt;
  }
  const auto unit = unitNamed(word);
  if (!unit || (unit->unit == units::Unit::second) != ofTime) {
    in.fail(key, "\"" + text::shortened(word, 20) + say("\" is not known here"),
            ofTime ? say("s, ms, us or ns") : say("V, mV, A or mA"));
    return std::nullopt;
  }
  return word;
}

std::optional<std::size_t> count(const std::optional<double>& number) {
  return number ? std::optional(static_cast<std::size_t>(*number)) : std::nullopt;
}

}  // namespace

std::optional<UnitScale> unitNamed(std::string_view text) {
  const std::string word = text::lower(text::trimmed(text));
  const auto it = std::find_if(kUnits.begin(), kUnits.end(),
                               [&](const Named& named) { return named.text == word; });
  return it == kUnits.end() ? std::nullopt : std::optional(it->unit);
}

std::string sideFileOf(const std::string& path) {
  return path + ".json";
}

Result<CsvHints> parseHints(std::string_view text, const std::string& name) {
  const auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  if (!json->is_object()) {
    return Error{name, std::nullopt, say("is no JSON object"),
                 say("how the capture beside it is written")};
  }
  ObjectReader in(*json, name);
  CsvHints hints;
  hints.separator = oneOfThese(in, "separator", ",;\t", say("a comma, a semicolon or a tab"));
  hints.decimal = oneOfThese(in, "decimal", ".,", say("a point or a comma"));
  hints.firstRow = count(in.number("first_row", 1, kMostRows));
  hints.timeColumn = count(in.number("time_column", 0, 4096));
  hints.timeUnit = unitOf(in, "time_unit", true);
  hints.sampleRateHz = in.number("sample_rate_hz", 1e-6, 1e12);
  hints.channelUnit = unitOf(in, "unit", false);
  if (in.error()) {
    return *in.error();
  }
  return hints;
}

Result<CsvHints> readHints(const std::string& path) {
  const std::string side = sideFileOf(path);
  std::error_code unknown;
  if (!std::filesystem::exists(side, unknown)) {
    return CsvHints{};
  }
  const auto text = job::readFile(side);
  return text ? parseHints(*text, side) : Result<CsvHints>(text.error());
}

Status writeHints(const std::string& path, const CsvHints& hints) {
  const std::string side = sideFileOf(path);
  std::error_code failed;
  Json out = Json::object();
  // What another program keeps there stays.
  if (std::filesystem::exists(side, failed)) {
    const auto text = job::readFile(side);
    auto json = text ? parseJson(*text, side) : Result<Json>(text.error());
    if (!json || !json->is_object()) {
      return Error{side, std::nullopt, say("is not a file of this program, and was left as it is"),
                   say("another name for it, or none")};
    }
    out = std::move(*json);
    for (const char* key : {"separator", "decimal", "first_row", "time_column", "time_unit",
                            "sample_rate_hz", "unit"}) {
      out.erase(key);
    }
  }
  if (hints.empty() && out.empty()) {
    std::filesystem::remove(side, failed);
    if (failed) {
      return Error{side, std::nullopt, say("cannot be taken away"),
                   say("a folder that may be written to")};
    }
    return Done{};
  }
  const auto put = [&](const char* key, const auto& value) {
    if (value) {
      out[key] = *value;
    }
  };
  const auto text = [](const std::optional<char>& c) {
    return c ? std::optional(std::string(1, *c)) : std::nullopt;
  };
  put("separator", text(hints.separator));
  put("decimal", text(hints.decimal));
  put("first_row", hints.firstRow);
  put("time_column", hints.timeColumn);
  put("time_unit", hints.timeUnit);
  put("sample_rate_hz", hints.sampleRateHz);
  put("unit", hints.channelUnit);
  return job::writeFileAtomically(side, out.dump(2) + "\n");
}

}  // namespace haybale::capture
