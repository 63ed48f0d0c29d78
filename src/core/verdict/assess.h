// What each reading means: against its limits, against what the model expects there, against the
// good wheel.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/belief/learn.h"
#include "core/circuit/band_memory.h"
#include "core/circuit/predict.h"
#include "core/evidence/waveforms.h"
#include "core/job/case.h"
#include "core/verdict/checks.h"
#include "core/verdict/traps.h"

namespace haybale::diagnosis {

/// A reading as it is shown: its value, what was expected, the verdict and why.
struct ReadingView {
  std::string evidenceId;
  std::string circuit;
  std::string title;  ///< "resistance, a to b"
  std::string shown;  ///< "4.8 MΩ"
  std::optional<circuit::Band> expected;
  std::string expectedText;                 ///< "expected 0.90 to 1.30 kΩ"
  std::optional<judging::Verdict> verdict;  ///< empty: there is nothing to judge it by
  std::string reason;                       ///< the sentence that decided
  std::vector<Check> checks;
  std::vector<Trap> traps;  ///< what this reading does not prove
  bool withdrawn = false;
};

/// Judges one reading of `c`. `bands` spares what was predicted before; may be null.
[[nodiscard]] ReadingView assess(const job::Case& c, const job::Evidence& evidence,
                                 const WaveformSet& waveforms, const Knowledge& knowledge,
                                 circuit::BandMemory* bands = nullptr);

}  // namespace haybale::diagnosis
