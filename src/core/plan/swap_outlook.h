// What a substitution would show for every fault still possible, before it is made: which circuit
// sets which code, which live speed follows. From the module's monitor model.
#pragma once

#include <array>
#include <string>
#include <vector>

#include "core/belief/belief.h"
#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

/// What one module input shows.
struct InputOutlook {
  std::string circuit;
  std::string code;      ///< the likeliest: "open", "short-ground", "no-signal", ...; empty: none
  double codeShare = 0;  ///< its probability
  double follows = 0;    ///< probability that the live speed follows the turned wheel, 0..1
};

struct SwapRow {
  Suspect suspect;
  std::vector<InputOutlook> inputs;  ///< of the circuits that take part, the receiver first
};

struct SwapOutlook {
  std::vector<SwapRow> rows;  ///< the likeliest suspects first
  /// What each outcome would mean: "RR follows" -> "sensor or ring".
  std::vector<std::pair<std::string, std::string>> meanings;
  std::vector<std::string> steps;     ///< in order, one sentence each
  std::vector<std::string> cautions;  ///< shown with them
};

/// `test` is a codes or live-speed test with a swap, a jumper or an injected signal. Suspects below
/// one in a hundred are left out.
[[nodiscard]] SwapOutlook outlookOf(const Belief& belief, const circuit::Test& test);

/// What it means that the module shows `seenKmh` of a substitute signal that stands for `fedKmh`;
/// both above 0. Common practice, no source: what is out by more than a twentieth is set wrongly.
[[nodiscard]] std::string followWords(double fedKmh, double seenKmh);

/// Arrangements of this kind that the case permits: good sensor into the suspect harness, suspect
/// sensor into a good one (each with the leads one way and the other), a deliberate short at each
/// connector, a substitute signal. Every other circuit with the same kind of sensor may be the
/// other side, so that a propeller shaft or a third channel takes part too.
[[nodiscard]] std::vector<circuit::Test> substitutions(const job::Case& c);

}  // namespace haybale::diagnosis
