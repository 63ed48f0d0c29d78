#include "core/belief/good_readings.h"

#include <algorithm>
#include <cmath>

#include "core/evidence/meter_use.h"
#include "core/evidence/quantity_of.h"
#include "core/evidence/void_setup.h"

namespace haybale::diagnosis {

using circuit::Circuit;

namespace {

// Of a reading, beside the meter: contacts, the temperature of the day.
constexpr double kModelShare = 0.002;
constexpr double kModelFloor = 2e-3;
bool holds(const std::vector<std::string>& list, const std::string& one) {
  return std::find(list.begin(), list.end(), one) != list.end();
}

// Wheels that may teach about `circuit`: of the same group and kind, and not left out.
bool teaches(const job::Case& c, const Circuit& circuit, const Circuit& good,
             const LeftOut& leftOut) {
  return good.name != circuit.name && good.name != c.suspect &&
         good.sensor.kind == circuit.sensor.kind &&
         circuit::groupOf(good) == circuit::groupOf(circuit) && !holds(leftOut.wheels, good.name);
}

std::size_t wheelOf(GoodReadings& samples, const std::string& name) {
  auto wheel = std::find(samples.wheels.begin(), samples.wheels.end(), name);
  if (wheel == samples.wheels.end()) {
    wheel = samples.wheels.insert(wheel, name);
  }
  return static_cast<std::size_t>(wheel - samples.wheels.begin());
}

// A square wave: where its upper level lies, and how far below it the other one. A scope's zero and
// scale err by far more than what lies between two levels of one record. A record without its
// direct part tells nothing of them.
void addLevels(GoodReadings& out, const Circuit& good, const job::Evidence& e,
               const trace::ChannelAnalysis& analysis) {
  const auto& levels = analysis.levels;
  const bool square = analysis.signal == trace::Signal::active ||
                      analysis.signal == trace::Signal::activePwm ||
                      analysis.signal == trace::Signal::hall;
  if (!square || analysis.unit != units::Unit::volt || levels.low < -0.1 * levels.peakToPeak ||
      circuit::isCoil(good.sensor.kind) || !e.test.red) {
    return;
  }
  constexpr double kShare = 0.03;
  constexpr double kFloor = 0.02;
  circuit::Test test = e.test;
  test.kind = circuit::TestKind::dcVoltage;
  test.state.wheel = circuit::WheelMotion::still;
  const std::size_t wheel = wheelOf(out, good.name);
  for (const auto& [value, wave] :
       {std::pair{levels.high, GoodReading::Wave::upper},
        std::pair{levels.high - levels.low, GoodReading::Wave::swing}}) {
    out.list.push_back({&good, wheel, &e, test, value, std::hypot(kShare * std::abs(value), kFloor),
                        std::nullopt, wave});
  }
}

}  // namespace

GoodReadings goodReadingsFor(const job::Case& c, const Circuit& circuit,
                             const WaveformSet& waveforms, const LeftOut& leftOut) {
  GoodReadings out;
  for (const auto& limit : circuit.limits) {
    if (limit.quantity == judging::Quantity::coilResistance && limit.min && limit.max) {
      out.coil = {(*limit.min + *limit.max) / 2,
                  std::max(1.0, judging::rectangularU((*limit.max - *limit.min) / 2))};
    }
  }
  for (const auto& e : c.evidence) {
    const Circuit* good = c.find(e.test.circuit);
    if (e.withdrawn || !good || holds(leftOut.readings, e.id) ||
        !teaches(c, circuit, *good, leftOut) || isVoid(*good, e.test)) {
      continue;
    }
    const auto analysis = waveforms.analyses.find(e.id);
    if (analysis != waveforms.analyses.end()) {
      addLevels(out, *good, e, *analysis->second);
    }
    if (!e.reading.value || e.reading.value->overload ||
        e.test.kind == circuit::TestKind::waveform || speedUnknown(e)) {
      continue;
    }
    if (out.coil && quantityOf(*good, e.test) == judging::Quantity::coilResistance) {
      continue;  // what the maker says of this coil beats what another one has
    }
    const double value = e.reading.value->value;
    const double u = standardUncertainty(c.meter, *e.reading.value, e.test.kind);
    out.list.push_back({good, wheelOf(out, good->name), &e, asMeasured(c, e), value,
                        std::hypot(u, kModelShare * std::abs(value) + kModelFloor),
                        e.reading.celsius, GoodReading::Wave::none});
  }
  return out;
}

}  // namespace haybale::diagnosis
