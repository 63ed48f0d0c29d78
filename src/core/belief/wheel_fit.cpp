#include "core/belief/wheel_fit.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/priors/priors.h"
#include "core/vehicle/vehicle_values.h"

namespace haybale::diagnosis {

using circuit::ParameterPoint;
using circuit::SensorKind;
using Eigen::MatrixXd;
using Eigen::VectorXd;

namespace {

// Of how one coil differs from the next, what is left beyond the maker's limits.
constexpr double kWithinLimits = 0.2;

}  // namespace

bool standsOnATooth(SensorKind kind) {
  return !circuit::isCoil(kind);
}

WheelFit::WheelFit(const job::Case& c, const GoodReadings& samples, SensorKind sensor,
                   circuit::FrontEndKind kind, unsigned highMask)
    : case_(c),
      samples_(samples),
      sensor_(sensor),
      kind_(kind),
      highMask_(highMask),
      shared_(sharedCount(unknownsOf(sensor))),
      own_(unknownsOf(sensor).size() - shared_),
      circumferenceM_(c.rollingCircumferenceM().value_or(circuit::kUsualCircumferenceM)) {}

void WheelFit::run() {
  const auto size = static_cast<Eigen::Index>(shared_ + own_ * samples_.wheels.size());
  x_ = VectorXd::Zero(size);
  // With every reading taken on the level it is thought to be on first: to fit is not to say of
  // each reading, from afar, that the wheel had moved.
  moves_ = false;
  improve();
  moves_ = std::any_of(samples_.list.begin(), samples_.list.end(), mayHaveMoved);
  if (moves_) {
    improve();
  }
}

// Damped least squares from where it stands.
void WheelFit::improve() {
  const Eigen::Index size = x_.size();
  double damping = 1e-2;
  VectorXd r = residuals(x_);
  cost_ = r.squaredNorm() + x_.squaredNorm();
  for (int step = 0; step < 40; ++step) {
    const MatrixXd j = jacobian(x_, r);
    hessian_ = j.transpose() * j + MatrixXd::Identity(size, size);
    const VectorXd gradient = j.transpose() * r + x_;
    bool better = false;
    for (int attempt = 0; attempt < 8 && !better; ++attempt) {
      MatrixXd damped = hessian_;
      damped.diagonal() *= 1 + damping;
      const VectorXd moved = x_ - damped.ldlt().solve(gradient);
      const VectorXd rMoved = residuals(moved);
      const double cost = rMoved.squaredNorm() + moved.squaredNorm();
      better = cost < cost_;
      damping *= better ? 0.2 : 6;
      if (better) {
        const bool settled = cost_ - cost < 1e-5;
        x_ = moved;
        r = rMoved;
        cost_ = cost;
        if (settled) {
          return;
        }
      }
    }
    if (!better) {
      return;
    }
  }
}

double WheelFit::logWeight(double prior) const {
  const VectorXd d = hessian_.ldlt().vectorD();
  return std::log(prior) - cost_ / 2 - d.array().log().sum() / 2;
}

std::vector<std::string> WheelFit::worst(std::size_t count) const {
  const VectorXd r = residuals(x_);
  std::vector<std::size_t> order(samples_.list.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  const auto off = [&](std::size_t i) { return std::abs(r(static_cast<Eigen::Index>(i))); };
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return off(a) > off(b); });
  std::vector<std::string> out;
  for (const std::size_t i : order) {
    const std::string& id = samples_.list[i].evidence->id;
    if (out.size() < count && std::find(out.begin(), out.end(), id) == out.end()) {
      out.push_back(id);
    }
  }
  return out;
}

double WheelFit::oddness() const {
  constexpr Eigen::Index kCoilOrCurrent = 2;
  constexpr Eigen::Index kOnResistance = 3;
  return std::abs(x_(circuit::familyOf(sensor_) == circuit::SensorFamily::hallSwitch
                         ? kOnResistance
                         : kCoilOrCurrent));
}

ParameterPoint WheelFit::central() const {
  return point(x_, VectorXd::Zero(ownSize()), false);
}

void WheelFit::draw(std::size_t count, std::mt19937& random,
                    std::vector<ParameterPoint>& out) const {
  std::normal_distribution<double> normal;
  const MatrixXd root = hessian_.llt().matrixU();
  const std::size_t tried = samples_.list.empty() && !samples_.coil ? count : 3 * count;
  std::vector<VectorXd> points;
  std::vector<double> weights;
  for (std::size_t i = 0; i < tried; ++i) {
    const VectorXd z = VectorXd::NullaryExpr(x_.size(), [&] { return normal(random); });
    points.emplace_back(x_ + root.triangularView<Eigen::Upper>().solve(z));
    const VectorXd& x = points.back();
    const double cost = samples_.list.empty() && !samples_.coil
                            ? x.squaredNorm()
                            : residuals(x).squaredNorm() + x.squaredNorm();
    // Tails are clipped: a draw the normal shape has missed must not take all the weight.
    weights.push_back(std::exp(std::clamp((z.squaredNorm() + cost_ - cost) / 2, -30.0, 3.0)));
  }
  resample(points, weights, count, random, out);
}

