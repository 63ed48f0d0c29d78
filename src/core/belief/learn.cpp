#include "core/belief/learn.h"

#include <algorithm>
#include <cmath>
#include <random>

#include "core/base/say.h"
#include "core/belief/wheel_fit.h"
#include "core/priors/priors.h"
#include "core/vehicle/vehicle_values.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::SensorKind;

namespace {

constexpr unsigned kSeed = 20230517;
// What a wheel costs that is left out, in the logarithm of the evidence: it is faulty itself.
constexpr double kLeftOutCost = 10;

// The same of a reading: it was taken wrong.
double slipCost() {
  return -std::log(priors::of(priors::Id::slipNumber));
}

// Which good sensors may stand on a tooth: all ways for up to four wheels, else none of them.
unsigned masksFor(SensorKind kind, std::size_t wheels) {
  return standsOnATooth(kind) && wheels <= 4 ? 1U << wheels : 1U;
}

std::string joined(const std::vector<std::string>& names) {
  std::string out;
  for (const auto& name : names) {
    out += (out.empty() ? "" : ", ") + name;
  }
  return out;
}

}  // namespace

namespace {

struct Fits {
  std::vector<WheelFit> list;
  std::vector<double> logWeights;
  std::size_t best = 0;
};

Fits fitAll(const job::Case& c, const Circuit& circuit, const GoodReadings& samples) {
  const SensorKind sensor = circuit.sensor.kind;
  Fits out;
  for (const auto& [kind, prior] : frontEndsOf(sensor)) {
    for (unsigned mask = 0; mask < masksFor(sensor, samples.wheels.size()); ++mask) {
      out.list.emplace_back(c, samples, sensor, kind, mask);
      out.list.back().run();
      out.logWeights.push_back(out.list.back().logWeight(prior));
    }
  }
  out.best = static_cast<std::size_t>(
      std::max_element(out.logWeights.begin(), out.logWeights.end()) - out.logWeights.begin());
  return out;
}

constexpr double kOddCost = 20;

// Whether a fit says no more against its readings than their spread does.
bool fitsWell(const GoodReadings& samples, double cost) {
  constexpr double kPerReading = 9;  // squared deviations: three sigma each
  return cost < kOddCost + kPerReading * static_cast<double>(samples.list.size()) / 3;
}

// What to leave out beside `leftOut` where not all fits: a reading, if all the others of the good
// wheels agree without it; else the wheel without which the rest fits best, for what was taken for
// good may be faulty itself.
std::optional<LeftOut> misfit(const job::Case& c, const Circuit& circuit,
                              const WaveformSet& waveforms, const GoodReadings& samples,
                              const WheelFit& fit, const LeftOut& leftOut) {
  constexpr std::size_t kTried = 6;
  if (fitsWell(samples, fit.cost())) {
    return std::nullopt;
  }
  std::optional<LeftOut> out;
  double least = fit.cost() - kOddCost;
  const auto tryOne = [&](const LeftOut& without, bool reading) {
    const GoodReadings rest = goodReadingsFor(c, circuit, waveforms, without);
    if (reading && rest.wheels.size() < samples.wheels.size()) {
      return;  // all that was read of a wheel is the wheel
    }
    const Fits fits = fitAll(c, circuit, rest);
    const double cost = fits.list[fits.best].cost();
    if (cost < least && (!reading || fitsWell(rest, cost))) {
      least = cost;
      out = without;
    }
  };
  for (const auto& id : fit.worst(kTried)) {
    LeftOut without = leftOut;
    without.readings.push_back(id);
    tryOne(without, true);
  }
  if (out) {
    return out;
  }
  for (const auto& wheel : samples.wheels) {
    LeftOut without = leftOut;
    without.wheels.push_back(wheel);
    tryOne(without, false);
  }
  return out;
}

}  // namespace

