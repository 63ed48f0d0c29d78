// What the readings say together: families that may mean nothing on this car, and one severity that
// all of them share.
#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/belief/belief.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using priors::Id;
using priors::of;

// Every family either means what the model says, or tells a story of its own, which holds together
// and is false: then all of it is as probable as it is over all that may be wrong.
void Belief::reweigh(bool last) {
  logEvidence_ = logAnything_;
  for (std::size_t f = 0; f < kFamilies; ++f) {
    whole_[f] = 1;
    if (!told_[f].empty()) {
      double sum = 0;
      for (std::size_t i = 0; i < cells_.size(); ++i) {
        sum += cells_[i].prior * toldBy(f, i);
      }
      whole_[f] = sum;
      logEvidence_ += std::log(sum);
    }
  }
  double total = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    double weight = cells_[i].prior;
    for (std::size_t f = 0; f < kFamilies; ++f) {
      if (!told_[f].empty()) {
        const double doubt = doubtOf(static_cast<Family>(f));
        weight *= (1 - doubt) * toldBy(f, i) / whole_[f] + doubt;
      }
    }
    cells_[i].weight = weight;
    total += weight;
  }
  total = holdTogether(total, last);
  for (auto& cell : cells_) {
    cell.weight /= total;
  }
  logEvidence_ += std::log(total);
}

// Each reading was weighed as if the severity lay anywhere in the cell, anew for every one of them.
// But it is one severity that all of them share: readings that agree on it must not be held against
// a cell for its width, once a reading. For cells that count, the product of averages gives way to
// the average of the product, over the severity; a family that is doubted there stays out of it.
// On the way there only the cells that weigh most are looked at: the course is told by them.
double Belief::holdTogether(double total, bool last) {
  const double counts = (last ? 1e-6 : 1e-3) * total;
  if (numbers_.empty()) {
    return total;
  }
  parallelFor(piecesOf(cells_.size(), kCellsAtOnce), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kCellsAtOnce, piece);
    for (std::size_t i = from; i < to; ++i) {
      if (cells_[i].low != cells_[i].high && cells_[i].weight >= counts) {
        holdTogether(i);
      }
    }
  });
  double changed = 0;
  for (const Cell& cell : cells_) {
    changed += cell.weight;
  }
  return changed;
}

void Belief::holdTogether(std::size_t i) {
  constexpr int kPoints = 32;
  Cell& cell = cells_[i];
  std::array<double, kPoints> product;
  product.fill(1);
  const double slip = of(Id::slipNumber);
  double apart = 1;
  int shared = 0;
  for (const auto& n : numbers_) {
    const auto [low, high] = n.ends[i];
    if (std::isnan(low) || low == high || doubted(cell, n.family) > 0.5) {
      continue;
    }
    ++shared;
    const bool beyond = n.scale.isBeyond(n.read);
    double sum = 0;
    for (std::size_t k = 0; k < kPoints; ++k) {
      const double along = (static_cast<double>(k) + 0.5) / kPoints;
      const double at = low + along * (high - low);
      const double fits = beyond ? n.scale.density(n.read, at, at, n.spread.at(at))
                                 : normalDensity(n.read - at, n.spread.at(at));
      const double p = (1 - slip) * fits + n.mistaken;
      product[k] *= p;
      sum += p;
    }
    apart *= sum / kPoints;
  }
  if (shared == 0 || !(apart > 0)) {
    return;
  }
  double joint = 0;
  double along = 0;
  for (std::size_t k = 0; k < kPoints; ++k) {
    joint += product[k];
    along += product[k] * (static_cast<double>(k) + 0.5) / kPoints;
  }
  cell.weight *= joint / kPoints / apart;
  cell.along = joint > 0 ? along / joint : 0.5;
}

}  // namespace haybale::diagnosis
