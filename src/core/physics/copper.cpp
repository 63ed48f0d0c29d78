#include "core/physics/copper.h"

#include <cmath>
#include <numbers>

namespace haybale::physics {

double wireOhm(double lengthM, double areaMm2, double celsius) {
  return copperOhmAt(kCopperOhmMm2PerM * lengthM / areaMm2, 20, celsius);
}

double copperOhmAt(double ohm, double fromCelsius, double toCelsius) {
  const auto factor = [](double celsius) { return 1 + kCopperPerKelvin * (celsius - 20); };
  return ohm * factor(toCelsius) / factor(fromCelsius);
}

double awgAreaMm2(int awg) {
  const double diameterMm = 0.127 * std::pow(92.0, (36 - awg) / 39.0);
  return std::numbers::pi / 4 * diameterMm * diameterMm;
}

}  // namespace haybale::physics
