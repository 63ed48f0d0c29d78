// A practice case as an exercise on paper: a class has no thirty computers. The trainee has the
// complaint and the line and asks; the trainer has what the vehicle answers, and the solution.
#pragma once

#include <string>
#include <vector>

#include "core/practice/shortest_way.h"

namespace haybale::practice {

/// Something that can be asked of the vehicle, and what it answers.
struct PaperAnswer {
  std::string circuit;
  std::string what;   ///< "Ohms of the pair at C2, wheel half", and how the car stands
  std::string shown;  ///< "1.1 kΩ"
};

struct PaperExercise {
  PracticeCase about;
  std::vector<PaperAnswer> answers;  ///< the circuit in question first
  Way way;                           ///< as the program itself would go
};

/// Asks the made-up vehicle everything a trainee may ask. The same case and seed give the same
/// paper, and a question asked twice has one answer. `folder` is where traces are written and left
/// none. Takes a second or two. REQUIRES: `hiddenIn(p)` holds.
[[nodiscard]] PaperExercise paperOf(const PracticeCase& p, std::uint32_t seed,
                                    const std::string& folder);

}  // namespace haybale::practice
