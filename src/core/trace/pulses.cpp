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

// The height of the first swings: peak over the first three turns of sign beyond `least`, or over
// all when there are fewer.
double firstHeight(std::span<const float> samples, double centre, double least) {
  double peak = 0;
  int sign = 0;
  int turns = 0;
  for (const float v : samples) {
    const double off = static_cast<double>(v) - centre;
    if (!(std::abs(off) > least)) {
      continue;
    }
    peak = std::max(peak, std::abs(off));
    const int now = off > 0 ? 1 : -1;
    turns += sign != 0 && now != sign ? 1 : 0;
    sign = now;
    if (turns >= 3) {
      break;
    }
  }
  return peak;
}

constexpr double kDeadBand = 0.2;  // of the height of the swings before

// Follows the wave sample by sample; a pulse is made when it went below the dead band and above it.
class SwingFinder {
 public:
  SwingFinder(std::span<const float> samples, const capture::TimeBase& time, double centre,
              double least)
      : samples_(samples),
        time_(time),
        centre_(centre),
        least_(least),
        height_(firstHeight(samples, centre, least)) {
    setBand();
  }

  std::vector<Pulse> run() {
    for (std::size_t i = 0; i < samples_.size(); ++i) {
      if (std::isnan(samples_[i])) {
        lose();
      } else if (fresh_) {
        begin(i);
      } else {
        take(i);
      }
    }
    return std::move(pulses_);
  }

 private:
  enum class State { unknown, low, high };

  void setBand() { band_ = std::max(least_, kDeadBand * height_); }

  void lose() {
    fresh_ = true;
    unbroken_ = false;
    state_ = State::unknown;
  }

  void begin(std::size_t i) {
    fresh_ = false;
    const double off = samples_[i] - centre_;
    state_ = off > band_ ? State::high : off < -band_ ? State::low : State::unknown;
    riseSample_ = i;
    riseS_ = fallS_ = time_.at(i);
    peak_ = std::abs(off);
  }

  void take(std::size_t i) {
    const double off = samples_[i] - centre_;
    const double before = samples_[i - 1] - centre_;
    // Of a stretch that lies on the centre exactly, its end is the rise.
    if (before <= 0 && off > 0) {
      riseS_ = crossing(samples_, time_, i, centre_);
      riseSample_ = i;
    } else if (before >= 0 && off < 0) {
      fallS_ = crossing(samples_, time_, i, centre_);
    }
    peak_ = std::max(peak_, std::abs(off));
    if (off > band_ && state_ != State::high) {
      rise(i);
      state_ = State::high;
    } else if (off < -band_ && state_ != State::low) {
      if (state_ == State::high && unbroken_ && !pulses_.empty()) {
        pulses_.back().fallS = fallS_;
      }
      settle();
      state_ = State::low;
    }
    if (++quiet_ > patience_) {
      relax();
    }
  }

  // A line that lay just above the centre for a while, as over an absent tooth, has not been rising
  // since: then the rise is where it left the quarter of the dead band.
  void sharpen(std::size_t i) {
    if (cycle_ == 0 || i - riseSample_ <= cycle_ / 5) {
      return;
    }
    const double foot = centre_ + 0.25 * band_;
    std::size_t at = i;
    while (at > riseSample_ + 1 && samples_[at - 1] > foot) {
      --at;
    }
    riseSample_ = at;
    riseS_ = crossing(samples_, time_, at, foot);
  }

  void rise(std::size_t i) {
    sharpen(i);
    pulses_.push_back({riseS_, std::numeric_limits<double>::quiet_NaN(), riseSample_, unbroken_});
    if (unbroken_ && pulses_.size() > 1) {
      cycle_ = riseSample_ - pulses_[pulses_.size() - 2].firstSample;
      patience_ = 3 * cycle_ + 8;
    }
    unbroken_ = true;
    quiet_ = 0;
  }

  // The height follows the swings, a spike at most by half.
  void settle() {
    height_ += 0.4 * (std::min(peak_, 1.5 * height_) - height_);
    peak_ = 0;
    setBand();
  }

  // No pulse for three cycles: the wheel may have slowed down, and its swings with it.
  void relax() {
    height_ *= 0.8;
    setBand();
    quiet_ -= patience_ / 3;
  }

  std::span<const float> samples_;
  const capture::TimeBase& time_;
  double centre_;
  double least_;
  double height_;
  double band_ = 0;
  State state_ = State::unknown;
  bool fresh_ = true;
  bool unbroken_ = false;
  double riseS_ = 0;
  double fallS_ = 0;
  double peak_ = 0;
  std::size_t riseSample_ = 0;
  std::size_t cycle_ = 0;  // samples from the pulse before the last to the last
  std::size_t quiet_ = 0;
  std::size_t patience_ = std::numeric_limits<std::size_t>::max();
  std::vector<Pulse> pulses_;
};

}  // namespace

std::vector<Pulse> findSwings(std::span<const float> samples, const capture::TimeBase& time,
                              double centre, double least) {
  return SwingFinder(samples, time, centre, least).run();
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
