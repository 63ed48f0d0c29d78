// Two tests in a row, on examples small enough to be worked out by hand.
#include "core/plan/two_steps.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

namespace haybale::diagnosis {
namespace {

// Four elements, as likely as each other.
Standpoint fourAlike() {
  return {{0.25, 0.25, 0.25, 0.25}, {0, 1, 2, 3}, 4, 1};
}

// Says yes for the ways named by `yes`, no for the others, without a doubt.
Prospect splits(std::initializer_list<float> yes, double minutes) {
  Prospect p;
  p.chances.emplace_back(yes);
  std::vector<float> no;
  for (const float y : yes) {
    no.push_back(1 - y);
  }
  p.chances.push_back(std::move(no));
  double share = 0;
  for (const float y : yes) {
    share += y / 4;
  }
  p.bits = -share * std::log2(share) - (1 - share) * std::log2(1 - share);
  p.minutes = minutes;
  return p;
}

TEST(TwoSteps, OfOneTestAreItsBitsAMinute) {
  const auto half = splits({1, 1, 0, 0}, 4);
  const auto rates = ratesOfTwo({&half}, fourAlike(), std::nullopt);
  ASSERT_EQ(rates.size(), 1U);
  EXPECT_NEAR(rates[0], 1.0 / 4, 1e-9);
}

// Ten minutes to get there, one for each reading then: two halvings are worth 2 bits in 11 minutes,
// where the first alone is worth 1 in 10. The look at one element, 0.811 bits in 7.5 minutes, looks
// better than either alone.
TEST(TwoSteps, APlaceHardToReachPaysByWhatIsCheapThere) {
  auto first = splits({1, 1, 0, 0}, 10);
  auto second = splits({1, 0, 1, 0}, 10);
  first.laysBare = second.laysBare = {{"RL/C2", 9.0}};
  const auto look = splits({1, 0, 0, 0}, 7.5);
  const auto rates = ratesOfTwo({&first, &second, &look}, fourAlike(), std::nullopt);
  EXPECT_GT(look.bits / look.minutes, first.bits / first.minutes);
  EXPECT_NEAR(rates[0], 2.0 / 11, 1e-6);
  EXPECT_NEAR(rates[1], 2.0 / 11, 1e-6);
  EXPECT_LT(rates[2], rates[0]);
}

// Behind a yes nothing is left to ask; behind a no three elements are left, and telling one of
// them from two takes 0.918 bits in a minute: (0.811 + 0.75 x 0.918) / (2 + 0.75).
TEST(TwoSteps, TheSecondIsChosenByWhatTheFirstSaid) {
  const auto one = splits({1, 0, 0, 0}, 2);
  const auto other = splits({0, 1, 0, 0}, 1);
  const auto rates = ratesOfTwo({&one, &other}, fourAlike(), std::nullopt);
  const double both = 0.25 * std::log2(4.0) + 0.75 * std::log2(4.0 / 3);
  const double third = std::log2(3.0) / 3 + 2.0 / 3 * std::log2(1.5);
  EXPECT_NEAR(rates[0], (both + 0.75 * third) / 2.75, 1e-6);
}

TEST(TwoSteps, NoSecondIsMadeThatTellsLessAMinute) {
  const auto quick = splits({1, 1, 0, 0}, 1);
  const auto slow = splits({1, 0, 1, 0}, 30);
  const auto rates = ratesOfTwo({&quick, &slow}, fourAlike(), std::nullopt);
  EXPECT_NEAR(rates[0], 1, 1e-9);
  EXPECT_GT(rates[1], 1.0 / 30) << "the quick one behind it";
}

TEST(TwoSteps, GettingTheCarUpCounts) {
  auto below = splits({1, 1, 0, 0}, 4);
  below.stance = Stance::atWheel;
  const auto at = [&](std::optional<Stance> now) {
    return ratesOfTwo({&below}, fourAlike(), now).front();
  };
  EXPECT_NEAR(at(Stance::atWheel), 1.0 / 4, 1e-9);
  EXPECT_NEAR(at(Stance::atModule), 1.0 / 5, 1e-9);
}

TEST(TwoSteps, WhatSaysTheSameAgainAddsNothing) {
  const auto once = splits({1, 1, 0, 0}, 3);
  const auto same = splits({1, 1, 0, 0}, 1);
  const auto rates = ratesOfTwo({&once, &same}, fourAlike(), std::nullopt);
  EXPECT_NEAR(rates[0], 1.0 / 3, 1e-9);
}

TEST(TwoSteps, OfNoneAreNone) {
  EXPECT_TRUE(ratesOfTwo({}, fourAlike(), std::nullopt).empty());
}

// All seconds behind all answers, none left out: what the rate has to be, worked out anew.
double amongAll(const std::vector<Prospect>& tests, const Standpoint& from, std::size_t first) {
  const auto told = [&](const Prospect& t, const std::vector<double>& ways) {
    const auto entropy = [&](const std::vector<double>& of) {
      std::vector<double> share(from.elements);
      double total = 0;
      for (std::size_t w = 0; w < of.size(); ++w) {
        share[from.elementOf[w]] += of[w];
        total += of[w];
      }
      double bits = 0;
      for (const double p : share) {
        bits -= p > 0 ? p * std::log2(p / total) : 0;
      }
      return bits;
    };
    double left = 0;
    for (const auto& row : t.chances) {
      auto after = ways;
      for (std::size_t w = 0; w < ways.size(); ++w) {
        after[w] *= row[w];
      }
      left += entropy(after);
    }
    return entropy(ways) - left;
  };
  double rate = 0;
  for (int round = 0; round < 30; ++round) {
    double bits = told(tests[first], from.ways);
    double minutes = tests[first].minutes;
    for (const auto& row : tests[first].chances) {
      auto ways = from.ways;
      double p = 0;
      for (std::size_t w = 0; w < ways.size(); ++w) {
        ways[w] *= row[w];
        p += ways[w];
      }
      double best = 0, bestBits = 0, bestMinutes = 0;
      for (std::size_t k = 0; k < tests.size(); ++k) {
        const double more = told(tests[k], ways);  // times the answer's probability
        if (k != first && more - rate * p * tests[k].minutes > best) {
          best = more - rate * p * tests[k].minutes;
          bestBits = more;
          bestMinutes = p * tests[k].minutes;
        }
      }
      bits += bestBits;
      minutes += bestMinutes;
    }
    rate = bits / minutes;
  }
  return rate;
}

TEST(TwoSteps, WhatIsNotLookedAtWouldNotHaveWon) {
  std::mt19937 random(3);
  std::uniform_real_distribution<double> any(0, 1);
  for (int trial = 0; trial < 20; ++trial) {
    Standpoint from{std::vector<double>(8), {0, 0, 1, 1, 2, 2, 3, 3}, 4, 0};
    double total = 0;
    for (double& w : from.ways) {
      total += w = 0.2 + any(random);
    }
    for (double& w : from.ways) {
      w /= total;
    }
    std::vector<Prospect> tests(12);
    std::vector<const Prospect*> seen;
    for (auto& t : tests) {
      std::vector<float> yes, no;
      for (std::size_t w = 0; w < from.ways.size(); ++w) {
        yes.push_back(static_cast<float>(any(random) < 0.5 ? 0.06 : 0.94));
        no.push_back(1 - yes.back());
      }
      t.chances = {yes, no};
      t.minutes = 1 + 14 * any(random) * any(random);
      seen.push_back(&t);
    }
    // The bits of each alone, as the caller hands them over: one test, its rate times its minutes.
    for (auto& t : tests) {
      t.bits = amongAll({t}, from, 0) * t.minutes;
    }
    const auto rates = ratesOfTwo(seen, from, std::nullopt);
    for (std::size_t k = 0; k < tests.size(); ++k) {
      EXPECT_NEAR(rates[k] / amongAll(tests, from, k), 1, 2e-3) << trial << ", test " << k;
    }
  }
}

}  // namespace
}  // namespace haybale::diagnosis
