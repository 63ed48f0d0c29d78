// What is believed of the suspect circuit: weighted cells of hypothesis, severity and vehicle
// values.
//
// Each hypothesis keeps its own cells whatever the evidence says, so that none is ever lost and a
// reading may be withdrawn; a reading multiplies the weight of every cell by its likelihood.
// Deterministic: cells are laid out, not drawn.
#pragma once

#include <memory>
#include <vector>

#include "core/belief/learn.h"
#include "core/belief/likelihood.h"

namespace haybale::diagnosis {

/// A share of the belief.
struct Cell {
  std::size_t hypothesis = 0;
  std::size_t values = 0;  ///< index of the vehicle's values
  double low = 0;          ///< severity from, to
  double high = 0;
  double prior = 0;
  double weight = 0;  ///< normalised over all cells

  /// The severity that stands for the interval: its geometric middle, an open end for itself.
  [[nodiscard]] double severity() const;
};

/// What one piece of evidence did.
struct Weighing {
  std::size_t evidence = 0;  ///< index into the case's
  double mistake = 0;        ///< probability that it is a mistaken reading, after all evidence
  double bits = 0;           ///< how far it moved the belief: Kullback-Leibler, in bits
};

/// Likelihoods worked out once, by the layout of the cells and the reading. Not thread-safe.
class LikelihoodMemory {
 public:
  [[nodiscard]] const std::vector<double>* find(const std::string& key) const {
    const auto it = known_.find(key);
    return it == known_.end() ? nullptr : &it->second;
  }
  const std::vector<double>& keep(const std::string& key, std::vector<double> values) {
    if (known_.size() > kMost) {
      known_.clear();
    }
    return known_.insert_or_assign(key, std::move(values)).first->second;
  }

 private:
  static constexpr std::size_t kMost = 400;
  std::map<std::string, std::vector<double>> known_;
};

class Belief {
 public:
  /// Weighs all evidence of `c` that is not withdrawn. `c` and `waveforms` must outlive it.
  /// `memory` spares what was worked out before; may be null.
  Belief(const job::Case& c, const WaveformSet& waveforms, const Knowledge& knowledge,
         LikelihoodMemory* memory = nullptr);

  [[nodiscard]] const Vehicle& vehicle() const { return vehicle_; }
  [[nodiscard]] const std::vector<Hypothesis>& hypotheses() const { return hypotheses_; }
  [[nodiscard]] const std::vector<Cell>& cells() const { return cells_; }
  [[nodiscard]] const std::vector<circuit::ParameterPoint>& values() const { return values_; }
  [[nodiscard]] const std::vector<Weighing>& weighings() const { return weighings_; }
  /// Probability of each hypothesis.
  [[nodiscard]] const std::vector<double>& probabilities() const { return probabilities_; }
  /// Probability of each hypothesis after each weighing, in their order.
  [[nodiscard]] const std::vector<std::vector<double>>& history() const { return history_; }
  /// Likelihoods of each weighing in every cell, in their order.
  [[nodiscard]] const std::vector<std::vector<double>>& weighed() const { return weighed_; }
  /// Whether codes were cleared in the course of the evidence: from then on a supply that was
  /// latched off is back, and that hypothesis reads like nothing wrong.
  [[nodiscard]] bool codesCleared() const { return cleared_; }
  /// What the hypothesis of a cell does to a reading taken now.
  [[nodiscard]] World worldNow(const Cell& cell) const;
  /// Natural logarithm of the probability of all evidence, whatever single fault there is.
  [[nodiscard]] double logEvidence() const { return logEvidence_; }
  [[nodiscard]] const ReadingModel& model() const { return model_; }
  /// Facts of the trace of a weighing; empty for other kinds.
  [[nodiscard]] const std::vector<std::optional<TraceFacts>>& facts() const { return facts_; }
  /// Likelihood of one more reading in every cell, mistakes included.
  [[nodiscard]] std::vector<double> likelihoods(const job::Evidence& evidence,
                                                const TraceFacts* facts) const;
  /// Likelihood, mistakes left out, of a reading on a vehicle with exactly this wrong; 1 for what
  /// only hands and eyes tell.
  [[nodiscard]] double likelihoodIn(const job::Evidence& evidence, const TraceFacts* facts,
                                    const World& world,
                                    const circuit::ParameterPoint& values) const;
  /// Density of a mistaken reading, times its probability.
  [[nodiscard]] double mistakenDensity(const job::Evidence& evidence) const;
  /// Probability of the best explanation of all readings without a mistake, against the prior; low
  /// when nothing explains them.
  [[nodiscard]] bool contradictory() const;

  /// Spread on the scale that the vehicle's unknown values give a numeric reading of the sound
  /// circuit.
  [[nodiscard]] double unsure(const circuit::Test& test, const Scale& scale) const;

 private:
  void layOut(const circuit::LineParameters& known);
  void weighStoredCodes(LikelihoodMemory* memory);
  [[nodiscard]] std::vector<double> sumsByHypothesis() const;
  void weigh(const WaveformSet& waveforms, LikelihoodMemory* memory);
  [[nodiscard]] std::string layoutKey() const;
  [[nodiscard]] std::vector<double> remembered(const job::Evidence& e, const TraceFacts* facts,
                                               LikelihoodMemory* memory) const;
  [[nodiscard]] double cellLikelihood(const Cell& cell, const job::Evidence& evidence,
                                      const TraceFacts* facts) const;
  [[nodiscard]] std::vector<double> numeric(const job::Evidence& evidence) const;

  Vehicle vehicle_;
  ReadingModel model_;
  const circuit::LineParameters& known_;
  std::vector<Hypothesis> hypotheses_;
  std::vector<circuit::ParameterPoint> values_;
  std::vector<Cell> cells_;
  std::vector<Weighing> weighings_;
  std::vector<double> probabilities_;
  std::vector<std::vector<double>> history_;
  std::vector<std::vector<double>> weighed_;
  std::vector<std::optional<TraceFacts>> facts_;
  double logEvidence_ = 0;
  bool cleared_ = false;
};

}  // namespace haybale::diagnosis