namespace {

// A single wheel that was taken for good may have a faulty sensor itself: then it taught of the
// module alone, and the suspect's sensor is as common practice has it. The odder that sensor, the
// likelier: what is faulty lies anywhere, as often beside as among the usual ones.
void leaveRoom(const job::Case& c, const Circuit& circuit, double oddness, std::mt19937& random,
               circuit::LineParameters& out) {
  using priors::Id;
  const GoodReadings none;
  const Fits usual = fitAll(c, circuit, none);
  const std::size_t count = out.draws.size() / 4;
  for (std::size_t i = 0; i < usual.list.size() && out.doubtful.size() < count; ++i) {
    usual.list[i].draw(count / usual.list.size() + 1, random, out.doubtful);
  }
  out.doubtful.resize(std::min(count, out.doubtful.size()));
  for (std::size_t i = 0; i < out.doubtful.size(); ++i) {
    const auto sensor = out.doubtful[i].sensor;
    out.doubtful[i] = out.draws[i * out.draws.size() / out.doubtful.size()];
    out.doubtful[i].sensor = sensor;
  }
  const double faulty = priors::of(Id::peerDraws) * priors::of(Id::peerOdd);
  const double sound = (1 - priors::of(Id::peerDraws)) * std::exp(-oddness * oddness / 2);
  out.doubt = std::max(priors::of(Id::peerFaulty), faulty / (faulty + sound));
}

}  // namespace

circuit::LineParameters learnParameters(const job::Case& c, const Circuit& circuit,
                                        const WaveformSet& waveforms) {
  circuit::LineParameters out;
  LeftOut leftOut;
  GoodReadings samples = goodReadingsFor(c, circuit, waveforms, leftOut);
  Fits fits = fitAll(c, circuit, samples);
  while (const auto without =
             misfit(c, circuit, waveforms, samples, fits.list[fits.best], leftOut)) {
    leftOut = *without;
    samples = goodReadingsFor(c, circuit, waveforms, leftOut);
    fits = fitAll(c, circuit, samples);
  }
  out.leftOut = leftOut.wheels;
  out.logEvidence -= kLeftOutCost * static_cast<double>(leftOut.wheels.size()) +
                     slipCost() * static_cast<double>(leftOut.readings.size());
  const double top = fits.logWeights[fits.best];
  std::vector<double> weights;
  double total = 0;
  for (const double w : fits.logWeights) {
    weights.push_back(std::exp(w - top));
    total += weights.back();
  }
  out.logEvidence += top + std::log(total);
  std::mt19937 random(kSeed);
  double share = 0;
  std::size_t given = 0;
  for (std::size_t i = 0; i < fits.list.size(); ++i) {
    share += weights[i] / total;
    const auto upTo = static_cast<std::size_t>(std::lround(share * static_cast<double>(kDraws)));
    if (upTo > given) {
      fits.list[i].draw(upTo - given, random, out.draws);
      given = upTo;
    }
  }
  if (samples.wheels.size() == 1) {
    leaveRoom(c, circuit, fits.list[fits.best].oddness(), random, out);
  }
  out.central = fits.list[fits.best].central();
  out.usual = samples.list.empty() && !samples.coil;
  out.from = samples.wheels.empty()
                 ? (samples.coil ? say("the maker's limits") : say("common practice"))
                 : sayf("learnt from {}", joined(samples.wheels));
  return out;
}

Knowledge learnAll(const job::Case& c, const WaveformSet& waveforms) {
  Knowledge out;
  // Circuits that learn from the same wheels know the same.
  using Key = std::tuple<SensorKind, std::vector<std::string>, std::vector<judging::Limit>>;
  std::vector<std::pair<Key, circuit::LineParameters>> known;
  for (const auto& circuit : c.circuits) {
    const Key key{circuit.sensor.kind, goodReadingsFor(c, circuit, waveforms, {}).wheels,
                  circuit.limits};
    const auto found = std::find_if(known.begin(), known.end(),
                                    [&](const auto& entry) { return entry.first == key; });
    if (found == known.end()) {
      known.emplace_back(key, learnParameters(c, circuit, waveforms));
      out.emplace(circuit.name, known.back().second);
    } else {
      out.emplace(circuit.name, found->second);
    }
  }
  return out;
}

}  // namespace haybale::diagnosis
