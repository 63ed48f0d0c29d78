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
  none,               ///< the circuit is sound
  open,               ///< one wire or contact parted for good
  resistive,          ///< corrosion, a bad crimp, few strands left: ohms in series
  wiresTouching,      ///< a and b joined by copper, water or crust
  shortToGround,      ///< one wire on the body
  shortToSupply,      ///< one wire on a feed
  leak,               ///< water or crust from one wire to ground
  intermittentOpen,   ///< parts now and then: moved, shaken, warm
  intermittentShort,  ///< touches the other wire or ground now and then
  sensorOpen,         ///< winding or chip parted
  sensorShorted,      ///< turns or chip shorted: too few ohms
  sensorDead,         ///< right ohms or current, no pulses
  sensorWeak,         ///< a lost magnet or a few shorted turns: too small a signal
  wrongSensor,        ///< of another kind or another vehicle
  reversed,           ///< its two leads exchanged
  wideGap,            ///< sensor too far from its target
  ringTooth,          ///< one tooth broken or bent
  ringCracked,        ///< split: one gap wider than the others
  ringRunout,         ///< out of round or off centre: the signal swells once a turn
  ringWrongCount,     ///< of another vehicle
  noSupply,           ///< the module does not feed this circuit
  latchedOff,         ///< the module fed it and switched it off until the next key cycle
  inputDead,          ///< fed, but what comes in is not counted
  circuitsExchanged,  ///< two wheels' wires changed places
  modulePower,        ///< feed, fuse, relay or ground that several circuits share
  encoderReversed,    ///< the target does not pass the sensor, or is mounted the wrong way round
  debris,             ///< metal or dirt on the tip
  wrongTyre,          ///< of another size, or nearly flat
  other               ///< something that is not on this list
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

/// Whether the sensor is whole and too far from its target.
[[nodiscard]] constexpr bool isGap(Fault fault) {
  return fault == Fault::wideGap || fault == Fault::debris;
}

/// Probability that it is water or crust rather than copper that conducts where nothing should:
/// warm air dries it, a spray adds to it, and the reading moves. One in two at the prior
/// `crust-half-ohm`, nine in ten at four times that: bare copper touches with a few ohms, salt
/// water between two pins conducts with hundreds and more (common practice, no source).
[[nodiscard]] double waterShare(Fault fault, double severityOhm);

/// Where in a plug its halves are, as along a leg.
constexpr double kModuleHalf = 0.25;
constexpr double kWheelHalf = 0.75;

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
  /// Of what conducts in a plug: water stands in both halves, and each keeps its part of it when
  /// they are taken apart. Otherwise it lies in the half that `along` tells.
  bool bothHalves = false;
  /// What has to be there for it to be there: water, or the warmth of a drive.
  enum class Needs : char { nothing, water, warmth } needs = Needs::nothing;

  /// Whether a test may find it and the next one not.
  [[nodiscard]] bool comesAndGoes() const {
    return needs != Needs::nothing || isIntermittent(fault);
  }
};

}  // namespace haybale::diagnosis
