#include "core/trace/levels.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <limits>
#include <utility>

#include "core/base/parallel.h"

namespace haybale::trace {

namespace {
constexpr std::size_t kBins = 4096;
constexpr double kTail = 0.001;
constexpr std::size_t kStretch = 2048;
constexpr std::size_t kMostCounted = 1U << 20;
}  // namespace

Distribution::Distribution(std::span<const float> samples) : bounds_(samples) {
  const capture::Band all = bounds_.over(0, samples.size());
  min_ = all.min;
  max_ = all.max;
  count_ = bounds_.count();
  if (count_ == 0) {
    min_ = max_ = mean_ = std::numeric_limits<double>::quiet_NaN();
    return;
  }
  mean_ = bounds_.sum() / static_cast<double>(count_);
  fill(samples, min_, max_);
  const double low = quantile(kTail);
  const double high = quantile(1 - kTail);
  if (high > low && (high - low) < 0.5 * (max_ - min_)) {
    const double step = (max_ - min_) / kBins;
    fill(samples, low - step, high + step);
  }
}

void Distribution::fill(std::span<const float> samples, double low, double high) {
  low_ = low;
  high_ = high;
  // Of a long record, stretches spread evenly over it tell the distribution.
  const std::size_t stretches = piecesOf(samples.size(), kStretch);
  const std::size_t step = std::max<std::size_t>(1, piecesOf(samples.size(), kMostCounted));
  const std::size_t taken = piecesOf(stretches, step);
  constexpr std::size_t kParts = 8;
  // Two tables in turn, for a line that stays would wait for its own last count; what lies under
  // and over, and what is lost, in a bin of its own each.
  constexpr std::size_t kUnder = kBins, kOver = kBins + 1, kLost = kBins + 2;
  using Table = std::array<std::uint32_t, kBins + 3>;
  std::vector<std::array<Table, 2>> parts(kParts);
  const double scale = high > low ? kBins / (high - low) : 0;
  const auto binOf = [&](float v) -> std::size_t {
    const double at = (v - low) * scale;
    const auto bin = static_cast<std::uint32_t>(at > 0 ? std::min(at, kBins - 1.0) : 0.0);
    return v < low ? kUnder : v > high ? kOver : std::isnan(v) ? kLost : bin;
  };
  parallelFor(kParts, [&](std::size_t p) {
    auto& [even, odd] = parts[p];
    for (std::size_t k = taken * p / kParts; k < taken * (p + 1) / kParts; ++k) {
      const auto [from, to] = pieceOf(samples.size(), kStretch, k * step);
      std::size_t i = from;
      for (; i + 1 < to; i += 2) {
        ++even[binOf(samples[i])];
        ++odd[binOf(samples[i + 1])];
      }
      if (i < to) {
        ++even[binOf(samples[i])];
      }
    }
  });
  counted_ = 0;
  under_ = 0;
  cumulative_.assign(kBins, 0);
  for (const auto& part : parts) {
    for (const Table& table : part) {
      under_ += table[kUnder];
      counted_ += table[kOver];
      for (std::size_t b = 0; b < kBins; ++b) {
        cumulative_[b] += table[b];
      }
    }
  }
  double sum = under_;
  for (auto& bin : cumulative_) {
    sum += bin;
    bin = sum;
  }
  counted_ += sum;
}

double Distribution::quantile(double p) const {
  if (count_ == 0) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const double target = p * counted_;
  if (target <= under_) {
    return under_ > 0 ? min_ : low_;
  }
  const auto it = std::lower_bound(cumulative_.begin(), cumulative_.end(), target);
  if (it == cumulative_.end()) {
    return max_;
  }
  const auto bin = static_cast<std::size_t>(it - cumulative_.begin());
  const double before = bin == 0 ? under_ : cumulative_[bin - 1];
  const double inside = *it > before ? (target - before) / (*it - before) : 0.5;
  return low_ + (static_cast<double>(bin) + inside) * (high_ - low_) / kBins;
}

Distribution::Band Distribution::densest() const {
  Band out{quantile(0.5), quantile(0.7) - quantile(0.3)};
  for (int i = 0; i <= 60; ++i) {
    const double from = 0.01 * i;
    const double here = quantile(from + 0.4) - quantile(from);
    if (here < out.width) {
      out = {quantile(from + 0.2), here};
    }
  }
  return out;
}

std::optional<double> Distribution::noiseOfTwo() const {
  constexpr double kApart = 4;          // in widths of the wider one
  constexpr double kNormalHalf = 1.35;  // width over sigma that holds half of a normal distribution
  const auto densestFrom = [&](double first, double last) {
    Band out{0, max_ - min_};
    for (double from = first; from + 0.25 <= last + 1e-9; from += 0.01) {
      const double width = quantile(from + 0.25) - quantile(from);
      if (width < out.width) {
        out = {quantile(from + 0.125), width};
      }
    }
    return out;
  };
  const Band low = densestFrom(0, 0.5);
  const Band high = densestFrom(0.5, 1);
  const double width = std::max(low.width, high.width);
  return high.middle - low.middle > kApart * width ? std::optional(width / kNormalHalf)
                                                   : std::nullopt;
}

double Distribution::below(double value) const {
  if (value < low_) {
    return 0;
  }
  if (value >= high_ || high_ <= low_) {
    return counted_;
  }
  return cumulative_[std::min(kBins - 1,
                              static_cast<std::size_t>((value - low_) / (high_ - low_) * kBins))];
}

double Distribution::share(double low, double high) const {
  return counted_ > 0 ? (below(high) - below(low)) / counted_ : 0;
}

}  // namespace haybale::trace
