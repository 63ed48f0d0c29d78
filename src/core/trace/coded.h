// Coded signals of active sensors: pulses whose width is a message, and data words of three levels.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "core/trace/analysis.h"
#include "core/trace/levels.h"

namespace haybale::trace {

/// Nominal widths in seconds and what they say (makers' datasheets of pulse-width sensors, from
/// memory): 45 us gap at its limit, 90 us one direction, 180 us the other, 360 and 720 us the same
/// with the flag of the mounting position, 1440 us standstill.
inline constexpr std::array<double, 6> kCodedWidthsS{45e-6, 90e-6, 180e-6, 360e-6, 720e-6, 1440e-6};

/// What the widths of a train of pulses say.
struct CodedWidths {
  std::array<std::size_t, 6> counts{};  ///< pulses of each nominal width, within 20 %
  std::size_t odd = 0;                  ///< of no nominal width
  /// Nominal width most moving pulses have, index into kCodedWidthsS; the standstill width only
  /// when there is no other.
  std::size_t main = 0;
};

/// Reads the widths; empty when they are no message: too few pulses, widths that follow the period,
/// or that fit no nominal one.
[[nodiscard]] std::optional<CodedWidths> codedWidths(const std::vector<Pulse>& pulses);

/// Three plateaus in the ratio 1 : 2 : 4, the highest a speed pulse (AK protocol, from memory).
struct ThreeLevels {
  double low = 0, middle = 0, high = 0;
};
[[nodiscard]] std::optional<ThreeLevels> threeLevels(const Distribution& d);

/// One data word: a speed pulse of 50 us at the highest level, then nine Manchester bits of 50 us
/// between middle and low; the last is the parity of the others (even; AK protocol, from memory).
struct DataWord {
  double startS = 0;
  unsigned bits = 0;  ///< bit 0 first
  int count = 0;      ///< bits read before the word broke off
  bool parityOk = false;
};
[[nodiscard]] std::vector<DataWord> dataWords(std::span<const float> samples,
                                              const capture::TimeBase& time,
                                              const std::vector<Pulse>& speedPulses,
                                              const ThreeLevels& levels);

}  // namespace haybale::trace
