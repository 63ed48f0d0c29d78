// Least and greatest of any stretch, against looking at every sample of it.
#include "core/capture/pyramid.h"

#include <cmath>
#include <random>

#include "support/haybale_test.h"

namespace haybale::capture {
namespace {

Pyramid::Range lookedAtOneByOne(const std::vector<float>& samples, std::size_t from,
                                std::size_t to) {
  Pyramid::Range out{INFINITY, -INFINITY};
  for (std::size_t i = from; i < std::min(to, samples.size()); ++i) {
    if (!std::isnan(samples[i])) {
      out.min = std::min(out.min, samples[i]);
      out.max = std::max(out.max, samples[i]);
    }
  }
  return out;
}

// Three levels of blocks and a rest that fills none; a stretch of lost samples; spikes of one
// sample that only the right block holds.
TEST(Pyramid, SaysOfEveryStretchWhatIsInIt) {
  std::mt19937 random(3);
  std::vector<float> samples(70'001);
  for (auto& v : samples) {
    v = static_cast<float>(random() % 1000);
    v = random() % 500 == 0 ? 100 * v - 50'000 : v;
  }
  std::fill(samples.begin() + 20'000, samples.begin() + 24'000, NAN);
  const Pyramid pyramid(samples);
  for (int round = 0; round < 3000; ++round) {
    const std::size_t length = 1 + random() % (round % 3 == 0   ? 100
                                               : round % 3 == 1 ? 3000
                                                                : 70'000);
    const std::size_t from = random() % samples.size();
    const auto wanted = lookedAtOneByOne(samples, from, from + length);
    const auto got = pyramid.range(from, from + length);
    ASSERT_EQ(got.empty(), wanted.empty()) << from << " " << length;
    if (!wanted.empty()) {
      ASSERT_EQ(got.min, wanted.min) << from << " " << length;
      ASSERT_EQ(got.max, wanted.max) << from << " " << length;
    }
  }
}

TEST(Pyramid, OfNothingIsEmpty) {
  const std::vector<float> none;
  EXPECT_TRUE(Pyramid(none).range(0, 10).empty());
  const std::vector<float> some(5000, 1.0F);
  const Pyramid pyramid(some);
  EXPECT_TRUE(pyramid.range(10, 10).empty());
  EXPECT_TRUE(pyramid.range(20, 10).empty());
  EXPECT_TRUE(pyramid.range(5000, 6000).empty());
}

}  // namespace
}  // namespace haybale::capture
