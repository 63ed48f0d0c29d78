// The teeth of a train folded over the turns of their ring.
#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/trace/alone.h"
#include "core/trace/median.h"
#include "core/trace/periods.h"
#include "core/trace/swell.h"
#include "core/trace/teeth.h"

namespace haybale::trace {

namespace {

constexpr long kMostAbsent = 4;  // neighbouring teeth that a ring may lack

// What is folded: how far each position is from even, by its number.
struct Deviations {
  std::vector<double> pitch;     // NaN: not known
  std::vector<double> agreed;    // likewise, what both ways of expecting a gap agree on
  std::vector<double> strength;  // NaN: not known
  std::vector<char> absent;
  std::vector<char> perhaps;  // absent, unless the wheel was slow there
};

// The curve's word on the gap behind tooth `at`, as a share; NaN where a tooth is absent nearby.
double offAsShare(const std::vector<Tooth>& teeth, const std::vector<double>& logs,
                  std::size_t at) {
  for (std::size_t i = at < 2 ? 0 : at - 2; i < std::min(teeth.size(), at + 3); ++i) {
    if (teeth[i].lost > 0 || teeth[i].pitch <= 0) {
      return std::nan("");
    }
  }
  return std::expm1(offTheCurve(logs, at));
}

// What both ways of expecting a gap agree on.
double agreed(double off, double curve) {
  if (std::isnan(curve)) {
    return off;
  }
  return off * curve <= 0 ? 0 : std::copysign(std::min(std::abs(off), std::abs(curve)), off);
}

// The longest stretch in which the wheel neither stood nor turned back: over it the teeth are
// numbered as the ring has them.
struct OneWay {
  std::size_t from = 0;
  std::size_t to = 0;  // one past its last tooth
};

OneWay unbrokenOf(const std::vector<Tooth>& teeth) {
  OneWay best, now;
  for (std::size_t i = 0; i < teeth.size(); ++i) {
    const Tooth& t = teeth[i];
    now.to = i + 1;
    best = now.to - now.from > best.to - best.from ? now : best;
    if (t.turnedBack) {
      now.from = i + 1;
    }
  }
  return best;
}

Deviations deviationsOf(const std::vector<Tooth>& teeth, const OneWay& stretch) {
  const double nan = std::nan("");
  const auto size = static_cast<std::size_t>(teeth.back().number) + 1;
  const std::vector<double> unknown(size, nan);
  const std::vector<char> no(size, 0);
  Deviations out{unknown, unknown, unknown, no, no};
  const auto logs = logPeriods(teeth);
  std::vector<double> curve(teeth.size());
  eachInParallel(teeth.size(), kGrain,
                 [&](std::size_t i) { curve[i] = offAsShare(teeth, logs, i); });
  for (std::size_t i = stretch.from; i < stretch.to; ++i) {
    const Tooth& t = teeth[i];
    // How far it is to the next tooth is not known where the wheel may have turned back.
    if (t.turnedBack) {
      continue;
    }
    const auto at = static_cast<std::size_t>(t.number);
    if (t.pitch > 0 && t.lost == 0) {
      out.pitch[at] = t.pitch - 1;
      out.agreed[at] = agreed(t.pitch - 1, curve[i]);
    }
    if (t.strength > 0) {
      out.strength[at] = t.strength - 1;
    }
    // More than a few teeth in a row are a dropout rather than a ring.
    for (long k = 1; k <= t.lost && t.lost <= kMostAbsent && t.pitch > 0; ++k) {
      out.absent[at + static_cast<std::size_t>(k)] = 1;
      out.perhaps[at + static_cast<std::size_t>(k)] = t.stood ? 1 : 0;
    }
  }
  return out;
}

constexpr int kLeastTeeth = 8;
constexpr int kMostTeeth = 240;

// Agreement of a sequence with itself `lag` later, -1..1; where either is unknown is left out.
double agreement(const std::vector<double>& values, std::size_t lag) {
  double both = 0, first = 0, second = 0;
  for (std::size_t i = 0; i + lag < values.size(); ++i) {
    const double a = values[i];
    const double b = values[i + lag];
    if (std::isnan(a) || std::isnan(b)) {
      continue;
    }
    both += a * b;
    first += a * a;
    second += b * b;
  }
  return first > 0 && second > 0 ? both / std::sqrt(first * second) : 0;
}

// One sequence of what stands out: absent teeth, and pitches and strengths beyond the common
// scatter; or strengths alone, or absent teeth alone, for where a spin begins and ends the gaps
// scatter as no ring does.
enum class Marks { all, strengths, absent };
std::vector<double> marksOf(const Deviations& d, Marks which) {
  const auto scatter = [](const std::vector<double>& values) {
    std::vector<double> sizes;
    for (const double v : values) {
      if (!std::isnan(v)) {
        sizes.push_back(std::abs(v));
      }
    }
    return sizes.size() < 4 ? 1e9 : median(sizes) / 0.6745;
  };
  const double pitch = std::max(0.004, scatter(d.pitch));
  const double strength = std::max(0.01, scatter(d.strength));
  std::vector<double> out(d.pitch.size(), 0);
  for (std::size_t i = 0; i < out.size(); ++i) {
    const auto beyond = [](double value, double unit) {
      const double times = std::isnan(value) ? 0 : value / unit;
      return std::abs(times) > 5 ? std::clamp(times, -12.0, 12.0) : 0;
    };
    if (which == Marks::absent) {
      out[i] = d.absent[i] && !d.perhaps[i] ? 15 : 0;
      continue;
    }
    const double gaps = which == Marks::strengths ? 0 : beyond(d.agreed[i], pitch);
    out[i] = d.absent[i] ? 15 : gaps + beyond(d.strength[i], strength);
  }
  return out;
}

struct Size {
  int teeth;
  double sureness;
};

// Two like events lie some distance apart whatever they are; three at equal distances are a
// pattern. So are two that both come again.
bool standsThrice(const std::vector<double>& series, std::size_t lag) {
  int again = 0;
  for (std::size_t i = 0; i + lag < series.size(); ++i) {
    again += series[i] != 0 && series[i + lag] != 0 ? 1 : 0;
  }
  return again >= 2;
}

// The shortest distance after which what stands out stands out again. At least two whole turns.
std::optional<Size> sizeFromMarks(const std::vector<double>& series) {
  const auto standing =
      std::count_if(series.begin(), series.end(), [](double v) { return v != 0; });
  const int most = std::min<int>(kMostTeeth, static_cast<int>(series.size() / 2));
  if (standing < 2 || most < kLeastTeeth) {
    return std::nullopt;
  }
  double best = 0;
  for (int lag = kLeastTeeth; lag <= most; ++lag) {
    best = std::max(best, agreement(series, static_cast<std::size_t>(lag)));
  }
  for (int lag = kLeastTeeth; lag <= most; ++lag) {
    const double here = agreement(series, static_cast<std::size_t>(lag));
    if (best > 0.7 && here > 0.93 * best && standsThrice(series, static_cast<std::size_t>(lag))) {
      const double turns = static_cast<double>(series.size()) / lag;
      return Size{lag, std::min(0.98, here * (1 - 0.5 / turns))};
    }
  }
  return std::nullopt;
}

// A swell once a turn tells the size too, when it is clear and lasts over enough turns.
std::optional<Size> sizeFromSwell(const std::vector<double>& values) {
  const auto swell = clearestSwell(values, kLeastTeeth, kMostTeeth);
  // Half a tooth of error shows after size / (2 turns) turns; fewer turns than that do not settle
  // it.
  if (!swell || swell->wave.share < 0.6 || swell->wave.size < 0.02 || swell->turns < 3 ||
      std::abs(swell->teeth - std::round(swell->teeth)) > 0.3) {
    return std::nullopt;
  }
  return Size{static_cast<int>(std::lround(swell->teeth)),
              std::min(0.9, swell->wave.share * (1 - 1 / swell->turns))};
}

// --- folding

struct Position {
  std::vector<double> pitch;
  std::vector<double> agreed;
  std::vector<double> strength;
  int absent = 0;
  int perhaps = 0;
  int passed = 0;
};

std::vector<Position> fold(const Deviations& d, int teeth) {
  std::vector<Position> out(static_cast<std::size_t>(teeth));
  const std::size_t turns = d.pitch.size() / out.size() + 1;
  for (auto& position : out) {
    position.pitch.reserve(turns);
    position.agreed.reserve(turns);
  }
  for (std::size_t i = 0; i < d.pitch.size(); ++i) {
    Position& p = out[i % static_cast<std::size_t>(teeth)];
    const bool known = !std::isnan(d.pitch[i]) || d.absent[i];
    p.passed += known ? 1 : 0;
    p.absent += d.absent[i] ? 1 : 0;
    p.perhaps += d.perhaps[i] ? 1 : 0;
    if (!std::isnan(d.pitch[i])) {
      p.pitch.push_back(d.pitch[i]);
      p.agreed.push_back(d.agreed[i]);
    }
    if (!std::isnan(d.strength[i])) {
      p.strength.push_back(d.strength[i]);
    }
  }
  return out;
}

constexpr double kOftenEnough = 0.6;   // of the turns, to be the ring's
constexpr double kStrengthOff = 0.15;  // of a tooth's output, to be called shallow

template <class Off>
int countOff(const std::vector<double>& values, const Off& off) {
  return static_cast<int>(std::count_if(values.begin(), values.end(), off));
}

double middleOf(std::vector<double> values) {
  return median(values);
}

void judge(const Position& p, int position, double least, std::vector<IrregularTooth>& out) {
  const auto often = [](int seen, std::size_t of) {
    const double turns = of <= 3 ? static_cast<double>(of) : kOftenEnough * static_cast<double>(of);
    return seen >= 2 && seen >= turns;
  };
  // Slow twice at one place is chance; three times is the ring.
  const bool sure = p.absent - p.perhaps >= 2 || p.absent >= 3;
  if (sure && often(p.absent, static_cast<std::size_t>(p.passed))) {
    out.push_back({position, ToothKind::missing, 100, p.absent, p.passed});
    return;
  }
  const int wide = countOff(p.agreed, [&](double v) { return v > least; });
  const int narrow = countOff(p.agreed, [&](double v) { return v < -least; });
  const int shallow = countOff(p.strength, [](double v) { return v < -kStrengthOff; });
  if (often(shallow, p.strength.size())) {
    out.push_back({position, ToothKind::shallow, -100 * middleOf(p.strength), shallow,
                   static_cast<int>(p.strength.size())});
  }
  if (often(wide, p.agreed.size())) {
    out.push_back({position, ToothKind::wide, 100 * middleOf(p.agreed), wide,
                   static_cast<int>(p.agreed.size())});
  } else if (often(narrow, p.agreed.size())) {
    out.push_back({position, ToothKind::narrow, -100 * middleOf(p.agreed), narrow,
                   static_cast<int>(p.agreed.size())});
  }
}

// Scatter of pitches against the median of their own position.
double scatterOf(const std::vector<Position>& positions) {
  std::vector<std::vector<double>> offs(positions.size());
  parallelFor(positions.size(), [&](std::size_t k) {
    const auto& pitch = positions[k].pitch;
    if (pitch.size() > 1) {
      const double middle = middleOf(pitch);
      offs[k].reserve(pitch.size());
      for (const double v : pitch) {
        offs[k].push_back(std::abs(v - middle));
      }
    }
  });
  std::vector<double> off;
  for (const auto& some : offs) {
    off.insert(off.end(), some.begin(), some.end());
  }
  return off.size() < 4 ? 0 : median(off) / 0.6745;
}

// Scatter of all pitches: of few turns no position tells its own, and a spin that the neighbours do
// not follow scatters all of them.
double scatterOfAll(const Deviations& d) {
  std::vector<double> off;
  for (const double v : d.pitch) {
    if (!std::isnan(v)) {
      off.push_back(std::abs(v));
    }
  }
  return off.size() < 4 ? 0 : median(off) / 0.6745;
}

// Scatter of the positions' own middles: a ring's teeth are not placed alike, and the widest of its
// gaps is no crack.
double patternOf(const std::vector<Position>& positions) {
  std::vector<double> off;
  for (const auto& p : positions) {
    if (!p.agreed.empty()) {
      off.push_back(std::abs(middleOf(p.agreed)));
    }
  }
  return off.size() < 8 ? 0 : median(off) / 0.6745;
}

// Folds what deviates over the turns and judges each position.
void judgeAll(const Deviations& d, Ring& ring) {
  const auto positions = fold(d, ring.teeth);
  double scatter = scatterOf(positions);
  ring.scatterPercent = 100 * scatter;
  scatter = std::max(scatter, 0.75 * scatterOfAll(d));
  // Standard deviations. Of the pattern's: a hundred teeth have a gap beyond five of them once in
  // some two thousand rings (rough 504, 505).
  constexpr double kOfOneTurn = 4, kOfThePattern = 6;
  const double least =
      std::max({kGapOff, kOfOneTurn * scatter, kOfThePattern * patternOf(positions)});
  for (std::size_t k = 0; k < positions.size(); ++k) {
    judge(positions[k], static_cast<int>(k), least, ring.irregular);
  }
  // What did not come again over two turns may be the spin's.
  constexpr double kTwoTurns = 1.9;
  if (ring.turns < kTwoTurns) {
    ring.irregular.clear();
  }
  // A ring of which a good part is irregular is a spin that was not understood.
  constexpr std::size_t kMostIrregular = 4;
  if (ring.irregular.size() > std::max(kMostIrregular, positions.size() / 8)) {
    std::erase_if(ring.irregular, [](const IrregularTooth& t) {
      return t.kind == ToothKind::wide || t.kind == ToothKind::narrow;
    });
  }
}

}  // namespace

std::optional<Ring> ringOf(const std::vector<Tooth>& teeth, std::optional<int> given) {
  if (teeth.size() < 4) {
    return std::nullopt;
  }
  const OneWay stretch = unbrokenOf(teeth);
  const Deviations d = deviationsOf(teeth, stretch);
  const bool measured =
      std::any_of(teeth.begin(), teeth.end(), [](const Tooth& t) { return t.halfSwing > 0; });
  Ring ring;
  if (given) {
    ring.teeth = *given;
  } else {
    auto size = sizeFromMarks(marksOf(d, Marks::all));
    // Over many turns the end of a spin weighs nothing.
    constexpr std::size_t kFewTurns = 12UL * kMostTeeth;
    if (!size && measured && d.pitch.size() < kFewTurns) {
      size = sizeFromMarks(marksOf(d, Marks::strengths));
    }
    if (!size && measured) {
      size = sizeFromSwell(swellOf(teeth, false));
    }
    if (!size) {
      size = sizeFromMarks(marksOf(d, Marks::absent));
    }
    if (!size) {
      return std::nullopt;
    }
    ring.teeth = size->teeth;
    ring.estimated = true;
    ring.sureness = size->sureness;
  }
  const long passed = teeth[stretch.to - 1].number - teeth[stretch.from].number + 1;
  ring.turns = static_cast<double>(passed) / ring.teeth;
  if (ring.turns < 1) {
    return ring;
  }
  // Three looks at the same teeth, none of which needs another.
  parallelFor(3, [&](std::size_t look) {
    if (look == 0) {
      judgeAll(d, ring);
    } else if (look == 1) {
      ring.periodRunoutPercent = 100 * waveOver(swellOf(teeth, true), ring.teeth).size;
    } else if (measured) {
      const auto swell = swellOf(teeth, false);
      const Wave wave = waveOver(swell, ring.teeth);
      ring.runoutPercent = 100 * wave.size;
      const bool stood = placeIsLost(teeth, ring.teeth);
      ring.runoutShare = stood ? 0 : waveOver(smoothed(swell, ring.teeth), ring.teeth).share;
    }
  });
  return ring;
}

}  // namespace haybale::trace
