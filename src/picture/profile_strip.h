// The profile under the line: what a sound circuit shows along it, what was read, the cliff.
#pragma once

#include <functional>

#include "core/verdict/profile.h"
#include "picture/scene.h"

namespace haybale::picture {

struct ProfileInput {
  const diagnosis::Profile& profile;
  /// x of a place on the board above.
  std::function<double(const circuit::Place&)> xOf;
  std::string goodWheel;  ///< name of the circuit the hollow dots were read on
  Rect rect;              ///< title and plot
};

/// Draws the strip into `scene`; each reading gets a spot "evidence:ID", the cliff one "cliff".
void drawProfile(Scene& scene, const ProfileInput& input, const Measure& measure);

}  // namespace haybale::picture
