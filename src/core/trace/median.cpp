#include "core/trace/median.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace haybale::trace {

namespace {

// Of many values: those between two bounds that a sample sets closely around the middle, and how
// many lie below (Floyd and Rivest, "Algorithm 489: SELECT", CACM 18(3), 1975, from memory).
struct Narrowed {
  std::size_t below = 0;
  std::vector<double> inside;
};

Narrowed narrowed(const std::vector<double>& values) {
  constexpr std::size_t kSample = 2048;
  constexpr std::size_t kEitherSide = 100;      // more than four deviations of the middle's rank
  constexpr std::size_t kScatter = 2654435761;  // so that what repeats in the values is not met
  std::vector<double> sample(kSample);
  for (std::size_t i = 0; i < kSample; ++i) {
    sample[i] = values[i * kScatter % values.size()];
  }
  std::sort(sample.begin(), sample.end());
  const double low = sample[kSample / 2 - kEitherSide];
  const double high = sample[kSample / 2 + kEitherSide];
  Narrowed out;
  out.inside.reserve(values.size() / 8);
  for (const double v : values) {
    out.below += v < low ? 1 : 0;
    if (v >= low && v <= high) {
      out.inside.push_back(v);
    }
  }
  return out;
}

double middleOf(std::vector<double>& values, std::size_t rank, bool odd) {
  const auto middle = values.begin() + static_cast<std::ptrdiff_t>(rank);
  std::nth_element(values.begin(), middle, values.end());
  return odd ? *middle : (*middle + *std::max_element(values.begin(), middle)) / 2;
}

}  // namespace

double medianOf(std::span<const float> samples, std::size_t most) {
  std::vector<double> some;
  const std::size_t stride = std::max<std::size_t>(1, samples.size() / most);
  for (std::size_t i = 0; i < samples.size(); i += stride) {
    if (!std::isnan(samples[i])) {
      some.push_back(samples[i]);
    }
  }
  return median(some);
}

double medianOfFew(double* values, std::size_t count) {
  for (std::size_t i = 1; i < count; ++i) {
    const double v = values[i];
    std::size_t at = i;
    for (; at > 0 && values[at - 1] > v; --at) {
      values[at] = values[at - 1];
    }
    values[at] = v;
  }
  return count % 2 == 1 ? values[count / 2] : (values[count / 2 - 1] + values[count / 2]) / 2;
}

double median(std::vector<double>& values) {
  if (values.empty()) {
    return std::numeric_limits<double>::quiet_NaN();
  }
  const std::size_t rank = values.size() / 2;
  const bool odd = values.size() % 2 == 1;
  constexpr std::size_t kMany = 20000;
  if (values.size() > kMany) {
    auto [below, inside] = narrowed(values);
    if (rank > below && rank - below < inside.size()) {
      return middleOf(inside, rank - below, odd);
    }
  }
  return middleOf(values, rank, odd);
}

}  // namespace haybale::trace
