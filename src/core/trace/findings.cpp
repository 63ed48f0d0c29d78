#include "core/trace/findings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/trace/levels.h"

namespace haybale::trace {

namespace {

// A gap in the pulses: `lost` of them are missing after the one with this running number.
struct Hole {
  std::size_t tooth;  // teeth passed since the first pulse, lost ones counted
  std::size_t lost;
};

// Period i against the median of its eight neighbours, so that a spin that slows down does not look
// like gaps.
double against(const std::vector<Cycle>& cycles, std::size_t i) {
  const std::size_t from = i > 4 ? i - 4 : 0;
  const std::size_t to = std::min(cycles.size(), from + 9);
  std::vector<double> near;
  for (std::size_t k = from; k < to; ++k) {
    if (k != i) {
      near.push_back(cycles[k].periodS);
    }
  }
  return near.empty() ? 1 : cycles[i].periodS / median(near);
}

struct Evenness {
  std::vector<Hole> holes;
  double unevenPercent = 0;  // rms of the other periods against their neighbours
  std::size_t teeth = 0;     // all teeth passed
};

Evenness evennessOf(const std::vector<Cycle>& cycles) {
  Evenness out;
  std::vector<double> spread;
  std::size_t tooth = 0;
  for (std::size_t i = 0; i < cycles.size(); ++i) {
    const double ratio = against(cycles, i);
    const auto lost = ratio > 1.6 ? static_cast<std::size_t>(std::lround(ratio)) - 1 : 0;
    if (lost > 0) {
      out.holes.push_back({tooth, lost});
    } else {
      spread.push_back(std::abs(ratio - 1));
    }
    tooth += 1 + lost;
  }
  out.teeth = tooth;
  out.unevenPercent = spread.empty() ? 0 : 100 * median(spread) / 0.6745;
  return out;
}

// Teeth per turn if all holes stand at one tooth: the distance that divides all their distances. 0
// when they do not.
std::size_t turnBetween(const std::vector<Hole>& holes, const std::optional<double>& given) {
  std::size_t common = 0;
  for (std::size_t i = 1; i < holes.size(); ++i) {
    common = std::gcd(common, holes[i].tooth - holes[i - 1].tooth);
  }
  if (given) {
    const auto teeth = static_cast<std::size_t>(std::lround(*given));
    return teeth > 0 && common > 0 && common % teeth == 0 ? teeth : 0;
  }
  return common >= 8 && common <= 200 ? common : 0;
}

Finding noSignal(const ChannelAnalysis& a) {
  return {"no-signal", Where::wiring, Severity::fault, 0.9,
          fmt::format("No pulses in {}: the line stays flat at {}.",
                      units::format(a.durationS, units::Unit::second),
                      units::format(a.levels.bias, a.unit))};
}

Finding tooFew(const ChannelAnalysis& a) {
  return {"no-signal", Where::wiring, Severity::suspect, 0.5,
          fmt::format("Only {} pulses in {}: too few to judge a wheel by.", a.pulseCount,
                      units::format(a.durationS, units::Unit::second))};
}

Finding missingTooth(const Evenness& e, std::size_t turn) {
  const double turns = static_cast<double>(e.teeth) / static_cast<double>(turn);
  return {"missing-tooth", Where::ring, Severity::fault,
          std::min(0.95, 0.6 + 0.1 * static_cast<double>(e.holes.size())),
          fmt::format("A pulse is absent at the same tooth, every {} teeth, {} times in {:.1f} "
                      "turns: the ring, not the wiring.",
                      turn, e.holes.size(), turns)};
}

Finding dropouts(const Evenness& e) {
  return {
      "intermittent-open", Where::wiring, e.holes.size() > 1 ? Severity::fault : Severity::suspect,
      e.holes.size() > 1 ? 0.7 : 0.4,
      fmt::format("The pulses stop {} in {} teeth, not at one tooth: the wiring lets go rather "
                  "than the ring.",
                  e.holes.size() == 1 ? "once" : fmt::format("{} times", e.holes.size()), e.teeth)};
}

Finding healthy(const ChannelAnalysis& a, const Evenness& e) {
  return {
      "healthy", Where::none, Severity::note, a.cycles.size() > 30 ? 0.8 : 0.5,
      fmt::format("{} pulses without a gap, even within {:.1f} %, {} peak to peak.", a.pulseCount,
                  std::max(0.1, e.unevenPercent), units::format(a.levels.peakToPeak, a.unit))};
}

}  // namespace

void findFaults(ChannelAnalysis& a, const Options& options) {
  constexpr double kUneven = 12;  // percent; beyond this a train of pulses is not called even
  a.findings.clear();
  if (a.signal == Signal::flat) {
    a.findings.push_back(noSignal(a));
    return;
  }
  if (a.cycles.size() < 3) {
    a.findings.push_back(tooFew(a));
    return;
  }
  const Evenness e = evennessOf(a.cycles);
  if (!e.holes.empty()) {
    const std::size_t turn = e.holes.size() > 1 ? turnBetween(e.holes, options.teeth) : 0;
    a.findings.push_back(turn > 0 ? missingTooth(e, turn) : dropouts(e));
  }
  if (e.unevenPercent > kUneven) {
    a.findings.push_back(
        {"noisy", Where::wiring, Severity::suspect, 0.5,
         fmt::format(
             "The pulses come unevenly, by {:.0f} % from one to the next: noise, or a loose part.",
             e.unevenPercent)});
  }
  if (a.findings.empty()) {
    a.findings.push_back(healthy(a, e));
  }
}

}  // namespace haybale::trace
