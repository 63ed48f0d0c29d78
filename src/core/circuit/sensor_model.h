// The sensor as a part of the circuit: a coil, a current regulator, or a Hall switch.
#pragma once

#include <span>
#include <vector>

#include "core/circuit/network.h"

namespace haybale::circuit {

/// Electrical values of a sensor. Defaults: common practice, no source, unless said otherwise.
struct SensorValues {
  bool operator==(const SensorValues&) const = default;
  // A coil, passive.
  double coilOhm = 1200;    ///< at 20 C
  double coilHenry = 0.8;   ///< 0.3 to 2 H
  double fluxSwingMwb = 2;  ///< peak voltage over 2 pi f, in milliweber-turns
  // A regulator, active: VDA interface for active wheel speed sensors, 7 and 14 mA (from memory).
  double lowA = 0.007;
  double highA = 0.014;
  double pulseA = 0.028;     ///< third level of a data-word sensor: its speed pulse (from memory)
  double leastV = 4.5;       ///< below this the regulator starves
  double startV = 1.8;       ///< below this it draws next to nothing
  double ohmmeterOhm = 1e6;  ///< what little it draws then: what an ohmmeter sees, widely scattered
  bool high = false;         ///< which of its two currents it draws while standing still
  // A Hall switch.
  double hallSupplyA = 0.006;
  double hallOnOhm = 25;  ///< open collector pulled down; let go, or not fed, it is ohmmeterOhm
};

/// The regulator's characteristic between its terminals, drawing `amperes` when fed: next to
/// nothing below startV and backwards, then rising to `amperes` at leastV, constant beyond.
[[nodiscard]] std::vector<Piece> regulatorPieces(const SensorValues& sensor, double amperes);

/// A place that conducts only above `thresholdV` of either sign, then through `ohm`.
[[nodiscard]] std::vector<Piece> thresholdPieces(double ohm, double thresholdV);

/// A source of `volts` behind `ohm` that gives at most `limitA`, as seen from its terminal to
/// ground.
[[nodiscard]] std::vector<Piece> limitedSourcePieces(double volts, double ohm, double limitA);

/// Volts of a coil at a tooth frequency: peak = 2 pi f psi (Faraday).
[[nodiscard]] double coilPeakVolts(const SensorValues& sensor, double hz);

}  // namespace haybale::circuit
