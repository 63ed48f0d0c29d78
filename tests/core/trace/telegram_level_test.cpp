// Coded pulses on a rest that does not stay, in hum, under spikes; data words of a wheel that
// stands. Widths and levels: pulse-width protocol, 90 us, and AK protocol, 50 us and 150 ms (from
// memory).
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "core/trace/square_level.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kCodedRate = 200'000;
constexpr double kLowLevel = 0.75, kHighLevel = 1.5;

capture::Record inNoise(std::vector<float> samples, double noise = 0.001) {
  std::mt19937 random(3);
  std::normal_distribution<double> rustle(0, noise);
  for (float& v : samples) {
    v += static_cast<float>(rustle(random));
  }
  return recordFrom(std::move(samples), kCodedRate);
}

/// One second of pulses of 90 us, `hz` of them; `on` is added at each moment.
template <class On>
std::vector<float> pulses(double hz, const On& on, double until = 1.0) {
  std::vector<float> out;
  for (int i = 0; i < static_cast<int>(kCodedRate); ++i) {
    const double s = i / kCodedRate;
    const double since = std::fmod(s, 1 / hz);
    const bool up = s < until && since < 90e-6;
    out.push_back(static_cast<float>((up ? kHighLevel : kLowLevel) + on(s)));
  }
  return out;
}

void expectPulses(const ChannelAnalysis& a, double count) {
  EXPECT_EQ(a.signal, Signal::activePwm);
  EXPECT_NEAR(static_cast<double>(a.pulseCount), count, 2);
  EXPECT_TRUE(a.dropouts.empty()) << a.dropouts.front().startS;
}

bool isBlamed(const ChannelAnalysis& a) {
  return std::any_of(a.findings.begin(), a.findings.end(),
                     [](const Finding& f) { return f.severity == Severity::fault; });
}

TEST(TelegramLevel, ARestThatDriftsOrSagsLosesNoPulse) {
  const auto drift = [](double s) { return 0.3 * s; };
  const auto sag = [](double s) { return -0.78 + 0.375 * std::exp(-s / 0.4); };
  for (const double hz : {55.0, 340.0}) {
    for (const double until : {1.0, 0.8}) {
      for (const auto& samples : {pulses(hz, drift, until), pulses(hz, sag, until)}) {
        const auto a = analyse(inNoise(samples), 0, {});
        expectPulses(a, hz * until);
        EXPECT_FALSE(isBlamed(a)) << a.findings[0].text;
      }
    }
  }
}

TEST(TelegramLevel, ARestThatStepsIsSaid) {
  for (const double step : {0.45, -0.3}) {
    const auto a =
        analyse(inNoise(pulses(122, [&](double s) { return s > 0.55 ? step : 0.0; })), 0, {});
    expectPulses(a, 122);
    EXPECT_EQ(a.findings[0].code, Code::biasShift);
    EXPECT_NEAR(a.levelStepS, 0.55, 0.02);
  }
}

TEST(TelegramLevel, HumUnderThemIsNoSquareWave) {
  const auto hum = [](double s) { return 0.0225 * std::sin(2 * std::numbers::pi * 50 * s); };
  for (const double hz : {49.0, 245.0}) {
    const auto a = analyse(inNoise(pulses(hz, hum)), 0, {});
    expectPulses(a, hz);
    EXPECT_NEAR(a.levels.low, kLowLevel, 0.01);
    EXPECT_FALSE(isBlamed(a)) << a.findings[0].text;
  }
}

TEST(TelegramLevel, FourSpikesAreNeitherWordsNorPulses) {
  for (const double height : {2.25, 3.0}) {  // the first up to four times the rest, as a word's
    auto samples = pulses(123, [](double) { return 0.0; });
    for (const std::size_t at : {40'111U, 81'000U, 120'300U, 160'450U}) {
      samples[at] += static_cast<float>(height);
      samples[at + 1] += static_cast<float>(height);
    }
    const auto a = analyse(inNoise(std::move(samples)), 0, {});
    expectPulses(a, 123);
    EXPECT_LT(a.frequencyHz->max, 130);
  }
}

TEST(TelegramLevel, AStandingWheelsWordsAreItsSayingSo) {
  std::mt19937 random(9);
  std::vector<float> samples(static_cast<std::size_t>(kCodedRate), 0.7F);
  std::size_t words = 0;
  for (double start = 0.003; start < 0.99; start += 0.15, ++words) {
    auto at = static_cast<std::size_t>(start * kCodedRate);
    const auto hold = [&](std::size_t length, float level) {
      std::fill_n(samples.begin() + static_cast<std::ptrdiff_t>(at), length, level);
      at += length;
    };
    hold(10, 1.4F);
    hold(5, 0.7F);
    for (int bit = 0; bit < 9; ++bit) {
      const bool one = random() % 2 == 0;
      hold(5, one ? 1.4F : 0.7F);
      hold(5, one ? 0.7F : 1.4F);
    }
  }
  for (const auto asked : {circuit::SensorKind::unknown, circuit::SensorKind::activeAk}) {
    Options options;
    options.sensor = asked;
    const auto a = analyse(inNoise(samples, 0.005), 0, options);
    EXPECT_EQ(a.signal, Signal::activeAk);
    EXPECT_TRUE(a.standstillOnly);
    EXPECT_EQ(a.pulseCount, words);
    EXPECT_FALSE(isBlamed(a)) << a.findings[0].text;
    EXPECT_FALSE(a.frequencyHz.has_value());
  }
}

TEST(TelegramLevel, ALineThatIsMovedIsNotLevelled) {
  std::vector<float> samples(static_cast<std::size_t>(kCodedRate), 0.75F);
  for (std::size_t i = 60'000; i < 110'000; ++i) {
    samples[i] = 12.0F;
  }
  const auto record = inNoise(samples);
  EXPECT_FALSE(levelOfTelegrams(record.channels[0].samples, Distribution(samples)));
}

}  // namespace
}  // namespace haybale::trace
