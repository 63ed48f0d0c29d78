// The end of a job: what still stands in its way, and what it teaches the next one.
#pragma once

#include <string>
#include <vector>

#include "core/plan/proof.h"
#include "core/verdict/repair_plan.h"

namespace haybale::diagnosis {

/// Why the job cannot be closed yet, each a sentence; empty when it can. Every pierced hole has to
/// be ticked as sealed.
[[nodiscard]] std::vector<std::string> inTheWay(const job::Case& c);

/// What is left between a verdict and a closed job, in the order of the trade.
enum class ClosingKind { find, decide, repair, seal, prove, report };
struct ClosingStep {
  ClosingKind kind = ClosingKind::find;
  std::string what;  ///< "Mend what was found"
  std::string how;   ///< how far it is, or what to do: "3 of 6 steps ticked"
  bool done = false;
};
/// Sealing only where something was pierced; the last, report and close, is never done before the
/// job is closed. `proof` may be null: not worked out yet.
[[nodiscard]] std::vector<ClosingStep> closingSteps(const job::Case& c,
                                                    const Conclusion& conclusion,
                                                    const Proof* proof);

/// What was not tested, in words for the report.
[[nodiscard]] std::vector<std::string> notTested(const job::Case& c, const Proof& proof);

/// Minutes the tests of the case took, by common practice.
[[nodiscard]] double minutesSpent(const job::Case& c);

/// The closing of the case on what is believed now. `date` is ISO 8601.
[[nodiscard]] job::Closing closingOf(const job::Case& c, const Suspect& suspect, const Proof& proof,
                                     const std::string& date);

}  // namespace haybale::diagnosis
