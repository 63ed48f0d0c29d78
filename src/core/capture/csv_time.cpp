#include "core/capture/csv_time.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>

#include "core/base/say.h"
#include "core/units/quantity.h"

namespace haybale::capture::csv {

namespace {

constexpr double kEven = 0.1;  // of a step

void fillBetween(std::vector<double>& t, std::size_t from, std::size_t to) {
  for (std::size_t i = from + 1; i < to; ++i) {
    t[i] = t[from] +
           (t[to] - t[from]) * static_cast<double>(i - from) / static_cast<double>(to - from);
  }
}

TimeBase baseOf(std::vector<double> times, std::vector<std::string>& remarks) {
  TimeBase base;
  base.startS = times.front();
  base.stepS = (times.back() - times.front()) / static_cast<double>(times.size() - 1);
  double worst = 0;
  double shortest = std::numeric_limits<double>::infinity();
  double longest = 0;
  for (std::size_t i = 0; i < times.size(); ++i) {
    worst = std::max(worst, std::abs(times[i] - base.at(i)));
    if (i > 0) {
      shortest = std::min(shortest, times[i] - times[i - 1]);
      longest = std::max(longest, times[i] - times[i - 1]);
    }
  }
  if (worst > kEven * base.stepS) {
    remarks.push_back(sayf(
        "time steps are not uniform ({} to {}): samples are handled at the times "
        "recorded",
        units::format(shortest, units::Unit::second), units::format(longest, units::Unit::second)));
    base.timesS = std::move(times);
  }
  return base;
}

}  // namespace

Result<SettledTimes> settleTimes(std::vector<double> t, const std::string& name,
                                 const std::function<std::size_t(std::size_t)>& lineOf) {
  std::optional<std::size_t> first;
  SettledTimes out;
  for (std::size_t i = 0; i < t.size(); ++i) {
    if (!std::isfinite(t[i])) {
      continue;
    }
    if (first) {
      const double before = t[out.last];
      if (t[i] <= before) {
        return Error{
            name, lineOf(i),
            sayf("time {} at {:.9g} s after {:.9g} s",
                 t[i] < before ? say("runs backwards") : say("stands still"), t[i], before),
            say("each row must be later than the one before")};
      }
      fillBetween(t, out.last, i);
    }
    first = first ? first : std::optional(i);
    out.last = i;
  }
  if (!first || *first == out.last) {
    return Error{name, std::nullopt, say("has fewer than two rows with a time"),
                 say("a capture needs at least two samples")};
  }
  out.first = *first;
  t.resize(out.last + 1);
  t.erase(t.begin(), t.begin() + static_cast<std::ptrdiff_t>(out.first));
  out.base = baseOf(std::move(t), out.remarks);
  return out;
}

}  // namespace haybale::capture::csv
