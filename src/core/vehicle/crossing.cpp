#include "core/vehicle/crossing.h"

#include <algorithm>
#include <utility>

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Circuit;
using circuit::Place;

bool isBehind(const Circuit& circuit, std::string_view crossing, const Place& place) {
  const auto at = place.onLine() ? circuit.indexOf(place.element) : std::nullopt;
  const auto where = circuit.indexOf(crossing);
  return at && where && (*at > *where || (*at == *where && place.kind == Place::Kind::wheelSide));
}

CarState seenFromSide(const Circuit& circuit, std::string_view crossing, bool behind,
                      CarState state) {
  const auto where = circuit.indexOf(crossing);
  std::erase_if(state.unplugged, [&](const auto& id) {
    const auto at = circuit.indexOf(id);
    return at && where && *at != *where && (*at > *where) != behind;
  });
  if (state.jumper && isBehind(circuit, crossing, *state.jumper) != behind) {
    state.jumper.reset();
  }
  return state;
}

bool readsAcross(const Circuit& circuit, std::string_view crossing, const circuit::Test& test) {
  if (!test.red || !test.red->place.onLine()) {
    return false;
  }
  const bool behind = isBehind(circuit, crossing, test.red->place);
  const bool apart = seenFromSide(circuit, crossing, behind, test.state) != test.state;
  return apart || (test.black && test.black->place.onLine() &&
                   isBehind(circuit, crossing, test.black->place) != behind);
}

}  // namespace haybale::diagnosis
