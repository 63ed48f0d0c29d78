// The rest level that coded telegrams stand on, where it does not stay.
#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/capture/extent.h"
#include "core/trace/level_blocks.h"
#include "core/trace/square_level.h"

namespace haybale::trace {

namespace {

// Shares here: common practice, no source; set on made-up records (plain 1 and 2).
constexpr std::size_t kMostCodedSamples = 64U << 20;
constexpr double kWorthLevelling = 0.16;  // of a telegram's height

// The level below which so much of the samples lies, of some hundred that are looked at.
double levelOf(std::span<const float> samples, std::size_t from, std::size_t to, double share) {
  constexpr std::size_t kMostLooked = 400;
  std::vector<double> some;
  const std::size_t stride = std::max<std::size_t>(1, (to - from) / kMostLooked);
  for (std::size_t i = from; i < to; i += stride) {
    if (!std::isnan(samples[i])) {
      some.push_back(samples[i]);
    }
  }
  if (some.empty()) {
    return std::nan("");
  }
  const auto at =
      some.begin() + static_cast<std::ptrdiff_t>(share * static_cast<double>(some.size() - 1));
  std::nth_element(some.begin(), at, some.end());
  return *at;
}

// Rest and greatest height of so many blocks; those lost are left out.
std::vector<Block> blocksOf(std::span<const float> samples, std::size_t count) {
  const std::size_t size = samples.size() / count;
  std::vector<Block> out(size > 0 ? count : 0);
  parallelFor(out.size(), [&](std::size_t k) {
    const double rest = levelOf(samples, k * size, (k + 1) * size, 0.5);
    out[k] = {k * size, (k + 1) * size, rest, rest};
  });
  std::erase_if(out, [](const Block& b) { return std::isnan(b.low); });
  return out;
}

bool staysPut(const std::vector<Block>& blocks, double least) {
  const auto [low, high] = std::minmax_element(
      blocks.begin(), blocks.end(), [](const Block& a, const Block& b) { return a.low < b.low; });
  return blocks.empty() || high->low - low->low < least;
}

// Those in which a telegram of the usual height rises from the rest, and nothing falls below it as
// far, and those in which nothing moves: the wheel stands. Empty where these are not nearly all.
std::vector<Block> withTelegrams(std::span<const float> samples, std::vector<Block> blocks,
                                 double range) {
  constexpr double kSame = 0.15, kBelow = 0.25, kQuiet = 0.25, kMostly = 0.5, kNearlyAll = 0.8;
  constexpr double kAtRest = 0.8;  // of the time, at least; a square wave's half is off it
  std::vector<double> away;        // from the rest, for more than a fifth of the time
  double busy = 0;
  for (const auto& b : blocks) {
    away.push_back(levelOf(samples, b.from, b.to, kAtRest) - b.low);
    const double under = b.low - levelOf(samples, b.from, b.to, 1 - kAtRest);
    busy += away.back() > kQuiet * range || under > kBelow * range ? 1 : 0;
  }
  if (busy > (1 - kNearlyAll) * static_cast<double>(blocks.size())) {
    return {};
  }
  std::vector<double> heights;
  std::vector<double> below;
  for (const auto& b : blocks) {
    const auto e = capture::extentOf(samples.subspan(b.from, b.to - b.from));
    heights.push_back(e.max - b.low);
    below.push_back(b.low - e.min);
  }
  auto sorted = heights;
  std::sort(sorted.begin(), sorted.end());
  const double usual = sorted.empty() ? 0 : sorted[sorted.size() * 2 / 3];
  const auto all = static_cast<double>(blocks.size());
  double telegrams = 0;
  std::vector<Block> out;
  for (std::size_t k = 0; k < blocks.size(); ++k) {
    const bool told = std::abs(heights[k] - usual) < kSame * usual && away[k] < kQuiet * usual;
    if (below[k] < kBelow * usual && (told || heights[k] < kQuiet * usual)) {
      out.push_back(blocks[k]);
      out.back().high = blocks[k].low + usual;
      telegrams += told ? 1 : 0;
    }
  }
  const bool are = telegrams > kMostly * all && static_cast<double>(out.size()) > kNearlyAll * all;
  return are ? out : std::vector<Block>{};
}

}  // namespace

std::optional<SquareLevel> levelOfTelegrams(std::span<const float> samples, const Distribution& d) {
  constexpr double kNotWorthALook = 0.05;  // of all that the line does
  if (samples.size() > kMostCodedSamples) {
    return std::nullopt;
  }
  for (const std::size_t count : {48U, 24U, 12U}) {
    auto all = blocksOf(samples, count);
    if (staysPut(all, kNotWorthALook * (d.max() - d.min()))) {
      return std::nullopt;
    }
    const auto blocks = withTelegrams(samples, std::move(all), d.max() - d.min());
    if (blocks.size() < 2 * kLeastBlocks) {
      continue;
    }
    const double height = blocks.front().high - blocks.front().low;
    return withoutMoves(samples, blocks, kWorthLevelling * height);
  }
  return std::nullopt;
}

}  // namespace haybale::trace
