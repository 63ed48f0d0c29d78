#include "core/trace/alone.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"

namespace haybale::trace {

std::vector<double> logPeriods(const std::vector<Tooth>& teeth) {
  std::vector<double> logs(teeth.size());
  eachInParallel(teeth.size(), kGrain, [&](std::size_t i) {
    logs[i] = teeth[i].periodS > 0 ? std::log(teeth[i].periodS) : std::nan("");
  });
  return logs;
}

double offTheCurve(std::span<const double> logs, std::size_t at) {
  if (at < 2 || at + 2 >= logs.size()) {
    return std::nan("");
  }
  const double one = (logs[at - 1] + logs[at + 1]) / 2;
  const double two = (logs[at - 2] + logs[at + 2]) / 2;
  return logs[at] - (4 * one - two) / 3;
}

double alone(std::span<const double> logs, std::size_t at) {
  if (at < kBesideAlone) {
    return std::nan("");
  }
  constexpr double kOfANeighbour = 1.5;
  const double off = offTheCurve(logs, at);
  const double before = -kOfANeighbour * offTheCurve(logs, at - 1);
  const double behind = -kOfANeighbour * offTheCurve(logs, at + 1);
  return std::isnan(off + before + behind) ? std::nan("") : std::min({off, before, behind});
}

}  // namespace haybale::trace
