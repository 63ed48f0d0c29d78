// The ring as a dial: one spoke a tooth, turns laid over each other, the odd tooth named with its
// angle from the first pulse, so that it can be found on the part.
#pragma once

#include "core/trace/analysis.h"
#include "picture/scene.h"

namespace haybale::picture {

struct DialInput {
  const trace::ChannelAnalysis* analysis = nullptr;  ///< null: nothing to show
  std::string title;                                 ///< "Ring dial, RR"
  Role colour = Role::wheel0;
  double width = 288;
  double height = 360;
};

/// Spoke length is the pulse's height, spoke angle when it came; both against the rest of the ring.
/// Spots "tooth:13". Says what is missing when the ring is not known.
[[nodiscard]] Scene ringDial(const DialInput& input, const Measure& measure);

/// Where position `k` of a ring stands, in degrees from its first pulse, turning forward.
[[nodiscard]] double degreesOf(int position, int teeth);

}  // namespace haybale::picture
