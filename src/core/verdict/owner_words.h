// A fault as it is told to someone who owns a car and no meter: no ids, no ohms, no percentages.
#pragma once

#include <string>
#include <vector>

#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

/// "the plug in the wheelhouse", "the wires at the bend by the wheel"; the element's own label
/// where it has one; "" for parts that are no place of the wiring, and for null.
[[nodiscard]] std::string plainPlace(const circuit::Element* element);

/// "a wire that is broken in the wires at the bend by the wheel"; begins in lower case, without
/// a full stop. `element` may be null.
[[nodiscard]] std::string plainFault(Fault fault, const circuit::Element* element);

/// What is believed, for the owner: one sentence where it is certain enough to act on, else a few
/// possibilities "in N of 100 such cases", the likeliest first, at most six.
struct PlainVerdict {
  std::string sentence;
  std::vector<std::string> possible;  ///< empty where the sentence says all
};
[[nodiscard]] PlainVerdict plainVerdict(const job::Case& c, const Conclusion& conclusion);

/// What a ticked repair step was, in the owner's words; "" where the step is no matter of theirs
/// (how a joint is staggered). `id` as of `RepairStep`.
[[nodiscard]] std::string plainWork(const std::string& id, const circuit::Element* element);

}  // namespace haybale::diagnosis
