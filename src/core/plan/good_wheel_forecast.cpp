// What the good wheel may read, and what that would tell of the suspect.
#include <algorithm>
#include <cmath>

#include "core/plan/forecast.h"
#include "core/priors/priors.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using priors::Id;
using priors::of;

namespace {

constexpr std::size_t kMostBands = 16;

// How much one sound wheel differs from another, beside the meter.
double apart(const Test& test, const Scale& scale, double at) {
  const bool turned = test.kind == TestKind::acVoltage || test.kind == TestKind::waveform;
  constexpr double kVolts = 0.02;  // of the reading
  return turned                ? of(Id::peerOutput)
         : scale.logarithmic() ? std::hypot(of(Id::spreadOhm), 0.02)
                               : std::hypot(scale.spread(at, 0), kVolts * std::abs(at));
}

}  // namespace

// Here it is the vehicle's values that move the reading, and nothing wrong does: each way to fail
// holds that the values lie elsewhere (a coil of 2500 ohm is sound where such coils are fitted, and
// another part where they have 1200), and the good wheel tells which.
std::optional<Outlook> Forecast::ofGoodWheel(const Test& test) const {
  const Scale scale{test.kind, sides_.front().belief->vehicle().job().meter.topOhm()};
  std::vector<std::vector<double>> at(sides_.size());
  double low = 1e300, high = -1e300;
  for (std::size_t i = 0; i < sides_.size(); ++i) {
    const auto& belief = *sides_[i].belief;
    for (const auto& values : belief.values()) {
      const auto v = belief.vehicle().electrical(test, World{}, values);
      if (!v) {
        return std::nullopt;
      }
      at[i].push_back(scale.at(*v));
      low = std::min(low, at[i].back());
      high = std::max(high, at[i].back());
    }
  }
  const double middle = (low + high) / 2;
  const double spread = apart(test, scale, middle);
  low -= 2 * spread;
  high += 2 * spread;
  const auto bins =
      std::clamp<std::size_t>(static_cast<std::size_t>((high - low) / (2 * spread)), 2, kMostBands);
  const double step = (high - low) / static_cast<double>(bins);
  Outlook out;
  out.chances.assign(bins, std::vector<double>(stands_.size()));
  const double slip = of(Id::slipNumber) + of(Id::peerFaulty);
  for (std::size_t b = 0; b < bins; ++b) {
    const double from = low + step * static_cast<double>(b);
    out.words.push_back(sayBetween(scale, from, from + step));
    for (std::size_t i = 0; i < sides_.size(); ++i) {
      std::vector<double> mass;
      for (const double x : at[i]) {
        const double upper = b + 1 == bins ? 1 : normalShare((from + step - x) / spread);
        const double lower = b == 0 ? 0 : normalShare((from - x) / spread);
        mass.push_back(upper - lower);
      }
      const auto byWay = expected(sides_[i], mass);
      for (std::size_t k = 0; k < stands_.size(); ++k) {
        if (stands_[k].belief == sides_[i].belief) {
          out.chances[b][k] =
              (1 - slip) * byWay[stands_[k].hypothesis] + slip / static_cast<double>(bins);
        }
      }
    }
  }
  return out;
}

// Of each way to fail, the mean of `ofSet` over the sets of values that it is believed with.
std::vector<double> Forecast::expected(const Side& side, const std::vector<double>& ofSet) {
  const auto& belief = *side.belief;
  std::vector<double> sum(belief.hypotheses().size());
  std::vector<double> weight(belief.hypotheses().size());
  for (const auto& cell : belief.cells()) {
    sum[cell.hypothesis] += cell.weight * ofSet[cell.values];
    weight[cell.hypothesis] += cell.weight;
  }
  for (std::size_t h = 0; h < sum.size(); ++h) {
    sum[h] = weight[h] > 0 ? sum[h] / weight[h] : 1.0 / static_cast<double>(ofSet.size());
  }
  return sum;
}

}  // namespace haybale::diagnosis
