// What the line does from one moment to the next, as it was read: turning, at rest, open, pulled
// somewhere, mere noise.
#pragma once

#include <array>
#include <string_view>
#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

enum class LineState { rest, turning, open, pulled, noise };
inline constexpr std::array<std::string_view, 5> kLineStateNames{"at rest", "turning", "open",
                                                                 "pulled", "noise"};

struct Segment {
  double fromS = 0;
  double toS = 0;
  LineState state = LineState::rest;
  double level = 0;  ///< where the line stands or swings about, in the channel's unit
};

/// Follow each other without a gap from the first sample to the last. A dropout is what it was
/// found to be; between dropouts the line turns where a pulse follows the other and rests
/// elsewhere.
[[nodiscard]] std::vector<Segment> segmentsOf(const ChannelAnalysis& analysis);

}  // namespace haybale::trace
