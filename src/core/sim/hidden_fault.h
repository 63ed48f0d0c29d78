// What is wrong with a made-up vehicle: drawn by the priors, or chosen by name.
#pragma once

#include <optional>
#include <random>
#include <string_view>

#include "core/base/result.h"
#include "core/diagnosis/hypothesis.h"
#include "core/job/case.h"

namespace haybale::sim {

/// Something wrong, and how much.
struct HiddenFault {
  diagnosis::Hypothesis fault;
  double severity = 0;
};

/// Draws what is wrong with the suspect circuit of `c`, by the priors; never nothing.
[[nodiscard]] HiddenFault drawFault(const job::Case& c, std::mt19937& random);

/// The fault called so; where `element` or `wire` is empty, the likeliest one. Errors name what
/// there is. No severity: the middle of its range.
[[nodiscard]] Result<HiddenFault> chosenFault(const job::Case& c, std::string_view fault,
                                              std::string_view element, std::string_view wire,
                                              std::optional<double> severity);

}  // namespace haybale::sim
