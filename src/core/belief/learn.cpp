#include "core/belief/learn.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <random>

#include "core/evidence/meter_use.h"
#include "core/vehicle/vehicle_values.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::ParameterPoint;
using circuit::SensorKind;
using Eigen::MatrixXd;
using Eigen::VectorXd;

namespace {

constexpr unsigned kSeed = 20230517;
// Of a reading, beside the meter: contacts, the temperature of the day.
constexpr double kModelShare = 0.002;
constexpr double kModelFloor = 2e-3;

// A reading of a good circuit, ready to be compared with predictions.
struct Sample {
  const Circuit* circuit;
  std::size_t wheel;  // which of the good circuits
  circuit::Test test;
  double value;
  double sigma;
};

struct Samples {
  std::vector<Sample> list;
  std::vector<std::string> wheels;
};

Samples samplesFor(const job::Case& c, const Circuit& circuit) {
  Samples out;
  for (const auto& e : c.evidence) {
    const Circuit* good = c.find(e.test.circuit);
    const bool usable = !e.withdrawn && good && good->name != circuit.name &&
                        good->name != c.suspect && good->sensor.kind == circuit.sensor.kind &&
                        e.reading.value && !e.reading.value->overload &&
                        e.test.kind != circuit::TestKind::waveform;
    if (!usable) {
      continue;
    }
    auto wheel = std::find(out.wheels.begin(), out.wheels.end(), good->name);
    if (wheel == out.wheels.end()) {
      wheel = out.wheels.insert(wheel, good->name);
    }
    const double value = e.reading.value->value;
    const double u = standardUncertainty(c.meter, *e.reading.value, e.test.kind);
    out.list.push_back({good, static_cast<std::size_t>(wheel - out.wheels.begin()),
                        asMeasured(c, e), value,
                        std::hypot(u, kModelShare * std::abs(value) + kModelFloor)});
  }
  return out;
}

// The fit of one front end, with the sensors that stand on a tooth marked in `highMask`.
class Fit {
 public:
  Fit(const job::Case& c, const Samples& samples, SensorKind sensor, circuit::FrontEndKind kind,
      unsigned highMask)
      : case_(c),
        samples_(samples),
        sensor_(sensor),
        kind_(kind),
        highMask_(highMask),
        shared_(sharedCount(unknownsOf(sensor))),
        own_(unknownsOf(sensor).size() - shared_),
        circumferenceM_(c.rollingCircumferenceM().value_or(circuit::kUsualCircumferenceM)) {}

