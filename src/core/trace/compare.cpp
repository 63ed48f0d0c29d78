#include <fmt/format.h>

#include <algorithm>

#include "core/trace/analysis.h"

namespace haybale::trace {

std::optional<Comparison> compare(const ChannelAnalysis& a, const ChannelAnalysis& b) {
  Comparison out;
  out.a = a.name;
  out.b = b.name;
  if (a.fluxSwingMwb && b.fluxSwingMwb && *b.fluxSwingMwb > 0) {
    out.quantity = "flux-swing";
    out.ratio = *a.fluxSwingMwb / *b.fluxSwingMwb;
    out.text = fmt::format(
        "{} gives {:.0f} % of the output of {} at equal speed ({:.3g} against {:.3g} mWb).", a.name,
        100 * out.ratio, b.name, *a.fluxSwingMwb, *b.fluxSwingMwb);
    return out;
  }
  const auto isSquare = [](const ChannelAnalysis& c) {
    return c.signal == Signal::active || c.signal == Signal::hall;
  };
  if (isSquare(a) && isSquare(b) && a.unit == b.unit && b.levels.peakToPeak > 0) {
    out.quantity = "swing";
    out.ratio = a.levels.peakToPeak / b.levels.peakToPeak;
    out.text = fmt::format("{} swings {:.0f} % of {} ({} against {}).", a.name, 100 * out.ratio,
                           b.name, units::format(a.levels.peakToPeak, a.unit),
                           units::format(b.levels.peakToPeak, b.unit));
    return out;
  }
  return std::nullopt;
}

void applyComparison(const Comparison& comparison, ChannelAnalysis& a, ChannelAnalysis& b) {
  const bool aWeaker = comparison.ratio < 1;
  const double ratio = aWeaker ? comparison.ratio : 1 / comparison.ratio;
  if (!(ratio < kWeakSuspect)) {
    return;
  }
  ChannelAnalysis& weak = aWeaker ? a : b;
  const ChannelAnalysis& strong = aWeaker ? b : a;
  std::erase_if(weak.findings, [](const Finding& f) { return f.code == "healthy"; });
  Finding finding;
  finding.code = "weak-output";
  finding.where = comparison.quantity == "flux-swing" ? Where::gap : Where::wiring;
  finding.severity = ratio < kWeakFault ? Severity::fault : Severity::suspect;
  finding.confidence = ratio < kWeakFault ? 0.85 : 0.6;
  finding.text = fmt::format(
      "{} gives {:.0f} % of the output of {} at equal speed: a gap too wide, a weak coil, or "
      "resistance in the line.",
      weak.name, 100 * ratio, strong.name);
  weak.findings.push_back(finding);
  std::stable_sort(weak.findings.begin(), weak.findings.end(),
                   [](const Finding& x, const Finding& y) { return x.severity > y.severity; });
}

}  // namespace haybale::trace
