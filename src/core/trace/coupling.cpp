#include "core/trace/coupling.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace haybale::trace {

namespace {

constexpr std::size_t kMostSamples = 16U << 20;
constexpr std::size_t kLeastPlateau = 4;  // samples between two edges that tell a slope
constexpr std::size_t kLeastPlateaus = 4;

// What lies between two edges, what rings behind the one and begins the other left out.
struct Plateau {
  std::size_t from;  // samples [from, to)
  std::size_t to;
  double mean;
  [[nodiscard]] double centre() const { return static_cast<double>(from + to - 1) / 2; }
};

// Those behind a rise and those behind a fall, each in order of time.
struct Plateaus {
  std::vector<Plateau> high;
  std::vector<Plateau> low;
  std::size_t longest = 0;
};

Plateaus plateausBetweenEdges(std::span<const float> samples, double jump) {
  Plateaus out;
  std::size_t from = 0;
  int edge = 0;
  const auto end = [&](std::size_t to) {
    // An edge takes a sample or two, and rings for some.
    const std::size_t settle = std::min<std::size_t>(8, (to - from) / 4);
    if (edge != 0 && to >= from + settle + kLeastPlateau + 1) {
      Plateau p{from + settle, to - 1, 0};
      const auto at = [&](std::size_t i) {
        return samples.begin() + static_cast<std::ptrdiff_t>(i);
      };
      p.mean = std::accumulate(at(p.from), at(p.to), 0.0) / static_cast<double>(p.to - p.from);
      (edge > 0 ? out.high : out.low).push_back(p);
      out.longest = std::max(out.longest, p.to - p.from);
    }
  };
  for (std::size_t i = 1; i < samples.size(); ++i) {
    const double d = static_cast<double>(samples[i]) - samples[i - 1];
    if (std::abs(d) > jump) {
      end(i);
      from = i;
      edge = d > 0 ? 1 : -1;
    }
  }
  end(samples.size());
  return out;
}

// How fast the record falls off towards nothing, per sample, and the share of the losses' scatter
// that this explains.
struct Sag {
  double rate = 0;
  double explained = 0;
};

// Before the capacitor one high plateau is as high as the one `apart` behind it, and one low one as
// low: what they differ by is what was lost between, the rate times the sum of the samples there.
// By least squares over all of them.
Sag sagOver(const Plateaus& plateaus, std::size_t apart, const std::vector<double>& sums) {
  double xx = 0, xy = 0, yy = 0;
  const auto sumTo = [&](double at) { return sums[static_cast<std::size_t>(at)]; };
  for (const auto* some : {&plateaus.high, &plateaus.low}) {
    for (std::size_t i = 0; i + apart < some->size(); ++i) {
      const Plateau& a = (*some)[i];
      const Plateau& b = (*some)[i + apart];
      const double y = a.mean - b.mean;
      const double x = sumTo(b.centre()) - sumTo(a.centre());
      xx += x * x;
      xy += x * y;
      yy += y * y;
    }
  }
  return xx > 0 && yy > 0 ? Sag{xy / xx, xy * xy / (xx * yy)} : Sag{};
}

// Neighbours tell it of a slow wheel, far ones of a fast wheel, where little is lost within a
// cycle.
Sag sagOf(std::span<const float> samples, const Plateaus& plateaus) {
  std::vector<double> sums(samples.size() + 1, 0);
  for (std::size_t i = 0; i < samples.size(); ++i) {
    sums[i + 1] = sums[i] + samples[i];
  }
  const std::size_t most = std::max(plateaus.high.size(), plateaus.low.size());
  Sag best;
  for (std::size_t apart = 1; 3 * apart < most; apart *= 3) {
    const Sag sag = sagOver(plateaus, apart, sums);
    best = sag.explained > best.explained ? sag : best;
  }
  return best;
}

std::vector<float> restored(std::span<const float> samples, double rate) {
  std::vector<float> out(samples.size());
  double sum = 0;
  double mean = 0;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    sum += samples[i];
    out[i] = static_cast<float>(samples[i] + rate * sum);
    mean += out[i];
  }
  mean /= static_cast<double>(samples.size());
  for (float& v : out) {
    v -= static_cast<float>(mean);
  }
  return out;
}

}  // namespace

std::optional<std::vector<float>> beforeTheCapacitor(std::span<const float> samples,
                                                     const Distribution& d, double noiseRms) {
  const double swing = d.quantile(0.98) - d.quantile(0.02);
  // What a capacitor lets through swings about nothing.
  constexpr double kAboutNothing = 0.25;
  constexpr double kJump = 0.25;  // of the swing, from one sample to the next
  if (samples.size() > kMostSamples || d.count() < samples.size() || d.min() >= 0 || d.max() <= 0 ||
      std::abs(d.mean()) > kAboutNothing * swing) {
    return std::nullopt;
  }
  const double jump = std::max(kJump * swing, 8 * noiseRms);
  const auto plateaus = plateausBetweenEdges(samples, jump);
  if (plateaus.high.size() < kLeastPlateaus || plateaus.low.size() < kLeastPlateaus) {
    return std::nullopt;
  }
  const Sag sag = sagOf(samples, plateaus);
  // Common practice, no source: a wave's own slopes do not follow the level so closely, and what
  // would lose less than this over the whole record needs no help.
  constexpr double kExplained = 0.9;
  constexpr double kWorthIt = 0.1;
  const double over = sag.rate * static_cast<double>(samples.size());
  if (sag.explained < kExplained || over < kWorthIt) {
    return std::nullopt;
  }
  return restored(samples, sag.rate);
}

}  // namespace haybale::trace
