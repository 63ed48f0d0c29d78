#include "core/trace/analysis.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/sensing/tyre.h"
#include "core/trace/findings.h"
#include "core/trace/levels.h"

namespace haybale::trace {

namespace {

constexpr double kFlatVolts = 0.01;  // below this swing in all, nothing is called a signal
constexpr double kFlatAmperes = 0.0005;

std::size_t runsOfLost(std::span<const float> samples) {
  std::size_t runs = 0;
  bool inside = false;
  for (const float v : samples) {
    const bool lost = std::isnan(v);
    runs += lost && !inside ? 1 : 0;
    inside = lost;
  }
  return runs;
}

struct Plateaus {
  double low;
  double high;
  bool square;
};

// The two levels a square wave rests on: medians of the samples below and above the middle of the
// range. A sine spends 29 % of its time within 10 % of its ends, a square wave nearly all of it.
Plateaus plateausOf(const Distribution& d) {
  const double bottom = d.quantile(0.005);
  const double top = d.quantile(0.995);
  const double middle = (bottom + top) / 2;
  const double shareBelow = std::clamp(d.share(-1e30, middle), 0.001, 0.999);
  const double low = d.quantile(shareBelow / 2);
  const double high = d.quantile((1 + shareBelow) / 2);
  const double near = 0.12 * (high - low);
  const double resting = d.share(low - near, low + near) + d.share(high - near, high + near);
  return {low, high, resting > 0.75};
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
  out.levels.low = medianOf(out.cycles, [](const Cycle& c) { return c.low; });
  out.levels.high = medianOf(out.cycles, [](const Cycle& c) { return c.high; });
  out.levels.peakToPeak = medianOf(out.cycles, [](const Cycle& c) { return c.high - c.low; });
  out.levels.bias = medianOf(out.cycles, [](const Cycle& c) { return c.mean; });
  // Half the peak to peak over 2 pi f: an induced voltage grows with speed, the flux it comes from
  // does not.
  out.fluxSwingMwb = 1e3 * medianOf(out.cycles, [](const Cycle& c) {
                       return (c.high - c.low) / 2 * c.periodS / (2 * std::numbers::pi);
                     });
}

void measureSquare(ChannelAnalysis& out, const Plateaus& p) {
  out.levels.low = p.low;
  out.levels.high = p.high;
  out.levels.peakToPeak = p.high - p.low;
  out.levels.bias = p.low;
}

void measureFlat(ChannelAnalysis& out, const Distribution& d) {
  out.levels.low = out.levels.high = out.levels.bias = d.quantile(0.5);
  out.levels.peakToPeak = 0;
}

void measurePulses(ChannelAnalysis& out, const Options& options) {
  out.pulseCount = out.pulses.size();
  if (options.teeth) {
    out.teeth = options.teeth;
    out.revolutions = static_cast<double>(out.pulseCount) / *options.teeth;
  }
  if (out.cycles.empty()) {
    return;
  }
  out.duty = medianOf(out.cycles, [](const Cycle& c) { return c.duty; });
  const auto [shortest, longest] =
      std::minmax_element(out.cycles.begin(), out.cycles.end(),
                          [](const Cycle& a, const Cycle& b) { return a.periodS < b.periodS; });
  out.frequencyHz = Range{1 / longest->periodS,
                          medianOf(out.cycles, [](const Cycle& c) { return 1 / c.periodS; }),
                          1 / shortest->periodS};
  if (options.teeth && options.circumferenceM) {
    const auto speed = [&](double hz) {
      return sensing::speedKmh(hz, *options.teeth, *options.circumferenceM);
    };
    out.speedKmh = Range{speed(out.frequencyHz->min), speed(out.frequencyHz->median),
                         speed(out.frequencyHz->max)};
  }
}

}  // namespace

ChannelAnalysis analyse(const capture::Record& record, std::size_t index, const Options& options) {
  const capture::Channel& channel = record.channels[index];
  ChannelAnalysis out;
  out.name = channel.name;
  out.unit = channel.unit;
  std::vector<float> scaled;
  std::span<const float> samples = channel.samples;
  if (options.senseOhm && channel.unit == units::Unit::volt) {
    scaled.assign(samples.begin(), samples.end());
    for (float& v : scaled) {
      v = static_cast<float>(v / *options.senseOhm);
    }
    samples = scaled;
    out.unit = units::Unit::ampere;
  }
  out.samples = samples.size();
  out.gaps = runsOfLost(samples);
  out.rateHz = record.time.rateHz();
  out.durationS = record.durationS();
  out.uniformTime = record.time.uniform();

  const Distribution d(samples);
  out.levels.min = d.min();
  out.levels.max = d.max();
  out.levels.mean = d.mean();
  out.levels.noiseRms = noiseRms(samples);
  const double swing = d.quantile(0.999) - d.quantile(0.001);
  const double least = out.unit == units::Unit::ampere ? kFlatAmperes : kFlatVolts;
  if (d.count() < 8 || swing < std::max(least, 8 * out.levels.noiseRms)) {
    out.signal = d.count() < 8 ? Signal::unknown : Signal::flat;
    measureFlat(out, d);
    findFaults(out, options);
    return out;
  }

  const Plateaus plateaus = plateausOf(d);
  const Signal asked = signalAskedFor(options.sensor);
  const bool square = asked == Signal::unknown ? plateaus.square : asked != Signal::passive;
  Threshold threshold;
  if (square) {
    threshold = {(plateaus.low + plateaus.high) / 2, 0.2 * (plateaus.high - plateaus.low)};
  } else {
    threshold = {d.quantile(0.5), std::max(0.03 * swing, 5 * out.levels.noiseRms)};
  }
  out.pulses = findPulses(samples, record.time, threshold);
  if (!square) {
    refineRises(samples, record.time, threshold.centre, out.pulses);
  }
  out.cycles = findCycles(samples, out.pulses);
  measurePulses(out, options);
  out.signal = asked != Signal::unknown ? asked
               : square                 ? squareKind(plateaus, out.unit)
                                        : Signal::passive;
  if (out.cycles.size() < 2 && asked == Signal::unknown) {
    out.signal = Signal::unknown;
  }
  if (square) {
    measureSquare(out, plateaus);
  } else if (!out.cycles.empty()) {
    measurePassive(out);
  } else {
    measureFlat(out, d);
    out.levels.peakToPeak = swing;
  }
  findFaults(out, options);
  return out;
}

}  // namespace haybale::trace
