#include "core/signal/load_box.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/base/say.h"

namespace haybale::signal {

namespace {

constexpr double kResistorSpread = 0.05;
constexpr double kSwitchV = 0.15;  // a saturated transistor keeps so much

struct Currents {
  double low;
  double high;
};

Currents drawn(double supplyV, double senseOhm, double fixedOhm, double switchedOhm) {
  const double both = 1 / (1 / fixedOhm + 1 / switchedOhm);
  return {supplyV / (fixedOhm + senseOhm), supplyV / (both + senseOhm)};
}

}  // namespace

double nearestE24(double ohm) {
  static constexpr std::array<double, 24> kSeries{1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0,
                                                  2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3,
                                                  4.7, 5.1, 5.6, 6.2, 6.8, 7.5, 8.2, 9.1};
  const double decade = std::pow(10.0, std::floor(std::log10(ohm)));
  double best = 10 * decade;
  for (const double step : kSeries) {
    if (std::abs(std::log(step * decade / ohm)) < std::abs(std::log(best / ohm))) {
      best = step * decade;
    }
  }
  return best;
}

Result<LoadBox> loadBox(const LoadBoxWish& w) {
  if (!(w.lowA > 0 && w.highA > w.lowA)) {
    return Error{"levels", std::nullopt, say("the high current is not above the low one"),
                 say("such as 7 and 14 mA")};
  }
  const double lowOhm = w.supplyV / w.lowA - w.senseOhm;
  const double highOhm = w.supplyV / w.highA - w.senseOhm;
  if (!(w.senseOhm >= 0 && highOhm > 1)) {
    return Error{"supply", std::nullopt,
                 say("cannot drive the high current through the sense resistor"),
                 say("a higher supply, or less ohms in series")};
  }
  LoadBox out;
  out.fixedOhm = nearestE24(lowOhm);
  out.switchedOhm = nearestE24(1 / (1 / highOhm - 1 / out.fixedOhm));
  const auto middle = drawn(w.supplyV, w.senseOhm, out.fixedOhm, out.switchedOhm);
  out.lowA = middle.low;
  out.highA = middle.high;
  const double least = w.supplyV * (1 - w.supplySpread);
  const double most = w.supplyV * (1 + w.supplySpread);
  const double up = 1 + kResistorSpread;
  const double down = 1 - kResistorSpread;
  const auto fewest = drawn(least, w.senseOhm, out.fixedOhm * up, out.switchedOhm * up);
  const auto highest = drawn(most, w.senseOhm, out.fixedOhm * down, out.switchedOhm * down);
  out.lowAtLeastA = fewest.low;
  out.highAtLeastA = fewest.high;
  out.lowAtMostA = highest.low;
  out.highAtMostA = highest.high;
  const double boxV = most - highest.high * w.senseOhm;
  const double restV = most - highest.low * w.senseOhm;
  out.fixedW = restV * restV / (out.fixedOhm * down);
  out.switchedW = boxV * boxV / (out.switchedOhm * down);
  out.inBand = out.lowAtLeastA >= w.lowA * (1 - w.bandShare) &&
               out.lowAtMostA <= w.lowA * (1 + w.bandShare) &&
               out.highAtLeastA >= w.highA * (1 - w.bandShare) &&
               out.highAtMostA <= w.highA * (1 + w.bandShare);
  const double switched = (boxV - kSwitchV) / out.switchedOhm;
  out.baseOhm = nearestE24((5 - 0.7) / (switched / 10));
  return out;
}

}  // namespace haybale::signal
