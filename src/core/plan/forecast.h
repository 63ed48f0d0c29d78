// What may come of a test, fault by fault: every test simulated against a few shares of the belief
// that stand for all of it, under every kind of sensor that is still possible.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/belief/kinds.h"
#include "core/plan/categories.h"

namespace haybale::diagnosis {

/// A share of the belief that stands for its neighbours. Weights sum to 1.
struct Stand {
  const Belief* belief;
  std::size_t hypothesis;
  const Cell* cell;
  double weight;

  [[nodiscard]] const Hypothesis& way() const { return belief->hypotheses()[hypothesis]; }
  [[nodiscard]] const circuit::ParameterPoint& values() const {
    return belief->values()[cell->values];
  }
};

/// What may come of one test: chances[outcome][stand], each stand's sum to 1, and the outcomes in
/// words (several may have the same).
struct Outlook {
  std::vector<std::vector<double>> chances;
  std::vector<std::string> words;
};

/// Deterministic. `outlook` of different tests may be asked from several threads at once.
class Forecast {
 public:
  /// The belief under one kind of sensor. It must outlive this.
  explicit Forecast(const Belief& belief);
  /// Under every kind that is possible.
  explicit Forecast(const Beliefs& beliefs);

  /// Some hundreds, the likeliest cells of every hypothesis that is not forgotten.
  [[nodiscard]] const std::vector<Stand>& stands() const { return stands_; }
  /// What may come of a test on the car as it is believed to be now; doubts of its family included.
  /// Empty when the test cannot be simulated.
  [[nodiscard]] std::optional<Outlook> outlook(const circuit::Test& test) const;

 private:
  // A belief with what is believed of the vehicle's values.
  struct Side {
    const Belief* belief;
    double share;
    std::vector<double> valueWeights;  // of the sets of values, after all evidence
    std::size_t likeliest = 0;         // of them
  };
  struct Reach;
  struct Standing;
  struct Sound;
  void add(const Belief& belief, double share);
  void standFor();
  [[nodiscard]] Sound soundOf(const Side& side, const circuit::Test& test,
                              const Scale& scale) const;
  [[nodiscard]] std::optional<std::vector<Reach>> reaches(const circuit::Test& test,
                                                          const Scale& scale,
                                                          const std::vector<Sound>& sound) const;
  // A number falls into bins about as wide as it is known; those that read alike are one outcome.
  [[nodiscard]] std::optional<Outlook> ofNumbers(const circuit::Test& test) const;
  // What a reading of the other wheel would teach of the vehicle's values.
  [[nodiscard]] std::optional<Outlook> ofGoodWheel(const circuit::Test& test) const;
  static std::vector<double> expected(const Side& side, const std::vector<double>& ofSet);
  // What is seen or counted: one outcome each, by the likelihood of the reading it would be.
  [[nodiscard]] std::optional<Outlook> ofCategories(const circuit::Test& test) const;
  [[nodiscard]] Standing standingOf(const circuit::Test& test, const Stand& stand) const;
  [[nodiscard]] double chance(const circuit::Test& test, const Category& c, const Stand& stand,
                              Standing& standing) const;
  void likeAnything(Outlook& out, Family family) const;
  [[nodiscard]] std::size_t sideOf(const Stand& stand) const;

  std::vector<Side> sides_;
  std::vector<Stand> stands_;
};

}  // namespace haybale::diagnosis
