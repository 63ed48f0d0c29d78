// Tyre sizes and what follows from them: circumference, road speed, tooth frequency.
#pragma once

#include <string_view>

#include "core/base/result.h"

namespace haybale::physics {

struct Tyre {
  double widthMm = 0;
  double aspectPercent = 0;
  double rimInch = 0;

  /// Overall diameter in metres: rim · 25.4 + 2 · width · aspect / 100, in mm.
  [[nodiscard]] double diameterM() const;
  /// Rolling circumference in metres: 3.05 · diameter (ETRTO, from memory).
  [[nodiscard]] double circumferenceM() const;
};

/// Reads "205/55R16", "205/55 R 16", "315/80R22.5", "205/55ZR16 91V"; no aspect ("165R13") means 82
/// %.
Result<Tyre> parseTyre(std::string_view text);

/// Tooth frequency in Hz at `kmh` for `teeth` and `circumferenceM`: f = v N / C.
[[nodiscard]] double toothHz(double kmh, double teeth, double circumferenceM);
/// Road speed in km/h at a tooth frequency.
[[nodiscard]] double speedKmh(double hz, double teeth, double circumferenceM);

}  // namespace haybale::physics
