// What is hidden wrong, in the trade's words.
#pragma once

#include <string>
#include <utility>
#include <vector>

#include "core/practice/practice_case.h"

namespace haybale::practice {

/// Every fault a trainee can name: its words in the language in force, and its published name.
[[nodiscard]] std::vector<std::pair<std::string, std::string>> faultsInWords();
/// The words of a published name; the name itself where there are none.
[[nodiscard]] std::string faultInWords(std::string_view name);
/// "L3, wire a: broken, parted".
[[nodiscard]] std::string truthInWords(const Truth& t);
/// All that is wrong with a case, in the order it comes to light.
[[nodiscard]] std::string truthInWords(const PracticeCase& p);

}  // namespace haybale::practice
