// Marks of the ring that pass but once, or in noise: what may be said of them and what not. The
// waves are made here from a wheel's angle; nothing of the analysis is in them.
#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <functional>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

struct Spin {
  double seconds = 4;
  double hz = 24;        ///< teeth a second at the start
  double dies = 0;       ///< time constant of a spin that dies out; 0: even
  double jerks = 0;      ///< share by which a hand turns it faster and slower, 1.4 times a second
  double noise = 0.004;  ///< rms, volts
  int teeth = 48;
  std::function<double(double)> swell = [](double) { return 1.0; };  ///< of the tooth's number
  std::optional<double> widerAt;                                     ///< tooth behind a wider gap
  double wider = 0.6;                                                ///< of a pitch
};

// A coil's wave: its output grows with the speed.
capture::Record wave(const Spin& s) {
  constexpr double kRate = 5000;
  std::mt19937 random(7);
  std::normal_distribution<double> noise(0, s.noise);
  std::vector<float> volts;
  double passed = 0.3;
  double hold = 0;
  for (int i = 0; i < static_cast<int>(kRate * s.seconds); ++i) {
    const double t = i / kRate;
    const double hz = s.hz * (s.dies > 0 ? std::exp(-t / s.dies) : 1) *
                      (1 + s.jerks * std::sin(2 * std::numbers::pi * 1.4 * t));
    const double before = std::fmod(passed, s.teeth);
    if (hold > 0) {
      hold -= hz / kRate;
    } else {
      passed += hz / kRate;
      const double now = std::fmod(passed, s.teeth);
      if (s.widerAt && before < *s.widerAt && now >= *s.widerAt) {
        hold = s.wider;
      }
    }
    const double v = hold > 0 ? 0 : s.swell(passed) * std::sin(2 * std::numbers::pi * passed);
    volts.push_back(static_cast<float>(0.006 * hz * v + noise(random)));
  }
  return recordFrom(std::move(volts), kRate);
}

Options ofTeeth(int teeth) {
  Options options;
  options.teeth = teeth;
  return options;
}

const Finding* find(const ChannelAnalysis& a, Code code) {
  for (const auto& f : a.findings) {
    if (f.code == code) {
      return &f;
    }
  }
  return nullptr;
}

TEST(RingMarks, AGapThatIsWiderOnceIsSaidWithDoubt) {
  Spin s;
  s.seconds = 3;  // 72 teeth: one and a half turns
  s.widerAt = 30;
  const auto a = analyse(wave(s), 0, ofTeeth(48));
  const auto* crack = find(a, Code::crackedRing);
  ASSERT_NE(crack, nullptr) << a.findings.front().text;
  EXPECT_EQ(crack->severity, Severity::suspect);
  EXPECT_LT(crack->confidence, 0.8);
  ASSERT_TRUE(crack->place.has_value());
  // It passes (30 - 0.3) / 24 s after the start.
  EXPECT_LT(crack->place->first, 1.24);
  EXPECT_GT(crack->place->second, 1.24);
  int percent = 0;
  ASSERT_EQ(std::sscanf(crack->text.c_str(), "One gap is %d %%", &percent), 1) << crack->text;
  EXPECT_NEAR(percent, 60, 8);
}

TEST(RingMarks, SeenInEveryTurnItIsAFault) {
  Spin s;
  s.seconds = 9;
  s.widerAt = 30;
  const auto a = analyse(wave(s), 0, ofTeeth(48));
  const auto* crack = find(a, Code::crackedRing);
  ASSERT_NE(crack, nullptr) << a.findings.front().text;
  EXPECT_EQ(crack->severity, Severity::fault);
}

// Teeth are placed to two hundredths of a pitch or so: of thousands of sound rings some have a gap
// a seventh wider.
TEST(RingMarks, ASeventhWiderInEveryTurnIsSuspectedAQuarterIsAFault) {
  for (const auto& [wider, severity] :
       {std::pair{0.145, Severity::suspect}, std::pair{0.25, Severity::fault}}) {
    Spin s;
    s.seconds = 9;
    s.widerAt = 30;
    s.wider = wider;
    const auto a = analyse(wave(s), 0, ofTeeth(48));
    const auto* crack = find(a, Code::crackedRing);
    ASSERT_NE(crack, nullptr) << wider << a.findings.front().text;
    EXPECT_EQ(crack->severity, severity) << wider;
    EXPECT_EQ(crack->confidence > 0.9, severity == Severity::fault) << crack->confidence;
  }
}

