// The next test: of those the tool box allows, the one that separates most of what is still
// possible per minute.
//
// Simple stand-in for a planner: every sensible test is simulated against every fault left by
// `conclude`; its worth is the entropy of the outcomes, weighted by the shares, over its minutes
// (Heckerman, Breese and Rommelse, CACM 38(3), 1995, from memory, with the observation chosen
// greedily).
#pragma once

#include <string>
#include <vector>

#include "core/diagnosis/suspicion.h"

namespace haybale::diagnosis {

/// One way the reading may come out.
struct Outcome {
  std::string reading;   ///< "about 1.2 kΩ", "OL", "4.9 to 5.1 V"
  std::string pointsTo;  ///< "C2, L2"
  double probability = 0;
};

struct Proposal {
  circuit::Test test;
  std::string title;         ///< "Ohms at the module plug"
  std::string instructions;  ///< where the leads go and how the car stands
  std::string caution;
  double minutes = 0;
  double bits = 0;
  std::vector<Outcome> outcomes;  ///< most probable first, at most three
};

/// Proposals for the suspect circuit, best first. Tests already made in the same way are left out.
/// Minutes: common practice, no source: a reading 1, a trace 3 plus 1 to spin, plus the access
/// minutes of the place and of what has to be unplugged.
[[nodiscard]] std::vector<Proposal> proposeTests(const job::Case& c, const Conclusion& conclusion,
                                                 const Knowledge& knowledge);

/// The caution that belongs to a test, shown where it is made.
[[nodiscard]] std::string cautionFor(const circuit::Test& test);

}  // namespace haybale::diagnosis
