// A record in blocks of one length, each with the levels the line was on, and where these step.
#pragma once

#include <cstddef>
#include <optional>
#include <span>
#include <utility>
#include <vector>

#include "core/trace/baseline.h"

namespace haybale::trace {

/// A stretch of the record, samples [from, to), in which the line was on both of its levels.
struct Block {
  std::size_t from = 0;
  std::size_t to = 0;
  double low = 0;
  double high = 0;
  [[nodiscard]] double middle() const { return (low + high) / 2; }
};

/// At most so many steps are told in a record.
inline constexpr std::size_t kMostLevelSteps = 4;
/// Blocks on either side of a step, at least.
inline constexpr std::size_t kLeastBlocks = 4;

/// Whether the middle goes its way little by little: from one block to the next by less than half
/// of all that it does.
[[nodiscard]] bool drifts(const std::vector<Block>& blocks);

/// Lasting steps of the middle by `least` and more, by binary segmentation: the samples are changed
/// as if the middle had stayed what it was over the most blocks, and the steps returned in order of
/// time. Empty where there is none or more than `kMostLevelSteps`: then nothing is changed.
[[nodiscard]] std::vector<LevelStep> takeOutSteps(std::vector<float>& samples,
                                                  const std::vector<Block>& blocks, double least);

/// A drift of the middle along straight lines from block to block, and beyond the first and the
/// last as these two go on; the middle stays at its median.
void takeOutDrift(std::vector<float>& samples, const std::vector<Block>& blocks);

/// A record of two levels with the steps of both, or a drift, taken out.
struct SquareLevel {
  std::vector<float> samples;    ///< as if both levels had stayed what they were for longest
  std::vector<LevelStep> steps;  ///< in order of time; from and to: the middle of the two levels
};

/// The one or the other, where the middle moves by `least` and more; empty where it does not.
[[nodiscard]] std::optional<SquareLevel> withoutMoves(std::span<const float> samples,
                                                      const std::vector<Block>& blocks,
                                                      double least);

}  // namespace haybale::trace