// A hand that hesitates stretches several gaps, not one.
TEST(RingMarks, AHandThatHesitatesIsNoCrack) {
  for (const double depth : {0.1, 0.3, 0.45}) {
    Spin s;
    s.seconds = 3;
    auto record = wave(s);
    // The same wave with its time bent: slower by `depth` for a quarter of a second.
    auto& samples = record.channels[0].samples;
    std::vector<float> bent;
    double at = 0;
    while (at < static_cast<double>(samples.size()) - 1) {
      bent.push_back(samples[static_cast<std::size_t>(at)]);
      const double t = static_cast<double>(bent.size()) * record.time.stepS;
      const double dip = std::exp(-std::pow((t - 1.5) / 0.12, 2));
      at += 1 - depth * dip;
    }
    samples = std::move(bent);
    const auto a = analyse(record, 0, ofTeeth(48));
    EXPECT_EQ(find(a, Code::crackedRing), nullptr) << depth;
  }
}

TEST(RingMarks, RunOutIsFoundThoughItsTroughSinksIntoTheNoise) {
  Spin s;
  s.teeth = 54;
  s.hz = 38;
  s.seconds = 5;
  s.dies = 5.5;
  s.noise = 0.02;
  s.swell = [](double tooth) { return 1 + 0.45 * std::sin(2 * std::numbers::pi * tooth / 54); };
  const auto a = analyse(wave(s), 0, ofTeeth(54));
  const auto* runout = find(a, Code::ringRunout);
  ASSERT_NE(runout, nullptr) << a.findings.front().text;
  EXPECT_EQ(runout->severity, Severity::fault);
  // (max - min) / (max + min) of what was put in.
  ASSERT_TRUE(a.ring && a.ring->runoutPercent);
  EXPECT_NEAR(*a.ring->runoutPercent, 45, 12);
}

TEST(RingMarks, NoiseAloneIsNoRunOut) {
  for (const double noise : {0.005, 0.02, 0.035}) {
    Spin s;
    s.teeth = 54;
    s.hz = 38;
    s.seconds = 5;
    s.dies = 5.5;
    s.noise = noise;
    EXPECT_EQ(find(analyse(wave(s), 0, ofTeeth(54)), Code::ringRunout), nullptr) << noise;
  }
}

// That the ring is suspected or blamed of a crack.
void expectCrack(const ChannelAnalysis& a) {
  const auto* crack = find(a, Code::crackedRing);
  ASSERT_NE(crack, nullptr) << a.findings.front().text;
  EXPECT_NE(crack->severity, Severity::note);
  EXPECT_EQ(crack->where, Where::ring);
}

// A gap that is wide every fifty-two teeth, in a ring nobody has counted: the gap itself counts it.
// Twice is suspected, three times blamed; where the teeth are said to be others it is not said.
TEST(RingMarks, AGapThatRecursCountsTheRingItself) {
  Spin s;
  s.teeth = 52;
  s.widerAt = 20;
  s.wider = 0.4;
  s.hz = 30;
  for (const double seconds : {3.2, 5.0, 7.0}) {
    s.seconds = seconds;
    SCOPED_TRACE(seconds);
    expectCrack(analyse(wave(s), 0, {}));
  }
}

// The same of a wheel turned by a hand that jerks: all gaps scatter, but they follow one another,
// and the crack's neighbours do not follow it. Counted or not.
TEST(RingMarks, AGapThatRecursStandsOutOfAHandThatJerks) {
  Spin s;
  s.teeth = 44;
  s.wider = 0.3;
  s.hz = 22;
  s.jerks = 0.4;
  s.seconds = 6;
  s.noise = 0.002;
  for (const double at : {9.0, 20.0, 36.0}) {
    s.widerAt = at;
    for (const auto& options : {Options{}, ofTeeth(44)}) {
      SCOPED_TRACE(at);
      expectCrack(analyse(wave(s), 0, options));
    }
  }
  s.widerAt.reset();
  for (const auto& options : {Options{}, ofTeeth(44)}) {
    EXPECT_EQ(find(analyse(wave(s), 0, options), Code::crackedRing), nullptr);
  }
}

