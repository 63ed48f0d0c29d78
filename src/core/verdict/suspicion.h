// What is believed, in words and shares: who is suspect, how sure, what to do about it.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/belief/belief.h"
#include "core/verdict/assess.h"

namespace haybale::diagnosis {

/// What is believed of one element, wire and way to fail.
struct Suspect {
  std::string element;  ///< empty: nothing is wrong
  std::optional<circuit::WireId> wire;
  std::string fault;  ///< "open", "resistive", "wires-touching", ...
  double share = 0;   ///< probability, 0..1
};

enum class State { isolated, narrowed, open, contradictory };
inline constexpr std::array<std::string_view, 4> kStateNames{"isolated", "narrowed", "open",
                                                             "contradictory"};

/// What the readings add up to.
struct Conclusion {
  State state = State::open;
  std::vector<Suspect> suspects;  ///< largest share first; shares sum to 1
  std::vector<std::pair<std::string, double>>
      elementShares;                 ///< per element of the path, in its order
  std::string headline;              ///< "Narrowed to L2 and C2"
  std::string action;                ///< what to do about it
  std::vector<std::string> reasons;  ///< one sentence per reading, what moved the belief most first
  /// Two faults that together explain what no single one does, the likeliest first; contradictory
  /// only.
  std::vector<std::pair<Suspect, Suspect>> pairs;
  /// Share of all pairs together, against a single fault and a slip.
  double pairShare = 0;
  /// How suspicion moved: after each reading (index into the evidence) the share of every element.
  struct Step {
    std::size_t evidence = 0;
    double bits = 0;
    std::vector<double> shares;  ///< in the order of `elementShares`, then of nothing wrong
  };
  std::vector<Step> timeline;
  /// Codes were cleared in the course of the readings: had the module switched the supply off, it
  /// is back, and nothing tells that from nothing wrong.
  bool codesCleared = false;
  /// Index into the evidence of the reading that clashes with the rest; contradictory only.
  std::optional<std::size_t> clash;
};

/// Shares that make an element isolated, and two together narrowed.
inline constexpr double kIsolated = 0.9;
inline constexpr double kNarrowed = 0.85;

/// Share from which on an element counts as known. A wrong repair costs some 75 minutes (30 a
/// sensor, 60 wiring, 90 a ring, with access and the proof that it did not help), its part and a
/// comeback: here the last doubt costs about what one more test does.
inline constexpr double kSettledShare = 0.97;

/// Share of the leading suspect's element; of a latch-off that clearing has cured and nothing wrong
/// together, where one of them leads.
[[nodiscard]] double leadingShare(const Conclusion& conclusion);

/// Puts a belief into words. `views` are the assessed readings, in the order of the case's
/// evidence.
[[nodiscard]] Conclusion conclude(const Belief& belief, const std::vector<ReadingView>& views);

/// "L2, wire b: open" in words for a person.
[[nodiscard]] std::string spoken(const Suspect& suspect, const circuit::Circuit& circuit);

/// What to do about it, in one or two sentences.
[[nodiscard]] std::string actionFor(const Suspect& suspect, const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
