// Turns laid over each other, cursors, hum, the spacing law, ranges and excerpts.
#include "core/trace/turns.h"

#include <cmath>
#include <limits>
#include <numbers>
#include <random>

#include "core/capture/excerpt.h"
#include "core/capture/pyramid.h"
#include "core/signal/substitute.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

capture::Record wheel(double kmh, std::vector<signal::SignalFault> faults = {}) {
  signal::Substitute wanted;
  wanted.kmh = [kmh](double) { return kmh; };
  wanted.topKmh = kmh;
  wanted.durationS = 4;
  wanted.faults = std::move(faults);
  return *signal::substitute(wanted);
}

Options known() {
  Options options;
  options.teeth = 48;
  options.circumferenceM = 1.95;
  return options;
}

TEST(Turns, LieOverEachOtherWhateverTheSpeed) {
  const auto slow = wheel(9);
  const auto fast = wheel(15);
  const auto a = turnsOf(slow, 0, analyse(slow, 0, known()), 12, 5);
  const auto b = turnsOf(fast, 0, analyse(fast, 0, known()), 12, 5);
  ASSERT_EQ(a.size(), 5U);
  ASSERT_EQ(b.size(), 5U);
  ASSERT_EQ(a[0].values.size(), 48U * 12 + 1);
  for (std::size_t k = 0; k < a[0].values.size(); ++k) {
    EXPECT_NEAR(a[0].values[k], a[4].values[k], 0.06);
    EXPECT_NEAR(a[0].values[k], b[2].values[k], 0.08) << "same height, stated at its own speed";
  }
}

TEST(Turns, TheMissingToothStandsAtItsPlaceInEach) {
  const auto record = wheel(12, {signal::MissingTooth{13}});
  const auto turns = turnsOf(record, 0, analyse(record, 0, known()), 12, 4);
  ASSERT_EQ(turns.size(), 4U);
  for (const auto& turn : turns) {
    double most = 0;
    for (std::size_t k = 13 * 12 + 1; k < 14 * 12 - 1; ++k) {
      most = std::max(most, std::abs(static_cast<double>(turn.values[k])));
    }
    EXPECT_LT(most, 0.05);
    EXPECT_GT(turn.values[12 * 12 + 3], 0.4);
  }
}

TEST(Cursors, CountTeethAndSpeedBetweenThem) {
  const auto record = wheel(12);
  const auto analysis = analyse(record, 0, known());
  const auto b = between(record, 0, analysis, 0.5, 1.5);
  EXPECT_DOUBLE_EQ(b.seconds, 1);
  // f = v N / C = 12 / 3.6 * 48 / 1.95.
  EXPECT_NEAR(b.teeth.value_or(0), 82.05, 0.05);
  EXPECT_NEAR(b.meanHz.value_or(0), 82.05, 0.05);
  EXPECT_NEAR(b.kmh.value_or(0), 12, 0.01);
  EXPECT_FALSE(between(record, 0, analysis, -3, 1.5).teeth) << "before the record nothing passed";
}

TEST(Comparing, TwoWheelsByAllTheyHaveInCommon) {
  auto quick = wheel(15);
  auto slow = wheel(9);
  auto a = analyse(quick, 0, known());
  auto b = analyse(slow, 0, known());
  a.name = "LF";
  b.name = "RF";
  const auto all = compareAll(a, b);
  const auto of = [&](Compared quantity) {
    const auto it = std::find_if(all.begin(), all.end(),
                                 [&](const Comparison& c) { return c.quantity == quantity; });
    return it == all.end() ? 0.0 : it->ratio;
  };
  // One volt at 15 km/h is three fifths of one volt at 9 km/h, at equal speed.
  EXPECT_NEAR(of(Compared::fluxSwing), 0.6, 0.01);
  EXPECT_DOUBLE_EQ(of(Compared::teeth), 1);
  EXPECT_EQ(all.front().quantity, Compared::fluxSwing) << "the speed-fair one first";
  EXPECT_EQ(of(Compared::lowLevel), 0) << "a coil has no two levels";
}

// Wallace 1951: 54.6 dB for a spacing of one wavelength.
TEST(SpacingLaw, LosesFiftyFourDecibelsAWavelength) {
  EXPECT_NEAR(gapDifferenceInPitches(std::pow(10, -54.6 / 20)), 1, 0.001);
  EXPECT_DOUBLE_EQ(gapDifferenceInPitches(1), 0);
}

TEST(LossSpeed, FollowsFromTheFluxSwing) {
  const auto record = wheel(12);  // 1 V peak to peak at 12 km/h
  auto options = known();
  options.lossVolts = 0.25;
  const auto analysis = analyse(record, 0, options);
  EXPECT_NEAR(analysis.lostBelowKmh.value_or(0), 3, 0.05);
}

