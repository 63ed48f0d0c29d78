// Which single faults could still explain every reading, and what follows from that.
//
// Consistency-based diagnosis in its simplest form (de Kleer and Williams, "Diagnosing multiple
// faults", Artificial Intelligence 32 (1987), from memory): every fault of every element is put
// into the circuit model over its whole range of severity; it stays while the predicted readings
// agree with the measured ones. The shares are the prior weights of what is left, normalised; no
// reading is weighed against another. A full belief replaces this.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/circuit/predict.h"
#include "core/diagnosis/assess.h"

namespace haybale::diagnosis {

/// What may be wrong. The first five are put into the circuit model; the rest show in a trace only.
enum class Suspicion {
  series,
  wiresTouching,
  leakToGround,
  leakToSupply,
  coil,
  weakOutput,
  noOutput,
  ring,
  none
};

/// One fault with the part of its range of severity that one step of the grid covers.
struct Candidate {
  Suspicion kind = Suspicion::none;
  std::string element;  ///< empty for `none`
  std::optional<circuit::WireId> wire;
  double fromOhm = 0;
  double toOhm = 0;
  double weight = 0;   ///< prior, not normalised
  double along = 0.5;  ///< where in a leg, 0 its module end
};

/// Where a leg was pierced, by its id: a fault in it may lie before or behind each hole.
using Holes = std::map<std::string, std::vector<double>, std::less<>>;
[[nodiscard]] Holes holesIn(const job::Case& c, const circuit::Circuit& circuit);

/// What is left for one element and wire, with its share of all that is left.
struct Suspect {
  std::string element;  ///< empty: nothing is wrong
  std::optional<circuit::WireId> wire;
  std::string fault;  ///< "open", "resistive", "wires-touching", ...
  double share = 0;   ///< 0..1
};

enum class State { isolated, narrowed, open, contradictory };
inline constexpr std::array<std::string_view, 4> kStateNames{"isolated", "narrowed", "open",
                                                             "contradictory"};

/// What the readings add up to.
struct Conclusion {
  State state = State::open;
  std::vector<Suspect> suspects;  ///< largest share first; shares sum to 1
  std::vector<std::pair<std::string, double>>
      elementShares;                 ///< per element of the path, in its order
  std::string headline;              ///< "Narrowed to L2 and C2"
  std::string action;                ///< what to do about it
  std::vector<std::string> reasons;  ///< one sentence per reading that ruled something out
  std::vector<Candidate> left;       ///< for whoever plans the next test
};

/// Every fault of `circuit` with its prior weight (common practice: trouble zones worst first; no
/// source). A pierced leg has its faults once in each piece between two holes, by the piece's
/// length.
[[nodiscard]] std::vector<Candidate> allCandidates(const circuit::Circuit& circuit,
                                                   const job::Complaint& complaint,
                                                   const Holes& holes = {});

/// The faults a candidate puts into the circuit model, at one end of its range.
[[nodiscard]] std::vector<circuit::LineFault> modelFaults(const Candidate& candidate, double ohm);

/// Name of the fault as reports and scripts use it.
[[nodiscard]] std::string faultName(const Candidate& candidate);

/// Concludes on the suspect circuit of `c`. `views` are the assessed readings, in the order of
/// `c.evidence`.
[[nodiscard]] Conclusion conclude(const job::Case& c, const std::vector<ReadingView>& views,
                                  const WaveformSet& waveforms, const Knowledge& knowledge);

/// "L2, wire b: open" in words for a person.
[[nodiscard]] std::string spoken(const Suspect& suspect, const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
