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
void Belief::hear(Family family) {
  const auto f = static_cast<std::size_t>(family);
  auto& heard = course_.heard[f];
  heard.resize(cells_.size());
  course_.whole[f] = 0;
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    heard[i] = toldBy(f, i);
    course_.whole[f] += cells_[i].prior * heard[i];
  }
  const double doubt = doubtOf(family);
  for (double& told : heard) {
    told = (1 - doubt) * told / course_.whole[f] + doubt;
  }
}

void Belief::reweigh(bool last) {
  logEvidence_ = course_.logAnything;
  for (auto& cell : cells_) {
    cell.weight = cell.prior;
  }
  for (std::size_t f = 0; f < kFamilies; ++f) {
    if (!course_.heard[f].empty()) {
      logEvidence_ += std::log(course_.whole[f]);
      for (std::size_t i = 0; i < cells_.size(); ++i) {
        cells_[i].weight *= course_.heard[f][i];
      }
    }
  }
  double total = 0;
  for (const auto& cell : cells_) {
    total += cell.weight;
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
  if (course_.numbers.empty()) {
    return total;
  }
  steps_.resize(cells_.size());
  parallelFor(piecesOf(cells_.size(), kCellsAtOnce), [&](std::size_t piece) {
    const auto [from, to] = pieceOf(cells_.size(), kCellsAtOnce, piece);
    for (std::size_t i = from; i < to; ++i) {
      if (cells_[i].low != cells_[i].high && cells_[i].weight >= counts) {
        holdTogether(i, !last);
      }
    }
  });
  double changed = 0;
  for (const Cell& cell : cells_) {
    changed += cell.weight;
  }
  return changed;
}

Belief::Steps Belief::stepsOf(const Number& n, std::size_t cell) const {
  Steps out;
  const auto [low, high] = n.known->ends[cell];
  if (std::isnan(low) || low == high) {
    return out;
  }
  const double slip = of(Id::slipNumber);
  const bool beyond = n.scale.isBeyond(n.read);
  for (std::size_t k = 0; k < Steps::kPoints; ++k) {
    const double along = (static_cast<double>(k) + 0.5) / Steps::kPoints;
    const double at = low + along * (high - low);
    const double fits = beyond ? n.scale.density(n.read, at, at, n.spread.at(at))
                               : normalDensity(n.read - at, n.spread.at(at));
    out.at[k] = (1 - slip) * fits + n.mistaken;
    out.sum += out.at[k];
  }
  return out;
}

void Belief::holdTogether(std::size_t i, bool keep) {
  Cell& cell = cells_[i];
  auto& kept = steps_[i];
  while (keep && kept.size() < course_.numbers.size()) {
    kept.push_back(stepsOf(course_.numbers[kept.size()], i));
  }
  std::array<double, Steps::kPoints> product;
  product.fill(1);
  double apart = 1;
  int shared = 0;
  for (std::size_t n = 0; n < course_.numbers.size(); ++n) {
    if (doubted(cell, course_.numbers[n].family) > 0.5) {
      continue;
    }
    const Steps steps = n < kept.size() ? kept[n] : stepsOf(course_.numbers[n], i);
    if (steps.sum <= 0) {
      continue;
    }
    ++shared;
    for (std::size_t k = 0; k < Steps::kPoints; ++k) {
      product[k] *= steps.at[k];
    }
    apart *= steps.sum / Steps::kPoints;
  }
  if (shared == 0 || !(apart > 0)) {
    return;
  }
  double joint = 0;
  double along = 0;
  for (std::size_t k = 0; k < Steps::kPoints; ++k) {
    joint += product[k];
    along += product[k] * (static_cast<double>(k) + 0.5) / Steps::kPoints;
  }
  cell.weight *= joint / Steps::kPoints / apart;
  cell.along = joint > 0 ? along / joint : 0.5;
}

}  // namespace haybale::diagnosis
