#include "core/belief/pair_belief.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::TestKind;
using priors::Id;

namespace {

constexpr std::size_t kMostPaired = 36;       // hypotheses that are tried in pairs
constexpr double kExplainedElsewhere = 0.02;  // of the best likelihood: the other fault's business
constexpr double kLeast = 0.01;

// The cells that explain most, one a hypothesis, the best first.
std::vector<const Cell*> candidates(const Belief& belief) {
  std::vector<double> best(belief.weighings().size());
  for (std::size_t k = 0; k < best.size(); ++k) {
    best[k] = *std::max_element(belief.weighed(k).begin(), belief.weighed(k).end());
  }
  struct Scored {
    const Cell* cell = nullptr;
    double score = -1e300;
  };
  std::vector<Scored> byHypothesis(belief.hypotheses().size());
  for (std::size_t i = 0; i < belief.cells().size(); ++i) {
    const Cell& cell = belief.cells()[i];
    double score = std::log(belief.hypotheses()[cell.hypothesis].prior);
    for (std::size_t k = 0; k < best.size(); ++k) {
      score += std::log(std::max(belief.weighed(k)[i], kExplainedElsewhere * best[k]));
    }
    auto& held = byHypothesis[cell.hypothesis];
    const Fault fault = belief.hypotheses()[cell.hypothesis].fault;
    const bool pairs = fault != Fault::none && fault != Fault::other && fault != Fault::wrongTyre;
    if (pairs && score > held.score) {
      held = {&cell, score};
    }
  }
  std::erase_if(byHypothesis, [](const Scored& s) { return s.cell == nullptr; });
  std::stable_sort(byHypothesis.begin(), byHypothesis.end(),
                   [](const Scored& a, const Scored& b) { return a.score > b.score; });
  std::vector<const Cell*> out;
  for (std::size_t i = 0; i < std::min(kMostPaired, byHypothesis.size()); ++i) {
    out.push_back(byHypothesis[i].cell);
  }
  return out;
}

class PairModel {
 public:
  PairModel(const Belief& belief, const Cell& a, const Cell& b)
      : belief_(belief),
        first_(belief.hypotheses()[a.hypothesis]),
        second_(belief.hypotheses()[b.hypothesis]),
        values_(belief.values()[a.values]),
        firstSeverity_(a.severity()),
        secondSeverity_(b.severity()),
        worlds_{worldOf(first_, firstSeverity_, values_),
                worldOf(second_, secondSeverity_, values_)} {}

  // Of weighing `k`, mistakes included.
  [[nodiscard]] double likelihood(std::size_t k) const {
    const auto& e = belief_.vehicle().job().evidence[belief_.weighings()[k].evidence];
    const auto& facts = belief_.facts()[k];
    const double mistaken = belief_.mistakenDensity(e);
    double p = 0;
    switch (e.test.kind) {
      case TestKind::inspect:
      case TestKind::wiggle:
      case TestKind::benchSensor:
        p = byHand(e);
        break;
      default:
        p = inWorlds(e, facts ? &*facts : nullptr);
        break;
    }
    const double slip = slipOf(e.test.kind);
    return (1 - slip) * p + mistaken;
  }

 private:
  // What hands and eyes find is the doing of the fault that lies there; else of either.
  [[nodiscard]] double byHand(const job::Evidence& e) const {
    const auto of = [&](const Hypothesis& h, double severity) {
      const auto& model = belief_.model();
      return e.test.kind == TestKind::inspect ? model.inspect(e.test, e.reading, h)
             : e.test.kind == TestKind::wiggle
                 ? model.wiggle(e.test, e.reading, h, severity, values_)
                 : model.benchSensor(e.reading, h, severity);
    };
    const std::string& looked = !e.test.looked.empty() ? e.test.looked : e.reading.looked;
    if (e.test.kind == TestKind::inspect &&
        (looked == first_.element || looked == second_.element)) {
      return looked == first_.element ? of(first_, firstSeverity_) : of(second_, secondSeverity_);
    }
    return std::max(of(first_, firstSeverity_), of(second_, secondSeverity_));
  }

  // Over what shows of the two at that moment.
  [[nodiscard]] double inWorlds(const job::Evidence& e, const TraceFacts* facts) const {
    const auto& suspect = belief_.vehicle().suspect();
    const double a = showsIn(first_, e.test.state, suspect);
    const double b = showsIn(second_, e.test.state, suspect);
    const auto in = [&](double weight, const World& w) {
      return weight > 0 ? weight * belief_.likelihoodIn(e, facts, w, values_) : 0;
    };
    return in(a * b, together(worlds_[0], worlds_[1])) + in(a * (1 - b), worlds_[0]) +
           in((1 - a) * b, worlds_[1]) + in((1 - a) * (1 - b), World{});
  }

  const Belief& belief_;
  const Hypothesis& first_;
  const Hypothesis& second_;
  const circuit::ParameterPoint& values_;
  double firstSeverity_;
  double secondSeverity_;
  std::array<World, 2> worlds_;
};

}  // namespace

std::vector<PairSuspect> pairsOf(const Belief& belief) {
  const auto cells = candidates(belief);
  struct Tried {
    PairSuspect pair;
    double log = 0;
  };
  std::vector<Tried> tried;
  for (std::size_t i = 0; i < cells.size(); ++i) {
    for (std::size_t j = i + 1; j < cells.size(); ++j) {
      tried.push_back({{cells[i]->hypothesis, cells[j]->hypothesis, 0}, 0});
      tried.back().pair.share = static_cast<double>(i * cells.size() + j);  // which cells
    }
  }
  eachInParallel(tried.size(), 8, [&](std::size_t t) {
    const auto code = static_cast<std::size_t>(tried[t].pair.share);
    const Cell& a = *cells[code / cells.size()];
    const Cell& b = *cells[code % cells.size()];
    const PairModel model(belief, a, b);
    double log = std::log(priors::of(Id::secondFault) * belief.hypotheses()[a.hypothesis].prior *
                          belief.hypotheses()[b.hypothesis].prior);
    for (std::size_t k = 0; k < belief.weighings().size(); ++k) {
      log += std::log(model.likelihood(k));
    }
    tried[t].log = log;
  });
  // One cell stands for all of its hypothesis, as severities near it do as well.
  double most = belief.logEvidence();
  for (const auto& t : tried) {
    most = std::max(most, t.log);
  }
  double whole = std::exp(belief.logEvidence() - most);
  for (const auto& t : tried) {
    whole += std::exp(t.log - most);
  }
  std::vector<PairSuspect> out;
  for (auto& t : tried) {
    t.pair.share = std::exp(t.log - most) / whole;
    if (t.pair.share >= kLeast) {
      out.push_back(t.pair);
    }
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const PairSuspect& a, const PairSuspect& b) { return a.share > b.share; });
  return out;
}

}  // namespace haybale::diagnosis