ParameterPoint WheelFit::point(const VectorXd& x, const VectorXd& own, bool high) const {
  return valuesOf(sensor_, kind_, {x.data(), shared_}, {own.data(), own_}, high, circumferenceM_);
}

VectorXd WheelFit::residuals(const VectorXd& x) const {
  const auto count = static_cast<Eigen::Index>(samples_.list.size());
  VectorXd r(count + (samples_.coil ? 1 : 0));
  if (samples_.coil) {
    const auto p = point(x, VectorXd::Zero(ownSize()), false);
    r(count) = softened((p.sensor.coilOhm - samples_.coil->first) / samples_.coil->second);
  }
  for (std::size_t i = 0; i < samples_.list.size(); ++i) {
    const GoodReading& s = samples_.list[i];
    const VectorXd own = x.segment(static_cast<Eigen::Index>(shared_ + s.wheel * own_), ownSize());
    const bool high = ((highMask_ >> s.wheel) & 1U) != 0;
    const double off = offOf(s, point(x, own, high));
    r(static_cast<Eigen::Index>(i)) =
        moves_ && mayHaveMoved(s) ? nearerOf(off, offOf(s, point(x, own, !high))) : off;
  }
  return r;
}

// A reading the model does not cover, or OL where a number was read: far off, but bounded. Ohms by
// their logarithm, as they are spread: from afar a straight step would lead past them.
double WheelFit::offOf(const GoodReading& s, const ParameterPoint& p) const {
  constexpr double kFine = 10;
  constexpr double kBeyondOhm = 1e9;
  const auto value = predicted(s, p);
  const bool ohms = circuit::unitOf(s.test.kind) == units::Unit::ohm && s.value > kFine * s.sigma;
  if (value && ohms && *value > 0) {
    return softened(std::log(std::min(*value, kBeyondOhm) / s.value) * s.value / s.sigma);
  }
  return softened(!value ? 0 : std::isinf(*value) ? 30 : (*value - s.value) / s.sigma);
}

// Whether the wheel may have been moved by a tooth before a switching sensor was read.
bool WheelFit::mayHaveMoved(const GoodReading& s) {
  return s.wave == GoodReading::Wave::none && standsOnATooth(s.circuit->sensor.kind) &&
         s.test.state.unplugged.empty() && s.test.kind == circuit::TestKind::dcVoltage;
}

// Residual on the level a sensor is thought to stand on, or on the other one, at what it costs
// that the wheel moved.
double WheelFit::nearerOf(double here, double there) {
  const double moves = priors::of(priors::Id::wheelMoves);
  const double moved = std::sqrt(there * there + 2 * std::max(0.0, std::log((1 - moves) / moves)));
  return moved < std::abs(here) ? moved : here;
}

std::optional<double> WheelFit::predicted(const GoodReading& s, ParameterPoint p) const {
  p.celsius = s.celsius.value_or(p.celsius);
  if (s.wave == GoodReading::Wave::none) {
    return circuit::predict(*s.circuit, p, s.test, {}, case_.meter);
  }
  p.sensor.high = false;
  const auto off = circuit::predict(*s.circuit, p, s.test, {}, case_.meter);
  p.sensor.high = true;
  const auto on = circuit::predict(*s.circuit, p, s.test, {}, case_.meter);
  if (!off || !on) {
    return std::nullopt;
  }
  return s.wave == GoodReading::Wave::upper ? std::max(*off, *on) : std::abs(*on - *off);
}

// Beyond 30 sigma only the direction counts, so that the first steps are not thrown about.
double WheelFit::softened(double off) {
  const double size = std::abs(off);
  return size < 30 ? off : std::copysign(30 * (1 + std::log(size / 30)), off);
}

MatrixXd WheelFit::jacobian(const VectorXd& x, const VectorXd& r) const {
  constexpr double kStep = 1e-4;
  MatrixXd j(r.size(), x.size());
  for (Eigen::Index i = 0; i < x.size(); ++i) {
    VectorXd moved = x;
    moved(i) += kStep;
    j.col(i) = (residuals(moved) - r) / kStep;
  }
  return j;
}

// Systematic resampling; each kept point gets a wheel of its own.
void WheelFit::resample(const std::vector<VectorXd>& points, const std::vector<double>& weights,
                        std::size_t count, std::mt19937& random,
                        std::vector<ParameterPoint>& out) const {
  std::normal_distribution<double> normal;
  double total = 0;
  for (const double w : weights) {
    total += w;
  }
  double sum = 0;
  std::size_t at = 0;
  for (std::size_t i = 0; i < count; ++i) {
    const double target = total * (static_cast<double>(i) + 0.5) / static_cast<double>(count);
    while (at + 1 < points.size() && sum + weights[at] < target) {
      sum += weights[at++];
    }
    VectorXd own = VectorXd::NullaryExpr(ownSize(), [&] { return normal(random); });
    if (samples_.coil) {
      own(0) *= kWithinLimits;  // the maker's limits are of every good part
    }
    out.push_back(point(points[at], own, (i & 1U) != 0));
  }
}

}  // namespace haybale::diagnosis
