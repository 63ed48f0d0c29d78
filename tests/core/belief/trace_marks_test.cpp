// How far a trace's marks speak for ring and wiring: odds by the table of priors, worked out here
// on their own. Common practice, no source.
#include <array>
#include <cmath>

#include "core/priors/priors.h"
#include "support/likely_fixture.h"

namespace haybale::diagnosis {
namespace {

using priors::Id;
using priors::of;

class TraceMarks : public Likely {
 protected:
  // A trace of RR at the module's plug: off for a coil, home for what has to be fed.
  [[nodiscard]] double seen(const Hypothesis& h, double severity, const TraceFacts& facts,
                            circuit::WheelMotion wheel = circuit::WheelMotion::spun) const {
    auto t = test(circuit::TestKind::waveform);
    t.state.wheel = wheel;
    if (circuit::isCoil(vehicle_.suspect().sensor.kind)) {
      t.state.unplugged = {"module"};
    }
    t.red = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::a};
    t.black = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::b};
    return model_.waveform(t, facts, worldOf(h, severity, values_), values_);
  }
  [[nodiscard]] double odds(const Hypothesis& h, double severity, const TraceFacts& facts) const {
    return seen(h, severity, facts) / seen({}, 0, facts);
  }
  void have(circuit::SensorKind kind, std::optional<int> teeth) {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = kind;
      circuit.sensor.teeth = teeth;
    }
    values_ = learnParameters(c, *c.find("RR")).central;
  }

  const Hypothesis tooth_{Fault::ringTooth, "ring", std::nullopt, 1, {0}};
  const Hypothesis crack_{Fault::ringCracked, "ring", std::nullopt, 1, {0}};
  const Hypothesis strand_{Fault::intermittentOpen, "L2", circuit::WireId::a, 1, {1e9}};
  const Hypothesis rub_{Fault::intermittentShort, "L2", circuit::WireId::a, 1, {0.5}};
};

// Under 1.7 turns no mark can come again, from 2.1 on it must; between them in proportion.
TEST_F(TraceMarks, OfTheRingCountByTheTurnsThatWereSeen) {
  have(circuit::SensorKind::passive, 48);
  struct Row {
    std::size_t pulses;
    double once, twice;
  };
  for (const auto& [pulses, once, twice] :
       std::array<Row, 5>{{{24, 0.5, 0}, {48, 1, 0}, {80, 1, 0}, {91, 1, 0.4896}, {144, 1, 1}}}) {
    const double found = twice * of(Id::traceMarkSeen) + (1 - twice) * once * of(Id::traceMarkOnce);
    // A mark that is not recognised may look like a wire that lets go: so its absence counts, too.
    const double dropout =
        std::max(of(Id::traceOpensFalse), of(Id::traceMarkAsDropout) * once * (1 - twice));
    const double quiet = std::pow((1 - dropout) / (1 - of(Id::traceOpensFalse)), 2);
    auto facts = sound(pulses);
    EXPECT_NEAR(odds(tooth_, 0, facts) / (std::max(of(Id::traceMarkMissed), 1 - found) /
                                          (1 - 3 * of(Id::traceMarkFalse)) * quiet),
                1, 2e-3)
        << pulses << " pulses, nothing seen";
    facts.ring = Fault::ringTooth;
    EXPECT_NEAR(odds(tooth_, 0, facts) / (found / of(Id::traceMarkFalse) * quiet), 1, 2e-3)
        << pulses << " pulses, the tooth seen";
    EXPECT_NEAR(odds(crack_, 0, facts) / (of(Id::traceMarkOther) / of(Id::traceMarkFalse) * quiet),
                1, 2e-3)
        << pulses << " pulses, taken for another mark";
  }
}

// Nobody has counted the teeth: what acquits a ring of 29 acquits none of 96.
TEST_F(TraceMarks, AreTurnedByAllUsualCountsWhereNobodyCounted) {
  const auto acquitted = [&](std::optional<int> teeth, std::size_t pulses) {
    have(circuit::SensorKind::passive, teeth);
    return odds(tooth_, 0, sound(pulses));
  };
  for (const std::size_t pulses : {60U, 100U, 150U}) {
    EXPECT_GT(acquitted(std::nullopt, pulses), acquitted(29, pulses)) << pulses;
    EXPECT_LT(acquitted(std::nullopt, pulses), acquitted(96, pulses)) << pulses;
  }
  EXPECT_NEAR(acquitted(std::nullopt, 300), acquitted(48, 300), 1e-9) << "two turns of any";
}

