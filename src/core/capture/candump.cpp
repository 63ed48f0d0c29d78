#include "core/capture/candump.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/capture/mapped_file.h"

namespace haybale::capture {

namespace {

constexpr double kTurns = 1.0;    // km/h from which on a wheel turns
constexpr double kLongest = 2.0;  // seconds of nothing that may still be a dropout

template <class T>
bool fromHex(std::string_view text, T& value) {
  const char* end = text.data() + text.size();
  const auto [stop, bad] = std::from_chars(text.data(), end, value, 16);
  return bad == std::errc{} && stop == end && !text.empty();
}

bool asNumber(std::string_view text, double& value) {
  const char* end = text.data() + text.size();
  const auto [stop, bad] = fast_float::from_chars(text.data(), end, value);
  return bad == std::errc{} && stop == end && std::isfinite(value);
}

std::vector<std::string_view> linesOf(std::string_view text) {
  std::vector<std::string_view> out;
  while (!text.empty()) {
    const auto end = text.find('\n');
    out.push_back(text::trimmed(text.substr(0, end)));
    text = end == std::string_view::npos ? std::string_view() : text.substr(end + 1);
  }
  return out;
}

}  // namespace

Result<std::vector<BusSignal>> parseSignalMap(std::string_view text, const std::string& name) {
  const auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  ObjectReader in(*json, "");
  const auto fail = [&](Error e) {
    e.where = name + (e.where.empty() ? "" : ": " + e.where);
    return e;
  };
  if (in.text("format") != "haybale-signal-map") {
    return Error{name, std::nullopt, say("is no signal map"), "\"format\": \"haybale-signal-map\""};
  }
  (void)in.number("version", 1, 1);
  std::vector<BusSignal> out;
  const Json* list = in.array("signals");
  for (std::size_t i = 0; list && i < list->size(); ++i) {
    const std::string path = fmt::format("signals[{}]", i);
    ObjectReader one((*list)[i], path);
    BusSignal s;
    s.circuit = one.text("circuit");
    const std::string id = text::lower(one.text("id"));
    if (!fromHex(id.rfind("0x", 0) == 0 ? std::string_view(id).substr(2) : std::string_view(id),
                 s.id) ||
        s.id > 0x1FFFFFFF) {
      one.fail("id", say("is no identifier"), say("hexadecimal, such as 0x1F0"));
    }
    s.firstByte = static_cast<std::size_t>(one.number("first_byte", 0, 63).value_or(0));
    s.bytes = static_cast<std::size_t>(one.number("bytes", 1, 4).value_or(2));
    s.bigEndian = one.oneOf("order", std::array<std::string_view, 2>{"little", "big"}) != 0;
    s.isSigned = one.boolean("signed").value_or(false);
    s.scale = one.number("scale", -1e6, 1e6).value_or(s.scale);
    s.offset = one.number("offset", -1e6, 1e6).value_or(0);
    if (s.circuit.empty()) {
      one.fail("circuit", say("is missing"), say("the name of a circuit"));
    }
    if (one.error()) {
      return fail(*one.error());
    }
    out.push_back(std::move(s));
  }
  if (in.error()) {
    return fail(*in.error());
  }
  if (out.empty()) {
    return Error{name, std::nullopt, say("maps no signal"),
                 say("at least one entry in \"signals\"")};
  }
  return out;
}

std::string signalMapText(const std::vector<BusSignal>& mapped) {
  Json list = Json::array();
  for (const auto& s : mapped) {
    list.push_back({{"circuit", s.circuit},
                    {"id", fmt::format("0x{:X}", s.id)},
                    {"first_byte", s.firstByte},
                    {"bytes", s.bytes},
                    {"order", s.bigEndian ? "big" : "little"},
                    {"signed", s.isSigned},
                    {"scale", s.scale},
                    {"offset", s.offset}});
  }
  return Json{{"format", "haybale-signal-map"}, {"version", 1}, {"signals", list}}.dump(2);
}

std::optional<BusFrame> parseFrame(std::string_view line) {
  line = text::trimmed(line);
  const auto close = line.find(')');
  if (line.empty() || line.front() != '(' || close == std::string_view::npos) {
    return std::nullopt;
  }
  BusFrame out;
  if (!asNumber(line.substr(1, close - 1), out.s)) {
    return std::nullopt;
  }
  const auto words = text::words(line.substr(close + 1));
  if (words.size() < 2) {
    return std::nullopt;
  }
  const std::string_view frame = words[1];
  const auto hash = frame.find('#');
  if (hash == std::string_view::npos || !fromHex(frame.substr(0, hash), out.id)) {
    return std::nullopt;
  }
  auto data = frame.substr(hash + 1);
  if (!data.empty() && data.front() == '#') {
    data.remove_prefix(std::min<std::size_t>(2, data.size()));  // flags of flexible data rate
  }
  if (!data.empty() && (data.front() == 'R' || data.front() == 'r')) {
    return out;
  }
  if (data.size() % 2 != 0 || data.size() > 128) {
    return std::nullopt;
  }
  for (std::size_t i = 0; i < data.size(); i += 2) {
    std::uint8_t byte = 0;
    if (!fromHex(data.substr(i, 2), byte)) {
      return std::nullopt;
    }
    out.data.push_back(byte);
  }
  return out;
}

void takeFrame(const BusFrame& frame, const std::vector<BusSignal>& mapped, SpeedLog& log) {
  for (const auto& s : mapped) {
    if (s.id != frame.id || s.firstByte + s.bytes > frame.data.size()) {
      continue;
    }
    std::uint32_t raw = 0;
    for (std::size_t b = 0; b < s.bytes; ++b) {
      const std::size_t at = s.firstByte + (s.bigEndian ? b : s.bytes - 1 - b);
      raw = raw << 8 | frame.data[at];
    }
    double value = raw;
    const double top = std::pow(256.0, static_cast<double>(s.bytes));
    if (s.isSigned && value >= top / 2) {
      value -= top;
    }
    log.wheels[s.circuit].push_back({frame.s, value * s.scale + s.offset});
  }
}

Result<SpeedLog> parseCandump(std::string_view text, const std::vector<BusSignal>& mapped,
                              const std::string& name) {
  SpeedLog out;
  std::size_t number = 0;
  for (const auto line : linesOf(text)) {
    ++number;
    if (line.empty()) {
      continue;
    }
    if (const auto frame = parseFrame(line)) {
      ++out.frames;
      takeFrame(*frame, mapped, out);
    } else if (out.skipped++ == 0) {
      out.firstSkipped = fmt::format("line {}: no frame", number);
    }
  }
  if (out.frames == 0) {
    return Error{name, std::nullopt, say("holds no frame of a bus"),
                 say("lines such as (1436509052.249713) can0 1F0#01F401F4")};
  }
  if (out.wheels.empty()) {
    return Error{name, std::nullopt, say("holds no frame that the signal map names"),
                 say("identifiers that occur in the log")};
  }
  for (auto& [circuit, samples] : out.wheels) {
    std::stable_sort(samples.begin(), samples.end(),
                     [](const auto& a, const auto& b) { return a.s < b.s; });
  }
  return out;
}

Result<SpeedLog> parseSpeedTable(std::string_view text, const std::string& name) {
  SpeedLog out;
  std::vector<std::string> heads;
  std::size_t number = 0;
  for (const auto line : linesOf(text)) {
    ++number;
    if (line.empty() || line.front() == '#') {
      continue;
    }
    const char separator = line.find(';') != std::string_view::npos    ? ';'
                           : line.find('\t') != std::string_view::npos ? '\t'
                                                                       : ',';
    std::vector<std::string> cells;
    for (std::size_t from = 0; from <= line.size();) {
      const auto at = std::min(line.find(separator, from), line.size());
      cells.emplace_back(text::trimmed(line.substr(from, at - from)));
      std::replace(cells.back().begin(), cells.back().end(), ',', '.');  // decimal comma
      from = at + 1;
    }
    double s = 0;
    if (heads.empty()) {
      heads = cells;
      if (heads.size() < 2 || asNumber(heads[0], s)) {
        return Error{name, number, say("has no head that names the circuits"), "time_s,RL,RR"};
      }
      continue;
    }
    if (!asNumber(cells[0], s)) {
      if (out.skipped++ == 0) {
        out.firstSkipped = fmt::format("line {}: no time", number);
      }
      continue;
    }
    ++out.frames;
    for (std::size_t c = 1; c < std::min(cells.size(), heads.size()); ++c) {
      double kmh = 0;
      if (asNumber(cells[c], kmh)) {  // an empty cell is no standing wheel
        out.wheels[heads[c]].push_back({s, kmh});
      }
    }
  }
  if (out.wheels.empty()) {
    return Error{name, std::nullopt, say("holds no speeds"),
                 say("a head time_s,RL,RR and rows of numbers")};
  }
  return out;
}

namespace {

// The last speed of a wheel at or before `s`.
double speedAt(const std::vector<SpeedSample>& samples, double s) {
  const auto after = std::upper_bound(samples.begin(), samples.end(), s,
                                      [](double at, const SpeedSample& x) { return at < x.s; });
  return after == samples.begin() ? 0 : (after - 1)->kmh;
}

WheelSummary summaryOf(const std::string& circuit, const SpeedLog& log) {
  WheelSummary out;
  std::vector<double> turning;
  std::size_t moments = 0;
  std::size_t zero = 0;
  std::optional<double> fellAt;
  bool turned = false;
  for (const auto& sample : log.wheels.at(circuit)) {
    const bool any = std::any_of(log.wheels.begin(), log.wheels.end(), [&](const auto& wheel) {
      return wheel.first != circuit && speedAt(wheel.second, sample.s) > kTurns;
    });
    const bool here = sample.kmh > kTurns;
    if (!any && !here) {
      fellAt.reset();
      turned = false;
      continue;
    }
    ++moments;
    turning.push_back(sample.kmh);
    zero += here ? 0 : 1;
    if (!here && turned && !fellAt) {
      fellAt = sample.s;
    } else if (here) {
      out.dropouts += fellAt && sample.s - *fellAt <= kLongest ? 1 : 0;
      fellAt.reset();
      turned = true;
    }
  }
  if (!turning.empty()) {
    const auto middle = turning.begin() + static_cast<std::ptrdiff_t>(turning.size() / 2);
    std::nth_element(turning.begin(), middle, turning.end());
    out.medianKmh = *middle;
    out.shareZero = static_cast<double>(zero) / static_cast<double>(moments);
  }
  return out;
}

}  // namespace

std::map<std::string, WheelSummary> summarise(const SpeedLog& log) {
  std::map<std::string, WheelSummary> out;
  for (const auto& [circuit, samples] : log.wheels) {
    out[circuit] = summaryOf(circuit, log);
  }
  return out;
}

Result<SpeedLog> openSpeedLog(const std::string& path) {
  const auto file = MappedFile::open(path);
  if (!file) {
    return file.error();
  }
  const auto text = file->bytes();
  const auto firstLine = text.substr(0, text.find('\n'));
  if (!parseFrame(firstLine)) {
    return parseSpeedTable(text, path);
  }
  const std::string side = path + ".map.json";
  const auto map = MappedFile::open(side);
  if (!map) {
    return Error{path, std::nullopt, say("is a bus log without its signal map"),
                 say("put it beside, as ") + side};
  }
  const auto mapped = parseSignalMap(map->bytes(), side);
  auto log = mapped ? parseCandump(text, *mapped, path) : Result<SpeedLog>(mapped.error());
  const auto shrunk = file->shrunk(path);
  return shrunk ? Result<SpeedLog>(*shrunk) : std::move(log);
}

}  // namespace haybale::capture
