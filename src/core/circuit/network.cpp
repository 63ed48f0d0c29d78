#include "core/circuit/network.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace haybale::circuit {

template <class T>
void LinearNetwork<T>::clear() {
  nodes_ = 0;
  branches_.clear();
  injections_.clear();
}

template <class T>
void LinearNetwork<T>::addAdmittance(Node a, Node b, T siemens) {
  if (a != b && siemens != T(0)) {
    branches_.push_back({std::max(a, b), std::min(a, b), siemens});
  }
}

template <class T>
void LinearNetwork<T>::addResistor(Node a, Node b, double ohm) {
  if (ohm < kOpenOhm) {
    addAdmittance(a, b, T(1.0 / std::max(ohm, kLeastOhm)));
  }
}

template <class T>
void LinearNetwork<T>::addSource(Node plus, Node minus, T volts, double ohm) {
  const double series = std::max(ohm, kLeastOhm);
  addResistor(plus, minus, series);
  if (series < kOpenOhm) {
    addCurrent(minus, plus, volts / series);
  }
}

template <class T>
void LinearNetwork<T>::addCurrent(Node from, Node to, T amperes) {
  if (from != kGround) {
    injections_.push_back({from, -amperes});
  }
  if (to != kGround) {
    injections_.push_back({to, amperes});
  }
}

template <class T>
void LinearNetwork<T>::fill() {
  const auto n = static_cast<std::size_t>(nodes_);
  mesh_.assign(n * n, T(0));
  toGround_.assign(n, T(kFloatingSiemens));
  driven_.assign(n, T(0));
  inverse_.resize(n);
  volts_.resize(n);
  lowest_.resize(n);
  for (std::size_t i = 0; i < n; ++i) {
    lowest_[i] = static_cast<int>(i);
  }
  for (const auto& branch : branches_) {  // branch.b < branch.a
    const auto a = static_cast<std::size_t>(branch.a);
    if (branch.b == kGround) {
      toGround_[a] += branch.siemens;
    } else {
      mesh_[a * n + static_cast<std::size_t>(branch.b)] += branch.siemens;
      lowest_[a] = std::min(lowest_[a], branch.b);
    }
  }
  for (const auto& injection : injections_) {
    driven_[static_cast<std::size_t>(injection.node)] += injection.amperes;
  }
}

template <class T>
void LinearNetwork<T>::eliminate() {
  const auto n = static_cast<std::size_t>(nodes_);
  for (std::size_t k = n; k-- > 0;) {
    const T* star = &mesh_[k * n];
    const auto low = static_cast<std::size_t>(lowest_[k]);
    T sum = toGround_[k];
    for (std::size_t j = low; j < k; ++j) {
      sum += star[j];
    }
    inverse_[k] = T(1) / sum;
    for (std::size_t i = low; i < k; ++i) {
      if (star[i] == T(0)) {
        continue;
      }
      const T share = star[i] * inverse_[k];
      toGround_[i] += share * toGround_[k];
      driven_[i] += share * driven_[k];
      T* row = &mesh_[i * n];
      for (std::size_t j = low; j < i; ++j) {
        row[j] += share * star[j];
      }
      lowest_[i] = std::min(lowest_[i], lowest_[k]);
    }
  }
}

template <class T>
void LinearNetwork<T>::substitute() {
  const auto n = static_cast<std::size_t>(nodes_);
  for (std::size_t k = 0; k < n; ++k) {
    const T* star = &mesh_[k * n];
    T current = driven_[k];
    for (auto j = static_cast<std::size_t>(lowest_[k]); j < k; ++j) {
      current += star[j] * volts_[j];
    }
    volts_[k] = current * inverse_[k];
  }
}

template <class T>
const std::vector<T>& LinearNetwork<T>::solve() {
  fill();
  eliminate();
  substitute();
  return volts_;
}

template class LinearNetwork<double>;
template class LinearNetwork<std::complex<double>>;

void Network::clear() {
  linear_.clear();
  bent_.clear();
  pieces_.clear();
  coils_.clear();
  switch_.reset();
}

