// Runs independent pieces of work on all cores.
#pragma once

#include <cstddef>
#include <functional>
#include <utility>

namespace haybale {

/// Calls `work(i)` once for every i below `count`, on as many threads as the machine has cores,
/// and returns when all are done; the threads are kept between calls. Pieces are taken in order;
/// which thread takes which is not fixed, so that a result must not depend on it. `work` must not
/// throw.
void parallelFor(std::size_t count, const std::function<void(std::size_t)>& work);

/// Pieces of about `piece` items that cover [0, size): {first, behind the last} of piece `i`.
[[nodiscard]] std::pair<std::size_t, std::size_t> pieceOf(std::size_t size, std::size_t piece,
                                                          std::size_t i);
[[nodiscard]] std::size_t piecesOf(std::size_t size, std::size_t piece);

/// For loops over samples and pulses, a few nanoseconds each.
inline constexpr std::size_t kGrain = 4096;

/// Calls `f(i)` once for every i below `count`, `grain` of them at a time, on all cores. A grain
/// should be worth some tens of microseconds.
template <class F>
void eachInParallel(std::size_t count, std::size_t grain, const F& f) {
  parallelFor(piecesOf(count, grain), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(count, grain, piece);
    for (std::size_t i = from; i < to; ++i) {
      f(i);
    }
  });
}

}  // namespace haybale
