// One reading held against one thing: a limit, what the model expects there, the good wheel.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/circuit/predict.h"
#include "core/job/case.h"

namespace haybale::diagnosis {

/// One comparison of a reading with something.
struct Check {
  judging::Verdict verdict = judging::Verdict::cannotTell;
  std::string against;  ///< "limit 800 Ω to 2.50 kΩ at 20 °C (common practice)"
  std::string reason;   ///< one sentence
};

/// What the model says a sound line reads.
struct Expectation {
  circuit::Band band;  ///< in the reading's unit
  std::string text;    ///< "expected 0.90 to 1.30 kΩ"
  std::string from;    ///< what the band was learnt from
};

/// Against each limit of what the test measures; of those given the circuit's own, else those on
/// the strongest ground. A limit at a temperature is compared there if the reading's is known; one
/// of AC volts as far as the wheel was turned as by hand. REQUIRES: a value.
[[nodiscard]] std::vector<Check> checkLimits(const job::Case& c, const job::Evidence& evidence,
                                             const circuit::Circuit& circuit);

/// Against the band, no specification: empty where an open circuit was expected and some number
/// read. REQUIRES: a value.
[[nodiscard]] std::optional<Check> checkExpected(const Expectation& expected,
                                                 const job::Evidence& evidence,
                                                 const circuit::Meter& meter);

/// Against the same reading on the other wheel of the axle, AC volts per hertz; empty where there
/// is none, no ratio is usual, or the two do not compare. REQUIRES: a value.
[[nodiscard]] std::optional<Check> checkPeer(const job::Case& c, const job::Evidence& evidence,
                                             const circuit::Circuit& own);

/// A coil's output per hertz, `weber`: half the peak to peak over 2 pi f, against the limits for
/// it.
[[nodiscard]] std::vector<Check> checkFlux(const job::Case& c, const circuit::Circuit& circuit,
                                           double weber);

/// Fail before cannot tell before pass; pass of none.
[[nodiscard]] judging::Verdict worst(const std::vector<Check>& checks);

}  // namespace haybale::diagnosis
