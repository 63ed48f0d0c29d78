#include "core/verdict/profile.h"

#include <cmath>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class ProfileOf : public Job {
 protected:
  [[nodiscard]] Profile profile() {
    const auto a = assessed();
    return profileOf(c, c.evidence.back().test, a.views, a.knowledge).value();
  }
};

// "Voltage here, none there" brackets the break (common practice, no source).
TEST_F(ProfileOf, TheCliffStandsBetweenVoltageHereAndNoneThere) {
  reading("RL", "C2 a gnd 4.98V unplugged");
  reading("RR", "module a gnd dc 4.97V key on unplugged C2");
  reading("RR", "C1 a gnd 4.97V unplugged");
  reading("RR", "C2 a gnd 0.02V unplugged");
  const auto p = profile();
  ASSERT_TRUE(p.cliff);
  EXPECT_EQ(p.readings[p.cliff->from].place.element, "C1");
  EXPECT_EQ(p.readings[p.cliff->to].place.element, "C2");
  EXPECT_NEAR(*p.cliff->lengthM, 0.8, 1e-9);
  EXPECT_EQ(p.cliff->text, "the cliff: between C1, module half and C2, module half, 0.8 m");
  EXPECT_EQ(std::count_if(p.readings.begin(), p.readings.end(), [](auto& r) { return r.peer; }), 1);
  for (const auto& point : p.points) {
    EXPECT_NEAR(point.expected.nominal, 4.98, 0.05) << toText(point.place);
  }
}

TEST_F(ProfileOf, ReadingsUnderAnotherLoadAreLeftOut) {
  reading("RR", "C1 a gnd 0.5V plugged dc key on");
  reading("RR", "C2 a gnd 4.98V unplugged");
  const auto p = profile();
  EXPECT_EQ(p.readings.size(), 1U);
  EXPECT_FALSE(p.cliff);
}

TEST_F(ProfileOf, OhmsTowardsTheWheelFallFromOpenToTheCoil) {
  reading("RR", "module pair OL");
  reading("RR", "C1.w pair OL unplugged");
  reading("RR", "C2.w pair 1.12k unplugged");
  const auto p = profile();
  ASSERT_TRUE(p.cliff);
  EXPECT_EQ(p.readings[p.cliff->from].place.element, "C1");
  EXPECT_EQ(p.readings[p.cliff->to].place.element, "C2");
}

TEST_F(ProfileOf, ASoundLineHasNoCliff) {
  reading("RL", "C2 a gnd 4.98V unplugged");
  reading("RR", "C1 a gnd 4.97V unplugged");
  reading("RR", "C2 a gnd 4.96V unplugged");
  EXPECT_FALSE(profile().cliff);
}

TEST_F(ProfileOf, TracesLampsAndLoopsHaveNone) {
  trace("RR", 2.0, 8);
  const auto a = assessed();
  EXPECT_FALSE(profileOf(c, c.evidence.back().test, a.views, a.knowledge));
}

// --- traps, as the trade tells them (trade facts, common practice, no source)

[[nodiscard]] bool has(const ReadingView& view, TrapKind kind) {
  return std::any_of(view.traps.begin(), view.traps.end(),
                     [&](const Trap& t) { return t.kind == kind; });
}

TEST_F(ProfileOf, TrapsAreFoundWhereTheyLie) {
  reading("RL", "C2 a gnd 4.98V unplugged");
  reading("RL", "module a gnd 0.50V plugged dc key on");
  reading("RL", "module pair 1.12k");
  reading("RL", "module pair ac 0.30V 30Hz spun");
  reading("RR", "C2 a gnd 4.97V unplugged");              // 4
  reading("RR", "module a gnd 0.50V plugged dc key on");  // 5: loaded, so it does prove something
  reading("RR", "C2 a gnd 2.10V unplugged");              // 6
  reading("RR", "module pair OL");                        // 7
  reading("RR", "module pair highest OL");                // 8
  reading("RR", "module pair ac 0.80V 80Hz spun");        // 9
  reading("RR", "module pair 0.9k key on plugged");       // 10
  const auto v = assessed().views;
  EXPECT_TRUE(has(v[4], TrapKind::unloaded));
  EXPECT_EQ(v[5].verdict, judging::Verdict::pass);
  EXPECT_FALSE(has(v[5], TrapKind::unloaded));
  EXPECT_TRUE(has(v[6], TrapKind::ghost));
  EXPECT_TRUE(has(v[6], TrapKind::contact)) << "4.97 V stood there before";
  EXPECT_TRUE(has(v[7], TrapKind::autoRangeOl));
  EXPECT_FALSE(has(v[8], TrapKind::autoRangeOl));
  EXPECT_TRUE(has(v[9], TrapKind::spin)) << "80 Hz against 30 Hz";
  EXPECT_NE(v[9].verdict, judging::Verdict::fail) << "the same volts per hertz";
  EXPECT_TRUE(has(v[10], TrapKind::setup));
}

TEST_F(ProfileOf, LeadsCountWhereOhmsAreFewAndNotZeroed) {
  c.meter.zeroed = false;
  reading("RR", "module pair 0.6 loop unplugged module C2 jumper C2");
  EXPECT_TRUE(has(assessed().views[0], TrapKind::leads));
}

TEST_F(ProfileOf, ALampIsHeldAgainstTheModel) {
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::active;
  }
  reading("RR", "C2 b bat lamp lit key on unplugged");
  reading("RR", "C2 b bat lamp dark key on unplugged");
  const auto v = assessed().views;
  // Through a sense resistor in the return a bulb stays dark; without one it is lit. What the
  // vehicle has is unknown, the usual one has it in the feed.
  EXPECT_EQ(v[0].verdict, judging::Verdict::pass) << v[0].reason;
  EXPECT_EQ(v[1].verdict, judging::Verdict::fail);
}

}  // namespace
}  // namespace haybale::diagnosis
