#include "core/trace/square_level.h"

#include <algorithm>
#include <cmath>

#include "core/trace/plateaus.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kMostSamples = 16U << 20;
constexpr std::size_t kBlocks = 48;
constexpr std::size_t kLeastBlocks = 4;  // on either side of a step
constexpr double kLeastStep = 0.16;      // of the swing
constexpr std::size_t kMostSteps = 4;

// A stretch of the record in which the line was on both levels.
struct Block {
  std::size_t from;
  std::size_t to;
  double low;
  double high;
  [[nodiscard]] double middle() const { return (low + high) / 2; }
};

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
  if (apart == 0 || out.size() > kMostSteps) {
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

}  // namespace

std::optional<SquareLevel> levelOfSquare(std::span<const float> samples,
                                         const capture::TimeBase& time, const Distribution& d) {
  constexpr std::size_t kLevels = 3;  // two would be a square wave that stays where it is
  if (samples.size() > kMostSamples || dwellsOf(d).size() < kLevels) {
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
  std::vector<std::size_t> ends;
  split(blocks, 0, blocks.size(), kLeastStep * swing, ends);
  if (ends.empty() || ends.size() > kMostSteps) {
    return std::nullopt;
  }
  ends.push_back(blocks.size());
  struct Part {
    std::size_t from;
    double level;
    std::size_t length;
  };
  std::vector<Part> parts;
  std::size_t first = 0;
  for (const std::size_t end : ends) {
    const std::size_t from =
        first == 0 ? 0 : changeBetween(samples, blocks[first - 1], blocks[first]);
    parts.push_back({from, medianOf(blocks, first, end), end - first});
    first = end;
  }
  const double usual =
      std::max_element(parts.begin(), parts.end(), [](const Part& a, const Part& b) {
        return a.length < b.length;
      })->level;
  SquareLevel out;
  out.samples.assign(samples.begin(), samples.end());
  for (std::size_t p = 0; p < parts.size(); ++p) {
    const std::size_t to = p + 1 < parts.size() ? parts[p + 1].from : samples.size();
    for (std::size_t i = parts[p].from; i < to; ++i) {
      out.samples[i] -= static_cast<float>(parts[p].level - usual);
    }
    if (p > 0) {
      out.steps.push_back({parts[p].from, parts[p - 1].level, parts[p].level});
    }
  }
  constexpr double kRests = 0.9;
  const auto left = plateausOf(out.samples, time, Distribution(out.samples));
  return left.square && left.share > kRests ? std::optional(std::move(out)) : std::nullopt;
}

}  // namespace haybale::trace
