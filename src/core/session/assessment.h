// Everything the program has to say about a case, worked out in one pure step.
#pragma once

#include "core/plan/options.h"
#include "core/plan/proof.h"
#include "core/plan/swap_outlook.h"
#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

struct Assessment {
  WaveformSet waveforms;
  Knowledge knowledge;             ///< per circuit, what the good ones tell of it
  std::vector<ReadingView> views;  ///< in the order of the evidence
  Conclusion conclusion;
  std::vector<Proposal> proposals;
  std::vector<Option> options;             ///< acting, measuring, stopping, with odds and prices
  std::shared_ptr<const Beliefs> beliefs;  ///< what all that follows from; null without a circuit

  [[nodiscard]] const ReadingView* view(std::string_view evidenceId) const;
};

/// `folder` is where relative capture paths start; `refused` tests are not proposed;
/// `memory` spares what was worked out for the same case before, and may be null.
[[nodiscard]] Assessment assessCase(const job::Case& c, const std::string& folder,
                                    CaptureShelf& shelf,
                                    const std::vector<circuit::Test>& refused = {},
                                    LikelihoodMemory* memory = nullptr);

/// What can be said of `now` before it is worked out: all that was known of the state before, with
/// the readings of `now`, each judged by what was known. Microseconds a reading.
[[nodiscard]] Assessment carriedOver(const Assessment& before, const job::Case& was,
                                     const job::Case& now);

/// How a circuit stands, for a small sign beside its name.
enum class CircuitState { notMeasured, good, doubtful, faulty };
[[nodiscard]] CircuitState stateOf(const job::Case& c, const Assessment& assessment,
                                   const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
