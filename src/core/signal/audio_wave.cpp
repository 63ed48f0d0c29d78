#include "core/signal/audio_wave.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/say.h"

namespace haybale::signal {

std::vector<std::int16_t> AudioWave::next(double seconds, double hz, double share) {
  constexpr double kTop = 32767;
  const double wanted = std::clamp(share, 0.0, 1.0);
  const double pull = 1 - std::exp(-1 / (kGlideS / 4 * kRate));
  hz_ = hz_ > 0 ? hz_ : hz;
  std::vector<std::int16_t> out(static_cast<std::size_t>(std::max(0.0, seconds) * kRate));
  for (auto& sample : out) {
    share_ += (wanted - share_) * pull;
    hz_ += (hz - hz_) * pull;
    phase_ = std::fmod(phase_ + 2 * std::numbers::pi * hz_ / kRate, 2 * std::numbers::pi);
    sample = static_cast<std::int16_t>(std::lround(kTop * share_ * std::sin(phase_)));
  }
  return out;
}

Result<double> audioShare(double wantedV, double fullScaleV) {
  if (!(wantedV > 0) || !(fullScaleV > 0)) {
    return Error{"", std::nullopt, say("a height of nothing is no signal"),
                 say("0.5 to 5 V peak to peak")};
  }
  if (wantedV > fullScaleV) {
    return Error{"", std::nullopt,
                 sayf("the sound output gives at most {:.2f} V peak to peak", fullScaleV),
                 say("a smaller height, or an amplifier that is measured")};
  }
  return wantedV / fullScaleV;
}

}  // namespace haybale::signal
