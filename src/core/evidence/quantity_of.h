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

/// The quantity whose limits a reading of this test may be held against, and beside whose good
/// readings it may be kept; empty where no limit is about it. What is between the leads decides:
///   coil resistance    ohms of the pair through a passive sensor, the module off
///   wire insulation    ohms to ground, or of the pair with sensor and module off
///   wire continuity    ohms along one wire, or there and back over a jumper, nothing apart between
///   AC output          AC volts of the pair, of a passive sensor that is on the line, its own
///   bias, unplugged    DC volts of the feed (wire a, or c) from the module, key on, sensor off
[[nodiscard]] std::optional<judging::Quantity> quantityOf(const circuit::Circuit& circuit,
                                                          const circuit::Test& test);

}  // namespace haybale::diagnosis
