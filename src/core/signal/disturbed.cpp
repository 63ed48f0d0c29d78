#include "core/signal/disturbed.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

namespace haybale::signal {

void disturb(std::span<float> samples, double rateHz, const Disturbance& d) {
  std::mt19937 random(d.seed);
  std::normal_distribution<double> noise(0, d.noiseRms > 0 ? d.noiseRms : 1);
  const double step = 2 * std::numbers::pi * d.humHz / rateHz;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    const auto n = static_cast<double>(i);
    double more = d.driftPerS * n / rateHz + d.humPeak * std::sin(step * n);
    more += d.noiseRms > 0 ? noise(random) : 0;
    samples[i] += static_cast<float>(more);
  }
}

std::vector<Span> crackle(double startS, double lengthS, std::uint32_t seed) {
  constexpr double kMeanOffS = 0.002, kMeanOnS = 0.005;
  std::mt19937 random(seed);
  const auto drawn = [&](double mean) {
    const double share = (static_cast<double>(random()) + 0.5) / 4294967296.0;
    return -mean * std::log(share);
  };
  std::vector<Span> out;
  const double endS = startS + lengthS;
  for (double at = startS; at < endS;) {
    const double until = std::min(endS, at + drawn(kMeanOffS));
    out.push_back({at, until});
    at = until + drawn(kMeanOnS);
  }
  return out;
}

}  // namespace haybale::signal
