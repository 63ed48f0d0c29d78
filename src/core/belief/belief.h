// What is believed of the suspect circuit with one kind of sensor: weighted cells of hypothesis,
// severity and vehicle values.
//
// The model is doubted. Readings of one family (the ohmmeter, the module's own word, looks, ...)
// share one doubt: with a small probability the whole family means nothing on this car of what the
// model says, so that two readings that are wrong for one reason do not count twice. Beside that
// any reading may be a slip, and something that is not on the list stays in the race with whatever
// might be read. Each hypothesis keeps its own cells whatever the evidence says, so that none is
// ever lost and a reading may be withdrawn; a reading multiplies the weight of every cell by its
// likelihood. Deterministic: cells are laid out, not drawn.
#pragma once

#include <functional>
#include <memory>
#include <vector>

#include "core/belief/learn.h"
#include "core/belief/likelihood_memory.h"

namespace haybale::diagnosis {

/// What one piece of evidence did.
struct Weighing {
  std::size_t evidence = 0;  ///< index into the case's
  double mistake = 0;        ///< probability that it is a mistaken reading, after all evidence
  double bits = 0;           ///< how far it moved the belief: Kullback-Leibler, in bits
  Family family = Family::ohms;
};

/// Not copied and never changed: a case that changed is believed anew, with what a memory still
/// knows. All functions that are const may be called from several threads at once.
class Belief {
 public:
  /// Weighs all evidence of `c` that is not withdrawn. `c` and `waveforms` must outlive it.
  /// `memory` spares what was worked out before; may be null.
  Belief(const job::Case& c, const WaveformSet& waveforms, const Knowledge& knowledge,
         LikelihoodMemory* memory = nullptr);
  Belief(const Belief&) = delete;  // its parts look at each other
  Belief& operator=(const Belief&) = delete;

  /// The vehicle that readings are predicted on, with the case it was made of.
  [[nodiscard]] const Vehicle& vehicle() const { return vehicle_; }
  /// What may be wrong, `none` first and `other` last; the index is that of `probabilities`.
  [[nodiscard]] const std::vector<Hypothesis>& hypotheses() const { return hypotheses_; }
  /// All cells, those of one hypothesis together; their weights sum to 1.
  [[nodiscard]] const std::vector<Cell>& cells() const { return cells_; }
  /// Sets of values the vehicle may have, by the index that cells name.
  [[nodiscard]] const std::vector<circuit::ParameterPoint>& values() const { return values_; }
  /// What each piece of evidence did, in the order in which they were taken in: that of the case.
  [[nodiscard]] const std::vector<Weighing>& weighings() const { return course_.weighings; }
  /// Probability of each hypothesis.
  [[nodiscard]] const std::vector<double>& probabilities() const { return probabilities_; }
  /// Probability of each hypothesis after each weighing, in their order.
  [[nodiscard]] const std::vector<std::vector<double>>& history() const { return course_.history; }
  /// Likelihoods of the `k`th weighing in every cell, in their order.
  [[nodiscard]] const std::vector<double>& weighed(std::size_t k) const {
    return *course_.weighed[k];
  }
  /// Whether codes were cleared in the course of the evidence: from then on a supply that was
  /// latched off is back, and that hypothesis reads like nothing wrong.
  [[nodiscard]] bool codesCleared() const { return course_.cleared; }
  /// What the hypothesis of a cell does to a reading taken now.
  [[nodiscard]] World worldNow(const Cell& cell) const;
  /// Natural logarithm of the probability of all evidence, whatever single fault there is.
  [[nodiscard]] double logEvidence() const { return logEvidence_; }
  /// The likelihoods that were used, for forecasts of what is not read yet.
  [[nodiscard]] const ReadingModel& model() const { return model_; }
  /// Facts of the trace of a weighing; empty for other kinds.
  [[nodiscard]] const std::vector<std::optional<TraceFacts>>& facts() const {
    return course_.facts;
  }
  /// Likelihood of one more reading in every cell, mistakes included.
  [[nodiscard]] Likelihoods likelihoods(const job::Evidence& evidence,
                                        const TraceFacts* facts) const;
  /// Likelihood, mistakes left out, of a reading on a vehicle with exactly this wrong; 1 for what
  /// only hands and eyes tell.
  [[nodiscard]] double likelihoodIn(const job::Evidence& evidence, const TraceFacts* facts,
                                    const World& world,
                                    const circuit::ParameterPoint& values) const;
  /// Density of a mistaken reading, times its probability.
  [[nodiscard]] double mistakenDensity(const job::Evidence& evidence) const;
  /// Whether some reading is more probably a slip than not, after all the others.
  [[nodiscard]] bool contradictory() const;
  /// Whether a weighing is of the circuit in question, or of the module's word; a good wheel's
  /// numbers are doubted where they are learnt from.
  [[nodiscard]] bool isOwn(const Weighing& weighing) const;
  /// Probability that a family means nothing on this car, were this cell the truth: near 1 for a
  /// cell that the family's readings speak against and that is believed all the same.
  [[nodiscard]] double doubted(const Cell& cell, Family family) const;
  /// Probability that the module makes no check while the car stands, were this cell the truth.
  [[nodiscard]] double unchecked(const Cell& cell, Family family) const;
  /// How much likelier the readings of a family are with something wrong at `element` than with any
  /// other hypothesis, prior against prior: its testimony. 1 where the family was not read.
  [[nodiscard]] double testimony(Family family, const std::string& element) const;

