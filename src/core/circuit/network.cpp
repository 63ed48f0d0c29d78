#include "core/circuit/network.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <limits>

namespace haybale::circuit {

void Network::addResistor(Node a, Node b, double ohm) {
  if (ohm >= kOpenOhm || a == b) {
    return;
  }
  branches_.push_back({a, b, 1.0 / std::max(ohm, kLeastOhm)});
}

void Network::addSource(Node plus, Node minus, double volts, double ohm) {
  const double series = std::max(ohm, kLeastOhm);
  addResistor(plus, minus, series);
  if (series < kOpenOhm) {
    addCurrent(minus, plus, volts / series);
  }
}

void Network::addCurrent(Node from, Node to, double amperes) {
  if (from != kGround) {
    injections_.push_back({from, -amperes});
  }
  if (to != kGround) {
    injections_.push_back({to, amperes});
  }
}

std::vector<double> Network::solve() const {
  Eigen::MatrixXd g = Eigen::MatrixXd::Zero(nodes_, nodes_);
  Eigen::VectorXd i = Eigen::VectorXd::Zero(nodes_);
  g.diagonal().array() += kFloatingSiemens;
  for (const auto& branch : branches_) {
    for (const auto& [at, other] : {std::pair{branch.a, branch.b}, std::pair{branch.b, branch.a}}) {
      if (at == kGround) {
        continue;
      }
      g(at, at) += branch.siemens;
      if (other != kGround) {
        g(at, other) -= branch.siemens;
      }
    }
  }
  for (const auto& injection : injections_) {
    i(injection.node) += injection.amperes;
  }
  const Eigen::LDLT<Eigen::MatrixXd> factored(g);
  std::vector<double> volts(static_cast<std::size_t>(nodes_),
                            std::numeric_limits<double>::quiet_NaN());
  if (factored.info() != Eigen::Success) {
    return volts;
  }
  const Eigen::VectorXd v = factored.solve(i);
  if (v.allFinite()) {
    std::copy(v.begin(), v.end(), volts.begin());
  }
  return volts;
}

}  // namespace haybale::circuit
