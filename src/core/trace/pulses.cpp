#include "core/trace/pulses.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/parallel.h"
#include "core/capture/extent.h"

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

namespace {

constexpr float kInfinite = std::numeric_limits<float>::infinity();

// Where the line passed the centre on its way to sample `i`, going back no further than `first`:
// the sample behind the crossing, and its time.
struct Passing {
  std::size_t sample;
  double s;
};
template <class Was>
Passing passingBefore(std::span<const float> samples, const capture::TimeBase& time,
                      std::size_t first, std::size_t i, double centre, const Was& wasOtherSide) {
  while (i > first) {
    if (wasOtherSide(samples[i - 1])) {
      return {i, crossing(samples, time, i, centre)};
    }
    --i;
  }
  return {first, time.at(first)};
}

// A long record is read in stretches on all cores. Each begins and ends well outside its own part,
// so that what was before has worn off and the last pulse finds its fall. Where the parts lie
// depends on the record alone.
template <class Find>
std::vector<Pulse> inStretches(std::span<const float> samples, const capture::TimeBase& time,
                               const Find& find) {
  constexpr std::size_t kPart = 4U << 20;
  constexpr std::size_t kOutside = 1U << 18;
  const std::size_t parts = piecesOf(samples.size(), kPart);
  if (parts < 2 || !time.uniform()) {
    return find(samples, time);
  }
  std::vector<std::vector<Pulse>> found(parts);
  parallelFor(parts, [&](std::size_t p) {
    const auto [from, to] = pieceOf(samples.size(), kPart, p);
    const std::size_t first = from > kOutside ? from - kOutside : 0;
    const std::size_t last = std::min(samples.size(), to + kOutside);
    capture::TimeBase own;
    own.startS = time.at(first);
    own.stepS = time.stepS;
    for (Pulse pulse : find(samples.subspan(first, last - first), own)) {
      pulse.firstSample += first;
      if (pulse.firstSample >= from && pulse.firstSample < to) {
        found[p].push_back(pulse);
      }
    }
  });
  std::vector<Pulse> all;
  for (auto& part : found) {
    if (!part.empty() && !all.empty() && !part.front().follows) {
      // The pulse before lay outside of what this part saw.
      const std::size_t before = all.back().firstSample;
      part.front().follows =
          capture::runsOfLost(samples.subspan(before, part.front().firstSample - before)) == 0;
    }
    all.insert(all.end(), part.begin(), part.end());
  }
  return all;
}

std::vector<Pulse> pulsesWithin(std::span<const float> samples, const capture::TimeBase& time,
                                const Threshold& threshold) {
  enum class State { unknown, low, high };
  std::vector<Pulse> pulses;
  const auto upper = static_cast<float>(threshold.centre + threshold.hysteresis);
  const auto lower = static_cast<float>(threshold.centre - threshold.hysteresis);
  const auto centre = static_cast<float>(threshold.centre);
  State state = State::unknown;
  bool unbroken = false;  // no gap since the last pulse
  std::size_t first = 0;  // of the stretch without a gap
  for (std::size_t i = 0; i < samples.size();) {
    i = capture::firstBeyond(samples, i, samples.size(), state == State::low ? -kInfinite : lower,
                             state == State::high ? kInfinite : upper);
    if (i >= samples.size()) {
      break;
    }
    if (std::isnan(samples[i])) {
      unbroken = false;
      state = State::unknown;
      first = ++i;
    } else if (samples[i] > upper) {
      if (i > first) {
        const auto rise = passingBefore(samples, time, first, i, threshold.centre,
                                        [&](float v) { return v < centre; });
        pulses.push_back({rise.s, std::numeric_limits<double>::quiet_NaN(), rise.sample, unbroken});
        unbroken = true;
      }
      state = State::high;
    } else {
      if (state == State::high && unbroken && !pulses.empty()) {
        pulses.back().fallS =
            passingBefore(samples, time, first, i, threshold.centre, [&](float v) {
              return v >= centre;
            }).s;
      }
      state = State::low;
    }
  }
  return pulses;
}

}  // namespace

