#include "core/capture/bounds.h"

#include <algorithm>
#include <cstring>

#include "core/base/parallel.h"
#include "core/base/wide.h"

namespace haybale::capture {

namespace {

using Floats = float __attribute__((vector_size(32)));
constexpr std::size_t kLanes = 8;
constexpr std::size_t kPiece = 1U << 18;  // samples, whole blocks

Band plainly(const float* v, std::size_t size) {
  Band out;
  for (std::size_t i = 0; i < size; ++i) {
    out.take(v[i]);
  }
  return out;
}

// A lost sample compares as false, and so leaves both as they are.
HAYBALE_INLINE void blocksBody(const float* v, std::size_t count, Band* out) {
  for (std::size_t k = 0; k < count; ++k, v += Bounds::kBlock) {
    const Band none;
    Floats low = Floats{} + none.min, high = Floats{} + none.max;
    for (std::size_t i = 0; i < Bounds::kBlock; i += kLanes) {
      Floats a;
      std::memcpy(&a, v + i, sizeof a);
      low = a < low ? a : low;
      high = a > high ? a : high;
    }
    out[k] = none;
    for (std::size_t lane = 0; lane < kLanes; ++lane) {
      out[k].take(Band{low[lane], high[lane]});
    }
  }
}
void blocksPlain(const float* v, std::size_t count, Band* out) {
  blocksBody(v, count, out);
}
HAYBALE_WIDE void blocksWide(const float* v, std::size_t count, Band* out) {
  blocksBody(v, count, out);
}

}  // namespace

Bounds::Bounds(std::span<const float> samples)
    : samples_(samples), blocks_(piecesOf(samples.size(), kBlock)) {
  parallelFor(piecesOf(samples.size(), kPiece), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(samples_.size(), kPiece, piece);
    const std::size_t whole = (to - from) / kBlock;
    const float* v = samples_.data() + from;
    Band* out = blocks_.data() + from / kBlock;
    hasWideVectors() ? blocksWide(v, whole, out) : blocksPlain(v, whole, out);
    if (from + whole * kBlock < to) {
      out[whole] = plainly(v + whole * kBlock, to - from - whole * kBlock);
    }
  });
}

Band Bounds::over(std::size_t from, std::size_t to) const {
  const std::size_t first = piecesOf(from, kBlock);  // the first block that begins within
  const std::size_t last = to / kBlock;              // the first that does not end within
  if (first >= last) {
    return plainly(samples_.data() + from, to - from);
  }
  Band out = plainly(samples_.data() + from, first * kBlock - from);
  for (std::size_t k = first; k < last; ++k) {
    out.take(blocks_[k]);
  }
  out.take(plainly(samples_.data() + last * kBlock, to - last * kBlock));
  return out;
}

}  // namespace haybale::capture
