// What the module says of its wheels, in codes and in speeds: by the table of priors, worked out
// here on their own. Common practice, no source.
#include <cmath>

#include "core/priors/priors.h"
#include "support/likely_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::WheelMotion;
using job::CodeType;
using priors::Id;
using priors::of;

class ModuleWords : public Likely {
 protected:
  // Of a module that has read all four: these codes and no others.
  [[nodiscard]] double said(const Hypothesis& h, double severity, WheelMotion wheel,
                            std::vector<std::pair<const char*, CodeType>> list,
                            std::optional<double> kmh = std::nullopt) const {
    auto t = test(circuit::TestKind::codes);
    t.state.wheel = wheel;
    t.state.speedKmh = kmh;
    job::Reading r;
    r.codes.emplace();
    for (const auto& [name, type] : list) {
      r.codes->push_back({name, type, {}});
    }
    return model_.codes(t, r, worldOf(h, severity, values_), values_);
  }
  [[nodiscard]] double of1(const Hypothesis& h, WheelMotion wheel, CodeType type,
                           std::optional<double> kmh = std::nullopt) const {
    return said(h, h.steps.front(), wheel, {{"RR", type}}, kmh);
  }
  [[nodiscard]] double shown(const Hypothesis& h, double severity, WheelMotion wheel,
                             std::vector<std::pair<std::string, double>> kmh,
                             std::optional<double> driven = std::nullopt) const {
    auto t = test(circuit::TestKind::liveSpeed);
    t.state.wheel = wheel;
    t.state.speedKmh = driven;
    job::Reading r;
    r.kmh = std::move(kmh);
    return model_.liveSpeed(t, r, worldOf(h, severity, values_), values_);
  }

  const Hypothesis none_{Fault::none, "", std::nullopt, 1, {0}};
  const Hypothesis open_{Fault::open, "L2", circuit::WireId::a, 1, {1e9}};
  const Hypothesis ground_{Fault::shortToGround, "L2", circuit::WireId::a, 1, {0.2}};
  const Hypothesis dead_{Fault::sensorDead, "sensor", std::nullopt, 1, {0}};
  const Hypothesis tooth_{Fault::ringTooth, "ring", std::nullopt, 1, {0}};
  const Hypothesis crack_{Fault::ringCracked, "ring", std::nullopt, 1, {0}};
  const Hypothesis count_{Fault::ringWrongCount, "ring", std::nullopt, 1, {0.8}};
};

// All that may be said of one wheel together is what the others' silence leaves.
TEST_F(ModuleWords, OfOneWheelAreOneOfAllThatMayBeSaid) {
  const double others = std::pow(1 - of(Id::peerFaulty) - of(Id::monitorFalse), 3);
  for (const auto& h : {none_, open_, ground_, dead_, tooth_, count_}) {
    for (const auto wheel : {WheelMotion::still, WheelMotion::spun, WheelMotion::driven}) {
      double sum = said(h, h.steps.front(), wheel, {});
      for (std::size_t k = 0; k < job::kCodeTypeNames.size(); ++k) {
        const double p = of1(h, wheel, static_cast<CodeType>(k));
        EXPECT_GT(p, 0) << nameOf(h.fault) << ": nothing is impossible";
        sum += p;
      }
      EXPECT_NEAR(sum / others, 1, 1e-9) << nameOf(h.fault);
    }
  }
}

// A standing check names what it sees, or that it is one of two; how often it calls it silent.
TEST_F(ModuleWords, NameAnOpenAndAShortAsModulesDo) {
  const auto still = WheelMotion::still;
  EXPECT_NEAR(of1(open_, still, CodeType::open) / of1(open_, still, CodeType::openOrShort),
              0.72 / 0.2, 0.05);
  EXPECT_NEAR(of1(open_, still, CodeType::openOrShort) / of1(open_, still, CodeType::noSignal), 4,
              0.1);
  EXPECT_NEAR(of1(ground_, still, CodeType::shortGround) / of1(open_, still, CodeType::open), 1,
              0.1);
  EXPECT_GT(of1(open_, still, CodeType::open), 0.5);
  EXPECT_LT(of1(dead_, still, CodeType::noSignal), 0.02) << "its coil measures right";
}

