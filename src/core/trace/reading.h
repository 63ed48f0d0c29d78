// One channel on its way through the steps of its analysis. Within this room only.
#pragma once

#include <optional>
#include <span>

#include "core/trace/analysis.h"
#include "core/trace/baseline.h"
#include "core/trace/coded.h"
#include "core/trace/levels.h"
#include "core/trace/plateaus.h"
#include "core/trace/resting.h"
#include "core/trace/stands.h"

namespace haybale::trace {

/// What is known so far; each step adds to it. The samples, their distribution and the options must
/// outlive it.
struct Reading {
  /// As recorded, or levelled where the bias wanders; how they are spread over the levels.
  std::span<const float> samples;
  const capture::TimeBase& time;
  const Distribution* d;
  const Options& options;
  /// Where the line rests and what it does from there, where it rests at all.
  std::optional<RestingLine> resting = std::nullopt;
  Moves moves = Moves::wave;
  double step = 0;      // of the converter
  double humLeast = 0;  // half swing that mains hum alone may reach
  bool cut = false;     // stretches were left out of a coil's wave
  /// The level of the samples, where it was looked for already; empty when there is none.
  std::optional<std::optional<Baseline>> baseline = std::nullopt;
  /// The two levels of a square wave, in the unit of the samples; three of a data word.
  Plateaus plateaus = {};
  std::optional<ThreeLevels> three = std::nullopt;
  Signal seen = Signal::unknown;   // what the samples look like
  Signal asked = Signal::unknown;  // what the user says it is
  double least = 0;                // half swing below which no pulse is found; square: 0

  /// How fast a hand or a road may change the speed from one pulse to the next.
  [[nodiscard]] Spinning spinning() const {
    constexpr double kTyreM = 1.9;
    Spinning out{square() ? 0 : least};
    out.pitchM = options.teeth ? kTyreM / *options.teeth : out.pitchM;
    return out;
  }
  /// Whether pulses are edges between two levels rather than swings about a middle.
  [[nodiscard]] bool square() const {
    return asked == Signal::unknown ? seen != Signal::passive : asked != Signal::passive;
  }
};

}  // namespace haybale::trace