// A record that is not made yet is foreseen with nearly two turns by hand, with many on the road.
TEST_F(TraceMarks, AreForeseenSurelyOnTheRoadOnly) {
  have(circuit::SensorKind::passive, 48);
  auto facts = sound(0);
  facts.ring = Fault::ringTooth;
  const auto ahead = [&](circuit::WheelMotion wheel) {
    return seen(tooth_, 0, facts, wheel) / seen({}, 0, facts, wheel);
  };
  const double surely = of(Id::traceMarkSeen) / of(Id::traceMarkFalse);
  EXPECT_NEAR(ahead(circuit::WheelMotion::driven) / surely, 1, 2e-3);
  const double half = 0.5 * (of(Id::traceMarkSeen) + of(Id::traceMarkOnce));
  const double quiet =
      std::pow((1 - 0.5 * of(Id::traceMarkAsDropout)) / (1 - of(Id::traceOpensFalse)), 2);
  EXPECT_NEAR(ahead(circuit::WheelMotion::spun) / (half / of(Id::traceMarkFalse) * quiet), 1, 2e-3);
  // One that stands shows nothing of its ring.
  EXPECT_NEAR(ahead(circuit::WheelMotion::still), 1, 1e-9);
}

// What parts now and then, and what is pulled to a level: each for its own, and one for the other
// now and then.
TEST_F(TraceMarks, OfTheWiringSpeakForWhatLetsGoAndForWhatTouches) {
  have(circuit::SensorKind::passive, 48);
  const double seenOf = of(Id::traceOpensSeen);
  const double falsely = of(Id::traceOpensFalse);
  constexpr double kTheOther = 0.2;
  auto parts = sound();
  parts.opens = true;
  EXPECT_NEAR(odds(strand_, 1e9, parts) / (seenOf / falsely * (1 - kTheOther) / (1 - falsely)), 1,
              1e-6);
  EXPECT_NEAR(odds(rub_, 0.5, parts) / (kTheOther / falsely * (1 - seenOf) / (1 - falsely)), 1,
              1e-6);
  auto touches = sound();
  touches.shorts = true;
  EXPECT_NEAR(odds(rub_, 0.5, touches), odds(strand_, 1e9, parts), 1e-6);
  EXPECT_NEAR(odds(strand_, 1e9, touches), odds(rub_, 0.5, parts), 1e-6);
  // Beyond all that the sensor gives it is a wire's: then a sound line is ten times rarer.
  parts.opensBeyond = true;
  const double beyond = of(Id::traceOpensBeyond);
  EXPECT_NEAR(odds(strand_, 1e9, parts) / (seenOf / beyond * (1 - kTheOther) / (1 - beyond)), 1,
              1e-6);
}

// A switching sensor too far from its ring leaves out pulses; a coil only gets weaker.
TEST_F(TraceMarks, PulsesLeftOutAreAGapsWhereTheSensorSwitches) {
  const Hypothesis far{Fault::wideGap, "sensor", std::nullopt, 1, {1}};
  have(circuit::SensorKind::active, 48);
  auto even = sound();
  even.outputRatio.reset();
  auto missing = even;
  missing.misses = true;
  const auto between = [&](const Hypothesis& h) { return seen(h, 1, missing) / seen(h, 1, even); };
  const double seenOf = of(Id::traceMissesSeen);
  const double falsely = of(Id::traceMissesFalse);
  EXPECT_NEAR(between(far) / (seenOf / (1 - seenOf)), 1, 1e-6);
  EXPECT_NEAR(between({}) / (falsely / (1 - falsely)), 1, 1e-6);
  EXPECT_NEAR(between(strand_) / (falsely / (1 - falsely)), 1, 1e-6);
  have(circuit::SensorKind::passive, 48);
  EXPECT_NEAR(between({}), 1, 1e-9);
}

// Coded widths name the gap: where it is one; less where the ring is at fault; hardly elsewhere.
TEST_F(TraceMarks, ATelegramThatNamesTheGapSpeaksForIt) {
  const Hypothesis far{Fault::wideGap, "sensor", std::nullopt, 1, {1}};
  auto silent = sound();
  silent.outputRatio.reset();
  auto says = silent;
  says.gapLimit = true;
  const auto between = [&](const Hypothesis& h) { return seen(h, 1, says) / seen(h, 1, silent); };
  for (const auto kind : {circuit::SensorKind::activePwm, circuit::SensorKind::activeAk}) {
    have(kind, 48);
    const double near = of(Id::traceLimitNear);
    const double ring = of(Id::traceLimitRing);
    const double falsely = of(Id::traceLimitFalse);
    EXPECT_NEAR(between(far) / (near / (1 - 0.3 * near)), 1, 1e-6);
    EXPECT_NEAR(between(tooth_) / (ring / (1 - 0.3 * ring)), 1, 1e-6);
    EXPECT_NEAR(between(strand_) / (falsely / (1 - falsely)), 1, 1e-6);
  }
  have(circuit::SensorKind::active, 48);
  EXPECT_NEAR(between(far), 1, 1e-9) << "two levels tell nothing of their gap";
}

}  // namespace
}  // namespace haybale::diagnosis
