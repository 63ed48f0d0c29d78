// Resistance of copper: wires by length and section, coils by temperature.
#pragma once

namespace haybale::physics {

/// Resistivity of annealed copper at 20 °C, 1/58 Ω·mm²/m (IEC 60028).
inline constexpr double kCopperOhmMm2PerM = 1.0 / 58.0;
/// Temperature coefficient of resistance of annealed copper at 20 °C, per kelvin (IEC 60028).
inline constexpr double kCopperPerKelvin = 0.00393;

/// Ohms of `lengthM` metres of `areaMm2` mm² copper at `celsius`. REQUIRES: areaMm2 > 0.
[[nodiscard]] double wireOhm(double lengthM, double areaMm2, double celsius = 20);

/// A copper resistance known at `fromCelsius`, as it is at `toCelsius`: R2 = R1 (1 + α(T2-20)) / (1
/// + α(T1-20)).
[[nodiscard]] double copperOhmAt(double ohm, double fromCelsius, double toCelsius);

/// Cross-section in mm² of solid American wire gauge `awg` (0 to 40): d = 0.127 mm · 92^((36-n)/39)
/// (ASTM B258).
[[nodiscard]] double awgAreaMm2(int awg);

}  // namespace haybale::physics
