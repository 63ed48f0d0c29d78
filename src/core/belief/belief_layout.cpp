// How the belief's cells are laid out: hypotheses, bands of severity, sets of values.
#include <algorithm>
#include <cmath>

#include "core/belief/anchored_values.h"
#include "core/belief/belief.h"
#include "core/belief/likelihood.h"
#include "core/priors/priors.h"
#include "core/vehicle/vehicle_values.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using priors::Id;
using priors::of;

namespace {

constexpr std::size_t kValues = 72;      // sets of values where there is no severity
constexpr std::size_t kValuesEach = 32;  // and where there is
constexpr std::size_t kMostCells = 14400;

struct Band {
  double low, high;
  double share;  // of the hypothesis
};

// The severities of a hypothesis in bands, for its `set`th set of values. Every set has its bands
// elsewhere: a severity that happens to lie at the edge of a band in one lies well within in
// another, and none is held against its hypothesis for where the edges are.
std::vector<Band> bandsOf(const Hypothesis& h, std::size_t set) {
  const auto& steps = h.steps;
  if (steps.size() < 2) {
    return {{steps[0], steps[0], 1}};
  }
  std::vector<Band> out;
  const std::size_t whole = steps.size() - 1 - (h.lastShare > 0 ? 1 : 0);  // intervals that move
  if (whole == 0) {
    return {{steps[0], steps[1], 1}};
  }
  const double rest = 1 - h.lastShare;
  const auto at = [&](double along) {
    const auto k = std::min(static_cast<std::size_t>(along), whole - 1);
    const double part = along - static_cast<double>(k);
    return part <= 0   ? steps[k]
           : part >= 1 ? steps[k + 1]
                       : steps[k] * std::pow(steps[k + 1] / steps[k], part);
  };
  constexpr double kGolden = 0.6180339887;
  constexpr double kLeast = 0.05;  // of an interval: a narrower band goes to its neighbour
  double from = 0;
  double to = 1 - std::fmod(kGolden * static_cast<double>(set), 1.0);
  const auto end = static_cast<double>(whole);
  while (from < end) {
    to = end - to < kLeast ? end : to < kLeast ? to + 1 : to;
    out.push_back({at(from), at(to), rest * (to - from) / end});
    from = to;
    to += 1;
  }
  if (h.lastShare > 0) {
    out.push_back({steps[whole], steps[whole + 1], h.lastShare});
  }
  return out;
}

// How much likelier a supply is where the module has too little itself than where it is well fed.
// The readings that show it are in the sets already: what they all are fed with is the car's own.
double tooLittle(circuit::SensorKind kind, const circuit::ParameterPoint& values) {
  constexpr double kMost = 300;
  const Unknown& usual = unknownsOf(kind).front();
  const double at = std::log(std::max(0.1, values.frontEnd.supplyV));
  const double little =
      normalDensity(at - std::log(of(Id::littleSupply)), of(Id::littleSupplySpread));
  return std::min(kMost, little / normalDensity(at - std::log(usual.median), usual.spread));
}

}  // namespace

// One set in four is what the suspect is like if the wheel that taught is faulty itself. Both kinds
// are moved to the readings apart from one another, and hold as often as that is so. Returns the
// sets' weights. `used`: how many of the sets the hypotheses have.
std::vector<double> Belief::doubtSome(const circuit::LineParameters& known, std::size_t used) {
  const std::size_t count = values_.size();
  const auto isDoubtful = [&](std::size_t i) {
    const std::size_t v = (i * used + count - 1) / count;
    return (v * count / used == i ? v : i) % 4 == 2;  // so of those that are used, too
  };
  std::vector<double> out(count);
  for (const bool doubtful : {false, true}) {
    std::vector<circuit::ParameterPoint> some;
    for (std::size_t i = 0; i < count; ++i) {
      if (isDoubtful(i) == doubtful) {
        some.push_back(doubtful ? known.doubtful[i * known.doubtful.size() / count] : values_[i]);
      }
    }
    const auto weights = anchorValues(vehicle_.job(), vehicle_.suspect(), some);
    const double share = doubtful ? known.doubt : 1 - known.doubt;
    const double each = share * static_cast<double>(count) /
                        static_cast<double>(std::max<std::size_t>(1, some.size()));
    for (std::size_t i = 0, at = 0; i < count; ++i) {
      if (isDoubtful(i) == doubtful) {
        values_[i] = some[at];
        out[i] = each * weights[at++];
      }
    }
  }
  return out;
}

