#include "core/circuit/sensor_model.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

namespace haybale::circuit {

namespace {

constexpr double kOnwards = std::numeric_limits<double>::infinity();
// Slope of a source that holds its current: a gigaohm.
constexpr double kHeldSiemens = 1e-9;
// A blocked branch.
constexpr double kBlockedSiemens = 1e-12;

}  // namespace

std::vector<Piece> regulatorPieces(const SensorValues& s, double amperes) {
  const double rest = 1 / s.ohmmeterOhm;
  const double atStart = rest * s.startV;
  const double slope = (amperes - atStart) / (s.leastV - s.startV);
  return {{s.startV, rest, 0},
          {s.leastV, slope, atStart - slope * s.startV},
          {kOnwards, kHeldSiemens, amperes - kHeldSiemens * s.leastV}};
}

std::vector<Piece> thresholdPieces(double ohm, double thresholdV) {
  const double g = 1 / std::max(ohm, kLeastOhm);
  const double step = (g - kBlockedSiemens) * thresholdV;
  return {{-thresholdV, g, step}, {thresholdV, kBlockedSiemens, 0}, {kOnwards, g, -step}};
}

std::vector<Piece> limitedSourcePieces(double volts, double ohm, double limitA) {
  // The branch runs from the terminal to ground: its current is (v - volts) / ohm, never below
  // -limitA.
  const double g = 1 / std::max(ohm, kLeastOhm);
  const double knee = volts - limitA / g;
  return {{knee, kHeldSiemens, -limitA - kHeldSiemens * knee}, {kOnwards, g, -volts * g}};
}

double coilPeakVolts(const SensorValues& s, double hz) {
  return 2 * std::numbers::pi * hz * s.fluxSwingMwb * 1e-3;
}

}  // namespace haybale::circuit
