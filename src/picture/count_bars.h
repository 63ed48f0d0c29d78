// Counts of a few things as bars beside their names; for the logbook's figures.
#pragma once

#include <string>
#include <vector>

#include "picture/scene.h"

namespace haybale::picture {

struct CountBar {
  std::string name;
  double count = 0;
  std::string note;  ///< to the right of the bar: "12 jobs, 24 min"
};

/// One row a bar below the title, the longest to the full width; a sentence where there are none.
[[nodiscard]] Scene countBars(const std::string& title, const std::vector<CountBar>& bars,
                              double width, const Measure& measure);
/// Its height for so many bars.
[[nodiscard]] double countBarsHeight(std::size_t bars);

}  // namespace haybale::picture
