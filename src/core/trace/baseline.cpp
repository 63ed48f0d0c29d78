#include "core/trace/baseline.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kLeastMiddles = 8;
constexpr std::size_t kLevelOfCycle = 64;  // samples that tell the level of a cycle
constexpr std::size_t kStand = 4;          // cycles without a turning point: the wheel stands
constexpr std::ptrdiff_t kEitherSide = 3;  // of the running median

struct Turn {
  std::size_t at;
  double value;
};

// Crests and troughs in turn: a turning point counts once the line has come back from it by `turn`.
class Turning {
 public:
  Turning(const capture::Bounds& bounds, double turn)
      : bounds_(bounds), samples_(bounds.samples()), turn_(turn) {}

  std::vector<Turn> find() {
    // A stretch in which the line cannot have come back from anything only moves its crest or
    // trough on.
    for (std::size_t k = 0; k < bounds_.blocks(); ++k) {
      const capture::Band& band = bounds_.block(k);
      const std::size_t from = k * capture::Bounds::kBlock;
      if (!band.empty() && !goesOn(band, from)) {
        step(from, std::min(samples_.size(), from + capture::Bounds::kBlock));
      }
    }
    return std::move(out_);
  }

 private:
  bool goesOn(const capture::Band& e, std::size_t from) {
    const bool falls = heading_ >= 0 && e.min < std::max<double>(high_.value, e.max) - turn_;
    const bool rises = heading_ <= 0 && e.max > std::min<double>(low_.value, e.min) + turn_;
    if (falls || rises) {
      return false;
    }
    if (e.max > high_.value) {
      high_ = {from, e.max};
    }
    if (e.min < low_.value) {
      low_ = {from, e.min};
    }
    return true;
  }

  void step(std::size_t from, std::size_t to) {
    for (std::size_t i = from; i < to; ++i) {
      const double v = samples_[i];
      if (std::isnan(v)) {
        continue;
      }
      if (v > high_.value) {
        high_ = {i, v};
      }
      if (v < low_.value) {
        low_ = {i, v};
      }
      if (heading_ >= 0 && v < high_.value - turn_) {
        push(high_, -1);
        low_ = {i, v};
      } else if (heading_ <= 0 && v > low_.value + turn_) {
        push(low_, 1);
        high_ = {i, v};
      }
    }
  }

  // Of one that was passed in a stretch only the beginning of that is known.
  void push(Turn turn, int heading) {
    while (samples_[turn.at] != turn.value) {
      ++turn.at;
    }
    out_.push_back(turn);
    heading_ = heading;
  }

  const capture::Bounds& bounds_;
  std::span<const float> samples_;
  double turn_;
  Turn high_{0, -1e300};
  Turn low_{0, 1e300};
  int heading_ = 0;
  std::vector<Turn> out_;
};

// Levels of the line in order of time.
struct Middles {
  std::vector<std::size_t> at;
  std::vector<double> value;
  void add(std::size_t where, double level) {
    at.push_back(where);
    value.push_back(level);
  }
};

double middleOf(const std::vector<double>& values, std::ptrdiff_t from, std::ptrdiff_t to) {
  from = std::max<std::ptrdiff_t>(0, from);
  to = std::min<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(values.size()), to);
  std::vector<double> some(values.begin() + from, values.begin() + std::max(from, to));
  return median(some);
}

// Whether the level stays at its new height until the next step or the end, for a good part of the
// record.
void keepLasting(const Middles& all, std::size_t samples, Baseline& out) {
  constexpr double kLeastShare = 0.15;  // of the record
  constexpr double kStays = 0.7;        // of the step
  const auto inside = [&](std::size_t from, std::size_t to) {
    std::vector<double> some;
    for (std::size_t k = 0; k < all.value.size(); ++k) {
      if (all.at[k] > from && all.at[k] < to) {
        some.push_back(all.value[k]);
      }
    }
    return some.size() < 6 ? std::nan("") : median(some);
  };
  std::vector<LevelStep> kept;
  for (std::size_t i = 0; i < out.steps.size(); ++i) {
    const auto& step = out.steps[i];
    const std::size_t first = i > 0 ? out.steps[i - 1].at : 0;
    const std::size_t last = i + 1 < out.steps.size() ? out.steps[i + 1].at : samples;
    const double height = step.to - step.from;
    const double moved = (inside(step.at, last) - inside(first, step.at)) / height;
    const auto least = kLeastShare * static_cast<double>(samples);
    if (moved > kStays && static_cast<double>(last - step.at) > least &&
        static_cast<double>(step.at - first) > least) {
      kept.push_back(step);
    }
  }
  out.steps = std::move(kept);
}

