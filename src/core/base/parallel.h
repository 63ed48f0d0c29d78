// Runs independent pieces of work on all cores.
#pragma once

#include <cstddef>
#include <functional>
#include <utility>

namespace haybale {

/// Calls `work(i)` once for every i below `count`, on as many threads as the machine has cores,
/// and returns when all are done. Pieces are taken in order; which thread takes which is not fixed,
/// so that a result must not depend on it. `work` must not throw.
void parallelFor(std::size_t count, const std::function<void(std::size_t)>& work);

/// Pieces of about `piece` items that cover [0, size): {first, behind the last} of piece `i`.
[[nodiscard]] std::pair<std::size_t, std::size_t> pieceOf(std::size_t size, std::size_t piece,
                                                          std::size_t i);
[[nodiscard]] std::size_t piecesOf(std::size_t size, std::size_t piece);

/// Calls `f(i)` once for every i below `count`, in pieces on all cores.
template <class F>
void eachInParallel(std::size_t count, const F& f) {
  constexpr std::size_t kPiece = 4096;
  parallelFor(piecesOf(count, kPiece), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(count, kPiece, piece);
    for (std::size_t i = from; i < to; ++i) {
      f(i);
    }
  });
}

}  // namespace haybale
