#include "core/trace/measures.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/parallel.h"
#include "core/physics/tyre.h"
#include "core/trace/median.h"
#include "core/trace/noise.h"

namespace haybale::trace {

namespace {

template <class Get>
double medianOf(const std::vector<Cycle>& cycles, Get get) {
  std::vector<double> values;
  values.reserve(cycles.size());
  for (const auto& c : cycles) {
    values.push_back(get(c));
  }
  return median(values);
}

// A gap in the train is no slow tooth.
bool isSingle(const Tooth& t) {
  return t.periodS > 0 && t.pitch > 0 && t.lost == 0;
}

template <class Get>
std::vector<double> ofSingleTeeth(const std::vector<Tooth>& teeth, Get get) {
  std::vector<double> out;
  out.reserve(teeth.size());
  for (const auto& t : teeth) {
    if (isSingle(t)) {
      out.push_back(get(t));
    }
  }
  return out;
}

// Where a period is only some tens of samples long, square edges give it in whole samples: then
// over as many teeth as bring the error below 0.3 %. Empty when single ones do.
std::vector<double> smoothedHz(const std::vector<Tooth>& teeth, double stepS) {
  constexpr double kGood = 0.003;
  constexpr double kMostTeeth = 16;
  std::vector<double> periods = ofSingleTeeth(teeth, [](const Tooth& t) { return t.periodS; });
  if (periods.empty() || !(stepS > 0)) {
    return {};
  }
  const double teethNeeded = std::ceil(stepS / (kGood * median(periods)));
  if (teethNeeded < 2) {
    return {};
  }
  const auto over = static_cast<std::size_t>(std::min(kMostTeeth, teethNeeded));
  std::vector<double> out;
  std::size_t run = 0;
  for (std::size_t i = 0; i < teeth.size(); ++i) {
    run = isSingle(teeth[i]) ? run + 1 : 0;
    if (run >= over && i + 1 < teeth.size()) {
      out.push_back(static_cast<double>(over) / (teeth[i + 1].riseS - teeth[i + 1 - over].riseS));
    }
  }
  return out;
}

std::optional<Range> frequencyOf(const std::vector<Tooth>& teeth, double stepS) {
  auto hz = ofSingleTeeth(teeth, [](const Tooth& t) { return 1 / t.periodS; });
  if (hz.empty()) {
    return std::nullopt;
  }
  const auto [least, most] = std::minmax_element(hz.begin(), hz.end());
  const double low = *least;
  const double high = *most;
  auto smooth = smoothedHz(teeth, stepS);
  return Range{low, median(smooth.empty() ? hz : smooth), high};
}

double unevenOf(const std::vector<Tooth>& teeth) {
  auto off = ofSingleTeeth(teeth, [](const Tooth& t) { return std::abs(t.pitch - 1); });
  // A spin whose speed changes within a few teeth leaves less in the third difference.
  std::vector<float> logs;
  logs.reserve(teeth.size());
  for (const auto& t : teeth) {
    if (isSingle(t)) {
      logs.push_back(static_cast<float>(std::log(t.periodS)));
    }
  }
  const double smooth = logs.size() < 8 ? 1e9 : noiseRms(logs);
  return off.empty() ? 0 : 100 * std::min(median(off) / 0.6745, smooth);
}

void measureSpeed(ChannelAnalysis& out, const Options& options) {
  const auto ringTeeth = options.teeth ? options.teeth
                         : out.ring    ? std::optional<double>(out.ring->teeth)
                                       : std::nullopt;
  if (ringTeeth && options.circumferenceM && out.frequencyHz) {
    const auto speed = [&](double tooth) {
      return physics::speedKmh(tooth, *ringTeeth, *options.circumferenceM);
    };
    out.speedKmh = Range{speed(out.frequencyHz->min), speed(out.frequencyHz->median),
                         speed(out.frequencyHz->max)};
  }
}

}  // namespace

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

void measurePulses(ChannelAnalysis& out, const std::vector<Tooth>& teeth, const Options& options) {
  out.pulseCount = out.pulses.size();
  const bool square = out.signal != Signal::passive;
  parallelFor(3, [&](std::size_t what) {
    if (what == 0) {
      out.unevenPercent = unevenOf(teeth);
    } else if (!out.cycles.empty() && what == 1) {
      out.duty = medianOf(out.cycles, [](const Cycle& c) { return c.duty; });
    } else if (!out.cycles.empty()) {
      out.frequencyHz = frequencyOf(teeth, square && out.rateHz > 0 ? 1 / out.rateHz : 0);
    }
  });
  measureSpeed(out, options);
}

void findLossSpeed(ChannelAnalysis& out, const Options& options) {
  if (!out.fluxSwingMwb || !(*out.fluxSwingMwb > 0) || !out.speedKmh || !out.frequencyHz) {
    return;
  }
  const double hz = options.lossVolts / 2 / (2 * std::numbers::pi * *out.fluxSwingMwb * 1e-3);
  out.lostBelowKmh = hz * out.speedKmh->median / out.frequencyHz->median;
}

}  // namespace haybale::trace
