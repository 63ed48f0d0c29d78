// How quantities are printed, and in which units this desk reads them.
#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <cmath>

#include "core/base/say.h"
#include "core/units/quantity.h"

namespace haybale::units {

namespace {

// A value of the base unit is (shown - zero) * per.
struct Shown {
  std::string_view text;  // empty: the base unit's own
  double per = 1;
  double zero = 0;
};

std::atomic<bool> milesShown = false;
std::atomic<bool> fahrenheitShown = false;

Shown shownAs(Unit unit) {
  if (unit == Unit::kmh && milesShown) {
    return {"mph", kKmhOfMph};
  }
  if (unit == Unit::celsius && fahrenheitShown) {
    return {
        "\xC2\xB0"
        "F",
        kCelsiusOfF, kFreezingF};
  }
  return {};
}

}  // namespace

std::string_view symbol(Unit unit) {
  switch (unit) {
    case Unit::ohm:
      return "\xCE\xA9";
    case Unit::volt:
      return "V";
    case Unit::ampere:
      return "A";
    case Unit::hertz:
      return "Hz";
    case Unit::second:
      return "s";
    case Unit::metre:
      return "m";
    case Unit::kmh:
      return "km/h";
    case Unit::celsius:
      return "\xC2\xB0"
             "C";
    case Unit::percent:
      return "%";
    case Unit::weber:
      return "Wb";
    case Unit::none:
      return "";
  }
  return "";
}

void setShownUnits(bool milesPerHour, bool fahrenheit) {
  milesShown = milesPerHour;
  fahrenheitShown = fahrenheit;
}

double shown(double value, Unit unit) {
  const Shown as = shownAs(unit);
  return value / as.per + as.zero;
}

double fromShown(double number, Unit unit) {
  const Shown as = shownAs(unit);
  return (number - as.zero) * as.per;
}

std::string_view shownSymbol(Unit unit) {
  const std::string_view own = shownAs(unit).text;
  return own.empty() ? symbol(unit) : own;
}

namespace {

struct Scaled {
  int exponent;
  std::string_view prefix;
};

Scaled prefixFor(double magnitude) {
  constexpr std::array kSteps{Scaled{9, "G"}, Scaled{6, "M"},  Scaled{3, "k"},
                              Scaled{0, ""},  Scaled{-3, "m"}, Scaled{-6, "\xC2\xB5"},
                              Scaled{-9, "n"}};
  if (magnitude == 0) {
    return {0, ""};
  }
  for (const auto& step : kSteps) {
    // 0.9995 and above would round up to 1.00 of this step.
    if (magnitude >= std::pow(10.0, step.exponent) * 0.99949999) {
      return step;
    }
  }
  return kSteps.back();
}

// Units that are never printed with a prefix.
bool takesPrefix(Unit unit) {
  return unit != Unit::kmh && unit != Unit::celsius && unit != Unit::percent &&
         unit != Unit::none && unit != Unit::metre;
}

int decimalsFor(double scaled, int digits) {
  if (scaled == 0) {
    return std::max(0, digits - 1);
  }
  // Half a step of the last digit is added first: 0.99996 with four digits prints as 1.000.
  const double rounded = std::abs(scaled) * (1 + 0.5 * std::pow(10.0, -digits));
  const int whole = static_cast<int>(std::floor(std::log10(rounded) + 1e-9)) + 1;
  return std::clamp(digits - whole, 0, 9);
}

std::string withUnit(const std::string& number, std::string_view prefix, Unit unit) {
  const std::string tail = std::string(prefix) + std::string(shownSymbol(unit));
  return tail.empty() ? number : number + " " + tail;
}

std::string printed(double value, int decimals) {
  std::string text = fmt::format("{:.{}f}", value, decimals);
  if (decimalComma()) {
    std::replace(text.begin(), text.end(), '.', ',');
  }
  return text;
}

}  // namespace

std::string format(double value, Unit unit, int digits) {
  if (std::isnan(value)) {
    return "\xE2\x80\x93";
  }
  if (std::isinf(value)) {
    return "OL";
  }
  const Scaled step = takesPrefix(unit) ? prefixFor(std::abs(value)) : Scaled{0, ""};
  const double scaled = shown(value, unit) / std::pow(10.0, step.exponent);
  return withUnit(printed(scaled, decimalsFor(scaled, digits)), step.prefix, unit);
}

std::string formatPlain(double value, Unit unit, int decimals) {
  return withUnit(printed(shown(value, unit), decimals), "", unit);
}

std::string formatPlainBand(double low, double high, Unit unit, int decimals) {
  return withUnit(
      sayf("{} to {}", printed(shown(low, unit), decimals), printed(shown(high, unit), decimals)),
      "", unit);
}

std::string format(const Entry& entry) {
  if (entry.overload) {
    return "OL";
  }
  if (entry.resolution <= 0) {
    return format(entry.value, entry.unit, 4);
  }
  const Scaled step = takesPrefix(entry.unit) ? prefixFor(std::abs(entry.value)) : Scaled{0, ""};
  const double scale = std::pow(10.0, step.exponent);
  const double lastStep = entry.resolution / shownAs(entry.unit).per / scale;
  const int decimals = std::clamp(static_cast<int>(std::lround(-std::log10(lastStep))), 0, 9);
  return withUnit(printed(shown(entry.value, entry.unit) / scale, decimals), step.prefix,
                  entry.unit);
}

std::string formatBand(double low, double high, Unit unit, int digits) {
  if (!std::isfinite(low) || !std::isfinite(high)) {
    return sayf("{} to {}", format(low, unit, digits), format(high, unit, digits));
  }
  low = shown(low, unit);
  high = shown(high, unit);
  const double most = std::max(std::abs(low), std::abs(high));
  const Scaled step = takesPrefix(unit) ? prefixFor(most) : Scaled{0, ""};
  const double scale = std::pow(10.0, step.exponent);
  const int decimals = decimalsFor(most / scale, digits);
  return withUnit(sayf("{} to {}", printed(low / scale, decimals), printed(high / scale, decimals)),
                  step.prefix, unit);
}

}  // namespace haybale::units
