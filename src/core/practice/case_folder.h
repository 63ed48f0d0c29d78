// A folder of practice cases: what a trainer gives a class.
#pragma once

#include <string>
#include <vector>

#include "core/practice/practice_case.h"

namespace haybale::practice {

struct CaseFolder {
  std::vector<PracticeCase> cases;   ///< by level and title; without an id: named as their file
  std::vector<std::string> refused;  ///< one sentence each: a practice case that cannot be read
};

/// Most files that are looked at.
inline constexpr std::size_t kMostCases = 2000;

/// The practice cases that lie in `folder` itself, *.json. Other files, also JSON of other formats,
/// are passed over. Errors: it is no folder, or cannot be read.
[[nodiscard]] Result<CaseFolder> casesIn(const std::string& folder);

}  // namespace haybale::practice
