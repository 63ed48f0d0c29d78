// What is believed and what to test next as JSON, in the form that scripts rely on
// ("haybale-diagnosis", version 1).
#pragma once

#include "core/base/json_fwd.h"
#include "core/session/assessment.h"

namespace haybale::diagnosis {

/// The whole: suspects, next_tests, verdict.
[[nodiscard]] Json diagnosisJson(const job::Case& c, const Assessment& assessment);
/// One entry of next_tests.
[[nodiscard]] Json proposalJson(const Proposal& proposal);
[[nodiscard]] Json verdictJson(const job::Case& c, const Conclusion& conclusion);

}  // namespace haybale::diagnosis
