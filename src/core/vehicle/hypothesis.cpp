#include "core/vehicle/hypothesis.h"

#include <cmath>

#include "core/priors/priors.h"

namespace haybale::diagnosis {

double waterShare(Fault fault, double severityOhm) {
  constexpr double kSteep = 1.6;  // odds of 9 to 1 at four times the half
  if ((fault != Fault::leak && fault != Fault::wiresTouching) || !(severityOhm > 0)) {
    return 0;
  }
  return 1 / (1 + std::pow(priors::of(priors::Id::crustHalfOhm) / severityOhm, kSteep));
}

}  // namespace haybale::diagnosis
