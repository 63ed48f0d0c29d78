// What is believed, in words and shares: who is suspect, how sure, what to do about it.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/belief/kinds.h"
#include "core/verdict/assess.h"

namespace haybale::diagnosis {

/// What is believed of one element, wire and way to fail.
struct Suspect {
  std::string element;  ///< empty: nothing is wrong
  std::optional<circuit::WireId> wire;
  Fault fault = Fault::none;
  double share = 0;  ///< probability, 0..1
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
  /// Index into the evidence of the reading that clashes with the rest: to be repeated before it is
  /// believed, and before anything is called contradictory.
  std::optional<std::size_t> clash;
  /// Index of the number the verdict hangs on: taken once, and without it the element is open.
  std::optional<std::size_t> hinge;
  /// Families of readings that speak for the leading element by themselves.
  std::vector<Family> witnesses;
  /// Money would be spent on the leading element and fewer than two witnesses speak against it.
  bool wantsWitness = false;
  /// The module is blamed for a supply that may only be latched off: codes were not cleared yet.
  bool clearFirst = false;
  std::vector<KindShare> kinds;  ///< of the suspect's sensor, the likeliest first
};

/// Share of the leading suspect's element; of a latch-off that clearing has cured and nothing wrong
/// together, where one of them leads.
[[nodiscard]] double leadingShare(const Conclusion& conclusion);

/// Puts a belief into words. `views` are the assessed readings, in the order of the case's
/// evidence.
[[nodiscard]] Conclusion conclude(const Beliefs& beliefs, const std::vector<ReadingView>& views);

/// What a suspect is counted under: its element, or for what is no part of the line its fault.
[[nodiscard]] std::string groupOf(const Suspect& suspect);

/// Whether a repair there means a part that is bought: sensor, ring or bearing, module.
[[nodiscard]] bool buysPart(const Suspect& suspect, const circuit::Circuit& circuit);

/// "L2, wire b: open" in words for a person.
[[nodiscard]] std::string spoken(const Suspect& suspect, const circuit::Circuit& circuit);

/// The first of them, as far as it is known: without its wire where the same fault in the other
/// wire is nearly as likely. REQUIRES: there is one.
[[nodiscard]] Suspect leading(const std::vector<Suspect>& suspects);

/// What to do about it, in one or two sentences.
[[nodiscard]] std::string actionFor(const Suspect& suspect, const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