void Belief::layOut(const circuit::LineParameters& known) {
  const std::size_t count = std::min(kValues, std::max<std::size_t>(1, known.draws.size()));
  for (std::size_t i = 0; i < count; ++i) {
    values_.push_back(known.draws.empty() ? known.central
                                          : known.draws[i * known.draws.size() / count]);
  }
  drawn_ = values_;
  usual_ = known.usual;
  const auto intervalsOf = [&](std::size_t h) {
    const std::size_t steps = hypotheses_[h].steps.size();
    return steps > 2 ? steps : steps > 1 ? std::size_t{2} : std::size_t{1};
  };
  std::size_t total = 0;
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    total += intervalsOf(h);
  }
  // A long line has more hypotheses, each with fewer sets of values.
  const std::size_t setsEach =
      std::clamp<std::size_t>(kMostCells / std::max<std::size_t>(1, total), 1, kValuesEach);
  // All have the same sets: what speaks for a set speaks for none of them.
  const std::size_t sets = std::min(setsEach, values_.size());
  shares_ = known.doubtful.empty() ? anchorValues(vehicle_.job(), vehicle_.suspect(), values_)
                                   : doubtSome(known, sets);
  for (std::size_t h = 0; h < hypotheses_.size(); ++h) {
    double shares = 0;
    for (std::size_t v = 0; v < sets; ++v) {
      shares += shares_[v * values_.size() / sets];
    }
    for (std::size_t v = 0; v < sets; ++v) {
      // Spread over all the sets, in order of the severity so that neighbours share an end.
      const std::size_t set = v * values_.size() / sets;
      for (const auto& band : bandsOf(hypotheses_[h], v)) {
        double prior = hypotheses_[h].prior * shares_[set] / shares * band.share;
        if (hypotheses_[h].fault == Fault::modulePower && band.high > 0) {
          prior *= tooLittle(vehicle_.suspect().sensor.kind, values_[set]);
        }
        cells_.push_back({h, set, band.low, band.high, prior, prior});
      }
    }
  }
  layout_.values = values_;
  layout_.circuits = vehicle_.job().circuits;
  layout_.suspect = vehicle_.suspect().name;
  layout_.meter = vehicle_.job().meter;
  layout_.lift = vehicle_.job().complaint.lift;
  for (const auto& h : hypotheses_) {
    layout_.ways.push_back({h.fault, h.element, h.wire, h.steps, h.along, h.bothHalves});
  }
  for (const auto& cell : cells_) {
    layout_.cells.push_back({cell.hypothesis, cell.values, cell.low, cell.high});
  }
}

// By the middle half of the sets, so that the few that are doubtful do not blur every reading.
std::pair<double, double> Belief::drawnAt(const Test& test, const Scale& scale) const {
  constexpr double kNormalMiddleHalf = 1.349;  // quartile to quartile, in standard deviations
  std::vector<double> at;
  // Two dozen sets tell a spread.
  const std::size_t step = std::max<std::size_t>(1, drawn_.size() / 24);
  for (std::size_t i = 0; i < drawn_.size(); i += step) {
    if (const auto v = vehicle_.electrical(test, World{}, drawn_[i])) {
      at.push_back(scale.at(*v));
    }
  }
  if (at.size() < 2) {
    return {0, 0};
  }
  std::sort(at.begin(), at.end());
  // Sets that common practice alone has drawn lie far apart: each stands for more of what is
  // between.
  const double wide = usual_ ? of(Id::spreadUsual) : 1;
  return {at[at.size() / 2],
          wide * (at[at.size() * 3 / 4] - at[at.size() / 4]) / kNormalMiddleHalf};
}

}  // namespace haybale::diagnosis
