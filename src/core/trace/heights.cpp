#include "core/trace/heights.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/capture/extent.h"

namespace haybale::trace {

namespace {

// Least-squares parabola y = p + q x + r x² over the samples within `reach` of `at`; its value at
// the extremum when that lies inside, else the fitted value in the middle. The sample itself when
// there are too few, or some are lost. At an end of the record the window is narrower on both
// sides, so that the odd sums of x vanish.
double crest(std::span<const float> samples, std::size_t at, std::size_t reach, bool top) {
  reach = std::min({reach, at, samples.size() - 1 - at});
  if (reach < 2) {
    return samples[at];
  }
  const auto m = static_cast<double>(reach);
  const auto sums = capture::momentsOf(samples.subspan(at - reach, 2 * reach + 1));
  if (std::isnan(sums.y)) {
    return samples[at];
  }
  // From x counted from the left end to x counted from the middle.
  const double y0 = sums.y;
  const double y1 = sums.xy - m * sums.y;
  const double y2 = sums.xxy - 2 * m * sums.xy + m * m * sums.y;
  const double n = 2 * m + 1;
  const double s2 = m * (m + 1) * n / 3;               // sum of x²
  const double s4 = s2 * (3 * m * m + 3 * m - 1) / 5;  // sum of x⁴
  const double r = (n * y2 - s2 * y0) / (n * s4 - s2 * s2);
  const double p = (y0 - r * s2) / n;
  const double q = y1 / s2;
  const bool bends = top ? r < 0 : r > 0;
  const double x = bends ? -q / (2 * r) : 0;
  return std::abs(x) <= m ? p + q * x + r * x * x : p;
}

// Sums for a straight line through 2 * reach samples around `at`; t counts from `origin`.
struct Sums {
  double t = 0, tt = 0, y = 0, ty = 0;
};

Sums unevenSums(std::span<const float> samples, const capture::TimeBase& time, std::size_t at,
                std::size_t reach, double origin) {
  Sums out;
  for (std::size_t k = at - reach; k < at + reach; ++k) {
    const double t = time.at(k) - origin;
    const double y = samples[k];
    out.t += t;
    out.tt += t * t;
    out.y += y;
    out.ty += t * y;
  }
  return out;
}

Sums uniformSums(std::span<const float> samples, const capture::TimeBase& time, std::size_t at,
                 std::size_t reach, double origin) {
  const auto sums = capture::momentsOf(samples.subspan(at - reach, 2 * reach));
  const double n = 2.0 * static_cast<double>(reach);
  const double x1 = n * (n - 1) / 2;  // sum of 0 .. n-1
  const double x2 = x1 * (2 * n - 1) / 3;
  const double first = time.at(at - reach) - origin;
  const double step = time.stepS;
  return {n * first + step * x1, n * first * first + 2 * first * step * x1 + step * step * x2,
          sums.y, first * sums.y + step * sums.xy};
}

}  // namespace

double refinedRise(std::span<const float> samples, const capture::TimeBase& time, double centre,
                   const std::vector<Pulse>& pulses, std::size_t i) {
  const double riseS = pulses[i].riseS;
  const std::size_t at = pulses[i].firstSample;
  // The shorter of the cycles beside it: the other may be a pause.
  constexpr std::size_t kNone = std::numeric_limits<std::size_t>::max();
  const bool before = i > 0 && pulses[i].follows;
  const bool after = i + 1 < pulses.size() && pulses[i + 1].follows;
  const std::size_t cycle = std::min(before ? at - pulses[i - 1].firstSample : kNone,
                                     after ? pulses[i + 1].firstSample - at : kNone);
  if (cycle == kNone) {
    return riseS;
  }
  const std::size_t reach = cycle / 16;
  if (reach < 2 || at < reach || at + reach > samples.size()) {
    return riseS;
  }
  const Sums sums = time.uniform() ? uniformSums(samples, time, at, reach, riseS)
                                   : unevenSums(samples, time, at, reach, riseS);
  const double n = 2.0 * static_cast<double>(reach);
  const double y1 = sums.y - n * centre;
  const double ty = sums.ty - sums.t * centre;
  const double slope = (n * ty - sums.t * y1) / (n * sums.tt - sums.t * sums.t);
  const double shift = (sums.t - y1 / slope) / n;
  const double window = (time.at(at + reach - 1) - time.at(at - reach)) / 2;
  return slope > 0 && std::abs(shift) < window ? riseS + shift : riseS;
}

Extremes extremesOf(std::span<const float> samples, std::size_t from, std::size_t to,
                    const capture::Extent& e) {
  const auto cycle = samples.subspan(from, to - from);
  const std::size_t reach = cycle.size() / 10;
  const auto peaks = capture::peaksOf(cycle, e);
  return {crest(samples, from + peaks.lowAt, reach, false),
          crest(samples, from + peaks.highAt, reach, true),
          e.sum / static_cast<double>(std::max<std::size_t>(1, e.count))};
}

}  // namespace haybale::trace
