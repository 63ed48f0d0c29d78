// A reading as a sound, so that both eyes stay on the loom: the pitch follows the reading, a
// dropout is a rattle of its own.
#pragma once

#include <cstdint>
#include <vector>

namespace haybale::signal {

class Tone {
 public:
  static constexpr int kRate = 22050;

  /// Pitch of a reading against the steady one: 440 Hz at it, an octave up at four times, down at a
  /// quarter; between 110 and 1760 Hz. OL is the highest.
  [[nodiscard]] static double pitchHz(double value, double steady);

  /// The next samples, mono, signed 16 bit at kRate. Without a break between calls: pitch glides,
  /// phase runs on. A dropout is a tone of 1760 Hz chopped 25 times a second.
  [[nodiscard]] std::vector<std::int16_t> next(double seconds, double hz, bool dropout);

 private:
  double phase_ = 0;
  double chop_ = 0;
  double hz_ = 440;
};

}  // namespace haybale::signal
