// What may be hidden wrong in a vehicle: for whoever writes a practice case.
#pragma once

#include "core/practice/practice_case.h"

namespace haybale::practice {

/// One fault of one element, and which wires can have it.
struct TruthChoice {
  std::string element;             ///< empty for what is of no element
  std::string fault;               ///< its published name
  std::vector<std::string> wires;  ///< empty: it is of no single wire
  /// Its severity, as the fault has it. Equal when there is none to choose.
  double least = 0, middle = 0, most = 0;
  bool share = false;  ///< of the output that is left, or of the tooth counts; else ohms
};

/// Of the circuit in question, in the order of the line.
[[nodiscard]] std::vector<TruthChoice> choicesOf(const job::Case& c);

/// The whole of a case, written and read again as a file would be: what is wrong with it, by the
/// member, or that it can be played.
[[nodiscard]] Result<PracticeCase> checked(const PracticeCase& p);

}  // namespace haybale::practice
