// What a meter should read on the line: module, wires, sensor, faults and the meter itself in one
// network.
//
// Direct current by nodal analysis with bent branches (network.h); alternating voltages as small
// signals around that at the tooth frequency. A square-wave sensor is solved on a tooth and off it.
#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/circuit/line_net.h"
#include "core/circuit/meter.h"

namespace haybale::circuit {

inline constexpr double kScopeOhm = 1e6;  ///< scope input with a 1:1 probe
inline constexpr double kSpunKmh = 5;     ///< a wheel spun by hand
inline constexpr double kDrivenKmh = 30;
/// Rolling circumference and teeth taken where nothing is said (common practice, no source).
inline constexpr double kUsualCircumferenceM = 1.95;
inline constexpr int kUsualTeeth = 48;

/// Speed of the circuit's wheel in km/h, and its tooth frequency in hertz.
[[nodiscard]] double wheelKmh(const CarState& state);
[[nodiscard]] double toothHz(const Circuit& circuit, const CarState& state,
                             double circumferenceM = kUsualCircumferenceM);

/// The reading for one set of values, with `meter` on the leads:
///   resistance, loop   ohm; infinity where the display shows OL; on a live circuit whatever the
///                      meter makes of it, even less than nothing
///   dc-voltage         volt
///   ac-voltage         volt RMS, direct voltage blocked
///   waveform           volt peak to peak at the scope's input
///   lamp               share of the lamp's rated current, 0..1 (lampState says what the eye sees)
///   current            ampere from red to black through the meter's shunt
/// Empty when the model does not cover the test: an unknown sensor hangs on the leads, there is no
/// such place or wire, or the test is none of these.
[[nodiscard]] std::optional<double> predict(const Circuit& circuit,
                                            const ParameterPoint& parameters, const Test& test,
                                            std::span<const LineFault> faults = {},
                                            const Meter& meter = genericMeters().front());

/// Voltage over the feed's limit: whether in this state the module's feed gives all the current it
/// may, so that a module that latches would switch it off.
[[nodiscard]] bool overloadsFeed(const Circuit& circuit, const ParameterPoint& parameters,
                                 const Test& test, std::span<const LineFault> faults = {});

/// Amperes at the module's pin of the wire on which the test's first lead lies, as a clamp round
/// that wire shows them, whichever way; the sensor at the level of `parameters`. Empty when the
/// circuit cannot be solved or the lead names no wire.
[[nodiscard]] std::optional<double> clampAmperes(const Circuit& circuit,
                                                 const ParameterPoint& parameters, const Test& test,
                                                 std::span<const LineFault> faults = {});

/// What is known of a vehicle: sets of values, each as good as the others, and the middle one.
/// Where much is known they lie close together.
struct LineParameters {
  std::vector<ParameterPoint> draws;
  ParameterPoint central;
  /// Where a single wheel taught that may be faulty itself: the same with a sensor of common
  /// practice, for whoever weighs; no part of what is expected. Together they hold with `doubt`.
  std::vector<ParameterPoint> doubtful;
  double doubt = 0;
  bool usual = false;  ///< no good circuit and no limit taught: the draws are common practice
  std::string from;    ///< "common practice", "learnt from RL", ...
  /// Logarithm of the probability of the good circuits' readings with this kind of sensor, up to a
  /// constant that all kinds share.
  double logEvidence = 0;
  /// Circuits that were taken for good and fit neither the others nor any usual vehicle: left out.
  std::vector<std::string> leftOut;
};

/// Where a sound circuit's reading lies with 95 % probability, and its middle.
struct Band {
  double low = 0;
  double nominal = 0;
  double high = 0;
};
[[nodiscard]] std::optional<Band> predictBand(const Circuit& circuit,
                                              const LineParameters& parameters, const Test& test,
                                              std::span<const LineFault> faults = {},
                                              const Meter& meter = genericMeters().front());

}  // namespace haybale::circuit
