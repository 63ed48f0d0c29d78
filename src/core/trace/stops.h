// Pauses that the wheel makes itself: it comes to rest, starts again or turns back.
#pragma once

#include <vector>

#include "core/trace/dropouts.h"

namespace haybale::trace {

/// Whether the wheel is known to turn back now and then.
[[nodiscard]] bool isRocked(const std::vector<Tooth>& teeth);

/// A wheel that is rocked and slows down at the end of the record is about to turn back.
[[nodiscard]] bool rocksToAStop(const std::vector<Tooth>& teeth);

/// What a pause is measured by.
struct PauseScale {
  double periodS = 0;     ///< of a typical tooth; 0: not known
  double toleranceV = 0;  ///< within which the line stands at a level
};

/// Takes away what no line let go of. A coil's output follows the speed: where the pulses have sunk
/// on both sides of a pause the wheel was coming to rest and starting again. Of a wheel that is
/// known to be rocked it is enough that the last pulse had sunk and the next one is not yet as high
/// as most. Nor did the line let go where the wave dies out and begins gently, or behind the first
/// pulse or two of a record.
void dropStops(const DropoutInput& in, const PauseScale& scale, std::vector<Dropout>& out);

}  // namespace haybale::trace
