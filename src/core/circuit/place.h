// Where a probe may touch: module, C1.module-side, C1.wheel-side, sensor, L2@0.5, ground, battery.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/line.h"

namespace haybale::circuit {

struct Place {
  enum class Kind { modulePlug, modulePins, moduleSide, wheelSide, sensor, along, ground, battery };
  Kind kind = Kind::ground;
  std::string element;  ///< id of the connector, leg or splice; empty for ground and battery
  double along = 0.5;   ///< `along` only: 0 at the module end of the leg, 1 at the wheel end

  bool operator==(const Place&) const = default;
  [[nodiscard]] bool onLine() const { return kind != Kind::ground && kind != Kind::battery; }
};

/// Reads a place as case files write it, and the short forms "C1.m", "C1.w", "gnd", "bat". A bare
/// "C1" is its module side. Case of letters does not matter. An error names the places there are.
Result<Place> parsePlace(std::string_view text, const Circuit& circuit);

/// The form parsePlace reads: "C1.module-side".
[[nodiscard]] std::string toText(const Place& place);

/// As a person says it: "C1, module half".
[[nodiscard]] std::string spoken(const Place& place);

/// All places on the line that can be reached without a hole, from module to sensor.
[[nodiscard]] std::vector<Place> reachablePlaces(const Circuit& circuit);

/// Position along the path as index of the element plus 0..1 within it; for sorting and drawing. -1
/// off the line.
[[nodiscard]] double position(const Circuit& circuit, const Place& place);

}  // namespace haybale::circuit
