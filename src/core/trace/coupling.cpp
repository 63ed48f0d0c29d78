#include "core/trace/coupling.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/trace/median.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kMostSamples = 16U << 20;
constexpr std::size_t kLeastPlateau = 2;  // samples between two edges that tell a slope
constexpr std::size_t kLeastPlateaus = 4;

// What lies between two edges, what rings behind the one and begins the other left out.
struct Plateau {
  std::size_t from;  // samples [from, to)
  std::size_t to;
  double mean;
  [[nodiscard]] double centre() const { return static_cast<double>(from + to - 1) / 2; }
};

// Those behind a rise and those behind a fall, each in order of time.
struct BetweenEdges {
  std::vector<Plateau> high;
  std::vector<Plateau> low;
};

// An edge takes so many samples.
BetweenEdges betweenEdges(const capture::Bounds& bounds, double jump, std::size_t edgeTakes) {
  const auto samples = bounds.samples();
  BetweenEdges out;
  std::size_t from = 0;
  int edge = 0;
  const auto end = [&](std::size_t to) {
    // An edge rings for some samples.
    const std::size_t settle = std::min<std::size_t>(8, to > from ? (to - from) / 4 : 0);
    if (edge != 0 && to >= from + settle + kLeastPlateau) {
      Plateau p{from + settle, to, 0};
      const auto at = [&](std::size_t i) {
        return samples.begin() + static_cast<std::ptrdiff_t>(i);
      };
      p.mean = std::accumulate(at(p.from), at(p.to), 0.0) / static_cast<double>(p.to - p.from);
      (edge > 0 ? out.high : out.low).push_back(p);
    }
  };
  const auto look = [&](std::size_t i) {
    const double d = static_cast<double>(samples[i]) - samples[i - edgeTakes];
    if (std::abs(d) > jump) {
      const int now = d > 0 ? 1 : -1;
      // The samples of one edge follow each other.
      if (i > from + 1 || now != edge) {
        end(i - edgeTakes + 1);
      }
      from = i;
      edge = now;
    }
  };
  // Most stretches do not go far enough for a jump.
  for (std::size_t k = 0; k < bounds.blocks(); ++k) {
    const std::size_t at = std::max(edgeTakes, k * capture::Bounds::kBlock);
    const std::size_t to = std::min(samples.size(), (k + 1) * capture::Bounds::kBlock);
    capture::Band band = bounds.block(k);
    for (std::size_t i = at - edgeTakes; i < at && at < to; ++i) {
      band.take(samples[i]);
    }
    for (std::size_t i = at; band.extent() > jump && i < to; ++i) {
      look(i);
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
Sag sagOver(const BetweenEdges& plateaus, std::size_t apart, const std::vector<double>& sums) {
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
Sag sagOf(std::span<const float> samples, const BetweenEdges& plateaus) {
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

double typicalLength(const BetweenEdges& plateaus) {
  std::vector<double> lengths;
  for (const auto* some : {&plateaus.high, &plateaus.low}) {
    for (const auto& p : *some) {
      lengths.push_back(static_cast<double>(p.to - p.from));
    }
  }
  return median(lengths);
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

// Whether nearly all of it lies at one of two heights: a wave that was none before the capacitor
// does not, whatever is added to it.
bool restsOnTwo(std::span<const float> samples) {
  constexpr double kNear = 0.15, kNearly = 0.8;  // no source: set on made-up records (rough 501)
  std::vector<float> some;
  const std::size_t step = std::max<std::size_t>(1, samples.size() / 20000);
  for (std::size_t i = 0; i < samples.size(); i += step) {
    some.push_back(samples[i]);
  }
  std::sort(some.begin(), some.end());
  const auto at = [&](double share) {
    return some[static_cast<std::size_t>(share * static_cast<double>(some.size() - 1))];
  };
  // The middle of either half is one of the heights.
  const double low = at(0.2), high = at(0.8);
  const auto near = std::count_if(some.begin(), some.end(), [&](float v) {
    return std::min(std::abs(v - low), std::abs(v - high)) < kNear * (high - low);
  });
  return static_cast<double>(near) > kNearly * static_cast<double>(some.size());
}

}  // namespace

std::optional<std::vector<float>> beforeTheCapacitor(std::span<const float> samples,
                                                     const Distribution& d, double noiseRms) {
  const double swing = d.quantile(0.98) - d.quantile(0.02);
  // What a capacitor lets through swings about nothing.
  constexpr double kAboutNothing = 0.25;
  constexpr double kJump = 0.35;  // of the swing, within an edge
  if (samples.size() > kMostSamples || d.count() < samples.size() || d.min() >= 0 || d.max() <= 0 ||
      std::abs(d.mean()) > kAboutNothing * swing) {
    return std::nullopt;
  }
  const double jump = std::max(kJump * swing, 8 * noiseRms);
  // Common practice, no source: a wave's own slopes do not follow the level so closely; what would
  // lose less than this over the whole record needs no help; and a capacitor that empties within
  // half of half a cycle leaves no plateaus.
  constexpr double kExplained = 0.75;
  constexpr double kWorthIt = 0.1;
  constexpr double kMostLost = 2;
  constexpr double kMuchLost = 0.6;  // within half a cycle
  Sag best;
  bool lostMuch = false;
  for (const std::size_t edgeTakes : {1, 3}) {  // where the leads are long, some samples
    const auto plateaus = betweenEdges(d.bounds(), jump, edgeTakes);
    const std::size_t count = std::min(plateaus.high.size(), plateaus.low.size());
    if (count < kLeastPlateaus) {
      continue;
    }
    const Sag sag = sagOf(samples, plateaus);
    const double half = typicalLength(plateaus);
    const double over = sag.rate * static_cast<double>(samples.size());
    if (sag.explained > best.explained && over > kWorthIt && sag.rate * half < kMostLost) {
      best = sag;
      lostMuch = sag.rate * half > kMuchLost;
    }
  }
  if (best.explained < kExplained) {
    return std::nullopt;
  }
  auto before = restored(samples, best.rate);
  return !lostMuch || restsOnTwo(before) ? std::optional(std::move(before)) : std::nullopt;
}

}  // namespace haybale::trace
