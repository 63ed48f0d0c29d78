#include "core/belief/learn.h"

#include <algorithm>
#include <cmath>
#include <memory>
#include <numbers>
#include <random>

#include "core/base/parallel.h"
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

// What is learnt with something left out. The fits point to the readings: it stays where it is.
struct Understanding {
  Understanding(const job::Case& c, const Circuit& circuit, const WaveformSet& waveforms,
                LeftOut without)
      : leftOut(std::move(without)),
        samples(goodReadingsFor(c, circuit, waveforms, leftOut)),
        fits(fitAll(c, circuit, samples)) {}
  Understanding(const Understanding&) = delete;
  Understanding& operator=(const Understanding&) = delete;

  [[nodiscard]] const WheelFit& best() const { return fits.list[fits.best]; }
  // Whether it says no more against its readings than their spread does.
  [[nodiscard]] bool fitsWell() const {
    constexpr double kPerReading = 9;  // squared deviations: three sigma each
    return best().cost() < kOddCost + kPerReading * static_cast<double>(samples.list.size()) / 3;
  }

  LeftOut leftOut;
  GoodReadings samples;
  Fits fits;
  double slips = 0;  // logarithm of the density of what was left out, taken for slips
};

using Understandings = std::vector<std::unique_ptr<Understanding>>;

// Logarithm of the density of a reading that is a slip, over what it would have in the middle of a
// fit: any volts a car has, or any ohms a meter has, evenly in their logarithm. The finer a
// reading, the more is lost with it.
double slipDensity(const GoodReadings& samples, const std::string& id) {
  constexpr double kVolts = 15;
  const double ohmsSpan = std::log(1e7);  // one ohm to ten megohm
  double out = 0;
  for (const auto& s : samples.list) {
    const bool ohms = circuit::unitOf(s.test.kind) == units::Unit::ohm && s.value > 0;
    const double narrow = ohms ? s.sigma / s.value / ohmsSpan : s.sigma / kVolts;
    out += s.evidence->id == id ? std::log(narrow * std::sqrt(2 * std::numbers::pi)) : 0;
  }
  return out;
}

// What there is beside `now` where not all fits: without a reading, if all the others of the good
// wheels agree without it, and every such reading may be the one; else without the wheel without
// which the rest fits best, for what was taken for good may be faulty itself. The best comes first.
Understandings instead(const job::Case& c, const Circuit& circuit, const WaveformSet& waveforms,
                       const Understanding& now) {
  constexpr std::size_t kTried = 6;
  Understandings out;
  if (now.fitsWell()) {
    return out;
  }
  const double least = now.best().cost() - kOddCost;
  for (const auto& id : now.best().worst(kTried)) {
    LeftOut without = now.leftOut;
    without.readings.push_back(id);
    auto other = std::make_unique<Understanding>(c, circuit, waveforms, without);
    other->slips = now.slips + slipDensity(now.samples, id);
    // All that was read of a wheel is the wheel.
    if (other->samples.wheels.size() == now.samples.wheels.size() && other->fitsWell() &&
        other->best().cost() < least) {
      out.push_back(std::move(other));
    }
  }
  if (!out.empty()) {
    std::stable_sort(out.begin(), out.end(), [](const auto& a, const auto& b) {
      return a->slips + a->fits.logWeights[a->fits.best] >
             b->slips + b->fits.logWeights[b->fits.best];
    });
    return out;
  }
  for (const auto& wheel : now.samples.wheels) {
    LeftOut without = now.leftOut;
    without.wheels.push_back(wheel);
    auto other = std::make_unique<Understanding>(c, circuit, waveforms, without);
    if (other->best().cost() < (out.empty() ? least : out.front()->best().cost())) {
      out.clear();
      out.push_back(std::move(other));
    }
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
  Understandings all;
  all.push_back(std::make_unique<Understanding>(c, circuit, waveforms, LeftOut{}));
  for (auto next = instead(c, circuit, waveforms, *all.front()); !next.empty();
       next = instead(c, circuit, waveforms, *all.front())) {
    all = std::move(next);
  }
  const Understanding& best = *all.front();
  const GoodReadings& samples = best.samples;
  out.leftOut = best.leftOut.wheels;
  out.logEvidence -= kLeftOutCost * static_cast<double>(best.leftOut.wheels.size()) +
                     slipCost() * static_cast<double>(best.leftOut.readings.size());
  const double top = best.fits.logWeights[best.fits.best];
  double total = 0;
  for (const auto& one : all) {
    for (const double w : one->fits.logWeights) {
      total += std::exp(w + one->slips - top - best.slips);
    }
  }
  out.logEvidence += top + std::log(total);
  std::mt19937 random(kSeed);
  double share = 0;
  std::size_t given = 0;
  for (const auto& one : all) {
    for (std::size_t i = 0; i < one->fits.list.size(); ++i) {
      share += std::exp(one->fits.logWeights[i] + one->slips - top - best.slips) / total;
      const auto upTo = static_cast<std::size_t>(std::lround(share * static_cast<double>(kDraws)));
      if (upTo > given) {
        one->fits.list[i].draw(upTo - given, random, out.draws);
        given = upTo;
      }
    }
  }
  if (samples.wheels.size() == 1) {
    leaveRoom(c, circuit, best.best().oddness(), random, out);
  }
  out.central = best.best().central();
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
  std::vector<std::pair<Key, const circuit::Circuit*>> lessons;
  std::vector<std::size_t> lessonOf;
  for (const auto& circuit : c.circuits) {
    Key key{circuit.sensor.kind, goodReadingsFor(c, circuit, waveforms, {}).wheels, circuit.limits};
    const auto found = std::find_if(lessons.begin(), lessons.end(),
                                    [&](const auto& lesson) { return lesson.first == key; });
    lessonOf.push_back(static_cast<std::size_t>(found - lessons.begin()));
    if (found == lessons.end()) {
      lessons.emplace_back(std::move(key), &circuit);
    }
  }
  std::vector<circuit::LineParameters> known(lessons.size());
  parallelFor(lessons.size(),
              [&](std::size_t k) { known[k] = learnParameters(c, *lessons[k].second, waveforms); });
  for (std::size_t i = 0; i < c.circuits.size(); ++i) {
    out.emplace(c.circuits[i].name, known[lessonOf[i]]);
  }
  return out;
}

}  // namespace haybale::diagnosis
