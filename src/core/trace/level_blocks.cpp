#include "core/trace/level_blocks.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

namespace {

double medianOf(const std::vector<Block>& blocks, std::size_t from, std::size_t to) {
  std::vector<double> some;
  for (std::size_t k = from; k < to; ++k) {
    some.push_back(blocks[k].middle());
  }
  return median(some);
}

// The split of [from, to) that leaves the least scatter on either side, and by how much the sides
// differ; 0: none is a step. Binary segmentation by means.
std::pair<std::size_t, double> bestSplit(const std::vector<Block>& blocks, std::size_t from,
                                         std::size_t to, double least) {
  double whole = 0;
  for (std::size_t k = from; k < to; ++k) {
    whole += blocks[k].middle();
  }
  std::size_t at = from;
  double most = 0;
  double left = 0;
  for (std::size_t k = from; k + kLeastBlocks <= to; left += blocks[k++].middle()) {
    const auto before = static_cast<double>(k - from);
    const auto behind = static_cast<double>(to - k);
    const double differs = before > 0 ? (whole - left) / behind - left / before : 0;
    const double weight = std::abs(differs) * std::sqrt(before * behind);
    if (k - from >= kLeastBlocks && weight > most) {
      most = weight;
      at = k;
    }
  }
  const double apart = at > from ? medianOf(blocks, at, to) - medianOf(blocks, from, at) : 0;
  return {at, std::abs(apart) > least ? apart : 0};
}

void split(const std::vector<Block>& blocks, std::size_t from, std::size_t to, double least,
           std::vector<std::size_t>& out) {
  const auto [at, apart] = bestSplit(blocks, from, to, least);
  if (apart == 0 || out.size() > kMostLevelSteps) {
    return;
  }
  split(blocks, from, at, least, out);
  out.push_back(at);
  split(blocks, at, to, least, out);
}

// Where between two blocks the line changes from the levels of the one to those of the other.
std::size_t changeBetween(std::span<const float> samples, const Block& before,
                          const Block& behind) {
  const auto off = [](double v, const Block& b) {
    return std::min(std::abs(v - b.low), std::abs(v - b.high));
  };
  double sum = 0;
  double best = 0;
  std::size_t at = before.from;
  for (std::size_t i = before.from; i < behind.to; ++i) {
    if (!std::isnan(samples[i])) {
      sum += off(samples[i], before) - off(samples[i], behind);
    }
    if (sum < best) {
      best = sum;
      at = i + 1;
    }
  }
  return at;
}

struct Part {
  std::size_t from;  // sample
  double level;
  std::size_t length;  // blocks
};

std::vector<Part> partsOf(std::span<const float> samples, const std::vector<Block>& blocks,
                          const std::vector<std::size_t>& firsts) {
  std::vector<Part> out;
  std::size_t first = 0;
  for (std::size_t k = 0; k <= firsts.size(); ++k) {
    const std::size_t end = k < firsts.size() ? firsts[k] : blocks.size();
    const std::size_t from =
        first == 0 ? 0 : changeBetween(samples, blocks[first - 1], blocks[first]);
    out.push_back({from, medianOf(blocks, first, end), end - first});
    first = end;
  }
  return out;
}

}  // namespace

bool drifts(const std::vector<Block>& blocks) {
  constexpr double kAtOnce = 0.5;
  double most = 0;
  double low = 1e300;
  double high = -1e300;
  for (std::size_t k = 0; k < blocks.size(); ++k) {
    low = std::min(low, blocks[k].middle());
    high = std::max(high, blocks[k].middle());
    most = k > 0 ? std::max(most, std::abs(blocks[k].middle() - blocks[k - 1].middle())) : most;
  }
  return most < kAtOnce * (high - low);
}

std::vector<LevelStep> takeOutSteps(std::vector<float>& samples, const std::vector<Block>& blocks,
                                    double least) {
  std::vector<std::size_t> firsts;  // blocks behind a step
  split(blocks, 0, blocks.size(), least, firsts);
  std::vector<LevelStep> out;
  if (firsts.empty() || firsts.size() > kMostLevelSteps) {
    return out;
  }
  const auto parts = partsOf(samples, blocks, firsts);
  const double usual =
      std::max_element(parts.begin(), parts.end(), [](const Part& a, const Part& b) {
        return a.length < b.length;
      })->level;
  for (std::size_t p = 0; p < parts.size(); ++p) {
    const std::size_t to = p + 1 < parts.size() ? parts[p + 1].from : samples.size();
    for (std::size_t i = parts[p].from; i < to; ++i) {
      samples[i] -= static_cast<float>(parts[p].level - usual);
    }
    if (p > 0) {
      out.push_back({parts[p].from, parts[p - 1].level, parts[p].level});
    }
  }
  return out;
}

void takeOutDrift(std::vector<float>& samples, const std::vector<Block>& blocks) {
  if (blocks.size() < 2) {
    return;
  }
  const double usual = medianOf(blocks, 0, blocks.size());
  const auto centre = [&](std::size_t k) {
    return static_cast<double>(blocks[k].from + blocks[k].to) / 2;
  };
  std::size_t k = 0;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    while (k + 2 < blocks.size() && centre(k + 1) <= static_cast<double>(i)) {
      ++k;
    }
    const double along = (static_cast<double>(i) - centre(k)) / (centre(k + 1) - centre(k));
    const double level = std::lerp(blocks[k].middle(), blocks[k + 1].middle(), along);
    samples[i] -= static_cast<float>(level - usual);
  }
}

std::optional<SquareLevel> withoutMoves(std::span<const float> samples,
                                        const std::vector<Block>& blocks, double least) {
  const auto [low, high] =
      std::minmax_element(blocks.begin(), blocks.end(),
                          [](const Block& a, const Block& b) { return a.middle() < b.middle(); });
  if (blocks.size() < 2 * kLeastBlocks || high->middle() - low->middle() < least) {
    return std::nullopt;
  }
  SquareLevel out{{samples.begin(), samples.end()}, {}};
  if (drifts(blocks)) {
    takeOutDrift(out.samples, blocks);
    return out;
  }
  out.steps = takeOutSteps(out.samples, blocks, least);
  return out.steps.empty() ? std::nullopt : std::optional(std::move(out));
}

}  // namespace haybale::trace