// A signal that is missing is said on the road nearly always, by hand half the time.
TEST_F(ModuleWords, OfAMissingSignalComeWithTheSpeed) {
  const double road = of1(dead_, WheelMotion::driven, CodeType::noSignal);
  EXPECT_NEAR(road / of1(dead_, WheelMotion::spun, CodeType::noSignal),
              of(Id::monitorSetsMoving) / of(Id::monitorSetsSlow), 0.05);
  EXPECT_NEAR(of1(dead_, WheelMotion::driven, CodeType::noSignal, 11),
              of1(dead_, WheelMotion::spun, CodeType::noSignal), 0.02)
      << "at walking pace as by hand";
  EXPECT_GT(road, 5 * of1(dead_, WheelMotion::driven, CodeType::erratic));
}

// A tooth or a crack is erratic, a wrong count implausible; a split ring may stand on its seat.
TEST_F(ModuleWords, OfTheRingGoByWhatIsWrongWithIt) {
  const auto road = WheelMotion::driven;
  EXPECT_NEAR(of1(tooth_, road, CodeType::erratic) / of1(tooth_, road, CodeType::implausible),
              0.83 / 0.12, 0.2);
  EXPECT_GT(of1(count_, road, CodeType::implausible), 6 * of1(count_, road, CodeType::erratic));
  EXPECT_NEAR(
      of1(tooth_, road, CodeType::erratic) / of1(tooth_, WheelMotion::spun, CodeType::erratic),
      of(Id::monitorRingSets) / of(Id::monitorRingSetsSlow), 0.3);
  EXPECT_NEAR(of1(crack_, road, CodeType::erratic) / of1(tooth_, road, CodeType::erratic),
              1 - of(Id::monitorCrackedSilent), 0.01);
  EXPECT_GT(of1(crack_, road, CodeType::noSignal), 5 * of1(tooth_, road, CodeType::noSignal));
  EXPECT_LT(of1(tooth_, WheelMotion::still, CodeType::erratic), 0.02) << "nothing turns";
}

// A tyre of another size is found implausible, and only on the road.
TEST_F(ModuleWords, OfATyreAreThatItCannotBe) {
  const Hypothesis tyre{Fault::wrongTyre, "", std::nullopt, 1, {0.93}};
  const double road = of1(tyre, WheelMotion::driven, CodeType::implausible);
  EXPECT_NEAR(road / said(none_, 0, WheelMotion::driven, {}), of(Id::monitorTyreSets), 0.03);
  EXPECT_LT(of1(tyre, WheelMotion::spun, CodeType::implausible), 0.02);
}

// A wheel that is not in question is faulty in a few of a hundred.
TEST_F(ModuleWords, OfAnotherWheelAreRare) {
  const double faulty = of(Id::peerFaulty) + of(Id::monitorFalse);
  const std::string other = c.circuits.front().name;
  ASSERT_NE(other, "RR");
  const double both = said(open_, 1e9, WheelMotion::still,
                           {{"RR", CodeType::open}, {other.c_str(), CodeType::noSignal}});
  const double one = said(open_, 1e9, WheelMotion::still, {{"RR", CodeType::open}});
  EXPECT_NEAR(both / one, faulty / 3 / (1 - faulty), 1e-9);
}

