#include "core/trace/pulses.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace haybale::trace {

namespace {

double crossing(std::span<const float> samples, const capture::TimeBase& time, std::size_t i,
                double level) {
  // Between samples i-1 and i.
  const double before = samples[i - 1];
  const double after = samples[i];
  const double part =
      after == before ? 0 : std::clamp((level - before) / (after - before), 0.0, 1.0);
  return time.at(i - 1) + part * (time.at(i) - time.at(i - 1));
}

}  // namespace

std::vector<Pulse> findPulses(std::span<const float> samples, const capture::TimeBase& time,
                              const Threshold& threshold) {
  enum class State { unknown, low, high };
  std::vector<Pulse> pulses;
  const double upper = threshold.centre + threshold.hysteresis;
  const double lower = threshold.centre - threshold.hysteresis;
  const auto centre = static_cast<float>(threshold.centre);
  State state = State::unknown;
  bool fresh = true;      // no sample since the last gap
  bool unbroken = false;  // no gap since the last pulse
  double riseS = 0;       // latest rise through the centre
  double fallS = 0;
  std::size_t riseSample = 0;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    const float v = samples[i];
    if (std::isnan(v)) {
      fresh = true;
      unbroken = false;
      state = State::unknown;
      continue;
    }
    if (fresh) {
      fresh = false;
      state = v > upper ? State::high : v < lower ? State::low : State::unknown;
      riseS = fallS = time.at(i);
      riseSample = i;
      continue;
    }
    const float before = samples[i - 1];
    if (before < centre && v >= centre) {
      riseS = crossing(samples, time, i, threshold.centre);
      riseSample = i;
    } else if (before >= centre && v < centre) {
      fallS = crossing(samples, time, i, threshold.centre);
    }
    if (v > upper && state != State::high) {
      pulses.push_back({riseS, std::numeric_limits<double>::quiet_NaN(), riseSample, unbroken});
      unbroken = true;
      state = State::high;
    } else if (v < lower && state != State::low) {
      if (state == State::high && unbroken && !pulses.empty()) {
        pulses.back().fallS = fallS;
      }
      state = State::low;
    }
  }
  return pulses;
}

namespace {

struct Extremes {
  double low;
  double high;
  double mean;
};

// Least-squares parabola y = p + q x + r x² over the samples within `reach` of `at`; its value at
// the extremum when that lies inside, else the fitted value in the middle. Falls back to the sample
// itself when there are too few.
double crest(std::span<const float> samples, std::size_t at, std::size_t reach, bool top) {
  const std::size_t from = at > reach ? at - reach : 0;
  const std::size_t to = std::min(samples.size() - 1, at + reach);
  if (to - from < 4) {
    return samples[at];
  }
  double n = 0, s2 = 0, s4 = 0, s1 = 0, s3 = 0, y0 = 0, y1 = 0, y2 = 0;
  for (std::size_t i = from; i <= to; ++i) {
    const double y = samples[i];
    if (std::isnan(y)) {
      return samples[at];
    }
    const double x =
        (static_cast<double>(i) - static_cast<double>(at)) / static_cast<double>(reach);
    n += 1;
    s1 += x;
    s2 += x * x;
    s3 += x * x * x;
    s4 += x * x * x * x;
    y0 += y;
    y1 += x * y;
    y2 += x * x * y;
  }
  // Cramer's rule on the 3x3 normal equations.
  const auto det = [](double a, double b, double c, double d, double e, double f, double g,
                      double h, double k) {
    return a * (e * k - f * h) - b * (d * k - f * g) + c * (d * h - e * g);
  };
  const double whole = det(n, s1, s2, s1, s2, s3, s2, s3, s4);
  if (std::abs(whole) < 1e-12) {
    return samples[at];
  }
  const double p = det(y0, s1, s2, y1, s2, s3, y2, s3, s4) / whole;
  const double q = det(n, y0, s2, s1, y1, s3, s2, y2, s4) / whole;
  const double r = det(n, s1, y0, s1, s2, y1, s2, s3, y2) / whole;
  const bool bends = top ? r < 0 : r > 0;
  const double x = bends ? -q / (2 * r) : 0;
  return std::abs(x) <= 1 ? p + q * x + r * x * x : p;
}

Extremes extremesOf(std::span<const float> samples, std::size_t from, std::size_t to) {
  std::size_t lowAt = from;
  std::size_t highAt = from;
  double sum = 0;
  for (std::size_t i = from; i < to; ++i) {
    sum += samples[i];
    lowAt = samples[i] < samples[lowAt] ? i : lowAt;
    highAt = samples[i] > samples[highAt] ? i : highAt;
  }
  const std::size_t reach = (to - from) / 10;
  return {crest(samples, lowAt, reach, false), crest(samples, highAt, reach, true),
          sum / static_cast<double>(to - from)};
}

}  // namespace

void refineRises(std::span<const float> samples, const capture::TimeBase& time, double centre,
                 std::vector<Pulse>& pulses) {
  std::vector<double> refined(pulses.size());
  for (std::size_t i = 0; i < pulses.size(); ++i) {
    refined[i] = pulses[i].riseS;
    const bool before = i > 0 && pulses[i].follows;
    const bool after = i + 1 < pulses.size() && pulses[i + 1].follows;
    const std::size_t at = pulses[i].firstSample;
    const std::size_t cycle = before  ? at - pulses[i - 1].firstSample
                              : after ? pulses[i + 1].firstSample - at
                                      : 0;
    const std::size_t reach = cycle / 16;
    if (reach < 2 || at < reach || at + reach > samples.size()) {
      continue;
    }
    double n = 0, t1 = 0, y1 = 0, tt = 0, ty = 0;
    for (std::size_t k = at - reach; k < at + reach; ++k) {
      const double t = time.at(k) - pulses[i].riseS;
      const double y = samples[k] - centre;
      n += 1;
      t1 += t;
      y1 += y;
      tt += t * t;
      ty += t * y;
    }
    const double slope = (n * ty - t1 * y1) / (n * tt - t1 * t1);
    const double shift = (t1 - y1 / slope) / n;
    const double window = (time.at(at + reach - 1) - time.at(at - reach)) / 2;
    if (slope > 0 && std::abs(shift) < window) {
      refined[i] += shift;
    }
  }
  for (std::size_t i = 0; i < pulses.size(); ++i) {
    pulses[i].riseS = refined[i];
  }
}

std::vector<Cycle> findCycles(std::span<const float> samples, const std::vector<Pulse>& pulses) {
  std::vector<Cycle> cycles;
  cycles.reserve(pulses.size());
  for (std::size_t i = 0; i + 1 < pulses.size(); ++i) {
    const Pulse& now = pulses[i];
    const Pulse& next = pulses[i + 1];
    if (!next.follows || next.firstSample <= now.firstSample || !(next.riseS > now.riseS)) {
      continue;
    }
    const Extremes e = extremesOf(samples, now.firstSample, next.firstSample);
    Cycle cycle;
    cycle.startS = now.riseS;
    cycle.periodS = next.riseS - now.riseS;
    cycle.high = e.high;
    cycle.low = e.low;
    cycle.mean = e.mean;
    cycle.duty =
        std::isnan(now.fallS) ? 0 : std::clamp((now.fallS - now.riseS) / cycle.periodS, 0.0, 1.0);
    cycles.push_back(cycle);
  }
  return cycles;
}

}  // namespace haybale::trace
