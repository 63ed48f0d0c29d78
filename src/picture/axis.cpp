#include "picture/axis.h"

#include <algorithm>
#include <cmath>

namespace haybale::picture {

double niceStep(double wanted) {
  const double power = std::pow(10.0, std::floor(std::log10(std::max(wanted, 1e-12))));
  const double part = wanted / power;
  return power * (part < 1.5 ? 1 : part < 3.5 ? 2 : part < 7.5 ? 5 : 10);
}

std::vector<double> ticks(double low, double high, double step) {
  std::vector<double> out;
  const double first = std::ceil(low / step - 1e-9);
  for (int i = 0; i < 200; ++i) {
    const double value = (first + i) * step;
    if (!(value <= high + step * 1e-6)) {
      break;
    }
    out.push_back(std::abs(value) < step * 1e-6 ? 0 : value);
  }
  return out;
}

}  // namespace haybale::picture
