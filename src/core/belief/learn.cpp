#include "core/belief/learn.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <random>

#include "core/base/say.h"
#include "core/evidence/meter_use.h"
#include "core/evidence/quantity_of.h"
#include "core/evidence/void_setup.h"
#include "core/priors/priors.h"
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
// What a wheel costs that is left out, in the logarithm of the evidence: it is faulty itself.
constexpr double kLeftOutCost = 10;

// The same of a reading: it was taken wrong.
double slipCost() {
  return -std::log(priors::of(priors::Id::slipNumber));
}

// A reading of a good circuit, ready to be compared with predictions.
struct Sample {
  const Circuit* circuit;
  std::size_t wheel;  // which of the good circuits
  const job::Evidence* evidence;
  circuit::Test test;
  double value;
  double sigma;
  std::optional<double> celsius;  // of the coil, where it was written down
  // Of a square wave: its upper level, or how far apart the two are.
  enum class Wave { none, upper, swing } wave = Wave::none;
};

struct Samples {
  std::vector<Sample> list;
  std::vector<std::string> wheels;
  // What the maker says of the coil, where he does.
  std::optional<std::pair<double, double>> coil;  // middle, standard deviation
};

// What is not believed of the good wheels: all of a wheel, or a reading that was a slip.
struct LeftOut {
  std::vector<std::string> wheels;
  std::vector<std::string> readings;  // their ids
};

bool holds(const std::vector<std::string>& list, const std::string& one) {
  return std::find(list.begin(), list.end(), one) != list.end();
}

// Wheels that may teach about `circuit`: of the same group and kind, and not left out.
bool teaches(const job::Case& c, const Circuit& circuit, const Circuit& good,
             const LeftOut& leftOut) {
  return good.name != circuit.name && good.name != c.suspect &&
         good.sensor.kind == circuit.sensor.kind &&
         circuit::groupOf(good) == circuit::groupOf(circuit) && !holds(leftOut.wheels, good.name);
}

std::size_t wheelOf(Samples& samples, const std::string& name) {
  auto wheel = std::find(samples.wheels.begin(), samples.wheels.end(), name);
  if (wheel == samples.wheels.end()) {
    wheel = samples.wheels.insert(wheel, name);
  }
  return static_cast<std::size_t>(wheel - samples.wheels.begin());
}

// A square wave: where its upper level lies, and how far below it the other one. A scope's zero and
// scale err by far more than what lies between two levels of one record. A record without its
// direct part tells nothing of them.
void addLevels(Samples& out, const Circuit& good, const job::Evidence& e,
               const trace::ChannelAnalysis& analysis) {
  const auto& levels = analysis.levels;
  const bool square = analysis.signal == trace::Signal::active ||
                      analysis.signal == trace::Signal::activePwm ||
                      analysis.signal == trace::Signal::hall;
  if (!square || analysis.unit != units::Unit::volt || levels.low < -0.1 * levels.peakToPeak ||
      circuit::isCoil(good.sensor.kind) || !e.test.red) {
    return;
  }
  constexpr double kShare = 0.03;
  constexpr double kFloor = 0.02;
  circuit::Test test = e.test;
  test.kind = circuit::TestKind::dcVoltage;
  test.state.wheel = circuit::WheelMotion::still;
  const std::size_t wheel = wheelOf(out, good.name);
  for (const auto& [value, wave] : {std::pair{levels.high, Sample::Wave::upper},
                                    std::pair{levels.high - levels.low, Sample::Wave::swing}}) {
    out.list.push_back({&good, wheel, &e, test, value, std::hypot(kShare * std::abs(value), kFloor),
                        std::nullopt, wave});
  }
}

