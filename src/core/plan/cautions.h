// The cautions that belong to a test.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/test.h"

namespace haybale::diagnosis {

/// Every caution that belongs to making this test, the gravest first; never empty. Local rules, the
/// maker's procedure and a licensed technician's judgement come first, and it is said.
[[nodiscard]] std::vector<std::string> cautionsOf(const circuit::Circuit& circuit,
                                                  const circuit::Test& test);

/// The same as one text.
[[nodiscard]] std::string cautionText(const circuit::Circuit& circuit, const circuit::Test& test);

}  // namespace haybale::diagnosis
