// Vehicles of random make-up with something hidden in them, for the benches.
#pragma once

#include <random>

#include "core/sim/sim_vehicle.h"

namespace haybale::bench {

/// Two wheels of one axle with one to three connectors, passive or active; the tool box of a shop.
[[nodiscard]] job::Case randomCase(std::mt19937& random);

/// Sets how the complaint goes, then draws what is wrong by the priors that follow from it.
[[nodiscard]] sim::HiddenFault randomFault(job::Case& c, std::mt19937& random);

}  // namespace haybale::bench
