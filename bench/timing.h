// Times a function in this process.
#pragma once

#include <algorithm>
#include <chrono>
#include <vector>

namespace haybale::bench {

/// Median, 95th percentile and least of `runs` calls, in seconds; each call is repeated `inner`
/// times and counted as their mean.
struct Times {
  double median = 0;
  double p95 = 0;
  double best = 0;
};

template <class F>
Times timed(int runs, int inner, const F& f) {
  std::vector<double> seconds;
  for (int r = 0; r < runs; ++r) {
    const auto start = std::chrono::steady_clock::now();
    for (int i = 0; i < inner; ++i) {
      f();
    }
    const std::chrono::duration<double> took = std::chrono::steady_clock::now() - start;
    seconds.push_back(took.count() / inner);
  }
  std::sort(seconds.begin(), seconds.end());
  const auto at = [&](double share) {
    return seconds[static_cast<std::size_t>(share * static_cast<double>(seconds.size() - 1))];
  };
  return {at(0.5), at(0.95), seconds.front()};
}

}  // namespace haybale::bench
