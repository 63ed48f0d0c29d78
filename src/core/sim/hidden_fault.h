// What is wrong with a made-up vehicle: drawn by the priors, or chosen by name.
#pragma once

#include <optional>
#include <random>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::sim {

/// Something wrong, and how much.
struct HiddenFault {
  diagnosis::Hypothesis fault;
  double severity = 0;
};

/// Draws one of `ways` by their priors, and how much; never nothing. REQUIRES: one of them is a
/// fault.
[[nodiscard]] HiddenFault drawFault(std::vector<diagnosis::Hypothesis> ways, std::mt19937& random);

/// The one of `ways` called so; where `element` or `wire` is empty, the likeliest one. Errors name
/// what there is. No severity: the middle of its range.
[[nodiscard]] Result<HiddenFault> chosenFault(const std::vector<diagnosis::Hypothesis>& ways,
                                              std::string_view fault, std::string_view element,
                                              std::string_view wire,
                                              std::optional<double> severity);

}  // namespace haybale::sim
