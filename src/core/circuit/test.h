// A test as it is made on the vehicle: what is measured, where the leads are, how the car stands.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/meter.h"
#include "core/circuit/place.h"
#include "core/units/quantity.h"

namespace haybale::circuit {

/// What is done. `loop`: ohms there and back through the module or a jumper. `wiggle`: watch a
/// reading or a trace while an element is moved. `inspect`: look. `benchSensor`: the sensor taken
/// out, metal moved before it. `other`: of a newer version, kept.
enum class TestKind {
  resistance,
  dcVoltage,
  acVoltage,
  lamp,
  loop,
  waveform,
  codes,
  liveSpeed,
  wiggle,
  inspect,
  benchSensor,
  current,
  other
};
/// As cases and scripts write them, in the order of the kinds; `other` has none of its own.
inline constexpr std::array<std::string_view, 12> kTestKindNames{
    "resistance", "dc-voltage", "ac-voltage", "lamp",    "loop",         "waveform",
    "codes",      "live-speed", "wiggle",     "inspect", "bench-sensor", "current"};

/// The unit a reading of this kind is in; `Unit::none` for readings that are not a number.
[[nodiscard]] units::Unit unitOf(TestKind kind);

/// One lead. `wire` is empty for ground and battery, and where it does not matter.
struct Probe {
  Place place;
  std::optional<WireId> wire;
  bool operator==(const Probe&) const = default;
};

/// The ignition.
enum class Key { off, on };
/// `spun`: by hand or on rollers; `driven`: the car on the road.
enum class WheelMotion { still, spun, driven };
/// As cases write them.
inline constexpr std::array<std::string_view, 3> kWheelMotionNames{"still", "spun", "driven"};

/// The sensor of one circuit feeds the harness of another from that one's sensor connector on.
struct Swap {
  /// The circuit whose sensor is used, and the one whose harness it is plugged into.
  std::string sensorOf;
  std::string into;
  bool reversed = false;  ///< the two leads exchanged
  bool operator==(const Swap&) const = default;
};

/// A substitute signal in place of the sensor: everything beyond `place` is apart from it.
struct Inject {
  Place place;             ///< half of a connector, module side, or the module's pins
  double hz = 0;           ///< tooth frequency
  double peakToPeakV = 1;  ///< passive inputs; active ones draw the sensor's own currents
  bool operator==(const Inject&) const = default;
};

/// Bent, sprayed with salt water, shaken (a bump, on the road), warmed by air or a drive, pulled.
enum class DisturbKind { flex, wet, shake, heat, pull };
/// As cases write them.
inline constexpr std::array<std::string_view, 5> kDisturbNames{"flex", "wet", "shake", "heat",
                                                               "pull"};

/// What is done to the line while it is watched. With `pull`, on an inspection: the insulation is
/// pulled, and stretches where the copper in it is gone.
struct Disturb {
  DisturbKind kind = DisturbKind::flex;
  std::string element;  ///< empty: the whole circuit
  bool operator==(const Disturb&) const = default;
};

/// How the car stands while the test is made.
struct CarState {
  Key key = Key::on;
  bool batteryConnected = true;  ///< its terminals; off, nothing on the car is fed
  std::vector<std::string>
      unplugged;  ///< ids of connectors that are apart; the module's id for its plug
  WheelMotion wheel = WheelMotion::still;
  std::optional<double> speedKmh;  ///< of the wheel, when it is known
  std::optional<Place> jumper;     ///< joins wires a and b at this place
  std::optional<Swap> swap;
  std::optional<Disturb> disturb;
  std::optional<Inject> inject;
  bool operator==(const CarState&) const = default;

  /// Whether the connector of that id, or the module's plug, is apart.
  [[nodiscard]] bool isUnplugged(std::string_view id) const;
};

/// A test of one circuit. `rest` keeps what this version does not understand, so that it is saved
/// again.
struct Test {
  TestKind kind = TestKind::resistance;
  std::string kindText;  ///< as it stood in the file, when `kind` is `other`
  std::string circuit;
  /// The leads. Without a red one nothing is touched: codes, speeds, looks. Without a black one it
  /// is on a good ground.
  std::optional<Probe> red;
  std::optional<Probe> black;
  CarState state;
  bool highestRange = false;  ///< meter set by hand to its highest range
  /// What the voltmeter or scope puts across the leads; empty: the meter's own, or kScopeOhm.
  std::optional<double> inputOhm;
  std::string meterName;        ///< the meter it was taken with, as written down
  Lamp lamp = Lamp::bulb250mA;  ///< lamp tests only
  std::string looked;           ///< inspect only: the element that is looked at
  /// Members of a newer version: of the test, of its state, of its meter.
  Rest rest;
  Rest stateRest;
  Rest meterRest;

  bool operator==(const Test&) const = default;
};

/// Whether two tests would read the same thing: same kind, circuit, leads (a lead left away means
/// ground), state and connectors apart in whatever order; at another frequency a substitute signal
/// is the same. How the meter is set does not count.
[[nodiscard]] bool sameTest(const Test& a, const Test& b);

/// Whether it is an inspection by pulling at the wires.
[[nodiscard]] inline bool isPull(const Test& test) {
  return test.kind == TestKind::inspect && test.state.disturb &&
         test.state.disturb->kind == DisturbKind::pull;
}

/// The default key position: off for resistance and loop, on for the rest.
[[nodiscard]] Key defaultKey(TestKind kind);

/// What still hangs on the place where the leads are, through closed connectors.
struct Reach {
  bool module = false;
  bool sensor = false;
};
[[nodiscard]] Reach reachFrom(const Circuit& circuit, const Place& place, const CarState& state);

/// "resistance, wire a to b, module plug; key off, module unplugged". For lists and reports.
[[nodiscard]] std::string spoken(const Test& test);

/// Where the leads are, short: "a to b", "a to ground".
[[nodiscard]] std::string leadsText(const Test& test);

/// "key off, C2 apart, wheel still". `withKey` false leaves the key out.
[[nodiscard]] std::string stateText(const CarState& state);

}  // namespace haybale::circuit
