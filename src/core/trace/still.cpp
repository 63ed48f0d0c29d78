#include "core/trace/still.h"

#include <algorithm>
#include <cmath>

#include "core/trace/hum.h"
#include "core/trace/measures.h"

namespace haybale::trace {

namespace {

constexpr double kFlatVolts = 0.01;  // below this swing in all, nothing is called a signal
constexpr double kFlatAmperes = 0.0005;

// All that moves is a few steps of the converter, so coarse that a wheel's signal may hide in them.
bool hidesInSteps(const Distribution& d, double step, double scale, units::Unit unit) {
  // Common practice, no source: a seventh of what a module needs to see of a coil, a fifth of a
  // current sensor's swing.
  constexpr double kCoarseVolts = 0.03, kCoarseAmperes = 0.0015;
  constexpr double kFew = 4.5;
  const double coarse = unit == units::Unit::ampere ? kCoarseAmperes : kCoarseVolts;
  return step * scale > coarse && d.max() - d.min() > 0.9 * step && isOfSteps(d, step, kFew);
}

}  // namespace

bool isStill(const Reading& reading, ChannelAnalysis& out, double scale) {
  const auto& d = *reading.d;
  const double least = (out.unit == units::Unit::ampere ? kFlatAmperes : kFlatVolts) / scale;
  const bool byPlateaus = reading.moves == Moves::wave || reading.moves == Moves::nothing;
  const double swing = byPlateaus ? d.quantile(0.999) - d.quantile(0.001) : d.max() - d.min();
  const double floor = byPlateaus ? std::max(least, 8 * out.levels.noiseRms) : least;
  const bool few = d.count() < 8;
  const bool flat = few || swing < floor;
  if (few || (flat && !hidesInSteps(d, out.converterStep, scale, out.unit))) {
    out.signal = few ? Signal::unknown : Signal::flat;
    measureFlat(out, d);
    if (!few && reading.time.uniform()) {
      out.hum = humOf(reading.samples, reading.time.rateHz());
    }
    return true;
  }
  if (constexpr double kSteps = 6.5; flat || isOfSteps(d, out.converterStep, kSteps)) {
    out.unresolved = true;
    measureFlat(out, d);
    out.levels.peakToPeak = d.max() - d.min();
    return true;
  }
  return false;
}

bool isOfSteps(const Distribution& d, double step, double steps) {
  constexpr double kOfTheRange = 0.02;
  return step > 0 && d.max() - d.min() < steps * step &&
         step < kOfTheRange * std::max(std::abs(d.max()), std::abs(d.min()));
}

}  // namespace haybale::trace
