#include "core/trace/missed.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kLeastPulses = 24;
constexpr std::size_t kLeastPlaces = 6;  // at which pulses are missing
constexpr double kLeastShare = 0.06;     // of the pulses, followed by a place
constexpr double kMostOdd = 0.06;        // of the pulses, out of step or cut
constexpr double kInStep = 0.22;         // of a tooth
constexpr double kFullWidth = 0.2;
constexpr double kMostAtOnce = 15;

// Of the widths around a pulse the middle one.
double usualWidth(const std::vector<double>& widths, std::size_t i) {
  constexpr std::size_t kEachSide = 7;
  const std::size_t from = i > kEachSide ? i - kEachSide : 0;
  const std::size_t to = std::min(widths.size(), i + kEachSide + 1);
  std::vector<double> near(widths.begin() + static_cast<std::ptrdiff_t>(from),
                           widths.begin() + static_cast<std::ptrdiff_t>(to));
  return median(near);
}

// Teeth from each pulse to the next; 0 where it is out of step.
std::vector<int> teethApart(const std::vector<double>& apart) {
  double tooth = *std::min_element(
      apart.begin(),
      apart.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(8, apart.size())));
  std::vector<int> out;
  for (const double a : apart) {
    const double teeth = a / tooth;
    const double whole = std::round(teeth);
    const bool inStep = whole >= 1 && whole <= kMostAtOnce &&
                        std::abs(teeth - whole) < kInStep * std::max(1.0, 0.5 * whole);
    out.push_back(inStep ? static_cast<int>(whole) : 0);
    if (inStep) {
      tooth = a / whole;  // the wheel slows down or speeds up
    } else if (teeth < 1) {
      tooth = a;
    }
  }
  return out;
}

// Teeth from one pulse to the next, and where some of them gave none.
struct Steps {
  std::vector<int> teeth;
  std::size_t places = 0;
  std::size_t missed = 0;
};

// None where too few are missing, as nearly always.
std::optional<Steps> stepsOf(const std::vector<double>& apart) {
  Steps out{teethApart(apart)};
  for (std::size_t i = 0; i < out.teeth.size(); ++i) {
    // Teeth that follow each other close by say how long a tooth is.
    const auto from = out.teeth.begin() + static_cast<std::ptrdiff_t>(i);
    const auto to =
        from + static_cast<std::ptrdiff_t>(std::min<std::size_t>(5, out.teeth.size() - i));
    if (out.teeth[i] > 1 && std::find(from, to, 1) != to) {
      ++out.places;
      out.missed += static_cast<std::size_t>(out.teeth[i] - 1);
    }
  }
  const bool enough =
      out.places >= kLeastPlaces &&
      static_cast<double>(out.places) >= kLeastShare * static_cast<double>(out.teeth.size());
  return enough ? std::optional(std::move(out)) : std::nullopt;
}

// Whether those that are seen are in step and whole.
bool areWhole(const Steps& steps, const std::vector<double>& widths, double stepS) {
  std::size_t odd = 0;
  for (std::size_t i = 0; i < widths.size(); ++i) {
    const double usual = usualWidth(widths, i);
    const bool cut = std::abs(widths[i] - usual) > std::max(kFullWidth * usual, 1.6 * stepS);
    odd += cut || steps.teeth[i] == 0 ? 1 : 0;
  }
  return static_cast<double>(odd) <= kMostOdd * static_cast<double>(widths.size());
}

enum class Level { high, low };

// When the pulses of a level begin and end: which of the two a tooth makes is not said.
double beginOf(const Pulse& p, Level level) {
  return level == Level::high ? p.riseS : p.fallS;
}
double endOf(const std::vector<Pulse>& pulses, std::size_t i, Level level) {
  return level == Level::high ? pulses[i].fallS : pulses[i + 1].riseS;
}

// A wheel that hardly changes its pace from one pulse to the next misses none.
bool keepsPace(const std::vector<Pulse>& pulses, Level level, std::size_t count) {
  constexpr double kMuchSlower = 1 + kInStep;
  const auto apart = [&](std::size_t i) {
    return beginOf(pulses[i + 1], level) - beginOf(pulses[i], level);
  };
  double before = apart(0);
  for (std::size_t i = 1; i < std::min<std::size_t>(8, count); ++i) {
    before = std::min(before, apart(i));
  }
  for (std::size_t i = 0; i < count; ++i) {
    const double now = apart(i);
    if (!(now < kMuchSlower * before)) {
      return false;
    }
    before = now;
  }
  return true;
}

std::optional<Missed> missedIn(const std::vector<Pulse>& pulses, Level level, double stepS) {
  const std::size_t count = pulses.size() - (level == Level::high ? 1 : 2);
  if (keepsPace(pulses, level, count)) {
    return std::nullopt;
  }
  std::vector<double> apart(count);
  for (std::size_t i = 0; i < count; ++i) {
    apart[i] = beginOf(pulses[i + 1], level) - beginOf(pulses[i], level);
  }
  const auto steps = stepsOf(apart);
  if (!steps) {
    return std::nullopt;
  }
  std::vector<double> widths(count);
  for (std::size_t i = 0; i < count; ++i) {
    widths[i] = endOf(pulses, i, level) - beginOf(pulses[i], level);
  }
  return areWhole(*steps, widths, stepS) ? std::optional(Missed{steps->missed, count + 1})
                                         : std::nullopt;
}

}  // namespace

std::optional<Missed> missedPulses(const std::vector<Pulse>& pulses, double stepS) {
  if (pulses.size() < kLeastPulses) {
    return std::nullopt;
  }
  // Lost samples hide what is missing.
  for (std::size_t i = 0; i + 1 < pulses.size(); ++i) {
    if (!pulses[i + 1].follows || std::isnan(pulses[i].fallS)) {
      return std::nullopt;
    }
  }
  const auto missed = missedIn(pulses, Level::high, stepS);
  return missed ? missed : missedIn(pulses, Level::low, stepS);
}

}  // namespace haybale::trace