Samples samplesFor(const job::Case& c, const Circuit& circuit, const WaveformSet& waveforms,
                   const LeftOut& leftOut) {
  Samples out;
  for (const auto& limit : circuit.limits) {
    if (limit.quantity == judging::Quantity::coilResistance && limit.min && limit.max) {
      out.coil = {(*limit.min + *limit.max) / 2,
                  std::max(1.0, judging::rectangularU((*limit.max - *limit.min) / 2))};
    }
  }
  for (const auto& e : c.evidence) {
    const Circuit* good = c.find(e.test.circuit);
    if (e.withdrawn || !good || holds(leftOut.readings, e.id) ||
        !teaches(c, circuit, *good, leftOut) || isVoid(*good, e.test)) {
      continue;
    }
    const auto analysis = waveforms.analyses.find(e.id);
    if (analysis != waveforms.analyses.end()) {
      addLevels(out, *good, e, *analysis->second);
    }
    if (!e.reading.value || e.reading.value->overload ||
        e.test.kind == circuit::TestKind::waveform || speedUnknown(e)) {
      continue;
    }
    if (out.coil && quantityOf(*good, e.test) == judging::Quantity::coilResistance) {
      continue;  // what the maker says of this coil beats what another one has
    }
    const double value = e.reading.value->value;
    const double u = standardUncertainty(c.meter, *e.reading.value, e.test.kind);
    out.list.push_back({good, wheelOf(out, good->name), &e, asMeasured(c, e), value,
                        std::hypot(u, kModelShare * std::abs(value) + kModelFloor),
                        e.reading.celsius, Sample::Wave::none});
  }
  return out;
}

// Of how one coil differs from the next, what is left beyond the maker's limits.
constexpr double kWithinLimits = 0.2;

