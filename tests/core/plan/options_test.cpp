// What the owner may choose: every work with its own odds. Common practice, no published source.
#include "core/plan/options.h"

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Options : public Job {
 protected:
  [[nodiscard]] std::vector<Option> options(std::vector<Suspect> suspects) const {
    Conclusion now;
    now.suspects = std::move(suspects);
    return optionsOf(c, now, {});
  }
  [[nodiscard]] static const Option* of(const std::vector<Option>& all, Fault fault) {
    const auto it =
        std::find_if(all.begin(), all.end(), [&](const Option& o) { return o.fault == fault; });
    return it == all.end() ? nullptr : &*it;
  }
};

TEST_F(Options, CleaningIsNotFittingThoughBothAreAtTheSensor) {
  const auto all = options({{"sensor", std::nullopt, Fault::sensorDead, 0.5},
                            {"sensor", std::nullopt, Fault::debris, 0.3},
                            {"sensor", std::nullopt, Fault::wideGap, 0.2}});
  const auto* fit = of(all, Fault::sensorDead);
  const auto* clean = of(all, Fault::debris);
  ASSERT_TRUE(fit && clean);
  EXPECT_EQ(fit->deed, Deed::fit);
  EXPECT_EQ(clean->deed, Deed::clean);
  EXPECT_NEAR(fit->cures / clean->cures, 1.0, 0.25) << "debris and gap are one work";
  EXPECT_LT(clean->cost, fit->cost);
}

// At the module's plug: exchanged circuits are put back on their pins, a fuse is another work.
TEST_F(Options, AWorkCuresOnlyItsOwnFaults) {
  const auto all = options({{"module", std::nullopt, Fault::modulePower, 0.4},
                            {"module", std::nullopt, Fault::circuitsExchanged, 0.35},
                            {"module", circuit::WireId::a, Fault::resistive, 0.25}});
  const auto* power = of(all, Fault::modulePower);
  const auto* back = of(all, Fault::circuitsExchanged);
  const auto* plug = of(all, Fault::resistive);
  ASSERT_TRUE(power && back && plug);
  EXPECT_LE(power->cures, 0.4);
  EXPECT_LE(back->cures, 0.35);
  EXPECT_LE(plug->cures, 0.25);
  for (const auto* o : {power, back, plug}) {
    EXPECT_EQ(o->deed, Deed::mend);
    EXPECT_LT(o->cost, c.costs.module) << "no module is bought";
  }
  EXPECT_NE(power->text, back->text);
}

// Debris or a lifted sensor: the rag and the seat were chosen, whichever of the two leads by now.
TEST_F(Options, AChoiceStandsWhenTheLikelierOfTwoFaultsOfOneWorkChanges) {
  const auto before = options({{"sensor", std::nullopt, Fault::debris, 0.6},
                               {"sensor", std::nullopt, Fault::wideGap, 0.2},
                               {"sensor", std::nullopt, Fault::sensorDead, 0.2}});
  decide(c.repair, *of(before, Fault::debris));
  EXPECT_EQ(decidedFault(c), Fault::debris);
  const auto now = options({{"sensor", std::nullopt, Fault::wideGap, 0.5},
                            {"sensor", std::nullopt, Fault::sensorDead, 0.4},
                            {"sensor", std::nullopt, Fault::debris, 0.1}});
  EXPECT_TRUE(isDecided(c, *of(now, Fault::wideGap)));
  EXPECT_FALSE(isDecided(c, *of(now, Fault::sensorDead)));
  EXPECT_EQ(std::count_if(now.begin(), now.end(), [&](auto& o) { return isDecided(c, o); }), 1);
  c.repair = {};
  EXPECT_EQ(std::count_if(now.begin(), now.end(), [&](auto& o) { return isDecided(c, o); }), 0);
  const auto stop =
      std::find_if(now.begin(), now.end(), [](auto& o) { return o.deed == Deed::stop; });
  decide(c.repair, *stop);
  EXPECT_EQ(std::count_if(now.begin(), now.end(), [&](auto& o) { return isDecided(c, o); }), 1);
  EXPECT_TRUE(isDecided(c, *stop));
}

TEST_F(Options, CheapestExpectedCostFirstAndStoppingIsAlwaysThere) {
  const auto all = options({{"C2", circuit::WireId::a, Fault::leak, 0.6},
                            {"module", std::nullopt, Fault::latchedOff, 0.3},
                            {"", std::nullopt, Fault::none, 0.1}});
  EXPECT_TRUE(std::is_sorted(all.begin(), all.end(), [](const Option& a, const Option& b) {
    return a.expectedCost < b.expectedCost;
  }));
  EXPECT_EQ(std::count_if(all.begin(), all.end(), [](auto& o) { return o.deed == Deed::stop; }), 1);
  for (const auto& o : all) {
    EXPECT_FALSE(o.text.empty());
    EXPECT_EQ(o.text.find("bit"), std::string::npos) << o.text;
    EXPECT_GE(o.expectedCost, o.cost);
  }
}

// Five works fit a screen: those that most likely cure.
TEST_F(Options, OfManyWorksTheLikeliestAreKept) {
  const auto all = options({{"C2", std::nullopt, Fault::leak, 0.05},
                            {"L1", circuit::WireId::a, Fault::open, 0.06},
                            {"sensor", std::nullopt, Fault::sensorDead, 0.25},
                            {"sensor", std::nullopt, Fault::debris, 0.07},
                            {"L2", circuit::WireId::a, Fault::open, 0.22},
                            {"C1", std::nullopt, Fault::leak, 0.2},
                            {"module", std::nullopt, Fault::latchedOff, 0.15}});
  for (const auto& kept : {"sensor", "L2", "C1", "module"}) {
    EXPECT_TRUE(std::any_of(all.begin(), all.end(), [&](auto& o) { return o.element == kept; }))
        << kept;
  }
  EXPECT_TRUE(of(all, Fault::debris));
  EXPECT_FALSE(std::any_of(all.begin(), all.end(), [](auto& o) { return o.element == "C2"; }));
  EXPECT_FALSE(std::any_of(all.begin(), all.end(), [](auto& o) { return o.element == "L1"; }));
}

TEST_F(Options, WhatIsHardlyBelievedIsNoOption) {
  const auto all = options({{"C2", circuit::WireId::a, Fault::leak, 0.98},
                            {"sensor", std::nullopt, Fault::sensorDead, 0.02}});
  EXPECT_EQ(of(all, Fault::sensorDead), nullptr);
}

}  // namespace
}  // namespace haybale::diagnosis
