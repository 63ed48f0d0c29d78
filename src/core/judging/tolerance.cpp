#include "core/judging/tolerance.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <vector>

namespace haybale::judging {

namespace {

constexpr double kReach = 8;    // standard deviations that are integrated over
constexpr int kNodes = 400;     // of Simpson's rule, even
constexpr int kHalvings = 200;  // of a bisection, to the last bit
constexpr double kLargest = 1e6;

double normalDensity(double z) {
  return std::exp(-0.5 * z * z) / std::sqrt(2 * std::numbers::pi);
}

double normalShare(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

// Where a rising function reaches `wanted`.
template <class Rising>
double solve(const Rising& rising, double wanted, double low, double high) {
  for (int i = 0; i < kHalvings && high - low > 1e-13 * high; ++i) {
    const double middle = 0.5 * (low + high);
    (rising(middle) < wanted ? low : high) = middle;
  }
  return 0.5 * (low + high);
}

// Simpson's rule over [from, to].
template <class F>
double integral(const F& f, double from, double to) {
  const double step = (to - from) / kNodes;
  double sum = f(from) + f(to);
  for (int i = 1; i < kNodes; ++i) {
    sum += (i % 2 == 1 ? 4 : 2) * f(from + step * i);
  }
  return sum * step / 3;
}

// Regularised lower incomplete gamma function P(a, x): series below a + 1, else the continued
// fraction by Lentz's rule (Abramowitz and Stegun, 6.5.29 and 6.5.31, from memory).
double gammaShare(double a, double x) {
  if (x <= 0) {
    return 0;
  }
  const double front = std::exp(a * std::log(x) - x - std::lgamma(a));
  if (x < a + 1) {
    double term = 1 / a;
    double sum = term;
    for (double k = a + 1; term > sum * 1e-16; k += 1) {
      term *= x / k;
      sum += term;
    }
    return front * sum;
  }
  constexpr double kTiny = 1e-300;
  double b = x + 1 - a;
  double c = 1 / kTiny;
  double d = 1 / b;
  double h = d;
  for (int i = 1; i < 10000; ++i) {
    const double an = -i * (i - a);
    b += 2;
    d = an * d + b;
    d = 1 / (std::abs(d) < kTiny ? kTiny : d);
    c = b + an / c;
    c = std::abs(c) < kTiny ? kTiny : c;
    h *= d * c;
    if (std::abs(d * c - 1) < 1e-15) {
      break;
    }
  }
  return 1 - front * h;
}

// Share of a chi-squared distribution below x.
double chiSquaredShare(double x, double freedom) {
  return gammaShare(freedom / 2, x / 2);
}

bool sensible(std::size_t n, double coverage, double confidence) {
  return n >= 2 && coverage > 0 && coverage < 1 && confidence > 0 && confidence < 1;
}

}  // namespace

double twoSidedToleranceFactor(std::size_t n, double coverage, double confidence) {
  if (!sensible(n, coverage, confidence)) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const double root = std::sqrt(static_cast<double>(n));
  const double freedom = static_cast<double>(n) - 1;
  // How far from a mean that is off by z standard errors the interval has to reach.
  const auto reach = [&](double z) {
    const double off = z / root;
    return solve([&](double r) { return normalShare(off + r) - normalShare(off - r); }, coverage, 0,
                 off + kReach + 2);
  };
  // The reach does not depend on the factor: worked out once.
  std::vector<double> reaches;
  for (int i = 0; i <= kNodes; ++i) {
    reaches.push_back(reach(kReach * i / kNodes));
  }
  const auto sure = [&](double k) {
    return 2 * integral(
                   [&](double z) {
                     const auto i = static_cast<std::size_t>(std::lround(z / kReach * kNodes));
                     const double r = reaches[i] / k;
                     return normalDensity(z) * (1 - chiSquaredShare(freedom * r * r, freedom));
                   },
                   0, kReach);
  };
  return solve(sure, confidence, 1e-3, kLargest);
}

double oneSidedToleranceFactor(std::size_t n, double coverage, double confidence) {
  if (!sensible(n, coverage, confidence)) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const double root = std::sqrt(static_cast<double>(n));
  const double freedom = static_cast<double>(n) - 1;
  const double quantile = solve(normalShare, coverage, -kReach, kReach + 1);
  // s/sigma = exp(u): an even step in the logarithm holds the narrow and the wide ends alike.
  const double norm =
      std::log(2.0) + 0.5 * freedom * std::log(freedom / 2) - std::lgamma(freedom / 2);
  // Beyond these the density is below e to the -39th of its height.
  const double low = -39 / freedom - 8.9 / std::sqrt(freedom);
  const double high = 0.5 * std::log(1 + 80 / freedom + 2 * std::sqrt(80 / freedom));
  const auto sure = [&](double k) {
    return integral(
        [&](double u) {
          const double s = std::exp(u);
          const double density = std::exp(norm + freedom * u - 0.5 * freedom * s * s);
          return density * normalShare(root * (k * s - quantile));
        },
        low, high);
  };
  return solve(sure, confidence, -10, kLargest);
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
