// Two circuits that have changed places in a plug, a joint or the module's pins: what a lead on the
// suspect's line is joined to, and what of all that was taken apart it notices.
#pragma once

#include <string_view>

#include "core/circuit/line.h"
#include "core/circuit/test.h"

namespace haybale::diagnosis {

/// Whether `place` lies behind the crossing at the element `crossing`, seen from the module. In a
/// plug the wires cross behind its wheel half; in the module's, behind its pins and cavities. False
/// for what is not on the line.
[[nodiscard]] bool isBehind(const circuit::Circuit& circuit, std::string_view crossing,
                            const circuit::Place& place);

/// The car as a lead on that side of the crossing has it: plugs that are apart and a jumper on the
/// other side of it are another line's. A plug the wires cross in is apart for both sides.
[[nodiscard]] circuit::CarState seenFromSide(const circuit::Circuit& circuit,
                                             std::string_view crossing, bool behind,
                                             circuit::CarState state);

/// Whether a test of `circuit` reads another way because its wires cross with another's: something
/// on the other side than its red lead is apart, bridged or touched by its black one.
[[nodiscard]] bool readsAcross(const circuit::Circuit& circuit, std::string_view crossing,
                               const circuit::Test& test);

}  // namespace haybale::diagnosis
