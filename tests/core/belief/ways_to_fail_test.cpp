// What may be wrong before anything is measured, and what speaks for which.
#include "core/belief/ways_to_fail.h"

#include <array>
#include <numeric>
#include <set>

#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using priors::of;

class PriorOf : public Job {
 protected:
  [[nodiscard]] std::vector<Hypothesis> all() const { return allHypotheses(c, *c.find("RR")); }
  template <class Is>
  [[nodiscard]] double weight(const Is& is) const {
    double sum = 0;
    for (const auto& h : all()) {
      sum += is(h) ? h.prior : 0;
    }
    return sum;
  }
  [[nodiscard]] double weight(const std::string& element, Fault fault) const {
    return weight([&](const Hypothesis& h) { return h.element == element && h.fault == fault; });
  }
  void makeActive() {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = circuit::SensorKind::active;
    }
  }
};

TEST_F(PriorOf, AllSumsToOneWhateverIsComplainedOf) {
  for (const char* when : {"always", "sometimes", "wet", "bump"}) {
    c.complaint.when = {when};
    EXPECT_NEAR(weight([](const Hypothesis&) { return true; }), 1, 1e-12) << when;
    for (const auto& h : all()) {
      EXPECT_GT(h.prior, 0);
      EXPECT_TRUE(std::is_sorted(h.steps.begin(), h.steps.end())) << nameOf(h.fault);
    }
  }
}

TEST_F(PriorOf, NoWayToFailIsThereTwice) {
  std::map<std::tuple<Fault, std::string, std::optional<circuit::WireId>, double>, double> upTo;
  for (const auto& h : all()) {
    const auto [before, isNew] = upTo.emplace(std::tuple(h.fault, h.element, h.wire, h.along), 0.0);
    EXPECT_TRUE(isNew || before->second <= h.steps.front()) << nameOf(h.fault) << h.element;
    before->second = h.steps.back();
  }
}

// Water joins the pins of a plug; in a leg it is copper on copper: common practice, no source.
TEST_F(PriorOf, WiresTouchByWaterInAPlugAndByCopperInALeg) {
  const auto below = [&](const std::string& element, double ohm) {
    return weight([&](const Hypothesis& h) {
      return h.element == element && h.fault == Fault::wiresTouching && h.steps.back() <= ohm;
    });
  };
  EXPECT_LT(below("C2", 1500), 0.5 * weight("C2", Fault::wiresTouching));
  EXPECT_GT(below("L2", 1500), 0.5 * weight("L2", Fault::wiresTouching));
}

// A plug is of plastic and takes in water; a leg chafes through on the body: common practice, no
// source.
TEST_F(PriorOf, APlugLeaksAndALegIsGrounded) {
  EXPECT_GT(weight("C2", Fault::leak), 3 * weight("C2", Fault::shortToGround));
  EXPECT_GT(weight("L2", Fault::shortToGround), weight("L2", Fault::leak));
}

// Water gets into a plug as a whole: both neighbours of a wet half are replaced (rule of the
// trade).
TEST_F(PriorOf, WaterInAPlugStandsInBothItsHalvesOrInOne) {
  c.complaint.when = {"wet"};
  const auto inBoth = [&](const std::string& element, Fault fault) {
    return weight([&](const Hypothesis& h) {
      return h.bothHalves && h.element == element && h.fault == fault;
    });
  };
  const double share = of(priors::Id::plugBothHalves);
  EXPECT_NEAR(inBoth("C2", Fault::leak), share * weight("C2", Fault::leak), 1e-12);
  EXPECT_NEAR(inBoth("C2", Fault::wiresTouching),
              share * of(priors::Id::plugCreeping) * weight("C2", Fault::wiresTouching), 1e-12);
  EXPECT_EQ(inBoth("C2", Fault::shortToGround), 0) << "copper";
  EXPECT_EQ(inBoth("L2", Fault::leak), 0) << "a leg has no halves";
}

