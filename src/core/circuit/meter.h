// Meters as parts of the circuit: what each puts on the leads, and what it makes of the answer.
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/json_fwd.h"
#include "core/base/rest.h"
#include "core/base/result.h"
#include "core/circuit/network.h"
#include "core/judging/limit.h"

namespace haybale::circuit {

/// One range of an ohmmeter: a source behind a resistor. The meter works the resistance out from
/// the voltage it finds: R = sourceOhm * v / (sourceV - v).
struct OhmRange {
  bool operator==(const OhmRange&) const = default;
  double fullScaleOhm = 0;
  double sourceV = 0;
  double sourceOhm = 0;
};

/// A hand-held multimeter.
struct Meter {
  bool operator==(const Meter&) const = default;
  std::string name;
  double inputOhm = 1e7;            ///< volts
  double lowInputOhm = 3e5;         ///< the low-impedance range, where there is one
  double acBandwidthHz = 1000;      ///< -3 dB; first order
  double shuntOhm = 1.0;            ///< milliampere range
  double leadOhm = 0.2;             ///< both leads together
  bool zeroed = true;               ///< lead resistance is subtracted
  std::vector<OhmRange> ohmRanges;  ///< lowest first; above the last the display shows OL
  judging::Accuracy dc{0.5, 2};
  judging::Accuracy ac{1.0, 3};
  judging::Accuracy ohm{0.8, 2};
  judging::Accuracy ampere{1.0, 3};
  Rest rest;

  [[nodiscard]] double topOhm() const {
    return ohmRanges.empty() ? 0 : ohmRanges.back().fullScaleOhm;
  }
};

/// Generic meters by class of accuracy; none stands for a particular one (common practice, no
/// source).
[[nodiscard]] const std::vector<Meter>& genericMeters();

/// Meters as JSON, for case files and the user's own list; what is left out is as in the first
/// generic meter.
/// One step of the last digit this meter shows at `value` ohm, volt or ampere: a display of 6000
/// counts on the range it would choose (common practice, no source).
[[nodiscard]] double displayStep(const Meter& meter, units::Unit unit, double value);

[[nodiscard]] Result<Meter> readMeterJson(const Json& json, const std::string& path);
[[nodiscard]] Json toJson(const Meter& meter);

/// Ranges a decade apart up to `topOhm`, each with `sourceV` behind its full scale.
[[nodiscard]] std::vector<OhmRange> decadeRanges(double topOhm, double sourceV);

/// A test lamp on the leads.
enum class Lamp { bulb250mA, bulb21W, led };
inline constexpr std::array<std::string_view, 3> kLampNames{"bulb", "21W", "led"};

/// What the eye tells of it.
enum class LampState { dark, dim, lit };
inline constexpr std::array<std::string_view, 3> kLampStateNames{"dark", "dim", "lit"};

/// Characteristic of the lamp. A filament's current follows I = In (V / 12 V)^0.55 (tungsten,
/// common practice, no source), laid through straight pieces; the LED has 1.8 V and 1 kohm, either
/// way round.
[[nodiscard]] std::vector<Piece> lampPieces(Lamp lamp);

/// Current at which the lamp is rated, in ampere.
[[nodiscard]] double ratedAmpere(Lamp lamp);

/// Shares of the rated current from which one eye in two sees a lamp glow, and lit, and how far the
/// eyes and the light of the place differ, as a natural logarithm: a filament 0.45 and 0.8, an LED
/// 0.02 and 0.2, blurred by far more (common practice, no source).
struct LampSteps {
  double glows, lit, spread;
};
[[nodiscard]] LampSteps lampSteps(Lamp lamp);

/// How bright at `share` of the rated current, by `lampSteps`.
[[nodiscard]] LampState lampState(Lamp lamp, double share);

}  // namespace haybale::circuit
