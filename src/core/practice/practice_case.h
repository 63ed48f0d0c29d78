// A practice case: a made-up vehicle, what is complained of, and, kept from the trainee, what is
// wrong with it. Open JSON (docs/formats/practice.schema.json) that a trainer can write by hand.
#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/base/json_fwd.h"
#include "core/job/case.h"
#include "core/sim/hidden_fault.h"

namespace haybale::practice {

/// One thing that is wrong. `fault` by its published name; `wire` "a", "b", "c" or empty.
struct Truth {
  std::string circuit;
  std::string element;  ///< empty for what is of no element
  std::string wire;
  std::string fault;
  std::optional<double> severity;  ///< ohms or a share, as the fault has it; empty: its middle
};

struct PracticeCase {
  std::string id;
  std::string title;
  int level = 1;             ///< 1 to 5
  std::string skill;         ///< one of kSkills
  std::string lesson;        ///< what it teaches, told afterwards
  std::string debrief;       ///< one sentence to remember
  job::Case shown;           ///< what the trainee is given
  std::vector<Truth> truth;  ///< the first is the complaint's; a second may hide behind it
  double slip = 0;           ///< share of readings that are taken wrong
  bool dries = false;        ///< water in a plug is gone once it was taken apart, till it rains
};

inline constexpr std::array<std::string_view, 7> kSkills{
    "loaded-tests", "comparison",   "isolation", "intermittents",
    "traces",       "substitution", "history"};

/// Reads a case. Errors name the member; a truth that cannot be on that line says what can.
Result<PracticeCase> parsePractice(const std::string& text, const std::string& name);
/// The same of a file. Errors also where it cannot be read.
[[nodiscard]] Result<PracticeCase> openPractice(const std::string& path);
[[nodiscard]] std::string practiceText(const PracticeCase& p);

/// The hidden faults as the simulated vehicle takes them, in the order of `truth`.
Result<std::vector<sim::HiddenFault>> hiddenIn(const PracticeCase& p);

/// The cases that come with the program, by level and title.
[[nodiscard]] const std::vector<PracticeCase>& shelf();
/// The same case with what is said of it in the language in force; what is read is the same.
[[nodiscard]] PracticeCase inLanguage(PracticeCase p);
/// A case drawn: a line, a kind and a fault of this level (1 to 5), always the same for a seed.
[[nodiscard]] PracticeCase drawnCase(int level, std::uint32_t seed);
/// By the id of the shelf, or "mixed-1" to "mixed-5".
Result<PracticeCase> caseCalled(const std::string& id, std::uint32_t seed);

}  // namespace haybale::practice
