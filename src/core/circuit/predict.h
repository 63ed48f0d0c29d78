// What a meter should read on the line: module, wires, sensor, faults and the meter itself in one
// network.
//
// First model: a passive coil (or an unplugged harness of any kind) behind two wires into a biased
// module.
//   wire a: bias voltage behind a source resistance when the key is on, the source resistance to
//   ground when off; wire b: ground through kReturnOhm.
// Wires are copper by length and section, every closed contact adds kContactOhm.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/circuit/test.h"

namespace haybale::circuit {

/// A quantity known between two ends, and from where.
struct Known {
  double low = 0;
  double nominal = 0;
  double high = 0;
  std::string from;  ///< "common practice", "measured on RL", ...
};

/// What the model needs to know of a vehicle. Defaults are common practice, no published source.
struct LineParameters {
  Known biasV{2.3, 5.0, 5.5, "common practice: 2.5 or 5 V"};
  Known sourceOhm{3e3, 10e3, 20e3, "common practice: several kilo-ohms"};
  Known coilOhm{800, 1200, 2500, "common practice: 800 to 2500 \xCE\xA9"};
  double celsius = 20;
};

inline constexpr double kReturnOhm = 0.1;        ///< return to ground inside the module
inline constexpr double kContactOhm = 0.005;     ///< one sound contact
inline constexpr double kOhmmeterAmpere = 1e-4;  ///< test current of the ohmmeter
inline constexpr double kOhmmeterLimit = 60e6;   ///< above this it shows OL
inline constexpr double kScopeOhm = 1e6;         ///< scope input

enum class FaultKind { series, wiresTouching, leakToGround, leakToSupply, coil };

/// One way for an element to be wrong, with its severity in ohm. `wire` does not matter for
/// wiresTouching and coil.
struct LineFault {
  std::string element;
  FaultKind kind = FaultKind::series;
  WireId wire = WireId::a;
  double ohm = 0;
};

/// One set of parameter values.
struct ParameterPoint {
  double biasV;
  double sourceOhm;
  double coilOhm;
  double celsius;
};
[[nodiscard]] ParameterPoint nominal(const LineParameters& parameters);

/// The reading for one set of values: ohm, volt, or for a waveform the share (0..1) of the sensor's
/// voltage that reaches the leads. Infinity where the ohmmeter shows OL. Empty when the first model
/// does not cover the test: a sensor that is not a passive coil hangs on the leads, a third wire,
/// AC volts, lamps, codes.
[[nodiscard]] std::optional<double> predict(const Circuit& circuit,
                                            const ParameterPoint& parameters, const Test& test,
                                            const std::vector<LineFault>& faults = {});

/// The band of readings over all corners of the parameters (each reading is monotone in each of
/// them).
struct Band {
  double low = 0;
  double nominal = 0;
  double high = 0;
};
[[nodiscard]] std::optional<Band> predictBand(const Circuit& circuit,
                                              const LineParameters& parameters, const Test& test,
                                              const std::vector<LineFault>& faults = {});

}  // namespace haybale::circuit
