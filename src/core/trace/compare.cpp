#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/say.h"
#include "core/trace/analysis.h"

namespace haybale::trace {

namespace {

bool isSquare(const ChannelAnalysis& c) {
  return c.signal == Signal::active || c.signal == Signal::activePwm || c.signal == Signal::hall;
}

}  // namespace

std::optional<Comparison> compare(const ChannelAnalysis& a, const ChannelAnalysis& b) {
  Comparison out;
  out.a = a.name;
  out.b = b.name;
  if (a.fluxSwingMwb && b.fluxSwingMwb && *b.fluxSwingMwb > 0) {
    out.quantity = Compared::fluxSwing;
    out.ratio = *a.fluxSwingMwb / *b.fluxSwingMwb;
    out.text =
        sayf("{} gives {:.0f} % of the output of {} at equal speed ({:.3g} against {:.3g} mWb).",
             a.name, 100 * out.ratio, b.name, *a.fluxSwingMwb, *b.fluxSwingMwb);
    return out;
  }
  if (isSquare(a) && isSquare(b) && a.unit == b.unit && b.levels.peakToPeak > 0) {
    out.quantity = Compared::swing;
    out.ratio = a.levels.peakToPeak / b.levels.peakToPeak;
    out.text = sayf("{} swings {:.0f} % of {} ({} against {}).", a.name, 100 * out.ratio, b.name,
                    units::format(a.levels.peakToPeak, a.unit),
                    units::format(b.levels.peakToPeak, b.unit));
    return out;
  }
  return std::nullopt;
}

std::vector<Comparison> compareAll(const ChannelAnalysis& a, const ChannelAnalysis& b) {
  std::vector<Comparison> out;
  if (auto main = compare(a, b)) {
    out.push_back(std::move(*main));
  }
  const auto add = [&](Compared quantity, double x, double y, const std::string& text) {
    if (x > 0 && y > 0) {
      out.push_back({a.name, b.name, quantity, x / y, text});
    }
  };
  if (isSquare(a) && isSquare(b) && a.unit == b.unit) {
    const auto level = [&](Compared quantity, const char* word, double x, double y) {
      add(quantity, x, y,
          sayf("The {} level of {} is {}, of {} {}.", word, a.name, units::format(x, a.unit),
               b.name, units::format(y, b.unit)));
    };
    level(Compared::lowLevel, "lower", a.levels.low, b.levels.low);
    level(Compared::highLevel, "upper", a.levels.high, b.levels.high);
  }
  if (a.cycles.size() > 30 && b.cycles.size() > 30) {
    add(Compared::jitter, a.unevenPercent, b.unevenPercent,
        sayf("Single pitches scatter by {:.2g} % on {}, by {:.2g} % on {}.", a.unevenPercent,
             a.name, b.unevenPercent, b.name));
  }
  if (a.ring && b.ring) {
    add(Compared::teeth, a.ring->teeth, b.ring->teeth,
        sayf("{} has {} teeth, {} {}.", a.name, a.ring->teeth, b.name, b.ring->teeth));
  }
  return out;
}

double gapDifferenceInPitches(double ratio) {
  return -std::log(ratio) / (2 * std::numbers::pi);
}

void applyComparison(const Comparison& comparison, ChannelAnalysis& a, ChannelAnalysis& b) {
  const bool aWeaker = comparison.ratio < 1;
  const double ratio = aWeaker ? comparison.ratio : 1 / comparison.ratio;
  if (!(ratio < kWeakSuspect)) {
    return;
  }
  ChannelAnalysis& weak = aWeaker ? a : b;
  const ChannelAnalysis& strong = aWeaker ? b : a;
  std::erase_if(weak.findings, [](const Finding& f) { return f.code == Code::healthy; });
  Finding finding;
  finding.code = Code::weakOutput;
  finding.where = comparison.quantity == Compared::fluxSwing ? Where::gap : Where::wiring;
  finding.severity = ratio < kWeakFault ? Severity::fault : Severity::suspect;
  finding.confidence = ratio < kWeakFault ? 0.85 : 0.6;
  finding.text = sayf(
      "{} gives {:.0f} % of the output of {} at equal speed: a gap too wide, a weak coil, or "
      "resistance in the line.",
      weak.name, 100 * ratio, strong.name);
  if (comparison.quantity == Compared::fluxSwing) {
    finding.text +=
        sayf(" By the gap alone: {:.2f} of a tooth pitch wider.", gapDifferenceInPitches(ratio));
    if (weak.lostBelowKmh && strong.lostBelowKmh) {
      finding.text += sayf(" Lost below some {}, the peer below {}.",
                           units::formatPlain(*weak.lostBelowKmh, units::Unit::kmh, 1),
                           units::formatPlain(*strong.lostBelowKmh, units::Unit::kmh, 1));
    }
  }
  weak.findings.push_back(finding);
  std::stable_sort(weak.findings.begin(), weak.findings.end(),
                   [](const Finding& x, const Finding& y) { return x.severity > y.severity; });
}

}  // namespace haybale::trace
