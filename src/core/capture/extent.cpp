#include "core/capture/extent.h"

#include <algorithm>
#include <cmath>
#include <limits>

#if defined(__SSE2__)
#include <emmintrin.h>
#endif

namespace haybale::capture {

namespace {

bool beyond(float v, float low, float high) {
  return !(v >= low && v <= high);
}

}  // namespace

std::size_t firstBeyond(std::span<const float> samples, std::size_t from, std::size_t to, float low,
                        float high) {
  const float* const v = samples.data();
  std::size_t i = from;
#if defined(__SSE2__)
  const __m128 least = _mm_set1_ps(low);
  const __m128 most = _mm_set1_ps(high);
  const auto within = [&](std::size_t at) {
    const __m128 x = _mm_loadu_ps(v + at);
    return _mm_and_ps(_mm_cmpge_ps(x, least), _mm_cmple_ps(x, most));
  };
  for (; i + 16 <= to; i += 16) {
    const __m128 all =
        _mm_and_ps(_mm_and_ps(within(i), within(i + 4)), _mm_and_ps(within(i + 8), within(i + 12)));
    if (_mm_movemask_ps(all) != 0xF) {
      break;
    }
  }
#endif
  while (i < to && !beyond(v[i], low, high)) {
    ++i;
  }
  return std::min(i, to);
}

Extent extentOf(std::span<const float> samples) {
  constexpr float kInfinite = std::numeric_limits<float>::infinity();
  Extent out{kInfinite, -kInfinite, 0, 0};
  const float* const v = samples.data();
  std::size_t i = 0;
#if defined(__SSE2__)
  // Sums of at most 256 samples in single precision lose less than the last digit of a sample.
  __m128 least = _mm_set1_ps(kInfinite);
  __m128 most = _mm_set1_ps(-kInfinite);
  const std::size_t whole = samples.size() / 8 * 8;
  while (i < whole) {
    const std::size_t stop = std::min(whole, i + 256);
    __m128 sumA = _mm_setzero_ps();
    __m128 sumB = _mm_setzero_ps();
    __m128i count = _mm_setzero_si128();
    for (; i < stop; i += 8) {
      const __m128 a = _mm_loadu_ps(v + i);
      const __m128 b = _mm_loadu_ps(v + i + 4);
      const __m128 aSound = _mm_cmpord_ps(a, a);
      const __m128 bSound = _mm_cmpord_ps(b, b);
      least = _mm_min_ps(a, _mm_min_ps(b, least));  // a lost sample keeps the second operand
      most = _mm_max_ps(a, _mm_max_ps(b, most));
      sumA = _mm_add_ps(sumA, _mm_and_ps(a, aSound));
      sumB = _mm_add_ps(sumB, _mm_and_ps(b, bSound));
      count =
          _mm_sub_epi32(count, _mm_add_epi32(_mm_castps_si128(aSound), _mm_castps_si128(bSound)));
    }
    alignas(16) float sums[4];
    alignas(16) int counts[4];
    _mm_store_ps(sums, _mm_add_ps(sumA, sumB));
    _mm_store_si128(reinterpret_cast<__m128i*>(counts), count);
    out.sum += static_cast<double>(sums[0]) + sums[1] + sums[2] + sums[3];
    out.count += static_cast<std::size_t>(counts[0] + counts[1] + counts[2] + counts[3]);
  }
  alignas(16) float lows[4];
  alignas(16) float highs[4];
  _mm_store_ps(lows, least);
  _mm_store_ps(highs, most);
  out.min = std::min({lows[0], lows[1], lows[2], lows[3]});
  out.max = std::max({highs[0], highs[1], highs[2], highs[3]});
#endif
  for (; i < samples.size(); ++i) {
    if (!std::isnan(v[i])) {
      out.min = std::min(out.min, v[i]);
      out.max = std::max(out.max, v[i]);
      out.sum += v[i];
      ++out.count;
    }
  }
  return out;
}

std::size_t runsOfLost(std::span<const float> samples) {
  constexpr float kInfinite = std::numeric_limits<float>::infinity();
  std::size_t runs = 0;
  std::size_t at = 0;
  while (true) {
    at = firstBeyond(samples, at, samples.size(), -kInfinite, kInfinite);
    if (at >= samples.size()) {
      return runs;
    }
    ++runs;
    while (at < samples.size() && std::isnan(samples[at])) {
      ++at;
    }
  }
}

}  // namespace haybale::capture
