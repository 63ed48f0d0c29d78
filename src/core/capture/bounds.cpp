#include "core/capture/bounds.h"

#include <algorithm>
#include <cmath>
#include <cstring>

#include "core/base/parallel.h"
#include "core/base/wide.h"

namespace haybale::capture {

namespace {

using Floats = float __attribute__((vector_size(32)));
constexpr std::size_t kLanes = 8;
constexpr std::size_t kPiece = 1U << 18;  // samples, whole blocks

// Sum and number of samples that are not lost.
struct Total {
  double sum = 0;
  std::size_t count = 0;
  void take(const Total& other) {
    sum += other.sum;
    count += other.count;
  }
};

Band bandOf(const float* v, std::size_t size) {
  Band out;
  for (std::size_t i = 0; i < size; ++i) {
    out.take(v[i]);
  }
  return out;
}

Total totalOf(const float* v, std::size_t size) {
  Total out;
  for (std::size_t i = 0; i < size; ++i) {
    if (!std::isnan(v[i])) {
      out.sum += static_cast<double>(v[i]);
      ++out.count;
    }
  }
  return out;
}

// A lost sample compares as false, and so leaves both as they are. A block's samples, eight to a
// lane, lose less than the last digit of a sample when they are added in single precision.
HAYBALE_INLINE Total blocksBody(const float* v, std::size_t count, Band* out) {
  Total total;
  for (std::size_t k = 0; k < count; ++k, v += Bounds::kBlock) {
    const Band none;
    Floats low = Floats{} + none.min, high = Floats{} + none.max, sums{};
    for (std::size_t i = 0; i < Bounds::kBlock; i += kLanes) {
      Floats a;
      std::memcpy(&a, v + i, sizeof a);
      low = a < low ? a : low;
      high = a > high ? a : high;
      sums += a;
    }
    out[k] = none;
    double sum = 0;
    for (std::size_t lane = 0; lane < kLanes; ++lane) {
      out[k].take(Band{low[lane], high[lane]});
      sum += static_cast<double>(sums[lane]);
    }
    total.take(std::isnan(sum) ? totalOf(v, Bounds::kBlock) : Total{sum, Bounds::kBlock});
  }
  return total;
}
Total blocksPlain(const float* v, std::size_t count, Band* out) {
  return blocksBody(v, count, out);
}
HAYBALE_WIDE Total blocksWide(const float* v, std::size_t count, Band* out) {
  return blocksBody(v, count, out);
}

}  // namespace

Bounds::Bounds(std::span<const float> samples)
    : samples_(samples), blocks_(piecesOf(samples.size(), kBlock)) {
  std::vector<Total> totals(piecesOf(samples.size(), kPiece));
  parallelFor(totals.size(), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(samples_.size(), kPiece, piece);
    const std::size_t whole = (to - from) / kBlock;
    const float* v = samples_.data() + from;
    Band* out = blocks_.data() + from / kBlock;
    totals[piece] = hasWideVectors() ? blocksWide(v, whole, out) : blocksPlain(v, whole, out);
    if (const std::size_t rest = to - from - whole * kBlock; rest > 0) {
      out[whole] = bandOf(v + whole * kBlock, rest);
      totals[piece].take(totalOf(v + whole * kBlock, rest));
    }
  });
  for (const auto& t : totals) {
    sum_ += t.sum;
    count_ += t.count;
  }
}

Band Bounds::over(std::size_t from, std::size_t to) const {
  const std::size_t first = piecesOf(from, kBlock);  // the first block that begins within
  const std::size_t last = to / kBlock;              // the first that does not end within
  if (first >= last) {
    return bandOf(samples_.data() + from, to - from);
  }
  Band out = bandOf(samples_.data() + from, first * kBlock - from);
  for (std::size_t k = first; k < last; ++k) {
    out.take(blocks_[k]);
  }
  out.take(bandOf(samples_.data() + last * kBlock, to - last * kBlock));
  return out;
}

}  // namespace haybale::capture
