// A train of pulses read as teeth of a ring: numbered, freed from the trend of the speed, folded
// over the turns.
#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <string_view>
#include <vector>

#include "core/trace/pulses.h"

namespace haybale::trace {

/// One tooth that gave a pulse.
struct Tooth {
  double riseS = 0;
  long number = 0;     ///< teeth passed since the first pulse, absent ones counted
  double periodS = 0;  ///< to the next pulse; 0 for the last one and before a loss
  int lost = 0;        ///< teeth absent before the next pulse
  bool stood =
      false;  ///< the wheel may have stood before the next pulse: how far it came is not known
  /// Slower and slower up to here, faster and faster behind, or a stand: the wheel may have turned
  /// back before the next pulse, and nobody knows which tooth that is.
  bool turnedBack = false;
  /// Period over what the speed around it lets expect, for one tooth: 1 when even, 2 when the next
  /// tooth is absent. 0 when there is no period.
  float pitch = 0;
  float halfSwing = 0;  ///< half the peak to peak of its cycle
  float strength = 0;   ///< half swing times period, over what its neighbours have; 1 when even
};

struct Spinning;

/// Numbers the pulses. A spin that slows down or speeds up is no unevenness: each period is held
/// against a straight line through the logarithms of those around it, outliers left out. `smooth`
/// says that it is a coil's wave, whose output grows with speed: then strength is taken, times the
/// period. A square wave has none (0). Where the
/// speed changes faster than eight teeth tell, three neighbours on either side do.
[[nodiscard]] std::vector<Tooth> teethOf(const std::vector<Pulse>& pulses,
                                         const std::vector<Cycle>& cycles, bool smooth,
                                         const Spinning& spinning);

/// Of a gap: nearer to even it is called neither wide nor narrow.
inline constexpr double kGapOff = 0.07;

enum class ToothKind { missing, shallow, wide, narrow };
inline constexpr std::array<std::string_view, 4> kToothNames{"missing", "shallow", "wide",
                                                             "narrow"};

/// A position of the ring that differs from the rest, turn after turn.
struct IrregularTooth {
  int position = 0;  ///< teeth from the first whole pulse
  ToothKind kind = ToothKind::missing;
  double amountPercent =
      0;         ///< missing 100; shallow: share lost; wide, narrow: of the gap behind it
  int seen = 0;  ///< turns in which it showed
  int of = 0;    ///< turns in which it was passed
};

struct Ring {
  int teeth = 0;
  bool estimated = false;
  double sureness = 1;  ///< 0..1, of an estimated number
  double turns = 0;
  std::optional<double> runoutPercent;  ///< once a turn, of the strength: (max - min) / (max + min)
  /// Of the strength's scatter that is no noise of single teeth, what it explains, 0..1.
  double runoutShare = 0;
  double periodRunoutPercent = 0;  ///< the same of the pitch
  std::vector<IrregularTooth> irregular;
  double scatterPercent = 0;  ///< of single pitches against the ring's own pattern
};

/// Folds the teeth over a ring of `given` teeth, or over the size found from what repeats. Empty
/// when no size was given and nothing repeats over at least two turns.
[[nodiscard]] std::optional<Ring> ringOf(const std::vector<Tooth>& teeth, std::optional<int> given);

}  // namespace haybale::trace