// A bias that steps by half the swing while the hand turns the wheel slowest: the wheel may have
// turned back there, but no wave is so uneven that its middle moves so far.
TEST(RingMarks, ABiasThatStepsWhereTheWheelIsSlowestIsSaid) {
  Spin s;
  s.hz = 14;
  s.jerks = 0.55;
  s.seconds = 5;
  for (const double step : {0.0, 0.09}) {
    auto record = wave(s);
    auto& samples = record.channels[0].samples;
    // Slowest at three quarters of the fourth swell: 5000 samples a second, 1.4 swells.
    for (std::size_t i = 13393; i < samples.size(); ++i) {
      samples[i] += static_cast<float>(step);
    }
    EXPECT_EQ(find(analyse(record, 0, {}), Code::biasShift) != nullptr, step > 0) << step;
  }
}

// A wheel rocked to and fro by thirty teeth: where it turns back a gap is wide, and that recurs.
TEST(RingMarks, AWheelThatIsRockedHasNoCrack) {
  for (const double reach : {26.3, 33.6}) {
    capture::Record record;
    record.time.stepS = 1e-4;
    capture::Channel channel;
    channel.name = "A";
    channel.unit = units::Unit::volt;
    for (int i = 0; i < 80000; ++i) {
      const double passed = reach / 2 * std::sin(2 * std::numbers::pi * 0.45 * i * 1e-4);
      channel.samples.push_back(std::fmod(passed + 400, 1.0) < 0.5 ? 0.8F : 1.6F);
    }
    record.channels.push_back(std::move(channel));
    for (const auto& f : analyse(record, 0, {}).findings) {
      EXPECT_TRUE(f.where != Where::ring || f.severity == Severity::note) << f.text;
    }
  }
}

// Wide gaps that keep no step are no ring's.
TEST(RingMarks, WideGapsWithoutAStepAreNoCrack) {
  Spin s;
  s.seconds = 6;
  s.hz = 30;
  auto record = wave(s);
  auto& samples = record.channels[0].samples;
  std::vector<float> with;
  std::size_t k = 0;
  for (std::size_t i = 0; i + 1 < samples.size(); ++i) {
    with.push_back(samples[i]);
    constexpr std::array<std::size_t, 4> kAt{4000, 9500, 13200, 24000};
    if (k < kAt.size() && i >= kAt[k] && samples[i] < 0 && samples[i + 1] >= 0) {
      with.insert(with.end(), 70, 0.0F);  // at rest for four tenths of a pitch
      ++k;
    }
  }
  samples = std::move(with);
  const auto* crack = find(analyse(record, 0, {}), Code::crackedRing);
  EXPECT_TRUE(!crack || crack->severity == Severity::note);
}

// A wheel that a brake stops: its last gaps scatter as no ring's do, and the teeth were not
// counted.
TEST(RingMarks, AToothThatGivesLessIsFoundThoughTheSpinEnds) {
  Spin s;
  s.teeth = 29;
  s.hz = 100;
  s.seconds = 3;
  s.dies = 1.2;
  s.swell = [](double tooth) { return static_cast<int>(tooth) % 29 == 8 ? 0.35 : 1.0; };
  const auto weak = analyse(wave(s), 0, {});
  EXPECT_NE(find(weak, Code::damagedTooth), nullptr);
  s.swell = [](double) { return 1.0; };
  EXPECT_EQ(find(analyse(wave(s), 0, {}), Code::damagedTooth), nullptr);
}

