// The level a coil's wave swings about, where it does not stay: a bias that steps, a mean that
// drifts, a coupling capacitor that sags.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/capture/bounds.h"

namespace haybale::trace {

/// A lasting change of the level within a cycle or two, or within a tenth of a second.
struct LevelStep {
  std::size_t at = 0;  ///< sample
  double from = 0;
  double to = 0;
};

struct Baseline {
  std::vector<std::size_t> at;  ///< samples, ascending
  std::vector<double> level;    ///< there
  double middle = 0;            ///< median of all
  double wander = 0;            ///< greatest less least
  double swing = 0;             ///< trough to crest, that of the upper quarter
  double period = 0;            ///< typical cycle, in samples
  std::vector<LevelStep> steps;
};

/// Of the samples that `bounds` is of. From the middles between each trough and the crest behind
/// it, found by turning points that lie at least `turn` apart, each the median of seven: a spike or
/// a dropout moves none. No centre level need be known. A step may take two cycles, or up to `lean`
/// samples. Empty with fewer than eight middles.
[[nodiscard]] std::optional<Baseline> baselineOf(const capture::Bounds& bounds, double turn,
                                                 double lean = 0);

/// The samples with the wander taken out: the wave about `middle`.
[[nodiscard]] std::vector<float> levelled(std::span<const float> samples, const Baseline& baseline);

}  // namespace haybale::trace
