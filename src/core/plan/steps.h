// A test step by step.
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

}  // namespace haybale::diagnosis
