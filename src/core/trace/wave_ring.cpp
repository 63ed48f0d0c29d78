#include "core/trace/wave_ring.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/trace/alone.h"

namespace haybale::trace {

namespace {

bool isGap(const IrregularTooth& t) {
  return t.kind == ToothKind::wide || t.kind == ToothKind::narrow;
}

std::ptrdiff_t countOf(const Ring& ring, ToothKind kind) {
  return std::count_if(ring.irregular.begin(), ring.irregular.end(),
                       [&](const IrregularTooth& t) { return t.kind == kind; });
}

// How much wider the one wide gap is, the others even and no tooth absent; else 0.
double oneWideGap(const Ring& ring) {
  if (countOf(ring, ToothKind::wide) != 1 || countOf(ring, ToothKind::narrow) > 0 ||
      countOf(ring, ToothKind::missing) > 0) {
    return 0;
  }
  return std::find_if(ring.irregular.begin(), ring.irregular.end(), isGap)->amountPercent;
}

std::vector<Pulse> byTheirFalls(const std::vector<Pulse>& pulses) {
  std::vector<Pulse> out;
  out.reserve(pulses.size());
  bool follows = true;
  for (const auto& p : pulses) {
    follows = follows && p.follows;
    if (std::isnan(p.fallS)) {
      follows = false;
      continue;
    }
    out.push_back({p.fallS, p.fallS, p.firstSample, follows});
    follows = true;
  }
  return out;
}

// Whether any gap between falls stands out by what makes a wide one.
bool anyIsWide(const std::vector<Pulse>& falls) {
  std::vector<double> logs(falls.size(), std::nan(""));
  eachInParallel(falls.empty() ? 0 : falls.size() - 1, kGrain,
                 [&](std::size_t i) { logs[i] = std::log(falls[i + 1].riseS - falls[i].riseS); });
  const double least = std::log1p(kGapOff);
  for (std::size_t i = 0; i < logs.size(); ++i) {
    if (offTheCurve(logs, i) > least) {
      return true;
    }
  }
  return false;
}

}  // namespace

std::optional<Ring> ringOfWave(const std::vector<Tooth>& teeth, const std::vector<Pulse>& pulses,
                               const Spinning& spinning, std::optional<int> given) {
  auto ring = ringOf(teeth, given);
  if (ring && countOf(*ring, ToothKind::missing) > 0) {
    return ring;
  }
  const auto byFalls = byTheirFalls(pulses);
  if (!anyIsWide(byFalls)) {
    return ring;
  }
  const auto falls = ringOf(teethOf(byFalls, {}, false, spinning), given);
  if (!falls || oneWideGap(*falls) <= (ring ? oneWideGap(*ring) : 0)) {
    return ring;
  }
  if (!ring) {
    return falls;
  }
  if (ring->teeth != falls->teeth) {
    if (!ring->estimated) {
      return ring;
    }
    ring->teeth = falls->teeth;
    ring->turns = falls->turns;
    ring->sureness = falls->sureness;
  }
  std::erase_if(ring->irregular, isGap);
  std::copy_if(falls->irregular.begin(), falls->irregular.end(),
               std::back_inserter(ring->irregular), isGap);
  return ring;
}

}  // namespace haybale::trace
