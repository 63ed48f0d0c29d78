// The unknown values of a vehicle as a vector of standard normal numbers, and back.
#pragma once

#include <span>
#include <string_view>
#include <vector>

#include "core/circuit/predict.h"

namespace haybale::diagnosis {

/// One unknown: value = median * exp(spread * x), x standard normal (or median + spread * x for
/// `additive` ones). `own` ones differ from wheel to wheel, the rest are the vehicle's.
struct Unknown {
  std::string_view name;
  double median;
  double spread;
  bool own = false;
  bool additive = false;
};

/// The unknowns of vehicles with this kind of sensor; shared ones first.
[[nodiscard]] std::span<const Unknown> unknownsOf(circuit::SensorKind kind);
[[nodiscard]] std::size_t sharedCount(std::span<const Unknown> unknowns);

/// Front ends a sensor may hang on, each with its prior weight.
struct FrontEndPrior {
  circuit::FrontEndKind kind;
  double weight;
};
[[nodiscard]] std::span<const FrontEndPrior> frontEndsOf(circuit::SensorKind kind);

/// Values for shared numbers `shared` and one wheel's own numbers `own`, in the order of
/// `unknownsOf`. `high`: an active sensor stands on a tooth.
[[nodiscard]] circuit::ParameterPoint valuesOf(circuit::SensorKind sensor,
                                               circuit::FrontEndKind frontEnd,
                                               std::span<const double> shared,
                                               std::span<const double> own, bool high,
                                               double circumferenceM);

}  // namespace haybale::diagnosis
