// What a test is about, as far as a limit can apply to it.
#pragma once

#include <optional>

#include "core/circuit/test.h"
#include "core/judging/limit.h"

namespace haybale::diagnosis {

/// Whether red and black are on two different wires of the circuit.
[[nodiscard]] bool acrossThePair(const circuit::Test& test);
/// Whether a wire is measured against ground.
[[nodiscard]] bool toGround(const circuit::Test& test);

[[nodiscard]] std::optional<judging::Quantity> quantityOf(const circuit::Circuit& circuit,
                                                          const circuit::Test& test);

}  // namespace haybale::diagnosis
