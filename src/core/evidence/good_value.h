// What of a reading may be kept as good: a number that a limit can be about.
#pragma once

#include <optional>

#include "core/evidence/waveforms.h"
#include "core/judging/limit.h"

namespace haybale::diagnosis {

struct GoodValue {
  judging::Quantity quantity;
  double value;  ///< in the unit of the quantity
};

/// The number of a reading; of a trace its flux swing. Empty for OL, for what is withdrawn, and for
/// what no limit is about.
[[nodiscard]] std::optional<GoodValue> goodValueOf(const job::Case& c, const WaveformSet& waveforms,
                                                   const job::Evidence& evidence);

}  // namespace haybale::diagnosis
