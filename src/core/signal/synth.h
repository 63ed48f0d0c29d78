// Substitute signals: what a wheel speed sensor would put out. First cut: a passive coil with its
// faults.
#pragma once

#include <cstdint>
#include <functional>
#include <vector>

#include "core/capture/record.h"

namespace haybale::signal {

/// A passive coil over a toothed ring. Voltage is proportional to speed: e = fluxSwingMwb · ω ·
/// sin(tooth angle).
struct PassiveWheel {
  int teeth = 48;
  double circumferenceM = 1.9;
  double fluxSwingMwb = 1.0;  ///< peak flux linkage, milliweber-turns; peak volts over 2 π f
  double biasV = 0;
  double startTooth = 0.3;        ///< position of the ring when the record starts, in teeth
  std::vector<int> missingTeeth;  ///< 0-based
  double runoutPercent = 0;       ///< once per turn, of the amplitude
  double noiseRmsV = 0;
  std::uint32_t seed = 1;  ///< of the noise; the same seed gives the same samples everywhere
};

/// `durationS` seconds at `rateHz`, the road speed in km/h given by `kmh(t)`.
[[nodiscard]] capture::Channel passiveSignal(const PassiveWheel& wheel,
                                             const std::function<double(double)>& kmh,
                                             double rateHz, double durationS);

/// A wheel let go after a hand spin: speed falls exponentially from `startKmh` with the given time
/// constant.
[[nodiscard]] std::function<double(double)> handSpin(double startKmh, double timeConstantS);

}  // namespace haybale::signal
