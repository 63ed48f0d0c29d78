#include "core/trace/missed.h"

#include <algorithm>
#include <cmath>

#include "core/trace/levels.h"

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

std::optional<Missed> missedIn(const std::vector<Pulse>& pulses, double stepS) {
  std::vector<double> apart, widths;
  for (std::size_t i = 0; i + 1 < pulses.size(); ++i) {
    if (!pulses[i + 1].follows || std::isnan(pulses[i].fallS)) {
      return std::nullopt;  // lost samples hide what is missing
    }
    apart.push_back(pulses[i + 1].riseS - pulses[i].riseS);
    widths.push_back(pulses[i].fallS - pulses[i].riseS);
  }
  const auto steps = teethApart(apart);
  Missed out;
  out.seen = pulses.size();
  std::size_t places = 0, odd = 0;
  for (std::size_t i = 0; i < steps.size(); ++i) {
    const double usual = usualWidth(widths, i);
    const bool cut = std::abs(widths[i] - usual) > std::max(kFullWidth * usual, 1.6 * stepS);
    odd += cut || steps[i] == 0 ? 1 : 0;
    // Teeth that follow each other close by say how long a tooth is.
    const auto from = steps.begin() + static_cast<std::ptrdiff_t>(i);
    const auto to = from + static_cast<std::ptrdiff_t>(std::min<std::size_t>(5, steps.size() - i));
    if (steps[i] > 1 && std::find(from, to, 1) != to) {
      ++places;
      out.missed += static_cast<std::size_t>(steps[i] - 1);
    }
  }
  const auto n = static_cast<double>(steps.size());
  const bool misses = places >= kLeastPlaces && static_cast<double>(places) >= kLeastShare * n &&
                      static_cast<double>(odd) <= kMostOdd * n;
  return misses ? std::optional(out) : std::nullopt;
}

// The other level for the pulses: which of the two a tooth makes is not said.
std::vector<Pulse> turned(const std::vector<Pulse>& pulses) {
  std::vector<Pulse> out;
  for (std::size_t i = 0; i + 1 < pulses.size(); ++i) {
    out.push_back({pulses[i].fallS, pulses[i + 1].riseS, pulses[i].firstSample,
                   pulses[i + 1].follows || i == 0});
  }
  return out;
}

}  // namespace

std::optional<Missed> missedPulses(const std::vector<Pulse>& pulses, double stepS) {
  if (pulses.size() < kLeastPulses) {
    return std::nullopt;
  }
  const auto missed = missedIn(pulses, stepS);
  return missed ? missed : missedIn(turned(pulses), stepS);
}

}  // namespace haybale::trace
