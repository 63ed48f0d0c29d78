// One way in which the good wheels' readings may be understood: a front end, and for each switching
// sensor whether it stood on a tooth, with the values that fit best and how surely.
#pragma once

#include <Eigen/Dense>
#include <optional>
#include <random>
#include <string>
#include <vector>

#include "core/belief/good_readings.h"

namespace haybale::diagnosis {

/// The fit of one front end, with the sensors that stand on a tooth marked in `highMask`: damped
/// least squares over logarithms with normal priors (Levenberg 1944, Marquardt 1963, from memory).
/// The readings must outlive it.
class WheelFit {
 public:
  WheelFit(const job::Case& c, const GoodReadings& samples, circuit::SensorKind sensor,
           circuit::FrontEndKind kind, unsigned highMask);

  void run();

  /// Log of prior times evidence of this mode, up to a constant.
  [[nodiscard]] double logWeight(double prior) const;

  [[nodiscard]] double cost() const { return cost_; }

  /// Ids of the readings that fit it worst, the worst first.
  [[nodiscard]] std::vector<std::string> worst(std::size_t count) const;

  /// How far what the good wheels' sensors are lies from usual ones, in standard deviations.
  [[nodiscard]] double oddness() const;

  [[nodiscard]] circuit::ParameterPoint central() const;

  /// `count` draws for a wheel that has not been measured.
  void draw(std::size_t count, std::mt19937& random,
            std::vector<circuit::ParameterPoint>& out) const;

 private:
  void improve();

  [[nodiscard]] Eigen::Index ownSize() const { return static_cast<Eigen::Index>(own_); }

  [[nodiscard]] circuit::ParameterPoint point(const Eigen::VectorXd& x, const Eigen::VectorXd& own,
                                              bool high) const;

  [[nodiscard]] Eigen::VectorXd residuals(const Eigen::VectorXd& x) const;

  [[nodiscard]] double offOf(const GoodReading& s, const circuit::ParameterPoint& p) const;

  static bool mayHaveMoved(const GoodReading& s);

  static double nearerOf(double here, double there);

  [[nodiscard]] std::optional<double> predicted(const GoodReading& s,
                                                circuit::ParameterPoint p) const;

  static double softened(double off);

  [[nodiscard]] Eigen::MatrixXd jacobian(const Eigen::VectorXd& x, const Eigen::VectorXd& r) const;

  void resample(const std::vector<Eigen::VectorXd>& points, const std::vector<double>& weights,
                std::size_t count, std::mt19937& random,
                std::vector<circuit::ParameterPoint>& out) const;

  const job::Case& case_;
  const GoodReadings& samples_;
  circuit::SensorKind sensor_;
  circuit::FrontEndKind kind_;
  unsigned highMask_;
  std::size_t shared_;
  std::size_t own_;
  double circumferenceM_;
  Eigen::VectorXd x_;
  Eigen::MatrixXd hessian_;
  double cost_ = 0;
  bool moves_ = false;  // whether the wheel may have moved between two readings
};

/// Whether sensors of this kind rest on one of two levels.
[[nodiscard]] bool standsOnATooth(circuit::SensorKind kind);

}  // namespace haybale::diagnosis