void Network::addSwitch(Node a, Node b, double onOhm, double offOhm, Node gate, double leastV) {
  if (a != b && offOhm < kOpenOhm) {
    switch_ = {b, gate, onOhm, offOhm, leastV, linear_.branches()};
    linear_.addResistor(a, b, offOhm);
  }
}

void Network::addCoil(Node plus, Node minus, double ohm, double henry, double peakVolts) {
  if (ohm < kOpenOhm && plus != minus) {
    coils_.push_back({plus, minus, ohm, henry, peakVolts, linear_.branches()});
    linear_.addResistor(plus, minus, ohm);
  }
}

void Network::addBent(Node a, Node b, std::span<const Piece> pieces) {
  if (a == b) {
    return;
  }
  bent_.push_back({a, b, pieces_.size(), pieces.size(), restOf(pieces)});
  pieces_.insert(pieces_.end(), pieces.begin(), pieces.end());
}

std::size_t Network::restOf(std::span<const Piece> pieces) {
  std::size_t now = 0;
  while (now + 1 < pieces.size() && pieces[now].toVolts < 0) {
    ++now;
  }
  return now;
}

void Network::mark() {
  mark_ = {linear_.branches(), linear_.injections(), bent_.size(),
           pieces_.size(),     coils_.size(),        switch_};
}

void Network::rewind() {
  linear_.cutBack(mark_.branches, mark_.injections);
  bent_.resize(mark_.bent);
  pieces_.resize(mark_.pieces);
  coils_.resize(mark_.coils);
  for (auto& branch : bent_) {
    branch.now = restOf({&pieces_[branch.first], branch.count});
  }
  switch_ = mark_.undecided;
  if (switch_) {
    linear_.setAdmittance(switch_->branch, 1 / std::max(switch_->offOhm, kLeastOhm));
  }
}

void Network::solvePieces() {
  piecewise_.copyBranches(linear_);
  piecewise_.copySources(linear_);
  for (const auto& branch : bent_) {
    const Piece& piece = pieces_[branch.first + branch.now];
    piecewise_.addAdmittance(branch.a, branch.b, piece.siemens);
    piecewise_.addCurrent(branch.a, branch.b, piece.amperes);
  }
  piecewise_.solve();
}

// Moves every branch (or the first only) one piece towards where its voltage lies.
bool Network::hop(bool onlyOne) {
  bool moved = false;
  for (auto& branch : bent_) {
    const double volts = piecewise_.at(branch.a) - piecewise_.at(branch.b);
    const double slack = 1e-9 * (1 + std::abs(volts));
    const Piece* pieces = &pieces_[branch.first];
    if (branch.now + 1 < branch.count && volts > pieces[branch.now].toVolts + slack) {
      ++branch.now;
    } else if (branch.now > 0 && volts < pieces[branch.now - 1].toVolts - slack) {
      --branch.now;
    } else {
      continue;
    }
    moved = true;
    if (onlyOne) {
      return true;
    }
  }
  return moved;
}

bool Network::solve() {
  if (!settle()) {
    return false;
  }
  if (!switch_ || at(switch_->gate) - at(switch_->b) < switch_->leastV) {
    return true;
  }
  linear_.setAdmittance(switch_->branch, 1 / std::max(switch_->onOhm, kLeastOhm));
  switch_.reset();
  return settle();
}

bool Network::settle() {
  if (bent_.empty()) {
    linear_.solve();
    return true;
  }
  constexpr int kTogether = 24;
  constexpr int kMost = 400;
  bool settled = false;
  for (int round = 0; round < kMost && !settled; ++round) {
    solvePieces();
    settled = !hop(round >= kTogether);
  }
  return settled;
}

void Network::smallSignal(double hz, LinearNetwork<std::complex<double>>& out) const {
  out.copyBranches(linear_);
  for (const auto& branch : bent_) {
    out.addAdmittance(branch.a, branch.b, pieces_[branch.first + branch.now].siemens);
  }
  const double omega = 2 * std::numbers::pi * hz;
  for (const auto& coil : coils_) {
    const std::complex<double> y =
        1.0 / std::complex<double>(std::max(coil.ohm, kLeastOhm), omega * coil.henry);
    out.setAdmittance(coil.branch, y);
    out.addCurrent(coil.minus, coil.plus, coil.peakVolts * y);
  }
}

}  // namespace haybale::circuit
