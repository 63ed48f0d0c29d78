// What a line means that rests while no wheel turns, and what a level means at which no signal
// stands.
#pragma once

#include "core/trace/pulled.h"
#include "core/trace/reading.h"

namespace haybale::trace {

/// What was measured: a coil about its bias, the volts of a feed or a switch, or a current, perhaps
/// over a resistor.
[[nodiscard]] LineAt lineOf(const Reading& r, const ChannelAnalysis& out);

/// What the levels say against what the times said: few excursions may follow each other evenly by
/// chance, a coil has no plateaus, and no current rests at nothing. Changes `r.moves`.
/// REQUIRES: r.resting.
void judgeMoves(Reading& r, const ChannelAnalysis& out);

/// A wheel that stands, and a line that is moved: what it does off its rest is all there is to see.
/// REQUIRES: r.moves == Moves::line.
void readLine(const Reading& r, ChannelAnalysis& out);

}  // namespace haybale::trace
