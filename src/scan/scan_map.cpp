#include "scan/scan_map.h"

#include <fmt/format.h>

#include <charconv>

#include "core/base/json.h"
#include "core/base/say.h"

namespace haybale::scan {

namespace {

// "0x0E00" or a number, within 0 to `most`; `usual` where it is left out.
std::uint32_t addressOf(ObjectReader& in, const char* key, std::uint32_t most,
                        std::uint32_t usual) {
  const std::string right =
      fmt::format("a hexadecimal number as \"0x{:X}\", at most 0x{:X}", usual, most);
  const Json* json = in.any(key);
  if (!json || json->is_null()) {
    return usual;
  }
  std::uint64_t value = 0;
  bool good = json->is_number_unsigned();
  if (good) {
    value = json->get<std::uint64_t>();
  } else if (json->is_string()) {
    const auto& text = json->get_ref<const std::string&>();
    const bool hex = text.starts_with("0x") || text.starts_with("0X");
    const char* from = text.data() + (hex ? 2 : 0);
    const char* end = text.data() + text.size();
    const auto read = std::from_chars(from, end, value, hex ? 16 : 10);
    good = read.ec == std::errc() && read.ptr == end && from != end;
  }
  if (!good || value > most) {
    in.fail(key, say("is no address"), right);
    return usual;
  }
  return static_cast<std::uint32_t>(value);
}

Result<SpeedPlace> readSpeed(const Json& json, const std::string& path) {
  ObjectReader in(json, path);
  SpeedPlace out;
  out.circuit = in.text("circuit");
  out.did = static_cast<std::uint16_t>(addressOf(in, "did", 0xFFFF, 0));
  const double offset = in.number("offset").value_or(0);
  const double bytes = in.number("bytes").value_or(2);
  out.isSigned = in.boolean("signed").value_or(false);
  out.scale = in.number("scale").value_or(0.01);
  if (out.circuit.empty() && !in.error()) {
    in.fail("circuit", say("is missing"), say("the name of a circuit"));
  }
  if (!json.contains("did") && !in.error()) {
    in.fail("did", say("is missing"), say("the data identifier, as \"0x4A01\""));
  }
  const auto whole = [](double value, double least, double most) {
    return value >= least && value <= most && value == static_cast<double>(static_cast<int>(value));
  };
  if (!whole(offset, 0, 4095) && !in.error()) {
    in.fail("offset", say("is no place in a record"), say("whole bytes from 0"));
  }
  if (!whole(bytes, 1, 8) && !in.error()) {
    in.fail("bytes", say("is no size of a number"), say("1 to 8"));
  }
  if (in.error()) {
    return *in.error();
  }
  out.offset = static_cast<std::size_t>(offset);
  out.bytes = static_cast<std::size_t>(bytes);
  return out;
}

}  // namespace

Result<ScanMap> parseScanMap(std::string_view text, const std::string& name) {
  const auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  ObjectReader in(*json, name);
  ScanMap map;
  if (in.text("format") != "haybale-scan-map" && !in.error()) {
    in.fail("format", say("is no scan map"), "\"format\": \"haybale-scan-map\"");
  }
  if (in.number("version").value_or(1) != 1 && !in.error()) {
    in.fail("version", say("is of a newer program"), "1");
  }
  map.doip.tester = static_cast<std::uint16_t>(addressOf(in, "tester", 0xFFFF, map.doip.tester));
  map.doip.ecu = static_cast<std::uint16_t>(addressOf(in, "ecu", 0xFFFF, map.doip.ecu));
  if (const Json* can = in.object("can")) {
    ObjectReader ends(*can, in.at("can"));
    map.can.request = addressOf(ends, "request", 0x1FFFFFFF, map.can.request);
    map.can.response = addressOf(ends, "response", 0x1FFFFFFF, map.can.response);
    if (ends.error()) {
      return *ends.error();
    }
  }
  const Json* speeds = in.array("speeds");
  for (std::size_t i = 0; speeds && i < speeds->size(); ++i) {
    auto place = readSpeed((*speeds)[i], in.at("speeds") + fmt::format("[{}]", i));
    if (!place) {
      return place.error();
    }
    map.speeds.push_back(std::move(*place));
  }
  if (const Json* codes = in.object("codes")) {
    for (const auto& [code, circuit] : codes->items()) {
      if (!circuit.is_string()) {
        in.fail("codes", say("names no circuit for ") + code, "{\"C0035\": \"FL\"}");
        break;
      }
      map.codes[code] = circuit.get<std::string>();
    }
  }
  if (in.error()) {
    return *in.error();
  }
  return map;
}

std::string scanMapText(const ScanMap& map) {
  Json out{{"format", "haybale-scan-map"},
           {"version", 1},
           {"tester", fmt::format("0x{:04X}", map.doip.tester)},
           {"ecu", fmt::format("0x{:04X}", map.doip.ecu)},
           {"can",
            {{"request", fmt::format("0x{:03X}", map.can.request)},
             {"response", fmt::format("0x{:03X}", map.can.response)}}},
           {"speeds", Json::array()},
           {"codes", Json::object()}};
  for (const auto& s : map.speeds) {
    out["speeds"].push_back({{"circuit", s.circuit},
                             {"did", fmt::format("0x{:04X}", s.did)},
                             {"offset", s.offset},
                             {"bytes", s.bytes},
                             {"signed", s.isSigned},
                             {"scale", s.scale}});
  }
  for (const auto& [code, circuit] : map.codes) {
    out["codes"][code] = circuit;
  }
  return out.dump(2) + "\n";
}

}  // namespace haybale::scan
