// Quantiles and noise that a few wild samples cannot move.
#include "core/trace/levels.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/noise.h"

namespace haybale::trace {
namespace {

TEST(Quantiles, OfARampAreItsShares) {
  std::vector<float> ramp(100001);
  for (std::size_t i = 0; i < ramp.size(); ++i) {
    ramp[i] = static_cast<float>(i) / 10000;
  }
  const Distribution d(ramp);
  for (const double p : {0.01, 0.25, 0.5, 0.75, 0.99}) {
    EXPECT_NEAR(d.quantile(p), 10 * p, 10.0 / 4096);
  }
  EXPECT_NEAR(d.share(2, 5), 0.3, 0.001);
}

// sqrt(20) of white noise is left in the third difference: 1, 9, 9 and 1 times its variance.
TEST(Noise, IsThatOfTheSamplesOnASmoothSignal) {
  std::mt19937 random(5);
  std::normal_distribution<double> normal(0, 0.01);
  std::vector<float> v(40000);
  for (std::size_t i = 0; i < v.size(); ++i) {
    const double t = static_cast<double>(i) / 20000;
    v[i] = static_cast<float>(std::sin(2 * std::numbers::pi * 40 * t) + normal(random));
  }
  EXPECT_NEAR(noiseRms(v), 0.01, 0.0005);
}

}  // namespace
}  // namespace haybale::trace
