#include "core/trace/stops.h"

#include <algorithm>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

// Whether the wheel is known to turn back now and then.
bool isRocked(const std::vector<Tooth>& teeth) {
  constexpr int kTurns = 2;
  return std::count_if(teeth.begin(), teeth.end(), [](const Tooth& t) { return t.turnedBack; }) >=
         kTurns;
}

// A wheel that is rocked and slows down at the end of the record is about to turn back.
bool rocksToAStop(const std::vector<Tooth>& teeth) {
  constexpr double kSlower = 1.2;  // no source: set on made-up records (rough seed 405)
  constexpr std::size_t kBefore = 3;
  const std::size_t size = teeth.size();
  return size > kBefore + 2 && isRocked(teeth) &&
         teeth[size - 2].periodS > kSlower * teeth[size - 2 - kBefore].periodS;
}

namespace {

// How steep the line is where it comes to the level of a pause or leaves it, in volts a second:
// from three times the tolerance, or the nearest crest before that, to it.
double slopeAt(const DropoutInput& in, double tolerance, std::size_t edge, int step, double level) {
  constexpr double kFrom = 3;
  const auto away = [&](std::size_t i) { return std::abs(in.samples[i] - level); };
  std::size_t far = edge;
  for (std::size_t i = edge; i > 0 && i + 1 < in.samples.size();
       i += static_cast<std::size_t>(step)) {
    if (!(away(i) + 0.5 * tolerance > away(far))) {
      break;  // over the crest, or a sample that was lost
    }
    far = away(i) > away(far) ? i : far;
    if (away(far) > kFrom * tolerance) {
      break;
    }
  }
  const double s = std::abs(in.time.at(far) - in.time.at(edge));
  return s > 0 ? (away(far) - away(edge)) / s : 1e300;
}

// A coil's wave dies out and begins again by itself: at both ends of the pause the line is far
// less steep than the wave was. What lets go of a wave leaves it at once.
bool isGentle(const DropoutInput& in, const PauseScale& scale, const Dropout& d,
              std::vector<double> heights) {
  constexpr double kGentle = 0.3;  // no source: set on made-up records (rough seed 501)
  constexpr double kTwoPi = 6.283185307179586;
  if (!(scale.periodS > 0) || heights.empty()) {
    return false;
  }
  const double steep = kTwoPi * median(heights) / scale.periodS;
  const auto at = [&](double s) { return std::min(in.time.indexAt(s), in.samples.size() - 1); };
  return slopeAt(in, scale.toleranceV, at(d.startS), -1, d.level) < kGentle * steep &&
         slopeAt(in, scale.toleranceV, at(d.endS), 1, d.level) < kGentle * steep;
}

// Behind the first pulse or two of a record the wheel may just have begun to turn: a square wave
// rests at either level until then.
void dropStarts(const DropoutInput& in, const PauseScale& scale, std::vector<Dropout>& out) {
  constexpr long kBegun = 3;
  const auto rests = [&](double level) {
    if (!in.square) {
      return std::abs(level - in.levels.bias) < scale.toleranceV;
    }
    const bool high = !in.coded && std::abs(level - in.levels.high) < scale.toleranceV;
    return high || std::abs(level - in.levels.low) < scale.toleranceV;
  };
  std::erase_if(out, [&](const Dropout& d) {
    const auto before = std::count_if(in.teeth.begin(), in.teeth.end(),
                                      [&](const Tooth& t) { return t.riseS <= d.startS; });
    return (in.square || d.kind == DropoutKind::flat) && !d.pulled && before < kBegun &&
           rests(d.level);
  });
}

}  // namespace

void dropStops(const DropoutInput& in, const PauseScale& scale, std::vector<Dropout>& out) {
  dropStarts(in, scale, out);
  if (in.square || out.empty()) {
    return;
  }
  constexpr double kSunk = 0.45;
  std::vector<double> heights;
  for (const auto& t : in.teeth) {
    if (t.halfSwing > 0) {
      heights.push_back(t.halfSwing);
    }
  }
  if (heights.size() < 8) {
    return;
  }
  const bool rocked = isRocked(in.teeth);
  constexpr double kNotYet = 0.9;  // no source: set on made-up records (rough seed 402)
  const double sunk = kSunk * median(heights);
  std::sort(heights.begin(), heights.end());
  const double full = heights[heights.size() * 8 / 10];
  const auto low = [&](const Tooth& t) { return t.halfSwing <= sunk; };
  std::erase_if(out, [&](const Dropout& d) {
    const auto behind = std::find_if(in.teeth.begin(), in.teeth.end(), [&](const Tooth& t) {
      return t.riseS >= d.endS && t.halfSwing > 0;
    });
    auto before = in.teeth.end();  // its cycle over before the pause
    auto last = in.teeth.end();
    for (auto t = in.teeth.begin(); t != in.teeth.end() && t->riseS < d.startS; ++t) {
      last = t->halfSwing > 0 ? t : last;
      before = t->halfSwing > 0 && t->riseS + t->periodS <= d.startS + scale.periodS ? t : before;
    }
    if (d.pulled || d.kind != DropoutKind::flat || before == in.teeth.end() ||
        behind == in.teeth.end()) {
      return false;
    }
    if (isGentle(in, scale, d, heights)) {
      return true;
    }
    const bool turns = rocked && low(*last) && behind->halfSwing < kNotYet * full;
    return turns || (low(*before) && low(*behind));
  });
}

}  // namespace haybale::trace
