// A reading watched while one leg after the other is moved: where it jumps more than chance would
// have it.
//
// Dropouts come in bursts, which count once, and once more for every second they last. Of n bursts
// in the whole time, the share that fell while a leg was moved is compared with the share of the
// time it was moved: binomial tail, times the number of legs (Bonferroni). Common practice, no
// source, for the thresholds.
#pragma once

#include <deque>
#include <optional>
#include <string>
#include <vector>

namespace haybale::diagnosis {

/// From `s` on this leg is moved; an empty name: hands off.
struct WiggleMark {
  double s = 0;
  std::string element;
};

/// A departure from the steady reading.
struct WiggleDrop {
  double startS = 0;
  double endS = 0;
  double level = 0;  ///< farthest from the steady reading; infinity for OL
};

/// How a leg fared.
struct LegRank {
  std::string element;
  double seconds = 0;   ///< it was moved
  int dropouts = 0;     ///< bursts in that time, long ones by their seconds
  double expected = 0;  ///< bursts in that time if they were spread evenly
  double chance = 1;    ///< probability of so many or more by chance, over all legs; 0..1
  [[nodiscard]] bool claimed() const;  ///< more than chance: it reacts there
};

/// Fed reading by reading. What is steady is learnt from the first second on, and again after a
/// lasting change.
class WiggleWatch {
 public:
  /// One reading; NaN is none, infinity is OL. Times in seconds, rising. True when a dropout
  /// begins here.
  bool add(double s, double value);
  /// From now on this leg is moved.
  void mark(double s, std::string element);
  /// As new; keeps nothing.
  void clear();

  [[nodiscard]] bool inDropout() const { return open_; }
  /// The reading while nothing happens; empty before the first second is over.
  [[nodiscard]] std::optional<double> steady() const { return steady_; }
  [[nodiscard]] const std::vector<WiggleDrop>& dropouts() const { return drops_; }
  [[nodiscard]] const std::vector<WiggleMark>& marks() const { return marks_; }
  [[nodiscard]] double lastS() const { return lastS_; }

  /// Legs that were moved, the most suspect first.
  [[nodiscard]] std::vector<LegRank> rank() const;

 private:
  void settle(double s, double value);

  std::deque<std::pair<double, double>> recent_;  // of the last seconds, outside dropouts
  std::optional<double> steady_;
  double spread_ = 0;
  bool open_ = false;
  double lastS_ = 0;
  double firstS_ = 0;
  bool any_ = false;
  std::vector<WiggleDrop> drops_;
  std::vector<WiggleMark> marks_;
};

/// Probability of `k` or more out of `n` when each has the chance `p`.
[[nodiscard]] double binomialTail(int n, int k, double p);

}  // namespace haybale::diagnosis
