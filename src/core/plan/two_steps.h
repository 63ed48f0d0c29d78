// Two tests in a row: what a minute of the first is worth when the best test behind it is reckoned
// in. One step ahead a place that is hard to reach never pays, though everything measured there
// afterwards is cheap; and a test that splits evenly but leaves nothing cheap to ask looks as good
// as one that opens the way.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/plan/test_effort.h"

namespace haybale::diagnosis {

/// One test as it is seen from now.
struct Prospect {
  std::vector<std::vector<float>> chances;  ///< [outcome][way], of each way the sum is 1
  double bits = 0;                          ///< about the element
  double minutes = 0;                       ///< with what setting up costs, the stance's left out
  double discount = 1;                      ///< what of the bits counts, times
  Stance stance = Stance::atModule;
  std::map<std::string, double> laysBare;  ///< minutes spared there behind it
};

struct Standpoint {
  std::vector<double> ways;            ///< probabilities of the ways to fail, their sum 1
  std::vector<std::size_t> elementOf;  ///< of each way
  std::size_t elements = 0;
  double change = 0;  ///< minutes to get the car up or down
};

/// For each test bits per minute of it and the best test behind each of its outcomes together,
/// where a second one raises that; else of the test alone. Between the two the belief is moved by
/// Bayes' rule, outcomes of one way taken as independent. The best rate is found by Dinkelbach's
/// method ("On nonlinear fractional programming", Management Science 13, 1967, from memory).
/// `now` is where the technician stands. Only the most promising of the first are looked behind.
[[nodiscard]] std::vector<double> ratesOfTwo(const std::vector<const Prospect*>& tests,
                                             const Standpoint& standpoint,
                                             std::optional<Stance> now);

}  // namespace haybale::diagnosis
