// The proof of a repair: which tests would show the fault if it were still there, or another behind
// it, and what is left to doubt once they are made.
//
// Chosen by the belief: what may still be wrong is the fault that was found, left in, or a second
// one by its prior; each test is simulated against all of it, and the one that shows most of what
// no earlier test would have shown, per minute, comes next.
#pragma once

#include <string>
#include <vector>

#include "core/belief/belief.h"
#include "core/plan/next_move.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

struct ProofStep {
  circuit::Test test;
  std::string title;         ///< "Creep to a stop, watching the live speed"
  std::string instructions;  ///< how the car stands and where the leads go
  std::string why;           ///< "it is what found the fault"
  std::string caution;       ///< all of them
  double minutes = 0;
  double catches = 0;  ///< share of what may still be wrong that it shows first
  double left = 0;     ///< share that it and all before it would miss
  std::vector<std::pair<std::string, job::Reading>> answers;  ///< as in a proposal
};

struct ProofResult {
  std::string evidence;  ///< id, among the proof's
  bool asItShould = true;
  double wrongAfter = 0;  ///< probability that something is still wrong, after this one
};

struct Proof {
  std::vector<ProofStep> plan;
  std::vector<ProofResult> results;  ///< in the order of the case's proof
  /// Probability that something is wrong before any proof: that the repair left the fault in or a
  /// second one hides behind it (`left-in` and `behind` of the table of priors), and where a work
  /// was chosen, whatever that work does not cure.
  double wrongBefore = priors::of(priors::Id::leftIn) + priors::of(priors::Id::behind);
  double wrong = wrongBefore;  ///< now
  double wrongIfAllPass = 0;   ///< once the whole plan has passed
  std::size_t made = 0;        ///< steps of the plan that were made

  /// Readings show that something is still wrong.
  [[nodiscard]] bool shown() const { return !results.empty() && wrong > 0.5; }
  [[nodiscard]] bool complete() const { return !plan.empty() && made == plan.size() && !shown(); }
  /// "Something is still wrong", "4 of 7 made, 3 % left to doubt".
  [[nodiscard]] std::string sentence() const;
};

/// The case as it is once the repair is made: what was read of the suspect circuit before counts no
/// more, what was read since does.
[[nodiscard]] job::Case afterRepair(const job::Case& c, bool withProof);

/// `found` is the belief the repair was made on.
[[nodiscard]] Proof proofOf(const job::Case& c, const Belief& found, const std::string& folder,
                            CaptureShelf& shelf, LikelihoodMemory* memory = nullptr);

}  // namespace haybale::diagnosis
