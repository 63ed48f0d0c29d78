#include "core/trace/rustling.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

namespace {

// Common practice, no source.
constexpr double kAnother = 0.25;        // of the logarithm, from one period to the next
constexpr double kLeastRatio = 1.28;     // below it a change is less than that: e^0.25 is 1.284
constexpr double kJerk = 0.6;            // the same at most where a hand turns by jerks
constexpr std::size_t kLeast = 6;        // changes of a stretch
constexpr std::size_t kBeside = 2;       // teeth from one change to the next
constexpr std::size_t kStillBeside = 4;  // the same: by chance two periods of noise are alike
constexpr double kAlternates = 0.4;      // of the changes, that turn the other way
constexpr double kHigh = 0.15;           // of the swing, half a tooth's own at least

// A tooth whose period is quite another than the next one's.
struct Change {
  std::size_t at;
  double logarithm;  // positive: the next one is longer
};

std::vector<Change> otherPeriods(const std::vector<Tooth>& teeth, double swing) {
  std::vector<Change> out;
  for (std::size_t i = 0; i + 1 < teeth.size(); ++i) {
    const double a = teeth[i].periodS, b = teeth[i + 1].periodS;
    if (a > 0 && b > 0 && std::max(a, b) < kLeastRatio * std::min(a, b)) {
      continue;
    }
    const bool high = std::min(teeth[i].halfSwing, teeth[i + 1].halfSwing) > kHigh * swing;
    const double change = a > 0 && b > 0 ? std::log(b / a) : 0;
    if (high && std::abs(change) > kAnother) {
      out.push_back({i, change});
    }
  }
  return out;
}

// Where the changes that follow each other closely from `first` on end.
std::size_t endOf(const std::vector<Change>& changes, std::size_t first) {
  std::size_t end = first;
  while (end + 1 < changes.size() && changes[end + 1].at - changes[end].at <= kStillBeside) {
    ++end;
  }
  return end;
}

// Noise is now high, now low; teeth whose wave lies flat before its rise only seem to come
// unevenly.
bool isUnevenlyHigh(const std::vector<Tooth>& teeth, std::size_t from, std::size_t to) {
  constexpr double kUneven = 0.12;
  std::vector<double> heights;
  for (std::size_t i = from; i <= to; ++i) {
    heights.push_back(teeth[i].halfSwing);
  }
  const double middle = median(heights);
  for (double& h : heights) {
    h = std::abs(h - middle);
  }
  return median(heights) > kUneven * middle;
}

bool isNoise(const std::vector<Change>& changes, std::size_t first, std::size_t last) {
  const std::size_t count = last - first + 1;
  std::size_t farthest = 0;
  std::size_t turns = 0;
  double sum = std::abs(changes[first].logarithm);
  for (std::size_t k = first + 1; k <= last; ++k) {
    farthest = std::max(farthest, changes[k].at - changes[k - 1].at);
    sum += std::abs(changes[k].logarithm);
    turns += changes[k].logarithm * changes[k - 1].logarithm < 0 ? 1 : 0;
  }
  // Of noise a short period follows a long one two times in three; a hand that turns by jerks makes
  // several in a row longer, then several shorter.
  const bool alternates = static_cast<double>(turns) > kAlternates * static_cast<double>(count - 1);
  return count >= kLeast && alternates &&
         (farthest <= kBeside || sum > kJerk * static_cast<double>(count));
}

}  // namespace

std::vector<std::pair<std::size_t, std::size_t>> rustlingOf(const std::vector<Tooth>& teeth,
                                                            double swing) {
  if (teeth.size() < 4 * kLeast) {
    return {};
  }
  const auto changes = otherPeriods(teeth, swing);
  std::vector<std::pair<std::size_t, std::size_t>> out;
  std::size_t within = 0;
  double withinS = 0;
  for (std::size_t k = 0, end = 0; k < changes.size(); k = end + 1) {
    end = endOf(changes, k);
    if (isNoise(changes, k, end) && isUnevenlyHigh(teeth, changes[k].at, changes[end].at + 1)) {
      out.emplace_back(changes[k].at, changes[end].at + 1);
      within += end - k + 1;
      withinS += teeth[out.back().second].riseS - teeth[out.back().first].riseS;
    }
  }
  // Noise makes many pulses in little time, or few in much; where nothing is beside it, it is the
  // hand.
  constexpr double kMostly = 0.6, kAll = 0.9;
  const auto size = static_cast<double>(teeth.size());
  const double wholeS = teeth.back().riseS - teeth.front().riseS;
  const bool mostly = withinS > kAll * wholeS ||
                      (static_cast<double>(within) > kMostly * size && withinS > kMostly * wholeS);
  constexpr double kElsewhere = 0.05;
  const auto elsewhere = static_cast<double>(changes.size() - within);
  if (elsewhere > kElsewhere * size || mostly) {
    out.clear();
  }
  return out;
}

}  // namespace haybale::trace
