// One circuit of a case file: its sensor, path, wires and own limits.
#pragma once

#include <string>

#include "core/base/json_fwd.h"
#include "core/base/result.h"
#include "core/circuit/line.h"

namespace haybale::job {

/// Reads one entry of `circuits`, at `path` for messages ("circuits[0]"). Left out: a typical path
/// for its location. Errors as circuit::checkPath, and of each member.
Result<circuit::Circuit> readCircuit(const Json& json, const std::string& path);
[[nodiscard]] Json circuitJson(const circuit::Circuit& c);

}  // namespace haybale::job
