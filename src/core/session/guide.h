// A guided diagnosis, one test after the other: whoever answers, a person, a script or a simulated
// vehicle.
#pragma once

#include <string>

#include "core/session/assessment.h"

namespace haybale::diagnosis {

/// When a guided diagnosis ends, finished or not.
struct GuideLimits {
  int mostTests = 40;
  double mostMinutes = 1e9;
  double spentMinutes = 0;  ///< that were measured before: patience has run for as long
};

/// Tests that only the window asks for: a substitute signal and pulled wires are members of the
/// car's state that whoever answers a script need not know, and would answer as if they were not
/// there.
[[nodiscard]] std::vector<circuit::Test> testsOfTheWindow(const job::Case& c);

/// Asks, is answered, thinks anew. Each step depends on the case and the answers alone: the same
/// answers give the same questions.
class Guide {
 public:
  /// `folder` is where relative capture paths start.
  Guide(job::Case c, std::string folder, GuideLimits limits = {});

  /// The test to make now; nullptr when no further test is worth its minutes, or a limit is
  /// reached.
  [[nodiscard]] const Proposal* ask() const;
  /// The reading of the test asked for.
  void answer(const job::Reading& reading);
  /// The test asked for cannot be made.
  void cannot();

  /// The case with all that was answered.
  [[nodiscard]] const job::Case& job() const { return case_; }
  /// What is believed after the last answer.
  [[nodiscard]] const Conclusion& conclusion() const { return assessment_.conclusion; }
  /// Spent on tests so far, and before by the limits, by the effort model.
  [[nodiscard]] double minutes() const { return minutes_; }
  /// Answered so far.
  [[nodiscard]] int tests() const { return tests_; }

 private:
  void think();
  [[nodiscard]] bool settled() const;
  [[nodiscard]] const Proposal* witness() const;
  [[nodiscard]] const Proposal* clearing() const;
  [[nodiscard]] const Proposal* twice() const;

  job::Case case_;
  std::string folder_;
  GuideLimits limits_;
  CaptureShelf shelf_;
  LikelihoodMemory memory_;
  Assessment assessment_;
  std::vector<circuit::Test> refused_;
  int tests_ = 0;
  int inVain_ = 0;  ///< tests made for a second witness against what is blamed now, without one
  double minutes_ = 0;
};

}  // namespace haybale::diagnosis
