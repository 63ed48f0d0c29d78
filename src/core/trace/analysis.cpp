#include "core/trace/analysis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/capture/extent.h"
#include "core/trace/baseline.h"
#include "core/trace/coded.h"
#include "core/trace/dropouts.h"
#include "core/trace/findings.h"
#include "core/trace/held.h"
#include "core/trace/levels.h"
#include "core/trace/measures.h"
#include "core/trace/plateaus.h"
#include "core/trace/pulled.h"
#include "core/trace/resting.h"
#include "core/trace/stands.h"

namespace haybale::trace {

namespace {

constexpr double kFlatVolts = 0.01;  // below this swing in all, nothing is called a signal
constexpr double kFlatAmperes = 0.0005;

Signal squareKind(const Plateaus& p, units::Unit unit) {
  if (unit == units::Unit::ampere) {
    return Signal::active;
  }
  const double swing = p.high - p.low;
  // A switch goes to ground; of a current's two levels the lower is half the other.
  constexpr double kLeastHallVolts = 0.8;
  return swing > kLeastHallVolts && p.low < 0.3 * p.high ? Signal::hall : Signal::active;
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

// One channel on its way through the steps below.
struct Reading {
  std::span<const float> samples;
  const capture::TimeBase& time;
  const Distribution* d;
  const Options& options;
  std::optional<RestingLine> resting = std::nullopt;
  Moves moves = Moves::wave;
  double step = 0;      // of the converter
  double humLeast = 0;  // half swing that mains hum alone may reach
  bool cut = false;     // stretches were left out of a coil's wave
  Plateaus plateaus = {};
  std::optional<ThreeLevels> three = std::nullopt;
  Signal seen = Signal::unknown;   // what the samples look like
  Signal asked = Signal::unknown;  // what the user says it is
  double least = 0;                // half swing below which no pulse is found; square: 0

  [[nodiscard]] Spinning spinning() const {
    constexpr double kTyreM = 1.9;
    Spinning out{square() ? 0 : least};
    out.pitchM = options.teeth ? kTyreM / *options.teeth : out.pitchM;
    return out;
  }
  [[nodiscard]] bool square() const {
    return asked == Signal::unknown ? seen != Signal::passive : asked != Signal::passive;
  }
};

// A coil's small wave beside a stretch at a rail looks like two plateaus; but the line swings many
// times on one of them and hardly ever changes to the other.
bool swingsOnOnePlateau(const Reading& r, const ChannelAnalysis& out) {
  const double apart = r.plateaus.high - r.plateaus.low;
  const auto changes =
      changesOf(r.samples, r.time, {(r.plateaus.low + r.plateaus.high) / 2, 0.25 * apart});
  const double inner = r.d->quantile(0.85) - r.d->quantile(0.15);
  const double least = std::max(0.1 * inner, 5 * out.levels.noiseRms);
  return changes <= 12 && inner > 10 * out.levels.noiseRms && inner < 0.7 * apart &&
         readSwings(r.samples, r.time, r.d->quantile(0.5), least).pulses.size() > 4 * changes + 8;
}

// A speed pulse lasts 50 us (AK protocol, from memory); a short to supply may stand at any level.
bool isBriefAtTheTop(const Reading& r) {
  constexpr double kLongestS = 200e-6;
  const double step = r.three->high - r.three->middle;
  const auto train = readEdges(r.samples, r.time,
                               {(r.three->high + r.three->middle) / 2, 0.15 * step}, Heights::left);
  std::vector<double> widths;
  for (const auto& p : train.pulses) {
    if (p.fallS > p.riseS) {
      widths.push_back(p.fallS - p.riseS);
    }
  }
  return !widths.empty() && median(widths) < kLongestS;
}

// By its plateaus: three of a data word, two of a square wave, none of a coil.
Signal recognise(Reading& r, const ChannelAnalysis& out) {
  if (r.moves == Moves::words) {
    r.three = ThreeLevels{r.resting->rest, 2 * r.resting->rest, 4 * r.resting->rest};
    return Signal::activeAk;
  }
  if (r.moves == Moves::telegrams || r.moves == Moves::teeth) {
    std::vector<double> levels;
    for (const auto& e : r.resting->off) {
      levels.push_back(e.level);
    }
    const double other = median(levels);
    r.plateaus = {std::min(r.resting->rest, other), std::max(r.resting->rest, other), true};
    return r.moves == Moves::telegrams ? Signal::activePwm : squareKind(r.plateaus, out.unit);
  }
  r.three = threeLevels(*r.d);
  if (r.three && r.three->high - r.three->low > 20 * out.levels.noiseRms && isBriefAtTheTop(r)) {
    return Signal::activeAk;
  }
  r.three.reset();
  // A coil's line at rest makes one plateau, and the crests of a few steps another.
  constexpr double kLeastShare = 0.15;
  const double middle = (r.plateaus.low + r.plateaus.high) / 2;
  const double above = r.d->share(middle, 1e300);
  if (r.asked == Signal::passive && std::min(above, 1 - above) < kLeastShare) {
    return Signal::passive;
  }
  return r.plateaus.square && !swingsOnOnePlateau(r, out) ? squareKind(r.plateaus, out.unit)
                                                          : Signal::passive;
}

Heights heightsOf(const Reading& r) {
  return r.square() ? Heights::left : Heights::measured;
}

Train trainOf(Reading& r, double noiseRms) {
  if (r.seen == Signal::activeAk && r.three) {
    const double step = r.three->high - r.three->middle;
    return readEdges(r.samples, r.time, {(r.three->high + r.three->middle) / 2, 0.15 * step},
                     heightsOf(r));
  }
  if (r.square()) {
    const auto& p = r.plateaus;
    return readEdges(r.samples, r.time, {(p.low + p.high) / 2, 0.2 * (p.high - p.low)},
                     Heights::left);
  }
  // A stretch at a rail counts for the whole swing, not for that of the wave.
  const double swing = r.d->quantile(0.999) - r.d->quantile(0.001);
  const double wave = std::min(swing, 3 * (r.d->quantile(0.85) - r.d->quantile(0.15)));
  const double steps = r.step < 0.2 * swing ? 1.7 * r.step : 0;
  // A line that rests most of the time shows there what is no wave, noise and hum alike.
  const double rest = r.d->densest().width / 1.05;
  const double atRest = 6 * rest < 0.35 * swing ? 4 * rest : 0;
  r.least = std::max({0.03 * wave, 5 * noiseRms, steps, r.humLeast, atRest});
  return readSwings(r.samples, r.time, r.d->quantile(0.5), r.least);
}

// How far apart two turning points of a coil's wave lie at least.
double turnOf(const Reading& r, double noise) {
  const double inner = 3 * (r.d->quantile(0.85) - r.d->quantile(0.15));
  const double wave = std::min(r.d->quantile(0.999) - r.d->quantile(0.001), inner);
  const double coarse = std::min(1.6 * coarsestStep(r.samples), 0.5 * wave);
  return std::max({0.25 * wave, 8 * noise, 3 * r.step, coarse, 2 * r.humLeast});
}

// A coil's wave that is cut off at times is read with those stretches left out, as if their samples
// were lost. Keeps what the reading then looks at.
class Cut {
 public:
  Cut(Reading& r, const ChannelAnalysis& out) {
    const bool maybe = r.asked == Signal::unknown || r.asked == Signal::passive;
    if (!maybe || r.samples.size() > kMostSamples || r.moves != Moves::wave) {
      return;
    }
    const double noise = out.levels.noiseRms;
    const auto whole = baselineOf(r.samples, turnOf(r, noise));
    held_ = heldStretches(r.samples, noise, whole ? whole->period : 0);
    std::size_t total = 0;
    for (const auto& e : held_) {
      total += e.to - e.from;
    }
    if (held_.empty() ||
        static_cast<double>(total) > kMostHeld * static_cast<double>(r.samples.size())) {
      held_.clear();
      return;
    }
    samples_.assign(r.samples.begin(), r.samples.end());
    for (const auto& e : held_) {
      // The edges belong to it.
      const std::size_t from = e.from > 1 ? e.from - 1 : 0;
      const std::size_t to = std::min(samples_.size(), e.to + 1);
      std::fill(samples_.begin() + static_cast<std::ptrdiff_t>(from),
                samples_.begin() + static_cast<std::ptrdiff_t>(to), std::nanf(""));
    }
    distribution_.emplace(samples_);
    Reading left = r;
    left.d = &*distribution_;
    const auto rest = baselineOf(samples_, turnOf(left, noise));
    if (!rest || rest->at.size() < kLeastMiddles ||
        plateausOf(samples_, r.time, *distribution_).square) {
      held_.clear();
      return;
    }
    r.samples = samples_;
    r.d = &*distribution_;
    r.cut = true;
  }

  void add(const Reading& r, const LineAt& line, ChannelAnalysis& out) const {
    for (const auto& e : held_) {
      out.dropouts.push_back({r.time.at(e.from), r.time.at(e.to), DropoutKind::toRail, e.level, 0,
                              isPulled(e.level, line)});
    }
    std::sort(out.dropouts.begin(), out.dropouts.end(),
              [](const Dropout& a, const Dropout& b) { return a.startS < b.startS; });
  }
  [[nodiscard]] bool any() const { return !held_.empty(); }

 private:
  static constexpr std::size_t kMostSamples = 16U << 20;
  static constexpr double kMostHeld = 0.8;  // of the record; beyond it is a square wave
  static constexpr std::size_t kLeastMiddles = 10;

  std::vector<Excursion> held_;
  std::vector<float> samples_;
  std::optional<Distribution> distribution_;
};

// A coil's wave about a level that wanders is read with the wander taken out. Keeps what the
// reading then looks at.
class Level {
 public:
  Level(Reading& r, ChannelAnalysis& out) {
    if (r.square() || r.samples.size() > kMostSamples) {
      return;
    }
    const auto baseline = baselineOf(r.samples, turnOf(r, out.levels.noiseRms));
    if (!baseline || baseline->wander < kWorthIt * baseline->swing) {
      return;
    }
    samples_ = levelled(r.samples, *baseline);
    distribution_.emplace(samples_);
    r.samples = samples_;
    r.d = &*distribution_;
    out.levelSteps = baseline->steps.size();
    if (!baseline->steps.empty()) {
      const auto& step = baseline->steps.front();
      out.levelFrom = step.from;
      out.levelTo = step.to;
      out.levelStepS = r.time.at(step.at);
    }
    for (const auto& step : baseline->steps) {
      unsure_.push_back(r.time.at(step.at));
    }
    out.levelWander = baseline->wander;
    knownFromS_ = r.time.at(baseline->at.front());
  }

  // What is found where the level itself was not known is no dropout.
  void forget(ChannelAnalysis& out) const {
    if (samples_.empty() || !out.frequencyHz) {
      return;
    }
    const double near = 3 / out.frequencyHz->median;
    std::erase_if(out.dropouts, [&](const Dropout& d) {
      return d.startS < knownFromS_ + near ||
             std::any_of(unsure_.begin(), unsure_.end(),
                         [&](double s) { return d.startS < s + near && d.endS > s - near; });
    });
  }

 private:
  static constexpr std::size_t kMostSamples = 16U << 20;
  static constexpr double kWorthIt = 0.1;  // of the swing

  std::vector<float> samples_;
  std::optional<Distribution> distribution_;
  std::vector<double> unsure_;
  double knownFromS_ = 0;
};

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
  } else if (r.square()) {
    if (const auto widths = codedWidths(out.pulses)) {
      r.seen = Signal::activePwm;
      out.codedSays = sayWidths(*widths);
      const auto all =
          std::accumulate(widths->counts.begin(), widths->counts.end(), std::size_t{0});
      out.gapLimitShare =
          all > 0 ? static_cast<double>(widths->counts[0]) / static_cast<double>(all) : 0;
    }
  }
}

// A line that comes back in the middle of a pulse rises too: such rises, and those within a
// dropout, are no pulses. True when there were any.
bool dropFalseRises(const Reading& r, ChannelAnalysis& out) {
  const double step = 2 * r.time.stepS;
  const auto removed = std::erase_if(out.pulses, [&](const Pulse& p) {
    return std::any_of(out.dropouts.begin(), out.dropouts.end(), [&](const Dropout& d) {
      return p.riseS > d.startS + step && p.riseS <= d.endS + step;
    });
  });
  if (removed > 0) {
    out.cycles = findCycles(r.samples, out.pulses, heightsOf(r));
    out.pulseCount = out.pulses.size();
  }
  return removed > 0;
}

// What was measured: a coil about its bias, the volts of a feed or a switch, or a current, perhaps
// over a resistor.
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

// What the levels say against what the times said: few excursions may follow each other evenly by
// chance, a coil has no plateaus, and no current rests at nothing.
void judgeMoves(Reading& r, const ChannelAnalysis& out) {
  constexpr std::size_t kFew = 8;
  const auto& line = *r.resting;
  if (isCurrent(r, out) && std::abs(line.rest) < std::max(4 * line.noise, 0.02 * r.d->max())) {
    r.moves = Moves::wave;
    return;
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

// A wheel that stands, and a line that is moved: what it does off its rest is all there is to see.
void readLine(const Reading& r, ChannelAnalysis& out) {
  constexpr double kLeastCoilBias = 6;  // volts: a line resting above is a feed, no biased coil
  const auto& line = *r.resting;
  out.seen = Signal::unknown;
  out.signal = r.asked;
  auto& l = out.levels;
  l.bias = l.low = l.high = line.rest;
  l.peakToPeak = 0;
  const bool active =
      r.asked == Signal::active || r.asked == Signal::activePwm || r.asked == Signal::activeAk;
  const bool feed = out.unit == units::Unit::volt && line.rest > kLeastCoilBias;
  const bool current = out.unit == units::Unit::ampere || (active && line.rest < 3);
  const LineAt at{line.rest, 3 * line.noise, current, !current && !feed && !active};
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

void readTeeth(const Reading& r, ChannelAnalysis& out) {
  out.seen = r.seen;
  out.signal = r.asked != Signal::unknown ? r.asked : r.seen;
  if (out.cycles.size() < 2 && r.asked == Signal::unknown) {
    out.signal = Signal::unknown;
  }
  if (out.pulses.empty() && r.humLeast > 0) {
    out.signal = Signal::flat;
  }
  if (r.three && r.seen == Signal::activeAk) {
    out.levels.low = out.levels.bias = r.three->low;
    out.levels.high = r.three->high;
    out.levels.peakToPeak = r.three->high - r.three->low;
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
  out.pulseCount = out.pulses.size();
  if (out.pulses.empty()) {
    return;
  }
  auto teeth = teethOf(out.pulses, out.cycles, !r.square(), r.spinning());
  const auto given = r.options.teeth
                         ? std::optional(static_cast<int>(std::lround(*r.options.teeth)))
                         : std::nullopt;
  out.ring = ringOf(teeth, given);
  out.dropouts = dropoutsOf({r.samples, r.time, out.pulses, teeth, out.ring, out.levels, r.square(),
                             lineOf(r, out), out.converterStep, r.spinning(),
                             r.seen == Signal::activePwm || r.seen == Signal::activeAk});
  if (dropFalseRises(r, out)) {
    teeth = teethOf(out.pulses, out.cycles, !r.square(), r.spinning());
    out.ring = ringOf(teeth, given);
    out.dropouts = dropoutsOf({r.samples, r.time, out.pulses, teeth, out.ring, out.levels,
                               r.square(), lineOf(r, out), out.converterStep, r.spinning(),
                               r.seen == Signal::activePwm || r.seen == Signal::activeAk});
  }
  measurePulses(out, teeth, r.options);
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

}  // namespace

ChannelAnalysis analyse(const capture::Record& record, std::size_t index, const Options& options) {
  const capture::Channel& channel = record.channels[index];
  ChannelAnalysis out;
  out.name = channel.name;
  out.unit = channel.unit;
  const std::span<const float> samples = channel.samples;
  // Volts across the sense resistor are read as they are, and turned into amperes at the end.
  const bool sensed = options.senseOhm && channel.unit == units::Unit::volt;
  const double scale = sensed ? 1 / *options.senseOhm : 1;
  out.senseOhm = sensed ? options.senseOhm : std::nullopt;
  out.unit = sensed ? units::Unit::ampere : channel.unit;
  out.samples = samples.size();
  out.rateHz = record.time.rateHz();
  out.durationS = record.durationS();
  out.startS = record.time.at(0);
  out.uniformTime = record.time.uniform();

  const Distribution d(samples);
  out.gaps = d.count() < samples.size() ? capture::runsOfLost(samples) : 0;
  out.levels.min = d.min();
  out.levels.max = d.max();
  out.levels.mean = d.mean();
  out.converterStep = converterStep(samples);
  out.levels.noiseRms = noiseRms(samples);
  // Edges a few samples apart are no noise: it is no wider than the band where the line dwells.
  constexpr double kSuspect = 0.05;  // of the range
  if (out.levels.noiseRms > kSuspect * (d.max() - d.min())) {
    out.levels.noiseRms =
        std::min(out.levels.noiseRms, std::max(d.densest().width / 1.05, out.converterStep / 3));
  }
  Reading reading{samples, record.time, &d, options};
  reading.asked = signalAskedFor(options.sensor);
  reading.step = out.converterStep;
  reading.resting = restingLine(samples, d, out.levels.noiseRms);
  if (reading.resting) {
    reading.moves = whatMoves(*reading.resting, samples.size(), record.time);
    judgeMoves(reading, out);
  }
  const double least = (out.unit == units::Unit::ampere ? kFlatAmperes : kFlatVolts) / scale;
  const bool byPlateaus = reading.moves == Moves::wave || reading.moves == Moves::nothing;
  const double swing = byPlateaus ? d.quantile(0.999) - d.quantile(0.001) : d.max() - d.min();
  const double floor = byPlateaus ? std::max(least, 8 * out.levels.noiseRms) : least;
  if (d.count() < 8 || swing < floor) {
    out.signal = d.count() < 8 ? Signal::unknown : Signal::flat;
    measureFlat(out, d);
    if (d.count() >= 8 && record.time.uniform()) {
      out.hum = humOf(samples, record.time.rateHz());
    }
    scaleLevels(out, scale);
    findFaults(out, options);
    return out;
  }
  // A few steps of a converter whose range is far wider are no picture of a signal.
  constexpr double kSteps = 4.5;
  constexpr double kOfTheRange = 0.02;
  if (out.converterStep > 0 && d.max() - d.min() < kSteps * out.converterStep &&
      out.converterStep < kOfTheRange * std::max(std::abs(d.max()), std::abs(d.min()))) {
    out.unresolved = true;
    measureFlat(out, d);
    out.levels.peakToPeak = d.max() - d.min();
    scaleLevels(out, scale);
    findFaults(out, options);
    return out;
  }
  if (reading.moves == Moves::line) {
    readLine(reading, out);
    scaleLevels(out, scale);
    findFaults(out, options);
    return out;
  }

  if (record.time.uniform() && out.unit == units::Unit::volt &&
      (reading.asked == Signal::unknown || reading.asked == Signal::passive)) {
    if (const auto hum = humAtRest(samples, record.time.rateHz())) {
      reading.humLeast = 1.7 * hum->amplitude;
    }
  }
  const Cut cut(reading, out);
  reading.plateaus = plateausOf(reading.samples, record.time, *reading.d);
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
  findLossSpeed(out, options);
  scaleLevels(out, scale);
  findFaults(out, options);
  return out;
}

}  // namespace haybale::trace
