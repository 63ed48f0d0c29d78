// A line that rests most of the time: its level when it is left alone, and every stretch in which
// it stands elsewhere.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/capture/record.h"
#include "core/trace/levels.h"

namespace haybale::trace {

/// A stretch off the rest level, in samples [from, to).
struct Excursion {
  std::size_t from = 0;
  std::size_t to = 0;
  double level = 0;   ///< median of its samples, those at its ends left out where there are more
  bool flat = false;  ///< it stands at its level rather than passing it
};

struct RestingLine {
  double rest = 0;  ///< what the line shows when it is left alone
  double noise =
      0;            ///< standard deviation about the rest, at least a third of the converter's step
  double step = 0;  ///< of the converter
  double tolerance = 0;        ///< what lies nearer to the rest is at rest
  double share = 0;            ///< of the samples that lie at rest
  std::vector<Excursion> off;  ///< in order of time; gaps of lost samples end one
};

/// What the excursions are.
enum class Moves {
  nothing,    ///< there are none
  wave,       ///< a coil's wave: they pass their levels
  teeth,      ///< a square wave: time at rest and off it follow each other evenly
  telegrams,  ///< pulses of the few widths that coded sensors have
  words,      ///< data words: brief pulses at twice and four times the rest
  line        ///< to few levels for times that follow nothing: the line itself is moved
};

/// Rest is the middle of the narrowest band that holds two fifths of the samples. Empty when less
/// than half of them lie within five standard deviations of it (the line does not rest), when it
/// leaves its rest more than 200,000 times, or when the band is that of a wave or hum and what
/// rises from it no telegrams.
[[nodiscard]] std::optional<RestingLine> restingLine(std::span<const float> samples,
                                                     const Distribution& d, double noiseRms,
                                                     const capture::TimeBase& time);

/// To one side and the other in turn, about as far: a coil's wave, whatever its shape.
[[nodiscard]] bool swingsBothWays(const RestingLine& line);

/// Whether it goes from its rest to twice or half of it and nowhere else: the two currents of a
/// sensor (7 and 14 mA, VDA interface, from memory), where a contact goes to nothing and a short to
/// far more.
[[nodiscard]] bool isTheOtherCurrent(const RestingLine& line);

/// Data words of a sensor whose wheel stands: bursts of brief pulses at twice the rest, none at
/// four times, each burst as long as a word, one every tenth to fifth of a second (AK protocol,
/// from memory: about every 150 ms). How many; 0 where the excursions are something else.
[[nodiscard]] std::size_t standingWords(const RestingLine& line, const capture::TimeBase& time);

/// Tells what the excursions are, by their shape first, then by whether they follow each other
/// evenly: time off the rest over the time at rest beside it scatters by a third at most (median of
/// the logarithm's deviation) where a ring makes them, and by orders of magnitude where a contact
/// does. Three or fewer are teeth when they last about as long as they are apart.
[[nodiscard]] Moves whatMoves(const RestingLine& line, std::size_t samples,
                              const capture::TimeBase& time);

}  // namespace haybale::trace