 private:
  [[nodiscard]] std::vector<double> doubtSome(const circuit::LineParameters& known,
                                              std::size_t used);
  // Cells and sets of values, before any reading.
  void layOut(const circuit::LineParameters& known);
  // What was stored before anybody cleared; then the evidence, one after another.
  void weighStoredCodes(LikelihoodMemory::Room* memory);
  void weigh(const WaveformSet& waveforms, LikelihoodMemory::Room* memory);
  void takeIn(std::size_t evidence, const std::optional<TraceFacts>& facts,
              LikelihoodMemory::Room* memory);
  [[nodiscard]] bool wasSaidBefore(std::size_t evidence) const;
  [[nodiscard]] std::vector<double> saidAgain(const job::Evidence& e) const;
  // What a family has told, its doubt taken into account.
  void hear(Family family);
  // Weights from what each family told; `last`: of the last piece of evidence, whose work is kept.
  void reweigh(bool last);
  // Readings that share a severity are held against it together, not each against a whole interval.
  double holdTogether(double total, bool last);
  // `keep`: what is worked out is kept for the numbers to come.
  void holdTogether(std::size_t cell, bool keep);
  [[nodiscard]] double byPrior(const std::vector<double>& likelihood) const;
  [[nodiscard]] double anything(const job::Evidence& e,
                                const std::vector<double>& likelihood) const;
  [[nodiscard]] std::vector<double> sumsByHypothesis() const;
  [[nodiscard]] double oneIsASlip() const;
  [[nodiscard]] double toldBy(std::size_t family, std::size_t cell) const;
  void multiply(std::vector<double>& told, const std::vector<double>& likelihood, double any) const;
  [[nodiscard]] std::shared_ptr<const Likelihoods> remembered(
      const job::Evidence& e, const std::optional<TraceFacts>& facts,
      LikelihoodMemory::Room* memory) const;
  [[nodiscard]] double cellLikelihood(const Cell& cell, const job::Evidence& evidence,
                                      const TraceFacts* facts) const;
  [[nodiscard]] std::vector<std::pair<World, double>> worldsOf(const Cell& cell,
                                                               const circuit::Test& test) const;
  // With the module looking at its pins while the car stands, and without.
  [[nodiscard]] std::pair<double, double> codesLikelihood(const Cell& cell,
                                                          const job::Evidence& evidence) const;
  [[nodiscard]] bool throughActive(const job::Evidence& e) const;
  [[nodiscard]] bool isAgainstItsLike(const job::Evidence& e) const;
  [[nodiscard]] bool isByMakersLimits(const job::Evidence& e) const;
  [[nodiscard]] double strayDensity(const job::Evidence& e) const;
  [[nodiscard]] Spread spreadOf(const job::Evidence& e, const Scale& scale) const;
  // Of the sets of values a sound vehicle is drawn from: the middle of what they would read, and
  // how far they lie apart.
  [[nodiscard]] std::pair<double, double> drawnAt(const circuit::Test& test,
                                                  const Scale& scale) const;
  [[nodiscard]] Likelihoods numeric(const job::Evidence& evidence) const;
  [[nodiscard]] double numberIn(const job::Evidence& evidence, const World& world,
                                const circuit::ParameterPoint& values) const;
  [[nodiscard]] bool isOfAnother(const circuit::Test& test) const;
  [[nodiscard]] Likelihoods fedOrNot(
      const job::Evidence& evidence,
      const std::function<double(const World&, const circuit::ParameterPoint&)>& density) const;

