// A wheel that happens to turn at the mains' frequency, told from hum by the other wheels.
#pragma once

#include <optional>
#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

/// The frequency in hertz at which `silent` turns after all, though its record alone is nothing but
/// mains hum: one of `others`, other wheels of the same car, turns at that very frequency (within
/// half a per cent). Two wheels driven alike do that; that a wheel spun by hand meets the mains'
/// frequency while the other line only hums is chance. Empty where nothing speaks for it.
[[nodiscard]] std::optional<double> turnsAtMains(const ChannelAnalysis& silent,
                                                 const std::vector<const ChannelAnalysis*>& others);

}  // namespace haybale::trace
