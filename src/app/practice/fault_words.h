// Faults as a trainee names them.
#pragma once

#include <QString>
#include <string>
#include <vector>

namespace haybale::app {

/// In words, and by the published name.
[[nodiscard]] const std::vector<std::pair<QString, std::string>>& faultsInWords();
/// The words of one; its name where there are none.
[[nodiscard]] QString faultInWords(const std::string& name);

}  // namespace haybale::app
