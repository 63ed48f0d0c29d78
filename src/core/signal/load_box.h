// A box of two resistors and a switch that draws what an active sensor draws: for a module input
// when no sensor is at hand.
#pragma once

#include "core/base/result.h"

namespace haybale::signal {

/// The value of the E24 series nearest to `ohm`, by ratio; IEC 60063 (from memory).
[[nodiscard]] double nearestE24(double ohm);

struct LoadBoxWish {
  double supplyV = 12;        ///< at the unplugged feed
  double supplySpread = 0.1;  ///< relative, either way
  double senseOhm = 100;      ///< in the module, in series with the box
  double lowA = 0.007;
  double highA = 0.014;
  double bandShare = 0.2;  ///< a level may lie so far off, relative
};

struct LoadBox {
  double fixedOhm = 0;     ///< always connected: the low current
  double switchedOhm = 0;  ///< in parallel through the switch or transistor: the rest
  double lowA = 0;         ///< what is drawn at the supply
  double highA = 0;
  double lowAtLeastA = 0, lowAtMostA = 0;  ///< over the supply's spread and 5 % resistors
  double highAtLeastA = 0, highAtMostA = 0;
  double fixedW = 0, switchedW = 0;  ///< heat at the highest supply
  bool inBand = false;               ///< all of it within the band
  double baseOhm = 0;                ///< for an NPN switch driven by 5 V, a tenth of the current
};

/// Ohm's law: I = U / (R + R_sense). Errors: levels the supply cannot drive, or not above each
/// other.
[[nodiscard]] Result<LoadBox> loadBox(const LoadBoxWish& wish);

}  // namespace haybale::signal
