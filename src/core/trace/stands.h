// Whether a pause between pulses can be the wheel's own doing.
#pragma once

#include <vector>

#include "core/trace/teeth.h"

namespace haybale::trace {

/// What is known of the wheel beforehand.
struct Spinning {
  double leastHalfSwing = 0;  ///< of a coil's wave that is still found; 0: a square wave
  double pitchM =
      0.022;  ///< way of a tooth on the road; 86 on a tyre of 1.9 m: few rings have more
};

/// Marks as `stood` every tooth behind which pulses are absent and the wheel may simply have slowed
/// down, stood or started again: then it is no lost signal. Where it surely was slow, or stood for
/// longer than a few teeth, its period, pitch and `lost` become 0; behind a brief pause that may be
/// either they stay, so that a tooth absent turn after turn is still found.
///
/// A wheel that comes to rest within one tooth needs a deceleration of pitch * f^2 / 2 (f: teeth a
/// second before it; s = v^2 / 2a). Above what brakes and hands can do it has not stood. Below, a
/// wheel that stops betrays itself in the periods beside the pause: they stretch before it or
/// shrink behind it. Where they stay even on both sides, the signal was lost. A coil's wave that
/// was about to sink under the least half swing may have gone on unseen.
void markStands(std::vector<Tooth>& teeth, const Spinning& spinning);

/// Teeth a second where the gap behind tooth `i` ends, a wheel that slows down being slower there
/// than over the gap; 0 where the gap is not known.
[[nodiscard]] double leavingHz(const std::vector<Tooth>& teeth, std::size_t i);

/// Whether a wheel that gave `hz` teeth a second can come to rest within the next tooth.
[[nodiscard]] bool canStopFrom(double hz, const Spinning& spinning);

}  // namespace haybale::trace
