// The reading as a sound.
#include "core/watch/tone.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <limits>

namespace {

using haybale::signal::Tone;

int crossings(const std::vector<std::int16_t>& samples) {
  int count = 0;
  for (std::size_t i = 1; i < samples.size(); ++i) {
    count += samples[i - 1] < 0 && samples[i] >= 0 ? 1 : 0;
  }
  return count;
}

TEST(Tone, ThePitchFollowsTheReading) {
  EXPECT_DOUBLE_EQ(Tone::pitchHz(1100, 1100), 440);
  EXPECT_DOUBLE_EQ(Tone::pitchHz(4400, 1100), 880);
  EXPECT_DOUBLE_EQ(Tone::pitchHz(275, 1100), 220);
  EXPECT_DOUBLE_EQ(Tone::pitchHz(0, 1100), 110);
  EXPECT_DOUBLE_EQ(Tone::pitchHz(std::numeric_limits<double>::infinity(), 1100), 1760);
  EXPECT_DOUBLE_EQ(Tone::pitchHz(5, 0), 440);
}

TEST(Tone, ASecondHasAsManyWavesAsItsPitch) {
  Tone tone;
  (void)tone.next(0.2, 660, false);  // glided there
  EXPECT_NEAR(crossings(tone.next(1, 660, false)), 660, 2);
}

TEST(Tone, BlocksJoinWithoutAStep) {
  Tone tone;
  std::vector<std::int16_t> all;
  for (int i = 0; i < 40; ++i) {
    const auto block = tone.next(0.05, i % 2 == 0 ? 440 : 520, false);
    all.insert(all.end(), block.begin(), block.end());
  }
  for (std::size_t i = 1; i < all.size(); ++i) {
    // The steepest a sine of 520 Hz of this loudness gets between two samples.
    ASSERT_LT(std::abs(all[i] - all[i - 1]), 2100);
  }
}

TEST(Tone, ADropoutRattles) {
  Tone tone;
  const auto samples = tone.next(1, 440, true);
  int silent = 0;
  for (const auto s : samples) {
    silent += s == 0 ? 1 : 0;
  }
  EXPECT_GT(silent, Tone::kRate / 3);
  EXPECT_LT(silent, 2 * Tone::kRate / 3);
}

}  // namespace
