// A square wave seen through a coupling capacitor: its plateaus sag towards nothing.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/trace/levels.h"

namespace haybale::trace {

/// The square wave as it was before the capacitor: `samples` plus `rate` times their sum so far,
/// where `rate` (per sample) is that of the sagging on all plateaus together. A first order high
/// pass y of x obeys y' = x' - w y, so that x = y + w times the integral of y. Its mean is that of
/// the samples.
/// Empty when the record does not sag so: between its edges it does not fall off towards nothing,
/// or does not rest on two plateaus once the sag is taken out.
[[nodiscard]] std::optional<std::vector<float>> beforeTheCapacitor(std::span<const float> samples,
                                                                   const Distribution& d,
                                                                   double noiseRms);

}  // namespace haybale::trace
