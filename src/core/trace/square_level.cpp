#include "core/trace/square_level.h"

#include <algorithm>
#include <cmath>

#include "core/trace/coupling.h"
#include "core/trace/level_blocks.h"
#include "core/trace/plateaus.h"

namespace haybale::trace {

namespace {

// Shares here: common practice, no source; set on made-up records (plain 1 and 2, tidy 501 and
// 512).
constexpr std::size_t kMostSquareSamples = 16U << 20;
constexpr std::size_t kBlocks = 48;
constexpr double kLeastStep = 0.16;  // of the swing

Block blockOf(std::span<const float> samples, std::size_t from, std::size_t to) {
  constexpr std::size_t kMostLooked = 600;
  constexpr std::size_t kTrim = 20;  // one in so many at either end may be wild
  std::vector<float> some;
  const std::size_t stride = std::max<std::size_t>(1, (to - from) / kMostLooked);
  for (std::size_t i = from; i < to; i += stride) {
    if (!std::isnan(samples[i])) {
      some.push_back(samples[i]);
    }
  }
  if (some.size() < kTrim) {
    return {from, to, 0, 0};
  }
  std::sort(some.begin(), some.end());
  const std::size_t off = some.size() / kTrim;
  return {from, to, some[off], some[some.size() - 1 - off]};
}

// Those in which the line swings as far as it mostly does.
std::vector<Block> fullBlocks(std::span<const float> samples) {
  constexpr double kSwingsAlike = 0.2;
  std::vector<Block> all;
  const std::size_t size = samples.size() / kBlocks;
  for (std::size_t k = 0; k < kBlocks && size > 0; ++k) {
    all.push_back(blockOf(samples, k * size, (k + 1) * size));
  }
  std::vector<double> swings;
  for (const auto& b : all) {
    swings.push_back(b.high - b.low);
  }
  // A wheel that stands for most of the record leaves no more than noise there; the few that hold a
  // step swing further.
  std::sort(swings.begin(), swings.end());
  const double usual = swings.empty() ? 0 : swings[swings.size() * 9 / 10];
  std::erase_if(all, [&](const Block& b) {
    return !(usual > 0) || std::abs(b.high - b.low - usual) > kSwingsAlike * usual;
  });
  return all;
}

}  // namespace

std::optional<SquareLevel> levelOfSquare(std::span<const float> samples,
                                         const capture::TimeBase& time, const Distribution& d) {
  if (samples.size() > kMostSquareSamples || restsOnTwo(d)) {
    return std::nullopt;
  }
  const auto blocks = fullBlocks(samples);
  if (blocks.size() < 2 * kLeastBlocks) {
    return std::nullopt;
  }
  const double swing = blocks.front().high - blocks.front().low;
  constexpr double kLeastSwing = 0.35;  // of all that the line does
  if (swing < kLeastSwing * (d.quantile(0.999) - d.quantile(0.001))) {
    return std::nullopt;
  }
  auto out = withoutMoves(samples, blocks, kLeastStep * swing);
  if (!out) {
    return std::nullopt;
  }
  constexpr double kRests = 0.9;
  const auto left = plateausOf(out->samples, time, Distribution(out->samples));
  return left.square && left.share > kRests ? std::move(out) : std::nullopt;
}

std::optional<SquareLevel> madeEven(std::span<const float> samples, const capture::TimeBase& time,
                                    const Distribution& d, double noiseRms) {
  if (auto telegrams = levelOfTelegrams(samples, d)) {
    return telegrams;
  }
  auto before = beforeTheCapacitor(samples, d, noiseRms);
  if (!before) {
    return levelOfSquare(samples, time, d);
  }
  auto level = levelOfSquare(*before, time, Distribution(*before));
  return level ? std::move(level) : std::optional(SquareLevel{std::move(*before), {}});
}

}  // namespace haybale::trace
