#include "core/trace/noise.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>
#include <vector>

#include "core/capture/extent.h"
#include "core/trace/median.h"

namespace haybale::trace {

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

}  // namespace haybale::trace
