// Pulses that a switching sensor leaves out, here one and there one.
#pragma once

#include <cstddef>
#include <optional>
#include <vector>

#include "core/trace/pulses.h"

namespace haybale::trace {

/// What is missing of a train.
struct Missed {
  std::size_t seen = 0;    ///< pulses that came
  std::size_t missed = 0;  ///< that would have come between them
};

/// A sensor too far from its ring switches at some teeth and not at others. The pulses that do come
/// stand in step with the ring, a whole number of teeth apart, and each has its full width; a wire
/// that lets go cuts pulses through. Empty when that is not so, when few are missing, or when a
/// short train does not tell. `pulses` are of a square wave sampled every `stepS` seconds. Shares
/// and counts: common practice, no source.
[[nodiscard]] std::optional<Missed> missedPulses(const std::vector<Pulse>& pulses, double stepS);

}  // namespace haybale::trace
