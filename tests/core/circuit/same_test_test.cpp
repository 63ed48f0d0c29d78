// When two tests would read the same thing.
#include <functional>

#include "core/circuit/test.h"
#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

// Ohms of the pair at the module's plug, key off, the plug and C2 apart.
circuit::Test pairOhms() {
  circuit::Test t;
  t.circuit = "RR";
  t.red = Probe{{Place::Kind::modulePlug, "module"}, WireId::a};
  t.black = Probe{{Place::Kind::modulePlug, "module"}, WireId::b};
  t.state.key = Key::off;
  t.state.unplugged = {"module", "C2"};
  return t;
}

TEST(SameTest, WhateverTheOrderItsPlugsWerePulledIn) {
  auto other = pairOhms();
  other.state.unplugged = {"C2", "module"};
  EXPECT_TRUE(sameTest(pairOhms(), other));
}

TEST(SameTest, ALeadLeftAwayMeansGround) {
  auto toGround = pairOhms();
  toGround.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
  auto left = pairOhms();
  left.black.reset();
  EXPECT_TRUE(sameTest(toGround, left));
  EXPECT_FALSE(sameTest(pairOhms(), left));
}

TEST(SameTest, HowTheMeterIsSetDoesNotCount) {
  auto other = pairOhms();
  other.highestRange = true;
  other.inputOhm = 1e7;
  other.meterName = "the red one";
  EXPECT_TRUE(sameTest(pairOhms(), other));
}

TEST(SameTest, ASignalOfAnotherFrequencyIsTheSameOneElsewhereIsNot) {
  auto fed = pairOhms();
  fed.kind = TestKind::liveSpeed;
  fed.state.inject = Inject{{Place::Kind::modulePins, "module"}, 137, 2};
  auto other = fed;
  other.state.inject->hz = 80;
  EXPECT_TRUE(sameTest(fed, other));
  other.state.inject->place = {Place::Kind::moduleSide, "C2"};
  EXPECT_FALSE(sameTest(fed, other));
}

// Leads matter where something is measured with them, and not where nothing is touched.
TEST(SameTest, LeadsCountWhereTheyAreUsed) {
  for (const auto kind : {TestKind::resistance, TestKind::dcVoltage, TestKind::acVoltage,
                          TestKind::lamp, TestKind::loop, TestKind::waveform, TestKind::wiggle}) {
    auto one = pairOhms();
    one.kind = kind;
    for (const bool red : {true, false}) {
      auto other = one;
      (red ? other.red : other.black)->wire = WireId::c;
      EXPECT_FALSE(sameTest(one, other)) << static_cast<int>(kind) << red;
    }
  }
  for (const auto kind : {TestKind::codes, TestKind::liveSpeed, TestKind::inspect}) {
    auto one = pairOhms();
    one.kind = kind;
    auto other = one;
    other.red.reset();
    EXPECT_TRUE(sameTest(one, other)) << static_cast<int>(kind);
  }
}

// Each of these alone makes it another test.
TEST(SameTest, OneThingElseIsAnotherTest) {
  const std::vector<std::function<void(circuit::Test&)>> changes{
      [](circuit::Test& t) { t.kind = TestKind::loop; },
      [](circuit::Test& t) { t.circuit = "RL"; },
      [](circuit::Test& t) { t.looked = "ring"; },
      [](circuit::Test& t) { t.state.key = Key::on; },
      [](circuit::Test& t) { t.state.wheel = WheelMotion::spun; },
      [](circuit::Test& t) { t.state.unplugged = {"module"}; },
      [](circuit::Test& t) {
        t.state.jumper = Place{Place::Kind::moduleSide, "C2"};
      },
      [](circuit::Test& t) {
        t.state.swap = Swap{"RL", "RR"};
      },
      [](circuit::Test& t) {
        t.state.inject = Inject{{Place::Kind::modulePins, "module"}, 137, 2};
      },
      [](circuit::Test& t) {
        t.state.disturb = Disturb{DisturbKind::wet, "C2"};
      }};
  for (std::size_t i = 0; i < changes.size(); ++i) {
    auto other = pairOhms();
    changes[i](other);
    EXPECT_FALSE(sameTest(pairOhms(), other)) << "change " << i;
    EXPECT_FALSE(sameTest(other, pairOhms())) << "change " << i;
    EXPECT_TRUE(sameTest(other, other)) << "change " << i;
  }
}

}  // namespace
}  // namespace haybale::circuit
