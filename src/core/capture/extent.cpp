#include "core/capture/extent.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <cstring>
#include <limits>

#include "core/base/wide.h"

namespace haybale::capture {

namespace {

constexpr float kInfinite = std::numeric_limits<float>::infinity();

using Floats = float __attribute__((vector_size(32)));
using Masks = std::int32_t __attribute__((vector_size(32)));
using Doubles = double __attribute__((vector_size(32)));
constexpr std::size_t kLanes = 8;

HAYBALE_INLINE void load(Floats& into, const float* from) {
  std::memcpy(&into, from, sizeof into);
}

HAYBALE_INLINE bool any(const Masks& m) {
  std::uint64_t words[4];
  std::memcpy(words, &m, sizeof words);
  return (words[0] | words[1] | words[2] | words[3]) != 0;
}

// The first lane that is set; kLanes when none is.
HAYBALE_INLINE std::size_t firstOf(const Masks& m) {
  std::uint64_t words[4];
  std::memcpy(words, &m, sizeof words);
  for (std::size_t k = 0; k < 4; ++k) {
    if (words[k] != 0) {
      return 2 * k + (static_cast<std::uint32_t>(words[k]) != 0 ? 0 : 1);
    }
  }
  return kLanes;
}

bool beyond(float v, float low, float high) {
  return !(v >= low && v <= high);
}

HAYBALE_INLINE std::size_t firstBeyondBody(const float* v, std::size_t i, std::size_t to, float low,
                                           float high) {
  for (; i + 4 * kLanes <= to; i += 4 * kLanes) {
    Floats a, b, c, d;
    load(a, v + i);
    load(b, v + i + kLanes);
    load(c, v + i + 2 * kLanes);
    load(d, v + i + 3 * kLanes);
    // Lost samples compare as false, and so as beyond.
    const Masks within = (a >= low) & (a <= high) & (b >= low) & (b <= high) & (c >= low) &
                         (c <= high) & (d >= low) & (d <= high);
    if (any(~within)) {
      break;
    }
  }
  for (; i + kLanes <= to; i += kLanes) {
    Floats a;
    load(a, v + i);
    const std::size_t lane = firstOf(~((a >= low) & (a <= high)));
    if (lane < kLanes) {
      return i + lane;
    }
  }
  while (i < to && !beyond(v[i], low, high)) {
    ++i;
  }
  return i;
}

// One by one, lost samples left out.
void takeSlowly(const float* v, std::size_t count, Extent& out) {
  for (std::size_t i = 0; i < count; ++i) {
    if (!std::isnan(v[i])) {
      out.min = std::min(out.min, v[i]);
      out.max = std::max(out.max, v[i]);
      out.sum += static_cast<double>(v[i]);
      ++out.count;
    }
  }
}

HAYBALE_INLINE Extent extentBody(const float* v, std::size_t size) {
  // Sums of at most 256 samples in single precision lose less than the last digit of a sample.
  constexpr std::size_t kBlock = 256;
  Extent out{kInfinite, -kInfinite, 0, 0};
  Floats least = Floats{} + kInfinite;
  Floats most = Floats{} - kInfinite;
  std::size_t i = 0;
  while (i + 2 * kLanes <= size) {
    const std::size_t stop = i + std::min(kBlock, (size - i) / (2 * kLanes) * (2 * kLanes));
    const std::size_t from = i;
    Floats low = least, high = most, sumA{}, sumB{};
    for (; i < stop; i += 2 * kLanes) {
      Floats a, b;
      load(a, v + i);
      load(b, v + i + kLanes);
      low = a < low ? a : low;
      high = a > high ? a : high;
      low = b < low ? b : low;
      high = b > high ? b : high;
      sumA += a;
      sumB += b;
    }
    const Floats both = sumA + sumB;
    double sum = 0;
    for (std::size_t k = 0; k < kLanes; ++k) {
      sum += static_cast<double>(both[k]);
    }
    if (std::isnan(sum)) {
      takeSlowly(v + from, stop - from, out);  // something is lost in this block
      continue;
    }
    least = low;
    most = high;
    out.sum += sum;
    out.count += stop - from;
  }
  if (i + kLanes <= size) {
    Floats a;
    load(a, v + i);
    double sum = 0;
    for (std::size_t k = 0; k < kLanes; ++k) {
      sum += static_cast<double>(a[k]);
    }
    if (!std::isnan(sum)) {
      least = a < least ? a : least;
      most = a > most ? a : most;
      out.sum += sum;
      out.count += kLanes;
      i += kLanes;
    }
  }
  for (std::size_t k = 0; k < kLanes; ++k) {
    out.min = std::min(out.min, least[k]);
    out.max = std::max(out.max, most[k]);
  }
  takeSlowly(v + i, size - i, out);
  return out;
}

HAYBALE_INLINE Moments momentsBody(const float* v, std::size_t size) {
  using Quad = float __attribute__((vector_size(16)));
  Doubles y{}, xy{}, xxy{};
  Doubles x{0, 1, 2, 3};
  std::size_t i = 0;
  for (; i + 4 <= size; i += 4) {
    Quad narrow;
    std::memcpy(&narrow, v + i, sizeof narrow);
    const Doubles value = __builtin_convertvector(narrow, Doubles);
    y += value;
    xy += x * value;
    xxy += x * x * value;
    x += 4;
  }
  Moments out{y[0] + y[1] + y[2] + y[3], xy[0] + xy[1] + xy[2] + xy[3],
              xxy[0] + xxy[1] + xxy[2] + xxy[3]};
  for (; i < size; ++i) {
    const auto at = static_cast<double>(i);
    const double value = v[i];
    out.y += value;
    out.xy += at * value;
    out.xxy += at * at * value;
  }
  return out;
}

std::size_t firstBeyondPlain(const float* v, std::size_t i, std::size_t to, float low, float high) {
  return firstBeyondBody(v, i, to, low, high);
}
Extent extentPlain(const float* v, std::size_t size) {
  return extentBody(v, size);
}
Moments momentsPlain(const float* v, std::size_t size) {
  return momentsBody(v, size);
}

HAYBALE_WIDE std::size_t firstBeyondWide(const float* v, std::size_t i, std::size_t to, float low,
                                         float high) {
  return firstBeyondBody(v, i, to, low, high);
}
HAYBALE_WIDE Extent extentWide(const float* v, std::size_t size) {
  return extentBody(v, size);
}
HAYBALE_WIDE Moments momentsWide(const float* v, std::size_t size) {
  return momentsBody(v, size);
}

}  // namespace

std::size_t firstBeyond(std::span<const float> samples, std::size_t from, std::size_t to, float low,
                        float high) {
  const float* v = samples.data();
  const auto at = hasWideVectors() ? firstBeyondWide(v, from, to, low, high)
                                   : firstBeyondPlain(v, from, to, low, high);
  return std::min(at, to);
}

Extent extentOf(std::span<const float> samples) {
  return hasWideVectors() ? extentWide(samples.data(), samples.size())
                          : extentPlain(samples.data(), samples.size());
}

Peaks peaksOf(std::span<const float> samples, const Extent& e) {
  const auto find = [&](float low, float high) {
    const auto at = firstBeyond(samples, 0, samples.size(), low, high);
    // Where samples are lost the fast way stops at those.
    if (at < samples.size() && !std::isnan(samples[at])) {
      return at;
    }
    const float value = low == -kInfinite ? e.max : e.min;
    const auto it = std::find(samples.begin(), samples.end(), value);
    return it == samples.end() ? std::size_t{0} : static_cast<std::size_t>(it - samples.begin());
  };
  return {find(std::nextafter(e.min, kInfinite), kInfinite),
          find(-kInfinite, std::nextafter(e.max, -kInfinite))};
}

Moments momentsOf(std::span<const float> samples) {
  return hasWideVectors() ? momentsWide(samples.data(), samples.size())
                          : momentsPlain(samples.data(), samples.size());
}

std::size_t runsOfLost(std::span<const float> samples) {
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
