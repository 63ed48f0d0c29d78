// The demo job: an invented yard, an invented vehicle, captures made by the program's own signal
// code.
#pragma once

#include <string>
#include <vector>

#include "core/job/case.h"

namespace haybale::job {

struct DemoFile {
  std::string name;
  std::string bytes;
};

/// Name of the case file among the demo files.
inline constexpr const char* kDemoCaseName = "bale-cart-7.haybale.json";

/// The case and its captures; the same bytes at every call.
[[nodiscard]] std::vector<DemoFile> demoFiles();

}  // namespace haybale::job
