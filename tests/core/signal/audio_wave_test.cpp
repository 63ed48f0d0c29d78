// What goes to the sound card: height, pitch, no break; and what it refuses.
#include "core/signal/audio_wave.h"

#include <cmath>

#include "support/haybale_test.h"

namespace haybale::signal {
namespace {

// Rising crossings of zero in the second half.
int crossings(const std::vector<std::int16_t>& samples, std::size_t from) {
  int n = 0;
  for (std::size_t i = from + 1; i < samples.size(); ++i) {
    n += samples[i - 1] < 0 && samples[i] >= 0;
  }
  return n;
}

TEST(AudioWave, HasTheHeightAndThePitchThatWereAskedFor) {
  AudioWave wave;
  std::vector<std::int16_t> all;
  for (int block = 0; block < 20; ++block) {
    const auto some = wave.next(0.1, 137, 0.5);
    all.insert(all.end(), some.begin(), some.end());
  }
  const std::size_t half = all.size() / 2;
  EXPECT_NEAR(crossings(all, half), 137, 1);
  int top = 0;
  int steepest = 0;
  for (std::size_t i = half; i + 1 < all.size(); ++i) {
    top = std::max(top, std::abs(int{all[i]}));
    steepest = std::max(steepest, std::abs(all[i + 1] - all[i]));
  }
  EXPECT_NEAR(top, 16384, 40);
  // No step between blocks: a sine of this pitch moves by 2 pi f A / rate at most.
  EXPECT_LT(steepest, 2 * 3.1416 * 137 * 16384 / AudioWave::kRate + 2);
  EXPECT_LT(std::abs(int{all[10]}), 400) << "it begins softly";
}

TEST(AudioWave, MoreThanTheOutputGivesIsRefused) {
  EXPECT_NEAR(*audioShare(1.4, 2.8), 0.5, 1e-12);
  const auto refused = audioShare(4, 2.8);
  ASSERT_FALSE(refused.ok());
  EXPECT_NE(refused.error().sentence().find("2.80 V"), std::string::npos);
  EXPECT_FALSE(audioShare(0, 2.8).ok());
}

}  // namespace
}  // namespace haybale::signal
