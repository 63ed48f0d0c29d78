#include "core/signal/synth.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/physics/tyre.h"

namespace haybale::signal {

namespace {

// Gaussian noise that is the same on every machine: xorshift and the sum of twelve uniform numbers.
class Noise {
 public:
  explicit Noise(std::uint32_t seed) : state_(seed == 0 ? 1 : seed) {}
  double next() {
    double sum = -6;
    for (int i = 0; i < 12; ++i) {
      state_ ^= state_ << 13;
      state_ ^= state_ >> 17;
      state_ ^= state_ << 5;
      sum += static_cast<double>(state_) / 4294967296.0;
    }
    return sum;
  }

 private:
  std::uint32_t state_;
};

}  // namespace

std::function<double(double)> handSpin(double startKmh, double timeConstantS) {
  return [=](double t) { return startKmh * std::exp(-t / timeConstantS); };
}

capture::Channel passiveSignal(const PassiveWheel& wheel, const std::function<double(double)>& kmh,
                               double rateHz, double durationS) {
  capture::Channel out;
  out.unit = units::Unit::volt;
  Noise noise(wheel.seed);
  double tooth = wheel.startTooth;
  const auto count = static_cast<std::size_t>(durationS * rateHz);
  out.samples.reserve(count);
  for (std::size_t i = 0; i < count; ++i) {
    const double hz =
        physics::toothHz(kmh(static_cast<double>(i) / rateHz), wheel.teeth, wheel.circumferenceM);
    const int index = static_cast<int>(std::fmod(std::floor(tooth), wheel.teeth));
    const bool missing = std::find(wheel.missingTeeth.begin(), wheel.missingTeeth.end(), index) !=
                         wheel.missingTeeth.end();
    const double swell =
        1 + wheel.runoutPercent / 100 * std::sin(2 * std::numbers::pi * tooth / wheel.teeth);
    const double peak = missing ? 0 : wheel.fluxSwingMwb * 1e-3 * 2 * std::numbers::pi * hz * swell;
    const double volts = wheel.biasV + peak * std::sin(2 * std::numbers::pi * tooth) +
                         wheel.noiseRmsV * noise.next();
    out.samples.push_back(static_cast<float>(volts));
    tooth += hz / rateHz;
  }
  return out;
}

}  // namespace haybale::signal