  Vehicle vehicle_;
  ReadingModel model_;
  BeliefLayout layout_;
  std::vector<Hypothesis> hypotheses_;
  std::vector<circuit::ParameterPoint> values_;
  std::vector<circuit::ParameterPoint> drawn_;  // before the readings moved some of them
  std::vector<double> shares_;                  // of each set of values, 1 on average
  std::vector<Cell> cells_;
  std::vector<double> probabilities_;
  // A number that was taken in: what each cell would have read from one end of it to the other.
  struct Number {
    std::shared_ptr<const Likelihoods> known;
    Family family;
    double read;
    Spread spread;
    double mistaken;
    Scale scale;
  };
  // What the evidence taken in so far has come to.
  struct Course {
    std::vector<Weighing> weighings;
    std::vector<std::vector<double>> history;
    std::vector<std::shared_ptr<const std::vector<double>>> weighed;
    std::vector<std::optional<TraceFacts>> facts;
    // By family: of each cell the product of its likelihoods over those of anything at all.
    std::array<std::vector<double>, kFamilies> told;
    // The same if the module looks at nothing while the car stands; empty where no code was read.
    std::array<std::vector<double>, kFamilies> toldUnchecked;
    std::array<double, kFamilies> whole{};             // of each family, over all that may be wrong
    std::array<std::vector<double>, kFamilies> heard;  // of each cell: what is left of it by doubt
    std::vector<Number> numbers;                       // only while weighing
    double logAnything = 0;
    bool cleared = false;
  };
  struct Kept;
  // How much of the evidence need not be taken in again, for a course like it was kept.
  std::size_t resume(const std::vector<std::optional<TraceFacts>>& facts,
                     const LikelihoodMemory::Room* memory);
  // Keeps the course that comes before the `upTo`th piece of evidence.
  void keep(std::size_t upTo, const std::vector<std::optional<TraceFacts>>& facts,
            LikelihoodMemory::Room* memory) const;
  [[nodiscard]] std::vector<job::Evidence> ofOthers() const;
  Course course_;
  std::map<const job::Evidence*, Spread> spreads_;  // of the numbers taken in
  // How probable a number is at steps of the severity within one cell, and their sum; the sum is 0
  // where it says nothing of the severity.
  struct Steps {
    static constexpr std::size_t kPoints = 32;
    std::array<double, kPoints> at{};
    double sum = 0;
  };
  [[nodiscard]] Steps stepsOf(const Number& number, std::size_t cell) const;
  std::vector<std::vector<Steps>> steps_;  // by cell, of the first numbers; only while weighing
  double logEvidence_ = 0;
  bool usual_ = false;  // nothing but common practice is known of the vehicle's values
};

}  // namespace haybale::diagnosis