TEST(Hum, IsFoundOnAStandingWheelAndNotInvented) {
  capture::Record record;
  record.time.stepS = 1e-4;
  auto& channel = record.channels.emplace_back();
  std::mt19937 random(5);
  std::normal_distribution<float> noise(0, 0.01F);
  for (int i = 0; i < 20000; ++i) {
    channel.samples.push_back(
        2.5F + noise(random) +
        0.15F * static_cast<float>(std::sin(2 * std::numbers::pi * 50 * i * 1e-4)));
  }
  const auto hum = humOf(channel.samples, 1e4);
  ASSERT_TRUE(hum);
  EXPECT_DOUBLE_EQ(hum->hz, 50);
  EXPECT_NEAR(hum->amplitude, 0.15, 0.003);
  for (auto& v : channel.samples) {
    v = 2.5F + noise(random);
  }
  EXPECT_FALSE(humOf(channel.samples, 1e4));
  EXPECT_FALSE(humOf(std::span(channel.samples).first(2000), 1e4)) << "too short to tell";
}

TEST(Pyramid, GivesTheRangeOfAnyStretch) {
  std::mt19937 random(11);
  std::vector<float> samples(70000);
  for (auto& v : samples) {
    v = static_cast<float>(random() % 100000) / 1000;
  }
  samples[500] = std::numeric_limits<float>::quiet_NaN();
  const capture::Pyramid pyramid(samples);
  for (int k = 0; k < 3000; ++k) {
    std::size_t from = random() % samples.size();
    std::size_t to = random() % (samples.size() + 1);
    if (k % 3 == 0) {
      to = std::min(samples.size(), from + random() % 200);
    }
    if (from > to) {
      std::swap(from, to);
    }
    float least = std::numeric_limits<float>::infinity();
    float most = -least;
    for (std::size_t i = from; i < to; ++i) {
      if (!std::isnan(samples[i])) {
        least = std::min(least, samples[i]);
        most = std::max(most, samples[i]);
      }
    }
    const auto range = pyramid.range(from, to);
    ASSERT_EQ(range.min, least) << from << " to " << to;
    ASSERT_EQ(range.max, most);
  }
  EXPECT_TRUE(pyramid.range(10, 10).empty());
  EXPECT_TRUE(pyramid.range(500, 501).empty()) << "a lost sample has no range";
  EXPECT_TRUE(capture::Pyramid({}).range(0, 5).empty());
}

TEST(Excerpt, PutsRecordsOfDifferentRatesSideBySide) {
  capture::Record fine;
  fine.time.stepS = 0.001;
  fine.channels.push_back({"x", units::Unit::volt, {}});
  capture::Record coarse;
  coarse.time.startS = 0.5;
  coarse.time.stepS = 0.01;
  coarse.channels.push_back({"y", units::Unit::volt, {}});
  for (int i = 0; i < 1000; ++i) {
    fine.channels[0].samples.push_back(static_cast<float>(i));
    if (i < 20) {
      coarse.channels[0].samples.push_back(static_cast<float>(100 + i));
    }
  }
  const std::vector<capture::ExcerptSource> sources{{&fine, 0, "LF"}, {&coarse, 0, "RF"}};
  const auto out = capture::excerpt(sources, 0.4955, 0.5305);
  ASSERT_EQ(out.channels.size(), 2U);
  ASSERT_EQ(out.size(), 35U);
  EXPECT_NEAR(out.time.at(0), 0.496, 1e-9);
  EXPECT_EQ(out.channels[0].name, "LF");
  EXPECT_EQ(out.channels[0].samples[0], 496);
  EXPECT_TRUE(std::isnan(out.channels[1].samples[0]));
  EXPECT_EQ(out.channels[1].samples[4], 100);
  EXPECT_EQ(out.channels[1].samples[14], 101);
  EXPECT_TRUE(capture::excerpt(sources, 5, 6).channels.empty());
}

// Long records are read in stretches: the pulses must be those of one go.
TEST(LongRecord, IsReadInStretchesLikeInOneGo) {
  constexpr std::size_t kSamples = 9'000'000;
  capture::Record record;
  record.time.stepS = 1e-5;
  auto& samples = record.channels.emplace_back().samples;
  samples.resize(kSamples);
  for (std::size_t i = 0; i < kSamples; ++i) {
    // 97.3 Hz, so that the seams fall anywhere in a cycle.
    samples[i] = static_cast<float>(
        std::sin(2 * std::numbers::pi * 97.3 * static_cast<double>(i) * 1e-5 + 0.5));
  }
  samples[8'400'000] = std::numeric_limits<float>::quiet_NaN();
  const auto swings = readSwings(samples, record.time, 0, 0.05).pulses;
  const auto plain = readEdges(samples, record.time, {0, 0.2}, Heights::left).pulses;
  for (const auto* pulses : {&swings, &plain}) {
    ASSERT_EQ(pulses->size(), 8757U);  // 90 s at 97.3 Hz, the first half one left out
    std::size_t breaks = 0;
    for (std::size_t i = 1; i < pulses->size(); ++i) {
      const auto& p = (*pulses)[i];
      breaks += p.follows ? 0 : 1;
      ASSERT_NEAR(p.riseS - (*pulses)[i - 1].riseS, 1 / 97.3, 1e-6) << i;
    }
    EXPECT_EQ(breaks, 1U) << "only the lost sample breaks the train";
  }
}

}  // namespace
}  // namespace haybale::trace
