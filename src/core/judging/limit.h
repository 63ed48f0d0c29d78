// A limit with its origin, and the three-way decision against it from the meter's accuracy.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>

#include "core/base/rest.h"
#include "core/units/quantity.h"

namespace haybale::judging {

/// Where a limit comes from, strongest first: a vehicle's own service information overrides the
/// rest.
enum class Provenance { serviceInformation, goodPart, commonPractice };
inline constexpr std::array<std::string_view, 3> kProvenanceNames{"service-information",
                                                                  "good-part", "common-practice"};
/// "service information", "measured on a good part", "common practice".
[[nodiscard]] std::string_view spoken(Provenance provenance);

/// What a limit is about.
/// `fluxSwing`: peak volts over 2 pi f of a passive sensor's trace, in webers (V s).
enum class Quantity {
  coilResistance,
  wireInsulation,
  wireContinuity,
  acOutput,
  biasUnplugged,
  fluxSwing
};
inline constexpr std::array<std::string_view, 6> kQuantityNames{
    "coil-resistance", "wire-insulation", "wire-continuity",
    "ac-output",       "bias-unplugged",  "flux-swing"};
[[nodiscard]] units::Unit unitOf(Quantity quantity);
[[nodiscard]] std::string_view spoken(Quantity quantity);

struct Limit {
  bool operator==(const Limit&) const = default;
  Quantity quantity = Quantity::coilResistance;
  std::optional<double> min;
  std::optional<double> max;
  /// Larger reading over smaller of the two sides of an axle, at most.
  std::optional<double> leftRightRatio;
  /// Temperature the limit is stated at; copper readings are brought to it before judging.
  std::optional<double> atCelsius;
  Provenance provenance = Provenance::commonPractice;
  std::string source;  ///< the page, the part, the date
  Rest rest;           ///< fields of a newer version
};

/// Accuracy of a digital meter: ± (percent of reading + counts of its last digit).
struct Accuracy {
  bool operator==(const Accuracy&) const = default;
  double percent = 0;
  double counts = 0;

  /// Largest deviation of a reading in its own unit.
  [[nodiscard]] double halfWidth(double value, double resolution) const;
};

enum class Verdict { pass, fail, cannotTell };

struct Judgement {
  Verdict verdict = Verdict::cannotTell;
  /// Probability that the true value is within the limit, 0..1 (JCGM 106:2012, 7.3, normal
  /// distribution).
  double conformance = 0;
  /// Guard band U = 2u, in the unit of the reading.
  double guard = 0;
};

/// Judges `value` against [min, max], either of which may be missing. `u` is the standard
/// uncertainty. Pass when the limit is kept by at least the guard band U = 2u, fail when it is
/// broken by more than U, else cannot tell (JCGM 106:2012 clause 8.3, guarded acceptance and
/// rejection; ISO 14253-1). An infinite value (OL) fails a maximum and passes a limit that has only
/// a minimum.
[[nodiscard]] Judgement judge(double value, double u, std::optional<double> min,
                              std::optional<double> max);

/// Standard uncertainty of a reading whose error lies evenly within ± halfWidth: halfWidth / √3
/// (JCGM 100, 4.3.7).
[[nodiscard]] double rectangularU(double halfWidth);

/// "800 to 2500 Ω", "at least 20 MΩ", "at most 5 Ω".
[[nodiscard]] std::string limitText(const Limit& limit);

}  // namespace haybale::judging
