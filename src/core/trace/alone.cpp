#include "core/trace/alone.h"

#include <algorithm>
#include <cmath>

namespace haybale::trace {

double offTheCurve(const std::vector<Tooth>& teeth, std::size_t at) {
  if (at < 2 || at + 2 >= teeth.size()) {
    return std::nan("");
  }
  const auto log = [&](std::size_t i) {
    return teeth[i].periodS > 0 ? std::log(teeth[i].periodS) : std::nan("");
  };
  const double one = (log(at - 1) + log(at + 1)) / 2;
  const double two = (log(at - 2) + log(at + 2)) / 2;
  return log(at) - (4 * one - two) / 3;
}

double alone(const std::vector<Tooth>& teeth, std::size_t at) {
  if (at < kBesideAlone) {
    return std::nan("");
  }
  constexpr double kOfANeighbour = 1.5;
  const double off = offTheCurve(teeth, at);
  const double before = -kOfANeighbour * offTheCurve(teeth, at - 1);
  const double behind = -kOfANeighbour * offTheCurve(teeth, at + 1);
  return std::isnan(off + before + behind) ? std::nan("") : std::min({off, before, behind});
}

}  // namespace haybale::trace
