#include "core/physics/substitution.h"

namespace haybale::physics {

double injectionOhm(double supplyV, double ampere, double senseOhm) {
  return supplyV / ampere - senseOhm;
}
double saltGrams(double waterGrams, double percent) {
  return percent * waterGrams / (100 - percent);
}
double saltPercent(double saltGrams, double waterGrams) {
  return 100 * saltGrams / (saltGrams + waterGrams);
}

}  // namespace haybale::physics
