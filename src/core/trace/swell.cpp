#include "core/trace/swell.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>
#include <utility>

#include "core/trace/median.h"
#include "core/trace/periods.h"

namespace haybale::trace {

namespace {

constexpr double kOutlier = 0.25;  // of a pitch: not taken for the swell of a turn

// Cosine and sine of a wave over `period` steps, one step after the other; set right every few.
class Turning {
 public:
  explicit Turning(double period) : step_(std::polar(1.0, 2 * std::numbers::pi / period)) {}
  std::complex<double> next() {
    constexpr std::size_t kSetRight = 64;
    if (at_ % kSetRight == 0) {
      now_ = std::polar(1.0, static_cast<double>(at_) * std::arg(step_));
    }
    ++at_;
    return std::exchange(now_, now_ * step_);
  }

 private:
  std::complex<double> step_;
  std::complex<double> now_ = 1;
  std::size_t at_ = 0;
};

}  // namespace

Wave waveOver(const std::vector<double>& values, double teeth) {
  double n = 0, sum = 0, square = 0;
  std::complex<double> wave = 0;
  std::complex<double> turns = 0;
  Turning turning(teeth);
  for (const double v : values) {
    const auto at = turning.next();
    if (!std::isnan(v)) {
      n += 1;
      sum += v;
      square += v * v;
      wave += v * at;
      turns += at;
    }
  }
  if (n < 12) {
    return {};
  }
  // About the mean.
  const double mean = sum / n;
  square -= n * mean * mean;
  const double size = 2 * std::abs(wave - mean * turns) / n;
  return {square > 0 ? n * size * size / 2 / square : 0, size};
}

std::vector<double> swellOf(const std::vector<Tooth>& teeth, bool pitch) {
  std::vector<double> out(static_cast<std::size_t>(teeth.back().number) + 1, std::nan(""));
  std::size_t known = 0, last = 0;
  for (const auto& t : teeth) {
    const double value = pitch ? t.periodS : t.halfSwing * t.periodS;
    if (t.lost == 0 && t.periodS > 0 && value > 0 && std::abs(t.pitch - 1) < kOutlier) {
      last = static_cast<std::size_t>(t.number);
      out[last] = std::log(value);
      ++known;
    }
  }
  const auto nothing = [&] {
    std::fill(out.begin(), out.end(), std::nan(""));
    return std::move(out);
  };
  if (known < 24) {
    return nothing();
  }
  // A parabola in the tooth's number follows any spin that a hand or a road makes.
  const double scale = last > 0 ? static_cast<double>(last) : 1;
  double s[5] = {0, 0, 0, 0, 0};
  double r[3] = {0, 0, 0};
  for (std::size_t i = 0; i <= last; ++i) {
    const double y = out[i];
    if (std::isnan(y)) {
      continue;
    }
    const double u = static_cast<double>(i) / scale;
    const double uu = u * u;
    s[0] += 1;
    s[1] += u;
    s[2] += uu;
    s[3] += uu * u;
    s[4] += uu * uu;
    r[0] += y;
    r[1] += u * y;
    r[2] += uu * y;
  }
  const auto det = [](double a, double b, double c, double d, double e, double f, double g,
                      double h, double k) {
    return a * (e * k - f * h) - b * (d * k - f * g) + c * (d * h - e * g);
  };
  const double whole = det(s[0], s[1], s[2], s[1], s[2], s[3], s[2], s[3], s[4]);
  if (std::abs(whole) < 1e-12) {
    return nothing();
  }
  const double a = det(r[0], s[1], s[2], r[1], s[2], s[3], r[2], s[3], s[4]) / whole;
  const double b = det(s[0], r[0], s[2], s[1], r[1], s[3], s[2], r[2], s[4]) / whole;
  const double c = det(s[0], s[1], r[0], s[1], s[2], r[1], s[2], s[3], r[2]) / whole;
  for (std::size_t i = 0; i <= last; ++i) {
    const double u = static_cast<double>(i) / scale;
    out[i] = std::expm1(out[i] - a - b * u - c * u * u);
  }
  return out;
}

std::optional<Swell> clearestSwell(const std::vector<double>& values, int least, int most) {
  most = std::min<int>(most, static_cast<int>(values.size() / 3));
  if (most <= least) {
    return std::nullopt;
  }
  Swell best;
  const auto look = [&](double teeth) {
    const Wave wave = waveOver(values, teeth);
    if (wave.share > best.wave.share) {
      best.wave = wave;
      best.teeth = teeth;
    }
  };
  // Strong periods from the spectrum, then by halves of its resolution to a hundredth of it.
  constexpr std::size_t kCandidates = 6;
  for (const double period : likelyPeriods(values, least, most, kCandidates)) {
    look(period);
  }
  const double resolution = 1 / static_cast<double>(values.size());
  for (double step = 0.5 * resolution; best.teeth > 0 && step > 0.005 * resolution; step /= 2) {
    const double f = 1 / best.teeth;
    look(1 / (f + step));
    look(1 / (f - step));
  }
  if (!(best.teeth > 0)) {
    return std::nullopt;
  }
  best.turns = static_cast<double>(values.size()) / best.teeth;
  return best;
}

std::vector<double> smoothed(const std::vector<double>& values, int teeth) {
  constexpr int kMostHalf = 3;
  const int half = std::clamp(teeth / 20, 0, kMostHalf);
  const int n = static_cast<int>(values.size());
  std::vector<double> out(values.size(), std::nan(""));
  std::array<double, 2 * kMostHalf + 1> near{};
  for (int i = 0; i < n; ++i) {
    std::size_t count = 0;
    for (int k = std::max(0, i - half); k <= std::min(n - 1, i + half); ++k) {
      if (const double v = values[static_cast<std::size_t>(k)]; !std::isnan(v)) {
        near[count++] = v;
      }
    }
    if (count > 0) {
      out[static_cast<std::size_t>(i)] = medianOfFew(near.data(), count);
    }
  }
  return out;
}

bool placeIsLost(const std::vector<Tooth>& teeth, int ringTeeth) {
  // Common practice, no source: a hand that lets a wheel go changes its pace by less within a few
  // teeth, and a sixth of a turn blurs a swell once a turn without hiding it.
  constexpr double kPace = 0.4;
  const double most = ringTeeth / 6.0;
  const Tooth* known = nullptr;  // the latest whose period is known
  bool paused = false;
  for (const auto& t : teeth) {
    if (t.turnedBack) {
      return true;
    }
    paused = paused || (t.stood && t.lost == 0);
    if (!(t.periodS > 0)) {
      continue;
    }
    if (known && paused) {
      const double away = t.riseS - known->riseS - known->periodS;
      const double faster = std::min(known->periodS, t.periodS);
      if (std::abs(std::log(known->periodS / t.periodS)) > kPace || away > most * faster) {
        return true;
      }
    }
    known = &t;
    paused = t.stood && t.lost == 0;
  }
  return false;
}

}  // namespace haybale::trace
