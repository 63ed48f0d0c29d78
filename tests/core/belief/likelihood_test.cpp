// Each likelihood at its ends, and that what should be a probability is one. The density of an
// interval is held against SciPy's quadrature.
#include "core/belief/likelihood.h"

#include <array>
#include <cmath>
#include <cstdio>
#include <numbers>

#include "core/belief/ways_to_fail.h"
#include "support/likely_fixture.h"

namespace haybale::diagnosis {
namespace {

// What a one-liner of Python prints, as numbers.
std::vector<double> python(const std::string& code) {
  const std::string command = std::string(HAYBALE_PYTHON) + " -c '" + code + "'";
  std::vector<double> out;
  if (FILE* pipe = ::popen(command.c_str(), "r")) {
    double value = 0;
    while (std::fscanf(pipe, "%lf", &value) == 1) {
      out.push_back(value);
    }
    ::pclose(pipe);
  }
  return out;
}

TEST(IntervalDensity, IsTheNormalDensityAveragedOverIt) {
  struct Row {
    double x, low, high, spread;
  };
  constexpr std::array<Row, 6> kRows{{{0, -1, 1, 0.5},
                                      {2, -1, 1, 0.5},
                                      {0.3, 0, 4, 0.02},
                                      {-0.2, 0, 4, 0.1},
                                      {3, 1, 1.5, 2},
                                      {5, -3, 3, 0.4}}};
  std::string code = "from scipy.integrate import quad;from scipy.stats import norm;";
  for (const auto& r : kRows) {
    char line[200];
    std::snprintf(
        line, sizeof line,
        "print(quad(lambda m: norm.pdf(%.17g,m,%.17g),%.17g,%.17g,points=[%.17g])[0]/%.17g);", r.x,
        r.spread, r.low, r.high, std::min(std::max(r.x, r.low), r.high), r.high - r.low);
    code += line;
  }
  const auto scipy = python(code);
  ASSERT_EQ(scipy.size(), kRows.size());
  for (std::size_t i = 0; i < kRows.size(); ++i) {
    const auto& r = kRows[i];
    EXPECT_NEAR(intervalDensity(r.x, r.low, r.high, r.spread), scipy[i], 1e-7) << i;
    EXPECT_NEAR(intervalDensity(r.x, r.high, r.low, r.spread), scipy[i], 1e-7)
        << "either way round";
  }
}

TEST(IntervalDensity, ANarrowOneIsTheDensityOfItsMiddle) {
  for (const double x : {-1.0, 0.0, 0.4}) {
    EXPECT_NEAR(intervalDensity(x, 0.2, 0.2, 0.3), normalDensity(x - 0.2, 0.3), 1e-12);
    // Where it changes from one way of working it out to the other nothing jumps.
    EXPECT_NEAR(intervalDensity(x, 0.17, 0.2299, 0.3), intervalDensity(x, 0.17, 0.2301, 0.3),
                2e-3 * normalDensity(0, 0.3));
  }
}

TEST(Scale, DensitiesOfSlipsIntegrateToOne) {
  for (const auto kind : {circuit::TestKind::resistance, circuit::TestKind::dcVoltage,
                          circuit::TestKind::acVoltage}) {
    const Scale scale{kind, 40e6};
    const bool ohms = kind == circuit::TestKind::resistance;
    const double low = scale.at(0) - 1;
    const double high =
        ohms ? scale.at(INFINITY) + 1 : scale.at(0) + (scale.logarithmic() ? 2.5 : 15);
    const double step = 1e-3;
    double slips = 0;
    for (double x = low; x < high; x += step) {
      slips += scale.slipped(x) * step;
    }
    // The broad part is cut off at the ends of what is shown, by what was added to them here.
    const double beyond = (ohms ? 2 : 1) * scale.broad(0);
    EXPECT_NEAR(slips, 1, beyond + 0.02) << static_cast<int>(kind);
  }
}

TEST(Scale, OverloadIsTheTopOfTheMetersRange) {
  const Scale scale{circuit::TestKind::resistance, 40e6};
  EXPECT_DOUBLE_EQ(scale.at(INFINITY), scale.at(40e6));
  EXPECT_DOUBLE_EQ(scale.at(90e6), scale.at(40e6));
  EXPECT_LT(scale.at(39e6), scale.at(40e6));
  // Ohms of leads and contacts are one.
  EXPECT_LT(scale.at(0.5) - scale.at(0.1), 0.06);
  EXPECT_GT(scale.at(1100) - scale.at(110), 0.9);
}

// What varies by decades is compared by its logarithm, volts and currents as they are.
TEST(Scale, ADecadeIsADecadeWhereThereAreMany) {
  using circuit::TestKind;
  for (const auto kind :
       {TestKind::resistance, TestKind::loop, TestKind::acVoltage, TestKind::waveform}) {
    const Scale scale{kind, 40e6};
    EXPECT_TRUE(scale.logarithmic()) << static_cast<int>(kind);
    EXPECT_NEAR(scale.at(5000) - scale.at(500), 1, 0.01) << static_cast<int>(kind);
    EXPECT_LT(scale.spread(5000, 0), 0.2) << "a part of a decade";
  }
  for (const auto kind : {TestKind::dcVoltage, TestKind::current}) {
    const Scale scale{kind, 40e6};
    EXPECT_FALSE(scale.logarithmic());
    EXPECT_NEAR(scale.at(0.014) / scale.at(0.007), 2, 1e-9);
  }
}

// Beside the steps; on a step one eye in two sees the one, one the other.
TEST(Lamp, SeenAsItIsMoreOftenThanNot) {
  for (const auto lamp : {circuit::Lamp::bulb21W, circuit::Lamp::led}) {
    EXPECT_EQ(lampChance(lamp, std::nullopt, circuit::LampState::lit), 1);
    for (const double share : {0.0, 0.06, 0.6, 1.0}) {
      double sum = 0;
      double most = 0;
      for (const auto seen :
           {circuit::LampState::dark, circuit::LampState::dim, circuit::LampState::lit}) {
        sum += lampChance(lamp, share, seen);
        most = std::max(most, lampChance(lamp, share, seen));
      }
      EXPECT_GT(most, 0.5) << share;
      EXPECT_NEAR(sum, 1, 0.1) << share;
    }
  }
}

TEST(Lamp, OnAStepEyesDisagree) {
  const double step = circuit::lampSteps(circuit::Lamp::led).glows;
  EXPECT_NEAR(lampChance(circuit::Lamp::led, step, circuit::LampState::dark),
              lampChance(circuit::Lamp::led, step, circuit::LampState::dim), 0.01);
}

TEST_F(Likely, WhatIsSeenOfAPartIsOneOfAllThings) {
  for (const auto& h : waysToFail(c)) {
    const std::string at = h.element.empty() ? "L2" : h.element;
    double sum = 0;
    for (std::size_t s = 0; s < job::kSightNames.size(); ++s) {
      const double p = look(h, at, static_cast<job::Sight>(s));
      EXPECT_GT(p, 0) << nameOf(h.fault) << " " << job::kSightNames[s] << ": nothing is impossible";
      sum += p;
    }
    // Sights that no fault has at this part are given some thousandths each.
    EXPECT_NEAR(sum, 1, 0.25) << nameOf(h.fault) << " at " << at;
    EXPECT_NEAR(look(h, at, job::Sight::broken, true) + look(h, at, job::Sight::ok, true), 1,
                1e-12);
  }
}

TEST_F(Likely, ALookAtAnotherPartSaysNothingOfThisOne) {
  const Hypothesis here{Fault::open, "L2", circuit::WireId::a, 1, {1e9}};
  const Hypothesis there{Fault::open, "L1", circuit::WireId::a, 1, {1e9}};
  EXPECT_GT(look(here, "L2", job::Sight::broken), 5 * look(there, "L2", job::Sight::broken));
  EXPECT_EQ(look(there, "L2", job::Sight::ok), look(Hypothesis{}, "L2", job::Sight::ok));
}

TEST_F(Likely, AMarkOfTheRingIsFoundWhereItIsAndHardlyElsewhere) {
  const Hypothesis tooth{Fault::ringTooth, "ring", std::nullopt, 1, {0}};
  const Hypothesis crack{Fault::ringCracked, "ring", std::nullopt, 1, {0}};
  auto seen = sound();
  seen.ring = Fault::ringTooth;
  EXPECT_GT(waved(tooth, seen), 10 * waved(crack, seen));
  EXPECT_GT(waved(crack, seen), 10 * waved(Hypothesis{}, seen));
  EXPECT_LT(waved(tooth, sound()), 0.5 * waved(Hypothesis{}, sound()));
}

// A record of half a turn shows half the teeth: what it does not show may be on the other half.
TEST_F(Likely, AShortRecordAcquitsTheRingOfLittle) {
  const Hypothesis tooth{Fault::ringTooth, "ring", std::nullopt, 1, {0}};
  const auto odds = [&](std::size_t pulses) {
    return waved(tooth, sound(pulses)) / waved(Hypothesis{}, sound(pulses));
  };
  EXPECT_GT(odds(20), odds(48));
  EXPECT_GT(odds(48), odds(150));
  EXPECT_GT(odds(10), 0.8);
  // Seen once in less than a turn it was seen all the same.
  auto seen = sound(40);
  seen.ring = Fault::ringTooth;
  EXPECT_GT(waved(tooth, seen), 20 * waved(Hypothesis{}, seen));
}

TEST_F(Likely, AWeakWheelIsLikeliestWhereItsOutputIs) {
  const Hypothesis gap{Fault::wideGap, "sensor", std::nullopt, 1, {0.1, 0.8}};
  TraceFacts weak = sound();
  weak.outputRatio = 0.3;
  double best = 0;
  double at = 0;
  for (double left = 0.05; left <= 1; left += 0.05) {
    if (const double p = waved(gap, weak, left); p > best) {
      best = p;
      at = left;
    }
  }
  EXPECT_NEAR(at, 0.3, 0.051);
  EXPECT_GT(best, 5 * waved(Hypothesis{}, weak));
}

TEST_F(Likely, AFlatTraceIsABrokenLineOrADeadSensor) {
  TraceFacts flat;
  flat.flat = true;
  const double dead = waved({Fault::sensorDead, "sensor", std::nullopt, 1, {0}}, flat, 0);
  const double open = waved({Fault::open, "L2", circuit::WireId::a, 1, {1e9}}, flat, 1e9);
  const double none = waved(Hypothesis{}, flat);
  EXPECT_GT(dead, 20 * none);
  EXPECT_GT(open, 20 * none);
}

TEST_F(Likely, OfCodesThatTheModuleSetsTheLikeliestIsTheRightOne) {
  auto t = test(circuit::TestKind::codes);
  const auto chance = [&](const Hypothesis& h, double severity, std::optional<job::CodeType> type) {
    job::Reading r;
    r.codes = std::vector<job::Code>{};
    if (type) {
      r.codes->push_back({"RR", *type, {}});
    }
    return model_.codes(t, r, worldOf(h, severity, values_), values_);
  };
  const Hypothesis open{Fault::open, "L2", circuit::WireId::a, 1, {1e9}};
  const Hypothesis ground{Fault::shortToGround, "L2", circuit::WireId::a, 1, {0.2}};
  EXPECT_GT(chance(open, 1e9, job::CodeType::open), chance(open, 1e9, std::nullopt));
  EXPECT_GT(chance(open, 1e9, job::CodeType::open), 5 * chance(ground, 0.2, job::CodeType::open));
  EXPECT_GT(chance(ground, 0.2, job::CodeType::shortGround),
            5 * chance(open, 1e9, job::CodeType::shortGround));
  EXPECT_GT(chance(Hypothesis{}, 0, std::nullopt), 0.7);
}

// What lies beyond all that the sensor gives is a wire's, and no absent tooth's and no weak
// wheel's; what lies within may be any of them.
TEST_F(Likely, ALineThatPartsBeyondTheSignalIsAWires) {
  const Hypothesis strand{Fault::intermittentOpen, "L2", circuit::WireId::a, 1, {1e9}};
  const Hypothesis tooth{Fault::ringTooth, "ring", std::nullopt, 1, {0}};
  const Hypothesis gap{Fault::wideGap, "sensor", std::nullopt, 1, {0.1, 0.8}};
  auto parts = sound(60);
  parts.opens = true;
  const auto against = [&](const Hypothesis& h, double severity) {
    return waved(strand, parts, 1e9) / waved(h, parts, severity);
  };
  const double teeth = against(tooth, 0);
  const double weak = against(gap, 0.3);
  parts.opensBeyond = true;
  EXPECT_GT(against(tooth, 0), 3 * teeth);
  EXPECT_GT(against(gap, 0.3), 10 * weak);
  EXPECT_GT(against(Hypothesis{}, 0), 100);
}

// On a lift a free differential turns one wheel and not the other: a sound one shows nothing, and
// gets its code; on the road it does not.
TEST_F(Likely, ACodeOnTheLiftIsOfNoCircuit) {
  auto t = test(circuit::TestKind::codes);
  t.state.wheel = circuit::WheelMotion::driven;
  job::Reading silent;
  silent.codes = std::vector<job::Code>{{"RR", job::CodeType::noSignal, {}}};
  const double road = model_.codes(t, silent, World{}, values_);
  auto lifted = c;
  lifted.complaint.lift = true;
  const Vehicle onStands(lifted);
  EXPECT_TRUE(onStands.turnsFreely(t.state));
  EXPECT_FALSE(vehicle_.turnsFreely(t.state));
  EXPECT_GT(ReadingModel(onStands).codes(t, silent, World{}, values_), 10 * road);
  t.state.wheel = circuit::WheelMotion::spun;
  EXPECT_FALSE(onStands.turnsFreely(t.state)) << "by hand the wheel is the one that was turned";
}

// Where no volts are expected none are uncertain: that the bias of an unknown car may be three
// volts or five says nothing against a dead line that reads nothing.
TEST(Spread, OfVoltsGoesWithTheVolts) {
  const Spread volts{0.03, 0.8, 4};
  EXPECT_NEAR(volts.at(4), std::hypot(0.03, 0.8), 1e-12);
  EXPECT_NEAR(volts.at(0), 0.03, 1e-12);
  EXPECT_NEAR(volts.at(-2), std::hypot(0.03, 0.4), 1e-12);
  EXPECT_EQ(volts.at(40), volts.at(4)) << "and no more than that";
  double before = 0;
  for (double v = 0; v < 6; v += 0.25) {
    EXPECT_GE(volts.at(v), before);
    before = volts.at(v);
  }
  const Spread decades{0.03, 0.2, 0};
  EXPECT_EQ(decades.at(0), decades.at(5)) << "ohms differ in decades, wherever they are";
}

TEST_F(Likely, SteelAcrossTheTipMovesASoundCoilAndNoDeadOne) {
  job::Reading swings;
  swings.swings = true;
  job::Reading still;
  still.swings = false;
  const Hypothesis dead{Fault::sensorDead, "sensor", std::nullopt, 1, {0}};
  for (const auto& h : {Hypothesis{}, dead}) {
    EXPECT_NEAR(model_.benchSensor(swings, h, 0) + model_.benchSensor(still, h, 0), 1, 1e-12);
  }
  EXPECT_GT(model_.benchSensor(swings, Hypothesis{}, 0), 0.7);
  EXPECT_LT(model_.benchSensor(swings, dead, 0), 0.2);
  // The fewer turns a coil has left, the less it swings; without any it is as good as parted.
  const Hypothesis shorted{Fault::sensorShorted, "sensor", std::nullopt, 1, {0.5, 800}};
  const Hypothesis parted{Fault::sensorOpen, "sensor", std::nullopt, 1, {1e9}};
  EXPECT_EQ(model_.benchSensor(swings, shorted, 2), model_.benchSensor(swings, parted, 1e9));
  EXPECT_LT(model_.benchSensor(swings, shorted, 2), model_.benchSensor(swings, shorted, 100));
  EXPECT_LT(model_.benchSensor(swings, shorted, 100), model_.benchSensor(swings, shorted, 500));
  EXPECT_LT(model_.benchSensor(swings, shorted, 500), model_.benchSensor(swings, {}, 0));
}

TEST_F(Likely, ABrokenStrandMovesWhereItIsBent) {
  auto t = test(circuit::TestKind::wiggle);
  t.red = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::a};
  t.black = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::b};
  t.state.unplugged = {"module"};
  t.state.key = circuit::Key::off;
  const Hypothesis strand{Fault::intermittentOpen, "L2", circuit::WireId::a, 1, {1e6}};
  const auto reacts = [&](const std::string& moved, const Hypothesis& h) {
    t.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, moved};
    job::Reading r;
    r.reacts = true;
    job::Reading stays;
    stays.reacts = false;
    const double p = model_.wiggle(t, r, h, h.steps.front(), values_);
    EXPECT_NEAR(p + model_.wiggle(t, stays, h, h.steps.front(), values_), 1, 1e-12);
    return p;
  };
  EXPECT_GT(reacts("L2", strand), 3 * reacts("L1", strand));
  EXPECT_GT(reacts("L2", strand), 10 * reacts("L2", Hypothesis{}));
}