// Only ratios tell on the road: it is the wheels that say how fast it went, not the one who drove.
TEST_F(ModuleWords, OfSpeedAreComparedWithTheOtherWheels) {
  const auto road = WheelMotion::driven;
  const auto all = [&](double own, double others, std::optional<double> told = std::nullopt) {
    std::vector<std::pair<std::string, double>> kmh;
    for (const auto& circuit : c.circuits) {
      kmh.emplace_back(circuit.name, circuit.name == "RR" ? own : others);
    }
    return std::pair{shown(none_, 0, road, kmh, told), shown(count_, 0.8, road, kmh, told)};
  };
  const auto at30 = all(30, 30);
  const auto at60 = all(60, 60);
  EXPECT_NEAR(at60.first / at30.first, 1, 1e-9);
  EXPECT_NEAR(all(60, 60, 30).first / at30.first, 1, 1e-9) << "whatever was asked for";
  // The others agree: the middle one counts, and one that is out leaves the ratio as it was.
  std::vector<std::pair<std::string, double>> oneOut;
  for (const auto& circuit : c.circuits) {
    oneOut.emplace_back(circuit.name, 30);
  }
  const double even = shown(count_, 0.8, road, oneOut) / shown(none_, 0, road, oneOut);
  (oneOut.front().first == "RR" ? oneOut[1] : oneOut.front()).second = 44;
  EXPECT_NEAR(shown(count_, 0.8, road, oneOut) / shown(none_, 0, road, oneOut) / even, 1, 1e-6);
  // A ring of other teeth shows the road in proportion.
  EXPECT_GT(all(24, 30).second, 100 * all(24, 30).first);
  EXPECT_LT(all(30, 30).second, 0.01 * all(30, 30).first);
}

// By the normal law about the right ratio, five hundredths of the scale a step; a signal that does
// not follow shows nothing.
TEST_F(ModuleWords, OfSpeedFollowTheNormalLaw) {
  const auto road = WheelMotion::driven;
  const auto at = [&](const Hypothesis& h, double own) {
    std::vector<std::pair<std::string, double>> kmh;
    for (const auto& circuit : c.circuits) {
      kmh.emplace_back(circuit.name, circuit.name == "RR" ? own : 30.0);
    }
    return shown(h, h.steps.front(), road, kmh);
  };
  const double spread = of(Id::speedDrivenSpread);
  const auto law = [&](double ratio) {
    const double z = (ratio - 1) / spread;
    return std::exp(-0.5 * z * z);
  };
  // Beside the middle, where a probability is no more than 1.
  EXPECT_NEAR(at(none_, 31.2) / at(none_, 30.9) / (law(1.04) / law(1.03)), 1, 0.03);
  EXPECT_NEAR(at(none_, 29.1) / at(none_, 30.9), 1, 1e-6);
  EXPECT_LE(at(none_, 30), 1);
  EXPECT_GT(at(dead_, 0), 30 * at(none_, 0));
  EXPECT_GT(at(none_, 30), 30 * at(dead_, 30));
}

// On the road no speed at all is no signal; a wheel spun by hand may be too slow for the module
// (common practice, no source).
TEST_F(ModuleWords, OfNoSpeedWeighMoreOnTheRoad) {
  const auto nothing = [&](const Hypothesis& h, WheelMotion wheel) {
    std::vector<std::pair<std::string, double>> kmh;
    for (const auto& circuit : c.circuits) {
      kmh.emplace_back(circuit.name, circuit.name == "RR"           ? 0.0
                                     : wheel == WheelMotion::driven ? 30.0
                                                                    : 0.0);
    }
    return shown(h, h.steps.front(), wheel, kmh);
  };
  const auto odds = [&](WheelMotion wheel) {
    return nothing(dead_, wheel) / nothing(none_, wheel);
  };
  EXPECT_GT(odds(WheelMotion::driven), 100);
  EXPECT_GT(odds(WheelMotion::driven), 2 * odds(WheelMotion::spun));
}

// The wheel that is turned by hand shows, and no other does.
TEST_F(ModuleWords, OfAWheelTurnedByHandAreOfThatOne) {
  const std::string other = c.circuits.front().name;
  ASSERT_NE(other, "RR");
  const auto moves = [&](double own, double its) {
    return shown(none_, 0, WheelMotion::spun, {{"RR", own}, {other, its}});
  };
  EXPECT_NEAR(moves(5, 4) / moves(5, 0), 0.05 / 0.95, 1e-6) << "through the differential";
  EXPECT_NEAR(moves(0, 4) / moves(0, 0), of(Id::speedStray) / (1 - of(Id::speedStray)), 1e-6);
}

}  // namespace
}  // namespace haybale::diagnosis
