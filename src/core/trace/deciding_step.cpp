// The step that would settle the main finding.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/analysis.h"

namespace haybale::trace {

std::string decidingStep(const ChannelAnalysis& a) {
  if (a.findings.empty()) {
    return say("Record a spin of this wheel.");
  }
  const auto& main = a.findings.front();
  const auto tooth = [&] {
    const auto& t = *std::max_element(
        a.ring->irregular.begin(), a.ring->irregular.end(),
        [](const auto& x, const auto& y) { return x.amountPercent < y.amountPercent; });
    return sayf(
        "Chalk the tyre at the first pulse and look at tooth {} through the opening, "
        "{:.0f}\xC2\xB0 forward from the mark.",
        t.position, 360.0 * t.position / a.ring->teeth);
  };
  if (main.where == Where::ring && a.ring && !a.ring->irregular.empty()) {
    return tooth();
  }
  if (main.code == Code::ringRunout) {
    return say(
        "Turn the wheel by hand and watch the gap: run-out shows by eye; then rock the wheel "
        "for "
        "play in the bearing.");
  }
  if (main.code == Code::intermittentOpen || main.code == Code::intermittentShort ||
      main.code == Code::biasShift) {
    return say(
        "Watch the same trace while one leg at a time is flexed, and note where it reacts and "
        "where it does not.");
  }
  if (main.code == Code::weakOutput || main.code == Code::wideGap) {
    return say(
        "Measure the coil and the pair at the sensor, then look at the gap and for metal on the "
        "tip.");
  }
  if (main.code == Code::noSignal) {
    return say("Measure bias or supply at the sensor's connector, unplugged and plugged.");
  }
  if (main.code == Code::lowCurrentLevel || main.code == Code::highCurrentLevel) {
    return say(
        "Measure the same levels on the good wheel at the same place: a leak or resistance in "
        "the "
        "line moves them too.");
  }
  if (main.code == Code::healthy) {
    return say(
        "Nothing on this record. Repeat it under the complaint: bump, steering, wet, creep.");
  }
  return say("Repeat the record with the leads at a second contact.");
}

}  // namespace haybale::trace
