// A practice case played on a real bench: what a signal source and a load box have to do so that a
// real module sees what the made-up line would give it.
#pragma once

#include <optional>
#include <string>

#include "core/practice/play.h"
#include "core/signal/load_box.h"

namespace haybale::practice {

struct BenchDrive {
  /// Whether the source is on: off where nothing arrives at the module.
  bool on = false;
  bool square = false;     ///< a coil's signal is a sine, a current sensor's switches the box
  double hz = 0;           ///< teeth a second at the speed asked for
  double peakToPeakV = 0;  ///< at the module's plug, or at the switch of the load box
  double offsetV = 0;
  std::optional<signal::LoadBox> box;  ///< what to build for a current sensor
};

/// Volts that switch a load box; 5 V logic, common practice, no source.
inline constexpr double kSwitchV = 5;

/// What arrives at the module's plug of the circuit in question when the wheel turns at `kmh`, as
/// the line stands now: mended or not. A plain source has no single teeth, and what comes and goes
/// is taken as gone. The play itself does not move on by it. REQUIRES: kmh > 0.
[[nodiscard]] BenchDrive benchDrive(const Play& play, double kmh);

}  // namespace haybale::practice
