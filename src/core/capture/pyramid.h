// Least and greatest sample of any stretch of a long record, fast enough to paint with.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

namespace haybale::capture {

/// Levels of ranges: blocks of 64 samples, of 1024, of 16384 and so on. Takes 3.4 % of the memory
/// of its samples, which it refers to: they must outlive it and stay as they are.
class Pyramid {
 public:
  /// Built on all cores, one pass over the samples.
  explicit Pyramid(std::span<const float> samples);

  struct Range {
    float min = 0;  ///< above `max` when every sample of the stretch is lost
    float max = 0;
    [[nodiscard]] bool empty() const { return min > max; }
  };
  /// Of samples [from, to), lost ones left out; from and to are cut to the record. Looks at no more
  /// than some 200 samples and ranges, however long the stretch.
  [[nodiscard]] Range range(std::size_t from, std::size_t to) const;

 private:
  void widen(Range& range, std::size_t level, std::size_t from, std::size_t to) const;

  std::span<const float> samples_;
  std::vector<std::vector<Range>> levels_;
};

}  // namespace haybale::capture
