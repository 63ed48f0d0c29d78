// The kind of a sensor as an unknown: what is believed under each kind that is still possible, each
// weighed by how well all readings fit it.
#pragma once

#include <memory>
#include <vector>

#include "core/belief/belief.h"

namespace haybale::diagnosis {

/// One kind with its share.
struct KindShare {
  circuit::SensorKind kind = circuit::SensorKind::unknown;
  double share = 1;
};

/// The beliefs of a case, one a kind of sensor that is possible; a single one where the kind is
/// known.
class Beliefs {
 public:
  /// A case as it is taken under one kind, and what is believed then.
  struct Part {
    circuit::SensorKind kind;
    double share = 1;
    std::unique_ptr<const job::Case> job;
    Knowledge knowledge;
    std::unique_ptr<const Belief> belief;
  };

  /// `c` and `waveforms` must outlive it. REQUIRES: there is a suspect circuit.
  Beliefs(const job::Case& c, const WaveformSet& waveforms, LikelihoodMemory* memory = nullptr);

  /// The likeliest first; shares sum to 1, none is below one in fifty.
  [[nodiscard]] const std::vector<Part>& parts() const { return parts_; }
  [[nodiscard]] const Belief& leading() const { return *parts_.front().belief; }
  [[nodiscard]] const job::Case& job() const { return *parts_.front().job; }
  [[nodiscard]] const Knowledge& knowledge() const { return parts_.front().knowledge; }
  /// Whether one kind is as good as known: nineteen in twenty.
  [[nodiscard]] bool kindKnown() const { return parts_.front().share >= 0.95; }
  /// Every kind that was weighed, with its share, the likeliest first.
  [[nodiscard]] const std::vector<KindShare>& kinds() const { return kinds_; }

 private:
  std::vector<Part> parts_;
  std::vector<KindShare> kinds_;
};

/// The case with every unknown sensor taken as `kind`.
[[nodiscard]] job::Case withKind(const job::Case& c, circuit::SensorKind kind);

/// "looks active, 9 in 10"; "passive" alone where it was said; for people.
[[nodiscard]] std::string spoken(const std::vector<KindShare>& kinds, bool said);

}  // namespace haybale::diagnosis
