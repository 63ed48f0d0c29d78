// Turns of a ring laid over each other, and what lies between two moments of a trace.
#pragma once

#include <optional>
#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

/// Samples of one turn at even steps of the angle.
struct Turn {
  double startS = 0;
  std::vector<float> values;  ///< `perTooth` a tooth; NaN where samples are lost
};

/// The first `most` whole turns of a channel, each cut at position 0 of its ring and stretched so
/// that teeth lie over each other whatever the speed. Times between pulses are taken as even in
/// angle, also across absent teeth. Empty without a ring or a whole turn.
[[nodiscard]] std::vector<Turn> turnsOf(const capture::Record& record, std::size_t channel,
                                        const ChannelAnalysis& analysis, std::size_t perTooth,
                                        std::size_t most);

/// What lies between two cursors. Empty: cannot be known.
struct Between {
  double seconds = 0;            ///< b - a
  std::optional<double> hertz;   ///< 1 / seconds
  std::optional<double> value;   ///< sample at b minus sample at a, in the analysis' unit
  std::optional<double> at;      ///< sample at b
  std::optional<double> teeth;   ///< teeth passed, with their fraction
  std::optional<double> meanHz;  ///< teeth a second over the stretch
  std::optional<double> kmh;     ///< mean speed over the stretch
};
[[nodiscard]] Between between(const capture::Record& record, std::size_t channel,
                              const ChannelAnalysis& analysis, double aS, double bS);

}  // namespace haybale::trace
