#include "core/trace/at_mains.h"

#include <algorithm>
#include <cmath>

namespace haybale::trace {

std::optional<double> turnsAtMains(const ChannelAnalysis& silent,
                                   const std::vector<const ChannelAnalysis*>& others) {
  constexpr double kAlike = 0.005;
  if (silent.signal != Signal::flat || !silent.hum) {
    return std::nullopt;
  }
  const auto there = std::find_if(others.begin(), others.end(), [&](const ChannelAnalysis* other) {
    return other != &silent && other->signal == Signal::passive && other->frequencyHz &&
           std::abs(std::log(other->frequencyHz->median / silent.hum->hz)) < kAlike;
  });
  return there != others.end() ? std::optional((*there)->frequencyHz->median) : std::nullopt;
}

}  // namespace haybale::trace
