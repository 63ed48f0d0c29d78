#include "core/judging/tolerance.h"

#include <algorithm>
#include <boost/math/distributions/chi_squared.hpp>
#include <boost/math/distributions/non_central_t.hpp>
#include <boost/math/distributions/normal.hpp>
#include <boost/math/quadrature/gauss.hpp>
#include <boost/math/tools/roots.hpp>
#include <cmath>
#include <limits>
#include <vector>

namespace haybale::judging {

namespace {

using boost::math::cdf;
using boost::math::complement;
using boost::math::pdf;
using boost::math::quantile;

constexpr double kReach = 8;  // standard deviations that are integrated over
constexpr double kLargest = 1e6;
const boost::math::normal kNormal;

// Where a monotone function reaches `wanted`.
template <class F>
double solve(const F& f, double wanted, double low, double high) {
  std::uintmax_t rounds = 200;
  const auto [a, b] =
      boost::math::tools::toms748_solve([&](double x) { return f(x) - wanted; }, low, high,
                                        boost::math::tools::eps_tolerance<double>(48), rounds);
  return 0.5 * (a + b);
}

bool sensible(std::size_t n, double coverage, double confidence) {
  return n >= 2 && coverage > 0 && coverage < 1 && confidence > 0 && confidence < 1;
}

// How far from the sample mean, `off` standard deviations away from the true one, an interval has
// to reach to hold the share `coverage`.
double reach(double off, double coverage) {
  return solve([&](double r) { return cdf(kNormal, off + r) - cdf(kNormal, off - r); }, coverage, 0,
               off + kReach + 2);
}

struct Node {
  double weight;  // with the density of the sample mean there
  double reach;
};

// Over the sample mean, 0 to kReach standard errors away: the reach does not depend on the factor.
std::vector<Node> overTheMean(std::size_t n, double coverage) {
  using Rule = boost::math::quadrature::gauss<double, 100>;
  const double root = std::sqrt(static_cast<double>(n));
  std::vector<Node> out;
  for (std::size_t i = 0; i < Rule::abscissa().size(); ++i) {
    for (const double side : {-1.0, 1.0}) {
      const double z = kReach / 2 * (1 + side * Rule::abscissa()[i]);
      out.push_back({kReach / 2 * Rule::weights()[i] * pdf(kNormal, z), reach(z / root, coverage)});
    }
  }
  return out;
}

}  // namespace

double twoSidedToleranceFactor(std::size_t n, double coverage, double confidence) {
  if (!sensible(n, coverage, confidence)) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const double freedom = static_cast<double>(n) - 1;
  const boost::math::chi_squared spread(freedom);
  const auto nodes = overTheMean(n, coverage);
  const auto sure = [&](double k) {
    double sum = 0;
    for (const auto& node : nodes) {
      const double r = node.reach / k;
      sum += 2 * node.weight * cdf(complement(spread, freedom * r * r));
    }
    return sum;
  };
  return solve(sure, confidence, 1e-3, kLargest);
}

double oneSidedToleranceFactor(std::size_t n, double coverage, double confidence) {
  if (!sensible(n, coverage, confidence)) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const double root = std::sqrt(static_cast<double>(n));
  const boost::math::non_central_t t(static_cast<double>(n) - 1,
                                     root * quantile(kNormal, coverage));
  return quantile(t, confidence) / root;
}

Spread spreadOf(std::span<const double> values, double coverage, double confidence) {
  std::vector<double> sorted;
  std::copy_if(values.begin(), values.end(), std::back_inserter(sorted),
               [](double v) { return std::isfinite(v); });
  std::sort(sorted.begin(), sorted.end());
  Spread out;
  out.n = sorted.size();
  if (sorted.empty()) {
    return out;
  }
  const std::size_t half = out.n / 2;
  out.median = out.n % 2 == 1 ? sorted[half] : 0.5 * (sorted[half - 1] + sorted[half]);
  for (const double v : sorted) {
    out.mean += v / static_cast<double>(out.n);
  }
  if (out.n < 2) {
    return out;
  }
  double squares = 0;
  for (const double v : sorted) {
    squares += (v - out.mean) * (v - out.mean);
  }
  out.deviation = std::sqrt(squares / static_cast<double>(out.n - 1));
  out.factor = twoSidedToleranceFactor(out.n, coverage, confidence);
  out.low = out.mean - out.factor * out.deviation;
  out.high = out.mean + out.factor * out.deviation;
  return out;
}

}  // namespace haybale::judging