// Where the level before and behind differ by a good part of the swing, and neither was moving.
void findSteps(const Middles& all, Baseline& out) {
  const auto& raw = all.value;
  const auto at = [&](std::ptrdiff_t k) { return all.at[static_cast<std::size_t>(k)]; };
  constexpr double kLeast = 0.16;  // of the swing
  constexpr double kStill = 0.3;   // of the step
  constexpr double kApart = 4;     // periods from the middle before to the one behind
  const auto size = static_cast<std::ptrdiff_t>(raw.size());
  std::ptrdiff_t after = 0;
  double best = 0;
  LevelStep found;
  // Most places are no steps, and two pairs of middles beside them say so at once.
  const auto apart = [&](std::ptrdiff_t k, std::ptrdiff_t by) {
    return std::abs(raw[static_cast<std::size_t>(k + by)] - raw[static_cast<std::size_t>(k - by)]);
  };
  for (std::ptrdiff_t k = 6; k + 6 <= size; ++k) {
    const bool maybe = std::max(apart(k, 2), apart(k, 4)) > kLeast * out.swing / 2;
    if (!maybe && !(best > 0 && k > after + 6)) {
      continue;
    }
    const double before = middleOf(raw, k - 4, k);
    const double behind = middleOf(raw, k + 1, k + 5);
    const double step = std::abs(behind - before);
    // Over a stand nobody sees whether it stepped or drifted.
    const auto gap = static_cast<double>(at(k + 1) - at(k - 1));
    if (gap > kApart * out.period) {
      continue;
    }
    const bool still = std::abs(middleOf(raw, k - 8, k - 4) - before) < kStill * step &&
                       std::abs(middleOf(raw, k + 5, k + 9) - behind) < kStill * step;
    if (step > kLeast * out.swing && still && step > best) {
      best = step;
      found = {at(k), before, behind};
      after = k;
    } else if (best > 0 && k > after + 6) {
      out.steps.push_back(found);
      best = 0;
    }
  }
  if (best > 0) {
    out.steps.push_back(found);
  }
}

// Blocks of so many middles, each by its median.
Middles inBlocks(const Middles& all, std::size_t size) {
  Middles out;
  for (std::size_t k = 0; k + size <= all.value.size(); k += size) {
    const auto from = static_cast<std::ptrdiff_t>(k);
    out.add(all.at[k + size / 2],
            middleOf(all.value, from, from + static_cast<std::ptrdiff_t>(size)));
  }
  return out;
}

// Steps within a cycle or two; else those that the level leans over for some cycles more, looked
// for in ever larger blocks, until two blocks take longer than `lean` samples.
void findLastingSteps(const Middles& all, std::size_t samples, double lean, Baseline& out) {
  findSteps(all, out);
  keepLasting(all, samples, out);
  const double half = out.period / 2;
  for (std::size_t size = 2; out.steps.empty() && 2 * half * static_cast<double>(size) <= lean;
       size *= 2) {
    Baseline wider = out;
    wider.period = out.period * static_cast<double>(size);
    const Middles blocks = inBlocks(all, size);
    findSteps(blocks, wider);
    keepLasting(blocks, samples, wider);
    out.steps = wider.steps;
  }
}

}  // namespace

std::optional<Baseline> baselineOf(const capture::Bounds& bounds, double turn, double lean) {
  const auto samples = bounds.samples();
  const auto turns = Turning(bounds, turn).find();
  if (turns.size() < kLeastMiddles + 1) {
    return std::nullopt;
  }
  Baseline out;
  std::vector<double> raw;
  std::vector<double> swings;
  std::vector<double> halves;
  for (std::size_t i = 0; i + 1 < turns.size(); ++i) {
    halves.push_back(static_cast<double>(turns[i + 1].at - turns[i].at));
    swings.push_back(std::abs(turns[i].value - turns[i + 1].value));
  }
  out.period = 2 * median(halves);
  // Of a spin that dies out the greater ones count.
  const auto upper = swings.begin() + static_cast<std::ptrdiff_t>(3 * swings.size() / 4);
  std::nth_element(swings.begin(), upper, swings.end());
  out.swing = *upper;
  const auto chunk = static_cast<std::size_t>(std::max(4.0, out.period));
  Middles all;
  for (std::size_t i = 0; i < turns.size(); ++i) {
    const bool last = i + 1 == turns.size();
    const std::size_t to = last ? samples.size() : turns[i + 1].at;
    if (!last && to - turns[i].at <= kStand * chunk) {
      out.at.push_back((turns[i].at + to) / 2);
      raw.push_back((turns[i].value + turns[i + 1].value) / 2);
      all.add(out.at.back(), raw.back());
      continue;
    }
    // Where no wave is the line itself is the level: it tells a step, but not what to take off.
    for (std::size_t at = turns[i].at + chunk; at + chunk < to; at += chunk) {
      if (const double level = medianOf(samples.subspan(at, chunk), kLevelOfCycle);
          !std::isnan(level)) {
        all.add(at + chunk / 2, level);
      }
    }
  }
  if (raw.size() < kLeastMiddles) {
    return std::nullopt;
  }
  for (std::ptrdiff_t k = 0; k < static_cast<std::ptrdiff_t>(raw.size()); ++k) {
    out.level.push_back(middleOf(raw, k - kEitherSide, k + kEitherSide + 1));
  }
  findLastingSteps(all, samples.size(), lean, out);
  std::vector<double> levels = out.level;
  const auto [least, most] = std::minmax_element(levels.begin(), levels.end());
  out.wander = *most - *least;
  out.middle = median(levels);
  return out;
}

std::vector<float> levelled(std::span<const float> samples, const Baseline& baseline) {
  std::vector<float> out(samples.begin(), samples.end());
  std::size_t k = 0;
  for (std::size_t i = 0; i < out.size(); ++i) {
    while (k + 1 < baseline.at.size() && baseline.at[k + 1] <= i) {
      ++k;
    }
    double level = baseline.level[k];
    if (k + 1 < baseline.at.size() && i > baseline.at[k]) {
      const double part = static_cast<double>(i - baseline.at[k]) /
                          static_cast<double>(baseline.at[k + 1] - baseline.at[k]);
      level += part * (baseline.level[k + 1] - level);
    }
    out[i] -= static_cast<float>(level - baseline.middle);
  }
  return out;
}

}  // namespace haybale::trace
