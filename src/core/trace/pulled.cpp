#include "core/trace/pulled.h"

#include <cmath>

namespace haybale::trace {

namespace {
// Common practice, no source: no module holds a coil above it, no battery stands below it.
constexpr double kSupplyVolts = 8.5;
}  // namespace

bool isPulled(double level, const LineAt& line) {
  if (std::abs(level - line.rest) <= line.slack) {
    return false;
  }
  if (line.current) {
    return level > line.rest;
  }
  if (level > line.rest) {
    return line.coil && level > kSupplyVolts && line.rest < 0.75 * level;
  }
  // A coil without bias has nothing to lose.
  return std::abs(line.rest) > 0.1;
}

}  // namespace haybale::trace
