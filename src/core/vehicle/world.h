// What one thing wrong does to a car: the suspect's line, its sensor's output, what the module
// takes it for.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/predict.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::diagnosis {

/// What a hypothesis at one severity does to the suspect circuit.
struct World {
  Fault fault = Fault::none;             ///< which gives the world its name
  std::vector<circuit::LineFault> line;  ///< what is in the circuit itself
  /// Share of the sensor's output that is left; of a switching sensor too far from its ring, how
  /// often it hears it.
  double output = 1;
  /// Share that is left of the step between a current sensor's two currents.
  double step = 1;
  bool stuck = false;        ///< a Hall sensor that stays on one of its two levels
  double countRatio = 1;     ///< teeth of the ring over those the module counts on
  bool inputDead = false;    ///< pulses arrive and are not counted
  bool exchanged = false;    ///< the module takes another wheel for this one
  std::string exchangedAt;   ///< the element where the two lines cross over
  bool latched = false;      ///< the supply is off until codes are cleared
  bool modulePower = false;  ///< the module is fed too little: all its circuits are dead or odd
  bool feedsStill = false;   ///< and yet it feeds its sensors with what little it has
  double tyreRatio = 1;      ///< rolling circumference of the wheel over the vehicle's
};

/// `severity` in the unit of the hypothesis' steps. Of an intermittent fault: the moment in which
/// it shows.
[[nodiscard]] World worldOf(const Hypothesis& h, double severity,
                            const circuit::ParameterPoint& values);

/// Both at once. Of two faults of which one marks the signal itself, that one gives the name.
[[nodiscard]] World together(const World& a, const World& b);

}  // namespace haybale::diagnosis
