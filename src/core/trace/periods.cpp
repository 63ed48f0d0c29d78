#include "core/trace/periods.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <complex>
#include <unsupported/Eigen/FFT>

namespace haybale::trace {

namespace {

constexpr std::size_t kPadding = 4;

std::vector<double> centred(const std::vector<double>& values) {
  double sum = 0, known = 0;
  for (const double v : values) {
    if (!std::isnan(v)) {
      sum += v;
      known += 1;
    }
  }
  const double mean = known > 0 ? sum / known : 0;
  std::vector<double> out(std::bit_ceil(kPadding * std::max<std::size_t>(values.size(), 1)), 0.0);
  for (std::size_t i = 0; i < values.size(); ++i) {
    out[i] = std::isnan(values[i]) ? 0 : values[i] - mean;
  }
  return out;
}

}  // namespace

std::vector<double> likelyPeriods(const std::vector<double>& values, double least, double most,
                                  std::size_t count) {
  const auto padded = centred(values);
  std::vector<std::complex<double>> spectrum;
  Eigen::FFT<double> transform;
  transform.SetFlag(Eigen::FFT<double>::HalfSpectrum);
  transform.fwd(spectrum, padded);
  const auto size = static_cast<double>(padded.size());
  const auto first = static_cast<std::size_t>(std::max(1.0, std::floor(size / most)));
  const auto last =
      std::min(spectrum.size() - 1, static_cast<std::size_t>(std::ceil(size / least)));
  std::vector<std::pair<double, std::size_t>> peaks;
  for (std::size_t k = first; k <= last; ++k) {
    const double here = std::norm(spectrum[k]);
    const bool above = k == first || here >= std::norm(spectrum[k - 1]);
    const bool below = k == last || here > std::norm(spectrum[k + 1]);
    if (above && below && here > 0) {
      peaks.emplace_back(here, k);
    }
  }
  std::sort(peaks.begin(), peaks.end(), [](auto& a, auto& b) { return a.first > b.first; });
  peaks.resize(std::min(peaks.size(), count));
  std::vector<double> out;
  for (const auto& [power, k] : peaks) {
    out.push_back(std::clamp(size / static_cast<double>(k), least, most));
  }
  return out;
}

}  // namespace haybale::trace
