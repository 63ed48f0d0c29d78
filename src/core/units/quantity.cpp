#include "core/units/quantity.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::units {

namespace {

// In the unit's own base: (typed - zero) * per.
struct UnitName {
  std::string_view text;
  Unit unit;
  double per = 1;
  double zero = 0;
};

// A number without its unit is in the desk's.
UnitName asShown(Unit unit) {
  const double zero = shown(0, unit);
  return {shownSymbol(unit), unit, fromShown(zero + 1, unit), zero};
}

// Longest first, so that "ohms" is not read as "ohm" with an s left over.
constexpr std::array kUnitNames{
    UnitName{"percent", Unit::percent},
    UnitName{"volts", Unit::volt},
    UnitName{"ohms", Unit::ohm},
    UnitName{"km/h", Unit::kmh},
    UnitName{"kmh", Unit::kmh},
    UnitName{"kph", Unit::kmh},
    UnitName{"mph", Unit::kmh, kKmhOfMph},
    UnitName{"volt", Unit::volt},
    UnitName{"ohm", Unit::ohm},
    UnitName{"vdc", Unit::volt},
    UnitName{"vac", Unit::volt},
    UnitName{"amp", Unit::ampere},
    UnitName{"\xE2\x84\xA6", Unit::ohm},
    UnitName{"\xCE\xA9", Unit::ohm},
    UnitName{"\xCF\x89", Unit::ohm},
    UnitName{"hz", Unit::hertz},
    UnitName{"wb", Unit::weber},
    UnitName{"\xC2\xB0"
             "c",
             Unit::celsius},
    UnitName{"\xC2\xB0"
             "f",
             Unit::celsius, kCelsiusOfF, kFreezingF},
    UnitName{"v", Unit::volt},
    UnitName{"a", Unit::ampere},
    UnitName{"s", Unit::second},
    UnitName{"r", Unit::ohm},
    UnitName{"c", Unit::celsius},
    UnitName{"f", Unit::celsius, kCelsiusOfF, kFreezingF},
    UnitName{"%", Unit::percent},
};

struct Prefix {
  std::string_view text;
  int exponent;
};

constexpr std::array kPrefixes{
    Prefix{"meg", 6},       Prefix{"Meg", 6}, Prefix{"MEG", 6}, Prefix{"\xC2\xB5", -6},
    Prefix{"\xCE\xBC", -6}, Prefix{"p", -12}, Prefix{"n", -9},  Prefix{"u", -6},
    Prefix{"m", -3},        Prefix{"k", 3},   Prefix{"K", 3},   Prefix{"M", 6},
    Prefix{"G", 9},
};

std::string exampleFor(Unit unit) {
  switch (unit) {
    case Unit::ohm:
      return say("type ohms as 1100, 1.1k, 1k1, 4.8M or OL");
    case Unit::volt:
      return say("type volts as 4.98, 500m, 0.5V or OL");
    case Unit::ampere:
      return say("type amperes as 0.007, 7m or 7 mA");
    case Unit::hertz:
      return say("type hertz as 52, 1.2k or 52Hz");
    case Unit::second:
      return say("type seconds as 0.2 or 200m");
    case Unit::metre:
      return say("type metres as 1.93");
    case Unit::kmh:
      return sayf("type {} as 25", shownSymbol(Unit::kmh));
    case Unit::celsius:
      return sayf("type degrees as 20, in {}", shownSymbol(Unit::celsius));
    case Unit::percent:
      return say("type percent as 40");
    case Unit::weber:
      return say("type the output per hertz as 2m or 2 mWb");
    case Unit::none:
      return say("type a number with its unit, as 1.1k ohm or 4.98V");
  }
  return "";
}

Error bad(std::string_view text, std::string what, Unit implied) {
  Error error;
  error.what = fmt::format("\"{}\" {}", text::shortened(text, 40), what);
  error.wanted = exampleFor(implied);
  return error;
}

bool isOverload(std::string_view text) {
  const std::string word = text::lower(text);
  for (const std::string_view form : {"ol", "0l", "o.l", "0.l", ".ol", ".0l", "o.l.", "0.l.", "inf",
                                      "infinite", "overload", "open", "\xE2\x88\x9E"}) {
    if (word == form) {
      return true;
    }
  }
  return false;
}

struct Digits {
  std::string number;  // sign, digits and one point
  std::string_view rest;
};

bool isDigit(char c) {
  return c >= '0' && c <= '9';
}

// Takes sign, digits, one decimal mark and an exponent ("1.2e3") off the front.
Digits takeNumber(std::string_view text) {
  Digits out;
  std::size_t at = 0;
  if (text.starts_with("\xE2\x88\x92")) {  // U+2212 minus
    out.number = "-";
    at = 3;
  } else if (!text.empty() && (text[0] == '-' || text[0] == '+')) {
    if (text[0] == '-') {
      out.number = "-";
    }
    at = 1;
  }
  bool point = false;
  for (; at < text.size(); ++at) {
    if (isDigit(text[at])) {
      out.number += text[at];
    } else if ((text[at] == '.' || text[at] == ',') && !point) {
      out.number += '.';
      point = true;
    } else {
      break;
    }
  }
  if (at + 1 < text.size() && (text[at] == 'e' || text[at] == 'E')) {
    std::size_t end = at + 1;
    if (text[end] == '-' || text[end] == '+') {
      ++end;
    }
    const std::size_t first = end;
    while (end < text.size() && isDigit(text[end])) {
      ++end;
    }
    if (end > first) {
      out.number += 'e';
      out.number += text.substr(at + 1 + (text[at + 1] == '+' ? 1 : 0),
                                end - at - 1 - (text[at + 1] == '+' ? 1 : 0));
      at = end;
    }
  }
  out.rest = text.substr(at);
  return out;
}

std::optional<UnitName> unitNamed(std::string_view text) {
  const std::string word = text::lower(text);
  for (const auto& name : kUnitNames) {
    if (word == name.text) {
      return name;
    }
  }
  return std::nullopt;
}

// The tail after the digits: prefix, more digits when the prefix stands for the point, unit.
struct Tail {
  int exponent = 0;
  bool prefixed = false;
  bool prefixIsBareM = false;
  std::string fraction;
  std::optional<UnitName> unit;
};

std::optional<Tail> readTail(std::string_view rest, bool allowFraction) {
  rest = text::trimmed(rest);
  Tail tail;
  if (rest.empty()) {
    return tail;
  }
  if (const auto unit = unitNamed(rest)) {
    tail.unit = unit;
    return tail;
  }
  // "2R2": the unit letter stands for the point.
  if (allowFraction && (rest[0] == 'R' || rest[0] == 'r') && rest.size() > 1 &&
      std::all_of(rest.begin() + 1, rest.end(), isDigit)) {
    tail.fraction = rest.substr(1);
    tail.unit = UnitName{"r", Unit::ohm};
    return tail;
  }
  for (const auto& prefix : kPrefixes) {
    if (!rest.starts_with(prefix.text)) {
      continue;
    }
    std::string_view after = rest.substr(prefix.text.size());
    tail.exponent = prefix.exponent;
    tail.prefixed = true;
    tail.fraction.clear();
    if (allowFraction) {
      while (!after.empty() && isDigit(after.front())) {
        tail.fraction += after.front();
        after.remove_prefix(1);
      }
    }
    after = text::trimmed(after);
    tail.prefixIsBareM = prefix.text == "m" && after.empty();
    if (after.empty()) {
      return tail;
    }
    if (const auto unit = unitNamed(after)) {
      tail.unit = unit;
      return tail;
    }
  }
  return std::nullopt;
}

double lastDigit(const std::string& number) {
  const std::size_t exponentAt = number.find('e');
  const std::string mantissa = number.substr(0, exponentAt);
  const std::size_t point = mantissa.find('.');
  const int decimals =
      point == std::string::npos ? 0 : static_cast<int>(mantissa.size() - point - 1);
  const int exponent =
      exponentAt == std::string::npos ? 0 : std::atoi(number.c_str() + exponentAt + 1);
  return std::pow(10.0, exponent - decimals);
}

}  // namespace

