// What a reading does not prove, and how it may have fooled whoever took it.
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/predict.h"
#include "core/job/case.h"

namespace haybale::diagnosis {

/// Each is a way in which a sound reading leads astray (the trade's own list; common practice).
enum class TrapKind {
  unloaded,     ///< without load even bad resistance would not show
  ghost,        ///< a voltage between nothing and supply on an open, leaking wire
  autoRangeOl,  ///< OL while the meter was still ranging
  hotCoil,      ///< the coil's temperature is not known
  spin,         ///< AC volts of an unknown or unequal spin
  leads,        ///< few ohms, and the leads not subtracted
  contact,      ///< the same place read otherwise before, or the good wheel reads low too
  setup,        ///< the test was set up so that it means nothing
  activeOhms,   ///< an ohmmeter through an active sensor
  polarity,     ///< no signal from an active sensor: the two wires may be exchanged
  latched,      ///< a supply that is missing while a code is stored
  chart         ///< against the chart, but as the good wheel has it
};
/// As scripts name them.
inline constexpr std::array<std::string_view, 12> kTrapNames{
    "unloaded-volts", "ghost-voltage",     "overload-on-auto", "hot-coil",
    "unequal-spin",   "lead-resistance",   "probe-contact",    "void-set-up",
    "active-ohms",    "reversed-polarity", "latched-supply",   "chart-not-car"};

/// A trap that the reading at hand may have walked into.
struct Trap {
  TrapKind kind;
  std::string text;  ///< one sentence, with what to do
};

/// What `trapsOf` needs to know of how the reading was judged.
struct TrapInput {
  const job::Case& job;
  const job::Evidence& evidence;
  const circuit::Circuit& circuit;
  const circuit::LineParameters& parameters;
  const std::optional<circuit::Band>& expected;
  std::optional<judging::Verdict> verdict;
};

/// The traps that apply, the weightiest first.
[[nodiscard]] std::vector<Trap> trapsOf(const TrapInput& input);

}  // namespace haybale::diagnosis
