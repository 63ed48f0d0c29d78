#include "core/trace/held.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"
#include "core/trace/noise.h"

namespace haybale::trace {

namespace {

constexpr double kJumps = 0.2;         // of the half swing, at least
constexpr double kCoarseJumps = 0.6;   // the same, where the steps of the converter are coarse
constexpr double kFlat = 0.1;          // of the half swing, at most
constexpr std::size_t kLeastHeld = 3;  // samples of a stretch
constexpr std::size_t kSpike = 4;      // samples of one
constexpr std::size_t kTells = 200;    // samples of it that tell its level
constexpr std::size_t kMostJumps = 100'000;  // a line that jumps more often is a square wave

// The steepest of the differences, but for one in two hundred, from one sample to the next, from
// stretches spread evenly.
double steepest(std::span<const float> samples) {
  constexpr std::size_t kEnough = 40'000;
  const std::size_t stride = std::max<std::size_t>(1, samples.size() / kEnough);
  std::vector<double> off;
  for (std::size_t i = 1; i < samples.size(); i += stride) {
    const double d = std::abs(static_cast<double>(samples[i]) - samples[i - 1]);
    if (!std::isnan(d)) {
      off.push_back(d);
    }
  }
  if (off.empty()) {
    return 0;
  }
  const auto at =
      off.begin() + static_cast<std::ptrdiff_t>(0.995 * static_cast<double>(off.size() - 1));
  std::nth_element(off.begin(), at, off.end());
  return *at;
}

class Holder {
 public:
  Holder(std::span<const float> samples, const Distribution& d, double noise, double period)
      : bounds_(d.bounds()), samples_(samples), period_(period) {
    const double step = converterStep(samples, d);
    const double half = (d.quantile(0.99) - d.quantile(0.01)) / 2;
    jump_ = std::max({8 * noise, 2 * steepest(samples), 2.2 * step, kJumps * half});
    flat_ = std::max(5 * noise, 1.2 * step);
    // A wave of a few steps of the converter is flat wherever it is slow.
    if (flat_ > kFlat * half) {
      period_ = 0;
      jump_ = std::max(jump_, kCoarseJumps * half);
    }
  }

  std::vector<Excursion> find(std::size_t most) {
    // In most stretches the line does not go as far as a jump.
    std::vector<std::size_t> jumps;
    for (std::size_t k = 0; k < bounds_.blocks() && jumps.size() <= kMostJumps; ++k) {
      const std::size_t at = std::max<std::size_t>(1, k * capture::Bounds::kBlock);
      const std::size_t to = std::min(samples_.size(), (k + 1) * capture::Bounds::kBlock);
      capture::Band band = bounds_.block(k);
      band.take(samples_[at - 1]);
      for (std::size_t i = at; band.extent() > jump_ && i < to; ++i) {
        if (isJump(i)) {
          jumps.push_back(i);
        }
      }
    }
    if (jumps.size() > kMostJumps) {
      return {};
    }
    for (const std::size_t at : jumps) {
      if (out_.empty() || at >= out_.back().to) {
        forward(at);
      }
      backward(at);
      if (out_.size() >= most) {
        break;
      }
    }
    return std::move(out_);
  }

 private:
  // From sample i - 1 to i, or over the one between where it was caught on its way.
  [[nodiscard]] bool isJump(std::size_t i) const {
    return std::abs(static_cast<double>(samples_[i]) - samples_[i - 1]) > jump_;
  }

  // Of a long stretch some hundred samples, spread evenly, tell its level.
  [[nodiscard]] double levelFrom(std::size_t from, std::size_t to) const {
    constexpr std::size_t kLooked = 200;
    const std::size_t stride = std::max<std::size_t>(1, (to - from) / kLooked);
    std::vector<double> some;
    some.reserve((to - from) / stride + 1);
    for (std::size_t i = from; i < to; i += stride) {
      if (!std::isnan(samples_[i])) {
        some.push_back(samples_[i]);
      }
    }
    return median(some);
  }

