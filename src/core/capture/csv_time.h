// The time column of a table: lost times filled in, time that goes on, and whether its steps are
// even.
#pragma once

#include <cstddef>
#include <functional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/capture/record.h"

namespace haybale::capture::csv {

struct SettledTimes {
  TimeBase base;
  /// Rows that have a place in time: those before the first and behind the last known time have
  /// none.
  std::size_t first = 0, last = 0;
  std::vector<std::string> remarks;
};

/// `times` in seconds, one a row; what is not finite is lost and laid evenly between its
/// neighbours. Uniform when every row lies within a tenth of a step of a straight line.
/// Errors, in file `name`: time that runs backwards or stands still, at the line that `lineOf`
/// gives for the row; fewer than two rows with a time.
Result<SettledTimes> settleTimes(std::vector<double> times, const std::string& name,
                                 const std::function<std::size_t(std::size_t)>& lineOf);

}  // namespace haybale::capture::csv
