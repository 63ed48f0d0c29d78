// The watched reading over the last minutes, with the legs that were moved and the dropouts.
#pragma once

#include <vector>

#include "core/watch/wiggle_watch.h"
#include "picture/scene.h"

namespace haybale::picture {

struct WatchInput {
  /// Seconds and value; infinity is OL. Null: nothing yet.
  const std::vector<std::pair<double, double>>* readings = nullptr;
  const diagnosis::WiggleWatch* watch = nullptr;
  double lastS = 60;  ///< so many seconds are shown, the newest at the right
  double width = 600;
  double height = 160;
};
[[nodiscard]] Scene watchStrip(const WatchInput& input);

/// How suspicion moved: one column a reading, the shares of the elements stacked.
struct TimelineInput {
  std::vector<std::string> names;           ///< of the elements, then of "nothing wrong"
  std::vector<std::vector<double>> shares;  ///< after each reading, in the order of `names`
  std::vector<std::string> readings;        ///< what was read, short
  double width = 560;
  double height = 200;
};
[[nodiscard]] Scene suspicionTimeline(const TimelineInput& input, const Measure& measure);

}  // namespace haybale::picture
