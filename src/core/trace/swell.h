// How a wheel's output rises and falls once a turn.
#pragma once

#include <optional>
#include <vector>

#include "core/trace/teeth.h"

namespace haybale::trace {

/// The Fourier sum about the mean, once every so many teeth: over whole turns the least-squares fit
/// of a + b cos + c sin, otherwise within a few parts in a hundred of it.
struct Wave {
  double share = 0;  ///< of the scatter that it explains, 0..1
  double size = 0;   ///< half of its peak to peak
};
/// Of values by the tooth's number; NaN where one is not known. {} for fewer than a dozen.
[[nodiscard]] Wave waveOver(const std::vector<double>& values, double teeth);

/// Output of each tooth (half swing times period), or its period, against the slow trend of the
/// whole record, by its number: the window of `teethOf` would flatten a swell that lasts a turn.
[[nodiscard]] std::vector<double> swellOf(const std::vector<Tooth>& teeth, bool pitch);

/// A swell of a ring whose teeth nobody counted.
struct Swell {
  double teeth = 0;  ///< between two crests, no whole number
  double turns = 0;  ///< how often it comes within the record
  Wave wave;
};
/// The wave that explains most of `values`, over `least` to `most` teeth; no longer than a third of
/// them. Empty where they are too few, or no wave stands out.
[[nodiscard]] std::optional<Swell> clearestSwell(const std::vector<double>& values, int least,
                                                 int most);

/// Each value as the median of those around it, a tenth of a turn at most: what is left is slow, as
/// a swell once a turn is, and the noise of single teeth is gone.
[[nodiscard]] std::vector<double> smoothed(const std::vector<double>& values, int teeth);

/// Whether the wheel stood so that nobody knows where on the ring it went on. Behind a pause of a
/// few teeth at one pace, as in the trough of a swell where the wave sinks into the noise, it is
/// known well enough.
[[nodiscard]] bool placeIsLost(const std::vector<Tooth>& teeth, int ringTeeth);

}  // namespace haybale::trace
