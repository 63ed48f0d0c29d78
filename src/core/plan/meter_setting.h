// What to set on the instrument for a test, where its leads go, and what to expect.
#pragma once

#include <string>

#include "core/circuit/predict.h"

namespace haybale::diagnosis {

struct MeterSetting {
  std::string dial;     ///< "Ohms, auto range", "DC volts, 20 V range", ...
  std::string leads;    ///< "Red on a (GN/OG) at C2, module half; black on ground; key on, ..."
  std::string expect;   ///< "A sound line reads 4.90 to 5.10 V"; empty when nothing is predicted
  std::string warning;  ///< what speaks against the set-up; empty when nothing does
  bool harmful = false;
};

[[nodiscard]] MeterSetting meterSetting(const circuit::Circuit& circuit, const circuit::Test& test,
                                        const circuit::Meter& meter,
                                        const circuit::LineParameters& known);

}  // namespace haybale::diagnosis
