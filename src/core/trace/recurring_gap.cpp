// One gap that is wide time and again, every so many teeth, where the search for the ring's size
// has found nothing: a period that is far off its neighbours weighs little in a spectrum.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/findings.h"
#include "core/trace/judge.h"

namespace haybale::trace {

namespace {

// Common practice, no source: below it teeth placed badly, above it one that is not there.
constexpr double kInStep = 0.12, kLeastRecurs = 0.18, kMostRecurs = 0.85;
constexpr double kLeastTwice = 0.25;  // of a gap that passed but twice
constexpr std::size_t kNearTheEnds = 4;
constexpr long kFewest = 24, kMost = 130;  // as rings are fitted
// How often it is a crack: said of seven records of tidy seed 506 that had been missed, of all of
// which it was true: few. Of a gap that passed but twice it is said less surely.
constexpr double kRecursThrice = 0.95, kRecursTwice = 0.85;

// The teeth with a wider gap behind them; none where anything else is out of step.
std::vector<std::size_t> widerThan(const std::vector<Tooth>& teeth) {
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < teeth.size(); ++i) {
    const auto& t = teeth[i];
    if (t.lost > 0 || t.stood || t.turnedBack) {
      return {};
    }
    const double off = t.pitch > 0 ? t.pitch - 1 : 0;
    if (i < kNearTheEnds || i + kNearTheEnds >= teeth.size() || std::abs(off) < kInStep) {
      continue;
    }
    if (off < kLeastRecurs || off > kMostRecurs) {
      return {};
    }
    out.push_back(i);
  }
  return out;
}

// Every time as far on and much as wide; the wheel no faster behind it than before, for a hand
// pushes at one place too.
bool recurs(const std::vector<Tooth>& teeth, const std::vector<std::size_t>& wide) {
  constexpr double kAlike = 1.5;
  constexpr double kPushed = 1.25;
  const long apart = teeth[wide[1]].number - teeth[wide[0]].number;
  double least = INFINITY, most = 0;
  for (std::size_t k = 0; k < wide.size(); ++k) {
    const std::size_t i = wide[k];
    if (k > 0 && teeth[i].number - teeth[wide[k - 1]].number != apart) {
      return false;
    }
    const double before = teeth[i - 2].periodS + teeth[i - 1].periodS;
    const double behind = teeth[i + 1].periodS + teeth[i + 2].periodS;
    if (!(before > 0) || !(behind > 0) || before > kPushed * behind || behind > kPushed * before) {
      return false;
    }
    least = std::min<double>(least, teeth[i].pitch - 1);
    most = std::max<double>(most, teeth[i].pitch - 1);
  }
  return most < kAlike * least;
}

}  // namespace

void Judge::recurringGap() {
  if (!a_.dropouts.empty() || a_.teeth.size() < static_cast<std::size_t>(kFewest)) {
    return;
  }
  const auto& teeth = a_.teeth;
  const auto wide = widerThan(teeth);
  if (wide.size() < 2 || !recurs(teeth, wide)) {
    return;
  }
  const auto& first = teeth[wide.front()];
  const auto& last = teeth[wide.back()];
  const long apart = teeth[wide[1]].number - first.number;
  const bool counted = options_.teeth || (a_.ring && !a_.ring->estimated);
  const long known = options_.teeth ? *options_.teeth : counted ? a_.ring->teeth : apart;
  // The same gap would have passed once more within the record.
  const bool passedAgain = first.number - apart >= teeth[kNearTheEnds].number ||
                           last.number + apart <= teeth[teeth.size() - 1 - kNearTheEnds].number;
  if (apart < kFewest || apart > kMost || known != apart || passedAgain) {
    return;
  }
  const bool thrice = wide.size() > 2;
  const double wider = 100 * (first.pitch - 1);
  if (!thrice && wider < 100 * kLeastTwice) {
    return;
  }
  add(Code::crackedRing, Where::ring, thrice ? Severity::fault : Severity::suspect,
      thrice ? kRecursThrice : kRecursTwice,
      sayf("One gap is {:.0f} % wider, {} times, every {} teeth, the rest even: the ring has "
           "cracked and opened; count its teeth.",
           wider, wide.size(), apart));
  a_.findings.back().place = std::pair{first.riseS - 0.1, first.riseS + first.periodS + 0.1};
}

}  // namespace haybale::trace
