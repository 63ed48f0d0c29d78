// Live speeds of all wheels as likelihoods.
#include <algorithm>
#include <cmath>

#include "core/belief/likelihood.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Test;
using circuit::WheelMotion;
using priors::Id;
using priors::of;

namespace {

// Road speed that the turning wheels agree on; the speed that was driven where they do not say.
double roadSpeed(const Test& test, const job::Reading& reading, const std::string& suspect) {
  if (test.state.wheel != WheelMotion::driven) {
    return circuit::wheelKmh(test.state);
  }
  std::vector<double> others;
  for (const auto& [circuit, kmh] : reading.kmh) {
    if (circuit != suspect && kmh > 1) {
      others.push_back(kmh);
    }
  }
  if (others.empty()) {
    return circuit::wheelKmh(test.state);
  }
  std::sort(others.begin(), others.end());
  // Of an even number the upper: what turned is not slower than what is shown of it.
  return test.state.speedKmh && others.size() < 2 ? *test.state.speedKmh
                                                  : others[others.size() / 2];
}

// A signal that is there, and the live value shows nothing: of a wheel spun by hand it may be too
// slow for the module; on the road it is not.
double lostOf(const Test& test) {
  return of(test.state.wheel == WheelMotion::driven ? Id::speedLostDriven : Id::speedLostSpun);
}

// Density of a live speed as a share of the road's, where the signal follows with this probability;
// `lost`: what is there shows as nothing.
double seenSpeed(double ratio, double right, double spread, double follows, double lost) {
  constexpr double kNothing = 0.1;
  constexpr double kStep = 0.05;  // of the scale, so that densities become probabilities
  const double odd = of(Id::speedOdd);
  const double zero = ratio < kNothing ? 1 : odd;
  const double seen = ratio < kNothing ? lost : kStep * normalDensity(ratio - right, spread) + odd;
  return std::min(1.0, (1 - follows) * zero + follows * seen);
}

}  // namespace

// A wheel that is not in question: it follows, or is one of the few that are faulty themselves.
double ReadingModel::otherSpeed(const Test& test, const std::string& name, double ratio,
                                double spread, bool follows, const World& world) const {
  const bool turned = test.state.wheel == WheelMotion::driven;
  const bool lift = vehicle_.job().complaint.lift;
  if (!turned && name == test.circuit) {
    // The one that was turned shows itself, unless it is the one that was exchanged with the
    // suspect, or is faulty too.
    const double silent =
        std::min(of(Id::speedSilentMost),
                 world.exchanged ? 1 / static_cast<double>(vehicle_.job().circuits.size() - 1)
                                 : std::max(of(Id::peerFaulty), faultyToo(name, world)));
    return ratio > 0.1 ? 1 - silent : silent;
  }
  if (!turned) {
    // Something moves that was not turned: the differential turns it, but then the one that was
    // turned shows too.
    const double moves = follows ? of(Id::speedStrayBeside) : of(Id::speedStray);
    return ratio > 0.1 ? moves : 1 - moves;
  }
  if (world.modulePower && !world.feedsStill) {
    return ratio < 0.1 ? 1 - of(Id::speedUnfed) : of(Id::speedUnfed);
  }
  const auto* other = vehicle_.job().find(name);
  const bool sameAxle = other && circuit::groupOf(*other) == circuit::groupOf(vehicle_.suspect());
  const double counted =
      lift ? of(Id::speedOnLift) : 1 - std::max(of(Id::peerFaulty), faultyToo(name, world));
  double p = seenSpeed(ratio, 1, spread, counted, lostOf(test));
  if (world.tyreRatio != 1 && sameAxle) {
    p = (p + seenSpeed(ratio, 1 / world.tyreRatio, spread, counted, lostOf(test))) / 2;
  }
  return p;
}

// With two circuits exchanged the wheel that was spun shows as just one of the others, with the
// probability `counts` that it is heard at all.
double ReadingModel::spunAsAnother(const job::Reading& reading, double counts) const {
  const auto others = static_cast<double>(vehicle_.job().circuits.size() - 1);
  double listed = 0, moving = 0;
  for (const auto& [circuit, kmh] : reading.kmh) {
    if (circuit != vehicle_.suspect().name) {
      ++listed;
      moving += kmh > 0.5 ? 1 : 0;
    }
  }
  return moving > 0 ? counts / others * std::pow(of(Id::speedStray), moving - 1)
                    : 1 - counts * listed / others;
}

double ReadingModel::speedAsWired(const Test& test, const job::Reading& reading, const World& world,
                                  const circuit::ParameterPoint& values, Worked* worked) const {
  const std::string& name = vehicle_.suspect().name;
  const auto& inject = test.state.inject;
  const bool driven = test.state.wheel == WheelMotion::driven;
  const double expected = inject ? kmhOf(*inject, vehicle_.suspect(), values.circumferenceM)
                                 : roadSpeed(test, reading, name);
  if (!(expected > 0)) {
    return 1;
  }
  // By hand nobody turns a wheel at the speed that was asked for.
  const bool spun = test.state.wheel == WheelMotion::spun && !inject;
  const double spread = spun ? of(Id::speedSpunSpread) : of(Id::speedDrivenSpread);
  const bool follows = std::any_of(reading.kmh.begin(), reading.kmh.end(), [&](const auto& one) {
    return one.first == test.circuit && one.second > 0.5;
  });
  double p = 1;
  const bool crossed = world.exchanged && spun && !test.state.swap && test.circuit == name;
  if (crossed) {
    p = spunAsAnother(reading, vehicle_.monitor(name, test.state, World{}, values).signal);
  }
  for (const auto& [circuit, kmh] : reading.kmh) {
    const double ratio = kmh / expected;
    const bool swapped = test.state.swap &&
                         (test.state.swap->into == circuit || test.state.swap->sensorOf == circuit);
    const bool own = circuit == name;
    if (!own && !swapped) {
      p *= inject || crossed ? 1 : otherSpeed(test, circuit, ratio, spread, follows, world);
      continue;
    }
    const bool turned = driven || swapped || inject || (spun && circuit == test.circuit);
    if (!turned) {
      continue;
    }
    CarState state = test.state;
    if (!inject) {
      state.speedKmh = expected;
    }
    double counted = monitor(circuit, state, world, values, worked).signal;
    if (own && world.exchanged && (inject || spun)) {
      counted = of(Id::speedCrossed);
    }
    if (vehicle_.turnsFreely(test.state)) {
      counted *= of(Id::speedOnLift);
    }
    const bool gap =
        own && !inject && isGap(world.fault) && !circuit::isCoil(vehicle_.suspect().sensor.kind);
    const bool odd = own && !inject && world.fault == Fault::ringWrongCount;
    const double right = odd ? world.countRatio : own && driven ? 1 / world.tyreRatio : 1;
    const double whole = seenSpeed(ratio, right, spread, counted, lostOf(test));
    // A switching sensor that leaves out pulses shows less than the road, by any share.
    const double some = seenSpeed(ratio, of(Id::speedMissesLeft), of(Id::speedMissesSpread), 1,
                                  of(Id::speedLostSpun));
    p *= gap ? std::lerp(whole, some, of(Id::speedMisses) * world.output) : whole;
  }
  return p;
}

}  // namespace haybale::diagnosis