// With the line apart at a plug and the whole loom moved only the side that is watched jumps: a
// strand is halved as a break is (common practice, no source).
TEST_F(Likely, ABrokenStrandIsHalvedAtAPlug) {
  auto t = test(circuit::TestKind::wiggle);
  t.state.unplugged = {"C1"};
  t.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, ""};
  const auto reacts = [&](circuit::Place::Kind side, const char* element) {
    const circuit::Place place{side, "C1"};
    t.red = circuit::Probe{place, circuit::WireId::a};
    t.black = circuit::Probe{place, circuit::WireId::b};
    t.state.key = side == circuit::Place::Kind::moduleSide ? circuit::Key::on : circuit::Key::off;
    const Hypothesis strand{Fault::intermittentOpen, element, circuit::WireId::a, 1, {1e9}};
    job::Reading r;
    r.reacts = true;
    return model_.wiggle(t, r, strand, strand.steps.front(), values_);
  };
  using Kind = circuit::Place::Kind;
  EXPECT_GT(reacts(Kind::moduleSide, "L1"), 10 * reacts(Kind::moduleSide, "L2"));
  EXPECT_GT(reacts(Kind::wheelSide, "L2"), 10 * reacts(Kind::wheelSide, "L1"));
  EXPECT_GT(reacts(Kind::wheelSide, "C2"), 10 * reacts(Kind::wheelSide, "L1"));
  // What lets go in the plug itself is not in the circuit while it is apart.
  EXPECT_LT(reacts(Kind::wheelSide, "C1"), 0.1);
  EXPECT_LT(reacts(Kind::moduleSide, "C1"), 0.1);
}

