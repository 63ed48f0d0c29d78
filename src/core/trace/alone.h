// Whether a gap between two teeth is wide by itself, or with its neighbours, as a hand makes it.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

#include "core/trace/teeth.h"

namespace haybale::trace {

/// Logarithms of the periods, one a tooth; NaN where there is none.
[[nodiscard]] std::vector<double> logPeriods(const std::vector<Tooth>& teeth);

/// How far the gap behind tooth `at` is off a cubic through the two on either side, as a logarithm,
/// of those that `logPeriods` gives: a hand's swell bends that curve along, a gap of the ring's own
/// stands out of it. NaN where one of the five has no period.
[[nodiscard]] double offTheCurve(std::span<const double> logs, std::size_t at);

/// How far the same gap stands out alone, as a logarithm: a gap wide by itself drags the curve of
/// its two neighbours up by two thirds of what it is; a push, which the neighbours on one side
/// follow, shows a quarter of its step. NaN where one of the seven has no period.
[[nodiscard]] double alone(std::span<const double> logs, std::size_t at);

/// Gaps on either side that `alone` looks at.
inline constexpr std::size_t kBesideAlone = 3;

}  // namespace haybale::trace
