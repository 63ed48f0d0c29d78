// Ways for a wheel speed circuit to fail: names, and one way with its severities.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/fault.h"
#include "core/circuit/line.h"

namespace haybale::diagnosis {

enum class Fault {
  none,
  open,
  resistive,
  wiresTouching,
  shortToGround,
  shortToSupply,
  leak,
  intermittentOpen,
  intermittentShort,
  sensorOpen,
  sensorShorted,
  sensorDead,
  sensorWeak,
  wrongSensor,
  reversed,
  wideGap,
  ringTooth,
  ringCracked,
  ringRunout,
  ringWrongCount,
  noSupply,
  latchedOff,
  inputDead,
  circuitsExchanged,
  modulePower,      ///< feed, fuse, relay or ground that several circuits share
  encoderReversed,  ///< the target does not pass the sensor, or is mounted the wrong way round
  debris,           ///< metal or dirt on the tip
  wrongTyre,        ///< of another size, or nearly flat
  other             ///< something that is not on this list
};
/// As scripts and reports name them.
inline constexpr std::array<std::string_view, 29> kFaultNames{"none",
                                                              "open",
                                                              "resistive",
                                                              "wires-touching",
                                                              "short-to-ground",
                                                              "short-to-supply",
                                                              "leak",
                                                              "intermittent-open",
                                                              "intermittent-short",
                                                              "sensor-open",
                                                              "sensor-shorted",
                                                              "sensor-dead",
                                                              "sensor-weak",
                                                              "wrong-sensor",
                                                              "reversed",
                                                              "wide-gap",
                                                              "ring-tooth",
                                                              "ring-cracked",
                                                              "ring-runout",
                                                              "ring-wrong-count",
                                                              "no-supply",
                                                              "latched-off",
                                                              "input-dead",
                                                              "circuits-exchanged",
                                                              "module-power",
                                                              "encoder-reversed",
                                                              "debris",
                                                              "wrong-tyre",
                                                              "other"};
[[nodiscard]] inline std::string_view nameOf(Fault fault) {
  return kFaultNames[static_cast<std::size_t>(fault)];
}
[[nodiscard]] constexpr bool isIntermittent(Fault fault) {
  return fault == Fault::intermittentOpen || fault == Fault::intermittentShort;
}
[[nodiscard]] constexpr bool isOfTheRing(Fault fault) {
  return fault >= Fault::ringTooth && fault <= Fault::ringWrongCount;
}

/// Whether a fault weakens the signal and leaves the electrical circuit whole.
[[nodiscard]] constexpr bool weakens(Fault fault) {
  return fault == Fault::sensorWeak || fault == Fault::wideGap || fault == Fault::debris;
}

/// Whether it is water or crust rather than copper that conducts where nothing should: warm air
/// dries it, a spray adds to it, and the reading moves. From 1 kohm on: common practice, no source.
[[nodiscard]] constexpr bool isWater(Fault fault, double severityOhm) {
  constexpr double kCopperOhm = 1000;
  return (fault == Fault::leak || fault == Fault::wiresTouching) && severityOhm >= kCopperOhm;
}

/// One way to fail. Its severity lies between the first and the last of `steps`: ohms for what is
/// in the circuit, the share of the output that is left for a weak sensor or a wide gap, the ratio
/// of tooth counts for a wrong ring. A single step: there is no severity.
struct Hypothesis {
  Fault fault = Fault::none;
  std::string element;  ///< empty for `none`
  std::optional<circuit::WireId> wire;
  double prior = 0;  ///< not normalised
  std::vector<double> steps{0};
  double along = 0.5;    ///< where in a leg, 0 its module end
  double lastShare = 0;  ///< of the last interval of the steps; 0: all alike
};

}  // namespace haybale::diagnosis