// Who puts a doubt on each family keeps it a doubt.
TEST(Doubt, OfEachFamilyIsSmallAndNotNothing) {
  for (std::size_t f = 0; f < kFamilies; ++f) {
    const double doubt = doubtOf(static_cast<Family>(f));
    EXPECT_GT(doubt, 0.001) << f;
    EXPECT_LT(doubt, 0.2) << f;
  }
}

// The less a leak conducts the more it is water and no copper, and the more warm air says of it
// (common practice, no source: a strand touches with a few ohms, a film of salt water conducts with
// hundreds and more).
TEST(Water, IsLikelierTheLessALeakConducts) {
  double before = 0;
  for (const double ohm : {1.0, 20.0, 100.0, 300.0, 800.0, 1e4, 1e6}) {
    const double share = waterShare(Fault::leak, ohm);
    EXPECT_GT(share, before) << ohm;
    EXPECT_EQ(share, waterShare(Fault::wiresTouching, ohm));
    EXPECT_EQ(waterShare(Fault::shortToGround, ohm), 0);
    before = share;
  }
  EXPECT_LT(waterShare(Fault::leak, 5), 0.05);
  EXPECT_NEAR(waterShare(Fault::leak, priors::of(priors::Id::crustHalfOhm)), 0.5, 1e-9);
  EXPECT_GT(waterShare(Fault::leak, 4 * priors::of(priors::Id::crustHalfOhm)), 0.89);
  EXPECT_EQ(waterShare(Fault::leak, 0), 0);
}

// Salt water runs to what lies beside it, and no further (common practice, no source).
TEST_F(Likely, ASprayReachesTheNextPartAndNotTheOneBehindIt) {
  const auto& line = *c.find("RR");
  Hypothesis h;
  h.fault = Fault::leak;
  h.element = "C2";
  h.needs = Hypothesis::Needs::water;
  const auto shows = [&](const std::string& at) {
    circuit::CarState state;
    state.disturb = circuit::Disturb{circuit::DisturbKind::wet, at};
    return showsIn(h, state, line);
  };
  EXPECT_GT(shows("C2"), shows("L2"));
  EXPECT_EQ(shows("L2"), shows("sensor"));
  EXPECT_GT(shows("L2"), shows("C1"));
  EXPECT_EQ(shows("C1"), shows("module"));
  EXPECT_EQ(shows("C1"), showsIn(h, {}, line)) << "as if nothing was wetted";
  EXPECT_GT(shows(""), shows("C1")) << "the whole loom";
}

}  // namespace
}  // namespace haybale::diagnosis