bool standsOnATooth(SensorKind kind) {
  return !circuit::isCoil(kind);
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

  [[nodiscard]] double cost() const { return cost_; }

  /// Ids of the readings that fit it worst, the worst first.
  [[nodiscard]] std::vector<std::string> worst(std::size_t count) const {
    const VectorXd r = residuals(x_);
    std::vector<std::size_t> order(samples_.list.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const auto off = [&](std::size_t i) { return std::abs(r(static_cast<Eigen::Index>(i))); };
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return off(a) > off(b); });
    std::vector<std::string> out;
    for (const std::size_t i : order) {
      const std::string& id = samples_.list[i].evidence->id;
      if (out.size() < count && !holds(out, id)) {
        out.push_back(id);
      }
    }
    return out;
  }

  /// How far what the good wheels' sensors are lies from usual ones, in standard deviations.
  [[nodiscard]] double oddness() const {
    constexpr Eigen::Index kCoilOrCurrent = 2;
    constexpr Eigen::Index kOnResistance = 3;
    return std::abs(x_(circuit::familyOf(sensor_) == circuit::SensorFamily::hallSwitch
                           ? kOnResistance
                           : kCoilOrCurrent));
  }

  [[nodiscard]] ParameterPoint central() const {
    return point(x_, VectorXd::Zero(ownSize()), false);
  }

  /// `count` draws for a wheel that has not been measured.
  void draw(std::size_t count, std::mt19937& random, std::vector<ParameterPoint>& out) const {
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

 private:
  [[nodiscard]] Eigen::Index ownSize() const { return static_cast<Eigen::Index>(own_); }

  [[nodiscard]] ParameterPoint point(const VectorXd& x, const VectorXd& own, bool high) const {
    return valuesOf(sensor_, kind_, {x.data(), shared_}, {own.data(), own_}, high, circumferenceM_);
  }

  [[nodiscard]] VectorXd residuals(const VectorXd& x) const {
    const auto count = static_cast<Eigen::Index>(samples_.list.size());
    VectorXd r(count + (samples_.coil ? 1 : 0));
    if (samples_.coil) {
      const auto p = point(x, VectorXd::Zero(ownSize()), false);
      r(count) = softened((p.sensor.coilOhm - samples_.coil->first) / samples_.coil->second);
    }
    for (std::size_t i = 0; i < samples_.list.size(); ++i) {
      const Sample& s = samples_.list[i];
      const VectorXd own =
          x.segment(static_cast<Eigen::Index>(shared_ + s.wheel * own_), ownSize());
      const bool high = ((highMask_ >> s.wheel) & 1U) != 0;
      const double off = offOf(s, point(x, own, high));
      r(static_cast<Eigen::Index>(i)) =
          mayHaveMoved(s) ? nearerOf(off, offOf(s, point(x, own, !high))) : off;
    }
    return r;
  }

  // A reading the model does not cover, or OL where a number was read: far off, but bounded.
  [[nodiscard]] double offOf(const Sample& s, const ParameterPoint& p) const {
    const auto value = predicted(s, p);
    return softened(!value ? 0 : std::isinf(*value) ? 30 : (*value - s.value) / s.sigma);
  }

  // Whether the wheel may have been moved by a tooth before a switching sensor was read.
  static bool mayHaveMoved(const Sample& s) {
    return s.wave == Sample::Wave::none && standsOnATooth(s.circuit->sensor.kind) &&
           s.test.state.unplugged.empty() && s.test.kind == circuit::TestKind::dcVoltage;
  }

  // Residual on the level a sensor is thought to stand on, or on the other one, at what it costs
  // that the wheel moved.
  static double nearerOf(double here, double there) {
    const double moves = priors::of(priors::Id::wheelMoves);
    const double moved =
        std::sqrt(there * there + 2 * std::max(0.0, std::log((1 - moves) / moves)));
    return moved < std::abs(here) ? moved : here;
  }

  [[nodiscard]] std::optional<double> predicted(const Sample& s, ParameterPoint p) const {
    p.celsius = s.celsius.value_or(p.celsius);
    if (s.wave == Sample::Wave::none) {
      return circuit::predict(*s.circuit, p, s.test, {}, case_.meter);
    }
    p.sensor.high = false;
    const auto off = circuit::predict(*s.circuit, p, s.test, {}, case_.meter);
    p.sensor.high = true;
    const auto on = circuit::predict(*s.circuit, p, s.test, {}, case_.meter);
    if (!off || !on) {
      return std::nullopt;
    }
    return s.wave == Sample::Wave::upper ? std::max(*off, *on) : std::abs(*on - *off);
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
      VectorXd own = VectorXd::NullaryExpr(ownSize(), [&] { return normal(random); });
      if (samples_.coil) {
        own(0) *= kWithinLimits;  // the maker's limits are of every good part
      }
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

namespace {

struct Fits {
  std::vector<Fit> list;
  std::vector<double> logWeights;
  std::size_t best = 0;
};

Fits fitAll(const job::Case& c, const Circuit& circuit, const Samples& samples) {
  const SensorKind sensor = circuit.sensor.kind;
  Fits out;
  for (const auto& [kind, prior] : frontEndsOf(sensor)) {
    for (unsigned mask = 0; mask < masksFor(sensor, samples.wheels.size()); ++mask) {
      out.list.emplace_back(c, samples, sensor, kind, mask);
      out.list.back().run();
      out.logWeights.push_back(out.list.back().logWeight(prior));
    }
  }
  out.best = static_cast<std::size_t>(
      std::max_element(out.logWeights.begin(), out.logWeights.end()) - out.logWeights.begin());
  return out;
}

constexpr double kOddCost = 20;

// Whether a fit says no more against its readings than their spread does.
bool fitsWell(const Samples& samples, double cost) {
  constexpr double kPerReading = 9;  // squared deviations: three sigma each
  return cost < kOddCost + kPerReading * static_cast<double>(samples.list.size()) / 3;
}

// What to leave out beside `leftOut` where not all fits: a reading, if all the others of the good
// wheels agree without it; else the wheel without which the rest fits best, for what was taken for
// good may be faulty itself.
std::optional<LeftOut> misfit(const job::Case& c, const Circuit& circuit,
                              const WaveformSet& waveforms, const Samples& samples, const Fit& fit,
                              const LeftOut& leftOut) {
  constexpr std::size_t kTried = 6;
  if (fitsWell(samples, fit.cost())) {
    return std::nullopt;
  }
  std::optional<LeftOut> out;
  double least = fit.cost() - kOddCost;
  const auto tryOne = [&](const LeftOut& without, bool reading) {
    const Samples rest = samplesFor(c, circuit, waveforms, without);
    if (reading && rest.wheels.size() < samples.wheels.size()) {
      return;  // all that was read of a wheel is the wheel
    }
    const Fits fits = fitAll(c, circuit, rest);
    const double cost = fits.list[fits.best].cost();
    if (cost < least && (!reading || fitsWell(rest, cost))) {
      least = cost;
      out = without;
    }
  };
  for (const auto& id : fit.worst(kTried)) {
    LeftOut without = leftOut;
    without.readings.push_back(id);
    tryOne(without, true);
  }
  if (out) {
    return out;
  }
  for (const auto& wheel : samples.wheels) {
    LeftOut without = leftOut;
    without.wheels.push_back(wheel);
    tryOne(without, false);
  }
  return out;
}

}  // namespace

namespace {

// A single wheel that was taken for good may have a faulty sensor itself: then it taught of the
// module alone, and the suspect's sensor is as common practice has it. The odder that sensor, the
// likelier: what is faulty lies anywhere, as often beside as among the usual ones.
void leaveRoom(const job::Case& c, const Circuit& circuit, double oddness, std::mt19937& random,
               circuit::LineParameters& out) {
  using priors::Id;
  const Samples none;
  const Fits usual = fitAll(c, circuit, none);
  const std::size_t count = out.draws.size() / 4;
  for (std::size_t i = 0; i < usual.list.size() && out.doubtful.size() < count; ++i) {
    usual.list[i].draw(count / usual.list.size() + 1, random, out.doubtful);
  }
  out.doubtful.resize(std::min(count, out.doubtful.size()));
  for (std::size_t i = 0; i < out.doubtful.size(); ++i) {
    const auto sensor = out.doubtful[i].sensor;
    out.doubtful[i] = out.draws[i * out.draws.size() / out.doubtful.size()];
    out.doubtful[i].sensor = sensor;
  }
  const double faulty = priors::of(Id::peerDraws) * priors::of(Id::peerOdd);
  const double sound = (1 - priors::of(Id::peerDraws)) * std::exp(-oddness * oddness / 2);
  out.doubt = std::max(priors::of(Id::peerFaulty), faulty / (faulty + sound));
}

}  // namespace

circuit::LineParameters learnParameters(const job::Case& c, const Circuit& circuit,
                                        const WaveformSet& waveforms) {
  circuit::LineParameters out;
  LeftOut leftOut;
  Samples samples = samplesFor(c, circuit, waveforms, leftOut);
  Fits fits = fitAll(c, circuit, samples);
  while (const auto without =
             misfit(c, circuit, waveforms, samples, fits.list[fits.best], leftOut)) {
    leftOut = *without;
    samples = samplesFor(c, circuit, waveforms, leftOut);
    fits = fitAll(c, circuit, samples);
  }
  out.leftOut = leftOut.wheels;
  out.logEvidence -= kLeftOutCost * static_cast<double>(leftOut.wheels.size()) +
                     slipCost() * static_cast<double>(leftOut.readings.size());
  const double top = fits.logWeights[fits.best];
  std::vector<double> weights;
  double total = 0;
  for (const double w : fits.logWeights) {
    weights.push_back(std::exp(w - top));
    total += weights.back();
  }
  out.logEvidence += top + std::log(total);
  std::mt19937 random(kSeed);
  double share = 0;
  std::size_t given = 0;
  for (std::size_t i = 0; i < fits.list.size(); ++i) {
    share += weights[i] / total;
    const auto upTo = static_cast<std::size_t>(std::lround(share * static_cast<double>(kDraws)));
    if (upTo > given) {
      fits.list[i].draw(upTo - given, random, out.draws);
      given = upTo;
    }
  }
  if (samples.wheels.size() == 1) {
    leaveRoom(c, circuit, fits.list[fits.best].oddness(), random, out);
  }
  out.central = fits.list[fits.best].central();
  out.usual = samples.list.empty() && !samples.coil;
  out.from = samples.wheels.empty()
                 ? (samples.coil ? say("the maker's limits") : say("common practice"))
                 : sayf("learnt from {}", joined(samples.wheels));
  return out;
}

Knowledge learnAll(const job::Case& c, const WaveformSet& waveforms) {
  Knowledge out;
  // Circuits that learn from the same wheels know the same.
  using Key = std::tuple<SensorKind, std::vector<std::string>, std::vector<judging::Limit>>;
  std::vector<std::pair<Key, circuit::LineParameters>> known;
  for (const auto& circuit : c.circuits) {
    const Key key{circuit.sensor.kind, samplesFor(c, circuit, waveforms, {}).wheels,
                  circuit.limits};
    const auto found = std::find_if(known.begin(), known.end(),
                                    [&](const auto& entry) { return entry.first == key; });
    if (found == known.end()) {
      known.emplace_back(key, learnParameters(c, circuit, waveforms));
      out.emplace(circuit.name, known.back().second);
    } else {
      out.emplace(circuit.name, found->second);
    }
  }
  return out;
}

}  // namespace haybale::diagnosis
