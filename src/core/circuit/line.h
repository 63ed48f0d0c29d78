// One wheel speed circuit as a line: module, legs, connectors, splices, sensor and ring along one
// axis.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/rest.h"
#include "core/base/result.h"
#include "core/judging/limit.h"

namespace haybale::circuit {

/// What a part of the line is. The path of a circuit names them from the module to the ring.
enum class ElementKind { module, leg, connector, splice, sensor, ring };
inline constexpr std::array<std::string_view, 6> kElementKindNames{"module", "leg",    "connector",
                                                                   "splice", "sensor", "ring"};

/// Where it lies on the vehicle: how wet, warm and shaken it is, and how soon it fails.
enum class Zone { unknown, cabin, engineBay, underbody, wheelhouse, flex };
inline constexpr std::array<std::string_view, 6> kZoneNames{"unknown",   "cabin",      "engine-bay",
                                                            "underbody", "wheelhouse", "flex"};

/// `passive`: a coil. `active`: two current levels. `activePwm`: the same, the width of a pulse
/// coded. `activeAk`: a data word behind every speed pulse. `hall`: three wires, an open collector.
enum class SensorKind { unknown, passive, active, activePwm, activeAk, hall };
inline constexpr std::array<std::string_view, 6> kSensorKindNames{
    "unknown", "passive", "active", "active-pwm", "active-ak", "hall"};

/// Families of sensors that one electrical model serves. What is not known counts as a coil until
/// the belief has told the kinds apart.
enum class SensorFamily { coil, regulator, hallSwitch };
[[nodiscard]] constexpr SensorFamily familyOf(SensorKind kind) {
  return kind == SensorKind::hall                                     ? SensorFamily::hallSwitch
         : kind == SensorKind::passive || kind == SensorKind::unknown ? SensorFamily::coil
                                                                      : SensorFamily::regulator;
}
[[nodiscard]] constexpr bool isCoil(SensorKind kind) {
  return familyOf(kind) == SensorFamily::coil;
}

/// One of the wires of a circuit. `a` is the feed or signal, `b` the return, `c` the supply of a
/// 3-wire sensor.
enum class WireId { a, b, c };
inline constexpr std::array<std::string_view, 3> kWireNames{"a", "b", "c"};

/// A part of the line that can fail and, mostly, be reached.
struct Element {
  bool operator==(const Element&) const = default;
  std::string id;  ///< unique within its circuit: "L2", "C1", "module"
  ElementKind kind = ElementKind::leg;
  Zone zone = Zone::unknown;
  double accessMinutes = 5;       ///< minutes to lay it bare
  std::optional<double> lengthM;  ///< legs only
  std::optional<double> areaMm2;  ///< legs only: copper cross-section
  std::string label;              ///< what the user calls it, may be empty
  Rest rest;                      ///< fields of a newer version
};

/// One of the wires as the user's papers name it.
struct Wire {
  bool operator==(const Wire&) const = default;
  std::string role;    ///< "signal", "return", "supply"
  std::string colour;  ///< IEC 60757 letters or words: "GN/OG"
  Rest rest;
};

/// The sensor of a circuit as far as it is known.
struct Sensor {
  bool operator==(const Sensor&) const = default;
  SensorKind kind = SensorKind::unknown;
  std::optional<int> teeth;  ///< of its ring, or pairs of poles
  Rest rest;
};

/// A named circuit. `path` runs from the module to the ring.
struct Circuit {
  std::string name;      ///< "RR"
  std::string location;  ///< "rear right"
  std::string group;     ///< circuits with the same part, as written; empty: from the location
  Sensor sensor;
  std::vector<Element> path;
  std::array<Wire, 3> wires;
  std::vector<judging::Limit> limits;  ///< its own; they override those of the job
  Rest rest;
  bool operator==(const Circuit&) const = default;

  [[nodiscard]] const Element* find(std::string_view id) const;
  [[nodiscard]] const Element* first(ElementKind kind) const;
  /// Index in `path`; empty when there is no such element.
  [[nodiscard]] std::optional<std::size_t> indexOf(std::string_view id) const;
  /// The last connector of the path: the sensor's own. nullptr when there is none.
  [[nodiscard]] const Element* sensorConnector() const;
  [[nodiscard]] const Wire& wire(WireId id) const { return wires[static_cast<std::size_t>(id)]; }
};

/// A line nobody has described yet: module, leg, one connector, flexing leg, sensor connector,
/// sensor, ring.
[[nodiscard]] Circuit typicalCircuit(std::string name, std::string location);

/// A path must start at a module, have unique non-empty ids, one sensor, and a ring only at its
/// end.
Status checkPath(const Circuit& circuit, const std::string& where);

/// "LF", "left front", "front left", ... as a cell of the vehicle's layout: row 0 is the front
/// axle, column 0 the left side, 2 the middle (propeller shaft, differential). Empty when the name
/// says nothing.
struct Corner {
  int row = 0;
  int column = 0;
  bool operator==(const Corner&) const = default;
};
[[nodiscard]] std::optional<Corner> cornerOf(const Circuit& circuit);

/// What circuits with the same part are called: the group as written, else "front" or "rear" for
/// the wheels of an axle; a differential, a shaft and whatever else has a group of its own.
[[nodiscard]] std::string groupOf(const Circuit& circuit);

/// Another circuit of the same group: the other side of the axle. nullptr when there is none: then
/// nothing on the vehicle is its specification. The result points into `circuits`.
[[nodiscard]] const Circuit* peerOf(const std::vector<Circuit>& circuits, const Circuit& circuit);

}  // namespace haybale::circuit