// The crest of three turns and a half tells no whole number of teeth; that it swells it tells.
TEST(RingMarks, ASwellNeedsNoCountOfTeeth) {
  Spin s;
  s.teeth = 100;
  s.hz = 71;
  s.seconds = 5;
  for (const double swell : {0.4, 0.0}) {
    for (const double dies : {0.0, 3.0}) {
      s.dies = dies;
      s.hz = dies > 0 ? 150 : 71;
      s.noise = 0.02;
      s.swell = [swell](double tooth) {
        return 1 + swell * std::sin(2 * std::numbers::pi * tooth / 100);
      };
      const auto a = analyse(wave(s), 0, {});
      EXPECT_EQ(find(a, Code::ringRunout) != nullptr, swell > 0) << dies;
    }
  }
}

// A ring out of true swells once a turn. Cut off by the instrument at one height while the speed
// changes, the crests say nothing of it; at one speed, that so many are alike, they still do.
TEST(RingMarks, CrestsThatAreCutOffSayNothingOfTheRing) {
  Spin s;
  s.seconds = 16;
  s.hz = 24;
  s.noise = 0.0005;
  s.jerks = 0.4;
  s.swell = [](double tooth) { return 1 + 0.3 * std::sin(2 * std::numbers::pi * tooth / 48); };
  const auto whole = wave(s);
  ASSERT_NE(find(analyse(whole, 0, ofTeeth(48)), Code::ringRunout), nullptr);
  auto cut = whole;
  for (float& v : cut.channels[0].samples) {
    v = std::clamp(v, -0.13F, 0.13F);
  }
  EXPECT_EQ(find(analyse(cut, 0, ofTeeth(48)), Code::ringRunout), nullptr);
  s.jerks = 0;
  auto even = wave(s);
  for (float& v : even.channels[0].samples) {
    v = std::clamp(v, -0.16F, 0.16F);
  }
  EXPECT_NE(find(analyse(even, 0, ofTeeth(48)), Code::ringRunout), nullptr);
}

// A parabola fitted to a crest of twenty samples whose top is cut off goes higher than any sample:
// that hid that all crests end at one height, and gusts of speed were run-out.
TEST(RingMarks, NorDoCrestsOfAFewSamplesThatAreCutOff) {
  constexpr double kFewRate = 3000, kHz = 130;
  std::mt19937 random(7);
  std::normal_distribution<double> noise(0, 0.002);
  std::vector<float> volts;
  double passed = 0.3;
  for (int i = 0; i < 12'000; ++i) {
    const double s = 2 * std::numbers::pi * i / kFewRate;
    const double hz = kHz * (1 + 0.3 * std::sin(1.25 * s) + 0.15 * std::sin(2.3 * s + 1));
    passed += hz / kFewRate;
    const double v = 0.006 * hz * std::sin(2 * std::numbers::pi * passed) + noise(random);
    volts.push_back(static_cast<float>(std::clamp(v, -0.74, 0.74)));
  }
  const auto a = analyse(recordFrom(std::move(volts), kFewRate), 0, {});
  EXPECT_EQ(find(a, Code::ringRunout), nullptr) << a.findings.front().text;
  EXPECT_NEAR(static_cast<double>(a.pulseCount), passed, 3);
}

// Of a wave with five or six samples a cycle the finder itself loses pulses: what is absent twice in
// two and a half turns is suspected; with twenty samples it is an absent tooth.
TEST(RingMarks, WithFewSamplesACycleAToothAbsentTwiceIsNotBlamed) {
  const auto saysTheRing = [](double hz) {
    Spin spin;
    spin.hz = hz;
    spin.noise = 0.00033 * hz;  // of what it gives, 5.5 %
    spin.teeth = 80;
    spin.seconds = 2.5 * spin.teeth / hz;
    spin.swell = [](double passed) {
      const double tooth = std::fmod(passed, 80);
      return tooth >= 32 && tooth < 33 ? 0.0 : 1.0;
    };
    const auto a = analyse(wave(spin), 0, ofTeeth(80));
    return std::any_of(a.findings.begin(), a.findings.end(), [](const Finding& f) {
      return f.where == Where::ring && f.severity == Severity::fault;
    });
  };
  EXPECT_TRUE(saysTheRing(250));
  EXPECT_FALSE(saysTheRing(900));
}

}  // namespace
}  // namespace haybale::trace
