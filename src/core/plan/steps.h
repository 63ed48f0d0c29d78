// A test step by step, and the cautions that belong to it.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/test.h"

namespace haybale::diagnosis {

/// Short sentences in order: the state of the car, what to unplug (the key off before it), where
/// the leads go, the key, the setting of the instrument, what to do, what to look at.
[[nodiscard]] std::vector<std::string> stepsOf(const circuit::Circuit& circuit,
                                               const circuit::Test& test);

/// What stands in for the sensor of this kind: a sine for a coil, 7 and 14 mA for an active one, a
/// switch to the return for a 3-wire one (what makers' datasheets have as outputs; trade practice).
[[nodiscard]] std::string substituteWords(const circuit::Circuit& circuit,
                                          const circuit::Inject& inject);

/// Every caution that belongs to making this test, the gravest first; never empty. Local rules, the
/// maker's procedure and a licensed technician's judgement come first, and it is said.
[[nodiscard]] std::vector<std::string> cautionsOf(const circuit::Circuit& circuit,
                                                  const circuit::Test& test);

/// The same as one text.
[[nodiscard]] std::string cautionText(const circuit::Circuit& circuit, const circuit::Test& test);

}  // namespace haybale::diagnosis
