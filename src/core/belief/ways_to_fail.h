// What may be wrong with a circuit: every element and way to fail, with its prior.
#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/job/case.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::diagnosis {

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

/// The same for the circuit in question. REQUIRES: there is one.
[[nodiscard]] std::vector<Hypothesis> waysToFail(const job::Case& c);

}  // namespace haybale::diagnosis
