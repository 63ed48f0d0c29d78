// Numbers on a scale on which meters err evenly, and densities over it.
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/belief/likelihood.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::TestKind;
using priors::Id;
using priors::of;

namespace {

constexpr double kOhmFloor = 3;    // below this ohms are contact and leads
constexpr double kAcFloor = 0.02;  // below this volts are pick-up
constexpr double kMostVolts = 15;
constexpr double kDecadesOfAc = 2.5;

}  // namespace

bool Scale::logarithmic() const {
  return circuit::unitOf(kind) == units::Unit::ohm || kind == TestKind::acVoltage ||
         kind == TestKind::waveform;
}

double Scale::at(double value) const {
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    const double most = std::max(topOhm, 1e6);
    return std::log10(std::clamp(std::abs(value), 0.0, most) + kOhmFloor);
  }
  if (logarithmic()) {
    return std::log10(std::clamp(std::abs(value), 0.0, 1e6) + kAcFloor);
  }
  return kind == TestKind::current ? 1e3 * value : value;
}

double Scale::spread(double value, double unsure) const {
  const double unknown = of(Id::spreadUnknown) * unsure;
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    // Leads, tips and old contacts are worth an ohm; so is a loom longer than it is thought to be.
    const double leads = of(Id::spreadContactOhm) / std::numbers::ln10 /
                         (std::clamp(std::abs(value), 0.0, 1e9) + kOhmFloor);
    return std::hypot(std::hypot(of(Id::spreadOhm), leads), unknown);
  }
  if (logarithmic()) {
    return std::hypot(of(Id::spreadAc), unknown);
  }
  return std::hypot(std::hypot(of(Id::spreadVolt), of(Id::spreadVoltShare) * std::abs(value)),
                    unknown);
}

bool Scale::isBeyond(double x) const {
  return circuit::unitOf(kind) == units::Unit::ohm && x >= at(INFINITY) - 1e-9;
}

double Scale::density(double x, double low, double high, double spread) const {
  if (!isBeyond(x) || std::abs(high - low) > 0.2 * spread) {
    return intervalDensity(x, low, high, spread);
  }
  const double top = at(INFINITY);
  const double middle = (low + high) / 2;
  const double beyond = middle >= top - 1e-9 ? 1 : 1 - normalShare((top - middle) / spread);
  return beyond * normalDensity(0, of(Id::spreadOhm));
}

double Scale::broad(double) const {
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    return 1 / (at(INFINITY) - at(0));
  }
  return logarithmic() ? 1 / kDecadesOfAc : 1 / kMostVolts;
}

double Scale::slipped(double x) const {
  if (circuit::unitOf(kind) == units::Unit::ohm) {
    const double open = of(Id::slipOhmOpen);
    return open * normalDensity(x - at(INFINITY), of(Id::spreadOhm)) + (1 - open) * broad(x);
  }
  const double nothing = of(Id::slipVoltNothing);
  const double spreadThere = logarithmic() ? of(Id::spreadAc) : of(Id::spreadVolt);
  return nothing * normalDensity(x - at(0), spreadThere) + (1 - nothing) * broad(x);
}

double Spread::at(double predicted) const {
  const double share = usual > 0 ? std::min(1.0, std::abs(predicted) / usual) : 1;
  return std::sqrt(own * own + share * share * unknown * unknown);
}

double normalDensity(double deviation, double spread) {
  const double z = deviation / spread;
  return std::exp(-0.5 * z * z) / (spread * std::sqrt(2 * std::numbers::pi));
}

double normalShare(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

double intervalDensity(double x, double low, double high, double spread) {
  if (low > high) {
    std::swap(low, high);
  }
  if (high - low < 0.2 * spread) {
    return normalDensity(x - (low + high) / 2, spread);
  }
  return (normalShare((x - low) / spread) - normalShare((x - high) / spread)) / (high - low);
}

Family familyOf(const circuit::Test& test) {
  if (test.state.swap) {
    return Family::swap;
  }
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return Family::ohms;
    case TestKind::dcVoltage:
    case TestKind::current:
    case TestKind::other:
      return Family::volts;
    case TestKind::acVoltage:
      return Family::output;
    case TestKind::waveform:
      return Family::trace;
    case TestKind::codes:
    case TestKind::liveSpeed:
      return Family::module;
    case TestKind::inspect:
      return Family::looks;
    case TestKind::wiggle:
    case TestKind::benchSensor:
      return Family::moved;
    case TestKind::lamp:
      return Family::lamp;
  }
  return Family::volts;
}

double doubtOf(Family family) {
  constexpr std::array kDoubts{Id::doubtOhms,  Id::doubtVolts,  Id::doubtOutput,
                               Id::doubtTrace, Id::doubtModule, Id::doubtLooks,
                               Id::doubtMoved, Id::doubtLamp,   Id::doubtSwap};
  return of(kDoubts[static_cast<std::size_t>(family)]);
}

double slipOf(TestKind kind) {
  switch (kind) {
    case TestKind::codes:
    case TestKind::liveSpeed:
      return of(Id::slipReadOut);
    case TestKind::resistance:
    case TestKind::loop:
    case TestKind::dcVoltage:
    case TestKind::acVoltage:
    case TestKind::current:
      return of(Id::slipNumber);
    default:
      return of(Id::slipSeen);
  }
}

double lampChance(circuit::Lamp lamp, const std::optional<double>& share, circuit::LampState seen) {
  if (!share) {
    return 1;
  }
  const auto steps = circuit::lampSteps(lamp);
  const double at = std::log(std::max(*share, 1e-12));
  const double glows = normalShare((at - std::log(steps.glows)) / steps.spread);
  const double lit = normalShare((at - std::log(steps.lit)) / steps.spread);
  const double chance = seen == circuit::LampState::dark  ? 1 - glows
                        : seen == circuit::LampState::dim ? std::max(0.0, glows - lit)
                                                          : lit;
  return of(Id::lampWrong) + (of(Id::lampRight) - of(Id::lampWrong)) * chance;
}

}  // namespace haybale::diagnosis
