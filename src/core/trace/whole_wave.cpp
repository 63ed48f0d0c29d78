#include "core/trace/whole_wave.h"

#include <algorithm>
#include <cmath>

#include "core/trace/baseline.h"
#include "core/trace/held.h"
#include "core/trace/noise.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kMostSamples = 16U << 20;
constexpr double kMostHeld = 0.8;  // of the record; beyond it is a square wave
constexpr std::size_t kLeastMiddles = 10;
constexpr double kWorthIt = 0.1;  // of the swing
// A contact or a module takes no longer; what does is a drift (common practice, no source).
constexpr double kLeansS = 0.1;

// How far apart two turning points of a coil's wave lie at least.
double turnOf(const Reading& r, double noise) {
  const double inner = 3 * (r.d->quantile(0.85) - r.d->quantile(0.15));
  const double wave = std::min(r.d->quantile(0.999) - r.d->quantile(0.001), inner);
  const double coarse = std::min(1.6 * coarsestStep(r.samples), 0.5 * wave);
  return std::max({0.25 * wave, 8 * noise, 3 * r.step, coarse, 2 * r.humLeast});
}

// The level of a wave that is smaller than a step of its level: turning points by how far the line
// swings within a fiftieth of the record, where that holds a cycle and more.
std::optional<Baseline> besideALargeStep(const Reading& r, double noise, double lean) {
  constexpr std::size_t kPieces = 50;
  constexpr std::size_t kOfThem = 45;  // the few that hold a step swing further
  const std::size_t size = r.samples.size() / kPieces;
  std::vector<double> swings;
  for (std::size_t k = 0; k < kPieces && size > 0; ++k) {
    const auto band = r.d->bounds().over(k * size, (k + 1) * size);
    swings.push_back(band.empty() ? 0 : band.extent());
  }
  std::sort(swings.begin(), swings.end());
  const double turn = swings.empty() ? 0 : 0.25 * swings[kOfThem];
  if (turn < std::max({8 * noise, 3 * r.step, 2 * r.humLeast})) {
    return std::nullopt;
  }
  auto found = baselineOf(r.d->bounds(), turn, lean);
  return found && found->period < static_cast<double>(size) ? found : std::nullopt;
}

}  // namespace

Cut::Cut(Reading& r, const ChannelAnalysis& out) {
  const bool maybe = r.asked == Signal::unknown || r.asked == Signal::passive;
  if (!maybe || r.samples.size() > kMostSamples || r.moves != Moves::wave) {
    return;
  }
  const double noise = out.levels.noiseRms;
  r.baseline = baselineOf(r.d->bounds(), turnOf(r, noise), kLeansS * r.time.rateHz());
  const auto& whole = *r.baseline;
  // Held again and again, at one of two levels: the halves of a square wave.
  constexpr std::size_t kHalves = 20;
  constexpr std::size_t kAll = std::numeric_limits<std::size_t>::max();
  plateaus_ = plateausOf(r.samples, r.time, *r.d);
  const std::size_t most = plateaus_->square ? kHalves : kAll;
  held_ = heldStretches(r.samples, *r.d, noise, whole ? whole->period : 0, most);
  std::size_t total = 0;
  for (const auto& e : held_) {
    total += e.to - e.from;
  }
  if (held_.empty() || held_.size() >= most ||
      static_cast<double>(total) > kMostHeld * static_cast<double>(r.samples.size())) {
    held_.clear();
    return;
  }
  samples_.assign(r.samples.begin(), r.samples.end());
  for (const auto& e : held_) {
    // The edges belong to it.
    const std::size_t from = e.from > 1 ? e.from - 1 : 0;
    const std::size_t to = std::min(samples_.size(), e.to + 1);
    std::fill(samples_.begin() + static_cast<std::ptrdiff_t>(from),
              samples_.begin() + static_cast<std::ptrdiff_t>(to), std::nanf(""));
  }
  distribution_.emplace(samples_);
  Reading left = r;
  left.d = &*distribution_;
  const auto rest = baselineOf(distribution_->bounds(), turnOf(left, noise));
  const auto plateaus = plateausOf(samples_, r.time, *distribution_);
  if (!rest || rest->at.size() < kLeastMiddles || plateaus.square) {
    held_.clear();
    return;
  }
  plateaus_ = plateaus;
  r.samples = samples_;
  r.d = &*distribution_;
  r.cut = true;
  r.baseline.reset();
}

namespace {

// A slow crest stands still for a moment, within the height of the wave.
bool isCrest(const Dropout& d, const ChannelAnalysis& out) {
  if (std::abs(d.level - out.levels.bias) > 0.75 * (out.levels.high - out.levels.low)) {
    return false;
  }
  const auto next = std::find_if(out.teeth.begin(), out.teeth.end(),
                                 [&](const Tooth& t) { return t.riseS >= d.endS; });
  const auto paced =
      std::find_if(next, out.teeth.end(), [](const Tooth& t) { return t.periodS > 0; });
  if (paced == out.teeth.end()) {
    return false;
  }
  // As long as no pulse is missing around it.
  const double before = next == out.teeth.begin() ? out.startS : std::prev(next)->riseS;
  const double around = std::min(next->riseS - before, 3 * paced->periodS);
  return d.endS - d.startS < 0.5 * around && next->riseS - d.endS < 3 * paced->periodS;
}

}  // namespace

void Cut::add(const Reading& r, const LineAt& line, ChannelAnalysis& out) const {
  for (const auto& e : held_) {
    const Dropout held{r.time.at(e.from),      r.time.at(e.to), DropoutKind::toRail, e.level, 0,
                       isPulled(e.level, line)};
    if (!isCrest(held, out)) {
      out.dropouts.push_back(held);
    }
  }
  std::sort(out.dropouts.begin(), out.dropouts.end(),
            [](const Dropout& a, const Dropout& b) { return a.startS < b.startS; });
}

Level::Level(Reading& r, ChannelAnalysis& out) {
  if (r.square() || r.samples.size() > kMostSamples) {
    return;
  }
  const double noise = out.levels.noiseRms;
  const double lean = kLeansS * r.time.rateHz();
  auto baseline =
      r.baseline ? std::move(*r.baseline) : baselineOf(r.d->bounds(), turnOf(r, noise), lean);
  if (!baseline) {
    baseline = besideALargeStep(r, noise, lean);
  }
  if (!baseline || baseline->wander < kWorthIt * baseline->swing) {
    return;
  }
  samples_ = levelled(r.samples, *baseline);
  distribution_.emplace(samples_);
  r.samples = samples_;
  r.d = &*distribution_;
  if (!baseline->steps.empty()) {
    out.levelSteps = baseline->steps.size();
    const auto& step = baseline->steps.front();
    out.levelFrom = step.from;
    out.levelTo = step.to;
    out.levelStepS = r.time.at(step.at);
  }
  for (const auto& step : baseline->steps) {
    unsure_.push_back(r.time.at(step.at));
  }
  out.levelWander = baseline->wander;
  knownFromS_ = r.time.at(baseline->at.front());
}

void Level::forget(ChannelAnalysis& out) const {
  if (samples_.empty() || !out.frequencyHz) {
    return;
  }
  const double near = 3 / out.frequencyHz->median;
  std::erase_if(out.dropouts, [&](const Dropout& d) {
    return d.startS < knownFromS_ + near ||
           std::any_of(unsure_.begin(), unsure_.end(),
                       [&](double s) { return d.startS < s + near && d.endS > s - near; });
  });
}

}  // namespace haybale::trace
