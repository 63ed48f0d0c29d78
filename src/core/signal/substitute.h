// Substitute signals: what a sensor of any kind would put out for a speed over time, with any fault
// on request.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/capture/record.h"
#include "core/circuit/line.h"
#include "core/signal/disturbed.h"

namespace haybale::signal {

/// A fault of the ring, named by the tooth counted from the first whole pulse, from 0.
struct MissingTooth {
  int position;
};
/// Its pulse keeps its place and loses so much of its height.
struct ShallowTooth {
  int position;
  double percentLost;  ///< 0 to 100
};
/// The gap behind a tooth is wider by `percent`, the rest even: a ring that cracked open.
struct WideGap {
  int position;
  double percent;
};
/// Out of round: the output swells and sinks once a turn.
struct Runout {
  double percent;  ///< of the output, once a turn
};
/// Where the line stands while the signal is away: at its rest level, at the supply, at 0.
enum class DropLevel { flat, rail, ground };
/// The signal is away once, for a while; times from the beginning of the record.
struct Drop {
  double startS;
  double lengthS;
  DropLevel level;
};
/// A contact that opens and closes many times within a stretch.
struct Crackle {
  double startS;
  double lengthS;
  DropLevel level;
};
/// The level that everything rides on goes elsewhere and stays there.
struct LevelStep {
  double startS;
  double by;  ///< in the unit of the record
};
/// Several may be in one signal; they are laid over each other in the order given.
using SignalFault =
    std::variant<MissingTooth, ShallowTooth, WideGap, Runout, Drop, Crackle, LevelStep>;

/// Reads "missing-tooth:13", "shallow-tooth:13,40", "wide-gap:13,30", "runout:20",
/// "dropout:0.5,0.1,flat", "crackle:0.5,0.2,ground", "level-step:1.2,0.4".
[[nodiscard]] Result<SignalFault> parseFault(std::string_view text);

/// What is wanted; every member has a value that makes a sound signal.
struct Substitute {
  circuit::SensorKind kind = circuit::SensorKind::passive;
  std::function<double(double)> kmh;  ///< road speed at a time in seconds, km/h, >= 0
  double topKmh = 20;                 ///< highest of it: the passive amplitude is stated there
  int teeth = 48;                     ///< of the ring; pairs of poles of a magnetic one
  double circumferenceM = 1.95;       ///< rolling; teeth pass at kmh / 3.6 / it * teeth
  double peakToPeakV = 1;          ///< passive, at topKmh, proportional to speed; Hall: the swing
  double lowA = 0.007;             ///< active: the lower plateau, amperes
  double highA = 0.014;            ///< active: the upper plateau
  std::optional<double> senseOhm;  ///< active: volts across it instead of amperes
  double rateHz = 10000;           ///< samples a second
  double durationS = 2;
  bool reverse = false;  ///< coded kinds say the direction
  std::vector<SignalFault> faults;
  Disturbance disturbance;
};

/// One channel over a uniform time. The record begins a quarter of a tooth before its first rise,
/// so that tooth 0 is the first whole pulse. Coded pulses and data words as in trace/coded.h;
/// standing still (below 0.3 km/h) pulse-width sensors say so every 740 ms, data-word sensors every
/// 150 ms. Errors: a coded kind at a rate below 50 kHz, a position beyond the ring, nothing to
/// write.
[[nodiscard]] Result<capture::Record> substitute(const Substitute& wanted);

/// A profile of km/h against seconds, from rows of two numbers; straight between them, constant
/// beyond. Errors name the line.
struct Profile {
  std::vector<double> seconds;
  std::vector<double> kmh;
  [[nodiscard]] double at(double s) const;
  [[nodiscard]] double top() const;
};
[[nodiscard]] Result<Profile> parseProfile(std::string_view text, const std::string& name);

}  // namespace haybale::signal
