// Stretches in which the signal is not there: where pulses are absent, or the line stands at a
// level no pulse has.
#pragma once

#include <array>
#include <string_view>

#include "core/trace/analysis.h"
#include "core/trace/pulled.h"
#include "core/trace/stands.h"
#include "core/trace/teeth.h"

namespace haybale::trace {

/// What `dropoutsOf` looks at.
struct DropoutInput {
  std::span<const float> samples;
  const capture::TimeBase& time;
  const std::vector<Pulse>& pulses;
  const std::vector<Tooth>& teeth;
  const std::optional<Ring>& ring;  ///< teeth that are absent turn after turn are no dropouts
  const Levels& levels;
  bool square = false;
  LineAt line;      ///< what a level at which the line stands means
  double step = 0;  ///< of the converter
  Spinning spinning;
  bool coded =
      false;  ///< telegrams: where none comes at the idle level nobody knows whether one was due
};

/// In order of time, within the record. Passive: a stretch with absent teeth that are not the
/// ring's. Square waves also: the line beyond both its levels for at least three samples.
[[nodiscard]] std::vector<Dropout> dropoutsOf(const DropoutInput& input);

}  // namespace haybale::trace