  void run() {
    const auto size = static_cast<Eigen::Index>(shared_ + own_ * samples_.wheels.size());
    x_ = VectorXd::Zero(size);
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

  /// Log of prior times evidence of this mode, up to a constant.
  [[nodiscard]] double logWeight(double prior) const {
    const VectorXd d = hessian_.ldlt().vectorD();
    return std::log(prior) - cost_ / 2 - d.array().log().sum() / 2;
  }

  [[nodiscard]] ParameterPoint central() const {
    return point(x_, VectorXd::Zero(ownSize()), false);
  }

  /// `count` draws for a wheel that has not been measured.
  void draw(std::size_t count, std::mt19937& random, std::vector<ParameterPoint>& out) const {
    std::normal_distribution<double> normal;
    const MatrixXd root = hessian_.llt().matrixU();
    const std::size_t tried = samples_.list.empty() ? count : 3 * count;
    std::vector<VectorXd> points;
    std::vector<double> weights;
    for (std::size_t i = 0; i < tried; ++i) {
      const VectorXd z = VectorXd::NullaryExpr(x_.size(), [&] { return normal(random); });
      points.emplace_back(x_ + root.triangularView<Eigen::Upper>().solve(z));
      const VectorXd& x = points.back();
      const double cost =
          samples_.list.empty() ? x.squaredNorm() : residuals(x).squaredNorm() + x.squaredNorm();
      // Tails are clipped: a draw the normal shape has missed must not take all the weight.
      weights.push_back(std::exp(std::clamp((z.squaredNorm() + cost_ - cost) / 2, -30.0, 3.0)));
    }
    resample(points, weights, count, random, out);
  }

 private:
  [[nodiscard]] Eigen::Index ownSize() const { return static_cast<Eigen::Index>(own_); }

  [[nodiscard]] ParameterPoint point(const VectorXd& x, const VectorXd& own, bool high) const {
    return valuesOf(sensor_, kind_, {x.data(), shared_}, {own.data(), own_}, high, circumferenceM_);
  }

  [[nodiscard]] VectorXd residuals(const VectorXd& x) const {
    VectorXd r(static_cast<Eigen::Index>(samples_.list.size()));
    for (std::size_t i = 0; i < samples_.list.size(); ++i) {
      const Sample& s = samples_.list[i];
      const VectorXd own =
          x.segment(static_cast<Eigen::Index>(shared_ + s.wheel * own_), ownSize());
      const bool high = ((highMask_ >> s.wheel) & 1U) != 0;
      const auto value = circuit::predict(*s.circuit, point(x, own, high), s.test, {}, case_.meter);
      // A reading the model does not cover, or OL where a number was read: far off, but bounded.
      const double off = !value ? 0 : std::isinf(*value) ? 30 : (*value - s.value) / s.sigma;
      r(static_cast<Eigen::Index>(i)) = softened(off);
    }
    return r;
  }

  // Beyond 30 sigma only the direction counts, so that the first steps are not thrown about.
  static double softened(double off) {
    const double size = std::abs(off);
    return size < 30 ? off : std::copysign(30 * (1 + std::log(size / 30)), off);
  }

  [[nodiscard]] MatrixXd jacobian(const VectorXd& x, const VectorXd& r) const {
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
  void resample(const std::vector<VectorXd>& points, const std::vector<double>& weights,
                std::size_t count, std::mt19937& random, std::vector<ParameterPoint>& out) const {
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
      const VectorXd own = VectorXd::NullaryExpr(ownSize(), [&] { return normal(random); });
      out.push_back(point(points[at], own, (i & 1U) != 0));
    }
  }

  const job::Case& case_;
  const Samples& samples_;
  SensorKind sensor_;
  circuit::FrontEndKind kind_;
  unsigned highMask_;
  std::size_t shared_;
  std::size_t own_;
  double circumferenceM_;
  VectorXd x_;
  MatrixXd hessian_;
  double cost_ = 0;
};

bool standsOnATooth(SensorKind kind) {
  return kind != SensorKind::passive && kind != SensorKind::unknown;
}

// Which good sensors may stand on a tooth: all ways for up to four wheels, else none of them.
unsigned masksFor(SensorKind kind, std::size_t wheels) {
  return standsOnATooth(kind) && wheels <= 4 ? 1U << wheels : 1U;
}

std::string joined(const std::vector<std::string>& names) {
  std::string out;
  for (const auto& name : names) {
    out += (out.empty() ? "" : ", ") + name;
  }
  return out;
}

}  // namespace

circuit::LineParameters learnParameters(const job::Case& c, const Circuit& circuit) {
  const SensorKind sensor = circuit.sensor.kind;
  const Samples samples = samplesFor(c, circuit);
  std::vector<Fit> fits;
  std::vector<double> logWeights;
  for (const auto& [kind, prior] : frontEndsOf(sensor)) {
    for (unsigned mask = 0; mask < masksFor(sensor, samples.wheels.size()); ++mask) {
      fits.emplace_back(c, samples, sensor, kind, mask);
      fits.back().run();
      logWeights.push_back(fits.back().logWeight(prior));
    }
  }
  const double top = *std::max_element(logWeights.begin(), logWeights.end());
  double total = 0;
  for (double& w : logWeights) {
    w = std::exp(w - top);
    total += w;
  }
  circuit::LineParameters out;
  std::mt19937 random(kSeed);
  double share = 0;
  std::size_t given = 0;
  std::size_t best = 0;
  for (std::size_t i = 0; i < fits.size(); ++i) {
    share += logWeights[i] / total;
    const auto upTo = static_cast<std::size_t>(std::lround(share * static_cast<double>(kDraws)));
    if (upTo > given) {
      fits[i].draw(upTo - given, random, out.draws);
      given = upTo;
    }
    best = logWeights[i] > logWeights[best] ? i : best;
  }
  out.central = fits[best].central();
  out.from = samples.wheels.empty() ? "common practice" : "learnt from " + joined(samples.wheels);
  return out;
}

Knowledge learnAll(const job::Case& c) {
  Knowledge out;
  // Circuits that learn from the same wheels know the same.
  std::map<std::pair<SensorKind, std::vector<std::string>>, circuit::LineParameters> known;
  for (const auto& circuit : c.circuits) {
    const auto key = std::pair(circuit.sensor.kind, samplesFor(c, circuit).wheels);
    auto found = known.find(key);
    if (found == known.end()) {
      found = known.emplace(key, learnParameters(c, circuit)).first;
    }
    out.emplace(circuit.name, found->second);
  }
  return out;
}

}  // namespace haybale::diagnosis
