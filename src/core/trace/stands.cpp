#include "core/trace/stands.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/trace/median.h"

namespace haybale::trace {

namespace {

// Common practice, no source: a braked tyre on a dry road makes 8 to
// 10 m/s^2, a hand that flicks or grabs a wheel in the air two or three times that.
constexpr double kMostMs2 = 30;
// Of the deceleration that the pause asks for, what the periods beside it must show of it. A steady
// deceleration that ends within the next tooth shows three quarters of it or more.
constexpr double kShown = 0.4;
constexpr double kShownOther = 0.2;   // of one side, where the other shows that
constexpr double kShort = 3.2;        // periods: a pause below is judged by both of its sides
constexpr double kNearFloor = 2.5;    // least half swings
constexpr double kAboveFloor = 1.3;   // the same: seen in every turn
constexpr double kStand = 1.6;        // times the longer period beside it: a stand
constexpr double kByAJerk = 1.9;      // the same: longer than a jerk makes it
constexpr double kChanges = 1.05;     // times the one beyond: a period is longer
constexpr double kKept = 1.1;         // of the speed beyond: the same, or slower (rough seed 601)
constexpr double kTwice = 0.4;        // of the one beyond: a pulse that is none
constexpr double kMerelySlow = 1.45;  // times the longer period beside it: no tooth need be absent

// Of two neighbouring periods, the one next to the pause first: how much of the deceleration needed
// to come to rest within a tooth they show. NaN when one is not known.
double shown(double next, double beyond) {
  if (!(next > 0) || !(beyond > 0)) {
    return std::nan("");
  }
  const double slowing = (1 / beyond - 1 / next) * 2 / (next + beyond);
  return slowing / (0.5 / (next * next));
}

struct Side {
  double hz = 0;          // of the period next to the pause
  double edgeHz = 0;      // where the pause begins, a wheel that slows down being slower there
  double shown = 0;       // NaN: not known
  double restsInS = 1e9;  // from the edge, at the deceleration of the two periods beside it
  bool changing = false;  // the next period is the longer one
  bool whole = false;     // and no tooth seems absent in it
  double height = -1;     // half swing next to it; negative: not known
};

// The two periods on one side of a pause, the nearer first.
Side sideOf(const std::vector<Tooth>& teeth, std::ptrdiff_t next, std::ptrdiff_t beyond) {
  const auto at = [&](std::ptrdiff_t i) -> const Tooth* {
    return i >= 0 && i < static_cast<std::ptrdiff_t>(teeth.size())
               ? &teeth[static_cast<std::size_t>(i)]
               : nullptr;
  };
  Side out;
  const Tooth* one = at(next);
  const Tooth* two = at(beyond);
  if (one && two && one->periodS > 0 && one->periodS < kTwice * two->periodS) {
    // A rise that noise made twice on a slow wave.
    return sideOf(teeth, beyond, 2 * beyond - next);
  }
  const double period = one ? one->periodS : 0;
  const double further = two ? two->periodS : 0;
  out.hz = period > 0 ? 1 / period : 0;
  out.shown = shown(period, further);
  const double slope =
      period > further && further > 0 ? (1 / further - 1 / period) * 2 / (period + further) : 0;
  out.edgeHz = std::max(0.5 * out.hz, out.hz - slope * period / 2);
  if (slope > 0) {
    out.restsInS = std::max(0.0, out.hz - slope * period / 2) / slope;
  }
  out.changing = further > 0 ? period > kChanges * further : one && one->lost == 0;
  out.whole = one && one->lost == 0;
  out.height = one && one->halfSwing > 0 ? one->halfSwing : -1;
  return out;
}

bool isBrief(const Tooth& pause, double hz) {
  return hz > 0 && pause.periodS * hz < kShort;
}

enum class Verdict { gone, mayHaveStood, merelySlow };

// What is known besides: whether the gap in front of one, and that behind it, are merely slow; and
// whether the wheel is turned by jerks.
struct Slow {
  bool before = false;
  bool behind = false;
  bool byJerks = false;
};

// From one tooth to the next its speed changes far more than a wheel's that runs by itself.
bool turnsByJerks(const std::vector<Tooth>& teeth) {
  constexpr double kJerks =
      0.1;  // no source: what a hand makes that pulls at a tyre again and again
  constexpr std::size_t kFewest = 4;
  constexpr std::size_t kEnough = 10'000;
  const std::size_t stride = std::max<std::size_t>(1, teeth.size() / kEnough);
  std::vector<double> changes;
  for (std::size_t i = 0; i + 1 < teeth.size(); i += stride) {
    const auto whole = [&](std::size_t k) { return teeth[k].periodS > 0 && teeth[k].lost == 0; };
    if (whole(i) && whole(i + 1)) {
      changes.push_back(std::abs(std::log(teeth[i + 1].periodS / teeth[i].periodS)));
    }
  }
  return changes.size() >= kFewest && median(changes) > kJerks;
}

Verdict judge(const std::vector<Tooth>& teeth, std::size_t i, const Spinning& spinning,
              const Slow& slow) {
  const double leastHalfSwing = spinning.leastHalfSwing;
  const auto at = static_cast<std::ptrdiff_t>(i);
  const Side before = sideOf(teeth, at - 1, at - 2);
  const Side behind = sideOf(teeth, at + 1, at + 2);
  if (leastHalfSwing > 0) {
    const auto sinking = [&](const Side& s) {
      return s.height >= 0 && s.height < kNearFloor * leastHalfSwing;
    };
    // But a wave that is as high behind it, and as fast, had not sunk in between.
    const auto goesOn = [&](const Side& s) {
      return s.height > kAboveFloor * leastHalfSwing && s.shown < kShownOther;
    };
    if ((sinking(before) || sinking(behind)) && !(goesOn(before) && goesOn(behind))) {
      return Verdict::merelySlow;
    }
  }
  const auto merelySlow = [&](const Side& s) {
    return s.changing && s.hz > 0 && teeth[i].periodS * s.hz < kMerelySlow;
  };
  // However fast: beside a whole gap no tooth is absent in one that is hardly longer.
  if (((before.whole || slow.before) && merelySlow(before)) ||
      ((behind.whole || slow.behind) && merelySlow(behind))) {
    return Verdict::merelySlow;
  }
  if (!canStopFrom(before.edgeHz, spinning) || !canStopFrom(behind.edgeHz, spinning)) {
    return Verdict::gone;
  }
  if (merelySlow(before) || merelySlow(behind)) {
    return Verdict::merelySlow;
  }
  const auto slows = [](const Side& s, double by = kShown) {
    return std::isnan(s.shown) || s.shown > by;
  };
  // It may have turned back one tooth before the pause, or behind it: that period is as long as the
  // one beside it, and the one further off tells.
  const auto turnsNear = [&](std::ptrdiff_t way) {
    const Side near = sideOf(teeth, at + way, at + 2 * way);
    const Side further = sideOf(teeth, at + 2 * way, at + 3 * way);
    return near.hz > 0 && near.hz < kKept * further.hz && further.shown > kShown;
  };
  // A wheel that is rocked brakes ever harder up to where it turns back.
  const auto bothSlow = [&] {
    return (slows(before, kShownOther) || turnsNear(-1)) &&
           (slows(behind, kShownOther) || turnsNear(1)) && (slows(before) || slows(behind));
  };
  const bool brief = isBrief(teeth[i], std::max(before.hz, behind.hz));
  const bool atAnEnd = before.hz == 0 || behind.hz == 0;
  const bool both = atAnEnd || slow.byJerks || bothSlow();
  const bool stood = brief ? both : slows(before) || slows(behind);
  return !stood ? Verdict::gone : brief ? Verdict::mayHaveStood : Verdict::merelySlow;
}

// So many times longer than the periods beside it.
bool isLong(const std::vector<Tooth>& teeth, std::size_t i, double times) {
  const auto at = static_cast<std::ptrdiff_t>(i);
  const auto period = [](const Side& s) { return s.hz > 0 ? 1 / s.hz : 0; };
  return teeth[i].periodS > times * std::max(period(sideOf(teeth, at - 1, at - 2)),
                                             period(sideOf(teeth, at + 1, at + 2)));
}

// Whether the period beside a gap is plainly no longer than the one beyond: as most are.
bool keepsItsPace(const Tooth& next, const Tooth& beyond) {
  return next.periodS >= kTwice * beyond.periodS && next.periodS > 0 && beyond.periodS > 0 &&
         next.periodS <= kChanges * beyond.periodS;
}

// Both sides show that the wheel comes to rest between this pulse and the next, and there is the
// time for it: it goes on from there, or back. A hand that turns it jerkily slows down too, but the
// next tooth comes sooner than that.
bool mayTurnBack(const std::vector<Tooth>& teeth, std::size_t i, const Spinning& spinning) {
  if (keepsItsPace(teeth[i - 1], teeth[i - 2]) || keepsItsPace(teeth[i + 1], teeth[i + 2])) {
    return false;
  }
  const auto at = static_cast<std::ptrdiff_t>(i);
  const Side before = sideOf(teeth, at - 1, at - 2);
  const Side behind = sideOf(teeth, at + 1, at + 2);
  const auto slows = [&](const Side& s, double by) {
    return s.hz > 0 && s.changing && s.shown > by && canStopFrom(s.edgeHz, spinning);
  };
  // Where teeth seem absent, and not by a jerk, there was more time than that.
  const bool absent = teeth[i].lost > 0 && isLong(teeth, i, kByAJerk);
  constexpr double kOfTheTime = 0.8, kOfTheTimeAbsent = 0.5;
  const bool both = slows(before, kShown) && slows(behind, kShown);
  const bool nearly = absent && slows(before, kShownOther) && slows(behind, kShownOther) &&
                      (slows(before, kShown) || slows(behind, kShown));
  return nearly || (both && teeth[i].periodS > (absent ? kOfTheTimeAbsent : kOfTheTime) *
                                                   (before.restsInS + behind.restsInS));
}

// Within two teeth of a stand the wheel is too slow to be judged by its neighbours.
void spread(std::vector<Verdict>& verdicts, const std::vector<Tooth>& teeth,
            const Spinning& spinning) {
  const auto before = verdicts;
  const auto standsAt = [&](std::size_t i) {
    return i < before.size() && teeth[i].lost > 0 &&
           (before[i] == Verdict::mayHaveStood ||
            (before[i] == Verdict::merelySlow && teeth[i].lost > 1));
  };
  for (std::size_t i = 0; i < verdicts.size(); ++i) {
    const bool near = standsAt(i + 1) || standsAt(i + 2) || (i > 0 && standsAt(i - 1)) ||
                      (i > 1 && standsAt(i - 2));
    if (teeth[i].lost > 0 && verdicts[i] == Verdict::gone && near &&
        canStopFrom(teeth[i].periodS > 0 ? 1 / teeth[i].periodS : 0, spinning)) {
      verdicts[i] = Verdict::merelySlow;
    }
  }
}

}  // namespace

bool canStopFrom(double hz, const Spinning& spinning) {
  return spinning.pitchM * hz * hz / 2 <= kMostMs2;
}

double leavingHz(const std::vector<Tooth>& teeth, std::size_t i) {
  const auto at = static_cast<std::ptrdiff_t>(i);
  return sideOf(teeth, at, at - 1).edgeHz;
}

void markStands(std::vector<Tooth>& teeth, const Spinning& spinning) {
  const std::size_t inner = teeth.size() < 4 ? 0 : teeth.size() - 4;  // with two on either side
  if (std::none_of(teeth.begin(), teeth.end(), [](const Tooth& t) { return t.lost > 0; })) {
    eachInParallel(inner, kGrain, [&](std::size_t i) {
      teeth[i + 2].turnedBack = mayTurnBack(teeth, i + 2, spinning);
    });
    return;
  }
  const bool byJerks = turnsByJerks(teeth);
  std::vector<Verdict> verdicts(teeth.size(), Verdict::gone);
  const auto slowAt = [&](std::size_t i) {
    return i < verdicts.size() && verdicts[i] == Verdict::merelySlow;
  };
  for (std::size_t i = 0; i + 1 < teeth.size(); ++i) {
    if (teeth[i].lost > 0) {
      verdicts[i] = judge(teeth, i, spinning, {slowAt(i - 1), false, byJerks});
    }
  }
  // A wheel that starts: the slowest gap comes first.
  for (std::size_t i = teeth.size() - std::min<std::size_t>(teeth.size(), 1); i-- > 0;) {
    if (teeth[i].lost > 0 && verdicts[i] == Verdict::gone && slowAt(i + 1)) {
      verdicts[i] = judge(teeth, i, spinning, {false, true, byJerks});
    }
  }
  const auto own = verdicts;
  spread(verdicts, teeth, spinning);
  // One slow tooth may be the hand's; beside a stand, or long, it is a stand, and so is the place
  // of two that seem absent while the wheel was slowest there.
  std::vector<char> back(teeth.size(), 0);
  for (std::size_t i = 2; i + 2 < teeth.size(); ++i) {
    const bool slow =
        verdicts[i] == Verdict::merelySlow && (own[i] != verdicts[i] || isLong(teeth, i, kStand));
    const bool stands = slow || (verdicts[i] == Verdict::mayHaveStood && teeth[i].lost > 1);
    back[i] = stands || mayTurnBack(teeth, i, spinning) ? 1 : 0;
  }
  long shift = 0;
  for (std::size_t i = 0; i < teeth.size(); ++i) {
    Tooth& tooth = teeth[i];
    tooth.number -= shift;
    tooth.turnedBack = back[i] != 0;
    tooth.stood = tooth.lost > 0 && verdicts[i] != Verdict::gone;
    if (verdicts[i] == Verdict::merelySlow) {
      shift += tooth.lost;
      tooth.lost = 0;
      tooth.periodS = 0;
      tooth.pitch = 0;
    }
  }
}

}  // namespace haybale::trace
