#include "core/watch/tone.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace haybale::signal {

namespace {
constexpr double kTop = 1760;
constexpr double kBottom = 110;
constexpr double kSteady = 440;
constexpr double kChops = 25;
constexpr double kLoud = 0.35;
}  // namespace

double Tone::pitchHz(double value, double steady) {
  if (!std::isfinite(value)) {
    return kTop;
  }
  if (!std::isfinite(steady) || std::abs(steady) < 1e-12) {
    return kSteady;
  }
  const double ratio = std::max(1e-6, std::abs(value / steady));
  return std::clamp(kSteady * std::sqrt(ratio), kBottom, kTop);
}

std::vector<std::int16_t> Tone::next(double seconds, double hz, bool dropout) {
  std::vector<std::int16_t> out(static_cast<std::size_t>(seconds * kRate));
  const double wanted = dropout ? kTop : hz;
  for (auto& sample : out) {
    hz_ += (wanted - hz_) * 0.01;  // a glide of some five milliseconds: no click
    phase_ += hz_ / kRate;
    phase_ -= std::floor(phase_);
    chop_ += kChops / kRate;
    chop_ -= std::floor(chop_);
    const double gate = dropout && chop_ > 0.5 ? 0 : 1;
    sample =
        static_cast<std::int16_t>(32767 * kLoud * gate * std::sin(2 * std::numbers::pi * phase_));
  }
  return out;
}

}  // namespace haybale::signal
