// Least and greatest of every few samples: worked out once, for all who ask where a trace moves.
#pragma once

#include <cstddef>
#include <limits>
#include <span>
#include <vector>

namespace haybale::capture {

/// The band that some samples lie within; lost samples (NaN) are left out.
struct Band {
  float min = std::numeric_limits<float>::infinity();
  float max = -std::numeric_limits<float>::infinity();
  /// Whether all of them were lost, or there are none.
  [[nodiscard]] bool empty() const { return !(min <= max); }
  /// Greatest less least; negative when empty.
  [[nodiscard]] double extent() const { return static_cast<double>(max) - min; }
  void take(const Band& other) {
    min = other.min < min ? other.min : min;
    max = other.max > max ? other.max : max;
  }
  void take(float sample) {
    min = sample < min ? sample : min;
    max = sample > max ? sample : max;
  }
};

/// Of `samples`, which must outlive it and not change: the bands of blocks of kBlock samples, the
/// last one shorter; and the sum and number of those that are not lost. Two floats a block, a
/// thirtieth of the samples' memory. One pass, on all cores.
class Bounds {
 public:
  static constexpr std::size_t kBlock = 64;

  explicit Bounds(std::span<const float> samples);

  [[nodiscard]] std::span<const float> samples() const { return samples_; }
  [[nodiscard]] std::size_t blocks() const { return blocks_.size(); }
  /// That of samples [k kBlock, (k + 1) kBlock).
  [[nodiscard]] const Band& block(std::size_t k) const { return blocks_[k]; }
  /// That of samples [from, to), exactly. REQUIRES: from <= to <= samples().size().
  [[nodiscard]] Band over(std::size_t from, std::size_t to) const;
  /// Of all samples that are not lost.
  [[nodiscard]] double sum() const { return sum_; }
  [[nodiscard]] std::size_t count() const { return count_; }

 private:
  std::span<const float> samples_;
  std::vector<Band> blocks_;
  double sum_ = 0;
  std::size_t count_ = 0;
};

}  // namespace haybale::capture
