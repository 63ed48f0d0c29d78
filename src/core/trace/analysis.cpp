#include "core/trace/analysis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/parallel.h"
#include "core/capture/extent.h"
#include "core/sensing/tyre.h"
#include "core/trace/coded.h"
#include "core/trace/dropouts.h"
#include "core/trace/findings.h"
#include "core/trace/levels.h"

namespace haybale::trace {

namespace {

constexpr double kFlatVolts = 0.01;  // below this swing in all, nothing is called a signal
constexpr double kFlatAmperes = 0.0005;

// Pulses of a record, or of stretches spread evenly over a long one: enough to compare two guesses.
std::size_t changesOf(std::span<const float> samples, const capture::TimeBase& time,
                      const Threshold& threshold) {
  constexpr std::size_t kStretch = 1U << 18;
  constexpr std::size_t kStretches = 8;
  if (samples.size() <= 2 * kStretch * kStretches) {
    return readEdges(samples, time, threshold, Heights::left).pulses.size();
  }
  std::size_t count = 0;
  for (std::size_t k = 0; k < kStretches; ++k) {
    const std::size_t from = (samples.size() - kStretch) / (kStretches - 1) * k;
    count +=
        readEdges(samples.subspan(from, kStretch), time, threshold, Heights::left).pulses.size();
  }
  return count;
}

struct Plateaus {
  double low;
  double high;
  bool square;
};

// The two levels a square wave rests on: medians of the samples below and above the middle of the
// range. A sine spends 29 % of its time within 10 % of its ends, a square wave nearly all of it.
Plateaus plateausWithin(const Distribution& d, double trim) {
  const double bottom = d.quantile(trim);
  const double top = d.quantile(1 - trim);
  const double middle = (bottom + top) / 2;
  const double shareBelow = std::clamp(d.share(-1e30, middle), 0.001, 0.999);
  const double low = d.quantile(shareBelow / 2);
  const double high = d.quantile((1 + shareBelow) / 2);
  const double near = 0.12 * (high - low);
  const double resting = d.share(low - near, low + near) + d.share(high - near, high + near);
  return {low, high, resting > 0.75};
}

// The two levels between which the line changes most often: a stretch at a third level, beyond
// them, is no plateau of the signal.
Plateaus plateausOf(std::span<const float> samples, const capture::TimeBase& time,
                    const Distribution& d) {
  Plateaus best = plateausWithin(d, 0.005);
  const auto changes = [&](const Plateaus& p) {
    return changesOf(samples, time, {(p.low + p.high) / 2, 0.25 * (p.high - p.low)});
  };
  std::size_t most = 2 * changes(best) + 4;
  for (const double trim : {0.06, 0.15}) {
    const Plateaus p = plateausWithin(d, trim);
    const std::size_t count = p.square && p.high > p.low ? changes(p) : 0;
    if (count > most) {
      most = count;
      best = p;
    }
  }
  return best;
}

Signal squareKind(const Plateaus& p, units::Unit unit) {
  if (unit == units::Unit::ampere) {
    return Signal::active;
  }
  const double swing = p.high - p.low;
  return swing > 2.5 && p.low < 0.3 * p.high ? Signal::hall : Signal::active;
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

template <class Get>
double medianOf(const std::vector<Cycle>& cycles, Get get) {
  std::vector<double> values;
  values.reserve(cycles.size());
  for (const auto& c : cycles) {
    values.push_back(get(c));
  }
  return median(values);
}

void measurePassive(ChannelAnalysis& out) {
  // Half the peak to peak over 2 pi f: an induced voltage grows with speed, the flux it comes from
  // does not.
  constexpr double kMilli = 1e3 / (4 * std::numbers::pi);
  const auto get = [](std::size_t what, const Cycle& c) {
    const double swing = c.high - c.low;
    return what == 0   ? c.low
           : what == 1 ? c.high
           : what == 2 ? swing
           : what == 3 ? c.mean
                       : kMilli * swing * c.periodS;
  };
  double middle[5] = {};
  parallelFor(5, [&](std::size_t what) {
    middle[what] = medianOf(out.cycles, [&](const Cycle& c) { return get(what, c); });
  });
  out.levels.low = middle[0];
  out.levels.high = middle[1];
  out.levels.peakToPeak = middle[2];
  out.levels.bias = middle[3];
  out.fluxSwingMwb = middle[4];
}

void measureSquare(ChannelAnalysis& out, const Plateaus& p, const Distribution& d) {
  out.levels.low = p.low;
  out.levels.high = p.high;
  out.levels.peakToPeak = p.high - p.low;
  // Between pulses the line rests where it spends most of its time; a current sensor at its low
  // one.
  const double middle = (p.low + p.high) / 2;
  const bool mostlyHigh = out.signal == Signal::hall && d.share(middle, 1e30) > 0.5;
  out.levels.bias = mostlyHigh ? p.high : p.low;
}

void measureFlat(ChannelAnalysis& out, const Distribution& d) {
  out.levels.low = out.levels.high = out.levels.bias = d.quantile(0.5);
  out.levels.peakToPeak = 0;
}

// Over single teeth: a gap in the train is no slow tooth.
template <class Get>
std::vector<double> ofSingleTeeth(const std::vector<Tooth>& teeth, Get get) {
  std::vector<double> out;
  out.reserve(teeth.size());
  for (const auto& t : teeth) {
    if (t.periodS > 0 && t.pitch > 0 && t.lost == 0) {
      out.push_back(get(t));
    }
  }
  return out;
}

std::optional<Range> frequencyOf(const std::vector<Tooth>& teeth) {
  auto hz = ofSingleTeeth(teeth, [](const Tooth& t) { return 1 / t.periodS; });
  if (hz.empty()) {
    return std::nullopt;
  }
  const auto [least, most] = std::minmax_element(hz.begin(), hz.end());
  const double low = *least;
  const double high = *most;
  return Range{low, median(hz), high};
}

double unevenOf(const std::vector<Tooth>& teeth) {
  auto off = ofSingleTeeth(teeth, [](const Tooth& t) { return std::abs(t.pitch - 1); });
  return off.empty() ? 0 : 100 * median(off) / 0.6745;
}

void measureSpeed(ChannelAnalysis& out, const Options& options) {
  const auto ringTeeth = options.teeth ? options.teeth
                         : out.ring    ? std::optional<double>(out.ring->teeth)
                                       : std::nullopt;
  if (ringTeeth && options.circumferenceM && out.frequencyHz) {
    const auto speed = [&](double tooth) {
      return sensing::speedKmh(tooth, *ringTeeth, *options.circumferenceM);
    };
    out.speedKmh = Range{speed(out.frequencyHz->min), speed(out.frequencyHz->median),
                         speed(out.frequencyHz->max)};
  }
}

void measurePulses(ChannelAnalysis& out, const std::vector<Tooth>& teeth, const Options& options) {
  out.pulseCount = out.pulses.size();
  parallelFor(3, [&](std::size_t what) {
    if (what == 0) {
      out.unevenPercent = unevenOf(teeth);
    } else if (!out.cycles.empty() && what == 1) {
      out.duty = medianOf(out.cycles, [](const Cycle& c) { return c.duty; });
    } else if (!out.cycles.empty()) {
      out.frequencyHz = frequencyOf(teeth);
    }
  });
  measureSpeed(out, options);
}

// One channel on its way through the steps below.
struct Reading {
  std::span<const float> samples;
  const capture::TimeBase& time;
  const Distribution& d;
  Plateaus plateaus;
  const Options& options;
  std::optional<ThreeLevels> three = std::nullopt;
  Signal seen = Signal::unknown;   // what the samples look like
  Signal asked = Signal::unknown;  // what the user says it is

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
  const double inner = r.d.quantile(0.85) - r.d.quantile(0.15);
  const double least = std::max(0.1 * inner, 5 * out.levels.noiseRms);
  return changes <= 12 && inner > 10 * out.levels.noiseRms && inner < 0.7 * apart &&
         readSwings(r.samples, r.time, r.d.quantile(0.5), least).pulses.size() > 4 * changes + 8;
}

// By its plateaus: three of a data word, two of a square wave, none of a coil.
Signal recognise(Reading& r, const ChannelAnalysis& out) {
  r.three = threeLevels(r.d);
  if (r.three && r.three->high - r.three->low > 20 * out.levels.noiseRms) {
    return Signal::activeAk;
  }
  r.three.reset();
  return r.plateaus.square && !swingsOnOnePlateau(r, out) ? squareKind(r.plateaus, out.unit)
                                                          : Signal::passive;
}

Heights heightsOf(const Reading& r) {
  return r.square() ? Heights::left : Heights::measured;
}

Train trainOf(const Reading& r, double noiseRms) {
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
  const double swing = r.d.quantile(0.999) - r.d.quantile(0.001);
  const double wave = std::min(swing, 3 * (r.d.quantile(0.85) - r.d.quantile(0.15)));
  return readSwings(r.samples, r.time, r.d.quantile(0.5), std::max(0.03 * wave, 5 * noiseRms));
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
  } else if (r.square()) {
    if (const auto widths = codedWidths(out.pulses)) {
      r.seen = Signal::activePwm;
      out.codedSays = sayWidths(*widths);
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

void readTeeth(const Reading& r, ChannelAnalysis& out) {
  out.seen = r.seen;
  out.signal = r.asked != Signal::unknown ? r.asked : r.seen;
  if (out.cycles.size() < 2 && r.asked == Signal::unknown) {
    out.signal = Signal::unknown;
  }
  if (r.three && r.seen == Signal::activeAk) {
    out.levels.low = out.levels.bias = r.three->low;
    out.levels.high = r.three->high;
    out.levels.peakToPeak = r.three->high - r.three->low;
  } else if (r.square()) {
    measureSquare(out, r.plateaus, r.d);
  } else if (!out.cycles.empty()) {
    measurePassive(out);
  } else {
    const Levels before = out.levels;
    measureFlat(out, r.d);
    out.levels.noiseRms = before.noiseRms;
    out.levels.peakToPeak = r.d.quantile(0.999) - r.d.quantile(0.001);
  }
  out.pulseCount = out.pulses.size();
  if (out.pulses.empty()) {
    return;
  }
  auto teeth = teethOf(out.pulses, out.cycles, !r.square());
  const auto given = r.options.teeth
                         ? std::optional(static_cast<int>(std::lround(*r.options.teeth)))
                         : std::nullopt;
  out.ring = ringOf(teeth, given);
  out.dropouts =
      dropoutsOf({r.samples, r.time, out.pulses, teeth, out.ring, out.levels, r.square()});
  if (dropFalseRises(r, out)) {
    teeth = teethOf(out.pulses, out.cycles, !r.square());
    out.ring = ringOf(teeth, given);
  }
  measurePulses(out, teeth, r.options);
  out.teeth = std::move(teeth);
}

// Output is proportional to speed: from the flux swing, the tooth frequency at which the peak to
// peak is what the module needs, and from that the speed.
void findLossSpeed(ChannelAnalysis& out, const Options& options) {
  if (!out.fluxSwingMwb || !(*out.fluxSwingMwb > 0) || !out.speedKmh || !out.frequencyHz) {
    return;
  }
  const double hz = options.lossVolts / 2 / (2 * std::numbers::pi * *out.fluxSwingMwb * 1e-3);
  out.lostBelowKmh = hz * out.speedKmh->median / out.frequencyHz->median;
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
  for (double* v :
       {&l.min, &l.max, &l.mean, &l.low, &l.high, &l.bias, &l.peakToPeak, &l.noiseRms}) {
    *v *= scale;
  }
  for (auto& d : out.dropouts) {
    d.level *= scale;
  }
  if (out.hum) {
    out.hum->amplitude *= scale;
  }
  for (auto& c : out.cycles) {
    c.high *= scale;
    c.low *= scale;
    c.mean *= scale;
  }
  for (auto& t : out.teeth) {
    t.halfSwing *= scale;
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
  out.uniformTime = record.time.uniform();

  const Distribution d(samples);
  out.gaps = d.count() < samples.size() ? capture::runsOfLost(samples) : 0;
  out.levels.min = d.min();
  out.levels.max = d.max();
  out.levels.mean = d.mean();
  out.levels.noiseRms = noiseRms(samples);
  const double swing = d.quantile(0.999) - d.quantile(0.001);
  const double least = out.unit == units::Unit::ampere ? kFlatAmperes : kFlatVolts;
  if (d.count() < 8 || swing < std::max(least / scale, 8 * out.levels.noiseRms)) {
    out.signal = d.count() < 8 ? Signal::unknown : Signal::flat;
    measureFlat(out, d);
    if (d.count() >= 8 && record.time.uniform()) {
      out.hum = humOf(samples, record.time.rateHz());
    }
    scaleLevels(out, scale);
    findFaults(out, options);
    return out;
  }

  Reading reading{samples, record.time, d, plateausOf(samples, record.time, d), options};
  reading.seen = recognise(reading, out);
  reading.asked = signalAskedFor(options.sensor);
  Train train = trainOf(reading, out.levels.noiseRms);
  out.pulses = std::move(train.pulses);
  out.cycles = std::move(train.cycles);
  readCode(reading, out);
  readTeeth(reading, out);
  findHum(reading, out);
  findLossSpeed(out, options);
  scaleLevels(out, scale);
  findFaults(out, options);
  return out;
}

}  // namespace haybale::trace
