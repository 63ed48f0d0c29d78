// What may be asked at all: with the tools there are, by the ways of touching that are allowed,
// each once, each meaning something.
#include "core/plan/test_list.h"

#include <set>

#include "core/evidence/void_setup.h"
#include "core/plan/good_wheel.h"
#include "core/plan/test_effort.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::SensorKind;
using circuit::TestKind;

class TestList : public Job {
 protected:
  [[nodiscard]] std::size_t count(TestKind k) const {
    const auto all = possibleTests(c);
    return static_cast<std::size_t>(
        std::count_if(all.begin(), all.end(), [&](const auto& t) { return t.kind == k; }));
  }
};

TEST_F(TestList, HoldsNothingTwiceAndNothingThatMeansNothing) {
  for (const auto k : {SensorKind::passive, SensorKind::active, SensorKind::hall,
                       SensorKind::activePwm, SensorKind::unknown}) {
    kind(k);
    const auto all = possibleTests(c);
    EXPECT_GT(all.size(), 30U);
    for (std::size_t i = 0; i < all.size(); ++i) {
      EXPECT_EQ(all[i].circuit, "RR");
      EXPECT_TRUE(permitted(c, *c.find("RR"), all[i]));
      for (std::size_t j = i + 1; j < all.size(); ++j) {
        EXPECT_FALSE(circuit::sameTest(all[i], all[j])) << i << " " << j;
      }
    }
  }
}

TEST_F(TestList, OfACoilHasOhmsAndOfAnActiveSensorHasNone) {
  kind(SensorKind::passive);
  EXPECT_GT(count(TestKind::acVoltage), 0U);
  EXPECT_GT(count(TestKind::resistance), 4U);
  kind(SensorKind::active);
  EXPECT_EQ(count(TestKind::acVoltage), 0U);
}

// Two wires to a coil or a current sensor, a supply beside them to a Hall sensor.
TEST_F(TestList, EveryWireThereIsAndNoOther) {
  for (const auto k : {SensorKind::passive, SensorKind::active, SensorKind::hall}) {
    kind(k);
    std::set<circuit::WireId> touched;
    for (const auto& t : possibleTests(c)) {
      if (t.red && t.red->wire && t.red->place.kind == circuit::Place::Kind::modulePlug) {
        touched.insert(*t.red->wire);
      }
    }
    EXPECT_EQ(touched.size(), k == SensorKind::hall ? 3U : 2U) << static_cast<int>(k);
    EXPECT_EQ(touched.contains(circuit::WireId::c), k == SensorKind::hall);
  }
}

// The whole loom moved, watched from a plug that is apart: volts of the module's side with every
// sensor, ohms of the wheel's where it is a coil.
TEST_F(TestList, HalvesAtEveryPlugWhatComesAndGoes) {
  for (const auto k : {SensorKind::passive, SensorKind::active}) {
    kind(k);
    std::multiset<std::string> volts, ohms;
    for (const auto& t : possibleTests(c)) {
      const bool whole = t.kind == TestKind::wiggle && t.state.disturb &&
                         t.state.disturb->element.empty() && t.red &&
                         t.state.isUnplugged(t.red->place.element);
      if (whole && t.red->place.kind == circuit::Place::Kind::moduleSide) {
        EXPECT_EQ(t.state.key, circuit::Key::on);
        volts.insert(t.red->place.element);
      } else if (whole && t.red->place.kind == circuit::Place::Kind::wheelSide) {
        EXPECT_EQ(t.state.key, circuit::Key::off);
        ohms.insert(t.red->place.element);
      }
    }
    const std::multiset<std::string> plugs{"C1", "C2"};
    EXPECT_EQ(volts, plugs);
    EXPECT_EQ(ohms, k == SensorKind::passive ? plugs : std::multiset<std::string>{});
  }
}

TEST_F(TestList, IsThatOfTheTools) {
  kind(SensorKind::passive);
  const auto with = possibleTests(c).size();
  c.toolbox = {"multimeter"};
  EXPECT_LT(possibleTests(c).size(), with);
  EXPECT_EQ(count(TestKind::waveform), 0U);
  EXPECT_EQ(count(TestKind::codes), 0U);
  EXPECT_GT(count(TestKind::resistance), 0U);
  c.toolbox = {};
  for (const auto& t : possibleTests(c)) {
    EXPECT_EQ(t.kind, TestKind::inspect) << "eyes and hands alone";
  }
}

TEST_F(TestList, TheGoodWheelIsReadWhereItsPartIs) {
  for (const auto k : {SensorKind::passive, SensorKind::active, SensorKind::hall}) {
    kind(k);
    const auto all = testsOnGoodWheel(c);
    ASSERT_FALSE(all.empty());
    for (const auto& t : all) {
      EXPECT_NE(t.circuit, "RR");
      EXPECT_FALSE(isVoid(*c.find(t.circuit), t));
      EXPECT_TRUE(permitted(c, *c.find(t.circuit), t));
    }
  }
}

TEST_F(TestList, WithNoOtherWheelThereIsNoGoodOne) {
  kind(SensorKind::passive);
  std::erase_if(c.circuits, [](const auto& x) { return x.name != "RR"; });
  EXPECT_TRUE(testsOnGoodWheel(c).empty());
}

// The more a place is laid bare the cheaper the next test there (common practice, no source).
TEST_F(TestList, WhatLiesBareIsCheaper) {
  kind(SensorKind::passive);
  reading("RR", "C2.w pair 1100 unplugged");
  const auto there = c.evidence.back().test;
  const double after = minutesOf(c, there);
  c.evidence.clear();
  EXPECT_LT(after, minutesOf(c, there));
  for (const auto& [place, minutes] : laysBare(c, there)) {
    EXPECT_NE(place.find("C2"), std::string::npos);
    EXPECT_GT(minutes, 0);
  }
}

}  // namespace
}  // namespace haybale::diagnosis