// Side by side while the plug is together, each with its own half when it is apart: Kirchhoff.
TEST_F(PriorOf, WaterInBothHalvesIsReadOnEitherSide) {
  const auto& circuit = *c.find("RR");
  const Hypothesis wet{Fault::leak, "C2", circuit::WireId::a, 1, {3e3}, 0.5, 0, true};
  const circuit::ParameterPoint values;
  const auto ohms = [&](const char* typed) {
    const auto start = job::defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                                        circuit::TestKind::resistance);
    const auto test = job::parseReadingLine(typed, circuit, start).value().test;
    return circuit::predict(circuit, values, test, worldOf(wet, 3e3, values).line, c.meter)
        .value_or(0);
  };
  EXPECT_NEAR(ohms("module a gnd 1 unplugged key off"), 3e3, 10);
  EXPECT_NEAR(ohms("C2.w a gnd 1 unplugged key off"), 6e3, 10);
}

TEST_F(PriorOf, WetWeatherSpeaksForWaterAndRoughRoadsForWhatComesAndGoes) {
  c.complaint.when = {"always"};
  const double dry = weight("C2", Fault::leak);
  const double steady = weight("L2", Fault::intermittentOpen);
  c.complaint.when = {"wet"};
  EXPECT_GT(weight("C2", Fault::leak), 1.1 * dry);
  c.complaint.when = {"bump"};
  EXPECT_GT(weight("L2", Fault::intermittentOpen), 4 * steady);
}

// Cleaning cures what water and rust do to a plug, and no broken wire (common practice, no source).
TEST_F(PriorOf, CleaningInVainSpeaksAgainstWhatItWouldHaveCured) {
  const auto shares = [&] {
    const double other = weight("L1", Fault::open);
    return std::array{weight("C2", Fault::resistive) / other, weight("C2", Fault::leak) / other,
                      weight("C2", Fault::open) / other, weight("C1", Fault::leak) / other};
  };
  const auto before = shares();
  c.history.push_back({"RR", "C2", job::Work::cleaned, "", false, false, {}});
  const auto after = shares();
  const double cleaned = priors::of(priors::Id::cleanedNotCured);
  EXPECT_NEAR(after[0], cleaned * before[0], 1e-9);
  EXPECT_NEAR(after[1], cleaned * before[1], 1e-9);
  EXPECT_NEAR(after[2], before[2], 1e-9) << "a broken wire";
  EXPECT_NEAR(after[3], before[3], 1e-9) << "another plug";
}

// What rubs through on the body does not ask which wire it is.
TEST_F(PriorOf, AStrandOfEitherWireMayTouchTheBodyNowAndThen) {
  c.complaint.when = {"sometimes"};
  const auto ofWire = [&](circuit::WireId wire) {
    return weight([&](const Hypothesis& h) {
      return h.fault == Fault::intermittentShort && h.element == "L2" && h.wire == wire;
    });
  };
  EXPECT_GT(ofWire(circuit::WireId::a), 0);
  EXPECT_DOUBLE_EQ(ofWire(circuit::WireId::a), ofWire(circuit::WireId::b));
}

// A coil that parts when it is warm is one of those that part, not one more.
TEST_F(PriorOf, WhatPartsOnlyWarmIsAShareOfWhatParts) {
  using priors::Id;
  const auto warm = [](const Hypothesis& h) { return h.needs == Hypothesis::Needs::warmth; };
  EXPECT_GT(weight(warm), 0);
  EXPECT_LT(weight(warm), 0.5 * weight("sensor", Fault::sensorOpen));
  EXPECT_NEAR(weight("sensor", Fault::sensorOpen) / weight("sensor", Fault::sensorShorted),
              priors::of(Id::sensorOpen) / priors::of(Id::sensorShorted), 1e-9);
}

TEST_F(PriorOf, ARepairedPlaceIsThreeTimesAsSuspect) {
  const double before = weight("L1", Fault::open) / weight("L2", Fault::open);
  c.complaint.earlierRepair = {"L1"};
  EXPECT_NEAR(weight("L1", Fault::open) / weight("L2", Fault::open), 3 * before, 1e-9);
}

