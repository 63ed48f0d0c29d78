// What of the ring shows in less than two turns: a mark that had no time to come again.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/findings.h"
#include "core/trace/judge.h"

namespace haybale::trace {

namespace {

// How often a lone gap is a crack: not measured, no such record is among the captures made by other
// code. Common practice, no source.
constexpr double kLoneGapTrue = 0.7;
// The same of one absent pulse, and of two that lie one turn apart.
constexpr double kAbsentOnceTrue = 0.7;
constexpr double kAbsentTwiceTrue = 0.85;
constexpr double kTwoTurns = 1.9;
constexpr double kEven = 0.12;  // what others may be off
constexpr std::size_t kFromTheEnds = 6;
// Rings of fewer or more teeth are not fitted (common practice, no source).
constexpr long kLeastCount = 24;
constexpr long kMostCount = 130;

bool isOff(const Tooth& t) {
  return t.pitch > 0 && std::abs(t.pitch - 1) >= kEven;
}

// The longest stretch in which the wheel kept turning, from its first tooth to one past its last.
std::pair<std::size_t, std::size_t> unhalted(const std::vector<Tooth>& teeth) {
  std::pair<std::size_t, std::size_t> best, now;
  for (std::size_t i = 0; i < teeth.size(); ++i) {
    if (teeth[i].stood || teeth[i].turnedBack) {
      now.first = i + 1;
    }
    now.second = i + 1;
    best = now.second - now.first > best.second - best.first ? now : best;
  }
  return best;
}

// The teeth behind which a pulse or two are left out; none at all where anything else is out of
// step or the stretch is too short.
std::vector<std::size_t> absencesIn(const std::vector<Tooth>& teeth, std::size_t from,
                                    std::size_t to) {
  constexpr std::size_t kLeastTeeth = 40;
  constexpr int kMostAbsent = 2;
  constexpr double kInStep = 0.1;  // of a tooth, for each that passes
  constexpr std::size_t kNeighbours = 3;
  std::vector<std::size_t> out;
  if (to - from < kLeastTeeth) {
    return out;
  }
  for (std::size_t i = from; i < to; ++i) {
    const auto& t = teeth[i];
    const bool inside = i >= from + kFromTheEnds && i + kFromTheEnds < to;
    const bool followed = i >= from + kNeighbours && i + kNeighbours < to;
    const double passed = t.lost + 1;
    const bool absent = followed && t.lost > 0 && t.lost <= kMostAbsent &&
                        std::abs(t.pitch - passed) <= kInStep * passed;
    if (absent) {
      out.push_back(i);
    } else if (t.lost > 0 || (inside && isOff(t))) {
      return {};
    }
  }
  return out;
}

}  // namespace

// A gap that is wider by a part of a tooth, once, the speed before and behind it the same: no
// strand that lets go is away for just so long, and no hand turns a wheel so.
void Judge::loneGap() {
  // Common practice, no source: below it a hand, above it a tooth that is not there.
  constexpr double kLeastWider = 0.25, kMostWider = 0.85;
  constexpr double kTimesUneven = 8;
  constexpr std::size_t kLeastTeeth = 24;
  if (turned(2) || a_.teeth.size() < kLeastTeeth || !a_.dropouts.empty()) {
    return;
  }
  const Tooth* wide = nullptr;
  for (std::size_t i = 0; i < a_.teeth.size(); ++i) {
    const auto& t = a_.teeth[i];
    const double off = t.pitch > 0 ? t.pitch - 1 : 0;
    if (t.lost > 0 || t.stood) {
      return;
    }
    if (std::abs(off) < kEven) {
      continue;
    }
    const bool inside = i >= kFromTheEnds && i + kFromTheEnds < a_.teeth.size();
    if (wide || !inside || off < kLeastWider || off > kMostWider ||
        100 * off < kTimesUneven * a_.unevenPercent) {
      return;
    }
    wide = &t;
  }
  if (!wide) {
    return;
  }
  add(Code::crackedRing, Where::ring, Severity::suspect, kLoneGapTrue,
      sayf("One gap is {:.0f} % wider, the rest even, in less than two turns: a ring that has "
           "cracked and opened; turn the wheel twice round to see whether it comes again.",
           100 * (wide->pitch - 1)));
  a_.findings.back().place = std::pair{wide->riseS - 0.1, wide->riseS + wide->periodS + 0.1};
}

// Whether the ring has turned so often: where its teeth are not known, the largest that is fitted.
bool Judge::turned(double turns) const {
  return a_.ring ? a_.ring->turns >= turns
                 : a_.teeth.size() > 1 &&
                       static_cast<double>(a_.teeth.back().number) > turns * kMostCount;
}

bool Judge::switching() const {
  return a_.signal == Signal::active || a_.signal == Signal::activePwm || a_.signal == Signal::hall;
}

// A pulse or two left out and all around them in step, at one place or at two a turn apart. Of a
// switching sensor alone: a coil's wave fades with the speed, and a wire that lets go leaves a
// level of its own.
void Judge::loneAbsence() {
  if (!switching() || (!a_.dropouts.empty() && !mayBeATooth()) || a_.missedPulses > 0 ||
      turned(kTwoTurns)) {
    return;
  }
  const auto [from, to] = unhalted(a_.teeth);
  const auto places = absencesIn(a_.teeth, from, to);
  if (places.empty() || places.size() > 2) {
    return;
  }
  const auto& first = a_.teeth[places.front()];
  const long apart = a_.teeth[places.back()].number - first.number;
  const bool twice = places.size() == 2;
  const long turn = twice ? apart : a_.ring ? a_.ring->teeth : 0;
  // The same tooth would have passed once more within the record.
  const bool passedAgain =
      turn > 0 && (first.number - turn >= a_.teeth[from].number ||
                   first.number + (twice ? 2 : 1) * turn < a_.teeth[to - 1].number);
  const bool noCount = twice && (apart < kLeastCount || apart > kMostCount ||
                                 (a_.ring && !a_.ring->estimated && apart != a_.ring->teeth));
  if (passedAgain || noCount) {
    return;
  }
  add(Code::missingTooth, Where::ring, Severity::suspect,
      twice ? kAbsentTwiceTrue : kAbsentOnceTrue,
      twice ? sayf("A pulse is left out twice, {} teeth apart, and all others are in step: one "
                   "tooth of a ring of {}; count the teeth.",
                   apart, apart)
            : say("A pulse is left out once in less than two turns, and all others are in step: a "
                  "tooth that is not there; turn the wheel twice round to see whether it comes "
                  "again."));
  a_.findings.back().place = std::pair{first.riseS - 0.1, first.riseS + first.periodS + 0.1};
  toothSaid_ = true;
}

}  // namespace haybale::trace
