// How each fault shows itself: at key-on, after the first turn, at creep, over bumps, in the wet.
#pragma once

#include <string_view>

#include "core/job/case.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::diagnosis {

/// The class of faults that show alike: "open", "gap", "ring", ..., the middle word of the values
/// `shows-CLASS-WHEN` of the table of priors. "sound" for nothing wrong.
[[nodiscard]] std::string_view showClass(Fault fault);

/// How much likelier the circumstances of the complaint are with this fault than with others: the
/// product of `shows-CLASS-WHEN` over all that apply; 1 where nothing is said. Nothing wrong and
/// what is not on the list: 1, but on a lift `sound-lift`.
[[nodiscard]] double circumstanceFactor(const job::Complaint& complaint, Fault fault);

/// How much likelier a fault of `element` is after what was done about it, from the history of
/// `circuit`.
[[nodiscard]] double historyFactor(const job::Case& c, const circuit::Circuit& circuit,
                                   const circuit::Element* element, Fault fault);

}  // namespace haybale::diagnosis
