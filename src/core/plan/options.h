// What may be done now, with its odds, its price and its time: clearing, cleaning, mending,
// fitting, measuring first, or stopping. The owner decides.
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/plan/next_move.h"

namespace haybale::diagnosis {

enum class Deed { measure, clean, clear, mend, fit, stop };
inline constexpr std::array<std::string_view, 6> kDeedNames{"measure", "clean", "clear",
                                                            "mend",    "fit",   "stop"};

struct Option {
  Deed deed = Deed::stop;
  std::string element;        ///< what is worked on; empty: measuring, stopping, a tyre
  Fault fault = Fault::none;  ///< the likeliest that this work cures
  double cures = 0;           ///< probability that this very work cures the complaint
  double cost = 0;            ///< parts and work, in the currency of the case's costs
  double minutes = 0;
  double expectedCost = 0;  ///< cost, and what is spent in vain if it does not cure
  std::string text;         ///< one plain sentence, for someone who owns a car and no meter
};

/// The work that cures one fault, and what it takes; `stop` where there is none.
struct Work {
  Deed deed = Deed::stop;
  double part = 0;     ///< price of what is fitted
  double minutes = 0;  ///< without reaching the element
  double success = 0;  ///< that the work does what it should
};
[[nodiscard]] Work workFor(Fault fault, const circuit::Element* element,
                           const job::Case::Costs& costs);

/// Whether the work that cures the one fault of an element cures the other as well: cleaning cures
/// debris and a lifted sensor, but no dead one.
[[nodiscard]] bool oneWorkCures(Fault one, Fault other, const circuit::Element* element,
                                const job::Case::Costs& costs);

/// The fault that the work the owner decided on cures; empty when nothing was decided, or a file
/// does not say.
[[nodiscard]] std::optional<Fault> decidedFault(const job::Case& c);

/// Whether an option is the work that was decided on, whatever its odds and price are by now.
[[nodiscard]] bool isDecided(const job::Case& c, const Option& option);

/// Writes down what the owner decided.
void decide(job::RepairRecord& repair, const Option& option);

/// The works that may cure it (from 3 % on, at most five), measuring first when a test is left, and
/// stopping; cheapest expected cost first. A work cures only its own faults: clearing a latch-off,
/// cleaning debris and a lifted sensor, putting back crossed wires or circuits, a new part what is
/// wrong with the old. Minutes of a work: common practice, no source: clearing 4, cleaning 15, a
/// sensor 30, a ring or bearing 90, wiring or a plug 60, a module 60, each with the access minutes
/// of the element.
[[nodiscard]] std::vector<Option> optionsOf(const job::Case& c, const Conclusion& conclusion,
                                            const std::vector<Proposal>& proposals);

}  // namespace haybale::diagnosis
