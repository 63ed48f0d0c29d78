// What the line does from moment to moment, and what speaks for and against a finding: on records
// made here, of which it is known.
#include "core/trace/states.h"

#include <cmath>
#include <numbers>
#include <numeric>

#include "core/trace/grounds.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

constexpr double kStatesRate = 20000;

// A coil at 120 Hz about 2.5 V that stands from 3 s on; at 1 s the line is open for 150 ms, at 2 s
// it lies on ground for 80 ms.
capture::Record spin(bool open, bool shorted) {
  capture::Record record;
  record.time.stepS = 1 / kStatesRate;
  capture::Channel channel;
  channel.name = "A";
  channel.unit = units::Unit::volt;
  for (int i = 0; i < static_cast<int>(4 * kStatesRate); ++i) {
    const double t = i / kStatesRate;
    const double fades = t < 2.5 ? 1 : t < 3 ? 1 - 2 * (t - 2.5) : 0;
    const double wave = 0.6 * fades * std::sin(2 * std::numbers::pi * 120 * t);
    const double noise = 0.004 * std::sin(i * 12.9898) * std::sin(i * 78.233);
    const bool off = open && t >= 1 && t < 1.15;
    const bool low = shorted && t >= 2 && t < 2.08;
    channel.samples.push_back(static_cast<float>((off ? 2.5 : low ? 0.0 : 2.5 + wave) + noise));
  }
  record.channels.push_back(std::move(channel));
  return record;
}

double secondsOf(const std::vector<Segment>& all, LineState state) {
  return std::accumulate(all.begin(), all.end(), 0.0, [&](double sum, const Segment& s) {
    return sum + (s.state == state ? s.toS - s.fromS : 0);
  });
}

TEST(LineStates, CoverTheRecordWithoutAGap) {
  const auto a = analyse(spin(true, true), 0, {});
  const auto all = segmentsOf(a);
  ASSERT_FALSE(all.empty());
  EXPECT_EQ(all.front().fromS, a.startS);
  EXPECT_NEAR(all.back().toS, a.startS + a.durationS, 1e-9);
  for (std::size_t i = 1; i < all.size(); ++i) {
    EXPECT_EQ(all[i].fromS, all[i - 1].toS);
    EXPECT_TRUE(all[i].state != all[i - 1].state || all[i].level != all[i - 1].level);
  }
}

TEST(LineStates, AreWhatTheLineDid) {
  const auto all = segmentsOf(analyse(spin(true, true), 0, {}));
  EXPECT_NEAR(secondsOf(all, LineState::open), 0.15, 0.01);
  EXPECT_NEAR(secondsOf(all, LineState::pulled), 0.08, 0.005);
  EXPECT_NEAR(secondsOf(all, LineState::turning), 3 - 0.23, 0.06);
  EXPECT_NEAR(secondsOf(all, LineState::rest), 1, 0.06);
  EXPECT_EQ(all.back().state, LineState::rest);
  const auto pulled =
      std::find_if(all.begin(), all.end(), [](auto& s) { return s.state == LineState::pulled; });
  EXPECT_NEAR(pulled->level, 0, 0.02);
  EXPECT_NEAR(all.back().level, 2.5, 0.02);
}

TEST(LineStates, OfARecordWithoutPulsesAreRest) {
  capture::Record flat = spin(false, false);
  for (float& v : flat.channels[0].samples) {
    v = 2.5F;
  }
  const auto all = segmentsOf(analyse(flat, 0, {}));
  ASSERT_EQ(all.size(), 1U);
  EXPECT_EQ(all[0].state, LineState::rest);
}

const Finding* findingOf(const ChannelAnalysis& a, Code code) {
  const auto f =
      std::find_if(a.findings.begin(), a.findings.end(), [&](auto& x) { return x.code == code; });
  return f == a.findings.end() ? nullptr : &*f;
}

bool says(const std::vector<std::string>& all, std::string_view words) {
  return std::any_of(all.begin(), all.end(),
                     [&](const auto& s) { return s.find(words) != std::string::npos; });
}

TEST(GroundsOf, AnOpenLineSayWhereItStoodAndWhatElseLooksSo) {
  const auto a = analyse(spin(true, false), 0, {});
  const auto* f = findingOf(a, Code::intermittentOpen);
  ASSERT_NE(f, nullptr);
  const auto g = groundsOf(a, *f);
  EXPECT_TRUE(says(g.speaksFor, "happened once"));
  EXPECT_TRUE(says(g.speaksFor, "2.5")) << "where it stood";
  EXPECT_TRUE(says(g.speaksAgainst, "record it once more"));
  EXPECT_TRUE(says(g.speaksAgainst, "stopped by hand"));
}

TEST(GroundsOf, AShortAreNotAStoppedWheels) {
  const auto a = analyse(spin(false, true), 0, {});
  const auto* f = findingOf(a, Code::intermittentShort);
  ASSERT_NE(f, nullptr);
  const auto g = groundsOf(a, *f);
  EXPECT_FALSE(says(g.speaksAgainst, "stopped by hand"));
}

// Two teeth absent of 24: each finding tells of its own tooth alone.
TEST(GroundsOf, ATeethsFindingAreThatTooths) {
  capture::Record record;
  record.time.stepS = 1 / kStatesRate;
  capture::Channel channel;
  channel.name = "A";
  channel.unit = units::Unit::volt;
  for (int i = 0; i < static_cast<int>(4 * kStatesRate); ++i) {
    const double passed = 60 * i / kStatesRate + 0.3;
    const int tooth = static_cast<int>(passed) % 24;
    const bool absent = tooth == 5 || tooth == 14;
    channel.samples.push_back(
        static_cast<float>(absent ? 0 : std::sin(2 * std::numbers::pi * passed)));
  }
  record.channels.push_back(std::move(channel));
  Options options;
  options.teeth = 24;
  const auto a = analyse(record, 0, options);
  std::size_t found = 0;
  for (const auto& f : a.findings) {
    if (f.code == Code::missingTooth) {
      ++found;
      const auto g = groundsOf(a, f);
      const auto told = std::count_if(g.speaksFor.begin(), g.speaksFor.end(), [](const auto& s) {
        return s.find("at the same place") != std::string::npos;
      });
      EXPECT_EQ(told, 1) << f.text;
    }
  }
  EXPECT_EQ(found, 2U);
}

TEST(GroundsOf, ASoundRecordSayWhatItDoesNotShow) {
  const auto a = analyse(spin(false, false), 0, {});
  ASSERT_EQ(a.findings.front().code, Code::healthy);
  EXPECT_TRUE(says(groundsOf(a, a.findings.front()).speaksAgainst, "the loom is moved"));
}

}  // namespace
}  // namespace haybale::trace
