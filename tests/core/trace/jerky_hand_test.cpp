// A wheel turned by a hand that jerks: the swell of its speed bends the gaps of many teeth, a crack
// widens one. Made from the angle of a wheel, with no code of the analysis.
#include <cmath>
#include <numbers>
#include <random>

#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

struct Hand {
  int teeth = 30;
  double turnsPerS = 0.6;
  double depth = 0.41;  // of the speed, up and down
  double jerksPerS = 1.2;
  double phase = 0;
  double widerBehind18 = 0;  // share of a gap
};

// Volts of a coil: what the flux's angle changes in a second.
capture::Record spun(const Hand& h, unsigned seed) {
  constexpr double kRate = 10000, kSeconds = 5.4;
  std::mt19937 random(seed);
  std::normal_distribution<double> noise(0, 0.001);
  std::vector<double> edges(static_cast<std::size_t>(h.teeth) + 1, 0.0);
  for (int k = 0; k < h.teeth; ++k) {
    edges[static_cast<std::size_t>(k) + 1] =
        edges[static_cast<std::size_t>(k)] + 1 + (k == 18 ? h.widerBehind18 : 0);
  }
  capture::Channel channel;
  channel.name = "RR";
  channel.unit = units::Unit::volt;
  double turned = 0.2;
  for (int i = 0; i < static_cast<int>(kRate * kSeconds); ++i) {
    const double t = i / kRate;
    const double speed =
        h.turnsPerS * (1 + h.depth * std::sin(2 * std::numbers::pi * h.jerksPerS * t + h.phase));
    turned += speed / kRate;
    const double at = (turned - std::floor(turned)) * edges.back();
    const auto after = std::upper_bound(edges.begin() + 1, edges.end() - 1, at) - edges.begin();
    const double from = edges[static_cast<std::size_t>(after) - 1];
    const double within = (at - from) / (edges[static_cast<std::size_t>(after)] - from);
    channel.samples.push_back(
        static_cast<float>(0.5 * speed * std::sin(2 * std::numbers::pi * within) + noise(random)));
  }
  capture::Record record;
  record.time.stepS = 1 / kRate;
  record.channels.push_back(std::move(channel));
  return record;
}

ChannelAnalysis read(const Hand& h, unsigned seed) {
  Options options;
  options.sensor = circuit::SensorKind::passive;
  options.teeth = h.teeth;
  return analyse(spun(h, seed), 0, options);
}

bool blamesTheRing(const ChannelAnalysis& a) {
  return std::any_of(a.findings.begin(), a.findings.end(), [](const Finding& f) {
    return f.where == Where::ring && f.severity != Severity::note;
  });
}

TEST(JerkyHand, ItsSwellIsNoCrack) {
  for (unsigned seed = 1; seed <= 12; ++seed) {
    Hand hand;
    hand.phase = seed * 0.7;
    hand.jerksPerS = 1.2 + 0.05 * (seed % 4);  // twice a turn, or nearly
    const auto a = read(hand, seed);
    EXPECT_FALSE(blamesTheRing(a)) << seed << ": " << a.findings.front().text;
  }
}

TEST(JerkyHand, ACrackIsFoundUnderIt) {
  int found = 0;
  for (unsigned seed = 1; seed <= 12; ++seed) {
    Hand hand;
    hand.phase = seed * 0.7;
    hand.depth = 0.25;
    hand.widerBehind18 = 0.45;
    const auto a = read(hand, seed);
    found += a.findings.front().code == Code::crackedRing ? 1 : 0;
  }
  EXPECT_GE(found, 11) << "of 12";
}

}  // namespace
}  // namespace haybale::trace
