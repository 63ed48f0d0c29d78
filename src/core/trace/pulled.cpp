#include "core/trace/pulled.h"

#include <cmath>

namespace haybale::trace {

namespace {
// Common practice, no source: no module holds a coil above it, no battery stands below it.
constexpr double kSupplyVolts = 8.5;
// At ground, however high the wave about its bias.
constexpr double kGroundVolts = 0.05, kBiasedVolts = 0.4;
}  // namespace

bool isPulled(double level, const LineAt& line) {
  if (line.coil && std::abs(level) < kGroundVolts && line.rest > kBiasedVolts) {
    return true;
  }
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