std::vector<Pulse> findPulses(std::span<const float> samples, const capture::TimeBase& time,
                              const Threshold& threshold) {
  return inStretches(samples, time, [&](auto part, const auto& own) {
    return pulsesWithin(part, own, threshold);
  });
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
    while (at_ < samples_.size()) {
      if (std::isnan(samples_[at_])) {
        lose();
      } else if (fresh_) {
        begin();
      } else {
        step();
      }
    }
    return std::move(pulses_);
  }

 private:
  enum class State { unknown, low, high };

  void setBand() {
    band_ = std::max(least_, kDeadBand * height_);
    upper_ = static_cast<float>(centre_ + band_);
    lower_ = static_cast<float>(centre_ - band_);
  }

  void lose() {
    fresh_ = true;
    unbroken_ = false;
    state_ = State::unknown;
    ++at_;
  }

  void begin() {
    fresh_ = false;
    first_ = settled_ = at_;
    const float v = samples_[at_];
    state_ = v > upper_ ? State::high : v < lower_ ? State::low : State::unknown;
    ++at_;
  }

  // To the next sample that leaves the dead band on the other side, or as far as patience lasts.
  void step() {
    const std::size_t left = samples_.size() - at_;
    const std::size_t reach = at_ + (patience_ > quiet_ ? std::min(left, patience_ - quiet_) : 1);
    const std::size_t i =
        capture::firstBeyond(samples_, at_, reach, state_ == State::low ? -kInfinite : lower_,
                             state_ == State::high ? kInfinite : upper_);
    quiet_ += std::min(i + 1, reach) - at_;
    at_ = std::min(i + 1, reach);
    if (i < reach) {
      if (std::isnan(samples_[i])) {
        at_ = i;
        return;
      }
      if (samples_[i] > upper_) {
        rise(i);
        state_ = State::high;
      } else {
        fall(i);
        state_ = State::low;
      }
    }
    if (quiet_ > patience_ || (i >= reach && quiet_ >= patience_)) {
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
    // Of a stretch that lies on the centre exactly, its end is the rise.
    const auto passing = passingBefore(samples_, time_, first_, i, centre_,
                                       [&](float v) { return v - centre_ <= 0; });
    riseS_ = passing.s;
    riseSample_ = passing.sample;
    sharpen(i);
    pulses_.push_back({riseS_, std::numeric_limits<double>::quiet_NaN(), riseSample_, unbroken_});
    if (unbroken_ && pulses_.size() > 1) {
      cycle_ = riseSample_ - pulses_[pulses_.size() - 2].firstSample;
      patience_ = 3 * cycle_ + 8;
    }
    unbroken_ = true;
    quiet_ = 0;
  }

  void fall(std::size_t i) {
    if (state_ == State::high && unbroken_ && !pulses_.empty()) {
      pulses_.back().fallS = passingBefore(samples_, time_, first_, i, centre_, [&](float v) {
                               return v - centre_ >= 0;
                             }).s;
    }
    settle(i);
  }

  // The height follows the swings, a spike at most by half.
  void settle(std::size_t i) {
    const capture::Extent e = capture::extentOf(samples_.subspan(settled_, i + 1 - settled_));
    const double peak = std::max(e.max - centre_, centre_ - e.min);
    height_ += 0.4 * (std::min(peak, 1.5 * height_) - height_);
    settled_ = i + 1;
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
  float upper_ = 0;
  float lower_ = 0;
  State state_ = State::unknown;
  bool fresh_ = true;
  bool unbroken_ = false;
  double riseS_ = 0;
  std::size_t riseSample_ = 0;
  std::size_t at_ = 0;
  std::size_t first_ = 0;    // of the stretch without a gap
  std::size_t settled_ = 0;  // behind the sample at which the height was last settled
  std::size_t cycle_ = 0;    // samples from the pulse before the last to the last
  std::size_t quiet_ = 0;
  std::size_t patience_ = std::numeric_limits<std::size_t>::max();
  std::vector<Pulse> pulses_;
};

}  // namespace

std::vector<Pulse> findSwings(std::span<const float> samples, const capture::TimeBase& time,
                              double centre, double least) {
  return inStretches(samples, time, [&](auto part, const auto& own) {
    return SwingFinder(part, own, centre, least).run();
  });
}

namespace {

struct Extremes {
  double low;
  double high;
  double mean;
};

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

Extremes extremesOf(std::span<const float> samples, std::size_t from, std::size_t to) {
  const auto cycle = samples.subspan(from, to - from);
  const capture::Extent e = capture::extentOf(cycle);
  const std::size_t reach = cycle.size() / 10;
  const auto peaks = capture::peaksOf(cycle, e);
  return {crest(samples, from + peaks.lowAt, reach, false),
          crest(samples, from + peaks.highAt, reach, true),
          e.sum / static_cast<double>(std::max<std::size_t>(1, e.count))};
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

void refineRises(std::span<const float> samples, const capture::TimeBase& time, double centre,
                 std::vector<Pulse>& pulses) {
  std::vector<double> refined(pulses.size());
  const auto refine = [&](std::size_t i) {
    refined[i] = pulses[i].riseS;
    const bool before = i > 0 && pulses[i].follows;
    const bool after = i + 1 < pulses.size() && pulses[i + 1].follows;
    const std::size_t at = pulses[i].firstSample;
    const std::size_t cycle = before  ? at - pulses[i - 1].firstSample
                              : after ? pulses[i + 1].firstSample - at
                                      : 0;
    const std::size_t reach = cycle / 16;
    if (reach < 2 || at < reach || at + reach > samples.size()) {
      return;
    }
    const Sums sums = time.uniform() ? uniformSums(samples, time, at, reach, pulses[i].riseS)
                                     : unevenSums(samples, time, at, reach, pulses[i].riseS);
    const double n = 2.0 * static_cast<double>(reach);
    const double y1 = sums.y - n * centre;
    const double ty = sums.ty - sums.t * centre;
    const double t1 = sums.t;
    const double tt = sums.tt;
    const double slope = (n * ty - t1 * y1) / (n * tt - t1 * t1);
    const double shift = (t1 - y1 / slope) / n;
    const double window = (time.at(at + reach - 1) - time.at(at - reach)) / 2;
    if (slope > 0 && std::abs(shift) < window) {
      refined[i] += shift;
    }
  };
  eachInParallel(pulses.size(), refine);
  for (std::size_t i = 0; i < pulses.size(); ++i) {
    pulses[i].riseS = refined[i];
  }
}

std::vector<Cycle> findCycles(std::span<const float> samples, const std::vector<Pulse>& pulses) {
  std::vector<Cycle> cycles(pulses.empty() ? 0 : pulses.size() - 1);
  eachInParallel(cycles.size(), [&](std::size_t i) {
    const Pulse& now = pulses[i];
    const Pulse& next = pulses[i + 1];
    if (!next.follows || next.firstSample <= now.firstSample || !(next.riseS > now.riseS)) {
      return;  // its period stays 0
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
    cycles[i] = cycle;
  });
  std::erase_if(cycles, [](const Cycle& c) { return c.periodS == 0; });
  return cycles;
}

}  // namespace haybale::trace
