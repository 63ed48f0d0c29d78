#include "core/trace/pulse_finders.h"

#include <algorithm>
#include <cmath>

#include "core/capture/extent.h"

namespace haybale::trace {

namespace {

constexpr float kInfinite = std::numeric_limits<float>::infinity();
constexpr double kDeadBand = 0.2;  // of the height of the swings before

double crossing(std::span<const float> samples, const capture::TimeBase& time, std::size_t i,
                double level) {
  // Between samples i-1 and i.
  const double before = samples[i - 1];
  const double after = samples[i];
  const double part =
      after == before ? 0 : std::clamp((level - before) / (after - before), 0.0, 1.0);
  return time.at(i - 1) + part * (time.at(i) - time.at(i - 1));
}

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

}  // namespace

EdgeFinder::EdgeFinder(std::span<const float> samples, const capture::TimeBase& time,
                       const Threshold& threshold)
    : samples_(samples),
      time_(time),
      centre_(threshold.centre),
      upper_(static_cast<float>(threshold.centre + threshold.hysteresis)),
      lower_(static_cast<float>(threshold.centre - threshold.hysteresis)) {}

void EdgeFinder::advance(std::size_t to) {
  while (at_ < to) {
    at_ = capture::firstBeyond(samples_, at_, to, state_ == State::low ? -kInfinite : lower_,
                               state_ == State::high ? kInfinite : upper_);
    if (at_ >= to) {
      return;
    }
    if (std::isnan(samples_[at_])) {
      unbroken_ = false;
      state_ = State::unknown;
      first_ = ++at_;
    } else {
      turn(at_);
    }
  }
}

void EdgeFinder::turn(std::size_t i) {
  const auto centre = static_cast<float>(centre_);
  if (samples_[i] > upper_) {
    if (i > first_) {
      const auto rise =
          passingBefore(samples_, time_, first_, i, centre_, [&](float v) { return v < centre; });
      pulses_.push_back({rise.s, std::numeric_limits<double>::quiet_NaN(), rise.sample, unbroken_});
      unbroken_ = true;
    }
    state_ = State::high;
    return;
  }
  if (state_ == State::high && unbroken_ && !pulses_.empty()) {
    pulses_.back().fallS =
        passingBefore(samples_, time_, first_, i, centre_, [&](float v) { return v >= centre; }).s;
  }
  state_ = State::low;
}

SwingFinder::SwingFinder(std::span<const float> samples, const capture::TimeBase& time,
                         double centre, double least)
    : samples_(samples),
      time_(time),
      centre_(centre),
      least_(least),
      height_(firstHeight(samples, centre, least)) {
  setBand();
}

void SwingFinder::advance(std::size_t to) {
  while (at_ < to) {
    if (std::isnan(samples_[at_])) {
      lose();
    } else if (fresh_) {
      begin();
    } else {
      step(to);
    }
  }
}

void SwingFinder::setBand() {
  band_ = std::max(least_, kDeadBand * height_);
  upper_ = static_cast<float>(centre_ + band_);
  lower_ = static_cast<float>(centre_ - band_);
}

void SwingFinder::lose() {
  fresh_ = true;
  unbroken_ = false;
  state_ = State::unknown;
  ++at_;
}

void SwingFinder::begin() {
  fresh_ = false;
  first_ = settled_ = at_;
  const float v = samples_[at_];
  state_ = v > upper_ ? State::high : v < lower_ ? State::low : State::unknown;
  ++at_;
}

// To the next sample that leaves the dead band on the other side, or as far as patience lasts.
void SwingFinder::step(std::size_t to) {
  const std::size_t left = to - at_;
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
void SwingFinder::sharpen(std::size_t i) {
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

void SwingFinder::rise(std::size_t i) {
  // Of a stretch that lies on the centre exactly, its end is the rise.
  const auto passing =
      passingBefore(samples_, time_, first_, i, centre_, [&](float v) { return v - centre_ <= 0; });
  riseS_ = passing.s;
  riseSample_ = passing.sample;
  sharpen(i);
  settle();
  pulses_.push_back({riseS_, std::numeric_limits<double>::quiet_NaN(), riseSample_, unbroken_});
  if (unbroken_ && pulses_.size() > 1) {
    cycle_ = riseSample_ - pulses_[pulses_.size() - 2].firstSample;
    patience_ = 3 * cycle_ + 8;
  }
  unbroken_ = true;
  quiet_ = 0;
}

void SwingFinder::fall(std::size_t i) {
  if (state_ == State::high && unbroken_ && !pulses_.empty()) {
    pulses_.back().fallS = passingBefore(samples_, time_, first_, i, centre_, [&](float v) {
                             return v - centre_ >= 0;
                           }).s;
  }
}

// At every rise the height follows the swing that is over, a spike at most by half.
void SwingFinder::settle() {
  const auto e = capture::extentOf(samples_.subspan(settled_, riseSample_ - settled_));
  extents_.push_back(e);
  settled_ = riseSample_;
  if (e.count > 0) {
    const double peak = std::max(e.max - centre_, centre_ - e.min);
    height_ += 0.4 * (std::min(peak, 1.5 * height_) - height_);
    setBand();
  }
}

// No pulse for three cycles: the wheel may have slowed down, and its swings with it.
void SwingFinder::relax() {
  height_ *= 0.8;
  setBand();
  quiet_ -= patience_ / 3;
}

}  // namespace haybale::trace
