// What a real record carries besides the wheel: noise, mains hum, a drift of the mean; and how a
// bad contact crackles.
#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace haybale::signal {

struct Disturbance {
  double noiseRms = 0;     ///< white, in the channel's unit
  double humPeak = 0;      ///< amplitude of a sine, in the channel's unit
  double humHz = 50;       ///< 50, 60 or 16.7 as the mains are
  double driftPerS = 0;    ///< of the mean, in the channel's unit a second
  std::uint32_t seed = 1;  ///< the same samples for the same seed
  [[nodiscard]] bool any() const { return noiseRms > 0 || humPeak > 0 || driftPerS != 0; }
};

/// Adds it to samples taken at `rateHz`.
void disturb(std::span<float> samples, double rateHz, const Disturbance& d);

/// A stretch of time, seconds.
struct Span {
  double startS = 0;
  double endS = 0;
};
/// When a contact that crackles over a stretch is off: bursts of a fraction of a millisecond to
/// tens of them, one behind the other at random (exponential, means 2 and 5 ms: common practice, no
/// source). In order; none beyond the stretch.
[[nodiscard]] std::vector<Span> crackle(double startS, double lengthS, std::uint32_t seed);

}  // namespace haybale::signal
