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

  /// Reads the row at `at` when it is as it should be: as many plain numbers as there are columns.
  /// Returns where the next row begins; null, with nothing said of the values, when the row asks
  /// for `careful`.
  const char* quick(const char* at, const char* end);

  /// Reads any line (without its end). A cell that is no number is NaN and unsound. Returns the
  /// number of cells that are finite numbers.
  std::size_t careful(std::string_view line);

  /// In the unit of the file; NaN when lost. The array has one value a column.
  [[nodiscard]] double value(std::size_t column) const { return values_[column]; }
  /// After `careful`: whether every cell was a number or a marker, and none was left over.
  [[nodiscard]] bool allSound() const;

 private:
  // How many characters the sign, the digits before and those behind the point take (behind is 0:
  // not known), and the order that sets the digits flush right in 16 bytes.
  struct Layout {
    unsigned minus = 0, whole = 0, behind = 0;
    alignas(16) unsigned char order[16] = {};
  };
  static Layout layoutOf(bool minus, unsigned whole, unsigned behind);
  const char* likeAbove(const char* at, const char* end);
  static const char* plain(const char* at, Layout& layout, char point, double& value);
  const char* anyNumber(const char* at, const char* end, std::size_t column);
  void take(std::size_t column, std::string_view cell);

  const Dialect& dialect_;
  std::vector<double> values_;
  std::vector<Layout> layouts_;
  std::vector<bool> sound_;
  bool shuffles_ = false;  // the machine can
  bool surplus_ = false;
  std::size_t good_ = 0;
};

}  // namespace haybale::capture::csv
