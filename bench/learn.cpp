// How honest the expected band is: on simulated vehicles with unknown front ends, in how many does
// the band learnt from the good wheel hold what the sound suspect circuit really reads?
//
// The vehicles are drawn from ranges of their own, not from the estimator's priors; the good wheel
// is read with a meter that errs within its accuracy. 90 to 97 % is honest for a band of 95 %.
#include "core/belief/learn.h"

#include <fmt/format.h>

#include <cmath>
#include <random>

#include "core/job/reading_line.h"

using namespace haybale;
using namespace haybale::circuit;

namespace {

class Yard {
 public:
  explicit Yard(unsigned seed) : random_(seed) {}

  double uniform(double low, double high) {
    return std::uniform_real_distribution<double>(low, high)(random_);
  }
  double log(double low, double high) { return std::exp(uniform(std::log(low), std::log(high))); }
  double near(double share) {
    return std::exp(std::normal_distribution<double>(0, share)(random_));
  }
  double normal(double sigma) { return std::normal_distribution<double>(0, sigma)(random_); }
  bool chance(double share) { return uniform(0, 1) < share; }

  ParameterPoint vehicle(SensorKind sensor) {
    ParameterPoint p;
    p.frontEnd = usualFrontEnd(sensor);
    p.batteryV = 12.5 * near(0.02);
    if (sensor == SensorKind::passive) {
      p.frontEnd.kind = chance(0.7) ? FrontEndKind::singleBias : FrontEndKind::bothBiased;
      p.frontEnd.supplyV = chance(0.5) ? uniform(4.6, 5.3) : uniform(1.9, 2.8);
      p.frontEnd.sourceOhm = log(3e3, 22e3);
      p.sensor.coilOhm = log(850, 2200);
      p.sensor.fluxSwingMwb = log(0.7, 3.5);
    } else {
      p.frontEnd.kind = chance(0.6) ? FrontEndKind::highSideSense : FrontEndKind::lowSideSense;
      p.frontEnd.supplyV = uniform(8.5, 13);
      p.frontEnd.sourceOhm = log(70, 210);
      p.sensor.lowA = 0.007 * uniform(0.86, 1.18);
      p.sensor.highA = 2 * p.sensor.lowA * near(0.02);
    }
    return p;
  }

  // One wheel of it: parts differ, so do temperatures.
  ParameterPoint wheel(ParameterPoint p) {
    p.sensor.coilOhm *= near(0.045);
    p.sensor.fluxSwingMwb *= near(0.1);
    p.frontEnd.supplyV *= near(0.01);
    p.frontEnd.sourceOhm *= near(0.025);
    const double current = near(0.035);
    p.sensor.lowA *= current;
    p.sensor.highA *= current;
    p.sensor.high = chance(0.5);
    p.celsius = 20 + normal(6);
    return p;
  }

  units::Entry read(double value, units::Unit unit, const judging::Accuracy& accuracy) {
    units::Entry e;
    e.unit = unit;
    // A display of 4000 counts.
    const double decade = std::pow(10.0, std::floor(std::log10(std::max(std::abs(value), 1e-3))));
    e.resolution = std::abs(value) / decade < 4 ? decade / 1000 : decade / 100;
    const double half = accuracy.halfWidth(value, e.resolution);
    e.value = std::round((value + uniform(-half, half)) / e.resolution) * e.resolution;
    return e;
  }

 private:
  std::mt19937 random_;
};

circuit::Test typed(const Circuit& c, const char* line) {
  const auto start = job::defaultTest(c, {Place::Kind::modulePlug, "module"}, TestKind::resistance);
  return job::parseReadingLine(std::string(line) + " 1", c, start).value().test;
}

struct Score {
  int inside = 0;
  int of = 0;
  double width = 0;
};

}  // namespace

int main() {
  const char* const kGood[] = {"module pair", "C2 a gnd dc key on unplugged",
                               "module a gnd dc key on plugged"};
  const char* const kAsked[] = {"module pair", "C2 a gnd dc key on unplugged",
                                "module a gnd dc key on plugged", "module b gnd dc key on plugged",
                                "sensor pair dc key on plugged"};
  std::map<std::string, Score> scores;
  Score all;
  for (unsigned seed = 0; seed < 500; ++seed) {
    Yard yard(seed);
    const SensorKind sensor = seed % 2 == 0 ? SensorKind::passive : SensorKind::active;
    job::Case c = job::newCase();
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = sensor;
    }
    const auto vehicle = yard.vehicle(sensor);
    for (const char* name : {"RL", "FL"}) {
      if (std::string(name) == "FL" && yard.chance(0.5)) {
        continue;  // often only one good wheel was measured
      }
      const auto wheel = yard.wheel(vehicle);
      const auto& circuit = *c.find(name);
      for (const char* line : kGood) {
        job::Evidence e;
        e.id = c.nextEvidenceId();
        e.test = typed(circuit, line);
        const auto value = predict(circuit, wheel, e.test, {}, c.meter);
        if (!value || std::isinf(*value)) {
          continue;
        }
        const bool ohms = unitOf(e.test.kind) == units::Unit::ohm;
        e.reading.value = yard.read(*value, unitOf(e.test.kind), ohms ? c.meter.ohm : c.meter.dc);
        c.evidence.push_back(e);
      }
    }
    const auto& suspect = *c.find("RR");
    const auto known = diagnosis::learnParameters(c, suspect);
    const auto truth = yard.wheel(vehicle);
    for (const char* line : kAsked) {
      const auto test = typed(suspect, line);
      const auto band = predictBand(suspect, known, test, {}, c.meter);
      const auto value = predict(suspect, truth, test, {}, c.meter);
      if (sensor == SensorKind::active && unitOf(test.kind) == units::Unit::ohm) {
        continue;  // scattered by decades and given as such; there is nothing to learn
      }
      if (!band || !value || std::isinf(*value)) {
        continue;
      }
      const bool in = *value >= band->low - 1e-9 && *value <= band->high + 1e-9;
      const std::string key =
          std::string(sensor == SensorKind::passive ? "passive, " : "active,  ") + line;
      for (Score* s : {&scores[key], &all}) {
        s->inside += in ? 1 : 0;
        ++s->of;
        s->width += (band->high - band->low) / std::max(1e-3, std::abs(band->nominal));
      }
    }
  }
  for (const auto& [key, s] : scores) {
    fmt::print("{:48} {:4} of {:4} = {:5.1f} %   width {:5.1f} % of the reading\n", key, s.inside,
               s.of, 100.0 * s.inside / s.of, 100 * s.width / s.of);
  }
  fmt::print("{:48} {:4} of {:4} = {:5.1f} %\n", "all", all.inside, all.of,
             100.0 * all.inside / all.of);
  return 0;
}
