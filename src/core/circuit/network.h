// A network of resistors, sources and bent (piecewise linear) branches, solved by nodal analysis.
//
// Every source has a series resistance (Norton form), so node voltages are the only unknowns (Ho,
// Ruehli, Brennan, "The modified nodal approach to network analysis", IEEE Trans. Circuits and
// Systems 22 (1975), 504-509, section I, from memory). Nodes are eliminated one by one by the
// star-mesh transform: a node with branches g_i to its neighbours is replaced by branches g_i g_j /
// sum(g) between them (Rosen 1924, from memory). That is Gauss elimination without a subtraction,
// so milliohms and teraohms in one net lose no digits.
#pragma once

#include <complex>
#include <cstddef>
#include <optional>
#include <span>
#include <vector>

namespace haybale::circuit {

/// Index of a node, counted from 0 in the order they were added; `kGround` is the reference.
using Node = int;
inline constexpr Node kGround = -1;
/// Leak of every node to ground in siemens, only so that a node with nothing else has a voltage.
inline constexpr double kFloatingSiemens = 1e-20;
/// Smallest resistance taken as such, in ohm; anything lower is a solid joint.
inline constexpr double kLeastOhm = 1e-4;
/// Resistances at or above this, in ohm, conduct nothing.
inline constexpr double kOpenOhm = 1e15;

/// The linear network. `T` is double for direct current, std::complex<double> for one frequency.
/// `clear` keeps the memory, so that one object can solve many networks without allocating.
template <class T>
class LinearNetwork {
 public:
  /// Takes out all nodes, branches and sources; their memory stays for the next network.
  void clear();
  /// A node that nothing is joined to yet.
  Node addNode() { return nodes_++; }
  [[nodiscard]] int nodes() const { return nodes_; }
  /// Joins two nodes, or one and ground, by `siemens`; parallel branches add up. Joined to itself a
  /// node notices nothing.
  void addAdmittance(Node a, Node b, T siemens);
  /// The same by its resistance: below kLeastOhm that is taken instead, from kOpenOhm on there is
  /// no branch.
  void addResistor(Node a, Node b, double ohm);
  /// `volts` from `minus` to `plus` behind `ohm` (at least kLeastOhm).
  void addSource(Node plus, Node minus, T volts, double ohm);
  /// `amperes` pushed out of `from` into `to`.
  void addCurrent(Node from, Node to, T amperes);

  /// Node voltages against ground in volts, indexed by Node; valid until the next call. Not a
  /// number where a node cannot be given a voltage.
  const std::vector<T>& solve();
  /// Voltage of a node of the last solution; ground is 0.
  [[nodiscard]] T at(Node node) const {
    return node == kGround ? T(0) : volts_[static_cast<std::size_t>(node)];
  }
  /// How many branches there are; each keeps its index until `clear`.
  [[nodiscard]] std::size_t branches() const { return branches_.size(); }
  /// Changes one of them, for a network that is solved again and again. REQUIRES: branch <
  /// branches().
  void setAdmittance(std::size_t branch, T siemens) { branches_[branch].siemens = siemens; }
  /// Takes over the nodes and branches of `other`, not its sources nor its solution.
  template <class U>
  void copyBranches(const LinearNetwork<U>& other) {
    clear();
    nodes_ = other.nodes_;
    for (const auto& branch : other.branches_) {
      branches_.push_back({branch.a, branch.b, T(branch.siemens)});
    }
  }
  /// How many sources there are, as currents into nodes.
  [[nodiscard]] std::size_t injections() const { return injections_.size(); }
  /// Takes out what was added last, down to so many branches and currents. REQUIRES: no more than
  /// there are, and no node is left with nothing.
  void cutBack(std::size_t branches, std::size_t injections) {
    branches_.resize(branches);
    injections_.resize(injections);
  }
  /// Takes over the sources of `other`.
  void copySources(const LinearNetwork& other) {
    injections_.assign(other.injections_.begin(), other.injections_.end());
  }

 private:
  template <class U>
  friend class LinearNetwork;
  struct Branch {
    Node a = kGround;
    Node b = kGround;
    T siemens = T(0);
  };
  struct Injection {
    Node node = kGround;
    T amperes = T(0);
  };
  // `solve` in its three steps: sums at each node, nodes taken out from the last to the first, and
  // their voltages found again in the opposite order.
  void fill();
  void eliminate();
  void substitute();

