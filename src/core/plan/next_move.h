// The next test: of those the tool box, the places in reach and the allowed intrusion permit, the
// one that settles most per minute.
//
// Every test is simulated against every hypothesis still believed in; its worth is the mutual
// information between its outcome and the element to be repaired, and once that is known the way it
// failed, over its minutes (de Kleer and Williams, "Diagnosing multiple faults", Artificial
// Intelligence 32, 1987; Heckerman, Breese and Rommelse, "Decision-theoretic troubleshooting", CACM
// 38(3), 1995; both from memory). While the element is asked for two tests are looked ahead
// (two_steps.h); half-split over access minutes follows by itself.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/plan/test_effort.h"
#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

/// One way the reading may come out.
struct Outcome {
  std::string reading;   ///< "about 1.2 kΩ", "OL", "4.9 to 5.1 V"
  std::string pointsTo;  ///< "C2, L2"
  double probability = 0;
};

struct Proposal {
  circuit::Test test;
  std::string title;                  ///< "Ohms at the module plug"
  std::string instructions;           ///< where the leads go and how the car stands
  std::string caution;                ///< the gravest of `cautions`
  std::vector<std::string> steps;     ///< in order, short sentences
  std::vector<std::string> cautions;  ///< every one that belongs to it
  double minutes = 0;
  double bits = 0;   ///< about the element to be repaired
  double ways = 0;   ///< bits about element, wire and way to fail together
  double score = 0;  ///< what a minute is worth, ways to fail counted in part; while the element is
                     ///< asked for with the best test behind it
  double rank = 0;   ///< what it is ordered by: the score, with what comes first for its own sake
  bool again = false;  ///< a reading that clashes, taken once more
  Intrusion intrusion = Intrusion::none;
  Stance stance = Stance::atModule;
  /// What is seen instead of measured: the answers there are, in words, and the reading each stands
  /// for. Empty for numbers and traces.
  std::vector<std::pair<std::string, job::Reading>> answers;
  std::vector<Outcome> outcomes;  ///< most probable first, at most four
};

/// What one test would tell, asked for or not; without title and steps. Empty when it cannot be
/// simulated.
[[nodiscard]] std::optional<Proposal> weigh(const Beliefs& beliefs, const Conclusion& conclusion,
                                            const circuit::Test& test);

/// Proposals for the suspect circuit, best first: tests that tell something and were not made yet.
/// A reading that clashes is proposed again first, once. What is free comes before anything is
/// touched; a complaint of wet weather is reproduced before anything is unplugged or back-probed; a
/// set-up that means nothing under a kind of sensor that is possible is left out, and so are
/// `refused` tests.
[[nodiscard]] std::vector<Proposal> proposeTests(const Beliefs& beliefs,
                                                 const Conclusion& conclusion,
                                                 const std::vector<circuit::Test>& refused = {});

}  // namespace haybale::diagnosis
