// What may come of a test that gives no number, each way with its words.
#pragma once

#include <string>
#include <vector>

#include "core/belief/likelihood.h"

namespace haybale::diagnosis {

struct Category {
  job::Reading reading;
  TraceFacts facts;  ///< waveforms only
  std::string words;
};
/// Empty for numbers.
[[nodiscard]] std::vector<Category> categoriesOf(const Vehicle& vehicle, const circuit::Test& test);

}  // namespace haybale::diagnosis
