// What may come of a test, fault by fault: every test simulated against a few shares of the belief
// that stand for all of it.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/belief/belief.h"

namespace haybale::diagnosis {

/// A share of the belief that stands for its neighbours. Weights sum to 1.
struct Stand {
  std::size_t hypothesis;
  const Cell* cell;
  double weight;
};

/// What may come of one test: chances[outcome][stand], each stand's sum to 1, and the outcomes in
/// words (several may have the same).
struct Outlook {
  std::vector<std::vector<double>> chances;
  std::vector<std::string> words;
};

class Forecast {
 public:
  /// `belief` must outlive it.
  explicit Forecast(const Belief& belief);

  [[nodiscard]] const std::vector<Stand>& stands() const { return stands_; }
  /// Empty when the test cannot be simulated.
  [[nodiscard]] std::optional<Outlook> outlook(const circuit::Test& test) const;

 private:
  struct Reach;
  struct Standing;
  [[nodiscard]] std::optional<std::vector<Reach>> reaches(const circuit::Test& test,
                                                          const Scale& scale,
                                                          double reference) const;
  /// Spread that what is still unknown of the vehicle gives the reading of a sound circuit.
  [[nodiscard]] double unsure(const circuit::Test& test, const Scale& scale) const;
  [[nodiscard]] std::optional<Outlook> ofNumbers(const circuit::Test& test) const;
  [[nodiscard]] std::optional<Outlook> ofCategories(const circuit::Test& test) const;
  [[nodiscard]] Standing standingOf(const circuit::Test& test, const Stand& stand) const;
  [[nodiscard]] double chance(const circuit::Test& test, const Category& c, const Stand& stand,
                              Standing& standing) const;

  const Belief& belief_;
  std::vector<Stand> stands_;
  ReadingModel model_;
  std::vector<double> valueWeights_;  // of the vehicle's sets of values, after all evidence
  std::size_t likeliest_ = 0;         // of them
};

}  // namespace haybale::diagnosis
