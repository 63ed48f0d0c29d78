#include "core/trace/plateaus.h"

#include <algorithm>
#include <array>
#include <numeric>

#include "core/base/parallel.h"

namespace haybale::trace {

namespace {

// The two levels a square wave rests on: medians of the samples below and above the middle of the
// range. A sine spends 29 % of its time within 10 % of its ends, a square wave nearly all of it.
Plateaus plateausWithin(const Distribution& d, double trim) {
  const double bottom = d.quantile(trim);
  const double top = d.quantile(1 - trim);
  const double middle = (bottom + top) / 2;
  const double shareBelow = std::clamp(d.share(-1e30, middle), 0.001, 0.999);
  const double low = d.quantile(shareBelow / 2);
  const double high = d.quantile((1 + shareBelow) / 2);
  const double near = 0.12 * (high - low);
  const double resting = d.share(low - near, low + near) + d.share(high - near, high + near);
  return {low, high, resting > 0.75};
}

}  // namespace

std::size_t changesOf(std::span<const float> samples, const capture::TimeBase& time,
                      const Threshold& threshold) {
  constexpr std::size_t kStretch = 1U << 18;
  constexpr std::size_t kStretches = 8;
  if (samples.size() <= 2 * kStretch * kStretches) {
    return readEdges(samples, time, threshold, Heights::left).pulses.size();
  }
  std::array<std::size_t, kStretches> counts{};
  parallelFor(kStretches, [&](std::size_t k) {
    const std::size_t from = (samples.size() - kStretch) / (kStretches - 1) * k;
    counts[k] =
        readEdges(samples.subspan(from, kStretch), time, threshold, Heights::left).pulses.size();
  });
  return std::accumulate(counts.begin(), counts.end(), std::size_t{0});
}

Plateaus plateausOf(std::span<const float> samples, const capture::TimeBase& time,
                    const Distribution& d) {
  Plateaus best = plateausWithin(d, 0.005);
  const auto changes = [&](const Plateaus& p) {
    return changesOf(samples, time, {(p.low + p.high) / 2, 0.25 * (p.high - p.low)});
  };
  std::size_t most = 2 * changes(best) + 4;
  for (const double trim : {0.06, 0.15}) {
    const Plateaus p = plateausWithin(d, trim);
    const std::size_t count = p.square && p.high > p.low ? changes(p) : 0;
    if (count > most) {
      most = count;
      best = p;
    }
  }
  return best;
}

}  // namespace haybale::trace
