#include "core/trace/teeth.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/trace/median.h"
#include "core/trace/stands.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kAround = 8;  // neighbours either side that tell the speed
constexpr double kOffSpeed = 0.25;  // of the median: not taken for the speed
constexpr double kAbsent = 1.66;    // a pitch from here on has an absent tooth in it
// Absent teeth counted between two pulses at most: a stand of hours is no ring.
constexpr double kMostLost = 1e4;

// Where all neighbours are there and none is an outlier, the line through them passes their mean in
// the middle. NaN when that is not so.
double evenAt(const std::vector<float>& logs, std::size_t at) {
  if (at < kAround || at + kAround >= logs.size()) {
    return std::nan("");
  }
  const float* const v = logs.data() + at - kAround;
  float least = v[0];
  float most = v[0];
  float sum = 0;
  for (std::size_t i = 0; i < kAround; ++i) {
    const float before = v[i];
    const float after = v[kAround + 1 + i];
    least = std::min(least, std::min(before, after));
    most = std::max(most, std::max(before, after));
    sum += before + after;  // NaN when one is unknown
  }
  const bool even = most - least < static_cast<float>(kOffSpeed);
  return even ? std::exp(static_cast<double>(sum) / (2 * kAround)) : std::nan("");
}

// Of positive values given by their logarithms (NaN: none): what a robust straight line through
// the neighbours' has at `at`; the value there itself is not used. 0 when there are too few.
double expectedAt(const std::vector<float>& logs, std::size_t at) {
  if (const double even = evenAt(logs, at); !std::isnan(even)) {
    return even;
  }
  double x[2 * kAround];
  double y[2 * kAround];
  std::size_t count = 0;
  // At an end of the train the window reaches as far to the other side.
  const std::size_t size = logs.size();
  std::size_t from = at > kAround ? at - kAround : 0;
  const std::size_t to = std::min(size, from + 2 * kAround + 1);
  from = to > 2 * kAround + 1 ? to - 2 * kAround - 1 : 0;
  for (std::size_t i = from; i < to && count < 2 * kAround; ++i) {
    if (i != at && !std::isnan(logs[i])) {
      x[count] = static_cast<double>(i) - static_cast<double>(at);
      y[count] = logs[i];
      ++count;
    }
  }
  if (count < 2) {
    return 0;
  }
  // When all lie close together none is an outlier, and the middle need not be known.
  const auto [least, most] = std::minmax_element(y, y + count);
  double middle = (*least + *most) / 2;
  if (*most - *least >= kOffSpeed || count < 4) {
    double sorted[2 * kAround];
    std::copy(y, y + count, sorted);
    middle = medianOfFew(sorted, count);
  }
  double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0;
  for (std::size_t i = 0; i < count; ++i) {
    if (std::abs(y[i] - middle) < kOffSpeed) {
      n += 1;
      sx += x[i];
      sy += y[i];
      sxx += x[i] * x[i];
      sxy += x[i] * y[i];
    }
  }
  const double spread = n * sxx - sx * sx;
  if (n < 4 || spread <= 0) {
    return std::exp(middle);
  }
  const double slope = (n * sxy - sx * sy) / spread;
  return std::exp((sy - slope * sx) / n);
}

// The same from the three neighbours on either side: each pair's mean is free of a steady trend,
// and the middle one of a tooth that is out of its place or absent.
double expectedNearby(const std::vector<float>& logs, std::size_t at) {
  const auto pair = [&](std::size_t apart) -> double {
    if (at < apart || at + apart >= logs.size()) {
      return std::nan("");
    }
    return (static_cast<double>(logs[at - apart]) + logs[at + apart]) / 2;
  };
  std::vector<double> pairs;
  for (const std::size_t apart : {1, 2, 3}) {
    if (const double one = pair(apart); !std::isnan(one)) {
      pairs.push_back(one);
    }
  }
  return pairs.empty() ? 0
                       : std::exp(pairs.size() == 2 ? std::min(pairs[0], pairs[1]) : median(pairs));
}

