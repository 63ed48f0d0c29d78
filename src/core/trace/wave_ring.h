// The ring of a coil's wave, by its rises and by its falls.
#pragma once

#include <optional>
#include <vector>

#include "core/trace/stands.h"
#include "core/trace/teeth.h"

namespace haybale::trace {

/// `ringOf` the rises, or where a single wide gap stands out more of them, of the falls. A wave
/// crosses its middle once over a tooth and once over the slot behind it, and the leads decide
/// which of the two it does rising: a slot that opened is one wide gap from tooth to tooth, and two
/// neighbours that are half as wide from slot to slot. Takes over the falls' one wide gap, and
/// their size of the ring where the rises gave none.
[[nodiscard]] std::optional<Ring> ringOfWave(const std::vector<Tooth>& teeth,
                                             const std::vector<Pulse>& pulses,
                                             const Spinning& spinning, std::optional<int> given);

}  // namespace haybale::trace
