// Small sums of the bench: load resistors for an active input, salt water for reproducing a wet
// fault.
#pragma once

namespace haybale::physics {

/// Resistor in ohm that draws `ampere` from `supplyV`, less the module's own sense resistor: R = U
/// / I - Rs. May be negative: then the current cannot be reached. REQUIRES: ampere > 0.
[[nodiscard]] double injectionOhm(double supplyV, double ampere, double senseOhm = 0);

/// Grams of salt for a solution of `percent` by mass in `waterGrams` of water: m = p w / (100 - p).
/// REQUIRES: percent < 100.
[[nodiscard]] double saltGrams(double waterGrams, double percent);
/// Percent by mass of `saltGrams` dissolved in `waterGrams`.
[[nodiscard]] double saltPercent(double saltGrams, double waterGrams);

}  // namespace haybale::physics
