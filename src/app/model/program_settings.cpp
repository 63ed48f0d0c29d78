#include "app/model/program_settings.h"

#include <QDir>
#include <QLocale>
#include <algorithm>
#include <array>

#include "app/model/autosave.h"
#include "app/model/put_aside.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/units/quantity.h"

namespace haybale::app {

namespace {

constexpr std::array<std::string_view, 3> kThemes{"system", "day", "night"};
constexpr std::array<std::string_view, 4> kUnits{"system", "kmh-celsius", "mph-celsius",
                                                 "mph-fahrenheit"};

QString settingsFile() {
  return stateFolder() + QStringLiteral("/program.json");
}

// Versions before this one kept the theme alone.
ThemeChoice formerTheme() {
  const auto text = job::readFile((stateFolder() + QStringLiteral("/theme")).toStdString());
  return text && text->starts_with("night") ? ThemeChoice::night : ThemeChoice::day;
}

}  // namespace

ProgramSettings programSettings() {
  ProgramSettings out;
  out.theme = formerTheme();
  const std::string path = settingsFile().toStdString();
  const auto text = job::readFile(path);
  if (!text) {
    return out;
  }
  const auto json = parseJson(*text, path);
  if (!json || !json->is_object()) {
    putAside(settingsFile());
    return out;
  }
  const auto named = [&](const char* key, const auto& names, auto& choice) {
    const auto at = json->find(key);
    const std::string name = at != json->end() && at->is_string() ? *at : "";
    const auto found = std::find(names.begin(), names.end(), name);
    if (found != names.end()) {
      choice = static_cast<std::remove_reference_t<decltype(choice)>>(found - names.begin());
    }
  };
  const auto flag = [&](const char* key, bool usual) {
    const auto at = json->find(key);
    return at != json->end() && at->is_boolean() ? at->get<bool>() : usual;
  };
  if (const auto at = json->find("scale_percent"); at != json->end() && at->is_number_integer()) {
    out.scalePercent = std::clamp(at->get<int>(), kLeastScale, kMostScale);
  }
  named("theme", kThemes, out.theme);
  named("units", kUnits, out.units);
  out.sound = flag("sound", out.sound);
  out.voice = flag("voice", out.voice);
  if (const auto at = json->find("language"); at != json->end() && at->is_string()) {
    out.language = QString::fromStdString(at->get<std::string>());
  }
  return out;
}

Status keepProgramSettings(const ProgramSettings& s) {
  QDir().mkpath(stateFolder());
  const Json out{{"format", "haybale-program"},
                 {"version", 1},
                 {"scale_percent", s.scalePercent},
                 {"theme", kThemes[static_cast<std::size_t>(s.theme)]},
                 {"sound", s.sound},
                 {"units", kUnits[static_cast<std::size_t>(s.units)]},
                 {"voice", s.voice},
                 {"language", s.language.toStdString()}};
  return job::writeFileAtomically(settingsFile().toStdString(), out.dump(1), false);
}

void useUnits(UnitChoice choice) {
  if (choice == UnitChoice::system) {
    const auto region = QLocale::system().measurementSystem();
    choice = region == QLocale::ImperialUSSystem   ? UnitChoice::mphFahrenheit
             : region == QLocale::ImperialUKSystem ? UnitChoice::mphCelsius
                                                   : UnitChoice::kmhCelsius;
  }
  units::setShownUnits(choice != UnitChoice::kmhCelsius, choice == UnitChoice::mphFahrenheit);
}

void applyScale(int percent) {
  // What the desktop gave is remembered across a start of itself.
  if (!qEnvironmentVariableIsSet("HAYBALE_DESKTOP_SCALE")) {
    const QByteArray given = qgetenv("QT_SCALE_FACTOR");
    qputenv("HAYBALE_DESKTOP_SCALE", given.isEmpty() ? QByteArray("1") : given);
  }
  const double desktop = std::max(0.25, qgetenv("HAYBALE_DESKTOP_SCALE").toDouble());
  qputenv("QT_SCALE_FACTOR", QByteArray::number(desktop * percent / 100.0));
}

}  // namespace haybale::app
