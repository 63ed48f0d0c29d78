// A stream of samples made thinner without losing what is short in it.
#pragma once

#include <cstddef>
#include <limits>
#include <span>
#include <vector>

namespace haybale::trace {

/// Of each `of` samples the one that lies furthest from the one kept before: an edge, a crest and a
/// spike of a single sample stay what they are, to within `of` steps. Noise looks greater, by
/// two fifths where `of` is five, by half where it is seven (20,000 groups of a normal law). Lost
/// samples (NaN) are kept only where a whole group is lost.
class Thinned {
 public:
  explicit Thinned(std::size_t of) : of_(of) {}

  [[nodiscard]] std::size_t of() const { return of_; }
  /// Puts what is kept of `block` behind `out`; a group that is not complete waits for the next.
  void take(std::span<const float> block, std::vector<float>& out);
  /// Samples of a group that is not complete.
  [[nodiscard]] std::size_t waiting() const { return looked_; }
  /// The block to come does not follow the last: what waits is dropped.
  void breakOff();

 private:
  [[nodiscard]] float furthestIn(std::span<const float> group) const;
  void look(float sample);
  void close(std::vector<float>& out);

  std::size_t of_;
  std::size_t looked_ = 0;                                    // of the group that is open
  float before_ = std::numeric_limits<float>::quiet_NaN();    // kept last
  float furthest_ = std::numeric_limits<float>::quiet_NaN();  // of the open group
};

}  // namespace haybale::trace
