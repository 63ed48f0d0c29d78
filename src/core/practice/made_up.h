// The made-up vehicle of a practice case.
#pragma once

#include <memory>

#include "core/practice/practice_case.h"
#include "core/sim/sim_vehicle.h"

namespace haybale::practice {

/// A vehicle as `p` describes it, with `hidden` in it. Traces are written to `folder`.
[[nodiscard]] std::unique_ptr<sim::SimVehicle> vehicleOf(
    const PracticeCase& p, const std::vector<sim::HiddenFault>& hidden, std::uint32_t seed,
    const std::string& folder);

/// Everything a trainee may ask of any circuit with the tools of the case, the one in question
/// first.
[[nodiscard]] std::vector<circuit::Test> movesOf(const job::Case& known);
/// What each of `moves` is called; with leads and how the car stands where two of one circuit are
/// called alike.
[[nodiscard]] std::vector<std::string> titlesOf(const std::vector<circuit::Test>& moves);

}  // namespace haybale::practice