std::string notReadable(Unit unit, double value) {
  if (unit == Unit::ohm && value < kLeastOhm) {
    return say("is a negative resistance: the circuit is live, or the leads were not zeroed");
  }
  const bool temperature = unit == Unit::celsius && !(value >= -60 && value <= 250);
  if (temperature) {
    return say("is no temperature a coil is measured at (-60 to 250 degrees)");
  }
  const bool frequency = unit == Unit::hertz && !(value >= 0 && value <= 1e9);
  return frequency || !(std::abs(value) <= kMostReadable) ? say("is not a number a meter can show")
                                                          : "";
}

Result<Entry> parseEntry(std::string_view typed, Unit implied) {
  const std::string_view text = text::trimmed(typed);
  Entry entry;
  entry.unit = implied;
  if (text.empty()) {
    return bad(text, say("is empty"), implied);
  }
  if (isOverload(text)) {
    entry.overload = true;
    entry.value = std::numeric_limits<double>::infinity();
    return entry;
  }
  const Digits digits = takeNumber(text);
  if (std::none_of(digits.number.begin(), digits.number.end(), isDigit)) {
    return bad(text, say("is not a number"), implied);
  }
  const bool hasPoint = digits.number.find_first_of(".e") != std::string::npos;
  const auto tail = readTail(digits.rest, !hasPoint);
  if (!tail) {
    const bool twoMarks = !digits.rest.empty() && (digits.rest[0] == '.' || digits.rest[0] == ',');
    return bad(text,
               twoMarks
                   ? say("has two decimal marks")
                   : sayf("ends in \"{}\", which is no unit", text::shortened(digits.rest, 20)),
               implied);
  }
  const UnitName named = tail->unit.value_or(asShown(implied));
  if (implied != Unit::none && named.unit != implied) {
    return bad(
        text,
        sayf("is in {}, but {} is what is measured here", symbol(named.unit), symbol(implied)),
        implied);
  }
  entry.unit = named.unit;
  entry.unitTyped = tail->unit.has_value();
  if (tail->prefixIsBareM && entry.unit == Unit::ohm) {
    Error error = bad(text, say("could be milliohm or megohm"), implied);
    error.wanted = sayf("type {}M for megohm, {} mohm for milliohm", digits.number, digits.number);
    return error;
  }
  std::string number = digits.number;
  if (!tail->fraction.empty()) {
    number += "." + tail->fraction;
  }
  double value = 0;
  const auto [end, status] =
      fast_float::from_chars(number.data(), number.data() + number.size(), value);
  const double scale = std::pow(10.0, tail->exponent);
  if (status != std::errc() || end != number.data() + number.size() ||
      !std::isfinite(value * scale)) {
    return bad(text, say("is not a number a meter can show"), implied);
  }
  entry.value = (value * scale - named.zero) * named.per;
  entry.resolution = lastDigit(number) * scale * named.per;
  // IEEE 488.2 / SCPI-99 (vol. 1, 7.2.1.4-5): how an instrument writes "beyond the range" and "no
  // number".
  if (entry.value == 9.9e37) {
    return Entry{std::numeric_limits<double>::infinity(), true, entry.unit, entry.unitTyped, 0};
  }
  if (entry.value == 9.91e37) {
    return bad(text, say("is how an instrument says that it has no number"), implied);
  }
  if (const auto wrong = notReadable(entry.unit, entry.value); !wrong.empty()) {
    return bad(text, wrong, implied);
  }
  return entry;
}

}  // namespace haybale::units
