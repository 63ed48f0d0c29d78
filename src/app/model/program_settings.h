// How the program itself behaves on this desk, whatever job is open: size of everything on screen,
// day or night, sound, language, units. Read before there is a window.
#pragma once

#include <QString>

#include "core/base/result.h"

namespace haybale::app {

enum class ThemeChoice { system, day, night };
/// Speeds and temperatures: as the desktop's region has them, or one of the three there are.
enum class UnitChoice { system, kmhCelsius, mphCelsius, mphFahrenheit };

struct ProgramSettings {
  bool operator==(const ProgramSettings&) const = default;
  int scalePercent = 100;  ///< kLeastScale .. kMostScale
  ThemeChoice theme = ThemeChoice::day;
  bool sound = true;  ///< the wiggle watch may be heard
  QString language;   ///< "en", "de", "es"; empty: the desktop's
  UnitChoice units = UnitChoice::system;
  bool voice = false;  ///< the far page speaks when the next move changes
};
inline constexpr int kLeastScale = 80;
inline constexpr int kMostScale = 200;
inline constexpr int kScaleStep = 10;

/// Those kept in the state folder as program.json; defaults for what is missing or out of range. A
/// file that cannot be read is put aside as program.json.damaged.
[[nodiscard]] ProgramSettings programSettings();
Status keepProgramSettings(const ProgramSettings& settings);

/// From now on speeds and temperatures are shown, and typed without a unit, as chosen.
void useUnits(UnitChoice choice);

/// Tells the toolkit how large everything is; only before the application object is made. A factor
/// the desktop gave (QT_SCALE_FACTOR) is multiplied, also when the program starts itself anew.
void applyScale(int percent);

}  // namespace haybale::app
