#include "core/trace/live_trace.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace haybale::trace {

namespace {
// Teeth over whose time the frequency of now is taken: few enough to follow a hand's spin.
constexpr std::size_t kNow = 6;

std::size_t thinnedBy(double stepS) {
  constexpr double kJust = 1e-6;  // a rate told a hair too high is no more
  const double times = 1 / stepS / LiveTrace::kFastestHz;
  return static_cast<std::size_t>(std::max(1.0, std::ceil(times - kJust)));
}

}  // namespace

LiveTrace::LiveTrace(double stepS, units::Unit unit, const Options& options)
    : options_(options), stepS_(stepS), thinned_(thinnedBy(stepS)) {
  window_.time.stepS = stepS * static_cast<double>(thinned_.of());
  window_.channels.push_back({"", unit, {}});
}

void LiveTrace::take(std::span<const float> block, double startS) {
  if (block.empty()) {
    return;
  }
  auto& samples = window_.channels.front().samples;
  const double step = window_.time.stepS;
  if (samples.empty()) {
    window_.time.startS = countedS_ = droppedTo_ = startS;
  }
  const double endS =
      window_.time.at(samples.size()) + static_cast<double>(thinned_.waiting()) * stepS_;
  const double unseenS = samples.empty() ? 0 : startS - endS;
  if (unseenS > kWindowS) {
    // Nothing kept would be left: begin anew.
    samples.clear();
    thinned_.breakOff();
    window_.time.startS = startS;
  } else if (unseenS > 0.5 * step) {
    const auto lost = static_cast<std::size_t>(std::lround(unseenS / step));
    thinned_.breakOff();
    samples.insert(samples.end(), std::max<std::size_t>(1, lost),
                   std::numeric_limits<float>::quiet_NaN());
  }
  newestS_ = window_.time.at(samples.size());
  thinned_.take(block, samples);
  dropOld();
  if (samples.empty()) {
    return;  // a first block of fewer samples than make one
  }
  analysis_ = analyse(window_, 0, options_);
  tally_.seconds += static_cast<double>(block.size()) * stepS_;
  ++tally_.blocks;
  count();
}

void LiveTrace::dropOld() {
  auto& samples = window_.channels.front().samples;
  const auto most = static_cast<std::size_t>(kWindowS / window_.time.stepS);
  if (samples.size() > most) {
    const std::size_t old = samples.size() - most;
    samples.erase(samples.begin(), samples.begin() + static_cast<std::ptrdiff_t>(old));
    window_.time.startS = window_.time.at(old);
  }
}

// A pulse is counted once, though the next look may find its rise a little later; a dropout once
// the signal is back, for a wheel that was brought to a stand is none, and once two looks running
// found it, for the first blocks of a weak wheel that dies down are soon read as what is none.
void LiveTrace::count() {
  const auto& pulses = analysis_->pulses;
  const double apart = analysis_->frequencyHz ? 0.25 / analysis_->frequencyHz->max : 0;
  for (const auto& p : pulses) {
    if (p.riseS >= countedS_) {
      ++tally_.pulses;
      countedS_ = p.riseS + std::max(apart, 2 * window_.time.stepS);
    }
  }
  for (const auto& d : analysis_->dropouts) {
    const bool again = std::any_of(seen_.begin(), seen_.end(), [&](const Dropout& before) {
      return before.startS < d.endS && d.startS < before.endS;
    });
    if (!again || d.endS <= droppedTo_ || pulses.empty() || pulses.back().riseS < d.endS) {
      continue;
    }
    const bool grown = tally_.lastDropoutS && d.startS <= droppedTo_;
    if (!grown) {
      ++tally_.dropouts;
      tally_.lastDropoutS = d.startS;
    }
    droppedTo_ = d.endS;
  }
  seen_ = analysis_->dropouts;
}

double LiveTrace::hzNow() const {
  if (!analysis_ || analysis_->pulses.size() < 2) {
    return 0;
  }
  const auto& pulses = analysis_->pulses;
  std::size_t first = pulses.size() - 1;
  while (first > 0 && pulses.size() - first < kNow && pulses[first].follows) {
    --first;
  }
  const double span = pulses.back().riseS - pulses[first].riseS;
  return pulses.back().riseS >= newestS_ && span > 0
             ? static_cast<double>(pulses.size() - 1 - first) / span
             : 0;
}

std::optional<double> LiveTrace::kmhNow() const {
  const double hz = hzNow();
  if (hz <= 0 || !analysis_->speedKmh || !analysis_->frequencyHz) {
    return std::nullopt;
  }
  // Proportional to the frequency, on the same ring and tyre.
  return analysis_->speedKmh->median * hz / analysis_->frequencyHz->median;
}

std::optional<double> LiveTrace::sinceDropoutS() const {
  if (!tally_.lastDropoutS) {
    return std::nullopt;
  }
  return window_.time.at(window_.size()) - *tally_.lastDropoutS;
}

}  // namespace haybale::trace
