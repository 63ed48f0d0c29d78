#include "core/plan/two_steps.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>

#include "core/base/parallel.h"

namespace haybale::diagnosis {

namespace {

constexpr std::size_t kFirsts = 24;   // looked behind
constexpr std::size_t kSeconds = 40;  // considered behind each
constexpr double kLeastOutcome = 0.03;
constexpr int kRounds = 3;
// Of a second test: what hardly comes is worth no logarithm.
constexpr double kLeastRow = 0.004;
constexpr double kLeastJoint = 2e-4;

// What is left out of a test's bits makes them a little more than the entropy at times: room for
// it.
constexpr double kLeftOutBits = 0.02;

// A second test behind one outcome of the first.
struct Behind {
  double bits;
  double minutes;
};

double entropyOf(const std::vector<double>& share) {
  double bits = 0;
  for (const double p : share) {
    bits -= p > 0 ? p * std::log2(p) : 0;
  }
  return bits;
}

// An outcome of the first test and what may follow it.
struct Branch {
  double probability;
  std::vector<Behind> seconds;
};

class Looker {
 public:
  Looker(const std::vector<const Prospect*>& tests, const Standpoint& from,
         std::optional<Stance> now)
      : tests_(tests), from_(from), now_(now) {}

  [[nodiscard]] std::vector<double> rates() const {
    std::vector<double> out;
    for (const auto* t : tests_) {
      out.push_back(t->discount * t->bits / firstMinutes(*t));
    }
    std::vector<std::size_t> order(tests_.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return out[a] > out[b]; });
    const std::vector<std::size_t> seconds(
        order.begin(),
        order.begin() + static_cast<std::ptrdiff_t>(std::min(kSeconds, order.size())));
    const std::size_t firsts = std::min(kFirsts, order.size());
    const auto alone = out;
    parallelFor(firsts, [&](std::size_t i) {
      out[order[i]] = withSecond(*tests_[order[i]], seconds, alone[order[i]]);
    });
    return out;
  }

 private:
  [[nodiscard]] double firstMinutes(const Prospect& t) const {
    return t.minutes + (now_ && t.stance != *now_ ? from_.change : 0);
  }

  [[nodiscard]] double secondMinutes(const Prospect& first, const Prospect& t) const {
    double spared = 0;
    for (const auto& [place, minutes] : t.laysBare) {
      spared += first.laysBare.contains(place) ? minutes : 0;
    }
    return t.minutes - spared + (t.stance != first.stance ? from_.change : 0);
  }

  // What a test tells of the element where the ways are as likely as `ways` says, in bits.
  [[nodiscard]] double bitsOf(const Prospect& t, const std::vector<double>& ways,
                              const std::vector<double>& share) const {
    double bits = 0;
    std::vector<double> joint(from_.elements);
    for (const auto& row : t.chances) {
      std::fill(joint.begin(), joint.end(), 0);
      double total = 0;
      for (std::size_t w = 0; w < ways.size(); ++w) {
        const double p = ways[w] * row[w];
        joint[from_.elementOf[w]] += p;
        total += p;
      }
      if (total < kLeastRow) {
        continue;
      }
      for (std::size_t g = 0; g < joint.size(); ++g) {
        if (joint[g] > kLeastJoint) {
          bits += joint[g] * std::log2(joint[g] / (share[g] * total));
        }
      }
    }
    return std::max(0.0, bits);
  }

  // The quickest first, with what each tells still open. Behind one that is quicker and tells more
  // than a test at most can, at any rate from that of the first test alone upwards, it is not
  // looked at.
  [[nodiscard]] std::vector<Behind> secondsBehind(
      const std::vector<std::pair<double, std::size_t>>& byMinutes, const std::vector<double>& ways,
      const std::vector<double>& share, double rate) const {
    const double most = entropyOf(share) + kLeftOutBits;
    std::vector<Behind> out;
    double best = 0;  // bits over what the time is worth
    for (const auto& [minutes, s] : byMinutes) {
      const Prospect& second = *tests_[s];
      if (second.discount * most - rate * minutes <= best) {
        continue;
      }
      out.push_back({second.discount * bitsOf(second, ways, share), minutes});
      best = std::max(best, out.back().bits - rate * minutes);
    }
    return out;
  }

  [[nodiscard]] std::vector<Branch> branchesOf(const Prospect& first,
                                               const std::vector<std::size_t>& seconds,
                                               double alone) const {
    std::vector<Branch> out;
    std::vector<std::pair<double, std::size_t>> byMinutes;
    for (const std::size_t s : seconds) {
      if (tests_[s] != &first) {
        byMinutes.emplace_back(secondMinutes(first, *tests_[s]), s);
      }
    }
    std::sort(byMinutes.begin(), byMinutes.end());
    for (const auto& row : first.chances) {
      std::vector<double> ways(from_.ways.size());
      double total = 0;
      for (std::size_t w = 0; w < ways.size(); ++w) {
        ways[w] = from_.ways[w] * row[w];
        total += ways[w];
      }
      if (total < kLeastOutcome) {
        continue;
      }
      std::vector<double> share(from_.elements);
      for (std::size_t w = 0; w < ways.size(); ++w) {
        ways[w] /= total;
        share[from_.elementOf[w]] += ways[w];
      }
      out.push_back({total, secondsBehind(byMinutes, ways, share, alone)});
    }
    return out;
  }

  [[nodiscard]] double withSecond(const Prospect& first, const std::vector<std::size_t>& seconds,
                                  double alone) const {
    const auto branches = branchesOf(first, seconds, alone);
    double rate = alone;
    for (int round = 0; round < kRounds; ++round) {
      double bits = first.discount * first.bits;
      double minutes = firstMinutes(first);
      for (const auto& branch : branches) {
        const Behind* best = nullptr;
        double most = 0;
        for (const auto& b : branch.seconds) {
          if (b.bits - rate * b.minutes > most) {
            most = b.bits - rate * b.minutes;
            best = &b;
          }
        }
        bits += best ? branch.probability * best->bits : 0;
        minutes += best ? branch.probability * best->minutes : 0;
      }
      rate = bits / minutes;
    }
    return rate;
  }

  const std::vector<const Prospect*>& tests_;
  const Standpoint& from_;
  std::optional<Stance> now_;
};

}  // namespace

std::vector<double> ratesOfTwo(const std::vector<const Prospect*>& tests,
                               const Standpoint& standpoint, std::optional<Stance> now) {
  return Looker(tests, standpoint, now).rates();
}

}  // namespace haybale::diagnosis
