#include "core/trace/rest_step.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

namespace {

// Shares here: common practice, no source; set on made-up records (tidy 705 and 706).
constexpr std::size_t kMostRestSamples = 16U << 20;
constexpr std::size_t kHundred = 100;       // of the record: the swing is told in each
constexpr std::size_t kNearEnds = 15;       // of them, at either end, in which no step can be told
constexpr std::size_t kEitherHand = 3;      // samples before a jump and behind it
constexpr double kLeastJump = 0.2;          // of the wave's swing, that a step makes out
constexpr double kJumpNoises = 8;           // and of the noise
constexpr std::size_t kLevelLooked = 2000;  // samples that tell a level
constexpr double kJumpSteps = 1.6;  // a drift goes through a coarse converter in single steps

// The swing in each hundredth of the record.
std::vector<double> swingsByHundredth(const capture::Bounds& bounds) {
  const std::size_t n = bounds.samples().size();
  std::vector<double> out(kHundred);
  for (std::size_t k = 0; k < kHundred; ++k) {
    const auto band = bounds.over(k * n / kHundred, (k + 1) * n / kHundred);
    out[k] = band.empty() ? 0 : band.extent();
  }
  return out;
}

// How far the line goes over sample `i`, between the means on either side. NaN beside lost ones.
double jumpAt(std::span<const float> samples, std::size_t i) {
  double sum = 0;
  for (std::size_t k = 1; k <= kEitherHand; ++k) {
    sum += static_cast<double>(samples[i + k]) - samples[i - k];
  }
  return sum / kEitherHand;
}

struct Jump {
  std::size_t at = 0;
  double by = 0;
};

// The greatest of a stretch.
Jump greatestJump(std::span<const float> samples, std::size_t from, std::size_t to) {
  Jump out;
  from = std::max(from, kEitherHand);
  to = std::min(to, samples.size() - kEitherHand);
  for (std::size_t i = from; i < to; ++i) {
    if (const double by = jumpAt(samples, i); std::abs(by) > std::abs(out.by)) {
      out = {i, by};
    }
  }
  return out;
}

// Whether the wave beside it, as far as a fifth of the record, moves by much less.
bool standsAlone(std::span<const float> samples, const Jump& jump) {
  constexpr double kMuchLess = 0.4;
  const std::size_t reach = samples.size() / 5, apart = 2 * kEitherHand + 2;
  const std::size_t from = jump.at > reach ? jump.at - reach : 0;
  const double before = std::abs(greatestJump(samples, from, jump.at - apart).by);
  const double behind = std::abs(
      greatestJump(samples, jump.at + apart, std::min(samples.size(), jump.at + reach)).by);
  return std::max(before, behind) < kMuchLess * std::abs(jump.by);
}

// A coil's wave rises and sinks with the speed; a square wave has its whole height or none.
bool riseAndSink(const std::vector<double>& swings, std::size_t before, double noise) {
  constexpr std::size_t kBetween = 8;  // hundredths of the record with something between
  const double whole =
      *std::max_element(swings.begin(), swings.begin() + static_cast<std::ptrdiff_t>(before));
  const auto between = std::count_if(
      swings.begin(), swings.begin() + static_cast<std::ptrdiff_t>(before),
      [&](double s) { return s > std::max(0.12 * whole, 9 * noise) && s < 0.75 * whole; });
  return between >= static_cast<std::ptrdiff_t>(kBetween) && swings[before - 1] < 0.6 * whole;
}

// Whether a wave that was there before the jump is gone behind it.
bool goesWithIt(const capture::Bounds& bounds, std::size_t jump, double noise) {
  constexpr std::size_t kShare = 16;  // of the record, on either hand: a slow cycle
  const std::size_t n = bounds.samples().size(), apart = 2 * kEitherHand + 2;
  const double before = bounds.over(jump - n / kShare, jump - apart).extent();
  const double behind = bounds.over(jump + apart, jump + n / kShare).extent();
  const double rest = 9 * noise;
  return before > 2 * rest && behind < std::max(rest, 0.2 * before);
}

}  // namespace

std::optional<SteppedRest> steppedRest(const capture::Bounds& bounds, double noise, double step) {
  const auto samples = bounds.samples();
  const std::size_t n = samples.size();
  constexpr std::size_t kFewest = 20 * kHundred;
  if (n < kFewest || n > kMostRestSamples) {
    return std::nullopt;
  }
  const auto part = [&](std::size_t piece) { return piece * n / kHundred; };
  const auto tail = bounds.over(part(kHundred - kNearEnds / 2), n);
  const auto whole = bounds.over(0, n);
  constexpr double kStill = 0.2;
  if (tail.empty() || tail.extent() > kStill * whole.extent()) {
    return std::nullopt;
  }
  const Jump jump = greatestJump(samples, part(kNearEnds), part(kHundred - kNearEnds));
  const double least = std::max(kJumpNoises * noise, kJumpSteps * step);
  if (std::abs(jump.by) < least || !standsAlone(samples, jump)) {
    return std::nullopt;
  }
  const auto swings = swingsByHundredth(bounds);
  const std::size_t piece = jump.at * kHundred / n;
  const double swing =
      *std::max_element(swings.begin(), swings.begin() + static_cast<std::ptrdiff_t>(piece));
  if (std::abs(jump.by) < kLeastJump * swing || !riseAndSink(swings, piece, noise) ||
      goesWithIt(bounds, jump.at, noise)) {
    return std::nullopt;
  }
  const double from =
      medianOf(samples.subspan(part(piece / 2), jump.at - part(piece / 2)), kLevelLooked);
  const double to = medianOf(samples.subspan(part(kHundred - kNearEnds / 2)), kLevelLooked);
  const double lasts = (to - from) / jump.by;
  if (!(lasts > 0.7 && lasts < 1.3)) {
    return std::nullopt;
  }
  SteppedRest out{{samples.begin(), samples.end()}, {jump.at, from, to}};
  for (std::size_t i = jump.at; i < n; ++i) {
    out.samples[i] -= static_cast<float>(to - from);
  }
  return out;
}

}  // namespace haybale::trace
