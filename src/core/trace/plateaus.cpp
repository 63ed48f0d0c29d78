#include "core/trace/plateaus.h"

#include <algorithm>
#include <array>
#include <numeric>
#include <vector>

#include "core/base/parallel.h"
#include "core/trace/noise.h"

namespace haybale::trace {

namespace {

// The two levels a square wave rests on: medians of the samples below and above the middle of the
// range. A sine spends 29 % of its time within 10 % of its ends, a square wave nearly all of it.
Plateaus plateausWithin(const Distribution& d, double trim, double step) {
  const double bottom = d.quantile(trim);
  const double top = d.quantile(1 - trim);
  const double middle = (bottom + top) / 2;
  const double shareBelow = std::clamp(d.share(-1e30, middle), 0.001, 0.999);
  const double low = d.quantile(shareBelow / 2);
  const double high = d.quantile((1 + shareBelow) / 2);
  // A level may lie between two codes of the converter.
  const double near = std::max(0.12 * (high - low), std::min(1.2 * step, 0.25 * (high - low)));
  const double resting = d.share(low - near, low + near) + d.share(high - near, high + near);
  return {low, high, resting > 0.75, resting};
}

// Levels at which the line dwells, ascending: where a narrow band holds more than its neighbours
// and at least two in a hundred samples.
std::vector<double> dwellsOf(const Distribution& d) {
  constexpr int kSteps = 160;
  constexpr int kHalf = 2;  // of the band, in steps
  constexpr double kLeast = 0.02;
  // The outermost levels, too, lie in the middle of a band.
  const double step = (d.quantile(0.9995) - d.quantile(0.0005)) / kSteps;
  const double low = d.quantile(0.0005) - kHalf * step;
  constexpr int kLast = kSteps + 2 * kHalf;
  std::vector<double> share(kLast + 1);
  for (int i = 0; i <= kLast; ++i) {
    share[static_cast<std::size_t>(i)] =
        d.share(low + (i - kHalf) * step, low + (i + kHalf) * step);
  }
  // A level narrower than the band gives as much wherever the band holds all of it: its middle
  // is that of those places.
  constexpr double kAlike = 0.97;
  struct Dwell {
    int centre;
    double share;
  };
  std::vector<Dwell> found;
  const auto at = [&](int i) {
    return i < 0 || i > kLast ? 0 : share[static_cast<std::size_t>(i)];
  };
  for (int i = 0, last = 0; i <= kLast; i = last + 1) {
    double most = at(i);
    for (last = i; last < kLast && at(last + 1) >= kAlike * most && most >= kAlike * at(last + 1);
         ++last) {
      most = std::max(most, at(last + 1));
    }
    if (most >= kLeast && at(i - 1) < most && at(last + 1) < most) {
      found.push_back({(i + last) / 2, most});
    }
  }
  std::vector<double> out;
  for (const auto& one : found) {
    const bool beside = std::any_of(found.begin(), found.end(), [&](const Dwell& other) {
      return other.share > one.share && std::abs(other.centre - one.centre) <= 2 * kHalf;
    });
    if (!beside) {
      out.push_back(low + one.centre * step);
    }
  }
  return out;
}

// A level between two codes of the converter dwells on both.
std::vector<double> oneForTwoCodes(const std::vector<double>& dwells, double step) {
  constexpr double kNextCode = 1.2;
  std::vector<double> out;
  for (std::size_t i = 0; i < dwells.size(); ++i) {
    const bool two = i + 1 < dwells.size() && dwells[i + 1] - dwells[i] < kNextCode * step;
    out.push_back(two ? (dwells[i] + dwells[i + 1]) / 2 : dwells[i]);
    i += two ? 1 : 0;
  }
  return out;
}

// Two neighbouring levels at which the line dwells, the samples near them its plateaus.
Plateaus plateausAt(const Distribution& d, double low, double high) {
  const double near = 0.2 * (high - low);
  const auto middleNear = [&](double level) {
    const double below = d.share(-1e30, level - near);
    const double inside = d.share(level - near, level + near);
    return d.quantile(below + inside / 2);
  };
  const double a = middleNear(low);
  const double b = middleNear(high);
  const double inner = 0.12 * (b - a);
  const double resting = d.share(a - inner, a + inner) + d.share(b - inner, b + inner);
  const double between = d.share(a - inner, b + inner);
  return {a, b, between > 0.2 && resting > 0.75 * between, resting / std::max(1e-12, between)};
}

// The third level lay so that the two were found, and only seemed not to hold enough.
bool areTheSame(const Plateaus& a, const Plateaus& b) {
  constexpr double kNear = 0.05;
  const double near = kNear * (a.high - a.low);
  return std::abs(a.low - b.low) < near && std::abs(a.high - b.high) < near;
}

}  // namespace

bool restsOnTwo(const Distribution& d) {
  constexpr double kNearlyAll = 0.93;
  return plateausWithin(d, 0.005, 0).share > kNearlyAll;
}

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
  const double step = converterStep(samples, d);
  Plateaus best = plateausWithin(d, 0.005, step);
  const auto changes = [&](const Plateaus& p) {
    return changesOf(samples, time, {(p.low + p.high) / 2, 0.25 * (p.high - p.low)});
  };
  constexpr std::size_t kFewChanges = 4;
  std::size_t most = 2 * changes(best) + kFewChanges;
  for (const double trim : {0.06, 0.15}) {
    const Plateaus p = plateausWithin(d, trim, step);
    const std::size_t count = p.square && p.high > p.low ? changes(p) : 0;
    if (count > most) {
      most = count;
      best = p;
    }
  }
  // Beside stretches at a third level, for however long. Neighbouring steps of the converter are no
  // two levels.
  const double apart = std::max(2.5 * step, 8 * noiseRms(samples));
  const auto dwells = oneForTwoCodes(dwellsOf(d), step);
  constexpr std::size_t kMostLevels = 6;
  for (std::size_t i = 0;
       dwells.size() > 2 && dwells.size() <= kMostLevels && i + 1 < dwells.size(); ++i) {
    const Plateaus p = plateausAt(d, dwells[i], dwells[i + 1]);
    const std::size_t count = p.square && p.high - p.low > apart ? changes(p) : 0;
    if (count > most || (count > kFewChanges && areTheSame(p, best) && p.share > best.share)) {
      most = count;
      best = p;
    }
  }
  // Two neighbouring steps of the converter, with others beyond, are one level that flickers.
  constexpr double kSteps = 2.2;
  const double range = d.quantile(0.9995) - d.quantile(0.0005);
  best.square = best.square && (best.high - best.low > kSteps * step || range < kSteps * step);
  return best;
}

}  // namespace haybale::trace
