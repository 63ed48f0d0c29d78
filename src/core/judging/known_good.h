// Readings kept as good for a vehicle, a module or a sensor part, and the limits they make.
#pragma once

#include <string>
#include <vector>

#include "core/judging/limit.h"
#include "core/judging/tolerance.h"

namespace haybale::judging {

/// One reading known to be good. Coil resistances are kept as read, with their temperature.
struct GoodSample {
  Quantity quantity = Quantity::coilResistance;
  double value = 0;  ///< in the unit of the quantity
  std::optional<double> celsius;
  std::string vehicle;  ///< free text, as in the job
  std::string module;
  std::string part;  ///< sensor part
  std::string circuit;
  std::string place;
  std::string date;   ///< ISO 8601
  std::string trace;  ///< a capture kept with it; may be empty
};

/// What samples of one quantity say together: coil resistances brought to 20 °C (0.393 %/K, IEC
/// 60028) where their temperature is known.
[[nodiscard]] Spread spreadOf(const std::vector<GoodSample>& samples);

/// A limit from at least three samples of one quantity, provenance "good part", with n, median,
/// spread and factor in its source; empty for fewer, or none that vary.
[[nodiscard]] std::optional<Limit> limitFrom(const std::vector<GoodSample>& samples);

inline constexpr std::size_t kFewestForALimit = 3;

}  // namespace haybale::judging
