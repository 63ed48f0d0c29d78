// A direct-current network of resistors and sources, solved by nodal analysis.
//
// Every source has a series resistance (Norton form), so the conductance matrix is symmetric and
// positive definite and no extra unknowns are needed. Ho, Ruehli, Brennan, "The modified nodal
// approach to network analysis", IEEE Trans. Circuits and Systems 22 (1975), 504-509, sections I-II
// (from memory).
#pragma once

#include <vector>

namespace haybale::circuit {

class Network {
 public:
  using Node = int;
  static constexpr Node kGround = -1;
  /// Leak of every node to ground in siemens, so that a wire hanging free has a voltage at all.
  /// Five decades below a 10 Mohm meter.
  static constexpr double kFloatingSiemens = 1e-12;
  /// Smallest resistance taken as such, in ohm; anything lower is a solid joint.
  static constexpr double kLeastOhm = 1e-4;
  /// Resistances at or above this, in ohm, conduct nothing.
  static constexpr double kOpenOhm = 1e15;

  Node addNode() { return nodes_++; }
  void addResistor(Node a, Node b, double ohm);
  /// `volts` from `minus` to `plus` behind `ohm` (at least kLeastOhm).
  void addSource(Node plus, Node minus, double volts, double ohm);
  /// `amperes` pushed out of `from` into `to`.
  void addCurrent(Node from, Node to, double amperes);

  /// Node voltages against ground, in volts, indexed by Node. NaN in every place if the matrix
  /// cannot be factored.
  [[nodiscard]] std::vector<double> solve() const;

 private:
  struct Branch {
    Node a;
    Node b;
    double siemens;
  };
  struct Injection {
    Node node;
    double amperes;
  };
  int nodes_ = 0;
  std::vector<Branch> branches_;
  std::vector<Injection> injections_;
};

}  // namespace haybale::circuit
