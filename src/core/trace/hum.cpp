#include "core/trace/hum.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <vector>

namespace haybale::trace {

double amplitudeAt(std::span<const float> samples, double rateHz, double hz) {
  if (samples.size() < 8) {
    return 0;
  }
  double mean = 0;
  std::size_t count = 0;
  for (const float v : samples) {
    if (!std::isnan(v)) {
      mean += v;
      ++count;
    }
  }
  mean /= static_cast<double>(std::max<std::size_t>(1, count));
  const auto n = static_cast<double>(samples.size());
  const std::complex<double> turn = std::polar(1.0, -2 * std::numbers::pi * hz / rateHz);
  const std::complex<double> bend = std::polar(1.0, 2 * std::numbers::pi / n);
  std::complex<double> phase = 1;
  std::complex<double> window = 1;
  std::complex<double> sum = 0;
  double weight = 0;
  for (const float v : samples) {
    const double w = 0.5 - 0.5 * window.real();
    weight += w;
    if (!std::isnan(v)) {
      sum += w * (v - mean) * phase;
    }
    phase *= turn;
    window *= bend;
  }
  return 2 * std::abs(sum) / weight;
}

std::optional<Hum> humOf(std::span<const float> samples, double rateHz) {
  if (rateHz < 250 || static_cast<double>(samples.size()) < 0.5 * rateHz) {
    return std::nullopt;
  }
  const auto most = static_cast<std::size_t>(2 * rateHz);
  const auto step = static_cast<std::size_t>(std::max(1.0, std::floor(rateHz / 8000)));
  std::vector<float> thin;
  for (std::size_t i = 0; i < std::min(samples.size(), most); i += step) {
    thin.push_back(samples[i]);
  }
  const double rate = rateHz / static_cast<double>(step);
  std::optional<Hum> best;
  for (const double hz : {50.0, 60.0}) {
    const double own = amplitudeAt(thin, rate, hz);
    const double beside =
        std::max(amplitudeAt(thin, rate, hz - 7.3), amplitudeAt(thin, rate, hz + 7.3));
    if (own > 4 * beside && (!best || own > best->amplitude)) {
      best = Hum{hz, own};
    }
  }
  return best;
}

std::optional<Hum> humAtRest(const capture::Bounds& bounds, double rateHz) {
  const auto samples = bounds.samples();
  constexpr double kWindowS = 0.4;  // twenty or twenty-four cycles
  constexpr double kMostVolts =
      0.15;  // peak: common practice, no source; more is a wheel that happens to turn so
  constexpr double kKeepsStep = 0.7;
  constexpr std::size_t kMostSamples = 8U << 20;
  const auto window = static_cast<std::size_t>(kWindowS * rateHz);
  if (rateHz < 250 || 2 * samples.size() < 3 * window || samples.size() > kMostSamples) {
    return std::nullopt;
  }
  std::size_t quietest = 0;
  double least = 1e300;
  for (std::size_t at = 0; at + window <= samples.size(); at += window / 4) {
    const auto band = bounds.over(at, at + window);
    const double extent = band.empty() ? 1e300 : band.extent();
    if (extent < least) {
      least = extent;
      quietest = at;
    }
  }
  for (const double hz : {50.0, 60.0}) {
    const auto quiet = samples.subspan(quietest, window);
    const double here = amplitudeAt(quiet, rateHz, hz);
    if (4 * here < least || here > kMostVolts || here <= 0 ||
        amplitudeAt(quiet, rateHz, hz - 1) > here || amplitudeAt(quiet, rateHz, hz + 1) > here) {
      continue;
    }
    if (amplitudeAt(samples, rateHz, hz) > kKeepsStep * here) {
      return Hum{hz, here};
    }
  }
  return std::nullopt;
}

}  // namespace haybale::trace
