#include "core/trace/recognise.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/capture/extent.h"
#include "core/trace/median.h"

namespace haybale::trace {

namespace {

Signal squareKind(const Plateaus& p, units::Unit unit) {
  if (unit == units::Unit::ampere) {
    return Signal::active;
  }
  const double swing = p.high - p.low;
  // A switch goes to ground; of a current's two levels the lower is half the other.
  constexpr double kLeastHallVolts = 0.8;
  return swing > kLeastHallVolts && p.low < 0.3 * p.high ? Signal::hall : Signal::active;
}

// Whether the line is as restless on the plateau it is on more seldom as on the other: ripple of
// the supply rides on both levels of a switching sensor, and a coil at a rail lies still.
bool ripplesOnBoth(const Reading& r) {
  constexpr std::size_t kMost = 40000;
  constexpr std::size_t kFew = 50;
  const double middle = (r.plateaus.low + r.plateaus.high) / 2;
  std::vector<double> below, above;
  const std::size_t step = std::max<std::size_t>(1, r.samples.size() / kMost);
  for (std::size_t i = 0; i < r.samples.size(); i += step) {
    if (!std::isnan(r.samples[i])) {
      (r.samples[i] < middle ? below : above).push_back(r.samples[i]);
    }
  }
  if (below.size() < kFew || above.size() < kFew) {
    return false;
  }
  const auto spread = [](std::vector<double>& v) {
    std::sort(v.begin(), v.end());
    return v[v.size() * 85 / 100] - v[v.size() * 15 / 100];
  };
  const double a = spread(below);
  const double b = spread(above);
  constexpr double kMuchAlike = 0.6;  // no source: ripple is the same on both, a rail has none
  return std::min(a, b) > kMuchAlike * std::max(a, b);
}

// A coil's small wave beside a stretch at a rail looks like two plateaus; but the line swings many
// times on one of them and hardly ever changes to the other.
bool swingsOnOnePlateau(const Reading& r, const ChannelAnalysis& out) {
  const double apart = r.plateaus.high - r.plateaus.low;
  const auto changes =
      changesOf(r.samples, r.time, {(r.plateaus.low + r.plateaus.high) / 2, 0.25 * apart});
  const double inner = r.d->quantile(0.85) - r.d->quantile(0.15);
  const double least = std::max(0.1 * inner, 5 * out.levels.noiseRms);
  return changes <= 12 && !ripplesOnBoth(r) && inner > 10 * out.levels.noiseRms &&
         inner < 0.7 * apart &&
         readSwings(r.samples, r.time, r.d->quantile(0.5), least).pulses.size() > 4 * changes + 8;
}

// A speed pulse lasts 50 us (AK protocol, from memory); a short to supply may stand at any level.
bool isBriefAtTheTop(const Reading& r) {
  constexpr double kLongestS = 200e-6;
  const double step = r.three->high - r.three->middle;
  const auto train = readEdges(r.samples, r.time,
                               {(r.three->high + r.three->middle) / 2, 0.15 * step}, Heights::left);
  std::vector<double> widths;
  for (const auto& p : train.pulses) {
    if (p.fallS > p.riseS) {
      widths.push_back(p.fallS - p.riseS);
    }
  }
  return !widths.empty() && median(widths) < kLongestS;
}

}  // namespace

Signal recognise(Reading& r, const ChannelAnalysis& out) {
  if (r.moves == Moves::words) {
    r.three = ThreeLevels{r.resting->rest, 2 * r.resting->rest, 4 * r.resting->rest};
    return Signal::activeAk;
  }
  if (r.moves == Moves::telegrams || r.moves == Moves::teeth) {
    std::vector<double> levels;
    for (const auto& e : r.resting->off) {
      levels.push_back(e.level);
    }
    const double other = median(levels);
    r.plateaus = {std::min(r.resting->rest, other), std::max(r.resting->rest, other), true};
    return r.moves == Moves::telegrams ? Signal::activePwm : squareKind(r.plateaus, out.unit);
  }
  r.three = threeLevels(*r.d);
  if (r.three && r.three->high - r.three->low > 20 * out.levels.noiseRms && isBriefAtTheTop(r)) {
    return Signal::activeAk;
  }
  r.three.reset();
  // Nobody records a coil in amperes.
  if (out.unit == units::Unit::ampere) {
    return Signal::active;
  }
  if (r.moves == Moves::wave && r.resting && swingsBothWays(*r.resting)) {
    return Signal::passive;
  }
  // A coil's line at rest makes one plateau, and the crests of a few steps another.
  constexpr double kLeastShare = 0.15;
  // A few steps of mains hum look like plateaus.
  if (r.humLeast > 0 && r.plateaus.high - r.plateaus.low < 2 * r.humLeast) {
    return Signal::passive;
  }
  const double middle = (r.plateaus.low + r.plateaus.high) / 2;
  const double above = r.d->share(middle, 1e300);
  if (r.asked == Signal::passive && std::min(above, 1 - above) < kLeastShare) {
    return Signal::passive;
  }
  return r.plateaus.square && !swingsOnOnePlateau(r, out) ? squareKind(r.plateaus, out.unit)
                                                          : Signal::passive;
}

Heights heightsOf(const Reading& r) {
  return r.square() ? Heights::left : Heights::measured;
}

namespace {

// A spike far beyond both levels that is far briefer than the pulses: what an ignition or a relay
// throws in, and no tooth. Shares: common practice, no source.
void dropSpikes(const Reading& r, Train& train) {
  constexpr double kBeyond = 0.5, kBriefer = 0.3;  // of the swing, of a pulse
  const double beyond = r.plateaus.high + kBeyond * (r.plateaus.high - r.plateaus.low);
  if (r.d->max() <= beyond) {
    return;
  }
  std::vector<double> widths;
  for (const auto& p : train.pulses) {
    if (!std::isnan(p.fallS)) {
      widths.push_back(p.fallS - p.riseS);
    }
  }
  const double usual = widths.empty() ? 0 : median(widths);
  const auto removed = std::erase_if(train.pulses, [&](const Pulse& p) {
    const double width = p.fallS - p.riseS;
    if (!(width >= 0 && width < kBriefer * usual)) {
      return false;
    }
    const auto length = static_cast<std::size_t>(width * r.time.rateHz()) + 2;
    const auto e = capture::extentOf(
        r.samples.subspan(p.firstSample, std::min(length, r.samples.size() - p.firstSample)));
    return e.count > 0 && e.max > beyond;
  });
  if (removed > 0) {
    train.cycles = findCycles(r.samples, train.pulses, heightsOf(r));
  }
}

Train findTrain(Reading& r, double noiseRms) {
  if (r.seen == Signal::activeAk && r.three) {
    const double step = r.three->high - r.three->middle;
    return readEdges(r.samples, r.time, {(r.three->high + r.three->middle) / 2, 0.15 * step},
                     heightsOf(r));
  }
  if (r.square()) {
    const auto& p = r.plateaus;
    return readEdges(r.samples, r.time, {(p.low + p.high) / 2, 0.2 * (p.high - p.low)},
                     Heights::left);
  }
  // A stretch at a rail counts for the whole swing, not for that of the wave.
  const double swing = r.d->quantile(0.999) - r.d->quantile(0.001);
  const double wave = std::min(swing, 3 * (r.d->quantile(0.85) - r.d->quantile(0.15)));
  const double steps = r.step < 0.2 * swing ? 1.7 * r.step : 0;
  // A line that rests most of the time shows there what is no wave, noise and hum alike.
  const double rest = r.d->densest().width / 1.05;
  const double atRest = 6 * rest < 0.35 * swing ? 4 * rest : 0;
  r.least = std::max({0.03 * wave, 5 * noiseRms, steps, r.humLeast, atRest});
  return readSwings(r.samples, r.time, r.d->quantile(0.5), r.least);
}

}  // namespace

Train trainOf(Reading& r, double noiseRms) {
  Train train = findTrain(r, noiseRms);
  if (r.square()) {
    dropSpikes(r, train);
  }
  return train;
}

}  // namespace haybale::trace
