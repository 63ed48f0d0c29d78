// A line without pulses, and a slow crest that stands still: made here sample by sample. Common
// practice, no source.
#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"
#include "support/record_from.h"

namespace haybale::trace {
namespace {

constexpr double kSilentRate = 5000;

std::vector<float> lineAt(double volts, double noise, double seconds = 3) {
  std::mt19937 random(5);
  std::normal_distribution<double> rustle(0, noise);
  std::vector<float> out;
  for (int i = 0; i < static_cast<int>(kSilentRate * seconds); ++i) {
    out.push_back(static_cast<float>(volts + (noise > 0 ? rustle(random) : 0)));
  }
  return out;
}

// What is said of a line that has no pulses; empty where something else is.
std::string silence(const capture::Record& record) {
  const auto a = analyse(record, 0, {});
  const auto it = std::find_if(a.findings.begin(), a.findings.end(),
                               [](const Finding& f) { return f.code == Code::noSignal; });
  EXPECT_EQ(a.pulseCount, 0U);
  if (it == a.findings.end()) {
    return "";
  }
  EXPECT_EQ(it->severity, Severity::fault);
  return it->text;
}

bool says(const std::string& text, const char* what) {
  return text.find(what) != std::string::npos;
}

TEST(Silence, AtNothingIsNoSupplyOrAShort) {
  for (const double noise : {0.0, 0.002}) {
    const auto text = silence(recordFrom(lineAt(0.01, noise), kSilentRate));
    EXPECT_TRUE(says(text, "no supply")) << text;
    EXPECT_TRUE(says(text, "in 3")) << "how long was looked: " << text;
  }
  const auto below = silence(recordFrom(lineAt(-0.05, 0.001), kSilentRate));
  EXPECT_TRUE(says(below, "no supply")) << below;
}

TEST(Silence, AtALevelIsASensorThatDoesNotAnswer) {
  for (const double volts : {0.55, 2.5, 11.8, -0.4}) {
    const auto text = silence(recordFrom(lineAt(volts, 0.002), kSilentRate));
    EXPECT_TRUE(says(text, "does not answer")) << volts << ": " << text;
    EXPECT_FALSE(says(text, "no supply")) << volts;
  }
}

// Of a clamp a milliampere is something; of volts a tenth is not.
TEST(Silence, OfCurrentIsJudgedInMilliamperes) {
  auto record = recordFrom(lineAt(0.007, 1e-5), kSilentRate);
  record.channels[0].unit = units::Unit::ampere;
  EXPECT_TRUE(says(silence(record), "does not answer"));
  for (float& v : record.channels[0].samples) {
    v = v - 0.0069F;
  }
  EXPECT_TRUE(says(silence(record), "no supply"));
}

// A wheel that turns slowly stands on its crest for many samples of a coarse converter: no line is
// held there. The same level in the middle of a wave that goes on is one.
TEST(Silence, OfACrestIsNoneAndOfALineThatIsHeldIsOne) {
  constexpr double kHz = 6, kStep = 0.02;
  std::vector<float> samples;
  for (int i = 0; i < static_cast<int>(kSilentRate * 8); ++i) {
    const double v = 0.4 * std::sin(2 * std::numbers::pi * kHz * i / kSilentRate);
    samples.push_back(static_cast<float>(std::round(v / kStep) * kStep));
  }
  const auto waves = analyse(recordFrom(samples, kSilentRate), 0, {});
  EXPECT_TRUE(waves.dropouts.empty());
  EXPECT_NEAR(static_cast<double>(waves.pulseCount), 8 * kHz, 1);
  auto held = samples;
  const auto from = static_cast<std::size_t>(3.1 * kSilentRate);
  const auto to = static_cast<std::size_t>(3.7 * kSilentRate);
  std::fill(held.begin() + static_cast<std::ptrdiff_t>(from),
            held.begin() + static_cast<std::ptrdiff_t>(to), 1.5F);
  const auto away = analyse(recordFrom(held, kSilentRate), 0, {});
  ASSERT_EQ(away.dropouts.size(), 1U);
  EXPECT_NEAR(away.dropouts[0].startS, 3.1, 0.002);
  EXPECT_NEAR(away.dropouts[0].endS, 3.7, 0.002);
  EXPECT_NEAR(away.dropouts[0].level, 1.5, 0.045);
}

}  // namespace
}  // namespace haybale::trace
