// The fast passes against the same said one sample after the other.
#include "core/capture/extent.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <random>
#include <vector>

#include "core/capture/bounds.h"

namespace haybale::capture {
namespace {

constexpr float kLost = std::numeric_limits<float>::quiet_NaN();

// Whole volts between -20 and 20, so that sums are exact in either order.
std::vector<float> wave(std::size_t size, unsigned seed, double shareLost = 0) {
  std::minstd_rand random(seed);
  std::vector<float> out(size);
  for (auto& v : out) {
    v = static_cast<float>(static_cast<int>(random() % 41) - 20);
    v = static_cast<double>(random() % 1000) < 1000 * shareLost ? kLost : v;
  }
  return out;
}

std::size_t firstBeyondSlowly(const std::vector<float>& v, std::size_t from, float low,
                              float high) {
  while (from < v.size() && v[from] >= low && v[from] <= high) {
    ++from;
  }
  return from;
}

TEST(FirstBeyond, IsFoundWhereverItLiesAndWhereverOneBegins) {
  for (std::size_t at = 0; at < 90; ++at) {
    std::vector<float> v(97, 1);
    v[at] = 3;
    for (std::size_t from = 0; from <= at; ++from) {
      EXPECT_EQ(firstBeyond(v, from, v.size(), 0, 2), at) << "from " << from;
    }
    EXPECT_EQ(firstBeyond(v, at + 1, v.size(), 0, 2), v.size());
  }
}

TEST(FirstBeyond, NeverLooksBehindItsEnd) {
  std::vector<float> v(80, 1);
  v[50] = 3;
  for (std::size_t to = 0; to <= 50; ++to) {
    EXPECT_EQ(firstBeyond(v, 0, to, 0, 2), to);
  }
}

TEST(FirstBeyond, ALostSampleIsBeyondWhateverTheBounds) {
  constexpr float kInfinite = std::numeric_limits<float>::infinity();
  for (std::size_t at = 0; at < 70; ++at) {
    std::vector<float> v(71, 1);
    v[at] = kLost;
    EXPECT_EQ(firstBeyond(v, 0, v.size(), -kInfinite, kInfinite), at);
  }
}

TEST(FirstBeyond, AgreesWithLookingAtEachOnRandomWaves) {
  for (unsigned seed = 1; seed <= 40; ++seed) {
    const auto v = wave(300, seed, seed % 3 == 0 ? 0.02 : 0);
    for (std::size_t at = 0; at < v.size();) {
      const std::size_t next = firstBeyond(v, at, v.size(), -18, 19);
      ASSERT_EQ(next, firstBeyondSlowly(v, at, -18, 19)) << "seed " << seed << " from " << at;
      at = next + 1;
    }
  }
}

TEST(ExtentOf, IsThatOfTheSamplesThatAreNotLost) {
  for (std::size_t size = 0; size < 700; size += size < 70 ? 1 : 37) {
    const auto v = wave(size, static_cast<unsigned>(size + 1), size % 2 == 0 ? 0.05 : 0);
    Extent slow{std::numeric_limits<float>::infinity(), -std::numeric_limits<float>::infinity(), 0,
                0};
    for (const float x : v) {
      if (!std::isnan(x)) {
        slow = {std::min(slow.min, x), std::max(slow.max, x), slow.sum + static_cast<double>(x),
                slow.count + 1};
      }
    }
    const Extent fast = extentOf(v);
    EXPECT_EQ(fast.min, slow.min) << size;
    EXPECT_EQ(fast.max, slow.max) << size;
    EXPECT_EQ(fast.sum, slow.sum) << size;
    EXPECT_EQ(fast.count, slow.count) << size;
  }
}

TEST(PeaksOf, AreTheFirstOfThoseThatAreEqual) {
  for (unsigned seed = 1; seed <= 30; ++seed) {
    const auto v = wave(211, seed, seed % 2 == 0 ? 0.1 : 0);
    const Extent e = extentOf(v);
    const Peaks p = peaksOf(v, e);
    EXPECT_EQ(p.lowAt, static_cast<std::size_t>(std::find(v.begin(), v.end(), e.min) - v.begin()));
    EXPECT_EQ(p.highAt, static_cast<std::size_t>(std::find(v.begin(), v.end(), e.max) - v.begin()));
  }
}

TEST(MomentsOf, AreTheSumsTheyAreNamedFor) {
  for (std::size_t size = 0; size < 40; ++size) {
    const auto v = wave(size, static_cast<unsigned>(size + 7));
    Moments slow;
    for (std::size_t i = 0; i < size; ++i) {
      const auto x = static_cast<double>(i);
      slow.y += v[i];
      slow.xy += x * v[i];
      slow.xxy += x * x * v[i];
    }
    const Moments fast = momentsOf(v);
    EXPECT_EQ(fast.y, slow.y);
    EXPECT_EQ(fast.xy, slow.xy);
    EXPECT_EQ(fast.xxy, slow.xxy);
  }
}

TEST(RunsOfLost, CountsThemAtTheEndsAndInTheMiddle) {
  EXPECT_EQ(runsOfLost({}), 0U);
  const std::vector<float> v{kLost, kLost, 1, 2, kLost, 3, kLost};
  EXPECT_EQ(runsOfLost(v), 3U);
  EXPECT_EQ(runsOfLost(std::vector<float>(65, 1)), 0U);
  EXPECT_EQ(runsOfLost(std::vector<float>(65, kLost)), 1U);
}

// The band of every stretch, wherever it begins and ends, as one sample after the other tells it.
TEST(Bounds, AreThoseOfEachSampleOfAStretch) {
  for (const double lost : {0.0, 0.05, 0.6, 1.0}) {
    for (const std::size_t size : {0U, 1U, 63U, 64U, 65U, 300U}) {
      const auto v = wave(size, 11, lost);
      const Bounds bounds(v);
      EXPECT_EQ(bounds.sum(), extentOf(v).sum);
      EXPECT_EQ(bounds.count(), extentOf(v).count);
      ASSERT_EQ(bounds.blocks(), (size + Bounds::kBlock - 1) / Bounds::kBlock);
      for (std::size_t from = 0; from <= size; from += 7) {
        for (std::size_t to = from; to <= size; to += 3) {
          Band slowly;
          for (std::size_t i = from; i < to; ++i) {
            slowly.min = v[i] < slowly.min ? v[i] : slowly.min;
            slowly.max = v[i] > slowly.max ? v[i] : slowly.max;
          }
          const Band quickly = bounds.over(from, to);
          EXPECT_EQ(quickly.empty(), slowly.empty()) << from << " to " << to;
          EXPECT_EQ(quickly.min, slowly.min) << from << " to " << to;
          EXPECT_EQ(quickly.max, slowly.max) << from << " to " << to;
        }
      }
    }
  }
}

// Beyond the size that one core takes at a time.
TEST(Bounds, OfALongRecordAreThoseOfItsBlocks) {
  const auto v = wave((1U << 19) + 200, 12, 0.01);
  const Bounds bounds(v);
  EXPECT_EQ(bounds.sum(), extentOf(v).sum);
  EXPECT_EQ(bounds.count(), extentOf(v).count);
  for (std::size_t k = 0; k < bounds.blocks(); k += 97) {
    const auto from = k * Bounds::kBlock;
    const auto e = extentOf(std::span(v).subspan(from, std::min(Bounds::kBlock, v.size() - from)));
    ASSERT_EQ(bounds.block(k).min, e.min) << k;
    ASSERT_EQ(bounds.block(k).max, e.max) << k;
  }
}

}  // namespace
}  // namespace haybale::capture
