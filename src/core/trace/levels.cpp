#include "core/trace/levels.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <limits>
#include <utility>

#include "core/base/parallel.h"
#include "core/capture/extent.h"

namespace haybale::trace {

namespace {
constexpr std::size_t kBins = 4096;
constexpr double kTail = 0.001;
constexpr std::size_t kPiece = 1U << 18;
constexpr std::size_t kStretch = 2048;
constexpr std::size_t kMostCounted = 1U << 20;
}  // namespace

Distribution::Distribution(std::span<const float> samples) {
  std::vector<capture::Extent> extents(piecesOf(samples.size(), kPiece));
  parallelFor(extents.size(), [&](std::size_t i) {
    const auto [from, to] = pieceOf(samples.size(), kPiece, i);
    extents[i] = capture::extentOf(samples.subspan(from, to - from));
  });
  min_ = std::numeric_limits<double>::infinity();
  max_ = -min_;
  double sum = 0;
  for (const auto& e : extents) {
    min_ = std::min(min_, static_cast<double>(e.min));
    max_ = std::max(max_, static_cast<double>(e.max));
    sum += e.sum;
    count_ += e.count;
  }
  if (count_ == 0) {
    min_ = max_ = mean_ = std::numeric_limits<double>::quiet_NaN();
    return;
  }
  mean_ = sum / static_cast<double>(count_);
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
  const std::size_t step = std::max<std::size_t>(1, samples.size() / kMostCounted);
  const std::size_t taken = piecesOf(stretches, step);
  constexpr std::size_t kParts = 16;
  struct Part {
    std::vector<std::uint32_t> bins = std::vector<std::uint32_t>(kBins);
    std::size_t under = 0, counted = 0;
  };
  std::vector<Part> parts(kParts);
  const double scale = high > low ? kBins / (high - low) : 0;
  parallelFor(kParts, [&](std::size_t p) {
    Part& part = parts[p];
    for (std::size_t k = taken * p / kParts; k < taken * (p + 1) / kParts; ++k) {
      const auto [from, to] = pieceOf(samples.size(), kStretch, k * step);
      for (const float v : samples.subspan(from, to - from)) {
        if (v < low) {
          ++part.under;
          ++part.counted;
        } else if (v <= high) {
          ++part.bins[std::min(kBins - 1, static_cast<std::size_t>((v - low) * scale))];
          ++part.counted;
        } else if (v > high) {
          ++part.counted;
        }
      }
    }
  });
  counted_ = 0;
  under_ = 0;
  cumulative_.assign(kBins, 0);
  for (const auto& part : parts) {
    under_ += static_cast<double>(part.under);
    counted_ += static_cast<double>(part.counted);
    for (std::size_t b = 0; b < kBins; ++b) {
      cumulative_[b] += part.bins[b];
    }
  }
  double sum = under_;
  for (auto& bin : cumulative_) {
    sum += bin;
    bin = sum;
  }
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

namespace {

// A handful of values is a digital record: its steps are edges, none of them noise. Values that
// change all the time are those of a coarse converter. How many; 0 for any other record.
std::size_t digitalLevels(std::span<const float> samples) {
  constexpr std::size_t kMost = 8;
  constexpr std::size_t kSurely = 2;
  constexpr std::size_t kSeldom = 10;  // of so many samples one is an edge
  std::vector<float> seen;
  std::size_t edges = 0;
  float last = samples.empty() ? 0 : samples.front();
  for (const float v : samples) {
    edges += v != last && !std::isnan(v) ? 1 : 0;
    last = v;
    if (!std::isnan(v) && std::find(seen.begin(), seen.end(), v) == seen.end()) {
      seen.push_back(v);
      if (seen.size() > kMost) {
        return 0;
      }
    }
  }
  return seen.size() <= kSurely || kSeldom * edges < samples.size() ? seen.size() : 0;
}

// Whether a value now and then shows for a single sample, as one between two codes of a converter
// does.
bool flickers(std::span<const float> samples) {
  constexpr std::size_t kSeldom = 200;  // of so many changes
  std::size_t changes = 0;
  std::size_t brief = 0;
  for (std::size_t i = 1; i + 1 < samples.size(); ++i) {
    const bool changed = samples[i] != samples[i - 1];
    changes += changed ? 1 : 0;
    brief += changed && samples[i + 1] != samples[i] ? 1 : 0;
  }
  return kSeldom * brief > changes;
}

}  // namespace

namespace {

// Calls `see` with each difference between neighbours, of windows spread over the record, and
// `done` after each window.
template <class See, class Done>
void eachDifference(std::span<const float> samples, const See& see, const Done& done) {
  constexpr std::size_t kWindow = 512;
  constexpr std::size_t kWindows = 32;
  const std::size_t stride = std::max(kWindow, samples.size() / kWindows);
  for (std::size_t from = 0; from < samples.size(); from += stride) {
    for (std::size_t i = from + 1; i < std::min(samples.size(), from + kWindow); ++i) {
      const double d = std::abs(static_cast<double>(samples[i]) - samples[i - 1]);
      if (d > 0) {
        see(d);
      }
    }
    done();
  }
}

// Of each window in which anything changes, the smallest difference.
std::vector<double> stepsOf(std::span<const float> samples) {
  std::vector<double> out;
  double least = 0;
  eachDifference(
      samples, [&](double d) { least = least == 0 ? d : std::min(least, d); },
      [&] {
        if (least > 0) {
          out.push_back(least);
        }
        least = 0;
      });
  return out;
}

// A record that shows few differences, as one without noise between a few levels does: what all of
// them are whole multiples of (Euclid's), which may be a small part of the least.
double commonStep(std::span<const float> samples, double least) {
  constexpr std::size_t kFew = 48;
  constexpr double kSame = 0.04;  // of the least, and what rounding leaves
  std::vector<double> all;
  eachDifference(
      samples,
      [&](double d) {
        const auto near = [&](double o) { return std::abs(o - d) < kSame * least; };
        if (all.size() <= kFew && std::none_of(all.begin(), all.end(), near)) {
          all.push_back(d);
        }
      },
      [] {});
  if (all.size() > kFew) {
    return least;
  }
  double step = least;
  for (const double d : all) {
    double larger = d, smaller = step;
    while (smaller > kSame * least) {
      const double left = std::abs(larger - smaller * std::round(larger / smaller));
      larger = std::exchange(smaller, left);
    }
    step = larger;
  }
  return step;
}

double stepWithin(std::span<const float> samples, double min, double max) {
  const auto steps = stepsOf(samples);
  if (steps.empty()) {
    return 0;
  }
  const double least = *std::min_element(steps.begin(), steps.end());
  // Of a record without noise that has two levels the least difference is the swing itself: unless
  // it is small beside what the converter reaches to, it is none of its steps.
  constexpr double kOfTheRange = 0.3;
  constexpr double kOfTheReach = 0.02;
  // Three or four levels, and nothing of what a converter would show between them.
  constexpr std::size_t kFewLevels = 4;
  constexpr double kBetween = 0.7;
  constexpr double kTheLeast = 0.9;  // and no finer step explains them
  const std::size_t levels = digitalLevels(samples);
  const double range = max - min;
  const bool skips = levels > 2 && levels <= kFewLevels &&
                     static_cast<double>(levels - 1) * least < kBetween * range;
  if (skips && commonStep(samples, least) > kTheLeast * least && !flickers(samples)) {
    return 0;
  }
  // Seen beside greater ones; twice is what two like steps of a signal make, rounded as it may be.
  constexpr double kGreater = 2.05;
  if (*std::max_element(steps.begin(), steps.end()) > kGreater * least) {
    return commonStep(samples, least);
  }
  const double reach = std::max(std::abs(min), std::abs(max));
  const bool alone = least > kOfTheRange * range;
  return alone && least > kOfTheReach * reach ? 0 : commonStep(samples, least);
}

}  // namespace

double converterStep(std::span<const float> samples) {
  const auto extent = capture::extentOf(samples);
  return stepWithin(samples, extent.min, extent.max);
}

double converterStep(std::span<const float> samples, const Distribution& d) {
  return stepWithin(samples, d.min(), d.max());
}

double coarsestStep(std::span<const float> samples) {
  const auto steps = stepsOf(samples);
  return steps.empty() ? 0 : *std::max_element(steps.begin(), steps.end());
}

double noiseRms(std::span<const float> samples) {
  // A few thousand differences, spread over the record, settle a median.
  constexpr std::size_t kEnough = 20000;
  if (samples.size() < 8 || digitalLevels(samples) > 0) {
    return 0;
  }
  const std::size_t stride = std::max<std::size_t>(1, samples.size() / kEnough);
  std::vector<double> differences;
  for (std::size_t i = 3; i < samples.size(); i += stride) {
    const double d = static_cast<double>(samples[i]) - 3.0 * samples[i - 1] + 3.0 * samples[i - 2] -
                     samples[i - 3];
    if (!std::isnan(d)) {
      differences.push_back(std::abs(d));
    }
  }
  return differences.size() < 5 ? 0 : median(differences) / (0.6745 * std::sqrt(20.0));
}

namespace {

// Co-variances of a window's terms, the mean of each taken out.
struct Moments {
  double aa = 0, ab = 0, bb = 0, ay = 0, by = 0, yy = 0;
};

// What is left in a window of the difference equation of two sines, by least squares; per sample.
double besideSines(std::span<const float> w) {
  const auto terms = [&](std::size_t i) {
    return std::array<double, 3>{static_cast<double>(w[i - 1]) + w[i + 1], w[i],
                                 static_cast<double>(w[i - 2]) + w[i + 2]};
  };
  const double n = static_cast<double>(w.size()) - 4;
  std::array<double, 3> mean{};
  for (std::size_t i = 2; i + 2 < w.size(); ++i) {
    const auto t = terms(i);
    for (std::size_t k = 0; k < 3; ++k) {
      mean[k] += t[k] / n;
    }
  }
  Moments m;
  for (std::size_t i = 2; i + 2 < w.size(); ++i) {
    const auto t = terms(i);
    const double a = t[0] - mean[0], b = t[1] - mean[1], y = t[2] - mean[2];
    m.aa += a * a;
    m.ab += a * b;
    m.bb += b * b;
    m.ay += a * y;
    m.by += b * y;
    m.yy += y * y;
  }
  const double det = m.aa * m.bb - m.ab * m.ab;
  const bool both = det > 1e-9 * m.aa * m.bb;
  const double p = both ? (m.ay * m.bb - m.by * m.ab) / det : 0;
  const double q = both ? (m.by * m.aa - m.ay * m.ab) / det : m.bb > 0 ? m.by / m.bb : 0;
  const double left = std::max(0.0, m.yy - p * m.ay - q * m.by) / (n - 3);
  return std::sqrt(left / (2 + 2 * p * p + q * q));
}

}  // namespace

double noiseBesideWaveRms(std::span<const float> samples) {
  constexpr std::size_t kWindow = 32;
  constexpr std::size_t kEnough = 1000;
  const std::size_t stride = std::max(kWindow, samples.size() / kEnough);
  std::vector<double> left;
  for (std::size_t from = 0; from + kWindow <= samples.size(); from += stride) {
    const double here = besideSines(samples.subspan(from, kWindow));
    if (!std::isnan(here)) {
      left.push_back(here);
    }
  }
  return left.empty() ? 0 : median(left);
}

namespace {

// Of many values: those between two bounds that a sample sets closely around the middle, and how
// many lie below (Floyd and Rivest, "Algorithm 489: SELECT", CACM 18(3), 1975, from memory).
struct Narrowed {
  std::size_t below = 0;
  std::vector<double> inside;
};

Narrowed narrowed(const std::vector<double>& values) {
  constexpr std::size_t kSample = 2048;
  constexpr std::size_t kEitherSide = 100;      // more than four deviations of the middle's rank
  constexpr std::size_t kScatter = 2654435761;  // so that what repeats in the values is not met
  std::vector<double> sample(kSample);
  for (std::size_t i = 0; i < kSample; ++i) {
    sample[i] = values[i * kScatter % values.size()];
  }
  std::sort(sample.begin(), sample.end());
  const double low = sample[kSample / 2 - kEitherSide];
  const double high = sample[kSample / 2 + kEitherSide];
  Narrowed out;
  out.inside.reserve(values.size() / 8);
  for (const double v : values) {
    out.below += v < low ? 1 : 0;
    if (v >= low && v <= high) {
      out.inside.push_back(v);
    }
  }
  return out;
}

double middleOf(std::vector<double>& values, std::size_t rank, bool odd) {
  const auto middle = values.begin() + static_cast<std::ptrdiff_t>(rank);
  std::nth_element(values.begin(), middle, values.end());
  return odd ? *middle : (*middle + *std::max_element(values.begin(), middle)) / 2;
}

}  // namespace

double medianOfFew(double* values, std::size_t count) {
  for (std::size_t i = 1; i < count; ++i) {
    const double v = values[i];
    std::size_t at = i;
    for (; at > 0 && values[at - 1] > v; --at) {
      values[at] = values[at - 1];
    }
    values[at] = v;
  }
  return count % 2 == 1 ? values[count / 2] : (values[count / 2 - 1] + values[count / 2]) / 2;
}

double median(std::vector<double>& values) {
  if (values.empty()) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const std::size_t rank = values.size() / 2;
  const bool odd = values.size() % 2 == 1;
  constexpr std::size_t kMany = 20000;
  if (values.size() > kMany) {
    auto [below, inside] = narrowed(values);
    if (rank > below && rank - below < inside.size()) {
      return middleOf(inside, rank - below, odd);
    }
  }
  return middleOf(values, rank, odd);
}

}  // namespace haybale::trace
