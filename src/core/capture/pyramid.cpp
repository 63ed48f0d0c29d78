#include "core/capture/pyramid.h"

#include <algorithm>
#include <limits>

#include "core/base/parallel.h"
#include "core/capture/extent.h"

namespace haybale::capture {

namespace {

constexpr std::size_t kBase = 64;
constexpr std::size_t kFactor = 16;
constexpr Pyramid::Range kEmpty{std::numeric_limits<float>::infinity(),
                                -std::numeric_limits<float>::infinity()};

void join(Pyramid::Range& range, float min, float max) {
  range.min = std::min(range.min, min);
  range.max = std::max(range.max, max);
}

}  // namespace

Pyramid::Pyramid(std::span<const float> samples) : samples_(samples) {
  levels_.emplace_back(piecesOf(samples.size(), kBase));
  eachInParallel(levels_.front().size(), kGrain, [&](std::size_t i) {
    const auto [from, to] = pieceOf(samples.size(), kBase, i);
    const Extent e = extentOf(samples.subspan(from, to - from));
    levels_.front()[i] = {e.min, e.max};
  });
  while (levels_.back().size() > kFactor) {
    const auto& below = levels_.back();
    std::vector<Range> above(piecesOf(below.size(), kFactor), kEmpty);
    for (std::size_t i = 0; i < below.size(); ++i) {
      join(above[i / kFactor], below[i].min, below[i].max);
    }
    levels_.push_back(std::move(above));
  }
}

// Joins blocks [from, to) of a level, whole blocks of the level above where there are any.
void Pyramid::widen(Range& range, std::size_t level, std::size_t from, std::size_t to) const {
  const auto& blocks = levels_[level];
  const std::size_t first = piecesOf(from, kFactor);
  const std::size_t last = to / kFactor;
  if (level + 1 < levels_.size() && first < last) {
    widen(range, level + 1, first, last);
    for (std::size_t i = from; i < first * kFactor; ++i) {
      join(range, blocks[i].min, blocks[i].max);
    }
    from = last * kFactor;
  }
  for (std::size_t i = from; i < to; ++i) {
    join(range, blocks[i].min, blocks[i].max);
  }
}

Pyramid::Range Pyramid::range(std::size_t from, std::size_t to) const {
  to = std::min(to, samples_.size());
  Range range = kEmpty;
  if (from >= to) {
    return range;
  }
  const auto direct = [&](std::size_t a, std::size_t b) {
    const Extent e = extentOf(samples_.subspan(a, b - a));
    join(range, e.min, e.max);
  };
  const std::size_t first = piecesOf(from, kBase);
  const std::size_t last = to / kBase;
  if (first >= last) {
    direct(from, to);
    return range;
  }
  direct(from, first * kBase);
  widen(range, 0, first, last);
  direct(last * kBase, to);
  return range;
}

}  // namespace haybale::capture
