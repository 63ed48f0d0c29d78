#include "core/trace/analysis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/capture/extent.h"
#include "core/trace/another_kind.h"
#include "core/trace/coded.h"
#include "core/trace/dropouts.h"
#include "core/trace/feed_side.h"
#include "core/trace/findings.h"
#include "core/trace/levels.h"
#include "core/trace/measures.h"
#include "core/trace/missed.h"
#include "core/trace/noise.h"
#include "core/trace/plateaus.h"
#include "core/trace/reading.h"
#include "core/trace/recognise.h"
#include "core/trace/rest_step.h"
#include "core/trace/square_level.h"
#include "core/trace/standing_line.h"
#include "core/trace/states.h"
#include "core/trace/still.h"
#include "core/trace/wave_ring.h"
#include "core/trace/whole_wave.h"

namespace haybale::trace {

namespace {

// A contact jumps; a wheel that hardly turns moves the line in a slow wave.
double suddenShareOf(std::span<const float> samples) {
  const auto whole = capture::extentOf(samples);
  const double swing = whole.count > 0 ? static_cast<double>(whole.max) - whole.min : 0;
  const std::size_t apart = std::max<std::size_t>(1, samples.size() / 100);
  const std::size_t step = std::max<std::size_t>(1, apart / 16);
  double most = 0;
  for (std::size_t i = 0; i + apart < samples.size(); i += step) {
    const double moved = std::abs(static_cast<double>(samples[i + apart]) - samples[i]);
    most = std::isnan(moved) ? most : std::max(most, moved);
  }
  return swing > 0 ? most / swing : 1;
}

Signal signalAskedFor(circuit::SensorKind kind) {
  switch (kind) {
    case circuit::SensorKind::passive:
      return Signal::passive;
    case circuit::SensorKind::active:
      return Signal::active;
    case circuit::SensorKind::activePwm:
      return Signal::activePwm;
    case circuit::SensorKind::activeAk:
      return Signal::activeAk;
    case circuit::SensorKind::hall:
      return Signal::hall;
    case circuit::SensorKind::unknown:
      break;
  }
  return Signal::unknown;
}

std::string sayWidths(const CodedWidths& w) {
  constexpr std::array<std::string_view, 6> kSays{"the gap at its limit",
                                                  "one direction",
                                                  "the other direction",
                                                  "one direction, mounting flag set",
                                                  "the other direction, mounting flag set",
                                                  "standstill"};
  std::string text;
  for (std::size_t k = 0; k < kSays.size(); ++k) {
    if (w.counts[k] > 0) {
      text += fmt::format("{}{} of {:.0f} \xC2\xB5s ({})", text.empty() ? "" : ", ", w.counts[k],
                          1e6 * kCodedWidthsS[k], kSays[k]);
    }
  }
  return text;
}

void readCode(Reading& r, ChannelAnalysis& out) {
  if (r.three && r.seen == Signal::activeAk) {
    const auto words = dataWords(r.samples, r.time, out.pulses, *r.three);
    const auto sound =
        std::count_if(words.begin(), words.end(), [](auto& w) { return w.parityOk; });
    out.words = static_cast<std::size_t>(sound);
    out.codedSays = fmt::format("{} of {} data words with sound parity", sound, words.size());
    if (out.pulses.empty() && r.resting) {
      out.pulseCount = standingWords(*r.resting, r.time);
      out.standstillOnly = out.pulseCount > 0;
      out.codedSays =
          fmt::format("{} data words, none with a speed pulse: the wheel stands", out.pulseCount);
    }
  } else if (r.square()) {
    if (const auto widths = codedWidths(out.pulses)) {
      r.seen = Signal::activePwm;
      out.codedSays = sayWidths(*widths);
      const auto all =
          std::accumulate(widths->counts.begin(), widths->counts.end(), std::size_t{0});
      out.gapLimitShare =
          all > 0 ? static_cast<double>(widths->counts[0]) / static_cast<double>(all) : 0;
      out.standstillOnly = all > 0 && widths->counts.back() == all;
    }
  }
}

// A line that comes back in the middle of a pulse rises too: such rises, and those within a
// dropout, are no pulses. One at the end of a stretch held at a level, the pulses' own or another,
// with the next a whole gap behind it, is a tooth's. True when there were any.
bool dropFalseRises(const Reading& r, const std::vector<Tooth>& teeth, ChannelAnalysis& out) {
  constexpr double kWhole = 0.07;  // of a gap, to either side
  const double step = 2 * r.time.stepS;
  const auto next = [&](double riseS) {
    return std::lower_bound(teeth.begin(), teeth.end(), riseS,
                            [](const Tooth& t, double s) { return t.riseS < s; });
  };
  const auto removed = std::erase_if(out.pulses, [&](const Pulse& p) {
    return std::any_of(out.dropouts.begin(), out.dropouts.end(), [&](const Dropout& d) {
      if (p.riseS <= d.startS + step || p.riseS > d.endS + step) {
        return false;
      }
      const auto tooth = next(p.riseS);
      const bool whole = tooth != teeth.end() && std::abs(tooth->pitch - 1) < kWhole;
      const bool level = d.kind == DropoutKind::flat || d.kind == DropoutKind::toRail;
      return !(whole && level && p.riseS > d.endS - step);
    });
  });
  if (removed > 0) {
    out.cycles = findCycles(r.samples, out.pulses, heightsOf(r));
    out.pulseCount = out.pulses.size();
  }
  return removed > 0;
}

// What comes at the same places turn after turn is the ring's.
bool areOfTheRing(const Missed& missed, const std::optional<Ring>& ring) {
  constexpr double kTurnAfterTurn = 0.8, kMost = 0.6;
  double explained = 0;
  for (const auto& t : ring ? ring->irregular : std::vector<IrregularTooth>{}) {
    explained += t.kind == ToothKind::missing && t.seen > kTurnAfterTurn * t.of ? t.seen : 0;
  }
  return explained > kMost * static_cast<double>(missed.missed);
}

void readTeeth(const Reading& r, ChannelAnalysis& out) {
  out.seen = r.seen;
  out.signal = r.asked != Signal::unknown ? r.asked : r.seen;
  if (out.cycles.size() < 2 && r.asked == Signal::unknown && !out.standstillOnly) {
    out.signal = Signal::unknown;
  }
  if (out.pulses.empty() && r.humLeast > 0) {
    out.signal = Signal::flat;
  }
  if (r.three && r.seen == Signal::activeAk) {
    out.levels.low = out.levels.bias = r.three->low;
    out.levels.high = out.pulses.empty() ? r.three->middle : r.three->high;
    out.levels.peakToPeak = out.levels.high - out.levels.low;
  } else if (r.square()) {
    measureSquare(out, r.plateaus, *r.d);
  } else if (!out.cycles.empty()) {
    measurePassive(out);
  } else {
    const Levels before = out.levels;
    measureFlat(out, *r.d);
    out.levels.noiseRms = before.noiseRms;
    out.levels.peakToPeak = r.d->quantile(0.999) - r.d->quantile(0.001);
  }
  out.pulseCount = std::max(out.pulseCount, out.pulses.size());
  if (out.pulses.empty()) {
    return;
  }
  const auto numbered = [&] { return teethOf(out.pulses, out.cycles, !r.square(), r.spinning()); };
  auto teeth = numbered();
  const auto given = r.options.teeth
                         ? std::optional(static_cast<int>(std::lround(*r.options.teeth)))
                         : std::nullopt;
  const auto readRing = [&] {
    out.ring =
        r.square() ? ringOf(teeth, given) : ringOfWave(teeth, out.pulses, r.spinning(), given);
    out.dropouts = dropoutsOf({r.samples, r.time, out.pulses, teeth, out.ring, out.levels,
                               r.square(), lineOf(r, out), out.converterStep, r.spinning(),
                               r.seen == Signal::activePwm || r.seen == Signal::activeAk});
  };
  readRing();
  const auto missed = r.square() ? missedPulses(out.pulses, r.time.stepS) : std::nullopt;
  if (missed && !areOfTheRing(*missed, out.ring)) {
    out.missedPulses = missed->missed;
    out.ring.reset();
    std::erase_if(out.dropouts, [&](const Dropout& d) {
      return d.kind != DropoutKind::toRail && d.kind != DropoutKind::noise;
    });
  } else if (dropFalseRises(r, teeth, out)) {
    teeth = numbered();
    readRing();
  }
  measurePulses(out, teeth, r.options);
  if (out.pulseCount <= kFewPulses) {
    out.suddenShare = suddenShareOf(r.samples);
  }
  out.teeth = std::move(teeth);
}

// Pulses near the mains' frequency would be taken for hum, and so would those of a slower wheel
// whose overtones lie there.
void findHum(const Reading& r, ChannelAnalysis& out) {
  const bool apart = !out.frequencyHz || out.frequencyHz->min > 85;
  if (apart && r.time.uniform()) {
    out.hum = humOf(r.samples, r.time.rateHz());
  }
}

void scaleLevels(ChannelAnalysis& out, double scale) {
  if (scale == 1) {
    return;
  }
  auto& l = out.levels;
  for (double* v : {&out.converterStep, &out.levelWander, &out.levelFrom, &out.levelTo, &l.min,
                    &l.max, &l.mean, &l.low, &l.high, &l.bias, &l.peakToPeak, &l.noiseRms}) {
    *v *= scale;
  }
  for (auto& d : out.dropouts) {
    d.level *= scale;
  }
  if (out.hum) {
    out.hum->amplitude *= scale;
  }
  const auto single = static_cast<float>(scale);
  for (auto& c : out.cycles) {
    c.high *= single;
    c.low *= single;
    c.mean *= single;
  }
  for (auto& t : out.teeth) {
    t.halfSwing *= single;
  }
}

// What the channel is called and how it was sampled. Volts across a sense resistor are read as they
// are, and turned into amperes at the end.
ChannelAnalysis begun(const capture::Record& record, std::size_t index, const Options& options) {
  const capture::Channel& channel = record.channels[index];
  ChannelAnalysis out;
  out.name = channel.name;
  const bool sensed = options.senseOhm && channel.unit == units::Unit::volt;
  out.senseOhm = sensed ? options.senseOhm : std::nullopt;
  out.unit = sensed ? units::Unit::ampere : channel.unit;
  out.samples = channel.samples.size();
  out.rateHz = record.time.rateHz();
  out.durationS = record.durationS();
  out.startS = record.time.at(0);
  out.uniformTime = record.time.uniform();
  return out;
}

void measureAll(std::span<const float> samples, const Distribution& d, ChannelAnalysis& out) {
  out.gaps = d.count() < samples.size() ? capture::runsOfLost(samples) : 0;
  out.levels.min = d.min();
  out.levels.max = d.max();
  out.levels.mean = d.mean();
  out.converterStep = converterStep(samples, d);
  out.levels.noiseRms = noiseRms(samples);
  const double range = d.max() - d.min();
  const auto atMost = [&](double noise) {
    out.levels.noiseRms = std::min(out.levels.noiseRms, std::max(noise, out.converterStep / 3));
  };
  // A wave of a few samples a cycle is no noise. Shares: common practice, no source.
  if (constexpr double kWavy = 0.02; out.levels.noiseRms > kWavy * range) {
    atMost(noiseBesideWaveRms(samples));
  }
  // Nor are edges a few samples apart: it is no wider than the band where the line dwells.
  if (constexpr double kSuspect = 0.05; out.levels.noiseRms > kSuspect * range) {
    atMost(d.densest().width / 1.05);
    if (const auto two = d.noiseOfTwo()) {
      atMost(*two);
    }
  }
}

void tellSteps(const std::vector<LevelStep>& steps, const capture::TimeBase& time,
               ChannelAnalysis& out) {
  if (steps.empty()) {
    return;
  }
  out.levelSteps = steps.size();
  out.levelFrom = steps.front().from;
  out.levelTo = steps.front().to;
  out.levelStepS = time.at(steps.front().at);
}

// The level a feed is turned over about, when the channel is the feed of a current sensor.
std::optional<double> feedOf(const Reading& reading, const ChannelAnalysis& out) {
  const bool forward = reading.moves == Moves::telegrams || reading.moves == Moves::words;
  // What a noisy step or two make of a feed is no telegram.
  constexpr double kStepsOfAFeed = 3.5;
  const bool currents = out.unit == units::Unit::volt && !forward &&
                        !isOfSteps(*reading.d, out.converterStep, kStepsOfAFeed) &&
                        reading.asked != Signal::passive && reading.asked != Signal::hall;
  return currents ? feedSide(*reading.resting, reading.samples.size(), reading.time) : std::nullopt;
}

// Two levels of which one holds next to nothing, where the line passes far beyond both: they are
// the edges of its rest.
bool liesWithinAWave(const Reading& reading) {
  constexpr double kBeyond = 0.1, kNextToNothing = 0.25;  // common practice, no source
  const auto& d = *reading.d;
  const double apart = reading.plateaus.high - reading.plateaus.low;
  const auto near = [&](double level) {
    return d.share(level - 0.15 * apart, level + 0.15 * apart);
  };
  const double beyond =
      1 - d.share(reading.plateaus.low - apart / 2, reading.plateaus.high + apart / 2);
  const double lesser = std::min(near(reading.plateaus.low), near(reading.plateaus.high));
  return beyond > kBeyond && lesser < kNextToNothing * beyond;
}

// Pulses, code, teeth and what the line does between them.
void readWave(Reading& reading, ChannelAnalysis& out) {
  if (reading.time.uniform() && out.unit == units::Unit::volt &&
      (reading.asked == Signal::unknown || reading.asked == Signal::passive)) {
    const auto hum = humAtRest(reading.d->bounds(), reading.time.rateHz());
    const auto& turns = reading.options.turnsAtHz;
    if (hum && !(turns && std::abs(*turns - hum->hz) < 0.5)) {
      reading.humLeast = 1.7 * hum->amplitude;
    }
  }
  const Cut cut(reading, out);
  reading.plateaus = cut.plateaus(reading);
  if (reading.moves == Moves::wave && liesWithinAWave(reading)) {
    reading.plateaus.square = false;
  }
  out.atTwoLevels = reading.plateaus.share;
  reading.seen = cut.any() ? Signal::passive : recognise(reading, out);
  const Level level(reading, out);
  Train train = trainOf(reading, out.levels.noiseRms);
  out.pulses = std::move(train.pulses);
  out.cycles = std::move(train.cycles);
  readCode(reading, out);
  readTeeth(reading, out);
  level.forget(out);
  cut.add(reading, lineOf(reading, out), out);
  findHum(reading, out);
  findLossSpeed(out, reading.options);
}

}  // namespace

ChannelAnalysis analyse(const capture::Record& record, std::size_t index, const Options& options) {
  std::span<const float> samples = record.channels[index].samples;
  ChannelAnalysis out = begun(record, index, options);
  const double scale = out.senseOhm ? 1 / *out.senseOhm : 1;
  const Distribution recorded(samples);
  measureAll(samples, recorded, out);
  const Signal asked = signalAskedFor(options.sensor);
  const bool maybeCoil = asked == Signal::unknown || asked == Signal::passive;
  const auto stepped = maybeCoil
                           ? steppedRest(recorded.bounds(), out.levels.noiseRms, out.converterStep)
                           : std::nullopt;
  std::optional<Distribution> asOneLevel;
  if (stepped) {
    samples = stepped->samples;
    asOneLevel.emplace(samples);
    tellSteps({stepped->step}, record.time, out);
  }
  const Distribution& whole = asOneLevel ? *asOneLevel : recorded;
  const auto even = asked == Signal::passive || stepped
                        ? std::nullopt
                        : madeEven(samples, record.time, whole, out.levels.noiseRms);
  if (even) {
    samples = even->samples;
    tellSteps(even->steps, record.time, out);
  }
  const Distribution d = even ? Distribution(samples) : whole;
  Reading reading{samples, record.time, &d, options};
  reading.asked = asked;
  reading.step = out.converterStep;
  reading.resting = restingLine(samples, d, out.levels.noiseRms, record.time);
  if (reading.resting) {
    reading.moves = whatMoves(*reading.resting, samples.size(), record.time);
    const auto about = out.senseOhm ? std::nullopt : feedOf(reading, out);
    if (about) {
      auto turned = analyse(turnedOver(record, index, samples, *about), 0, options);
      turnBack(turned, *about);
      turned.segments = segmentsOf(turned);
      return turned;
    }
    judgeMoves(reading, out);
  }
  if (!isStill(reading, out, scale)) {
    if (reading.moves == Moves::line) {
      readLine(reading, out);
    } else {
      readWave(reading, out);
    }
  }
  scaleLevels(out, scale);
  findFaults(out, options);
  if (auto other = asAnotherKind(record, index, options, out)) {
    return *std::move(other);
  }
  out.segments = segmentsOf(out);
  return out;
}

}  // namespace haybale::trace
