// A substitute signal for a passive input out of a sound card: a sine of a stated height, never
// above what the output gives.
#pragma once

#include <cstdint>
#include <vector>

#include "core/base/result.h"

namespace haybale::signal {

class AudioWave {
 public:
  static constexpr int kRate = 48000;  ///< samples a second
  static constexpr double kGlideS = 0.05;

  /// The next samples, mono, signed 16 bit at kRate, at `share` (0 to 1) of full scale. Phase runs
  /// on between calls; height and pitch glide over kGlideS, so that nothing clicks.
  [[nodiscard]] std::vector<std::int16_t> next(double seconds, double hz, double share);

 private:
  double phase_ = 0;
  double share_ = 0;
  double hz_ = 0;
};

/// Share of full scale for `wantedV` when the output gives `fullScaleV` (both peak to peak, as
/// measured at its plug with the volume as it stands). An error above it: a clipped wave has other
/// edges than a sensor's.
[[nodiscard]] Result<double> audioShare(double wantedV, double fullScaleV);

}  // namespace haybale::signal
