// What to do about a fault that was found, step by step, as the trade does it.
#pragma once

#include <string>
#include <vector>

#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

struct RepairStep {
  std::string id;       ///< stays the same for the same work: what is ticked
  std::string text;     ///< what to do
  std::string caution;  ///< may be empty
  std::string note;     ///< what to write down beside it, "torque, Nm"; may be empty
};

/// Steps for one suspect on the case's suspect circuit, in order; both neighbours of a wet plug, by
/// the shop's way of splicing. Common practice, no published source; the maker's procedure comes
/// first.
[[nodiscard]] std::vector<RepairStep> repairSteps(const job::Case& c, const Suspect& suspect);

/// A place where the insulation was pierced, whatever became of the reading.
struct PiercedHole {
  std::string key;   ///< "RR L2@0.50 a"
  std::string text;  ///< "RR, halfway along L2, wire a"
};
[[nodiscard]] std::vector<PiercedHole> piercedHoles(const job::Case& c);

/// The suspect the repair is for: what the work that was decided on cures (cleaning a sensor is not
/// fitting one), else the likeliest of its element, else the likeliest of all; nothing wrong when
/// nothing is suspected.
[[nodiscard]] Suspect toRepair(const job::Case& c, const Conclusion& conclusion);

}  // namespace haybale::diagnosis