// A coil has no polarity that a module would miss, and no electronics to be latched off.
TEST_F(PriorOf, SomeFaultsBelongToOneKindOfSensor) {
  const auto any = [&](Fault fault) {
    return weight([&](const Hypothesis& h) { return h.fault == fault; }) > 0;
  };
  EXPECT_TRUE(any(Fault::sensorShorted));
  EXPECT_FALSE(any(Fault::latchedOff));
  EXPECT_FALSE(any(Fault::reversed));
  makeActive();
  EXPECT_FALSE(any(Fault::sensorShorted));
  EXPECT_TRUE(any(Fault::latchedOff));
  EXPECT_TRUE(any(Fault::reversed));
}

TEST_F(PriorOf, APiercedLegIsSuspectInEachPieceByItsLength) {
  const double whole = weight("L2", Fault::open);
  job::Evidence e;
  e.id = c.nextEvidenceId();
  e.test.kind = circuit::TestKind::dcVoltage;
  e.test.circuit = "RR";
  e.test.red = circuit::Probe{{circuit::Place::Kind::along, "L2", 0.25}, circuit::WireId::a};
  e.reading.value = units::Entry{};
  c.evidence.push_back(e);
  std::map<double, double> pieces;
  for (const auto& h : all()) {
    if (h.element == "L2" && h.fault == Fault::open) {
      pieces[h.along] += h.prior;
    }
  }
  ASSERT_EQ(pieces.size(), 2U);
  EXPECT_NEAR(pieces.rbegin()->second, 3 * pieces.begin()->second, 1e-12);
  EXPECT_NEAR(weight("L2", Fault::open), whole, 1e-12);
  EXPECT_NEAR(pieces.begin()->first, 0.125, 1e-12);
}

// Next to no ohms across the pair are two wires that touch sooner than a coil without a turn left:
// common practice, no source.
TEST_F(PriorOf, ACoilIsShortedInPartAndWiresTouchByCopper) {
  const auto below40 = [&](Fault fault, auto within) {
    return weight([&](const Hypothesis& h) {
      return h.fault == fault && within(h.element) && h.steps.back() <= 40;
    });
  };
  const auto anywhere = [](const std::string&) { return true; };
  const double whole = below40(Fault::sensorShorted, anywhere);
  EXPECT_NEAR(whole / weight("sensor", Fault::sensorShorted), of(priors::Id::sensorShortedWhole),
              1e-9);
  EXPECT_LT(whole, 0.25 * weight([](const Hypothesis& h) {
                     return h.fault == Fault::wiresTouching && h.steps.front() < 1;
                   }));
}

// A sensor too far from its ring hears nothing, some of it now and then, or leaves pulses out; a
// coil only gets weaker.
TEST_F(PriorOf, AGapIsHeardNeverAtTimesOrNearlyAlways) {
  makeActive();
  const auto hears = [&](Fault fault, double share) {
    return weight([&](const Hypothesis& h) {
      return h.fault == fault && h.steps == std::vector<double>{share};
    });
  };
  using priors::Id;
  for (const auto fault : {Fault::wideGap, Fault::debris}) {
    const double whole = weight("sensor", fault);
    ASSERT_GT(whole, 0);
    EXPECT_NEAR(hears(fault, 0) / whole, of(Id::gapHearsNever), 1e-9) << nameOf(fault);
    EXPECT_NEAR(hears(fault, 0.5) / whole, of(Id::gapHearsAtTimes), 1e-9) << nameOf(fault);
    EXPECT_NEAR(hears(fault, 1) / whole, 1 - of(Id::gapHearsNever) - of(Id::gapHearsAtTimes), 1e-9)
        << nameOf(fault);
  }
  EXPECT_NEAR(weight("sensor", Fault::debris) / weight("sensor", Fault::wideGap),
              of(Id::debris) / 2 / of(Id::wideGap), 1e-9);
}

}  // namespace
}  // namespace haybale::diagnosis
