// The way the program itself would go on a made-up vehicle: what a trainee's own way is held
// against.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "core/practice/practice_case.h"

namespace haybale::practice {

struct WayStep {
  std::string what;   ///< "Ohms of the pair at C2, wheel half; key off, C2 unplugged"
  std::string shown;  ///< what it gave, as it is read out
  double minutes = 0;
};
struct Way {
  std::vector<WayStep> steps;
  double minutes = 0;
};

/// Most steps of a way.
inline constexpr int kMostSteps = 40;

/// A vehicle that answers, or says by an empty reading that it cannot be measured there.
using Answering = std::function<std::optional<job::Reading>(const circuit::Test&)>;

/// From the case as the trainee gets it to where no test is worth its minutes any more.
[[nodiscard]] Way shortestWay(const PracticeCase& p, const Answering& vehicle,
                              const std::string& folder);

/// Adds a reading to the evidence under an id of its own.
void noteDown(job::Case& c, const circuit::Test& test, const job::Reading& reading);
/// A test as a question, with how the car stands.
[[nodiscard]] std::string questionText(const circuit::Test& test);
/// Every reading of `read` as it is read out, three digits, neither judged nor explained.
[[nodiscard]] std::vector<std::string> shownOf(const job::Case& read, const std::string& folder);

}  // namespace haybale::practice