  int nodes_ = 0;
  std::vector<Branch> branches_;
  std::vector<Injection> injections_;
  // Work space of the solution.
  std::vector<T> mesh_;      // admittance between i and j < i, at i * n + j
  std::vector<T> toGround_;  // admittance of a node to ground
  std::vector<T> driven_;    // current into a node
  std::vector<T> inverse_;   // 1 / sum of the admittances at a node when it was eliminated
  std::vector<int> lowest_;  // lowest neighbour of a node
  std::vector<T> volts_;
};

extern template class LinearNetwork<double>;
extern template class LinearNetwork<std::complex<double>>;

/// A piece of a bent characteristic: i = siemens * v + amperes for v up to `toVolts`.
struct Piece {
  double toVolts;
  double siemens;
  double amperes;
};

/// The direct-current network: linear branches plus bent ones whose current never falls with
/// voltage, so that there is one solution. Found by hopping from piece to piece (Katzenelson, Bell
/// System Technical Journal 44 (1965), from memory).
class Network {
 public:
  /// As those of the linear network.
  void clear();
  Node addNode() { return linear_.addNode(); }
  void addResistor(Node a, Node b, double ohm) { linear_.addResistor(a, b, ohm); }
  void addSource(Node plus, Node minus, double volts, double ohm) {
    linear_.addSource(plus, minus, volts, ohm);
  }
  void addCurrent(Node from, Node to, double amperes) { linear_.addCurrent(from, to, amperes); }
  /// A bent branch from `a` to `b`; v is the voltage of a over b, the current flows a to b. The
  /// pieces are in order of voltage and join; the last `toVolts` is infinity. REQUIRES: 1 to
  /// kMostPieces of them.
  void addBent(Node a, Node b, std::span<const Piece> pieces);
  static constexpr std::size_t kMostPieces = 16;
  /// A transistor from `a` to `b`: `onOhm` while there are at least `leastV` from `gate` to `b`,
  /// else `offOhm`. Only one in a network, and it must not take from its gate what closed it: it is
  /// decided once, by the network with it open.
  void addSwitch(Node a, Node b, double onOhm, double offOhm, Node gate, double leastV);
  /// A coil from `plus` to `minus`: a resistor to direct current; to small signals R + j omega L
  /// with `peakVolts` of its own.
  void addCoil(Node plus, Node minus, double ohm, double henry, double peakVolts);

  /// Remembers the network as it stands. After `rewind` it stands so again, whatever was hung on
  /// (no nodes) and solved in between: for one line under many instruments.
  void mark();
  void rewind();

  /// Solves; the voltages are then read by `at`. False when no consistent set of pieces was found.
  bool solve();
  [[nodiscard]] double at(Node node) const {
    return (bent_.empty() ? linear_ : piecewise_).at(node);
  }
  /// Of the network as it was put together, whether or not it was solved.
  [[nodiscard]] int nodes() const { return linear_.nodes(); }
  /// Whether there is a bent branch: without one a single elimination solves it.
  [[nodiscard]] bool isBent() const { return !bent_.empty(); }

  /// The network as small signals of frequency `hz` see it around the solution: sources still, bent
  /// branches by their slope, coils with their own voltage.
  void smallSignal(double hz, LinearNetwork<std::complex<double>>& out) const;

 private:
  // A bent branch and the piece it stands on now.
  struct Bent {
    Node a = kGround;
    Node b = kGround;
    std::size_t first = 0;  // in pieces_
    std::size_t count = 0;
    std::size_t now = 0;
  };
  struct Coil {
    Node plus = kGround;
    Node minus = kGround;
    double ohm = 0;
    double henry = 0;
    double peakVolts = 0;
    std::size_t branch = 0;  // its resistor in linear_
  };
  // Decided once, with itself open: it closes or stays as it is.
  struct Switch {
    Node b;
    Node gate;
    double onOhm;
    double offOhm;
    double leastV;
    std::size_t branch;  // of it, open, in linear_
  };
  struct Mark {
    std::size_t branches = 0;
    std::size_t injections = 0;
    std::size_t bent = 0;
    std::size_t pieces = 0;
    std::size_t coils = 0;
    std::optional<Switch> undecided;
  };
  // The piece that a bent branch begins at: the one that holds 0 V, where most of them rest.
  static std::size_t restOf(std::span<const Piece> pieces);
  // Closes the switch where its gate asks for it; then finds the pieces; one hop after another, or
  // one branch at a time where all at once would go to and fro.
  bool settle();
  void solvePieces();
  bool hop(bool onlyOne);

  LinearNetwork<double> linear_;
  LinearNetwork<double> piecewise_;
  std::vector<Bent> bent_;
  std::vector<Piece> pieces_;
  std::vector<Coil> coils_;
  std::optional<Switch> switch_;
  Mark mark_;
};

}  // namespace haybale::circuit