  // The flat stretch that begins at `at`; one sample may be the edge's.
  void forward(std::size_t at) {
    for (const std::size_t from : {at, at + 1}) {
      const std::size_t probe = std::min(samples_.size(), from + 9);
      if (from + kLeastHeld > samples_.size()) {
        return;
      }
      double level = levelFrom(from, std::min(probe, from + kLeastHeld));
      std::size_t to = reach(from, level);
      if (to - from > kLeastHeld) {
        level = levelFrom(from, std::min(to, from + kTells));
        to = reach(from, level);
      }
      if (to - from >= kLeastHeld && keeps(from, to, true)) {
        add(from, to);
        return;
      }
    }
  }

  // As far as the line stays at the level; a wild sample or two do not end it.
  [[nodiscard]] std::size_t reach(std::size_t from, double level) const {
    std::size_t to = from;
    for (std::size_t i = from; i < samples_.size() && i <= to + 2; ++i) {
      to = std::abs(samples_[i] - level) <= flat_ ? i + 1 : to;
    }
    return to;
  }

  // The flat stretch that ends before `at`, where nothing was found to begin it.
  void backward(std::size_t at) {
    const std::size_t last = out_.empty() ? 0 : out_.back().to;
    if (at < last + kLeastHeld) {
      return;
    }
    const double level = levelFrom(at - kLeastHeld, at);
    std::size_t from = at;
    while (from > last && std::abs(samples_[from - 1] - level) <= flat_) {
      --from;
    }
    if (at - from >= kLeastHeld && keeps(from, at, false)) {
      add(from, at);
    }
  }

  // Whether it is no crest: two jumps, or long for a wave. A level of five samples or more is the
  // median of all of them, and most lie close to it.
  [[nodiscard]] bool keeps(std::size_t from, std::size_t to, bool jumpedIn) const {
    const auto jumped = [&](std::size_t i) {
      return (i >= 1 && i < samples_.size() && isJump(i)) ||
             (i + 1 < samples_.size() && isJump(i + 1)) || (i >= 2 && isJump(i - 1));
    };
    // Of what lies closer to an end of the record than a spike nobody sees whether it is one.
    const bool ends = to + kSpike > samples_.size();
    const bool begins = from < kSpike;
    const bool both = (jumpedIn || jumped(from)) && jumped(to);
    const bool lasting =
        period_ > 0 && static_cast<double>(to - from) > 0.34 * period_ && !ends && !begins;
    return !ends && !begins && (both || lasting) && !betweenSpikes(from, to);
  }

  // A spike jumps there and back: before the one and behind the other the line stands where it
  // stands between them.
  [[nodiscard]] bool betweenSpikes(std::size_t from, std::size_t to) const {
    if (from < kSpike + kLeastHeld || to + kSpike + kLeastHeld > samples_.size()) {
      return false;
    }
    const double first = levelFrom(from, from + kLeastHeld);
    const double last = levelFrom(to - kLeastHeld, to);
    const double before = levelFrom(from - kSpike - kLeastHeld, from - kSpike);
    const double behind = levelFrom(to + kSpike, to + kSpike + kLeastHeld);
    return std::abs(before - first) <= 2 * flat_ && std::abs(behind - last) <= 2 * flat_;
  }

  void add(std::size_t from, std::size_t to) {
    out_.push_back({from, to, levelFrom(from, to), true});
  }

  const capture::Bounds& bounds_;
  std::span<const float> samples_;
  double period_;
  double jump_ = 0;
  double flat_ = 0;
  std::vector<Excursion> out_;
};

}  // namespace

std::vector<Excursion> heldStretches(std::span<const float> samples, const Distribution& d,
                                     double noiseRms, double period, std::size_t most) {
  return samples.size() < 16 ? std::vector<Excursion>{}
                             : Holder(samples, d, noiseRms, period).find(most);
}

}  // namespace haybale::trace
