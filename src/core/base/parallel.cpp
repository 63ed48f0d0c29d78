#include "core/base/parallel.h"

#include <algorithm>
#include <atomic>
#include <thread>
#include <vector>

namespace haybale {

void parallelFor(std::size_t count, const std::function<void(std::size_t)>& work) {
  const std::size_t cores = std::max(1U, std::thread::hardware_concurrency());
  const std::size_t threads = std::min(cores, count);
  std::atomic<std::size_t> next{0};
  const auto run = [&] {
    for (std::size_t i = next++; i < count; i = next++) {
      work(i);
    }
  };
  std::vector<std::thread> others;
  for (std::size_t t = 1; t < threads; ++t) {
    others.emplace_back(run);
  }
  run();
  for (auto& thread : others) {
    thread.join();
  }
}

std::size_t piecesOf(std::size_t size, std::size_t piece) {
  return (size + piece - 1) / piece;
}

std::pair<std::size_t, std::size_t> pieceOf(std::size_t size, std::size_t piece, std::size_t i) {
  return {i * piece, std::min(size, (i + 1) * piece)};
}

}  // namespace haybale
