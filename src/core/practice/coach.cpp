#include "core/practice/coach.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"

namespace haybale::practice {

using circuit::TestKind;

namespace {

// What such a reading cannot see. Facts of the trade, common practice, no source.
std::string blindSpot(const circuit::Test& test) {
  const bool apart = !test.state.unplugged.empty();
  switch (test.kind) {
    case TestKind::dcVoltage:
      return apart ? say("Volts on an open plug draw no current: one strand shows them in full. "
                         "The same "
                         "probe with everything plugged in, or a lamp, would see a bad wire.")
                   : "";
    case TestKind::resistance:
      return apart
                 ? say("An ohmmeter pushes next to no current: it sees a break, a short, a coil; a "
                       "leak "
                       "of salt water or one last strand it may not.")
                 : say("Ohms with the line plugged in measure everything that hangs on it.");
    case TestKind::acVoltage:
      return say(
          "Volts of a spun wheel follow the hand that spins it: compare by volts per hertz, or "
          "turn "
          "both alike.");
    case TestKind::benchSensor:
      return say("A coil that swings under a steel tool is alive; it may still be weak.");
    case TestKind::inspect:
      return say("A look costs little and misses what is under the rubber.");
    case TestKind::wiggle:
      return say("What did not react was perhaps not moved where it is broken.");
    default:
      return "";
  }
}

}  // namespace

double shareOfBest(const Step& step) {
  return step.bestBits > 1e-9 ? std::clamp(step.worthBits / step.bestBits, 0.0, 1.0) : 1.0;
}

std::string coachSays(const Step& step) {
  const double share = shareOfBest(step);
  if (step.better.empty()) {
    return say("Well chosen: nothing would have told more for its minutes.");
  }
  std::string out = share < 0.05
                        ? std::string(say("This could tell next to nothing as things stood. "))
                        : sayf("This could settle about {} in 10 of what the best step could. ",
                               std::clamp(static_cast<int>(10 * share + 0.5), 1, 9));
  if (share < 0.5) {
    if (const auto blind = blindSpot(step.test); !blind.empty()) {
      out += blind + " ";
    }
  }
  return out + say("Better: ") + step.better;
}

}  // namespace haybale::practice
