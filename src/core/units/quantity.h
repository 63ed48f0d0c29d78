// Quantities as a technician types and reads them: 4.8M, 4M8, 1k1, 0L, 1,07k, 500 mV.
#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace haybale::units {

enum class Unit { ohm, volt, ampere, hertz, second, metre, kmh, celsius, percent, weber, none };

/// Of a mile an hour and a degree Fahrenheit: NIST SP 811 (2008), appendix B.8.
inline constexpr double kKmhOfMph = 1.609344;
inline constexpr double kCelsiusOfF = 5.0 / 9.0;
inline constexpr double kFreezingF = 32;

/// The sign printed after a number: "Ω", "V", ...
[[nodiscard]] std::string_view symbol(Unit unit);

/// Speeds and temperatures as this desk reads them: shown by format() in mph and degrees
/// Fahrenheit, and taken for such where a number is typed without its unit. Values, files and the
/// command line stay in km/h and degrees Celsius. Set before anything is shown; metric at first.
void setShownUnits(bool milesPerHour, bool fahrenheit);
/// A value of its base unit as a number in the unit shown, and back: 80.47 km/h is 50 (mph).
[[nodiscard]] double shown(double value, Unit unit);
[[nodiscard]] double fromShown(double number, Unit unit);
[[nodiscard]] std::string_view shownSymbol(Unit unit);

/// What was read off a display.
struct Entry {
  bool operator==(const Entry&) const = default;
  /// In the base unit (ohm, volt, ...). Infinity when `overload`.
  double value = 0;
  /// The meter showed OL: beyond its range.
  bool overload = false;
  /// The unit implied by the function, or the one typed.
  Unit unit = Unit::none;
  /// True when the unit itself was typed ("4.98V"), not implied.
  bool unitTyped = false;
  /// Value of one step of the last digit typed, in the base unit: 1k1 -> 100. 0 when `overload`.
  double resolution = 0;
};

/// Largest number a meter can show, and the lowest resistance: leads nulled a little too well.
inline constexpr double kMostReadable = 1e12;
inline constexpr double kLeastOhm = -2;
/// What is wrong with a number as a reading of this unit; empty when it can be one. The one rule
/// for what is typed, measured, imported and read from a file.
[[nodiscard]] std::string notReadable(Unit unit, double value);

/// Reads one displayed value. `implied` is the unit of the meter function chosen; `Unit::none`
/// accepts any unit typed. Decimal point or comma; SI prefix p n u µ m k M G (also "meg") before
/// the unit or in place of the point; OL, 0L, O.L, .OL, inf, ∞, 9.9E37 for overload. On an error
/// `wanted` says what to type instead. A lone "m" with ohms is refused, since it is nearly always a
/// mistyped M.
[[nodiscard]] Result<Entry> parseEntry(std::string_view text, Unit implied);

/// Printed with the decimal mark of the language in force (base/say.h); what is typed may have
/// either, files have the point. Engineering notation with `digits` significant digits: 1.12
/// kΩ, 4.98 V, 63.0 Ω. NaN prints "–", infinity "OL". REQUIRES: 1 <= digits <= 9.
[[nodiscard]] std::string format(double value, Unit unit, int digits = 3);

/// With a fixed number of decimals and no prefix: 20 km/h, 12 mph, 68 °F.
[[nodiscard]] std::string formatPlain(double value, Unit unit, int decimals = 0);
/// "2.5 to 6.1 km/h".
[[nodiscard]] std::string formatPlainBand(double low, double high, Unit unit, int decimals = 0);

/// As read: just the digits the meter showed, in engineering notation; "OL" for an overload.
[[nodiscard]] std::string format(const Entry& entry);

/// A band "4.90 to 5.10 V", both ends in the same prefix.
[[nodiscard]] std::string formatBand(double low, double high, Unit unit, int digits = 3);

}  // namespace haybale::units
