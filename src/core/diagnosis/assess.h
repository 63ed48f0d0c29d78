// What each reading means: against its limits, against what the model expects there, against the
// good wheel.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/circuit/predict.h"
#include "core/diagnosis/waveforms.h"
#include "core/job/case.h"

namespace haybale::diagnosis {

/// One comparison of a reading with something.
struct Check {
  judging::Verdict verdict = judging::Verdict::cannotTell;
  std::string against;  ///< "limit 800 Ω to 2.50 kΩ at 20 °C (common practice)"
  std::string reason;   ///< one sentence
};

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
  std::vector<std::string> traps;  ///< what this reading does not prove
  bool withdrawn = false;
};

/// Accuracy of the meter assumed where nothing else is said: a common 3 1/2 digit multimeter
/// (common practice).
[[nodiscard]] judging::Accuracy meterAccuracy(circuit::TestKind kind);
/// Standard uncertainty of an entry from the meter's accuracy.
[[nodiscard]] double standardUncertainty(const units::Entry& entry, circuit::TestKind kind);

/// What a test is about, as far as a limit can apply to it; `factor` brings the reading to the
/// limit's temperature.
[[nodiscard]] std::optional<judging::Quantity> quantityOf(const circuit::Circuit& circuit,
                                                          const circuit::Test& test);

/// Supply, source resistance and coil as the good circuits of the same vehicle show them; common
/// practice where nothing was measured. Readings of `circuit` itself and withdrawn ones are left
/// out. Spread: bias ± 3 %, source ± 10 %, coil ± 15 % from wheel to wheel (common practice, no
/// source).
[[nodiscard]] circuit::LineParameters learnParameters(const job::Case& c,
                                                      const circuit::Circuit& circuit);

/// Judges one reading of `c`.
[[nodiscard]] ReadingView assess(const job::Case& c, const job::Evidence& evidence,
                                 const WaveformSet& waveforms);

}  // namespace haybale::diagnosis
