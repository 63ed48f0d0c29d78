// Turns of wheels laid over each other by the angle: what recurs is the ring, what does not is
// wiring.
#pragma once

#include <string>
#include <vector>

#include "core/trace/turns.h"
#include "picture/scene.h"

namespace haybale::picture {

struct OverlayWheel {
  std::string title;  ///< "RR, suspect"
  std::vector<trace::Turn> turns;
  int teeth = 0;
  std::vector<trace::IrregularTooth> odd;
  units::Unit unit = units::Unit::volt;
  Role colour = Role::wheel0;
};

struct OverlayInput {
  std::vector<OverlayWheel> wheels;
  double width = 860;
  double height = 430;
};

/// One lane a wheel, all at the same scale, the turn from 0 to 360 degrees of its first pulse.
/// Spots "tooth:TITLE:13" over odd teeth. A sentence in place of a wheel without whole turns.
[[nodiscard]] Scene turnOverlay(const OverlayInput& input, const Measure& measure);

}  // namespace haybale::picture
