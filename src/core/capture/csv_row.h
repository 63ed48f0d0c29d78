// One row of a table of numbers.
#pragma once

#include <cstddef>
#include <string_view>
#include <vector>

#include "core/capture/csv_dialect.h"

namespace haybale::capture::csv {

/// Reads the rows of one dialect. Not thread-safe; make one per thread.
class RowReader {
 public:
  explicit RowReader(const Dialect& dialect);

  /// Reads rows from `at` on, at most `most` and kMostAlike of them, as long as each cell has as
  /// many digits before and behind the point as the one above it, of the row that `quick` read
  /// last. Returns how many, and moves `at` behind them.
  std::size_t alike(const char*& at, const char* end, std::size_t most);
  static constexpr std::size_t kMostAlike = 256;

  /// Reads the row at `at` when it is as it should be: as many plain numbers as there are columns.
  /// Returns where the next row begins; null, with nothing said of the values, when the row asks
  /// for `careful`.
  const char* quick(const char* at, const char* end);

  /// Reads any line (without its end). A cell that is no number is NaN and unsound. Returns the
  /// number of cells that are finite numbers.
  std::size_t careful(std::string_view line);

  /// In the unit of the file; NaN when lost.
  [[nodiscard]] double value(std::size_t column) const { return values_[column * kMostAlike]; }
  /// After `alike`: one for each of its rows. After `quick` and `careful` the first is the row's.
  [[nodiscard]] const double* values(std::size_t column) const {
    return &values_[column * kMostAlike];
  }
  /// After `careful`: whether every cell was a number or a marker, and none was left over.
  [[nodiscard]] bool allSound() const;

 private:
  // How many characters the digits before and those behind the point take (behind is 0: not known)
  // and both with the point, the order that sets the digits flush right in 16 bytes, and what one
  // in the upper and in the lower eight of them is worth, without and with a sign before it.
  struct Layout {
    unsigned whole = 0, behind = 0, size = 0;
    alignas(16) unsigned char order[16] = {};
    alignas(16) double unit[2][2] = {};
  };
  static Layout layoutOf(unsigned whole, unsigned behind);
  static const char* plain(const char* at, Layout& layout, char point, double& value);
  const char* anyNumber(const char* at, const char* end, std::size_t column);
  void take(std::size_t column, std::string_view cell);

  const Dialect& dialect_;
  std::vector<double> values_;  // [column][row], kMostAlike rows
  std::vector<Layout> layouts_;
  std::vector<bool> sound_;
  bool shuffles_ = false;  // the machine can
  bool surplus_ = false;
  std::size_t good_ = 0;
};

}  // namespace haybale::capture::csv