// Median over single teeth of how far the expected period is off.
template <class Expected>
double typicalMiss(const std::vector<float>& logs, const Expected& expected) {
  constexpr std::size_t kEnough = 4000;
  std::vector<double> off;
  const std::size_t stride = std::max<std::size_t>(1, logs.size() / kEnough);
  for (std::size_t i = 0; i + 1 < logs.size(); i += stride) {
    const double even = std::isnan(logs[i]) ? 0 : expected(i);
    if (even > 0) {
      off.push_back(std::abs(logs[i] - std::log(even)));
    }
  }
  return off.size() < 8 ? 0 : median(off);
}

constexpr double kMissWorthASecondLook = 0.02;
constexpr double kClearlyNearer = 0.8;

// Logarithms of what `get` says of each tooth; NaN where that is not positive.
template <class Get>
std::vector<float> logsOf(const std::vector<Tooth>& teeth, const Get& get) {
  std::vector<float> logs(teeth.size());
  eachInParallel(teeth.size(), kGrain, [&](std::size_t i) {
    const double value = get(teeth[i]);
    logs[i] = value > 0 ? static_cast<float>(std::log(value)) : std::nanf("");
  });
  return logs;
}

void takeCycles(std::vector<Tooth>& teeth, const std::vector<Cycle>& cycles) {
  std::size_t cycle = 0;
  for (auto& tooth : teeth) {
    while (cycle < cycles.size() && cycles[cycle].startS < tooth.riseS) {
      ++cycle;
    }
    if (cycle < cycles.size() && cycles[cycle].startS == tooth.riseS) {
      tooth.halfSwing = (cycles[cycle].high - cycles[cycle].low) / 2;
    }
  }
}

}  // namespace

std::vector<Tooth> teethOf(const std::vector<Pulse>& pulses, const std::vector<Cycle>& cycles,
                           bool smooth, const Spinning& spinning) {
  std::vector<Tooth> teeth(pulses.size());
  eachInParallel(pulses.size(), kGrain, [&](std::size_t i) {
    teeth[i].riseS = pulses[i].riseS;
    if (i + 1 < pulses.size()) {
      teeth[i].periodS = pulses[i + 1].riseS - pulses[i].riseS;
    }
  });
  if (smooth) {
    takeCycles(teeth, cycles);
  }
  const auto periods = logsOf(teeth, [](const Tooth& t) { return t.periodS; });
  const double miss = typicalMiss(periods, [&](std::size_t i) { return expectedAt(periods, i); });
  const bool nearby = miss > kMissWorthASecondLook && typicalMiss(periods, [&](std::size_t i) {
                                                        return expectedNearby(periods, i);
                                                      }) < kClearlyNearer * miss;
  eachInParallel(teeth.empty() ? 0 : teeth.size() - 1, kGrain, [&](std::size_t i) {
    Tooth& tooth = teeth[i];
    const double wide = nearby ? expectedNearby(periods, i) : 0;
    const double even = wide > 0 ? wide : expectedAt(periods, i);
    const double pitch = even > 0 ? tooth.periodS / even : 1;
    tooth.pitch = static_cast<float>(pitch);
    tooth.lost =
        pitch > kAbsent ? static_cast<int>(std::lround(std::min(pitch, kMostLost))) - 1 : 0;
    if (!pulses[i + 1].follows) {
      // How many teeth went by while samples were lost is a guess; that is all it tells.
      tooth.periodS = tooth.pitch = 0;
    }
  });
  for (std::size_t i = 0; i + 1 < teeth.size(); ++i) {
    teeth[i + 1].number = teeth[i].number + 1 + teeth[i].lost;
  }
  markStands(teeth, spinning);
  if (!smooth) {
    return teeth;
  }
  // A tooth in front of a loss has no cycle of its own to be measured by.
  const auto output = [](const Tooth& t) {
    return t.lost > 0 || t.pitch == 0 ? 0 : t.halfSwing * t.periodS;
  };
  const auto outputs = logsOf(teeth, output);
  eachInParallel(teeth.size(), kGrain, [&](std::size_t i) {
    const double own = output(teeth[i]);
    const double even = own > 0 ? expectedAt(outputs, i) : 0;
    teeth[i].strength = even > 0 ? static_cast<float>(own / even) : 0;
  });
  return teeth;
}

}  // namespace haybale::trace
