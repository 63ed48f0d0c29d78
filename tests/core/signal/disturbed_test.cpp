// Noise, hum, drift and crackle against what defines them: moments of a normal distribution, a
// discrete Fourier sum, exponential spells (textbook statistics).
#include "core/signal/disturbed.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/signal/substitute.h"
#include "support/haybale_test.h"

namespace haybale::signal {
namespace {

constexpr double kRate = 10000;

std::vector<float> disturbed(const Disturbance& d, std::size_t count = 100'000) {
  std::vector<float> out(count, 0.0F);
  disturb(out, kRate, d);
  return out;
}

double meanOf(const std::vector<float>& v) {
  double sum = 0;
  for (const float x : v) {
    sum += x;
  }
  return sum / static_cast<double>(v.size());
}

TEST(Disturbance, NoiseIsNormalAndWhite) {
  const auto v = disturbed({0.02, 0, 50, 0, 7});
  const auto n = static_cast<double>(v.size());
  const double mean = meanOf(v);
  double square = 0, fourth = 0, next = 0;
  for (std::size_t i = 0; i < v.size(); ++i) {
    const double x = v[i] - mean;
    square += x * x;
    fourth += x * x * x * x;
    next += i > 0 ? x * (v[i - 1] - mean) : 0;
  }
  const double sigma = std::sqrt(square / n);
  EXPECT_NEAR(mean, 0, 4 * 0.02 / std::sqrt(n));
  EXPECT_NEAR(sigma, 0.02, 4 * 0.02 / std::sqrt(2 * n));
  EXPECT_NEAR(fourth / n / std::pow(sigma, 4), 3, 4 * std::sqrt(24 / n)) << "kurtosis";
  EXPECT_NEAR(next / square, 0, 4 / std::sqrt(n)) << "one sample says nothing of the next";
}

TEST(Disturbance, IsTheSameForTheSameSeedAndAnotherForAnother) {
  const Disturbance d{0.02, 0.1, 50, 0.3, 7};
  EXPECT_EQ(disturbed(d), disturbed(d));
  auto other = d;
  other.seed = 8;
  EXPECT_NE(disturbed(d), disturbed(other));
  EXPECT_FALSE(Disturbance{}.any());
  EXPECT_TRUE(d.any());
}

TEST(Disturbance, HumIsASineOfThatHeightAtTheMainsAndNowhereElse) {
  for (const double mains : {50.0, 60.0, 50.0 / 3}) {
    const auto v = disturbed({0, 0.05, mains, 0, 1}, 60'000);  // whole cycles of all three
    const auto at = [&](double hz) {
      std::complex<double> sum = 0;
      for (std::size_t i = 0; i < v.size(); ++i) {
        sum += static_cast<double>(v[i]) *
               std::polar(1.0, -2 * std::numbers::pi * hz * static_cast<double>(i) / kRate);
      }
      return 2 * std::abs(sum) / static_cast<double>(v.size());
    };
    EXPECT_NEAR(at(mains), 0.05, 1e-4) << mains;
    EXPECT_NEAR(at(2 * mains), 0, 1e-4);
    EXPECT_NEAR(at(mains + 1), 0, 1e-4);
  }
}

TEST(Disturbance, DriftIsAStraightLine) {
  const auto v = disturbed({0, 0, 50, 0.3, 1});
  EXPECT_NEAR(v.back() - v.front(), 0.3 * (static_cast<double>(v.size()) - 1) / kRate, 1e-5);
  EXPECT_NEAR(v[v.size() / 2], (v.back() + v.front()) / 2, 1e-4);
}

TEST(Crackle, SpellsAreExponentialInOrderAndWithin) {
  const auto spans = crackle(1, 60, 5);
  ASSERT_GT(spans.size(), 1000U);
  double off = 0, between = 0;
  std::size_t longer = 0;
  for (std::size_t i = 0; i < spans.size(); ++i) {
    EXPECT_LT(spans[i].startS, spans[i].endS);
    EXPECT_GE(spans[i].startS, i > 0 ? spans[i - 1].endS : 1);
    EXPECT_LE(spans[i].endS, 61);
    off += spans[i].endS - spans[i].startS;
    between += i > 0 ? spans[i].startS - spans[i - 1].endS : 0;
  }
  const auto n = static_cast<double>(spans.size());
  const double mean = off / n;
  for (const auto& s : spans) {
    longer += s.endS - s.startS > mean ? 1 : 0;
  }
  // One of the two means is 2 ms and the other 5 ms; of exponential spells one in e is longer than
  // their mean.
  EXPECT_NEAR(std::min(mean, between / n), 0.002, 0.0003);
  EXPECT_NEAR(std::max(mean, between / n), 0.005, 0.0006);
  EXPECT_NEAR(static_cast<double>(longer) / n, 1 / std::numbers::e, 0.03);
}

// Faults of the ring stand where they were asked for, by the signal's own edges.
TEST(Substitute, AWideGapAndAnAbsentToothStandWhereTheyWereAskedFor) {
  Substitute wanted;
  wanted.kind = circuit::SensorKind::active;
  wanted.kmh = [](double) { return 20.0; };
  wanted.durationS = 1;
  wanted.rateHz = 50000;
  wanted.faults = {WideGap{10, 50}, MissingTooth{20}};
  const auto record = substitute(wanted);
  ASSERT_HB_OK(record);
  const auto& v = record->channels[0].samples;
  std::vector<double> rises;
  for (std::size_t i = 1; i < v.size(); ++i) {
    if (v[i - 1] < 0.0105F && v[i] >= 0.0105F) {
      rises.push_back(static_cast<double>(i) / wanted.rateHz);
    }
  }
  // v = 20 / 3.6 m/s, f = v N / C (trade notes, section 3).
  const double tooth = 1.95 * 3.6 / (20 * 48);
  ASSERT_GT(rises.size(), 40U);
  const auto gap = [&](std::size_t i) { return (rises[i + 1] - rises[i]) / tooth; };
  EXPECT_NEAR(gap(9), 1, 0.02);
  EXPECT_NEAR(gap(10), 1.5, 0.02) << "behind tooth 10";
  EXPECT_NEAR(gap(11), 1, 0.02);
  EXPECT_NEAR(gap(19), 2, 0.02) << "tooth 20 is not there";
  EXPECT_NEAR(gap(20), 1, 0.02);
}

}  // namespace
}  // namespace haybale::signal
