#include "core/trace/standing_line.h"

#include <algorithm>
#include <cmath>

namespace haybale::trace {

namespace {

bool isCurrent(const Reading& r, const ChannelAnalysis& out) {
  constexpr double kMostSensed = 3;  // volts over a resistor in the return
  const bool active =
      r.asked == Signal::active || r.asked == Signal::activePwm || r.asked == Signal::activeAk;
  return out.unit == units::Unit::ampere || (active && r.resting && r.resting->rest < kMostSensed);
}

// Of a current sensor's two levels one is twice the other (VDA interface, 7 and 14 mA, from
// memory).
bool isSensors(const RestingLine& line) {
  const double other = line.off.front().level;
  const double ratio = std::max(line.rest, other) / std::max(1e-12, std::min(line.rest, other));
  return other > 0 && ratio > 1.5 && ratio < 2.7;
}

// A Hall switch goes from its supply to ground, a feed loses a few volts at most (both from
// memory).
bool isSwitchedOrFed(const RestingLine& line) {
  const double other = line.off.front().level;
  const double low = std::min(line.rest, other);
  const double high = std::max(line.rest, other);
  return low < 0.2 * high || (low > 6 && low > 0.6 * high);
}

}  // namespace

LineAt lineOf(const Reading& r, const ChannelAnalysis& out) {
  constexpr double kFeedVolts = 3;  // the lowest supply of an active sensor at either current
  const auto& l = out.levels;
  if (!r.square()) {
    return {l.bias, std::max(0.15 * l.peakToPeak, 0.3 * std::abs(l.bias)), false, true};
  }
  if (out.signal == Signal::hall) {
    return {l.high, 0.7 * l.peakToPeak, false, false};
  }
  const bool feed = out.unit == units::Unit::volt && l.low > kFeedVolts;
  return feed ? LineAt{l.low, 0.5 * l.low, false, false}
              : LineAt{l.high, 0.3 * l.peakToPeak, true, false};
}

void judgeMoves(Reading& r, const ChannelAnalysis& out) {
  constexpr std::size_t kFew = 8;
  const auto& line = *r.resting;
  if (isCurrent(r, out) && std::abs(line.rest) < std::max(4 * line.noise, 0.02 * r.d->max())) {
    r.moves = Moves::wave;
    return;
  }
  // However unevenly it is turned: to double the current and back goes no contact.
  if (r.moves == Moves::line && isCurrent(r, out) && isTheOtherCurrent(line)) {
    r.moves = Moves::teeth;
  }
  if (r.moves != Moves::teeth) {
    return;
  }
  const bool sensors =
      isCurrent(r, out) ? isSensors(line) : isSensors(line) || isSwitchedOrFed(line);
  if (r.asked == Signal::passive || (line.off.size() <= kFew && !sensors)) {
    r.moves = Moves::line;
  }
}

void readLine(const Reading& r, ChannelAnalysis& out) {
  constexpr double kLeastCoilBias = 6;  // volts: a line resting above is a feed, no biased coil
  const auto& line = *r.resting;
  out.seen = Signal::unknown;
  out.signal = r.asked;
  auto& l = out.levels;
  l.bias = l.low = l.high = line.rest;
  l.peakToPeak = 0;
  const bool feed = out.unit == units::Unit::volt && line.rest > kLeastCoilBias;
  const bool coil = r.asked == Signal::passive || (r.asked == Signal::unknown && !feed);
  const bool current = isCurrent(r, out);
  const LineAt at{line.rest, 3 * line.noise, current, coil && !current};
  for (const auto& e : line.off) {
    const std::size_t last = std::min(e.to, r.samples.size() - 1);
    out.dropouts.push_back({r.time.at(e.from), r.time.at(last), DropoutKind::toRail, e.level, 0,
                            isPulled(e.level, at)});
    l.high = std::max(l.high, e.level);
    l.low = std::min(l.low, e.level);
  }
  out.lineOnly = true;
  // One that never came back is a step of the rest.
  out.restMoves = line.off.back().to >= r.samples.size();
}

}  // namespace haybale::trace
