#include "core/base/parallel.h"

#include <gtest/gtest.h>

#include <atomic>
#include <numeric>
#include <thread>
#include <vector>

namespace haybale {
namespace {

TEST(Parallel, EveryPieceIsDoneOnce) {
  for (const std::size_t count : {0U, 1U, 2U, 7U, 1000U}) {
    std::vector<std::atomic<int>> done(count);
    parallelFor(count, [&](std::size_t i) { ++done[i]; });
    for (const auto& d : done) {
      EXPECT_EQ(d, 1);
    }
  }
}

TEST(Parallel, CallsWithinCallsAndFromSeveralThreadsDoNotWaitForOneAnother) {
  std::atomic<int> sum{0};
  std::vector<std::thread> threads;
  for (int t = 0; t < 4; ++t) {
    threads.emplace_back([&] {
      for (int round = 0; round < 50; ++round) {
        parallelFor(6, [&](std::size_t) { parallelFor(5, [&](std::size_t) { ++sum; }); });
      }
    });
  }
  for (auto& thread : threads) {
    thread.join();
  }
  EXPECT_EQ(sum, 4 * 50 * 30);
}

TEST(Parallel, TheGrainSaysHowMuchAThreadTakes) {
  std::vector<int> seen(101);
  eachInParallel(seen.size(), 3, [&](std::size_t i) { seen[i] = static_cast<int>(i); });
  std::vector<int> wanted(101);
  std::iota(wanted.begin(), wanted.end(), 0);
  EXPECT_EQ(seen, wanted);
}

}  // namespace
}  // namespace haybale
