// What may be wrong with a wheel speed circuit: every element and way to fail, with its prior.
#pragma once

#include <array>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/fault.h"
#include "core/job/case.h"

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
  circuitsExchanged
};
/// As scripts and reports name them.
inline constexpr std::array<std::string_view, 24> kFaultNames{"none",
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
                                                              "circuits-exchanged"};
[[nodiscard]] inline std::string_view nameOf(Fault fault) {
  return kFaultNames[static_cast<std::size_t>(fault)];
}
[[nodiscard]] constexpr bool isIntermittent(Fault fault) {
  return fault == Fault::intermittentOpen || fault == Fault::intermittentShort;
}
[[nodiscard]] constexpr bool isOfTheRing(Fault fault) {
  return fault >= Fault::ringTooth && fault <= Fault::ringWrongCount;
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
  double along = 0.5;  ///< where in a leg, 0 its module end
};

/// Prior weights, in one place: common practice, no source; each is a relative frequency, to be
/// replaced by counts of closed jobs.
struct PriorTable {
  // A piece of wiring by where it lies.
  double cabin = 0.5, engineBay = 1, unknownZone = 1.5, underbody = 2, wheelhouse = 3, flex = 4;
  double connectorFactor = 1.2, spliceFactor = 1.5, repairedFactor = 3;
  // Ways of wiring to fail, times the weight of the piece; per wire.
  double open = 1, resistive = 0.7, leak = 0.3, shortToGround = 0.2, shortToSupply = 0.05;
  double wiresTouching = 0.3, wetFactor = 2;
  // Of wires that touch, the share that do so through water or crust rather than copper on copper.
  double plugCreeping = 0.7, legCreeping = 0.2;
  // A plug is of plastic: water creeps in between its pins, but nothing of the body touches them.
  // A leg chafes through on the body, and its covering keeps the water out till then.
  double plugLeak = 1.3, plugShortToGround = 0.3, plugShortToSupply = 0.5, legLeak = 0.6;
  double intermittent = 0.06, intermittentComplained = 1.0, intermittentShort = 0.3;
  double reversed = 0.02, reversedRepaired = 0.6;
  // The sensor, the ring, the module.
  double sensorOpen = 5, sensorShorted = 1.2, sensorDead = 1.5, sensorDeadActive = 6;
  double sensorWeak = 0.6, wrongSensor = 0.3, sensorReversed = 0.15, wideGap = 3.5;
  double ringTooth = 3, ringCracked = 1, ringRunout = 1, ringWrongCount = 0.4;
  double noSupply = 0.8, latchedOff = 0.6, inputDead = 0.5, exchanged = 0.1, none = 1.5;
};
[[nodiscard]] const PriorTable& priors();

/// Where a leg was pierced, by its id: a fault in it may lie before or behind each hole.
using Holes = std::map<std::string, std::vector<double>, std::less<>>;
[[nodiscard]] Holes holesIn(const job::Case& c, const circuit::Circuit& circuit);

/// All hypotheses on `circuit`, `none` first; priors sum to 1. A pierced leg has its faults once in
/// each piece between two holes, by the piece's length.
[[nodiscard]] std::vector<Hypothesis> allHypotheses(const job::Case& c,
                                                    const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
