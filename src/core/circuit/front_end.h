// What the module puts on its pins: one Thevenin source a pin.
#pragma once

#include <array>
#include <limits>
#include <optional>
#include <string_view>

#include "core/circuit/line.h"

namespace haybale::circuit {

enum class FrontEndKind {
  singleBias,     ///< passive: wire a biased through a resistor, wire b to ground
  bothBiased,     ///< passive: both wires biased alike
  highSideSense,  ///< active: supply through the sense resistor on a, b to ground
  lowSideSense,   ///< active: supply on a, sense resistor from b to ground
  threeWire       ///< Hall: supply on c, pull-up on a, ground on b
};
inline constexpr std::array<std::string_view, 5> kFrontEndNames{
    "single-bias", "both-biased", "high-side-sense", "low-side-sense", "three-wire"};
/// "bias on a, b to ground", ...
[[nodiscard]] std::string_view spoken(FrontEndKind kind);

inline constexpr double kReturnOhm = 0.1;  ///< a pin tied to ground inside the module
inline constexpr double kFeedOhm = 1.0;    ///< a supply pin without a sense resistor
/// What a supply pin shows to ground while the module sleeps (common practice, no source).
inline constexpr double kSleepOhm = 20e3;

struct FrontEnd {
  bool operator==(const FrontEnd&) const = default;
  FrontEndKind kind = FrontEndKind::singleBias;
  /// Volts on the feed with nothing connected: the bias, the sensor supply, or for a 3-wire module
  /// the supply of wire c.
  double supplyV = 5.0;
  /// Ohm behind it: bias resistor, sense resistor (active), pull-up (3-wire).
  double sourceOhm = 10e3;
  /// 3-wire only: volts of the pull-up on wire a.
  double pullUpV = 5.0;
  /// Most current the feed gives, in ampere; beyond it the voltage gives way.
  double limitA = std::numeric_limits<double>::infinity();
  /// Whether the module switches the feed off after an overload until codes are cleared and the
  /// ignition was cycled.
  bool latchesOff = false;
};

/// One pin as a source against ground.
struct Pin {
  double volts = 0;
  double ohm = std::numeric_limits<double>::infinity();  ///< infinite: not used
  double limitA = std::numeric_limits<double>::infinity();
};

/// The pins of wires a, b, c. `fed` false: key off, battery off, no supply or latched off.
[[nodiscard]] std::array<Pin, 3> pinsOf(const FrontEnd& frontEnd, bool fed);

/// The resistor between the feed and what the module measures, in ohm; empty for biased inputs.
[[nodiscard]] std::optional<double> senseOhm(const FrontEnd& frontEnd);

/// The usual front end for a kind of sensor.
[[nodiscard]] FrontEnd usualFrontEnd(SensorKind kind);

}  // namespace haybale::circuit
