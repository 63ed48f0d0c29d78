// A proposed test in words: what it is called, where the leads go, what a reading is like.
#pragma once

#include <string>

#include "core/belief/likelihood.h"

namespace haybale::diagnosis {

/// "Ohms of the pair at the wheelhouse plug C2, wheel half".
[[nodiscard]] std::string titleFor(const circuit::Circuit& circuit, const circuit::Test& test);
/// The same in the letters of the line, for lists of those who know it: "Ohms of the pair at C2,
/// wheel half".
[[nodiscard]] std::string titleFor(const circuit::Test& test);

/// Where the leads go and how the car stands, one sentence.
[[nodiscard]] std::string instructionsFor(const circuit::Circuit& circuit,
                                          const circuit::Test& test);

/// The reading at `x` on the scale, as a technician would tell it from the sound one: "about 1.2
/// kohm", "OL", "near 0 V".
[[nodiscard]] std::string sayValue(const circuit::Test& test, const Scale& scale, double x,
                                   double soundAt, double spread, double sound);

/// A band of the scale: "1.2 to 1.4 kohm".
[[nodiscard]] std::string sayBetween(const Scale& scale, double from, double to);

/// What was seen instead of measured, short: "no code returned", "corroded".
[[nodiscard]] std::string sayReading(const job::Reading& reading);

}  // namespace haybale::diagnosis
