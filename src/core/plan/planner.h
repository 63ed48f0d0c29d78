// What one test would tell: simulated against everything still believed in, its outcomes summed up.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "core/plan/forecast.h"
#include "core/plan/next_move.h"
#include "core/plan/two_steps.h"

namespace haybale::diagnosis {

/// What is believed at the moment, in the groups that proposals are asked to tell apart.
class Planner {
 public:
  /// REQUIRES: both outlive it.
  Planner(const Beliefs& beliefs, const Conclusion& conclusion);

  /// Whether the element is asked for, as far as can be seen: then two steps are looked ahead.
  [[nodiscard]] bool looksFurther() const { return waysCount_ == 0 && !wantsWitness_; }
  [[nodiscard]] const Standpoint& standpoint() const { return standpoint_; }
  /// Where the technician stands after the last test made.
  [[nodiscard]] std::optional<Stance> stance() const { return stance_; }

  /// `test` by itself, one step ahead, without title and steps; `prospect`, if given, is filled for
  /// looking a second step ahead. Empty when it cannot be simulated.
  [[nodiscard]] std::optional<Proposal> propose(const circuit::Test& test,
                                                Prospect* prospect = nullptr) const;

 private:
  void group(bool byKind);
  void takeWay(std::size_t element, std::size_t way, double weight);
  [[nodiscard]] double setUp(const Proposal& p) const;
  [[nodiscard]] std::vector<std::vector<float>> byWay(const Outlook& outlook) const;
  [[nodiscard]] double toPutBack(const circuit::Test& test) const;
  [[nodiscard]] double information(const Outlook& outlook, const std::vector<std::size_t>& groupOf,
                                   std::size_t groups) const;
  void say(Proposal& out, const Outlook& outlook) const;

  const Belief& belief_;
  bool wantsWitness_;
  std::vector<Family> witnesses_;
  double waysCount_;
  Forecast forecast_;
  const std::vector<Stand>& stands_;
  std::vector<std::size_t> elementOf_;
  std::vector<std::size_t> wayOf_;
  std::size_t elements_ = 0;
  std::size_t ways_ = 0;
  std::map<std::pair<std::size_t, std::size_t>, std::size_t> jointOf_;
  std::vector<std::size_t> standOf_;  // the way of the standpoint that each stand is of
  Standpoint standpoint_;
  std::optional<Stance> stance_;    // of the last test made
  std::vector<std::string> apart_;  // what it left unplugged
};

}  // namespace haybale::diagnosis
