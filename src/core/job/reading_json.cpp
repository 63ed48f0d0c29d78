#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/job/test_json.h"

namespace haybale::job {

using circuit::TestKind;

namespace {

// One step of the last digit of a text like "2.00", in its unit; empty for what is no number.
std::optional<double> stepOf(const std::string& digits) {
  const auto point = digits.find_first_of(".,");
  const auto last = digits.find_last_of("0123456789");
  if (last == std::string::npos ||
      digits.find_first_not_of("+-0123456789., ") != std::string::npos) {
    return std::nullopt;
  }
  return point == std::string::npos || last < point
             ? 1.0
             : std::pow(10.0, -static_cast<double>(last - point));
}

std::optional<units::Entry> readValue(ObjectReader& in, std::string_view key, units::Unit unit) {
  const Json* member = in.any(key);
  if (!member) {
    return std::nullopt;
  }
  units::Entry entry;
  entry.unit = unit;
  if (member->is_string() && (*member == "OL" || *member == "0L")) {
    entry.overload = true;
    entry.value = std::numeric_limits<double>::infinity();
    return entry;
  }
  if (member->is_string()) {
    in.fail(key,
            "\"" + text::shortened(member->get<std::string>(), 40) + say("\" is not a reading"),
            say("a plain number, or \"OL\""));
    return std::nullopt;
  }
  const auto value = in.number(key);
  if (!value) {
    return std::nullopt;
  }
  if (const auto wrong = units::notReadable(unit, *value); !wrong.empty()) {
    in.fail(key, fmt::format("{:g} {}", *value, wrong), say("the value as the meter showed it"));
    return std::nullopt;
  }
  entry.value = *value;
  return entry;
}

std::string_view valueKey(TestKind kind) {
  switch (kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return "ohm";
    case TestKind::dcVoltage:
      return "volt";
    case TestKind::acVoltage:
      return "volt_rms";
    case TestKind::current:
      return "amp";
    default:
      return "";
  }
}

void readCodes(ObjectReader& in, Reading& reading) {
  const Json* list = in.any("codes");
  if (!list || !list->is_array()) {
    in.fail("codes", say("is missing"),
            say("a list of {circuit, type}, empty when none came back"));
    return;
  }
  reading.codes.emplace();
  for (std::size_t i = 0; i < list->size(); ++i) {
    ObjectReader code((*list)[i], fmt::format("{}[{}]", in.at("codes"), i));
    Code out;
    out.circuit = code.text("circuit");
    const int type = code.oneOf("type", kCodeTypeNames);
    if (type < 0 && !code.error()) {
      code.fail("type", say("is missing"),
                say("one of open short-ground short-supply open-or-short ..."));
    }
    out.type = static_cast<CodeType>(std::max(type, 0));
    out.rest = code.rest();
    if (code.error()) {
      in.fail(*code.error());
      return;
    }
    reading.codes->push_back(std::move(out));
  }
}

void readSpeeds(ObjectReader& in, Reading& reading) {
  const Json* speeds = in.object("kmh");
  if (!speeds) {
    in.fail("kmh", say("is missing"), say("live speed by circuit, as {\"LF\": 5.0}"));
    return;
  }
  for (const auto& [name, value] : speeds->items()) {
    if (!value.is_number() || !(std::abs(value.get<double>()) < 1000)) {
      in.fail("kmh", say("of \"") + text::shortened(name, 40) + say("\" is no speed"),
              "km/h, a number");
      return;
    }
    reading.kmh.emplace_back(name, value.get<double>());
  }
}

// What is seen instead of measured.
void readObservation(ObjectReader& in, TestKind kind, Reading& reading) {
  const auto need = [&](const char* key, bool there, const char* wanted) {
    if (!there && !in.error()) {
      in.fail(key, say("is missing"), wanted);
    }
  };
  if (kind == TestKind::codes) {
    readCodes(in, reading);
  } else if (kind == TestKind::liveSpeed) {
    readSpeeds(in, reading);
  } else if (kind == TestKind::wiggle) {
    reading.reacts = in.boolean("reacts");
    reading.dropouts = in.number("dropouts", 0, 1e9);
    need("reacts", reading.reacts.has_value(), "true or false");
  } else if (kind == TestKind::inspect) {
    reading.looked = in.text("element");
    const int sight = in.oneOf("finding", kSightNames);
    need("finding", sight >= 0, "what is seen, as ok or corroded");
    reading.sight = static_cast<Sight>(std::max(sight, 0));
  } else if (kind == TestKind::benchSensor) {
    reading.swings = in.boolean("swings");
    need("swings", reading.swings.has_value(), "true or false");
  }
}

Reading readReading(ObjectReader& in, TestKind kind) {
  Reading reading;
  if (const auto key = valueKey(kind); !key.empty()) {
    reading.value = readValue(in, key, circuit::unitOf(kind));
    if (!reading.value && !in.error()) {
      in.fail(key, say("is missing"), say("the value that was read, or \"OL\""));
    }
    const auto resolution = in.number("resolution", 0, units::kMostReadable);
    reading.digits = in.text("digits");
    if (const auto step = stepOf(reading.digits); step && reading.value) {
      reading.value->resolution = *step;
    }
    if (resolution && reading.value) {
      reading.value->resolution = *resolution;
    }
    reading.hz = in.number("hz", 0, 1e9);
    reading.celsius = in.number("celsius", -60, 250);
  } else if (kind == TestKind::lamp) {
    const int lamp = in.oneOf("lamp", circuit::kLampStateNames);
    if (lamp < 0 && !in.error()) {
      in.fail("lamp", say("is missing"), say("one of dark dim lit"));
    } else {
      reading.lamp = static_cast<circuit::LampState>(std::max(lamp, 0));
    }
  } else if (kind == TestKind::waveform) {
    reading.file = in.text("file");
    reading.channel = in.text("channel");
    if (reading.file.empty() && !in.error()) {
      in.fail("file", say("is missing"), say("the path of a capture"));
    }
  }
  if (valueKey(kind).empty()) {
    readObservation(in, kind, reading);
  }
  reading.rest = in.rest();
  return reading;
}

}  // namespace

Result<Reading> readReadingJson(const Json& json, const std::string& path, TestKind kind) {
  ObjectReader in(json, path);
  Reading reading = readReading(in, kind);
  if (in.error()) {
    return *in.error();
  }
  return reading;
}

Json readingJson(const Reading& reading, TestKind kind) {
  Json out = Json::object();
  if (reading.value) {
    const std::string key(valueKey(kind));
    out[key] = reading.value->overload ? Json("OL") : Json(reading.value->value);
    if (!reading.value->overload && reading.value->resolution > 0) {
      out["resolution"] = reading.value->resolution;
    }
  }
  if (reading.lamp) {
    out["lamp"] = circuit::kLampStateNames[static_cast<std::size_t>(*reading.lamp)];
  }
  if (reading.hz) {
    out["hz"] = *reading.hz;
  }
  setIf(out, "digits", reading.digits);
  if (reading.celsius) {
    out["celsius"] = *reading.celsius;
  }
  if (!reading.file.empty()) {
    out["file"] = reading.file;
  }
  if (!reading.channel.empty()) {
    out["channel"] = reading.channel;
  }
  if (reading.codes) {
    out["codes"] = Json::array();
    for (const auto& code : *reading.codes) {
      Json one{{"circuit", code.circuit},
               {"type", kCodeTypeNames[static_cast<std::size_t>(code.type)]}};
      appendRest(one, code.rest);
      out["codes"].push_back(one);
    }
  }
  if (kind == TestKind::liveSpeed) {
    out["kmh"] = Json::object();
    for (const auto& [name, value] : reading.kmh) {
      out["kmh"][name] = value;
    }
  }
  if (reading.reacts) {
    out["reacts"] = *reading.reacts;
  }
  if (reading.dropouts) {
    out["dropouts"] = *reading.dropouts;
  }
  if (reading.sight) {
    out["finding"] = kSightNames[static_cast<std::size_t>(*reading.sight)];
  }
  if (!reading.looked.empty()) {
    out["element"] = reading.looked;
  }
  if (reading.swings) {
    out["swings"] = *reading.swings;
  }
  appendRest(out, reading.rest);
  return out;
}

}  // namespace haybale::job
